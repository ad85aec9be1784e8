<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Rows;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\NameUse;
use Scrivlet\Core\Language\Parsing\Values\ValueAsRow;
use Scrivlet\Core\Language\Python\PythonStatements;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Rows that give names, items and fields a value, or change it. */
final class AssignmentRows
{
    public function __construct(private readonly PythonStatements $parser)
    {
    }

    /** `let x = 5`, `int x = 5`: other languages say that a name is new. */
    public function foreignDeclaration(Token $token): void
    {
        $next = $this->parser->peek(1);
        if (TokenKind::Name === $token->kind && null !== $next && TokenKind::Name === $next->kind && $this->parser->is('=', 2) && \in_array($token->text, ['let', 'var', 'const', 'int', 'double', 'float', 'string', 'bool', 'auto', 'set', 'str', 'String'], true)) {
            $this->parser->fail('foreign_word', $token, ['word' => $token->text, 'near' => $next->text.' = …'], [new Replacement($token->offset, $next->offset - $token->offset, '')]);
        }
    }

    /** Something that may get a value; a name there is not yet read. */
    public function target(): Expression
    {
        $token = $this->parser->peek();
        if (null !== $token && TokenKind::Name === $token->kind) {
            $next = $this->parser->sign(1);
            if ('=' === $next || ',' === $next || ':' === $next && (TokenKind::Name === $this->parser->peek(2)?->kind && $this->parser->is('=', 3) || '' !== $this->parser->class && '' === $this->parser->scope)) {
                if ('=' === $next && $this->parser->is('=', 2) && ($this->parser->peek(1)->offset ?? 0) + 1 === ($this->parser->peek(2)->offset ?? -1)) {
                    return $this->parser->expression();
                }
                ++$this->parser->at;

                return new VariableRead('' !== $this->parser->class && '' === $this->parser->scope ? "{$this->parser->class}.$token->text" : $token->text);
            }
        }

        return $this->parser->expression();
    }

    /** @param list<Expression> $targets */
    public function assignment(array $targets, int $start): Statement
    {
        $sign = $this->parser->peek();
        ++$this->parser->at;
        if (null === $this->parser->peek()) {
            $this->parser->fail('value_missing', null, ['after' => '=']);
        }
        if ($this->parser->is('=')) {
            $this->parser->fail('unexpected');
        }
        $from = $this->parser->at;
        $value = $this->parser->is('*') ? $this->parser->withStarred([]) : $this->parser->value();
        if (1 === \count($targets) && $targets[0] instanceof VariableRead) {
            $value = $this->parser->onlyOnce($targets[0]->name, $value, $from);
        } elseif (1 === \count($targets) && $targets[0] instanceof Field) {
            $value = $this->parser->onlyOnceKept($value, $from);
        }
        if ($this->parser->is(',') && null === $this->parser->peek(1)) {
            ++$this->parser->at;
            $value = new Operation(OperationKey::AsTuple, [new ListLiteral([$value])]);
        }
        $values = [$value];
        while ($this->parser->accept(',')) {
            if (null === $this->parser->peek()) {
                break;
            }
            if ($this->parser->is('*')) {
                // `beds = first, *others`
                $value = $this->parser->withStarred($values);
                $values = [$value];
                break;
            }
            $values[] = $this->parser->value();
        }
        if ($this->parser->is('=')) {
            return $this->chained($targets, $values, $start);
        }
        $only = $targets[0];
        $only = $only instanceof Operation && OperationKey::AsTuple === $only->key ? $only->arguments[0] : $only;
        if (1 === \count($targets) && $only instanceof ListLiteral && [] !== $only->items) {
            if (1 === \count($only->items)) {
                $this->parser->failAt('unsupported', $start, max(1, $this->parser->endOffset() - $start), ['what' => '[…] = …']);
            }
            // `(x, y) = point`, `[first, second] = beds`
            $targets = $only->items;
            $values = 1 === \count($values) && $values[0] instanceof Operation && OperationKey::AsTuple === $values[0]->key && $values[0]->arguments[0] instanceof ListLiteral ? $values[0]->arguments[0]->items : $values;
        }
        $set = 1 === \count($targets) && 1 === \count($values) ? $this->parser->valueAsRow->throughSetter($targets[0], null, $value) ?? $this->parser->refusedSetting($targets[0], $this->parser->isPlain($value)) : null;
        if (null !== $set) {
            return $set;
        }
        if (1 === \count($targets) && $targets[0] instanceof Slice) {
            // `beds[1:3] = [4]`: the items between give way to others (The Python Language Reference, 7.2).
            $given = 1 === \count($values) ? $value : new ListLiteral($values);

            return new Perform($this->parser->newId(), new Operation(OperationKey::PutRange, [$targets[0]->container, $targets[0]->from, $targets[0]->to, $given]));
        }
        if (1 === \count($targets) && $targets[0] instanceof Operation && OperationKey::Stepped === $targets[0]->key) {
            return new Perform($this->parser->newId(), new Operation(OperationKey::PutStepped, [...$targets[0]->arguments, 1 === \count($values) ? $value : new ListLiteral($values)]));
        }
        $targets = 1 < \count($targets) ? $this->apart($targets, $start, $sign) : $targets;
        foreach ($targets as $target) {
            $this->given($target, $start, $sign);
        }
        if (1 === \count($targets)) {
            $value = 1 === \count($values) ? $value : new Operation(OperationKey::AsTuple, [new ListLiteral($values)]);
            $target = $targets[0];
            if ($target instanceof Item || $target instanceof Field) {
                return new SetItem($this->parser->newId(), $target, $this->parser->anew($target, $value));
            }

            $name = $target instanceof VariableRead ? $target->name : '';
            $this->parser->listNames[$name] = $value instanceof ListLiteral && ($this->parser->listNames[$name] ?? true);

            return new SetVariable($this->parser->newId(), $name, $this->parser->drawingRows->coloured($value));
        }
        if (1 < \count($values) && \count($values) !== \count($targets)) {
            $this->parser->failAt('counts_differ', $start, $this->parser->endOffset() - $start, ['wanted' => \count($targets), 'given' => \count($values)]);
        }

        return new SetSeveral($this->parser->newId(), $targets, $values);
    }

    /**
     * `first, *rest = beds`: The Python Language Reference, 7.2.
     *
     * @param list<Expression> $targets
     */
    public function gathering(array $targets, int $star, int $start): Statement
    {
        $sign = $this->parser->peek();
        ++$this->parser->at;
        $value = $this->parser->value();
        $values = [$value];
        while ($this->parser->accept(',')) {
            $values[] = $this->parser->value();
        }
        if (1 === \count($targets)) {
            $this->parser->failAt('unsupported', $start, 1, ['what' => '*… = …']);
        }
        $targets = $this->apart($targets, $start, $sign);
        foreach ($targets as $target) {
            $this->given($target, $start, $sign);
        }
        $value = 1 === \count($values) ? $value : new ListLiteral($values);

        return new SetSeveral($this->parser->newId(), $targets, [new Operation(OperationKey::Gathered, [$value, new NumberLiteral($star), new NumberLiteral(\count($targets))])]);
    }

    /**
     * `(a, b), c = …`: what is taken apart once more gets a name first, and is taken apart by a row behind.
     *
     * @param list<Expression> $targets
     *
     * @return list<Expression>
     */
    private function apart(array $targets, int $start, ?Token $sign): array
    {
        foreach ($targets as $index => $target) {
            $inner = $target instanceof Operation && OperationKey::AsTuple === $target->key ? $target->arguments[0] : $target;
            $star = null;
            if ($inner instanceof Operation && OperationKey::Concatenated === $inner->key && $inner->arguments[0] instanceof ListLiteral && $inner->arguments[1] instanceof Operation && OperationKey::AsList === $inner->arguments[1]->key) {
                // `(first, *others)`: what is behind the others is given to the last name.
                $star = \count($inner->arguments[0]->items);
                $inner = new ListLiteral([...$inner->arguments[0]->items, $inner->arguments[1]->arguments[0]]);
            }
            if (!$inner instanceof ListLiteral || [] === $inner->items) {
                continue;
            }
            $taken = $this->parser->nameFor('taken');
            $this->parser->write($taken, $start);
            $targets[$index] = new VariableRead($taken);
            $items = $this->apart($inner->items, $start, $sign);
            foreach ($items as $item) {
                $this->given($item, $start, $sign);
            }
            $value = new VariableRead($taken);
            array_unshift($this->parser->behind, new SetSeveral($this->parser->newId(), $items, [null === $star ? $value : new Operation(OperationKey::Gathered, [$value, new NumberLiteral($star), new NumberLiteral(\count($items))])]));
        }

        return array_values($targets);
    }

    /**
     * `a = b = 0`.
     *
     * @param list<Expression> $targets
     * @param list<Expression> $values
     */
    private function chained(array $targets, array $values, int $start): Statement
    {
        $all = [$targets[0], $values[0]];
        while ($this->parser->accept('=')) {
            $all[] = $this->parser->value();
        }
        $value = $this->parser->tupled(array_pop($all));
        foreach ($all as $target) {
            $this->given($target, $start, null);
        }
        $first = $this->parser->isPlain($value) ? null : $this->keeper($all);
        if (null !== $first) {
            // The others get what it has.
            $kept = $all[$first];
            unset($all[$first]);
            $names = array_map(static fn (VariableRead $other): string => $other->name, array_filter($all, static fn (Expression $other): bool => $other instanceof VariableRead));
            $this->parser->symbols->reads = array_filter($this->parser->symbols->reads, static fn (NameUse $use): bool => $use->offset < $start || !\in_array($use->name, $names, true));
            foreach ($all as $other) {
                $this->parser->behind[] = $other instanceof VariableRead ? new SetVariable($this->parser->newId(), $other->name, $kept) : new SetItem($this->parser->newId(), $other, $kept);
            }

            return $kept instanceof VariableRead ? new SetVariable($this->parser->newId(), $kept->name, $value) : new SetItem($this->parser->newId(), $kept, $value);
        }
        if (!$this->parser->isPlain($value)) {
            $this->parser->failAt('unsupported', $start, $this->parser->endOffset() - $start, ['what' => 'a = b = …']);
        }
        foreach ($this->parser->symbols->reads as $index => $use) {
            if ($use->offset >= $start && $all[1] instanceof VariableRead && $use->name === $all[1]->name) {
                unset($this->parser->symbols->reads[$index]);
            }
        }

        return new SetSeveral($this->parser->newId(), $all, array_fill(0, \count($all), $value));
    }

    /**
     * Which of several targets can tell the others what it was given: a name, or a field of one, that no other target
     * is found by.
     *
     * @param list<Expression> $targets
     */
    private function keeper(array $targets): ?int
    {
        foreach ($targets as $index => $target) {
            $isField = $target instanceof Field && $target->object instanceof VariableRead && !isset($this->parser->classes->asked[$target->name]) && !isset($this->parser->classes->methodNames[$target->name]);
            if (!$target instanceof VariableRead && !$isField) {
                continue;
            }
            $isNeeded = false;
            foreach ($targets as $at => $other) {
                $isNeeded = $isNeeded || $at !== $index && ($other == $target || $target instanceof VariableRead && $other instanceof VariableRead && $other->name === $target->name);
                foreach ($at === $index ? [] : $other->operands() as $operand) {
                    foreach (Walk::expressions($operand) as $part) {
                        $isNeeded = $isNeeded || $part == $target;
                    }
                }
                if (!$other instanceof VariableRead && !$other instanceof Field && !$other instanceof Item) {
                    return null;
                }
                $isNeeded = $isNeeded || $target instanceof Field && $other instanceof VariableRead && $target->object == $other;
            }
            if (!$isNeeded) {
                return $index;
            }
        }

        return null;
    }

    /** Notes that a name has a value from here on; says so where something is no name. */
    public function given(Expression $target, int $start, ?Token $sign): void
    {
        if ($target instanceof Field) {
            // Of several that are given values together, none may be one that stays as it is.
            $this->parser->refusedSetting($target, false);
        }
        if ($target instanceof VariableRead) {
            $this->parser->write($target->name, $start);
        } elseif ($target instanceof CommandValue) {
            $this->parser->failAt('assign_to_command', $start, ($sign->offset ?? $start + 1) - $start);
        } elseif (!$target instanceof Item && !$target instanceof Field) {
            $end = $sign->offset ?? $start + 1;
            if ($target instanceof ListLiteral || $target instanceof Operation && OperationKey::AsTuple === $target->key) {
                $this->parser->failAt('unsupported', $start, max(1, $end - $start), ['what' => '(…), … = …']);
            }
            if ($target instanceof MethodCall && isset($this->parser->classes->asked[$target->method])) {
                // It fails when it runs, and not before.
                $this->parser->failAt('unsupported', $start, max(1, $end - $start), ['what' => "….$target->method = …"]);
            }
            $isSwapped = $target instanceof NumberLiteral || $target instanceof TextLiteral;
            $this->parser->failAt($isSwapped ? 'assign_swapped' : 'assign_to_value', $start, max(1, $end - $start), ['text' => trim(substr($this->parser->text, $start, min(40, $end - $start)))]);
        }
    }

    public function changing(Expression $target, Operator $operator, int $start): Statement
    {
        $sign = $this->parser->peek();
        ++$this->parser->at;
        $amount = $this->parser->valueOrTuple();
        if ($target instanceof VariableRead) {
            if (Operator::Add === $operator) {
                $this->parser->sums[] = [new Binary($operator, $target, $amount), $sign->offset ?? $start, $this->parser->scope];
            }
            $this->changes($target->name, $start);

            return ValueAsRow::changedRow($this->parser->newId(), $target->name, $operator, $amount);
        }
        $set = $this->parser->valueAsRow->throughSetter($target, $operator, $amount) ?? $this->parser->refusedSetting($target, $amount instanceof NumberLiteral || $amount instanceof TextLiteral);
        if (null !== $set) {
            return $set;
        }
        if (!$target instanceof Item && !$target instanceof Field) {
            $this->given($target, $start, $sign);
        }

        return new SetItem($this->parser->newId(), $target, $amount, $operator);
    }

    /** Changing a name makes it the function's own, as giving it a value does. */
    public function changes(string $name, int $offset): void
    {
        $this->parser->write($name, $offset + 1);
    }
}
