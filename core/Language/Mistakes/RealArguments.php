<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\Argument;

/**
 * How many values what the languages themselves bring takes at most, where that is more than is known here: who gives them makes
 * no mistake (The Python Standard Library, Built-in Types and Built-in Functions; ECMA-262, 21 to 24; C++17, 24 and 28).
 */
final class RealArguments
{
    private const ANY = 255;
    private const MOST = [
        'python' => [
            'startswith' => 3, 'endswith' => 3, 'count' => 3, 'index' => 3, 'find' => 3, 'rfind' => 3, 'rindex' => 3, 'split' => 2, 'rsplit' => 2, 'strip' => 1, 'lstrip' => 1,
            'rstrip' => 1, 'replace' => 3, 'center' => 2, 'ljust' => 2, 'rjust' => 2, 'splitlines' => 1, 'expandtabs' => 1, 'encode' => 2, 'pop' => 2, 'get' => 2, 'setdefault' => 2, 'update' => self::ANY,
            'union' => self::ANY, 'intersection' => self::ANY, 'difference' => self::ANY, 'int' => 2, 'sum' => 2, 'round' => 2, 'enumerate' => 2, 'str' => 3, 'min' => self::ANY, 'max' => self::ANY,
            'zip' => self::ANY, 'map' => self::ANY, 'iter' => 2, 'pow' => 3, 'log' => 2, 'gcd' => self::ANY, 'lcm' => self::ANY, 'hypot' => self::ANY, 'sample' => 2, 'choices' => 2, 'randrange' => 3,
            'accumulate' => 2, 'product' => self::ANY, 'chain' => self::ANY, 'permutations' => 2, 'print' => self::ANY, 'next' => 2, 'sub' => 5, 'search' => 3, 'match' => 3, 'findall' => 3, 'dumps' => 1,
        ],
        'javascript' => [
            'startsWith' => 2, 'endsWith' => 2, 'includes' => 2, 'indexOf' => 2, 'lastIndexOf' => 2, 'slice' => 2, 'fill' => 3, 'concat' => self::ANY, 'push' => self::ANY, 'unshift' => self::ANY,
            'splice' => self::ANY, 'split' => 2, 'padStart' => 2, 'padEnd' => 2, 'parseInt' => 2, 'toString' => 1, 'max' => self::ANY, 'min' => self::ANY, 'from' => 3, 'localeCompare' => 3, 'toLocaleString' => 2,
            'stringify' => 3, 'parse' => 2, 'flat' => 1, 'find' => 2, 'findLast' => 2, 'map' => 2, 'filter' => 2, 'forEach' => 2, 'some' => 2, 'every' => 2, 'findIndex' => 2, 'flatMap' => 2, 'hypot' => self::ANY,
            'assign' => self::ANY, 'normalize' => 1, 'replace' => 2, 'replaceAll' => 2,
        ],
        'cpp' => [
            'sort' => 3, 'stable_sort' => 3, 'reverse' => 2, 'find' => 3, 'rfind' => 3, 'count' => 3, 'substr' => 2, 'erase' => 3, 'insert' => 4, 'replace' => 5, 'append' => 4, 'compare' => 5, 'getline' => 3,
            'max' => 3, 'min' => 3, 'accumulate' => 4, 'stoi' => 3, 'stol' => 3, 'stoll' => 3, 'stod' => 2, 'resize' => 2, 'assign' => 4, 'emplace' => self::ANY, 'emplace_back' => self::ANY,
            'max_element' => 3, 'min_element' => 3, 'fill' => 3, 'copy' => 3, 'equal' => 4, 'unique' => 3, 'lower_bound' => 4, 'upper_bound' => 4, 'binary_search' => 4, 'iota' => 3, 'ignore' => 2,
        ],
    ];

    /** How few they take, where that is less than is known here, and not what was forgotten as a rule. */
    private const LEAST = [
        'python' => ['int' => 0, 'float' => 0, 'bool' => 0, 'setdefault' => 1],
        'javascript' => ['stringify' => 1, 'reduceRight' => 1, 'splice' => 1, 'toFixed' => 0, 'concat' => 0, 'assign' => 1, 'push' => 0, 'unshift' => 0, 'split' => 0, 'at' => 0, 'Number' => 0, 'String' => 0, 'Boolean' => 0],
        'cpp' => [],
    ];

    /**
     * Whether the real language may take these values, however many of them are known here.
     *
     * @param list<Argument> $arguments
     */
    public static function take(Language $language, string $name, array $arguments, int $known): bool
    {
        $given = \count($arguments);
        $isNamed = [] !== array_filter($arguments, static fn (Argument $argument): bool => null !== $argument->name);

        return $isNamed || $given < $known && $given >= (self::LEAST[$language->value][$name] ?? $known) || $given >= $known && $given <= (self::MOST[$language->value][$name] ?? 0);
    }
}
