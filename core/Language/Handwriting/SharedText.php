<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Bounds;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Piece;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/**
 * Rows that have one text together, such as `let a = 1, b = 2` or what a header of `for` begins and steps: the text is
 * the first one's, or the loop's, and the others have none of their own. It is right only as long as all of them say what
 * they said, where they said it.
 */
final class SharedText
{
    /** @var array<int, array{int, int}> place in the order of the page and id of the row around it, by id */
    private array $places = [];
    /** @var array<int, Statement> */
    private array $rows = [];
    /** @var array<int, int> the row behind each in the same body */
    private array $next = [];

    /** @param array<string, array{Piece, int}> $pieces by row and part */
    private function __construct(Program $program, private readonly array $pieces)
    {
        $this->place($program->parts(), 0);
        // Where the script begins and ends there is nothing to see in the text.
        $all = [...$program->functions, ...$program->script->body->statements, ...$program->below];
        foreach ($all as $index => $row) {
            if (isset($all[$index + 1])) {
                $this->next[$row->id] = $all[$index + 1]->id;
            }
        }
    }

    /**
     * @param array<string, array{Piece, int}> $pieces piece and its end, by row and part, in the order of the text
     *
     * @return array{array<int, list<int>>, array<int, true>, array<int, list<int>>} rows that have one text together, by their ids, which of these texts are theirs no more, and rows that the head of a branch says, by the row of the branch
     */
    public static function of(array $pieces, Program $program, Fingerprints $fingerprints): array
    {
        $unsaid = self::unsaid($pieces, $program);
        $pieces = [] === $unsaid ? $pieces : array_filter($pieces, static fn (array $piece): bool => !isset($unsaid[$piece[0]->id]));
        [$groups, $steps, $behind, $first] = self::groups($pieces, $program->script->id);
        if ([] === $groups && [] === $steps && [] === $behind && [] === $first) {
            return [[], [], []];
        }
        $places = new self($program, $pieces);
        $lost = [];
        foreach ($groups as $index => $group) {
            if (!$places->follow($group)) {
                $lost[$index] = true;
            }
        }
        foreach ($steps as $loop => $ids) {
            if (!$places->end($loop, $ids)) {
                $lost[\count($groups)] = true;
            }
            $groups[] = [$loop, ...$ids];
        }
        $heads = [];
        foreach ($first as [$holder, $ids]) {
            $heads[$holder] = [...$heads[$holder] ?? [], ...$ids];
            if (!$places->begin($holder, $ids)) {
                $lost[\count($groups)] = true;
            }
            $groups[] = [$holder, ...$ids];
        }
        foreach ($behind as [$function, $id]) {
            if (($places->next[$function] ?? null) !== $id) {
                $lost[\count($groups)] = true;
            }
            $groups[] = [$function, $id];
        }
        foreach ($groups as $index => $group) {
            foreach ($group as $id) {
                $piece = $pieces["$id:head"][0] ?? null;
                $row = $places->rows[$id] ?? null;
                if (null !== $piece && (null === $row || $piece->fingerprint !== $fingerprints->of($row, 'head', $piece->tight))) {
                    $lost[$index] = true;
                }
            }
        }

        return [$groups, $lost, $heads];
    }

    /**
     * Whether a row is printed of a program whose text leaves a class unsaid: what is printed names that class, which then
     * has to be said, and named by the rest too.
     *
     * @param array<string, array{Piece, int}> $pieces
     */
    public static function saysTooLittle(array $pieces, Program $program, Fingerprints $fingerprints): bool
    {
        foreach ([] === self::unsaid($pieces, $program) ? [] : Walk::statements($program->parts()) as $row) {
            $piece = $pieces["$row->id:head"][0] ?? null;
            if (null === $piece ? !$row instanceof ShareVariable : $piece->fingerprint !== $fingerprints->of($row, 'head', $piece->tight)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Classes that the text leaves unsaid, and what they hold.
     *
     * @param array<string, array{Piece, int}> $pieces
     *
     * @return array<int, true> by id
     */
    private static function unsaid(array $pieces, Program $program): array
    {
        $unsaid = [];
        foreach ($program->functions as $row) {
            $rows = $row instanceof ClassDefinition ? Walk::statements([$row]) : [];
            $ids = [];
            foreach ($rows as $inner) {
                $piece = $pieces["$inner->id:head"][0] ?? null;
                if (null === $piece || $piece->coreStart !== $piece->coreEnd) {
                    // Some of it has a text of its own, as where functions make a class.
                    continue 2;
                }
                $ids[$inner->id] = true;
            }
            $unsaid += $ids;
        }

        return $unsaid;
    }

    /**
     * @param array<string, array{Piece, int}> $pieces
     *
     * @return array{list<list<int>>, array<int, list<int>>, list<array{int, int}>, list<array{int, non-empty-list<int>}>} rows that follow each other,
     *                                                                                                                     steps by the loop they end, functions whose text goes on in the row behind them, and rows that the head of a branch says, by the row
     *                                                                                                                     of the branch
     */
    private static function groups(array $pieces, int $script): array
    {
        $groups = $steps = $chain = $behind = $first = [];
        $last = $closed = $branch = null;
        foreach ($pieces as [$piece]) {
            if ('head' !== $piece->part) {
                $closed = 'close' === $piece->part ? $piece : null;
                $branch = 'close' === $piece->part ? null : $piece;
                continue;
            }
            if (null !== $branch && $piece->coreStart === $piece->coreEnd && $branch->coreEnd === $piece->coreStart && $piece->parent === $branch->id) {
                $key = "$branch->id:$branch->part";
                $first[$key] = [$branch->id, [...$first[$key][1] ?? [], $piece->id]];
                continue;
            }
            $branch = null;
            if ($piece->id === $script) {
                // Where `main` begins is no row that something could stand before or behind.
                self::close($chain, $groups, $steps);
                $chain = [];
                $last = $closed = null;
                continue;
            }
            if (null !== $closed && $closed->coreEnd === $piece->coreStart && $closed->parent === $piece->parent) {
                // The brace of a function that stands in a value, and what follows it.
                self::close($chain, $groups, $steps);
                $behind[] = [$closed->id, $piece->id];
                $chain = $piece->coreStart === $piece->coreEnd ? [] : [$piece];
                $last = $piece;
                $closed = $piece->coreStart === $piece->coreEnd ? $piece : null;
                continue;
            }
            $closed = null;
            $joins = null !== $last && $last->coreEnd === $piece->coreStart && ($last->coreStart === $last->coreEnd || $piece->coreStart === $piece->coreEnd) && ($piece->parent === $last->id || self::isAround($pieces, $piece->parent, $last));
            if (!$joins) {
                self::close($chain, $groups, $steps);
                $chain = [];
            }
            $chain[] = $last = $piece;
        }
        self::close($chain, $groups, $steps);

        return [$groups, $steps, $behind, array_values($first)];
    }

    /**
     * Whether a row holds another one, at whatever depth.
     *
     * @param array<string, array{Piece, int}> $pieces
     */
    private static function isAround(array $pieces, int $row, ?Piece $inside): bool
    {
        // The script stands in nothing but itself; for the rest, a file may say anything of who holds whom.
        for ($steps = 0; null !== $inside && $inside->parent !== $row && $inside->parent !== $inside->id && ++$steps < Bounds::NESTING * 2; $inside = $pieces["$inside->parent:head"][0] ?? null) {
        }

        return $inside?->parent === $row;
    }

    /**
     * @param list<Piece>           $chain
     * @param list<list<int>>       $groups
     * @param array<int, list<int>> $steps
     */
    private static function close(array $chain, array &$groups, array &$steps): void
    {
        if ([] === $chain || 1 === \count($chain) && $chain[0]->coreEnd > $chain[0]->coreStart) {
            return;
        }
        $ids = array_map(static fn (Piece $piece): int => $piece->id, $chain);
        $hasText = [] !== array_filter($chain, static fn (Piece $piece): bool => $piece->coreEnd > $piece->coreStart);
        if ($hasText) {
            $groups[] = $ids;
        } else {
            $steps[$chain[0]->parent] = [...$steps[$chain[0]->parent] ?? [], ...$ids];
        }
    }

    /** @param iterable<Statement> $rows */
    private function place(iterable $rows, int $parent): void
    {
        $before = null;
        foreach ($rows as $row) {
            if (null !== $before) {
                $this->next[$before] = $row->id;
            }
            $before = $row->id;
            if ($row instanceof ShareVariable && !isset($this->pieces["$row->id:head"])) {
                // JavaScript has no words for it.
                continue;
            }
            $this->places[$row->id] = [\count($this->places), $parent];
            $this->rows[$row->id] = $row;
            foreach ($row->bodies() as $body) {
                $this->place($body->statements, $row->id);
            }
        }
    }

    /** @param list<int> $ids */
    private function follow(array $ids): bool
    {
        $before = null;
        foreach ($ids as $id) {
            $place = $this->places[$id] ?? null;
            if (null === $place) {
                return false;
            }
            // Behind the one before it, or the first in it.
            if (null !== $before && ($place[0] !== $before[1][0] + 1 || $place[1] !== $before[0] && !$this->holds($place[1], $before[1][1])) && !$this->isFirstOfScript($id, $before[0])) {
                return false;
            }
            $before = [$id, $place];
        }

        return true;
    }

    /** Whether a row is the first of the script, and another one the last of all before. */
    private function isFirstOfScript(int $row, int $before): bool
    {
        for (; isset($this->places[$before]); $before = $this->places[$before][1]) {
            if (isset($this->next[$before])) {
                return $this->next[$before] === $row && $this->places[$row][1] !== $this->places[$before][1];
            }
        }

        return false;
    }

    /** Whether a row is another one, or holds it. */
    private function holds(int $row, int $inside): bool
    {
        for (; $inside !== $row && isset($this->places[$inside]); $inside = $this->places[$inside][1]) {
        }

        return $inside === $row;
    }

    /** @param non-empty-list<int> $ids */
    private function begin(int $holder, array $ids): bool
    {
        foreach (($this->rows[$holder] ?? null)?->bodies() ?? [] as $body) {
            if ($ids === array_map(static fn (Statement $inner): int => $inner->id, \array_slice($body->statements, 0, \count($ids)))) {
                return true;
            }
        }

        return false;
    }

    /** @param list<int> $ids */
    private function end(int $loop, array $ids): bool
    {
        $row = $this->rows[$loop] ?? null;
        $bodies = null === $row ? [] : array_values($row->bodies());
        $last = [] === $bodies ? new Block([]) : $bodies[\count($bodies) - 1];

        return $ids === array_map(static fn (Statement $inner): int => $inner->id, \array_slice($last->statements, -\count($ids)));
    }
}
