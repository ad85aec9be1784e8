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

    /** The text that read() reads as the same layout. */
    public function write(): string
    {
        $map = $this->rows;
        $map[$this->y - 1] = substr_replace($map[$this->y - 1], $this->facing->sign(), $this->x - 1, 1);

        return ('' === $this->name ? '' : "name: $this->name\n").(0 === $this->load ? '' : "load: $this->load\n")
            .implode('', array_map(static fn (Goal $goal): string => 'goal: '.$goal->text()."\n", $this->goals))."\n".implode("\n", $map)."\n";
    }
}
