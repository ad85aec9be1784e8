<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** `for await (const crop of jobs) { … }`: each item is waited for before its turn (ECMA-262, 14.7.5). */
final class AwaitedTurns extends Rewriting
{
    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function awaited(array $tokens): array
    {
        $turns = new self($tokens);
        foreach (array_keys($turns->code) as $at) {
            if ('for' === $turns->text($at) && 'await' === $turns->text($at + 1) && '(' === $turns->text($at + 2)) {
                $turns->loop($at);
            }
        }

        return $turns->rewritten();
    }

    private function loop(int $at): void
    {
        $close = $this->closing($at + 2);
        $name = $at + 4;
        if (null === $close || !\in_array($this->text($at + 3), ['const', 'let'], true) || !$this->isName($name) || 'of' !== $this->text($name + 1) || !isset($this->code[$close + 1])) {
            return;
        }
        $item = $this->tokens[$this->code[$name]];
        $taken = $item->text.'_awaited';
        $this->put[$at + 1] = [];
        $this->put[$name] = [$item->readAs($taken)];
        $first = $close + 1;
        $isBraced = '{' === $this->text($first);
        $offset = $isBraced ? $this->tokens[$this->code[$first]]->end() : $this->tokens[$this->code[$first]]->offset;
        $made = static fn (TokenKind $kind, string $text): Token => new Token($kind, $text, $offset, 0);
        $declared = [
            $made(TokenKind::Keyword, $this->text($at + 3)), $made(TokenKind::Name, $item->text), $made(TokenKind::Sign, '='), $made(TokenKind::Keyword, 'await'), $made(TokenKind::Name, $taken), $made(TokenKind::Sign, ';'),
        ];
        $begin = $this->put[$first] ?? [$this->tokens[$this->code[$first]]];
        if ($isBraced) {
            $this->put[$first] = [...$begin, ...$declared];

            return;
        }
        for ($last = $first; isset($this->code[$last]) && ';' !== $this->text($last); ++$last) {
            $last = \in_array($this->text($last), ['(', '[', '{'], true) ? $this->closing($last) ?? $last : $last;
        }
        if (isset($this->code[$last])) {
            $this->put[$first] = [$made(TokenKind::Sign, '{'), ...$declared, ...$begin];
            $this->put[$last] = [...$this->put[$last] ?? [$this->tokens[$this->code[$last]]], new Token(TokenKind::Sign, '}', $this->tokens[$this->code[$last]]->end(), 0)];
        }
    }
}
