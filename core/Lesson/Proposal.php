<?php

declare(strict_types=1);

namespace Scrivlet\Core\Lesson;

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Situation;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program;

/** A lesson as a teacher finds it when they bring a program: rungs from the most help to none, in the cases the program has. */
final class Proposal
{
    /** What a program is answered that asks, and pressed that listens. */
    private const ANSWERS = "12\n7\n5\n3\n2\n1\n";
    private const PRESSES = "0.5 tap round\n1 tap square\n2 light 10\n3 light 90\n";
    /** Kinds with their levels of help, in the order of the ladder. */
    private const LADDER = [
        [RungKind::Pair, 3], [RungKind::Foretell, 3], [RungKind::Sort, 3], [RungKind::Fill, 3], [RungKind::Mend, 3],
        [RungKind::Over, 3], [RungKind::Vary, 3], [RungKind::Write, 3], [RungKind::Carry, 3],
    ];
    private const SEEDS = 6;

    /** @return non-empty-list<Situation> every layout, and what a program that asks or listens gets */
    public static function cases(Program $program): array
    {
        $signals = SceneName::Lantern->value === $program->setting->scene ? self::PRESSES : '';

        return array_map(static fn (int $layout): Situation => new Situation($layout, self::ANSWERS, $signals), array_keys(Settings::layouts($program->setting)) ?: [0]);
    }

    /** @param non-empty-list<Language> $languages */
    public static function of(Program $program, string $title, array $languages, string $locale): Lesson
    {
        $lesson = new Lesson([$locale => new LessonText($title)], $program, self::cases($program), null, $languages, true, []);

        return $lesson->withRungs(self::rungs($lesson, $locale));
    }

    /** @return list<RungSetting> each of which the program gives in every language of the lesson */
    public static function rungs(Lesson $lesson, string $locale): array
    {
        $rungs = [];
        foreach (self::LADDER as [$kind, $level]) {
            // Carrying over is for those who write in several languages.
            if (RungKind::Carry === $kind && 1 === \count($lesson->languages)) {
                continue;
            }
            $rung = self::found($lesson, new RungSetting(\count($rungs) + 1, $kind, 1, $level), $locale);
            if (null !== $rung) {
                $rungs[] = $rung;
            }
        }

        return $rungs;
    }

    /** The rung with the first seed for which there is one in every language; nothing if none has, or none in any. */
    public static function found(Lesson $lesson, RungSetting $rung, string $locale): ?RungSetting
    {
        for ($seed = $rung->seed; $seed < $rung->seed + self::SEEDS; ++$seed) {
            $try = $rung->withSeed($seed);
            $missing = self::missing($lesson, $try, $locale);
            if ([] === $missing) {
                return $try;
            }
            if (\count($missing) === \count($lesson->languages)) {
                return null;
            }
        }

        return null;
    }

    /** @return list<Language> of the lesson in which the program gives no such rung */
    public static function missing(Lesson $lesson, RungSetting $rung, string $locale): array
    {
        return array_values(array_filter($lesson->languages, static fn (Language $language): bool => $rung->isIn($language) && null === $rung->rung($lesson, $language, $locale)));
    }
}
