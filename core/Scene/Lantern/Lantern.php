<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Lantern;

use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\Scheduler;
use Scrivlet\Core\Run\Signal;
use Scrivlet\Core\Run\Signals;
use Scrivlet\Core\Run\Trace;

/** The lantern at the gate: 9 x 5 lamps, a round and a square button, a light sensor. */
final class Lantern
{
    public const COLUMNS = 9;
    public const ROWS = 5;
    public const BOTH = 'both';
    /** How long a scrolled text stays before it moves on by a column, in milliseconds. */
    public const COLUMN_TIME = 100;
    /** Letters that one text shows at most. */
    public const LONGEST = 200;
    public const FIRST_BRIGHTNESS = 50;

    /** @var list<string> */
    private array $lamps;
    private int $brightness = self::FIRST_BRIGHTNESS;
    /** @var array<string, bool> */
    private array $down = [];
    /** @var array<string, bool> pressed since a program asked last */
    private array $was = [];

    public function __construct(private readonly Trace $trace, private readonly Scheduler $scheduler)
    {
        $this->lamps = array_fill(0, self::ROWS, str_repeat('.', self::COLUMNS));
    }

    public function shine(string $text): void
    {
        $rows = $this->rows($text);
        if (\strlen($rows[0]) > self::COLUMNS) {
            throw new RunError('wide_show', ['text' => $text]);
        }
        $left = intdiv(self::COLUMNS - \strlen($rows[0]), 2);
        $this->glow(array_map(static fn (string $row): string => str_pad(str_repeat('.', $left).$row, self::COLUMNS, '.'), $rows));
    }

    /** Moves a text through the lamps from right to left, until it is gone. */
    public function roll(string $text): void
    {
        $rows = $this->rows($text);
        $dark = str_repeat('.', self::COLUMNS);
        for ($at = 1; $at <= \strlen($rows[0]) + self::COLUMNS; ++$at) {
            $this->glow(array_map(static fn (string $row): string => substr($dark.$row.$dark, $at, self::COLUMNS), $rows));
            $this->scheduler->wait(self::COLUMN_TIME);
        }
    }

    /** @return list<string> */
    private function rows(string $text): array
    {
        if (mb_strlen($text) > self::LONGEST) {
            throw new RunError('long_scroll', ['most' => self::LONGEST]);
        }

        return Glyphs::rows($text);
    }

    public function light(float $x, float $y): void
    {
        $this->put($x, $y, '#');
    }

    public function dark(float $x, float $y): void
    {
        $this->put($x, $y, '.');
    }

    private function put(float $x, float $y, string $sign): void
    {
        if (!($x >= 0 && $x < self::COLUMNS && $y >= 0 && $y < self::ROWS)) {
            throw new RunError('no_lamp', ['x' => self::COLUMNS - 1, 'y' => self::ROWS - 1]);
        }
        $lamps = $this->lamps;
        $lamps[(int) $y] = substr_replace($lamps[(int) $y], $sign, (int) $x, 1);
        $this->glow(array_values($lamps));
    }

    /** Five rows of up to nine signs, with `/` between them: `#` is a lamp that shines. */
    public function pattern(string $rows): void
    {
        $lines = explode('/', $rows);
        if (\count($lines) > self::ROWS || 1 !== preg_match('~^(?:[#.]{0,9}/){0,4}[#.]{0,9}$~D', $rows)) {
            throw new RunError('no_pattern');
        }
        $lamps = [];
        for ($row = 0; $row < self::ROWS; ++$row) {
            $lamps[] = str_pad($lines[$row] ?? '', self::COLUMNS, '.');
        }
        $this->glow($lamps);
    }

    public function clear(): void
    {
        $this->pattern('');
    }

    public function held(string $button): bool
    {
        $button = self::button($button);
        $this->scheduler->elapse(Scheduler::ASKING);

        return $this->answer('pressed '.$button, self::BOTH === $button ? $this->areBothDown() : ($this->down[$button] ?? false));
    }

    public function tapped(string $button): bool
    {
        $button = self::button($button);
        $this->scheduler->elapse(Scheduler::ASKING);
        $was = $this->was[$button] ?? false;
        $this->was[$button] = false;

        return $this->answer('tapped '.$button, $was);
    }

    public function brightness(): int
    {
        $this->scheduler->elapse(Scheduler::ASKING);
        $this->trace->happened('sense', 'brightness', $this->brightness);

        return $this->brightness;
    }

    public static function button(string $button): string
    {
        return \in_array($button, [...Signals::BUTTONS, self::BOTH], true) ? $button : throw new RunError('no_button', ['name' => $button]);
    }

    /** @return list<string> the happenings that handlers may wait for */
    public function receive(Signal $signal): array
    {
        if (Signal::LIGHT === $signal->kind) {
            $before = $this->brightness;
            $this->brightness = (int) $signal->what;
            $this->trace->happened('daylight', $this->brightness);

            return $this->brightness === $before ? [] : ['lantern.when_light '.($this->brightness < $before ? 'darker' : 'brighter')];
        }
        $button = (string) $signal->what;
        $before = $this->areBothDown();
        $wasDown = $this->down[$button] ?? false;
        $this->down[$button] = Signal::PRESS === $signal->kind;
        $this->trace->happened('button', $button, $this->down[$button]);
        if (!$this->down[$button] || $wasDown) {
            return [];
        }
        $this->was[$button] = true;
        if ($this->areBothDown() && !$before) {
            $this->was[self::BOTH] = true;

            return ["lantern.when_tapped $button", 'lantern.when_tapped '.self::BOTH];
        }

        return ["lantern.when_tapped $button"];
    }

    private function areBothDown(): bool
    {
        return ($this->down['round'] ?? false) && ($this->down['square'] ?? false);
    }

    private function answer(string $what, bool $answer): bool
    {
        $this->trace->happened('sense', $what, $answer);

        return $answer;
    }

    /** @param list<string> $lamps */
    private function glow(array $lamps): void
    {
        $this->lamps = $lamps;
        $this->trace->happened('lamps', $lamps);
    }
}
