<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A small function as a value. */
final readonly class Lambda extends Expression
{
    /** @param list<string> $parameters */
    public function __construct(public array $parameters, public Expression $value)
    {
    }

    public function operands(): array
    {
        return [$this->value];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($this->parameters, $operands[0]);
    }
}
