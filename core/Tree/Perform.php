<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A value that is found for what finding it does: a list is sorted, an item is added. */
final readonly class Perform extends Statement
{
    public function __construct(public int $id, public Expression $value, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'perform';
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
