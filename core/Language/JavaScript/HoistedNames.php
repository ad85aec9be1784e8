<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * What `var` names is there from the beginning of its function, and undefined until it gets a value (ECMA-262, 14.3.2). Where a text
 * asks for it before, it is read as one that is declared there as well.
 */
final class HoistedNames extends Rewriting
{
    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function declared(array $tokens): array
    {
        $names = new self($tokens);
        $first = [];
        foreach (array_keys($names->code) as $at) {
            if ('var' !== $names->text($at)) {
                continue;
            }
            [$begin, $end] = $names->functionAround($at);
            $isInLoop = $names->isInLoop($at, $begin);
            for ($named = $at + 1; $names->isName($named); $named += 2) {
                $name = $names->text($named);
                // Once more it says nothing: it keeps what it had in the turn before.
                $stays = $isInLoop && !\in_array($names->text($named + 1), ['=', 'of', 'in'], true);
                if (!isset($first["$begin:$name"]) && ($stays || $names->isAskedBefore($name, $begin, $named - 1, $end))) {
                    $names->declare($name, $begin);
                }
                $first["$begin:$name"] = true;
                if (',' !== $names->text($named + 1)) {
                    break;
                }
            }
        }

        return $names->rewritten();
    }

    /** @return array{int, int} where the rows begin of the function that something stands in, or of the whole text, and where they end */
    private function functionAround(int $at): array
    {
        for ($open = $at - 1; $open >= 0; --$open) {
            $sign = $this->text($open);
            if (\in_array($sign, ['}', ')', ']'], true)) {
                $open = $this->partners[$open] ?? $open;
                continue;
            }
            if ('{' !== $sign) {
                continue;
            }
            $head = ')' === $this->text($open - 1) ? $this->partners[$open - 1] ?? 0 : 0;
            $isBlock = 0 < $head && \in_array($this->text($head - 1), ['if', 'for', 'while', 'switch', 'catch', 'with'], true);
            if ('=>' === $this->text($open - 1) || 0 < $head && !$isBlock) {
                return [$open + 1, $this->partners[$open] ?? \count($this->code)];
            }
        }

        return [0, \count($this->code)];
    }

    /** Whether rows that are done again stand around a place, from where its function begins. */
    private function isInLoop(int $at, int $begin): bool
    {
        for ($open = $at - 1; $open >= $begin; --$open) {
            if (\in_array($this->text($open), ['}', ')', ']'], true)) {
                $open = $this->partners[$open] ?? $open;
            } elseif ('{' === $this->text($open)) {
                $head = ')' === $this->text($open - 1) ? $this->partners[$open - 1] ?? 0 : $open;
                if (\in_array($this->text($head - 1), ['for', 'while', 'do'], true)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether a name is asked for above its declaration, or in what it is given there; what stands in other functions is asked for later. */
    private function isAskedBefore(string $name, int $begin, int $declared, int $end): bool
    {
        $until = $declared + 2;
        if ('=' === $this->text($until)) {
            for (++$until; $until < $end && !\in_array($this->text($until), [';', ',', 'var'], true) && !$this->beginsRow($until); ++$until) {
                $until = \in_array($this->text($until), ['{', '(', '['], true) ? $this->partners[$until] ?? $until : $until;
            }
        }
        for ($at = $begin; $at < $until; ++$at) {
            $isFunction = '{' === $this->text($at) && $at !== $begin - 1 && [$at + 1, $this->partners[$at] ?? 0] === $this->functionAround($at + 1);
            if ($isFunction) {
                $at = $this->partners[$at] ?? $at;
                continue;
            }
            if ('function' === $this->text($at)) {
                // What it takes are names of its own.
                $bracket = $at + ('(' === $this->text($at + 1) ? 1 : 2);
                $at = $this->partners[$bracket] ?? $at;
                continue;
            }
            if ($name === $this->text($at) && $this->isOfAnother($at)) {
                return false;
            }
            $isIt = $at !== $declared + 1 && $name === $this->text($at) && !\in_array($this->text($at - 1), ['.', '?.', 'var', 'function'], true);
            if ($isIt && ':' !== $this->text($at + 1) && '=' !== $this->text($at + 1) && '=>' !== $this->text($at + 1)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a name at a place is that of a block or of a small function, and what follows may ask for that one. */
    private function isOfAnother(int $at): bool
    {
        for ($open = $at - 1; $open > 0 && !\in_array($this->text($open), ['(', '{', ';'], true); --$open) {
            $open = \in_array($this->text($open), ['}', ')', ']'], true) ? $this->partners[$open] ?? $open : $open;
        }
        $closing = '(' === $this->text($open) ? $this->partners[$open] ?? $at : $at;

        return \in_array($this->text($at - 1), ['let', 'const'], true) || \in_array('=>', [$this->text($at + 1), $this->text($closing + 1)], true);
    }

    /** Whether a row begins behind the end of a line, without a semicolon (ECMA-262, 12.10). */
    private function beginsRow(int $at): bool
    {
        $goesOn = fn (int $place): bool => TokenKind::Sign === $this->tokens[$this->code[$place]]->kind;
        for ($between = $this->code[$at] - 1; $between > $this->code[$at - 1]; --$between) {
            if (TokenKind::NewLine === $this->tokens[$between]->kind) {
                return !$goesOn($at) && (!$goesOn($at - 1) || \in_array($this->text($at - 1), [')', ']', '}'], true));
            }
        }

        return false;
    }

    private function declare(string $name, int $begin): void
    {
        while (TokenKind::Text === ($this->tokens[$this->code[$begin] ?? 0] ?? null)?->kind && ';' === $this->text($begin + 1)) {
            // A directive stays the first.
            $begin += 2;
        }
        if (!isset($this->code[$begin])) {
            return;
        }
        $this->put[$begin] = [
            $this->made($begin, TokenKind::Keyword, 'var'), $this->made($begin, TokenKind::Name, $name), $this->made($begin, TokenKind::Sign, ';'),
            ...$this->put[$begin] ?? [$this->tokens[$this->code[$begin]]],
        ];
    }
}
