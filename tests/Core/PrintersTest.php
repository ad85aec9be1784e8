<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Python\PythonNames;
use Scrivlet\Core\Reference\Example;
use Scrivlet\Core\Reference\Reference;
use Scrivlet\Core\Tree\Program;

/**
 * The style of printed text, case by case. That it does the same everywhere is what ConformanceTest shows; here it is
 * the text a teacher of the language would write.
 *
 * @phpstan-type Row array<string, mixed>
 */
final class PrintersTest extends TestCase
{
    /**
     * @param list<Row> $rows
     * @param list<Row> $functions
     */
    private static function program(array $rows, array $functions = []): Program
    {
        return ProjectReader::read((string) json_encode(['format' => 'scrivlet', 'version' => 1, 'name' => '', 'program' => ['functions' => $functions, 'script' => ['row' => 'start', 'body' => $rows]]]))[1];
    }

    /** @return Row */
    private static function set(string $variable, mixed $value): array
    {
        return ['row' => 'set', 'variable' => $variable, 'value' => $value];
    }

    /** @return Row */
    private static function show(mixed $value): array
    {
        return ['row' => 'print', 'value' => $value];
    }

    /** @return Row */
    private static function read(string $variable): array
    {
        return ['variable' => $variable];
    }

    /** @return Row */
    private static function op(string $operator, mixed ...$of): array
    {
        return ['operator' => $operator, 'of' => array_values($of)];
    }

    /**
     * @param list<Row> $body
     *
     * @return Row
     */
    private static function repeat(mixed $times, array $body): array
    {
        return ['row' => 'repeat', 'times' => $times, 'body' => $body];
    }

    /**
     * @param list<Row> $body
     *
     * @return Row
     */
    private static function counting(mixed $from, mixed $to, mixed $by, array $body, string $variable = 'bed'): array
    {
        return ['row' => 'count', 'variable' => $variable, 'from' => $from, 'to' => $to, 'by' => $by, 'body' => $body];
    }

    /** @return iterable<string, array{Program, string, string, string}> the program and the lines of its script */
    public static function scripts(): iterable
    {
        $a = self::read('a');
        $b = self::read('b');
        $bed = self::read('bed');
        $lift = ['row' => 'nib.lift'];
        yield 'nothing' => [self::program([]), '', '', ''];
        yield 'loops in loops have turns of their own' => [
            self::program([self::repeat(2, [self::repeat(3, [self::show('x')])])]),
            "for turn in range(2):\n    for turn2 in range(3):\n        print(\"x\")",
            "for (let turn = 0; turn < 2; turn++) {\n    for (let turn2 = 0; turn2 < 3; turn2++) {\n        console.log(\"x\");\n    }\n}",
            "for (int turn = 0; turn < 2; turn++) {\n    for (int turn2 = 0; turn2 < 3; turn2++) {\n        cout << \"x\" << endl;\n    }\n}",
        ];
        yield 'a made-up name keeps clear of the program\'s' => [
            self::program([self::set('turn', 1), self::repeat(2, [self::show(self::read('turn'))])]),
            "turn = 1\nfor turn2 in range(2):\n    print(turn)",
            "const turn = 1;\nfor (let turn2 = 0; turn2 < 2; turn2++) {\n    console.log(turn);\n}",
            "int turn = 1;\nfor (int turn2 = 0; turn2 < 2; turn2++) {\n    cout << turn << endl;\n}",
        ];
        yield 'a number of turns that the loop changes is found once' => [
            self::program([self::set('a', 3), self::repeat($a, [['row' => 'change', 'variable' => 'a', 'amount' => 1]])]),
            "a = 3\nfor turn in range(a):\n    a += 1",
            "let a = 3;\nconst times = a;\nfor (let turn = 0; turn < times; turn++) {\n    a += 1;\n}",
            "int a = 3;\nconst int times = a;\nfor (int turn = 0; turn < times; turn++) {\n    a += 1;\n}",
        ];
        yield 'a number of turns that is not whole is cut' => [
            self::program([self::repeat(self::op('divide', 7, 2), [$lift])]),
            "for turn in range(int(7 / 2)):\n    nib.lift()",
            "for (let turn = 0; turn < Math.trunc(7 / 2); turn++) {\n    nib.lift();\n}",
            "for (int turn = 0; turn < int(7.0 / 2); turn++) {\n    nib.lift();\n}",
        ];
        yield 'counting up from zero' => [
            self::program([self::counting(0, 4, 1, [self::show($bed)])]),
            "for bed in range(5):\n    print(bed)",
            "for (let bed = 0; bed < 5; bed++) {\n    console.log(bed);\n}",
            "for (int bed = 0; bed < 5; bed++) {\n    cout << bed << endl;\n}",
        ];
        yield 'counting down' => [
            self::program([self::counting(10, 1, -3, [self::show($bed)])]),
            "for bed in range(10, 0, -3):\n    print(bed)",
            "for (let bed = 10; bed >= 1; bed -= 3) {\n    console.log(bed);\n}",
            "for (int bed = 10; bed >= 1; bed -= 3) {\n    cout << bed << endl;\n}",
        ];
        yield 'counting to one less than a variable' => [
            self::program([self::set('a', 3), self::counting(0, self::op('subtract', $a, 1), 1, [self::show($bed)])]),
            "a = 3\nfor bed in range(a):\n    print(bed)",
            "const a = 3;\nfor (let bed = 0; bed < a; bed++) {\n    console.log(bed);\n}",
            "int a = 3;\nfor (int bed = 0; bed < a; bed++) {\n    cout << bed << endl;\n}",
        ];
        yield 'counting by halves' => [
            self::program([self::counting(0, 1, 0.5, [self::show($bed)])]),
            "for bed in counted(0, 1, 0.5):\n    print(bed)",
            "for (let bed = 0; bed <= 1; bed += 0.5) {\n    console.log(bed);\n}",
            "for (double bed = 0; bed <= 1; bed += 0.5) {\n    cout << bed << endl;\n}",
        ];
        yield 'a counter that lives on behind its loop' => [
            self::program([self::counting(1, 3, 1, [$lift]), self::show($bed)]),
            "for bed in range(1, 4):\n    nib.lift()\nprint(bed)",
            "let bed;\nfor (let step = 1; step <= 3; step++) {\n    bed = step;\n    nib.lift();\n}\nconsole.log(bed);",
            "int bed = 0;\nfor (int step = 1; step <= 3; step++) {\n    bed = step;\n    nib.lift();\n}\ncout << bed << endl;",
        ];
        yield 'a variable that both branches set is declared before them' => [
            self::program([['row' => 'if', 'branches' => [['condition' => true, 'then' => [self::set('a', 1)]]], 'otherwise' => [self::set('a', 2)]], self::show($a)]),
            "if True:\n    a = 1\nelse:\n    a = 2\nprint(a)",
            "let a;\nif (true) {\n    a = 1;\n} else {\n    a = 2;\n}\nconsole.log(a);",
            "int a = 0;\nif (true) {\n    a = 1;\n} else {\n    a = 2;\n}\ncout << a << endl;",
        ];
        yield 'a variable of one body is declared there' => [
            self::program([self::repeat(2, [self::set('a', 1), self::show($a)])]),
            "for turn in range(2):\n    a = 1\n    print(a)",
            "for (let turn = 0; turn < 2; turn++) {\n    const a = 1;\n    console.log(a);\n}",
            "for (int turn = 0; turn < 2; turn++) {\n    int a = 1;\n    cout << a << endl;\n}",
        ];
        yield 'a whole number that gets a fraction later' => [
            self::program([self::set('a', 1), ['row' => 'change', 'variable' => 'a', 'amount' => 0.5]]),
            "a = 1\na += 0.5",
            "let a = 1;\na += 0.5;",
            "double a = 1;\na += 0.5;",
        ];
        yield 'quotients and remainders' => [
            self::program([self::set('a', 7), self::set('b', -2), self::show(self::op('floor_remainder', $a, 3)), self::show(self::op('floor_remainder', $b, 3)), self::show(self::op('floor_divide', $a, 3)), self::show(self::op('divide', $a, $b))]),
            "a = 7\nb = -2\nprint(a % 3)\nprint(b % 3)\nprint(a // 3)\nprint(a / b)",
            "const a = 7;\nconst b = -2;\nconsole.log(a % 3);\nconsole.log(floorMod(b, 3));\nconsole.log(Math.floor(a / 3));\nconsole.log(a / b);",
            "int a = 7;\nint b = -2;\ncout << a % 3 << endl;\ncout << floor_mod(b, 3) << endl;\ncout << a / 3 << endl;\ncout << double(a) / b << endl;",
        ];
        yield 'brackets only where they are needed' => [
            self::program([self::set('a', 2), self::show(self::op('multiply', self::op('add', $a, 1), 3)), self::show(self::op('subtract', 1, self::op('subtract', $a, 1))), self::show(self::op('negate', self::op('power', $a, 2))), self::show(self::op('power', -5, 2)), self::show(self::op('not', self::op('and', self::op('less', $a, 1), true)))]),
            "a = 2\nprint((a + 1) * 3)\nprint(1 - (a - 1))\nprint(-(a ** 2))\nprint((-5) ** 2)\nprint(not (a < 1 and True))",
            "const a = 2;\nconsole.log((a + 1) * 3);\nconsole.log(1 - (a - 1));\nconsole.log(-(a ** 2));\nconsole.log((-5) ** 2);\nconsole.log(!(a < 1 && true));",
            "int a = 2;\ncout << (a + 1) * 3 << endl;\ncout << 1 - (a - 1) << endl;\ncout << -pow(a, 2) << endl;\ncout << pow(-5, 2) << endl;\ncout << !(a < 1 && true) << endl;",
        ];
        yield 'texts joined' => [
            self::program([self::set('a', 'bean'), self::set('b', 3), self::show(self::op('join', self::op('join', $b, ' '), $a)), self::show(self::op('join', $a, 's')), self::show(self::op('join', 'x', 'y')), self::show(self::op('join', 'is {}: ', self::op('equal', $a, 'pea')))]),
            "a = \"bean\"\nb = 3\nprint(f\"{b} {a}\")\nprint(a + \"s\")\nprint(\"x\" + \"y\")\nprint(\"is {}: \" + str(a == \"pea\"))",
            "const a = \"bean\";\nconst b = 3;\nconsole.log(`\${b} \${a}`);\nconsole.log(a + \"s\");\nconsole.log(\"x\" + \"y\");\nconsole.log(`is {}: \${a === \"pea\"}`);",
            "string a = \"bean\";\nint b = 3;\ncout << b << \" \" << a << endl;\ncout << a << \"s\" << endl;\ncout << \"x\" << \"y\" << endl;\ncout << \"is {}: \" << (a == \"pea\") << endl;",
        ];
        yield 'texts with signs of their own' => [
            self::program([self::show("a \"b\" \\ \n\t'c'"), self::show(self::op('join', '`${x}`{', 1))]),
            "print(\"a \\\"b\\\" \\\\ \\n\\t'c'\")\nprint(f\"`\${{x}}`{{{1}\")",
            "console.log(\"a \\\"b\\\" \\\\ \\n\\t'c'\");\nconsole.log(`\\`\\\${x}\\`{\${1}`);",
            "cout << \"a \\\"b\\\" \\\\ \\n\\t'c'\" << endl;\ncout << \"`\${x}`{\" << 1 << endl;",
        ];
        yield 'rows that are off are comments, with all they hold' => [
            self::program([[...self::repeat(2, [self::show('x')]), 'off' => true], self::repeat(2, [['row' => 'comment', 'text' => 'later'], [...$lift, 'off' => true]])]),
            "# for turn in range(2):\n#     print(\"x\")\nfor turn in range(2):\n    # later\n    # nib.lift()\n    pass",
            "// for (let turn = 0; turn < 2; turn++) {\n//     console.log(\"x\");\n// }\nfor (let turn = 0; turn < 2; turn++) {\n    // later\n    // nib.lift();\n}",
            "// for (int turn = 0; turn < 2; turn++) {\n//     cout << \"x\" << endl;\n// }\nfor (int turn = 0; turn < 2; turn++) {\n    // later\n    // nib.lift();\n}",
        ];
        yield 'chance' => [
            self::program([self::show(['random' => [1, self::op('divide', 9, 2)]])]),
            'print(random.randint(1, int(9 / 2)))',
            'console.log(randomBetween(1, 9 / 2));',
            'cout << random_between(1, 9.0 / 2) << endl;',
        ];
    }

    #[DataProvider('scripts')]
    public function testAScriptIsWrittenInTheStyleOfItsLanguage(Program $program, string $python, string $javaScript, string $cpp): void
    {
        $without = static fn (Language $language): string => trim((string) preg_replace('/^(?:(?:import|from) .*\n)+\n?/', '', $language->print($program)->text()));
        self::assertSame($python, $without(Language::Python));
        self::assertSame($javaScript, $without(Language::JavaScript));
        $body = '' === $cpp ? '' : preg_replace('/^/m', '    ', $cpp)."\n";
        self::assertSame("int main() {\n$body}\n", preg_replace('/^(?:(?:#include|using) .*\n)+\n/', '', Language::Cpp->print($program)->text()));
    }

    /** Nothing calls it: its parameter is written as a `double`, and an `int` would cut off what it gives back. */
    public function testAResultOfUnknownTypeIsNoWholeNumber(): void
    {
        $python = "def height(soil):\n    if soil > 3:\n        return 2\n    return 30 + soil\n\n\nprint(1)\n";
        $program = Language::Python->read($python)->program;
        $cpp = Language::Cpp->print($program)->text();
        self::assertStringContainsString('double height(double soil)', $cpp);
        self::assertSame($python, Language::Python->print(Language::Cpp->read($cpp)->program)->text());
    }

    public function testWhatPythonNamesIsBroughtIn(): void
    {
        foreach (Reference::keys() as $key) {
            $text = (new Analysis(Example::of($key)->program))->printed(Language::Python)->text();
            $missing = array_filter(Language::Python->read($text)->mistakes, static fn (Mistake $mistake): bool => 'library_missing' === $mistake->kind);
            self::assertSame([], $missing, "$key:\n$text");
            preg_match('/^from scrivlet import (.*)$/m', $text, $names);
            self::assertSame([], array_intersect(explode(', ', $names[1] ?? ''), PythonNames::LIBRARIES), "$key:\n$text");
        }
    }

    /** What a class has stands behind its name with a sign of its own in C++ (C++17, 8.1.4.2). */
    public function testWhatAClassHasIsWrittenAsEachLanguageDoes(): void
    {
        $program = Language::JavaScript->read("class Bed {\n  static count = 0;\n  static make() { this.count += 1; return Bed.count; }\n}\nBed.count = 3;\nconsole.log(Bed.make());\n")->program;
        self::assertStringContainsString("static inline int count = 0;\n", Language::Cpp->print($program)->text());
        self::assertStringContainsString("Bed::count += 1;\n        return Bed::count;\n", Language::Cpp->print($program)->text());
        self::assertStringContainsString("int main() {\n    Bed::count = 3;\n    cout << Bed::make() << endl;\n", Language::Cpp->print($program)->text());
        self::assertStringContainsString("Bed.count += 1\n        return Bed.count\n", Language::Python->print($program)->text());
    }

    public function testFunctionsStandAboveWithTheirTypes(): void
    {
        $program = self::program(
            [self::set('score', 0), ['row' => 'call', 'function' => 'plant', 'arguments' => [3, 'bean']], self::show(['function' => 'half', 'of' => [7]])],
            [
                ['row' => 'define', 'name' => 'plant', 'parameters' => ['rows', 'name'], 'body' => [
                    ['row' => 'share', 'variable' => 'score'],
                    ['row' => 'change', 'variable' => 'score', 'amount' => self::op('multiply', self::read('rows'), 2)],
                    ['row' => 'if', 'branches' => [['condition' => self::op('greater', ['function' => 'half', 'of' => [self::read('rows')]], 1), 'then' => [['row' => 'leave']]]]],
                    self::show(self::read('name')),
                ]],
                ['row' => 'define', 'name' => 'half', 'parameters' => ['number'], 'body' => [['row' => 'return', 'value' => self::op('divide', self::read('number'), 2)]]],
            ],
        );
        self::assertSame(<<<'PYTHON'
            def plant(rows, name):
                global score
                score += rows * 2
                if half(rows) > 1:
                    return
                print(name)


            def half(number):
                return number / 2


            score = 0
            plant(3, "bean")
            print(half(7))

            PYTHON, Language::Python->print($program)->text());
        self::assertSame(<<<'JAVASCRIPT'
            function plant(rows, name) {
                score += rows * 2;
                if (half(rows) > 1) {
                    return;
                }
                console.log(name);
            }

            function half(number) {
                return number / 2;
            }

            let score = 0;
            plant(3, "bean");
            console.log(half(7));

            JAVASCRIPT, Language::JavaScript->print($program)->text());
        self::assertSame(<<<'CPP'
            #include <iostream>
            #include <string>
            using namespace std;

            double half(int number);
            int score = 0;

            void plant(int rows, string name) {
                score += rows * 2;
                if (half(rows) > 1) {
                    return;
                }
                cout << name << endl;
            }

            double half(int number) {
                return number / 2.0;
            }

            int main() {
                score = 0;
                plant(3, "bean");
                cout << half(7) << endl;
            }

            CPP, Language::Cpp->print($program)->text());
    }
}
