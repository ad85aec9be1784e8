<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** One of the program's own functions, not called but handed over. */
final readonly class FunctionReference extends Leaf
{
    public function __construct(public string $function)
    {
    }
}
