<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A remark for people. */
final readonly class Comment extends Statement
{
    public function __construct(public int $id, public string $text, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'comment';
    }

    public function labels(): array
    {
        return ['text' => $this->text];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([$name => $value]);
    }
}
