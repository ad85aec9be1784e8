<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A condition and the rows that run when it is the first to hold. */
final readonly class Branch
{
    public function __construct(public Expression $condition, public Block $body)
    {
    }
}
