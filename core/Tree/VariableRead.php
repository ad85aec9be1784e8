<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The value of a variable or parameter. */
final readonly class VariableRead extends Leaf
{
    public function __construct(public string $name)
    {
    }
}
