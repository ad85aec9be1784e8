<?php

declare(strict_types=1);

namespace Scrivlet\Core\Phrasebook;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Words\Words;

/** A phrasebook as a page of its own, to be printed on A4: readable in black and white, its headings never alone at a foot. */
final class PhrasebookHtml
{
    private const STYLE = <<<'CSS'
        @page { size: A4; margin: 14mm 13mm 15mm; }
        body { font-family: "DejaVu Sans", sans-serif; font-size: 8.6pt; line-height: 1.3; color: #111; margin: 0; }
        h1 { font-family: "DejaVu Serif", serif; font-size: 17pt; margin: 0 0 1mm; }
        p.about { margin: 0 0 4mm; color: #333; }
        table { width: 100%; table-layout: fixed; border-collapse: collapse; page-break-inside: auto; }
        caption, th.chapter { font-family: "DejaVu Serif", serif; font-style: italic; font-size: 11pt; text-align: left; padding: 3.5mm 0 1mm; border-bottom: 0.5mm solid #111; }
        th { text-align: left; font-weight: bold; font-size: 8pt; padding: 1mm 2mm 1mm 0; border-bottom: 0.2mm solid #111; }
        tr { page-break-inside: avoid; }
        td { vertical-align: top; padding: 1mm 2mm 1mm 0; border-bottom: 0.15mm dotted #777; }
        code { font-family: "DejaVu Sans Mono", monospace; font-size: 7.4pt; word-wrap: break-word; }
        small { color: #333; font-size: 7.2pt; }
        CSS;

    /** @param non-empty-list<Language> $languages one to three, in the order of the columns */
    public static function page(Phrasebook $book, array $languages, string $title): string
    {
        $words = Words::in($book->locale);
        $columns = \count($languages) + 1;
        $wide = 1 === \count($languages) ? 46 : (2 === \count($languages) ? 34 : 28);
        $heads = implode('', array_map(static fn (Language $language): string => '<th scope="col">'.self::safe($language->title()).'</th>', $languages));
        $body = '';
        foreach ($book->chapters as $message => $phrases) {
            $body .= "<tbody><tr><th class=\"chapter\" scope=\"colgroup\" colspan=\"$columns\">".self::safe($book->heading($message)).'</th></tr>';
            foreach ($phrases as $phrase) {
                $body .= '<tr><td>'.self::safe($phrase->words).self::blanks($phrase).'</td>'.implode('', array_map(static fn (Language $language): string => '<td><code>'.self::safe($phrase->texts[$language->value]).'</code></td>', $languages)).'</tr>';
            }
            $body .= '</tbody>';
        }

        return '<!doctype html><html lang="'.$book->locale.'"><head><meta charset="utf-8"><title>'.self::safe($title).'</title><style>'.self::STYLE.'</style></head><body><h1>'.self::safe($title).'</h1><p class="about">'.self::safe($words->say('phrasebook.about')).'</p>'
            ."<table><colgroup><col style=\"width:$wide%\"></colgroup><thead><tr><th scope=\"col\">".self::safe($words->say('phrasebook.words'))."</th>$heads</tr></thead>$body</table></body></html>";
    }

    private static function blanks(Phrase $phrase): string
    {
        $told = array_filter($phrase->blanks, static fn (array $blank): bool => '' !== $blank['about']);

        return [] === $told ? '' : '<br><small>'.implode(' · ', array_map(static fn (array $blank): string => self::safe($blank['name']).': '.self::safe($blank['about']), $told)).'</small>';
    }

    private static function safe(string $text): string
    {
        return htmlspecialchars($text, \ENT_QUOTES | \ENT_SUBSTITUTE);
    }
}
