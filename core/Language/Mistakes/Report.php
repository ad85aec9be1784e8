<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

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
        foreach ($mistakes as $mistake) {
            $before = substr($text, 0, $mistake->offset);
            $line = preg_match_all('/\r\n|\n|\r/', $before) + 1;
            if (isset($seen[$line])) {
                continue;
            }
            $seen[$line] = true;
            preg_match('/[^\r\n]*$/D', $before, $match);
            $report[] = [
                'kind' => $mistake->kind,
                'line' => $line,
                'column' => mb_strlen($match[0] ?? '', mb_check_encoding($match[0] ?? '', 'UTF-8') ? 'UTF-8' : '8bit') + 1,
                'offset' => $mistake->offset,
                'length' => $mistake->length,
                'parameters' => ['line' => $line, ...array_map(static fn (string|int $value): string|int => \is_string($value) ? mb_scrub($value, 'UTF-8') : $value, $mistake->parameters)],
                'fix' => array_map(static fn (Replacement $replacement): array => ['offset' => $replacement->offset, 'length' => $replacement->length, 'text' => $replacement->text], $mistake->fix),
            ];
        }

        return $report;
    }
}
