<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Names to which a text of C++ gives a type that nothing printed has: a stack or a queue is printed as a list, and so is an array; a
 * place is a number. Rows that say such a name are typed or printed, all of them alike, and so are those that say what it is handed
 * over as.
 */
final class ApartTypes
{
    /** An item of one is asked for and gets its value as one of a list does, so that a row that does no more says nothing of its type. */
    private const ARRAYS = [
        '/\barray\s*<(?:[^;{}()=]*)>\s*[&*]*\s*(\w+)/',
        '/\b(?:int|char|double|float|bool|long|short|unsigned|string|size_t)\s+[&*]*\s*(\w+)\s*\[/',
    ];
    private const DECLARED = [
        '/\b(?:stack|queue|priority_queue|deque|list|multiset|unique_ptr)\s*<(?:[^;{}()=]*)>\s*[&*]*\s*(\w+)/',
        '/\b(?:int|char|double|float|bool|long|short|unsigned|string)\s*\*\s*(?:const\s+)?(\w+)/',
        '/\b(?:const_)?(?:reverse_)?iterator\s+(\w+)/',
        '/\bauto\s+(\w+)\s*=[^;]*[.>](?:c?r?begin|c?r?end|find|lower_bound|upper_bound)\s*\(/',
        '/\bauto\s+(\w+)\s*=\s*(?:std::)?(?:find|find_if|lower_bound|upper_bound|max_element|min_element|next|prev|begin|end)\s*\(/',
    ];

    /**
     * @param array<string, array<int, int>> $rows the rows that say each name, by their ids
     *
     * @return list<list<int>> rows that are typed or printed alike, by their ids
     */
    public static function groups(Program $program, string $text, array $rows): array
    {
        $apart = self::declared(self::DECLARED, $text);
        $arrays = array_diff_key(self::declared(self::ARRAYS, $text), $apart);
        if ([] === $apart && [] === $arrays) {
            return [];
        }
        if ([] !== $arrays) {
            $whole = self::whole($program);
            foreach ($arrays as $name => $_) {
                $rows[$name] = $whole[$name] ?? [];
            }
            $apart += $arrays;
        }
        $groups = array_intersect_key($rows, $apart);
        foreach (Walk::statements($program->parts()) as $row) {
            foreach (self::calls($row) as [$function, $arguments, $first]) {
                $definition = self::meant($program, $function, null !== $first);
                if (null === $definition) {
                    continue;
                }
                foreach ($arguments as $index => $argument) {
                    $given = $argument instanceof VariableRead || $argument instanceof Field ? $argument->name : '';
                    $taken = $definition->parameters[$index + ($first ?? 0)] ?? '';
                    if (isset($apart[$given]) || isset($apart[$taken])) {
                        $groups[] = ($rows[$given] ?? []) + ($rows[$taken] ?? []) + [$row->id => $row->id, $definition->id => $definition->id];
                    }
                }
            }
        }

        return array_map(array_values(...), array_values($groups));
    }

    /**
     * @param list<string> $patterns
     *
     * @return array<string, true>
     */
    private static function declared(array $patterns, string $text): array
    {
        $names = [];
        foreach ($patterns as $pattern) {
            preg_match_all($pattern, $text, $match);
            $names += array_fill_keys($match[1], true);
        }

        return $names;
    }

    /** @return array<string, array<int, int>> the rows that say each name for all of what it stands for, and not for an item of it, by their ids */
    private static function whole(Program $program): array
    {
        $rows = [];
        foreach (Walk::statements($program->parts()) as $row) {
            $names = $row instanceof FunctionDefinition ? $row->parameters : ($row instanceof SetItem ? [] : $row->assigned());
            foreach ($row->blanks() as $value) {
                self::said($value, $names);
            }
            foreach ($names as $name) {
                $rows[$name][$row->id] = $row->id;
            }
        }

        return $rows;
    }

    /**
     * @param list<string> $names
     *
     * @param-out list<string> $names
     */
    private static function said(Expression $value, array &$names): void
    {
        if ($value instanceof VariableRead || $value instanceof Field) {
            $names[] = $value->name;
        }
        foreach ($value->operands() as $index => $operand) {
            $isNamed = $operand instanceof VariableRead || $operand instanceof Field;
            if (!$value instanceof Item || 0 !== $index || !$isNamed) {
                self::said($operand, $names);
            }
        }
    }

    /** @return list<array{string, list<Expression>, int|null}> the functions that a row calls, what each is given, and how many parameters of a method stand before that */
    private static function calls(Statement $row): array
    {
        $calls = $row instanceof OwnCall ? [[$row->function, $row->arguments, null]] : [];
        foreach (Walk::expressionsOf($row) as $value) {
            if ($value instanceof OwnValue) {
                $calls[] = [$value->function, $value->arguments, null];
            } elseif ($value instanceof MethodCall) {
                $calls[] = [$value->method, $value->arguments, 1];
            }
        }

        return $calls;
    }

    private static function meant(Program $program, string $name, bool $isMethod): ?FunctionDefinition
    {
        if (!$isMethod) {
            return $program->functionNamed($name);
        }
        foreach ($program->definitions() as $method) {
            if ('' !== $method->class() && $method->shortName() === $name) {
                return $method;
            }
        }

        return null;
    }
}
