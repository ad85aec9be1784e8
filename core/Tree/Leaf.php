<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A value that holds no other one. More than half of all values are such, so that who walks need not ask them for any. */
abstract readonly class Leaf extends Expression
{
    final public function operands(): array
    {
        return [];
    }

    final public function withOperands(array $operands): self
    {
        return $this;
    }
}
