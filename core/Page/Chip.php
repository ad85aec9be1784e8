<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

/** An expression as it shows in a blank: bare words, and boxes for its parts. */
final readonly class Chip
{
    /** @param list<string|Chip> $segments */
    public function __construct(public array $segments, public bool $boxed)
    {
    }
}
