<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Leaves a function with a value. */
final readonly class GiveBack extends Statement
{
    public function __construct(public int $id, public Expression $value, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'return';
    }

    public function blanks(): array
    {
        return ['value' => $this->value];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }
}
