<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\RealMachines;

/** Sets of numbers show in the order of the real machine, whatever was put in, taken out, copied and put together. */
#[Group('long')]
final class SetOrderTest extends TestCase
{
    private const CASES = 60;

    public function testSetsOfNumbersShowInTheOrderOfThere(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $lines = [];
        for ($case = 0; $case < self::CASES; ++$case) {
            $lines[] = 'beds = set()';
            for ($count = $random->getInt(1, 70); $count > 0; --$count) {
                $number = $random->getInt(-20, 0 === $case % 3 ? 100000 : 300);
                $lines[] = $random->getInt(0, 9) < 3 ? 'beds.discard('.$number % 40 .')' : "beds.add($number)";
            }
            $constants = array_map(static fn (): int => $random->getInt(-20, 300), range(1, $random->getInt(1, 12)));
            $lines[] = 'print({'.implode(', ', $constants).'}, set(['.implode(', ', $constants).']), [n for n in {'.implode(', ', $constants).'}])';
            $lines[] = 'for n in {'.implode(', ', $constants)."}:\n    print(n, end=' ')\nprint()";
            $lines[] = 'others = {n * '.$random->getInt(1, 9).' for n in range('.$random->getInt(0, 25).')}';
            foreach (['beds', 'beds | others', 'others | beds', 'beds & others', 'others & beds', 'beds - others', 'others - beds', 'beds ^ others', 'beds.copy()', 'set(beds)', 'set(list(others))', 'set(range('.$random->getInt(0, 40).')) - {3, 4}'] as $shown) {
                $lines[] = "print($shown)";
            }
        }
        $text = implode("\n", $lines)."\n";
        $reading = Language::Python->read($text);
        self::assertSame([], $reading->mistakes);
        $outcome = Runner::run($reading->program, Language::Python);
        self::assertSame(Ending::Finished, $outcome->ending, $outcome->error->kind ?? '');
        $there = explode("\n", RealMachines::texts(['sets' => [$text, '']], Language::Python, 1)['sets']['printed']);
        $here = explode("\n", $outcome->trace->printout());
        self::assertCount(14 * self::CASES + 1, $there);
        foreach ($there as $index => $line) {
            self::assertSame($line, $here[$index] ?? null, "line $index");
        }
    }
}
