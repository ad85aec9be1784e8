<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Run\RunError;

/** Sets, and maps with keys of any kind. */
trait SetOperations
{
    public function setOf(mixed $items = null): MapValue
    {
        $set = $this->newSet();
        if ($items instanceof MapValue && 'set' === $items->sort) {
            Room::spend(\count($items->entries));
            [$set->entries, $set->table] = [$items->entries, $items->table?->copy()];

            return $set;
        }
        foreach (null === $items ? [] : $this->over($items) as $item) {
            $this->keepIn($set, $item);
        }

        return $set;
    }

    /**
     * Three constants or more in braces: CPython makes a set of them before the program runs, another one of what that has,
     * and a third of this each time (CPython 3.11, Python/compile.c, `starunpack_helper` and `merge_consts_recursive`).
     */
    public function constantSet(ListValue $items): MapValue
    {
        return $this->setOf($this->constantsGoneOver($items));
    }

    /** Constants in braces that a loop goes over are those made before the program runs themselves (`fold_iter`). */
    public function constantsGoneOver(ListValue $items): MapValue
    {
        return $this->setOf(new ListValue($this->setOf($items)->members()));
    }

    private function newSet(): MapValue
    {
        $set = new MapValue();
        $set->sort = 'set';
        $set->table = $this->facts->hashedSets ? new HashTable() : null;

        return $set;
    }

    private function keepIn(MapValue $set, mixed $item): void
    {
        Room::spend(1);
        $tag = $this->tagOf($item);
        if (isset($set->entries[$tag])) {
            return;
        }
        $set->entries[$tag] = [$item, $item];
        if (true !== $set->table?->add($tag, $item)) {
            $set->table = null;
        }
    }

    /** JavaScript tells lists and objects apart by what they are, not by what they hold (ECMA-262, 7.2.12). */
    private function tagOf(mixed $key): string
    {
        // -0 is 0 as a key (ECMA-262, 24.1.3.9).
        $key = 0.0 === $key ? 0.0 : $key;

        if ($key instanceof BigInteger && $this->facts->sameByIdentity) {
            return 'b'.$key;
        }

        return $this->facts->sameByIdentity && \is_object($key) && !$key instanceof Nothing ? 'o'.spl_object_id($key) : MapValue::tag($this->facts->sameByIdentity ? $key : $this->keyed($key));
    }

    /** Puts something in, and gives whether it was not there yet. */
    public function putNew(mixed $set, mixed $item): bool
    {
        $before = $set instanceof MapValue ? \count($set->entries) : 0;

        $this->putIn($set, $item);

        return \count(self::map_($set)->entries) > $before;
    }

    /** How many went: one, or none if it was not there (C++17, 26.2.6). */
    public function tookAway(mixed $items, mixed $item): int
    {
        if ('set' === self::map_($items)->sort) {
            return (int) $this->takeOut($items, $item);
        }
        $isThere = $this->contains($items, $item);
        if ($isThere) {
            $this->forget($items, $item);
        }

        return (int) $isThere;
    }

    public function putIn(mixed $set, mixed $item): mixed
    {
        if (!$set instanceof MapValue || 'set' !== $set->sort) {
            throw new RunError('not_a_list');
        }
        $this->keepIn($set, $item);
        $this->told($set);

        return $set;
    }

    public function takeOut(mixed $set, mixed $item): bool
    {
        $set = self::map_($set);
        $tag = $this->tagOf($item);
        $isThere = isset($set->entries[$tag]);
        unset($set->entries[$tag]);
        $set->table?->drop($tag);
        $this->told($set);

        return $isThere;
    }

    public function union(mixed $one, mixed $other): MapValue
    {
        $all = $this->copyOf($one);
        if ([] === $all->entries && $other instanceof MapValue && 'set' === $other->sort) {
            return $this->setOf($other);
        }
        $other instanceof MapValue && $all->table?->expect(\count($other->entries));
        foreach ($this->over($other) as $item) {
            $this->keepIn($all, $item);
        }

        return $all;
    }

    private function asSet(mixed $value): MapValue
    {
        return $value instanceof MapValue && 'set' === $value->sort ? $value : $this->setOf($value);
    }

    /** A set of its own that holds the same. */
    private function copyOf(mixed $value): MapValue
    {
        return $value instanceof MapValue && 'set' === $value->sort ? $this->setOf($value) : throw new RunError('not_a_list');
    }

    public function sharedItems(mixed $one, mixed $other): MapValue
    {
        [$one, $other] = [$this->asSet($one), $this->asSet($other)];
        if (\count($other->entries) > \count($one->entries)) {
            [$one, $other] = [$other, $one];
        }
        $shared = $this->newSet();
        foreach ($other->members() as $item) {
            if (isset($one->entries[$this->tagOf($item)])) {
                $this->keepIn($shared, $item);
            }
        }

        return $shared;
    }

    public function otherItems(mixed $one, mixed $other): MapValue
    {
        [$one, $other] = [$this->asSet($one), $this->asSet($other)];
        if (\count($one->entries) >> 2 > \count($other->entries)) {
            $rest = $this->setOf($one);
            foreach ($other->members() as $item) {
                unset($rest->entries[$this->tagOf($item)]);
                $rest->table?->drop($this->tagOf($item));
            }
            $rest->table?->tidy();

            return $rest;
        }
        $rest = $this->newSet();
        foreach ($one->members() as $item) {
            if (!isset($other->entries[$this->tagOf($item)])) {
                $this->keepIn($rest, $item);
            }
        }

        return $rest;
    }

    public function apartItems(mixed $one, mixed $other): MapValue
    {
        [$one, $apart] = [$this->asSet($one), $this->setOf($other)];
        foreach ($one->members() as $item) {
            $tag = $this->tagOf($item);
            if (isset($apart->entries[$tag])) {
                unset($apart->entries[$tag]);
                $apart->table?->drop($tag);
            } else {
                $this->keepIn($apart, $item);
            }
        }

        return $apart;
    }

    public function isWithin(mixed $one, mixed $other): bool
    {
        return [] === array_diff_key($this->setOf($one)->entries, $this->setOf($other)->entries);
    }

    public function isAround(mixed $one, mixed $other): bool
    {
        return $this->isWithin($other, $one);
    }

    public function size(mixed $value): int|float
    {
        return $this->count_(\count(self::map_($value)->entries));
    }

    public function has(mixed $value, mixed $what): bool
    {
        return isset(self::map_($value)->entries[$this->tagOf($what)]);
    }

    public function newMap(mixed $pairs = null): MapValue
    {
        $map = new MapValue();
        $map->sort = 'Map';
        foreach (null === $pairs ? [] : $this->over($pairs) as $pair) {
            $items = $pair instanceof ListValue ? $pair->items : throw new RunError('not_a_list');
            $this->putFor($map, $items[0] ?? null, $items[1] ?? null);
        }

        return $map;
    }

    public function got(mixed $map, mixed $key): mixed
    {
        return self::map_($map)->entries[$this->tagOf($key)][1] ?? null;
    }

    public function putFor(mixed $map, mixed $key, mixed $value): MapValue
    {
        $map = self::map_($map);
        if ('Map' !== $map->sort) {
            throw new RunError('no_method', ['name' => 'set']);
        }
        Room::spend(1);
        $tag = $this->tagOf($key);
        $map->entries[$tag] = [$map->entries[$tag][0] ?? $key, $value];
        $this->told($map);

        return $map;
    }

    public function keysOf(mixed $map): ListValue
    {
        return new ListValue($map instanceof ListValue ? array_map($this->count_(...), array_keys($map->items)) : array_column(self::map_($map)->entries, 0));
    }

    public function valuesOf(mixed $map): ListValue
    {
        return new ListValue(match (true) {
            $map instanceof ListValue => $map->items,
            $map instanceof MapValue && 'set' === $map->sort => $map->members(),
            default => array_column(self::map_($map)->entries, 1),
        });
    }
}
