<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

/** Regular expressions of JavaScript and Python, as PCRE reads them: nearly as they are. */
final class Patterns
{
    /** @var array<string, string|null> */
    private static array $made = [];

    /** @return string|null for preg_match; null where it can't be read (ECMA-262, 22.2.1) */
    public static function javaScript(string $source, string $flags = ''): ?string
    {
        if (1 !== preg_match('/^(?!.*(.).*\1)[gimsu]*$/D', $flags)) {
            return null;
        }
        $pattern = (string) preg_replace_callback('/\\\\(?:u\{([0-9a-fA-F]+)\}|u([0-9a-fA-F]{4})|[\s\S])|\[\^\]|\[\]/', static fn (array $match): string => match (true) {
            '' !== ($match[1] ?? '') => '\x{'.$match[1].'}',
            '' !== ($match[2] ?? '') => '\x{'.$match[2].'}',
            '[^]' === $match[0] => '[\s\S]',
            '[]' === $match[0] => '(?!)',
            default => $match[0],
        }, $source);

        return self::compiled($pattern, (str_contains($flags, 'm') ? '' : 'D').implode('', array_intersect(str_split($flags), ['i', 'm', 's'])));
    }

    /** The Python Standard Library, re: `\Z` is the very end, a dollar stands before a last line break, too. */
    public static function python(string $source): ?string
    {
        return self::compiled((string) preg_replace('/(?<!\\\\)((?:\\\\\\\\)*)\\\\Z/', '$1\\z', $source), '');
    }

    private static function compiled(string $pattern, string $modifiers): ?string
    {
        // The delimiter is a byte that is taken out of the pattern.
        $compiled = "\x01".strtr($pattern, ["\x01" => ''])."\x01{$modifiers}u";
        if (!\array_key_exists($compiled, self::$made)) {
            // What only PCRE knows means something else there.
            $isRead = 1 !== preg_match('/\(\*|\(\?[R&+0-9CP(|#]|\\\\[KGRXQEA]/', str_replace('(?P<', '(?<', $pattern)) || str_starts_with($pattern, '\A(?:');
            self::$made[$compiled] = $isRead && false !== @preg_match($compiled, '') ? $compiled : null;
        }

        return self::$made[$compiled];
    }
}
