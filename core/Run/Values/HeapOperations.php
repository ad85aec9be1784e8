<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** Lists that are kept as heaps (The Python Standard Library, heapq). */
trait HeapOperations
{
    /**
     * A list whose item at each place is no greater than those at twice the place and one and two (The Python Standard Library, heapq):
     * which of several orders that are heaps it has shows when it is printed, so that items are moved as there.
     */
    public function heapPush(mixed $heap, mixed $item): void
    {
        $this->append($heap, $item);
        $this->risen(self::list_($heap), 0, \count(self::list_($heap)->items) - 1);
    }

    public function heapPop(mixed $heap): mixed
    {
        $list = self::list_($heap);
        if ([] === $list->items) {
            throw new RunError('empty_list', [], 'index out of range');
        }
        $last = array_pop($list->items);
        if ([] === $list->items) {
            return $last;
        }
        [$least, $list->items[0]] = [$list->items[0], $last];
        $this->sunk($list, 0);

        return $least;
    }

    public function heapMade(mixed $heap): void
    {
        $list = self::list_($heap);
        for ($place = intdiv(\count($list->items), 2) - 1; $place >= 0; --$place) {
            $this->sunk($list, $place);
        }
    }

    /** Moves an item up to where none above it, down to the first place, is greater. */
    private function risen(ListValue $heap, int $first, int $place): void
    {
        // Taken out meanwhile, so that no place of them is copied.
        [$items, $heap->items] = [$heap->items, []];
        $item = $items[$place];
        try {
            while ($place > $first && $this->less($item, $items[$above = $place - 1 >> 1])) {
                $items[$place] = $items[$above];
                $place = $above;
            }
            $items[$place] = $item;
        } finally {
            // What can't be compared leaves them where they are.
            $heap->items = array_values($items);
        }
    }

    /** Moves an item down to the end, the lesser ones below it up, and from there up to its place. */
    private function sunk(ListValue $heap, int $place): void
    {
        [$items, $heap->items] = [$heap->items, []];
        [$first, $item, $end] = [$place, $items[$place], \count($items)];
        try {
            while (($below = 2 * $place + 1) < $end) {
                if ($below + 1 < $end && !$this->less($items[$below], $items[$below + 1])) {
                    ++$below;
                }
                $items[$place] = $items[$below];
                $place = $below;
            }
            $items[$place] = $item;
        } finally {
            $heap->items = array_values($items);
        }
        $this->risen($heap, $first, $place);
    }

    /** What a queue gives out next whose members are compared by a function (C++17, 26.6.5). */
    public function firstOut(mixed $list, mixed $isBefore): mixed
    {
        return $this->heapBy(self::list_($list), $isBefore)[0];
    }

    /** Takes that out of it (C++17, 28.7.7: of those that are alike, the one that the heap has first, as libstdc++ keeps it). */
    public function takeFirst(mixed $list, mixed $isBefore): void
    {
        $list = self::list_($list);
        $items = $this->heapBy($list, $isBefore);
        $last = array_pop($items);
        $many = \count($items);
        for ($hole = 0; $many > $next = 2 * $hole + 1; $hole = $next) {
            // The greater one of the two below comes up; of two that are alike the second.
            $next += $next + 1 < $many && !$this->isBehind($items[$next + 1], $items[$next], $isBefore) ? 1 : 0;
            $items[$hole] = $items[$next];
        }
        if (0 < $many) {
            $this->risenBy($items, $hole, $last, $isBefore);
        }
        $list->items = array_values($items);
        $this->told($list);
    }

    /**
     * The members as a heap has them to which one after the other was added.
     *
     * @return non-empty-array<int, mixed>
     */
    private function heapBy(ListValue $list, mixed $isBefore): array
    {
        if (!$isBefore instanceof \Closure) {
            throw new RunError('no_function');
        }
        $items = $list->items;
        Room::spend(\count($items));
        for ($at = 1; $at < \count($items); ++$at) {
            $this->risenBy($items, $at, $items[$at], $isBefore);
        }

        return [] === $items ? throw new RunError('no_item', ['index' => 0, 'size' => 0]) : $items;
    }

    /**
     * Puts a value as far above a place as it belongs.
     *
     * @param array<int, mixed> $items
     *
     * @param-out array<int, mixed> $items
     */
    private function risenBy(array &$items, int $hole, mixed $value, mixed $isBefore): void
    {
        while (0 < $hole && $this->isBehind($items[intdiv($hole - 1, 2)], $value, $isBefore)) {
            $items[$hole] = $items[intdiv($hole - 1, 2)];
            $hole = intdiv($hole - 1, 2);
        }
        $items[$hole] = $value;
    }

    private function isBehind(mixed $one, mixed $other, mixed $isBefore): bool
    {
        return $isBefore instanceof \Closure && $this->truth($isBefore($one, $other));
    }
}
