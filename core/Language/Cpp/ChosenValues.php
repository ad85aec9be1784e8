<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;

/** `one or other` where a value is meant, and not only a truth. */
final class ChosenValues
{
    /** Whether one of two values is what is meant, by the first, and not only a truth: a text, or what a map has or has not. */
    public static function are(Expression $left, StaticType $type): bool
    {
        return StaticType::text() === $type || null !== self::foundOrNothing($left);
    }

    /** What a map has for a key, where a missing one is nothing. */
    public static function foundOrNothing(Expression $value): ?Item
    {
        return $value instanceof Operation && OperationKey::ValueOr === $value->key && $value->arguments[2] instanceof NothingLiteral ? new Item($value->arguments[0], $value->arguments[1]) : null;
    }
}
