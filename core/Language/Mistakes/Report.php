<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Language\Lexing\LineStarts;

/** Mistakes as people and programs read them: by line and column. */
final class Report
{
    /**
     * @param list<Mistake> $mistakes in the order of the text
     *
     * @return list<array{kind: string, line: int, column: int, offset: int, length: int, parameters: array<string, string|int>, fix: list<array{offset: int, length: int, text: string}>}>
     *                                                                                                                                                                                      lines and columns counted from 1, columns in letters; offsets and lengths in bytes; at most one mistake a line
     */
    public static function lines(string $text, array $mistakes): array
    {
        $report = $seen = [];
        $starts = new LineStarts($text);
        foreach ($mistakes as $mistake) {
            $line = $starts->line($mistake->offset);
            if (isset($seen[$line])) {
                continue;
            }
            $seen[$line] = true;
            $start = $starts->start($mistake->offset);
            $before = substr($text, $start, $mistake->offset - $start);
            $report[] = [
                'kind' => $mistake->kind,
                'line' => $line,
                'column' => mb_strlen($before, mb_check_encoding($before, 'UTF-8') ? 'UTF-8' : '8bit') + 1,
                'offset' => $mistake->offset,
                'length' => $mistake->length,
                'parameters' => ['line' => $line, ...array_map(static fn (string|int $value): string|int => \is_string($value) ? mb_scrub($value, 'UTF-8') : $value, $mistake->parameters)],
                'fix' => array_map(static fn (Replacement $replacement): array => ['offset' => $replacement->offset, 'length' => $replacement->length, 'text' => $replacement->text], $mistake->fix),
            ];
        }

        return $report;
    }
}
