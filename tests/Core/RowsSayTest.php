<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\BlockRow;
use Scrivlet\Core\Page\Spread;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\Program;

/** What rows say to a person: their words, what stands in their blanks, and how far they are set in. */
final class RowsSayTest extends TestCase
{
    private const PROGRAM = <<<'PYTHON'
        def water(bed, litres, slowly=True):
            print(bed, litres)
            return litres * 2

        class Bed:
            def __init__(self, name, width=2):
                self.name = name
                self.width = width

            def grow(self, by, times):
                self.width += by * times

        north = Bed("north", 3)
        north.grow(1, 2)
        water("south", 4)
        water("east", 5, False)
        total = water("west", 2) + 1
        beds = [1, 2, [3, 4]]
        prices = {"pea": 3, "bean": 4}
        prices["kale"] = 5
        prices["pea"] += 2
        for name, price in prices.items():
            print(name, price, sep=": ", end="!\n")
        a, b = 1, 2
        a, b = b, a + b
        first, *others = beds
        if a > 1 and not b < 2:
            print("many")
        elif a == 1:
            print("one")
        else:
            pass
        while True:
            total -= 1
            if total < 3: break
        for i in range(0, 10, 3):
            print(beds[i % 3], beds[-1], beds[1:], "ab"[0], i // 2, i ** 2)
        try:
            print(int("x"))
        except ValueError as error:
            print(error)
        finally:
            print("done")
        big = [n * 2 for n in beds if n != 3]
        print(max(1, 2), min(beds), len(beds), sorted(big, reverse=True))
        print("yes" if a else "no", not a, (a + b) * 2, -a)
        PYTHON;

    private const SAID = [
        'define [water] with [bed, litres, slowly]',
        '  print [bed] , [litres]',
        '  give back [litres × 2]',
        'class Bed',
        '  method making one with name, width',
        '    let [self · name] be [name]',
        '    let [self · width] be [width]',
        '  method grow with by, times',
        '    change [self · width] by [by × times]',
        'when the program starts',
        'let [north] be [new Bed “north”, 3]',
        '[north · grow 1, 2]',
        'do [water] : bed [south] , litres [4]',
        'do [water] : bed [east] , litres [5] , slowly [false]',
        'let [total] be [(water “west”, 2) + 1]',
        'let [beds] be [[1, 2, ([3, 4])]]',
        'let [prices] be [{“pea”: 3, “bean”: 4}]',
        'let [item “kale” of prices] be [5]',
        'change [item “pea” of prices] by [2]',
        'for each [name, price] of [keys and values of prices]',
        '  print [name & “: ” & price & “!”]',
        'let at once [a] , [b] = [1] , [2]',
        'let at once [a] , [b] = [b] , [a + b]',
        'let at once [first] , [others] = [beds with the rest in place 1 of 2]',
        'if [(a > 1) and (not (b < 2))]',
        '  print [many]',
        '(then1) otherwise, if [a = 1]',
        '  print [one]',
        '(otherwise) otherwise',
        '  (empty) ',
        'repeat for ever',
        '  change [total] by [-1]',
        '  if [total < 3]',
        '    leave the loop',
        'count [i] from [0] to [9] by [3]',
        '  print [item (remainder of i ÷ 3) of beds] , [item -1 of beds] , [beds from 1 on] , [item 0 of “ab”] , [i ÷ 2 rounded down] , [i to the power 2]',
        'try',
        '  print [“x” as a whole number]',
        '(rescue0) if it fails with [a value that does not fit] , keep what it says as [error]',
        '  print [error]',
        '(finally) in any case',
        '  print [done]',
        'let [big] be [(n × 2) | n ← beds | (n ≠ 3)]',
        'print [largest of 1, 2] , [smallest in beds] , [length of beds] , [big in order, the largest first]',
        'print [“yes” if a, else “no”] , [not a] , [(a + b) × 2] , [−a]',
    ];

    public function testEachRowInItsWords(): void
    {
        self::assertSame(self::SAID, self::said(self::read(self::PROGRAM)));
    }

    public function testTheObjectOfAMethodGoesWithoutSaying(): void
    {
        $program = self::read("class Bed:\n    def __init__(self, name, width):\n        self.name = name\n\nclass Shed(Bed):\n    def __init__(self, name):\n        super().__init__(name, 4)\n");

        self::assertSame('    do Bed · making one : name [name] , width [4]', self::said($program)[5]);
    }

    public function testACallOfAnotherFunctionKeepsWhatItHands(): void
    {
        $program = self::read("def water(bed, litres):\n    print(bed, litres)\n\ndef dry(bed):\n    print(bed)\n\nwater(3, 4)\n");
        $call = $program->script->body->statements[0];
        $other = (new Editor($program))->fill($call->id, 'function', 'dry')->program;
        self::assertSame(['when the program starts', 'do [dry] : bed [3]'], \array_slice(self::said($other), -2));
        $back = (new Editor($other))->fill($call->id, 'function', 'water')->program->script->body->statements[0];
        self::assertInstanceOf(OwnCall::class, $back);
        self::assertCount(2, $back->arguments);
        foreach (['watre' => ['name.no_function_near', 'water'], 'umbrella' => ['name.no_function', null]] as $name => [$key, $near]) {
            try {
                (new Editor($program))->fill($call->id, 'function', $name);
                self::fail($name);
            } catch (Refusal $refusal) {
                self::assertSame([$key, $near], [$refusal->key, $refusal->parameters['near'] ?? null]);
            }
        }
    }

    public function testAFunctionGoesOnceNobodyElseCallsIt(): void
    {
        $program = self::read("def water(n):\n    if n > 0:\n        water(n - 1)\n\nwater(3)\n");
        [$function, $call] = [$program->functions[0], $program->script->body->statements[0]];
        try {
            (new Editor($program))->delete([$function->id]);
            self::fail('It is still called.');
        } catch (Refusal) {
        }
        $without = (new Editor($program))->delete([$call->id])->program;
        self::assertSame([], (new Editor($without))->delete([$function->id])->program->functions);
    }

    private static function read(string $text): Program
    {
        return Language::Python->read($text)->program;
    }

    /** @return list<string> */
    private static function said(Program $program): array
    {
        $said = [];
        foreach ((new Spread(new Analysis($program), [Language::Python], 'en'))->rows as $row) {
            $cell = $row['cells']['blocks'];
            if ($cell instanceof BlockRow) {
                $words = '';
                foreach ($cell->segments as $segment) {
                    $words .= \is_string($segment) ? $segment : ' ['.trim($segment->chip?->words() ?? $segment->source).'] ';
                }
                $said[] = str_repeat('  ', \count($cell->brackets)).('head' === $cell->part ? '' : "($cell->part) ").trim((string) preg_replace('/\s+/', ' ', $words));
            }
        }

        return $said;
    }
}
