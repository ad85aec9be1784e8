<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Mending;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Core\Language\Parsing\Reader;
use Scrivlet\Core\Tree\Program;

/** The text of the page that is written on, and what is wrong with it, as the editor in the browser counts. */
final class TypedText
{
    /**
     * @return array{language: string, text: string, mistakes: list<array<string, mixed>>}
     *                                                                                     places counted as the editor does:
     *                                                                                     in UTF-16 units, an end of line as one
     */
    public static function of(Program $program, Language $language, string $locale): array
    {
        $printed = $language->print($program);
        $text = $printed->text();
        // What only blocks made has no mistakes of spelling.
        $mistakes = isset($program->handwriting[$language->value]) ? Mending::proven($text, $language, Reader::mistakes($text, $language)) : [];
        $isCrLf = str_contains($text, "\r\n") && 1 !== preg_match('/(?<!\r)\n|\r(?!\n)/', $text);
        $unit = static function (int $offset) use ($text, $isCrLf): int {
            $before = substr($text, 0, $offset);

            return intdiv(\strlen(mb_convert_encoding($before, 'UTF-16LE', 'UTF-8')), 2) - ($isCrLf ? substr_count($before, "\r\n") : 0);
        };
        $told = [];
        foreach (Report::lines($text, $mistakes) as $mistake) {
            $told[] = [
                'kind' => $mistake['kind'],
                'line' => $mistake['line'],
                'key' => ($printed->lines[$mistake['line'] - 1]->anchor ?? '').'/0',
                'from' => $unit($mistake['offset']),
                'to' => $unit($mistake['offset'] + $mistake['length']),
                'message' => Sentences::of('mistake.'.$mistake['kind'], $mistake['parameters'], $locale),
                'fix' => array_map(static fn (array $fix): array => ['from' => $unit($fix['offset']), 'to' => $unit($fix['offset'] + $fix['length']), 'text' => $fix['text']], $mistake['fix']),
            ];
        }

        return ['language' => $language->value, 'text' => $text, 'mistakes' => $told];
    }
}
