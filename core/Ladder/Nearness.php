<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

/** How near a text is to the model, so that "stuck" means something: the share of its lines that are there, in their order. */
final class Nearness
{
    private const MOST = 400;

    /** @return float from 0 to 1; spaces, remarks and blank lines do not count */
    public static function of(string $model, string $text): float
    {
        [$wanted, $found] = [self::lines($model), self::lines($text)];
        if ([] === $wanted) {
            return 1;
        }
        $row = array_fill(0, \count($found) + 1, 0);
        foreach ($wanted as $line) {
            $before = 0;
            foreach ($found as $place => $other) {
                $above = $row[$place + 1];
                $row[$place + 1] = $line === $other ? $before + 1 : max($above, $row[$place]);
                $before = $above;
            }
        }

        return $row[\count($found)] / max(\count($wanted), \count($found));
    }

    /** @return list<string> what counts of each line */
    public static function lines(string $text): array
    {
        $lines = [];
        foreach (preg_split('/\r\n|\n|\r/', $text) ?: [] as $line) {
            $plain = (string) preg_replace(['/^\s*(?:#(?!include)|\/\/).*$/', '/\s+/'], '', $line);
            if ('' !== $plain) {
                $lines[] = $plain;
            }
        }

        return \array_slice($lines, 0, self::MOST);
    }
}
