<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\VariableRead;

/** Places among the keys of a map or the items of a set, which are those keys; the one behind the last is nothing (C++17, 26.2.6). */
final readonly class KeyPlaces
{
    /** Keys that are found by their order. */
    public const BY_ORDER = [OperationKey::KeyFrom, OperationKey::KeyBehind, OperationKey::KeyBefore];

    public function __construct(private CppExpressions $parser)
    {
    }

    /** What a name for a place stands among, where it has an order; null for another name. */
    public function among(Expression $place): ?Expression
    {
        [$sort, $of] = $place instanceof VariableRead ? $this->parser->iterators[$place->name] ?? ['', null] : ['', null];

        return 'key' === $sort && null !== $of && $this->parser->isOfType($of, '(?:map|set)') ? $of : null;
    }

    /** The place that a value is, as a key of what it stands among; null where it is none. */
    public function keyAt(Expression $value, Expression $among): ?Expression
    {
        if ($this->among($value) == $among) {
            return $value;
        }
        if (!$value instanceof Operation || ($value->arguments[0] ?? null) != $among) {
            return null;
        }

        return match ($value->key) {
            OperationKey::Position => $value->arguments[1],
            OperationKey::End => new NothingLiteral(),
            OperationKey::Begin => new Operation(OperationKey::KeyFrom, [$among, new NothingLiteral()]),
            default => null,
        };
    }

    /** The place that is a step further or back; null where the value is no such place, or it is more than a step. */
    public function moved(Expression $place, Operator $operator, Expression $amount): ?Operation
    {
        $among = $this->among($place);
        $isBack = Operator::Subtract === $operator || $amount == new NumberLiteral(-1);
        if (null === $among || !\in_array($operator, [Operator::Add, Operator::Subtract], true) || !$amount instanceof NumberLiteral || 1 !== abs($amount->value)) {
            return null;
        }

        return new Operation($isBack ? OperationKey::KeyBefore : OperationKey::KeyBehind, [$among, $place]);
    }

    /** `prev(it)`, `next(beds.begin())`: a place beside another one. */
    public function beside(bool $isNext, Expression $place): ?Operation
    {
        $among = $this->among($place) ?? ($place instanceof Operation && \in_array($place->key, [OperationKey::Begin, OperationKey::End, OperationKey::Position], true) && $this->parser->isOfType($place->arguments[0], '(?:map|set)') ? $place->arguments[0] : null);
        $key = null === $among ? null : $this->keyAt($place, $among);

        return null === $among || null === $key ? null : new Operation(OperationKey::Position, [$among, new Operation($isNext ? OperationKey::KeyBehind : OperationKey::KeyBefore, [$among, $key])]);
    }

    /** `it != beds.begin()`, `it == other`: whether two places are the same; null where one of them is no such place. */
    public function compared(Operator $operator, Expression $left, Expression $right): ?Binary
    {
        $among = Operator::Equal === $operator || Operator::NotEqual === $operator ? $this->among($left) : null;
        if (null === $among || $right instanceof Operation && OperationKey::End === $right->key) {
            return null;
        }
        if ($right == new Operation(OperationKey::Begin, [$among])) {
            return new Binary($operator, new Operation(OperationKey::KeyBefore, [$among, $left]), new NothingLiteral());
        }
        $key = $this->keyAt($right, $among);

        return null === $key ? null : new Binary($operator, $left, $key);
    }

    /** `*prev(beds.end())`, `*++it`: the item of a set at a place; null for another value. */
    public function pointed(Expression $place): ?Expression
    {
        $isStep = $place instanceof Operation && Given::is($place);
        $among = $isStep ? $this->among($place->arguments[0]) : ($place instanceof Operation && OperationKey::Position === $place->key ? $place->arguments[0] : null);
        if (null === $among || !$place instanceof Operation || !$this->parser->isOfType($among, '(?:unordered_)?set')) {
            return null;
        }

        return $isStep ? $place : $place->arguments[1];
    }
}
