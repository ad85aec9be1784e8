<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Fails again with what was caught. */
final readonly class PassOn extends Statement
{
    public function __construct(public int $id, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'pass_on';
    }
}
