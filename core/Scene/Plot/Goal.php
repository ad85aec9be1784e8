<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Plot;

/** One thing that shall hold when a program has ended. */
final readonly class Goal
{
    public const GATE = 'gate';
    public const CELL = 'cell';
    public const BEDS = 'beds';
    public const BARE = 'bare';
    public const LOAD = 'load';

    /** @param string $kind one of the constants */
    public function __construct(public string $kind, public int $x = 0, public int $y = 0, public int $load = 0)
    {
    }

    public static function of(string $text): ?self
    {
        $text = strtolower((string) preg_replace('/\s+/', ' ', trim($text)));

        return match (true) {
            'at gate' === $text => new self(self::GATE),
            'beds planted' === $text => new self(self::BEDS),
            'no seedlings left' === $text => new self(self::BARE),
            1 === preg_match('/^load (\d{1,3})$/D', $text, $match) => new self(self::LOAD, load: (int) $match[1]),
            1 === preg_match('/^at (\d{1,2}) ?, ?(\d{1,2})$/D', $text, $match) => new self(self::CELL, (int) $match[1], (int) $match[2]),
            default => null,
        };
    }

    public function text(): string
    {
        return match ($this->kind) {
            self::GATE => 'at gate',
            self::BEDS => 'beds planted',
            self::BARE => 'no seedlings left',
            self::LOAD => "load $this->load",
            default => "at $this->x,$this->y",
        };
    }
}
