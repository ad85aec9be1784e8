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
        $places = new EditorPlaces($text);
        $told = [];
        foreach (Report::lines($text, $mistakes) as $mistake) {
            $told[] = [
                'kind' => $mistake['kind'],
                'line' => $mistake['line'],
                'key' => ($printed->lines[$mistake['line'] - 1]->anchor ?? '').'/0',
                'from' => $places->of($mistake['offset']),
                'to' => $places->of($mistake['offset'] + $mistake['length']),
                'message' => Sentences::of('mistake.'.$mistake['kind'], $mistake['parameters'], $locale),
                'fix' => array_map(static fn (array $fix): array => ['from' => $places->of($fix['offset']), 'to' => $places->of($fix['offset'] + $fix['length']), 'text' => $fix['text']], $mistake['fix']),
            ];
        }

        return ['language' => $language->value, 'text' => $text, 'mistakes' => $told];
    }
}
