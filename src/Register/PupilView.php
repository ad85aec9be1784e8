<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Doctrine\ORM\EntityManagerInterface;
use Scrivlet\App\Entity\Lesson;
use Scrivlet\App\Entity\Program;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\Work;
use Scrivlet\App\Learner\WorkRepository;
use Scrivlet\App\Program\ProgramStore;
use Scrivlet\App\Program\RevisionRepository;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\Trial;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Highlighter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Scene\Picture;

/** What a pupil has before them, as it is now or as it was at a moment: its lines, what is wrong in them, and what they draw. */
final readonly class PupilView
{
    private const STATES = 400;
    private const STEPS = 20_000;
    /** A look at somebody's work is no place for what takes long. */
    private const WORK = 400_000;
    /** Works that are looked at, from the last one back, for one that draws. */
    private const LOOKED = 8;

    public function __construct(private EntityManagerInterface $entities, private RevisionRepository $revisions, private WorkRepository $works, private WorkStateRepository $states)
    {
    }

    /**
     * @param int|null $at the number of a state; the last one where there is none
     *
     * @return array<string, mixed>|null nothing where the pupil has begun nothing yet
     */
    public function of(Pupil $pupil, string $locale, ?int $at = null): ?array
    {
        $place = $pupil->place();
        if (null === $place) {
            return null;
        }
        $language = Language::tryFrom($place['language']) ?? Language::Python;

        return 'program' === $place['kind'] ? $this->program($pupil, $place['program'], $language, $locale, $at) : $this->rung($pupil, $place['lesson'], $place['rung'], $language, $locale, $at);
    }

    /** @return array<string, mixed>|null */
    public function program(Pupil $pupil, int $id, Language $language, string $locale, ?int $at = null): ?array
    {
        $program = $this->entities->find(Program::class, $id);
        if (null === $program || $program->owner() !== $pupil->user) {
            return null;
        }
        $states = array_map(static fn (array $one): array => ['number' => $one['number'], 'at' => $one['madeAt'], 'near' => null], array_reverse($this->revisions->history($program, self::STATES)));
        $tree = null === $at ? null : ($this->revisions->at($program, $at)[1] ?? null);
        $analysis = new Analysis($tree ?? ProgramStore::program($program));
        $text = $analysis->text($language);

        return [
            'kind' => 'program', 'title' => $program->name(), 'place' => "program $id", 'language' => $language, 'states' => $states, 'at' => $tree ? $at : null,
            ...self::shown($analysis, $language, $text->text(), array_map(static fn ($line): string => $line->anchor, $text->lines), Told::mistakes($analysis, $language, null), $locale),
            'rung' => null, 'tries' => null, 'hints' => null, 'address' => null,
        ];
    }

    /** @return array<string, mixed>|null */
    public function rung(Pupil $pupil, int $lessonId, int $number, Language $language, string $locale, ?int $at = null): ?array
    {
        $lesson = $this->entities->find(Lesson::class, $lessonId);
        $setting = $lesson?->lesson()->rung($number);
        $rung = null === $lesson || null === $setting || !$setting->isIn($language) ? null : $setting->rung($lesson->lesson(), $language, $locale);
        if (null === $lesson || null === $setting) {
            return null;
        }
        $work = $this->works->one($pupil->learner, $lesson, $number, $language);
        $states = null === $work ? [] : array_map(static fn (array $one): array => [...$one, 'at' => new \DateTimeImmutable($one['at'])], $this->states->list($work));
        $state = null === $at ? null : $this->states->findOneBy(['id' => $at, 'work' => $work]);
        $answer = $state->answer ?? $work?->answer() ?? '';
        $text = null === $rung ? null : self::text($rung, $answer);
        $shown = ['lines' => [], 'mistakes' => [], 'picture' => null, 'printed' => '', 'plain' => null === $rung || '' === $answer || null !== $text ? '' : self::laid($rung, $answer, $locale)];
        if (null !== $rung && null !== $text) {
            $reading = $language->read($text);
            $analysis = new Analysis($reading->program->withSetting($rung->setting));
            $mistakes = array_map(static fn (array $one): array => ['kind' => 'mistake.'.$one['kind'], 'parameters' => $one['parameters'], 'line' => $one['line']], Report::lines($text, $reading->mistakes));
            $shown = [...$shown, ...self::shown($analysis, $language, $text, [], $mistakes, $locale, $rung->situations[0]->answers), 'plain' => ''];
        }

        return [
            'kind' => 'rung', 'title' => $lesson->lesson()->title($locale), 'place' => "rung $lessonId $number", 'language' => $language, 'states' => $states, 'at' => $state ? $at : null,
            ...$shown, 'rung' => $setting, 'tries' => $work?->tries() ?? 0, 'hints' => $work?->hints() ?? 0, 'address' => ['course' => $lesson->course()->id(), 'lesson' => $lessonId, 'rung' => $number, 'language' => $language->value],
        ];
    }

    /** What is answered by a list, in words. */
    private static function laid(Rung $rung, string $answer, string $locale): string
    {
        $list = json_decode($answer, true, 8);
        $right = \is_array($list) ? \count(array_filter($rung->right, static fn (mixed $one, int $place): bool => ($list[$place] ?? null) === $one, \ARRAY_FILTER_USE_BOTH)) : 0;

        return Sentences::of('register.laid', ['right' => $right, 'all' => \count($rung->right)], $locale);
    }

    private static function text(Rung $rung, string $answer): ?string
    {
        $text = Marking::textOf($rung, $answer);

        return null === $text || '' === trim($text) ? null : $text;
    }

    /**
     * @param list<string>                                                                      $anchors  of the lines, where they have any
     * @param list<array{kind: string, parameters: array<string, string|int>, line?: int|null}> $mistakes
     * @param string                                                                            $answers  of whoever uses the program
     *
     * @return array{lines: list<array{number: int, anchor: string, tokens: list<array{string, string}>, isWrong: bool, text: string}>, mistakes: list<string>, picture: string|null, printed: string}
     */
    private static function shown(Analysis $analysis, Language $language, string $text, array $anchors, array $mistakes, string $locale, string $answers = ''): array
    {
        $wrong = array_column($mistakes, 'line', 'line');
        $highlighter = new Highlighter($language);
        $lines = [];
        foreach (explode("\n", rtrim($text, "\n")) as $index => $line) {
            $lines[] = ['number' => $index + 1, 'anchor' => $anchors[$index] ?? '', 'tokens' => $highlighter->tokens($line), 'isWrong' => isset($wrong[$index + 1]), 'text' => $line];
        }
        [$picture, $printed] = [null, ''];
        if ([] === $mistakes) {
            $outcome = Runner::run($analysis, $language, 1, new Limits(steps: self::STEPS, milliseconds: Trial::LONG, work: self::WORK), circumstances: new Circumstances(new Answers($answers)));
            $picture = 'printout' === $analysis->program->setting->scene ? null : Picture::svg($analysis->program->setting, $outcome->trace);
            $printed = mb_substr($outcome->trace->printout(), 0, 2000);
            if (null !== $outcome->error) {
                $mistakes = Told::failure($analysis, $language, $outcome);
            }
        }

        return ['lines' => $lines, 'mistakes' => array_map(static fn (array $one): string => Told::says($one['kind'], $one['parameters'], $locale), $mistakes), 'picture' => $picture, 'printed' => $printed];
    }

    /** What the pupil's work draws or prints: what is in hand, or what was last that does. */
    public function picture(Pupil $pupil, string $locale): ?string
    {
        $place = $pupil->place();
        $program = null !== $place && 'program' === $place['kind'] ? $this->entities->find(Program::class, $place['program']) : null;
        if (null !== $place && null !== $program && $program->owner() === $pupil->user) {
            return self::drawn(new Analysis(ProgramStore::program($program)), Language::tryFrom($place['language']) ?? Language::Python);
        }
        foreach ($this->works->last($pupil->learner, self::LOOKED) as $work) {
            $picture = self::ofWork($work, $locale);
            if (null !== $picture) {
                return $picture;
            }
        }

        return null;
    }

    private static function ofWork(Work $work, string $locale): ?string
    {
        $language = Language::tryFrom($work->language) ?? Language::Python;
        $rung = $work->lesson->lesson()->rung($work->rung)?->rung($work->lesson->lesson(), $language, $locale);
        $text = null === $rung ? null : self::text($rung, $work->answer() ?? '');
        $reading = null === $text ? null : $language->read($text);

        return null === $rung || null === $reading || [] !== $reading->mistakes ? null : self::drawn(new Analysis($reading->program->withSetting($rung->setting)), $language, $rung->situations[0]->answers);
    }

    private static function drawn(Analysis $analysis, Language $language, string $answers = ''): string
    {
        return Picture::svg($analysis->program->setting, Runner::run($analysis, $language, 1, new Limits(steps: self::STEPS, milliseconds: Trial::LONG, work: self::WORK), circumstances: new Circumstances(new Answers($answers)))->trace);
    }
}
