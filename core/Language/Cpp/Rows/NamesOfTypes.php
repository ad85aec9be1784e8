<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * `typedef vector<int> Row;` and `using Row = vector<int>;`: the name is the type (C++17, 10.1.3), so that each of its places
 * is read as the type itself: `Row(4, 1)`, `Row::iterator`, `vector<Row>`.
 */
final class NamesOfTypes
{
    /** More parts than a type of any course has. */
    private const PARTS = 40;

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public function withoutNamesOfTypes(array $tokens): array
    {
        /** @var array<string, non-empty-list<Token>> $types */
        $types = [];
        $kept = [];
        $most = \count($tokens) + 10_000;
        for ($at = 0, $count = \count($tokens); $at < $count; ++$at) {
            $token = $tokens[$at];
            $type = TokenKind::Name === $token->kind ? $types[$token->text] ?? null : null;
            if (null !== $type && \count($kept) < $most && !\in_array($tokens[$at - 1]->text, ['.', '->', '::'], true)) {
                foreach ($type as $index => $part) {
                    $last = $index === \count($type) - 1;
                    // The first begins where the name does, and the last ends there.
                    $kept[] = new Token($part->kind, $part->text, $last ? $token->end() - \strlen($part->text) : $token->offset, $last ? null : 0);
                }
                continue;
            }
            $kept[] = $token;
            if ('typedef' === $token->text || 'using' === $token->text) {
                $named = self::namedType($tokens, $at);
                if (null !== $named) {
                    // A type of such types is one of what these are.
                    $types[$named[0]] = array_merge(...array_map(static fn (Token $part): array => TokenKind::Name === $part->kind ? $types[$part->text] ?? [$part] : [$part], $named[1]));
                    for ($until = $named[2]; $at < $until; ++$at) {
                        $kept[] = $tokens[$at + 1];
                    }
                }
            }
        }

        return $kept;
    }

    /**
     * @param list<Token> $tokens
     *
     * @return array{string, non-empty-list<Token>, int}|null the name, the type, and the last token of the row; null for another kind of row
     */
    private static function namedType(array $tokens, int $at): ?array
    {
        $isUsing = 'using' === $tokens[$at]->text;
        $parts = [];
        for ($end = $at + 1; isset($tokens[$end]) && ';' !== $tokens[$end]->text; ++$end) {
            if ($tokens[$end]->isCode()) {
                // Two types may end together.
                array_push($parts, ...'>>' === $tokens[$end]->text ? [$tokens[$end]->readAs('>'), $tokens[$end]->readAs('>')] : [$tokens[$end]]);
            }
            if ('{' === $tokens[$end]->text || \count($parts) > self::PARTS) {
                return null;
            }
        }
        $function = isset($tokens[$end]) ? self::functionType($parts, $isUsing) : null;
        if (null !== $function) {
            return [...$function, $end];
        }
        $isFunction = [] !== array_filter($parts, static fn (Token $part): bool => 'function' === $part->text);
        if ([] !== array_filter($parts, static fn (Token $part): bool => '*' === $part->text || '(' === $part->text && !$isFunction)) {
            return null;
        }
        $name = $isUsing ? array_shift($parts) : array_pop($parts);
        if ($isUsing && '=' !== array_shift($parts)?->text) {
            return null;
        }
        if (null === $name || TokenKind::Name !== $name->kind || [] === $parts || '>' !== $parts[\count($parts) - 1]->text || !isset($tokens[$end])) {
            return null;
        }

        return [$name->text, $parts, $end];
    }

    /**
     * `typedef int (*Step)(int, int)`, `using Step = int (*)(int, int)`: what points at a function is a function that is kept, here as in C++.
     *
     * @param list<Token> $parts of the row, without its first word
     *
     * @return array{string, non-empty-list<Token>}|null the name, and `function<int(int, int)>`; null for another kind of type
     */
    private static function functionType(array $parts, bool $isUsing): ?array
    {
        $texts = array_map(static fn (Token $part): string => $part->text, $parts);
        $star = array_search('*', $texts, true);
        $open = \is_int($star) && '(' === ($texts[$star - 1] ?? '') ? $star - 1 : null;
        $close = null === $open ? null : $open + ($isUsing ? 2 : 3);
        if (null === $open || ')' !== ($texts[$close] ?? '') || '(' !== ($texts[$close + 1] ?? '') || ')' !== $texts[\count($texts) - 1] || $isUsing && '=' !== $texts[1]) {
            return null;
        }
        $name = $parts[$isUsing ? 0 : $open + 2];
        $gives = \array_slice($parts, $isUsing ? 2 : 0, $open - ($isUsing ? 2 : 0));
        $made = static fn (TokenKind $kind, string $text): Token => new Token($kind, $text, $parts[0]->offset, 0);

        return TokenKind::Name !== $name->kind || [] === $gives ? null : [$name->text, [$made(TokenKind::Name, 'function'), $made(TokenKind::Sign, '<'), ...$gives, ...\array_slice($parts, $close + 1), $made(TokenKind::Sign, '>')]];
    }
}
