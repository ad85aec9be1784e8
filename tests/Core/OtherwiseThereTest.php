<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Unsayable;
use Scrivlet\Core\Refusal;
use Scrivlet\Tests\Support\Strangers;

/** What would be something else in another language is not written over; what looks like it and is none does there what it does here. */
final class OtherwiseThereTest extends TestCase
{
    /** @return iterable<string, array{Language, Language, string, string|null}> from, into, text, and what has no words; null if it is written over */
    public static function rows(): iterable
    {
        [$python, $javaScript, $cpp] = [Language::Python, Language::JavaScript, Language::Cpp];
        yield 'places behind the end' => [$javaScript, $python, "const a = [];\nfor (let i = 0; i < 3; i++) a[i] = i;\nconsole.log(a.length);\n", 'a[…] = …'];
        yield 'rows of a grid made by places' => [$javaScript, $python, "const g = [];\nfor (let r = 0; r < 2; r++) {\n  g[r] = [];\n  for (let c = 0; c < 2; c++) g[r][c] = r + c;\n}\nconsole.log(g[1][1]);\n", 'g[…] = …'];
        yield 'places that were filled before' => [$javaScript, $python, "const a = [];\na.push(1, 2);\na[0] = 5;\nconsole.log(a[0] + a[1]);\n", null];
        yield 'asked for before it is given' => [$javaScript, $python, "let best;\nfor (const x of [3, 9, 2]) if (best === undefined || x > best) best = x;\nconsole.log(best);\n", 'let best;'];
        yield 'given in a loop that may not turn' => [$javaScript, $python, "let found;\nfor (const x of [1, 2]) {\n  if (x === 2) found = x;\n}\nconsole.log(found);\n", 'let found;'];
        yield 'given on every way' => [$javaScript, $python, "let name;\nif (3 > 2) name = \"long\"; else name = \"short\";\nlet k;\ndo { k = 3; } while (k < 2);\nconsole.log(name, k);\n", null];
        yield 'a kept default that is changed' => [$python, $javaScript, "def add(item, to=[]):\n    to.append(item)\n    return len(to)\nprint(add(1), add(2))\n", 'add(to=…)'];
        yield 'a kept default that is only read' => [$python, $javaScript, "def count(of=[1, 2]):\n    return len(of)\nprint(count())\n", null];
        yield 'a copy that is changed' => [$cpp, $python, "#include <iostream>\n#include <vector>\nusing namespace std;\nstruct Bed { int size; };\nint main() {\n    vector<Bed> beds{{1}, {2}};\n    for (auto bed : beds) bed.size = 0;\n    cout << beds[1].size << endl;\n}\n", 'for (auto bed : …)'];
        yield 'one that is changed itself' => [$cpp, $python, "#include <iostream>\n#include <vector>\nusing namespace std;\nstruct Bed { int size; };\nint main() {\n    vector<Bed> beds{{1}, {2}};\n    for (auto& bed : beds) bed.size += 5;\n    cout << beds[1].size << endl;\n}\n", null];
        yield 'what a class and an object keep' => [$python, $javaScript, "class Bed:\n    kind = \"a\"\n    def who(self):\n        return self.kind\nbed = Bed()\nbed.kind = \"b\"\nprint(bed.who(), Bed().who())\n", 'Bed.kind'];
        yield 'a text reckoned with' => [$javaScript, $python, "console.log(\"5\" * 2);\n", '"…" multiply …'];
        yield 'the part before the point by bits' => [$javaScript, $python, "console.log(7 / 2 | 0);\n", '… | …'];
        yield 'bits of whole numbers' => [$javaScript, $python, "console.log(6 | 1, 6 & 3);\n", null];
        yield 'a text in a list function' => [$python, $cpp, "print(sorted(\"hello\")[0])\n", 'sorted(…)'];
        yield 'one list as often as it stands there' => [$python, $cpp, "grid = [[0] * 2] * 2\ngrid[0][0] = 1\nprint(grid[1][0])\n", '[…] * …'];
        yield 'lists of their own' => [$python, $cpp, "grid = [[0] * 2 for _ in range(2)]\ngrid[0][0] = 1\nprint(grid[1][0])\n", null];
        yield 'a text beside a number' => [$javaScript, $cpp, "const n = \"2\";\nif (n === 2) console.log(\"two\");\nconsole.log(n);\n", '"…" equal …'];
        yield 'a small function that calls itself' => [$javaScript, $cpp, "const f = n => n < 2 ? n : f(n - 1) + f(n - 2);\nconsole.log(f(10));\n", 'f = … f(…) …'];
        yield 'an empty list that is true there' => [$python, $javaScript, "beds = []\nprint(beds or \"none\")\n", '[] or …'];
        yield 'pairs as keys' => [$python, $javaScript, "at = {(0, 1): 5}\nfor place in at:\n    print(at[place])\n", '{(…): …}'];
        yield 'a function called above it' => [$javaScript, $python, "let n = 3;\nconsole.log(later(n));\nfunction later(k) {\n  n++;\n  return k + 1;\n}\nconsole.log(n);\n", 'function later'];
        yield 'the largest number by its text' => [$python, $javaScript, "best = float(\"inf\")\nfor x in [3, 1]:\n    if x < best:\n        best = x\nprint(best)\n", null];
    }

    #[DataProvider('rows')]
    public function testWhatWouldBeSomethingElseIsRefused(Language $from, Language $into, string $text, ?string $refused): void
    {
        $reading = $from->read($text);
        self::assertSame([], $reading->mistakes);
        try {
            $written = Unsayable::text($reading->program, $into);
        } catch (Refusal $refusal) {
            self::assertSame(['console.no_words', $refused], [$refusal->key, $refusal->parameters['key'] ?? null]);

            return;
        }
        self::assertNull($refused, $written);
        self::assertSame(Strangers::there($from, $text, ''), Strangers::there($into, $written, ''));
    }
}
