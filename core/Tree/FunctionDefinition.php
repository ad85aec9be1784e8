<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** One of the program's own functions. */
final readonly class FunctionDefinition extends Statement
{
    use HoldsBody;

    /** @param list<string> $parameters */
    public function __construct(public int $id, public string $name, public array $parameters, public Block $body, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'define';
    }

    public function labels(): array
    {
        return ['name' => $this->name, 'parameters' => implode(', ', $this->parameters)];
    }

    public function withLabel(string $name, string $value): static
    {
        return $this->with([
            $name => 'parameters' === $name ? ('' === $value ? [] : explode(', ', $value)) : $value,
        ]);
    }

    /** Whether some row gives a value back. */
    public function givesValue(): bool
    {
        foreach (Walk::statements([$this]) as $statement) {
            if ($statement instanceof GiveBack && !$statement->off) {
                return true;
            }
        }

        return false;
    }
}
