<?php

declare(strict_types=1);

namespace Scrivlet\App\Ladder;

use Scrivlet\App\Desk\SettingReport;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Ladder\Hints;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Spoken;
use Scrivlet\Core\Language\Highlighter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program;

/** A rung as its page shows it. */
final class RungPage
{
    /** A line that says nothing, as a pattern that PHP and the browser read alike. */
    private const SILENT = '^\s*(//.*|#(?!include).*)?$';

    /** @return array<string, mixed> for `rung/rung.html.twig` */
    public static function of(Rung $rung, string $locale): array
    {
        $question = $rung->question;
        $from = \is_string($question['from'] ?? null) ? Language::tryFrom($question['from']) : null;

        return [
            'rung' => $rung,
            'kind' => $rung->kind,
            'q' => $question,
            'language' => $rung->language,
            'from' => $from,
            'lines' => self::lines(\is_string($question['text'] ?? null) ? $question['text'] : '', $from ?? $rung->language),
            'slips' => array_map((new Highlighter($rung->language))->tokens(...), array_values(array_filter(\is_array($slips = $question['slips'] ?? $question['lines'] ?? null) ? $slips : [], is_string(...)))),
            'asks' => $rung->kind->asksForText() ? Spoken::asked($rung->asked, $locale) : [],
            'modelRows' => RungKind::Sort === $rung->kind ? \count($rung->right) : self::said($rung->model),
            'setting' => SettingReport::of(Program::empty()->withSetting($rung->setting), $locale),
            'inks' => Ink::cases(),
            'silent' => self::SILENT,
            'hintSteps' => Hints::STEPS,
        ];
    }

    /** Lines that say something, as the page counts those of an answer. */
    private static function said(string $text): int
    {
        return \count(array_filter(explode("\n", $text), static fn (string $line): bool => 1 !== preg_match('~'.self::SILENT.'~', $line)));
    }

    /** @return list<list<array{string, string}>> the pieces of each line; a gap is a piece of the class `gap` */
    private static function lines(string $text, Language $language): array
    {
        $highlighter = new Highlighter($language);

        return array_map(static function (string $line) use ($highlighter): array {
            $pieces = [];
            foreach (explode('▢', $line) as $number => $part) {
                if ($number > 0) {
                    $pieces[] = ['gap', ''];
                }
                array_push($pieces, ...('' === $part ? [] : $highlighter->tokens($part)));
            }

            return $pieces;
        }, explode("\n", rtrim($text, "\n")));
    }
}
