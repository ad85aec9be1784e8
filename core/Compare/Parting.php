<?php

declare(strict_types=1);

namespace Scrivlet\Core\Compare;

use Scrivlet\Core\Run\Outcome;

/** A row that does not do what the printed row did. */
final readonly class Parting
{
    /** @param Outcome $printed of the program with the printed row */
    public function __construct(public int $row, public Difference $difference, public Outcome $printed, public Outcome $written)
    {
    }
}
