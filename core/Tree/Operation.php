<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** What every language can do with values, with its operands: the length of `beds`. */
final readonly class Operation extends Expression
{
    /** @param list<Expression> $arguments */
    public function __construct(public OperationKey $key, public array $arguments = [])
    {
    }

    public function operands(): array
    {
        return $this->arguments;
    }

    public function withOperands(array $operands): Expression
    {
        return new self($this->key, $operands);
    }
}
