<?php

declare(strict_types=1);

namespace Scrivlet\App\Register;

/** What stands across in a register: a rung of the lesson, or a program that was handed out. */
final readonly class Column
{
    /** @param string|null $kind of a rung */
    public function __construct(public int $id, public ?string $kind, public string $name = '')
    {
    }
}
