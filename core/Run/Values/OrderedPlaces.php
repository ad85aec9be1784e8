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

    /** Puts the items into the order that comes next, or into the first one, which `false` tells (C++17, 28.7.9). */
    public function nextOrder(mixed $list): bool
    {
        $list = self::list_($list);
        $items = $list->items;
        $last = \count($items) - 1;
        for ($place = $last - 1; $place >= 0 && !$this->less($items[$place], $items[$place + 1]); --$place) {
        }
        if ($place >= 0) {
            for ($other = $last; !$this->less($items[$place], $items[$other]); --$other) {
            }
            [$items[$place], $items[$other]] = [$items[$other], $items[$place]];
        }
        $items = [...\array_slice($items, 0, $place + 1), ...array_reverse(\array_slice($items, $place + 1))];
        Room::spend(\count($items));
        $list->items = $items;
        $this->told($list);

        return $place >= 0;
    }
}
