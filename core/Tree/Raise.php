<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Fails on purpose. What is thrown as it is (`throw 404`) is the value itself, not a failure that says it. */
final readonly class Raise extends Statement
{
    public function __construct(public int $id, public FailureKind $kind, public Expression $says, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'raise';
    }

    public function labels(): array
    {
        return ['kinds' => $this->kind->value];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with(['kind' => FailureKind::from($value)]);
    }

    public function blanks(): array
    {
        return ['says' => $this->says];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }
}
