<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

/** Texts and letters between their signs (C++17, 5.13.3 and 5.13.5). */
final class Quoted
{
    public static function text(string $text): string
    {
        $escaped = strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', "\t" => '\\t', "\r" => '\\r']);

        // Three octal digits end by themselves; a hexadecimal escape would go on into the letters behind it.
        return '"'.preg_replace_callback('/[\x00-\x1f\x7f]/', static fn (array $match): string => \sprintf('\\%03o', \ord($match[0])), $escaped).'"';
    }

    public static function letter(string $letter): string
    {
        return "'".strtr(substr(self::text($letter), 1, -1), ["'" => "\\'", '\\"' => '"'])."'";
    }
}
