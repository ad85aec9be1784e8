<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Visiting every row and every expression, in the order of the page. */
final class Walk
{
    /**
     * @param iterable<Statement> $statements
     *
     * @return \Generator<int, Statement> each row, then the rows it holds
     */
    public static function statements(iterable $statements): \Generator
    {
        $waiting = array_reverse([...$statements]);
        while (null !== $statement = array_pop($waiting)) {
            yield $statement;
            foreach (array_reverse($statement->bodies()) as $body) {
                for ($at = \count($body->statements) - 1; $at >= 0; --$at) {
                    $waiting[] = $body->statements[$at];
                }
            }
        }
    }

    /**
     * Rows that run: those switched off are left out with all they hold, and so are the rows of a function, which
     * run when it is called.
     *
     * @param iterable<Statement> $statements
     *
     * @return \Generator<int, Statement>
     */
    public static function live(iterable $statements): \Generator
    {
        $waiting = array_reverse([...$statements]);
        while (null !== $statement = array_pop($waiting)) {
            if ($statement->off) {
                continue;
            }
            yield $statement;
            foreach ($statement instanceof FunctionDefinition ? [] : array_reverse($statement->bodies()) as $body) {
                for ($at = \count($body->statements) - 1; $at >= 0; --$at) {
                    $waiting[] = $body->statements[$at];
                }
            }
        }
    }

    /** @return \Generator<int, Expression> each expression, then its operands */
    public static function expressions(Expression $expression): \Generator
    {
        // With a stack of its own: a generator within a generator would pass each value through all levels above it.
        $waiting = [$expression];
        while (null !== $next = array_pop($waiting)) {
            yield $next;
            for ($operands = $next->operands(), $at = \count($operands) - 1; $at >= 0; --$at) {
                $waiting[] = $operands[$at];
            }
        }
    }

    /** @return \Generator<int, Expression> all expressions in a row's own blanks */
    public static function expressionsOf(Statement $statement): \Generator
    {
        foreach ($statement->blanks() as $blank) {
            foreach (self::expressions($blank) as $expression) {
                yield $expression;
            }
        }
    }

    /**
     * The same tree with every row passed through a function, inner rows first.
     *
     * @template S of Statement
     *
     * @param S                              $statement
     * @param \Closure(Statement): Statement $change    gives a statement of the same kind of place
     *
     * @return S
     */
    public static function map(Statement $statement, \Closure $change): Statement
    {
        foreach ($statement->bodies() as $name => $body) {
            $mapped = [];
            foreach ($body->statements as $inner) {
                $mapped[] = self::map($inner, $change);
            }
            $statement = $statement->withBody($name, new Block($mapped));
        }
        $changed = $change($statement);
        \assert($changed instanceof $statement);

        return $changed;
    }

    /** @param \Closure(Expression): Expression $change operands first */
    public static function mapExpression(Expression $expression, \Closure $change): Expression
    {
        $operands = $expression->operands();
        if ([] !== $operands) {
            $expression = $expression->withOperands(array_map(static fn (Expression $operand): Expression => self::mapExpression($operand, $change), $operands));
        }

        return $change($expression);
    }
}
