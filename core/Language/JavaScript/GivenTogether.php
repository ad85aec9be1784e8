<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\RealNames;
use Scrivlet\Core\Language\Parsing\SpellingIndex;

/**
 * What the language had before `...`: `f.apply(null, list)` and `f.call(null, a, b)` call a function with what is given
 * (ECMA-262, 20.2.3.1 and 20.2.3.3), `[].slice.call(arguments)` is a list of that (23.1.3.28). The signs are read as if
 * they had been written the usual way.
 */
final class GivenTogether
{
    private const NOTHING = ['null', 'undefined'];

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function usual(array $tokens): array
    {
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $text = static fn (int $at): string => isset($code[$at]) && TokenKind::Text !== $tokens[$code[$at]]->kind ? $tokens[$code[$at]]->text : '';
        $put = [];
        $mayLeaveThis = $kept = null;
        for ($at = 1, $count = \count($code); $at < $count; ++$at) {
            if ('?.' === $text($at) && '(' === $text($at + 1) && '.' === $text($at - 2) && (RealNames::has($text($at - 1), Language::JavaScript) || isset(SpellingIndex::of(Language::JavaScript)->methods[$text($at - 1)])) && !isset(($kept ??= self::keptNames($text, $count))[$text($at - 1)])) {
                // `beds.at?.(-1)`: a method that is there is asked as ever.
                $put[$code[$at]] = [];
                continue;
            }
            if ('.' === $text($at) && 'bind' === $text($at + 1) && '(' === $text($at + 2) && \in_array($text($at + 3), self::NOTHING, true) && null !== $end = self::closing($text, $at + 2, $count)) {
                $put = self::bound($tokens, $code, $at, $end) + $put;
                continue;
            }
            if ('.' !== $text($at) || !\in_array($text($at + 1), ['apply', 'call'], true) || '(' !== $text($at + 2)) {
                continue;
            }
            $start = self::sliceBefore($text, $at);
            if (null !== $start && 'call' === $text($at + 1) && \in_array($text($at + 4), [')', ','], true)) {
                // `Array.from(arguments)`, of which a part may be wanted.
                $first = $tokens[$code[$start]];
                $put[$code[$start]] = [$first->readAs('Array', TokenKind::Name), new Token(TokenKind::Sign, '.', $first->end(), 0), new Token(TokenKind::Name, 'from', $first->end(), 0)];
                for ($gone = $start + 1; $gone < $at + 2; ++$gone) {
                    $put[$code[$gone]] = [];
                }
                if (',' === $text($at + 4)) {
                    $comma = $tokens[$code[$at + 4]];
                    $put[$code[$at + 4]] = [new Token(TokenKind::Sign, ')', $comma->offset, 0), new Token(TokenKind::Sign, '.', $comma->offset, 0), new Token(TokenKind::Name, 'slice', $comma->offset, 0), $comma->readAs('(')];
                }
                continue;
            }
            $isThis = 'this' === $text($at + 3);
            if (!$isThis && !\in_array($text($at + 3), self::NOTHING, true) || 1 !== preg_match('/^[\w$]+$/D', $text($at - 1)) || 'Math' === $text($at - 3) || '.' === $text($at - 2) || $isThis && !($mayLeaveThis ??= self::isThisOfClassesAlone($text, $count))) {
                continue;
            }
            $isTogether = 'apply' === $text($at + 1);
            if (')' === $text($at + 4) || !$isTogether && ',' === $text($at + 4) || $isTogether && ',' === $text($at + 4) && '[' !== $text($at + 5)) {
                $put[$code[$at]] = $put[$code[$at + 1]] = $put[$code[$at + 3]] = [];
                if (',' === $text($at + 4)) {
                    $put[$code[$at + 4]] = $isTogether ? [$tokens[$code[$at + 4]]->readAs('...')] : [];
                }
            } elseif ($isTogether && ',' === $text($at + 4) && '[' === $text($at + 5) && null !== $end = self::closing($text, $at + 5, $count)) {
                $put[$code[$at]] = $put[$code[$at + 1]] = $put[$code[$at + 3]] = $put[$code[$at + 4]] = [];
                if (')' === $text($end + 1)) {
                    $put[$code[$at + 5]] = $put[$code[$end]] = [];
                } else {
                    $put[$code[$at + 4]] = [$tokens[$code[$at + 4]]->readAs('...')];
                }
            }
        }
        $usual = [];
        foreach ($tokens as $index => $token) {
            array_push($usual, ...$put[$index] ?? [$token]);
        }

        return $usual;
    }

    /**
     * @param \Closure(int): string $text
     *
     * @return array<string, true> names that the text gives to something itself
     */
    private static function keptNames(\Closure $text, int $count): array
    {
        $names = [];
        for ($at = 0; $at < $count; ++$at) {
            $names += '.' !== $text($at - 1) || '=' === $text($at + 1) ? [$text($at) => true] : [];
        }

        return $names;
    }

    /**
     * `f.bind(null, 3)` is `(...more) => f(3, ...more)`, where what is given stays what it is (ECMA-262, 20.2.3.2).
     *
     * @param list<Token> $tokens
     * @param list<int>   $code
     *
     * @return array<int, list<Token>>
     */
    private static function bound(array $tokens, array $code, int $at, int $end): array
    {
        $name = $tokens[$code[$at - 1]];
        $given = \array_slice($code, $at + 4, $end - $at - 4);
        foreach ($given as $index) {
            if (!\in_array($tokens[$index]->kind, [TokenKind::Number, TokenKind::Text], true) && !\in_array($tokens[$index]->text, [',', 'true', 'false', 'null', '-'], true)) {
                return [];
            }
        }
        if (TokenKind::Name !== $name->kind || '.' === ($tokens[$code[$at - 2] ?? -1]->text ?? '')) {
            return [];
        }
        $sign = static fn (string $text, int $offset): Token => new Token(TokenKind::Sign, $text, $offset, 0);
        $start = $name->offset;
        $put = [$code[$at - 1] => [$sign('(', $start), $sign('(', $start), $sign('...', $start), new Token(TokenKind::Name, 'given_more', $start, 0), $sign(')', $start), $sign('=>', $start), $name]];
        foreach ([$at, $at + 1, $at + 3] as $gone) {
            $put[$code[$gone]] = [];
        }
        if (',' === $tokens[$code[$at + 4]]->text) {
            $put[$code[$at + 4]] = [];
        }
        $last = $tokens[$code[$end]];
        $put[$code[$end]] = [...[] === $given ? [] : [$sign(',', $last->offset)], $sign('...', $last->offset), new Token(TokenKind::Name, 'given_more', $last->offset, 0), $last, $sign(')', $last->end())];

        return $put;
    }

    /**
     * @param \Closure(int): string $text
     *
     * @return int|null where `[].slice` begins, or `Array.prototype.slice`
     */
    private static function sliceBefore(\Closure $text, int $at): ?int
    {
        if ('slice' !== $text($at - 1) || '.' !== $text($at - 2)) {
            return null;
        }

        return match (true) {
            ']' === $text($at - 3) && '[' === $text($at - 4) => $at - 4,
            'prototype' === $text($at - 3) && 'Array' === $text($at - 5) => $at - 5,
            default => null,
        };
    }

    /**
     * Whether nothing but the methods of classes asks for `this`, so that no function is missing it.
     *
     * @param \Closure(int): string $text
     */
    private static function isThisOfClassesAlone(\Closure $text, int $count): bool
    {
        for ($at = 0; $at < $count; ++$at) {
            if ('class' === $text($at)) {
                while ($at < $count && '{' !== $text($at)) {
                    ++$at;
                }
                $at = self::closing($text, $at, $count) ?? $at;
                continue;
            }
            if ('this' === $text($at) && !('(' === $text($at - 1) && \in_array($text($at - 2), ['apply', 'call'], true))) {
                return false;
            }
        }

        return true;
    }

    /** @param \Closure(int): string $text */
    private static function closing(\Closure $text, int $at, int $count): ?int
    {
        for ($depth = 0; $at < $count; ++$at) {
            $depth += ['(' => 1, '[' => 1, '{' => 1, ')' => -1, ']' => -1, '}' => -1][$text($at)] ?? 0;
            if (0 === $depth) {
                return $at;
            }
        }

        return null;
    }
}
