<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Lexing;

/** Where the lines of a text begin, so that a place's line is found without going over the text again. */
final class LineStarts
{
    /** @var non-empty-list<int> */
    private readonly array $starts;
    /** The line that was asked for last: the next one is near. */
    private int $last = 1;

    public function __construct(string $text)
    {
        $starts = [0];
        preg_match_all('/\r\n|\n|\r/', $text, $ends, \PREG_OFFSET_CAPTURE);
        foreach ($ends[0] as [$end, $offset]) {
            $starts[] = $offset + \strlen($end);
        }
        $this->starts = $starts;
    }

    /** @return int the number of the line, counted from 1 */
    public function line(int $offset): int
    {
        if ($offset >= $this->starts[$this->last - 1] && $offset < ($this->starts[$this->last] ?? \PHP_INT_MAX)) {
            return $this->last;
        }
        [$low, $high] = [0, \count($this->starts) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->starts[$middle] <= $offset) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $this->last = $low + 1;
    }

    /** @return int bytes before the line of a place */
    public function start(int $offset): int
    {
        return $this->of($this->line($offset));
    }

    /** @return int bytes before a line, which is counted from 1 */
    public function of(int $line): int
    {
        return $this->starts[$line - 1];
    }
}
