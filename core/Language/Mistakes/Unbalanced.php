<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** The first bracket of a text that surely has no partner: what stands inside of it or behind it can't be read as it was meant. */
final class Unbalanced
{
    private const CLOSING = ['(' => ')', '[' => ']', '{' => '}'];

    /** @param list<Token> $tokens of a language with braces, all of the text */
    public static function of(array $tokens, string $text): ?Mistake
    {
        /** @var list<Token> $open */
        $open = [];
        foreach ($tokens as $at => $token) {
            if (TokenKind::Sign !== $token->kind) {
                continue;
            }
            if (isset(self::CLOSING[$token->text])) {
                $open[] = $token;
            } elseif (\in_array($token->text, self::CLOSING, true)) {
                $opened = array_pop($open);
                $wanted = null === $opened ? '}' : self::CLOSING[$opened->text];
                if (null !== $opened && $wanted === $token->text) {
                    continue;
                }
                if (null === $opened || '}' === $wanted) {
                    // A brace that opened a body is closed by no bracket of a value.
                    return '}' === $token->text ? null : new Mistake('extra_bracket', $token->offset, 1, [], [new Replacement($token->offset, 1, '')]);
                }

                if ('}' === $token->text && !self::isCondition($tokens, $opened) && \in_array('}', array_column(self::signsBetween($tokens, $opened, $at), 'text'), true)) {
                    // A body in it ended before: one of its heads lacks its brace.
                    return self::headWithout($tokens, $opened, $at, $text);
                }

                return '}' === $token->text
                    ? new Mistake('bracket_missing', $opened->offset, 1, ['wanted' => $wanted, 'opened' => $opened->text])
                    : new Mistake('wrong_bracket', $token->offset, 1, ['wanted' => $wanted, 'opened' => $opened->text], [new Replacement($token->offset, 1, $wanted)]);
            }
        }

        return null;
    }

    /** @param list<Token> $tokens */
    private static function isCondition(array $tokens, Token $opened): bool
    {
        for ($at = (int) array_search($opened, $tokens, true) - 1; $at >= 0 && TokenKind::Space === $tokens[$at]->kind; --$at) {
        }

        return TokenKind::Keyword === ($tokens[$at] ?? null)?->kind && \in_array($tokens[$at]->text, ['if', 'while', 'for', 'switch', 'catch'], true);
    }

    /**
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function signsBetween(array $tokens, Token $opened, int $end): array
    {
        $between = [];
        for ($at = $end - 1; $at >= 0 && $tokens[$at] !== $opened; --$at) {
            if (TokenKind::Sign === $tokens[$at]->kind) {
                $between[] = $tokens[$at];
            }
        }

        return $between;
    }

    /**
     * The head of a loop or a choice that has no brace, though two lines behind it are further in than itself.
     *
     * @param list<Token> $tokens
     */
    private static function headWithout(array $tokens, Token $opened, int $end, string $text): ?Mistake
    {
        for ($at = $end - 1; $at >= 0 && $tokens[$at] !== $opened; --$at) {
            if (!\in_array($tokens[$at]->text, ['if', 'for', 'while', 'else'], true) || TokenKind::Keyword !== $tokens[$at]->kind) {
                continue;
            }
            $line = strrpos(substr($text, 0, $tokens[$at]->offset), "\n");
            $lines = explode("\n", substr($text, false === $line ? 0 : $line + 1, 2000));
            $indents = array_map(static fn (string $one): int => \strlen($one) - \strlen(ltrim($one)), \array_slice($lines, 0, 3));
            $head = rtrim($lines[0]);
            if (!str_ends_with($head, '{') && !str_ends_with($head, ';') && ($indents[1] ?? 0) > $indents[0] && ($indents[2] ?? 0) > $indents[0]) {
                $behind = (false === $line ? 0 : $line + 1) + \strlen($head);

                return new Mistake('brace_wanted', $behind - 1, 1, ['word' => $tokens[$at]->text], [new Replacement($behind, 0, ' {')]);
            }
        }

        return null;
    }
}
