<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\RealMachines;

/** When objects go that have an owner is seen where each says so: rows drawn by chance, beside g++. */
#[Group('long')]
final class OwnersThereTest extends TestCase
{
    private const PROGRAMS = 40;

    private const ABOVE = <<<'CPP'
        #include <iostream>
        #include <memory>
        #include <string>
        #include <vector>
        using namespace std;

        struct Pot {
            int n;
            Pot(int n) : n(n) { cout << '+' << n << ' '; }
            virtual ~Pot() { cout << '-' << n << ' '; }
        };

        class Big : public Pot {
        public:
            Big(int n) : Pot(n) {}
            ~Big() override { cout << "big "; }
        };

        class Shelf {
            Pot fixed;
            unique_ptr<Pot> best;
            vector<unique_ptr<Pot>> rest;
        public:
            explicit Shelf(int n) : fixed(n) {}
            void keep(unique_ptr<Pot> pot) { best = move(pot); }
            void put(unique_ptr<Pot> pot) { rest.push_back(move(pot)); }
            unique_ptr<Pot> take() {
                if (rest.empty()) return nullptr;
                auto last = move(rest.back());
                rest.pop_back();
                return last;
            }
        };

        unique_ptr<Pot> made(int n) {
            if (n % 5 == 0) return nullptr;
            auto pot = make_unique<Pot>(n);
            if (n % 2) return make_unique<Big>(n + 100);
            return pot;
        }

        void eat(unique_ptr<Pot> pot, int n) {
            if (n % 3 == 0) return;
            cout << (pot ? pot->n : 0) << "! ";
        }

        CPP;

    public function testTheyGoAsThere(): void
    {
        $texts = [];
        for ($seed = 1; $seed <= self::PROGRAMS; ++$seed) {
            mt_srand($seed);
            $texts["owners$seed"] = [self::ABOVE."\nint main() {\n    unique_ptr<Pot> a, b;\n    vector<unique_ptr<Pot>> v;\n    Shelf s(7);\n".self::rows(14, 1)."    cout << endl;\n    return 0;\n}\n", ''];
        }
        $shown = [];
        foreach (RealMachines::texts($texts, Language::Cpp, 1) as $name => $real) {
            $reading = Language::Cpp->read($texts[$name][0]);
            self::assertSame([], $reading->mistakes, $texts[$name][0]);
            self::assertSame(0, $real['exit'], $texts[$name][0].$real['errors']);
            $outcome = Runner::run($reading->program, Language::Cpp);
            self::assertSame(Ending::Finished, $outcome->ending, $texts[$name][0]);
            self::assertSame($real['printed'], $outcome->trace->printout(), $texts[$name][0]);
            $shown[$real['printed']] = true;
        }
        self::assertGreaterThan(self::PROGRAMS - 3, \count($shown));
    }

    private static function rows(int $many, int $depth): string
    {
        $text = '';
        for ($row = 0; $row < $many; ++$row) {
            $text .= str_repeat('    ', $depth).self::row($depth)."\n";
        }

        return $text;
    }

    private static function row(int $depth): string
    {
        $n = mt_rand(10, 99);
        [$one, $other] = 0 === mt_rand(0, 1) ? ['a', 'b'] : ['b', 'a'];
        $new = ["make_unique<Pot>($n)", "make_unique<Big>($n)", "made($n)", "unique_ptr<Pot>(new Big($n))"][mt_rand(0, 3)];
        $inner = 3 > $depth ? rtrim(self::rows(3, $depth + 1))."\n".str_repeat('    ', $depth) : '';

        return match (mt_rand(0, 3 > $depth ? 18 : 14)) {
            0, 1 => "$one = $new;",
            2 => "$one = move($other);",
            3 => "$one.reset();",
            4 => "$one.reset(new Pot($n));",
            5 => "v.push_back($new);",
            6 => "if ($one) v.push_back(move($one));",
            7 => 'if (!v.empty()) v.pop_back();',
            8 => 'if (v.size() > 1) v.erase(v.begin());',
            9 => "if (!v.empty()) v[0] = $new;",
            10 => "eat($new, $n);",
            11 => "eat(move($one), $n);",
            12 => "s.put($new);",
            13 => "s.keep(move($one));",
            14 => "cout << ({$one} ? {$one}->n : 0) << ($other == nullptr) << v.size() << ' ';",
            15 => "{\n$inner".'    auto local = '.$new.";\n".str_repeat('    ', $depth).'}',
            16 => "for (int i = 0; i < 2; i++) {\n".str_repeat('    ', $depth + 1)."unique_ptr<Pot> turn = make_unique<Pot>(i);\n{$inner}    if ($one) break;\n".str_repeat('    ', $depth).'}',
            17 => "if (v.size() > 2) {\n{$inner}    v.clear();\n".str_repeat('    ', $depth).'}',
            18 => "{\n".str_repeat('    ', $depth + 1)."auto taken = s.take();\n".str_repeat('    ', $depth + 1)."if (taken) cout << taken->n << ' ';\n{$inner}    Pot plain($n);\n".str_repeat('    ', $depth).'}',
        };
    }
}
