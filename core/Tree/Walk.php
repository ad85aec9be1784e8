<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Visiting every row and every expression, in the order of the page. */
final class Walk
{
    /**
     * @param iterable<Statement> $statements
     *
     * @return list<Statement> each row, then the rows it holds
     */
    public static function statements(iterable $statements): array
    {
        $found = [];
        self::rows($statements, $found);

        return $found;
    }

    /**
     * Lists and no generators: nearly all who walk go to the end, and a generator costs as much as what is done with it.
     *
     * @param iterable<Statement> $statements
     * @param list<Statement>     $found
     */
    private static function rows(iterable $statements, array &$found): void
    {
        foreach ($statements as $statement) {
            $found[] = $statement;
            foreach ($statement->bodies() as $body) {
                self::rows($body->statements, $found);
            }
        }
    }

    /**
     * Rows that run: those switched off are left out with all they hold, and so are the rows of a function, which
     * run when it is called.
     *
     * @param iterable<Statement> $statements
     *
     * @return list<Statement>
     */
    public static function live(iterable $statements): array
    {
        $found = [];
        self::liveRows($statements, $found);

        return $found;
    }

    /**
     * @param iterable<Statement> $statements
     * @param list<Statement>     $found
     */
    private static function liveRows(iterable $statements, array &$found): void
    {
        foreach ($statements as $statement) {
            if ($statement->off) {
                continue;
            }
            $found[] = $statement;
            foreach ($statement instanceof FunctionDefinition ? [] : $statement->bodies() as $body) {
                self::liveRows($body->statements, $found);
            }
        }
    }

    /** @return list<Expression> each expression, then its operands */
    public static function expressions(Expression $expression): array
    {
        $found = [];
        self::values($expression, $found);

        return $found;
    }

    /** @param list<Expression> $found */
    private static function values(Expression $expression, array &$found): void
    {
        $found[] = $expression;
        if ($expression instanceof Leaf) {
            return;
        }
        foreach ($expression->operands() as $operand) {
            if ($operand instanceof Leaf) {
                $found[] = $operand;
            } else {
                self::values($operand, $found);
            }
        }
    }

    /** @return list<Expression> all expressions in a row's own blanks */
    public static function expressionsOf(Statement $statement): array
    {
        $found = [];
        foreach ($statement->blanks() as $blank) {
            self::values($blank, $found);
        }

        return $found;
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
            if ($mapped !== $body->statements) {
                $statement = $statement->withBody($name, new Block($mapped));
            }
        }
        $changed = $change($statement);
        \assert($changed instanceof $statement);

        return $changed;
    }

    /** @param \Closure(Expression): Expression $change operands first */
    public static function mapExpression(Expression $expression, \Closure $change): Expression
    {
        $known = [];

        return self::mapped($expression, $change, $known);
    }

    /**
     * @param \Closure(Expression): Expression $change
     * @param array<int, Expression>           $known  what objects of calls became, by PHP's numbers: they stand in what the call may mean otherwise, too
     */
    private static function mapped(Expression $expression, \Closure $change, array &$known): Expression
    {
        if ($expression instanceof Leaf) {
            return $change($expression);
        }
        $number = spl_object_id($expression);
        if (isset($known[$number])) {
            return $known[$number];
        }
        $operands = $expression->operands();
        $mapped = [];
        foreach ($operands as $operand) {
            $mapped[] = self::mapped($operand, $change, $known);
        }
        $call = $expression instanceof MethodCall ? $expression : null;
        if ($mapped !== $operands) {
            $expression = $expression->withOperands($mapped);
        }
        if (null !== $call?->otherwise && $expression instanceof MethodCall) {
            // Which of both is meant is known when all types are.
            $known[spl_object_id($call->object)] = $mapped[0];
            $otherwise = self::mapped($call->otherwise, $change, $known);
            $expression = $otherwise === $expression->otherwise ? $expression : new MethodCall($expression->object, $expression->method, $expression->arguments, $otherwise);
        }

        return $change($expression);
    }
}
