<?php

declare(strict_types=1);

namespace Scrivlet\App\Ladder;

use Scrivlet\App\Desk\RunReport;
use Scrivlet\App\Desk\SettingReport;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Ladder\Hints;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Spoken;
use Scrivlet\Core\Ladder\Support;
use Scrivlet\Core\Ladder\Trial;
use Scrivlet\Core\Ladder\Verdict;
use Scrivlet\Core\Language\Mistakes\Report;

/** What a page is told of an answer: the verdict in words, and what the answer does. */
final class RungAnswers
{
    private const MOST_TOLD = 5;

    /** @return string what a step of help says; steps beyond the last say what the last one says */
    public static function hint(Rung $rung, string $answer, int $step, string $locale): string
    {
        return Hints::step($rung, $answer, max(1, min(Hints::STEPS, $step)), $locale)['says'];
    }

    /**
     * @param list<float> $nearness of the tries so far, this one among them
     *
     * @return array<string, mixed>
     */
    public static function of(Rung $rung, Verdict $verdict, string $answer, array $nearness, string $locale): array
    {
        $why = \array_slice(Spoken::of($verdict, $locale), 0, self::MOST_TOLD);
        if ($verdict->passed) {
            $why = [Sentences::of('mark.passed', [], $locale), ...(null === $verdict->rows ? [] : [Sentences::of('mark.rows', $verdict->rows, $locale)])];
        }
        $isHidden = null !== $verdict->situation && $rung->situations[$verdict->situation]->hidden;

        return [
            'passed' => $verdict->passed, 'why' => $why, 'near' => $verdict->near,
            'gentler' => !$verdict->passed && Support::isStuck($nearness) ? Support::gentler($rung->kind)?->value : null,
            'run' => $isHidden ? null : self::run($rung, $answer, $verdict->situation ?? 0, $locale),
        ];
    }

    /** @return array<string, mixed> what an answer does, without any verdict */
    public static function tried(Rung $rung, string $answer, string $locale): array
    {
        $text = Marking::textOf($rung, $answer);
        $mistakes = null === $text ? [] : Report::lines($text, $rung->language->read($text)->mistakes);
        $why = Spoken::of(new Verdict(false, array_map(static fn (array $one): array => ['kind' => 'mistake.'.$one['kind'], 'parameters' => $one['parameters']], $mistakes), 0), $locale);

        return ['why' => \array_slice($why, 0, self::MOST_TOLD), 'run' => self::run($rung, $answer, 0, $locale)];
    }

    /** @return array<string, mixed>|null a run as the scene plays it, beside what it should leave; nothing of what cannot be read */
    private static function run(Rung $rung, string $answer, int $situation, string $locale): ?array
    {
        $text = RungKind::Pair === $rung->kind || RungKind::Foretell === $rung->kind ? null : Marking::textOf($rung, $answer);
        $read = null === $text || '' === trim($text) ? null : $rung->language->read($text);
        $case = $rung->situations[$situation] ?? null;
        if (null === $read || [] !== $read->mistakes || null === $case) {
            return null;
        }
        $program = $read->program->withSetting($rung->setting);
        $model = $rung->language->read($rung->model)->program->withSetting($rung->setting);
        $outcome = Trial::run($program, $rung->language, $case, true);

        return [
            'situation' => $situation + 1, 'layout' => $case->layout, 'setting' => SettingReport::of($program, $locale), 'report' => RunReport::of($outcome, $locale, true),
            'printed' => $outcome->trace->printout(), 'goal' => Trial::goal($model, $rung->language, $case),
        ];
    }
}
