<?php

declare(strict_types=1);

namespace Scrivlet\Core\Compare;

use Scrivlet\Core\Run\Outcome;

/** Whether two runs do the same: the same strokes, moves and prints in the same order, and the same end. */
final class Comparison
{
    /** Floats of different languages may differ in the last places. */
    private const NEAR = 1e-6;

    public static function of(Outcome $one, Outcome $other): ?Difference
    {
        $events = iterator_to_array($one->trace->named(), false);
        $others = iterator_to_array($other->trace->named(), false);
        foreach (range(0, max(\count($events), \count($others))) as $index) {
            $left = $events[$index] ?? null;
            $right = $others[$index] ?? null;
            if (!self::alike($left, $right)) {
                return self::difference($index, $left, $right, $one, $other);
            }
        }
        if ($one->ending !== $other->ending || $one->error?->kind !== $other->error?->kind) {
            return self::difference(\count($events), ['do' => $one->ending->value, 'kind' => $one->error?->kind], ['do' => $other->ending->value, 'kind' => $other->error?->kind], $one, $other);
        }

        return null;
    }

    /**
     * @param array<string, mixed>|null $left
     * @param array<string, mixed>|null $right
     */
    private static function difference(int $event, ?array $left, ?array $right, Outcome $one, Outcome $other): Difference
    {
        $moment = static fn (Outcome $outcome): int => \is_int($outcome->trace->events[$event][1] ?? null) ? $outcome->trace->events[$event][1] : $outcome->trace->moment;

        return new Difference($event, $left, $right, $moment($one), $moment($other));
    }

    private static function alike(mixed $one, mixed $other): bool
    {
        if ((\is_int($one) || \is_float($one)) && (\is_int($other) || \is_float($other))) {
            return abs($one - $other) <= self::NEAR;
        }
        if (\is_array($one) && \is_array($other)) {
            if (array_keys($one) !== array_keys($other)) {
                return false;
            }
            foreach ($one as $key => $value) {
                if (!self::alike($value, $other[$key])) {
                    return false;
                }
            }

            return true;
        }

        return $one === $other;
    }
}
