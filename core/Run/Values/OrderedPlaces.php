<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** Places in lists that are in order, and the orders of a list (The Python Standard Library, bisect; C++17, 28.7.3 and 28.7.9). */
trait OrderedPlaces
{
    public function placeBefore(mixed $list, mixed $value): int
    {
        return $this->placeWhere($list, fn (mixed $item): bool => $this->less($item, $value));
    }

    public function placeBehind(mixed $list, mixed $value): int
    {
        return $this->placeWhere($list, fn (mixed $item): bool => !$this->less($value, $item));
    }

    /** The first place of a list from which on something holds no more, found by halves as there: what is not in order is told by the same items. */
    private function placeWhere(mixed $list, \Closure $holds): int
    {
        $items = self::list_($list)->items;
        [$from, $to] = [0, \count($items)];
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            $holds($items[$middle]) ? $from = $middle + 1 : $to = $middle;
        }

        return $from;
    }

    /** Where the first of the greatest items stands, by a function that tells which of two is less; behind the last where there are none (C++17, 28.7.8). */
    public function placeGreatest(mixed $list, mixed $less): int
    {
        return $this->outermostPlace($list, static fn (mixed $best, mixed $one, \Closure $isLess): bool => true === $isLess($best, $one), $less);
    }

    /** Where the first of the least stands. */
    public function placeLeast(mixed $list, mixed $less): int
    {
        return $this->outermostPlace($list, static fn (mixed $best, mixed $one, \Closure $isLess): bool => true === $isLess($one, $best), $less);
    }

    /** Where the last of the greatest stands. */
    public function placeLastGreatest(mixed $list, mixed $less): int
    {
        return $this->outermostPlace($list, static fn (mixed $best, mixed $one, \Closure $isLess): bool => false === $isLess($one, $best), $less);
    }

    /** @param \Closure(mixed, mixed, \Closure(mixed, mixed): bool): bool $isBetter */
    private function outermostPlace(mixed $list, \Closure $isBetter, mixed $less): int
    {
        $isLess = fn (mixed $one, mixed $other): bool => $less instanceof \Closure && $this->truth($less($one, $other));
        $best = 0;
        $items = self::list_($list)->items;
        foreach ($items as $at => $item) {
            if (0 < $at && $isBetter($items[$best], $item, $isLess)) {
                $best = $at;
            }
        }

        return $best;
    }

    /** Puts the items into the order that comes next, or into the first one, which `false` tells (C++17, 28.7.9). */
    public function nextOrder(mixed $list): bool
    {
        return $this->putInOrder(self::list_($list), $this->less(...));
    }

    /** Puts the items into the order that comes before, or into the last one, which `false` tells (C++17, 28.7.9). */
    public function previousOrder(mixed $list): bool
    {
        return $this->putInOrder(self::list_($list), fn (mixed $one, mixed $other): bool => $this->less($other, $one));
    }

    /** The letters of a text in the order that comes next, or in the first one. */
    public function nextText(mixed $text): string
    {
        return $this->lettersInOrder($text, $this->nextOrder(...));
    }

    public function previousText(mixed $text): string
    {
        return $this->lettersInOrder($text, $this->previousOrder(...));
    }

    /** @param \Closure(ListValue): bool $put */
    private function lettersInOrder(mixed $text, \Closure $put): string
    {
        $letters = new ListValue(str_split(self::text_($text)));
        $put($letters);

        return implode('', array_filter($letters->items, is_string(...)));
    }

    /** @param \Closure(mixed, mixed): bool $less */
    private function putInOrder(ListValue $list, \Closure $less): bool
    {
        $items = $list->items;
        $last = \count($items) - 1;
        for ($place = $last - 1; $place >= 0 && !$less($items[$place], $items[$place + 1]); --$place) {
        }
        if ($place >= 0) {
            for ($other = $last; !$less($items[$place], $items[$other]); --$other) {
            }
            [$items[$place], $items[$other]] = [$items[$other], $items[$place]];
        }
        $items = [...\array_slice($items, 0, $place + 1), ...array_reverse(\array_slice($items, $place + 1))];
        Room::spend(\count($items));
        $list->items = $items;
        $this->told($list);

        return $place >= 0;
    }

    /** The first key of a map, or the first item of a set, that is not below another one; nothing behind the last (C++17, 26.2.6). */
    public function keyFrom(mixed $container, mixed $key): mixed
    {
        return $this->outermostKey($container, true, static fn (mixed $one, \Closure $before): bool => null === $key || !$before($one, $key));
    }

    /** The first that stands behind another one. */
    public function keyBehind(mixed $container, mixed $key): mixed
    {
        return null === $key ? null : $this->outermostKey($container, true, static fn (mixed $one, \Closure $before): bool => true === $before($key, $one));
    }

    /** The last that stands before another one; the last of all before the end. */
    public function keyBefore(mixed $container, mixed $key): mixed
    {
        return $this->outermostKey($container, false, static fn (mixed $one, \Closure $before): bool => null === $key || true === $before($one, $key));
    }

    /**
     * Of the keys that fit, the first or the last in their order.
     *
     * @param \Closure(mixed, \Closure(mixed, mixed): bool): bool $fits
     */
    private function outermostKey(mixed $container, bool $isFirst, \Closure $fits): mixed
    {
        $map = self::map_($container);
        $before = $map->descending ? fn (mixed $one, mixed $other): bool => $this->less($other, $one) : $this->less(...);
        $found = null;
        foreach ('set' === $map->sort ? $this->over($map) : $this->keys($map)->items as $one) {
            Room::spend(1);
            if ($fits($one, $before) && (null === $found || ($isFirst ? $before($one, $found) : $before($found, $one)))) {
                $found = $one;
            }
        }

        return $found;
    }

    /** What stands in both of two ranges that are in order, as often as in the one that has it less (C++17, 28.7.6.4). */
    public function rangeShared(mixed $one, mixed $other): ListValue
    {
        return $this->ofRanges($one, $other, static fn (int $way): array => [0 === $way, false]);
    }

    /** What stands in one of them, as often as in the one that has it more (28.7.6.3). */
    public function rangeUnited(mixed $one, mixed $other): ListValue
    {
        return $this->ofRanges($one, $other, static fn (int $way): array => [0 >= $way, 0 < $way]);
    }

    /** What the first has more of (28.7.6.5). */
    public function rangeLeft(mixed $one, mixed $other): ListValue
    {
        return $this->ofRanges($one, $other, static fn (int $way): array => [0 > $way, false]);
    }

    /** What one has more of than the other (28.7.6.6). */
    public function rangeApart(mixed $one, mixed $other): ListValue
    {
        return $this->ofRanges($one, $other, static fn (int $way): array => [0 > $way, 0 < $way]);
    }

    /** All of both, in order; of those that are alike the ones of the first come first (28.7.5). */
    public function rangeMerged(mixed $one, mixed $other): ListValue
    {
        [$one, $other] = [$this->inRange($one), $this->inRange($other)];
        [$at, $beside, $all] = [0, 0, []];
        while ($at < \count($one) || $beside < \count($other)) {
            Room::spend(1);
            $isFirst = $beside >= \count($other) || $at < \count($one) && !$this->less($other[$beside], $one[$at]);
            $all[] = $isFirst ? $one[$at++] : $other[$beside++];
        }

        return new ListValue($all);
    }

    /** @param \Closure(int): array{bool, bool} $taken what of two that stand beside each other is taken, by which of them is less */
    private function ofRanges(mixed $one, mixed $other, \Closure $taken): ListValue
    {
        [$one, $other] = [$this->inRange($one), $this->inRange($other)];
        [$at, $beside, $all] = [0, 0, []];
        while ($at < \count($one) || $beside < \count($other)) {
            Room::spend(1);
            $way = match (true) {
                $beside >= \count($other) => -1,
                $at >= \count($one) => 1,
                default => $this->less($one[$at], $other[$beside]) ? -1 : ($this->less($other[$beside], $one[$at]) ? 1 : 0),
            };
            [$isFirst, $isSecond] = $taken($way);
            if ($isFirst) {
                $all[] = $one[$at];
            } elseif ($isSecond) {
                $all[] = $other[$beside];
            }
            $at += (int) (0 >= $way);
            $beside += (int) (0 <= $way);
        }

        return new ListValue($all);
    }

    /** @return list<mixed> */
    private function inRange(mixed $range): array
    {
        return $range instanceof ListValue ? $range->items : $this->sorted($range)->items;
    }
}
