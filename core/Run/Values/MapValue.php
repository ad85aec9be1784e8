<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;

/** A map while a program runs. */
final class MapValue
{
    /** @var array<string, array{mixed, mixed}> key and value, by the key with its kind in front */
    public array $entries = [];
    /** What the trace knows it as, once a variable has held it. */
    public ?int $number = null;

    public function __clone()
    {
        $this->number = null;
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
            default => 'x',
        };
    }
}
