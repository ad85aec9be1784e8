<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** Maps that know what is missing, lists with two ends, and orders of items (The Python Standard Library, collections and itertools). */
trait CollectionOperations
{
    public function counter(mixed $items = null): MapValue
    {
        $counts = new MapValue();
        $counts->made = 'Counter';
        $counts->missing = static fn (): int => 0;
        if ($items instanceof MapValue && 'set' !== $items->sort) {
            $counts->entries = $items->entries;
        } elseif (null !== $items) {
            $this->counted($counts, $items);
        }

        return $counts;
    }

    /** Counts items, each once, or as often as a map says of it (The Python Standard Library, Counter.update). */
    private function counted(MapValue $counts, mixed $items, bool $isOff = false): void
    {
        $entries = $items instanceof MapValue && 'set' !== $items->sort && '' === $items->class ? array_values($items->entries) : array_map(static fn (mixed $item): array => [$item, 1], $this->over($items));
        foreach ($entries as [$item, $many]) {
            $tag = MapValue::tag($item);
            $before = $counts->entries[$tag][1] ?? 0;
            $counts->entries[$tag] = [$counts->entries[$tag][0] ?? $item, $isOff ? $this->subtract($before, $many) : $this->add($before, $many)];
        }
    }

    public function countedOff(mixed $counts, mixed $items): void
    {
        if (!self::isCounter($counts)) {
            throw new RunError('no_method', ['name' => 'subtract'], "'".self::className($counts)."' object has no attribute 'subtract'");
        }
        $this->counted(self::map_($counts), $items, true);
    }

    protected static function isCounter(mixed $value): bool
    {
        return $value instanceof MapValue && 'Counter' === $value->made;
    }

    /**
     * Two counts as one: of what has a count in either, what is made of both counts, where that is above nought.
     *
     * @param \Closure(mixed, mixed): mixed $made
     */
    protected function tallied(mixed $one, mixed $other, \Closure $made): MapValue
    {
        $counts = $this->counter();
        [$left, $right] = [self::map_($one)->entries, self::map_($other)->entries];
        foreach ($left + $right as $tag => [$item]) {
            $count = $made($left[$tag][1] ?? 0, $right[$tag][1] ?? 0);
            if ($this->less(0, $count)) {
                $counts->entries[$tag] = [$item, $count];
            }
        }

        return $counts;
    }

    public function mostCommon(mixed $counts): ListValue
    {
        $pairs = array_values(self::map_($counts)->entries);
        // What is equal stays as it was put in.
        usort($pairs, fn (array $one, array $other): int => $this->less($other[1], $one[1]) ? -1 : ($this->less($one[1], $other[1]) ? 1 : 0));

        return new ListValue(array_map(static fn (array $pair): ListValue => new ListValue($pair, true), $pairs));
    }

    public function mostCommonOf(mixed $counts, mixed $most): ListValue
    {
        return new ListValue(\array_slice($this->mostCommon($counts)->items, 0, max(0, static::integer($most))));
    }

    /** Each as often as it was counted. */
    public function countedItems(mixed $counts): ListValue
    {
        $items = [];
        foreach (self::map_($counts)->entries as [$item, $count]) {
            $most = max(0, static::integer($count));
            Room::spend($most);
            array_push($items, ...array_fill(0, $most, $item));
        }

        return new ListValue($items);
    }

    public function orderedMap(mixed $map = null): MapValue
    {
        $ordered = null === $map ? new MapValue() : clone self::map_($map);
        $ordered->made = 'OrderedDict';

        return $ordered;
    }

    public function movedToEnd(mixed $map, mixed $key, bool $isLast = true): void
    {
        $map = self::map_($map);
        $tag = MapValue::tag($key);
        $entry = $map->entries[$tag] ?? throw new RunError('no_key', ['key' => mb_substr($this->text($key), 0, 30)], $this->display($key));
        unset($map->entries[$tag]);
        $map->entries = $isLast ? $map->entries + [$tag => $entry] : [$tag => $entry] + $map->entries;
    }

    public function movedToStart(mixed $map, mixed $key): void
    {
        $this->movedToEnd($map, $key, false);
    }

    /** Numbers without an end. */
    public function countedOn(mixed $from = 0, mixed $by = 1): ListValue
    {
        return $this->begun((function () use ($from, $by): \Generator {
            for ($number = $from;; $number = $this->add($number, $by)) {
                yield $number;
            }
        })());
    }

    /** One after the other, and then again from the first. */
    public function againInTurn(mixed $items): ListValue
    {
        $items = $this->over($items);

        return $this->begun((static function () use ($items): \Generator {
            while ([] !== $items) {
                yield from $items;
            }
        })());
    }

    public function takenSome(mixed $items, mixed $count): ListValue
    {
        $begun = $this->begunOf($items);
        $taken = [];
        for ($left = static::integer($count); $left > 0 && $begun->hasNext(); --$left) {
            $taken[] = array_shift($begun->items);
            Room::spend(1);
        }

        return new ListValue($taken);
    }

    public function takenWhile(mixed $holds, mixed $items): ListValue
    {
        $begun = $this->begunOf($items);
        $taken = [];
        while ($holds instanceof \Closure && $begun->hasNext()) {
            $item = array_shift($begun->items);
            if (!$this->truth($holds($item))) {
                break;
            }
            $taken[] = $item;
            Room::spend(1);
        }

        return new ListValue($taken);
    }

    public function zippedLongest(mixed $one, mixed $other, mixed $fill): ListValue
    {
        [$one, $other] = [$this->over($one), $this->over($other)];
        $rows = [];
        for ($at = 0, $count = max(\count($one), \count($other)); $at < $count; ++$at) {
            $rows[] = new ListValue([\array_key_exists($at, $one) ? $one[$at] : $fill, \array_key_exists($at, $other) ? $other[$at] : $fill], true);
        }
        Room::spend(\count($rows));

        return new ListValue($rows);
    }

    /** @param mixed $kind the name of a kind of values, or a function that makes one */
    public function defaultMap(mixed $kind): MapValue
    {
        $map = new MapValue();
        $map->made = \is_string($kind) ? "defaultdict(<class '$kind'>, " : 'defaultdict(<function';
        $map->missing = $kind instanceof \Closure ? static fn (): mixed => $kind() : match ($kind) {
            'int' => static fn (): int => 0,
            'float' => static fn (): float => 0.0,
            'str' => static fn (): string => '',
            'bool' => static fn (): bool => false,
            'list' => static fn (): ListValue => new ListValue([]),
            'dict' => static fn (): MapValue => new MapValue(),
            'set' => fn (): MapValue => $this->setOf(),
            default => throw new RunError('no_function'),
        };

        return $map;
    }

    /** What a map gives that does not have a key; null where it has nothing to give. */
    private function madeForMissing(MapValue $map, mixed $key): mixed
    {
        $value = null === $map->missing ? null : ($map->missing)();
        if ('Counter' !== $map->made) {
            $this->put($map, $key, $value);
        }

        return $value;
    }

    /** A value with all that it holds made anew; what is there twice is there twice in the copy, too. */
    public function deepCopied(mixed $value): mixed
    {
        /** @var \SplObjectStorage<object, object> $made */
        $made = new \SplObjectStorage();

        return $this->deeplyCopied($value, $made, 0);
    }

    /** @param \SplObjectStorage<object, object> $made */
    private function deeplyCopied(mixed $value, \SplObjectStorage $made, int $depth): mixed
    {
        if (!$value instanceof ListValue && !$value instanceof MapValue) {
            return $value;
        }
        if ($made->contains($value)) {
            return $made[$value];
        }
        Room::spend(1);
        $depth = Depth::deeper($depth);
        $made[$value] = $copy = clone $value;
        $copy->number = null;
        if ($copy instanceof ListValue) {
            foreach ($copy->items as $index => $item) {
                $copy->items[$index] = $this->deeplyCopied($item, $made, $depth); // @phpstan-ignore assign.propertyType (the place is one of the list's)
            }
        } else {
            foreach ($copy->entries as $tag => [$key, $item]) {
                $copy->entries[$tag] = [$key, $this->deeplyCopied($item, $made, $depth)];
            }
        }

        return $copy;
    }

    public function leftWhile(mixed $holds, mixed $items): ListValue
    {
        $items = $this->over($items);
        for ($at = 0; $holds instanceof \Closure && \array_key_exists($at, $items) && $this->truth($holds($items[$at])); ++$at) {
        }

        return new ListValue(\array_slice($items, $at));
    }

    /** @return ListValue each item with the one behind it */
    public function pairsAlong(mixed $items): ListValue
    {
        $items = $this->over($items);
        $pairs = [];
        for ($at = 1; $at < \count($items); ++$at) {
            $pairs[] = new ListValue([$items[$at - 1], $items[$at]], true);
        }

        return new ListValue($pairs);
    }

    public function twoEnded(mixed $items = null, mixed $most = null): ListValue
    {
        $list = new ListValue(null === $items ? [] : $this->over($items));
        $list->made = 'deque';
        if (null !== $most) {
            $list->most = max(0, static::integer($most));
            $list->items = 0 === $list->most ? [] : \array_slice($list->items, -$list->most);
        }

        return $list;
    }

    public function turnedBy(mixed $list, mixed $steps): void
    {
        $list = self::list_($list);
        $count = \count($list->items);
        $by = 0 === $count ? 0 : ((static::integer($steps) % $count) + $count) % $count;
        $list->items = [...\array_slice($list->items, $count - $by), ...\array_slice($list->items, 0, $count - $by)];
        $this->told($list);
    }

    public function orders(mixed $items, mixed $size = null): ListValue
    {
        $items = $this->over($items);
        $size = null === $size ? \count($items) : static::integer($size);
        $orders = [];
        if ($this->isSizeOf($items, $size)) {
            $this->ordersOf($items, $size, [], $orders);
        }

        return new ListValue($orders);
    }

    /**
     * @param list<mixed>     $items
     * @param list<mixed>     $chosen
     * @param list<ListValue> $orders
     */
    private function ordersOf(array $items, int $size, array $chosen, array &$orders): void
    {
        if (0 === $size) {
            $this->oneMore($orders, $chosen);

            return;
        }
        foreach ($items as $index => $item) {
            $others = $items;
            array_splice($others, $index, 1);
            $this->ordersOf($others, $size - 1, [...$chosen, $item], $orders);
        }
    }

    public function choices(mixed $items, mixed $size): ListValue
    {
        $choices = [];
        $items = $this->over($items);
        if ($this->isSizeOf($items, $size = static::integer($size))) {
            $this->choicesOf($items, $size, 0, [], $choices);
        }

        return new ListValue($choices);
    }

    /**
     * @param list<mixed>     $items
     * @param list<mixed>     $chosen
     * @param list<ListValue> $choices
     */
    private function choicesOf(array $items, int $size, int $from, array $chosen, array &$choices): void
    {
        if (0 === $size) {
            $this->oneMore($choices, $chosen);

            return;
        }
        for ($index = $from; $index <= \count($items) - $size; ++$index) {
            $this->choicesOf($items, $size - 1, $index + 1, [...$chosen, $items[$index]], $choices);
        }
    }

    /**
     * Whether so many of some items can be chosen at all.
     *
     * @param list<mixed> $items
     */
    private function isSizeOf(array $items, int $size): bool
    {
        return $size < 0 ? throw new RunError('negative_choice', [], 'r must be non-negative') : $size <= \count($items);
    }

    public function combined(mixed ...$lists): ListValue
    {
        $last = $this->over(array_pop($lists));
        $rows = [[]];
        foreach ($lists as $list) {
            $longer = [];
            $items = $this->over($list);
            foreach ($rows as $row) {
                foreach ($items as $item) {
                    Room::spend(1);
                    $longer[] = [...$row, $item];
                }
            }
            $rows = $longer;
        }
        $all = [];
        foreach ($rows as $row) {
            foreach ($last as $item) {
                $this->oneMore($all, [...$row, $item]);
            }
        }

        return new ListValue($all);
    }

    /**
     * @param list<ListValue> $all
     * @param list<mixed>     $items
     */
    private function oneMore(array &$all, array $items): void
    {
        if (\count($all) >= self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        $all[] = new ListValue($items, true);
    }

    public function totals(mixed $list): ListValue
    {
        $sums = [];
        $sum = null;
        foreach ($this->over($list) as $item) {
            $sums[] = $sum = null === $sum ? $item : $this->add($sum, $item);
        }

        return new ListValue($sums);
    }

    /** What a function of two gives of all before and of each (The Python Standard Library, itertools.accumulate). */
    public function totalsBy(mixed $list, mixed $join): ListValue
    {
        $join instanceof \Closure || throw new RunError('no_function');
        $so = [];
        foreach ($this->over($list) as $item) {
            $so[] = [] === $so ? $item : $join($so[\count($so) - 1], $item);
        }

        return new ListValue($so);
    }

    public function totalsFrom(mixed $list, mixed $join, mixed $start): ListValue
    {
        return $this->totalsBy(new ListValue([$start, ...$this->over($list)]), $join);
    }

    public function chainedAll(mixed $lists): ListValue
    {
        return $this->chained(...$this->over($lists));
    }

    public function chained(mixed ...$lists): ListValue
    {
        return new ListValue(array_merge(...array_map(fn (mixed $list): array => \is_string($list) ? $this->letters($list)->items : $this->over($list), array_values($lists))));
    }
}
