<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

/** What is said of an answer. */
final readonly class Verdict
{
    /**
     * @param list<array{kind: string, parameters: array<string, string|int>}> $why       what is in the way; nothing if it passed
     * @param float                                                            $near      how near it is, from 0 to 1
     * @param int|null                                                         $situation the first one that it fails
     * @param array{used: int, model: int}|null                                $rows      of a text that passes: its rows, and the model's
     */
    public function __construct(public bool $passed, public array $why, public float $near, public ?int $situation = null, public ?array $rows = null)
    {
    }
}
