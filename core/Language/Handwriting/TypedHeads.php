<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

/**
 * Words around a declaration that no program keeps, and on which the text around it may count. In C++ a method that is `const` is asked
 * of what is, one that says `override` has a `virtual` one above it, and an array is as long as a constant says (C++17, 10.1 and 11).
 */
final class TypedHeads
{
    private const BEFORE = '/^(?:(?:virtual|static|explicit|inline|constexpr|const)\s+)*/';
    private const BEHIND = '/\)\s*((?:(?:const|noexcept|override|final)\b\s*)*)(?=(?::[^:]|\{|$))/';

    /** A printed line of JavaScript: `var` goes on meaning something behind the block in which it stands (ECMA-262, 14.3.2). */
    public static function inScript(string $line, string $typed): string
    {
        $isOld = 1 === preg_match('/^(?:\w+\s*:\s*)*(?:for\s*\(\s*)?var\b/', $typed);

        return $isOld ? (string) preg_replace('/^((?:for \()?)(?:let|const)\b/', '$1var', $line) : $line;
    }

    /** A printed line of C++ with the words that its row was typed with. */
    public static function in(string $line, string $typed, bool $isFunction): string
    {
        if (1 === preg_match('/^class\b/', $typed) && str_starts_with($line, 'struct ')) {
            // What it keeps to itself is said where its rows stand.
            return (string) preg_replace('/ : (?=\w)/', ' : public ', 'class'.substr($line, 6), 1);
        }
        if (1 === preg_match('/^((?:const\s+)?[\w:<>, ]+\s+)(\w+::\w+)\s*[={;(]/', $typed, $match) && str_starts_with($line, "$match[2] =")) {
            // What all objects of a class share is defined outside of it (C++17, 12.2.3.2).
            return $match[1].$line;
        }
        if (!$isFunction) {
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
