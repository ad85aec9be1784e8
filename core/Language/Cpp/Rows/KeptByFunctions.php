<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * What a small function keeps for itself: `[n = 0]() mutable { return ++n; }` (C++17, 8.1.5.2). It is read as a variable above the
 * row that the function refers to, which is the same where the function is made once and is not copied.
 */
final class KeptByFunctions extends Rewriting
{
    public const SEEN = '/\[[^\[\];{}]*\w\s*=[^=\[\];{}]*\]\s*[({]|\bmutable\b/';

    /** @var array<int, list<Token>> what stands before a row, by where the row begins */
    private array $above = [];
    private int $number = 0;

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function asVariables(array $tokens): array
    {
        $kept = new self($tokens);
        foreach (array_keys($kept->code) as $at) {
            if ('[' === $kept->text($at) && \in_array($kept->text($at - 1), ['=', '(', ',', 'return'], true)) {
                $kept->function($at);
            }
        }
        foreach ($kept->above as $at => $rows) {
            $kept->put[$at] = [...$rows, ...$kept->put[$at] ?? [$kept->tokens[$kept->code[$at]]]];
        }

        return $kept->rewritten();
    }

    private function function(int $at): void
    {
        $close = $this->closing($at);
        $next = null === $close ? 0 : $close + 1;
        if (null === $close || !\in_array($this->text($next), ['(', '{'], true)) {
            return;
        }
        $behind = '(' === $this->text($next) ? ($this->closing($next) ?? $next) + 1 : $next;
        $isMutable = 'mutable' === $this->text($behind);
        for ($brace = $behind; '{' !== $this->text($brace); ++$brace) {
            if (\in_array($this->text($brace), ['', ';', ')', '}'], true)) {
                return;
            }
        }
        $end = $this->closing($brace);
        $own = [];
        foreach ($close === $at + 1 ? [] : $this->parts($at, $close) as [$from, $until]) {
            if ($this->isName($from) && '=' === $this->text($from + 1)) {
                $own[] = [$from, $until, array_map(fn (int $place): Token => $this->tokens[$this->code[$place]], range($from + 2, $until))];
            } elseif ($isMutable && $from === $until && $this->isName($from)) {
                $own[] = [$from, $until, [$this->tokens[$this->code[$from]]]];
            } elseif ($isMutable && '&' !== $this->text($from)) {
                return;
            }
        }
        $start = [] === $own || null === $end ? null : $this->rowStart($at);
        if (null === $start || null === $end || $this->isInLoop($start)) {
            return;
        }
        if ($isMutable) {
            $this->put[$behind] = [];
        }
        foreach ($own as [$from, $until, $value]) {
            $name = $this->text($from);
            $made = $this->nameFor($name);
            foreach (range($from, $until) as $gone) {
                $this->put[$gone] = [];
            }
            $this->put[$from] = [$this->made($from, TokenKind::Sign, '&'), $this->made($from, TokenKind::Name, $made)];
            for ($place = $brace; $place < $end; ++$place) {
                if ($name === $this->text($place) && !\in_array($this->text($place - 1), ['.', '->', '::'], true)) {
                    $this->put[$place] = [$this->tokens[$this->code[$place]]->readAs($made)];
                }
            }
            array_push($this->above[$start], ...[$this->made($start, TokenKind::Keyword, 'auto'), $this->made($start, TokenKind::Name, $made), $this->made($start, TokenKind::Sign, '='), ...$value, $this->made($start, TokenKind::Sign, ';')]);
        }
    }

    private function nameFor(string $name): string
    {
        $taken = array_fill_keys(array_map(static fn (Token $token): string => $token->text, $this->tokens), true);
        do {
            $made = $name.'_kept'.(0 === $this->number ? '' : '_'.$this->number);
            ++$this->number;
        } while (isset($taken[$made]));

        return $made;
    }

    /** Where the row begins that something stands in; null where that is not certain. */
    private function rowStart(int $at): ?int
    {
        for ($start = $at - 1; $start >= 0; --$start) {
            $sign = $this->text($start);
            if (\in_array($sign, [')', ']'], true)) {
                $start = $this->opening($start) ?? -1;
                continue;
            }
            if (';' === $sign || '}' === $sign || '{' === $sign && \in_array($this->text($start - 1), [')', 'else', 'do', 'try', 'const', 'override', 'noexcept'], true)) {
                $this->above[$start + 1] ??= [];

                return $start + 1;
            }
            if ('{' === $sign) {
                return null;
            }
        }

        return null;
    }

    private function isInLoop(int $at): bool
    {
        for ($open = $at - 1; $open >= 0; --$open) {
            $sign = $this->text($open);
            if ('}' === $sign || ')' === $sign) {
                $open = $this->opening($open) ?? -1;
            } elseif ('{' === $sign && (')' === $this->text($open - 1) && null !== ($head = $this->opening($open - 1)) && \in_array($this->text($head - 1), ['for', 'while'], true) || 'do' === $this->text($open - 1))) {
                return true;
            }
        }

        return false;
    }

    /** @return int|null where the bracket opens that closes there */
    private function opening(int $at): ?int
    {
        $open = array_search($at, $this->partners, true);

        return false === $open ? null : $open;
    }
}
