<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Language\Highlighter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Program;

/**
 * A program's pages side by side.
 */
final class Spread
{
    /** @var list<array{key: string, cells: array<string, BlockRow|TextLine|null>}> */
    public readonly array $rows;
    public readonly BlocksPage $blocks;

    /** @param list<Language> $languages */
    public function __construct(Program $program, array $languages, string $locale, public readonly Types $types)
    {
        $this->blocks = new BlocksPage($program, $locale);
        $pages = ['blocks' => []];
        foreach ($this->blocks->rows as $row) {
            $pages['blocks'][$row->anchor][] = $row;
        }
        foreach ($languages as $language) {
            $highlighter = new Highlighter($language);
            $pages[$language->value] = [];
            foreach ($language->print($program, $types)->lines as $index => $line) {
                $pages[$language->value][$line->anchor][] = new TextLine($line->anchor, $index + 1, $line->text, $highlighter->tokens($line->text));
            }
        }
        $this->rows = Alignment::of($program, $pages);
    }
}
