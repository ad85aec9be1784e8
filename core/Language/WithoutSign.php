<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Where numbers of C++ begin again at zero (C++17, 6.9.1), which those of no other language do. */
final readonly class WithoutSign
{
    private function __construct(private Types $types)
    {
    }

    /** Whether a program may reckon beyond the ends of its numbers without a sign: it multiplies them, takes one from another, moves bits up. */
    public static function beginsAgain(Program $program): bool
    {
        $here = null;
        foreach ($program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $row) {
                $here ??= new self(Types::of($program));
                if ($here->inRow($part, $row)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function inRow(FunctionDefinition|Script $part, Statement $row): bool
    {
        $made = match (true) {
            $row instanceof ChangeVariable => new Binary($row->operator, new VariableRead($row->variable), $row->amount),
            $row instanceof SetItem && null !== $row->operator => new Binary($row->operator, $row->target, $row->value),
            default => null,
        };
        if ($row instanceof ChangeVariable && $this->leavesBits($part, $row->variable, $row->amount) || $row instanceof SetVariable && $this->leavesBits($part, $row->variable, $row->value)) {
            return true;
        }
        if ($row instanceof SetVariable && $this->isBelowZero($row->value) && $this->types->variable($part, $row->variable)->isUnsigned()) {
            return true;
        }
        foreach ([...Walk::expressionsOf($row), ...null === $made ? [] : [$made]] as $value) {
            if ($this->inValue($part, $value)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a variable of few bits may get a number that it has no room for. */
    private function leavesBits(FunctionDefinition|Script $part, string $name, Expression $by): bool
    {
        $bits = $this->types->bitsOf($part, $name);
        $most = 2 ** (abs($bits) - 1) - 1;

        return 0 !== $bits && self::OF_FLOAT !== $bits && !($by instanceof NumberLiteral && $by->value >= 0 && $by->value <= (0 < $bits ? self::STEP : $most))
            && !($by instanceof Binary && 0 < $bits && $by->right instanceof NumberLiteral && abs($by->right->value) <= self::STEP);
    }

    private const OF_FLOAT = 32;
    /** By more than this a small number is hardly changed where its end is not meant. */
    private const STEP = 1_000;

    private function isBelowZero(Expression $value): bool
    {
        return $value instanceof NumberLiteral && $value->value < 0 || $value instanceof Unary && $value->operand instanceof NumberLiteral;
    }

    private function inValue(FunctionDefinition|Script $part, Expression $value): bool
    {
        if ($value instanceof Operation && \in_array($value->key, [OperationKey::ToUnsigned, OperationKey::ToUnsignedLong], true)) {
            return !$this->type($part, $value->arguments[0])->isNatural();
        }
        $isTold = match (true) {
            // What is one less than zero is rarely meant, and stands in many headers of loops.
            $value instanceof Binary => Operator::Multiply === $value->operator || Operator::Subtract === $value->operator && !$value->right instanceof NumberLiteral && TypeKind::Unsigned === $this->type($part, $value)->kind,
            $value instanceof Operation => \in_array($value->key, [OperationKey::BitNot, OperationKey::ShiftedLeft], true),
            default => $value instanceof Unary,
        };

        return $isTold && $this->type($part, $value)->isUnsigned();
    }

    private function type(FunctionDefinition|Script $part, Expression $value): StaticType
    {
        return $this->types->expression($part, $value);
    }
}
