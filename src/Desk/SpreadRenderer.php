<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Catalogue\Goes;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Unsayable;
use Scrivlet\Core\Page\BlockRow;
use Scrivlet\Core\Page\Place;
use Scrivlet\Core\Page\Spread;
use Scrivlet\Core\Page\TextLine;
use Scrivlet\Core\Page\Vacancy;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Walk;
use Twig\Environment;

/** Makes the pages of the desk to HTML: all of them, or only the lines that an edit changed. */
final readonly class SpreadRenderer
{
    public function __construct(private Environment $twig)
    {
    }

    public function spread(Analysis $analysis, DeskView $view, string $locale): Spread
    {
        return new Spread($analysis, $view->languages(), $locale, $view->runsAs());
    }

    /** @return array<string, string> the lines of each page, `blocks` among them */
    public function pages(Spread $spread): array
    {
        $pages = [];
        foreach ($spread->rows as $row) {
            foreach ($row['cells'] as $page => $cell) {
                $pages[$page] = ($pages[$page] ?? '').$this->line($row['key'], $cell);
            }
        }

        return $pages;
    }

    /** @return array<string, list<int|null>> the number of each line of text, or nothing where a page is left blank */
    public function numbers(Spread $spread): array
    {
        $numbers = [];
        foreach ($spread->rows as $row) {
            foreach ($row['cells'] as $page => $cell) {
                if ('blocks' !== $page) {
                    $numbers[$page][] = $cell instanceof TextLine ? $cell->number : null;
                }
            }
        }

        return $numbers;
    }

    /**
     * What an edit changed.
     *
     * @return array{order: list<string>, changed: array<string, array<string, string>>, numbers: array<string, list<int|null>>}
     */
    public function difference(Digests $before, Spread $new, Digests $now): array
    {
        $order = $changed = $numbers = [];
        foreach ($new->rows as $row) {
            $order[] = $key = $row['key'];
            $place = 0;
            foreach ($row['cells'] as $page => $cell) {
                if ('blocks' !== $page) {
                    $numbers[$page][] = $cell instanceof TextLine ? $cell->number : null;
                }
                if (!$before->isAlike($now, $key, $place++)) {
                    $changed[$page][$key] = $this->line($key, $cell);
                }
            }
        }

        return ['order' => $order, 'changed' => $changed, 'numbers' => $numbers];
    }

    private function line(string $key, BlockRow|Vacancy|TextLine|null $cell): string
    {
        if ($cell instanceof BlockRow) {
            return $this->twig->render('desk/block_row.html.twig', ['key' => $key, 'row' => $cell]);
        }
        $html = '';
        if ($cell instanceof Vacancy) {
            $html = [] === $cell->brackets ? '' : '<span class="margin"></span>';
            foreach ($cell->brackets as $bracket) {
                $html .= '<span class="bracket ink-'.$bracket->kind->value.'"></span>';
            }
        }
        foreach ($cell instanceof TextLine ? $cell->tokens() : [] as [$class, $text]) {
            $text = htmlspecialchars($text, \ENT_QUOTES);
            $html .= '' === $class ? $text : "<span class=\"t-$class\">$text</span>";
        }

        return '<li class="line'.($cell instanceof TextLine ? '' : ' vacant').'" data-key="'.$key.'">'.$html.'</li>';
    }

    /**
     * What the hand needs to know of the program: where rows may go, and which names there are.
     *
     * @return array{places: list<array<string, mixed>>, names: array<int, list<string>>, functions: list<array{name: string, parameters: list<string>, gives: bool}>, mixed: list<string>, ink: array{typed: int, all: int}, counts: array<string, array{int, int}>, unsealed: list<int>}
     */
    public function facts(Spread $spread): array
    {
        $program = $spread->analysis->program;
        $names = [];
        $types = $spread->analysis->types();
        foreach ($program->scopes() as $part) {
            $own = $part instanceof FunctionDefinition ? array_fill_keys($part->parameters, true) : [];
            foreach ($program->rowsOf($part) as $statement) {
                $own += array_fill_keys($statement->assigned(), true);
            }
            $names[$part->id] = array_map(strval(...), array_keys($own + $types->scopes->globals));
        }
        $functions = array_map(static fn (FunctionDefinition $function): array => ['name' => $function->name, 'parameters' => $function->parameters, 'gives' => $function->givesValue()], array_values(array_filter($program->definitions(), static fn (FunctionDefinition $function): bool => '' === $function->class())));

        return [
            'places' => array_map(static fn (Place $place): array => ['anchor' => $place->anchor, 'depth' => $place->depth, 'parent' => $place->parent, 'body' => $place->body, 'index' => $place->index, 'accepts' => array_map(static fn (Goes $goes): string => $goes->value, $place->accepts), 'before' => $place->before, 'after' => $place->after], $spread->blocks->places),
            'names' => $names,
            'functions' => $functions,
            // Where C++ has no words at all, its types are no matter.
            'mixed' => Unsayable::hasNoText($program, Language::Cpp) ? [] : $types->mixedNames($program),
            'ink' => self::ink($program),
            'counts' => self::counts($spread),
            'unsealed' => $program->unsealed(),
        ];
    }

    /**
     * How much each page takes: rows and pieces to place, lines and signs to type.
     *
     * @return array<string, array{int, int}> by page
     */
    private static function counts(Spread $spread): array
    {
        $rows = $pieces = 0;
        foreach (Walk::statements($spread->analysis->program->parts()) as $row) {
            if (!$row instanceof Script) {
                ++$rows;
                $pieces += 1 + \count(Walk::expressionsOf($row)) + \count($row->labels());
            }
        }
        $counts = ['blocks' => [$rows, $pieces]];
        foreach ($spread->rows as $row) {
            foreach ($row['cells'] as $page => $cell) {
                $text = $cell instanceof TextLine ? trim($cell->text) : '';
                $counts[$page] ??= [0, 0];
                if ('' !== $text) {
                    ++$counts[$page][0];
                    $counts[$page][1] += mb_strlen($text);
                }
            }
        }

        return $counts;
    }

    /** @return array{typed: int, all: int} rows that a person typed, and all rows that do something */
    private static function ink(Program $program): array
    {
        $typed = $all = 0;
        foreach (Walk::statements($program->parts()) as $row) {
            if (!$row instanceof Script && !$row instanceof Comment && !$row instanceof Import) {
                ++$all;
                $typed += (int) (($program->hands[$row->id] ?? null)?->isInk() ?? false);
            }
        }

        return ['typed' => $typed, 'all' => $all];
    }
}
