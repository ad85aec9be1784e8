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
    /** A vertical tab is `\x0b`: PCRE's `\v` is every end of a line. */
    protected const SPACE = '(?:[ \t\f\x0b]|\\\\(?:\r\n|\n|\r))+';

    /** @var array<class-string, string> */
    private static array $patterns = [];

    /** @var array<class-string, array<string, TokenKind>> */
    private static array $keywords = [];
    /** @var array<string, TokenKind>|null */
    private static ?array $byMark = null;

    /** @return array<string, string> a pattern for each kind by its name, tried in this order; names are told from keywords later */
    abstract protected static function kinds(): array;

    /** @return list<string> */
    abstract public static function keywords(): array;

    /**
     * @param bool $spaced with what stands between others and means nothing
     *
     * @return list<Token>
     */
    final public static function tokens(string $text, bool $spaced = true): array
    {
        $tokens = [];
        $keywords = self::$keywords[static::class] ??= array_fill_keys(static::keywords(), TokenKind::Keyword);
        $kinds = self::$byMark ??= array_column(TokenKind::cases(), null, 'value');
        $offset = 0;
        preg_match_all(self::$patterns[static::class] ??= self::pattern(), $text, $matches);
        /** @var array{list<string>, MARK?: list<string>} $matches */
        $marks = $matches['MARK'] ?? [];
        foreach ($matches[0] as $index => $word) {
            $mark = $marks[$index];
            if (!$spaced && 'space' === $mark) {
                $offset += \strlen($word);
                continue;
            }
            $tokens[] = new Token('name' === $mark ? $keywords[$word] ?? TokenKind::Name : $kinds[$mark], $word, $offset);
            $offset += \strlen($word);
        }
        if ($offset < \strlen($text)) {
            // Only brackets nested by the thousand can exhaust the matcher.
            $tokens[] = new Token(TokenKind::Unread, substr($text, $offset), $offset);
        }

        return $tokens;
    }

    private static function pattern(): string
    {
        // Plain names, spaces, brackets, numbers and texts are most of a text, so that they are tried first, where nothing else can begin.
        $kinds = [
            '[A-Za-z_][A-Za-z0-9_\x80-\xff]*+(?!["\'$])(*MARK:name)',
            '[ ]++(?![\t\f\x0b\\\\#])(*MARK:space)',
            '[()\[\]{},;](*MARK:sign)',
            '\n(*MARK:newline)',
            '[0-9]++(?![A-Za-z0-9_.\'\x80-\xff])(*MARK:number)',
            '"[^"\\\\\r\n]++"(*MARK:text)',
            '(?:'.self::STRANGE.')(*MARK:unread)',
        ];
        foreach ([...static::kinds(), 'unread' => '[\xc2-\xf4][\x80-\xbf]+|[\s\S]'] as $kind => $pattern) {
            $kinds[] = "(?:$pattern)(*MARK:$kind)";
        }

        // The delimiter is a byte that stands in no pattern. A line begins behind CR, LF or both.
        return "\x01(*ANYCRLF)\\G(?:".implode('|', $kinds).")\x01m";
    }

    /** A literal within one line; without its closing quote it ends where the line does. */
    final protected static function quoted(string $quote): string
    {
        return "$quote(?:[^$quote\\\\\\r\\n]++|\\\\(?:\\r\\n|[\\s\\S]))*+(?:$quote|(?=[\\r\\n])|\\z|\\\\)";
    }
}
