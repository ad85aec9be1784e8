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

    /** What a queue gives out next whose members are compared by a function (C++17, 26.6.5). */
    public function firstOut(mixed $list, mixed $isBehind): mixed
    {
        return $this->heapBy($list, $this->asLess($isBehind))->items[0];
    }

    /** Takes that out of it: of those that are alike the one that libstdc++ has first, which moves items as heapq does. */
    public function takeFirst(mixed $list, mixed $isBehind): void
    {
        $less = $this->asLess($isBehind);
        $heap = $this->heapBy($list, $less);
        $last = array_pop($heap->items);
        if ([] !== $heap->items) {
            $heap->items[0] = $last;
            $this->sunk($heap, 0, $less);
        }
        $list = self::list_($list);
        $list->items = array_values($heap->items);
        $this->told($list);
    }

    /**
     * The greatest first is the least first the other way round.
     *
     * @return \Closure(mixed, mixed): bool
     */
    private function asLess(mixed $isBehind): \Closure
    {
        return $isBehind instanceof \Closure ? fn (mixed $one, mixed $other): bool => $this->truth($isBehind($other, $one)) : throw new RunError('no_function');
    }

    /**
     * The members as a heap has them to which one after the other was added; a heap stays as it is.
     *
     * @param \Closure(mixed, mixed): bool $less
     */
    private function heapBy(mixed $list, \Closure $less): ListValue
    {
        $heap = new ListValue(self::list_($list)->items);
        $many = \count($heap->items);
        Room::spend($many);
        for ($at = 1; $at < $many; ++$at) {
            $this->risen($heap, 0, $at, $less);
        }

        return 0 < $many ? $heap : throw new RunError('no_item', ['index' => 0, 'size' => 0]);
    }

    /**
     * Moves an item up to where none above it, down to the first place, is greater.
     *
     * @param (\Closure(mixed, mixed): bool)|null $less
     */
    private function risen(ListValue $heap, int $first, int $place, ?\Closure $less = null): void
    {
        $less ??= $this->less(...);
        // Taken out meanwhile, so that no place of them is copied.
        [$items, $heap->items] = [$heap->items, []];
        $item = $items[$place];
        try {
            while ($place > $first && $less($item, $items[$above = $place - 1 >> 1])) {
                $items[$place] = $items[$above];
                $place = $above;
            }
            $items[$place] = $item;
        } finally {
            // What can't be compared leaves them where they are.
            $heap->items = array_values($items);
        }
    }

    /**
     * Moves an item down to the end, the lesser ones below it up, and from there up to its place.
     *
     * @param (\Closure(mixed, mixed): bool)|null $less
     */
    private function sunk(ListValue $heap, int $place, ?\Closure $less = null): void
    {
        $less ??= $this->less(...);
        [$items, $heap->items] = [$heap->items, []];
        [$first, $item, $end] = [$place, $items[$place], \count($items)];
        try {
            while (($below = 2 * $place + 1) < $end) {
                if ($below + 1 < $end && !$less($items[$below], $items[$below + 1])) {
                    ++$below;
                }
                $items[$place] = $items[$below];
                $place = $below;
            }
            $items[$place] = $item;
        } finally {
            $heap->items = array_values($items);
        }
        $this->risen($heap, $first, $place, $less);
    }
}
