<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;

/** A map while a program runs. */
final class MapValue
{
    /** @var array<string, array{mixed, mixed}> key and value, by the key with its kind in front */
    public array $entries = [];

    /** Under this name an object that is raised keeps what it says. */
    public const SAYS = '@says';

    /** @param string $class of an object, whose fields these are; '' for a map */
    public function __construct(public readonly string $class = '')
    {
    }

    /** `set`: each thing is its own value; `Map`: one of JavaScript with keys of any kind. */
    public string $sort = '';
    /** How Python shows a map that knows what is missing: `Counter`, or all that stands before its braces. */
    public string $made = '';
    /** @var (\Closure(): mixed)|null gives what stands for a key that is missing */
    public ?\Closure $missing = null;
    /** Where Python keeps the numbers of a set. */
    public ?HashTable $table = null;
    /** @var list<string> what an object keeps, in the order in which its class says so */
    public array $order = [];
    /** Whether its members stand from the greatest to the least. */
    public bool $descending = false;
    /** Whether an object is copied wherever it is handed on. */
    public bool $copied = false;
    /** Whether it is equal to all that keep the same. */
    public bool $alike = false;
    /** Whether nothing changes it any more. */
    public bool $frozen = false;
    /** What the trace knows it as, once a variable has held it. */
    public ?int $number = null;

    /** @return list<mixed> what is in a set, in the order in which it shows */
    public function members(): array
    {
        if (null === $this->table) {
            return array_column($this->entries, 0);
        }

        return array_map(fn (string $tag): mixed => $this->entries[$tag][0], $this->table->tags());
    }

    public function __clone()
    {
        // A map that an object keeps its fields in is not the copy's.
        $entries = $this->entries;
        unset($this->entries);
        $this->entries = $entries;
        $this->number = null;
        $this->frozen = false;
        $this->table = null === $this->table ? null : clone $this->table;
        Room::spend(1 + \count($this->entries));
    }

    public static function tag(mixed $key, int $depth = 0): string
    {
        return match (true) {
            \is_string($key) => "t$key",
            \is_bool($key) => 'n'.(int) $key,
            \is_int($key), \is_float($key) => 'n'.$key,
            $key instanceof ListValue => 'l'.implode("\0", array_map(static fn (mixed $item): string => self::tag($item, Depth::deeper($depth)), $key->items)),
            $key instanceof BigInteger => 'n'.$key,
            // An object is a key as itself, or as what it keeps (The Python Language Reference, 3.3.1, object.__hash__).
            $key instanceof self && $key->alike => "d$key->class\0".implode("\0", array_map(static fn (string $name): string => self::tag($key->entries["t$name"][1] ?? null, Depth::deeper($depth)), $key->order)),
            $key instanceof self && '' !== $key->class, $key instanceof \Closure => 'o'.spl_object_id($key),
            default => 'x',
        };
    }
}
