<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

/** Chance that is the same for the same seed, on every machine: a linear congruential generator (Knuth's MMIX constants, 31 bits). */
final class Dice
{
    private int $state;

    public function __construct(int $seed)
    {
        $this->state = ($seed * 2_654_435_761 + 12_345) & 0x7FFFFFFF;
        $this->below(2);
    }

    /** @return int from 0, less than the number */
    public function below(int $number): int
    {
        $this->state = ($this->state * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return $number < 2 ? 0 : ($this->state >> 8) % $number;
    }

    /**
     * @template T
     *
     * @param list<T> $items
     *
     * @return list<T>
     */
    public function shuffled(array $items): array
    {
        for ($last = \count($items) - 1; $last > 0; --$last) {
            $other = $this->below($last + 1);
            [$items[$last], $items[$other]] = [$items[$other], $items[$last]];
        }

        return array_values($items);
    }
}
