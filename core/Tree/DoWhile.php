<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The body once, and again as long as a condition holds. */
final readonly class DoWhile extends Statement
{
    use HoldsBody;

    public function __construct(public int $id, public Expression $condition, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'do_while';
    }

    public function blanks(): array
    {
        return ['condition' => $this->condition];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }

    public function isLoop(): bool
    {
        return true;
    }
}
