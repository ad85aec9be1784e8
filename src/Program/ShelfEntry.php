<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

/** What a list shows of a program, without its tree. */
final readonly class ShelfEntry
{
    public function __construct(public int $id, public string $name, public int $rows, public int $revision, public \DateTimeImmutable $updatedAt)
    {
    }
}
