<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** What is done with each item of a list by a function. */
trait FunctionOperations
{
    public function mapped(mixed $list, mixed $function): ListValue
    {
        $made = [];
        foreach ($this->over($list) as $index => $item) {
            $made[] = $this->appliedTo($function, $item, $index, $list);
        }

        return new ListValue($made);
    }

    public function sifted(mixed $list, mixed $function): ListValue
    {
        $kept = [];
        foreach ($this->over($list) as $index => $item) {
            if ($this->truth($this->appliedTo($function, $item, $index, $list))) {
                $kept[] = $item;
            }
        }

        return new ListValue($kept);
    }

    public function doneWithEach(mixed $list, mixed $function): void
    {
        foreach ($list instanceof MapValue && 'Map' === $list->sort ? array_values($list->entries) : array_map(null, array_keys($this->over($list)), $this->over($list)) as $entry) {
            if (!$function instanceof \Closure) {
                throw new RunError('no_function');
            }
            $this->facts->handsPlaces ? $function($entry[1] ?? null, \is_int($entry[0]) ? (float) $entry[0] : $entry[0], $list) : $function($entry[1] ?? null);
        }
    }

    /** A function and what JavaScript hands it: the item, its place, and the list. */
    private function appliedTo(mixed $function, mixed $item, int $index, mixed $list): mixed
    {
        if (!$function instanceof \Closure) {
            throw new RunError('no_function');
        }

        return $this->facts->handsPlaces ? $function($item, (float) $index, $list) : $function($item);
    }

    public function reducedNumbered(mixed $list, mixed $join, mixed $start): mixed
    {
        foreach ($this->over($list) as $index => $item) {
            $start = $join instanceof \Closure ? $join($start, $item, (float) $index, $list) : throw new RunError('no_function');
        }

        return $start;
    }

    public function reducedBack(mixed $list, mixed $join, mixed $start): mixed
    {
        foreach (array_reverse($this->over($list), true) as $index => $item) {
            $start = $join instanceof \Closure ? $join($start, $item, (float) $index) : throw new RunError('no_function');
        }

        return $start;
    }

    public function reduced(mixed $list, mixed $join, mixed $start): mixed
    {
        foreach ($this->over($list) as $item) {
            $start = $join instanceof \Closure ? $join($start, $item) : throw new RunError('no_function');
        }

        return $start;
    }

    /** The first item of which a condition holds. */
    public function firstOf(mixed $list, mixed $condition): mixed
    {
        foreach ($this->over($list) as $item) {
            if ($this->truth($condition instanceof \Closure ? $condition($item) : throw new RunError('no_function'))) {
                return $item;
            }
        }

        return null;
    }

    /** The place of the first item of which a condition holds; -1 for none. */
    public function firstPlace(mixed $list, mixed $condition): int|float
    {
        foreach ($this->over($list) as $place => $item) {
            if ($this->truth($condition instanceof \Closure ? $condition($item) : throw new RunError('no_function'))) {
                return $this->count_($place);
            }
        }

        return $this->count_(-1);
    }

    /** All items made one by a function of two, from the first on. */
    public function folded(mixed $list, mixed $join): mixed
    {
        $items = $this->over($list);
        if ([] === $items) {
            throw new RunError('empty_list', [], $this->facts->says('reduce'));
        }

        return $this->reduced(new ListValue(\array_slice($items, 1)), $join, $items[0]);
    }

    /**
     * Whether what is found for any of several items holds, or for all of them.
     *
     * @param list<mixed> $items
     */
    public function decided(bool $isAny, array $items, \Closure $each, ?\Closure $counts = null): bool
    {
        foreach ($items as $item) {
            if ((null === $counts || true === $counts($item)) && $isAny === $this->truth($each($item))) {
                return $isAny;
            }
        }

        return !$isAny;
    }

    /** @param iterable<mixed> $items */
    public function foundLater(iterable $items, \Closure $each, ?\Closure $counts): \Generator
    {
        foreach ($items as $item) {
            if (null === $counts || true === $counts($item)) {
                yield $each($item);
            }
        }
    }

    /** @param iterable<mixed> $items */
    public function foundFirst(iterable $items, \Closure $each, ?\Closure $counts): mixed
    {
        foreach ($items as $item) {
            if (null === $counts || true === $counts($item)) {
                return $each($item);
            }
        }

        throw new RunError('no_more', [], '');
    }

    /** @param iterable<mixed> $items */
    public function foundFirstOr(iterable $items, \Closure $each, ?\Closure $counts, mixed $otherwise): mixed
    {
        foreach ($items as $item) {
            if (null === $counts || true === $counts($item)) {
                return $each($item);
            }
        }

        return $otherwise;
    }

    /**
     * @param list<mixed> $items
     *
     * @return list<mixed> what is made of those that count
     */
    public function picked(array $items, \Closure $counts, \Closure $each): array
    {
        $made = [];
        foreach ($items as $item) {
            if (true === $counts($item)) {
                $made[] = $each($item);
            }
        }

        return $made;
    }

    public function anyHolds(mixed $list): bool
    {
        foreach ($this->over($list) as $item) {
            if ($this->truth($item)) {
                return true;
            }
        }

        return false;
    }

    public function allHold(mixed $list): bool
    {
        foreach ($this->over($list) as $item) {
            if (!$this->truth($item)) {
                return false;
            }
        }

        return true;
    }
}
