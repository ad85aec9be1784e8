<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A whole program: its own functions, then the script that runs when it is started. */
final readonly class Program extends Node
{
    /**
     * @param list<FunctionDefinition> $functions
     * @param int                      $nextId    larger than every id in use, so that an id never comes back
     */
    public function __construct(public array $functions, public Script $script, public int $nextId)
    {
    }

    public static function empty(): self
    {
        return new self([], new Script(1, new Block()), 2);
    }

    /** @param list<FunctionDefinition> $functions */
    public function withFunctions(array $functions): self
    {
        return $this->with(['functions' => $functions]);
    }

    public function withScript(Script $script): self
    {
        return $this->with(['script' => $script]);
    }

    public function withNextId(int $nextId): self
    {
        return $this->with(['nextId' => $nextId]);
    }

    /** @return list<FunctionDefinition|Script> */
    public function parts(): array
    {
        return [...$this->functions, $this->script];
    }

    public function functionNamed(string $name): ?FunctionDefinition
    {
        foreach ($this->functions as $function) {
            if ($function->name === $name) {
                return $function;
            }
        }

        return null;
    }
}
