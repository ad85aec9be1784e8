<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** How far down values within values are followed: a list may hold itself, and so have no end. */
final class Depth
{
    /** CPython follows about as many. */
    private const DEEPEST = 900;

    /** @throws RunError */
    public static function deeper(int $depth): int
    {
        return $depth >= self::DEEPEST ? throw new RunError('deep_values') : $depth + 1;
    }
}
