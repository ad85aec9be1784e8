<?php

declare(strict_types=1);

namespace Scrivlet\Core\Register;

/** Six signs with which one joins a class: letters and digits that nobody takes for one another, read aloud or on a wall. */
final class ClassCode
{
    public const LENGTH = 6;
    /** Without I, L, 1; O, Q, D, 0; S, 5; Z, 2; B, 8; U, V; G, 6; M, N, which sound alike; and E, which is heard as A or I elsewhere. */
    private const SIGNS = 'ACFHJKMPRTWXY3479';
    /** What somebody may take for one of them all the same. */
    private const MEANT = ['N' => 'M', 'V' => 'Y', 'U' => 'Y', 'E' => '3'];

    public static function made(): string
    {
        $code = '';
        for ($at = 0; $at < self::LENGTH; ++$at) {
            $code .= self::SIGNS[random_int(0, \strlen(self::SIGNS) - 1)];
        }

        return $code;
    }

    /** @return string|null the code that somebody typed, however they set it apart; null if it is none */
    public static function read(string $typed): ?string
    {
        $plain = strtoupper((string) preg_replace('/[\s\-_.·–—]+/u', '', mb_scrub(mb_substr($typed, 0, 40), 'UTF-8')));
        $code = strtr($plain, self::MEANT);

        return 1 === preg_match('/^['.self::SIGNS.']{'.self::LENGTH.'}$/D', $code) ? $code : null;
    }
}
