<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Depends;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\RunInSeparateProcess;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Lesson\Certificate;
use Scrivlet\Core\Lesson\Course;
use Scrivlet\Core\Lesson\Lesson;
use Scrivlet\Core\Lesson\LessonFile;
use Scrivlet\Core\Lesson\Proposal;
use Scrivlet\Core\Lesson\RungSetting;
use Scrivlet\Core\Lesson\Topics;
use Scrivlet\Core\Lesson\Worksheet;
use Scrivlet\Core\Print\Pdf;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Words\Words;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\MadeUpPupil;
use Scrivlet\Tests\Support\OtherAnswers;

/** Lessons and courses as files, and the courses that come with the application. */
final class LessonTest extends TestCase
{
    private const DOCS = __DIR__.'/../../docs/';

    /** @return array<string, Course> by file name */
    private static function courses(): array
    {
        $courses = [];
        foreach (glob(__DIR__.'/../../demo/courses/*.course.json') ?: [] as $file) {
            $courses[basename($file, '.course.json')] = LessonFile::readCourse((string) file_get_contents($file));
        }

        return $courses;
    }

    /** @return iterable<array{string, Lesson, RungSetting, Language, string}> each rung of the courses in each language, with what it is called */
    private static function rungs(string $locale): iterable
    {
        foreach (self::courses() as $name => $course) {
            foreach ($course->lessons as $lesson) {
                foreach ($lesson->rungs as $rung) {
                    foreach ($lesson->languages as $language) {
                        yield ["$name, {$lesson->title('en')}, {$rung->kind->value} in $language->value ($locale)", $lesson, $rung, $language, $locale];
                    }
                }
            }
        }
    }

    public function testTheCoursesAreAsLargeAsACourseHasToBe(): void
    {
        $lessons = array_map(static fn (Course $course): int => \count($course->lessons), self::courses());
        self::assertGreaterThanOrEqual(8, $lessons['meadow']);
        self::assertGreaterThanOrEqual(6, $lessons['hedges']);
        self::assertGreaterThanOrEqual(6, $lessons['evening']);
        $rungs = 0;
        foreach (self::courses() as $course) {
            self::assertSame(Language::cases(), $course->languages());
            foreach ($course->lessons as $lesson) {
                $rungs += \count($lesson->rungs);
                foreach (Words::locales() as $locale) {
                    self::assertArrayHasKey($locale, $lesson->texts);
                    self::assertNotSame('', $lesson->text($locale)->goal);
                    self::assertNotSame([], $lesson->text($locale)->pages);
                }
            }
        }
        self::assertGreaterThanOrEqual(100, $rungs);
    }

    /** The model's answer passes, the start and a wrong one do not, and another right one passes; in all languages. */
    #[RunInSeparateProcess]
    #[Group('long')]
    public function testEachRungIsSolvedByItsModelAndByAnotherRightAnswerAndFailsByAWrongOne(): void
    {
        $others = 0;
        foreach (Words::locales() as $locale) {
            foreach (self::rungs($locale) as [$called, $lesson, $setting, $language]) {
                $rung = $setting->rung($lesson, $language, $locale);
                self::assertNotNull($rung, "$called is none");
                $right = $rung->kind->asksForText() ? $rung->model : json_encode($rung->right, \JSON_THROW_ON_ERROR);
                $verdict = Marking::of($rung, $right);
                self::assertTrue($verdict->passed, "$called: ".json_encode($verdict->why, \JSON_THROW_ON_ERROR));
                if ('en' !== $locale) {
                    // The words of a rung are others then, not its answers.
                    continue;
                }
                self::assertFalse(Marking::of($rung, OtherAnswers::start($rung))->passed, "$called: the start passes");
                self::assertFalse(Marking::of($rung, OtherAnswers::wrong($rung))->passed, "$called: a wrong answer passes");
                foreach (OtherAnswers::right($rung) as $way => $other) {
                    self::assertNotSame($right, $other);
                    $verdict = Marking::of($rung, $other);
                    self::assertTrue($verdict->passed, "$called, $way: ".json_encode($verdict->why, \JSON_THROW_ON_ERROR)."\n$other");
                    ++$others;
                }
            }
        }
        self::assertGreaterThan(500, $others);
    }

    /**
     * Somebody who makes the usual mistakes always arrives, by trying again and by taking hints.
     *
     * @return array<string, float> tries and hints of each rung, on average over the languages
     */
    #[RunInSeparateProcess]
    #[Group('long')]
    public function testAMadeUpPupilArrivesAtTheEndOfEveryCourseInEveryLanguage(): array
    {
        $table = [];
        foreach (self::courses() as $name => $course) {
            foreach (Language::cases() as $language) {
                $pupil = new MadeUpPupil($language, 11);
                foreach ($course->lessons as $lesson) {
                    foreach ($lesson->rungs as $setting) {
                        $rung = $setting->rung($lesson, $language, 'en');
                        self::assertNotNull($rung);
                        $done = $pupil->works($rung);
                        self::assertTrue($done['passed'], "$name, {$lesson->title('en')}, {$setting->kind->value} in $language->value: stuck after {$done['tries']} tries and {$done['hints']} hints with\n{$done['answer']}");
                        $table["$name, {$lesson->title('en')}, {$setting->kind->value}"][] = $done['tries'] + $done['hints'];
                    }
                }
            }
        }

        return array_map(static fn (array $efforts): float => array_sum($efforts) / \count($efforts), $table);
    }

    /** @param array<string, float> $efforts */
    #[Group('long')]
    #[Depends('testAMadeUpPupilArrivesAtTheEndOfEveryCourseInEveryLanguage')]
    public function testNoRungIsFarHarderThanOthersOfItsKind(array $efforts): void
    {
        $kinds = [];
        foreach ($efforts as $called => $effort) {
            $kinds[substr($called, (int) strrpos($called, ' ') + 1)][] = $effort;
        }
        ksort($kinds);
        fwrite(\STDERR, "\nThe made-up pupil's tries and hints:\n");
        foreach ($kinds as $kind => $all) {
            fwrite(\STDERR, \sprintf("%-9s %3d rungs, %.1f on average, %.1f at most\n", $kind, \count($all), array_sum($all) / \count($all), max($all)));
        }
        foreach ($efforts as $called => $effort) {
            $all = $kinds[substr($called, (int) strrpos($called, ' ') + 1)];
            self::assertLessThanOrEqual(3 * array_sum($all) / \count($all) + 3, $effort, $called);
        }
    }

    public function testALessonIsReadAsItWasWritten(): void
    {
        foreach (Demos::programs() as $name => $program) {
            $lesson = new Lesson(['en' => new \Scrivlet\Core\Lesson\LessonText($name, "Do *this*.\n", ['One', 'Two'])], $program, Proposal::cases($program), ['repeat'], [Language::Cpp], false, [new RungSetting(3, RungKind::Fill, 7, 2), new RungSetting(1, RungKind::Write, 2, 1, [\Scrivlet\Core\Ladder\Construct::Loop], 9)]);
            $json = LessonFile::write($lesson);
            self::assertSame($json, LessonFile::write(LessonFile::read($json)));
            self::assertEquals($lesson->rungs, LessonFile::read($json)->rungs);
        }
    }

    /** What was written once opens for ever, letter for letter. */
    public function testGoldenFilesOpenAsTheyWereWritten(): void
    {
        $golden = static fn (string $name): string => (string) file_get_contents(__DIR__."/../golden/$name.json");
        self::assertSame($golden('lesson-1'), LessonFile::write(LessonFile::read($golden('lesson-1'))));
        self::assertSame($golden('course-1'), LessonFile::writeCourse(LessonFile::readCourse($golden('course-1'))));
    }

    public function testAWrittenRungIsKeptAsItIs(): void
    {
        $lesson = Proposal::of(Demos::programs()['kite'], 'Kite', [Language::Python, Language::JavaScript], 'en');
        $rung = (new RungSetting(1, RungKind::Mend))->rung($lesson, Language::JavaScript, 'en');
        self::assertNotNull($rung);
        $read = LessonFile::read(LessonFile::write($lesson->withRungs([new RungSetting(5, RungKind::Mend, written: $rung)])));
        self::assertSame($rung->json(), $read->rungs[0]->rung($read, Language::JavaScript, 'fr')?->json());
        self::assertSame([], $read->rungsIn(Language::Python));
        self::assertCount(1, $read->rungsIn(Language::JavaScript));
    }

    public function testFilesFollowTheirSchemas(): void
    {
        $validator = new Validator();
        foreach (['lesson-file', 'course-file', 'project-file'] as $name) {
            $validator->resolver()?->registerFile("https://scrivlet.invalid/$name.schema.json", self::DOCS."$name.schema.json");
        }
        foreach (self::courses() as $name => $course) {
            self::assertTrue($validator->validate(json_decode(LessonFile::writeCourse($course)), 'https://scrivlet.invalid/course-file.schema.json')->isValid(), $name);
            foreach ($course->lessons as $lesson) {
                $data = json_decode(LessonFile::write($lesson));
                self::assertTrue($validator->validate($data, 'https://scrivlet.invalid/lesson-file.schema.json')->isValid(), $lesson->title('en'));
                \assert($data instanceof \stdClass);
                $data->languages = ['basic'];
                self::assertFalse($validator->validate($data, 'https://scrivlet.invalid/lesson-file.schema.json')->isValid());
            }
        }
    }

    /** @return iterable<string, array{string, \Closure(array<string, mixed>): mixed}> the refusal, and how a file is spoilt */
    public static function spoilt(): iterable
    {
        yield 'another format' => ['lesson.no_lesson', static fn (array $file): array => ['format' => 'else'] + $file];
        yield 'a newer version' => ['lesson.version', static fn (array $file): array => ['version' => 2] + $file];
        yield 'no texts' => ['lesson.member_object', static fn (array $file): array => ['texts' => []] + $file];
        yield 'an unknown language of people' => ['lesson.member_choice', static fn (array $file): array => ['texts' => ['xx' => ['title' => 'x']]] + $file];
        yield 'no title' => ['lesson.member_text', static fn (array $file): array => ['texts' => ['en' => ['title' => "  \n"]]] + $file];
        yield 'a title of 81 letters' => ['lesson.member_text', static fn (array $file): array => ['texts' => ['en' => ['title' => str_repeat('é', 81)]]] + $file];
        yield 'a page that is none' => ['lesson.member_text', static fn (array $file): array => ['texts' => ['en' => ['title' => 'x', 'pages' => [7]]]] + $file];
        yield 'too many pages' => ['lesson.member_list', static fn (array $file): array => ['texts' => ['en' => ['title' => 'x', 'pages' => array_fill(0, 21, '')]]] + $file];
        yield 'an unknown language' => ['lesson.member_choice', static fn (array $file): array => ['languages' => ['basic']] + $file];
        yield 'an unknown kind' => ['lesson.member_choice', static fn (array $file): array => ['rungs' => [['id' => 1, 'kind' => 'juggle']]] + $file];
        yield 'two rungs of one number' => ['lesson.same_ids', static fn (array $file): array => ['rungs' => [['id' => 1, 'kind' => 'pair'], ['id' => 1, 'kind' => 'sort']]] + $file];
        yield 'a seed with a point' => ['lesson.member_number', static fn (array $file): array => ['rungs' => [['id' => 1, 'kind' => 'pair', 'seed' => 1.5]]] + $file];
        yield 'a command that is none' => ['lesson.no_entry', static fn (array $file): array => ['stock' => ['nib.fly']] + $file];
        yield 'a case on a layout that is not there' => ['lesson.member_number', static fn (array $file): array => ['cases' => [['layout' => 9]]] + $file];
        yield 'no program' => ['lesson.member_object', static fn (array $file): array => ['program' => 'nib.forward(5)'] + $file];
        yield 'a program that is none' => ['file.other', static fn (array $file): array => ['program' => ['format' => 'x']] + $file];
        yield 'a list' => ['lesson.no_lesson', static fn (array $file): array => [1, 2]];
        yield 'a word' => ['lesson.no_json', static fn (array $file): string => 'lesson'];
    }

    /** @param \Closure(array<string, mixed>): mixed $spoil */
    #[DataProvider('spoilt')]
    public function testWhatIsNoLessonIsRefusedInWords(string $key, \Closure $spoil): void
    {
        static $written;
        $written ??= LessonFile::write(Proposal::of(Demos::programs()['kite'], 'Kite', Language::cases(), 'en'));
        \assert(\is_string($written));
        $file = json_decode($written, true);
        \assert(\is_array($file));
        try {
            LessonFile::read(json_encode($spoil($file), \JSON_THROW_ON_ERROR));
            self::fail('It was read.');
        } catch (Refusal $refusal) {
            self::assertSame($key, $refusal->key);
            foreach (Words::locales() as $locale) {
                self::assertStringNotContainsString('{', Words::in($locale)->say($refusal->key, $refusal->parameters));
            }
        }
    }

    #[Group('long')]
    public function testAProposalHasRungsFromHelpToNoneAndAnySeedOfAnyProgramOpens(): void
    {
        foreach (['seed-order', 'gathering', 'visitor-count', 'square-lawn'] as $name) {
            $lesson = Proposal::of(Demos::programs()[$name], $name, Language::cases(), 'fr');
            self::assertGreaterThanOrEqual(6, \count($lesson->rungs), $name);
            self::assertSame(RungKind::Pair, $lesson->rungs[0]->kind);
            foreach ($lesson->rungs as $rung) {
                self::assertSame([], Proposal::missing($lesson, $rung, 'fr'));
            }
        }
    }

    public function testExamplesAreToldApart(): void
    {
        $topics = array_map(Topics::of(...), Demos::programs());
        self::assertSame('plot', $topics['gathering']->scene);
        self::assertGreaterThan(1, \count(array_unique(array_map(static fn (Topics $one): int => $one->difficulty, $topics))));
        self::assertNotSame([], $topics['visitor-count']->constructs);
    }

    public function testACertificateIsADrawingAndAPage(): void
    {
        $certificate = new Certificate('Wren <Alder> & "Rowan"', 'The meadow', Language::Cpp, 63, new \DateTimeImmutable('2026-11-27'), 'fr');
        $svg = simplexml_load_string($certificate->svg());
        self::assertNotFalse($svg);
        $texts = array_map(strval(...), $svg->xpath('//*[local-name()="text"]') ?: []);
        self::assertContains('Wren <Alder> & "Rowan"', $texts);
        self::assertContains('C++', $texts);
        self::assertStringContainsString('27 novembre 2026', implode(' ', $texts));
        $pdf = Pdf::of($certificate->html(), true, false);
        self::assertStringStartsWith('%PDF-', $pdf);
        self::assertSame(1, preg_match_all('~/Type\s*/Page\b(?!s)~', $pdf), 'one page');
    }

    public function testAWorksheetAsksAndItsAnswerSheetTells(): void
    {
        foreach (self::courses() as $course) {
            foreach (\array_slice($course->lessons, 0, 3) as $lesson) {
                $asks = (new Worksheet($lesson, Language::JavaScript, 'en', false))->html();
                $tells = (new Worksheet($lesson, Language::JavaScript, 'en', true))->html();
                self::assertSame(substr_count($asks, '<h2>'), substr_count($tells, '<h2>'));
                self::assertGreaterThanOrEqual(4, substr_count($asks, '<h2>'));
                $model = $lesson->rungs[0]->rung($lesson, Language::JavaScript, 'en')->model ?? '';
                self::assertStringContainsString(htmlspecialchars(trim($model), \ENT_QUOTES), $tells);
                self::assertStringNotContainsString(htmlspecialchars(trim($model), \ENT_QUOTES).'</pre></div><h2>', $asks);
            }
        }
        self::assertStringStartsWith('%PDF-', Pdf::of((new Worksheet(self::courses()['meadow']->lessons[4], Language::Python, 'fr', false))->html()));
    }
}
