<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;

/**
 * Puts pages side by side, so that what belongs to one place of the tree stands at one height on all of them. Where
 * a page has fewer lines for a place than another, it is left blank there.
 */
final class Alignment
{
    /**
     * @template T
     *
     * @param array<string, array<string, list<T>>> $pages by name: the lines of each anchor
     *
     * @return list<array{key: string, cells: array<string, T|null>}> a key is `<anchor>/<n>`
     */
    public static function of(Program $program, array $pages): array
    {
        $rows = [];
        foreach (self::anchors($program) as $anchor) {
            $height = 0;
            foreach ($pages as $lines) {
                $height = max($height, \count($lines[$anchor] ?? []));
            }
            for ($line = 0; $line < $height; ++$line) {
                $cells = [];
                foreach ($pages as $name => $lines) {
                    $cells[$name] = $lines[$anchor][$line] ?? null;
                }
                $rows[] = ['key' => "$anchor/$line", 'cells' => $cells];
            }
        }

        return $rows;
    }

    /** @return list<string> every anchor that a line of a page may have, from top to bottom */
    public static function anchors(Program $program): array
    {
        $anchors = ['0:prelude'];
        foreach ($program->functions as $row) {
            self::outermost($row, $anchors);
        }
        $script = $program->script;
        $anchors[] = "$script->id:above";
        $anchors[] = "$script->id:head";
        $anchors[] = "$script->id:enter";
        self::body($script->id, 'body', $script->body, $anchors);
        $anchors[] = "$script->id:close";
        foreach ($program->below as $row) {
            self::outermost($row, $anchors);
        }
        $anchors[] = '0:end';

        return $anchors;
    }

    /** @param list<string> $anchors */
    private static function outermost(Statement $row, array &$anchors): void
    {
        self::statement($row, $anchors);
        $anchors[] = "$row->id:gap";
    }

    /** @param list<string> $anchors */
    private static function body(int $id, string $name, Block $body, array &$anchors): void
    {
        foreach ($body->statements as $statement) {
            self::statement($statement, $anchors);
        }
        $anchors[] = "$id:$name-empty";
    }

    /** @param list<string> $anchors */
    private static function statement(Statement $statement, array &$anchors): void
    {
        $id = $statement->id;
        $anchors[] = "$id:above";
        $anchors[] = "$id:before";
        $anchors[] = "$id:head";
        $bodies = $statement->bodies();
        if ([] === $bodies) {
            return;
        }
        $anchors[] = "$id:enter";
        $isFirst = true;
        foreach ($bodies as $name => $body) {
            if (!$isFirst) {
                $anchors[] = "$id:$name";
            }
            self::body($id, $name, $body, $anchors);
            $isFirst = false;
        }
        $anchors[] = "$id:after";
        $anchors[] = "$id:close";
    }
}
