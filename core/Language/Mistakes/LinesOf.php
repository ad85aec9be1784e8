<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

use Scrivlet\Core\Language\Lexing\LineStarts;

/** The lines on which mistakes stand; each line tells one at most. */
final readonly class LinesOf
{
    private LineStarts $starts;

    public function __construct(string $text)
    {
        $this->starts = new LineStarts($text);
    }

    public function of(Mistake $mistake): int
    {
        return $this->starts->line($mistake->offset);
    }

    /** @param list<Mistake> $mistakes */
    public function count(array $mistakes): int
    {
        return \count(array_unique(array_map($this->of(...), $mistakes)));
    }
}
