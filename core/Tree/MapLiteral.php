<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A new map from keys to values. */
final readonly class MapLiteral extends Expression
{
    /** @param list<Expression> $entries key, value, key, value, … */
    public function __construct(public array $entries)
    {
    }

    public function operands(): array
    {
        return $this->entries;
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands);
    }
}
