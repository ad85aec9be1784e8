<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Text that could not be read, letter for letter, and the rows below it if it seems to hold some. */
final readonly class Unread extends Statement
{
    /**
     * @param string           $language of the text
     * @param FailureKind|null $fails    as what the language's own machine stops here; null where it would not begin, or it is not known what it does
     */
    public function __construct(public int $id, public string $text, public string $language, public ?Block $body = null, public bool $off = false, public ?FailureKind $fails = null)
    {
    }

    public function entry(): string
    {
        return 'unread';
    }

    public function labels(): array
    {
        return ['text' => $this->text];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([$name => $value]);
    }

    public function bodies(): array
    {
        return null === $this->body ? [] : ['body' => $this->body];
    }

    public function withBody(string $name, Block $body): static
    {
        return $this->with(['body' => $body]);
    }

    public function isLoop(): bool
    {
        return null !== $this->body;
    }
}
