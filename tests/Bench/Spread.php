<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Bench;

/** How measured times lie. */
final class Spread
{
    /** @param list<float> $times */
    public static function at(array $times, float $share): float
    {
        sort($times);

        return $times[(int) floor($share * (\count($times) - 1))];
    }
}
