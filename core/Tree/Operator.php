<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** What an operation means, whatever sign a language writes for it. */
enum Operator: string
{
    case Add = 'add';
    case Subtract = 'subtract';
    case Multiply = 'multiply';
    /** 7 / 2 is 3.5 */
    case TrueDivide = 'divide';
    /** The whole number at or below the quotient: -7 by 2 is -4. */
    case FloorDivide = 'floor_divide';
    /** What is left over by FloorDivide; it has the sign of the divisor. */
    case FloorRemainder = 'floor_remainder';
    /** The quotient cut towards zero: -7 by 2 is -3. */
    case TruncDivide = 'trunc_divide';
    /** What is left over by TruncDivide; it has the sign of what is divided. */
    case TruncRemainder = 'trunc_remainder';
    case Power = 'power';
    /** Two values as one text. */
    case Join = 'join';
    case Equal = 'equal';
    case NotEqual = 'not_equal';
    case Less = 'less';
    case LessOrEqual = 'less_or_equal';
    case Greater = 'greater';
    case GreaterOrEqual = 'greater_or_equal';
    case And = 'and';
    case Or = 'or';

    public function isComparison(): bool
    {
        return match ($this) {
            self::Equal, self::NotEqual, self::Less, self::LessOrEqual, self::Greater, self::GreaterOrEqual => true,
            default => false,
        };
    }

    public function isLogic(): bool
    {
        return self::And === $this || self::Or === $this;
    }

    public function isArithmetic(): bool
    {
        return !$this->isComparison() && !$this->isLogic() && self::Join !== $this;
    }
}
