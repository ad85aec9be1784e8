<?php

declare(strict_types=1);

namespace Scrivlet\Core\Reference;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Core\Words\Words;

/**
 * What goes wrong with a line when it is written in a hurry: slips are made in it one by one, and what the checker says
 * of each is what a person will read.
 */
final class UsualMistakes
{
    public const MOST = 3;

    /**
     * @param list<string> $lines of a text without mistakes
     * @param int          $at    the line, from 0, with which it goes wrong
     *
     * @return list<array{line: string, says: string}> each of another kind
     */
    public static function of(array $lines, int $at, Language $language, string $locale): array
    {
        $found = [];
        foreach (self::slips($lines[$at], $language) as $slip) {
            $text = implode("\n", array_replace($lines, [$at => $slip]))."\n";
            $report = Report::lines($text, $language->read($text)->mistakes)[0] ?? null;
            if (null !== $report && !isset($found[$report['kind']])) {
                $found[$report['kind']] = ['line' => trim($slip), 'says' => Words::in($locale)->say('mistake.'.$report['kind'], $report['parameters'])];
            }
            if (self::MOST === \count($found)) {
                break;
            }
        }

        return array_values($found);
    }

    /** @return list<string> */
    private static function slips(string $line, Language $language): array
    {
        $slips = [
            // The sign that opens what the line holds.
            preg_replace('/\s*[:{]$/', '', $line),
            // A letter in the wrong size, a letter that is missing.
            preg_replace_callback('/^(\s*(?:\w+\.)?)([a-z])(?=\w*[\s(])/', static fn (array $match): string => $match[1].strtoupper($match[2]), $line),
            preg_replace('/\b(\w{2,})\w(?=\()/', '$1', $line, 1),
            // A bracket or a quotation mark that is not closed.
            preg_replace('/\)(?!.*\))/', '', $line),
            preg_replace('/(["\'])(?!.*\1)/', '', $line),
            // An argument too few.
            preg_replace('/, [^,()]+\)/', ')', $line, 1),
            preg_replace('/\((?:[\w.]+|"[^"]*")\)/', '()', $line, 1),
            // What ends the row.
            $language->notation()->typed ? preg_replace('/;$/', '', $line) : $line,
            // One equals sign for two.
            preg_replace('/==/', '=', $line),
            // A name that nobody has given a value.
            preg_replace('/\b([a-z]{3,})s\b(?!\()/', '$1', $line, 1),
        ];

        return array_values(array_filter($slips, static fn (?string $slip): bool => null !== $slip && $slip !== $line && '' !== trim($slip)));
    }
}
