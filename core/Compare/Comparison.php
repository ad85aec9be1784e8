<?php

declare(strict_types=1);

namespace Scrivlet\Core\Compare;

use Scrivlet\Core\Run\Outcome;

/**
 * Whether two runs do the same: the same strokes, moves and prints in the same order, and the same end.
 *
 * What leaves nothing behind is no difference: a line drawn in two goes is one line, and of two turns in a row only
 * the heading after them counts.
 */
final class Comparison
{
    /** Floats of different languages may differ in the last places. */
    private const NEAR = 1e-6;
    /** What sets something that the next one of its kind sets again. */
    private const SETTING = ['move', 'turn', 'pen', 'ink', 'width', 'speed', 'show'];

    /** @param bool $values whether variables that both programs have must have the same values at the end, too */
    public static function of(Outcome $one, Outcome $other, bool $values = false): ?Difference
    {
        [$events, $others] = [self::happenings($one), self::happenings($other)];
        foreach ($events as $index => [$moment, $event]) {
            if (!isset($others[$index]) || !self::alike($event, $others[$index][1])) {
                return new Difference($index, $event, $others[$index][1] ?? null, $moment, $others[$index][0] ?? $other->trace->moment);
            }
        }
        if (isset($others[\count($events)])) {
            [$moment, $event] = $others[\count($events)];

            return new Difference(\count($events), null, $event, $one->trace->moment, $moment);
        }
        if ($one->ending !== $other->ending || $one->error?->kind !== $other->error?->kind) {
            return self::atEnd($one, $other, ['do' => $one->ending->value, 'kind' => $one->error?->kind], ['do' => $other->ending->value, 'kind' => $other->error?->kind]);
        }
        $lasts = $values ? self::last($other) : [];
        foreach ($values ? self::last($one) : [] as $name => $value) {
            if (isset($lasts[$name]) && $lasts[$name] !== $value) {
                return self::atEnd($one, $other, ['do' => 'value', 'name' => $name, 'value' => $value], ['do' => 'value', 'name' => $name, 'value' => $lasts[$name]]);
            }
        }

        return null;
    }

    /**
     * @param array<string, mixed> $left
     * @param array<string, mixed> $right
     */
    private static function atEnd(Outcome $one, Outcome $other, array $left, array $right): Difference
    {
        return new Difference(\count(self::happenings($one)), $left, $right, $one->trace->moment, $other->trace->moment);
    }

    /** @return list<array{int, array<string, mixed>}> what happened, each with its moment */
    private static function happenings(Outcome $outcome): array
    {
        $events = [];
        $index = 0;
        foreach ($outcome->trace->named() as $event) {
            $moment = $outcome->trace->events[$index++][1] ?? 0;
            $last = array_key_last($events);
            $before = null === $last ? [] : $events[$last][1];
            $kind = $event['do'];
            if (null !== $last && \in_array($kind, self::SETTING, true) && $kind === $before['do']) {
                $events[$last][1] = $event;
            } elseif (null !== $last && 'stroke' === $kind && 'stroke' === $before['do'] && self::goesOn($before, $event)) {
                $events[$last][1] = ['x2' => $event['x2'], 'y2' => $event['y2']] + $before;
                ksort($events[$last][1]);
            } else {
                ksort($event);
                $events[] = [\is_int($moment) ? $moment : 0, $event];
            }
        }

        return $events;
    }

    /**
     * Whether a stroke goes on where the one before it ended, in its direction.
     *
     * @param array<string, mixed> $before
     * @param array<string, mixed> $stroke
     */
    private static function goesOn(array $before, array $stroke): bool
    {
        if ($before['ink'] !== $stroke['ink'] || $before['width'] !== $stroke['width'] || !self::alike([$before['x2'], $before['y2']], [$stroke['x1'], $stroke['y1']])) {
            return false;
        }
        $along = static fn (array $line, string $axis): float => (is_numeric($line[$axis.'2']) ? (float) $line[$axis.'2'] : 0.0) - (is_numeric($line[$axis.'1']) ? (float) $line[$axis.'1'] : 0.0);
        [$ax, $ay, $bx, $by] = [$along($before, 'x'), $along($before, 'y'), $along($stroke, 'x'), $along($stroke, 'y')];

        return abs($ax * $by - $ay * $bx) <= self::NEAR * (1 + hypot($ax, $ay) * hypot($bx, $by)) && $ax * $bx + $ay * $by > 0;
    }

    /** @return array<string, string> the last values of the program's own variables, as they are shown */
    private static function last(Outcome $outcome): array
    {
        $last = [];
        $changes = $outcome->trace->changes;
        for ($at = 0; $at + 2 < \count($changes); $at += 3) {
            $variable = $outcome->variables[\is_int($changes[$at + 1]) ? $changes[$at + 1] : -1] ?? null;
            if (null !== $variable && null === $variable['function']) {
                $last[$variable['name']] = $changes[$at + 2];
            }
        }

        return array_map($outcome->values->display(...), $last);
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
