<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

/** The operations on values, by key. */
final class ValueOperations
{
    /** @var array<string, ValueOperation>|null */
    private static ?array $all = null;

    /** @return array<string, ValueOperation> */
    public static function all(): array
    {
        if (null === self::$all) {
            self::$all = [];
            /** @var list<array{string, int, int, string|list<string>, string|list<string>, string|list<string>, string}> $rows */
            $rows = require __DIR__.'/entries/operations.php';
            foreach ($rows as [$key, $least, $most, $python, $javaScript, $cpp, $result]) {
                self::$all[$key] = new ValueOperation($key, $least, $most, ['python' => (array) $python, 'javascript' => (array) $javaScript, 'cpp' => (array) $cpp], $result);
            }
        }

        return self::$all;
    }

    public static function find(string $key): ?ValueOperation
    {
        return self::all()[$key] ?? null;
    }

    public static function get(string $key): ValueOperation
    {
        return self::find($key) ?? throw new \OutOfBoundsException("There is no operation \"$key\".");
    }
}
