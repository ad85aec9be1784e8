<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A new object of a class. */
final readonly class MakeObject extends Expression
{
    /**
     * @param list<Expression> $arguments
     * @param bool             $copied    whether it is copied wherever it is handed on, as C++ does with what is not pointed at
     */
    public function __construct(public string $class, public array $arguments = [], public bool $copied = false)
    {
    }

    public function operands(): array
    {
        return $this->arguments;
    }

    public function withOperands(array $operands): Expression
    {
        return new self($this->class, $operands, $this->copied);
    }
}
