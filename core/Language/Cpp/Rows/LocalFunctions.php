<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Bounds;

/**
 * `auto show = [](int n) { … };` in the braces of one function, and another `show` elsewhere: each is known within its own braces
 * (C++17, 6.3.3). A program has one function of a name, so that the inner ones get names of their own; the text stays as it is.
 */
final class LocalFunctions
{
    /**
     * @param list<Token>              $tokens   without spaces and remarks
     * @param array<int, int>          $partners as Partners::of gives them
     * @param \Closure(string): string $nameFor  a name that the text does not have
     *
     * @return list<Token>
     */
    public static function renamed(array $tokens, array $partners, \Closure $nameFor): array
    {
        $open = $found = [];
        foreach ($tokens as $at => $token) {
            if (TokenKind::Sign === $token->kind && '{' === $token->text) {
                $open[] = $at;
            } elseif (TokenKind::Sign === $token->kind && '}' === $token->text) {
                array_pop($open);
            } elseif (TokenKind::Name === $token->kind && [] !== $open && \count($open) <= Bounds::NESTING && '=' === ($tokens[$at + 1]->text ?? '') && '[' === ($tokens[$at + 2]->text ?? '') && \in_array($tokens[$at - 1]->text ?? '', ['auto', '>'], true)) {
                $brace = $open[\count($open) - 1];
                if ('main' !== ($tokens[($partners[$brace - 1] ?? 0) - 1]->text ?? '')) {
                    $found[$brace][$token->text] = true;
                }
            }
        }
        if ([] === $found) {
            return $tokens;
        }
        $places = self::places($tokens, $found);
        // From within: what is renamed there is another name for the braces around it.
        krsort($found);
        foreach ($found as $brace => $names) {
            foreach (array_keys($names) as $name) {
                $within = self::between($places[$name], $brace, $partners[$brace] ?? $brace);
                if ([] === $within || \count($within) === \count($places[$name])) {
                    continue;
                }
                $own = $nameFor((string) $name);
                foreach ($within as $at) {
                    $tokens[$at] = $tokens[$at]->readAs($own, TokenKind::Name);
                }
            }
        }

        return array_values($tokens);
    }

    /**
     * @param array<int, Token>               $tokens
     * @param array<int, array<string, true>> $found  by brace, the names that are told apart
     *
     * @return array<string, list<int>> by name, where it stands, in order
     */
    private static function places(array $tokens, array $found): array
    {
        $places = [];
        foreach ($found as $names) {
            $places += array_fill_keys(array_keys($names), []);
        }
        foreach ($tokens as $at => $token) {
            if (isset($places[$token->text]) && TokenKind::Name === $token->kind && !\in_array($tokens[$at - 1]->text ?? '', ['.', '->', '::'], true)) {
                $places[$token->text][] = $at;
            }
        }

        return $places;
    }

    /**
     * @param list<int> $places in order
     *
     * @return list<int> those between two places
     */
    private static function between(array $places, int $from, int $until): array
    {
        [$low, $high] = [0, \count($places)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $places[$middle] <= $from ? $low = $middle + 1 : $high = $middle;
        }
        $within = [];
        for (; isset($places[$low]) && $places[$low] < $until; ++$low) {
            $within[] = $places[$low];
        }

        return $within;
    }
}
