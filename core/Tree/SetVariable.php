<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A variable gets a value. */
final readonly class SetVariable extends Statement
{
    /** @param string|null $declared its type as C++ names it, where it is not the one the program shows without it */
    public function __construct(public int $id, public string $variable, public Expression $value, public bool $off = false, public ?string $declared = null)
    {
    }

    public function entry(): string
    {
        return 'set';
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
        return ['value' => $this->value];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }

    public function withDeclared(?string $declared): self
    {
        return $this->with(['declared' => $declared]);
    }

    public function assigns(): string
    {
        return $this->variable;
    }
}
