<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Lantern;

/** The lantern's letters, five lamps high. The libraries for the real machines carry the same table. */
final class Glyphs
{
    /** Each sign with its five rows, one behind the other. */
    public const TABLE = 'A.#.#.#####.##.# B##.#.###.#.###. C.###..#..#...## D##.#.##.##.###. E####..##.#..### F####..##.#..#.. G.##'
        .'#..#.##.#.## H#.##.#####.##.# I###.#..#..#.### J..#..#..##.#.#. K#.##.###.#.##.# L#..#..#..#..### M#...###.###.#.##...##...# '
        .'N#..###.##.###..##..# O.#.#.##.##.#.#. P##.#.###.#..#.. Q.##.#..##..##.##.### R##.#.###.#.##.# S.###...#...###. T###.#..#..#..#. '
        .'U#.##.##.##.#### V#.##.##.##.#.#. W#...##...##.#.##.#.#.#.#. X#.##.#.#.#.##.# Y#.##.#.#..#..#. Z###..#.#.#..### '
        .'0.#.#.##.##.#.#. 1.#.##..#..#.### 2##...#.#.#..### 3##...#.#...###. 4#.##.####..#..# 5####..##...###. 6.###..##.#.#.#. '
        .'7###..#.#..#..#. 8.#.#.#.#.#.#.#. 9.#.#.#.##..###. !###.# .....# ,...## :.#.#. ;.#.## ?##...#.#.....#. '
        .'+....#.###.#.... -......###...... *...#.#.#.#.#... /..#..#.#.#..#.. =...###...###... (.##.#.#..# )#..#.#.##. <..#.#.#...#...# >#...#...#.#.#.. '
        .'\'##... "#.##.#......... #.#.#.#####.#.#####.#.#. %#.#..#.#.#..#.# &.#..#.#..#..#.#.#.#. _............### ';

    /** What stands for a sign that the table does not have. */
    private const OTHER = '####.##.##.####';

    /** @var array<string, list<string>>|null */
    private static ?array $glyphs = null;

    /**
     * A text as five rows of lamps, one dark column between two letters, a gap of two for a blank. Small letters show
     * as large ones.
     *
     * @return list<string> five rows of one length
     */
    public static function rows(string $text): array
    {
        $rows = ['', '', '', '', ''];
        foreach (mb_str_split(strtoupper($text)) as $index => $letter) {
            $glyph = self::glyphs()[$letter] ?? (' ' === $letter ? ['.', '.', '.', '.', '.'] : str_split(self::OTHER, 3));
            foreach ($rows as $row => $lamps) {
                $rows[$row] = $lamps.(0 === $index ? '' : '.').$glyph[$row];
            }
        }

        return $rows;
    }

    /** @return array<string, list<string>> */
    private static function glyphs(): array
    {
        if (null === self::$glyphs) {
            self::$glyphs = [];
            foreach (explode(' ', trim(self::TABLE)) as $entry) {
                $cells = substr($entry, 1);
                self::$glyphs[$entry[0]] = str_split($cells, max(1, intdiv(\strlen($cells), 5)));
            }
        }

        return self::$glyphs;
    }
}
