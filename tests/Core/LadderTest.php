<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\RunInSeparateProcess;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Console\Console;
use Scrivlet\Core\Ladder\Asked;
use Scrivlet\Core\Ladder\Construct;
use Scrivlet\Core\Ladder\FaultKind;
use Scrivlet\Core\Ladder\Faults;
use Scrivlet\Core\Ladder\GapKind;
use Scrivlet\Core\Ladder\Hints;
use Scrivlet\Core\Ladder\Ladder;
use Scrivlet\Core\Ladder\Marking;
use Scrivlet\Core\Ladder\Nearness;
use Scrivlet\Core\Ladder\Rung;
use Scrivlet\Core\Ladder\RungKind;
use Scrivlet\Core\Ladder\Seen;
use Scrivlet\Core\Ladder\Situation;
use Scrivlet\Core\Ladder\Support;
use Scrivlet\Core\Ladder\Trial;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Words\Words;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\Programs;

/** Rungs hold what they promise: the right answer passes, the unchanged start and a wrong one do not, hints lead there. */
final class LadderTest extends TestCase
{
    private const ANSWERS = "12\n7\nJuniper\n5\n3\n2\n1\n";

    /** @return non-empty-list<Situation> */
    private static function situations(Program $program): array
    {
        return [new Situation(0, self::ANSWERS, 'lantern' === $program->setting->scene ? "0.5 tap round\n1 tap square\n2 light 10\n" : '')];
    }

    /** @return iterable<string, array{Program, Language}> */
    private static function programs(): iterable
    {
        foreach (Demos::programs() as $name => $program) {
            foreach (Language::cases() as $language) {
                yield "$name in $language->value" => [$program, $language];
            }
        }
        foreach (Programs::all() as $name => [$language, $text]) {
            yield $name => [$language->read($text)->program, $language];
        }
    }

    private static function answer(Rung $rung): string
    {
        return $rung->kind->asksForText() ? $rung->model : json_encode($rung->right, \JSON_THROW_ON_ERROR);
    }

    /** In a process of its own: PHP keeps what was compiled until a process ends, which is much for so many runs. */
    #[RunInSeparateProcess]
    #[Group('long')]
    public function testOnEveryRungTheRightAnswerPassesAndTheStartDoesNot(): void
    {
        $rungs = $programs = 0;
        $kinds = [];
        foreach (self::programs() as $name => [$program, $language]) {
            ++$programs;
            foreach (RungKind::cases() as $place => $kind) {
                // Of each program every other kind, of the next one the others.
                if (0 === ($programs + $place) % 2) {
                    continue;
                }
                $rung = Ladder::rung($program, $language, $kind, self::situations($program), 5, 'en');
                if (null === $rung) {
                    continue;
                }
                $rung = Rung::read($rung->json());
                $verdict = Marking::of($rung, self::answer($rung));
                // A program that reckons with chance or the clock of its own language may not look the same twice.
                self::assertTrue($verdict->passed, "$name $kind->value: ".json_encode($verdict->why, \JSON_PARTIAL_OUTPUT_ON_ERROR));
                self::assertSame([], $verdict->why);
                $start = \in_array($kind, [RungKind::Mend, RungKind::Vary], true) && \is_string($rung->question['text']) ? $rung->question['text'] : ($kind->asksForText() ? '' : '[]');
                self::assertFalse(Marking::of($rung, $start)->passed, "$name $kind->value: the start passes");
                ++$rungs;
                $kinds[$kind->value] = ($kinds[$kind->value] ?? 0) + 1;
            }
        }
        self::assertGreaterThan(1000, $rungs);
        self::assertCount(9, $kinds);
        self::assertGreaterThan(30, min([999, ...array_values($kinds)]));
    }

    #[Group('long')]
    public function testTheSameSeedGivesTheSameRungAndAnotherOneMostlyAnother(): void
    {
        $same = $all = 0;
        foreach (Demos::programs() as $program) {
            foreach ([RungKind::Pair, RungKind::Sort, RungKind::Fill, RungKind::Mend] as $kind) {
                $make = static fn (int $seed): ?string => Ladder::rung($program, Language::Cpp, $kind, self::situations($program), $seed, 'fr')?->json();
                self::assertSame($make(3), $make(3));
                $same += (int) ($make(3) === $make(4));
                ++$all;
            }
        }
        self::assertLessThan($all / 4, $same);
    }

    /** Whatever kind of piece is taken out: what stood there passes, an empty gap does not, and nothing of an import is asked. */
    #[Group('long')]
    public function testEachKindOfGapCanBeFilled(): void
    {
        $made = [];
        foreach (Demos::programs() as $name => $program) {
            foreach (GapKind::cases() as $number => $kind) {
                $rung = Ladder::rung($program, Language::cases()[$number % 3], RungKind::Fill, self::situations($program), 2, 'en', 3, [$kind]);
                if (null === $rung) {
                    continue;
                }
                self::assertTrue(Marking::of($rung, self::answer($rung))->passed, "$name $kind->value");
                self::assertFalse(Marking::of($rung, json_encode(array_fill(0, \count($rung->right), ''), \JSON_THROW_ON_ERROR))->passed, "$name $kind->value");
                \assert(\is_string($rung->question['text']));
                self::assertDoesNotMatchRegularExpression('/(?:import|include).*▢/u', $rung->question['text']);
                $made[$kind->value] = ($made[$kind->value] ?? 0) + 1;
            }
        }
        self::assertCount(\count(GapKind::cases()), $made);
        self::assertGreaterThan(8, min([999, ...array_values($made)]));
    }

    /** A value on the way is asked for among what stands beside it in time. */
    public function testAValueIsForetoldAmongItsNeighbours(): void
    {
        $program = Language::Python->read("step = 10\nfor turn in range(12):\n    print(step)\n    step += 8\n")->program;
        $asked = 0;
        foreach (range(1, 20) as $seed) {
            foreach (Language::cases() as $language) {
                $rung = Ladder::rung($program, $language, RungKind::Foretell, [new Situation()], $seed, 'en');
                self::assertNotNull($rung);
                if ('value' !== $rung->question['what']) {
                    continue;
                }
                \assert(\is_array($rung->question['choices']) && \is_int($rung->question['at']) && \is_int($rung->right[0]));
                $right = $rung->question['choices'][$rung->right[0]];
                self::assertSame((string) ('step' === $rung->question['name'] ? 10 + 8 * ($rung->question['at'] - 1) : $rung->question['at'] - 1), $right);
                self::assertCount(4, array_unique($rung->question['choices']));
                ++$asked;
            }
        }
        self::assertGreaterThan(15, $asked);
    }

    /** What does something else does not pass, whichever of the sixteen faults it has. */
    #[Group('long')]
    public function testAProgramWithAFaultThatShowsDoesNotPass(): void
    {
        $kinds = [];
        foreach (Demos::programs() as $name => $program) {
            $rung = Ladder::rung($program, Language::Python, RungKind::Write, self::situations($program), 1, 'en');
            self::assertNotNull($rung);
            $right = Trial::seen($program, Language::Python, $rung->situations);
            foreach (Faults::of($program) as [$kind, , $other]) {
                $text = Language::Python->print($other)->text();
                if (Trial::seen($other, Language::Python, $rung->situations) === $right || [] !== Language::Python->read($text)->mistakes) {
                    continue;
                }
                $verdict = Marking::of($rung, $text);
                self::assertFalse($verdict->passed, "$name with $kind->value passes:\n$text");
                self::assertLessThan(1, $verdict->near);
                $kinds[$kind->value] = true;
            }
        }
        self::assertGreaterThanOrEqual(13, \count($kinds));
    }

    /** @return iterable<string, array{string, string, bool}> */
    public static function answers(): iterable
    {
        $square = "from scrivlet import nib\n\nnib.ink(\"poppy\")\nnib.width(3)\nfor i in range(4):\n    nib.forward(60)\n    nib.left(90)\nprint(\"done\")\n";
        yield 'settings in another order' => [$square, "from scrivlet import nib\nnib.width(3)\nnib.ink(\"poppy\")\nfor side in range(4):\n    nib.forward(60)\n    nib.left(90)\nprint(\"done\")\n", true];
        yield 'without the loop' => [$square, "from scrivlet import nib\nnib.ink(\"poppy\")\nnib.width(3)\n".str_repeat("nib.forward(60)\nnib.left(90)\n", 4)."print('done')\n", true];
        yield 'the other way round' => [$square, "from scrivlet import nib\nnib.ink(\"poppy\")\nnib.width(3)\nnib.left(90)\nfor i in range(4):\n    nib.forward(60)\n    nib.right(90)\n    pass\nprint(\"done\")\n", true];
        yield 'in halves, and printed before' => [$square, "from scrivlet import nib\nprint(\"done\")\nnib.ink(\"poppy\")\nnib.width(3)\nfor i in range(4):\n    nib.forward(30)\n    nib.forward(30)\n    nib.left(90)\n", true];
        yield 'a turn at the end' => [$square, "from scrivlet import nib\nnib.ink(\"poppy\")\nnib.width(3)\nfor i in range(4):\n    nib.forward(60)\n    nib.left(90)\nprint(\"done\")\nnib.left(45)\n", true];
        yield 'another ink' => [$square, str_replace('poppy', 'sky', $square), false];
        yield 'another width' => [$square, str_replace('(3)', '(4)', $square), false];
        yield 'three sides' => [$square, str_replace('range(4)', 'range(3)', $square), false];
        yield 'nothing printed' => [$square, str_replace("print(\"done\")\n", '', $square), false];
        yield 'an error at the end' => [$square, $square."print(1 / 0)\n", false];
        yield 'without an end' => [$square, $square."while True:\n    pass\n", false];
        $plot = "from scrivlet import barrow\nbarrow.plant()\nbarrow.step()\nbarrow.turn_left()\n";
        yield 'a turn before planting' => [$plot, "from scrivlet import barrow\nbarrow.turn_left()\nbarrow.turn_right()\nbarrow.plant()\nbarrow.step()\n", true];
        yield 'planted elsewhere' => [$plot, "from scrivlet import barrow\nbarrow.step()\nbarrow.plant()\n", false];
    }

    #[DataProvider('answers')]
    public function testWhatCountsIsWhatCanBeSeen(string $model, string $answer, bool $passes): void
    {
        $program = Language::Python->read($model)->program;
        $rung = Ladder::rung($program, Language::Python, RungKind::Write, [new Situation()], 1, 'en');
        self::assertNotNull($rung);
        $verdict = Marking::of($rung, $answer);
        self::assertSame($passes, $verdict->passed, json_encode($verdict->why, \JSON_THROW_ON_ERROR));
    }

    public function testAProgramWrittenToTheVisibleCasesAloneDoesNotPass(): void
    {
        $program = Language::Python->read("beds = int(input(\"Beds? \"))\nprint(beds * 3)\n")->program;
        $rung = Ladder::rung($program, Language::Python, RungKind::Write, [new Situation(answers: "4\n"), new Situation(answers: "7\n", hidden: true)], 1, 'en');
        self::assertNotNull($rung);
        $verdict = Marking::of($rung, "beds = input(\"Beds? \")\nprint(12)\n");
        self::assertFalse($verdict->passed);
        self::assertSame(1, $verdict->situation);
        self::assertTrue(Marking::of($rung, "n = input(\"Beds? \")\nprint(int(n) + int(n) + int(n))\n")->passed);
    }

    public function testWhatIsAskedBesidesHasToBeThere(): void
    {
        $marked = static function (Asked $asked, Language $language, string $text): array {
            $model = Language::Python->read("from scrivlet import nib\n\n\ndef side():\n    nib.forward(50)\n    nib.left(90)\n\n\nfor i in range(4):\n    side()\n")->program;
            $rung = Ladder::rung($model, $language, RungKind::Write, [new Situation()], 1, 'en');
            self::assertNotNull($rung);
            $verdict = Marking::of(Rung::read($rung->asking($asked)->json()), $text);

            return [$verdict->passed, array_column($verdict->why, 'kind')];
        };
        $row = "from scrivlet import nib\n".str_repeat("nib.forward(50)\nnib.left(90)\n", 4);
        self::assertSame([true, []], $marked(new Asked(), Language::Python, $row));
        self::assertSame([false, ['needs_loop', 'needs_function', 'too_many_rows']], $marked(new Asked([Construct::Loop, Construct::Function_], 7), Language::Python, $row));
        $loop = "import { nib } from \"scrivlet\";\n// round and round\nfunction unused() {\n  nib.forward(1);\n}\nfor (let i = 0; i < 4; i++) {\n  nib.forward(50);\n  nib.left(90);\n}\n";
        self::assertSame([false, ['needs_function']], $marked(new Asked([Construct::Loop, Construct::Function_], 5), Language::JavaScript, $loop));
        self::assertSame([false, ['too_many_rows']], $marked(new Asked([Construct::Loop], 4), Language::JavaScript, $loop));
        self::assertSame([false, ['not_allowed', 'not_allowed']], $marked(new Asked(allowed: ['nib.forward', 'define']), Language::JavaScript, $loop));
        self::assertSame([true, []], $marked(new Asked(allowed: ['nib.forward', 'nib.left']), Language::Python, $row));
        $used = "#include <scrivlet.hpp>\nvoid side() { nib.forward(50); nib.left(90); }\nint main() {\n  int n = 4;\n  while (n > 0) { side(); n--; }\n}\n";
        self::assertSame([true, []], $marked(new Asked([Construct::Loop, Construct::Function_, Construct::Variable]), Language::Cpp, $used));
        self::assertSame([false, ['needs_condition', 'needs_list']], $marked(new Asked([Construct::Condition, Construct::List_]), Language::Cpp, $used));
        // Something that does not do the same is told that first.
        self::assertSame([false, ['draws_other']], $marked(new Asked([Construct::Loop]), Language::Python, "from scrivlet import nib\nnib.forward(3)\n"));
    }

    /** The last hint, followed again and again from whatever answer, leads to passing; the others say less. */
    #[Group('long')]
    public function testHintsLeadToPassing(): void
    {
        foreach (Demos::programs() as $name => $program) {
            foreach ([RungKind::Write, RungKind::Mend, RungKind::Sort, RungKind::Fill, RungKind::Pair, RungKind::Foretell] as $number => $kind) {
                $language = Language::cases()[$number % 3];
                $rung = Ladder::rung($program, $language, $kind, self::situations($program), 2, 'en');
                if (null === $rung) {
                    continue;
                }
                $given = RungKind::Mend === $kind && \is_string($rung->question['text']) ? explode("\n", rtrim($rung->question['text'])) : [];
                $limit = \count($given) + substr_count($rung->model, "\n") + \count($rung->right) + 3;
                for ($step = 0; $step < $limit; ++$step) {
                    $answer = $kind->asksForText() ? implode("\n", $given)."\n" : json_encode(array_values($given), \JSON_THROW_ON_ERROR);
                    if (Marking::of($rung, $answer)->passed) {
                        continue 2;
                    }
                    $hint = Hints::step($rung, $answer, Hints::STEPS, 'en');
                    if (null === $hint['line']) {
                        $given = \array_slice($given, 0, $hint['at'] - 1);
                    } elseif ($kind->asksForText()) {
                        $given[$hint['at'] - 1] = $hint['line'];
                    } else {
                        $given[$hint['at'] - 1] = json_decode($hint['line'], true);
                    }
                }
                self::fail("$name $kind->value: hints do not lead there");
            }
        }
        $this->addToAssertionCount(1);
    }

    public function testEarlierHintsDoNotGiveTheLineAway(): void
    {
        foreach (Words::locales() as $locale) {
            $rung = Ladder::rung(Demos::programs()['kite'], Language::Python, RungKind::Write, [new Situation()], 1, $locale);
            self::assertNotNull($rung);
            $said = array_map(static fn (int $step): string => Hints::step($rung, "from scrivlet import nib\n\n", $step, $locale)['says'], range(1, 5));
            self::assertCount(5, array_unique($said));
            self::assertStringNotContainsString('nib.', $said[0].$said[1].$said[2]);
            self::assertMatchesRegularExpression('/…/', $said[3]);
        }
    }

    /** However somebody spaces their lines, the hint is for the first that says something else, and names the line that they see. */
    public function testAHintIsNotForBlanksAndRemarks(): void
    {
        $tried = 0;
        foreach (Demos::programs() as $name => $program) {
            foreach (Language::cases() as $language) {
                $rung = Ladder::rung($program, $language, RungKind::Write, self::situations($program), 2, 'en');
                self::assertNotNull($rung);
                $lines = explode("\n", rtrim($rung->model));
                $remark = Language::Python === $language ? '# so' : '// so';
                $plain = array_keys(array_filter($lines, static fn (string $line): bool => 1 !== preg_match('~^\s*(#(?!include).*|//.*)?$~', $line)));
                $missing = $plain[intdiv(\count($plain), 2)];
                $styles = [
                    'no blank lines' => array_filter($lines, static fn (string $line): bool => '' !== trim($line)),
                    'remarks and blank lines' => array_merge(...array_map(static fn (string $line): array => [$line.'  ', '', $remark], $lines)),
                    'set in by two' => array_map(static fn (string $line): string => (string) preg_replace_callback('/^ +/', static fn (array $blanks): string => substr($blanks[0], \strlen($blanks[0]) >> 1), $line), $lines),
                    'as it is' => $lines,
                ];
                foreach ($styles as $style => $given) {
                    $given = array_values($given);
                    // Cut off before the line that is missing: the one that says the same as it, as often as before.
                    $nth = \count(array_filter(\array_slice($lines, 0, $missing + 1), static fn (string $line): bool => trim($line) === trim($lines[$missing])));
                    $at = 0;
                    foreach ($given as $at => $line) {
                        if (trim($line) === trim($lines[$missing]) && 0 === --$nth) {
                            break;
                        }
                    }
                    $hint = Hints::step($rung, implode("\n", \array_slice($given, 0, $at)), Hints::STEPS, 'en');
                    self::assertSame($lines[$missing], $hint['line'], "$name in $language->value, $style");
                    $hint = Hints::step($rung, implode("\n", [...\array_slice($given, 0, $at), preg_replace('/\S.*/', 'something(else)', $given[$at])]), 1, 'en');
                    self::assertSame($at + 1, $hint['at'], "$name in $language->value, $style");
                    ++$tried;
                }
            }
        }
        self::assertGreaterThan(100, $tried);
    }

    public function testStuckAndSureAreToldByRules(): void
    {
        self::assertFalse(Support::isStuck([0.1, 0.2, 0.3]));
        self::assertFalse(Support::isStuck([0.1, 0.1, 0.1, 0.2]));
        self::assertTrue(Support::isStuck([0.5, 0.5, 0.4, 0.5]));
        $first = ['tries' => 1, 'hints' => 0];
        $hard = ['tries' => 5, 'hints' => 1];
        foreach (RungKind::cases() as $kind) {
            for ($steps = 0, $gentler = $kind; null !== $gentler; $gentler = Support::gentler($gentler)) {
                self::assertLessThan(9, ++$steps, 'gentler rungs end');
            }
        }
        self::assertTrue(Support::maySkip([$hard, $first, $first]));
        self::assertFalse(Support::maySkip([$first, $hard]));
        self::assertFalse(Support::maySkip([$first]));
        self::assertSame(1, Support::next(2, [$first, $first, $hard]));
        self::assertSame(3, Support::next(2, [$hard, $hard, $first]));
        self::assertSame(4, Support::next(4, [$hard]));
        self::assertSame(0, Support::next(0, [$first]));
    }

    public function testNearnessGrowsLineByLine(): void
    {
        $model = "a = 1\nb = 2\n# so\nprint(a + b)\n";
        self::assertSame(1.0, Nearness::of($model, "a=1\n\nb  = 2\nprint(a+b)"));
        self::assertEqualsWithDelta(2 / 3, Nearness::of($model, "a = 1\nprint(a + b)\n"), 1e-9);
        self::assertSame(0.0, Nearness::of($model, 'x'));
    }

    public function testFilesThatAreNoRungsAreRefused(): void
    {
        foreach (['', '[]', '{"format":"scrivlet-rung","version":2}', '{"format":"scrivlet-rung","version":1,"kind":"dance"}', str_repeat('[', 100_000)] as $json) {
            try {
                Rung::read($json);
                self::fail($json);
            } catch (Refusal $refusal) {
                self::assertStringStartsWith('ladder.', $refusal->key);
            }
        }
    }

    public function testTheConsoleMakesRungsAndMarksAnswers(): void
    {
        $folder = sys_get_temp_dir().'/scrivlet-ladder-'.bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents("$folder/sum.py", "total = 0\nfor i in range(int(input())):\n    total += int(input())\nprint(total)\n");
        file_put_contents("$folder/one.txt", "2\n4\n5\n");
        file_put_contents("$folder/two.txt", "3\n1\n1\n1\n");
        $out = '';
        $console = new Console(static function (string $text) use (&$out): void { $out .= $text; }, static function (string $text) use (&$out): void { $out .= "! $text"; }, static fn (): string => '');
        self::assertSame(0, $console->run(['ladder', "$folder/sum.py", '--language=python', '--kinds=write,mend', "--input=$folder/one.txt", "--input=$folder/two.txt", "--out=$folder/rungs"]));
        self::assertSame("$folder/rungs/write.json\n$folder/rungs/mend.json\n", $out);
        file_put_contents("$folder/answer.py", "n = int(input())\nsum = 0\nwhile n > 0:\n    sum = sum + int(input())\n    n -= 1\nprint(sum)\n");
        $out = '';
        self::assertSame(0, $console->run(['mark', "$folder/rungs/write.json", "$folder/answer.py"]));
        self::assertStringContainsString('"passed": true', $out);
        file_put_contents("$folder/answer.py", "n = int(input())\nprint(int(input()) + int(input()))\n");
        $out = '';
        self::assertSame(1, $console->run(['mark', "$folder/rungs/write.json", "$folder/answer.py", '--locale=fr']));
        self::assertStringContainsString('"passed": false', $out);
        self::assertStringContainsString('"hints": [', $out);
        self::assertSame(2, $console->run(['mark', "$folder/answer.py", "$folder/answer.py"]));
        self::assertSame(2, $console->run(['ladder', "$folder/sum.py"]));
        self::assertSame(2, $console->run(['ladder', "$folder/sum.py", '--language=python', '--kinds=dance']));
        // What the program itself does not have is not asked.
        foreach (['--needs=loop,variable --rows=4' => 0, '--needs=list' => 2, '--rows=3' => 2, '--needs=poem' => 2, '--rows=0' => 2, '--only=print' => 2] as $options => $code) {
            self::assertSame($code, $console->run(['ladder', "$folder/sum.py", '--language=cpp', '--kinds=write', ...explode(' ', $options)]), $options);
        }
        array_map(unlink(...), [...glob("$folder/rungs/*") ?: [], ...glob("$folder/*.*") ?: []]);
        rmdir("$folder/rungs");
        rmdir($folder);
    }

    public function testEveryFaultIsOfAKindThatHappens(): void
    {
        $found = [];
        foreach (self::programs() as [$program]) {
            foreach (Faults::of($program) as [$kind]) {
                $found[$kind->value] = true;
            }
        }
        self::assertEqualsCanonicalizing(array_column(FaultKind::cases(), 'value'), array_keys($found));
    }

    public function testSeenIsTheSameForTheSameRun(): void
    {
        foreach (Demos::programs() as $program) {
            $outcome = Trial::run($program, Language::Python, new Situation());
            self::assertSame(Seen::of($outcome), Seen::of($outcome));
        }
    }
}
