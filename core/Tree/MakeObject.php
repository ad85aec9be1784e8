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

    /** What makes it, where that is one of several ways of its class: only C++ makes another one like it then. */
    public function asMade(): ?OwnValue
    {
        $only = 1 === \count($this->arguments) ? $this->arguments[0] : null;

        return $only instanceof OwnValue && ClassDefinition::isMaker($this->class, $only->function) ? $only : null;
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
