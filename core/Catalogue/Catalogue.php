<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

/** The one place in which every row and every value is described. */
final class Catalogue
{
    /** @var array<string, Entry>|null */
    private static ?array $entries = null;

    /** @return array<string, Entry> by key, in the order of the drawer */
    public static function entries(): array
    {
        if (null === self::$entries) {
            self::$entries = [];
            foreach (['nib', 'barrow', 'lantern', 'mower', 'events', 'rows', 'values'] as $file) {
                /** @var list<Entry> $entries */
                $entries = require __DIR__."/entries/$file.php";
                foreach ($entries as $entry) {
                    self::$entries[$entry->key] = $entry;
                }
            }
        }

        return self::$entries;
    }

    public static function get(string $key): Entry
    {
        return self::find($key) ?? throw new \OutOfBoundsException("The catalogue has no entry \"$key\".");
    }

    public static function find(string $key): ?Entry
    {
        return self::entries()[$key] ?? null;
    }
}
