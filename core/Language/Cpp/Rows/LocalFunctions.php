<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

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
            } elseif (TokenKind::Name === $token->kind && [] !== $open && '=' === ($tokens[$at + 1]->text ?? '') && '[' === ($tokens[$at + 2]->text ?? '') && \in_array($tokens[$at - 1]->text ?? '', ['auto', '>'], true)) {
                $found[$open[\count($open) - 1]][$token->text] = true;
            }
        }
        // From within: what is renamed there is another name for the braces around it.
        krsort($found);
        foreach ($found as $brace => $names) {
            $isOfMain = 'main' === ($tokens[($partners[$brace - 1] ?? 0) - 1]->text ?? '');
            foreach ($isOfMain ? [] : array_keys($names) as $name) {
                $tokens = self::renamedWithin($tokens, (string) $name, $brace, $partners[$brace] ?? $brace, $nameFor);
            }
        }

        return array_values($tokens);
    }

    /**
     * @param array<int, Token>        $tokens
     * @param \Closure(string): string $nameFor
     *
     * @return array<int, Token>
     */
    private static function renamedWithin(array $tokens, string $name, int $from, int $until, \Closure $nameFor): array
    {
        $within = [];
        $isElsewhere = false;
        foreach ($tokens as $at => $token) {
            if ($name === $token->text && TokenKind::Name === $token->kind && !\in_array($tokens[$at - 1]->text ?? '', ['.', '->', '::'], true)) {
                $from < $at && $at < $until ? $within[] = $at : $isElsewhere = true;
            }
        }
        $own = $isElsewhere ? $nameFor($name) : $name;
        foreach ($isElsewhere ? $within : [] as $at) {
            $tokens[$at] = $tokens[$at]->readAs($own, TokenKind::Name);
        }

        return $tokens;
    }
}
