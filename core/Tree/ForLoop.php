<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A variable with a start, a condition that is asked before each turn, and a change after each. */
final readonly class ForLoop extends Statement
{
    use HoldsBody;

    public function __construct(public int $id, public string $variable, public Expression $from, public Expression $condition, public Operator $operator, public Expression $amount, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'for';
    }

    public function labels(): array
    {
        return ['variable' => $this->variable];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([$name => $value]);
    }

    public function blanks(): array
    {
        return ['from' => $this->from, 'condition' => $this->condition, 'amount' => $this->amount];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }

    public function isLoop(): bool
    {
        return true;
    }

    public function assigns(): string
    {
        return $this->variable;
    }
}
