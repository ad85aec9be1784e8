<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/** The same text as other people would lay it out. */
final class Spacing
{
    /** @return array<string, \Closure(Language, string): string> */
    public static function ways(): array
    {
        return [
            'blanks at the ends of lines' => static fn (Language $language, string $text): string => self::atEnds($language, $text, static fn (int $line): string => [' ', "\t", '    '][$line % 3]),
            'a blank at the end of line 2' => static fn (Language $language, string $text): string => self::atEnds($language, $text, static fn (int $line): string => 1 === $line ? ' ' : ''),
            'empty lines' => static fn (Language $language, string $text): string => self::behindEnds($language, $text, "\n"),
            'empty lines with blanks' => static fn (Language $language, string $text): string => self::behindEnds($language, $text, "    \n"),
            'empty lines with tabs' => static fn (Language $language, string $text): string => self::behindEnds($language, $text, "\t\n"),
            'lines with a form feed' => static fn (Language $language, string $text): string => self::behindEnds($language, $text, "\f\n"),
            'CRLF' => static fn (Language $language, string $text): string => self::ends($language, $text, "\r\n"),
            'CRLF and blanks' => static fn (Language $language, string $text): string => self::ends($language, self::atEnds($language, $text, static fn (): string => '  '), "\r\n"),
            'CR' => static fn (Language $language, string $text): string => self::ends($language, $text, "\r"),
            'tabs' => self::tabs(...),
            'two blanks for four' => static fn (Language $language, string $text): string => self::indented($language, $text, '  '),
            'remarks at the ends of lines' => static fn (Language $language, string $text): string => self::atEnds($language, $text, static fn (): string => Language::Python === $language ? '  # a bed of beans' : ' // a bed of beans'),
            'remarks on lines of their own' => static fn (Language $language, string $text): string => self::behindEnds($language, $text, (Language::Python === $language ? '#' : '//')." a bed of beans\n"),
            'two blanks between words' => static fn (Language $language, string $text): string => self::between($language, $text, true),
            'no blanks beside signs' => static fn (Language $language, string $text): string => self::between($language, $text, false),
            'no end of the last line' => static fn (Language $language, string $text): string => rtrim($text),
            'blanks before the end' => static fn (Language $language, string $text): string => rtrim($text)."\n   \n\t\n  ",
            'braces on lines of their own' => self::braces(...),
            'no semicolons' => self::withoutSemicolons(...),
        ];
    }

    /** @param \Closure(int): string $add by the number of the line, from 0 */
    private static function atEnds(Language $language, string $text, \Closure $add): string
    {
        $out = '';
        $line = 0;
        $before = null;
        foreach ($language->tokens($text) as $token) {
            if (TokenKind::NewLine === $token->kind) {
                $isOpen = null !== $before && (TokenKind::Comment === $before->kind && str_starts_with($before->text, '//') || str_ends_with($before->text, '\\'));
                $out .= $isOpen ? '' : $add($line);
                ++$line;
            }
            $out .= $token->text;
            $before = $token;
        }

        return $out;
    }

    private static function behindEnds(Language $language, string $text, string $add): string
    {
        $out = '';
        foreach ($language->tokens($text) as $token) {
            $out .= $token->text.(TokenKind::NewLine === $token->kind ? $add : '');
        }

        return $out;
    }

    /** Also those inside of a literal or a remark of several lines stay as they are. */
    private static function ends(Language $language, string $text, string $end): string
    {
        return implode('', array_map(static fn (Token $token): string => TokenKind::NewLine === $token->kind ? $end : $token->text, $language->tokens($text)));
    }

    private static function tabs(Language $language, string $text): string
    {
        return self::indented($language, $text, "\t");
    }

    private static function indented(Language $language, string $text, string $unit): string
    {
        $out = '';
        $isStart = true;
        foreach ($language->tokens($text) as $token) {
            if ($isStart && TokenKind::Space === $token->kind) {
                if (0 !== \strlen($token->text) % 4) {
                    // Not laid out in steps of four.
                    return $text;
                }
                $out .= str_repeat($unit, intdiv(\strlen($token->text), 4));
            } else {
                $out .= $token->text;
            }
            $isStart = TokenKind::NewLine === $token->kind;
        }

        return $out;
    }

    private static function between(Language $language, string $text, bool $wide): string
    {
        $out = '';
        $tokens = $language->tokens($text);
        foreach ($tokens as $index => $token) {
            [$before, $after] = [$tokens[$index - 1] ?? null, $tokens[$index + 1] ?? null];
            if (TokenKind::Space !== $token->kind || null === $before || null === $after || TokenKind::NewLine === $before->kind || TokenKind::NewLine === $after->kind || str_contains($token->text, '\\')) {
                $out .= $token->text;
                continue;
            }
            $signs = (int) (TokenKind::Sign === $before->kind) + (int) (TokenKind::Sign === $after->kind);
            $isNumber = TokenKind::Number === $before->kind || TokenKind::Number === $after->kind;
            $isTight = 1 === $signs && TokenKind::Comment !== $after->kind && TokenKind::Comment !== $before->kind && TokenKind::Directive !== $before->kind
                && !($isNumber && ('.' === $before->text || '.' === $after->text));
            $out .= $wide ? '  ' : ($isTight ? '' : $token->text);
        }

        return $out;
    }

    private static function braces(Language $language, string $text): string
    {
        if (Language::Python === $language) {
            return $text;
        }

        return (string) preg_replace('/^([ ]*)(?!.*(?:return|=|\(|\[|,) \{$)(.*\S) \{$/m', "$1$2\n$1{", (string) preg_replace('/^([ ]*)\} (else\b)/m', "$1}\n$1$2", $text));
    }

    private static function withoutSemicolons(Language $language, string $text): string
    {
        if (Language::JavaScript !== $language) {
            return $text;
        }

        return (string) preg_replace('/;$(?!\s*[(\[`+\-\/.])/m', '', $text);
    }
}
