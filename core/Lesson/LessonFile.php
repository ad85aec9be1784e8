<?php

declare(strict_types=1);

namespace Scrivlet\Core\Lesson;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Ladder\Asked;
use Scrivlet\Core\Ladder\Construct;
use Scrivlet\Core\Ladder\GapKind;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Situation;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Words\Words;

/** `*.lesson.json` and `*.course.json`, whose formats are described in docs/lesson-file.md. */
final class LessonFile
{
    public const LESSON = 'scrivlet-lesson';
    public const COURSE = 'scrivlet-course';
    public const VERSION = 1;
    public const LONGEST = 4_000_000;
    private const MOST_STOCK = 2_000;
    private const LONGEST_ANSWERS = 20_000;

    public static function write(Lesson $lesson): string
    {
        return self::json(['format' => self::LESSON, 'version' => self::VERSION, ...self::data($lesson)], true);
    }

    /** On one line, as it is kept. */
    public static function kept(Lesson $lesson): string
    {
        return self::json(['format' => self::LESSON, 'version' => self::VERSION, ...self::data($lesson)], false);
    }

    public static function writeCourse(Course $course): string
    {
        return self::json(['format' => self::COURSE, 'version' => self::VERSION, 'texts' => $course->texts, 'lessons' => array_map(self::data(...), $course->lessons)], true);
    }

    /** @throws Refusal if it is none */
    public static function read(string $json): Lesson
    {
        return self::lesson(self::opened($json, self::LESSON));
    }

    /** @throws Refusal if it is none */
    public static function readCourse(string $json): Course
    {
        $file = self::opened($json, self::COURSE);
        $texts = [];
        foreach (self::byLocale($file) as $locale => $text) {
            $texts[$locale] = ['title' => self::title($text), 'about' => $text->text('about', Course::LONGEST_ABOUT, '')];
        }
        \assert([] !== $texts);

        return new Course($texts, array_map(self::lesson(...), $file->objects('lessons', Course::MOST_LESSONS)));
    }

    /** Whether a file is a course; else it may be a lesson. */
    public static function isCourse(string $json): bool
    {
        $data = json_decode($json, true, 512);

        return \is_array($data) && self::COURSE === ($data['format'] ?? null);
    }

    private static function opened(string $json, string $format): Members
    {
        $file = Members::decode($json, self::LONGEST);
        if ($format !== $file->text('format', 40, '')) {
            throw new Refusal(self::LESSON === $format ? 'lesson.no_lesson' : 'lesson.no_course');
        }
        if (self::VERSION !== $file->number('version', 1, \PHP_INT_MAX)) {
            throw new Refusal('lesson.version');
        }

        return $file;
    }

    private static function lesson(Members $data): Lesson
    {
        $texts = [];
        foreach (self::byLocale($data) as $locale => $text) {
            $texts[$locale] = new LessonText(self::title($text), $text->text('goal', Lesson::LONGEST_PAGE, ''), $text->texts('pages', Lesson::MOST_PAGES, Lesson::LONGEST_PAGE), $text->has('program') ? self::program($text) : null);
        }
        \assert([] !== $texts);
        $model = self::program($data);
        foreach ($texts as $text) {
            // The cases are of one scene and its layouts.
            if (null !== $text->program && $text->program->setting->scene !== $model->setting->scene) {
                throw new Refusal('lesson.other_scene');
            }
        }
        $languages = array_map(static fn (string $name): Language => Language::tryFrom($name) ?? throw $data->refused('choice', 'languages', ['choices' => implode(', ', array_column(Language::cases(), 'value'))]), $data->texts('languages', \count(Language::cases()), 20));
        $layouts = max(1, \count(Settings::layouts($model->setting)));
        $cases = [];
        foreach ($data->objects('cases', Lesson::MOST_CASES) as $case) {
            $cases[] = new Situation($case->number('layout', 0, $layouts - 1, 0), $case->text('answers', self::LONGEST_ANSWERS, ''), $case->text('signals', self::LONGEST_ANSWERS, ''), $case->number('seed', 0, RungSetting::LARGEST_SEED, 1), $case->truth('hidden', false));
        }
        $stock = $data->has('stock') ? $data->texts('stock', self::MOST_STOCK, 80) : null;
        foreach ($stock ?? [] as $key) {
            if (!str_starts_with($key, 'operation.') && null === Catalogue::find($key)) {
                throw new Refusal('lesson.no_entry', ['key' => mb_substr($key, 0, 80)]);
            }
        }
        $rungs = array_map(self::rung(...), $data->objects('rungs', Lesson::MOST_RUNGS));
        if (\count($rungs) !== \count(array_unique(array_map(static fn (RungSetting $rung): int => $rung->id, $rungs)))) {
            throw new Refusal('lesson.same_ids');
        }

        return new Lesson($texts, $model, [] === $cases ? Proposal::cases($model) : $cases, $stock, [] === $languages ? Language::cases() : array_values(array_unique($languages, \SORT_REGULAR)), $data->truth('look', true), $rungs);
    }

    /** @return array<string, Members> */
    private static function byLocale(Members $data): array
    {
        $texts = $data->named('texts', 20);
        foreach (array_keys($texts) as $locale) {
            if (!\in_array($locale, Words::locales(), true)) {
                throw $data->refused('choice', "texts.$locale", ['choices' => implode(', ', Words::locales())]);
            }
        }

        return $texts;
    }

    private static function title(Members $text): string
    {
        $title = trim((string) preg_replace('/\s+/u', ' ', $text->text('title', Lesson::LONGEST_TITLE)));

        return '' === $title ? throw $text->refused('text', 'title', ['longest' => Lesson::LONGEST_TITLE]) : $title;
    }

    private static function program(Members $data): Program
    {
        $program = ProjectReader::read($data->object('program')->json())[1];

        return $program->hasUnread() ? throw new Refusal('lesson.unread') : $program;
    }

    private static function rung(Members $data): RungSetting
    {
        $id = $data->number('id', 1, RungSetting::LARGEST_SEED);
        if ($data->has('written')) {
            $rung = Rung::read($data->object('written')->json());

            return new RungSetting($id, $rung->kind, written: $rung);
        }
        $constructs = array_map(static fn (string $one): Construct => Construct::tryFrom($one) ?? throw $data->refused('choice', 'constructs', ['choices' => implode(', ', array_column(Construct::cases(), 'value'))]), $data->texts('constructs', \count(Construct::cases()), 20));

        $gaps = array_map(static fn (string $one): GapKind => GapKind::tryFrom($one) ?? throw $data->refused('choice', 'gaps', ['choices' => implode(', ', array_column(GapKind::cases(), 'value'))]), $data->texts('gaps', \count(GapKind::cases()), 20));

        return new RungSetting($id, $data->choice('kind', RungKind::class), $data->number('seed', 0, RungSetting::LARGEST_SEED, 1), $data->number('level', 0, 20, 3), $constructs, $data->has('rows') ? $data->number('rows', 1, Asked::MOST) : null, $gaps);
    }

    /** @return array<string, mixed> */
    private static function data(Lesson $lesson): array
    {
        $text = static fn (LessonText $one): array => ['title' => $one->title, 'goal' => $one->goal, 'pages' => $one->pages, ...(null === $one->program ? [] : ['program' => self::project($one->title, $one->program)])];

        return [
            'texts' => array_map($text, $lesson->texts),
            'languages' => array_column($lesson->languages, 'value'),
            'look' => $lesson->look,
            ...(null === $lesson->stock ? [] : ['stock' => $lesson->stock]),
            'cases' => array_map(static fn (Situation $case): array => $case->data(), $lesson->cases),
            'rungs' => array_map(self::setting(...), $lesson->rungs),
            'program' => self::project($lesson->texts[array_key_first($lesson->texts)]->title, $lesson->model),
        ];
    }

    /** @return array<string, mixed> */
    private static function setting(RungSetting $rung): array
    {
        if (null !== $rung->written) {
            return ['id' => $rung->id, 'written' => json_decode($rung->written->json(), true)];
        }

        return [
            'id' => $rung->id, 'kind' => $rung->kind->value, 'seed' => $rung->seed, 'level' => $rung->level,
            ...([] === $rung->constructs ? [] : ['constructs' => array_column($rung->constructs, 'value')]),
            ...(null === $rung->rows ? [] : ['rows' => $rung->rows]),
            ...([] === $rung->gaps ? [] : ['gaps' => array_column($rung->gaps, 'value')]),
        ];
    }

    private static function project(string $name, Program $program): mixed
    {
        return json_decode(ProjectWriter::write($name, $program), true, 512, \JSON_THROW_ON_ERROR);
    }

    /** @param array<string, mixed> $data */
    private static function json(array $data, bool $pretty): string
    {
        return json_encode($data, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | ($pretty ? \JSON_PRETTY_PRINT : 0), 512).($pretty ? "\n" : '');
    }
}
