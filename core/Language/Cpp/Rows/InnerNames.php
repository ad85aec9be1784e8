<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** Classes and enumerations that stand in classes: `List::Node` is a name of one (C++17, 12.2.5 and 6.4.3.1). */
final class InnerNames
{
    /**
     * @param list<Token> $tokens of the whole text, spaces and remarks too
     *
     * @return list<Token> with each such name as one of its own
     */
    public function withoutOuterNames(array $tokens): array
    {
        $code = array_values(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $around = self::innerNames($code);
        $spaces = [];
        foreach ($code as $at => $token) {
            if ('namespace' === $token->text && TokenKind::Name === ($code[$at + 1]->kind ?? null) && '{' === ($code[$at + 2]->text ?? '')) {
                $spaces[$code[$at + 1]->text] = true;
            }
        }
        if ([] === $around && [] === $spaces) {
            return $tokens;
        }
        $kept = $places = [];
        foreach ($tokens as $token) {
            $last = \count($places) - 1;
            $outer = \in_array($token->kind, [TokenKind::Name, TokenKind::Keyword], true) && $last > 0 && '::' === $kept[$places[$last]]->text ? $kept[$places[$last - 1]]->text : '';
            if ('' !== $outer && ($outer === ($around[$token->text] ?? '') || isset($spaces[$outer]) && 'using' !== ($kept[$places[$last - 2] ?? -1]->text ?? ''))) {
                $at = $places[$last - 1];
                $token = new Token(TokenKind::Name, $token->text, $kept[$at]->offset, $token->end() - $kept[$at]->offset);
                array_splice($kept, $at);
                array_splice($places, -2);
            }
            if ($token->isCode()) {
                $places[] = \count($kept);
            }
            $kept[] = $token;
        }

        return $kept;
    }

    /**
     * @param list<Token> $code
     *
     * @return array<string, string> by name, the class that it stands in
     */
    private static function innerNames(array $code): array
    {
        $around = [];
        /** @var list<string> $open the class that each open brace is of, or nothing */
        $open = [];
        $class = '';
        foreach ($code as $at => $token) {
            if (TokenKind::Sign === $token->kind && '{' === $token->text) {
                $open[] = $class;
                $class = '';
            } elseif (TokenKind::Sign === $token->kind && '}' === $token->text) {
                array_pop($open);
            } elseif (TokenKind::Sign === $token->kind && (';' === $token->text || '(' === $token->text)) {
                $class = '';
            } elseif (\in_array($token->text, ['class', 'struct', 'enum'], true) && TokenKind::Keyword === $token->kind && TokenKind::Name === ($code[$at + 1]->kind ?? null) && \in_array($code[$at + 2]->text ?? '', ['{', ':', 'final'], true)) {
                $isEnum = 'enum' === $token->text || 'enum' === ($code[$at - 1]->text ?? '');
                $outer = $open[\count($open) - 1] ?? '';
                if ('' !== $outer) {
                    $around[$code[$at + 1]->text] = $outer;
                }
                $class = $isEnum ? '' : $code[$at + 1]->text;
            }
        }

        return $around;
    }
}
