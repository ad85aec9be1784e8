<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A sequence of rows: the body of a loop, a branch, a function or the script. */
final readonly class Block
{
    /** @param list<Statement> $statements */
    public function __construct(public array $statements = [])
    {
    }

    /** @param list<Statement> $inserted */
    public function splice(int $index, int $removed, array $inserted = []): self
    {
        $statements = $this->statements;
        array_splice($statements, $index, $removed, $inserted);

        return new self($statements);
    }

    /** Whether nothing in it runs: no rows, or only rows that leave no code in a text. */
    public function isSilent(): bool
    {
        foreach ($this->statements as $statement) {
            if (!$statement->off && !$statement instanceof Comment) {
                return false;
            }
        }

        return true;
    }
}
