<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * `qsort(beds, n, sizeof(int), byNumber)`: a function that compares what two addresses of no type point at is read as one that
 * compares two things of the type that it says they have, and the call as a sorting by it (C11, 7.22.5.2).
 */
final class SortedByC extends Rewriting
{
    /** @var array<string, list<Token>> the type that a function compares, by its name */
    private array $types = [];

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function asSorts(array $tokens): array
    {
        $sorts = new self($tokens);
        foreach (array_keys($sorts->code) as $at) {
            if ('void' === $sorts->text($at) && '*' === $sorts->text($at + 1)) {
                $sorts->comparing($at);
            }
        }
        foreach (array_keys($sorts->code) as $at) {
            if ('qsort' === $sorts->text($at) && '(' === $sorts->text($at + 1)) {
                $sorts->call($at);
            }
        }

        return $sorts->rewritten();
    }

    /** `int byNumber(const void *a, const void *b) { … }`, where the first `void` stands. */
    private function comparing(int $at): void
    {
        $signs = array_map(fn (int $place): string => $this->text($place), range($at - 4, $at + 8));
        [$result, $name, $open, $const, , , $a, $comma, $const2, $void, $star, $b, $close] = $signs;
        $brace = $at + 9;
        $end = '{' === $this->text($brace) ? $this->closing($brace) : null;
        if ($this->isAskedOtherwise($name)) {
            return;
        }
        if (['int', '(', 'const', ',', 'const', 'void', '*', ')'] !== [$result, $open, $const, $comma, $const2, $void, $star, $close] || null === $end || !$this->isName($at + 2) || !$this->isName($at + 7)) {
            return;
        }
        $names = [$a => true, $b => true];
        $put = [];
        $type = [];
        for ($place = $brace; $place < $end; ++$place) {
            if (\in_array($this->text($place), ['strcmp', 'strncmp'], true)) {
                // Of what it gives, the sorting asks only whether it is below nought.
                $put[$place] = [$this->tokens[$this->code[$place]]->readAs($this->text($place).'_sign')];
                continue;
            }
            $cast = '(' === $this->text($place) ? $this->cast($place, $names) : null;
            if (null === $cast) {
                if (isset($names[$this->text($place)]) && !\in_array($this->text($place - 1), ['.', '->'], true)) {
                    return;
                }
                continue;
            }
            [$last, $of, $deep] = $cast;
            if ([] !== $type && $this->spelled($type) !== $this->spelled($of)) {
                return;
            }
            $type = $of;
            $compared = $this->tokens[$this->code[$last]];
            // `*(int *)a`, `((Bed *)a)->rows`, `Bed *x = (Bed *)a;`
            [$from, $until] = [$place - $deep, $last + $deep];
            foreach (range($from, $until) as $gone) {
                $put[$gone] = [];
            }
            $put[$last] = [$compared];
            if ('*' === $this->text($from - 1) && !$this->isName($from - 2) && !\in_array($this->text($from - 2), [')', ']'], true)) {
                $put[$from - 1] = [];
            } elseif ('->' === $this->text($until + 1)) {
                $put[$until + 1] = [$this->made($until + 1, TokenKind::Sign, '.')];
            } elseif ('=' !== $this->text($from - 1) || ';' !== $this->text($until + 1) || !$this->kept($from - 2, $end, $put)) {
                return;
            }
            $place = $until;
        }
        if ([] === $type) {
            return;
        }
        $this->put = $put + $this->put;
        foreach ([$at, $at + 5] as $void) {
            $this->put[$void] = $type;
            $this->put[$void + 1] = [$this->made($void, TokenKind::Sign, '&')];
        }
        $this->types[$name] = $type;
    }

    /** Whether a function is more than what `qsort` is handed. */
    private function isAskedOtherwise(string $name): bool
    {
        foreach (array_keys($this->code) as $at) {
            if ($name === $this->text($at) && '(' === $this->text($at + 1) && 'int' !== $this->text($at - 1)) {
                return true;
            }
        }

        return false;
    }

    /**
     * `const Bed *x = …`: a name for what is pointed at, by which it is asked for with `->`.
     *
     * @param array<int, list<Token>> $put
     */
    private function kept(int $name, int $end, array &$put): bool
    {
        if (!$this->isName($name) || '*' !== $this->text($name - 1)) {
            return false;
        }
        $put[$name - 1] = [$this->made($name - 1, TokenKind::Sign, '&')];
        for ($at = $name + 1; $at < $end; ++$at) {
            if ($this->text($at) === $this->text($name)) {
                if ('->' === $this->text($at + 1)) {
                    $put[$at + 1] = [$this->made($at + 1, TokenKind::Sign, '.')];
                } elseif ('*' === $this->text($at - 1) && !$this->isName($at - 2) && ')' !== $this->text($at - 2)) {
                    $put[$at - 1] = [];
                } else {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * `(const int *)a`, perhaps in brackets of its own.
     *
     * @param array<string, true> $names
     *
     * @return array{int, list<Token>, int}|null where the name stands, the type, and how many brackets stand around
     */
    private function cast(int $at, array $names): ?array
    {
        $deep = 0;
        $close = $this->closing($at);
        if ('(' === $this->text($at + 1)) {
            return null;
        }
        if (null === $close || '*' !== $this->text($close - 1) || !isset($names[$this->text($close + 1)])) {
            return null;
        }
        while ('(' === $this->text($at - $deep - 1) && ')' === $this->text($close + 1 + $deep + 1)) {
            ++$deep;
        }
        $type = [];
        for ($place = $at + 1; $place < $close - 1; ++$place) {
            if (!\in_array($this->text($place), ['const', 'struct'], true)) {
                $type[] = $this->tokens[$this->code[$place]];
            }
        }

        return [] === $type ? null : [$close + 1, $type, $deep];
    }

    /** @param list<Token> $type */
    private function spelled(array $type): string
    {
        return implode(' ', array_map(static fn (Token $token): string => $token->text, $type));
    }

    /** `qsort(beds, n, sizeof(int), byNumber)` */
    private function call(int $at): void
    {
        $close = $this->closing($at + 1);
        $parts = null === $close ? [] : $this->parts($at + 1, $close);
        $by = 4 === \count($parts) && $parts[3][0] === $parts[3][1] ? $this->text($parts[3][0]) : '';
        if (null === $close || !isset($this->types[$by]) || 'sizeof' !== $this->text($parts[2][0])) {
            return;
        }
        $sign = fn (string $text): Token => $this->made($at, TokenKind::Sign, $text);
        $word = fn (string $text): Token => $this->made($at, TokenKind::Name, $text);
        $part = fn (int $index): array => array_map(fn (int $place): Token => $this->tokens[$this->code[$place]], range($parts[$index][0], $parts[$index][1]));
        $parameter = fn (string $name): array => [$this->made($at, TokenKind::Keyword, 'const'), ...$this->types[$by], $sign('&'), $word($name)];
        $made = [
            $this->tokens[$this->code[$at]]->readAs('stable_sort'), $sign('('), ...$part(0), $sign(','), ...$part(0), $sign('+'), ...$part(1), $sign(','),
            $sign('['), $sign(']'), $sign('('), ...$parameter('one_of_two'), $sign(','), ...$parameter('other_of_two'), $sign(')'),
            $sign('{'), $this->made($at, TokenKind::Keyword, 'return'), $word($by), $sign('('), $word('one_of_two'), $sign(','), $word('other_of_two'), $sign(')'), $sign('<'), $this->made($at, TokenKind::Number, '0'), $sign(';'), $sign('}'), $sign(')'),
        ];
        foreach (range($at, $close) as $gone) {
            $this->put[$gone] = [];
        }
        $this->put[$at] = $made;
    }
}
