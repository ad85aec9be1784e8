<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A new list. */
final readonly class ListLiteral extends Expression
{
    /** @param list<Expression> $items */
    public function __construct(public array $items)
    {
    }

    public function operands(): array
    {
        return $this->items;
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands);
    }
}
