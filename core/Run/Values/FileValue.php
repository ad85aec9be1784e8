<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** A file that a program has opened: where it stands in it, and what it may do. What is in it is with the values of the run. */
final class FileValue
{
    public bool $isClosed = false;
    /** Up to which byte it was read. */
    public int $at = 0;

    public function __construct(public readonly string $name, public readonly bool $reads, public readonly bool $writes)
    {
    }
}
