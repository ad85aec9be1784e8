<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\BlockRow;
use Scrivlet\Core\Page\BlocksPage;
use Scrivlet\Core\Page\Spread;
use Scrivlet\Core\Page\TextLine;
use Scrivlet\Core\Page\Vacancy;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\ProgramGenerator;

/** Every row of the tree stands at the same height on every page, and no page loses a line. */
final class PagesTest extends TestCase
{
    /** @return iterable<string, Program> */
    private static function programs(): iterable
    {
        yield from Demos::programs();
        yield 'empty' => Program::empty();
        for ($seed = 1; $seed <= 150; ++$seed) {
            yield "generated$seed" => (new ProgramGenerator($seed))->program();
        }
    }

    public function testEveryRowIsLevelOnEveryPage(): void
    {
        foreach (self::programs() as $name => $program) {
            foreach ([[Language::Python], [Language::Cpp], Language::cases()] as $languages) {
                $spread = new Spread(new Analysis($program), $languages, 'en');
                $at = [];
                foreach ($spread->rows as $height => $row) {
                    foreach ($row['cells'] as $page => $cell) {
                        if (null !== $cell && !$cell instanceof Vacancy && str_ends_with($row['key'], '/0')) {
                            $at[$cell->anchor][$page] = $height;
                        }
                    }
                }
                foreach (Walk::statements($program->parts()) as $statement) {
                    if (!$statement instanceof ShareVariable && $statement !== $program->script) {
                        $heights = $at["$statement->id:head"];
                        self::assertCount(1 + \count($languages), $heights, "$name: every page has row $statement->id");
                        self::assertCount(1, array_unique($heights), "$name: row $statement->id is level");
                    }
                }
            }
        }
    }

    public function testNoPageLosesOrAddsALine(): void
    {
        foreach (self::programs() as $name => $program) {
            $spread = new Spread(new Analysis($program), Language::cases(), 'fr');
            foreach (Language::cases() as $language) {
                $text = '';
                $number = 0;
                foreach ($spread->rows as $row) {
                    $cell = $row['cells'][$language->value];
                    if ($cell instanceof TextLine) {
                        $text .= $cell->text."\n";
                        self::assertSame(++$number, $cell->number);
                        self::assertSame($cell->text, implode('', array_column($cell->tokens(), 1)));
                    }
                }
                self::assertSame($language->print($program)->text(), $text, $name);
            }
            $rows = array_filter(array_map(static fn (array $row) => $row['cells']['blocks'], $spread->rows), static fn ($cell): bool => $cell instanceof BlockRow);
            self::assertEquals($spread->blocks->rows, array_values($rows), $name);
        }
    }

    public function testPlacesAreWhereRowsCanBePut(): void
    {
        foreach (self::programs() as $name => $program) {
            $page = new BlocksPage($program, 'en');
            $bodies = 0;
            foreach (Walk::statements($program->parts()) as $statement) {
                foreach ($statement->bodies() as $body) {
                    $bodies += 1 + \count($body->statements);
                }
            }
            self::assertCount($bodies + 1 + \count($program->functions), $page->places, $name);
            foreach ($page->rows as $index => $row) {
                self::assertLessThanOrEqual(\count($page->rows), $index + $row->height, $name);
            }
        }
    }
}
