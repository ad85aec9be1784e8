<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\Lexer;

/** ECMAScript 2022, clause 12. */
final class JavaScriptLexer extends Lexer
{
    protected static function kinds(): array
    {
        $double = self::quoted('"');
        $single = self::quoted("'");
        // A template holds code, which may hold templates.
        $template = "(?<template>`(?:[^`\\\\\$]++|\\\\[\\s\\S]|\\\$(?!\\{)|\\\$\\{(?<code>(?:[^`{}\"']++|(?&template)|\\{(?&code)\\}|$double|$single)*+)(?:\\}|\\z))*+(?:`|\\\\?\\z))";

        // What stands before, up to a dozen blanks away: a look back has to know how far (PCRE2, "Lookbehind assertions").
        $before = implode('|', array_map(static fn (int $blanks): string => "[(,=:\\[!&|?;{}>][ \\t]{{$blanks}}/|[(,=:\\[!&|?;{}>]\\n[ \\t]{{$blanks}}/|[(,=:\\[!&|?;{}>]\\r\\n[ \\t]{{$blanks}}/|\\breturn[ \\t]{{$blanks}}/", range(0, 12)));

        return [
            'newline' => self::NEWLINE.'|\xe2\x80[\xa8\xa9]',
            'space' => self::SPACE.'|\xc2\xa0|\xef\xbb\xbf',
            // What calls the machine on the first line (ECMA-262, 12.5).
            'comment' => '\A\#![^\r\n]*|//[^\r\n]*|/\*(?:[^*]++|\*(?!/))*+(?:\*/|\z)',
            'text' => "$template|$double|$single",
            // Where a value has to stand no sign for dividing can.
            'pattern' => "/(?<=$before)".'(?![*/])(?:[^/\\\\\[\r\n]|\\\\[^\r\n]|\[(?:[^\]\\\\\r\n]|\\\\[^\r\n])*+\])++/[a-z]*',
            'number' => '0[xX][0-9a-fA-F_]+n?|0[bB][01_]+n?|0[oO][0-7_]+n?|(?:[0-9][0-9_]*(?:\.[0-9_]*)?|\.[0-9][0-9_]*)(?:[eE][+-]?[0-9_]+)?n?',
            'name' => '(?:\$|'.self::NAME.')(?:\$|[A-Za-z0-9_\x80-\xff])*',
            'sign' => '>>>=?|\.\.\.|=>|[=!]==?|\*\*=?|&&=?|\|\|=?|\?\?=?|\?\.|\+\+|--|<<=?|>>=?|[-+*/%&|^<>=]=?|[()\[\]{},:;.~!?@\#]',
        ];
    }

    /** Reserved words, those of strict code among them (12.7.2), and `undefined`, which can't be given a value. */
    public static function keywords(): array
    {
        return explode(' ', 'await break case catch class const continue debugger default delete do else enum export extends false finally for function if implements import in instanceof interface let new null package private protected public '
            .'return static super switch this throw true try typeof undefined var void while with yield');
    }
}
