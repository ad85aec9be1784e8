<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The rows that run when the program is started. */
final readonly class Script extends Statement
{
    use HoldsBody;

    public function __construct(public int $id, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'start';
    }
}
