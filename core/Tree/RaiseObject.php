<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Fails on purpose with an object of one of the program's own classes. */
final readonly class RaiseObject extends Statement
{
    public function __construct(public int $id, public Expression $object, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'raise_object';
    }

    public function blanks(): array
    {
        return ['object' => $this->object];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }
}
