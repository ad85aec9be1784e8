<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A part of a list or text, without the item at the second bound. */
final readonly class Slice extends Expression
{
    public function __construct(public Expression $container, public Expression $from, public Expression $to)
    {
    }

    public function operands(): array
    {
        return [$this->container, $this->from, $this->to];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands[0], $operands[1], $operands[2]);
    }
}
