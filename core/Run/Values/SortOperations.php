<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** Putting lists in order, and finding what comes first or last in it. */
trait SortOperations
{
    public function sort(mixed $list): void
    {
        $list = self::list_($list);
        $items = $list->items;
        $list->items = $this->inOrder($items, 1);
        $this->told($list);
    }

    public function sortDown(mixed $list): void
    {
        $list = self::list_($list);
        $items = $list->items;
        $list->items = $this->inOrder($items, -1);
        $this->told($list);
    }

    public function sortAsTexts(mixed $list): void
    {
        $list = self::list_($list);
        $items = $list->items;
        $this->sortable($items);
        usort($items, fn (mixed $a, mixed $b): int => strcmp($this->text($a), $this->text($b)));
        $list->items = $items;
        $this->told($list);
    }

    public function sortedAsTexts(mixed $value): ListValue
    {
        $list = new ListValue($this->over($value));
        $this->sortAsTexts($list);

        return $list;
    }

    /**
     * Sorts a list by a function that tells whether one item belongs before another.
     *
     * @param mixed $keeps whether what is alike keeps its order, where a language has both
     */
    public function sortBefore(mixed $list, mixed $isBefore, mixed $keeps = null): void
    {
        $list = self::list_($list);
        if (!$isBefore instanceof \Closure) {
            throw new RunError('no_function');
        }
        $items = $list->items;
        Room::spend(4 * \count($items));
        usort($items, fn (mixed $one, mixed $other): int => $this->truth($isBefore($one, $other)) ? -1 : ($this->truth($isBefore($other, $one)) ? 1 : 0));
        $list->items = $items;
        $this->told($list);
    }

    public function sortPartBefore(mixed $list, mixed $isBefore, mixed $from, mixed $to): void
    {
        $list = self::list_($list);
        $part = new ListValue(\array_slice($list->items, static::integer($from), max(0, static::integer($to) - static::integer($from))));
        $this->sortBefore($part, $isBefore);
        $this->putRange($list, $from, $to, $part);
    }

    public function sortWith(mixed $list, mixed $compare): void
    {
        $list = self::list_($list);
        $list->items = $this->sortedWith($list, $compare)->items;
        $this->told($list);
    }

    /** Items that are alike keep their order. */
    public function sortedWith(mixed $list, mixed $compare): ListValue
    {
        if (!$compare instanceof \Closure) {
            throw new RunError('no_function');
        }
        [$items, $last] = $this->apartFromNothing($this->over($list));
        usort($items, static function (mixed $one, mixed $other) use ($compare): int {
            Room::spend(1);
            $order = $compare($one, $other);
            $order = \is_bool($order) ? (int) $order : static::numeric($order);

            return \is_float($order) && is_nan($order) ? 0 : $order <=> 0;
        });

        return new ListValue([...$items, ...$last]);
    }

    public function sortBy(mixed $list, mixed $key, mixed $keeps = null): void
    {
        $list = self::list_($list);
        $list->items = $this->orderedBy($list->items, $key, 1);
        $this->told($list);
    }

    public function sortDownBy(mixed $list, mixed $key, mixed $keeps = null): void
    {
        $list = self::list_($list);
        $list->items = $this->orderedBy($list->items, $key, -1);
        $this->told($list);
    }

    public function sortedBy(mixed $list, mixed $key): ListValue
    {
        return new ListValue($this->orderedBy($this->over($list), $key, 1));
    }

    public function sortedDownBy(mixed $list, mixed $key): ListValue
    {
        return new ListValue($this->orderedBy($this->over($list), $key, -1));
    }

    /**
     * Items that are alike keep their order.
     *
     * @param list<mixed> $items
     *
     * @return list<mixed>
     */
    private function orderedBy(array $items, mixed $key, int $sign): array
    {
        if (!$key instanceof \Closure) {
            throw new RunError('no_function');
        }
        $this->sortable($items);
        [$items, $last] = $this->apartFromNothing($items);
        $keys = array_map(static fn (mixed $item): mixed => $key($item), $items);
        $places = array_keys($items);
        usort($places, fn (int $a, int $b): int => $sign * $this->compare($keys[$a], $keys[$b]));

        return [...array_map(static fn (int $place): mixed => $items[$place], $places), ...$last];
    }

    /**
     * The items that are put in order, and those that stand behind them whatever is asked.
     *
     * @param list<mixed> $items
     *
     * @return array{list<mixed>, list<mixed>}
     */
    protected function apartFromNothing(array $items): array
    {
        return [$items, []];
    }

    /**
     * Items that are alike keep their order.
     *
     * @param list<mixed> $items
     *
     * @return list<mixed>
     */
    private function inOrder(array $items, int $sign): array
    {
        $numbers = array_filter($items, \is_int(...));
        $plain = \count($numbers) === \count($items) ? $numbers : array_filter($items, \is_string(...));
        if (\count($plain) === \count($items)) {
            // Whole numbers, or texts, are in the order that PHP has for them, too.
            Room::spend(2 * \count($items));
            $flags = $plain === $numbers ? \SORT_NUMERIC : \SORT_STRING;
            $sign > 0 ? sort($plain, $flags) : rsort($plain, $flags);

            return $plain;
        }
        $this->sortable($items);
        usort($items, fn (mixed $a, mixed $b): int => $sign * $this->compare($a, $b));

        return $items;
    }

    /** @param array<mixed> $items */
    private function sortable(array $items): void
    {
        $count = \count($items);
        Room::spend(4 * $count * (1 + (int) log($count + 1, 2)));
    }

    private function compare(mixed $a, mixed $b): int
    {
        if ($a instanceof ListValue && $b instanceof ListValue) {
            return $this->listOrder($a, $b);
        }

        return $this->less($a, $b) ? -1 : ($this->less($b, $a) ? 1 : 0);
    }

    public function sorted(mixed $value): ListValue
    {
        $list = new ListValue($this->over($value));
        $this->sort($list);
        if ($value instanceof ListValue && $value->descending) {
            $list->items = array_reverse($list->items);
        }

        return $list;
    }

    public function sortedDown(mixed $value): ListValue
    {
        $list = new ListValue($this->over($value));
        $this->sortDown($list);

        return $list;
    }

    /** Tells the trace, if it knows the list or the map, that all of it may be another one. */
    protected function told(mixed $value): void
    {
        if (($value instanceof ListValue || $value instanceof MapValue) && null !== $value->number) {
            $this->trace?->whole($value);
        }
    }

    public function leastBy(mixed $list, mixed $key): mixed
    {
        return $this->orderedBy($this->over($list), $key, 1)[0] ?? throw new RunError('nothing_to_compare');
    }

    public function greatestBy(mixed $list, mixed $key): mixed
    {
        return $this->orderedBy($this->over($list), $key, -1)[0] ?? throw new RunError('nothing_to_compare');
    }

    public function least(mixed $list): mixed
    {
        return $this->smaller(...$this->over($list));
    }

    public function greatest(mixed $list): mixed
    {
        return $this->larger(...$this->over($list));
    }

    /** The largest of several values, or of those in one list, as a function. */
    public function largestOf(): \Closure
    {
        return fn (mixed ...$values): mixed => 1 === \count($values) && $this->facts->strictTexts ? $this->greatest($values[0]) : $this->larger(...$values);
    }

    public function smallestOf(): \Closure
    {
        return fn (mixed ...$values): mixed => 1 === \count($values) && $this->facts->strictTexts ? $this->least($values[0]) : $this->smaller(...$values);
    }

    public function smaller(mixed ...$values): mixed
    {
        $least = array_shift($values) ?? throw new RunError('nothing_to_compare');
        foreach ($values as $value) {
            $least = $this->less($value, $least) ? $value : $least;
        }

        return $least;
    }

    public function larger(mixed ...$values): mixed
    {
        $most = array_shift($values) ?? throw new RunError('nothing_to_compare');
        foreach ($values as $value) {
            $most = $this->less($most, $value) ? $value : $most;
        }

        return $most;
    }

    public function greatestOr(mixed $items, mixed $other): mixed
    {
        return [] === ($all = $this->over($items)) ? $other : $this->greatest(new ListValue($all));
    }

    public function leastOr(mixed $items, mixed $other): mixed
    {
        return [] === ($all = $this->over($items)) ? $other : $this->least(new ListValue($all));
    }
}
