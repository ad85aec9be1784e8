<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** The memory that one run may take up, over what was taken up before it. */
final class Room
{
    private static int $until = \PHP_INT_MAX;

    /** @param int $bytes how many the run may take */
    public static function begin(int $bytes): void
    {
        self::$until = memory_get_usage() + $bytes;
    }

    /** @throws RunError if the run has taken more */
    public static function check(): void
    {
        if (memory_get_usage() > self::$until) {
            throw new RunError('much_memory');
        }
    }
}
