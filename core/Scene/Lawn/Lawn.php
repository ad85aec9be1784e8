<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Lawn;

use Scrivlet\Core\Refusal;

/**
 * One arrangement of the lawn, as a plain text of lines `name:`, `mower: x y heading`, `pile: x y`, `goal:`. Places
 * are centimetres to the right and up from the middle; docs/layouts.md describes it for people.
 */
final readonly class Lawn
{
    /** Where the grass ends and the gravel begins, in centimetres from the middle. */
    public const GRASS = 120;
    /** Where the gravel ends. */
    public const GRAVEL = 150;
    public const MOST_PILES = 12;
    public const LONGEST_NAME = 60;

    public const ON_LAWN = 'on_lawn';
    public const PILES_OFF = 'piles_off';
    public const WITHIN = 'within';

    public const FIRST = "name: Morning round\nmower: 0 0 90\npile: 0 70\npile: 60 -40\n";

    /**
     * @param list<array{float, float}>               $piles
     * @param list<array{kind: string, seconds: int}> $goals
     */
    private function __construct(public string $name, public float $x, public float $y, public float $heading, public array $piles, public array $goals)
    {
    }

    /** @throws Refusal that says which line is wrong */
    public static function read(string $text): self
    {
        $name = '';
        $mower = null;
        $piles = $goals = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $index => $line) {
            $line = trim($line);
            if ('' === $line || str_starts_with($line, '//')) {
                continue;
            }
            $wrong = new Refusal('layout.lawn_line', ['line' => $index + 1]);
            [$word, $rest] = [...explode(':', $line, 2), ''];
            $rest = trim($rest);
            $numbers = 1 === preg_match('/^-?\d{1,3}(?:\s+-?\d{1,3}){1,2}$/D', $rest) ? array_map(floatval(...), preg_split('/\s+/', $rest) ?: []) : [];
            switch (trim($word)) {
                case 'name':
                    $name = mb_strlen($rest) <= self::LONGEST_NAME ? $rest : throw $wrong;
                    break;
                case 'mower':
                    $mower = 3 === \count($numbers) && null === $mower && hypot($numbers[0], $numbers[1]) <= self::GRASS ? $numbers : throw $wrong;
                    break;
                case 'pile':
                    $piles[] = 2 === \count($numbers) && \count($piles) < self::MOST_PILES && hypot($numbers[0], $numbers[1]) <= self::GRASS ? [$numbers[0], $numbers[1]] : throw $wrong;
                    break;
                case 'goal':
                    $goals[] = \count($goals) < 8 ? self::goal($rest) ?? throw $wrong : throw $wrong;
                    break;
                default:
                    throw $wrong;
            }
        }
        [$x, $y, $heading] = $mower ?? [0.0, 0.0, 90.0];

        return new self($name, $x, $y, fmod(fmod($heading, 360.0) + 360.0, 360.0), $piles, $goals);
    }

    /** @return array{kind: string, seconds: int}|null */
    private static function goal(string $text): ?array
    {
        return match (true) {
            'mower on lawn' === $text => ['kind' => self::ON_LAWN, 'seconds' => 0],
            'piles off' === $text => ['kind' => self::PILES_OFF, 'seconds' => 0],
            1 === preg_match('/^within (\d{1,3})$/D', $text, $match) => ['kind' => self::WITHIN, 'seconds' => (int) $match[1]],
            default => null,
        };
    }

    /** The text that read() reads as the same layout. */
    public function write(): string
    {
        $text = ('' === $this->name ? '' : "name: $this->name\n").\sprintf("mower: %d %d %d\n", $this->x, $this->y, $this->heading);
        foreach ($this->piles as [$x, $y]) {
            $text .= \sprintf("pile: %d %d\n", $x, $y);
        }
        foreach ($this->goals as $goal) {
            $text .= 'goal: '.match ($goal['kind']) {
                self::ON_LAWN => 'mower on lawn',
                self::PILES_OFF => 'piles off',
                default => 'within '.$goal['seconds'],
            }."\n";
        }

        return $text;
    }
}
