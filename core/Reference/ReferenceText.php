<?php

declare(strict_types=1);

namespace Scrivlet\Core\Reference;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Words\Words;

/** A card as plain text. */
final class ReferenceText
{
    public static function of(ReferenceCard $card, string $locale): string
    {
        $words = Words::in($locale);
        $text = "$card->title [$card->key]\n$card->does\n";
        foreach ($card->blanks as $blank) {
            $text .= "  {$blank['name']}: {$blank['about']}\n";
        }
        foreach (Language::cases() as $language) {
            $text .= "\n{$language->title()}\n";
            foreach ($card->texts[$language->value] as $line) {
                $text .= rtrim(($line['lit'] ? '> ' : '  ').$line['text'])."\n";
            }
        }
        $text .= "\n{$words->say('reference.says')}: ".implode(' ', $card->plain)."\n";
        foreach ($card->mistakes as $language => $mistakes) {
            foreach ($mistakes as $index => $mistake) {
                $text .= (0 === $index ? "\n{$words->say('reference.mistakes')} ({$language})\n" : '')."  {$mistake['line']}\n    {$mistake['says']}\n";
            }
        }

        return $text;
    }
}
