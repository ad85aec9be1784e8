<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangedPlace;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;

/** Values that a type is made with where nothing is said (C++17, 11.6). */
final class EmptyValues
{
    /** Whether a value is what its type is made with where nothing is said. */
    public static function is(Expression $value): bool
    {
        return self::isNothing($value) || $value instanceof TruthLiteral && !$value->value || $value instanceof ListLiteral && [] === $value->items || $value instanceof MapLiteral && [] === $value->entries || $value instanceof Operation && OperationKey::SetOf === $value->key && [] === $value->arguments;
    }

    public static function isNothing(Expression $value): bool
    {
        return $value instanceof NumberLiteral && 0 == $value->value || $value instanceof TextLiteral && '' === $value->value;
    }

    /** What a map has for a key that is missing is what nothing is of its kind (C++17, 26.4.4.3). */
    public static function beginsWithOne(Expression $target, Binary $sum): bool
    {
        return $sum->left instanceof Operation && null !== ChangedPlace::before($target, $sum) && self::isNothing($sum->left->arguments[2]);
    }
}
