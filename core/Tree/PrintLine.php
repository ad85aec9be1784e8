<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A line on the printout. */
final readonly class PrintLine extends Statement
{
    public function __construct(public int $id, public Expression $value, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'print';
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
