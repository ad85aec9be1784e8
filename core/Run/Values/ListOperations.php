<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Language\Language;
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

    /** What hands its items out only once, each when it is asked for. */
    public function begun(\Generator $more): ListValue
    {
        $begun = new ListValue([]);
        [$begun->once, $begun->more] = [true, $more];
        $begun->busy = (string) $this->facts->says('busy');

        return $begun;
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
            return $this->over($this->asked($value, '@iter'));
        }
        if ($this->facts->asksObjects && $this->can($value, '@item')) {
            return $this->byPlaces($value);
        }
        if ($value instanceof MapValue) {
            Room::spend(\count($value->entries));
            if ('Map' === $value->sort) {
                return $this->entries($value)->items;
            }

            if ('set' === $value->sort && $this->facts->orderedSets) {
                // They stand in their order (C++17, 26.4.6).
                return self::list_($this->sorted(new ListValue($value->members())))->items;
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

    /** @return list<mixed> so many at most; no more are made */
    private function taken(ListValue $begun, int $most): array
    {
        for ($items = []; \count($items) < $most && $begun->hasNext();) {
            $items[] = array_shift($begun->items);
        }

        return $items;
    }

    /** The items of a list for as many names, of which one gets all that the others leave. */
    public function gathered(mixed $value, mixed $star, mixed $count): ListValue
    {
        $items = $this->over($value);
        [$star, $behind] = [self::whole($star), self::whole($count) - self::whole($star) - 1];
        if (\count($items) < $star + $behind) {
            throw $this->notThatMany($star + $behind, \count($items), 'at least ');
        }
        $rest = new ListValue(\array_slice($items, $star, \count($items) - $star - $behind));

        return new ListValue([...\array_slice($items, 0, $star), $rest, ...\array_slice($items, \count($items) - $behind)]);
    }

    /** Rows as columns, as many as the shortest of them has. */
    public function turned(mixed $rows): ListValue
    {
        $rows = array_map($this->over(...), $this->over($rows));
        $columns = [];
        for ($at = 0; [] !== $rows && $at < min(array_map(count(...), $rows)); ++$at) {
            $columns[] = new ListValue(array_column($rows, $at), true);
        }

        return new ListValue($columns);
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
        if (self::isEndless($one) || self::isEndless($other)) {
            return $this->begun($this->pairs($this->started($one), $this->started($other)));
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

    /** @phpstan-assert-if-true ListValue $value */
    private static function isEndless(mixed $value): bool
    {
        return $value instanceof ListValue && null !== $value->more;
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

    public function entries(mixed $map): ListValue
    {
        if ($this->facts->namedPlaces && !$map instanceof MapValue) {
            $items = $this->over($map);

            return new ListValue(array_map(static fn (int $place, mixed $item): ListValue => new ListValue([(string) $place, $item]), array_keys($items), $items));
        }

        return new ListValue(array_map(fn (array $pair): ListValue => new ListValue($pair, $this->facts->tuples), array_values($this->shown(self::map_($map)))));
    }

    /**
     * What others see of a map or an object: what is its own alone is left out (ECMA-262, 6.2.10).
     *
     * @return array<string, array{mixed, mixed}>
     */
    public function shown(MapValue $map): array
    {
        return [] === $this->hidden || '' === $map->class ? $map->entries : array_filter($map->entries, fn (array $entry): bool => !\is_string($entry[0]) || !isset($this->hidden[$entry[0]]));
    }

    public static function map_(mixed $value): MapValue
    {
        return $value instanceof MapValue ? $value : throw new RunError('not_a_map');
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

    public function contains(mixed $in, mixed $what): bool
    {
        if (\is_string($in)) {
            // JavaScript makes a text of what is looked for (ECMA-262, 22.1.3.8).
            return str_contains($in, $this->facts->coerces ? $this->text($what) : self::text_($what));
        }
        if ($this->can($in, '@contains')) {
            return $this->truth($this->asked($in, '@contains', $what));
        }
        if ($this->can($in, '@iter')) {
            $in = $this->asList($in);
        }
        if ($in instanceof MapValue) {
            return isset($in->entries['set' === $in->sort ? $this->tagOf($what) : MapValue::tag($this->keyed($what))]);
        }
        // JavaScript finds what is no number, though it equals nothing (ECMA-262, 7.2.11).
        $isNoNumber = $this->facts->sameByIdentity && \is_float($what) && is_nan($what);
        foreach ($this->over(self::list_($in)) as $item) {
            if ($isNoNumber ? \is_float($item) && is_nan($item) : $this->isSought($item, $what)) {
                return true;
            }
        }

        return false;
    }

    /** Whether an item is the one that is looked for: a list or an object is found in JavaScript as itself alone (ECMAScript 2022, 7.2.15). */
    private function isSought(mixed $item, mixed $what): bool
    {
        return $this->facts->sameByIdentity && ($item instanceof ListValue || $item instanceof MapValue) ? $item === $what : $this->equal($item, $what);
    }

    public function position(mixed $in, mixed $what): int|float
    {
        if (\is_string($in)) {
            $at = mb_strpos(self::text_($in), self::text_($what));

            return $this->count_(false === $at ? -1 : $at);
        }
        foreach ($this->over(self::list_($in)) as $index => $item) {
            if ($this->isSought($item, $what)) {
                return $this->count_($index);
            }
        }

        return $this->count_(-1);
    }

    public function index(mixed $in, mixed $what): int|float
    {
        $at = $this->position($in, $what);

        return $at < 0 ? throw new RunError('not_in_list', ['value' => mb_substr($this->text($what), 0, 30)], \is_string($in) ? 'substring not found' : $this->display($what).' is not in list') : $at;
    }

    public function occurrences(mixed $in, mixed $what): int|float
    {
        if (\is_string($in)) {
            $what = self::text_($what);

            return $this->count_('' === $what ? mb_strlen($in) + 1 : substr_count($in, $what));
        }

        return $this->count_(\count(array_filter($this->over(self::list_($in)), fn (mixed $item): bool => $this->isSought($item, $what))));
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

        return new ListValue($all, $this->isTuple($value));
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

    /** Items are taken away at the end, or come there (C++17, 26.3.11.3). */
    public function resize(mixed $value, mixed $many, mixed $with): void
    {
        $list = self::list_($value);
        $many = self::whole($many);
        if ($many > self::MOST_ITEMS || $many < 0) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        $list->items = \array_slice($list->items, 0, $many);
        Room::reserve(16 * ($many - \count($list->items)));
        while (\count($list->items) < $many) {
            $list->items[] = $this->cloned($with);
        }
    }

    public function backwards(mixed $value): string|ListValue
    {
        return \is_string($value) ? implode('', array_reverse(mb_str_split($value))) : new ListValue(array_reverse($this->over($value)), $this->isTuple($value));
    }

    /** A bound of a part; where none is said, the part is open on that side. */
    private static function boundOr(mixed $at, int $open, int $size): int
    {
        return null === $at ? $open : self::bound_(self::whole($at), $size);
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
        if ($map instanceof MapValue && 'set' === $map->sort) {
            foreach ($this->over($other) as $item) {
                $this->putIn($map, $item);
            }

            return;
        }
        if ($map instanceof MapValue && 'Counter' === $map->made) {
            $this->counted($map, $other);

            return;
        }
        foreach (self::map_($other)->entries as [$key, $value]) {
            $this->put(self::map_($map), $key, $value);
        }
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
                return ($entry[1]->finds)();
            }

            return null === $entry ? (null === $container->missing ? $this->noKey($container, $index) : $this->madeForMissing($container, $index)) : $entry[1];
        }
        if ($container instanceof ListValue && null !== $container->found && ('index' === $index || 'input' === $index)) {
            return 'index' === $index ? (float) $container->found[0] : $container->found[1];
        }
        if ($this->facts->nullBeside && (null === $container || $container instanceof Nothing)) {
            throw $this->noField($container, $this->text($index));
        }
        $items = \is_string($container) ? mb_str_split($container) : self::list_($container)->items;
        $at = $this->place($index, \count($items));

        return null === $at ? $this->noItem($index, \count($items), $this->saysNoItem($container, $index, \count($items))) : $items[$at];
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

    /** What the real machine says where there is no such place. */
    private function saysNoItem(mixed $container, mixed $index, int $size, bool $isGiven = false): ?string
    {
        $sort = match (true) {
            \is_string($container) => 'text',
            $container instanceof ListValue && $container->fixed && $this->facts->tuples => 'tuple',
            default => 'list',
        };

        return $this->facts->says("$sort place".($isGiven && $this->facts->tuples ? ' set' : ''), ['at' => \sprintf('%u', self::whole($index)), 'size' => $size]);
    }

    /** @param string|null $says what the real machine says of it */
    protected function noItem(mixed $index, int $size, ?string $says = null): mixed
    {
        throw new RunError('no_item', ['index' => self::whole($index), 'size' => $size], $says);
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
            $this->putBeyond($list, self::whole($index), $value);
        } else {
            // Written in place, as a copy would take as long as the list is. @phpstan-ignore assign.propertyType (the place is one of the list's)
            $list->items[$at] = $value;
            if ([] !== $list->gaps) {
                unset($list->gaps[$at]);
            }
            null === $list->number || $this->trace?->placed($list, $at);
        }
    }

    protected function putBeyond(ListValue $list, int $index, mixed $value): void
    {
        throw new RunError('no_item', ['index' => $index, 'size' => \count($list->items)], $this->saysNoItem($list, $index, \count($list->items), true));
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
            $list->items[self::whole($place)] = $put[$index];
        }
        $this->told($list);
    }

    /** Items that follow each other and are alike, with what they are alike in. */
    public function grouped(mixed $items, mixed $key): ListValue
    {
        if (!$key instanceof \Closure) {
            throw new RunError('no_function');
        }
        $groups = [];
        $group = null;
        $last = null;
        foreach ($this->over($items) as $item) {
            $of = $key($item);
            if (null === $group || !$this->equal($last, $of)) {
                $groups[] = new ListValue([$last = $of, $group = new ListValue([])], true);
            }
            $group->items[] = $item;
        }

        return new ListValue($groups);
    }

    public function started(mixed $items): ListValue
    {
        if ($this->can($items, '@iter')) {
            return $this->started($this->asked($items, '@iter'));
        }
        if ($items instanceof ListValue && $items->once) {
            return $items;
        }
        $begun = new ListValue($this->over($items));
        $begun->once = true;

        return $begun;
    }

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

    public function nextItem(mixed $left): mixed
    {
        $begun = self::begun_($left);

        return $begun->hasNext() ? array_shift($begun->items) : throw new RunError('no_more', [], '');
    }

    public function nextOr(mixed $left, mixed $other): mixed
    {
        $begun = self::begun_($left);

        return $begun->hasNext() ? array_shift($begun->items) : $other;
    }

    private static function begun_(mixed $value): ListValue
    {
        return $value instanceof ListValue && $value->once ? $value : throw new RunError('not_begun');
    }

    /** What a generator of JavaScript gives: the next item, or that there is none (ECMAScript 2022, 27.5.1.2). */
    public function nextStep(mixed $left): MapValue
    {
        $begun = self::begun_($left);
        $isMore = $begun->hasNext();
        $step = new MapValue();
        $this->put($step, 'value', $isMore ? array_shift($begun->items) : null);
        $this->put($step, 'done', !$isMore);

        return $step;
    }

    /** One value under each of some keys (The Python Standard Library, dict.fromkeys). */
    public function keyedAlike(mixed $keys, mixed $value): MapValue
    {
        $map = new MapValue();
        foreach ($this->over($keys) as $key) {
            $this->put($map, $key, $value);
        }

        return $map;
    }

    public function popOr(mixed $map, mixed $key, mixed $other): mixed
    {
        return isset(self::map_($map)->entries[MapValue::tag($this->keyed($key))]) ? $this->popAt($map, $key) : $other;
    }

    public function greatestOr(mixed $items, mixed $other): mixed
    {
        return [] === ($all = $this->over($items)) ? $other : $this->greatest(new ListValue($all));
    }

    public function leastOr(mixed $items, mixed $other): mixed
    {
        return [] === ($all = $this->over($items)) ? $other : $this->least(new ListValue($all));
    }

    public function product(mixed $items): mixed
    {
        return array_reduce($this->over($items), fn (mixed $product, mixed $item): mixed => $this->multiply($product, $item), 1);
    }

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

    /**
     * What a map holds that is found whenever it is asked for.
     *
     * @param list<string> $names
     */
    public function withGetters(MapValue $map, array $names): MapValue
    {
        foreach ($names as $name) {
            $function = $map->entries["t$name"][1] ?? null;
            if ($function instanceof \Closure) {
                $map->entries["t$name"][1] = new Getter(static fn (): mixed => $function($map));
            }
        }

        return $map;
    }

    /** Where something is first found from a place on. */
    public function positionFrom(mixed $in, mixed $what, mixed $from): int|float
    {
        $from = self::whole($from);
        $from = $from < 0 && $this->facts->negativePlaces ? max(0, $from + (int) self::number($this->length($in))) : max(0, $from);
        if (\is_string($in)) {
            $what = self::text_($what);
            $at = $from > mb_strlen($in) ? false : mb_strpos($in, $what, $from);

            return $this->count_(false === $at ? -1 : $at);
        }
        foreach (\array_slice(self::list_($in)->items, $from, null, true) as $index => $item) {
            if ($this->isSought($item, $what)) {
                return $this->count_($index);
            }
        }

        return $this->count_(-1);
    }

    /** A list with a fixed number of items, each of a type of its own. */
    public function record(mixed ...$items): ListValue
    {
        return new ListValue(array_values($items));
    }

    /** Sorts a list by a function that tells whether one item belongs before another. */
    public function sortBefore(mixed $list, mixed $isBefore): void
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
        $part = new ListValue(\array_slice($list->items, self::whole($from), max(0, self::whole($to) - self::whole($from))));
        $this->sortBefore($part, $isBefore);
        $this->putRange($list, $from, $to, $part);
    }

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

    /** A map without some of its keys. */
    public function leftOut(mixed $map, mixed $keys): MapValue
    {
        $rest = self::ofNoClass(self::map_($map));
        foreach ($this->over($keys) as $key) {
            unset($rest->entries[MapValue::tag($this->keyed($key))]);
        }

        return $rest;
    }

    /** What an object keeps, in an object of no class: so JavaScript takes it apart and spreads it (ECMA-262, 13.2.5 and 14.3.3). */
    private static function ofNoClass(MapValue $map): MapValue
    {
        $plain = '' === $map->class ? clone $map : new MapValue();
        $plain->entries = $map->entries;

        return $plain;
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

    public function sortWith(mixed $list, mixed $compare): void
    {
        $list = self::list_($list);
        $list->items = $this->sortedWith($list, $compare)->items;
        $this->told($list);
    }

    /** Items that are alike keep their order. */
    public function sortedWith(mixed $list, mixed $compare): ListValue
    {
        $items = $this->over($list);
        if (!$compare instanceof \Closure) {
            throw new RunError('no_function');
        }
        usort($items, static function (mixed $one, mixed $other) use ($compare): int {
            Room::spend(1);
            $order = $compare($one, $other);

            return \is_bool($order) ? (int) $order : (self::number($order) <=> 0);
        });

        return new ListValue($items);
    }

    public function lastPosition(mixed $in, mixed $what): int|float
    {
        if (\is_string($in)) {
            $at = mb_strrpos($in, self::text_($what));

            return $this->count_(false === $at ? -1 : $at);
        }
        $places = array_keys(array_filter(self::list_($in)->items, fn (mixed $item): bool => $this->isSought($item, $what)));

        return $this->count_([] === $places ? -1 : max($places));
    }

    public function firstAmong(mixed $text, mixed $letters): int|float
    {
        return $this->count_(self::lettersAt(self::text_($text), self::text_($letters), true)[0] ?? -1);
    }

    public function lastAmong(mixed $text, mixed $letters): int|float
    {
        $places = self::lettersAt(self::text_($text), self::text_($letters), true);

        return $this->count_([] === $places ? -1 : max($places));
    }

    public function firstApart(mixed $text, mixed $letters): int|float
    {
        return $this->count_(self::lettersAt(self::text_($text), self::text_($letters), false)[0] ?? -1);
    }

    public function lastApart(mixed $text, mixed $letters): int|float
    {
        $places = self::lettersAt(self::text_($text), self::text_($letters), false);

        return $this->count_([] === $places ? -1 : max($places));
    }

    /** @return list<int> where letters stand that are among others, or are not */
    private static function lettersAt(string $text, string $letters, bool $among): array
    {
        $wanted = array_fill_keys(mb_str_split($letters), true);
        $found = mb_str_split($text);
        Room::spend(\count($found));

        return array_keys(array_filter($found, static fn (string $letter): bool => isset($wanted[$letter]) === $among));
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

    /** One value at each of some places. */
    public function fillUp(mixed $list, mixed $value, mixed $from, mixed $to): void
    {
        $list = self::list_($list);
        $size = \count($list->items);
        $from = self::bound_(self::whole($from), $size);
        $count = max(0, self::bound_(self::whole($to), $size) - $from);
        array_splice($list->items, $from, $count, 0 < $count ? array_fill(0, $count, $value) : []);
        $this->told($list);
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
        if ($value instanceof MapValue && 'set' === $value->sort && $this->facts->hashedSets) {
            return $this->setOf($value);
        }

        if ($this->can($value, '@iter') && $this->facts->spreads) {
            return new ListValue($this->over($value));
        }
        if (\is_string($value)) {
            // `[...word]` has the letters of a text (ECMA-262, 13.2.4).
            return $this->facts->spreads ? $this->letters($value) : $value;
        }

        if ($value instanceof MapValue && '' !== $value->class && $this->facts->spreads) {
            return self::ofNoClass($value);
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
            $copy = new MapValue($value->class);
            [$copy->order, $copy->copied] = [$value->order, $value->copied];
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
        $all = self::ofNoClass(self::map_($one));
        foreach (self::map_($other)->entries as [$key, $value]) {
            $this->put($all, $key, $value);
        }

        return $all;
    }

    public function keys(mixed $map): ListValue
    {
        if ($this->facts->namedPlaces && !$map instanceof MapValue) {
            // The places of a list or a text are names, too (ECMA-262, 14.7.5.9).
            return new ListValue(array_map(strval(...), array_keys($this->over($map))));
        }

        return new ListValue(array_column($this->shown(self::map_($map)), 0));
    }

    public function values(mixed $map): ListValue
    {
        return $this->facts->namedPlaces && !$map instanceof MapValue ? new ListValue($this->over($map)) : new ListValue(array_column($this->shown(self::map_($map)), 1));
    }
}
