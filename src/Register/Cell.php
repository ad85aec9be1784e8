<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

use Scrivlet\Core\Register\Standing;

/** Where a pupil and a thing to do meet. */
final readonly class Cell
{
    public function __construct(public Standing $standing, public int $tries = 0, public int $hints = 0, public int $seconds = 0, public bool $isHere = false)
    {
    }

    public function minutes(): int
    {
        return (int) ceil($this->seconds / 60);
    }
}
