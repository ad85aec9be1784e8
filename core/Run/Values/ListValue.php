<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** A list while a program runs: one object, so that two names can mean the same list. */
final class ListValue
{
    /**
     * @param list<mixed> $items
     * @param bool        $fixed whether it is a tuple of Python, which no item can be put into
     */
    public function __construct(public array $items, public readonly bool $fixed = false)
    {
        // Small lists are looked after between the rows of the run.
        if (\count($items) > 1000) {
            Room::check();
        }
    }
}
