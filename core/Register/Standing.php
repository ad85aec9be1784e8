<?php

declare(strict_types=1);

namespace Scrivlet\Core\Register;

use Scrivlet\Core\Ladder\Support;

/** How somebody stands with one thing that they are to do. */
enum Standing: string
{
    case NotBegun = 'open';
    case AtWork = 'work';
    case NeedsHelp = 'help';
    case Passed = 'done';
    case PassedOver = 'over';

    /** Tries of one rung after which somebody who got no nearer needs help; `Support` says what no nearer is. */
    private const TRIES = 4;
    /** The same trouble for so long, in seconds, needs help. */
    private const TROUBLE = 240;
    /** At one rung for so long, in seconds of work, needs help. */
    private const LONG = 900;

    /**
     * @param bool        $isHere   whether they are at it just now
     * @param list<float> $nearness of the tries so far
     * @param int         $seconds  at work on it
     * @param int|null    $trouble  seconds for which a mistake stands in its text
     * @param bool        $isHandUp whether they ask for help
     */
    public static function of(bool $isBegun, bool $isPassed, bool $isSkipped, bool $isHere, array $nearness = [], int $seconds = 0, ?int $trouble = null, bool $isHandUp = false): self
    {
        if ($isPassed) {
            return self::Passed;
        }
        if ($isHere && ($isHandUp || \count($nearness) >= self::TRIES && Support::isStuck($nearness) || null !== $trouble && $trouble >= self::TROUBLE || $seconds >= self::LONG)) {
            return self::NeedsHelp;
        }
        if ($isSkipped) {
            return self::PassedOver;
        }

        return $isBegun || $isHere ? self::AtWork : self::NotBegun;
    }
}
