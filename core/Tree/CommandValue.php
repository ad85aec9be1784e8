<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A command that answers, such as `nib.x`. */
final readonly class CommandValue extends Expression
{
    /** @param list<Expression> $arguments */
    public function __construct(public string $command, public array $arguments = [])
    {
    }

    public function operands(): array
    {
        return $this->arguments;
    }

    public function withOperands(array $operands): Expression
    {
        return new self($this->command, $operands);
    }
}
