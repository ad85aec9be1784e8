<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The body, a whole number of times; the count is found once, before the first turn, and cut to a whole number. */
final readonly class Repeat extends Statement
{
    use HoldsBody;

    /** @param string|null $turn the name a person gave to the number of the turn; nothing reads it */
    public function __construct(public int $id, public Expression $times, public Block $body, public bool $off = false, public ?string $turn = null)
    {
    }

    public function entry(): string
    {
        return 'repeat';
    }

    public function blanks(): array
    {
        return ['times' => $this->times];
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
