<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Names that a program has and its typed text does not say: those that were made up for what the text says in another way, such as a
 * jump to a label or a function without a name, and other names for those that a block declares again. A row that is printed says
 * them, so that all rows that do have to.
 */
final class UnsaidNames
{
    /** @return list<list<int>> the rows that say the same name, by their ids */
    public static function groups(Program $program, string $text, bool $isTyped): array
    {
        $said = self::words($text) + ($isTyped ? self::overloaded($program, $text) : []) + array_fill_keys(Program::NAMES_OF_ITSELF, true);
        $groups = $rows = [];
        foreach (Walk::statements($program->parts()) as $row) {
            foreach (self::names($row) as $name) {
                // What a class keeps for all its objects has its name before it.
                $name = substr((string) strrchr(".$name", '.'), 1);
                $rows[$name][$row->id] = $row->id;
                if (!isset($said[$name]) && 1 === preg_match('/^[\w\x80-\xff]+$/D', $name)) {
                    $groups[$name][$row->id] = $row->id;
                }
            }
        }

        $groups = array_map(array_values(...), array_values($groups));

        return $isTyped ? [...$groups, ...ApartTypes::groups($program, $text, $rows)] : $groups;
    }

    /** @return array<string, true> the words of a text; what JavaScript hides behind `#` also with the `_` that it has here */
    public static function words(string $text): array
    {
        preg_match_all('/#?[\w\x80-\xff]+/', $text, $words);
        $said = [];
        foreach ($words[0] as $word) {
            $said[$word] = true;
            if ('#' === $word[0]) {
                $said['_'.substr($word, 1)] = true;
            }
        }

        return $said + array_fill_keys(array_keys(self::enumerators($text)), true);
    }

    /** @return array<string, string> functions of C++ that share a name in the text, by those that a program has for them (C++17, 16) */
    public static function overloaded(Program $program, string $text): array
    {
        $said = self::words($text);
        $found = [];
        foreach ($program->definitions() as $function) {
            if (!isset($said[$function->shortName()]) && 1 === preg_match('/^(\w+)_\d+$/D', $function->shortName(), $match) && isset($said[$match[1]]) && 2 <= preg_match_all("/[\\w>&*]\\s+[&*]*\\b$match[1]\\s*\\(/", $text)) {
                $found[$function->shortName()] = $match[1];
            }
        }

        return $found;
    }

    /** @return array<string, string> how a text of C++ says the values of its enumerations that stand behind their names, by those that a program has for them (C++17, 10.2) */
    public static function enumerators(string $text): array
    {
        preg_match_all('/\benum\s+(?:class|struct)\s+(\w+)[^{};]*\{([^{}]*)\}/', $text, $enumerations, \PREG_SET_ORDER);
        $found = [];
        foreach ($enumerations as [, $name, $values]) {
            preg_match_all('/(\w+)\s*(?:=[^,]*)?(?:,|$)/', (string) preg_replace('/\/\/[^\r\n]*/', '', $values), $members);
            foreach ($members[1] as $member) {
                $found["{$name}_$member"] = "$name::$member";
            }
        }

        return $found;
    }

    /** @return list<string> */
    private static function names(Statement $row): array
    {
        $names = match (true) {
            $row instanceof FunctionDefinition => [$row->name, ...$row->parameters],
            $row instanceof EachLoop => $row->variables,
            $row instanceof OwnCall => [$row->function],
            $row instanceof FieldDeclaration => [$row->name],
            default => $row->assigned(),
        };
        foreach (Walk::expressionsOf($row) as $value) {
            if ($value instanceof VariableRead || $value instanceof Field) {
                $names[] = $value->name;
            } elseif ($value instanceof OwnValue || $value instanceof FunctionReference) {
                $names[] = $value->function;
            } elseif ($value instanceof MethodCall) {
                $names[] = $value->method;
            }
        }

        return $names;
    }
}
