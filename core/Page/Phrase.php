<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

/** A phrase of the catalogue, cut at its blanks. */
final class Phrase
{
    /** @return list<array{string, string|null}> words, and the name of the blank behind them */
    public static function split(string $words): array
    {
        $pieces = preg_split('/\{(\w+)\}/', $words, -1, \PREG_SPLIT_DELIM_CAPTURE);
        \assert(false !== $pieces);
        $segments = [];
        for ($index = 0; $index < \count($pieces); $index += 2) {
            $segments[] = [$pieces[$index], $pieces[$index + 1] ?? null];
        }

        return $segments;
    }
}
