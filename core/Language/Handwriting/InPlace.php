<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\Reader;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Hand;
use Scrivlet\Core\Tree\Handwriting;
use Scrivlet\Core\Tree\Model;
use Scrivlet\Core\Tree\Piece;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\Walk;

/**
 * Rows written by hand one at a time: what is typed stands in the place of one row, or of the header of one that
 * holds others, in the program's text, and the whole of it is read again.
 */
final class InPlace
{
    /**
     * @param string $part head, then<n> or otherwise
     *
     * @return array{Program, list<int>} with the rows that were written
     *
     * @throws Refusal
     */
    public static function write(Program $program, Language $language, int $id, string $part, string $typed): array
    {
        [$before, $text, $piece] = self::place($program, $language, $id, $part);
        $whole = $before->program;
        $typed = trim((string) preg_replace('/\r\n?/', "\n", $typed), "\n");
        if ('' === trim($typed)) {
            throw new Refusal('edit.write_nothing');
        }
        $lines = explode("\n", rtrim($typed));
        $own = 1 === preg_match('/^[ \t]+/', $lines[0], $match) ? $match[0] : '';
        $lineStart = (int) strrpos("\n".substr($text, 0, $piece->coreStart), "\n");
        $indent = 1 === preg_match('/^[ \t]*/', substr($text, $lineStart, $piece->coreStart - $lineStart), $match) ? $match[0] : '';
        $newLine = 1 === preg_match('/\r\n|\n|\r/', $text, $match) ? $match[0] : "\n";
        foreach ($lines as $index => $line) {
            $line = str_starts_with($line, $own) ? substr($line, \strlen($own)) : $line;
            $lines[$index] = 0 === $index || '' === $line ? $line : $indent.$line;
        }
        $typed = implode($newLine, $lines);
        $end = $piece->coreStart + \strlen($typed);
        $shift = $end - $piece->coreEnd;
        $pinned = 'head' === $part ? [$piece->coreStart => $id] : [];
        foreach ($whole->handwriting[$language->value]->pieces as $other) {
            if ('head' === $other->part && $other->id !== $id) {
                $pinned[$other->coreStart + ($other->coreStart >= $piece->coreEnd ? $shift : 0)] = $other->id;
            }
        }
        $read = Reader::read(substr($text, 0, $piece->coreStart).$typed.substr($text, $piece->coreEnd), $language, $before, $pinned)->program;
        $written = [];
        foreach ($read->handwriting[$language->value]->pieces as $other) {
            if ($other->coreStart >= $piece->coreStart && $other->coreStart < $end && ('head' === $other->part || $other->part === $part) && $other->id > 0 && $other->id !== $read->script->id) {
                $written[] = $other->id;
            }
        }
        $written = array_values(array_unique($written));
        $hands = $read->hands;
        $models = $read->models;
        foreach ($written as $index => $other) {
            $hands[$other] = Hand::Handwritten;
            $models[$other] ??= $other === $id || 0 === $index ? self::model($program, $id, $language) : new Model($language->value, null, $models[$other]->of ?? $id);
        }

        return [$read->withHands($hands)->withModels($models), $written];
    }

    private static function model(Program $program, int $id, Language $language): Model
    {
        foreach (Walk::statements($program->parts()) as $row) {
            if ($row->id === $id && !$row instanceof Unread) {
                return Model::of($row, $language->value);
            }
        }

        return new Model($language->value, null);
    }

    /**
     * The program with all of its text in a language, and where a part of a row stands in it.
     *
     * @return array{Analysis, string, Piece}
     */
    private static function place(Program $program, Language $language, int $id, string $part): array
    {
        $before = new Analysis($program);
        $text = $before->text($language)->text();
        $whole = Reader::read($text, $language, $before)->analysis;
        foreach ($whole->program->handwriting[$language->value]->pieces as $piece) {
            if ($piece->id === $id && $piece->part === $part && $piece->coreEnd > $piece->coreStart) {
                return [$whole, $text, $piece];
            }
        }
        throw new Refusal('edit.not_written');
    }

    /**
     * What stands in a place now, and what the printed row says there, for a person to write over.
     *
     * @return array{text: string, ghost: string}
     *
     * @throws Refusal
     */
    public static function line(Program $program, Language $language, int $id, string $part): array
    {
        [, $text, $piece] = self::place($program, $language, $id, $part);
        $isOwn = ($program->hands[$id] ?? null)?->isInk() ?? false;
        $model = $program->models[$id] ?? null;
        $printed = $program;
        if (null !== $model?->row) {
            $printed = self::mapped($program, static fn (Statement $row): ?Statement => $row->id === $id ? $model->holding($row) : $row);
        }
        $ghost = [];
        foreach ($language->printPlainly($printed)->lines as $line) {
            if ($line->anchor === "$id:$part") {
                $ghost[] = trim($line->text);
            }
        }
        $lineStart = (int) strrpos("\n".substr($text, 0, $piece->coreStart), "\n");
        $indent = substr($text, $lineStart, $piece->coreStart - $lineStart);
        $core = substr($text, $piece->coreStart, $piece->coreEnd - $piece->coreStart);

        return ['text' => $isOwn ? str_replace("\n$indent", "\n", str_replace("\r\n", "\n", $core)) : '', 'ghost' => implode("\n", $ghost)];
    }

    /**
     * Rows turned over: to code, or back to words. What was written by hand goes back to print, if it can be read;
     * if it can't, the printed row comes back.
     *
     * @param list<int> $ids
     *
     * @throws Refusal
     */
    public static function turn(Program $program, array $ids, bool $toCode): Program
    {
        $hands = $program->hands;
        $back = [];
        foreach ($ids as $id) {
            $hand = $hands[$id] ?? null;
            if (isset($program->models[$id])) {
                $back[$id] = true;
                unset($hands[$id]);
            } elseif ($toCode) {
                $hands[$id] = $hand?->isInk() ?? false ? Hand::Handwritten : Hand::Code;
            } elseif (Hand::Handwritten === $hand || Hand::Typed === $hand) {
                $hands[$id] = Hand::Typed;
            } else {
                unset($hands[$id]);
            }
            if ($toCode && isset($back[$id])) {
                $hands[$id] = Hand::Code;
            }
        }
        if ([] === $back) {
            return $program->withHands($hands);
        }
        $models = $program->models;
        $program = self::mapped($program, static function (Statement $row) use ($back, $models): Statement {
            if (!isset($back[$row->id]) || !$row instanceof Unread) {
                return $row;
            }

            return ($models[$row->id] ?? null)?->holding($row) ?? throw new Refusal('edit.not_readable');
        });
        foreach ($program->handwriting as $language => $handwriting) {
            // A piece that says what no row says is printed anew.
            $pieces = array_map(static fn (Piece $piece): Piece => isset($back[$piece->id]) ? new Piece($piece->id, $piece->part, $piece->start, $piece->coreStart, $piece->coreEnd, -1, $piece->parent, $piece->tight) : $piece, $handwriting->pieces);
            $program = $program->withHandwriting($language, new Handwriting($handwriting->text, $pieces));
        }

        return $program->withHands($hands)->withModels(array_diff_key($models, $back));
    }

    /**
     * After an edit of blocks: rows that say something else now, or are gone, are not handwritten any more.
     */
    public static function settled(Program $old, Program $new): Program
    {
        if ([] === $new->hands && [] === $new->models) {
            return $new;
        }
        $fingerprints = new Fingerprints();
        $says = static function (Program $program) use ($fingerprints): array {
            $all = [];
            foreach (Walk::statements($program->parts()) as $row) {
                $all[$row->id] = $fingerprints->own($row);
            }

            return $all;
        };
        [$before, $now] = [$says($old), $says($new)];
        $hands = $models = [];
        foreach ($new->hands as $id => $hand) {
            if (isset($now[$id]) && (!$hand->isInk() || ($before[$id] ?? null) === $now[$id])) {
                $hands[$id] = $hand;
            }
        }
        foreach ($new->models as $id => $model) {
            if (($hands[$id] ?? null)?->isInk() ?? false) {
                $models[$id] = $model;
            }
        }

        return $new->withHands($hands)->withModels($models);
    }

    /**
     * The program with rows changed, or taken out where the change gives none.
     *
     * @param \Closure(Statement): ?Statement $change
     */
    public static function mapped(Program $program, \Closure $change): Program
    {
        $within = static function (array $rows) use (&$within, $change): array {
            $kept = [];
            foreach ($rows as $row) {
                \assert($row instanceof Statement);
                foreach ($row->bodies() as $name => $body) {
                    $row = $row->withBody($name, new Block($within($body->statements)));
                }
                $row = $change($row);
                if (null !== $row) {
                    $kept[] = $row;
                }
            }

            return $kept;
        };
        /** @var list<Statement> $functions */
        $functions = $within($program->functions);
        /** @var list<Statement> $script */
        $script = $within($program->script->body->statements);
        /** @var list<Statement> $below */
        $below = $within($program->below);

        return $program->withFunctions($functions)->withScript($program->script->withBody('body', new Block($script)))->withBelow($below);
    }
}
