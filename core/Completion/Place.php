<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** What stands around the caret, found from the text before it alone, so that it is found in broken texts, too. */
final readonly class Place
{
    /** Bytes before the caret; what stands further above is not looked at while somebody types. */
    private const LONGEST = 100_000;

    /** Words of C++ behind which a name is made up. */
    public const TYPES = ['int', 'double', 'float', 'bool', 'char', 'string', 'void', 'auto', 'long', 'short', 'unsigned', 'size_t'];

    /**
     * @param string      $begun    what was typed of the piece
     * @param list<Token> $tokens   what stands before the piece, without spaces and comments; line ends where they mean something
     * @param string      $receiver what stands before the point: `nib`, `name`; a text behind a quote of its own
     * @param string|null $callee   the call whose brackets the caret stands in: `nib.forward`
     * @param int         $argument which of its arguments, from 0
     */
    private function __construct(public PlaceKind $kind, public string $begun, public array $tokens, public string $receiver, public ?string $callee, public int $argument)
    {
    }

    /** The part of a long text that is looked at: the last of it, from the beginning of a line. */
    public static function near(string $before): string
    {
        if (\strlen($before) <= self::LONGEST) {
            return $before;
        }
        $end = substr($before, -self::LONGEST);

        return substr($end, strcspn($end, "\r\n"));
    }

    /** @param string $before the text before the caret */
    public static function after(string $before, Language $language): self
    {
        $all = $language->tokens($before);
        $last = array_pop($all);
        $begun = '';
        $kind = null;
        if (null !== $last) {
            if (TokenKind::Name === $last->kind || TokenKind::Keyword === $last->kind) {
                $begun = $last->text;
            } elseif (TokenKind::Text === $last->kind && self::isOpen($last->text)) {
                [$kind, $begun] = self::inText($last->text);
            } elseif (TokenKind::Comment === $last->kind || TokenKind::Number === $last->kind) {
                $kind = PlaceKind::Nowhere;
            } else {
                $all[] = $last;
            }
        }
        $tokens = self::meaningful($all, $language);
        [$callee, $argument] = self::call($tokens);
        $before = $tokens[array_key_last($tokens) ?? -1] ?? null;
        $receiver = '';
        if (null === $kind && null !== $before && \in_array($before->text, ['.', '::', '->'], true)) {
            $kind = PlaceKind::Member;
            $receiver = self::receiver($tokens);
        }

        return new self($kind ?? self::kind($tokens, $language, $callee), $begun, $tokens, $receiver, $callee, $argument);
    }

    /** The text of the piece that many before the caret's. */
    public function before(int $back = 1): string
    {
        return ($this->tokens[\count($this->tokens) - $back] ?? null)->text ?? '';
    }

    /**
     * Where values stand in a text, they are written as elsewhere: `f"{na`, `${na`.
     *
     * @return array{PlaceKind, string} and what was typed of the piece
     */
    private static function inText(string $text): array
    {
        $mark = match (true) {
            str_starts_with($text, '`') => '${',
            1 === preg_match('/^[rR]?[fF]/', $text) => '{',
            default => null,
        };
        $opens = null === $mark ? false : strrpos($text, $mark);
        if (false !== $opens && !str_contains(substr($text, $opens), '}') && '{' !== $text[$opens - 1]) {
            return [PlaceKind::Expression, 1 === preg_match('/[\p{L}_][\p{L}\p{N}_]*+$/uD', substr($text, $opens), $match) ? $match[0] : ''];
        }

        return [PlaceKind::InText, (string) preg_replace('/^\w*["\'`]+/', '', $text)];
    }

    private static function isOpen(string $text): bool
    {
        if (1 !== preg_match('/^\w*("""|\'\'\'|["\'`])/', $text, $match)) {
            return false;
        }
        $inner = substr($text, \strlen($match[0]));

        return !str_ends_with($inner, $match[1]) || 1 === preg_match('/(?<!\\\\)(?:\\\\\\\\)*\\\\["\'`]$/', $inner);
    }

    /**
     * @param list<Token> $all
     *
     * @return list<Token>
     */
    private static function meaningful(array $all, Language $language): array
    {
        $tokens = [];
        $depth = 0;
        foreach ($all as $token) {
            if (TokenKind::Space === $token->kind || TokenKind::Comment === $token->kind) {
                continue;
            }
            if (TokenKind::NewLine === $token->kind) {
                if ($language->notation()->indents && 0 === $depth && [] !== $tokens) {
                    $tokens[] = $token;
                }
                continue;
            }
            $depth = max(0, $depth + match ($token->text) {
                '(', '[', '{' => 1,
                ')', ']', '}' => -1,
                default => 0,
            });
            $tokens[] = $token;
        }

        return $tokens;
    }

    /**
     * @param list<Token> $tokens
     *
     * @return array{string|null, int}
     */
    private static function call(array $tokens): array
    {
        /** @var list<array{string|null, int}> $open */
        $open = [];
        foreach ($tokens as $index => $token) {
            if (TokenKind::NewLine === $token->kind || ';' === $token->text) {
                $open = 'for' === ($open[0][0] ?? null) && ';' === $token->text ? $open : [];
            } elseif (\in_array($token->text, ['(', '[', '{'], true)) {
                $open[] = ['(' === $token->text ? self::calleeBefore($tokens, $index) : null, 0];
            } elseif (\in_array($token->text, [')', ']', '}'], true)) {
                array_pop($open);
            } elseif (',' === $token->text && [] !== $open) {
                [$callee, $argument] = array_pop($open);
                $open[] = [$callee, $argument + 1];
            }
        }

        return [] === $open ? [null, 0] : end($open);
    }

    /** @param list<Token> $tokens */
    private static function calleeBefore(array $tokens, int $index): ?string
    {
        $name = $tokens[$index - 1] ?? null;
        if (null === $name || TokenKind::Name !== $name->kind && TokenKind::Keyword !== $name->kind) {
            return null;
        }
        $thing = \in_array(($tokens[$index - 2] ?? null)->text ?? '', ['.', '::'], true) ? $tokens[$index - 3] ?? null : null;

        return null === $thing ? $name->text : "$thing->text.$name->text";
    }

    /** @param list<Token> $tokens the last of which is the point */
    private static function receiver(array $tokens): string
    {
        $last = $tokens[\count($tokens) - 2] ?? null;

        return match (true) {
            null === $last => '',
            TokenKind::Text === $last->kind => '"'.$last->text,
            ')' === $last->text => self::calledBefore($tokens).'()',
            ']' === $last->text => self::isLiteral($tokens) ? '[literal]' : '[]',
            default => $last->text,
        };
    }

    /** @param list<Token> $tokens */
    private static function opening(array $tokens): int
    {
        for ($index = \count($tokens) - 2, $depth = 0; $index >= 0; --$index) {
            $depth += \in_array($tokens[$index]->text, [')', ']', '}'], true) ? 1 : (\in_array($tokens[$index]->text, ['(', '[', '{'], true) ? -1 : 0);
            if (0 === $depth) {
                return $index;
            }
        }

        return 0;
    }

    /** @param list<Token> $tokens */
    private static function calledBefore(array $tokens): string
    {
        $before = $tokens[self::opening($tokens) - 1] ?? null;

        return null === $before || TokenKind::Name !== $before->kind && TokenKind::Keyword !== $before->kind ? '' : $before->text;
    }

    /**
     * Whether the brackets before the point are those of a list, not of an item.
     *
     * @param list<Token> $tokens
     */
    private static function isLiteral(array $tokens): bool
    {
        $before = $tokens[self::opening($tokens) - 1] ?? null;

        return null === $before || TokenKind::Name !== $before->kind && !\in_array($before->text, [')', ']'], true);
    }

    /** @param list<Token> $tokens */
    private static function kind(array $tokens, Language $language, ?string $callee): PlaceKind
    {
        $last = $tokens[array_key_last($tokens) ?? -1] ?? null;
        if (null === $last || TokenKind::NewLine === $last->kind || TokenKind::Directive === $last->kind) {
            return PlaceKind::Statement;
        }
        $text = $last->text;
        if (\in_array($text, ['def', 'function', 'class', 'let', 'const', 'var', 'as', 'global', 'nonlocal'], true)) {
            return \in_array($text, ['global', 'nonlocal'], true) ? PlaceKind::Expression : PlaceKind::NewName;
        }
        if ('from' === $text || 'import' === $text) {
            return PlaceKind::Import;
        }
        $notation = $language->notation();
        if ($notation->indents) {
            if ('for' === $text || null !== $callee && self::declares($tokens, $callee, 'def')) {
                return PlaceKind::NewName;
            }

            return ':' === $text && null === $callee && self::opensBlock($tokens) ? PlaceKind::Statement : PlaceKind::Expression;
        }
        if ($notation->camel && \in_array($text, ['{', ','], true) && self::isImport($tokens)) {
            return PlaceKind::Import;
        }
        if ('function' === $notation->defines && null !== $callee && self::declares($tokens, $callee, 'function')) {
            return PlaceKind::NewName;
        }
        if ($notation->typed && \in_array($text, ['&', '*', '[', ','], true) && self::isNamed($tokens)) {
            return PlaceKind::NewName;
        }
        if ($notation->typed && (TokenKind::Keyword === $last->kind && \in_array($text, self::TYPES, true) || '>' === $text && self::closesType($tokens))) {
            return PlaceKind::NewName;
        }
        if (null === $callee && \in_array($text, [';', '{', '}', 'else', 'do'], true)) {
            return PlaceKind::Statement;
        }

        return ')' === $text || 'for' === $callee && '(' === $text ? PlaceKind::Statement : PlaceKind::Expression;
    }

    /**
     * Whether a name is made up behind a type with `&` or `*`, or between the brackets of `auto [a, b]`.
     *
     * @param list<Token> $tokens
     */
    private static function isNamed(array $tokens): bool
    {
        $at = \count($tokens) - 1;
        if ('[' === $tokens[$at]->text || ',' === $tokens[$at]->text) {
            while ($at > 0 && (',' === $tokens[$at]->text || TokenKind::Name === $tokens[$at]->kind)) {
                --$at;
            }
            $type = $tokens[$at - ('&' === (($tokens[$at - 1] ?? null)->text ?? '') ? 2 : 1)] ?? null;

            return '[' === $tokens[$at]->text && 'auto' === $type?->text;
        }
        $type = $tokens[$at - 1] ?? null;

        return null !== $type && (TokenKind::Keyword === $type->kind && \in_array($type->text, self::TYPES, true) || '>' === $type->text && self::closesType(\array_slice($tokens, 0, $at)));
    }

    /**
     * Whether the names of an import are being written.
     *
     * @param list<Token> $tokens
     */
    private static function isImport(array $tokens): bool
    {
        $index = \count($tokens) - 1;
        while ($index >= 0 && (TokenKind::Name === $tokens[$index]->kind || \in_array($tokens[$index]->text, ['{', ','], true))) {
            --$index;
        }

        return 'import' === ($tokens[$index] ?? null)?->text;
    }

    /**
     * Whether the brackets that the caret stands in are those of a function's own definition.
     *
     * @param list<Token> $tokens
     */
    private static function declares(array $tokens, string $callee, string $word): bool
    {
        for ($index = \count($tokens) - 1; $index > 1; --$index) {
            if ('(' === $tokens[$index]->text && $tokens[$index - 1]->text === $callee) {
                return $word === $tokens[$index - 2]->text;
            }
        }

        return false;
    }

    /** @param list<Token> $tokens */
    private static function closesType(array $tokens): bool
    {
        for ($index = \count($tokens) - 1, $depth = 0; $index >= 0; --$index) {
            $depth += '>' === $tokens[$index]->text ? 1 : ('<' === $tokens[$index]->text ? -1 : 0);
            if (0 === $depth) {
                return \in_array(($tokens[$index - 1] ?? null)->text ?? '', ['vector', 'map', 'array', 'optional', 'unordered_map'], true);
            }
        }

        return false;
    }

    /** @param list<Token> $tokens */
    private static function opensBlock(array $tokens): bool
    {
        for ($index = \count($tokens) - 1; $index >= 0 && TokenKind::NewLine !== $tokens[$index]->kind; --$index) {
            if (\in_array($tokens[$index]->text, ['if', 'elif', 'else', 'for', 'while', 'def', 'try', 'except', 'class'], true)) {
                return true;
            }
        }

        return false;
    }
}
