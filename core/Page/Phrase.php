<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

/** A phrase of the catalogue, cut at its blanks. */
final class Phrase
{
    /** @var array<string, list<array{string, string|null}>> a program has few phrases, and many rows of each */
    private static array $known = [];

    /** @return list<array{string, string|null}> words, and the name of the blank behind them */
    public static function split(string $words): array
    {
        return self::$known[$words] ??= self::cut($words);
    }

    /** @return list<array{string, string|null}> */
    private static function cut(string $words): array
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
