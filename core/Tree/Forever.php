<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The body without end. */
final readonly class Forever extends Statement
{
    public function __construct(public int $id, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'forever';
    }

    public function bodies(): array
    {
        return ['body' => $this->body];
    }

    public function withBody(string $name, Block $body): static
    {
        return $this->with([$name => $body]);
    }

    public function isLoop(): bool
    {
        return true;
    }
}
