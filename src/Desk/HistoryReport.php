<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Catalogue\Catalogue;

/** The states of a program, with the rows that were put in named by their words. */
final class HistoryReport
{
    /**
     * @param list<array{number: int, kind: string, what: string, madeAt: \DateTimeImmutable, name: string|null}> $history
     *
     * @return list<array{number: int, kind: string, what: string, madeAt: \DateTimeImmutable, name: string|null}>
     */
    public static function of(array $history, string $locale): array
    {
        return array_map(static fn (array $entry): array => [...$entry, 'what' => Catalogue::find($entry['what'])?->phrase($locale) ?? $entry['what']], $history);
    }
}
