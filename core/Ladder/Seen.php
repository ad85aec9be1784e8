<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Outcome;
use Scrivlet\Core\Scene\GoalState;

/**
 * What can be seen when a run is over: the picture that remains, in whatever order and pieces it was drawn; the lines
 * printed; the way that was mown; the state and the goals of a layout; the lamps over time. Settings, turns and moves that leave no mark are
 * not seen, nor whether something was printed before or after something was drawn.
 */
final class Seen
{
    /** Places nearer to each other than this are the same, in steps. */
    private const NEAR = 0.05;

    /** @var array<string, non-empty-list<array{float, float}>> covered stretches by ink, width and the straight line they lie on */
    private array $strokes = [];
    /** @var array<string, true> fills, dots and letters */
    private array $marks = [];
    /** @var array<string, true> seedlings by their cell */
    private array $seedlings = [];
    /** @var list<array{int, list<string>}> lamps, with the time from which on they shine so */
    private array $lamps = [];
    /** @var array<string, mixed> where what moves has come to */
    private array $places = [];
    /** @var array{float, float}|null where it stood before */
    private ?array $mower = null;

    private function __construct()
    {
    }

    /** @return array<string, mixed> equal for runs that look the same */
    public static function of(Outcome $outcome): array
    {
        $seen = new self();
        $time = 0;
        foreach ($outcome->trace->named() as $event) {
            $time = 'time' === $event['do'] && \is_int($event['at']) ? $event['at'] : $time;
            $seen->take($event, $time);
        }

        return [
            'ends' => Ending::Failed === $outcome->ending ? 'failed' : (Ending::Cut === $outcome->ending ? 'cut' : 'ended'),
            'error' => $outcome->error?->kind,
            'printed' => array_map(rtrim(...), explode("\n", rtrim($outcome->trace->printout()))),
            'strokes' => $seen->straightened(),
            'marks' => self::sorted($seen->marks),
            'seedlings' => self::sorted($seen->seedlings),
            'lamps' => $seen->lamps,
            'places' => $seen->places,
            'goals' => array_map(static fn (GoalState $goal): bool => $goal->met, $outcome->goals),
        ];
    }

    /** @param array<string, mixed> $event */
    private function take(array $event, int $time): void
    {
        $number = static fn (string $field): float => is_numeric($event[$field] ?? null) ? (float) $event[$field] : 0.0;
        $text = static fn (string $field): string => \is_scalar($event[$field] ?? null) ? (string) $event[$field] : '';
        switch ($event['do']) {
            case 'stroke':
                $this->stroke($number('x1'), $number('y1'), $number('x2'), $number('y2'), $text('ink').' '.round($number('width'), 1));
                break;
            case 'dot':
                $this->marks['dot '.$this->place($number('x'), $number('y')).' '.round($number('size'), 1).' '.$text('ink')] = true;
                break;
            case 'write':
                $this->marks['write '.$this->place($number('x'), $number('y')).' '.$text('ink').' '.$text('text')] = true;
                break;
            case 'fill':
                $points = \is_array($event['points']) ? $event['points'] : [];
                $outline = $this->outline($points);
                // A shape of two corners has nothing to be filled.
                if (substr_count($outline, ' ') > 1) {
                    $this->marks['fill '.$text('ink').' '.$outline] = true;
                }
                break;
            case 'clear':
                $this->strokes = $this->marks = [];
                break;
            case 'plant':
                $this->seedlings[$text('x').','.$text('y')] = true;
                break;
            case 'pick':
                unset($this->seedlings[$text('x').','.$text('y')]);
                $this->seedlings['-'.$text('x').','.$text('y')] = true;
                break;
            case 'roll':
                $this->places['barrow'] = $text('x').','.$text('y');
                break;
            case 'lamps':
                $rows = array_values(array_filter(\is_array($event['rows']) ? $event['rows'] : [], is_string(...)));
                if ([] !== $this->lamps && $this->lamps[\count($this->lamps) - 1][0] === $time) {
                    array_pop($this->lamps);
                }
                if ([] === $this->lamps || $this->lamps[\count($this->lamps) - 1][1] !== $rows) {
                    $this->lamps[] = [$time, $rows];
                }
                break;
            case 'pose':
                $this->places['mower'] = round($number('x')).','.round($number('y'));
                // The way it mowed remains on the lawn.
                if (null !== $this->mower) {
                    $this->stroke($this->mower[0], $this->mower[1], $number('x'), $number('y'), 'way');
                }
                $this->mower = [$number('x'), $number('y')];
                break;
            case 'pile':
                $this->places['pile '.$text('index')] = round($number('x')).','.round($number('y'));
                break;
            case 'lamp':
                $this->places['lamp '.$text('socket')] = $text('ink');
        }
    }

    private function place(float $x, float $y): string
    {
        return round($x, 1) + 0.0.','.(round($y, 1) + 0.0);
    }

    /** A stroke is a stretch of a straight line, which has a direction and a distance from the middle. */
    private function stroke(float $x1, float $y1, float $x2, float $y2, string $pen): void
    {
        $length = hypot($x2 - $x1, $y2 - $y1);
        if ($length < self::NEAR) {
            return;
        }
        [$u, $v] = [($x2 - $x1) / $length, ($y2 - $y1) / $length];
        if ($u < -1e-6 || abs($u) <= 1e-6 && $v < 0) {
            [$u, $v] = [-$u, -$v];
        }
        $from = $x1 * $u + $y1 * $v;
        $to = $x2 * $u + $y2 * $v;
        $line = $pen.' '.round($u, 3) + 0.0.' '.(round($v, 3) + 0.0).' '.(round($x1 * -$v + $y1 * $u, 1) + 0.0);
        $this->strokes[$line][] = [min($from, $to), max($from, $to)];
    }

    /** @return array<string, list<string>> by their lines, stretches that touch or cover each other as one */
    private function straightened(): array
    {
        $lines = [];
        foreach ($this->strokes as $line => $stretches) {
            usort($stretches, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
            [$start, $end] = $stretches[0];
            foreach ($stretches as [$from, $to]) {
                if ($from > $end + self::NEAR) {
                    $lines[$line][] = self::stretch($start, $end);
                    [$start, $end] = [$from, $to];
                }
                $end = max($end, $to);
            }
            $lines[$line][] = self::stretch($start, $end);
        }
        ksort($lines);

        return $lines;
    }

    private static function stretch(float $from, float $to): string
    {
        return (round($from, 1) + 0.0).' '.(round($to, 1) + 0.0);
    }

    /**
     * The corners of a filled shape, from whichever it was begun and in whichever sense.
     *
     * @param array<mixed> $points
     */
    private function outline(array $points): string
    {
        $corners = [];
        foreach ($points as $point) {
            if (\is_array($point) && is_numeric($point[0] ?? null) && is_numeric($point[1] ?? null)) {
                $corner = $this->place((float) $point[0], (float) $point[1]);
                if ([] === $corners || $corners[\count($corners) - 1] !== $corner) {
                    $corners[] = $corner;
                }
            }
        }
        if (\count($corners) > 1 && $corners[0] === $corners[\count($corners) - 1]) {
            array_pop($corners);
        }
        $best = null;
        foreach ([$corners, array_reverse($corners)] as $sense) {
            foreach (array_keys($sense) as $start) {
                $turned = implode(' ', [...\array_slice($sense, $start), ...\array_slice($sense, 0, $start)]);
                $best = null === $best || $turned < $best ? $turned : $best;
            }
        }

        return $best ?? '';
    }

    /**
     * @param array<string, true> $set
     *
     * @return list<string>
     */
    private static function sorted(array $set): array
    {
        $list = array_map(strval(...), array_keys($set));
        sort($list);

        return $list;
    }
}
