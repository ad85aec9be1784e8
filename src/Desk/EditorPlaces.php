<?php

declare(strict_types=1);

namespace Scrivlet\App\Desk;

use Scrivlet\Core\Language\Lexing\LineStarts;

/** Places in a text as the editor of the browser counts them: in UTF-16 units, an end of line as one. */
final class EditorPlaces
{
    private readonly LineStarts $starts;
    private readonly bool $isCrLf;
    /** @var list<int> units before each line met so far */
    private array $before = [0];

    public function __construct(private readonly string $text)
    {
        $this->starts = new LineStarts($text);
        $this->isCrLf = str_contains($text, "\r\n") && 1 !== preg_match('/(?<!\r)\n|\r(?!\n)/', $text);
    }

    /** @param int $offset bytes before the place */
    public function of(int $offset): int
    {
        $line = $this->starts->line($offset);
        for ($known = \count($this->before); $known < $line; ++$known) {
            $start = $this->starts->of($known);
            $this->before[] = $this->before[$known - 1] + $this->units($start, $this->starts->of($known + 1));
        }

        return $this->before[$line - 1] + $this->units($this->starts->of($line), $offset);
    }

    private function units(int $from, int $to): int
    {
        $part = substr($this->text, $from, $to - $from);

        return intdiv(\strlen(mb_convert_encoding($part, 'UTF-16LE', 'UTF-8')), 2) - ($this->isCrLf ? substr_count($part, "\r\n") : 0);
    }
}
