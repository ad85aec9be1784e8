<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Whether asking for a value again in every turn of a loop gives the same one: nothing the loop does can change it. */
final class Steady
{
    private const PURE = [OperationKey::ToWhole, OperationKey::ToNumber, OperationKey::Absolute, OperationKey::Floor, OperationKey::Ceiling, OperationKey::Root, OperationKey::Rounded, OperationKey::RoundedEven, OperationKey::Smaller, OperationKey::Larger, OperationKey::Pi];

    public static function within(Expression $expression, Statement $loop, Scopes $scopes): bool
    {
        foreach (Walk::expressions($expression) as $inner) {
            if ($inner instanceof VariableRead) {
                $reached = $scopes->isReachedByAny($inner->name) && self::callsOwn($loop);
                if ($reached || Scopes::assignsWithin($loop, $inner->name)) {
                    return false;
                }
            } elseif ($inner instanceof Operation && OperationKey::Length === $inner->key) {
                if (self::changesLengths($loop)) {
                    return false;
                }
            } elseif (!($inner instanceof Operation && \in_array($inner->key, self::PURE, true)) && !$inner instanceof NumberLiteral && !$inner instanceof Binary && !$inner instanceof Unary) {
                return false;
            }
        }

        return true;
    }

    /** Whether the loop may add to a list, or take from it. */
    private static function changesLengths(Statement $loop): bool
    {
        foreach (Walk::live([$loop]) as $statement) {
            foreach (Walk::expressionsOf($statement) as $expression) {
                if ($expression instanceof Operation && true === ValueOperations::find($expression->key)?->hasEffect()) {
                    return true;
                }
            }
        }

        return self::callsOwn($loop);
    }

    private static function callsOwn(Statement $loop): bool
    {
        foreach (Walk::live([$loop]) as $statement) {
            if ($statement instanceof OwnCall) {
                return true;
            }
            foreach (Walk::expressionsOf($statement) as $expression) {
                if ($expression instanceof OwnValue || $expression instanceof MethodCall) {
                    return true;
                }
            }
        }

        return false;
    }
}
