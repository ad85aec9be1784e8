<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A call of one of the program's own functions as a row. */
final readonly class OwnCall extends Statement
{
    /** @param list<Expression> $arguments */
    public function __construct(public int $id, public string $function, public array $arguments, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'call';
    }

    public function blanks(): array
    {
        $blanks = [];
        foreach ($this->arguments as $index => $argument) {
            $blanks["argument$index"] = $argument;
        }

        return $blanks;
    }

    public function withBlank(string $name, Expression $value): static
    {
        $arguments = $this->arguments;
        $arguments[(int) substr($name, \strlen('argument'))] = $value;

        return $this->with(['arguments' => array_values($arguments)]);
    }

    /** @param list<Expression> $arguments */
    public function withArguments(array $arguments): self
    {
        return $this->with(['arguments' => $arguments]);
    }

    public function labels(): array
    {
        return ['function' => $this->function];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([$name => $value]);
    }
}
