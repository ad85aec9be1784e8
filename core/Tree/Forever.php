<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The body without end. */
final readonly class Forever extends Statement
{
    use HoldsBody;

    public function __construct(public int $id, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'forever';
    }

    public function isLoop(): bool
    {
        return true;
    }
}
