<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Cpp\References;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\VariableRead;

/**
 * Places in a list that can be moved on: iterators of a vector, and pointers into an array (C++17, 8.7 and 27.2.7). Here such a
 * place is a whole number, from 0 to one behind the last item, and what it is a place of is known from where it was declared.
 */
final class Places
{
    /** @var array<string, array<string, true>> arrays that `new` made, by scope and name */
    private array $newArrays = [];

    /** @var array<string, array<string, true>> parameters that get an array of C, by scope */
    public array $handedArrays = [];

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /** @return array{Expression, Expression}|null how far a place lies behind the first item, and the list; null for no such place */
    public function placeIn(Expression $value): ?array
    {
        if ($value instanceof VariableRead) {
            [$sort, $list] = $this->parser->iterators[$value->name] ?? ['', null];

            return 'spot' === $sort && null !== $list ? [$value, $list] : null;
        }
        if ($value instanceof Operation && 1 === \count($value->arguments) && (OperationKey::Begin === $value->key || OperationKey::End === $value->key)) {
            return [OperationKey::Begin === $value->key ? new NumberLiteral(0) : new Operation(OperationKey::Length, $value->arguments), $value->arguments[0]];
        }
        if (!$value instanceof Binary || Operator::Add !== $value->operator && Operator::Subtract !== $value->operator) {
            return null;
        }
        $place = $this->placeIn($value->left);

        return null === $place ? null : [$place[0] == new NumberLiteral(0) && Operator::Add === $value->operator ? $value->right : new Binary($value->operator, $place[0], $value->right), $place[1]];
    }

    /**
     * The same, where an array of C stands for its first item, too.
     *
     * @return array{Expression, Expression}|null
     */
    public function placeOrArray(Expression $value): ?array
    {
        if ($value instanceof VariableRead && $this->isArray($value->name)) {
            return [new NumberLiteral(0), $value];
        }
        if ($value instanceof Binary && Operator::Add === $value->operator && $value->left instanceof VariableRead && $this->isArray($value->left->name)) {
            return [$value->right, $value->left];
        }
        if ($value instanceof Binary && \in_array($value->operator, [Operator::Add, Operator::Subtract], true) && $value->left instanceof Binary && null !== $place = $this->placeOrArray($value->left)) {
            return [new Binary($value->operator, $place[0], $value->right), $place[1]];
        }

        return $this->placeIn($value);
    }

    /** Notes an array that was made by `new`, where its name stands for no other one later. */
    public function noteNew(string $name): void
    {
        $given = 0;
        foreach ($this->parser->tokens as $at => $token) {
            $given += $name === $token->text && '=' === ($this->parser->tokens[$at + 1]->text ?? '') ? 1 : 0;
        }
        if (1 === $given) {
            $this->newArrays[$this->parser->scope][$name] = true;
        }
    }

    /** Whether a name is that of an array of C, which stands for its first item (C++17, 7.2). */
    public function isArray(string $name): bool
    {
        return isset($this->parser->arraySizes[$name]) || isset($this->newArrays[$this->parser->scope][$name]) || isset($this->handedArrays[$this->parser->scope][$name]);
    }

    /** Whether a value is a list or a text that is found again by what is written. */
    public function isListOfPlaces(Expression $value): bool
    {
        $type = TypeNames::read($this->parser->typeOf($value));

        return References::isPlace($value) && ($type->isList() || $type->isTextual());
    }

    /** `p < beds + 5`, `it + 1 == beds.end()`, `p - beds`: two places in one list. */
    public function betweenPlaces(Operator $operator, Expression $left, Expression $right): ?Expression
    {
        if (!$operator->isComparison() && Operator::Subtract !== $operator || !$this->isMovable($left) && !$this->isMovable($right)) {
            return null;
        }
        $one = $this->placeOrArray($left);
        $two = $this->placeOrArray($right);
        // A text of C stands for its first letter.
        $two ??= null !== $one && $right == $one[1] ? [new NumberLiteral(0), $right] : null;
        $one ??= null !== $two && $left == $two[1] ? [new NumberLiteral(0), $left] : null;
        if (null === $one || null === $two || $one[1] != $two[1]) {
            return null;
        }

        return Operator::Subtract === $operator && $two[0] == new NumberLiteral(0) ? $one[0] : new Binary($operator, $one[0], $two[0]);
    }

    /** Whether a value is such a place by a name that is moved on. */
    public function isMovable(Expression $value): bool
    {
        return $value instanceof VariableRead ? 'spot' === ($this->parser->iterators[$value->name][0] ?? '') : $value instanceof Binary && ($this->isMovable($value->left) || $this->isMovable($value->right));
    }

    /** What stands at a place: `*(p + 1)`. */
    public function atPlace(Expression $value): ?Item
    {
        $changes = $value instanceof Operation && OperationKey::GivenAfter === $value->key && $this->isMovable($value->arguments[0]);
        $place = $this->placeIn($changes ? $value->arguments[0] : $value);
        if (null === $place && $value instanceof Binary && Operator::Add === $value->operator && $value->left instanceof VariableRead && TypeNames::read($this->parser->typeOf($value->left))->isList()) {
            // Nothing is added to a list but where an array of C stands for its first item (C++17, 7.2).
            $place = [$value->right, $value->left];
        }

        return null === $place ? null : new Item($place[1], $changes ? $value : $place[0]);
    }
}
