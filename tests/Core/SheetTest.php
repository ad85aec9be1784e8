<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\Trace;
use Scrivlet\Core\Scene\Sheet\Drawing;
use Scrivlet\Core\Scene\Sheet\Numeral;
use Scrivlet\Core\Scene\Sheet\Sheet;

final class SheetTest extends TestCase
{
    private Trace $trace;
    private Sheet $sheet;

    protected function setUp(): void
    {
        $this->trace = new Trace(new Limits());
        $this->sheet = new Sheet($this->trace);
    }

    private function drawing(): string
    {
        preg_match('~<g stroke-linecap="round">\n(.*)</g>~s', Drawing::svg($this->trace), $match);

        return $match[1] ?? '';
    }

    public function testARegularShapeEndsWhereItBegan(): void
    {
        for ($corners = 3; $corners <= 60; ++$corners) {
            $this->setUp();
            for ($corner = 0; $corner < $corners; ++$corner) {
                $this->sheet->forward(40);
                $this->sheet->left(360 / $corners);
            }
            self::assertEqualsWithDelta(0, $this->sheet->x(), 1e-6, "$corners corners");
            self::assertEqualsWithDelta(0, $this->sheet->y(), 1e-6, "$corners corners");
            self::assertEqualsWithDelta(0, fmod($this->sheet->facing() + 180, 360) - 180, 1e-6, "$corners corners");
        }
    }

    public function testASquareIsExact(): void
    {
        foreach ([90.0, 180.0, 270.0, 0.0] as $heading) {
            $this->sheet->forward(0.1);
            $this->sheet->left(90);
            self::assertSame($heading, $this->sheet->facing());
        }
        self::assertSame([0.0, 0.0], [$this->sheet->x(), $this->sheet->y()]);
    }

    public function testBackUndoesForwardAndRightUndoesLeft(): void
    {
        $random = new Randomizer(new Mt19937(9));
        for ($case = 0; $case < 500; ++$case) {
            $this->setUp();
            $this->sheet->moveTo($random->getInt(-200, 200), $random->getInt(-200, 200));
            $this->sheet->face($random->getInt(-100000, 100000) / 7);
            [$x, $y, $heading] = [$this->sheet->x(), $this->sheet->y(), $this->sheet->facing()];
            self::assertTrue($heading >= 0 && $heading < 360);
            $steps = $random->getInt(-5000, 5000) / 13;
            $turn = $random->getInt(-5000, 5000) / 11;
            $this->sheet->forward($steps);
            self::assertEqualsWithDelta(abs($steps), hypot($this->sheet->x() - $x, $this->sheet->y() - $y), 1e-8);
            $this->sheet->back($steps);
            $this->sheet->left($turn);
            $this->sheet->right($turn);
            self::assertEqualsWithDelta([$x, $y], [$this->sheet->x(), $this->sheet->y()], 1e-8);
            self::assertEqualsWithDelta(0, fmod($this->sheet->facing() - $heading + 540, 360) - 180, 1e-8);
        }
    }

    public function testALiftedNibDrawsNothing(): void
    {
        $this->sheet->lift();
        $this->sheet->forward(50);
        self::assertSame('', $this->drawing());
        $this->sheet->lower();
        $this->sheet->moveTo(0, 10);
        self::assertSame("<line x1=\"50\" y1=\"0\" x2=\"0\" y2=\"-10\" stroke=\"#22304f\" stroke-width=\"2\"/>\n", $this->drawing());
        $this->sheet->clear();
        self::assertSame('', $this->drawing());
        self::assertSame([0.0, 10.0], [$this->sheet->x(), $this->sheet->y()], 'clearing leaves the nib where it is');
    }

    public function testAShapeIsFilledBeneathItsOwnLines(): void
    {
        $this->sheet->dot(4);
        $this->sheet->openShape('butter');
        $this->sheet->forward(10);
        $this->sheet->left(90);
        $this->sheet->forward(10);
        self::assertStringNotContainsString('polygon', $this->drawing(), 'not before it is ended');
        $this->sheet->closeShape();
        $this->sheet->closeShape();
        $marks = explode("\n", trim($this->drawing()));
        self::assertSame(['<circle', '<polygon', '<line', '<line'], array_map(static fn (string $mark): string => explode(' ', $mark)[0], $marks));
        self::assertSame('<polygon points="0,0 10,0 10,-10" fill="#f2c94c"/>', $marks[1]);
    }

    public function testInksShiftAlongTheWheelAndComeRound(): void
    {
        foreach (Ink::cases() as $ink) {
            $this->sheet->ink($ink->value);
            $this->sheet->shiftInk(0);
            $begin = $this->lastInk();
            foreach ([360, -720, 90, -90] as $amount) {
                $this->sheet->shiftInk($amount);
            }
            self::assertSame($begin, $this->lastInk());
            self::assertSame("hsl({$ink->hue()}, 60%, 45%)", $this->lastInk());
        }
        // The hue of a code is the same as that of the ink it spells.
        foreach (Ink::cases() as $ink) {
            $this->sheet->ink(strtoupper($ink->hex()));
            $this->sheet->shiftInk(0);
            preg_match('/hsl\((\d+)/', $this->lastInk(), $match);
            self::assertEqualsWithDelta($ink->hue(), (int) ($match[1] ?? -1), 1, $ink->value);
        }
    }

    private function lastInk(): string
    {
        $inks = array_values(array_filter($this->trace->events, static fn (array $event): bool => 'ink' === $event[0]));
        $ink = $inks[\count($inks) - 1][2];
        \assert(\is_string($ink));

        return $ink;
    }

    public function testWhatTheSheetCannotDoIsRefused(): void
    {
        $wrong = [
            'not_finite' => fn () => $this->sheet->forward(\NAN),
            'too_far' => fn () => $this->sheet->moveTo(0, 1000001),
            'out_of_range' => fn () => $this->sheet->dot(-0.1),
            'no_ink' => fn () => $this->sheet->ink('#12345'),
        ];
        foreach ($wrong as $kind => $do) {
            try {
                $do();
                self::fail($kind);
            } catch (RunError $error) {
                self::assertSame($kind, $error->kind);
            }
        }
        self::assertSame([0.0, 0.0], [$this->sheet->x(), $this->sheet->y()]);
    }

    public function testLettersOnTheSheetAreNoMarkup(): void
    {
        $this->sheet->write("<b>&\u{1}été</b>");
        self::assertStringContainsString('>&lt;b&gt;&amp;été&lt;/b&gt;</text>', $this->drawing());
        self::assertNotFalse(simplexml_load_string(Drawing::svg($this->trace)));
    }

    public function testNumeralsAreShortAndRounded(): void
    {
        foreach ([[0.0, '0'], [-0.0, '0'], [1.0, '1'], [0.1, '0.1'], [-0.0004, '0'], [-0.0006, '-0.001'], [12.3456, '12.346'], [1e6, '1000000'], [-2.5, '-2.5'], [0.0005, '0.001']] as [$number, $text]) {
            self::assertSame($text, Numeral::of($number));
        }
    }
}
