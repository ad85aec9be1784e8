<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Language\Language;

/** Offers only those fixes that mend: with one applied, the text has a mistake less. */
final class Mending
{
    /** Bytes that may be read for trying fixes; the others are offered once those before them are applied. */
    private const EFFORT = 60_000;
    private const MOST = 3;

    /**
     * @param list<Mistake> $mistakes in the order of the text
     *
     * @return list<Mistake> the same, some without their fix
     */
    public static function proven(string $text, Language $language, array $mistakes): array
    {
        $lines = new LinesOf($text);
        $before = $lines->count($mistakes);
        $left = max(1, min(self::MOST, intdiv(self::EFFORT, max(1, \strlen($text)))));
        $shown = [];
        $proven = [];
        foreach ($mistakes as $mistake) {
            $line = $lines->of($mistake);
            $isFirst = !isset($shown[$line]);
            $shown[$line] = true;
            if ([] !== $mistake->fix && (!$isFirst || --$left < 0 || !self::mends($text, $language, $mistake, $before))) {
                $mistake = new Mistake($mistake->kind, $mistake->offset, $mistake->length, $mistake->parameters);
            }
            $proven[] = $mistake;
        }

        return $proven;
    }

    private static function mends(string $text, Language $language, Mistake $mistake, int $before): bool
    {
        $mended = Replacement::apply($text, $mistake->fix);

        return (new LinesOf($mended))->count($language->read($mended)->mistakes) < $before;
    }
}
