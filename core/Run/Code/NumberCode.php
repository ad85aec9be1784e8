<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Language\Cpp\ChosenValues;
use Scrivlet\Core\Language\KeyQuestion;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Run\Values\ListValue;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;

/** Signs between values: the quick way where both are plain numbers. */
final class NumberCode
{
    /** Operators of plain numbers: the method of Values, and PHP's sign. */
    private const QUICK = [
        'add' => ['add', '+'], 'subtract' => ['subtract', '-'], 'multiply' => ['multiply', '*'], 'equal' => ['equal', '==='],
        'floor_remainder' => ['floorRemainder', '%'], 'floor_divide' => ['floorDivide', '/'],
        'less' => ['less', '<'], 'less_or_equal' => ['lessOrEqual', '<='], 'greater' => ['greater', '>'], 'greater_or_equal' => ['greaterOrEqual', '>='],
    ];
    private const UNSIGNED = [
        'add' => 'unsignedAdd', 'subtract' => 'unsignedSubtract', 'multiply' => 'unsignedMultiply', 'floor_divide' => 'unsignedDivide', 'trunc_divide' => 'unsignedDivide',
        'floor_remainder' => 'unsignedRemainder', 'trunc_remainder' => 'unsignedRemainder',
    ];
    private const ORDERS = ['less' => '<', 'less_or_equal' => '<=', 'greater' => '>', 'greater_or_equal' => '>='];

    public function __construct(private readonly Compiler $compiler)
    {
    }

    /** Whether C++ reckons with it as a number without a sign. */
    public function isUnsigned(Expression $expression): bool
    {
        return $this->compiler->facts->typed && $this->compiler->types->expression($this->compiler->part, $expression)->isUnsigned();
    }

    /** How many bits an unsigned type has. */
    public static function bitsOf(StaticType $type): int
    {
        return $type->isWide() ? 64 : 32;
    }

    /** A value as a number without a sign, where it is not one yet. */
    public function unsigned(Expression $value, int $bits): string
    {
        $type = $this->compiler->types->expression($this->compiler->part, $value);
        $code = $this->compiler->expression($value);

        return match (true) {
            $type->isUnsigned() && self::bitsOf($type) === $bits, 64 === $bits && $type->isWhole() => $code,
            TypeKind::Letter === $type->kind => "\$v->unsigned(\$v->code($code), $bits)",
            default => "\$v->unsigned($code, $bits)",
        };
    }

    /** What is reckoned and compared without a sign, as soon as one of both has none and the other has no more bits (C++17, 8.0.11). */
    private function withoutSign(Binary $binary): ?string
    {
        $left = $this->compiler->types->expression($this->compiler->part, $binary->left);
        $right = $this->compiler->types->expression($this->compiler->part, $binary->right);
        if (!$left->isUnsigned() && !$right->isUnsigned()) {
            return null;
        }
        [$left, $right] = array_map(static fn (StaticType $type): StaticType => TypeKind::Letter === $type->kind || StaticType::truth() === $type ? StaticType::whole() : $type, [$left, $right]);
        if (!$left->isWhole() || !$right->isWhole()) {
            return null;
        }
        $type = $left->join($right);
        if (!$type->isUnsigned()) {
            return null;
        }
        $bits = self::bitsOf($type);
        $sides = $this->unsigned($binary->left, $bits).', '.$this->unsigned($binary->right, $bits);
        $operator = $binary->operator;

        return match (true) {
            isset(self::UNSIGNED[$operator->value]) => '$v->'.self::UNSIGNED[$operator->value]."($sides, $bits)",
            Operator::Equal === $operator, Operator::NotEqual === $operator => (Operator::Equal === $operator ? '' : '!')."\$v->equal($sides)",
            isset(self::ORDERS[$operator->value]) => "(\$v->unsignedOrder($sides, $bits) ".self::ORDERS[$operator->value].' 0)',
            default => null,
        };
    }

    public function isWide(Expression $expression): bool
    {
        if (!$this->compiler->facts->typed) {
            return false;
        }
        $type = $this->compiler->types->expression($this->compiler->part, $expression);

        // Where a template takes numbers of several types, the widest of them is what none of them outgrows.
        return $type->isWide() || TypeKind::Either === $type->kind || $type->isMixed();
    }

    /** What a sign asks of an object of the program's own is a method of its class, where it has one. */
    private function askedOfObject(Binary $binary): ?string
    {
        if ($this->compiler->facts->asksObjects) {
            // An object that may be nothing, or whose method is not made for the other one, is asked by the values.
            return null;
        }
        if ($binary->right instanceof NothingLiteral) {
            return null;
        }
        $class = $this->compiler->types->expression($this->compiler->part, $binary->left)->class;
        $right = $this->compiler->facts->typed && null === $class ? $this->compiler->types->expression($this->compiler->part, $binary->right)->class : null;
        $onTheRight = ClassDefinition::ON_THE_RIGHT[$binary->operator->value] ?? null;
        if (null !== $right && null !== $onTheRight && [] !== ($this->compiler->classTable ??= new Classes($this->compiler->program))->answering($right, $onTheRight)) {
            return '$this->sent('.$this->compiler->expression($binary->right).', '.var_export($onTheRight, true).', $d, '.$this->compiler->expression($binary->left).')';
        }
        $isUnequal = Operator::NotEqual === $binary->operator;
        // C++ has one sign for each of them (C++17, 16.5.2).
        $method = [Operator::TruncDivide->value => '@divide', Operator::TruncRemainder->value => '@floor_remainder'][$binary->operator->value] ?? '@'.($isUnequal ? Operator::Equal : $binary->operator)->value;
        if (null === $class || [] === ($this->compiler->classTable ??= new Classes($this->compiler->program))->answering($class, $method)) {
            return null;
        }
        $call = '$this->sent('.$this->compiler->expression($binary->left).', '.var_export($method, true).', $d, '.$this->compiler->expression($binary->right).')';

        return $isUnequal || Operator::Equal === $binary->operator ? ($isUnequal ? '!' : '')."\$v->truth($call)" : $call;
    }

    public function negated(Unary $unary): ?string
    {
        $class = $this->compiler->facts->typed ? $this->compiler->types->expression($this->compiler->part, $unary->operand)->class : null;

        return null === $class || [] === ($this->compiler->classTable ??= new Classes($this->compiler->program))->answering($class, '@negate') ? null : '$this->sent('.$this->compiler->expression($unary->operand).", '@negate', \$d)";
    }

    public function binary(Binary $binary): string
    {
        $has = $this->compiler->facts->undefined ? null : KeyQuestion::of($binary, fn (Expression $value): StaticType => $this->compiler->types->expression($this->compiler->part, $value));
        if (null !== $has) {
            return $this->compiler->expression($has);
        }
        $left = $binary->left;
        $right = $binary->right;
        if ($binary->operator->isLogic()) {
            return $this->logic($binary);
        }
        $asked = $this->askedOfObject($binary);
        if (null !== $asked) {
            return $asked;
        }
        $quick = ($this->compiler->facts->typed ? $this->withoutSign($binary) : null) ?? $this->quick($binary);
        if (null !== $quick) {
            return $quick;
        }
        if (Operator::Join === $binary->operator) {
            return '$v->join('.$this->compiler->printCode->joinable($left).', '.$this->compiler->printCode->joinable($right).', $t->limits->text)';
        }
        // Each side is compiled once only: twice would double with each operand of a long chain.
        $isAsked = \in_array($binary->operator, [Operator::Equal, Operator::NotEqual], true) && $right instanceof NothingLiteral && $left instanceof OwnValue;
        $sides = [$isAsked ? $this->compiler->callCode->call($left->function, $left->arguments) : $this->compiler->expression($left), $this->compiler->expression($right)];
        if ($this->compiler->facts->typed) {
            $letters = [TypeKind::Letter === $this->compiler->types->expression($this->compiler->part, $left)->kind, TypeKind::Letter === $this->compiler->types->expression($this->compiler->part, $right)->kind];
            if (!$letters[0] && !$letters[1]) {
                // Here one of both has a point, and the other takes one.
                $sides = array_map(fn (string $side, Expression $value): string => TypeKind::UnsignedLong === $this->compiler->types->expression($this->compiler->part, $value)->kind ? "\$v->unsignedReal($side)" : $side, $sides, [$left, $right]);
            }
            // A letter is a small whole number to C++, but beside another letter or a text it is compared as what it is.
            if ($binary->operator->isArithmetic() && ($letters[0] || $letters[1]) || $letters[0] !== $letters[1] && ($this->compiler->types->expression($this->compiler->part, $left)->isNumeric() || $this->compiler->types->expression($this->compiler->part, $right)->isNumeric())) {
                $sides = array_map(static fn (string $side, bool $isLetter): string => $isLetter ? "\$v->code($side)" : $side, $sides, $letters);
            }
        }
        $operands = implode(', ', $sides);

        if ($binary->operator->isArithmetic() && $this->isWide($binary)) {
            $operands .= ', true';
        }

        return match ($binary->operator) {
            Operator::Add => "\$v->add($operands)",
            Operator::Subtract => "\$v->subtract($operands)",
            Operator::Multiply => "\$v->multiply($operands)",
            Operator::TrueDivide => "\$v->divide($operands)",
            Operator::FloorDivide => "\$v->floorDivide($operands)",
            Operator::FloorRemainder => "\$v->floorRemainder($operands)",
            Operator::TruncDivide => "\$v->truncDivide($operands)",
            Operator::TruncRemainder => "\$v->truncRemainder($operands)",
            Operator::Power => "\$v->power($operands)",
            Operator::Equal => "\$v->{$this->sameness($left)}($operands)",
            Operator::NotEqual => "!\$v->{$this->sameness($left)}($operands)",
            Operator::Less => "\$v->less($operands)",
            Operator::LessOrEqual => "\$v->lessOrEqual($operands)",
            Operator::Greater => "\$v->greater($operands)",
            Operator::GreaterOrEqual => "\$v->greaterOrEqual($operands)",
            default => throw new \LogicException('Cannot run '.$binary->operator->value),
        };
    }

    /** Lists and maps are compared by what they hold where they are known as such, elsewhere as the language's own sign does. */
    private function sameness(Expression $left): string
    {
        $type = $this->compiler->types->expression($this->compiler->part, $left);

        return $this->compiler->facts->sameByIdentity && !$type->isList() && !$type->isMap() ? 'identical' : 'equal';
    }

    /**
     * Small whole numbers of Python and C++ and all numbers of JavaScript are PHP's own: they are reckoned with in place,
     * and only what is something else, or grows beyond them, goes through the values of the language.
     */
    private function quick(Binary $binary): ?string
    {
        $found = self::QUICK[$binary->operator->value] ?? null;
        $isArithmetic = $binary->operator->isArithmetic();
        // What stands on the left is found before a value on the right changes it.
        if (null === $found || Given::isIn($binary->right) || $isArithmetic && $this->compiler->facts->typed || !$this->isQuick($binary->left) || !$this->isQuick($binary->right)) {
            return null;
        }
        $isFloor = Operator::FloorRemainder === $binary->operator || Operator::FloorDivide === $binary->operator;
        if ($isFloor && (!$this->compiler->facts->endlessWholes || !$binary->right instanceof NumberLiteral || $binary->right->value <= 0)) {
            return null;
        }
        [$method, $sign] = $found;
        $isSort = $this->compiler->facts->onlyFractions ? '\\is_float(' : '\\is_int(';
        [$a, $setA] = $this->operand($binary->left);
        [$b, $setB] = $this->operand($binary->right);
        // Both are found, whatever the first one is.
        $tests = array_values(array_filter([null === $setA ? null : "$isSort$setA)", null === $setB ? null : "$isSort$setB)"]));
        $are = [] === $tests ? 'true' : (1 === \count($tests) ? $tests[0] : "($tests[0] & $tests[1])");
        $otherwise = "\$v->$method($a, $b)";
        if ($isFloor) {
            $rest = $this->compiler->temporary();
            $inPlace = Operator::FloorRemainder === $binary->operator ? "(($rest = $a % $b) < 0 ? $rest + $b : $rest)" : "\\intdiv($a - (($rest = $a % $b) < 0 ? $rest + $b : $rest), $b)";
            $bounded = Operator::FloorRemainder === $binary->operator ? '' : " && $a > -9000000000000000000";

            return "($are$bounded ? $inPlace : $otherwise)";
        }
        if ($isArithmetic && $this->compiler->facts->endlessWholes) {
            $sum = $this->compiler->temporary();

            return "($are && \\is_int($sum = $a $sign $b) ? $sum : $otherwise)";
        }

        return "($are ? $a $sign $b : $otherwise)";
    }

    private function isQuick(Expression $operand): bool
    {
        $type = $this->compiler->types->expression($this->compiler->part, $operand);

        return $this->compiler->facts->onlyFractions ? $type->isNumeric() : $type->isWhole();
    }

    /**
     * @return array{string, string|null} code that gives the value as often as it is wanted, and code that finds it
     *                                    first; null for a fixed number, which needs no finding
     */
    public function operand(Expression $operand): array
    {
        $code = $this->compiler->expression($operand);
        // A number with a point is no place in a list, and has to be looked at.
        if ($operand instanceof NumberLiteral && (\is_int($operand->value) || $this->compiler->facts->onlyFractions)) {
            return [$code, null];
        }
        if ($operand instanceof VariableRead && 1 === preg_match('/^\$[lc]\d+$/D', $code)) {
            return [$code, $code];
        }
        $kept = $this->compiler->temporary();

        return [$kept, "$kept = $code"];
    }

    /** An item that is there is taken in place; what is not there, or counts from the end, goes through the values of the language. */
    public function listItem(Item $item): string
    {
        [$list, $setList] = $this->operand($item->container);
        [$index, $setIndex] = $this->operand($item->index);
        if (null === $setList) {
            return "\$v->item($list, $index)";
        }
        $are = "(($setList) instanceof \\".ListValue::class.')'.(null === $setIndex ? '' : " & \\is_int($setIndex)");

        return "($are && isset({$list}->items[$index]) ? {$list}->items[$index] : \$v->".($item->index instanceof NumberLiteral && $item->index->value < 0 ? 'itemFromEnd' : 'item')."($list, $index))";
    }

    /** Whether a value is true or false and nothing else; `a and b` may be either of two values. */
    private function isTruth(Expression $value): bool
    {
        return $value instanceof Binary && $value->operator->isLogic()
            ? $this->isTruth($value->left) && $this->isTruth($value->right)
            : StaticType::truth() === $this->compiler->types->expression($this->compiler->part, $value);
    }

    /** Python and JavaScript give one of the two values, C++ true or false but where its text chooses one. */
    private function logic(Binary $binary): string
    {
        $isAnd = Operator::And === $binary->operator;
        $areTruths = $this->isTruth($binary->left) && $this->isTruth($binary->right);
        if ($areTruths || !$this->compiler->facts->logicGives && !ChosenValues::are($binary->left, $this->compiler->types->expression($this->compiler->part, $binary->left))) {
            return '('.$this->truth($binary->left).($isAnd ? ' && ' : ' || ').$this->truth($binary->right).')';
        }
        $kept = $this->compiler->temporary();
        $test = '$v->truth('.$kept.' = '.$this->compiler->expression($binary->left).')';
        $other = $this->compiler->expression($binary->right);

        return $isAnd ? "($test ? $other : $kept)" : "($test ? $kept : $other)";
    }

    /** The condition of a loop or a branch, noted where each moment is kept. */
    public function asked(Expression $condition): string
    {
        return $this->compiler->record ? '$t->asked('.$this->truth($condition).')' : $this->truth($condition);
    }

    public function truth(Expression $condition): string
    {
        $code = $this->compiler->expression($condition);

        // What `or` gives is one of its sides, whatever is known of the other.
        $isGiven = $condition instanceof Binary && $condition->operator->isLogic() && $this->compiler->facts->logicGives && !($this->isTruth($condition->left) && $this->isTruth($condition->right));

        return !$isGiven && StaticType::truth() === $this->compiler->types->expression($this->compiler->part, $condition) ? "($code)" : "\$v->truth($code)";
    }

    public function number(int|float $value): string
    {
        return var_export($this->compiler->facts->onlyFractions ? (float) $value : $value, true);
    }
}
