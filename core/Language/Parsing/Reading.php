<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Tree\Program;

/** What a text says: always a program that prints as that text, and what is wrong with it. */
final readonly class Reading
{
    public Program $program;

    /** @param list<Mistake> $mistakes in the order of the text */
    public function __construct(public Analysis $analysis, public array $mistakes)
    {
        $this->program = $analysis->program;
    }
}
