<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** A script that is under way. */
final class Task
{
    /** Milliseconds of the run's time at which it goes on. */
    public int $at = 0;
    /** Of two that go on at the same time, the smaller one goes first. */
    public int $order = 0;

    /** @param \Fiber<null, null, void, null> $fiber */
    public function __construct(public readonly int $number, public readonly \Fiber $fiber)
    {
    }
}
