<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A number as written; whole numbers and numbers with a point are kept apart, as the languages do. */
final readonly class NumberLiteral extends Leaf
{
    public function __construct(public int|float $value)
    {
    }
}
