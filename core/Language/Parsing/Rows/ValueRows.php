<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Rows;

use Scrivlet\Core\Catalogue\FoundAgain;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangedPlace;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Rows that are a value: assignments, changes and calls, alone or side by side. */
final class ValueRows
{
    /** @var array<int, true> rows in which a step is a value of its own, by where they stand: so one within another is not read again and again */
    private array $stepsInside = [];
    /** What a row asks before it writes to the place that it would give. */
    private ?Expression $asked = null;

    public function __construct(private readonly BraceParser $parser)
    {
    }

    /** @return list<Statement> */
    public function plainRows(Token $token): array
    {
        [$this->parser->steps, $this->parser->isInRow, $this->parser->isInValue] = [[], !isset($this->stepsInside[$token->offset]), false];
        $from = $this->parser->at;
        $this->takenAsked();
        try {
            $row = $this->plain($token);
            foreach ($this->parser->takenSteps() as [$name]) {
                if (!$this->isReadOnce($row, $name)) {
                    $this->stepsInside[$token->offset] = true;
                    [$this->parser->steps, $this->parser->isInRow, $this->parser->at] = [[], false, $from];
                    $row = $this->plain($token);
                    break;
                }
            }
        } finally {
            $this->parser->isInRow = $this->parser->isInValue = false;
        }
        $this->parser->semicolon();
        $asked = $this->takenAsked();
        if (null !== $asked) {
            $rows = [new Perform($this->parser->newId(), $asked), $row];
            foreach ($this->parser->steps as [$name, $isUp]) {
                $rows[] = $this->stepped(new VariableRead($name), $isUp, $token->offset);
            }
            $this->parser->cutTogether($rows, $token->offset);

            return $rows;
        }
        $rows = [$this->parser->ended($row, $token->offset)];
        foreach ($this->parser->steps as [$name, $isUp]) {
            $end = $this->parser->endOffset();
            $step = $this->stepped(new VariableRead($name), $isUp, $token->offset);
            $this->parser->cut($step->id, 'head', $end, $end);
            $rows[] = $step;
        }

        return $rows;
    }

    /** Whether nothing else in a row, and nothing that it calls, could see that a variable has changed already. */
    private function isReadOnce(Statement $row, string $name): bool
    {
        $reads = 0;
        foreach (Walk::expressionsOf($row) as $part) {
            $reads += (int) ($part instanceof VariableRead && $part->name === $name);
            if ($part instanceof OwnValue) {
                return false;
            }
        }

        return 1 === $reads && !\in_array($name, $row->assigned(), true) && !$row instanceof OwnCall;
    }

    /** `beds++`. */
    private function stepped(Expression $target, bool $isUp, int $start): Statement
    {
        $row = $this->parser->changed($target, $isUp ? Operator::Add : Operator::Subtract, $this->parser->valueAsRow->stepFor($target), $start);
        $this->parser->stepped[$row->id] = true;

        return $row;
    }

    private function plain(Token $token): Statement
    {
        $start = $token->offset;
        if ($this->parser->is('++') || $this->parser->is('--')) {
            $sign = $this->parser->sign();
            ++$this->parser->at;

            $target = $this->placeIn($this->parser->expression(9));

            return $this->stepped($target, '++' === $sign, $start);
        }
        if (TokenKind::Name === $token->kind && $this->parser->is('=', 1) && !$this->parser->isOfObject($token->text)) {
            $this->parser->at += 2;
            $this->noDouble();
            if (!$this->parser->isDeclared($token->text)) {
                $this->parser->undeclared($token);
            }
            $this->parser->isInValue = true;
            $from = $this->parser->offset();
            $value = $this->parser->valueFor(new VariableRead($token->text));
            $value = $this->parser->kept($token->text, $this->parser->is('=') ? $value : $this->parser->givenBehind($value, $from));
            $this->parser->given($token->text, $start);
            if ($this->parser->is('=')) {
                return $this->chained([new VariableRead($token->text), $value], $start);
            }

            return new SetVariable($this->parser->newId(), $token->text, $value);
        }
        $before = $this->parser->rowBegins;
        $this->parser->rowBegins = $start;
        $target = $this->parser->expression();
        $this->parser->rowBegins = $before;
        $sign = $this->parser->sign();
        $target = '=' === $sign || '++' === $sign || '--' === $sign || isset(BraceParser::CHANGES[$sign ?? '']) ? $this->placeIn($target) : $target;
        if ('++' === $sign || '--' === $sign) {
            ++$this->parser->at;

            return $this->stepped($target, '++' === $sign, $start);
        }
        if (null !== $sign && \array_key_exists($sign, BraceParser::CHANGES)) {
            $at = $this->parser->offset();
            ++$this->parser->at;
            $operator = BraceParser::CHANGES[$sign] ?? $this->parser->division();
            $this->parser->isInValue = true;
            $from = $this->parser->offset();
            $value = $this->parser->givenBehind($this->parser->value(), $from);
            if (Operator::Add === $operator && !$this->parser->isOfLetters($value)) {
                $this->parser->sums[] = [new Binary($operator, $target, $value), $at, $this->parser->scope];
            }

            return $this->parser->changed($target, $operator, $value, $start);
        }
        if ('||=' === $sign || '&&=' === $sign) {
            ++$this->parser->at;
            $this->parser->isInValue = true;
            $value = new Binary('||=' === $sign ? Operator::Or : Operator::And, $target, $this->parser->value());
            if ($target instanceof VariableRead) {
                $this->parser->given($target->name, $start);

                return new SetVariable($this->parser->newId(), $target->name, $value);
            }
            if ($target instanceof Item || $target instanceof Field) {
                return new SetItem($this->parser->newId(), $target, $value);
            }
            $this->parser->failAt('assign_to_value', $start, max(1, $this->parser->endOffset() - $start), ['text' => trim(substr($this->parser->text, $start, 20))]);
        }
        $key = ChangedPlace::BY[$sign ?? ''] ?? ('??=' === $sign && $this->parser->facts->lateChoice ? OperationKey::OrElse : null);
        if (null !== $key) {
            ++$this->parser->at;
            $this->parser->isInValue = true;
            $row = $this->parser->changedBy($target, $key, $this->parser->value(), $start);
            if ($row instanceof SetVariable) {
                $this->parser->given($row->variable, $start);
            }

            return $row;
        }
        if ('=' === $sign) {
            ++$this->parser->at;
            $this->noDouble();
            $this->parser->isInValue = true;
            $from = $this->parser->offset();
            $value = $this->parser->valueFor($target);
            // `a = b = c` are rows of their own.
            $value = $this->parser->is('=') ? $value : $this->parser->givenBehind($value, $from);
            if ($target instanceof VariableRead && str_contains($target->name, '.')) {
                return new SetVariable($this->parser->newId(), $target->name, $value);
            }
            $set = $this->parser->valueAsRow->throughSetter($target, null, $value);
            if (null !== $set) {
                return $set;
            }
            if ($target instanceof VariableRead && ('*' === $token->text || $this->parser->notation->typed && $target->name !== $token->text && !$this->parser->is('='))) {
                // What a pointer points at.
                $this->parser->given($target->name, $start);

                return $this->parser->isPointerToObject($target) ? new Perform($this->parser->newId(), new Operation(OperationKey::Overwrite, [$target, $value])) : new SetVariable($this->parser->newId(), $target->name, $value);
            }
            $target = $this->parser->ownLength($target);
            $kept = $target instanceof Item && $target->index instanceof TextLiteral ? $target->index->value : null;
            if (null !== $kept && $this->isFunctionByText($target->container)) {
                // A function that keeps something.
                $this->parser->failAt('unsupported', $start, max(1, $this->parser->endOffset() - $start), ['what' => "….$kept = …"]);
            }
            if ($target instanceof Item || $target instanceof Field) {
                return $this->parser->is('=') ? $this->chained([$target, $value], $start) : new SetItem($this->parser->newId(), $target, $this->parser->anew($target, $value));
            }
            if ($target instanceof Operation && OperationKey::Length === $target->key && $value instanceof NumberLiteral && 0 === $value->value) {
                return new Perform($this->parser->newId(), new Operation(OperationKey::Clear, $target->arguments));
            }
            if ($target instanceof Operation && OperationKey::Length === $target->key && $this->parser->facts->namedPlaces) {
                return new Perform($this->parser->newId(), new Operation(OperationKey::SetLength, [$target->arguments[0], $value]));
            }
            $length = max(1, $this->parser->endOffset() - $start);
            if ($target instanceof MethodCall && isset($this->parser->classes->asked[$target->method])) {
                $this->parser->failAt('unsupported', $start, $length, ['what' => "….$target->method = …"]);
            }
            if (!$target instanceof CommandValue && !$target instanceof NumberLiteral) {
                $this->parser->failNoPlace($target, $start, $length);
            }
            $this->parser->failAt($target instanceof CommandValue ? 'assign_to_command' : 'assign_swapped', $start, $length, ['text' => trim(explode('=', substr($this->parser->text, $start, min(40, $length)))[0])]);
        }
        $this->alone($target, $token);
        if (null !== $this->parser->peek() && !$this->parser->is(';') && !isset($this->parser->begins[$this->parser->at]) && !$this->parser->is('}')) {
            $this->parser->semicolon();
        }

        return $this->parser->performed($target, $start, $this->parser->endOffset());
    }

    private function takenAsked(): ?Expression
    {
        [$asked, $this->asked] = [$this->asked, null];

        return $asked;
    }

    /** The place that is written to, where a call gives one. */
    private function placeIn(Expression $target): Expression
    {
        $place = $this->parser->placeOf($target);
        $guarded = $place instanceof MethodCall ? $this->parser->guardedPlace($place) : null;
        if (null === $guarded) {
            return $place;
        }
        $this->asked = $place;

        return $guarded;
    }

    /** Whether the text gives a name to a function and to nothing else, as far as JavaScript goes. */
    private function isFunctionByText(Expression $value): bool
    {
        $name = $value instanceof VariableRead ? $value->name : ($value instanceof FunctionReference ? $value->function : null);

        return null !== $name && $this->parser->facts->namedPlaces && !isset($this->parser->classes->parents[$name]) && $this->isGivenFunction($name);
    }

    /** Whether a name gets a function where it is declared: `const ask = (bed) => …`. */
    public function isGivenFunction(string $name): bool
    {
        return 1 === preg_match('/\b(?:const|let|var)\s+'.Names::asPattern($name).'\s*=\s*(?:async\s*)?(?:function\b|\([^()]*\)\s*=>|\w+\s*=>)/', $this->parser->text);
    }

    /**
     * `a = b = 0`: each of them gets the value.
     *
     * @param list<Expression> $all what stands before each `=` so far
     */
    private function chained(array $all, int $start): Statement
    {
        while ($this->parser->accept('=')) {
            $all[] = $this->parser->value();
        }
        $value = array_pop($all) ?? new NumberLiteral(0);
        $all = array_map($this->parser->placeOf(...), $all);
        foreach ($all as $target) {
            if (!$target instanceof VariableRead && !$target instanceof Item && !$target instanceof Field) {
                $this->parser->failAt('assign_to_value', $start, max(1, $this->parser->endOffset() - $start), ['text' => trim(substr($this->parser->text, $start, 20))]);
            }
            if ($target instanceof VariableRead) {
                $this->parser->given($target->name, $start);
            }
        }
        $isFixed = $value instanceof NumberLiteral || $value instanceof TextLiteral || [] === array_filter($all, static fn (Expression $place): bool => !FoundAgain::may($place));
        if (!$isFixed || !$this->parser->isPlain($value)) {
            $this->parser->failAt('unsupported', $start, max(1, $this->parser->endOffset() - $start), ['what' => 'a = b = …']);
        }

        return new SetSeveral($this->parser->newId(), $this->parser->facts->namedPlaces && self::areNamed($all) ? array_reverse($all) : $all, array_fill(0, \count($all), $value));
    }

    /**
     * Whether all are places that are called by their names: the last of them is there first (ECMAScript 2022, 13.15.2).
     *
     * @param list<Expression> $all
     */
    private static function areNamed(array $all): bool
    {
        return [] === array_filter($all, static fn (Expression $place): bool => !($place instanceof Field && $place->object instanceof VariableRead) && !($place instanceof Item && $place->container instanceof VariableRead && $place->index instanceof TextLiteral));
    }

    /** `= =` and `==` where one is meant. */
    private function noDouble(): void
    {
        if ($this->parser->is('=')) {
            $this->parser->fail('unexpected');
        }
    }

    /** A name alone is no row: the brackets of a call are missing, or the word means nothing here. */
    private function alone(Expression $target, Token $token): void
    {
        if (!$target instanceof VariableRead) {
            return;
        }
        $end = $token->offset + \strlen($token->text);
        if (isset($this->parser->symbols->functions[$target->name])) {
            $this->parser->fail('call_brackets', $token, ['name' => $target->name], 0 === $this->parser->symbols->functions[$target->name][0] && ($this->parser->is(';') || null === $this->parser->peek()) ? [new Replacement($end, 0, '()')] : []);
        }
        $next = $this->parser->peek();
        if (null !== $next && !isset($this->parser->begins[$this->parser->at]) && \in_array($next->kind, [TokenKind::Name, TokenKind::Number, TokenKind::Text], true)) {
            $this->parser->foreignRow($token, $next);
        }
    }
}
