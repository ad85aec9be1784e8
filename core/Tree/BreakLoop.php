<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Leaves the innermost loop. */
final readonly class BreakLoop extends Statement
{
    public function __construct(public int $id, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'break';
    }
}
