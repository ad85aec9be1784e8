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
    /** What gives the numbers since a program said where they begin. */
    private MersenneTwister|AdditiveGenerator|null $begun = null;

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
        $many = $to - $from + 1;
        if (null !== $this->begun) {
            return $from + ($this->begun instanceof MersenneTwister ? $this->begun->below($many) : $this->begun->next() % $many);
        }
        $this->state = $this->state * self::MULTIPLIER % self::MODULUS;

        return $from + $this->state % $many;
    }

    /** A number from 0 up to, but without, 1. */
    public function fraction(): float
    {
        return $this->begun instanceof MersenneTwister ? $this->begun->fraction() : $this->between(0, self::MODULUS - 2) / (self::MODULUS - 1);
    }

    /** From here on the numbers are those that the language itself gives behind this beginning. */
    public function begin(MersenneTwister|AdditiveGenerator $generator): void
    {
        $this->begun = $generator;
    }
}
