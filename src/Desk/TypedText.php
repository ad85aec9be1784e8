<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Hints;
use Scrivlet\Core\Language\Mistakes\Mending;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Mistakes\Report;

/** The text of the page that is written on, and what is wrong with it, as the editor in the browser counts. */
final class TypedText
{
    /**
     * Places are counted as the editor does: in UTF-16 units, an end of line as one.
     *
     * @param list<Mistake>|null $mistakes of the text, if it was just read
     *
     * @return array{language: string, text: string, mistakes: list<array<string, mixed>>, hints: list<array<string, mixed>>}
     */
    public static function of(Analysis $analysis, Language $language, string $locale, ?array $mistakes = null): array
    {
        $printed = $analysis->text($language);
        $text = $printed->text();
        $mistakes ??= self::mistakes($analysis, $language);
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
                // Whether it helps has to be tried, which takes as long as reading the text again.
                'mayMend' => [] !== $mistake['fix'],
            ];
        }

        $hints = [];
        // What has to be mended comes first.
        foreach ([] === $told ? Report::lines($text, Hints::of($analysis, $language)) : [] as $hint) {
            $hints[] = [
                'line' => $hint['line'],
                'key' => ($printed->lines[$hint['line'] - 1]->anchor ?? '').'/0',
                'from' => $places->of($hint['offset']),
                'message' => Sentences::of('hint.'.$hint['kind'], $hint['parameters'], $locale),
            ];
        }

        return ['language' => $language->value, 'text' => $text, 'mistakes' => $told, 'hints' => $hints];
    }

    /**
     * What mends, by where its mistake begins.
     *
     * @return list<array{from: int, fix: list<array{from: int, to: int, text: string}>}>
     */
    public static function fixes(Analysis $analysis, Language $language): array
    {
        $text = $analysis->text($language)->text();
        $places = new EditorPlaces($text);
        $fixes = [];
        foreach (Mending::proven($text, $language, self::mistakes($analysis, $language)) as $mistake) {
            if ([] !== $mistake->fix) {
                $fixes[] = [
                    'from' => $places->of($mistake->offset),
                    'fix' => array_map(static fn (Replacement $fix): array => ['from' => $places->of($fix->offset), 'to' => $places->of($fix->offset + $fix->length), 'text' => $fix->text], $mistake->fix),
                ];
            }
        }

        return $fixes;
    }

    /** @return list<Mistake> */
    public static function mistakes(Analysis $analysis, Language $language): array
    {
        // What only blocks made has no mistakes of spelling.
        return isset($analysis->program->handwriting[$language->value]) ? $language->read($analysis->text($language)->text())->mistakes : [];
    }
}
