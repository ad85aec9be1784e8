<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Slice;

/** `equal(word.begin(), word.end(), word.rbegin())`, `lexicographical_compare(…)`: parts of lists and texts compared (C++17, 28.5.11 and 28.7.10). */
final readonly class ComparedRanges
{
    public function __construct(private CppExpressions $parser)
    {
    }

    /**
     * @param list<Argument> $arguments
     *
     * @return Binary|null nothing where it is another call, or one of ranges that are not known
     */
    public function compared(string $name, array $arguments): ?Binary
    {
        if ('equal' !== $name && 'lexicographical_compare' !== $name) {
            return null;
        }
        $one = $this->range($arguments);
        $other = $this->range($arguments) ?? ('equal' === $name && null !== $one && 1 === \count($arguments) ? $this->asLong($arguments[0]->value, $one) : null);

        return null === $one || null === $other ? null : new Binary('equal' === $name ? Operator::Equal : Operator::Less, $one, $other);
    }

    /**
     * Items that go through a small function one after the other are those of the list turned round where it is named by its last
     * place: `count_if(beds.rbegin(), beds.rend(), …)`.
     *
     * @param list<Argument> $arguments
     *
     * @return list<Argument>
     */
    public static function turned(array $arguments): array
    {
        $first = $arguments[0]->value ?? null;
        $isTurned = $first instanceof Operation && OperationKey::Rbegin === $first->key && ($arguments[1]->value ?? null) == new Operation(OperationKey::Rend, $first->arguments);

        return $isTurned ? [new Argument(new Operation(OperationKey::Backwards, $first->arguments), $arguments[0]->offset, $arguments[1]->end, null, true), ...\array_slice($arguments, 2)] : $arguments;
    }

    /** @param list<Argument> $arguments those that name it are taken away */
    private function range(array &$arguments): ?Expression
    {
        $arguments = self::turned($arguments);
        if (true === ($arguments[0]->all ?? null)) {
            return array_shift($arguments)->value ?? null;
        }
        $places = array_map(fn (Argument $argument): ?array => $this->parser->places->placeOrArray($argument->value), \array_slice($arguments, 0, 2));
        if (2 > \count($places) || null === $places[0] || null === $places[1] || $places[0][1] != $places[1][1]) {
            return null;
        }
        $arguments = \array_slice($arguments, 2);

        return new Slice($places[0][1], $places[0][0], $places[1][0]);
    }

    /** As many items as another part has, from a place on. */
    private function asLong(Expression $place, Expression $other): ?Expression
    {
        $isTurned = $place instanceof Operation && OperationKey::Rbegin === $place->key;
        $start = $isTurned ? [new NumberLiteral(0), new Operation(OperationKey::Backwards, $place->arguments)] : $this->parser->places->placeOrArray($place);
        if (null === $start) {
            return null;
        }
        $size = $other instanceof Slice ? LibraryMethods::between($other->from, $other->to) : new Operation(OperationKey::Length, [$other]);
        if ($isTurned && !$other instanceof Slice && $place->arguments[0] == $other) {
            return $start[1];
        }

        return new Slice($start[1], $start[0], $start[0] == new NumberLiteral(0) ? $size : new Binary(Operator::Add, $start[0], $size));
    }
}
