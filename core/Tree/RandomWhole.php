<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A whole number by chance, both ends included. */
final readonly class RandomWhole extends Expression
{
    public function __construct(public Expression $from, public Expression $to)
    {
    }

    public function operands(): array
    {
        return [$this->from, $this->to];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands[0], $operands[1]);
    }
}
