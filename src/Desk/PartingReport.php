<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Compare\Difference;
use Scrivlet\Core\Compare\Parting;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Ladder\Seen;
use Scrivlet\Core\Run\Outcome;

/** Where a written row parts from the printed one, as the desk shows it: both runs up to that moment. */
final class PartingReport
{
    /** @return array{row: int, looksSame: bool, sides: list<array{did: string, moment: int, run: array<string, mixed>}>} the printed row's side first */
    public static function of(Parting $parting, string $locale): array
    {
        return ['row' => $parting->row, 'looksSame' => Seen::of($parting->printed) === Seen::of($parting->written), 'sides' => self::sides($parting->difference, $parting->printed, $parting->written, $locale)];
    }

    /** @return list<array{did: string, moment: int, run: array<string, mixed>}> both runs at the first moment at which they part */
    public static function sides(Difference $difference, Outcome $one, Outcome $other, string $locale): array
    {
        return [self::side($one, $difference->one, $difference->moment, $locale), self::side($other, $difference->other, $difference->otherMoment, $locale)];
    }

    /**
     * @param array<string, mixed>|null $event
     *
     * @return array{did: string, moment: int, run: array<string, mixed>}
     */
    private static function side(Outcome $outcome, ?array $event, int $moment, string $locale): array
    {
        $shown = [];
        foreach ($event ?? [] as $field => $value) {
            $shown[$field] = \is_float($value) ? (string) round($value, 2) : (\is_scalar($value) ? (string) $value : '');
        }
        $run = RunReport::of($outcome, $locale);
        $run['events'] = array_values(array_filter($run['events'], static fn (array $event): bool => $event[1] <= $moment));

        $did = match ($event['do'] ?? 'nothing') {
            'pen' => true === ($event['down'] ?? null) ? 'pen_down' : 'pen_up',
            'show' => true === ($event['visible'] ?? null) ? 'show' : 'hide',
            default => $shown['do'] ?? 'nothing',
        };

        return ['did' => Sentences::of("did.$did", $shown, $locale), 'moment' => $moment, 'run' => $run];
    }
}
