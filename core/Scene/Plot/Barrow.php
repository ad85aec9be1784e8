<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Plot;

use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\Trace;
use Scrivlet\Core\Scene\GoalState;

/** The barrow on its plot. Columns count from 1 at the left, rows from 1 at the top. */
final class Barrow
{
    private int $x;
    private int $y;
    private Facing $facing;
    private int $load;
    /** @var array<string, true> seedlings by `x,y` */
    private array $seedlings = [];

    public function __construct(private readonly Trace $trace, public readonly Layout $layout)
    {
        $this->x = $layout->x;
        $this->y = $layout->y;
        $this->facing = $layout->facing;
        $this->load = $layout->load;
        foreach ($layout->rows as $row => $signs) {
            foreach (str_split($signs) as $column => $sign) {
                if (Layout::SEEDLING === $sign || Layout::PLANTED_BED === $sign) {
                    $this->seedlings[($column + 1).','.($row + 1)] = true;
                }
            }
        }
    }

    public function step(): void
    {
        [$x, $y] = $this->ahead($this->facing);
        if (!$this->isFree($x, $y)) {
            $this->trace->happened('bump', $this->x, $this->y);
            throw new RunError(match ($this->sign($x, $y)) {
                Layout::STONE => 'bump_stone',
                Layout::HEDGE => 'bump_hedge',
                default => 'bump_edge',
            });
        }
        [$this->x, $this->y] = [$x, $y];
        $this->trace->happened('roll', $x, $y);
    }

    public function turnLeft(): void
    {
        $this->turn($this->facing->toLeft());
    }

    public function turnRight(): void
    {
        $this->turn($this->facing->toRight());
    }

    private function turn(Facing $facing): void
    {
        $this->facing = $facing;
        $this->trace->happened('swing', $facing->value);
    }

    public function plant(): void
    {
        if (isset($this->seedlings["$this->x,$this->y"])) {
            throw new RunError('cell_taken');
        }
        if (0 === $this->load) {
            throw new RunError('barrow_empty');
        }
        --$this->load;
        $this->seedlings["$this->x,$this->y"] = true;
        $this->trace->happened('plant', $this->x, $this->y, $this->load);
    }

    public function pick(): void
    {
        if (!isset($this->seedlings["$this->x,$this->y"])) {
            throw new RunError('nothing_to_pick');
        }
        ++$this->load;
        unset($this->seedlings["$this->x,$this->y"]);
        $this->trace->happened('pick', $this->x, $this->y, $this->load);
    }

    public function pathClear(): bool
    {
        return $this->answer('path_clear', $this->isFree(...$this->ahead($this->facing)));
    }

    public function clearLeft(): bool
    {
        return $this->answer('clear_left', $this->isFree(...$this->ahead($this->facing->toLeft())));
    }

    public function clearRight(): bool
    {
        return $this->answer('clear_right', $this->isFree(...$this->ahead($this->facing->toRight())));
    }

    public function seedlingHere(): bool
    {
        return $this->answer('seedling_here', isset($this->seedlings["$this->x,$this->y"]));
    }

    public function atGate(): bool
    {
        return $this->answer('at_gate', Layout::GATE === $this->sign($this->x, $this->y));
    }

    public function facing(): string
    {
        return $this->answer('facing', $this->facing->value);
    }

    public function load(): int
    {
        return $this->answer('load', $this->load);
    }

    /** @return list<GoalState> */
    public function goals(): array
    {
        return array_map(fn (Goal $goal): GoalState => new GoalState("goal.$goal->kind", ['x' => $goal->x, 'y' => $goal->y, 'load' => $goal->load], $this->meets($goal)), $this->layout->goals);
    }

    private function meets(Goal $goal): bool
    {
        return match ($goal->kind) {
            Goal::GATE => Layout::GATE === $this->sign($this->x, $this->y),
            Goal::CELL => [$goal->x, $goal->y] === [$this->x, $this->y],
            Goal::LOAD => $goal->load === $this->load,
            Goal::BARE => [] === $this->seedlings,
            default => $this->bedsArePlanted(),
        };
    }

    private function bedsArePlanted(): bool
    {
        foreach ($this->layout->rows as $row => $signs) {
            foreach (str_split($signs) as $column => $sign) {
                $isBed = Layout::BED === $sign || Layout::PLANTED_BED === $sign;
                if ($isBed !== isset($this->seedlings[($column + 1).','.($row + 1)])) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @template T of bool|int|string
     *
     * @param T $answer
     *
     * @return T
     */
    private function answer(string $what, bool|int|string $answer): bool|int|string
    {
        $this->trace->happened('sense', $what, $answer);

        return $answer;
    }

    /** @return array{int, int} */
    private function ahead(Facing $facing): array
    {
        [$right, $down] = $facing->step();

        return [$this->x + $right, $this->y + $down];
    }

    private function sign(int $x, int $y): ?string
    {
        return $x < 1 || $y < 1 ? null : $this->layout->rows[$y - 1][$x - 1] ?? null;
    }

    private function isFree(int $x, int $y): bool
    {
        return !\in_array($this->sign($x, $y), [null, Layout::HEDGE, Layout::STONE], true);
    }
}
