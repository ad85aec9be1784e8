<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

/** A line of the blocks page that is left blank beside a line of text; brackets that run past it go on. */
final readonly class Vacancy
{
    /** @param list<Bracket> $brackets */
    public function __construct(public array $brackets)
    {
    }
}
