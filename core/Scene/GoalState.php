<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene;

/** A goal of a layout, and whether it holds. */
final readonly class GoalState
{
    /**
     * @param string             $sentence   key of its words
     * @param array<string, int> $parameters of its words
     */
    public function __construct(public string $sentence, public array $parameters, public bool $met)
    {
    }
}
