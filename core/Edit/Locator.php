<?php

declare(strict_types=1);

namespace Scrivlet\Core\Edit;

use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/** Finds rows in a program, and puts changed ones back. */
final class Locator
{
    /** The functions of a program, as a body that edits can name: parent 0, body `functions`. */
    public const PROGRAM = 0;
    public const FUNCTIONS = 'functions';
    public const BELOW = 'below';

    /**
     * @return array{int, string, int}|null the parent's id, the body's name and the row's index in it
     */
    public static function find(Program $program, int $id): ?array
    {
        foreach ($program->functions as $index => $function) {
            if ($function->id === $id) {
                return [self::PROGRAM, self::FUNCTIONS, $index];
            }
        }
        foreach ($program->below as $index => $row) {
            if ($row->id === $id) {
                return [self::PROGRAM, self::BELOW, $index];
            }
        }
        foreach ($program->parts() as $part) {
            $found = self::findIn($part, $id);
            if (null !== $found) {
                return $found;
            }
        }

        return null;
    }

    /** @return array{int, string, int}|null */
    private static function findIn(Statement $parent, int $id): ?array
    {
        foreach ($parent->bodies() as $name => $body) {
            foreach ($body->statements as $index => $statement) {
                if ($statement->id === $id) {
                    return [$parent->id, $name, $index];
                }
                $found = self::findIn($statement, $id);
                if (null !== $found) {
                    return $found;
                }
            }
        }

        return null;
    }

    public static function statement(Program $program, int $id): ?Statement
    {
        foreach (Walk::statements($program->parts()) as $statement) {
            if ($statement->id === $id) {
                return $statement;
            }
        }

        return null;
    }

    public static function part(Program $program, int $id): FunctionDefinition|Script
    {
        foreach ($program->definitions() as $function) {
            foreach (Walk::statements([$function]) as $statement) {
                if ($statement->id === $id) {
                    return $function;
                }
            }
        }

        return $program->script;
    }

    public static function body(Program $program, int $parent, string $name): ?Block
    {
        if (self::PROGRAM === $parent) {
            return match ($name) {
                self::FUNCTIONS => new Block($program->functions),
                self::BELOW => new Block($program->below),
                default => null,
            };
        }

        return (self::statement($program, $parent)?->bodies() ?? [])[$name] ?? null;
    }

    /** @param \Closure(Statement): Statement $change */
    public static function change(Program $program, int $id, \Closure $change): Program
    {
        $row = static fn (Statement $row): Statement => self::changeIn($row, $id, $change);
        $script = $row($program->script);
        \assert($script instanceof Script);

        return $program->withFunctions(array_map($row, $program->functions))->withScript($script)->withBelow(array_map($row, $program->below));
    }

    /** @param \Closure(Statement): Statement $change */
    private static function changeIn(Statement $statement, int $id, \Closure $change): Statement
    {
        if ($statement->id === $id) {
            return $change($statement);
        }
        foreach ($statement->bodies() as $name => $body) {
            foreach ($body->statements as $index => $inner) {
                $changed = self::changeIn($inner, $id, $change);
                if ($changed !== $inner) {
                    return $statement->withBody($name, $body->splice($index, 1, [$changed]));
                }
            }
        }

        return $statement;
    }

    public static function withBody(Program $program, int $parent, string $name, Block $body): Program
    {
        if (self::PROGRAM === $parent) {
            return self::FUNCTIONS === $name ? $program->withFunctions($body->statements) : $program->withBelow($body->statements);
        }

        return self::change($program, $parent, static fn (Statement $statement): Statement => $statement->withBody($name, $body));
    }
}
