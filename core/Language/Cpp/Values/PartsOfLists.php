<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Algorithms over a part of a list: `sort(beds.begin() + 1, beds.end())`, `accumulate(counts, counts + n, 0)` (C++17, 28). Those
 * that only look at the items are asked of the part; those that change them put the part back where it was.
 */
final class PartsOfLists
{
    /** Algorithms that only look, and give no place in the part back. */
    private const LOOKING = ['accumulate', 'count', 'count_if', 'any_of', 'all_of', 'none_of', 'is_sorted', 'binary_search'];

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /**
     * The part of a list between two places; null where they are no such places, are those of all its items, or can't be named twice.
     *
     * @param list<Argument> $arguments
     */
    public function partOfList(array $arguments): ?Slice
    {
        if (2 > \count($arguments) || $arguments[0]->all || $arguments[1]->all) {
            return null;
        }
        $from = $this->parser->places->placeOrArray($arguments[0]->value);
        $to = null === $from ? null : $this->parser->places->placeOrArray($arguments[1]->value);
        if (null === $from || null === $to || $from[1] != $to[1] || !$this->parser->places->isListOfPlaces($from[1])) {
            return null;
        }

        return !self::isSaidTwice($from[0]) || !self::isSaidTwice($to[0]) ? null : new Slice($from[1], $from[0], $to[0]);
    }

    /** Whether a value is the same and does nothing where it is asked for a second time. */
    private static function isSaidTwice(Expression $value): bool
    {
        return [] === array_filter(Walk::expressions($value), static fn (Expression $part): bool => !$part instanceof VariableRead && !$part instanceof NumberLiteral && !$part instanceof Binary && !$part instanceof Unary && !$part instanceof Field && !$part instanceof Item && (!$part instanceof Operation || !\in_array($part->key, [OperationKey::Length, OperationKey::ToWhole], true)));
    }

    /**
     * An algorithm over such a part; null where it is none that is known.
     *
     * @param list<Argument> $others what is handed over behind the two places
     */
    public function overPart(string $name, Slice $part, array $others, Token $token): ?Expression
    {
        if (\in_array($name, self::LOOKING, true)) {
            return $this->parser->builtin($name, [new Argument($part, $token->offset, $token->offset, null, true), ...$others], $token);
        }
        $by = $others[0]->value ?? null;
        if (TypeNames::read($this->parser->typeOf($part->container))->isTextual()) {
            return 'reverse' === $name && [] === $others && $part->container instanceof VariableRead ? self::putBack($part, new Operation(OperationKey::Backwards, [$part])) : null;
        }

        return match (true) {
            'rotate' === $name && 1 === \count($others) && null !== $by => $this->rotatedPart($part, $by),
            'copy' === $name && 1 === \count($others) && null !== $by => $this->copiedPart($part, $by),
            'reverse' === $name && [] === $others => self::putBack($part, new Operation(OperationKey::Backwards, [$part])),
            'fill' === $name && null !== $by && 1 === \count($others) => new Operation(OperationKey::FillUp, [$part->container, $by, $part->from, $part->to]),
            'iota' === $name && null !== $by && 1 === \count($others) && self::isSaidTwice($by) => self::putBack($part, self::countedOn($part, $by)),
            'sort' === $name && 2 > \count($others) => $this->sortedPart($part, $by, $token),
            default => null,
        };
    }

    /** `iota(beds + 2, beds + 5, 1)`: as many numbers as there are places, one after another (C++17, 29.8.12). */
    private static function countedOn(Slice $part, Expression $first): Operation
    {
        $nought = new NumberLiteral(0);
        $many = $part->from == $nought ? $part->to : new Binary(Operator::Subtract, $part->to, $part->from);

        return new Operation(OperationKey::Numbers, [$first, $first == $nought ? $many : new Binary(Operator::Add, $first, $many), new NumberLiteral(1)]);
    }

    private function sortedPart(Slice $part, ?Expression $by, Token $token): ?Expression
    {
        if ($by instanceof Lambda) {
            $sorted = $this->parser->libraryFunctions->sortedBy($part, $by, $token);
            $copy = [
                OperationKey::Sort->value => OperationKey::Sorted, OperationKey::SortDown->value => OperationKey::SortedDown,
                OperationKey::SortBy->value => OperationKey::SortedBy, OperationKey::SortDownBy->value => OperationKey::SortedDownBy,
            ][$sorted->key->value] ?? null;
            if (null !== $copy) {
                return self::putBack($part, new Operation($copy, $sorted->arguments));
            }
        }

        return match (true) {
            null === $by => self::putBack($part, new Operation(OperationKey::Sorted, [$part])),
            $by instanceof Operation && OperationKey::GreaterFirst === $by->key => self::putBack($part, new Operation(OperationKey::SortedDown, [$part])),
            $by instanceof Lambda, $by instanceof FunctionReference, $by instanceof VariableRead => new Operation(OperationKey::SortPartBefore, [$part->container, $by, $part->from, $part->to]),
            default => null,
        };
    }

    /**
     * `rotate(beds.begin(), beds.begin() + 2, beds.end())`, where the middle stands second: what stands before it goes to the end
     * (C++17, 28.6.11).
     */
    private function rotatedPart(Slice $front, Expression $end): ?Expression
    {
        $to = $this->parser->places->placeOrArray($end);

        return null === $to || $to[1] != $front->container || !self::isSaidTwice($to[0]) ? null
            : new Operation(OperationKey::PutRange, [$front->container, $front->from, $to[0], new Operation(OperationKey::Concatenated, [new Slice($front->container, $front->to, $to[0]), $front])]);
    }

    /** `copy(beds.begin(), beds.end(), others.begin())`: as many items of the other list are these then (C++17, 28.6.1). */
    public function copiedPart(Slice $part, Expression $target, ?Expression $changed = null): ?Expression
    {
        $to = $this->parser->places->placeOrArray($target);
        if (null === $to || !self::isSaidTwice($to[0]) || !$this->parser->places->isListOfPlaces($to[1]) || TypeNames::read($this->parser->typeOf($to[1]))->isTextual()) {
            return null;
        }
        $size = LibraryMethods::between($part->from, $part->to);

        return new Operation(OperationKey::PutRange, [$to[1], $to[0], $to[0] == new NumberLiteral(0) ? $size : new Binary(Operator::Add, $to[0], $size), $changed ?? $part]);
    }

    private static function putBack(Slice $part, Operation $changed): Operation
    {
        return new Operation(OperationKey::PutRange, [$part->container, $part->from, $part->to, $changed]);
    }

    /** `max_element(beds.begin() + 1, beds.end())`, of which only the item is asked or how far it stands behind the first of all. */
    public function outermostOf(string $name, Slice $part): Operation
    {
        return $this->parser->transient('max_element' === $name ? OperationKey::GreatestPlace : OperationKey::LeastPlace, [$part]);
    }

    /** How far behind the first item of all an item of a part stands. */
    public static function behindAll(Slice $part, Expression $behind): Expression
    {
        return $part->from == new NumberLiteral(0) ? $behind : new Binary(Operator::Add, $part->from, $behind);
    }
}
