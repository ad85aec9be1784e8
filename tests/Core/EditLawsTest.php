<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Edit\Edited;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Edit\Revision;
use Scrivlet\Core\Edit\Rules;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\BlocksPage;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Tests\Support\ProgramGenerator;

/** Any sequence of edits leaves a well-formed program, and can be undone to the first one and done again. */
final class EditLawsTest extends TestCase
{
    private const SEQUENCES = 120;
    private const EDITS = 25;

    private Randomizer $random;

    #[Group('long')]
    public function testAnySequenceOfEditsKeepsTheLaws(): void
    {
        $done = 0;
        for ($seed = 1; $seed <= self::SEQUENCES; ++$seed) {
            $this->random = new Randomizer(new Mt19937($seed));
            $first = 0 === $seed % 3 ? Program::empty() : (new ProgramGenerator($seed))->program();
            $programs = [1 => $first];
            $revisions = [1 => Revision::first()];
            $at = 1;
            for ($count = 0; $count < self::EDITS; ++$count) {
                try {
                    $edited = $this->anyEdit($programs[$at]);
                } catch (Refusal $refusal) {
                    self::assertMatchesRegularExpression('/^(edit|name|blank|rule)\./', $refusal->key);
                    continue;
                }
                $this->check($edited->program);
                $revisions[$at + 1] = $revisions[$at]->edited();
                $programs[++$at] = $edited->program;
                ++$done;
            }
            $last = $programs[$at];
            $undone = 0;
            while (null !== $target = $revisions[$at]->undoTo) {
                $revisions[$at + 1] = $revisions[$at]->undone($revisions[$target]);
                $programs[++$at] = $programs[$target];
                ++$undone;
            }
            self::assertEquals($first, $programs[$at], "seed $seed: undoing everything gives the first program");
            for (; $undone > 0; --$undone) {
                $target = $revisions[$at]->redoTo;
                self::assertNotNull($target);
                $revisions[$at + 1] = $revisions[$at]->redone($revisions[$target]);
                $programs[++$at] = $programs[$target];
            }
            self::assertEquals($last, $programs[$at], "seed $seed: doing everything again gives the last program");
            self::assertNull($revisions[$at]->redoTo);
        }
        self::assertGreaterThan(self::SEQUENCES * self::EDITS / 3, $done, 'most edits are possible');
    }

    private function check(Program $program): void
    {
        Rules::check($program);
        self::assertEquals($program, ProjectReader::kept(ProjectWriter::kept($program)), 'what is kept is what was made');
        [$name, $read] = ProjectReader::read(ProjectWriter::write('Bean rows', $program));
        self::assertSame('Bean rows', $name);
        foreach (Language::cases() as $language) {
            self::assertSame($language->print($program)->text(), $language->print($read)->text());
        }
    }

    private function anyEdit(Program $program): Edited
    {
        $editor = new Editor($program);
        $places = (new BlocksPage($program, 'en'))->places;
        $place = $this->pick($places);
        $rows = iterator_to_array(Walk::statements($program->parts()), false);
        $row = $this->pick($rows);
        $siblings = $this->siblings($program);
        $keys = array_keys(array_filter(Catalogue::entries(), static fn ($entry): bool => !$entry->value));

        return match ($this->random->getInt(1, 12)) {
            1, 2, 3 => $editor->insert($place->parent, $place->body, $place->index, $this->pick($keys)),
            4, 5 => $this->fill($editor, $row),
            6 => $editor->move($siblings, $place->parent, $place->body, $place->index),
            7 => $editor->duplicate($siblings),
            8 => $editor->delete($siblings),
            9 => $editor->unwrap($row->id, $this->pick(['head', 'then1', 'otherwise'])),
            10 => $editor->wrap($siblings, $this->pick(['repeat', 'count', 'while', 'forever', 'if'])),
            11 => $editor->switch($siblings, !$row->off),
            default => $editor->paste($place->parent, $place->body, $place->index, ProjectReader::rows(ProjectWriter::rows([$row]))),
        };
    }

    private function fill(Editor $editor, Statement $row): Edited
    {
        $slots = array_keys([...$row->blanks(), ...$row->labels()]);
        if ([] === $slots) {
            throw new Refusal('blank.empty');
        }

        return $editor->fill($row->id, $this->pick($slots), $this->pick(['12', 'size', 'size * 2', 'plum', '#2f9e5b', 'bed & 3', '1 < 2', '"a" & 4', 'a, b', 'b', '', '(', 'random(1, 6)', 'x()', 'not true', 'class', '  spaced  ', 'été']));
    }

    /** @return list<int> some neighbours of one body */
    private function siblings(Program $program): array
    {
        $bodies = [$program->functions];
        foreach (Walk::statements($program->parts()) as $statement) {
            foreach ($statement->bodies() as $body) {
                $bodies[] = $body->statements;
            }
        }
        $bodies = array_values(array_filter($bodies));
        if ([] === $bodies) {
            return [];
        }
        $body = $this->pick($bodies);
        $from = $this->random->getInt(0, \count($body) - 1);

        return array_map(static fn (Statement $statement): int => $statement->id, \array_slice($body, $from, $this->random->getInt(1, 3)));
    }

    /**
     * @template T
     *
     * @param list<T> $choices
     *
     * @return T
     */
    private function pick(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, \count($choices) - 1)];
    }

    public function testRenamingAndChangingParametersTakesTheCallsAlong(): void
    {
        $program = (new Editor(Program::empty()))->insert(0, 'functions', 0, 'define')->program;
        $function = $program->definitions()[0];
        $program = (new Editor($program))->insert(1, 'body', 0, 'call.'.$function->name)->program;
        $program = (new Editor($program))->fill($function->id, 'parameters', 'breadth, length')->program;
        $call = $program->script->body->statements[0];
        $program = (new Editor($program))->fill($call->id, 'argument1', '33')->program;
        $program = (new Editor($program))->fill($function->id, 'parameters', 'breadth, side')->program;
        $program = (new Editor($program))->fill($function->id, 'name', 'pane')->program;
        self::assertStringEndsWith("pane(10, 33)\n", Language::Python->print($program)->text());
    }
}
