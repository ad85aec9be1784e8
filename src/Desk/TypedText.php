<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Core\Tree\Program;

/** The text of the page that is written on, and what is wrong with it, as the editor in the browser counts. */
final class TypedText
{
    /**
     * @return array{language: string, text: string, mistakes: list<array{kind: string, line: int, from: int, to: int, message: string, fix: list<array{from: int, to: int, text: string}>}>}
     *                                                                                                                                                                                        places counted in UTF-16 units from the start of the text
     */
    public static function of(Program $program, Language $language, string $locale): array
    {
        $text = $language->print($program)->text();
        // What only blocks made has no mistakes of spelling.
        $mistakes = isset($program->handwriting[$language->value]) ? $language->read($text)->mistakes : [];
        $unit = static fn (int $offset): int => intdiv(\strlen(mb_convert_encoding(substr($text, 0, $offset), 'UTF-16LE', 'UTF-8')), 2);
        $told = [];
        foreach (Report::lines($text, $mistakes) as $mistake) {
            $told[] = [
                'kind' => $mistake['kind'],
                'line' => $mistake['line'],
                'from' => $unit($mistake['offset']),
                'to' => $unit($mistake['offset'] + $mistake['length']),
                'message' => Sentences::of('mistake.'.$mistake['kind'], $mistake['parameters'], $locale),
                'fix' => array_map(static fn (array $fix): array => ['from' => $unit($fix['offset']), 'to' => $unit($fix['offset'] + $fix['length']), 'text' => $fix['text']], $mistake['fix']),
            ];
        }

        return ['language' => $language->value, 'text' => $text, 'mistakes' => $told];
    }
}
