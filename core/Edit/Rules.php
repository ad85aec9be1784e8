<?php

declare(strict_types=1);

namespace Scrivlet\Core\Edit;

use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\Walk;

/** What holds for every well-formed program, whoever made it. */
final class Rules
{
    /** @throws Refusal that names the first rule the program breaks */
    public static function check(Program $program): void
    {
        $rows = 0;
        $ids = [];
        foreach (Walk::statements($program->parts()) as $statement) {
            if (++$rows > Bounds::ROWS) {
                throw new Refusal('rule.many_rows', ['most' => Bounds::ROWS]);
            }
            if (isset($ids[$statement->id]) || $statement->id >= $program->nextId || $statement->id < 1) {
                throw new Refusal('rule.ids');
            }
            $ids[$statement->id] = true;
        }
        // What a person typed may call what is not there yet: that is a mistake to mend, not a program to refuse.
        if ([] === $program->handwriting) {
            self::names($program);
        }
        foreach ($program->parts() as $part) {
            if ($part instanceof FunctionDefinition || $part instanceof Script || $part instanceof ClassDefinition) {
                // In C++ the script is a function itself.
                self::body($part->body, false, $part instanceof FunctionDefinition || isset($program->handwriting['cpp']), 1, !$part instanceof FunctionDefinition);
            }
        }
    }

    private static function names(Program $program): void
    {
        $names = [];
        foreach ($program->definitions() as $function) {
            if (isset($names[$function->name])) {
                throw new Refusal('name.function', ['name' => $function->name]);
            }
            $names[$function->name] = \count($function->parameters);
            if ('' === $function->class()) {
                Names::checkOutside($function->name);
            }
        }
        foreach ([] === $names ? [] : array_keys(Scopes::of($program)->reachedInto) as $name) {
            Names::checkOutside((string) $name);
        }
        $variables = self::variables($program);
        foreach ($program->parts() as $part) {
            foreach (self::calledBy($part) as $name => $counts) {
                if (!isset($names[$name]) && isset($variables[$name])) {
                    continue;
                }
                if (!isset($names[$name])) {
                    throw new Refusal('name.no_function', ['name' => (string) $name]);
                }
                foreach (array_keys($counts) as $count) {
                    if ($names[$name] !== $count && !str_contains((string) $name, '.')) {
                        throw new Refusal('blank.arguments', ['name' => (string) $name, 'wanted' => $names[$name], 'given' => $count]);
                    }
                }
            }
        }
    }

    /** @return array<string, true> names that may hold a function as their value */
    private static function variables(Program $program): array
    {
        $names = [];
        foreach (Walk::statements($program->parts()) as $row) {
            $names += array_fill_keys([...$row->assigned(), ...($row instanceof FunctionDefinition ? $row->parameters : [])], true);
            foreach (Walk::expressionsOf($row) as $value) {
                $names += array_fill_keys($value instanceof Lambda ? $value->parameters : ($value instanceof Collected ? [$value->variable] : []), true);
            }
        }

        return $names;
    }

    /** @return array<string, array<int, true>> the own functions that a part calls, with the numbers of arguments given */
    public static function calledBy(Statement $part): array
    {
        $called = [];
        foreach (Walk::statements([$part]) as $statement) {
            if ($statement instanceof OwnCall) {
                $called[$statement->function][\count($statement->arguments)] = true;
            }
            foreach (Walk::expressionsOf($statement) as $expression) {
                if ($expression instanceof OwnValue) {
                    $called[$expression->function][\count($expression->arguments)] = true;
                }
            }
        }

        return $called;
    }

    private static function body(Block $body, bool $inLoop, bool $inFunction, int $depth, bool $outermost = false): void
    {
        if ($depth > Bounds::NESTING) {
            throw new Refusal('rule.deep', ['deepest' => Bounds::NESTING]);
        }
        foreach ($body->statements as $statement) {
            if (!$inLoop && ($statement instanceof BreakLoop || $statement instanceof ContinueLoop)) {
                throw new Refusal('rule.outside_loop');
            }
            if (!$inFunction && ($statement instanceof GiveBack || $statement instanceof LeaveFunction || $statement instanceof ShareVariable)) {
                throw new Refusal('rule.outside_function');
            }
            if ($statement instanceof Handler && !$outermost) {
                throw new Refusal('edit.handler_outside');
            }
            if ($statement instanceof ClassDefinition && !$outermost || $statement instanceof FunctionDefinition && !$outermost && !$inFunction && 2 < $depth || $statement instanceof Script) {
                throw new Refusal('edit.function_outside');
            }
            foreach ($statement->bodies() as $inner) {
                self::body($inner, $inLoop || $statement->isLoop(), $inFunction || $statement instanceof FunctionDefinition || $statement instanceof Unread, $depth + 1, $statement instanceof ClassDefinition);
            }
        }
    }
}
