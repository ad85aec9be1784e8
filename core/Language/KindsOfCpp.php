<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** What the other languages reckon with that C++ takes no operand of (C++17, 8), or takes for another thing. */
final readonly class KindsOfCpp
{
    /** What wants numbers, and gets a text or a list elsewhere. */
    private const OF_NUMBERS = [OperationKey::Absolute, OperationKey::Floor, OperationKey::Ceiling, OperationKey::Rounded, OperationKey::RoundedEven, OperationKey::RoundedAway, OperationKey::Root, OperationKey::Larger, OperationKey::Smaller, OperationKey::IsNoNumber, OperationKey::BitAnd, OperationKey::BitOr, OperationKey::BitXor, OperationKey::BitNot, OperationKey::ShiftedLeft, OperationKey::ShiftedRight];
    /** What is said of lists, and of texts elsewhere. */
    private const OF_LISTS = ['joined', 'least', 'greatest'];

    public function __construct(private Program $program, private Types $types)
    {
    }

    /** Whether some value cannot be reckoned in C++ as it is elsewhere. */
    public function areOthers(): bool
    {
        foreach ($this->program->scopes() as $part) {
            foreach ($this->program->rowsOf($part) as $row) {
                foreach (Walk::expressionsOf($row) as $value) {
                    if ($this->isOther($part, $value)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** A list that has two names, and is changed by one of them: in C++ it would be two lists. */
    public function sharedList(): ?string
    {
        $changed = [];
        foreach (Walk::statements($this->program->parts()) as $row) {
            foreach ($row->off ? [] : self::changedIn($row) as $name) {
                $changed[$name] = true;
            }
        }
        foreach ([] === $changed ? [] : $this->program->scopes() as $part) {
            foreach ($this->program->rowsOf($part) as $row) {
                $of = $row instanceof SetVariable ? $row->value : null;
                if (!$of instanceof VariableRead || !$row instanceof SetVariable || !isset($changed[$row->variable]) && !isset($changed[$of->name])) {
                    continue;
                }
                $type = $this->types->expression($part, $of);
                if ($type->isList() || $type->isMap() || $type->isSet()) {
                    return "$row->variable = $of->name";
                }
            }
        }

        return null;
    }

    /** @return list<string> the names by which a row changes something in its place */
    private static function changedIn(Statement $row): array
    {
        $names = [];
        $places = $row instanceof SetItem ? [$row->target] : [];
        foreach (Walk::expressionsOf($row) as $value) {
            if ($value instanceof Operation && [] !== $value->arguments && true === ValueOperations::find($value->key)?->hasEffect()) {
                $places[] = new Item($value->arguments[0], new NothingLiteral());
            }
        }
        foreach ($places as $place) {
            while ($place instanceof Item || $place instanceof Field) {
                $place = $place instanceof Item ? $place->container : $place->object;
            }
            if ($place instanceof VariableRead) {
                $names[] = $place->name;
            }
        }

        return $names;
    }

    private function isOther(FunctionDefinition|Script $part, Expression $value): bool
    {
        $kinds = array_map(fn (Expression $operand): StaticType => $this->types->expression($part, $operand), $value->operands());
        if ($value instanceof Binary) {
            return $value->operator->isArithmetic() && [] !== array_filter($kinds, fn (StaticType $kind): bool => $this->isNoNumber($kind))
                && !(Operator::Add === $value->operator && $kinds[0]->isTextual() && $kinds[1]->isTextual());
        }
        if ($value instanceof Unary) {
            return UnaryOperator::Not !== $value->operator && $this->isNoNumber($kinds[0]);
        }
        if ($value instanceof Choice) {
            return $kinds[1]->isTextual() !== $kinds[2]->isTextual();
        }
        if ($value instanceof OwnValue) {
            return false === $this->program->functionNamed($value->function)?->givesValue();
        }
        if (!$value instanceof Operation) {
            return false;
        }

        return match (true) {
            \in_array($value->key, self::OF_NUMBERS, true) => [] !== array_filter($kinds, fn (StaticType $kind): bool => $this->isNoNumber($kind) || TypeKind::Number === $kind->kind && str_starts_with($value->key->value, 'bit_')),
            \in_array($value->key, self::OF_LISTS, true) => $kinds[0]->isTextual(),
            OperationKey::ValueOr === $value->key => $kinds[0]->isList(),
            OperationKey::Concatenated === $value->key => $kinds[0]->isList() && $kinds[1]->isList() && $kinds[0]->item()->isTextual() !== $kinds[1]->item()->isTextual() && TypeKind::Unknown !== $kinds[0]->item()->kind && TypeKind::Unknown !== $kinds[1]->item()->kind,
            default => false,
        };
    }

    private function isNoNumber(StaticType $kind): bool
    {
        return TypeKind::Text === $kind->kind || $kind->isList() || $kind->isMap() || $kind->isSet();
    }
}
