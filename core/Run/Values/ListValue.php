<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** A list while a program runs: one object, so that two names can mean the same list. */
final class ListValue
{
    /** @param list<mixed> $items */
    public function __construct(public array $items)
    {
        // Small lists are looked after between the rows of the run.
        if (\count($items) > 1000) {
            Room::check();
        }
    }
}
