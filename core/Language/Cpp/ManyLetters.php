<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\TextLiteral;

/** A letter that stands in a text many times, which `string(20, '-')` makes (C++17, 24.3.2.2). */
final class ManyLetters
{
    /**
     * @param \Closure(Expression): StaticType $type
     * @param bool                             $isOwn whether the program was written in C++, where the number may fail as it does
     *
     * @return array{Expression, Expression}|null the letter, and how many times; null where either is not surely one
     */
    public static function in(Operation $operation, \Closure $type, bool $isOwn): ?array
    {
        if (OperationKey::Repeated !== $operation->key) {
            return null;
        }
        [$letter, $times] = $operation->arguments;
        $letter = $letter instanceof Operation && OperationKey::ToText === $letter->key ? $letter->arguments[0] : $letter;
        $isLetter = $letter instanceof TextLiteral && 1 === \strlen($letter->value) || TypeKind::Letter === $type($letter)->kind;
        // Less than nothing fails there; once is a letter made a text.
        $isCount = $times instanceof NumberLiteral
            ? \is_int($times->value) && $times->value >= 0 && 1 !== $times->value
            : $type($times)->isNatural() || $isOwn && $type($times)->isWhole();

        return $isLetter && $isCount ? [$letter, $times] : null;
    }
}
