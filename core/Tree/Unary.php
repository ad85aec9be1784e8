<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** An operation on one value. */
final readonly class Unary extends Expression
{
    public function __construct(public UnaryOperator $operator, public Expression $operand)
    {
    }

    public function operands(): array
    {
        return [$this->operand];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($this->operator, $operands[0]);
    }
}
