<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Typing\Counted;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/**
 * A function of Python that is handed over in the next row, and is named for nothing else, is what the other languages
 * write as one row with a function without a name.
 */
final class Handlers
{
    /**
     * @param list<Statement> $rows the outermost ones
     * @param array<int, Cut> $cuts
     *
     * @return array{list<Statement>, array<int, Cut>}
     */
    public static function merged(array $rows, array $cuts): array
    {
        $merged = [];
        for ($index = 0; $index < \count($rows); ++$index) {
            $function = $rows[$index];
            $handler = isset($rows[$index + 1]) ? self::handler($function, $rows[$index + 1], $rows) : null;
            if (null === $handler || !$function instanceof FunctionDefinition) {
                $merged[] = $function;
                continue;
            }
            $merged[] = $handler;
            $cuts = self::recut($cuts, $function, $rows[$index + 1]->id);
            ++$index;
        }

        return [$merged, $cuts];
    }

    /** @param list<Statement> $rows */
    private static function handler(Statement $function, Statement $registration, array $rows): ?Handler
    {
        if (!$function instanceof FunctionDefinition || [] !== $function->parameters || !$registration instanceof Command) {
            return null;
        }
        foreach (Handler::EVENTS as $event => [$command, $blank]) {
            $reference = $registration->arguments['handler'] ?? null;
            if ($registration->command !== $command || !$reference instanceof FunctionReference || $reference->function !== $function->name) {
                continue;
            }
            $handler = new Handler($function->id, $event, $registration->arguments[$blank], new Block(array_values(array_filter($function->body->statements, static fn (Statement $row): bool => !$row instanceof ShareVariable))));

            return self::isPlain($function, $handler, $rows) ? $handler : null;
        }

        return null;
    }

    /**
     * Whether nothing else names the function, it shares what it changes, and it never ends early.
     *
     * @param list<Statement> $rows
     */
    private static function isPlain(FunctionDefinition $function, Handler $handler, array $rows): bool
    {
        if (1 !== preg_match('/^'.Names::asPattern($handler->functionName()).'\d*$/D', $function->name)) {
            return false;
        }
        $shared = $own = [];
        foreach (Walk::live($function->body->statements) as $row) {
            if ($row instanceof ShareVariable) {
                $shared[$row->variable] = true;
            } elseif ($row instanceof GiveBack || $row instanceof LeaveFunction) {
                return false;
            }
            $own += array_fill_keys($row->assigned(), true);
        }
        $counted = Counted::in($function);
        $own = array_filter(array_diff_key($own, $shared), static fn (string|int $name): bool => !$counted->isPrivate((string) $name), \ARRAY_FILTER_USE_KEY);
        $uses = 0;
        foreach (Walk::statements($rows) as $row) {
            $uses += $row instanceof OwnCall && $row->function === $function->name ? 2 : 0;
            foreach (Walk::expressionsOf($row) as $value) {
                $uses += self::names($value, $function->name);
            }
        }

        return 1 === $uses && ([] === $own || self::areOnlyIn($function, $rows, $own));
    }

    private static function names(Expression $value, string $function): int
    {
        return $value instanceof FunctionReference && $value->function === $function ? 1 : ($value instanceof OwnValue && $value->function === $function ? 2 : 0);
    }

    /**
     * @param list<Statement>     $rows
     * @param array<string, true> $names
     */
    private static function areOnlyIn(FunctionDefinition $function, array $rows, array $names): bool
    {
        foreach ($rows as $row) {
            foreach ($row === $function ? [] : Walk::statements([$row]) as $inner) {
                if ([] !== array_intersect_key(Scopes::mentionedByItself($inner), $names)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param array<int, Cut> $cuts
     *
     * @return array<int, Cut>
     */
    private static function recut(array $cuts, FunctionDefinition $function, int $registration): array
    {
        $parts = [$registration => 'close'];
        foreach ($function->body->statements as $row) {
            if ($row instanceof ShareVariable) {
                $parts[$row->id] = \in_array('enter', $parts, true) ? '' : 'enter';
            }
        }
        if (!\in_array('enter', $parts, true)) {
            foreach ($cuts as $cut) {
                if ($cut->id === $function->id && 'head' === $cut->part) {
                    $cuts[] = new Cut($function->id, 'enter', $cut->end, $cut->end, $function->id);
                }
            }
        }
        $recut = array_map(static fn (Cut $cut): Cut => isset($parts[$cut->id]) ? new Cut($function->id, $parts[$cut->id], $cut->start, $cut->end, $cut->parent, $cut->tight) : $cut, $cuts);

        return array_filter($recut, static fn (Cut $cut): bool => '' !== $cut->part);
    }
}
