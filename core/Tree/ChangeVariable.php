<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A variable gets a value from the one it had: it becomes larger by an amount, or what another operation makes of it. */
final readonly class ChangeVariable extends Statement
{
    public function __construct(public int $id, public string $variable, public Expression $amount, public bool $off = false, public Operator $operator = Operator::Add)
    {
    }

    public function entry(): string
    {
        return Operator::Add === $this->operator ? 'change' : 'change_'.$this->operator->value;
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
        return ['amount' => $this->amount];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }

    public function assigns(): string
    {
        return $this->variable;
    }
}
