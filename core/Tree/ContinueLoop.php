<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Goes to the next turn of the innermost loop. */
final readonly class ContinueLoop extends Statement
{
    public function __construct(public int $id, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'continue';
    }
}
