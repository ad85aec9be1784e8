<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/**
 * The table in which CPython keeps a set, as far as it tells in which order a set of numbers shows (CPython 3.11,
 * Objects/setobject.c). Texts have another order in each run there, so that any order is as good.
 */
final class HashTable
{
    private const PROBES = 9;
    private const MODULUS = 2305843009213693951;

    private int $mask = 7;
    /** Places in use, and those of what was taken out. */
    private int $fill = 0;
    private int $used = 0;
    /** @var array<int, string|false> tags by place; false for what was taken out */
    private array $slots = [];
    /** @var array<string, int> the hash of each tag */
    private array $hashes = [];

    /** @return int|null null for what has no fixed hash */
    private static function hash(mixed $key): ?int
    {
        $number = match (true) {
            \is_bool($key) => (int) $key,
            \is_int($key) => $key,
            \is_float($key) && floor($key) === $key && abs($key) < 1e15 => (int) $key,
            default => null,
        };
        if (null === $number) {
            return null;
        }
        $hash = $number % self::MODULUS;

        return -1 === $hash ? -2 : $hash;
    }

    /** @return bool whether it has a place */
    public function add(string $tag, mixed $key): bool
    {
        $hash = self::hash($key);
        if (null === $hash) {
            return false;
        }
        $this->hashes[$tag] = $hash;
        $place = $this->free($hash, $tag);
        if (null === $place) {
            return true;
        }
        $isReused = isset($this->slots[$place]);
        $this->slots[$place] = $tag;
        ++$this->used;
        if ($isReused) {
            return true;
        }
        ++$this->fill;
        if ($this->fill * 5 >= $this->mask * 3) {
            $this->resize($this->used > 50000 ? $this->used * 2 : $this->used * 4);
        }

        return true;
    }

    /** @return int|null the first free place of a hash; null where it is there already */
    private function free(int $hash, string $tag): ?int
    {
        [$place, $isThere] = $this->place($hash, $tag);

        return $isThere ? null : $place;
    }

    /** @return array{int, bool} where a tag is, or where it would be put, and which of both */
    private function place(int $hash, string $tag): array
    {
        $mask = $this->mask;
        $at = $hash & $mask;
        $shift = $hash;
        $left = null;
        while (true) {
            $probes = $at + self::PROBES <= $mask ? self::PROBES : 0;
            for ($place = $at; $place <= $at + $probes; ++$place) {
                $there = $this->slots[$place] ?? null;
                if (null === $there) {
                    return [$left ?? $place, false];
                }
                $left = false === $there ? $place : $left;
                if ($there === $tag) {
                    return [$place, true];
                }
            }
            // An unsigned shift of 64 bits.
            $shift = ($shift >> 5) & 0x07FFFFFFFFFFFFFF;
            $at = ($at * 5 + 1 + $shift) & $mask;
        }
    }

    public function drop(string $tag): void
    {
        if (!isset($this->hashes[$tag])) {
            return;
        }
        [$place, $isThere] = $this->place($this->hashes[$tag], $tag);
        if ($isThere) {
            $this->slots[$place] = false;
            --$this->used;
        }
    }

    public function resize(int $least): void
    {
        for ($size = 8; $size <= $least; $size *= 2) {
        }
        $tags = $this->tags();
        $this->mask = $size - 1;
        $this->slots = [];
        foreach ($tags as $tag) {
            $place = $this->free($this->hashes[$tag], $tag);
            if (null !== $place) {
                $this->slots[$place] = $tag;
            }
        }
        $this->fill = $this->used = \count($tags);
    }

    /** Makes room before another set is taken in, as CPython does. */
    public function expect(int $more): void
    {
        if (($this->fill + $more) * 5 >= $this->mask * 3) {
            $this->resize(($this->used + $more) * 2);
        }
    }

    /** Leaves no room to what was taken out, where that is much. */
    public function tidy(): void
    {
        if ($this->fill - $this->used > $this->mask >> 2) {
            $this->resize($this->used > 50000 ? $this->used * 2 : $this->used * 4);
        }
    }

    /** A table for what another one holds; where both are of one size, each thing keeps its place. */
    public function copy(): self
    {
        $copy = new self();
        $copy->expect($this->used);
        if ($copy->mask === $this->mask && $this->fill === $this->used) {
            return clone $this;
        }
        $copy->hashes = $this->hashes;
        foreach ($this->tags() as $tag) {
            $place = $copy->free($this->hashes[$tag], $tag);
            if (null !== $place) {
                $copy->slots[$place] = $tag;
            }
        }
        $copy->fill = $copy->used = $this->used;

        return $copy;
    }

    /** @return list<string> in the order of their places */
    public function tags(): array
    {
        ksort($this->slots);

        return array_values(array_filter($this->slots, is_string(...)));
    }
}
