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

    /** @var array<string, array<string, string>> by language: what its methods do, by their names and how many values they take */
    private static array $methods = [];

    /** The operation that a method of texts, lists and maps stands for: `{0}.join({1})`; null if a language has none of that name. */
    public static function ofMethod(string $language, string $name, int $takes): ?string
    {
        if (!isset(self::$methods[$language])) {
            self::$methods[$language] = [];
            foreach (self::all() as $key => $operation) {
                foreach ($operation->spellings[$language] ?? [] as $spelling) {
                    if (1 === preg_match('/^(?:\d+\||\w+\?)*\{0\}\.(\w+)(?:\(((?:\{\d\}(?:, )?)*)\))?$/', $spelling, $match)) {
                        self::$methods[$language][$match[1].' '.substr_count($match[2] ?? '', '{')] ??= $key;
                    }
                }
            }
        }

        return self::$methods[$language]["$name $takes"] ?? null;
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
