<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/**
 * Items in the order in which `std::sort` of GNU's library leaves them (C++17, 28.7.1.1, says nothing of those that are
 * alike): by parts around a middle one while there are more than sixteen, by a heap where that goes too deep, and one by one
 * at the end.
 */
final class StandardSort
{
    private const FEW = 16;

    /**
     * @param array<int, mixed>            $items
     * @param \Closure(mixed, mixed): bool $isBefore
     */
    private function __construct(private array $items, private readonly \Closure $isBefore)
    {
    }

    /**
     * @param list<mixed>                  $items
     * @param \Closure(mixed, mixed): bool $isBefore whether one belongs before another
     *
     * @return list<mixed>
     */
    public static function sorted(array $items, \Closure $isBefore): array
    {
        $sort = new self($items, $isBefore);
        $count = \count($items);
        if ($count > 1) {
            $sort->divided(0, $count, 2 * (int) floor(log($count, 2)));
            $sort->oneByOne($count);
        }

        return array_values($sort->items);
    }

    private function before(mixed $one, mixed $other): bool
    {
        Room::spend(1);

        return ($this->isBefore)($one, $other);
    }

    private function swap(int $one, int $other): void
    {
        [$this->items[$one], $this->items[$other]] = [$this->items[$other], $this->items[$one]];
    }

    private function divided(int $first, int $last, int $deep): void
    {
        while ($last - $first > self::FEW) {
            if (0 === $deep) {
                $this->byHeap($first, $last);

                return;
            }
            --$deep;
            $this->middleFirst($first, $first + 1, $first + intdiv($last - $first, 2), $last - 1);
            $cut = $this->parted($first + 1, $last, $first);
            $this->divided($cut, $last, $deep);
            $last = $cut;
        }
    }

    /** Puts the middle one of three in the place of what the others are measured by. */
    private function middleFirst(int $result, int $a, int $b, int $c): void
    {
        if ($this->before($this->items[$a], $this->items[$b])) {
            $middle = $this->before($this->items[$b], $this->items[$c]) ? $b : ($this->before($this->items[$a], $this->items[$c]) ? $c : $a);
        } else {
            $middle = $this->before($this->items[$a], $this->items[$c]) ? $a : ($this->before($this->items[$b], $this->items[$c]) ? $c : $b);
        }
        $this->swap($result, $middle);
    }

    private function parted(int $first, int $last, int $pivot): int
    {
        while (true) {
            while ($this->before($this->items[$first], $this->items[$pivot])) {
                ++$first;
            }
            --$last;
            while ($this->before($this->items[$pivot], $this->items[$last])) {
                --$last;
            }
            if ($first >= $last) {
                return $first;
            }
            $this->swap($first, $last);
            ++$first;
        }
    }

    private function byHeap(int $first, int $last): void
    {
        $count = $last - $first;
        for ($parent = intdiv($count - 2, 2); $parent >= 0; --$parent) {
            $this->sifted($first, $parent, $count, $this->items[$first + $parent]);
        }
        for (--$last; $last > $first; --$last) {
            $value = $this->items[$last];
            $this->items[$last] = $this->items[$first];
            $this->sifted($first, 0, $last - $first, $value);
        }
    }

    private function sifted(int $first, int $hole, int $count, mixed $value): void
    {
        $top = $child = $hole;
        while ($child < intdiv($count - 1, 2)) {
            $child = 2 * ($child + 1);
            if ($this->before($this->items[$first + $child], $this->items[$first + $child - 1])) {
                --$child;
            }
            $this->items[$first + $hole] = $this->items[$first + $child];
            $hole = $child;
        }
        if (0 === ($count & 1) && $child === intdiv($count - 2, 2)) {
            $child = 2 * ($child + 1);
            $this->items[$first + $hole] = $this->items[$first + $child - 1];
            $hole = $child - 1;
        }
        for ($parent = intdiv($hole - 1, 2); $hole > $top && $this->before($this->items[$first + $parent], $value); $parent = intdiv($hole - 1, 2)) {
            $this->items[$first + $hole] = $this->items[$first + $parent];
            $hole = $parent;
        }
        $this->items[$first + $hole] = $value;
    }

    private function oneByOne(int $count): void
    {
        for ($at = 1; $at < $count; ++$at) {
            $value = $this->items[$at];
            if ($at < self::FEW && $this->before($value, $this->items[0])) {
                array_splice($this->items, $at, 1);
                array_unshift($this->items, $value);
                continue;
            }
            for ($next = $at - 1; $this->before($value, $this->items[$next]); --$next) {
                $this->items[$next + 1] = $this->items[$next];
            }
            $this->items[$next + 1] = $value;
        }
    }
}
