<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Leaves a function without a value. */
final readonly class LeaveFunction extends Statement
{
    public function __construct(public int $id, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'leave';
    }
}
