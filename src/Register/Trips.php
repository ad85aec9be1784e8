<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Scrivlet\App\Entity\SchoolClass;

/** What a class trips over, most pupils first. */
final readonly class Trips
{
    /** What lies further back is over. */
    public const SINCE = '-14 days';
    private const SHOWN = 12;

    public function __construct(private TripRepository $trips)
    {
    }

    /** @return list<array{kind: string, says: string, example: int, pupils: list<string>, count: int, has: bool}> `example` is the last trip of its kind; `has` whether it can become a rung */
    public function of(SchoolClass $class, string $locale): array
    {
        $kinds = [];
        foreach ($this->trips->since($class, new \DateTimeImmutable(self::SINCE)) as $trip) {
            $kinds[$trip['kind']]['example'] ??= $trip['id'];
            $kinds[$trip['kind']]['pupils'][$trip['pupil']] = $trip['name'];
            $kinds[$trip['kind']]['count'] = ($kinds[$trip['kind']]['count'] ?? 0) + 1;
        }
        uasort($kinds, static fn (array $one, array $other): int => [\count($other['pupils']), $other['count']] <=> [\count($one['pupils']), $one['count']]);
        $told = [];
        foreach (\array_slice($kinds, 0, self::SHOWN, true) as $kind => $of) {
            $example = $this->trips->find($of['example']);
            if (null !== $example) {
                $pupils = array_values($of['pupils']);
                sort($pupils, \SORT_NATURAL | \SORT_FLAG_CASE);
                $told[] = ['kind' => $kind, 'says' => Told::says($kind, $example->parameters, $locale), 'example' => $of['example'], 'pupils' => $pupils, 'count' => $of['count'], 'has' => null !== $example->lesson && '' !== trim($example->text) && !str_starts_with($kind, 'mark.')];
            }
        }

        return $told;
    }
}
