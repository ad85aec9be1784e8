<?php

declare(strict_types=1);

namespace Scrivlet\Core\Compare;

use Scrivlet\Core\Language\Handwriting\InPlace;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Outcome;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Tree\Hand;
use Scrivlet\Core\Tree\Model;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;

/** Whether rows that were written by hand do what the printed rows did, proven by running the program with each. */
final class Seals
{
    /** So many rows are judged at once; the next ones at the next edit. */
    private const MOST = 12;
    private const STEPS = 20_000;
    private const SEEDS = [1, 2];

    /**
     * @return array{Program, list<Parting>} with a seal for each row that does the same, and where the others part
     */
    public static function judged(Program $program): array
    {
        if ($program->hasUnread()) {
            return [$program, []];
        }
        $hands = $program->hands;
        $partings = [];
        /** @var array<string, Outcome> $runs of the program as it is, by language and seed */
        $runs = [];
        foreach (\array_slice($program->unsealed(), 0, self::MOST) as $id) {
            $model = $program->models[$id];
            $language = Language::from($model->language);
            $printed = self::printed($program, $id, $model);
            $parting = null;
            foreach (self::SEEDS as $seed) {
                $now = $runs["$model->language $seed"] ??= self::run($program, $language, $seed);
                $before = self::run($printed, $language, $seed);
                $difference = Comparison::of($before, $now, true);
                if (null !== $difference) {
                    $parting = new Parting($id, $difference, $before, $now);
                    break;
                }
            }
            if (null === $parting) {
                $hands[$id] = Hand::Sealed;
                foreach ($program->models as $other => $extra) {
                    if ($extra->of === $id && isset($hands[$other])) {
                        $hands[$other] = Hand::Sealed;
                    }
                }
            } else {
                $partings[] = $parting;
            }
        }

        return [$program->withHands($hands), $partings];
    }

    private static function run(Program $program, Language $language, int $seed): Outcome
    {
        return Runner::run($program, $language, $seed, new Limits(steps: self::STEPS));
    }

    private static function printed(Program $program, int $id, Model $model): Program
    {
        return InPlace::mapped($program, static fn (Statement $row): ?Statement => match (true) {
            $row->id === $id => $model->holding($row),
            ($program->models[$row->id] ?? null)?->of === $id => null,
            default => $row,
        });
    }
}
