<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Plot;

/** Where the barrow faces; the value is what a program sees. */
enum Facing: string
{
    case Right = 'right';
    case Up = 'up';
    case Left = 'left';
    case Down = 'down';

    public static function ofSign(string $sign): ?self
    {
        return match ($sign) {
            '>' => self::Right,
            '^' => self::Up,
            '<' => self::Left,
            'v' => self::Down,
            default => null,
        };
    }

    public function sign(): string
    {
        return match ($this) {
            self::Right => '>',
            self::Up => '^',
            self::Left => '<',
            self::Down => 'v',
        };
    }

    public function toLeft(): self
    {
        return match ($this) {
            self::Right => self::Up,
            self::Up => self::Left,
            self::Left => self::Down,
            self::Down => self::Right,
        };
    }

    public function toRight(): self
    {
        return $this->toLeft()->toLeft()->toLeft();
    }

    /** @return array{int, int} columns to the right and rows down of one step */
    public function step(): array
    {
        return match ($this) {
            self::Right => [1, 0],
            self::Up => [0, -1],
            self::Left => [-1, 0],
            self::Down => [0, 1],
        };
    }
}
