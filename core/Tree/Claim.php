<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Says that a condition holds, and stops the program where it does not: `assert`. */
final readonly class Claim extends Statement
{
    /** @param Expression|null $says what the failure says */
    public function __construct(public int $id, public Expression $condition, public ?Expression $says = null, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'claim';
    }

    /** The entry whose words say it. */
    public function phrase(): string
    {
        return null === $this->says ? 'claim' : 'claim_saying';
    }

    public function blanks(): array
    {
        return ['condition' => $this->condition, ...(null === $this->says ? [] : ['says' => $this->says])];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }
}
