<?php

declare(strict_types=1);

namespace Scrivlet\App\Lesson;

use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Lesson\Course;
use Scrivlet\Core\Lesson\Lesson;
use Scrivlet\Core\Lesson\LessonFile;
use Scrivlet\Core\Lesson\Topics;
use Scrivlet\Core\Tree\Program;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;

/** Programs, lessons and courses that come with the application, by what they are examples of. */
final readonly class Library
{
    public function __construct(#[Autowire('%kernel.project_dir%/demo')] private string $folder, private CacheInterface $cache)
    {
    }

    /** @return list<array{kind: string, file: string, place: int, title: string, of: string, topics: Topics}> programs first, then lessons with the course they are of */
    public function entries(string $locale): array
    {
        return $this->cache->get("library-$locale-".hash('xxh128', implode(' ', array_map(static fn (string $file): string => $file.filemtime($file), [...$this->files('*.scrivlet.json'), ...$this->files('courses/*.course.json')]))), function () use ($locale): array {
            $entries = [];
            foreach ($this->files('*.scrivlet.json') as $file) {
                [$title, $program] = ProjectReader::read((string) file_get_contents($file));
                $entries[] = ['kind' => 'program', 'file' => basename($file, '.scrivlet.json'), 'place' => 0, 'title' => $title, 'of' => '', 'topics' => Topics::of($program)];
            }
            foreach ($this->courses() as $name => $course) {
                foreach ($course->lessons as $place => $lesson) {
                    $entries[] = ['kind' => 'lesson', 'file' => $name, 'place' => $place, 'title' => $lesson->title($locale), 'of' => $course->title($locale), 'topics' => Topics::of($lesson->program($locale))];
                }
            }

            return $entries;
        });
    }

    /** @return array<string, Course> by file name */
    public function courses(): array
    {
        $courses = [];
        foreach ($this->files('courses/*.course.json') as $file) {
            $courses[basename($file, '.course.json')] = LessonFile::readCourse((string) file_get_contents($file));
        }

        return $courses;
    }

    /** @return array{string, Program}|null its title and itself */
    public function program(string $file): ?array
    {
        $path = "$this->folder/$file.scrivlet.json";

        return 1 === preg_match('/^[a-z0-9-]{1,60}$/D', $file) && is_file($path) ? ProjectReader::read((string) file_get_contents($path)) : null;
    }

    public function lesson(string $file, int $place): ?Lesson
    {
        return ($this->courses()[$file] ?? null)?->lessons[$place] ?? null;
    }

    /** @return list<string> */
    private function files(string $pattern): array
    {
        return glob("$this->folder/$pattern") ?: [];
    }
}
