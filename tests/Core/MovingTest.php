<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/** Rows go where they are put: every move in a program with three bodies, beside the same move in plain lists. */
final class MovingTest extends TestCase
{
    public function testEveryMoveIsThatOfTheLists(): void
    {
        $program = Language::Python->read("print(1)\nprint(2)\nif 1 < 2:\n    print(3)\n    print(4)\n    print(5)\nelse:\n    print(6)\n    print(7)\nprint(8)\n")->program;
        $before = self::bodies($program);
        $branch = array_values(array_filter($program->script->body->statements, static fn (Statement $row): bool => $row instanceof Conditional))[0];
        $places = ['body' => $program->script->id, 'then0' => $branch->id, 'otherwise' => $branch->id];
        $moves = 0;
        foreach ($before as $from => $rows) {
            for ($first = 0; $first < \count($rows); ++$first) {
                for ($many = 1; $first + $many <= \count($rows); ++$many) {
                    $ids = \array_slice($rows, $first, $many);
                    foreach ($places as $to => $parent) {
                        for ($index = 0; $index <= \count($before[$to]); ++$index) {
                            if (\in_array($branch->id, $ids, true) && 'body' !== $to) {
                                self::assertRefused(static fn (): mixed => (new Editor($program))->move($ids, $parent, $to, $index));
                                continue;
                            }
                            self::assertSame(self::moved($before, $from, $ids, $to, $index), self::bodies((new Editor($program))->move($ids, $parent, $to, $index)->program), implode(',', $ids)." to $to $index");
                            ++$moves;
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(150, $moves);
    }

    public function testOnlyRowsThatFollowEachOtherAreMoved(): void
    {
        $program = Language::Python->read("print(1)\nprint(2)\nprint(3)\n")->program;
        [$one, $two, $three] = array_map(static fn (Statement $row): int => $row->id, $program->script->body->statements);
        foreach ([[$one, $three], [$two, $one], [$three, $one], [$three, $three], [$two, $three, $one]] as $ids) {
            self::assertRefused(static fn (): mixed => (new Editor($program))->move($ids, $program->script->id, 'body', 0), 'edit.not_together');
        }
        self::assertRefused(static fn (): mixed => (new Editor($program))->move([], $program->script->id, 'body', 0), 'edit.row_gone');
    }

    public function testOnlyWhatHoldsRowsOfTheProgramIsUnwrapped(): void
    {
        $program = Language::Python->read("def water():\n    print(1)\n\nfor bed in range(3):\n    print(2)\n    if bed == 1:\n        print(3)\n    else:\n        print(4)\nprint(5)\n")->program;
        [$loop, $print] = \array_slice(array_values(array_filter($program->script->body->statements, static fn (Statement $row): bool => $row->isLoop() || $row instanceof PrintLine)), 0, 2);
        foreach ([$print->id, $program->definitions()[0]->id, $program->script->id] as $id) {
            self::assertRefused(static fn (): mixed => (new Editor($program))->unwrap($id), 'edit.holds_nothing');
        }
        $branch = array_values($loop->bodies())[0]->statements[1];
        $flat = (new Editor((new Editor($program))->unwrap($loop->id)->program))->unwrap($branch->id)->program;
        self::assertStringEndsWith("print(2)\nprint(3)\nprint(4)\nprint(5)\n", Language::Python->print($flat)->text());
    }

    public function testWhatWrapsIsWhatHoldsRows(): void
    {
        $program = Language::Python->read("print(1)\n")->program;
        $print = array_values(array_filter($program->script->body->statements, static fn (Statement $row): bool => $row instanceof PrintLine))[0];
        self::assertNotEmpty(Editor::wrappers());
        foreach (Editor::wrappers() as $wrapper) {
            $wrapped = (new Editor($program))->wrap([$print->id], $wrapper)->program->script->body->statements;
            self::assertContains($print->id, array_map(static fn (Statement $row): int => $row->id, Walk::statements($wrapped)), $wrapper);
            self::assertFalse(\in_array($print, $wrapped, true), $wrapper);
        }
        self::assertSame([], array_values(array_intersect(Editor::wrappers(), ['print', 'set', 'nib.forward', 'call', 'break'])));
    }

    private static function assertRefused(\Closure $edit, string $key = 'edit.into_itself'): void
    {
        try {
            $edit();
            self::fail("Not refused as $key.");
        } catch (Refusal $refusal) {
            self::assertSame($key, $refusal->key);
        }
    }

    /**
     * @param array<string, list<int>> $bodies
     * @param list<int>                $ids
     *
     * @return array<string, list<int>>
     */
    private static function moved(array $bodies, string $from, array $ids, string $to, int $index): array
    {
        $kept = \array_slice($bodies[$to], 0, $index);
        $behind = \array_slice($bodies[$to], $index);
        $bodies[$from] = array_values(array_diff($bodies[$from], $ids));
        $bodies[$to] = [...array_values(array_diff($kept, $ids)), ...$ids, ...array_values(array_diff($behind, $ids))];

        return $bodies;
    }

    /** @return array<string, list<int>> ids of the rows by body */
    private static function bodies(Program $program): array
    {
        $ids = static fn (?Block $body): array => array_map(static fn (Statement $row): int => $row->id, array_values(array_filter($body->statements ?? [], static fn (Statement $row): bool => $row instanceof PrintLine || $row instanceof Conditional)));
        $bodies = ['body' => $ids($program->script->body)];
        foreach ($program->script->body->statements as $row) {
            if ($row instanceof Conditional) {
                $bodies['then0'] = $ids($row->branches[0]->body);
                $bodies['otherwise'] = $ids($row->otherwise);
            }
        }

        return $bodies;
    }
}
