<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

/** What a pupil does on a rung; from the most help to the least. */
enum RungKind: string
{
    case Pair = 'pair';
    case Foretell = 'foretell';
    case Sort = 'sort';
    case Fill = 'fill';
    case Mend = 'mend';
    case Vary = 'vary';
    case Over = 'over';
    case Write = 'write';
    case Carry = 'carry';

    /** Whether the answer is a text; else it is a list, as the question says. */
    public function asksForText(): bool
    {
        return \in_array($this, [self::Mend, self::Vary, self::Over, self::Write, self::Carry], true);
    }
}
