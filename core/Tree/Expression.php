<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** What stands in a blank and has a value. */
abstract readonly class Expression extends Node
{
    /** @return list<Expression> */
    abstract public function operands(): array;

    /** @param list<Expression> $operands as many as operands() gives */
    abstract public function withOperands(array $operands): self;
}
