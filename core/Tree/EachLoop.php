<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The body once for each item of a list, letter of a text or key of a map; with two names, for each pair. */
final readonly class EachLoop extends Statement
{
    use HoldsBody;

    /**
     * @param non-empty-list<string> $variables
     * @param bool                   $refers    whether C++ names the item itself and no copy of it
     */
    public function __construct(public int $id, public array $variables, public Expression $over, public Block $body, public bool $off = false, public bool $refers = false)
    {
    }

    public function entry(): string
    {
        return 'for_each';
    }

    public function labels(): array
    {
        return ['variable' => implode(', ', $this->variables)];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with(['variables' => explode(', ', $value)]);
    }

    public function blanks(): array
    {
        return ['over' => $this->over];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }

    public function isLoop(): bool
    {
        return true;
    }

    protected function namedItself(): array
    {
        return $this->variables;
    }
}
