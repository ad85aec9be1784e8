<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** True or false. */
final readonly class TruthLiteral extends Leaf
{
    public function __construct(public bool $value)
    {
    }
}
