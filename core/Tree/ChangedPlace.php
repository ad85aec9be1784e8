<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/**
 * What a place becomes from what it was: `place ??= 5`, `place |= 8`. The tree holds the place and a value that asks for it
 * first; the place is found once for both, as by such a sign (The Python Language Reference, 7.2.1; ECMA-262, 13.15.2;
 * C++17, 8.18). Where a text finds it for each, and that is another thing, the value is one found anew.
 */
final class ChangedPlace
{
    /** Signs by which a place changes that are no operator of the tree. */
    public const BY = ['|=' => OperationKey::BitOr, '^=' => OperationKey::BitXor, '&=' => OperationKey::BitAnd, '<<=' => OperationKey::ShiftedLeft, '>>=' => OperationKey::ShiftedRight, '>>>=' => OperationKey::ShiftedPlain];

    /** Ask for what is at a place, which may be missing. */
    private const ELSE = [OperationKey::ValueOr, OperationKey::ValueOrPut];

    /** The place as it was, where a value asks for it first; null where it asks for something else. */
    public static function before(Expression $target, Expression $value): ?Expression
    {
        $first = match (true) {
            $value instanceof Binary => $value->left,
            $value instanceof Operation && (OperationKey::OrElse === $value->key || \in_array($value->key, self::BY, true)) => $value->arguments[0],
            default => $value,
        };
        $first = $first instanceof Operation && \in_array($first->key, self::ELSE, true) ? new Item($first->arguments[0], $first->arguments[1]) : $first;

        return $first == $target ? $first : null;
    }

    /** Whether a value asks anywhere for what is at a place. */
    public static function isAsked(Expression $target, Expression $value): bool
    {
        foreach (Walk::expressions($value) as $part) {
            if ($part == $target || $target instanceof Item && $part instanceof Operation && \in_array($part->key, self::ELSE, true) && $part->arguments[0] == $target->container && $part->arguments[1] == $target->index) {
                return true;
            }
        }

        return false;
    }

    /**
     * The sign that says it, where it is none of an operator that reckons, and what stands behind it; null where it is.
     *
     * @return array{string, Expression}|null
     */
    public static function sign(Expression $target, Expression $value): ?array
    {
        if (null === self::before($target, $value)) {
            return null;
        }
        if ($value instanceof Binary) {
            return $value->operator->isLogic() ? [Operator::Or === $value->operator ? '||=' : '&&=', $value->right] : null;
        }
        if (!$value instanceof Operation) {
            return null;
        }
        $sign = OperationKey::ValueOr === $value->key || OperationKey::OrElse === $value->key ? '??=' : array_search($value->key, self::BY, true);

        return false === $sign ? null : [$sign, $value->arguments[OperationKey::ValueOr === $value->key ? 2 : 1]];
    }
}
