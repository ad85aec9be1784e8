<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\Cut;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\Walk;

/**
 * Rows that are switched off stand in text as remarks. Where an older program has such rows, remarks that say just
 * what they say are those rows.
 */
final class OffRows
{
    /** @var array<string, list<array{Statement, list<string>}>> by the first remark */
    private array $known = [];
    /** @var array<int, int> cuts by row: the place of the head */
    private array $places = [];

    /** @param array<int, Cut> $cuts */
    private function __construct(Analysis $before, Language $language, private array $cuts, private int $ids)
    {
        $roots = $says = [];
        foreach (Walk::statements($before->program->parts()) as $row) {
            if (self::isRemark($row, $language) && !isset($roots[$row->id])) {
                // What an unread header holds are rows like any other.
                foreach ($row instanceof Unread && !$row->off ? [$row] : Walk::statements([$row]) as $inner) {
                    $roots[$inner->id] = $row;
                }
            }
        }
        // The lines of a row stand around those of the rows in it.
        foreach ($before->text($language)->lines as $line) {
            $root = $roots[(int) $line->anchor] ?? null;
            if (null !== $root) {
                $says[$root->id][] = trim((string) preg_replace('~^(?://|\#)[ ]?~', '', trim($line->text)));
            }
        }
        foreach ($says as $id => $lines) {
            $this->known[$lines[0]][] = [$roots[$id], $lines];
        }
        foreach ($cuts as $place => $cut) {
            $this->places[$cut->id] ??= $place;
        }
    }

    /** Whether a row stands in a text as a remark: switched off, or not to be read even in its own language. */
    private static function isRemark(Statement $row, Language $language): bool
    {
        return $row->off || $row instanceof Unread && $row->language !== $language->value;
    }

    /**
     * @param array<int, Cut> $cuts
     * @param int             $ids  the largest id in use
     *
     * @return array{Rows, array<int, Cut>}
     */
    public static function restored(Rows $rows, array $cuts, Analysis $before, Language $language, int $ids): array
    {
        $hasAny = false;
        foreach (Walk::statements($before->program->parts()) as $row) {
            $hasAny = $hasAny || self::isRemark($row, $language);
        }
        if (!$hasAny) {
            return [$rows, $cuts];
        }
        $off = new self($before, $language, $cuts, $ids);
        $rows = new Rows($rows->imports, $off->within($rows->rows), $off->within($rows->above), $off->within($rows->below));

        return [$rows, array_values($off->cuts)];
    }

    /**
     * @param list<Statement> $rows
     *
     * @return list<Statement>
     */
    private function within(array $rows): array
    {
        $found = [];
        for ($index = 0; $index < \count($rows); ++$index) {
            $row = $rows[$index];
            $match = $row instanceof Comment ? $this->match($rows, $index) : null;
            if (null !== $match) {
                $taken = $this->taken($match[0], $row, \array_slice($rows, $index + 1, $match[1] - 1));
                $index += $match[1] - 1;
                if ($taken instanceof Unread && null !== $taken->body) {
                    $held = \array_slice($rows, $index + 1, \count($taken->body->statements));
                    $taken = $taken->withBody('body', new Block($this->within($held)));
                    $index += \count($held);
                }
                $found[] = $taken;
                continue;
            }
            foreach ($row->bodies() as $name => $body) {
                $row = $row->withBody($name, new Block($this->within($body->statements)));
            }
            $found[] = $row;
        }

        return $found;
    }

    /**
     * @param list<Statement> $rows
     *
     * @return array{Statement, int}|null the row and how many remarks it is
     */
    private function match(array $rows, int $index): ?array
    {
        $first = $rows[$index];
        foreach ($first instanceof Comment ? $this->known[trim($first->text)] ?? [] : [] as [$row, $says]) {
            foreach ($says as $ahead => $text) {
                $remark = $rows[$index + $ahead] ?? null;
                if (!$remark instanceof Comment || trim($remark->text) !== $text || !isset($this->places[$remark->id])) {
                    continue 2;
                }
            }

            return [$row, \count($says)];
        }

        return null;
    }

    /** @param list<Statement> $others */
    private function taken(Statement $row, Statement $first, array $others): Statement
    {
        $place = $this->places[$first->id];
        $cut = $this->cuts[$place];
        $end = $cut->end;
        foreach ($others as $other) {
            $end = $this->cuts[$this->places[$other->id]]->end;
            unset($this->cuts[$this->places[$other->id]]);
        }
        $this->cuts[$place] = new Cut($first->id, $cut->part, $cut->start, $end, $cut->parent);

        if ($row instanceof Unread && !$row->off) {
            return $row->withId($first->id);
        }

        return Walk::map($row, fn (Statement $inner): Statement => $inner->withId($inner->id === $row->id ? $first->id : ++$this->ids));
    }
}
