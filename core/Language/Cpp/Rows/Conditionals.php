<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * `#ifndef BED_H`, `#ifdef DEBUG … #else … #endif`: what is left out by them is one row that says nothing (C++17, 19.1).
 * Names are known that the text itself defines above.
 */
final class Conditionals
{
    public const SEEN = '/^[ \t]*#[ \t]*if/m';
    /** What the language's own headers define, of which the text does not tell whether it is there (C++17, 19.8 and 21.3). */
    private const OF_HEADERS = '/^(?:_.*|M_\w+|\w+_(?:MAX|MIN|BIT|EPSILON|DIG)|EOF|NULL|EXIT_\w+|BUFSIZ|CLOCKS_PER_SEC|HUGE_VAL|INFINITY|NAN|assert|errno|std\w+|linux|unix|WIN32)$/D';
    private const LINE = '/^\s*#\s*(ifdef|ifndef|if|else|elif|endif|define|undef)\b\s*(.*?)\s*(?:\/[\/*].*)?$/sD';

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>|Token with each row that divides, and all that it leaves out, as one directive; or the row of which it can't be told what it leaves out
     */
    public static function decided(array $tokens, string $text): array|Token
    {
        $defined = [];
        $kept = [];
        /** @var list<array{bool, Token}> $around for each open condition, whether one of its parts was taken, and its last row */
        $around = [];
        for ($at = 0, $count = \count($tokens); $at < $count; ++$at) {
            $token = $tokens[$at];
            if (TokenKind::Directive !== $token->kind || 1 !== preg_match(self::LINE, $token->text, $match)) {
                $kept[] = $token;
                continue;
            }
            [, $word, $what] = $match;
            if ('define' === $word || 'undef' === $word) {
                preg_match('/^\w+/', $what, $name);
                $defined[$name[0] ?? ''] = 'define' === $word;
                $kept[] = $token;
                continue;
            }
            $holds = self::holds($word, $what, $defined);
            if (\in_array($word, ['else', 'elif', 'endif'], true) && [] === $around || null === $holds) {
                return $token;
            }
            if ('endif' === $word) {
                array_pop($around);
                $kept[] = $token;
                continue;
            }
            if (\in_array($word, ['else', 'elif'], true)) {
                $holds = !array_pop($around)[0] && $holds;
                $taken = !$holds;
            } else {
                $taken = false;
            }
            $around[] = [$taken || $holds, $token];
            $end = $holds ? $at : self::leftOut($tokens, $at);
            if (null === $end) {
                return $token;
            }
            // The row that comes next is looked at by itself.
            $kept[] = $end === $at ? $token : new Token(TokenKind::Directive, substr($text, $token->offset, $tokens[$end]->end() - $token->offset), $token->offset);
            $at = $end;
        }

        return [] === $around ? $kept : $around[\count($around) - 1][1];
    }

    /**
     * @param array<string, bool> $defined
     *
     * @return bool|null null where it can't be told
     */
    private static function holds(string $word, string $what, array $defined): ?bool
    {
        $isName = 1 === preg_match('/^[A-Za-z_]\w*$/D', $what);
        // A name that guards a text is its own, whatever it begins with.
        $isOpen = !isset($defined[$what]) && 1 === preg_match(self::OF_HEADERS, $what) && 1 !== preg_match('/_(?:h|hh|hpp)_*$/iD', $what);

        return match ($word) {
            'ifdef' => $isName && !$isOpen ? $defined[$what] ?? false : null,
            'ifndef' => $isName && !$isOpen ? !($defined[$what] ?? false) : null,
            'if', 'elif' => match (1) {
                preg_match('/^[01]$/D', $what) => '1' === $what,
                preg_match('/^(!?)\s*defined\s*\(?\s*([A-Za-z_]\w*)\s*\)?$/D', $what, $name) => self::holds('!' === $name[1] ? 'ifndef' : 'ifdef', $name[2], $defined),
                default => null,
            },
            default => true,
        };
    }

    /**
     * The last token before the row that ends what is left out from here on, in rows of the same depth.
     *
     * @param list<Token> $tokens
     */
    private static function leftOut(array $tokens, int $from): ?int
    {
        $depth = 0;
        for ($at = $from + 1; isset($tokens[$at]); ++$at) {
            if (TokenKind::Directive !== $tokens[$at]->kind || 1 !== preg_match(self::LINE, $tokens[$at]->text, $match)) {
                continue;
            }
            if (0 === $depth && \in_array($match[1], ['else', 'elif', 'endif'], true)) {
                // The spaces and the end of the line before it stand between two rows.
                for ($last = $at - 1; $last > $from && \in_array($tokens[$last]->kind, [TokenKind::Space, TokenKind::NewLine], true); --$last) {
                }

                return $last;
            }
            $depth += str_starts_with($match[1], 'if') ? 1 : ('endif' === $match[1] ? -1 : 0);
        }

        return null;
    }
}
