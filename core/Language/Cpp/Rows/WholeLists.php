<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** What algorithms do to a whole list or text, as rows of their own (C++17, 28 and 24.3.2.6). */
final class WholeLists
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    /** `transform(v.begin(), v.end(), w.begin(), …)` gives the items of a list what is made of those of another. */
    public function transformed(Operation $operation): ?Statement
    {
        [$over, $to, $make] = $operation->arguments;
        $target = $to instanceof Operation && (OperationKey::Begin === $to->key || OperationKey::Behind === $to->key) ? $to->arguments[0] : null;
        if (null === $target || !Given::isPlace($target) || !$this->parser->isSteady($target) || !$make instanceof Lambda || 1 !== \count($make->parameters)) {
            return null;
        }
        $made = new Collected($make->value, $make->parameters[0], $over);
        if (OperationKey::Behind === $to->key) {
            return $this->parser->isText($target)
                ? $this->given($target, new Binary(Operator::Join, $target, new Operation(OperationKey::Joined, [$made, new TextLiteral('')])))
                : new Perform($this->parser->newId(), new Operation(OperationKey::Extend, [$target, $made]));
        }

        return $this->given($target, 1 === preg_match('/^(?:std::)?string\b/', $this->parser->typeOf($target)) ? new Operation(OperationKey::Joined, [$made, new TextLiteral('')]) : $made);
    }

    /** `swap(word[i], word[k])` puts another text in a variable. */
    public function swappedLetters(Operation $swap): ?Statement
    {
        [$one, $other] = $swap->arguments;
        if (!$one instanceof Item || !$other instanceof Item || !Given::isPlace($one->container) || !$this->parser->isSteady($one->container) || $one->container != $other->container || 1 !== preg_match('/^(?:const )?(?:std::)?string\b/', $this->parser->typeOf($one->container))) {
            return null;
        }

        return $this->given($one->container, new Operation(OperationKey::WithLetter, [new Operation(OperationKey::WithLetter, [$one->container, $one->index, $other]), $other->index, $one]));
    }

    /** A part of a text, with other bounds for none. */
    private static function part_(Expression $text, ?Expression $from, ?Expression $until): Slice
    {
        return new Slice($text, $from ?? new NothingLiteral(), $until ?? new NothingLiteral());
    }

    /** `word.erase(2, 3)` and its like put another text in a variable (C++17, 24.3.2.6). */
    public function edited(Operation $edit): ?Statement
    {
        $text = $edit->arguments[0] ?? new NothingLiteral();
        $from = $edit->arguments[1] ?? new NumberLiteral(0);
        $count = $edit->arguments[2] ?? new NumberLiteral(0);
        $behind = $from instanceof NumberLiteral && $count instanceof NumberLiteral ? new NumberLiteral($from->value + $count->value) : new Binary(Operator::Add, $from, $count);
        $parts = match ($edit->key) {
            OperationKey::TextErased => [self::part_($text, null, $from), self::part_($text, $behind, null)],
            OperationKey::TextReplaced => [self::part_($text, null, $from), $edit->arguments[3], self::part_($text, $behind, null)],
            OperationKey::TextInserted => [self::part_($text, null, $from), $edit->arguments[2], self::part_($text, $from, null)],
            default => null,
        };
        if (null === $parts || !Given::isPlace($text) || !$this->parser->isSteady($text)) {
            return null;
        }
        if ($from instanceof NumberLiteral && 0 === $from->value) {
            array_shift($parts);
        }
        $joined = array_shift($parts) ?? new TextLiteral('');
        foreach ($parts as $part) {
            $joined = new Binary(Operator::Join, $joined, $part);
        }

        return $this->given($text, $joined);
    }

    /** A place gets another value. */
    public function given(Expression $place, Expression $value): Statement
    {
        if (!$place instanceof VariableRead) {
            return new SetItem($this->parser->newId(), $place, $value);
        }
        if (1 === preg_match('/[&*]$/D', $this->parser->typeOf($place)) && !$this->isOfText($place)) {
            // It is known elsewhere, too, as the list that it is.
            return new Perform($this->parser->newId(), new Operation(OperationKey::PutRange, [$place, new NumberLiteral(0), new Operation(OperationKey::Length, [$place]), $value]));
        }
        $this->parser->given($place->name, $this->parser->offset());

        return new SetVariable($this->parser->newId(), $place->name, $value);
    }

    private function isOfText(Expression $value): bool
    {
        return TypeNames::read($this->parser->typeOf($value))->isTextual();
    }

    /** A letter as a text of one. */
    private static function asText(Expression $letter): Expression
    {
        return $letter instanceof TextLiteral ? new TextLiteral($letter->value) : new Operation(OperationKey::ToText, [$letter]);
    }

    /** `iota(…)`, `fill(…)`, `v.erase(remove_if(…), v.end())`: a list gets other items (C++17, 28.6 and 29.8). */
    public function changedAll(Operation $change): ?Statement
    {
        [$list, $what] = [$change->arguments[0], $change->arguments[1] ?? new NothingLiteral()];
        $length = new Operation(OperationKey::Length, [$list]);
        $item = $what instanceof Lambda ? $what->parameters[0] : $this->parser->eachRows->madeUp('item');
        $place = new VariableRead($this->parser->eachRows->madeUp('place'));
        $before = new Item($list, new Binary(Operator::Subtract, $place, new NumberLiteral(1)));
        $value = match ($change->key) {
            OperationKey::AllIota => new Operation(OperationKey::Numbers, [$what, $what instanceof NumberLiteral && 0 === $what->value ? $length : new Binary(Operator::Add, $what, $length), new NumberLiteral(1)]),
            OperationKey::AllFill => $this->isOfText($list) ? new Operation(OperationKey::Repeated, [self::asText($what), $length]) : new Operation(OperationKey::Filled, [$length, $what]),
            OperationKey::AllReplace => $this->isOfText($list) ? new Operation(OperationKey::Replaced, [$list, self::asText($what), self::asText($change->arguments[2] ?? $what)]) : new Collected(new Choice(new Binary(Operator::Equal, new VariableRead($item), $what), $change->arguments[2] ?? $what, new VariableRead($item)), $item, $list),
            OperationKey::AllRemove => $this->isOfText($list) ? new Operation(OperationKey::Replaced, [$list, self::asText($what), new TextLiteral('')]) : new Collected(new VariableRead($item), $item, $list, new Binary(Operator::NotEqual, new VariableRead($item), $what)),
            OperationKey::AllRemoveIf => $what instanceof Lambda ? new Collected(new VariableRead($item), $item, $list, new Unary(UnaryOperator::Not, $what->value)) : null,
            OperationKey::AllUnique => new Collected(new Item($list, $place), $place->name, new Operation(OperationKey::Numbers, [new NumberLiteral(0), $length, new NumberLiteral(1)]), new Binary(Operator::Or, new Binary(Operator::Equal, $place, new NumberLiteral(0)), new Binary(Operator::NotEqual, new Item($list, $place), $before))),
            default => null,
        };

        if ($value instanceof Collected && $this->isOfText($list)) {
            // The letters that are left are a text again.
            $value = new Operation(OperationKey::Joined, [new Collected($value->value, $value->variable, OperationKey::AllUnique === $change->key ? $value->over : new Operation(OperationKey::Letters, [$list]), $value->condition), new TextLiteral('')]);
        }

        return null !== $value && Given::isPlace($list) ? $this->given($list, $value) : null;
    }

    /**
     * The places of a swap, once what their numbers change is changed: `swap(a[++i], a[j])`.
     *
     * @return list<Expression>
     */
    public function afterGiven(Operation $swap, int $offset): array
    {
        $changing = array_filter($swap->arguments, Given::isIn(...));
        $places = array_map(static fn (Expression $place): Expression => Walk::mapExpression($place, static fn (Expression $part): Expression => $part instanceof Operation && OperationKey::Given === $part->key ? $part->arguments[0] : $part), $swap->arguments);
        if (1 < \count($changing) || [] !== array_filter($places, Given::isIn(...))) {
            $this->parser->failAt('unsupported', $offset, 4, ['what' => 'swap(…++, …)']);
        }

        return $places;
    }
}
