<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/** Which functions of a program are called where: C++ knows none that stands further down (C++17, 6.3.2). */
final class CalledFunctions
{
    /** @return array<string, true> the functions that others call above their definition, by their names */
    public static function early(Program $program): array
    {
        $defined = $early = [];
        foreach ([...$program->functions, ...$program->script->body->statements] as $row) {
            $function = $row instanceof FunctionDefinition ? $row : null;
            if (null !== $function) {
                $defined[$function->name] = true;
            }
            foreach (null === $function ? [] : $program->rowsOf($function) as $statement) {
                foreach (self::in($statement) as $name) {
                    if (!isset($defined[$name])) {
                        $early[$name] = true;
                    }
                }
            }
        }

        return $early;
    }

    public static function callsItself(Program $program, FunctionDefinition $function): bool
    {
        foreach ($program->rowsOf($function) as $row) {
            if (\in_array($function->name, self::in($row), true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> the functions that a row calls, by their names */
    private static function in(Statement $statement): array
    {
        $called = $statement instanceof OwnCall ? [$statement->function] : [];
        foreach (Walk::expressionsOf($statement) as $expression) {
            if ($expression instanceof OwnValue) {
                $called[] = $expression->function;
            }
        }

        return $called;
    }
}
