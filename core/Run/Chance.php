<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/**
 * Chance that comes back: the multiplicative generator of Lewis, Goodman and Miller with the multiplier 48271, which
 * every language computes exactly in the numbers it has. The libraries use the same one when SCRIVLET_SEED is set.
 */
final class Chance
{
    private const MODULUS = 2147483647;
    private const MULTIPLIER = 48271;

    private int $state;

    public function __construct(int $seed)
    {
        $this->state = ($seed % (self::MODULUS - 1) + self::MODULUS - 1) % (self::MODULUS - 1) + 1;
    }

    /** A whole number, both ends included. */
    public function between(int $from, int $to): int
    {
        if ($from > $to) {
            throw new RunError('random_order', ['from' => $from, 'to' => $to]);
        }
        $this->state = $this->state * self::MULTIPLIER % self::MODULUS;

        return $from + $this->state % ($to - $from + 1);
    }
}
