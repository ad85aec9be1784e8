<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * `water = () => { … }` in a class: each object keeps a function that knows it, wherever that is handed on (ECMA-262,
 * 15.7.10). It is read as a method, and a field that keeps it with its object: `water() { … } water = this.water.bind(this);`.
 */
final class ArrowFields extends Rewriting
{
    /** @var array<string, true> */
    public array $names = [];

    /** @return list<Token> */
    public function asMethods(): array
    {
        foreach (array_keys($this->code) as $at) {
            if ('class' === $this->text($at)) {
                for ($brace = $at + 1; $brace < $at + 5 && '{' !== $this->text($brace); ++$brace) {
                }
                $this->inClass($brace, $this->partners[$brace] ?? $brace);
            }
        }

        return $this->rewritten();
    }

    private function inClass(int $from, int $until): void
    {
        for ($at = $from + 1; $at < $until; ++$at) {
            if ('{' === $this->text($at) || '(' === $this->text($at) || '[' === $this->text($at)) {
                $at = $this->partners[$at] ?? $at;
                continue;
            }
            $isBound = 'this' === $this->text($at + 2) && 'bind' === $this->text($at + 6) && $this->text($at) === $this->text($at + 4);
            if ('=' === $this->text($at + 1) && $isBound) {
                $this->names[$this->text($at)] = true;
            }
            $opened = '=' === $this->text($at + 1) ? $at + 2 : $at;
            $isBare = '=>' === $this->text($opened + 1);
            $arrow = $isBare ? $opened + 1 : ('(' === $this->text($opened) ? ($this->partners[$opened] ?? $opened) + 1 : $opened);
            if ($opened === $at || '=>' !== $this->text($arrow) || \in_array($this->text($at - 1), ['static', 'async'], true)) {
                continue;
            }
            $at = $this->asMethod($at, $opened, $arrow, $isBare);
        }
    }

    /** The last token of a value: it goes to its semicolon, or to the end of a line behind which something new begins. */
    private function endOfValue(int $at): int
    {
        while (isset($this->code[$at + 1])) {
            $at = max($at, $this->partners[$at] ?? $at);
            $next = $this->text($at + 1);
            $isNewLine = [] !== array_filter(\array_slice($this->tokens, $this->code[$at] + 1, ($this->code[$at + 1] ?? 0) - $this->code[$at] - 1), static fn (Token $between): bool => TokenKind::NewLine === $between->kind);
            $goesOn = \in_array($next, ['.', '?', ':', '+', '-', '*', '/', '%', '&&', '||', '??', '?.', '===', '!==', '<', '>', '<=', '>='], true) || \in_array($this->text($at), ['?', ':', '+', '-', '*', '/', '&&', '||', '??', '=>', '==='], true);
            if (';' === $next || '}' === $next || $isNewLine && !$goesOn) {
                break;
            }
            ++$at;
        }

        return $at;
    }

    /** @return int its last token */
    private function asMethod(int $at, int $opened, int $arrow, bool $isBare): int
    {
        $name = $this->tokens[$this->code[$at]];
        $this->names[$name->text] = true;
        $this->put[$at + 1] = [];
        $sign = static fn (string $text, int $offset): Token => new Token(TokenKind::Sign, $text, $offset, 0);
        if ($isBare) {
            $given = $this->tokens[$this->code[$opened]];
            $this->put[$opened] = [$sign('(', $given->offset), $given, $sign(')', $given->end())];
        }
        if ('{' === $this->text($arrow + 1)) {
            $this->put[$arrow] = [];
            $last = $this->partners[$arrow + 1] ?? $arrow + 1;
            $end = $this->tokens[$this->code[$last]]->end();
            $kept = [$this->tokens[$this->code[$last]]];
        } else {
            $this->put[$arrow] = [$this->tokens[$this->code[$arrow]]->readAs('{'), new Token(TokenKind::Keyword, 'return', $this->tokens[$this->code[$arrow]]->end(), 0)];
            $last = $this->endOfValue($arrow + 1);
            $end = $this->tokens[$this->code[$last]]->end();
            $kept = [...$this->put[$last] ?? [$this->tokens[$this->code[$last]]], $sign(';', $end), $sign('}', $end)];
        }
        $word = static fn (TokenKind $kind, string $text): Token => new Token($kind, $text, $end, 0);
        $this->put[$last] = [
            ...$kept, $word(TokenKind::Name, $name->text), $sign('=', $end), $word(TokenKind::Keyword, 'this'), $sign('.', $end), $word(TokenKind::Name, $name->text), $sign('.', $end),
            $word(TokenKind::Name, 'bind'), $sign('(', $end), $word(TokenKind::Keyword, 'this'), $sign(')', $end), $sign(';', $end),
        ];
        if (';' === $this->text($last + 1)) {
            $this->put[$last + 1] = [];
        }

        return $last;
    }
}
