<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** What can be done with lists and maps, and with texts as rows of letters. */
trait ListOperations
{
    public static function list_(mixed $value): ListValue
    {
        return $value instanceof ListValue ? $value : throw new RunError('not_a_list');
    }

    /** @param list<mixed> $items */
    public function list(array $items): ListValue
    {
        return new ListValue($items);
    }

    /** @param list<mixed> $entries key, value, key, value, … */
    public function map(array $entries): MapValue
    {
        $map = new MapValue();
        for ($index = 0; $index + 1 < \count($entries); $index += 2) {
            $key = $this->keyed($entries[$index]);
            $tag = MapValue::tag($key);
            $map->entries[$tag] = [$map->entries[$tag][0] ?? $key, $entries[$index + 1]];
        }
        $this->sorted_($map);

        return $map;
    }

    /** @return list<mixed> what a loop goes over */
    public function over(mixed $value): array
    {
        if ($value instanceof ListValue) {
            Room::spend(\count($value->items));

            return $value->items;
        }
        if ($value instanceof MapValue) {
            Room::spend(\count($value->entries));

            return array_column($value->entries, 0);
        }

        return \is_string($value) ? mb_str_split(self::text_($value)) : throw new RunError('not_a_list');
    }

    /** @return list<mixed> what a loop with several names goes over */
    public function rows(mixed $value): array
    {
        return $value instanceof MapValue ? $this->entries($value)->items : $this->over($value);
    }

    public function asList(mixed $value): ListValue
    {
        return new ListValue($this->over($value));
    }

    /**
     * The values of a list for several names.
     *
     * @return list<mixed>
     */
    public function apart(mixed $value, int $wanted): array
    {
        $items = $this->over($value);

        return \count($items) === $wanted ? $items : throw new RunError('not_that_many', ['wanted' => $wanted, 'given' => \count($items)]);
    }

    public function numbered(mixed $value): ListValue
    {
        $pairs = [];
        foreach ($this->over($value) as $index => $item) {
            $pairs[] = new ListValue([$this->count_($index), $item], true);
        }

        return new ListValue($pairs);
    }

    public function numberedFrom(mixed $value, mixed $from): ListValue
    {
        $pairs = [];
        foreach ($this->over($value) as $index => $item) {
            $pairs[] = new ListValue([$this->add($this->count_($index), $from), $item], true);
        }

        return new ListValue($pairs);
    }

    public function paired(mixed $one, mixed $other): ListValue
    {
        $pairs = [];
        $others = $this->over($other);
        foreach ($this->over($one) as $index => $item) {
            if (!\array_key_exists($index, $others)) {
                break;
            }
            $pairs[] = new ListValue([$item, $others[$index]], true);
        }

        return new ListValue($pairs);
    }

    public function entries(mixed $map): ListValue
    {
        return new ListValue(array_map(static fn (array $pair): ListValue => new ListValue($pair, true), array_values(self::map_($map)->entries)));
    }

    public static function map_(mixed $value): MapValue
    {
        return $value instanceof MapValue ? $value : throw new RunError('not_a_map');
    }

    public function length(mixed $value): int|float
    {
        return $this->count_(match (true) {
            \is_string($value) => mb_strlen($value),
            $value instanceof ListValue => \count($value->items),
            $value instanceof MapValue => \count($value->entries),
            default => throw new RunError('no_length'),
        });
    }

    public function isEmpty(mixed $value): bool
    {
        return 0 == $this->length($value);
    }

    public function contains(mixed $in, mixed $what): bool
    {
        if (\is_string($in)) {
            return str_contains($in, self::text_($what));
        }
        if ($in instanceof MapValue) {
            return isset($in->entries[MapValue::tag($this->keyed($what))]);
        }
        foreach ($this->over(self::list_($in)) as $item) {
            if ($this->equal($item, $what)) {
                return true;
            }
        }

        return false;
    }

    public function position(mixed $in, mixed $what): int|float
    {
        if (\is_string($in)) {
            $at = mb_strpos(self::text_($in), self::text_($what));

            return $this->count_(false === $at ? -1 : $at);
        }
        foreach ($this->over(self::list_($in)) as $index => $item) {
            if ($this->equal($item, $what)) {
                return $this->count_($index);
            }
        }

        return $this->count_(-1);
    }

    public function index(mixed $in, mixed $what): int|float
    {
        $at = $this->position($in, $what);

        return $at < 0 ? throw new RunError('not_in_list', ['value' => mb_substr($this->text($what), 0, 30)]) : $at;
    }

    public function occurrences(mixed $in, mixed $what): int|float
    {
        if (\is_string($in)) {
            $what = self::text_($what);

            return $this->count_('' === $what ? mb_strlen($in) + 1 : substr_count($in, $what));
        }

        return $this->count_(\count(array_filter($this->over(self::list_($in)), fn (mixed $item): bool => $this->equal($item, $what))));
    }

    public function repeated(mixed $value, mixed $times): string|ListValue
    {
        $times = max(0, self::whole($times));
        if (\is_string($value)) {
            if (\strlen($value) * $times > self::LONGEST) {
                throw new RunError('long_text', ['longest' => self::LONGEST]);
            }

            Room::spend(\strlen($value) * $times >> 6);

            return str_repeat($value, $times);
        }
        $items = self::list_($value)->items;
        if (\count($items) * $times > self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        Room::reserve(16 * \count($items) * $times);
        Room::spend(\count($items) * $times);
        $all = [];
        for ($turn = 0; $turn < $times; ++$turn) {
            array_push($all, ...$items);
        }

        return new ListValue($all, self::list_($value)->fixed);
    }

    public function filled(mixed $times, mixed $value): ListValue
    {
        $times = self::whole($times);

        if ($times > self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        Room::reserve(16 * max(0, $times));

        return new ListValue($times <= 0 ? [] : array_fill(0, $times, $value));
    }

    public function backwards(mixed $value): string|ListValue
    {
        return \is_string($value) ? implode('', array_reverse(mb_str_split($value))) : new ListValue(array_reverse($this->over($value)), $value instanceof ListValue && $value->fixed);
    }

    public function slice(mixed $value, mixed $from, mixed $to): string|ListValue
    {
        $items = \is_string($value) ? mb_str_split($value) : self::list_($value)->items;
        $size = \count($items);
        $from = null === $from ? 0 : self::bound_(self::whole($from), $size);
        $to = null === $to ? $size : self::bound_(self::whole($to), $size);
        $part = \array_slice($items, $from, max(0, $to - $from));

        return \is_string($value) ? implode('', array_map(self::text_(...), $part)) : new ListValue($part, $value instanceof ListValue && $value->fixed);
    }

    /** Every n-th item from one bound until the other; The Python Language Reference, 3.2, extended slicing. */
    public function stepped(mixed $value, mixed $from, mixed $to, mixed $by): string|ListValue
    {
        $items = \is_string($value) ? mb_str_split($value) : self::list_($value)->items;
        $by = self::whole($by);
        if (0 === $by) {
            throw new RunError('count_by_zero');
        }
        $size = \count($items);
        $bound = static fn (mixed $at, int $open): int => null === $at || Nothing::Null === $at ? $open : max($by > 0 ? 0 : -1, min($by > 0 ? $size : $size - 1, self::whole($at) < 0 ? self::whole($at) + $size : self::whole($at)));
        $part = [];
        $end = $bound($to, $by > 0 ? $size : -1);
        for ($at = $bound($from, $by > 0 ? 0 : $size - 1); $by > 0 ? $at < $end : $at > $end; $at += $by) {
            $part[] = $items[$at];
        }

        return \is_string($value) ? implode('', array_map(self::text_(...), $part)) : new ListValue($part, $value instanceof ListValue && $value->fixed);
    }

    public function asTuple(mixed $value): ListValue
    {
        return new ListValue($this->over($value), true);
    }

    public function flattened(mixed $lists): ListValue
    {
        $all = [];
        foreach ($this->over($lists) as $list) {
            foreach ($list instanceof ListValue ? $list->items : [$list] as $item) {
                $all[] = $item;
            }
        }

        return \count($all) > self::MOST_ITEMS ? throw new RunError('long_list', ['most' => self::MOST_ITEMS]) : new ListValue($all);
    }

    public function leastBy(mixed $list, mixed $key): mixed
    {
        return $this->orderedBy($this->over($list), $key, 1)[0] ?? throw new RunError('nothing_to_compare');
    }

    public function greatestBy(mixed $list, mixed $key): mixed
    {
        return $this->orderedBy($this->over($list), $key, -1)[0] ?? throw new RunError('nothing_to_compare');
    }

    public function mapOf(mixed $pairs): MapValue
    {
        $map = new MapValue();
        foreach ($pairs instanceof MapValue ? $this->entries($pairs)->items : $this->over($pairs) as $pair) {
            [$key, $value] = $this->apart($pair, 2);
            $this->put($map, $key, $value);
        }

        return $map;
    }

    public function update(mixed $map, mixed $other): void
    {
        foreach (self::map_($other)->entries as [$key, $value]) {
            $this->put(self::map_($map), $key, $value);
        }
    }

    private static function bound_(int $bound, int $size): int
    {
        return max(0, min($size, $bound < 0 ? $bound + $size : $bound));
    }

    public function item(mixed $container, mixed $index): mixed
    {
        if ($container instanceof MapValue) {
            $entry = $container->entries[MapValue::tag($this->keyed($index))] ?? null;

            return null === $entry ? $this->noKey($container, $index) : $entry[1];
        }
        $items = \is_string($container) ? mb_str_split($container) : self::list_($container)->items;
        $at = $this->place($index, \count($items));

        return null === $at ? $this->noItem($index, \count($items)) : $items[$at];
    }

    /** The last item is at -1. */
    public function itemFromEnd(mixed $container, mixed $index): mixed
    {
        return $container instanceof MapValue ? $this->item($container, $index) : $this->item($container, self::number($index) + self::number($this->length($container)));
    }

    /** A place in a list, counted from 0; null if the list has none such. */
    protected function place(mixed $index, int $size): ?int
    {
        $index = self::whole($index);

        return $index >= 0 && $index < $size ? $index : null;
    }

    protected function noItem(mixed $index, int $size): mixed
    {
        throw new RunError('no_item', ['index' => self::whole($index), 'size' => $size]);
    }

    protected function noKey(MapValue $map, mixed $key): mixed
    {
        throw new RunError('no_key', ['key' => mb_substr($this->text($key), 0, 30)]);
    }

    public function put(mixed $container, mixed $index, mixed $value): void
    {
        if ($container instanceof MapValue) {
            $key = $this->keyed($index);
            $tag = MapValue::tag($key);
            // A key that is there stays as it was put in first.
            $isNew = !isset($container->entries[$tag]);
            $container->entries[$tag] = [$container->entries[$tag][0] ?? $key, $value];
            if ($isNew) {
                $this->sorted_($container);
            }
            null === $container->number || $this->trace?->entry($container, $tag, $isNew);

            return;
        }
        if (\is_string($container)) {
            throw new RunError('fixed_text');
        }
        $list = self::list_($container);
        if ($list->fixed) {
            throw new RunError('fixed_list');
        }
        $at = $this->place($index, \count($list->items));
        if (null === $at) {
            $this->putBeyond($list, self::whole($index), $value);
        } else {
            // Written in place, as a copy would take as long as the list is. @phpstan-ignore assign.propertyType (the place is one of the list's)
            $list->items[$at] = $value;
            null === $list->number || $this->trace?->placed($list, $at);
        }
    }

    protected function putBeyond(ListValue $list, int $index, mixed $value): void
    {
        throw new RunError('no_item', ['index' => $index, 'size' => \count($list->items)]);
    }

    /** A key as a map keeps it. */
    protected function keyed(mixed $key): mixed
    {
        return $key;
    }

    /** C++ keeps maps in the order of their keys. */
    protected function sorted_(MapValue $map): void
    {
    }

    public function append(mixed $list, mixed $value): void
    {
        $list = self::list_($list);
        if ($list->fixed) {
            throw new RunError('fixed_list');
        }
        if (\count($list->items) >= self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        $list->items[] = $value;
        null === $list->number || $this->trace?->appended($list);
    }

    public function insert(mixed $list, mixed $at, mixed $value): void
    {
        $list = self::list_($list);
        $items = $list->items;
        if (\count($items) >= self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        Room::spend(\count($items) >> 3);
        array_splice($items, self::bound_(self::whole($at), \count($items)), 0, [$value]);
        $list->items = $items;
        $this->told($list);
    }

    public function prepend(mixed $list, mixed $value): void
    {
        $this->insert($list, 0, $value);
    }

    public function extend(mixed $list, mixed $other): void
    {
        foreach ($this->over($other) as $value) {
            $this->append($list, $value);
        }
    }

    public function pop(mixed $list): mixed
    {
        return $this->popAt($list, \count(self::list_($list)->items) - 1);
    }

    public function dropLast(mixed $list): void
    {
        $this->pop($list);
    }

    public function shift(mixed $list): mixed
    {
        return $this->popAt($list, 0);
    }

    public function dropFirst(mixed $list): void
    {
        $this->popAt($list, 0);
    }

    public function popAt(mixed $list, mixed $index): mixed
    {
        if ($list instanceof MapValue) {
            $value = $this->item($list, $index);
            unset($list->entries[MapValue::tag($this->keyed($index))]);
            $this->told($list);

            return $value;
        }
        $list = self::list_($list);
        $at = $this->place($index, \count($list->items));
        if (null === $at) {
            return $this->noItem($index, \count($list->items));
        }
        if ($at === \count($list->items) - 1) {
            $value = array_pop($list->items);
            null === $list->number || $this->trace?->dropped($list);

            return $value;
        }
        Room::spend(\count($list->items) >> 3);
        $items = $list->items;
        $value = array_splice($items, $at, 1)[0];
        $list->items = $items;
        $this->told($list);

        return $value;
    }

    public function dropAt(mixed $list, mixed $index): void
    {
        $this->popAt($list, $index);
    }

    /** Items from one place on; what is not there is not missed. */
    public function dropRange(mixed $list, mixed $from, mixed $count): void
    {
        $list = self::list_($list);
        $from = self::bound_(self::whole($from), \count($list->items));
        array_splice($list->items, $from, max(0, self::whole($count)));
        $this->told($list);
    }

    public function forget(mixed $map, mixed $key): void
    {
        $this->popAt($map, $key);
    }

    public function remove(mixed $list, mixed $value): void
    {
        $this->popAt($list, $this->index($list, $value));
    }

    public function clear(mixed $value): void
    {
        if ($value instanceof MapValue) {
            $value->entries = [];
        } else {
            self::list_($value)->items = [];
        }
        $this->told($value);
    }

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

    public function lastPosition(mixed $in, mixed $what): int|float
    {
        if (\is_string($in)) {
            $at = mb_strrpos($in, self::text_($what));

            return $this->count_(false === $at ? -1 : $at);
        }
        $places = array_keys(array_filter(self::list_($in)->items, fn (mixed $item): bool => $this->equal($item, $what)));

        return $this->count_([] === $places ? -1 : max($places));
    }

    public function sortBy(mixed $list, mixed $key): void
    {
        $list = self::list_($list);
        $list->items = $this->orderedBy($list->items, $key, 1);
        $this->told($list);
    }

    public function sortDownBy(mixed $list, mixed $key): void
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
        $keys = array_map(static fn (mixed $item): mixed => $key($item), $items);
        $places = array_keys($items);
        usort($places, fn (int $a, int $b): int => $sign * $this->compare($keys[$a], $keys[$b]));

        return array_map(static fn (int $place): mixed => $items[$place], $places);
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

    /** Tells the trace, if it knows the list or the map, that all of it may be another one. */
    protected function told(mixed $value): void
    {
        if (($value instanceof ListValue || $value instanceof MapValue) && null !== $value->number) {
            $this->trace?->whole($value);
        }
    }

    private function compare(mixed $a, mixed $b): int
    {
        if ($a instanceof ListValue && $b instanceof ListValue) {
            return $this->listOrder($a, $b);
        }

        return $this->less($a, $b) ? -1 : ($this->less($b, $a) ? 1 : 0);
    }

    public function turnRound(mixed $list): void
    {
        $list = self::list_($list);
        $list->items = array_reverse($list->items);
        $this->told($list);
    }

    public function sorted(mixed $value): ListValue
    {
        $list = new ListValue($this->over($value));
        $this->sort($list);

        return $list;
    }

    public function sortedDown(mixed $value): ListValue
    {
        $list = new ListValue($this->over($value));
        $this->sortDown($list);

        return $list;
    }

    public function total(mixed $list): mixed
    {
        $sum = $this->count_(0);
        foreach ($this->over($list) as $item) {
            $sum = $this->add($sum, $item);
        }

        return $sum;
    }

    public function least(mixed $list): mixed
    {
        return $this->smaller(...$this->over($list));
    }

    public function greatest(mixed $list): mixed
    {
        return $this->larger(...$this->over($list));
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

    public function first(mixed $list): mixed
    {
        return $this->item($list, 0);
    }

    public function last(mixed $list): mixed
    {
        $items = $this->over($list);

        return [] === $items ? $this->noItem(-1, 0) : $items[\count($items) - 1];
    }

    public function copied(mixed $value): mixed
    {
        return \is_string($value) ? $value : ($value instanceof MapValue ? clone $value : new ListValue($this->over($value)));
    }

    /** What C++ does when a list is given to another name. */
    public function cloned(mixed $value, int $depth = 0): mixed
    {
        if ($value instanceof ListValue) {
            $inner = Depth::deeper($depth);

            return new ListValue(array_map(fn (mixed $item): mixed => $this->cloned($item, $inner), $value->items));
        }
        if ($value instanceof MapValue) {
            $copy = new MapValue();
            foreach ($value->entries as $tag => [$key, $item]) {
                $copy->entries[$tag] = [$key, $this->cloned($item, Depth::deeper($depth))];
            }

            return $copy;
        }

        return $value;
    }

    public function concatenated(mixed $one, mixed $other): ListValue
    {
        [$one, $other] = [self::list_($one), self::list_($other)];
        if (\count($one->items) + \count($other->items) > self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        Room::reserve(16 * (\count($one->items) + \count($other->items)));

        return new ListValue([...$one->items, ...$other->items], $one->fixed && $other->fixed);
    }

    public function numbers(mixed $from, mixed $to, mixed $by): ListValue
    {
        [$from, $to, $by] = [self::whole($from), self::whole($to), self::whole($by)];
        if (0 === $by) {
            throw new RunError('count_by_zero');
        }
        if (abs($to - $from) / abs($by) > self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        Room::reserve(16 * (int) (abs($to - $from) / abs($by)));
        $numbers = [];
        for ($number = $from; $by > 0 ? $number < $to : $number > $to; $number += $by) {
            $numbers[] = $this->count_($number);
        }

        return new ListValue($numbers);
    }

    public function valueOr(mixed $map, mixed $key, mixed $other): mixed
    {
        $entry = self::map_($map)->entries[MapValue::tag($this->keyed($key))] ?? null;

        return null === $entry ? $other : $entry[1];
    }

    public function valueOrPut(mixed $map, mixed $key, mixed $other): mixed
    {
        if (!isset(self::map_($map)->entries[MapValue::tag($this->keyed($key))])) {
            $this->put($map, $key, $other);
        }

        return $this->item($map, $key);
    }

    public function merged(mixed $one, mixed $other): MapValue
    {
        $all = clone self::map_($one);
        foreach (self::map_($other)->entries as [$key, $value]) {
            $this->put($all, $key, $value);
        }

        return $all;
    }

    public function keys(mixed $map): ListValue
    {
        return new ListValue(array_column(self::map_($map)->entries, 0));
    }

    public function values(mixed $map): ListValue
    {
        return new ListValue(array_column(self::map_($map)->entries, 1));
    }
}
