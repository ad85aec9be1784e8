<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Values that change a variable, an item or a field while they are found: `count++`, `(line := input())`. */
final class Given
{
    /** The value that is given, and the one that was there before; one that is taken away, so that nothing is left. */
    public const KEYS = [OperationKey::Given, OperationKey::GivenAfter, OperationKey::Moved];

    public static function is(Expression $value): bool
    {
        return $value instanceof Operation && \in_array($value->key, self::KEYS, true);
    }

    /** Whether a value changes something while it is found. */
    public static function isIn(Expression $value): bool
    {
        foreach ($value->operands() as $operand) {
            if (self::isIn($operand)) {
                return true;
            }
        }

        return self::is($value);
    }

    /**
     * Adds the variables that a value changes.
     *
     * @param list<string> $names
     *
     * @param-out list<string> $names
     */
    public static function names(Expression $value, array &$names): void
    {
        if ($value instanceof Leaf) {
            return;
        }
        $operands = $value->operands();
        $target = $operands[0] ?? null;
        if ($target instanceof VariableRead && self::is($value)) {
            $names[] = $target->name;
        }
        foreach ($operands as $operand) {
            if (!$operand instanceof Leaf) {
                self::names($operand, $names);
            }
        }
    }

    public static function isPlace(Expression $target): bool
    {
        return $target instanceof VariableRead || $target instanceof Item || $target instanceof Field;
    }

    /** `x + 1` where x is the target: by how much it changes, and by which operator; null where it gets another value. */
    public static function change(Operation $given): ?Binary
    {
        $value = $given->arguments[1];

        return $value instanceof Binary && $value->left == $given->arguments[0] && $value->operator->isArithmetic() ? $value : null;
    }
}
