<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Something has a name for the rows of the body, and is let go of behind them, however they end: `with open("beds.txt") as beds:`. */
final readonly class Holding extends Statement
{
    use HoldsBody;

    public function __construct(public int $id, public string $variable, public Expression $value, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'with';
    }

    public function labels(): array
    {
        return ['variable' => $this->variable];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([$name => $value]);
    }

    public function blanks(): array
    {
        return ['value' => $this->value];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }

    protected function namedItself(): array
    {
        return [$this->variable];
    }
}
