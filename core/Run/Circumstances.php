<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** What comes to a run from outside. */
final readonly class Circumstances
{
    /** @param int $layout which of the program's layouts, from 0 */
    public function __construct(public Answers $answers = new Answers(), public Signals $signals = new Signals(), public int $layout = 0)
    {
    }
}
