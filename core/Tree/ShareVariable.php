<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Inside a function: this name means the program's own variable, not one of the function's. */
final readonly class ShareVariable extends Statement
{
    public function __construct(public int $id, public string $variable, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'share';
    }

    public function labels(): array
    {
        return ['variable' => $this->variable];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([$name => $value]);
    }
}
