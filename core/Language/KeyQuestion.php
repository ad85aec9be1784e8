<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;

/** JavaScript's way to ask whether a map has a key: `seeds["pea"] === undefined`. */
final class KeyQuestion
{
    /**
     * The same question for the other languages, where reading a key that is missing fails
     * (ECMAScript 2024, 10.1.8.1; The Python Language Reference, 6.3.2; C++17, 26.4.4.3).
     *
     * @param \Closure(Expression): StaticType $type
     */
    public static function of(Binary $binary, \Closure $type): ?Expression
    {
        [$item, $nothing] = $binary->left instanceof NothingLiteral ? [$binary->right, $binary->left] : [$binary->left, $binary->right];
        if (!\in_array($binary->operator, [Operator::Equal, Operator::NotEqual], true) || !$nothing instanceof NothingLiteral || !$nothing->undefined || !$item instanceof Item || !$type($item->container)->isMap()) {
            return null;
        }
        $has = new Operation(OperationKey::Contains, [$item->container, $item->index]);

        return Operator::Equal === $binary->operator ? new Unary(UnaryOperator::Not, $has) : $has;
    }

    /**
     * A map that is asked for a list, a map or an object is asked only whether it has one: an empty one is true as well in
     * JavaScript (ECMAScript 2024, 7.1.2), not so elsewhere.
     *
     * @param \Closure(Expression): StaticType $type
     */
    public static function asked(Expression $asked, \Closure $type): Expression
    {
        if (!$asked instanceof Operation || OperationKey::ValueOr !== $asked->key || !$asked->arguments[2] instanceof NothingLiteral || !$asked->arguments[2]->undefined) {
            return $asked;
        }
        $found = $type(new Item($asked->arguments[0], $asked->arguments[1]));

        return $found->isList() || $found->isMap() || $found->isSet() || null !== $found->class ? new Operation(OperationKey::Contains, [$asked->arguments[0], $asked->arguments[1]]) : $asked;
    }
}
