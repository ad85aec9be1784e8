<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** The pieces of a line with a class each: k keyword, f call, s text, n number, c comment, v name. */
final readonly class Highlighter
{
    /** Objects of the libraries stay as plain as the signs around them. */
    private const OBJECTS = ['nib', 'Math', 'console', 'random', 'cout', 'endl'];

    /** What texts say and rows do not: of which type a value is, and that a name is made here. */
    private const UNSAID = ['int', 'double', 'float', 'bool', 'char', 'long', 'unsigned', 'auto', 'void', 'const', 'string', 'vector', 'map', 'size_t', 'let', 'var', 'await', 'async'];

    public function __construct(private Language $language)
    {
    }

    /** @return list<array{string, string}> class, or nothing for plain text, and the text; ` x` behind a class where the rows do not say it */
    public function tokens(string $line): array
    {
        $pieces = [];
        $tokens = $this->language->tokens($line);
        foreach ($tokens as $index => $token) {
            if (TokenKind::Directive === $token->kind) {
                $length = strcspn($token->text, ' "<', (int) strpos($token->text, '#')) + (int) strpos($token->text, '#');
                self::add($pieces, 'k', substr($token->text, 0, $length));
                self::add($pieces, 's', substr($token->text, $length));
                continue;
            }
            self::add($pieces, $this->style($token, $tokens[$index + 1] ?? null), $token->text);
        }

        return $pieces;
    }

    private function style(Token $token, ?Token $next): string
    {
        $isUnsaid = !$this->language->notation()->indents && \in_array($token->kind, [TokenKind::Keyword, TokenKind::Name], true) && \in_array($token->text, self::UNSAID, true);

        return self::kind($token, $next).($isUnsaid ? ' x' : '');
    }

    private static function kind(Token $token, ?Token $next): string
    {
        return match ($token->kind) {
            TokenKind::Keyword => 'k',
            TokenKind::Number => 'n',
            TokenKind::Text => 's',
            TokenKind::Comment => 'c',
            TokenKind::Name => match (true) {
                \in_array($token->text, self::OBJECTS, true) => '',
                '(' === $next?->text => 'f',
                default => 'v',
            },
            default => '',
        };
    }

    /** @param list<array{string, string}> $pieces */
    private static function add(array &$pieces, string $class, string $text): void
    {
        $last = array_key_last($pieces);
        if (null !== $last && '' === $class && '' === $pieces[$last][0]) {
            $pieces[$last][1] .= $text;
        } elseif ('' !== $text) {
            $pieces[] = [$class, $text];
        }
    }
}
