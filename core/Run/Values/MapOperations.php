<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** Maps: what has a name or another key. */
trait MapOperations
{
    public function entries(mixed $map): ListValue
    {
        if ($this->facts->namedPlaces && !$map instanceof MapValue) {
            $items = $this->withNames($map);

            return new ListValue(array_map(static fn (int $place, mixed $item): ListValue => new ListValue([(string) $place, $item]), array_keys($items), $items));
        }

        $map = self::map_($map);
        $entries = new ListValue(array_map(fn (array $pair): ListValue => new ListValue($pair, $this->facts->tuples), array_values($this->shown($map))));
        $entries->descending = $map->descending;

        return $entries;
    }

    /**
     * What others see of a map or an object: what is its own alone is left out (ECMA-262, 6.2.10).
     *
     * @return array<string, array{mixed, mixed}>
     */
    public function shown(MapValue $map): array
    {
        return [] === $this->hidden && !isset($map->entries['t'.MapValue::SAYS]) || '' === $map->class ? $map->entries : array_filter($map->entries, fn (array $entry): bool => !\is_string($entry[0]) || !isset($this->hidden[$entry[0]]) && MapValue::SAYS !== $entry[0]);
    }

    public static function map_(mixed $value): MapValue
    {
        return $value instanceof MapValue ? $value : throw new RunError('not_a_map');
    }

    public function mapOf(mixed $pairs): MapValue
    {
        $map = new MapValue();
        foreach ($pairs instanceof MapValue && '' === $pairs->class ? $this->entries($pairs)->items : $this->over($pairs) as $pair) {
            [$key, $value] = $this->apart($pair, 2);
            $this->put($map, $key, $value);
        }

        return $map;
    }

    /** A map or a set whose members stand from the greatest to the least (C++17, 26.4.4.1). */
    public function descending(mixed $one): MapValue
    {
        $one = self::map_($one);
        $one->descending = true;
        $this->sorted_($one);

        return $one;
    }

    /** Two lists, maps or sets of one kind get what the other one has. */
    public function exchange(mixed $one, mixed $other): void
    {
        if ($one instanceof ListValue && $other instanceof ListValue) {
            [$one->items, $other->items] = [$other->items, $one->items];
        } else {
            [$one, $other] = [self::map_($one), self::map_($other)];
            [$one->entries, $other->entries, $one->table, $other->table] = [$other->entries, $one->entries, $other->table, $one->table];
        }
        $this->told($one);
        $this->told($other);
    }

    /** A map or a set gets what another one has, and nothing else. */
    public function refill(mixed $place, mixed $other): void
    {
        $place = self::map_($place);
        // What it gets may be made of what it has.
        $other = clone self::map_($other);
        $this->clear($place);
        $this->update($place, $other);
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
        foreach ($this->shown(self::map_($other)) as [$key, $value]) {
            $this->put(self::map_($map), $key, $value);
        }
    }

    /** An object keeps what another one does from here on, and stays the one that it is (C++17, 15.8.2). */
    public function overwrite(mixed $object, mixed $other): void
    {
        if (!$object instanceof MapValue || !$other instanceof MapValue || '' === $object->class) {
            throw new RunError('nothing_keeps', ['name' => '*']);
        }
        $copy = $this->cloned($other);
        // What an object is to keep may have got no value yet.
        $known = $object->entries + array_fill_keys(array_map(static fn (string $name): string => "t$name", $object->order), true);
        $object->entries = array_intersect_key($copy instanceof MapValue ? $copy->entries : [], $known) + $object->entries;
        $this->told($object);
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

    /** The entry that was put in last, taken out (The Python Standard Library, "dict.popitem"). */
    public function takenOut(mixed $map): ListValue
    {
        return $this->withoutKey($map, array_key_last(self::map_($map)->entries), "'popitem(): dictionary is empty'");
    }

    /** The entry that was put in first, taken out (The Python Standard Library, "collections.OrderedDict.popitem"). */
    public function takenOutFirst(mixed $map): ListValue
    {
        return $this->withoutKey($map, array_key_first(self::map_($map)->entries), "'dictionary is empty'");
    }

    private function withoutKey(mixed $map, string|int|null $tag, string $where): ListValue
    {
        $entry = self::map_($map)->entries[$tag ?? ''] ?? throw new RunError('no_key', ['key' => ''], $where);
        $this->popAt($map, $entry[0]);

        return new ListValue([$entry[0], $entry[1]], true);
    }

    public function forget(mixed $map, mixed $key): void
    {
        $this->popAt($map, $key);
    }

    /**
     * What a map holds that is found whenever it is asked for, and what does something where it is given a value.
     *
     * @param list<string>            $names
     * @param array<string, \Closure> $kept
     */
    public function withGetters(MapValue $map, array $names, array $kept): MapValue
    {
        foreach ($names as $name) {
            $function = $map->entries["t$name"][1] ?? null;
            if ($function instanceof \Closure) {
                $map->entries["t$name"][1] = new Getter(static fn (): mixed => $function($map));
            }
        }
        foreach ($kept as $name => $function) {
            $found = $map->entries["t$name"][1] ?? null;
            $map->entries["t$name"] = [$name, new Getter($found instanceof Getter ? $found->finds : null, static fn (mixed $value): mixed => $function($map, $value))];
        }

        return $map;
    }

    /** A map without some of its keys. */
    public function leftOut(mixed $map, mixed $keys): MapValue
    {
        $rest = $this->ofNoClass(self::map_($map));
        foreach ($this->over($keys) as $key) {
            unset($rest->entries[MapValue::tag($this->keyed($key))]);
        }

        return $rest;
    }

    /** What an object keeps, in an object of no class: so JavaScript takes it apart and spreads it (ECMA-262, 13.2.5 and 14.3.3). */
    private function ofNoClass(MapValue $map): MapValue
    {
        $plain = '' === $map->class ? clone $map : new MapValue();
        $plain->entries = $this->shown($map);

        return $plain;
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
        $all = $this->ofNoClass(self::map_($one));
        foreach ($this->shown(self::map_($other)) as [$key, $value]) {
            $this->put($all, $key, $value);
        }

        return $all;
    }

    public function keys(mixed $map): ListValue
    {
        if ($this->facts->namedPlaces && !$map instanceof MapValue) {
            // The places of a list or a text are names, too (ECMA-262, 14.7.5.9).
            return new ListValue(array_map(strval(...), array_keys($this->withNames($map))));
        }

        return new ListValue(array_column($this->shown(self::map_($map)), 0));
    }

    public function values(mixed $map): ListValue
    {
        return $this->facts->namedPlaces && !$map instanceof MapValue ? new ListValue($this->withNames($map)) : new ListValue(array_column($this->shown(self::map_($map)), 1));
    }

    /** @return list<mixed> what has names: nothing has none (ECMA-262, 7.1.18) */
    private function withNames(mixed $things): array
    {
        return $this->keepsNothing($things) ? throw new RunError('not_a_map', [], 'Cannot convert undefined or null to object') : $this->over($things);
    }
}
