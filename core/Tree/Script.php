<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The rows that run when the program is started. */
final readonly class Script extends Statement
{
    public function __construct(public int $id, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'start';
    }

    public function bodies(): array
    {
        return ['body' => $this->body];
    }

    public function withBody(string $name, Block $body): static
    {
        return $this->with([$name => $body]);
    }
}
