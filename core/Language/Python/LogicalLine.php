<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

/** A line of Python as its grammar sees it: it goes on to the next line of text inside of brackets. */
final readonly class LogicalLine
{
    private int $column;

    /**
     * @param int    $from   its first token
     * @param int    $until  the token behind its last one
     * @param string $indent what stands before it
     * @param int    $offset bytes before the line with its indent
     * @param bool   $remark it holds a remark alone, and no tokens
     */
    public function __construct(public int $from, public int $until, public string $indent, public int $offset, public bool $remark)
    {
        $this->column = str_contains($indent, "\t") ? self::columnBehind($indent) : \strlen($indent);
    }

    /** The column at which it starts, as Python counts: a tab goes on to the next multiple of eight (The Python Language Reference, 2.1.8). */
    public function column(): int
    {
        return $this->column;
    }

    private static function columnBehind(string $indent): int
    {
        $column = 0;
        foreach (str_split($indent) as $sign) {
            $column = "\t" === $sign ? 8 * (intdiv($column, 8) + 1) : $column + 1;
        }

        return $column;
    }
}
