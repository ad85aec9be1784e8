<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** In a trace, a list or a map by the number under which the trace keeps what becomes of it. */
final readonly class Held
{
    public function __construct(public int $number)
    {
    }
}
