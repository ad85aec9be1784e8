<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** `rows.forEach(row => row.forEach(bed => { … }))`: what is done for each row is a call for each of its beds, as if in braces. */
final class NestedCalls extends Rewriting
{
    public const SEEN = '/\.\s*forEach\s*\([^;{}]*=>[^;{}]*\.\s*forEach\s*\(/';

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function inBraces(array $tokens): array
    {
        $calls = new self($tokens);
        foreach (array_keys($calls->code) as $at) {
            $close = 'forEach' === $calls->text($at) && '.' === $calls->text($at - 1) && '(' === $calls->text($at + 1) ? $calls->closing($at + 1) : null;
            if (null !== $close) {
                $calls->call($at + 2, $close);
            }
        }

        return $calls->rewritten();
    }

    private function call(int $from, int $close): void
    {
        $arrow = ('(' === $this->text($from) ? $this->closing($from) ?? $from : $from) + 1;
        $last = '=>' === $this->text($arrow) && ')' === $this->text($close - 1) ? $this->partners[$close - 1] ?? null : null;
        if (null === $last || 'forEach' !== $this->text($last - 1) || $last - 1 <= $arrow + 1) {
            return;
        }
        for ($at = $arrow + 1; $at < $last - 2; ++$at) {
            // Only a name with points, or what stands in square brackets behind it.
            if (!$this->isName($at) && !\in_array($this->text($at), ['.', '[', ']', 'this'], true)) {
                return;
            }
            $at = '[' === $this->text($at) ? $this->closing($at) ?? $at : $at;
        }
        $this->put[$arrow + 1] = [$this->made($arrow + 1, TokenKind::Sign, '{'), ...$this->put[$arrow + 1] ?? [$this->tokens[$this->code[$arrow + 1]]]];
        $this->put[$close] = [$this->made($close, TokenKind::Sign, ';'), $this->made($close, TokenKind::Sign, '}'), ...$this->put[$close] ?? [$this->tokens[$this->code[$close]]]];
    }
}
