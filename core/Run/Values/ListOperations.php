<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Tree\FailureKind;

/** What can be done with lists and maps, and with texts as rows of letters. */
trait ListOperations
{
    public static function list_(mixed $value): ListValue
    {
        $value instanceof ListValue || throw new RunError('not_a_list');
        if (null !== $value->more) {
            $value->rest();
        }

        return $value;
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
            if ($value->once) {
                [$items, $value->items] = [$value->rest(), []];

                return $items;
            }
            self::withoutGaps($value);

            return $value->items;
        }
        if ($value instanceof FileValue) {
            return $this->fileLines($value)->items;
        }
        if ($this->can($value, '@iter')) {
            return $this->over($this->goneOver($value));
        }
        if ($this->facts->asksObjects && $this->can($value, '@item')) {
            return $this->byPlaces($value);
        }
        if ($value instanceof MapValue && $this->facts->undefined && '' !== $value->class) {
            // An object of JavaScript is gone over only where its class says how (ECMA-262, 7.4.2).
            throw new RunError('not_a_list');
        }
        if ($value instanceof MapValue) {
            Room::spend(\count($value->entries));
            if ('Map' === $value->sort) {
                return $this->entries($value)->items;
            }

            if ('set' === $value->sort && $this->facts->orderedSets) {
                // They stand in their order (C++17, 26.4.6).
                $members = new ListValue($value->members());
                $members->descending = $value->descending;

                return $this->sorted($members)->items;
            }

            return 'set' === $value->sort ? $value->members() : array_column($value->entries, 0);
        }

        return \is_string($value) ? mb_str_split(self::text_($value)) : throw new RunError('not_a_list');
    }

    /** @return list<mixed> what an object gives for 0, 1, … until it raises an IndexError (The Python Language Reference, 3.3.7) */
    private function byPlaces(mixed $object): array
    {
        $items = [];
        try {
            for ($place = 0;; ++$place) {
                Room::spend(1);
                $items[] = $this->asked($object, '@item', $place);
            }
        } catch (RunError $error) {
            if ('no_item' !== $error->kind && FailureKind::Index !== $error->raised) {
                throw $error;
            }
        }

        return $items;
    }

    /** @return list<mixed> what a loop with several names goes over */
    public function rows(mixed $value): array
    {
        return $value instanceof MapValue && 'set' !== $value->sort && !$this->can($value, '@iter') ? $this->entries($value)->items : $this->over($value);
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
        $items = self::isEndless($value) ? $this->taken($value, $wanted + 1) : $this->over($value);

        return \count($items) === $wanted ? $items : throw $this->notThatMany($wanted, \count($items), '');
    }

    private function notThatMany(int $wanted, int $given, string $least): RunError
    {
        return new RunError('not_that_many', ['wanted' => $wanted, 'given' => $given], $this->facts->says($given > $wanted ? 'many' : 'few', ['wanted' => $wanted, 'given' => $given, 'least' => $least]));
    }

    /** Rows as columns, as many as the shortest of them has. */
    public function turned(mixed $rows): ListValue
    {
        $rows = $this->over($rows);
        if ([] !== array_filter($rows, self::isBegun(...))) {
            return $this->begun($this->columns(array_map($this->begunOf(...), $rows)));
        }
        $rows = array_map($this->over(...), $rows);
        $columns = [];
        for ($at = 0; [] !== $rows && $at < min(array_map(count(...), $rows)); ++$at) {
            $columns[] = new ListValue(array_column($rows, $at), true);
        }

        return new ListValue($columns);
    }

    /** Whether its items are gone once they were asked for, so that they are asked for one by one. */
    private static function isBegun(mixed $value): bool
    {
        return $value instanceof ListValue && $value->once;
    }

    /**
     * One item of each, in turn: the same one may stand there several times (The Python Standard Library, zip).
     *
     * @param list<ListValue> $rows
     */
    private function columns(array $rows): \Generator
    {
        while (true) {
            $column = [];
            foreach ($rows as $row) {
                if (!$row->hasNext()) {
                    return;
                }
                $column[] = array_shift($row->items);
            }
            yield new ListValue($column, true);
        }
    }

    public function numbered(mixed $value): ListValue
    {
        if ($value instanceof MapValue && 'Map' === $value->sort) {
            return $this->entries($value);
        }
        if ($value instanceof MapValue && 'set' === $value->sort && $this->facts->namedPlaces) {
            return new ListValue(array_map(static fn (mixed $item): ListValue => new ListValue([$item, $item]), $value->members()));
        }
        $pairs = [];
        foreach ($this->over($value) as $index => $item) {
            $pairs[] = new ListValue([$this->count_($index), $item], $this->facts->tuples);
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
        if (self::isEndless($one) || self::isEndless($other) || self::isBegun($one) || self::isBegun($other)) {
            return $this->begun($this->pairs($this->begunOf($one), $this->begunOf($other)));
        }
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

    /** The first is asked first, and what it gave is gone where the second has no more (The Python Standard Library, zip). */
    private function pairs(ListValue $one, ListValue $other): \Generator
    {
        while ($one->hasNext()) {
            $first = array_shift($one->items);
            if (!$other->hasNext()) {
                return;
            }
            yield new ListValue([$first, array_shift($other->items)], true);
        }
    }

    /** Some ways of going over a list see its gaps, others pass them by: nothing is told apart here. */
    private static function withoutGaps(ListValue $list): void
    {
        if ([] !== $list->gaps && [] !== $gaps = $list->gaps()) {
            throw new RunError('gaps', ['place' => (int) array_key_first($gaps)]);
        }
    }

    public function length(mixed $value): int|float
    {
        if ($this->can($value, '@length')) {
            $length = $this->asked($value, '@length');

            return \is_int($length) || \is_float($length) ? $length : throw new RunError('no_length');
        }

        return $this->count_(match (true) {
            \is_string($value) => mb_strlen($value),
            $value instanceof ListValue => \count($value->items),
            // What an object keeps under that name.
            $value instanceof MapValue && '' !== $value->class && \is_float($value->entries['tlength'][1] ?? null) => (int) $value->entries['tlength'][1],
            $value instanceof MapValue => \count($value->entries),
            default => throw new RunError('no_length'),
        });
    }

    public function isEmpty(mixed $value): bool
    {
        return 0 == $this->length($value);
    }

    public function repeated(mixed $value, mixed $times): string|ListValue
    {
        $times = max(0, static::integer($times));
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

        return new ListValue($all, $this->isTuple($value));
    }

    public function filled(mixed $times, mixed $value): ListValue
    {
        $times = static::integer($times);

        if ($times > self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        Room::reserve(16 * max(0, $times));

        return new ListValue($times <= 0 ? [] : array_fill(0, $times, $value));
    }

    /** Items are taken away at the end, or come there (C++17, 26.3.11.3). */
    public function resize(mixed $value, mixed $many, mixed $with): void
    {
        $list = self::list_($value);
        $many = static::integer($many);
        if ($many > self::MOST_ITEMS || $many < 0) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        $list->items = \array_slice($list->items, 0, $many);
        Room::reserve(16 * ($many - \count($list->items)));
        while (\count($list->items) < $many) {
            $list->items[] = $this->cloned($with);
        }
    }

    /** A list that has places and nothing in them (ECMAScript 2022, 23.1.1.1). */
    public function gapped(mixed $many): ListValue
    {
        $list = new ListValue([]);
        \is_float($many) || \is_int($many) ? $this->setLength($list, $many) : $list->items = [$many];

        return $list;
    }

    /** Items are taken away at the end, or places come there that nothing was put into (ECMAScript 2022, 10.4.2.4). */
    public function setLength(mixed $value, mixed $many): void
    {
        $list = self::list_($value);
        $many = (float) static::numeric($many);
        if ($many < 0 || $many > 4294967295 || floor($many) !== $many) {
            throw new RunError('no_length', [], 'Invalid array length');
        }
        if ($many > self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        Room::spend(max(0, (int) $many - \count($list->items)));
        for ($gap = \count($list->items); $gap < $many; ++$gap) {
            $list->gaps[$gap] = true;
        }
        $list->items = array_pad(\array_slice($list->items, 0, (int) $many), (int) $many, null);
        $this->told($list);
    }

    public function backwards(mixed $value): string|ListValue
    {
        return \is_string($value) ? implode('', array_reverse(mb_str_split($value))) : new ListValue(array_reverse($this->over($value)), $this->isTuple($value));
    }

    /** A bound of a part; where none is said, the part is open on that side. */
    private static function boundOr(mixed $at, int $open, int $size): int
    {
        return null === $at ? $open : self::bound_(static::integer($at), $size);
    }

    public function slice(mixed $value, mixed $from, mixed $to): string|ListValue
    {
        if ($this->can($value, '@item')) {
            // It would be handed the part that is asked for.
            throw new RunError('own_form', ['name' => '[… : …]']);
        }
        $items = \is_string($value) ? mb_str_split($value) : self::list_($value)->items;
        $size = \count($items);
        $from = self::boundOr($from, 0, $size);
        $to = self::boundOr($to, $size, $size);
        $part = \array_slice($items, $from, max(0, $to - $from));

        return \is_string($value) ? implode('', array_map(self::text_(...), $part)) : new ListValue($part, $this->isTuple($value));
    }

    /** Whether what is made of a list is a tuple again; a part of what is frozen is not frozen. */
    protected function isTuple(mixed $value): bool
    {
        return $value instanceof ListValue && $value->fixed && $this->facts->tuples;
    }

    /** Every n-th item from one bound until the other; The Python Language Reference, 3.2, extended slicing. */
    public function stepped(mixed $value, mixed $from, mixed $to, mixed $by): string|ListValue
    {
        $items = \is_string($value) ? mb_str_split($value) : self::list_($value)->items;
        $by = static::integer($by);
        if (0 === $by) {
            throw new RunError('count_by_zero');
        }
        $size = \count($items);
        $bound = static fn (mixed $at, int $open): int => null === $at || Nothing::Null === $at ? $open : max($by > 0 ? 0 : -1, min($by > 0 ? $size : $size - 1, static::integer($at) < 0 ? static::integer($at) + $size : static::integer($at)));
        $part = [];
        $end = $bound($to, $by > 0 ? $size : -1);
        for ($at = $bound($from, $by > 0 ? 0 : $size - 1); $by > 0 ? $at < $end : $at > $end; $at += $by) {
            $part[] = $items[$at];
        }

        return \is_string($value) ? implode('', array_map(self::text_(...), $part)) : new ListValue($part, $this->isTuple($value));
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

    protected static function bound_(int $bound, int $size): int
    {
        return max(0, min($size, $bound < 0 ? $bound + $size : $bound));
    }

    public function item(mixed $container, mixed $index): mixed
    {
        if ($this->can($container, '@item')) {
            return $this->asked($container, '@item', $index);
        }
        if ($container instanceof MapValue) {
            if ('' !== $container->sort && 'size' === $index && ('Map' === $container->sort || $this->facts->namedPlaces)) {
                return $this->size($container);
            }
            $entry = '' === $container->sort ? $container->entries[MapValue::tag($this->keyed($index))] ?? null : throw new RunError('not_a_list');

            if (null !== $entry && $entry[1] instanceof Getter) {
                return null === $entry[1]->finds ? null : ($entry[1]->finds)();
            }
            if (null === $entry && $this->facts->nullBeside && isset($container->entries['t'.MapValue::SAYS]) && \in_array($index, ['message', 'name'], true)) {
                // A failure of the program's own: its kind above is not known here.
                return 'message' === $index ? $container->entries['t'.MapValue::SAYS][1] : throw new RunError('says_unknown');
            }
            if (null === $entry && $this->facts->nullBeside && \is_string($index) && $this->can($container, $index)) {
                // What the class of an object says is found behind what the object keeps (ECMAScript 2022, 10.1.8).
                return null !== $this->readsAs && ($this->readsAs)($container, $index) ? $this->asked($container, $index) : $this->methodOf($container, $index);
            }

            return null === $entry ? (null === $container->missing ? $this->noKey($container, $index) : $this->madeForMissing($container, $index)) : $entry[1];
        }
        if ($container instanceof \Closure && 'name' === $index && $this->facts->nullBeside) {
            return $this->nameOf($container) ?? '';
        }
        if ($container instanceof PatternValue && \is_string($index)) {
            return $container->kept($index);
        }
        if ($container instanceof ListValue && null !== $container->found && \is_string($index)) {
            return match (true) {
                !$this->facts->nullBeside => $this->group($container, $index),
                'index' === $index => (float) $container->found[0],
                'input' === $index => $container->found[1],
                'groups' === $index => $container->found[2],
                default => null,
            };
        }
        if ($this->facts->nullBeside && (null === $container || $container instanceof Nothing)) {
            throw $this->noField($container, $this->text($index));
        }
        if ($this->facts->nullBeside && 'length' === $index && (\is_string($container) || $container instanceof ListValue)) {
            return $this->length($container);
        }
        if ($this->facts->nullBeside && \is_string($index) && 1 === preg_match('/^[A-Za-z_$]\w*$/D', $index) && $this->keepsNone($container, $index)) {
            return null;
        }
        $items = \is_string($container) ? mb_str_split($container) : self::list_($container)->items;
        $at = $this->place($index, \count($items));

        return null === $at ? $this->noItem($index, \count($items), $this->saysNoItem($container, $index, \count($items))) : $items[$at];
    }

    /** Whether a number, a truth, a text or a list has nothing of a name, neither of its own nor of its kind (ECMAScript 2022, 7.3.3). */
    private function keepsNone(mixed $container, string $name): bool
    {
        if (\is_int($container) || \is_float($container) || \is_bool($container)) {
            return !\in_array($name, ['toFixed', 'toString', 'toPrecision', 'toLocaleString', 'valueOf', 'constructor', 'toExponential', 'hasOwnProperty'], true);
        }
        if (!\is_string($container) && !$container instanceof ListValue || $container instanceof ListValue && [] !== $container->names) {
            return false;
        }

        return !RealNames::has($name, $this->language());
    }

    /** The last item is at -1. */
    public function itemFromEnd(mixed $container, mixed $index): mixed
    {
        return $container instanceof MapValue ? $this->item($container, $index) : $this->item($container, static::numeric($index) + static::numeric($this->length($container)));
    }

    /** A place in a list, counted from 0; null if the list has none such. */
    protected function place(mixed $index, int $size): ?int
    {
        $index = static::integer($index);

        return $index >= 0 && $index < $size ? $index : null;
    }

    /** What the real machine says where there is no such place. */
    private function saysNoItem(mixed $container, mixed $index, int $size, bool $isGiven = false): ?string
    {
        $sort = match (true) {
            \is_string($container) => 'text',
            $container instanceof ListValue && $container->fixed && $this->facts->tuples => 'tuple',
            default => 'list',
        };

        return $this->facts->says("$sort place".($isGiven && $this->facts->tuples ? ' set' : ''), ['at' => \sprintf('%u', static::integer($index)), 'size' => $size]);
    }

    /** @param string|null $says what the real machine says of it */
    protected function noItem(mixed $index, int $size, ?string $says = null): mixed
    {
        throw new RunError('no_item', ['index' => static::integer($index), 'size' => $size], $says);
    }

    protected function noKey(MapValue $map, mixed $key): mixed
    {
        throw new RunError('no_key', ['key' => mb_substr($this->text($key), 0, 30)], $this->facts->showsKeys ? $this->display($key) : $this->facts->says('key'));
    }

    public function put(mixed $container, mixed $index, mixed $value): void
    {
        if ($this->can($container, '@put_item')) {
            $this->asked($container, '@put_item', $index, $value);

            return;
        }
        if ($container instanceof MapValue) {
            $key = $this->keyed($index);
            $tag = MapValue::tag($key);
            // A key that is there stays as it was put in first.
            $isNew = !isset($container->entries[$tag]);
            $container->entries[$tag] = [$container->entries[$tag][0] ?? (\is_string($key) ? $key : $index), $value];
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
            $this->putBeyond($list, $index, $value);
        } else {
            // Written in place, as a copy would take as long as the list is. @phpstan-ignore assign.propertyType (the place is one of the list's)
            $list->items[$at] = $value;
            if ([] !== $list->gaps) {
                unset($list->gaps[$at]);
            }
            null === $list->number || $this->trace?->placed($list, $at);
        }
    }

    protected function putBeyond(ListValue $list, mixed $index, mixed $value): void
    {
        throw new RunError('no_item', ['index' => static::integer($index), 'size' => \count($list->items)], $this->saysNoItem($list, $index, \count($list->items), true));
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
        if (null !== $list->most && \count($list->items) > $list->most) {
            array_shift($list->items);
            $this->told($list);

            return;
        }
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
        array_splice($items, self::bound_(static::integer($at), \count($items)), 0, [$value]);
        $list->items = $items;
        $this->told($list);
    }

    public function prepend(mixed $list, mixed $value): void
    {
        $this->insert($list, 0, $value);
        if ($list instanceof ListValue && null !== $list->most && \count($list->items) > $list->most) {
            array_pop($list->items);
            $this->told($list);
        }
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
        if ($this->can($list, '@forget')) {
            $this->asked($list, '@forget', 0);

            return;
        }
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
            return $this->noItem($index, \count($list->items), $this->facts->says([] === $list->items ? 'pop of nothing' : 'pop'));
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
        if ($this->can($list, '@forget')) {
            $this->asked($list, '@forget', $index);

            return;
        }
        $this->popAt($list, $index);
    }

    /** Items from one bound until before the other give way to others (The Python Language Reference, 6.3.2 and 7.2). */
    public function putRange(mixed $list, mixed $from, mixed $to, mixed $items): void
    {
        $list = self::list_($list);
        if ($list->fixed) {
            throw new RunError('fixed_list');
        }
        $size = \count($list->items);
        // What is written over into JavaScript says `null` for an open side.
        $from = self::boundOr(Nothing::Null === $from ? null : $from, 0, $size);
        $to = self::boundOr(Nothing::Null === $to ? null : $to, $size, $size);
        $put = $this->over($items);
        if (\count($put) + $size > self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        array_splice($list->items, $from, max(0, $to - $from), $put);
        $this->told($list);
    }

    /** Every so many items give way to others (The Python Language Reference, 6.3.3 and 7.2). */
    public function putStepped(mixed $list, mixed $from, mixed $to, mixed $by, mixed $items): void
    {
        $list = self::list_($list);
        if ($list->fixed) {
            throw new RunError('fixed_list');
        }
        $places = $this->stepped(new ListValue(array_keys($list->items)), $from, $to, $by);
        $places = $places instanceof ListValue ? $places->items : [];
        $put = $this->over($items);
        if (\count($places) !== \count($put)) {
            throw new RunError('not_that_many', ['wanted' => \count($places), 'given' => \count($put)], 'attempt to assign sequence of size '.\count($put).' to extended slice of size '.\count($places));
        }
        foreach ($places as $index => $place) {
            // @phpstan-ignore assign.propertyType (the place is one of the list's)
            $list->items[static::integer($place)] = $put[$index];
        }
        $this->told($list);
    }

    public function product(mixed $items): mixed
    {
        return array_reduce($this->over($items), fn (mixed $product, mixed $item): mixed => $this->multiply($product, $item), 1);
    }

    public function dropRange(mixed $list, mixed $from, mixed $count): void
    {
        $list = self::list_($list);
        $from = self::bound_(static::integer($from), \count($list->items));
        array_splice($list->items, $from, max(0, static::integer($count)));
        $this->told($list);
    }

    public function remove(mixed $list, mixed $value): void
    {
        if ($list instanceof MapValue && 'set' === $list->sort) {
            $this->takeOut($list, $value) || throw new RunError('no_key', ['key' => mb_substr($this->show($value), 0, 30)], $this->display($value));

            return;
        }
        $this->popAt($list, $this->index($list, $value));
    }

    public function clear(mixed $value): void
    {
        if ($value instanceof MapValue) {
            $value->entries = [];
            $value->table = null === $value->table ? null : new HashTable();
        } else {
            self::list_($value)->items = [];
        }
        $this->told($value);
    }

    /** A list with a fixed number of items, each of a type of its own. */
    public function record(mixed ...$items): ListValue
    {
        return new ListValue(array_values($items));
    }

    /** One value at each of some places. */
    public function fillUp(mixed $list, mixed $value, mixed $from, mixed $to): void
    {
        $list = self::list_($list);
        $size = \count($list->items);
        $from = self::bound_(static::integer($from), $size);
        $count = max(0, self::bound_(static::integer($to), $size) - $from);
        array_splice($list->items, $from, $count, 0 < $count ? array_fill(0, $count, $value) : []);
        $this->told($list);
    }

    public function turnRound(mixed $list): void
    {
        $list = self::list_($list);
        $list->items = array_reverse($list->items);
        $this->told($list);
    }

    public function total(mixed $list): mixed
    {
        return $this->totalFrom($list, $this->count_(0));
    }

    /** Item by item, as each sum may be rounded. */
    public function totalFrom(mixed $list, mixed $sum): mixed
    {
        foreach ($this->over($list) as $item) {
            $sum = $this->add($sum, $item);
        }

        return $sum;
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
        if ($value instanceof MapValue && 'set' === $value->sort && $this->facts->hashedSets) {
            return $this->setOf($value);
        }

        if ($this->can($value, '@iter') && $this->facts->spreads) {
            return new ListValue($this->over($value));
        }
        if (!$this->facts->spreads && ($value instanceof ListValue && $value->fixed || !$value instanceof ListValue && !$value instanceof MapValue)) {
            // What never changes is its own copy (The Python Library Reference, copy).
            return $value;
        }
        if (\is_string($value)) {
            // `[...word]` has the letters of a text (ECMA-262, 13.2.4).
            return $this->facts->spreads ? $this->letters($value) : $value;
        }

        if ($value instanceof MapValue && '' !== $value->class && $this->facts->spreads) {
            return $this->ofNoClass($value);
        }

        return $value instanceof MapValue && ('Map' !== $value->sort && 'set' !== $value->sort || !$this->facts->spreads) ? clone $value : new ListValue($this->over($value));
    }

    /** What C++ does when a list is given to another name. */
    public function cloned(mixed $value, int $depth = 0): mixed
    {
        if ($value instanceof ListValue) {
            $inner = Depth::deeper($depth);

            return new ListValue(array_map(fn (mixed $item): mixed => $this->cloned($item, $inner), $value->items));
        }
        if ($value instanceof MapValue && '' !== $value->class && !$value->copied) {
            return $value;
        }
        if ($value instanceof MapValue) {
            $copy = clone $value;
            $pointing = $this->pointing[$value->class] ?? [];
            foreach ($value->entries as $tag => [$key, $item]) {
                $copy->entries[$tag] = [$key, isset($pointing[$tag]) ? $this->pointingAlike($item, Depth::deeper($depth)) : $this->cloned($item, Depth::deeper($depth))];
            }

            return $copy;
        }

        return $value;
    }

    /** @var array<string, array<string, true>> by class, the tags of fields that only point at something */
    public array $pointing = [];

    /** A list or a map of its own with the same objects. */
    protected function pointingAlike(mixed $value, int $depth = 0): mixed
    {
        $inner = Depth::deeper($depth);
        if ($value instanceof ListValue) {
            return new ListValue(array_map(fn (mixed $item): mixed => $this->pointingAlike($item, $inner), $value->items), $value->fixed);
        }
        if (!$value instanceof MapValue || '' !== $value->class) {
            return $value;
        }
        $copy = clone $value;
        $copy->entries = array_map(fn (array $entry): array => [$entry[0], $this->pointingAlike($entry[1] ?? null, $inner)], $value->entries);

        return $copy;
    }

    public function concatenated(mixed $one, mixed $other): ListValue
    {
        // JavaScript spreads whatever can be gone over (ECMA-262, 13.2.4).
        [$one, $other] = array_map(fn (mixed $part): mixed => $part instanceof MapValue && '' !== $part->sort || \is_string($part) && $this->facts->spreads ? $this->asList($part) : $part, [$one, $other]);
        [$one, $other] = [self::list_($one), self::list_($other)];
        if (\count($one->items) + \count($other->items) > self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        Room::reserve(16 * (\count($one->items) + \count($other->items)));

        return new ListValue([...$one->items, ...$other->items], $this->isTuple($one) && $this->isTuple($other));
    }

    public function numbers(mixed $from, mixed $to, mixed $by): ListValue
    {
        [$from, $to, $by] = [static::integer($from), static::integer($to), static::integer($by)];
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
}
