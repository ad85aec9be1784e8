<?php

declare(strict_types=1);

namespace Scrivlet\Core\Edit;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\Goes;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Walk;

/**
 * The edits a person can make. Each takes a program and gives another, or refuses with a reason and changes nothing;
 * what comes out is always well formed.
 */
final readonly class Editor
{
    public function __construct(private Program $program)
    {
    }

    /** @throws Refusal */
    public function insert(int $parent, string $body, int $index, string $key): Edited
    {
        if ('otherwise' === $key || 'else_if' === $key) {
            return $this->splitBranch($parent, $body, $index, 'else_if' === $key);
        }

        return $this->put($parent, $body, $index, [(new Blueprint($this->program))->row($key)], $key);
    }

    /**
     * @param list<Statement> $rows they get new ids
     *
     * @throws Refusal
     */
    public function paste(int $parent, string $body, int $index, array $rows): Edited
    {
        foreach ($rows as $row) {
            if ($row instanceof FunctionDefinition && null !== $this->program->functionNamed($row->name)) {
                throw new Refusal('name.function', ['name' => $row->name]);
            }
        }

        return $this->put($parent, $body, $index, $rows, 'paste');
    }

    /**
     * Puts in what another program has: its functions before all rows, where there is none of that name yet, and its
     * rows at a place.
     *
     * @throws Refusal
     */
    public function bring(int $parent, string $body, int $index, Program $other): Edited
    {
        $functions = array_values(array_filter($other->definitions(), fn (FunctionDefinition $function): bool => null === $this->program->functionNamed($function->name)));
        $rows = array_values(array_filter([...$other->functions, ...$other->script->body->statements], static fn (Statement $row): bool => !$row instanceof FunctionDefinition));
        $program = [] === $functions ? $this->program : $this->put(Locator::PROGRAM, 'functions', \count($this->program->functions), $functions, 'paste')->program;

        return (new self($program))->put($parent, $body, $index, $rows, 'paste');
    }

    /** @param list<Statement> $rows */
    private function put(int $parent, string $body, int $index, array $rows, string $what): Edited
    {
        $nextId = $this->program->nextId;
        $first = $nextId;
        $fresh = array_map(static function (Statement $row) use (&$nextId): Statement {
            return Walk::map($row, static function (Statement $inner) use (&$nextId): Statement {
                return $inner->withId($nextId++);
            });
        }, $rows);
        $first = [] === $fresh ? $first : $fresh[0]->id;
        $program = self::spliced($this->program->withNextId($nextId), $parent, $body, $index, 0, $fresh);

        return new Edited(self::checked($program), 'insert', $what, array_map(static fn (Statement $row): int => $row->id, $fresh), $first);
    }

    /** @param list<Statement> $rows */
    private static function spliced(Program $program, int $parent, string $body, int $index, int $removed, array $rows): Program
    {
        $block = Locator::body($program, $parent, $body);
        if (null === $block || $index < 0 || $index > \count($block->statements)) {
            throw new Refusal('edit.place_gone');
        }
        foreach ($rows as $row) {
            if (($row instanceof FunctionDefinition) !== (Locator::PROGRAM === $parent)) {
                throw new Refusal($row instanceof FunctionDefinition ? 'edit.function_outside' : 'edit.only_functions');
            }
        }

        return Locator::withBody($program, $parent, $body, $block->splice($index, $removed, $rows));
    }

    /**
     * @param list<int> $ids rows of one body, next to each other
     *
     * @throws Refusal
     */
    public function move(array $ids, int $parent, string $body, int $index): Edited
    {
        [$fromParent, $fromBody, $fromIndex, $rows] = $this->siblings($ids);
        foreach (Walk::statements($rows) as $row) {
            if ($row->id === $parent) {
                throw new Refusal('edit.into_itself');
            }
        }
        if ($fromParent === $parent && $fromBody === $body) {
            if ($index >= $fromIndex && $index <= $fromIndex + \count($rows)) {
                return new Edited($this->program, 'move', '', $ids, $ids[0]);
            }
            $index -= $index > $fromIndex ? \count($rows) : 0;
        }
        $without = self::spliced($this->program, $fromParent, $fromBody, $fromIndex, \count($rows), []);

        return new Edited(self::checked(self::spliced($without, $parent, $body, $index, 0, $rows)), 'move', '', $ids, $ids[0]);
    }

    /**
     * @param list<int> $ids
     *
     * @throws Refusal
     */
    public function duplicate(array $ids): Edited
    {
        [$parent, $body, $index, $rows] = $this->siblings($ids);
        if (Locator::PROGRAM === $parent) {
            $program = $this->program;
            $rows = array_map(static function (Statement $row) use ($program): Statement {
                // A second method of a name is refused where the rules are asked.
                if (!$row instanceof FunctionDefinition || '' !== $row->class()) {
                    return $row;
                }
                $number = 2;
                while (null !== $program->functionNamed($row->name.'_'.$number)) {
                    ++$number;
                }

                return $row->withLabel('name', $row->name.'_'.$number);
            }, $rows);
        }
        $edited = $this->put($parent, $body, $index + \count($rows), $rows, '');

        return new Edited($edited->program, 'duplicate', '', $edited->rows, $edited->focus);
    }

    /**
     * @param list<int> $ids
     *
     * @throws Refusal
     */
    public function delete(array $ids): Edited
    {
        [$parent, $body, $index, $rows] = $this->siblings($ids);
        foreach ($rows as $row) {
            if ($row instanceof FunctionDefinition && self::isCalled($this->program, $row)) {
                throw new Refusal('edit.function_called', ['name' => $row->name]);
            }
        }

        return new Edited(self::spliced($this->program, $parent, $body, $index, \count($rows), []), 'delete', '', []);
    }

    private static function isCalled(Program $program, FunctionDefinition $function): bool
    {
        foreach ($program->parts() as $part) {
            if ($part->id !== $function->id && isset(Rules::calledBy($part)[$function->name])) {
                return true;
            }
        }

        return false;
    }

    /**
     * Takes a loop or branch away and leaves the rows it held; of a branch, the row of one part alone.
     *
     * @param string $part head, then<n> or otherwise
     *
     * @throws Refusal
     */
    public function unwrap(int $id, string $part = 'head'): Edited
    {
        $statement = Locator::statement($this->program, $id) ?? throw new Refusal('edit.row_gone');
        if ($statement instanceof Conditional && 'head' !== $part) {
            return $this->changed('unwrap', $id, self::mergeBranch($statement, $part, true));
        }
        if ($statement instanceof Attempt && 'head' !== $part) {
            return $this->changed('unwrap', $id, self::mergeRescue($statement, $part, true));
        }
        if ([] === $statement->bodies() || $statement instanceof FunctionDefinition || $statement instanceof Script) {
            throw new Refusal('edit.holds_nothing');
        }
        [$parent, $body, $index] = Locator::find($this->program, $id) ?? throw new Refusal('edit.row_gone');
        $rows = array_merge(...array_map(static fn (Block $block): array => $block->statements, array_values($statement->bodies())));

        return new Edited(self::checked(self::spliced($this->program, $parent, $body, $index, 1, $rows)), 'unwrap', '', array_map(static fn (Statement $row): int => $row->id, $rows));
    }

    /**
     * Takes one part of a branch away with the rows it held.
     *
     * @throws Refusal
     */
    public function deletePart(int $id, string $part): Edited
    {
        $statement = Locator::statement($this->program, $id);
        if ($statement instanceof Attempt) {
            return $this->changed('delete', $id, self::mergeRescue($statement, $part, false));
        }
        if (!$statement instanceof Conditional) {
            throw new Refusal('edit.row_gone');
        }

        return $this->changed('delete', $id, self::mergeBranch($statement, $part, false));
    }

    /** An attempt without one of its parts; its rows go to the part above if they are kept. */
    private static function mergeRescue(Attempt $attempt, string $part, bool $keepRows): Attempt
    {
        $parts = array_keys($attempt->bodies());
        $at = array_search($part, $parts, true);
        if (false === $at || 0 === $at) {
            throw new Refusal('edit.row_gone');
        }
        if (2 === \count($parts) || 1 === \count($attempt->rescues) && null === $attempt->finally && null !== Attempt::rescueOf($part)) {
            throw new Refusal('edit.last_rescue');
        }
        $above = $attempt->bodies()[$parts[$at - 1]];
        if ($keepRows) {
            $attempt = $attempt->withBody($parts[$at - 1], new Block([...$above->statements, ...$attempt->bodies()[$part]->statements]));
        }

        return $attempt->without($part);
    }

    private static function mergeBranch(Conditional $statement, string $part, bool $keepRows): Conditional
    {
        $branches = $statement->branches;
        $isOtherwise = Conditional::OTHERWISE === $part;
        $index = $isOtherwise ? \count($branches) : (int) Conditional::branchOf($part);
        $removed = $isOtherwise ? $statement->otherwise : ($branches[$index]->body ?? null);
        if (0 === $index || null === $removed) {
            throw new Refusal('edit.row_gone');
        }
        if ($keepRows) {
            $before = $branches[$index - 1] ?? throw new Refusal('edit.row_gone');
            $branches[$index - 1] = new Branch($before->condition, new Block([...$before->body->statements, ...$removed->statements]));
        }
        if (!$isOtherwise) {
            array_splice($branches, $index, 1);
        }
        \assert([] !== $branches);

        return $statement->withBranches($branches, $isOtherwise ? null : $statement->otherwise);
    }

    private function splitBranch(int $parent, string $body, int $index, bool $withCondition): Edited
    {
        $statement = Locator::statement($this->program, $parent);
        $branch = Conditional::branchOf($body);
        if (!$statement instanceof Conditional || null === $branch || !isset($statement->branches[$branch])) {
            throw new Refusal('edit.only_in_branch');
        }
        $rows = $statement->branches[$branch]->body->statements;
        $rest = new Block(\array_slice($rows, $index));
        $branches = $statement->branches;
        $branches[$branch] = new Branch($branches[$branch]->condition, new Block(\array_slice($rows, 0, $index)));
        $otherwise = $statement->otherwise;
        if ($withCondition) {
            array_splice($branches, $branch + 1, 0, [new Branch(new TruthLiteral(true), $rest)]);
        } elseif (null !== $otherwise || $branch !== array_key_last($branches)) {
            throw new Refusal('edit.has_otherwise');
        } else {
            $otherwise = $rest;
        }

        return $this->changed('insert', $parent, $statement->withBranches(array_values($branches), $otherwise), $withCondition ? 'else_if' : 'otherwise');
    }

    /** @return list<string> the rows of the drawer that other rows can be put into where they stand */
    public static function wrappers(): array
    {
        $blueprint = new Blueprint(Program::empty());
        $holders = array_filter(Catalogue::entries(), static fn (Entry $entry): bool => Goes::Row === $entry->goes && !$entry->value && !$entry->command && !$entry->fromText && 'call' !== $entry->key && [] !== $blueprint->row($entry->key)->bodies());

        return array_keys($holders);
    }

    /**
     * Puts rows into a new loop or branch.
     *
     * @param list<int> $ids
     *
     * @throws Refusal
     */
    public function wrap(array $ids, string $key): Edited
    {
        [$parent, $body, $index, $rows] = $this->siblings($ids);
        $wrapper = (new Blueprint($this->program))->row($key);
        $name = array_key_first($wrapper->bodies());
        if (null === $name || $wrapper instanceof FunctionDefinition || Locator::PROGRAM === $parent) {
            throw new Refusal('edit.holds_nothing');
        }
        $wrapper = $wrapper->withId($this->program->nextId)->withBody($name, new Block($rows));
        $program = self::spliced($this->program->withNextId($this->program->nextId + 1), $parent, $body, $index, \count($rows), [$wrapper]);

        return new Edited(self::checked($program), 'wrap', $key, [$wrapper->id], $wrapper->id);
    }

    /**
     * @param list<int> $ids
     *
     * @throws Refusal
     */
    public function switch(array $ids, bool $off): Edited
    {
        [$parent, $body, $index, $rows] = $this->siblings($ids);
        if (Locator::PROGRAM === $parent) {
            throw new Refusal('edit.function_on');
        }
        $rows = array_map(static fn (Statement $row): Statement => $row->withOff($off), $rows);

        return new Edited(self::spliced($this->program, $parent, $body, $index, \count($rows), $rows), $off ? 'off' : 'on', '', $ids);
    }

    /** @throws Refusal */
    public function fill(int $id, string $slot, string $source): Edited
    {
        return new Edited(self::checked((new Filling($this->program))->fill($id, $slot, $source)), 'fill', '', [$id]);
    }

    private function changed(string $kind, int $id, Statement $changed, string $what = ''): Edited
    {
        return new Edited(self::checked(Locator::change($this->program, $id, static fn (): Statement => $changed)), $kind, $what, [$id]);
    }

    /**
     * @param list<int> $ids
     *
     * @return array{int, string, int, non-empty-list<Statement>}
     */
    private function siblings(array $ids): array
    {
        $place = [] === $ids ? null : Locator::find($this->program, $ids[0]);
        $block = null === $place ? null : Locator::body($this->program, $place[0], $place[1]);
        if (null === $place || null === $block) {
            throw new Refusal('edit.row_gone');
        }
        $rows = \array_slice($block->statements, $place[2], \count($ids));
        if (array_map(static fn (Statement $row): int => $row->id, $rows) !== $ids || [] === $rows) {
            throw new Refusal('edit.not_together');
        }

        return [...$place, $rows];
    }

    private static function checked(Program $program): Program
    {
        Rules::check($program);

        return $program;
    }
}
