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
    public static function groups(Program $program, string $text, TypedNames $names, bool $isTyped): array
    {
        $groups = $rows = [];
        foreach (Walk::statements($program->parts()) as $row) {
            foreach (self::names($row) as $name) {
                // What a class keeps for all its objects has its name before it.
                $name = substr((string) strrchr(".$name", '.'), 1);
                $rows[$name][$row->id] = $row->id;
                if (!$names->says($name) && !\in_array($name, Program::NAMES_OF_ITSELF, true) && 1 === preg_match('/^[\w\x80-\xff]+$/D', $name)) {
                    $groups[$name][$row->id] = $row->id;
                }
            }
        }

        $groups = array_map(array_values(...), array_values($groups));

        return $isTyped ? [...$groups, ...ApartTypes::groups($program, $text, $rows)] : $groups;
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
