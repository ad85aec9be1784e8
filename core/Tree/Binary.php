<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** An operation on two values. */
final readonly class Binary extends Expression
{
    public function __construct(public Operator $operator, public Expression $left, public Expression $right)
    {
    }

    public function operands(): array
    {
        return [$this->left, $this->right];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($this->operator, $operands[0], $operands[1]);
    }
}
