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
            'text' => '(?:u8|[uUL])?R"(?<delimiter>[^()\\\\\\s"]{0,16})\((?s:.*?)(?:\)(?P=delimiter)"|\z)|(?:u8|[uUL])?(?:'.self::quoted('"').'|'.self::quoted("'").')',
            'number' => "0[xX][0-9a-fA-F']+[uUlL]*|0[bB][01']+[uUlL]*|(?:[0-9](?:[0-9]|'(?=[0-9]))*+(?:\\.[0-9]*)?|\\.[0-9]+)(?:[eE][+-]?[0-9]+)?[uUlLfF]*",
            'name' => self::NAME,
            'sign' => '<=>|<<=?|>>=?|->\*?|::|\+\+|--|&&|\|\||\.\.\.|\.\*|[-+*/%&|^<>=!]=?|[()\[\]{},:;.~?]',
        ];
    }

    /** Keywords and alternative spellings of operators (5.11, tables 5 and 6), with two names that are as good as keywords. */
    public static function keywords(): array
    {
        return explode(' ', 'alignas alignof and and_eq asm auto bitand bitor bool break case catch char char16_t char32_t class compl const const_cast constexpr continue decltype default delete do double dynamic_cast else enum explicit export extern '
            .'false float for friend goto if inline int long mutable namespace new noexcept not not_eq nullptr operator or or_eq private protected public register reinterpret_cast return short signed sizeof static static_assert static_cast '
            .'struct switch template this thread_local throw true try typedef typeid typename union unsigned using virtual void volatile wchar_t while xor xor_eq nullopt string');
    }
}
