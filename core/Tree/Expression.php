<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** What stands in a blank and has a value. */
abstract readonly class Expression extends Node
{
    /** @return list<Expression> */
    public function operands(): array
    {
        return [];
    }

    /** @param list<Expression> $operands as many as operands() gives */
    public function withOperands(array $operands): self
    {
        return $this;
    }
}
