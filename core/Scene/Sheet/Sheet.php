<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Sheet;

use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\Trace;

/**
 * The sheet and its nib. Steps to the right and up from the middle, degrees anticlockwise from the right.
 *
 * Places are kept to a billionth of a step: after a square the nib stands exactly where it began, and sine and
 * cosine, which differ in their last digit from machine to machine, lead to the same place on all of them.
 */
final class Sheet
{
    /** How far from the middle the nib may go, in steps. */
    public const FARTHEST = 1000000.0;
    private const GRID = 1e9;
    /** How wide a line is at the start. */
    private const LINE = 2.0;

    private float $x = 0.0;
    private float $y = 0.0;
    private float $heading = 0.0;
    private bool $down = true;
    private string $ink;
    private float $hue;
    private float $width = self::LINE;
    /** @var list<array{float, float}>|null the edge of the shape being filled */
    private ?array $shape = null;
    private string $shapeInk = '';

    public function __construct(private readonly Trace $trace)
    {
        $this->ink = Ink::Midnight->hex();
        $this->hue = Ink::Midnight->hue();
    }

    public function forward(float $steps): void
    {
        $this->finite($steps);
        $angle = $this->heading / 180.0 * \M_PI;
        // Quarter turns are exact: cos(90 degrees) is not quite 0 in floating point.
        [$cos, $sin] = match ($this->heading) {
            0.0 => [1.0, 0.0],
            90.0 => [0.0, 1.0],
            180.0 => [-1.0, 0.0],
            270.0 => [0.0, -1.0],
            default => [cos($angle), sin($angle)],
        };
        $this->goTo($this->x + $steps * $cos, $this->y + $steps * $sin);
    }

    public function back(float $steps): void
    {
        $this->forward(-$steps);
    }

    public function left(float $degrees): void
    {
        $this->finite($degrees);
        $this->turnTo($this->heading + $degrees);
    }

    public function right(float $degrees): void
    {
        $this->finite($degrees);
        $this->turnTo($this->heading - $degrees);
    }

    public function moveTo(float $x, float $y): void
    {
        $this->finite($x);
        $this->finite($y);
        $this->goTo($x, $y);
    }

    public function face(float $degrees): void
    {
        $this->finite($degrees);
        $this->turnTo($degrees);
    }

    /**
     * Goes along a circle to the left of the nib, in short straight lines: as many as the standard drawing module of
     * Python takes (its source, `TNavigator.circle`).
     */
    public function circle(float $radius, float $degrees): void
    {
        $this->finite($radius);
        $this->finite($degrees);
        $lines = 1 + (int) (min(11 + abs($radius) / 6.0, 59.0) * min(abs($degrees) / 360, 100.0));
        $turn = $degrees / $lines;
        $length = 2.0 * $radius * sin($turn / 2 / 180 * \M_PI);
        if ($radius < 0) {
            [$length, $turn] = [-$length, -$turn];
        }
        $this->turnTo($this->heading + $turn / 2);
        for ($line = 0; $line < $lines; ++$line) {
            $this->forward($length);
            $this->turnTo($this->heading + $turn);
        }
        $this->turnTo($this->heading - $turn / 2);
    }

    public function home(): void
    {
        $this->goTo(0, 0);
        $this->turnTo(0);
    }

    /** All as at the start: a clean sheet, the nib lowered in the middle with its first ink. */
    public function reset(): void
    {
        $this->shape = null;
        $this->lift();
        $this->home();
        $this->lower();
        $this->ink(Ink::Midnight->value);
        $this->width(self::LINE);
        $this->appear();
        $this->clear();
    }

    public function lift(): void
    {
        $this->down = false;
        $this->trace->happened('pen', false);
    }

    public function lower(): void
    {
        $this->down = true;
        $this->trace->happened('pen', true);
    }

    public function ink(string $colour): void
    {
        [$this->ink, $this->hue] = self::colour($colour);
        $this->trace->happened('ink', $this->ink);
    }

    public function shiftInk(float $amount): void
    {
        $this->finite($amount);
        $this->hue = self::onCircle($this->hue + $amount);
        $this->ink = 'hsl('.Numeral::of(floor($this->hue)).', 60%, 45%)';
        $this->trace->happened('ink', $this->ink);
    }

    public function width(float $size): void
    {
        $this->within($size, 0, 200);
        $this->width = $size;
        $this->trace->happened('width', $size);
    }

    public function openShape(string $colour): void
    {
        $this->shapeInk = self::colour($colour)[0];
        $this->shape = [[$this->x, $this->y]];
        $this->trace->happened('fill_begin');
    }

    public function closeShape(): void
    {
        if (null !== $this->shape) {
            $this->trace->happened('fill', $this->shapeInk, $this->shape);
            $this->shape = null;
        }
    }

    public function dot(float $size): void
    {
        $this->within($size, 0, 1000);
        $this->trace->happened('dot', $this->x, $this->y, $size, $this->ink);
    }

    public function write(string $text): void
    {
        $this->trace->happened('write', $this->x, $this->y, $text, $this->ink);
    }

    public function pace(float $level): void
    {
        $this->within($level, 0, 10);
        $this->trace->happened('speed', $level);
    }

    public function appear(): void
    {
        $this->trace->happened('show', true);
    }

    public function vanish(): void
    {
        $this->trace->happened('show', false);
    }

    public function clear(): void
    {
        $this->shape = null === $this->shape ? null : [[$this->x, $this->y]];
        $this->trace->happened('clear');
    }

    public function x(): float
    {
        return $this->x;
    }

    public function y(): float
    {
        return $this->y;
    }

    public function facing(): float
    {
        return $this->heading;
    }

    private function goTo(float $x, float $y): void
    {
        if (abs($x) > self::FARTHEST || abs($y) > self::FARTHEST) {
            throw new RunError('too_far', ['farthest' => (int) self::FARTHEST]);
        }
        $x = floor($x * self::GRID + 0.5) / self::GRID;
        $y = floor($y * self::GRID + 0.5) / self::GRID;
        if ($this->down) {
            $this->trace->happened('stroke', $this->x, $this->y, $x, $y, $this->ink, $this->width);
        } else {
            $this->trace->happened('move', $x, $y);
        }
        $this->x = $x;
        $this->y = $y;
        if (null !== $this->shape) {
            $this->shape[] = [$x, $y];
        }
    }

    private function turnTo(float $degrees): void
    {
        $this->heading = self::onCircle($degrees);
        $this->trace->happened('turn', $this->heading);
    }

    /** The same direction from 0 up to 360, kept to a billionth of a degree as places are. */
    private static function onCircle(float $degrees): float
    {
        $degrees = fmod($degrees, 360.0);
        if ($degrees < 0) {
            $degrees += 360.0;
        }
        $degrees = floor($degrees * self::GRID + 0.5) / self::GRID;

        return $degrees >= 360.0 ? 0.0 : $degrees;
    }

    /** @return array{string, float} code and hue */
    private static function colour(string $colour): array
    {
        $canonical = Ink::canonical($colour) ?? throw new RunError('no_ink', ['colour' => $colour]);
        $ink = Ink::tryFrom($canonical);

        return null === $ink ? [$canonical, self::hue($canonical)] : [$ink->hex(), $ink->hue()];
    }

    /** The hue of an RGB colour, in whole degrees downward. */
    private static function hue(string $hex): float
    {
        $red = (int) hexdec(substr($hex, 1, 2));
        $green = (int) hexdec(substr($hex, 3, 2));
        $blue = (int) hexdec(substr($hex, 5, 2));
        $largest = max($red, $green, $blue);
        $spread = $largest - min($red, $green, $blue);
        if (0 === $spread) {
            return 0.0;
        }
        $hue = match ($largest) {
            $red => 60.0 * ($green - $blue) / $spread,
            $green => 120.0 + 60.0 * ($blue - $red) / $spread,
            default => 240.0 + 60.0 * ($red - $green) / $spread,
        };

        return floor($hue < 0 ? $hue + 360.0 : $hue);
    }

    private function finite(float $number): void
    {
        if (!is_finite($number)) {
            throw new RunError('not_finite');
        }
    }

    private function within(float $number, int $least, int $most): void
    {
        if (!($number >= $least && $number <= $most)) {
            throw new RunError('out_of_range', ['min' => $least, 'max' => $most]);
        }
    }
}
