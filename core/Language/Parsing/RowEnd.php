<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

/** What may stand behind a row of a language with braces, and is no part of it. */
enum RowEnd
{
    case Semicolon;
    case SemicolonOrComma;
    case InHead;

    public function isEndedBy(string $sign): bool
    {
        return match ($this) {
            self::Semicolon => false,
            self::SemicolonOrComma => ',' === $sign,
            self::InHead => ',' === $sign || ')' === $sign || ';' === $sign,
        };
    }
}
