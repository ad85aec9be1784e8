<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;

/** How a variable is declared that needs no sign of equality: `string name;`, `vector<int> beds(3, 7);` (C++17, 11.6). */
final class DeclaredValues
{
    /**
     * What stands behind the name of a variable; null where that is `=` and a value.
     *
     * @param \Closure(Expression): string $expression prints a value
     */
    public static function behind(string $type, Expression $value, \Closure $expression): ?string
    {
        $of = $value instanceof Operation ? $value->arguments : [];
        $isOf = static fn (string ...$names): bool => 1 === preg_match('/^(?:'.implode('|', $names).')</', $type);
        // What is given a map has its pairs.
        $entries = $value instanceof Operation && \in_array($value->key, [OperationKey::Copied, OperationKey::AsList], true) ? $of[0] : null;
        if ($entries instanceof Operation && OperationKey::Entries === $entries->key && $isOf('vector')) {
            $map = $expression($entries->arguments[0]);

            return "($map.begin(), $map.end())";
        }

        return match (true) {
            $value instanceof Operation && OperationKey::TextStream === $value->key && str_ends_with($type, 'stringstream') => $of[0] == new TextLiteral('') ? '' : "({$expression($of[0])})",
            $value instanceof TextLiteral => '' === $value->value && 'string' === $type ? '' : null,
            $value instanceof ListLiteral => [] === $value->items && $isOf('vector', 'deque', 'list', 'stack', 'queue', 'priority_queue') ? '' : null,
            $value instanceof MapLiteral => [] === $value->entries && $isOf('map', 'unordered_map') ? '' : null,
            $value instanceof MakeObject => [] === $value->arguments && $value->class === $type ? '' : null,
            $value instanceof Operation && OperationKey::SetOf === $value->key && ($of[0] ?? null) instanceof ListLiteral && $isOf('set', 'unordered_set') => ' = {'.implode(', ', array_map($expression, $of[0]->items)).'}',
            $value instanceof Operation && OperationKey::SetOf === $value->key => [] === $of && $isOf('set', 'unordered_set', 'multiset') ? '' : null,
            $value instanceof Operation && OperationKey::Filled === $value->key && $isOf('vector', 'deque') => '('.ShownParts::shortened($of[0], $expression($of[0])).(self::isEmpty($of[1]) ? ')' : ", {$expression($of[1])})"),
            default => null,
        };
    }

    /**
     * How members stand is said by the type.
     *
     * @return array{string, Expression}
     */
    public static function typed(string $type, Expression $value): array
    {
        $isTold = $value instanceof Operation && OperationKey::Descending === $value->key;

        return [$isTold ? (string) preg_replace('/>$/D', ', greater<>>', $type) : $type, $isTold ? $value->arguments[0] : $value];
    }

    /** Whether a value is what stands for nothing of its type. */
    private static function isEmpty(Expression $value): bool
    {
        return $value == new NumberLiteral(0) || $value == new NumberLiteral(0.0) || $value == new TextLiteral('') || $value == new TruthLiteral(false);
    }
}
