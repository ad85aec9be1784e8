<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The body with a variable that counts up or down to a last value, which is included; from, to and by are found once. */
final readonly class Count extends Statement
{
    use HoldsBody;

    public function __construct(public int $id, public string $variable, public Expression $from, public Expression $to, public Expression $by, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'count';
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
        return ['from' => $this->from, 'to' => $this->to, 'by' => $this->by];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }

    public function isLoop(): bool
    {
        return true;
    }

    public function assigns(): string
    {
        return $this->variable;
    }
}
