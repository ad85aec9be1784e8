<?php

declare(strict_types=1);

namespace Scrivlet\Core\Compare;

/** The first thing in which two runs part. */
final readonly class Difference
{
    /**
     * @param int                       $event  how many things happened alike before
     * @param array<string, mixed>|null $one    what happened in the first run; null if it had ended
     * @param array<string, mixed>|null $other
     * @param int                       $moment of the first run
     */
    public function __construct(public int $event, public ?array $one, public ?array $other, public int $moment, public int $otherMoment)
    {
    }
}
