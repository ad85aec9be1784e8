<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Language\Language;

/** Random programs of few lines about one thing each: names in blocks, lists under several names, forms of numbers. */
final class SmallPrograms
{
    private Randomizer $random;
    private int $depth = 0;

    public function __construct(private readonly Language $language, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @param non-empty-list<string> $of */
    private function one(array $of): string
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }

    private function number(int $to = 9): int
    {
        return $this->random->getInt(0, $to);
    }

    /** Blocks in blocks that declare the same three names again and again. */
    public function blocks(): string
    {
        $isCpp = Language::Cpp === $this->language;
        $type = $isCpp ? 'int' : 'let';
        $inner = $this->rows(['a', 'b', 'c'], 6);
        $outer = "$type a = 1;\n$type b = 2;\n";
        $function = $isCpp ? "int seen(int b) {\n".$this->rows(['b'], 3)."    return a + b;\n}\n" : "function seen(b) {\n".$this->rows(['b'], 3)."    return a + b;\n}\n";

        return $isCpp
            ? "#include <iostream>\nusing namespace std;\n\n$outer\n$function\nint main() {\n    int c = 3;\n$inner    cout << a << b << c << seen(4) << endl;\n}\n"
            : "{$outer}let c = 3;\n$function\n{$inner}console.log(a, b, c, seen(4));\n";
    }

    /** @param non-empty-list<string> $known names that the function around knows */
    private function rows(array $known, int $count): string
    {
        $isCpp = Language::Cpp === $this->language;
        $type = $isCpp ? 'int' : 'let';
        $indent = str_repeat('    ', $this->depth + 1);
        $text = '';
        foreach ($this->depth > 0 ? $known : [] as $name) {
            $text .= 0 === $this->number(2) ? "$indent$type $name = ".$this->number().";\n" : '';
        }
        for ($row = 0; $row < $count; ++$row) {
            $name = $this->one($known);
            $text .= match ($this->number($this->depth < 3 ? 5 : 2)) {
                0 => "$indent$name = ".$this->number().";\n",
                1 => "$indent$name += ".$this->number().";\n",
                2 => $indent.($isCpp ? "cout << $name << ' ';" : "console.log($name);")."\n",
                3 => "{$indent}if ($name ".$this->one(['<', '>']).' '.$this->number().") {\n".$this->within($known)."$indent}\n",
                4 => "{$indent}for ($type $name = 0; $name < 2; $name++) {\n".$this->within($known, false)."$indent}\n",
                default => $indent.'for ('.($isCpp ? "int $name : {7, 8}" : "const $name of [7, 8]").") {\n".$this->within(array_values(array_diff($known, [$name])) ?: [$name], 1 < \count($known))."$indent}\n",
            };
        }

        return $text;
    }

    /** @param non-empty-list<string> $known */
    private function within(array $known, bool $writes = true): string
    {
        ++$this->depth;
        $rows = $writes ? $this->rows($known, $this->number(2) + 1) : str_repeat('    ', $this->depth + 1).(Language::Cpp === $this->language ? 'cout << '.$this->one($known)." << ' ';" : 'console.log('.$this->one($known).');')."\n";
        --$this->depth;

        return $rows;
    }

    /** Lists that have several names, stand in other lists, and are handed to functions that change them. */
    public function sharing(): string
    {
        $rows = '';
        for ($row = 0; $row < 9; ++$row) {
            [$one, $other, $n] = [$this->one(['a', 'b', 'c']), $this->one(['a', 'b', 'c']), $this->number()];
            $rows .= match ($this->number(7)) {
                0 => match ($this->language) {
                    Language::Python => "$one = $other", Language::JavaScript => "$one = $other;", Language::Cpp => "$one = $other;",
                },
                1 => match ($this->language) {
                    Language::Python => $this->one(["$one = {$other}[:]", "$one = list($other)", "$one = $other.copy()"]), Language::JavaScript => $this->one(["$one = [...$other];", "$one = $other.slice();"]), Language::Cpp => "$one = {{$n}, 4};",
                },
                2 => match ($this->language) {
                    Language::Python => "$one.append($n)", Language::JavaScript => "$one.push($n);", Language::Cpp => "$one.push_back($n);",
                },
                3 => "{$one}[0] = $n".(Language::Python === $this->language ? '' : ';'),
                4 => "grow($one, $n)".(Language::Python === $this->language ? '' : ';'),
                5 => match ($this->language) {
                    Language::Python => "rows.append($one)", Language::JavaScript => "rows.push($one);", Language::Cpp => "rows.push_back($one);",
                },
                6 => "rows[0][0] += $n".(Language::Python === $this->language ? '' : ';'),
                default => "kept($one, $n)".(Language::Python === $this->language ? '' : ';'),
            }."\n";
        }

        return match ($this->language) {
            Language::Python => "def grow(beds, by):\n    beds.append(by)\n    beds[0] += by\n    beds = [by]\n    beds.append(1)\n\n\ndef kept(beds, by):\n    grow(beds, by + 1)\n    return len(beds)\n\n\na = [1, 2]\nb = [3]\nc = a\nrows = [a, b]\n{$rows}print(a, b, c, rows)\n",
            Language::JavaScript => "function grow(beds, by) {\n  beds.push(by);\n  beds[0] += by;\n  beds = [by];\n  beds.push(1);\n}\nfunction kept(beds, by) {\n  grow(beds, by + 1);\n  return beds.length;\n}\nlet a = [1, 2];\nlet b = [3];\nlet c = a;\nconst rows = [a, b];\n{$rows}console.log(a, b, c, rows);\n",
            Language::Cpp => "#include <iostream>\n#include <vector>\nusing namespace std;\n\nvoid grow(vector<int>& beds, int by) {\n    beds.push_back(by);\n    beds[0] += by;\n}\n\nint kept(vector<int> beds, int by) {\n    grow(beds, by + 1);\n    return beds.size();\n}\n\nvoid show(const vector<int>& beds) {\n    for (int bed : beds) cout << bed << ' ';\n    cout << '|';\n}\n\nint main() {\n    vector<int> a = {1, 2};\n    vector<int> b = {3};\n    vector<int> c = a;\n    vector<vector<int>> rows = {a, b};\n".preg_replace('/^/m', '    ', rtrim($rows))."\n    show(a);\n    show(b);\n    show(c);\n    for (const auto& row : rows) show(row);\n    cout << endl;\n}\n",
        };
    }

    /** Maps of JavaScript that are asked for keys which may be missing. */
    public function keys(): string
    {
        $rows = [];
        for ($row = 0; $row < 5; ++$row) {
            [$map, $key] = [$this->one(['beds', 'seen']), $this->one(['word', '"pea"', '"leek"', 'word[0]'])];
            $rows[] = match ($this->number(10)) {
                5 => "if ({$map}[$key]) { {$map}[$key]++; } else { {$map}[$key] = 1; }",
                6 => "if (!{$map}[$key]) {$map}[$key] = 3;",
                7 => "{$map}[$key] = {$map}[$key] ? {$map}[$key] + 1 : 1;",
                8 => "{$map}[$key] = ({$map}[$key] || 0) + 1;",
                9 => "if (!groups[$key]) groups[$key] = [];\n    groups[$key].push(word);\n    console.log(groups[$key].length);",
                10 => "console.log(names[$key] || \"nobody\", names[$key] && {$map}[$key] ? 1 : 2);",
                0 => 'if ('.$this->one(["{$map}[$key] === undefined", "undefined === {$map}[$key]"]).") {$map}[$key] = 1;",
                1 => "if ({$map}[$key] !== undefined && {$map}[$key] > 1) {$map}[$key] += 2;",
                2 => "if (!($key in $map)) console.log($key);",
                3 => "console.log({$map}[$key] === undefined ? \"none\" : \"some\");",
                default => "{$map}[$key] = ({$map}[$key] ?? 0) + ".($this->number() + 1).';',
            };
        }

        return "let beds = { pea: 2 };\nlet seen = { p: 0 };\nconst names = { pea: \"Ash\", kale: \"\" };\nconst groups = { none: [\"x\"] };\nfor (const word of [\"pea\", \"leek\", \"kale\", \"pea\"]) {\n    ".implode("\n    ", $rows)."\n}\nfor (const key of Object.keys(beds).sort()) console.log(key, beds[key]);\n";
    }

    /** Texts, lists and maps that are asked whether they are true. */
    public function truths(): string
    {
        $rows = [];
        for ($row = 0; $row < 5; ++$row) {
            [$one, $other] = [$this->one(['name', 'beds', 'seen', 'count', 'not name', 'not beds', 'isDry']), $this->one(['beds', 'name', 'not seen', 'count > 1', 'seen', 'seen.get(word)'])];
            $rows[] = match ($this->number(6)) {
                0 => "if $one:\n        print(\"a\", word)",
                1 => "if $one and $other:\n        print(\"b\", word)\n    else:\n        print(\"c\")",
                2 => "print(\"yes\" if $one else \"no\")",
                3 => "print(1 if $one or $other else 2)",
                4 => "while $one and count < 5:\n        count += 1\n        beds.append(word)",
                5 => "name = name or word\n    print(name)",
                default => "if not ($one or $other):\n        beds.append(word)\n        seen[word] = len(beds)",
            };
        }

        return "name = \"\"\nbeds = [\"leek\"]\nseen = {\"leek\": 0}\ncount = 0\nisDry = True\nbeds.pop()\nfor word in [\"pea\", \"leek\", \"\"]:\n    ".implode("\n    ", $rows)."\nprint(name, count, len(beds), len(seen))\n";
    }

    /** Letters that meet texts, in every order: C++ alone keeps them apart. */
    public function letters(): string
    {
        $rows = [];
        for ($row = 0; $row < 6; ++$row) {
            $letter = $this->one(['ch', 'first', 'word[1]', 'ch', 'best']);
            $rows[] = match ($this->number(11)) {
                0 => "if $letter in table:\n        print($letter, table[$letter])",
                1 => "seen[$letter] = seen.get($letter, 0) + 1",
                2 => "if best == $letter or $letter > \"p\":\n        print(\"same\", $letter)",
                3 => "names.append($letter)",
                4 => "print(doubled($letter), initial(word + $letter))",
                5 => "best = $letter",
                6 => "total = $letter + total",
                7 => "if $letter in names or $letter in \"gar\":\n        total += \"+\"",
                8 => "if $letter not in groups:\n        groups[$letter] = []\n    groups[$letter].append(word)",
                9 => "rows.append([])\n    rows[-1].append($letter)\n    print(len(rows), \"\".join(rows[0]))",
                10 => "line[1] = $letter\n    print(\"\".join(line))",
                default => "table[$letter] = table.get($letter, 2) + 1",
            };
        }

        return "def doubled(text):\n    return text + text\n\n\ndef initial(name):\n    if name == \"\":\n        return \"none\"\n    return name[0]\n\n\nword = \"garden\"\nfirst = word[0]\nbest = \"\"\ntotal = \"\"\ntable = {\"a\": 1, \"r\": 2}\nseen = {}\ngroups = {}\nnames = []\nrows = []\nline = [\".\"] * 3\nnames.append(word[2])\nprint(doubled(word), initial(\"\"))\nfor ch in word:\n    ".implode("\n    ", $rows)."\nprint(best, total, \"\".join(names), \"\".join(line))\nfor key in sorted(table):\n    print(key, table[key])\n";
    }

    /** What C++ hands over as a copy and what as the thing itself: numbers, texts, objects, lists and maps of them, to functions and to methods. */
    public function handed(): string
    {
        $rows = [];
        for ($row = 0; $row < 9; ++$row) {
            $bed = $this->one(['a', 'b', 'all[0]', 'all.back()', 'by["x"]', 'shed.best']);
            $number = $this->one(['n', 'a.rows', 'v[0]', 'all[1].rows', 'b.beds[0]', 'shed.best.rows']);
            $text = $this->one(['s', 'a.crop', 'all[0].crop', 'by["x"].crop']);
            $list = $this->one(['v', 'a.beds', 'all[1].beds', 'shed.best.beds']);
            $on = $this->one(['', 'tool.', 'shed.tool.']);
            $way = $this->one(['Kept', 'Changed']);
            $rows[] = match ($this->number(12)) {
                0, 1 => "{$on}number$way($number);",
                2 => "{$on}text$way($text);",
                3, 4 => "{$on}bed$way($bed);",
                5 => "{$on}list$way($list);",
                6 => "{$on}all$way(all);",
                7 => 'a = '.$bed.';',
                8 => "b = {$on}made($bed);",
                9 => 'for (Bed'.$this->one(['', ' &', ' '])." one : all) {\n        one.rows += ".($this->number() + 1).";\n        one.beds.push_back(one.rows);\n    }",
                10 => "{\n        vector<int> row = $list;\n        row[0] = 77;\n        $list = row;\n    }",
                11 => "all.push_back($bed);",
                default => 'swap(all[0], all[1]);',
            };
        }
        $one = static fn (string $indent): string => implode('', array_map(static fn (string $line): string => "$indent$line\n", [
            'void numberKept(int x) { x = 90; }', 'void numberChanged(int &x) { x = x * 2 + 1; }',
            'void textKept(string t) { t += "?"; }', 'void textChanged(string &t) { t += "!"; }',
            'void bedKept(Bed one) { one.rows = 80; one.beds.push_back(8); one.crop = "none"; }', 'void bedChanged(Bed &one) { one.rows++; one.beds.push_back(one.rows); one.crop += "*"; }',
            'void listKept(vector<int> w) { w[0] = 70; w.push_back(7); }', 'void listChanged(vector<int> &w) { w[0]++; w.push_back(6); }',
            'void allKept(vector<Bed> many) { for (auto &one : many) one.rows = 60; many[0].crop = "gone"; }', 'void allChanged(vector<Bed> &many) { for (auto &one : many) one.rows += 5; many[0].beds.clear(); many[0].beds.push_back(5); }',
            'Bed made(Bed one) { one.rows += 40; one.beds[0] = 4; return one; }',
        ]));

        return "#include <iostream>\n#include <map>\n#include <string>\n#include <vector>\nusing namespace std;\n\nstruct Bed {\n    int rows;\n    string crop;\n    vector<int> beds;\n};\n\n".$one('')."\nclass Tool {\npublic:\n".$one('    ')."};\n\nstruct Shed {\n    Bed best;\n    Tool tool;\n};\n\nvoid show(const Bed &one) {\n    cout << one.rows << one.crop;\n    for (int row : one.beds) {\n        cout << ',' << row;\n    }\n    cout << endl;\n}\n\nint main() {\n    int n = 3;\n    string s = \"s\";\n    vector<int> v = {1, 2};\n    Bed a = {1, \"pea\", {10}}, b = {2, \"leek\", {20, 21}};\n    vector<Bed> all = {a, b, {3, \"kale\", {30}}};\n    map<string, Bed> by;\n    by[\"x\"] = a;\n    Tool tool;\n    Shed shed;\n    shed.best = b;\n    ".implode("\n    ", $rows)."\n    cout << n << s << v.size() << v[0] << endl;\n    show(a);\n    show(b);\n    show(by[\"x\"]);\n    show(shed.best);\n    for (const Bed &one : all) {\n        show(one);\n    }\n}\n";
    }

    /** Algorithms of C++ over a part of a list, an array or a text, between places written in many ways. */
    public function parts(): string
    {
        $rows = $inside = [];
        for ($row = 0; $row < 10; ++$row) {
            $rows[] = $this->overPart($this->one(['a', 'b', 'd']));
            $inside[] = $this->overPart('w');
        }
        $show = 'for (auto x : %1$s) cout << x << \' \';';
        $all = implode("\n    ", array_map(static fn (string $list): string => \sprintf($show, $list), ['a', 'b', 'd']));

        return "#include <algorithm>\n#include <iostream>\n#include <numeric>\n#include <string>\n#include <vector>\nusing namespace std;\n\nbool ends(int x, int y) { return x % 10 < y % 10; }\n\nvoid order(int w[], int n, int k) {\n    string s = \"watering\";\n    ".implode("\n    ", \array_slice($inside, 0, 4))."\n    cout << s << endl;\n}\n\nint main() {\n    vector<int> a = {52, 41, 37, 26, 15, 63};\n    int b[6] = {31, 12, 23, 94, 85, 76};\n    vector<double> d = {2.5, 1.25, 7, 0.5, 3, 9.75};\n    string s = \"lettuces\";\n    int n = 4, k = 2;\n    ".implode("\n    ", $rows)."\n    cout << s << endl;\n    $all\n    cout << endl;\n    order(b, n, 1);\n    order(b, 6, k);\n    ".\sprintf($show, 'b')."\n    cout << endl;\n}\n";
    }

    private function overPart(string $list): string
    {
        $isArray = \in_array($list, ['b', 'w'], true);
        $start = $isArray ? $list : "$list.begin()";
        $from = $start.$this->one(['', '', ' + 1', ' + k', ' + k - 1']);
        $to = $this->one($isArray ? ["$start + n", "$start + 4", "$start + k + 2", "$start + n - 1 + 1"] : ["$list.end()", "$start + n", "$list.end() - 1", "$start + k + 2", "$start + $list.size() / 2 + 1"]);
        // The whole values of places are asked for by name, whose order is the machine's own where two are alike.
        $value = 'd' === $list ? '3' : $this->one(['37', '94', '85', '15']);

        return match ($this->number(15)) {
            0, 1 => "sort($from, $to);",
            2 => "sort($from, $to, greater<>());",
            3 => 'd' === $list ? "sort($from, $to);" : "sort($from, $to, ends);",
            4 => "sort($from, $to, [](auto x, auto y) { return x > y; });",
            5, 6 => "reverse($from, $to);",
            7 => "fill($from, $from + 1, ".($this->number() + 1).');',
            8 => "cout << accumulate($from, $to, ".('d' === $list ? '0.0' : $this->one(['0', '7', '0.0'])).') / 4 << endl;',
            9 => 'cout << *'.$this->one(['max', 'min'])."_element($from, $to) << endl;",
            10 => 'cout << '.$this->one(['max', 'min'])."_element($from, $to) - $start << endl;",
            11 => "cout << count($from, $to, $value) << is_sorted($from, $to) << endl;",
            12 => "cout << (find($from, $to, $value) ".$this->one(['==', '!='])." $to) << endl;",
            13 => "rotate($from, $from + 1, $to);",
            14 => 'reverse(s.begin() + k, s.begin() + '.$this->one(['n', 'k + 2', 's.size()']).');',
            default => "cout << count_if($from, $to, [](auto x) { return x > 30; }) << any_of($from, $to, [](auto x) { return x > 90; }) << endl;",
        };
    }

    /** Parts of a list that begin before it, end behind it or are empty. */
    public function bounds(): string
    {
        $isPython = Language::Python === $this->language;
        $rows = [];
        for ($row = 0; $row < 8; ++$row) {
            [$from, $to] = [$this->random->getInt(-7, 8), $this->random->getInt(-7, 8)];
            $part = $this->one(["$from:$to", "$from:", ":$to"]);
            $rows[] = $isPython
                ? "beds[$part] = ".$this->one(["sorted(beds[$part])", "sorted(beds[$part], reverse=True)", "beds[$part][::-1]", '[9, 8]', "[0] * {$this->number(3)}"])."\nprint(beds)"
                : 'beds.fill('.$this->number().", $from".$this->one([", $to", '']).");\nconsole.log(beds.join(\" \"));";
        }

        return ($isPython ? "beds = [5, 3, 4, 1, 2]\n" : "const beds = [5, 3, 4, 1, 2];\n").implode("\n", $rows)."\n";
    }

    /** Rows of C++ that tell `cout` how to show values, and show some, in a function and a loop as well. */
    public function forms(): string
    {
        return "#include <iomanip>\n#include <iostream>\n#include <string>\nusing namespace std;\n\nvoid show(double value) {\n    cout << value << ' ' << setw(6) << value << endl;\n}\n\nint main() {\n"
            .'    '.$this->told()."\n    for (int turn = 0; turn < 2; turn++) {\n        {$this->shown()}\n    }\n    {$this->shown()}\n    {$this->told()}\n    show(".$this->value(true).");\n    {$this->shown()}\n    show(2);\n}\n";
    }

    private function told(): string
    {
        return 'cout << '.$this->one(['fixed << setprecision(2)', 'setprecision(3)', 'fixed', 'defaultfloat', 'setfill(\'*\')', 'left', 'right << setprecision(8)', 'boolalpha', 'noboolalpha << fixed << setprecision(0)']).';';
    }

    private function shown(): string
    {
        $parts = [];
        for ($part = $this->number(2); $part >= 0; --$part) {
            if ($this->number(2) > 0) {
                $parts[] = 'setw('.$this->number(10).')';
            }
            $parts[] = $this->value(false);
        }

        return 'cout << '.implode(' << ', [...$parts, 'endl']).';';
    }

    private function value(bool $number): string
    {
        return match ($number ? $this->number(1) : $this->number(4)) {
            0 => \sprintf('%.4F', ($this->number(4000) - 2000) / 8),
            1 => \sprintf('%.6F', $this->number(100000) / 7),
            2 => (string) ($this->number(2000) - 1000),
            3 => $this->one(['"pea"', '"hedge row"', "'x'", 'string("moss")']),
            default => $this->one(['true', '(3 < 2)']),
        };
    }
}
