<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

/** How much help a pupil begins with, and when a gentler rung is offered or one may be passed over: rules without memory. */
final class Support
{
    public const MOST = 4;
    /** Tries without getting nearer, after which somebody is stuck. */
    public const STUCK = 3;
    /** Rungs in a row that were passed at the first try, after which the next may be passed over. */
    public const SURE = 2;

    /**
     * @param list<float> $nearness of each try on this rung, in their order
     *
     * @return bool whether a gentler rung is offered
     */
    public static function isStuck(array $nearness): bool
    {
        if (\count($nearness) <= self::STUCK) {
            return false;
        }
        $before = max(0.0, ...\array_slice($nearness, 0, -self::STUCK));

        return max(0.0, ...\array_slice($nearness, -self::STUCK)) <= $before + 1e-9;
    }

    /** The kind of rung that gives more help with the same program. */
    public static function gentler(RungKind $kind): ?RungKind
    {
        return match ($kind) {
            RungKind::Carry => RungKind::Write,
            RungKind::Write => RungKind::Over,
            RungKind::Over => RungKind::Fill,
            RungKind::Vary => RungKind::Mend,
            RungKind::Fill, RungKind::Mend => RungKind::Sort,
            RungKind::Sort => RungKind::Pair,
            RungKind::Pair, RungKind::Foretell => null,
        };
    }

    /** How much help a kind of rung gives, as the levels of support count it: somebody begins a lesson with the first that gives no more than they need. */
    public static function helps(RungKind $kind): int
    {
        return match ($kind) {
            RungKind::Pair => 4,
            RungKind::Foretell, RungKind::Sort => 3,
            RungKind::Fill, RungKind::Mend => 2,
            RungKind::Vary, RungKind::Over => 1,
            RungKind::Write, RungKind::Carry => 0,
        };
    }

    /** @param list<array{tries: int, hints: int}> $passed the rungs that were passed, in their order */
    public static function maySkip(array $passed): bool
    {
        $last = \array_slice($passed, -self::SURE);

        return self::SURE === \count($last) && [] === array_filter($last, static fn (array $rung): bool => $rung['tries'] > 1 || $rung['hints'] > 0);
    }

    /**
     * Where the next lesson begins.
     *
     * @param int                                 $level  of the last one, from 0 (no help) to 4 (all of it)
     * @param list<array{tries: int, hints: int}> $passed its rungs
     */
    public static function next(int $level, array $passed): int
    {
        if ([] === $passed) {
            return max(0, min(self::MOST, $level));
        }
        $sure = \count(array_filter($passed, static fn (array $rung): bool => 1 === $rung['tries'] && 0 === $rung['hints']));
        $hard = \count(array_filter($passed, static fn (array $rung): bool => $rung['tries'] > 3 || $rung['hints'] > 2));
        $change = match (true) {
            2 * $sure > \count($passed) => -1,
            3 * $hard > \count($passed) => 1,
            default => 0,
        };

        return max(0, min(self::MOST, $level + $change));
    }
}
