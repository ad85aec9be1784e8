<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Highlighter;
use Scrivlet\Core\Language\Language;

/**
 * A program's pages side by side.
 */
final class Spread
{
    /** @var list<array{key: string, cells: array<string, BlockRow|Vacancy|TextLine|null>}> */
    public readonly array $rows;
    public readonly BlocksPage $blocks;

    /**
     * @param list<Language> $languages of the text pages
     * @param Language       $code      of rows in code, where no text page is open
     */
    public function __construct(public readonly Analysis $analysis, array $languages, string $locale, Language $code = Language::Python)
    {
        $program = $analysis->program;
        $this->blocks = new BlocksPage($program, $locale, [] === $program->hands ? [] : TurnedRows::of($analysis, $languages[0] ?? $code));
        $pages = ['blocks' => []];
        foreach ($this->blocks->rows as $row) {
            $pages['blocks'][$row->anchor][] = $row;
        }
        foreach ($languages as $language) {
            $highlighter = new Highlighter($language);
            $pages[$language->value] = [];
            foreach ($analysis->text($language)->lines as $index => $line) {
                $pages[$language->value][$line->anchor][] = new TextLine($line->anchor, $index + 1, $line->text, $highlighter);
            }
        }
        $this->rows = self::withVacancies(Alignment::of($program, $pages));
    }

    /**
     * Fills the blank lines of the blocks page: a bracket goes on past one when it does so before and after it.
     *
     * @param list<array{key: string, cells: array<string, BlockRow|TextLine|null>}> $rows
     *
     * @return list<array{key: string, cells: array<string, BlockRow|Vacancy|TextLine|null>}>
     */
    private static function withVacancies(array $rows): array
    {
        $above = [];
        $next = array_fill(0, \count($rows), []);
        for ($index = \count($rows) - 2; $index >= 0; --$index) {
            $below = $rows[$index + 1]['cells']['blocks'];
            $next[$index] = $below instanceof BlockRow ? $below->brackets : $next[$index + 1];
        }
        foreach ($rows as $index => $row) {
            $cell = $row['cells']['blocks'];
            if ($cell instanceof BlockRow) {
                $above = $cell->brackets;
                continue;
            }
            $brackets = [];
            for ($depth = 0; isset($above[$depth], $next[$index][$depth]) && !$above[$depth]->last; ++$depth) {
                $brackets[] = new Bracket($above[$depth]->kind, false);
            }
            $rows[$index]['cells']['blocks'] = new Vacancy($brackets);
        }

        return $rows;
    }
}
