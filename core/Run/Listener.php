<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** A handler, with how often it still has to run. */
final class Listener
{
    public int $waiting = 0;
    public bool $runs = false;

    /** @param \Closure(): void $handle */
    public function __construct(public readonly \Closure $handle)
    {
    }
}
