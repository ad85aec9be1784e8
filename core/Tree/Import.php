<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A line of text that brings in a library; other languages need other ones, which their printers know. */
final readonly class Import extends Statement
{
    /** @param string $language of the text */
    public function __construct(public int $id, public string $text, public string $language, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'import';
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
