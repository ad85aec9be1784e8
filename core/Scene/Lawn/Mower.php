<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Lawn;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Run\Chance;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\Scheduler;
use Scrivlet\Core\Run\Trace;
use Scrivlet\Core\Scene\GoalState;

/**
 * The mower on its lawn: two driven wheels, moved on exactly along an arc in steps of a fixed time. Centimetres,
 * degrees anticlockwise from the right.
 */
final class Mower
{
    /** Milliseconds of one step of the movement. */
    public const STEP = 20;
    /** Centimetres a second of a wheel at 100 percent. */
    public const FULL_SPEED = 30.0;
    /** Between the wheels, in centimetres. */
    public const TRACK = 20.0;
    public const RADIUS = 12.0;
    public const PILE_RADIUS = 12.0;
    /** Degrees a second of turn(). */
    public const TURNING = 90.0;
    public const REACH = 80.0;
    /** Half the width of the range sensor's field, in degrees. */
    public const FIELD = 15.0;
    /** One answer in so many of the range sensor is nothing. */
    public const SILENCE = 12;
    /** How far from the middle of the mower its sensors sit, in centimetres. */
    public const SENSOR = 10.0;
    private const GRID = 1e9;
    private const INCH = 2.54;
    private const LONGEST = 1000.0;

    private float $x;
    private float $y;
    private float $heading;
    private float $left = 0.0;
    private float $right = 0.0;
    private float $unit = 1.0;
    /** @var list<array{float, float}> */
    private array $piles;
    /** @var array<int, FittingKind> by socket */
    private array $plugged = [];

    public function __construct(private readonly Trace $trace, private readonly Scheduler $scheduler, private readonly Chance $chance, private readonly Lawn $lawn)
    {
        [$this->x, $this->y, $this->heading, $this->piles] = [$lawn->x, $lawn->y, $lawn->heading, $lawn->piles];
    }

    /** @param float $left percent of full speed, negative for backwards */
    public function drive(float $left, float $right): void
    {
        $this->speeds($this->percent($left) * self::FULL_SPEED / 100, $this->percent($right) * self::FULL_SPEED / 100);
    }

    /** Goes a distance and stops; the script waits meanwhile. */
    public function travel(float $distance, float $speed): void
    {
        $speed = abs($this->percent($speed)) * self::FULL_SPEED / 100;
        $distance = $this->within($distance, self::LONGEST) * $this->unit;
        if (0.0 === $speed && 0.0 !== $distance) {
            throw new RunError('no_speed');
        }
        $milliseconds = 0.0 === $speed ? 0 : (int) floor(abs($distance) / $speed * 1000 + 0.5);
        if ($milliseconds > 0) {
            $this->speeds($distance / $milliseconds * 1000, $distance / $milliseconds * 1000);
            $this->scheduler->wait($milliseconds);
        }
        $this->stop();
    }

    /** Turns on the spot, anticlockwise for positive degrees; the script waits meanwhile. */
    public function turn(float $degrees): void
    {
        $degrees = $this->within($degrees, 3600.0);
        $milliseconds = (int) floor(abs($degrees) / self::TURNING * 1000 + 0.5);
        if ($milliseconds > 0) {
            $speed = $degrees / $milliseconds * 1000 / 180.0 * \M_PI * self::TRACK / 2;
            $this->speeds(-$speed, $speed);
            $this->scheduler->wait($milliseconds);
        }
        $this->stop();
    }

    public function stop(): void
    {
        $this->speeds(0.0, 0.0);
    }

    public function lamp(string $colour): void
    {
        $this->shine(0, $colour);
    }

    public function units(string $unit): void
    {
        $this->unit = match ($unit) {
            'cm' => 1.0,
            'inches' => self::INCH,
            default => throw new RunError('no_unit', ['name' => $unit]),
        };
    }

    /** @param float ...$sockets one, or the left and the right one of a pair of wheels */
    public function plug(FittingKind $kind, float ...$sockets): Fitting
    {
        foreach ($sockets as $socket) {
            if (floor($socket) !== $socket || $socket < 1 || $socket > Fitting::SOCKETS) {
                throw new RunError('no_socket', ['most' => Fitting::SOCKETS]);
            }
            if (isset($this->plugged[(int) $socket])) {
                throw new RunError('socket_taken', ['socket' => (int) $socket]);
            }
            $this->plugged[(int) $socket] = $kind;
        }

        return new Fitting($kind, (int) $sockets[0], (int) ($sockets[1] ?? 0));
    }

    public function pairDrive(mixed $pair, float $left, float $right): void
    {
        self::fitting($pair, FittingKind::DrivePair);
        $this->drive($left, $right);
    }

    public function pairTravel(mixed $pair, float $distance, float $speed): void
    {
        self::fitting($pair, FittingKind::DrivePair);
        $this->travel($distance, $speed);
    }

    public function pairTurn(mixed $pair, float $degrees): void
    {
        self::fitting($pair, FittingKind::DrivePair);
        $this->turn($degrees);
    }

    public function pairStop(mixed $pair): void
    {
        self::fitting($pair, FittingKind::DrivePair);
        $this->stop();
    }

    public function lampShow(mixed $lamp, string $colour): void
    {
        $this->shine(self::fitting($lamp, FittingKind::Lamp)->socket, $colour);
    }

    public function lampOff(mixed $lamp): void
    {
        $this->trace->happened('lamp', self::fitting($lamp, FittingKind::Lamp)->socket, '');
    }

    /** What lies under the sensor: `grass` or `gravel`. */
    public function surface(mixed $sensor): string
    {
        $fitting = self::fitting($sensor, FittingKind::SurfaceSensor);
        $this->scheduler->elapse(Scheduler::ASKING);
        [$x, $y] = $this->sensorPlace($fitting->socket);
        $surface = $x * $x + $y * $y > Lawn::GRASS * Lawn::GRASS ? 'gravel' : 'grass';
        $this->trace->happened('sense', "surface $fitting->socket", $surface);

        return $surface;
    }

    /** Whole centimetres or inches to the next leaf pile in the field, the sensor's reach if there is none; now and then nothing. */
    public function distance(mixed $sensor): ?int
    {
        $fitting = self::fitting($sensor, FittingKind::RangeSensor);
        $this->scheduler->elapse(Scheduler::ASKING);
        $answer = 1 === $this->chance->between(1, self::SILENCE) ? null : (int) floor($this->nearest($fitting->socket) / $this->unit);
        $this->trace->happened('sense', "distance $fitting->socket", $answer);

        return $answer;
    }

    private function nearest(int $socket): float
    {
        [$x, $y] = $this->sensorPlace($socket);
        $angle = ($this->heading + Fitting::PLACES[$socket]) / 180.0 * \M_PI;
        [$cos, $sin] = [cos($angle), sin($angle)];
        $nearest = self::REACH;
        foreach ($this->piles as [$pileX, $pileY]) {
            [$dx, $dy] = [$pileX - $x, $pileY - $y];
            [$along, $aside] = [$dx * $cos + $dy * $sin, abs($dy * $cos - $dx * $sin)];
            $away = sqrt($dx * $dx + $dy * $dy);
            // A pile counts when some part of it stands in the field.
            if ($along > 0 && $aside * cos(self::FIELD / 180.0 * \M_PI) - $along * sin(self::FIELD / 180.0 * \M_PI) <= self::PILE_RADIUS) {
                $nearest = min($nearest, max(0.0, $away - self::PILE_RADIUS));
            }
        }

        return self::onGrid($nearest);
    }

    /** @return array{float, float} */
    private function sensorPlace(int $socket): array
    {
        $angle = ($this->heading + Fitting::PLACES[$socket]) / 180.0 * \M_PI;

        return [self::onGrid($this->x + self::SENSOR * cos($angle)), self::onGrid($this->y + self::SENSOR * sin($angle))];
    }

    public function advance(int $from, int $to): void
    {
        if (0.0 === $this->left && 0.0 === $this->right) {
            return;
        }
        for ($at = $from; $at < $to;) {
            $next = min($to, intdiv($at, self::STEP) * self::STEP + self::STEP);
            $this->move(($next - $at) / 1000);
            $at = $next;
            $this->trace->passTo($at);
            $this->trace->happened('pose', $this->x, $this->y, $this->heading);
            $this->push();
            if ($this->x * $this->x + $this->y * $this->y > Lawn::GRAVEL * Lawn::GRAVEL) {
                throw new RunError('off_lawn');
            }
        }
    }

    /** Both wheels at their speeds for a time: a straight line, a turn on the spot, or an arc. */
    private function move(float $seconds): void
    {
        $angle = $this->heading / 180.0 * \M_PI;
        $speed = ($this->left + $this->right) / 2;
        $turning = ($this->right - $this->left) / self::TRACK;
        if (0.0 === $turning) {
            $this->x += $speed * $seconds * cos($angle);
            $this->y += $speed * $seconds * sin($angle);
        } else {
            $radius = $speed / $turning;
            $after = $angle + $turning * $seconds;
            $this->x += $radius * (sin($after) - sin($angle));
            $this->y += $radius * (cos($angle) - cos($after));
        }
        $this->x = self::onGrid($this->x);
        $this->y = self::onGrid($this->y);
        $heading = fmod($this->heading + $turning * $seconds / \M_PI * 180.0, 360.0);
        $heading = self::onGrid($heading < 0 ? $heading + 360.0 : $heading);
        $this->heading = $heading >= 360.0 ? 0.0 : $heading;
    }

    /** Piles that the mower touches give way straight outwards. */
    private function push(): void
    {
        $apart = self::RADIUS + self::PILE_RADIUS;
        foreach ($this->piles as $index => [$x, $y]) {
            [$dx, $dy] = [$x - $this->x, $y - $this->y];
            $away = sqrt($dx * $dx + $dy * $dy);
            if ($away < $apart - 1e-5 && $away > 0) {
                $this->piles[$index] = [self::onGrid($this->x + $dx / $away * $apart), self::onGrid($this->y + $dy / $away * $apart)];
                $this->trace->happened('pile', $index, ...$this->piles[$index]);
            }
        }
    }

    /** @return list<GoalState> */
    public function goals(): array
    {
        return array_map(fn (array $goal): GoalState => new GoalState('goal.'.$goal['kind'], ['seconds' => $goal['seconds']], match ($goal['kind']) {
            Lawn::ON_LAWN => $this->x * $this->x + $this->y * $this->y <= Lawn::GRASS * Lawn::GRASS,
            Lawn::WITHIN => $this->trace->now <= $goal['seconds'] * 1000,
            default => [] === array_filter($this->piles, static fn (array $pile): bool => $pile[0] * $pile[0] + $pile[1] * $pile[1] <= Lawn::GRASS * Lawn::GRASS),
        }), $this->lawn->goals);
    }

    private function shine(int $socket, string $colour): void
    {
        $known = Ink::canonical($colour) ?? throw new RunError('no_ink', ['colour' => $colour]);
        $this->trace->happened('lamp', $socket, Ink::tryFrom($known)?->hex() ?? $known);
    }

    private function speeds(float $left, float $right): void
    {
        [$this->left, $this->right] = [$left, $right];
        $this->trace->happened('wheels', self::onGrid($left), self::onGrid($right));
    }

    private function percent(float $percent): float
    {
        return $this->within($percent, 100.0);
    }

    private function within(float $number, float $most): float
    {
        return abs($number) <= $most ? $number : throw new RunError('out_of_range', ['min' => -(int) $most, 'max' => (int) $most]);
    }

    private static function fitting(mixed $value, FittingKind $kind): Fitting
    {
        return $value instanceof Fitting && $value->kind === $kind ? $value : throw new RunError('wrong_fitting', ['kind' => $kind->value]);
    }

    private static function onGrid(float $number): float
    {
        return floor($number * self::GRID + 0.5) / self::GRID;
    }
}
