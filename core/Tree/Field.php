<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** What an object keeps under a name. */
final readonly class Field extends Expression
{
    public function __construct(public Expression $object, public string $name)
    {
    }

    public function operands(): array
    {
        return [$this->object];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands[0], $this->name);
    }
}
