<?php

declare(strict_types=1);

namespace Scrivlet\Core\Plain;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\Slot;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Printer;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/**
 * A value as a sentence has it: "the sum of side and 2", or as a condition: "side is greater than 2".
 *
 * Only the outermost operation stands between its operands. One inside of another is named before them, with as many
 * "and"s as it has operands, so that no two values are said alike.
 */
final readonly class PlainValue
{
    public function __construct(private Phrases $phrases, private Types $types, private FunctionDefinition|Script $part, private ?WrittenNames $names = null)
    {
    }

    /** @param bool $inside of another operation */
    public function noun(Expression $value, bool $inside = false): string
    {
        return $this->phrases->joint(match (true) {
            $value instanceof NumberLiteral => $this->number($value->value),
            $value instanceof TextLiteral => $this->quoted($value->value),
            $value instanceof TruthLiteral => $this->phrases->fill($value->value ? 'true' : 'false'),
            $value instanceof VariableRead => $this->name($value->name),
            $value instanceof FunctionReference => $this->isUnwritten($value->function) ? $this->phrases->fill('this_function') : $this->function($value->function),
            $value instanceof Unary && UnaryOperator::Negate === $value->operator => $this->operands('negate', [$value->operand]),
            $value instanceof Binary && !$value->operator->isLogic() && !$value->operator->isComparison() => $this->binary($value, $inside),
            $value instanceof RandomWhole => $this->operands('random', $value->operands()),
            $value instanceof MakeObject => $this->phrases->fill([] === $value->arguments ? 'make' : 'make_with', ['class' => $value->class, 'arguments' => $this->listed($value->arguments)]),
            $value instanceof MethodCall && null !== $value->leftOut() => $this->withLeftOut($value),
            $value instanceof MethodCall => $this->asked($value, 'method', 'own_value'),
            $value instanceof Field => $this->phrases->fill('field', ['object' => $this->noun($value->object, true), 'name' => $value->name]),
            $value instanceof KindTest => $this->phrases->fill('whether', ['condition' => $this->kindTest($value)]),
            $value instanceof OwnValue => $this->phrases->fill([] === $value->arguments ? 'own_value' : 'own_value_with', ['function' => $this->function($value->function), 'arguments' => $this->listed($value->arguments)]),
            $value instanceof ListLiteral => [] === $value->items ? $this->phrases->fill('empty_list') : $this->phrases->count('list', \count($value->items), ['items' => $this->listed($value->items)]),
            $value instanceof MapLiteral => $this->map($value),
            $value instanceof NothingLiteral => $this->phrases->fill('nothing'),
            $value instanceof Item => $this->operands('item', $value->operands()),
            $value instanceof Slice => $this->operands($value->form(), $value->operands()),
            $value instanceof Choice => $this->phrases->fill('choice', ['0' => $this->condition($value->condition, true), '1' => $this->noun($value->then, true), '2' => $this->noun($value->otherwise, true)]),
            $value instanceof Collected => $this->phrases->fill(null === $value->condition ? 'collected' : 'collected_if', ['value' => $this->noun($value->value), 'variable' => $this->name($value->variable), 'over' => $this->noun($value->over, true), 'condition' => null === $value->condition ? '' : $this->condition($value->condition)]),
            $value instanceof Lambda => $this->phrases->fill([] === $value->parameters ? 'lambda_plain' : 'lambda', ['parameters' => $this->phrases->all(array_map($this->name(...), $value->parameters)), 'value' => $this->noun($value->value)]),
            $value instanceof Binary && $value->operator->isLogic() && $this->isOneOfBoth($value) => $this->phrases->fill($value->operator->value.'.value', ['0' => $this->noun($value->left, true), '1' => $this->noun($value->right, true)]),
            $this->isCondition($value) => $this->phrases->fill('whether', ['condition' => $this->condition($value, $inside)]),
            $value instanceof CommandValue => $this->command(Catalogue::get($value->command), $value->arguments),
            $value instanceof Operation => $this->operation($value),
            default => $this->phrases->fill('unread_value'),
        });
    }

    /**
     * What an object gives or, where that is done for its own sake, does.
     *
     * @param string $method   the phrase for what an object can do, or keeps a function for
     * @param string $function that for a function that stands in a value
     */
    public function asked(MethodCall $call, string $method, string $function): string
    {
        [$object, $name] = [$call->object, $call->method];
        if (MethodCall::CALL === $name && $object instanceof Item && $object->operands()[1] instanceof TextLiteral) {
            [$object, $name] = [$object->operands()[0], $object->operands()[1]->value];
        }
        $with = [] === $call->arguments ? '' : '_with';
        $arguments = $this->listed($call->arguments);

        if (ClassDefinition::GOES === $name) {
            return $this->phrases->fill('goes', ['object' => $this->noun($object, true)]);
        }

        return \in_array($name, [MethodCall::CALL, MethodCall::SIGN], true)
            ? $this->phrases->fill($function.$with, ['function' => $this->noun($object), 'arguments' => $arguments])
            : $this->phrases->fill($method.$with, ['object' => $this->noun($object, true), 'method' => $name, 'arguments' => $arguments]);
    }

    /** A small function, with what stands for its values that are left out. */
    private function withLeftOut(MethodCall $made): string
    {
        [$outer, $within] = $made->leftOut() ?? throw new \LogicException('Nothing may be left out.');
        $parameters = [
            ...array_map($this->name(...), $within->parameters),
            ...array_map(fn (string $name, Expression $value): string => $this->phrases->fill('left_out', ['name' => $this->name($name), 'value' => $this->noun($value)]), $outer->parameters, $made->arguments),
        ];

        return $this->phrases->fill('lambda', ['parameters' => $this->phrases->all($parameters), 'value' => $this->noun($within->value)]);
    }

    public function name(string $name): string
    {
        return null === $this->names ? $name : $this->names->name($name);
    }

    /** Whether reading has made the name of a function that has none where it was written. */
    public function isUnwritten(string $function): bool
    {
        return null !== $this->names && !$this->names->has($this->names->name($function)) && !str_contains($function, '.');
    }

    public function function(string $name): string
    {
        [$class, $method] = [...explode('.@', $name, 2), ''];

        return '' === $method ? $this->name($name) : $this->phrases->fill('method_of', ['class' => $class, 'method' => $this->phrases->fill("method.$method")]);
    }

    private function kindTest(KindTest $test): string
    {
        return $this->phrases->fill('kind', ['value' => $this->noun($test->value, true), 'kind' => str_starts_with($test->kind, '@') ? $this->phrases->fill('kind.'.substr($test->kind, 1)) : $test->kind]);
    }

    /** What is asked after "if" and "as long as". */
    public function condition(Expression $value, bool $inside = false): string
    {
        return $this->phrases->joint(match (true) {
            $value instanceof TruthLiteral => $this->phrases->fill($value->value ? 'always' : 'never'),
            $value instanceof Unary && UnaryOperator::Not === $value->operator => $this->phrases->fill('not', ['condition' => $this->condition($value->operand, true)]),
            $value instanceof Binary && $value->operator->isLogic() => $this->logic($value, $inside),
            $value instanceof Binary && $value->operator->isComparison() => $this->operands($value->operator->value, $value->operands(), static fn (): bool => false),
            $value instanceof KindTest => $this->kindTest($value),
            $value instanceof CommandValue && $this->isCondition($value) => $this->command(Catalogue::get($value->command), $value->arguments),
            $value instanceof Operation && $this->isCondition($value) => $this->operation($value),
            default => $this->phrases->fill(TypeKind::Truth === $this->types->expression($this->part, $value)->kind ? 'is_true' : 'counts_as_true', ['value' => $this->noun($value, true)]),
        });
    }

    /** What stands in a command's blank, in the words of its choices and inks. */
    public function inSlot(?Slot $slot, Expression $value): string
    {
        if ($value instanceof TextLiteral && null !== $slot) {
            if (\in_array($value->value, $slot->choices, true)) {
                return $slot->word($value->value, $this->phrases->locale);
            }
            if (SlotType::Colour === $slot->type) {
                return Ink::tryFrom($value->value)?->word($this->phrases->locale) ?? $value->value;
            }
        }

        return $this->noun($value);
    }

    /** @param array<int|string, Expression> $arguments by the names of the command's blanks, or in their order */
    public function command(Entry $entry, array $arguments): string
    {
        $said = [];
        foreach ($entry->slots as $index => $slot) {
            $argument = $arguments[$slot->name] ?? $arguments[$index] ?? null;
            $said[$slot->name] = null === $argument ? '' : $this->inSlot($slot, $argument);
        }

        return $this->phrases->fill($entry->key, $said);
    }

    /** What an operation does, where it is done for its own sake: "add 3 to beds". */
    public function operation(Operation $operation): string
    {
        $said = ['*' => $this->listed($operation->arguments)];
        foreach ($operation->arguments as $index => $argument) {
            $said[(string) $index] = $this->noun($argument, true);
        }
        for ($index = \count($operation->arguments); $index < ValueOperations::get($operation->key)->most; ++$index) {
            $said[(string) $index] = '';
        }
        $key = OperationKey::Ask === $operation->key && [] === $operation->arguments ? 'operation.ask_silently' : "operation.{$operation->key->value}";

        return $this->phrases->fill($key, $said);
    }

    /** @param list<Expression> $values */
    public function listed(array $values): string
    {
        return $this->phrases->all(array_map(fn (Expression $value): string => $this->noun($value, true), $values));
    }

    /** Whether `a or b` is said for the value that it gives: one of both, where either is known to be something else than true or false. */
    private function isOneOfBoth(Binary $value): bool
    {
        foreach ($value->operands() as $operand) {
            if (!\in_array($this->types->expression($this->part, $operand)->kind, [TypeKind::Truth, TypeKind::Unknown], true)) {
                return true;
            }
        }

        return false;
    }

    private function isCondition(Expression $value): bool
    {
        return match (true) {
            $value instanceof Unary => UnaryOperator::Not === $value->operator,
            $value instanceof Binary => $value->operator->isLogic() || $value->operator->isComparison(),
            $value instanceof CommandValue => 'truth' === Catalogue::get($value->command)->answers,
            $value instanceof Operation => Result::Truth === ValueOperations::get($value->key)->result && OperationKey::ToTruth !== $value->key,
            default => false,
        };
    }

    private function number(int|float $number): string
    {
        return $number < 0 ? $this->phrases->fill('negate', ['0' => Printer::number(-$number)]) : Printer::number($number);
    }

    private function quoted(string $text): string
    {
        if ('' === $text) {
            return $this->phrases->fill('empty_text');
        }

        return $this->phrases->fill('quoted', ['text' => strtr($text, ["\n" => ' ⏎ ', "\r" => ' ⏎ ', "\t" => ' ⇥ '])]);
    }

    /**
     * @param list<Expression>                     $operands
     * @param \Closure(Expression, int): bool|null $inside   whether an operand is said as inside of another; all are without it
     */
    private function operands(string $key, array $operands, ?\Closure $inside = null): string
    {
        $said = [];
        foreach ($operands as $index => $operand) {
            $said[(string) $index] = $this->noun($operand, null === $inside || $inside($operand, $index));
        }

        return $this->phrases->fill($key, $said);
    }

    private function binary(Binary $value, bool $inside): string
    {
        $groups = \in_array($value->operator, [Operator::Add, Operator::Multiply, Operator::Join], true);
        $operands = $groups ? self::chain($value, $value->operator) : $value->operands();
        if ($groups && \count($operands) > 2) {
            $said = array_map(fn (Expression $operand): string => $this->noun($operand, true), $operands);

            return $inside ? $this->phrases->fill($value->operator->value.'.all', ['items' => $this->phrases->all($said), 'count' => (string) \count($said)]) : implode($this->phrases->fill($value->operator->value.'.between'), $said);
        }

        return $this->operands($value->operator->value.($inside ? '.inside' : ''), $operands, static fn (Expression $operand, int $index): bool => $inside || !self::reads($value->operator, $operand, $index));
    }

    /** Whether an operand may be said as it is written: "a times 2 plus b minus c" is read in one way by everybody. */
    private static function reads(Operator $operator, Expression $operand, int $index): bool
    {
        if (!$operand instanceof Binary || !\in_array($operator, [Operator::Add, Operator::Subtract], true)) {
            return false;
        }
        if (Operator::Multiply === $operand->operator) {
            return !$operand->left instanceof Binary && !$operand->right instanceof Binary;
        }

        return 0 === $index && \in_array($operand->operator, [Operator::Add, Operator::Subtract], true);
    }

    /** @return list<Expression> the operands of `a + b + c`, which groups from the left anyway */
    private static function chain(Binary $value, Operator $operator): array
    {
        $left = $value->left instanceof Binary && $value->left->operator === $operator ? self::chain($value->left, $operator) : [$value->left];

        return [...$left, $value->right];
    }

    private function logic(Binary $value, bool $inside): string
    {
        $said = array_map(fn (Expression $operand): string => $this->condition($operand, true), self::chain($value, $value->operator));

        $all = implode($this->phrases->fill($value->operator->value.'.between'), $said);

        return $inside ? $this->phrases->fill($value->operator->value.(2 === \count($said) ? '.both' : '.inside'), ['count' => (string) \count($said), 'items' => $all]) : $all;
    }

    private function map(MapLiteral $map): string
    {
        $operands = $map->operands();
        $pairs = [];
        for ($index = 0; $index + 1 < \count($operands); $index += 2) {
            $pairs[] = $this->operands('pair', [$operands[$index], $operands[$index + 1]]);
        }

        return [] === $pairs ? $this->phrases->fill('empty_map') : $this->phrases->count('map', \count($pairs), ['items' => $this->phrases->all($pairs)]);
    }
}
