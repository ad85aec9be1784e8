<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Whether a function changes what a list or map holds that is handed to it, itself or by handing it on: C++ has to
 * take it by reference where the other languages share it.
 */
final class ChangedParameters
{
    /** @param array<string, true> $seen functions and parameters that are being looked at */
    public static function isChanged(Program $program, FunctionDefinition $function, string $parameter, array $seen = []): bool
    {
        $key = "$function->name:$parameter";
        if (isset($seen[$key])) {
            return false;
        }
        $seen[$key] = true;

        return self::areChangedIn($program, $program->rowsOf($function), [$parameter => true], $seen);
    }

    /**
     * Whether rows change what some names stand for.
     *
     * @param iterable<Statement> $rows
     * @param list<string>        $names
     */
    public static function changeAny(Program $program, iterable $rows, array $names): bool
    {
        return self::areChangedIn($program, $rows, array_fill_keys($names, true), []);
    }

    /** Whether a loop changes what the items hold that it goes over. */
    public static function changesItems(Program $program, EachLoop $loop): bool
    {
        return self::areChangedIn($program, Walk::statements($loop->body->statements), array_fill_keys($loop->variables, true), []);
    }

    /**
     * @param iterable<Statement> $rows
     * @param array<string, true> $names
     * @param array<string, true> $seen
     */
    private static function areChangedIn(Program $program, iterable $rows, array $names, array $seen): bool
    {
        $rows = array_values([...$rows]);
        $names = self::alsoCalled($rows, $names);
        foreach ($rows as $row) {
            $targets = $row instanceof SetItem ? [$row->target] : ($row instanceof SetSeveral ? $row->targets : []);
            foreach ($targets as $target) {
                if (($target instanceof Item || $target instanceof Field) && isset($names[self::root($target) ?? ''])) {
                    return true;
                }
            }
            if ($row instanceof OwnCall && self::isHandedOn($program, $row->function, $row->arguments, $names, $seen)) {
                return true;
            }
            foreach (Walk::expressionsOf($row) as $expression) {
                $first = $expression instanceof Operation && true === ValueOperations::find($expression->key)?->hasEffect() ? $expression->arguments[0] ?? null : null;
                if ($expression instanceof MethodCall && isset($names[self::root($expression->object) ?? '']) || null !== $first && isset($names[self::root($first) ?? '']) || $expression instanceof OwnValue && self::isHandedOn($program, $expression->function, $expression->arguments, $names, $seen)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Names, and those of what they hold: an item that a loop goes over, or that a row names.
     *
     * @param list<Statement>     $rows
     * @param array<string, true> $names
     *
     * @return array<string, true>
     */
    private static function alsoCalled(array $rows, array $names): array
    {
        do {
            $many = \count($names);
            foreach ($rows as $row) {
                if ($row instanceof EachLoop && isset($names[self::root($row->over) ?? ''])) {
                    $names += array_fill_keys($row->variables, true);
                } elseif ($row instanceof SetVariable && (!$row->value instanceof VariableRead || str_ends_with((string) $row->declared, '&')) && isset($names[self::root($row->value) ?? ''])) {
                    $names[$row->variable] = true;
                }
            }
        } while ($many < \count($names));

        return $names;
    }

    /**
     * @param list<Expression>    $arguments
     * @param array<string, true> $names
     * @param array<string, true> $seen
     */
    private static function isHandedOn(Program $program, string $name, array $arguments, array $names, array $seen): bool
    {
        $function = $program->functionNamed($name);
        foreach (null === $function ? [] : $arguments as $index => $argument) {
            $to = $function->parameters[$index] ?? null;
            $isCopied = null !== $to && isset($function->types[$to]) && 1 !== preg_match('/[&*]$/D', $function->types[$to]);
            if (null !== $function && null !== $to && !$isCopied && isset($names[self::root($argument) ?? '']) && self::isChanged($program, $function, $to, $seen)) {
                return true;
            }
        }

        return false;
    }

    /** The variable that holds an item, however deep. */
    private static function root(Expression $value): ?string
    {
        while ($value instanceof Item || $value instanceof Field || $value instanceof Operation && OperationKey::Itself === $value->key) {
            // `&bed` is the thing itself.
            $value = $value->operands()[0];
        }

        return $value instanceof VariableRead ? $value->name : null;
    }
}
