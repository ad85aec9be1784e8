<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;

/** Rows that put into a place what is typed in, as C++ says it: `cin >> beds;` (C++17, 30.7.4.2). */
final class TypedIn
{
    /** The row that reads a value into a place; null where it gets another one, or one of another type. */
    public static function into(string $place, StaticType $type, Expression $value): ?string
    {
        $made = $value instanceof Operation && \in_array($value->key, [OperationKey::ToWhole, OperationKey::ToLong, OperationKey::ToNumber], true) ? $value->key : null;
        $read = null !== $made && $value instanceof Operation ? $value->arguments[0] : $value;
        if (!$read instanceof Operation || [] !== $read->arguments) {
            return null;
        }
        $fits = match ($made) {
            OperationKey::ToWhole => $type->isWhole() && !$type->isWide() && !$type->isUnsigned(),
            OperationKey::ToLong => $type->isWhole() && $type->isWide(),
            OperationKey::ToNumber => StaticType::number() === $type,
            default => TypeKind::Text === $type->kind,
        };

        return match (true) {
            !$fits => null,
            OperationKey::Ask === $read->key && null === $made => "getline(cin, $place)",
            OperationKey::AskWord === $read->key, OperationKey::NextWord === $read->key => "cin >> $place",
            default => null,
        };
    }
}
