<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Brick\Math\BigInteger;

/**
 * Chance as CPython has it from a seed on: MT19937 (Matsumoto and Nishimura, 1998), begun from a list of words, and what
 * the module `random` makes of its words (The Python Standard Library, random; CPython 3.11, _randommodule.c and random.py).
 */
final class MersenneTwister
{
    private const SIZE = 624;
    private const MASK = 0xFFFFFFFF;

    /** @var list<int> */
    private array $state = [];
    private int $at = self::SIZE;

    /** @param int|BigInteger|string $seed a text begins where its bytes and their SHA-512 do, as a number */
    public function __construct(int|BigInteger|string $seed)
    {
        $number = \is_string($seed) ? BigInteger::fromBytes("\0".$seed.hash('sha512', $seed, true)) : BigInteger::of($seed)->abs();
        $key = [];
        do {
            $key[] = $number->and(self::MASK)->toInt();
            $number = $number->shiftedRight(32);
        } while (!$number->isZero());
        $this->begin($key);
    }

    /** @param non-empty-list<int> $key */
    private function begin(array $key): void
    {
        $state = [19650218];
        for ($index = 1; $index < self::SIZE; ++$index) {
            $state[$index] = (1812433253 * ($state[$index - 1] ^ $state[$index - 1] >> 30) + $index) & self::MASK;
        }
        [$index, $place, $length] = [1, 0, \count($key)];
        for ($turn = max(self::SIZE, $length); $turn > 0; --$turn) {
            $state[$index] = (($state[$index] ^ (($state[$index - 1] ^ $state[$index - 1] >> 30) * 1664525 & self::MASK)) + $key[$place] + $place) & self::MASK;
            if (++$index >= self::SIZE) {
                [$state[0], $index] = [$state[self::SIZE - 1], 1];
            }
            $place = ($place + 1) % $length;
        }
        for ($turn = self::SIZE - 1; $turn > 0; --$turn) {
            $state[$index] = (($state[$index] ^ (($state[$index - 1] ^ $state[$index - 1] >> 30) * 1566083941 & self::MASK)) - $index) & self::MASK;
            if (++$index >= self::SIZE) {
                [$state[0], $index] = [$state[self::SIZE - 1], 1];
            }
        }
        $state[0] = 0x80000000;
        $this->state = array_values($state);
    }

    /** 32 bits. */
    private function word(): int
    {
        if ($this->at >= self::SIZE) {
            $state = $this->state;
            for ($index = 0; $index < self::SIZE; ++$index) {
                $bits = $state[$index] & 0x80000000 | $state[($index + 1) % self::SIZE] & 0x7FFFFFFF;
                $state[$index] = $state[($index + 397) % self::SIZE] ^ $bits >> 1 ^ (1 === ($bits & 1) ? 0x9908B0DF : 0);
            }
            $this->state = array_values($state);
            $this->at = 0;
        }
        $word = $this->state[$this->at++];
        $word ^= $word >> 11;
        $word ^= $word << 7 & 0x9D2C5680;
        $word ^= $word << 15 & 0xEFC60000;

        return $word ^ $word >> 18;
    }

    /** A number from 0 up to, but without, 1, of 53 bits. */
    public function fraction(): float
    {
        $high = $this->word() >> 5;

        return ($high * 67108864.0 + ($this->word() >> 6)) / 9007199254740992.0;
    }

    /** A whole number from 0 up to, but without, a bound of at least 1: words are drawn until one is small enough. */
    public function below(int $bound): int
    {
        $bits = \strlen(decbin($bound));
        do {
            // Words fill a number from its lowest bits on; the last is cut to what is left.
            $number = $this->word() >> max(0, 32 - $bits);
            if ($bits > 32) {
                $number |= $this->word() >> 64 - $bits << 32;
            }
        } while ($number >= $bound);

        return $number;
    }
}
