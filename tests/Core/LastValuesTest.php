<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Runner;

/** A run that keeps its moments says what the program's own variables hold at its end. */
final class LastValuesTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, string>}> */
    public static function programs(): iterable
    {
        yield 'changed more than once' => ["beds = 3\nbeds = beds + 4\nname = \"pea\"\n", ['beds' => '7', 'name' => "'pea'"]];
        yield 'in a loop' => ["total = 0\nfor bed in [2, 5]:\n    total += bed\n", ['total' => '7', 'bed' => '5']];
        yield 'not those of functions' => ["def water(litres):\n    left = litres - 1\n    return left\n\n\nrest = water(8)\n", ['rest' => '7']];
        yield 'lists' => ["beds = [1]\nbeds.append(2)\n", ['beds' => '[1, 2]']];
    }

    /** @param array<string, string> $wanted */
    #[DataProvider('programs')]
    public function testTheLastValueOfEachVariableIsKept(string $text, array $wanted): void
    {
        $last = Runner::run(Language::Python->read($text)->program, Language::Python)->last;
        ksort($last);
        ksort($wanted);
        self::assertSame($wanted, $last);
    }

    public function testNothingIsShownForIt(): void
    {
        $outcome = Runner::run(Language::Python->read("class Bed:\n    def __repr__(self):\n        print(\"shown\")\n        return \"bed\"\n\n\nbeds = [Bed()]\n")->program, Language::Python);
        self::assertSame('', $outcome->trace->printout());
        self::assertSame(['beds' => '…'], $outcome->last);
    }
}
