<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * What gives its items only once: `zip`, `map`, generators and their like (The Python Library Reference, Iterator Types). Where a
 * name for one stands once, nobody sees the difference to a list.
 */
trait OnlyOnce
{
    private const ONCE = ['zip' => true, 'map' => true, 'filter' => true, 'enumerate' => true, 'reversed' => true];
    /** @var array<string, true> names of what has been begun to go over */
    public array $begun = [];
    /** @var array<string, true> scopes and names of what gives its items only once, be it that nobody sees so */
    private array $given = [];
    /** @var array<string, bool> by name, whether it is given a value in one place only */
    private array $onlyGiven = [];

    /** Whether a function of the program's own yields one thing after another. */
    abstract public function yieldsAll(string $function): bool;

    /** What a name gets, where it is asked more than once for items that it gives only once. */
    public function onlyOnce(string $name, Expression $value, int $from): Expression
    {
        unset($this->begun[$name], $this->given["$this->scope $name"]);
        $token = $this->tokens[$from] ?? null;
        $this->given += null !== $token && $this->givesOnce($token, $from) ? ["$this->scope $name" => true] : [];
        if (null === $token || $value instanceof Operation && OperationKey::Started === $value->key) {
            $this->begun += $value instanceof Operation && OperationKey::Started === $value->key ? [$name => true] : [];

            return $value;
        }
        if ($value instanceof Operation && \in_array($value->key, [OperationKey::CountedOn, OperationKey::AgainInTurn], true)) {
            // It is begun where it is made, and has no end.
            $this->begun[$name] = true;

            return $value;
        }
        if (!$this->givesOnce($token, $from) || 2 > $this->timesNamed($name) && !$this->callsItsOwn($value)) {
            return $value;
        }
        $this->begun[$name] = true;

        return new Operation(OperationKey::Started, [$value]);
    }

    /** What an object keeps, which any of its methods may ask for. */
    public function onlyOnceKept(Expression $value, int $from): Expression
    {
        $token = $this->tokens[$from] ?? null;
        $isStarted = $value instanceof Operation && \in_array($value->key, [OperationKey::Started, OperationKey::CountedOn, OperationKey::AgainInTurn], true);

        return null !== $token && !$isStarted && $this->givesOnce($token, $from) ? new Operation(OperationKey::Started, [$value]) : $value;
    }

    /** Whether what it gives is found by functions of the program, so that somebody may see when. */
    private function callsItsOwn(Expression $value): bool
    {
        return $value instanceof Collected && [] !== array_filter([...Walk::expressions($value)], static fn (Expression $part): bool => $part instanceof OwnValue || $part instanceof MethodCall);
    }

    /** Whether a name gets a value in one row of the whole text only, so that it is the same wherever its function names it. */
    private function isGivenOnce(string $name): bool
    {
        $times = 0;
        foreach ($this->tokens as $at => $token) {
            [$before, $next] = [$this->tokens[$at - 1] ?? null, $this->tokens[$at + 1]->text ?? ''];
            if ($name !== $token->text || TokenKind::Name !== $token->kind || '.' === $before?->text) {
                continue;
            }
            $beginsRow = null === $before || str_contains(substr($this->text, $before->end(), $token->offset - $before->end()), "\n");
            if (\in_array($before?->text, ['for', 'as', 'global', 'nonlocal', '*'], true) || \in_array($next, [':=', '+='], true) || ',' === $next && $beginsRow) {
                return false;
            }
            $times += '=' === $next ? 1 : 0;
        }

        return 1 === $times;
    }

    /** Whether what stands between two places in the text shows as what it is, and not as the items that it gives. */
    public function showsItself(Expression $value, int $offset, int $end): bool
    {
        if ($value instanceof VariableRead) {
            return isset($this->given["$this->scope $value->name"]) && ($this->onlyGiven[$value->name] ??= $this->isGivenOnce($value->name));
        }
        for ($from = $this->at - 1; $from > 0 && $this->tokens[$from]->offset > $offset; --$from) {
        }
        for ($until = $from; isset($this->tokens[$until + 1]) && $this->tokens[$until + 1]->offset < $end; ++$until) {
        }
        $first = $this->tokens[$from];
        $isCall = '(' === ($this->tokens[$from + 1]->text ?? '') && $until === ($this->partners[$from + 1] ?? null);
        $isOnce = $isCall && TokenKind::Name === $first->kind && (isset(self::ONCE[$first->text]) || 'iter' === $first->text) && !isset($this->symbols->functions[$first->text]) && !$this->isVariable($first->text);

        return $isOnce || $isCall && $this->yieldsAll($first->text) || '(' === $first->text && $until === ($this->partners[$from] ?? null) && $this->isGenerator($from, $until) || $this->isGenerator($from - 1, $until + 1);
    }

    /** Whether the value that begins at a place, and goes as far as is read, gives its items only once. */
    private function givesOnce(Token $token, int $from): bool
    {
        $closing = $this->partners['(' === $token->text ? $from : $from + 1] ?? null;

        return null !== $closing && $closing === $this->at - 1
            && ('(' === $token->text ? $this->isGenerator($from, $closing) : isset(self::ONCE[$token->text]) && !isset($this->symbols->functions[$token->text]) && !$this->isVariable($token->text) || $this->yieldsAll($token->text));
    }

    /** Whether brackets hold `item for item in items`. */
    private function isGenerator(int $from, int $closing): bool
    {
        for ($at = $from + 1; $at < $closing; ++$at) {
            if ('for' === $this->tokens[$at]->text && TokenKind::Keyword === $this->tokens[$at]->kind) {
                return true;
            }
            $at = max($at, $this->partners[$at] ?? $at);
        }

        return false;
    }

    /** How often a name stands in the text, but for where it gets a value; asked for its next thing, in a text too, or handed to a function that may do so, it counts for more than once. */
    private function timesNamed(string $name): int
    {
        $times = 0;
        foreach ($this->tokens as $index => $token) {
            $isNamed = $name === $token->text && TokenKind::Name === $token->kind && '.' !== ($this->tokens[$index - 1]->text ?? '') && '=' !== ($this->tokens[$index + 1]->text ?? '');
            $times += $isNamed ? ($this->isAskedElsewhere($index) ? 2 : 1) : (TokenKind::Text === $token->kind && str_contains($token->text, "next($name") ? 2 : 0);
        }

        return $times;
    }

    /** Whether a name stands in the brackets of `next`, or of a function of the program. */
    private function isAskedElsewhere(int $index): bool
    {
        for ($at = $index - 1, $depth = 0; $at > 0 && $depth >= 0; --$at) {
            $sign = TokenKind::Sign === $this->tokens[$at]->kind ? $this->tokens[$at]->text : '';
            $depth += ['(' => -1, '[' => -1, '{' => -1, ')' => 1, ']' => 1, '}' => 1][$sign] ?? 0;
        }
        $function = $this->tokens[$at]->text;

        return $depth < 0 && '(' === $this->tokens[$at + 1]->text && ('next' === $function || isset($this->symbols->functions[$function]) || isset($this->classes->parents[$function]) || isset($this->classes->methodNames[$function]));
    }
}
