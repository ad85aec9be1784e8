<?php

declare(strict_types=1);

namespace Scrivlet\Core\Plain;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Line;

/** What is another between two states of a program, line by line, each with its plain words. */
final class PlainChanges
{
    /** So many lines are compared with so many others at most; a larger change is told as all of it. */
    private const MOST = 400;

    /** @return list<array{sign: string, text: string, says: string}> gone lines with −, new ones with +, in the order of the page */
    public static function between(Analysis $before, Analysis $after, Language $language, string $locale): array
    {
        $old = self::lines($before, $language, $locale);
        $new = self::lines($after, $language, $locale);
        $start = 0;
        while (isset($old[$start], $new[$start]) && $old[$start]['text'] === $new[$start]['text']) {
            ++$start;
        }
        $behind = 0;
        while ($behind < min(\count($old), \count($new)) - $start && $old[\count($old) - 1 - $behind]['text'] === $new[\count($new) - 1 - $behind]['text']) {
            ++$behind;
        }
        $old = \array_slice($old, $start, \count($old) - $start - $behind);
        $new = \array_slice($new, $start, \count($new) - $start - $behind);
        $isLarge = \count($old) > self::MOST || \count($new) > self::MOST;
        $told = [];
        foreach ($isLarge ? [...self::signed('−', $old), ...self::signed('+', $new)] : self::compared($old, $new) as $change) {
            if ('' !== trim($change['text'])) {
                $told[] = $change;
            }
        }

        return $told;
    }

    /** @return list<array{text: string, says: string}> */
    private static function lines(Analysis $analysis, Language $language, string $locale): array
    {
        $says = PlainLines::of($analysis, $language, $locale);

        return array_map(static fn (Line $line, string $sentence): array => ['text' => rtrim($line->text), 'says' => $sentence], $analysis->text($language)->lines, $says);
    }

    /**
     * @param list<array{text: string, says: string}> $lines
     *
     * @return list<array{sign: string, text: string, says: string}>
     */
    private static function signed(string $sign, array $lines): array
    {
        return array_map(static fn (array $line): array => ['sign' => $sign, ...$line], $lines);
    }

    /**
     * The longest lines in common stay; what is between them is gone or new.
     *
     * @param list<array{text: string, says: string}> $old
     * @param list<array{text: string, says: string}> $new
     *
     * @return list<array{sign: string, text: string, says: string}>
     */
    private static function compared(array $old, array $new): array
    {
        $common = array_fill(0, \count($old) + 1, array_fill(0, \count($new) + 1, 0));
        for ($one = \count($old) - 1; $one >= 0; --$one) {
            for ($other = \count($new) - 1; $other >= 0; --$other) {
                $common[$one][$other] = $old[$one]['text'] === $new[$other]['text'] ? $common[$one + 1][$other + 1] + 1 : max($common[$one + 1][$other], $common[$one][$other + 1]);
            }
        }
        $changes = [];
        for ($one = $other = 0; isset($old[$one]) || isset($new[$other]);) {
            if (isset($old[$one], $new[$other]) && $old[$one]['text'] === $new[$other]['text']) {
                ++$one;
                ++$other;
            } elseif (!isset($new[$other]) || isset($old[$one]) && $common[$one + 1][$other] >= $common[$one][$other + 1]) {
                $changes[] = ['sign' => '−', ...$old[$one++]];
            } else {
                $changes[] = ['sign' => '+', ...$new[$other++]];
            }
        }

        return $changes;
    }
}
