<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Line;
use Scrivlet\Core\Language\Notation;

/**
 * Words around a declaration that no program keeps, and on which the text around it may count. In C++ a method that is `const` is asked
 * of what is, one that says `override` has a `virtual` one above it, and an array is as long as a constant says (C++17, 10.1 and 11).
 */
final class TypedHeads
{
    private const BEFORE = '/^(?:(?:virtual|static|explicit|inline|constexpr|const)\s+)*/';
    private const BEHIND = '/\)\s*((?:(?:const|noexcept|override|final)\b\s*)*)(?=(?::[^:]|\{|$))/';

    /**
     * Printed lines with the words that their row was typed with.
     *
     * @param non-empty-list<Line> $lines
     *
     * @return non-empty-list<Line>
     */
    public static function of(array $lines, string $typed, Notation $notation): array
    {
        $last = \count($lines) - 1;
        $line = ltrim($lines[$last]->text);
        $indent = substr($lines[$last]->text, 0, -\strlen($line));
        if ($notation->indents) {
            // What a decorator of a class is told is kept in no program.
            $decorators = 1 === preg_match('/^((?:@[^\r\n]*\R\s*)+)class\b/', $typed, $match) ? preg_split('/\R\s*/', trim($match[1])) ?: [] : [];

            return [] === $decorators ? $lines : [...array_map(static fn (string $decorator): Line => new Line($lines[0]->anchor, $indent.$decorator), $decorators), $lines[$last]];
        }
        $lines[$last] = new Line($lines[$last]->anchor, $indent.($notation->typed ? self::inCpp($line, $typed) : self::inScript($line, $typed)));

        return $lines;
    }

    /**
     * What all objects of a class of C++ share is said in it, and has its value outside of it (C++17, 12.2.3.2): it stays where the text has it.
     *
     * @param list<Line> $lines
     *
     * @return list<Line>
     */
    public static function withoutShared(array $lines, string $text): array
    {
        return array_values(array_filter($lines, static fn (Line $line): bool => 1 !== preg_match('/^\s*static inline .*?(\w+) = /', $line->text, $match) || 1 !== preg_match("/\\bstatic\\s[^=({;]*\\b$match[1];/", $text)));
    }

    /** Whether a row of a text of C++ says that a class has something for all its objects, and no value. */
    public static function isShared(string $text, int $at): bool
    {
        return 1 === preg_match('/\Gstatic\s[^=({;]*;/', $text, $match, 0, $at);
    }

    /** A printed line of JavaScript: `var` goes on meaning something behind the block in which it stands (ECMA-262, 14.3.2). */
    private static function inScript(string $line, string $typed): string
    {
        $isOld = 1 === preg_match('/^(?:\w+\s*:\s*)*(?:for\s*\(\s*)?var\b/', $typed);

        return $isOld ? (string) preg_replace('/^((?:for \()?)(?:let|const)\b/', '$1var', $line) : $line;
    }

    private static function inCpp(string $line, string $typed): string
    {
        if (1 === preg_match('/^(?:public|private|protected)\s*:\s*/', $typed, $label)) {
            // Who may ask for it, and for all that stands below (C++17, 14.1).
            return $label[0].self::inCpp($line, substr($typed, \strlen($label[0])));
        }
        if (1 === preg_match('/^class\b/', $typed) && str_starts_with($line, 'struct ')) {
            // What it keeps to itself is said where its rows stand.
            return (string) preg_replace('/ : (?=\w)/', ' : public ', 'class'.substr($line, 6), 1);
        }
        if (1 === preg_match('/^((?:const\s+)?[\w:<>, ]+\s+)(\w+::\w+)\s*[={;(]/', $typed, $match) && str_starts_with($line, "$match[2] =")) {
            // What all objects of a class share is defined outside of it (C++17, 12.2.3.2).
            return $match[1].$line;
        }
        if (!str_ends_with($line, '{') || !str_contains($line, '(')) {
            $isConstant = 1 === preg_match('/^((?:static\s+)?(?:const|constexpr)\s+)\w/', $typed, $match) && 1 === preg_match('/^(?!(?:const|constexpr|static)\b)[A-Za-z_][\w:<>, ]*[\w>]\s+[&*]?\s*\w+\s*(?:=|\{|;)/', $line);

            return $isConstant ? $match[1].$line : $line;
        }
        if (str_starts_with($line, 'static ')) {
            // What makes objects in several ways is printed in another form.
            return $line;
        }
        preg_match(self::BEFORE, $typed, $before);
        preg_match(self::BEHIND, $typed, $behind);
        $words = trim($behind[1] ?? '');
        $isConst = str_starts_with($before[0] ?? '', 'const');
        $line = ($isConst ? '' : $before[0] ?? '').preg_replace('/^(?:(?:virtual|static|explicit|inline)\s+)*/', '', $line);

        return '' === $words ? $line : (string) preg_replace('/\)(?=\s*(?::[^:][^{]*)?\{$)/', ") $words", $line, 1);
    }
}
