<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Plot;

use Scrivlet\Core\Refusal;

/**
 * One arrangement of the plot, as a plain text: some lines `name:`, `load:`, `goal:`, an empty line, then a map of
 * one sign a cell. docs/layouts.md describes it for people.
 */
final readonly class Layout
{
    public const WIDEST = 20;
    public const HIGHEST = 15;
    public const MOST_GOALS = 8;
    public const MOST_LOAD = 999;
    public const LONGEST_NAME = 60;

    public const PATH = '.';
    public const HEDGE = '#';
    public const STONE = 'o';
    public const GATE = 'G';
    public const SEEDLING = '*';
    /** A cell in which a seedling shall stand at the end. */
    public const BED = ':';
    public const PLANTED_BED = '%';
    public const SIGNS = self::PATH.self::HEDGE.self::STONE.self::GATE.self::SEEDLING.self::BED.self::PLANTED_BED;

    public const FIRST = "name: First path\nload: 3\n\n########\n#......#\n#>.....#\n#......#\n########\n";

    /**
     * @param list<string> $rows  of the map, all of one length, without the barrow
     * @param list<Goal>   $goals
     * @param int          $x     column of the barrow, from 1
     * @param int          $y     row of the barrow, from 1 at the top
     */
    private function __construct(public string $name, public array $rows, public array $goals, public int $x, public int $y, public Facing $facing, public int $load)
    {
    }

    /** @throws Refusal that says which line is wrong */
    public static function read(string $text): self
    {
        $name = '';
        $load = 0;
        $goals = $map = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $index => $line) {
            $line = rtrim($line);
            $wrong = static fn (string $kind): Refusal => new Refusal($kind, ['line' => $index + 1]);
            if ([] === $map && ('' === $line || str_starts_with($line, '//'))) {
                continue;
            }
            if ([] === $map && 1 === preg_match('/^(name|load|goal):(.*)$/uD', $line, $match)) {
                $value = trim($match[2]);
                if ('name' === $match[1]) {
                    $name = mb_strlen($value) <= self::LONGEST_NAME ? $value : throw $wrong('layout.name');
                } elseif ('load' === $match[1]) {
                    $load = 1 === preg_match('/^\d{1,3}$/D', $value) ? (int) $value : throw $wrong('layout.load');
                } else {
                    $goals[] = \count($goals) < self::MOST_GOALS ? Goal::of($value) ?? throw $wrong('layout.goal') : throw $wrong('layout.goal');
                }
                continue;
            }
            if ('' !== $line) {
                $map[$index + 1] = $line;
            }
        }

        return self::ofMap($name, $map, $goals, $load);
    }

    /**
     * @param array<int, string> $map   by line of the text
     * @param list<Goal>         $goals
     */
    private static function ofMap(string $name, array $map, array $goals, int $load): self
    {
        $widths = array_map(strlen(...), $map);
        if ([] === $widths || max($widths) > self::WIDEST || \count($map) > self::HIGHEST) {
            throw new Refusal('layout.size', ['widest' => self::WIDEST, 'highest' => self::HIGHEST]);
        }
        $rows = [];
        $barrow = null;
        foreach ($map as $line => $row) {
            $row = str_pad($row, max($widths), self::HEDGE);
            if (1 === preg_match('/[<>^v]/', $row, $match, \PREG_OFFSET_CAPTURE)) {
                $facing = Facing::ofSign($match[0][0]);
                $barrow = null === $barrow && null !== $facing ? [$match[0][1] + 1, \count($rows) + 1, $facing] : throw new Refusal('layout.barrows', ['line' => $line]);
                $row[$match[0][1]] = self::PATH;
            }
            if (\strlen($row) !== strspn($row, self::SIGNS)) {
                $sign = mb_substr(substr($row, strspn($row, self::SIGNS)), 0, 1);
                throw 1 === preg_match('/[<>^v]/', $sign) ? new Refusal('layout.barrows', ['line' => $line]) : new Refusal('layout.sign', ['line' => $line, 'sign' => mb_scrub($sign)]);
            }
            $rows[] = $row;
        }
        if (null === $barrow) {
            throw new Refusal('layout.no_barrow');
        }
        if (substr_count(implode('', $rows), self::GATE) > 1) {
            throw new Refusal('layout.gates');
        }
        foreach ($goals as $goal) {
            if (Goal::GATE === $goal->kind && !str_contains(implode('', $rows), self::GATE)) {
                throw new Refusal('layout.no_gate');
            }
        }

        return new self($name, $rows, $goals, $barrow[0], $barrow[1], $barrow[2], $load);
    }

    /**
     * With a sign in a cell. The barrow and the gate stand in one cell only; where the barrow stands already, it turns
     * to its right, and nothing else takes its cell.
     *
     * @param int $x column, from 1
     * @param int $y row, from 1 at the top
     *
     * @throws Refusal if that is no cell, no sign, or a goal could not be reached any more
     */
    public function withSign(int $x, int $y, string $sign): self
    {
        $isBarrow = null !== Facing::ofSign($sign);
        if (1 !== \strlen($sign) || !$isBarrow && !str_contains(self::SIGNS, $sign) || !isset($this->rows[$y - 1][$x - 1]) || $x < 1) {
            throw new Refusal('layout.sign', ['line' => $y, 'sign' => mb_scrub(substr($sign, 0, 1))]);
        }
        $isThere = $x === $this->x && $y === $this->y;
        if ($isBarrow) {
            // What stood in its cell gives way.
            return self::read(($isThere ? $this->with(facing: $this->facing->toRight()) : $this->with(x: $x, y: $y))->write());
        }
        if ($isThere) {
            return $this;
        }
        $rows = self::GATE === $sign ? str_replace(self::GATE, self::PATH, $this->rows) : $this->rows;
        $rows[$y - 1] = substr_replace($rows[$y - 1], $sign, $x - 1, 1);
        $rows = array_values($rows);

        return self::read($this->with(rows: $rows)->write());
    }

    /** Cut off, or with paths in new cells; a barrow that would be cut off comes to the first cell. */
    public function resized(int $width, int $height): self
    {
        [$width, $height] = [max(1, min(self::WIDEST, $width)), max(1, min(self::HIGHEST, $height))];
        $rows = [];
        for ($y = 0; $y < $height; ++$y) {
            $rows[] = substr(str_pad($this->rows[$y] ?? '', $width, self::PATH), 0, $width);
        }
        [$x, $y] = $this->x <= $width && $this->y <= $height ? [$this->x, $this->y] : [1, 1];

        return self::read($this->with(rows: $rows, x: $x, y: $y)->write());
    }

    /** @throws Refusal if it is no goal, or can't be one here */
    public function withGoal(string $words, bool $wanted): self
    {
        $goal = Goal::of($words) ?? throw new Refusal('layout.goal', ['line' => 1]);
        $goals = array_values(array_filter($this->goals, static fn (Goal $other): bool => $other->text() !== $goal->text()));

        return self::read($this->with(goals: $wanted ? [...$goals, $goal] : $goals)->write());
    }

    public function withLoad(int $load): self
    {
        return $this->with(load: max(0, min(self::MOST_LOAD, $load)));
    }

    public function withName(string $name): self
    {
        return $this->with(name: $name);
    }

    /**
     * @param list<string>|null $rows
     * @param list<Goal>|null   $goals
     */
    private function with(?string $name = null, ?array $rows = null, ?array $goals = null, ?int $x = null, ?int $y = null, ?Facing $facing = null, ?int $load = null): self
    {
        return new self($name ?? $this->name, $rows ?? $this->rows, $goals ?? $this->goals, $x ?? $this->x, $y ?? $this->y, $facing ?? $this->facing, $load ?? $this->load);
    }

    /** The text that read() reads as the same layout. */
    public function write(): string
    {
        $map = $this->rows;
        $map[$this->y - 1] = substr_replace($map[$this->y - 1], $this->facing->sign(), $this->x - 1, 1);

        return ('' === $this->name ? '' : "name: $this->name\n").(0 === $this->load ? '' : "load: $this->load\n")
            .implode('', array_map(static fn (Goal $goal): string => 'goal: '.$goal->text()."\n", $this->goals))."\n".implode("\n", $map)."\n";
    }
}
