<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** What one of the program's own functions gives back. */
final readonly class OwnValue extends Expression
{
    /** @param list<Expression> $arguments */
    public function __construct(public string $function, public array $arguments = [])
    {
    }

    public function operands(): array
    {
        return $this->arguments;
    }

    public function withOperands(array $operands): Expression
    {
        return new self($this->function, $operands);
    }
}
