<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Values;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Python\PythonExpressions;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;

/** Methods that texts, lists, maps and numbers have. */
final class LibraryMethods
{
    public function __construct(private readonly PythonExpressions $parser)
    {
    }

    /**
     * What is given by names alone, as a map; null where something is given in order.
     *
     * @param list<Argument> $arguments
     */
    private static function byNames(array $arguments): ?MapLiteral
    {
        $entries = [];
        foreach ($arguments as $argument) {
            if (\in_array($argument->name, [null, '*', '**'], true)) {
                return null;
            }
            array_push($entries, new TextLiteral($argument->name), $argument->value);
        }

        return new MapLiteral($entries);
    }

    /**
     * @param list<Argument> $arguments
     */
    public function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        if ('_replace' === $name && 1 === $count && '**' === $arguments[0]->name) {
            return new Operation(OperationKey::WithPlaces, [$receiver, $arguments[0]->value]);
        }
        if ('_replace' === $name && null !== $places = self::byNames($arguments)) {
            return new Operation(OperationKey::WithPlaces, [$receiver, $places]);
        }
        if ('update' === $name && 0 < $count && null !== $entries = self::byNames($arguments)) {
            return new Operation(OperationKey::Update, [$receiver, $entries]);
        }
        if ('update' === $name && 1 < $count && null === $arguments[0]->name && !$arguments[0]->value instanceof ListLiteral && null !== $entries = self::byNames(\array_slice($arguments, 1))) {
            return new Operation(OperationKey::Update, [$receiver, new Operation(OperationKey::Merged, [$arguments[0]->value, $entries])]);
        }
        if ('span' === $name && 0 === $count && $this->parser->isSteady($receiver)) {
            return new Operation(OperationKey::AsTuple, [new ListLiteral([new Operation(OperationKey::BeginsAt, [$receiver]), new Operation(OperationKey::EndsAt, [$receiver])])]);
        }
        if ('get' === $name && 1 === $count) {
            return new Operation(OperationKey::ValueOr, [$receiver, $arguments[0]->value, new NothingLiteral()]);
        }
        if ('sort' === $name && 0 < $count) {
            $given = [];
            foreach ($arguments as $argument) {
                $given[$argument->name ?? ''] = $argument->value;
            }
            $reverse = $given['reverse'] ?? new TruthLiteral(false);
            $made = [] === array_diff(array_keys($given), ['key', 'reverse']) ? $this->parser->libraryFunctions->inOrder(false, $receiver, $given['key'] ?? null, $reverse) : null;

            return $made ?? $this->parser->fail('unsupported', $token, ['what' => '.sort(…)']);
        }
        if (('rjust' === $name || 'ljust' === $name) && 1 === $count) {
            return new Operation('rjust' === $name ? OperationKey::PaddedLeft : OperationKey::PaddedRight, [$receiver, $arguments[0]->value, new TextLiteral(' ')]);
        }
        $oneOf = \in_array($name, ['startswith', 'endswith'], true) && 1 === $count ? $arguments[0]->value : null;
        if ($oneOf instanceof Operation && OperationKey::AsTuple === $oneOf->key && ($texts = $oneOf->arguments[0]) instanceof ListLiteral && [] !== $texts->items && $this->parser->isPlain($receiver)) {
            $asked = array_map(static fn (Expression $text): Expression => new Operation('startswith' === $name ? OperationKey::Starts : OperationKey::Ends, [$receiver, $text]), $texts->items);

            return array_reduce(\array_slice($asked, 1), static fn (Expression $any, Expression $one): Expression => new Binary(Operator::Or, $any, $one), $asked[0]);
        }
        if ('isdisjoint' === $name && 1 === $count) {
            return new Operation(OperationKey::IsEmpty, [new Operation(OperationKey::SharedItems, [$receiver, $arguments[0]->value])]);
        }
        $ofSets = ['union' => OperationKey::Union, 'intersection' => OperationKey::SharedItems, 'symmetric_difference' => OperationKey::ApartItems][$name] ?? null;
        if (null !== $ofSets && 1 === $count) {
            return new Operation($ofSets, [$receiver, $arguments[0]->value]);
        }
        if (('split' === $name || 'rsplit' === $name) && 0 < $count) {
            $given = [];
            foreach ($arguments as $index => $argument) {
                $given[$argument->name ?? ['sep', 'maxsplit'][$index] ?? ''] = $argument->value;
            }
            if (isset($given['maxsplit']) && [] === array_diff(array_keys($given), ['sep', 'maxsplit'])) {
                return new Operation('split' === $name ? OperationKey::SplitMost : OperationKey::SplitLast, [$receiver, $given['sep'] ?? new NothingLiteral(), $given['maxsplit']]);
            }
        }
        if ('rsplit' === $name && 2 > $count && null === ($arguments[0]->name ?? null)) {
            // Where it begins shows only where it may not cut as often as it could.
            return 0 === $count ? new Operation(OperationKey::Words, [$receiver]) : new Operation(OperationKey::Split, [$receiver, $arguments[0]->value]);
        }
        if ('splitlines' === $name && 1 === $count && $arguments[0]->value instanceof TruthLiteral && \in_array($arguments[0]->name, [null, 'keepends'], true)) {
            return new Operation($arguments[0]->value->value ? OperationKey::LinesKept : OperationKey::Lines, [$receiver]);
        }
        if ('expandtabs' === $name && 0 === $count) {
            return new Operation(OperationKey::TabsFilled, [$receiver, new NumberLiteral(8)]);
        }
        if ('pop' === $name && 2 === $count) {
            return new Operation(OperationKey::PopOr, [$receiver, $arguments[0]->value, $arguments[1]->value]);
        }
        if ('format' === $name) {
            return $receiver instanceof TextLiteral ? $this->parser->textLiterals->templated($receiver->value, $arguments, $token) : $this->parser->fail('unsupported', $token, ['what' => '.format()']);
        }

        return null;
    }

    /**
     * `getattr(bed, "litres")`, with what stands for a field that is not there, and `setattr(bed, side, 3)`.
     *
     * @param list<Argument> $arguments
     */
    public function fieldNamed(string $function, array $arguments): ?Expression
    {
        [$object, $name, $other] = [$arguments[0]->value ?? null, $arguments[1]->value ?? null, $arguments[2]->value ?? null];
        if (null === $object || null === $name || 'setattr' === $function && null === $other || 3 < \count($arguments)) {
            return null;
        }
        if ('setattr' === $function) {
            return null === $other ? null : new Operation(OperationKey::SetField, [$object, $name, $other]);
        }
        $isKept = $name instanceof TextLiteral && isset($this->parser->classes->fieldNames[$name->value]);
        $read = $isKept ? new Field($object, $name->value) : new Operation(OperationKey::FieldOf, [$object, $name]);

        return null === $other ? $read : ($this->parser->isPlain($object) && $this->parser->isPlain($name) ? new Choice(new Operation(OperationKey::HasField, [$object, $name]), $read, $other) : null);
    }
}
