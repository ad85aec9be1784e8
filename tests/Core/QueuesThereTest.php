<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Unsayable;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\RealMachines;

/** Which of several that are alike a queue gives out first is the machine's own, and shows: each that is put in has a number. */
#[Group('long')]
final class QueuesThereTest extends TestCase
{
    private const PROGRAMS = 6;

    /** By what tells which comes first: what stands above `main`, and what declares the queue `q`. */
    private const WAYS = [
        'a class' => ['struct Later { bool operator()(const Bed& a, const Bed& b) const { return a.litres > b.litres; } };', 'priority_queue<Bed, vector<Bed>, Later> q;'],
        'a small function' => ['', 'auto less_ = [](const Bed& a, const Bed& b) { return a.litres < b.litres; }; priority_queue<Bed, vector<Bed>, decltype(less_)> q(less_);'],
        'their own sign' => ['bool operator<(const Bed& a, const Bed& b) { return a.litres / 2 < b.litres / 2; }', 'priority_queue<Bed> q;'],
        'their other sign' => ['bool operator>(const Bed& a, const Bed& b) { return a.litres > b.litres; }', 'priority_queue<Bed, vector<Bed>, greater<Bed>> q;'],
    ];

    public function testTheyComeOutAsThere(): void
    {
        $texts = $programs = $printed = [];
        foreach (array_keys(self::WAYS) as $index => $way) {
            for ($number = 0; $number < self::PROGRAMS; ++$number) {
                $texts["queue{$index}n$number"] = [self::program($way, 10 * $index + $number), ''];
            }
        }
        foreach (RealMachines::texts($texts, Language::Cpp, 1) as $name => $real) {
            $reading = Language::Cpp->read($texts[$name][0]);
            self::assertSame([], $reading->mistakes, $texts[$name][0]);
            $outcome = Runner::run($reading->program, Language::Cpp);
            self::assertSame(0, $real['exit'], $texts[$name][0].$real['errors']);
            self::assertSame(Ending::Finished, $outcome->ending, $texts[$name][0]);
            self::assertSame($real['printed'], $outcome->trace->printout(), $texts[$name][0]);
            $programs[$name] = $reading->program;
            $printed[$name] = $real['printed'];
        }
        foreach ([Language::Python, Language::JavaScript] as $other) {
            $over = array_filter($programs, static fn ($program): bool => null === Unsayable::why($program, $other));
            self::assertNotSame([], $over);
            $written = array_map(static fn ($program): array => [$other->print($program)->text(), ''], $over);
            foreach (RealMachines::texts($written, $other, 1) as $name => $real) {
                self::assertSame($printed[$name], $real['printed'], $written[$name][0].$real['errors']);
            }
        }
    }

    private static function program(string $way, int $seed): string
    {
        mt_srand($seed);
        [$above, $declared] = self::WAYS[$way];
        $rows = [];
        for ($there = $number = 0; $number < 30; ++$number) {
            $isTaken = 0 < $there && 0 === mt_rand(0, 2);
            $there += $isTaken ? -1 : 1;
            $rows[] = $isTaken ? "    cout << q.top().number << ' ';\n    q.pop();" : "    q.push({{$number}, ".mt_rand(0, 4).'});';
        }

        return "#include <iostream>\n#include <queue>\n#include <vector>\nusing namespace std;\n\nstruct Bed { int number, litres; };\n$above\n\nint main() {\n    $declared\n".implode("\n", $rows)
            ."\n    while (!q.empty()) {\n        cout << q.top().number << ' ';\n        q.pop();\n    }\n}\n";
    }
}
