<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\RealMachines;

/** What a stream is told in one row shows in all that follow: words for it, in any order, between values of every kind. */
final class ShownThereTest extends TestCase
{
    private const PROGRAMS = 6;
    private const ROWS = 60;
    private const WORDS = ['fixed', 'scientific', 'defaultfloat', 'setprecision(0)', 'setprecision(1)', 'setprecision(3)', 'setprecision(10)', 'setw(1)', 'setw(6)', 'setw(12)', 'left', 'right', 'internal', "setfill('*')", "setfill('0')", 'hex', 'oct', 'dec', 'showbase', 'noshowbase', 'showpos', 'noshowpos', 'uppercase', 'nouppercase', 'boolalpha', 'noboolalpha', 'showpoint', 'noshowpoint'];
    /** None without a sign, which no word gives one, and none of `float`, of which there are fewer digits than are kept here. */
    private const VALUES = ['0', '-5', '42', '255', '2147483647', '3000000000LL', '-9000000000LL', '0.0', '1.5', '-2.25', '100.0', '1e6', '1e7', '123456789.0', '1e-5', '(0.1 + 0.2)', '1e21', '2.5', '(1.0 / 3)', 'true', 'false', '(5 > 3)', "'x'", '"bed"', 'string("pea")', 'n', 'd', 's', 'c', 'b', '(n / 2)', '(d / 2)', '(n * d)', '-n', '(double) n', '(int) d', 's[1]', '1e100', '-1e-10', '99.995', '0.000123456', '-0.0'];

    public function testValuesAreShownAsThere(): void
    {
        $texts = [];
        for ($number = 0; $number < self::PROGRAMS; ++$number) {
            $texts["shown$number"] = [self::program($number), ''];
        }
        foreach (RealMachines::texts($texts, Language::Cpp, 1) as $name => $real) {
            $reading = Language::Cpp->read($texts[$name][0]);
            self::assertSame([], $reading->mistakes, $texts[$name][0]);
            self::assertSame(0, $real['exit'], $texts[$name][0].$real['errors']);
            self::assertSame($real['printed'], Runner::run($reading->program, Language::Cpp)->trace->printout(), $texts[$name][0]);
        }
    }

    private static function program(int $seed): string
    {
        mt_srand($seed);
        $rows = '';
        for ($row = 0; $row < self::ROWS; ++$row) {
            $rows .= '    cout';
            for ($value = mt_rand(1, 3); $value > 0; --$value) {
                for ($word = mt_rand(0, 3); $word > 0; --$word) {
                    $rows .= ' << '.self::WORDS[mt_rand(0, \count(self::WORDS) - 1)];
                }
                $rows .= ' << '.self::VALUES[mt_rand(0, \count(self::VALUES) - 1)].(0 === mt_rand(0, 1) ? '' : ' << "|"');
            }
            $rows .= " << endl;\n";
        }

        return "#include <iomanip>\n#include <iostream>\n#include <string>\nusing namespace std;\n\nint main() {\n    int n = 42;\n    double d = -3.75;\n    string s = \"moss\";\n    char c = 'q';\n    bool b = true;\n$rows    return 0;\n}\n";
    }
}
