<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;

/** What small functions are handed where they compare the items of a list: a sign between two of them may be a method, objects are asked with a point, pairs by their parts. */
final class HandedItems
{
    private const COMPARING = [OperationKey::SortBefore, OperationKey::SortPartBefore, OperationKey::SortWith, OperationKey::SortedWith, OperationKey::FirstOut, OperationKey::TakeFirst, OperationKey::SortBy, OperationKey::SortDownBy, OperationKey::SortedBy, OperationKey::SortedDownBy, OperationKey::LeastBy, OperationKey::GreatestBy, OperationKey::LeastPlace, OperationKey::GreatestPlace, OperationKey::SpotLeast, OperationKey::SpotGreatest];

    /**
     * @param \Closure(Expression): StaticType $type
     *
     * @return array<int, array<string, StaticType>> by the number of the function as an object, what each of its names holds
     */
    public static function types(Operation $operation, \Closure $type): array
    {
        $by = $operation->arguments[1] ?? null;
        if (!$by instanceof Lambda || !\in_array($operation->key, self::COMPARING, true)) {
            return [];
        }
        $item = $type($operation->arguments[0])->item();

        return TypeKind::Unknown === $item->kind ? [] : [spl_object_id($by) => array_fill_keys($by->parameters, $item)];
    }
}
