<?php

declare(strict_types=1);

namespace Scrivlet\App\Http;

/** What somebody typed where one line is wanted: a name, a title. */
final class OneLine
{
    /** Signs that nobody sees, some of which turn what stands beside them around; joiners belong to the letters of some scripts. */
    private const UNSEEN = '/[\x00-\x1f\x7f\p{Zl}\p{Zp}\x{200b}\x{200e}\x{200f}\x{202a}-\x{202e}\x{2060}-\x{2069}\x{feff}]+|\s+/u';

    /** @return string without ends, breaks and signs that nobody sees; cut to so many letters */
    public static function of(string $typed, int $longest): string
    {
        return mb_substr(trim((string) preg_replace(self::UNSEEN, ' ', mb_scrub(mb_substr($typed, 0, 8 * $longest), 'UTF-8'))), 0, $longest);
    }
}
