<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** A sort by what is asked of each item, after which those that are alike stand in any order: `std::sort` by a function that compares two (C++17, 28.7.1.1). */
final class LooseSorts
{
    public static function asStandard(Operation $operation): Operation
    {
        $by = $operation->arguments[1] ?? null;
        if (!\in_array($operation->key, [OperationKey::SortBy, OperationKey::SortDownBy], true) || !$by instanceof Lambda || ($operation->arguments[2] ?? null) != new TruthLiteral(false)) {
            return $operation;
        }
        [$one] = $by->parameters;
        $other = 'other' === $one ? 'another' : 'other';
        $ofOther = Walk::mapExpression($by->value, static fn (Expression $part): Expression => $part instanceof VariableRead && $part->name === $one ? new VariableRead($other) : $part);

        return new Operation(OperationKey::SortBefore, [$operation->arguments[0], new Lambda([$one, $other], new Binary(OperationKey::SortBy === $operation->key ? Operator::Less : Operator::Greater, $by->value, $ofOther))]);
    }
}
