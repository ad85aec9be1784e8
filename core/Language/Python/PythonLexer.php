<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Lexing\Lexer;

/** The Python Language Reference, chapter 2. */
final class PythonLexer extends Lexer
{
    protected static function kinds(): array
    {
        $long = static fn (string $quote): string => "$quote{3}(?:[^$quote\\\\]++|\\\\[\\s\\S]|$quote(?!$quote$quote))*+(?:$quote{3}|\\\\?\\z)";

        return [
            'newline' => self::NEWLINE,
            'space' => self::SPACE,
            'comment' => '\#[^\r\n]*',
            'text' => '(?i:[rbuf]|[bf]r|r[bf])?(?:'.$long('"').'|'.$long("'").'|'.self::quoted('"').'|'.self::quoted("'").')',
            'number' => '0[xX][0-9a-fA-F_]+|0[bB][01_]+|0[oO][0-7_]+|(?:[0-9][0-9_]*(?:\.[0-9_]*)?|\.[0-9][0-9_]*)(?:[eE][+-]?[0-9_]+)?[jJ]?',
            'name' => self::NAME,
            'sign' => '\*\*=?|//=?|<<=?|>>=?|!=|->|:=|\.\.\.|[-+*/%@&|^<>=]=?|[()\[\]{},:;.~]',
        ];
    }

    public static function keywords(): array
    {
        return explode(' ', 'False None True and as assert async await break class continue def del elif else except finally for from global if import in is lambda nonlocal not or pass raise return try while with yield');
    }
}
