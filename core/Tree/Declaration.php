<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A variable is named before it has a value. */
final readonly class Declaration extends Statement
{
    public function __construct(public int $id, public string $variable, public ?string $type = null, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'declare';
    }

    public function labels(): array
    {
        return ['variable' => $this->variable];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([$name => $value]);
    }

    protected function namedItself(): array
    {
        return [$this->variable];
    }
}
