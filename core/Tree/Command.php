<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A command of a scene, such as `nib.forward`; arguments by the names of the catalogue's parameters. */
final readonly class Command extends Statement
{
    /** @param array<string, Expression> $arguments */
    public function __construct(public int $id, public string $command, public array $arguments, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return $this->command;
    }

    public function blanks(): array
    {
        return $this->arguments;
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with(['arguments' => [...$this->arguments, $name => $value]]);
    }
}
