<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Outcome;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Scene\Picture;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Setting;

/** Runs programs in the situations of a rung, and says what is seen. */
final class Trial
{
    public const STEPS = 20_000;
    /** Of the run's own time, in milliseconds, behind the last signal. */
    public const LONG = 30_000;

    public static function run(Program $program, Language $language, Situation $situation, bool $record = false): Outcome
    {
        $circumstances = $situation->circumstances();

        return Runner::run($program, $language, $situation->seed, new Limits(steps: self::STEPS, milliseconds: $circumstances->signals->last() + self::LONG), $record, $circumstances);
    }

    /**
     * @param list<Situation> $situations
     *
     * @return list<array<string, mixed>> what is seen in each
     */
    public static function seen(Program $program, Language $language, array $situations): array
    {
        return array_map(static fn (Situation $one): array => Seen::of(self::run($program, $language, $one)), $situations);
    }

    /** @return array{picture: string, printed: string} what a program leaves in a situation: the picture as SVG, and the lines */
    public static function goal(Program $program, Language $language, Situation $situation): array
    {
        $trace = self::run($program, $language, $situation)->trace;
        $layout = Settings::layouts($program->setting)[$situation->layout] ?? null;

        return ['picture' => Picture::svg(new Setting($program->setting->scene, null === $layout ? [] : [$layout]), $trace), 'printed' => $trace->printout()];
    }
}
