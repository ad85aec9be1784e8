<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Printer;
use Scrivlet\Core\Tree\Hand;

/** The text of rows that do not show in words: printed, with its blanks, or as it was typed. */
final class TurnedRows
{
    /** @return array<string, list<string|array{string, string}>> by anchor: text, and blanks as name and text */
    public static function of(Analysis $analysis, Language $language): array
    {
        $program = $analysis->program;
        $code = $typed = [];
        foreach ($program->hands as $id => $hand) {
            if (Hand::Code === $hand) {
                $code[$id] = true;
            } elseif ($hand->showsAsTyped()) {
                $typed[$program->models[$id]->language ?? $language->value][$id] = true;
            }
        }
        $rows = [];
        foreach ($typed as $name => $ids) {
            foreach ($analysis->text(Language::from($name))->lines as $line) {
                if (isset($ids[(int) $line->anchor])) {
                    $rows[$line->anchor] ??= [trim($line->text)];
                }
            }
        }
        foreach ([] === $code ? [] : $analysis->marked($language, array_keys($code))->lines as $line) {
            if (isset($code[(int) $line->anchor])) {
                $rows[$line->anchor] ??= self::cut(trim($line->text, " \t"));
            }
        }

        return $rows;
    }

    /** @return list<string|array{string, string}> */
    private static function cut(string $text): array
    {
        $segments = [];
        $depth = 0;
        $slot = $blank = '';
        $isName = false;
        foreach (preg_split('/(['.Printer::BLANK.Printer::BLANK_TEXT.Printer::BLANK_END.'])/', $text, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [] as $piece) {
            if (Printer::BLANK === $piece) {
                $isName = true;
                ++$depth;
            } elseif (Printer::BLANK_TEXT === $piece) {
                $isName = false;
            } elseif (Printer::BLANK_END === $piece) {
                if (0 === --$depth) {
                    $segments[] = [$slot, $blank];
                    $blank = '';
                }
            } elseif ($isName) {
                $slot = 1 === $depth ? $piece : $slot;
            } elseif (0 < $depth) {
                $blank .= $piece;
            } elseif ('' !== $piece) {
                $segments[] = $piece;
            }
        }

        return $segments;
    }
}
