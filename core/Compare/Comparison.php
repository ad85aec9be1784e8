<?php

declare(strict_types=1);

namespace Scrivlet\Core\Compare;

use Scrivlet\Core\Run\Outcome;
use Scrivlet\Core\Scene\GoalState;

/**
 * Whether two runs do the same: the same strokes, moves, lamps and prints in the same order, and the same end.
 *
 * What leaves nothing behind is no difference: a line drawn or driven in two goes is one line, and of two turns in a row
 * only the heading after them counts. Nor is it one when something happens a little earlier or later, or which sensors
 * were asked.
 */
final class Comparison
{
    /** Floats of different languages may differ in the last places. */
    private const NEAR = 1e-6;
    /** The mower's places are rounded in each step of its way, in centimetres. */
    private const NEAR_ON_LAWN = 1e-3;
    private const DRIVEN = ['pose', 'pile'];
    /** What sets something that the next one of its kind sets again. */
    private const SETTING = ['move', 'turn', 'pen', 'ink', 'width', 'speed', 'show', 'swing'];
    /** What a person does not see a program do. */
    private const UNSEEN = ['time', 'sense', 'announce', 'ask', 'button', 'daylight', 'wheels'];

    /** @param bool $values whether variables that both programs have must have the same values at the end, too */
    public static function of(Outcome $one, Outcome $other, bool $values = false): ?Difference
    {
        [$events, $others] = [self::happenings($one), self::happenings($other)];
        foreach ($events as $index => [$moment, $event]) {
            if (!isset($others[$index]) || !self::alike($event, $others[$index][1], \in_array($event['do'] ?? '', self::DRIVEN, true) ? self::NEAR_ON_LAWN : self::NEAR)) {
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
        $goals = static fn (Outcome $outcome): array => array_map(static fn (GoalState $goal): bool => $goal->met, $outcome->goals);
        if ($goals($one) !== $goals($other)) {
            return self::atEnd($one, $other, ['do' => \in_array(false, $goals($one), true) ? 'goal' : 'finished'], ['do' => \in_array(false, $goals($other), true) ? 'goal' : 'finished']);
        }
        $lasts = $values ? $other->last : [];
        foreach ($values ? $one->last : [] as $name => $value) {
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
            if (\in_array($kind, self::UNSEEN, true)) {
                continue;
            }
            if (null !== $last && $kind === $before['do'] && (\in_array($kind, self::SETTING, true) || 'pose' === $kind && self::alike($before['heading'], $event['heading']))) {
                ksort($event);
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

    private static function alike(mixed $one, mixed $other, float $near = self::NEAR): bool
    {
        if ((\is_int($one) || \is_float($one)) && (\is_int($other) || \is_float($other))) {
            return abs($one - $other) <= $near;
        }
        if (\is_array($one) && \is_array($other)) {
            if (array_keys($one) !== array_keys($other)) {
                return false;
            }
            foreach ($one as $key => $value) {
                if (!self::alike($value, $other[$key], $near)) {
                    return false;
                }
            }

            return true;
        }

        return $one === $other;
    }
}
