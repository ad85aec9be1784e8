<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Walk;

/** Sets and maps that a loop takes from while it goes over them, where its place among them would be lost (C++17, 26.2.6, 14). */
final class TakenFrom
{
    public static function goneOver(Expression $over, EachLoop $loop): bool
    {
        foreach (Walk::statements($loop->body->statements) as $row) {
            foreach (Walk::expressionsOf($row) as $value) {
                if ($value instanceof Operation && \in_array($value->key, [OperationKey::TakeOut, OperationKey::TookAway, OperationKey::Forget], true) && $value->arguments[0] == $over) {
                    return true;
                }
            }
        }

        return false;
    }
}
