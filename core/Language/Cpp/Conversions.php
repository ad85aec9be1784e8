<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/**
 * Says what becomes of a value where another type takes it (C++17, 7.8 to 7.14): a fraction is cut off, a letter is its
 * number, a number is a letter. That a whole number becomes one with a point shows nowhere but in how it is divided,
 * which the types say.
 */
trait Conversions
{
    private function converted(Statement $row, FunctionDefinition|Script $scope): Statement
    {
        if ($row instanceof ChangeVariable) {
            return $this->changeConverted($row, $scope);
        }
        if ($row instanceof SetVariable && !str_ends_with((string) $row->declared, '&')) {
            return $this->withValue($row, $this->types->variable($scope, $row->variable), $row->value, $scope);
        }
        if ($row instanceof SetItem && null === $row->operator && ($row->target instanceof Item || $row->target instanceof Field)) {
            return $this->withValue($row, $this->types->expression($scope, $row->target), $row->value, $scope);
        }
        if ($row instanceof SetItem && $row->target instanceof Item && TypeKind::Letter !== $this->types->expression($scope, $row->target)->kind) {
            $sum = new Binary($row->operator ?? Operator::Add, $row->target, $row->value);
            $made = $this->becoming($this->types->expression($scope, $row->target), $sum, $scope);

            return $made === $sum ? $row : new SetItem($row->id, $row->target, $made, null, $row->off);
        }
        if ($row instanceof GiveBack && $scope instanceof FunctionDefinition && isset($scope->types[''])) {
            return $this->withValue($row, TypeNames::read($scope->types['']), $row->value, $scope);
        }
        $put = $row instanceof Perform ? $row->value : null;
        if ($row instanceof Perform && $put instanceof Operation && \in_array($put->key, [OperationKey::Append, OperationKey::Prepend, OperationKey::Insert, OperationKey::PutIn], true)) {
            $arguments = $put->arguments;
            $last = \count($arguments) - 1;
            $list = $this->types->expression($scope, $arguments[0]);
            $made = $this->becoming(TypeKind::Text === $list->kind ? StaticType::letter() : $list->item(), $arguments[$last], $scope);

            return $made === $arguments[$last] ? $row : new Perform($row->id, new Operation($put->key, [...\array_slice($arguments, 0, $last), $made]), $row->off);
        }

        return $row;
    }

    private function changeConverted(ChangeVariable $row, FunctionDefinition|Script $scope): Statement
    {
        $type = $this->types->variable($scope, $row->variable);
        $amount = $this->types->expression($scope, $row->amount);
        if (TypeKind::Text === $type->kind && $amount->isNumeric()) {
            return $row->withBlank('amount', new Operation(OperationKey::Letter, [$row->amount]));
        }
        if (!$type->isWhole() || $type->isUnsigned() || StaticType::number() !== $amount) {
            return $row;
        }

        return new SetVariable($row->id, $row->variable, $this->becoming($type, new Binary($row->operator, new VariableRead($row->variable), $row->amount), $scope), $row->off);
    }

    private function withValue(Statement $row, StaticType $type, Expression $value, FunctionDefinition|Script $scope): Statement
    {
        $made = $this->becoming($type, $value, $scope);

        return $made === $value ? $row : $row->withBlank('value', $made);
    }

    /** A value as a type takes it. */
    private function becoming(StaticType $type, Expression $value, FunctionDefinition|Script $scope): Expression
    {
        $was = $this->types->expression($scope, $value);

        return match (true) {
            TypeKind::Letter === $type->kind && $was->isNumeric() => new Operation(OperationKey::Letter, [$value]),
            TypeKind::Truth === $type->kind && $was->isNumeric() => new Operation(OperationKey::ToTruth, [$value]),
            !$type->isWhole() || $type->isUnsigned() => $value,
            TypeKind::Letter === $was->kind => new Operation(OperationKey::Code, [$value]),
            StaticType::number() !== $was => $value,
            $value instanceof NumberLiteral && \is_float($value->value) && floor($value->value) === $value->value && abs($value->value) < 2 ** 31 => new NumberLiteral((int) $value->value),
            $value instanceof Operation && OperationKey::ToNumber === $value->key && $this->types->expression($scope, $value->arguments[0])->isWhole() => $value->arguments[0],
            default => new Operation($type->isWide() ? OperationKey::ToLong : OperationKey::ToWhole, [$value]),
        };
    }
}
