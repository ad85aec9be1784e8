<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Values that have a part behind the point wherever Python finds them: `2.5`, `beds / 2`, `beds / 2 + 1`. */
final class RealNumber
{
    public static function is(Expression $value): bool
    {
        return $value instanceof NumberLiteral && \is_float($value->value)
            || $value instanceof Binary && (Operator::TrueDivide === $value->operator || \in_array($value->operator, [Operator::Add, Operator::Subtract, Operator::Multiply], true) && (self::is($value->left) || self::is($value->right)));
    }
}
