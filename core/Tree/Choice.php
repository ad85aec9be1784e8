<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** One of two values, by a condition. */
final readonly class Choice extends Expression
{
    public function __construct(public Expression $condition, public Expression $then, public Expression $otherwise)
    {
    }

    public function operands(): array
    {
        return [$this->condition, $this->then, $this->otherwise];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands[0], $operands[1], $operands[2]);
    }
}
