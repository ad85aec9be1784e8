<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Run\Chance;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\Signals;
use Scrivlet\Core\Run\Trace;
use Scrivlet\Core\Scene\Lantern\Lantern;
use Scrivlet\Core\Scene\Lawn\Lawn;
use Scrivlet\Core\Scene\Lawn\Mower;
use Scrivlet\Core\Scene\Plot\Barrow;
use Scrivlet\Core\Scene\Plot\Layout;
use Scrivlet\Core\Scene\Stage;
use Scrivlet\Core\Tree\Setting;

/** Laws of the barrow, the lantern and the mower themselves, over many ways by chance. */
final class MachinesOfTheScenesTest extends TestCase
{
    /**
     * @param \Closure(Stage, Trace): void $do
     *
     * @return Trace what happened
     */
    private static function on(string $scene, string $layout, \Closure $do, string $signals = ''): Trace
    {
        $trace = new Trace(new Limits(milliseconds: 10000000));
        $stage = new Stage($trace, new Setting($scene, '' === $layout ? [] : [$layout]), new Chance(4), Signals::read($signals));
        $stage->scheduler->run(static fn () => $do($stage, $trace));

        return $trace;
    }

    /** @return array{float, float, float} where the mower stands at the end */
    private static function pose(string $layout, \Closure $drive): array
    {
        $trace = self::on('lawn', $layout, static fn (Stage $stage) => $drive($stage->mower(), $stage));
        $lawn = Lawn::read($layout);
        $pose = [$lawn->x, $lawn->y, $lawn->heading];
        foreach ($trace->events as $event) {
            if ('pose' === $event[0] && \is_float($event[2]) && \is_float($event[3]) && \is_float($event[4])) {
                $pose = [$event[2], $event[3], $event[4]];
            }
        }

        return $pose;
    }

    /**
     * @param array{float, float, float} $wanted
     * @param array{float, float, float} $found
     */
    private static function assertPose(array $wanted, array $found, float $near, string $what): void
    {
        self::assertEqualsWithDelta([$wanted[0], $wanted[1]], [$found[0], $found[1]], $near, $what);
        $turned = fmod(abs($wanted[2] - $found[2]), 360.0);
        self::assertLessThan(0.01, min($turned, 360.0 - $turned), $what);
    }

    public function testForthAndBackLeadsHomeAndSoDoesASquare(): void
    {
        mt_srand(3);
        for ($case = 0; $case < 60; ++$case) {
            $heading = mt_rand(0, 359);
            [$far, $speed, $turn] = [mt_rand(1, 60) + mt_rand(0, 9) / 10, mt_rand(5, 100), mt_rand(-180, 180)];
            $layout = "mower: 0 0 $heading\n";
            $home = [0.0, 0.0, (float) $heading];
            self::assertPose($home, self::pose($layout, static function (Mower $mower) use ($far, $speed, $turn): void {
                $mower->travel($far, $speed);
                $mower->travel(-$far, $speed);
                $mower->turn($turn);
                $mower->turn(-$turn);
            }), 1e-3, "forth and back $far at $speed, turn $turn");
            self::assertPose($home, self::pose($layout, static function (Mower $mower) use ($far): void {
                for ($side = 0; $side < 4; ++$side) {
                    $mower->travel($far, 70);
                    $mower->turn(90);
                }
            }), 1e-2, "square of $far");
        }
    }

    public function testADistanceIsExactInBothUnits(): void
    {
        foreach ([[10, 30], [33.3, 45], [0.5, 100], [60, 7]] as [$far, $speed]) {
            self::assertPose([$far, 0.0, 0.0], self::pose("mower: 0 0 0\n", static fn (Mower $mower) => $mower->travel($far, $speed)), 1e-4, "$far cm");
            self::assertPose([min(100, $far) * 2.54 / 2, 0.0, 0.0], self::pose("mower: 0 0 0\n", static function (Mower $mower) use ($far, $speed): void {
                $mower->units('inches');
                $mower->travel($far / 2, $speed);
            }), 1e-4, "$far inches");
        }
    }

    /** Two wheels at different speeds lead along a circle whose middle lies on the line through them. */
    public function testUnevenWheelsLeadAlongACircle(): void
    {
        foreach ([[20, 40], [60, 30], [-20, 50], [10, 90]] as [$left, $right]) {
            $radius = Mower::TRACK / 2 * ($left + $right) / ($right - $left);
            $trace = self::on('lawn', "mower: 0 0 0\n", static function (Stage $stage) use ($left, $right): void {
                $stage->mower()->drive($left, $right);
                $stage->scheduler->wait(3000);
            });
            $poses = 0;
            foreach ($trace->events as $event) {
                if ('pose' === $event[0] && \is_float($event[2]) && \is_float($event[3])) {
                    self::assertEqualsWithDelta(abs($radius), hypot($event[2], $event[3] - $radius), 1e-3, "$left, $right");
                    ++$poses;
                }
            }
            self::assertSame(150, $poses);
        }
    }

    public function testAPileIsNeverUnderTheMower(): void
    {
        mt_srand(9);
        for ($case = 0; $case < 40; ++$case) {
            $piles = [[mt_rand(-60, 60), mt_rand(30, 60)], [mt_rand(-60, 60), mt_rand(-60, -30)]];
            $layout = 'mower: 0 0 '.mt_rand(0, 359)."\n".implode('', array_map(static fn (array $pile): string => "pile: $pile[0] $pile[1]\n", $piles));
            $trace = self::on('lawn', $layout, static function (Stage $stage): void {
                for ($way = 0; $way < 4; ++$way) {
                    $stage->mower()->travel(50, 80);
                    $stage->mower()->travel(-40, 80);
                    $stage->mower()->turn(mt_rand(-170, 170));
                }
            });
            $mower = [0.0, 0.0];
            foreach ($trace->events as $event) {
                if ('pose' === $event[0]) {
                    $mower = [$event[2], $event[3]];
                } elseif ('pile' === $event[0]) {
                    \assert(\is_int($event[2]));
                    self::assertIsFloat($event[3]);
                    self::assertIsFloat($event[4]);
                    self::assertIsFloat($mower[0]);
                    self::assertIsFloat($mower[1]);
                    self::assertEqualsWithDelta(Mower::RADIUS + Mower::PILE_RADIUS, hypot($event[3] - $mower[0], $event[4] - $mower[1]), 1e-4);
                }
            }
        }
    }

    public function testTheRangeSensorSeesWhatStandsInItsFieldAlone(): void
    {
        $answers = [];
        self::on('lawn', "mower: 0 0 0\npile: 60 0\npile: 0 -50\n", static function (Stage $stage) use (&$answers): void {
            $mower = $stage->mower();
            foreach ([4, 7, 6, 8] as $socket) {
                $sensor = $mower->plug(FittingKind::RangeSensor, $socket);
                $heard = [];
                for ($asked = 0; $asked < 200; ++$asked) {
                    $heard[] = $mower->distance($sensor);
                }
                $silent = \count(array_filter($heard, is_null(...)));
                self::assertGreaterThan(4, $silent);
                self::assertLessThan(40, $silent);
                $answers[$socket] = array_values(array_unique(array_filter($heard, is_int(...))));
            }
        });
        self::assertSame([4 => [38], 7 => [28], 6 => [80], 8 => [80]], $answers);
    }

    /** What is planted and picked is nowhere else than on the plot and in the barrow, and no way leads through a hedge. */
    public function testTheBarrowKeepsItsSeedlingsAndItsWay(): void
    {
        mt_srand(21);
        $layout = "load: 5\n\n..........\n.o.*..#.G.\n...>..#...\n.*.o..*...\n..........\n";
        for ($case = 0; $case < 80; ++$case) {
            $in = 5;
            $there = 3;
            self::on('plot', $layout, static function (Stage $stage) use (&$in, &$there): void {
                $barrow = $stage->barrow();
                for ($turn = 0; $turn < 60; ++$turn) {
                    $clear = [$barrow->pathClear(), $barrow->clearLeft(), $barrow->clearRight()];
                    $facing = $barrow->facing();
                    $barrow->turnLeft();
                    self::assertSame($clear[1], $barrow->pathClear());
                    $barrow->turnRight();
                    $barrow->turnRight();
                    self::assertSame($clear[2], $barrow->pathClear());
                    $barrow->turnLeft();
                    self::assertSame($facing, $barrow->facing());
                    $here = $barrow->seedlingHere();
                    if ($here && 0 === mt_rand(0, 1)) {
                        $barrow->pick();
                        [$in, $there] = [$in + 1, $there - 1];
                    } elseif (!$here && $in > 0 && 0 === mt_rand(0, 2)) {
                        $barrow->plant();
                        [$in, $there] = [$in - 1, $there + 1];
                    }
                    self::assertSame($in, $barrow->load());
                    self::moved($barrow, $clear[0]);
                }
            });
            self::assertSame(8, $in + $there);
        }
    }

    private static function moved(Barrow $barrow, bool $clear): void
    {
        if (!$clear || 0 === mt_rand(0, 3)) {
            0 === mt_rand(0, 1) ? $barrow->turnLeft() : $barrow->turnRight();

            return;
        }
        $barrow->step();
    }

    public function testEveryStepIntoWhatIsNoPathIsABump(): void
    {
        foreach (['#' => 'bump_hedge', 'o' => 'bump_stone', '' => 'bump_edge'] as $sign => $kind) {
            try {
                self::on('plot', "\n>$sign\n", static fn (Stage $stage) => $stage->barrow()->step());
                self::fail($kind);
            } catch (RunError $error) {
                self::assertSame($kind, $error->kind);
            }
        }
        foreach (str_split(Layout::SIGNS) as $sign) {
            if ('#' !== $sign && 'o' !== $sign) {
                $trace = self::on('plot', "\n>$sign\n", static fn (Stage $stage) => $stage->barrow()->step());
                self::assertSame('roll', $trace->events[0][0], $sign);
            }
        }
    }

    public function testLampsAreLitOneByOneAsAPatternLightsThem(): void
    {
        mt_srand(6);
        for ($case = 0; $case < 40; ++$case) {
            $rows = array_map(static fn (): string => implode('', array_map(static fn (): string => 0 === mt_rand(0, 1) ? '#' : '.', range(1, Lantern::COLUMNS))), range(1, Lantern::ROWS));
            $trace = self::on('lantern', '', static function (Stage $stage) use ($rows): void {
                foreach ($rows as $y => $row) {
                    foreach (str_split($row) as $x => $lamp) {
                        '#' === $lamp ? $stage->lantern()->light($x, $y) : $stage->lantern()->dark($x, $y);
                    }
                }
                $stage->lantern()->pattern(implode('/', $rows));
            });
            $last = \count($trace->events) - 1;
            self::assertSame($rows, $trace->events[$last][2]);
            self::assertSame($rows, $trace->events[$last - 1][2]);
        }
    }

    public function testAScrolledTextComesInAtTheRightAndGoesOutAtTheLeft(): void
    {
        $trace = self::on('lantern', '', static fn (Stage $stage) => $stage->lantern()->roll('Bed 3'));
        $frames = array_values(array_map(static fn (array $event): string => \is_array($event[2]) ? implode('/', array_filter($event[2], is_string(...))) : '', array_filter($trace->events, static fn (array $event): bool => 'lamps' === $event[0])));
        self::assertStringNotContainsString('#', $frames[\count($frames) - 1]);
        self::assertSame(Lantern::COLUMN_TIME * \count($frames), $trace->now);
        foreach ($frames as $index => $frame) {
            // Each frame is the one before it, one column farther to the left.
            foreach (0 === $index ? [] : explode('/', $frame) as $row => $lamps) {
                self::assertSame(substr(explode('/', $frames[$index - 1])[$row], 1), substr($lamps, 0, -1));
            }
        }
    }

    public function testAButtonWasPressedOnceForAllPressesSinceItWasAsked(): void
    {
        $heard = [];
        self::on('lantern', '', static function (Stage $stage) use (&$heard): void {
            $lantern = $stage->lantern();
            foreach ([500, 1000, 1500, 1000] as $wait) {
                $stage->scheduler->wait($wait);
                $heard[] = [$lantern->tapped('round'), $lantern->held('round'), $lantern->tapped('both')];
            }
        }, "1 tap round\n1.2 tap round\n2.5 press round\n2.6 tap square\n");
        self::assertSame([[false, false, false], [true, false, false], [true, true, true], [false, true, false]], $heard);
    }
}
