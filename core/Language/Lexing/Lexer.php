<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Lexing;

/**
 * Cuts text into tokens. Every byte is in exactly one of them, whatever the text: put together again they are the
 * text, right, wrong or rubbish. It works on bytes, so that text in a broken encoding is cut like any other.
 */
abstract class Lexer
{
    /** Letters, and every byte of a letter beyond ASCII. */
    protected const NAME = '[A-Za-z_\x80-\xff][A-Za-z0-9_\x80-\xff]*';
    /** What a word processor puts in place of quotes, spaces, dashes and dots: UTF-8, so that no name swallows them. */
    protected const STRANGE = '\xc2[\xa0\xab\xbb]|\xe2\x80[\x80-\x8f\x90-\xa7\xaf]|\xe2\x88\x92|\xc3[\x97\xb7]';
    protected const NEWLINE = '\r\n|\n|\r';
    protected const SPACE = '(?:[ \t\f\v]|\\\\(?:\r\n|\n|\r))+';

    /** @var array<class-string, string> */
    private static array $patterns = [];

    /** @return array<string, string> a pattern for each kind by its name, tried in this order; names are told from keywords later */
    abstract protected static function kinds(): array;

    /** @return list<string> */
    abstract protected static function keywords(): array;

    /** @return list<Token> */
    final public static function tokens(string $text): array
    {
        $tokens = [];
        $keywords = array_fill_keys(static::keywords(), true);
        $offset = 0;
        $pattern = self::$patterns[static::class] ??= self::pattern();
        while ($offset < \strlen($text)) {
            if (1 !== preg_match($pattern, $text, $match, 0, $offset)) {
                // Only brackets nested by the thousand can exhaust the matcher.
                $tokens[] = new Token(TokenKind::Unread, substr($text, $offset), $offset);
                break;
            }
            \assert(isset($match['MARK']));
            $kind = TokenKind::from($match['MARK']);
            if (TokenKind::Name === $kind && isset($keywords[$match[0]])) {
                $kind = TokenKind::Keyword;
            }
            $tokens[] = new Token($kind, $match[0], $offset);
            $offset += \strlen($match[0]);
        }

        return $tokens;
    }

    private static function pattern(): string
    {
        $kinds = ['(?:'.self::STRANGE.')(*MARK:unread)'];
        foreach ([...static::kinds(), 'unread' => '[\xc2-\xf4][\x80-\xbf]+|[\s\S]'] as $kind => $pattern) {
            $kinds[] = "(?:$pattern)(*MARK:$kind)";
        }

        // The delimiter is a byte that stands in no pattern.
        return "\x01\\G(?:".implode('|', $kinds).")\x01m";
    }

    /** A literal within one line; without its closing quote it ends where the line does. */
    final protected static function quoted(string $quote): string
    {
        return "$quote(?:[^$quote\\\\\\r\\n]++|\\\\(?:\\r\\n|[\\s\\S]))*+(?:$quote|(?=[\\r\\n])|\\z|\\\\)";
    }
}
