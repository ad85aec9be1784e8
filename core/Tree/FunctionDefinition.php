<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** One of the program's own functions. */
final readonly class FunctionDefinition extends Statement
{
    use HoldsBody;

    /**
     * @param list<string>              $parameters
     * @param array<string, Expression> $defaults   by parameter
     * @param array<string, string>     $types      as C++ names them, by parameter, the result's under ''; only those that
     *                                              differ from what the program shows without them
     */
    public function __construct(public int $id, public string $name, public array $parameters, public Block $body, public bool $off = false, public array $defaults = [], public array $types = [])
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

    public function blanks(): array
    {
        $blanks = [];
        foreach ($this->defaults as $parameter => $default) {
            $blanks["default.$parameter"] = $default;
        }

        return $blanks;
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with(['defaults' => [...$this->defaults, substr($name, \strlen('default.')) => $value]]);
    }

    /** @param array<string, string> $types */
    public function withTypes(array $types): self
    {
        return $this->with(['types' => $types]);
    }

    /** Whether some row gives a value back. */
    public function givesValue(): bool
    {
        foreach (Walk::live($this->body->statements) as $statement) {
            if ($statement instanceof GiveBack) {
                return true;
            }
        }

        return false;
    }
}
