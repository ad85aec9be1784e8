<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\RealMachines;

/** What may be nothing is there, be it nought or an empty text (C++17, 23.6.3.5). */
#[Group('long')]
final class OptionalValuesTest extends TestCase
{
    public function testTheyAreAskedWhetherTheyAreThere(): void
    {
        $text = <<<'CPP'
            #include <iostream>
            #include <optional>
            #include <string>
            #include <vector>
            using namespace std;
            optional<int> parse(const string& s) { if (s.empty()) return nullopt; return s.size(); }
            optional<string> name(int i) { if (i == 0) return {}; return "fig"; }
            optional<double> root(double x) { if (x < 0) return nullopt; return x * 2; }
            int main() {
                optional<int> a = parse("");
                if (!a) cout << "none ";
                a = parse("abc");
                if (a) cout << *a << ' ' << a.value() << ' ';
                if (a.has_value() && *a == 3) cout << "three ";
                auto zero = parse("").value_or(0);
                cout << zero << ' ' << name(1).value_or("-") << name(0).value_or("-") << ' ';
                if (auto r = root(0)) cout << *r << ' ';
                vector<optional<int>> all = {1, nullopt, 3};
                int t = 0;
                for (const auto& o : all) if (o) t += *o;
                cout << t << ' ';
                optional<int> z = 0;
                cout << (z ? "yes" : "no") << (z.has_value() ? 1 : 0) << (z == nullopt) << '\n';
                if (z) { *z += 5; cout << *z; }
                optional<string> e = "";
                if (e) cout << "there" << e->size();
                if (parse("q")) cout << "q";
                if (parse("") || parse("x")) cout << "or";
                while (auto w = parse("")) { cout << *w; }
            }

            CPP;
        $real = RealMachines::texts(['optional' => [$text, '']], Language::Cpp, 1)['optional'];
        self::assertSame(0, $real['exit'], $real['errors']);
        $reading = Language::Cpp->read($text);
        self::assertSame([], $reading->mistakes);
        self::assertSame($real['printed'], Runner::run($reading->program, Language::Cpp)->trace->printout());
    }
}
