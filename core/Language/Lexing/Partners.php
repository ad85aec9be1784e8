<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Lexing;

/** Which bracket closes which, whatever their kinds: found for a whole text in one go. */
final class Partners
{
    /**
     * @param list<Token> $tokens
     *
     * @return array<int, int> the place of each bracket's partner, by its own; without those that have none
     */
    public static function of(array $tokens): array
    {
        $partners = $open = [];
        foreach ($tokens as $index => $token) {
            if (TokenKind::Sign !== $token->kind) {
                continue;
            }
            $text = $token->text;
            if ('(' === $text || '[' === $text || '{' === $text) {
                $open[] = $index;
            } elseif (')' === $text || ']' === $text || '}' === $text) {
                $opening = array_pop($open);
                if (null !== $opening) {
                    $partners[$opening] = $index;
                    $partners[$index] = $opening;
                }
            }
        }

        return $partners;
    }
}
