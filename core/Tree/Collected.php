<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A new list with one value for each item of another, perhaps of those only for which a condition holds. */
final readonly class Collected extends Expression
{
    public function __construct(public Expression $value, public string $variable, public Expression $over, public ?Expression $condition = null)
    {
    }

    public function operands(): array
    {
        return null === $this->condition ? [$this->value, $this->over] : [$this->value, $this->over, $this->condition];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands[0], $this->variable, $operands[1], $operands[2] ?? null);
    }
}
