<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Does nothing, where a language asks for a row. */
final readonly class Pass extends Statement
{
    public function __construct(public int $id, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'pass';
    }
}
