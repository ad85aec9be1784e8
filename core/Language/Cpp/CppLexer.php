<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Lexing\Lexer;

/** C++17 (ISO/IEC 14882:2017), clause 5. */
final class CppLexer extends Lexer
{
    protected static function kinds(): array
    {
        return [
            'newline' => self::NEWLINE,
            'directive' => '^[ \t]*\#(?:[^\r\n\\\\/]++|\\\\(?:\r\n|[\s\S])|/(?![/*])|\\\\\z)*+',
            'space' => self::SPACE,
            'comment' => '//(?:[^\r\n\\\\]++|\\\\(?:\r\n|[\s\S])|\\\\\z)*+|/\*(?:[^*]++|\*(?!/))*+(?:\*/|\z)',
            'text' => '(?:u8|[uUL])?(?:'.self::quoted('"').'|'.self::quoted("'").')',
            'number' => "0[xX][0-9a-fA-F']+[uUlL]*|0[bB][01']+[uUlL]*|(?:[0-9](?:[0-9]|'(?=[0-9]))*+(?:\\.[0-9]*)?|\\.[0-9]+)(?:[eE][+-]?[0-9]+)?[uUlLfF]*",
            'name' => self::NAME,
            'sign' => '<=>|<<=?|>>=?|->\*?|::|\+\+|--|&&|\|\||\.\.\.|\.\*|[-+*/%&|^<>=!]=?|[()\[\]{},:;.~?]',
        ];
    }

    protected static function keywords(): array
    {
        return explode(' ', 'and auto bool break case catch char class const constexpr continue default delete do double else enum explicit false float for friend if inline int long mutable namespace new not nullopt nullptr operator or private protected public return short signed sizeof static string struct switch template this throw true try typedef typename union unsigned using virtual void volatile while');
    }
}
