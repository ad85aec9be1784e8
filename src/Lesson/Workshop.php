<?php

declare(strict_types=1);

namespace Scrivlet\App\Lesson;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Course;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\User;
use Scrivlet\Core\Lesson\Course as Document;
use Scrivlet\Core\Lesson\Lesson as LessonDocument;
use Scrivlet\Core\Refusal;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Makes courses and lessons, copies them, and puts them in order. */
final readonly class Workshop
{
    /** Courses that one person has at most. */
    private const MOST_COURSES = 200;

    public function __construct(private EntityManagerInterface $entities, private CourseRepository $courses, private LessonRepository $lessons, private TranslatorInterface $translator)
    {
    }

    public function course(User $owner, string $title, string $locale): Course
    {
        $this->check($owner);
        $course = new Course($owner, [$locale => ['title' => '' === $title ? $this->translator->trans('workshop.unnamed') : $title, 'about' => '']]);
        $this->entities->persist($course);
        $this->entities->flush();

        return $course;
    }

    /** A course of somebody else's, or of a file, as one's own; closed until it is let in. */
    public function copy(Document $document, User $owner): Course
    {
        $this->check($owner);
        $course = new Course($owner, $document->texts);
        $this->entities->persist($course);
        foreach ($document->lessons as $position => $lesson) {
            $this->entities->persist(new Lesson($course, $position, $lesson));
        }
        $this->entities->flush();

        return $course;
    }

    public function add(Course $course, LessonDocument $document): Lesson
    {
        $lessons = $this->lessons->of($course);
        if (\count($lessons) >= Document::MOST_LESSONS) {
            throw new Refusal('workshop.full_course', ['most' => Document::MOST_LESSONS]);
        }
        $lesson = new Lesson($course, [] === $lessons ? 0 : $lessons[\count($lessons) - 1]->position() + 1, $document);
        $this->entities->persist($lesson);
        $this->entities->flush();

        return $lesson;
    }

    /** The draft that somebody worked on last; a new one if they have none, as what is new is not for pupils yet. */
    public function current(User $owner, string $locale): Course
    {
        $courses = array_values(array_filter($this->courses->of($owner), static fn (Course $course): bool => !$course->isOpen()));
        usort($courses, static fn (Course $one, Course $other): int => [$other->updatedAt(), $other->id()] <=> [$one->updatedAt(), $one->id()]);

        return $courses[0] ?? $this->course($owner, '', $locale);
    }

    /** One place up (-1) or down (1) in its course. */
    public function move(Lesson $lesson, int $by): void
    {
        $lessons = $this->lessons->of($lesson->course());
        $at = array_search($lesson, $lessons, true);
        $to = \is_int($at) ? $at + $by : -1;
        if (\is_int($at) && isset($lessons[$to])) {
            [$lessons[$at], $lessons[$to]] = [$lessons[$to], $lessons[$at]];
        }
        foreach ($lessons as $position => $one) {
            $one->place($one->course(), $position);
        }
        $this->entities->flush();
    }

    /** To the end of another course. */
    public function moveTo(Lesson $lesson, Course $course): void
    {
        $lessons = $this->lessons->of($course);
        if (\count($lessons) >= Document::MOST_LESSONS) {
            throw new Refusal('workshop.full_course', ['most' => Document::MOST_LESSONS]);
        }
        $lesson->place($course, [] === $lessons ? 0 : $lessons[\count($lessons) - 1]->position() + 1);
        $this->entities->flush();
    }

    private function check(User $owner): void
    {
        if (\count($this->courses->of($owner)) >= self::MOST_COURSES) {
            throw new Refusal('workshop.full', ['most' => self::MOST_COURSES]);
        }
    }
}
