<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/**
 * The memory and the work that one run may take up. Work is counted where it is done, as a single row can go over lists
 * within lists: an item gone over is one unit, so are 64 letters.
 */
final class Room
{
    /** Units of work between two looks at the memory. */
    private const BREATH = 2000;

    private static int $until = \PHP_INT_MAX;
    private static int $left = \PHP_INT_MAX;
    private static int $next = \PHP_INT_MIN;

    /**
     * @param int $bytes how many the run may take, over what was taken before it
     * @param int $work  how many units of work
     */
    public static function begin(int $bytes, int $work): void
    {
        self::$until = memory_get_usage() + $bytes;
        self::$left = $work;
        self::$next = $work - self::BREATH;
    }

    /** @throws RunError if the run has taken more memory */
    public static function check(): void
    {
        if (memory_get_usage() > self::$until) {
            throw new RunError('much_memory');
        }
    }

    /** @throws RunError if the run has done more, or taken more memory */
    public static function spend(int $units): void
    {
        if ((self::$left -= $units) < self::$next) {
            if (self::$left < 0) {
                throw new RunError('much_work');
            }
            self::$next = self::$left - self::BREATH;
            self::check();
        }
    }

    /** Before something is made that takes memory all at once. */
    public static function reserve(int $bytes): void
    {
        if (memory_get_usage() + $bytes > self::$until) {
            throw new RunError('much_memory');
        }
    }
}
