<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Tree\FailureKind;

/**
 * What each language calls a failure, and which names stand for others as well (The Python Standard Library 3.11, Exception
 * hierarchy; ECMAScript 2022, 20.5.5; C++17, 22.2).
 */
final class FailureNames
{
    /** By language, each kind's own name. */
    private const NAMES = [
        'python' => [
            'any' => 'Exception', 'value' => 'ValueError', 'type' => 'TypeError', 'index' => 'IndexError', 'key' => 'KeyError', 'lookup' => 'LookupError', 'division' => 'ZeroDivisionError',
            'arithmetic' => 'ArithmeticError', 'overflow' => 'OverflowError', 'name' => 'NameError', 'runtime' => 'RuntimeError', 'depth' => 'RecursionError', 'answer' => 'EOFError',
            'claim' => 'AssertionError', 'unwritten' => 'NotImplementedError', 'attribute' => 'AttributeError', 'stop' => 'StopIteration', 'system' => 'OSError', 'file' => 'FileNotFoundError',
            'permission' => 'PermissionError', 'timeout' => 'TimeoutError', 'syntax' => 'SyntaxError',
            'interrupt' => 'KeyboardInterrupt', 'exists' => 'FileExistsError', 'connection' => 'ConnectionError', 'memory' => 'MemoryError', 'import' => 'ImportError', 'json' => 'JSONDecodeError',
        ],
        'javascript' => ['any' => 'Error', 'value' => 'RangeError', 'type' => 'TypeError', 'name' => 'ReferenceError', 'syntax' => 'SyntaxError'],
        'cpp' => [
            'any' => 'exception', 'value' => 'invalid_argument', 'index' => 'out_of_range', 'overflow' => 'overflow_error', 'runtime' => 'runtime_error', 'logic' => 'logic_error',
            'domain' => 'domain_error', 'length' => 'length_error', 'range' => 'range_error', 'underflow' => 'underflow_error',
        ],
    ];

    /** Other names of the same (The Python Standard Library 3.11, OSError), and what is caught by the one above it. */
    private const ALIASES = ['python' => ['IOError' => 'system', 'EnvironmentError' => 'system', 'FrozenInstanceError' => 'attribute'], 'javascript' => [], 'cpp' => []];

    /** A name, and the next wider one. */
    private const WIDER = [
        'python' => [
            'ZeroDivisionError' => 'ArithmeticError', 'OverflowError' => 'ArithmeticError', 'IndexError' => 'LookupError', 'KeyError' => 'LookupError',
            'RecursionError' => 'RuntimeError', 'NotImplementedError' => 'RuntimeError', 'UnboundLocalError' => 'NameError',
            'JSONDecodeError' => 'ValueError', 'StatisticsError' => 'ValueError', 'FileNotFoundError' => 'OSError', 'PermissionError' => 'OSError', 'TimeoutError' => 'OSError', 'FileExistsError' => 'OSError', 'ConnectionError' => 'OSError', 'ModuleNotFoundError' => 'ImportError', 'UnsupportedOperation' => 'OSError',
        ],
        'javascript' => [],
        'cpp' => [
            'invalid_argument' => 'logic_error', 'out_of_range' => 'logic_error', 'domain_error' => 'logic_error', 'length_error' => 'logic_error',
            'overflow_error' => 'runtime_error', 'underflow_error' => 'runtime_error', 'range_error' => 'runtime_error',
        ],
    ];

    /** The kind's own name in a language; null where it has none. */
    public static function own(Language $language, FailureKind $kind): ?string
    {
        return self::NAMES[$language->value][$kind->value] ?? null;
    }

    /** The name by which a language catches a kind of failures, or the nearest it has. */
    public static function caught(Language $language, FailureKind $kind): string
    {
        return self::own($language, $kind) ?? self::NAMES[$language->value][match ($kind) {
            FailureKind::Key, FailureKind::Lookup => 'index',
            FailureKind::Domain, FailureKind::Length, FailureKind::Syntax => 'value',
            FailureKind::Attribute => 'type',
            FailureKind::Json => isset(self::NAMES[$language->value]['syntax']) ? 'syntax' : 'value',
            FailureKind::Depth, FailureKind::Unwritten, FailureKind::Claim, FailureKind::Range, FailureKind::Underflow => 'runtime',
            default => 'any',
        }] ?? self::NAMES[$language->value]['any'];
    }

    /** The name by which a language throws it; the widest name of C++ says nothing, so that no course throws it. */
    public static function thrown(Language $language, FailureKind $kind): string
    {
        $name = self::caught($language, $kind);

        return self::NAMES[$language->value][FailureKind::Any->value] === $name ? $language->semantics()->widest ?? $name : $name;
    }

    public static function kindOf(Language $language, string $name): ?FailureKind
    {
        $kind = self::ALIASES[$language->value][$name] ?? array_search($name, self::NAMES[$language->value], true);

        return false === $kind ? null : FailureKind::from($kind);
    }

    /** @return list<string> */
    public static function all(Language $language): array
    {
        return array_values(self::NAMES[$language->value]);
    }

    /**
     * Whether what was thrown is caught.
     *
     * @param string            $thrown as the language calls it; '' for a value that is thrown as it is
     * @param list<FailureKind> $kinds  none for whatever is thrown
     */
    public static function catches(Language $language, string $thrown, array $kinds): bool
    {
        foreach ($kinds as $kind) {
            $wanted = self::own($language, $kind);
            if ('any' === $kind->value && '' !== $thrown) {
                return true;
            }
            for ($name = $thrown; null !== $name; $name = self::WIDER[$language->value][$name] ?? null) {
                if ($name === $wanted) {
                    return true;
                }
            }
        }

        return [] === $kinds;
    }
}
