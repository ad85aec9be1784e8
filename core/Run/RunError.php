<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** A program went wrong while it ran. */
final class RunError extends \RuntimeException
{
    /** The row that was running, as the compiler numbers rows; set where it passes the row's function. */
    public ?int $row = null;

    /** @param array<string, string|int> $parameters */
    public function __construct(public readonly string $kind, public readonly array $parameters = [])
    {
        parent::__construct($kind);
    }
}
