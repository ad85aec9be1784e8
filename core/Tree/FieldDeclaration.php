<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Says that each object of a class keeps something, and perhaps what at first. */
final readonly class FieldDeclaration extends Statement
{
    /** @param string|null $type as C++ names it */
    public function __construct(public int $id, public string $name, public ?string $type = null, public ?Expression $value = null, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'keeps';
    }

    /** The entry whose words say it. */
    public function phrase(): string
    {
        return null === $this->value ? 'keeps' : 'keeps_first';
    }

    public function labels(): array
    {
        return ['name' => $this->name];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([$name => $value]);
    }

    public function blanks(): array
    {
        return null === $this->value ? [] : ['value' => $this->value];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }
}
