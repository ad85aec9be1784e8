<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;

/** The operations on values, by key. */
final class ValueOperations
{
    /** @var array<string, ValueOperation>|null */
    private static ?array $all = null;
    /** @var array<value-of<self::THEMES>, list<ValueOperation>> */
    private static array $byTheme = [];

    /** In their order on reading: of two that are spelled alike the first is meant. */
    private const THEMES = ['common', 'texts', 'conversions', 'numbers', 'bits', 'chance', 'lists', 'maps', 'sets', 'walks', 'talk', 'files', 'objects', 'failures', 'calls', 'json', 'streams', 'patterns', 'fittings', 'time'];

    /** @return array<string, ValueOperation> */
    public static function all(): array
    {
        if (null === self::$all) {
            self::$all = [];
            foreach (array_merge(...array_values(self::byTheme())) as $operation) {
                self::$all[$operation->key->value] = $operation;
            }
        }

        return self::$all;
    }

    /** @return array<value-of<self::THEMES>, list<ValueOperation>> */
    public static function byTheme(): array
    {
        foreach ([] === self::$byTheme ? self::THEMES : [] as $theme) {
            /** @var list<ValueOperation> $operations */
            $operations = require __DIR__."/entries/operations/$theme.php";
            self::$byTheme[$theme] = $operations;
        }

        return self::$byTheme;
    }

    /** @var array<string, array<string, OperationKey>> by language: what its methods do, by their names and how many values they take */
    private static array $methods = [];

    /** The operation that a method of texts, lists and maps stands for: `{0}.join({1})`; null if a language has none of that name. */
    public static function ofMethod(string $language, string $name, int $takes): ?OperationKey
    {
        if (!isset(self::$methods[$language])) {
            self::$methods[$language] = [];
            foreach (self::all() as $operation) {
                foreach ($operation->spellings[$language] ?? [] as $spelling) {
                    if (1 === preg_match('/^(?:\d+\||\w+\?)*\{0\}\.(\w+)(?:\(((?:\{\d\}(?:, )?)*)\))?$/', $spelling, $match)) {
                        self::$methods[$language][$match[1].' '.substr_count($match[2] ?? '', '{')] ??= $operation->key;
                    }
                }
            }
        }

        return self::$methods[$language]["$name $takes"] ?? null;
    }

    /** Null for what stands in no tree, and is known only while a text is read. */
    public static function find(OperationKey $key): ?ValueOperation
    {
        return self::all()[$key->value] ?? null;
    }

    public static function get(OperationKey $key): ValueOperation
    {
        return self::find($key) ?? throw new \OutOfBoundsException("There is no operation \"$key->value\".");
    }

    /** As files and lessons name it; null where there is none of that name. */
    public static function named(string $key): ?ValueOperation
    {
        return self::all()[$key] ?? null;
    }
}
