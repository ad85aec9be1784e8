<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Compare\Comparison;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Outcome;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Tests\Support\Demos;

/** Same or not, in every scene. */
final class ComparisonTest extends TestCase
{
    /** @return iterable<string, array{string, string, string|null}> two rows of rows, and what the second one does that the first does not */
    public static function pairs(): iterable
    {
        yield 'two goes' => ["nib.forward(20)\nnib.forward(30)", 'nib.forward(50)', null];
        yield 'another length' => ['nib.forward(20)', 'nib.forward(21)', 'stroke'];
        yield 'turned round' => ["barrow.turn_left()\nbarrow.turn_left()", "barrow.turn_right()\nbarrow.turn_right()", null];
        yield 'a step more' => ['barrow.step()', "barrow.step()\nbarrow.step()", 'roll'];
        yield 'asked first' => ['barrow.step()', "if barrow.path_clear():\n    barrow.step()", null];
        yield 'planted' => ['barrow.step()', "barrow.step()\nbarrow.plant()", 'plant'];
        yield 'another lamp' => ['lantern.light(1, 1)', 'lantern.light(1, 2)', 'lamps'];
        yield 'driven in two goes' => ['mower.travel(40, 50)', "mower.travel(25, 50)\nmower.travel(15, 50)", null];
        yield 'driven farther' => ['mower.travel(40, 50)', 'mower.travel(41, 50)', 'pose'];
        yield 'a pile pushed' => ["mower.travel(30, 50)\nmower.travel(-30, 50)", "mower.travel(60, 50)\nmower.travel(-60, 50)", 'pose'];
        yield 'printed' => ['print(1)', 'print(2)', 'print'];
    }

    #[DataProvider('pairs')]
    public function testTwoProgramsPartWhereTheyDoSomethingElse(string $one, string $other, ?string $parts): void
    {
        $difference = Comparison::of(self::outcome($one), self::outcome($other));
        self::assertSame($parts, $difference->other['do'] ?? null);
        self::assertSame(null === $parts, null === Comparison::of(self::outcome($other), self::outcome($one)));
    }

    private static function outcome(string $rows): Outcome
    {
        $object = explode('.', explode(' ', $rows)[0])[0];
        $text = str_starts_with($rows, 'print') ? $rows : 'from scrivlet import '.('if' === $object ? 'barrow' : $object)."\n".$rows;

        return Runner::run(Language::Python->read("$text\n")->program, Language::Python);
    }

    public function testADemoDoesTheSameInAllLanguagesOnAllItsLayouts(): void
    {
        foreach (Demos::programs() as $name => $program) {
            foreach (array_keys(Settings::layouts($program->setting)) ?: [0] as $layout) {
                $runs = array_map(static fn (Language $language): Outcome => Runner::run($program, $language, 2, new Limits(milliseconds: 20000), circumstances: new Circumstances(layout: $layout)), Language::cases());
                self::assertNull(Comparison::of($runs[0], $runs[1]), "$name in JavaScript");
                self::assertNull(Comparison::of($runs[0], $runs[2]), "$name in C++");
            }
        }
    }
}
