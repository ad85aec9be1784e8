<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Edit\Chains;
use Scrivlet\Core\Edit\Setup;
use Scrivlet\Core\Language\AskingLoop;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Outcome;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\Signals;
use Scrivlet\Core\Run\TraceFile;
use Scrivlet\Core\Scene\Lantern\Glyphs;
use Scrivlet\Core\Scene\Lawn\Lawn;
use Scrivlet\Core\Scene\Plot\Layout;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Setting;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\SceneGenerator;

/** Layouts, goals, presses, scripts in turns, and the two idioms of one program. */
final class ScenesTest extends TestCase
{
    /** @return iterable<string, array{Language}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language];
        }
    }

    public function testEveryDemoReachesItsGoalsOnAllItsLayouts(): void
    {
        $goals = 0;
        foreach (Demos::programs() as $name => $program) {
            foreach (array_keys(Settings::layouts($program->setting)) as $layout) {
                $outcome = Runner::run($program, Language::Python, 3, circumstances: new Circumstances(layout: $layout));
                self::assertSame(Ending::Finished, $outcome->ending, "$name on layout $layout");
                foreach ($outcome->goals as $goal) {
                    self::assertTrue($goal->met, "$name, layout $layout: $goal->sentence");
                    ++$goals;
                }
            }
        }
        self::assertGreaterThan(12, $goals);
    }

    public function testABrokenProgramMissesItsGoals(): void
    {
        $program = Language::Python->read("from scrivlet import barrow\nbarrow.step()\n")->program->withSetting(new Setting('plot', ["load: 1\ngoal: at gate\ngoal: beds planted\ngoal: load 0\ngoal: at 2,1\n\n>.:G\n"]));
        self::assertSame([false, false, false, true], array_map(static fn ($goal): bool => $goal->met, Runner::run($program, Language::Python)->goals));
    }

    public function testALayoutIsWrittenAsItIsReadAndADamagedOneIsExplained(): void
    {
        $read = $refused = 0;
        mt_srand(4);
        $texts = [Layout::FIRST, ...array_merge(...array_values(array_map(static fn (Program $program): array => 'plot' === $program->setting->scene ? $program->setting->layouts : [], Demos::programs())))];
        $lawns = [Lawn::FIRST, ...array_merge(...array_values(array_map(static fn (Program $program): array => 'lawn' === $program->setting->scene ? $program->setting->layouts : [], Demos::programs())))];
        foreach (['plot' => $texts, 'lawn' => $lawns] as $scene => $all) {
            for ($case = 0; $case < 2000; ++$case) {
                $text = $all[$case % \count($all)];
                for ($change = $case % 4; $change > 0; --$change) {
                    $at = mt_rand(0, \strlen($text) - 1);
                    $text = substr_replace($text, ['', '#', '.', '>', 'G', "\n", '9', ':', "\xc3\xa9", 'x'][mt_rand(0, 9)], $at, mt_rand(0, 3));
                }
                try {
                    $layout = 'plot' === $scene ? Layout::read($text) : Lawn::read($text);
                    self::assertSame($layout->write(), ('plot' === $scene ? Layout::read($layout->write()) : Lawn::read($layout->write()))->write());
                    ++$read;
                } catch (Refusal $refusal) {
                    self::assertStringStartsWith('layout.', $refusal->key);
                    ++$refused;
                }
            }
        }
        self::assertGreaterThan(1000, $read);
        self::assertGreaterThan(400, $refused);
    }

    public function testAPressScriptIsWrittenAsItIsRead(): void
    {
        $signals = Signals::read("// at the gate\n2 tap both\n0.5 light 20\n1.25 press round\n");
        self::assertSame("0.5 light 20\n1.25 press round\n2 press round\n2 press square\n2.2 release round\n2.2 release square\n", $signals->write());
        self::assertEquals($signals, Signals::read($signals->write()));
        foreach (['1 tap', 'x tap round', '1 light 101', '1 press green', '-1 tap round', '99999 tap round'] as $line) {
            try {
                Signals::read("1 tap round\n$line\n");
                self::fail($line);
            } catch (Refusal $refusal) {
                self::assertSame(['signals.line', 2], [$refusal->key, $refusal->parameters['line']], $line);
            }
        }
    }

    #[DataProvider('languages')]
    #[Group('long')]
    public function testTextOfEverySceneReadsBackAsTheSameTree(Language $language): void
    {
        for ($number = 1; $number <= 60; ++$number) {
            $program = (new SceneGenerator($number))->program();
            $text = $language->print($program)->text();
            $reading = $language->read($text);
            self::assertSame([], $reading->mistakes, $text);
            self::assertSame($text, $language->print($reading->program)->text());
            foreach (Language::cases() as $other) {
                self::assertSame($other->printPlainly($program)->text(), $other->printPlainly($reading->program)->text(), $text);
            }
        }
    }

    public function testAPressAddedLaterChangesNothingBeforeIt(): void
    {
        foreach (['visitor-count', 'garden-dice', 'dusk'] as $name) {
            $run = static fn (string $signals): string => TraceFile::lines(Runner::run(Demos::programs()[$name], Language::Python, 5, new Limits(milliseconds: 9000), circumstances: new Circumstances(signals: Signals::read($signals))));
            $before = explode('{"do":"time","at":3', $run("0.5 tap round\n1 light 90\n3 tap square\n"))[0];
            \assert('' !== $before);
            self::assertStringStartsWith($before, $run("0.5 tap round\n1 light 90\n3 tap both\n5 tap round\n"), $name);
        }
    }

    public function testAsOneLoopThatAsksAProgramShowsTheSame(): void
    {
        foreach (['visitor-count', 'dusk'] as $name) {
            $program = AskingLoop::withHandlersLast(Demos::programs()[$name]);
            $loop = AskingLoop::of($program);
            self::assertNotEquals($program, $loop);
            $signals = Signals::read("1 tap round\n2 tap square\n3 light 20\n4 light 80\n5 tap both\n7 tap round\n");
            self::assertSame(self::lamps($program, $signals), self::lamps($loop, $signals), $name);
            foreach (Language::cases() as $language) {
                $text = $language->print($program->withSetting(new Setting('lantern', [], true)))->text();
                self::assertSame($language->printPlainly($loop)->text(), $text);
                self::assertStringNotContainsStringIgnoringCase('when', $text);
                self::assertSame([], $language->read($text)->mistakes, $text);
            }
        }
    }

    public function testAChainOfMessagesIsTheSameAsFunctionsAndAsASequence(): void
    {
        $program = Demos::programs()['morning-bells'];
        foreach ([(new Chains($program))->functions()->program, (new Chains($program))->sequence()->program] as $changed) {
            self::assertStringNotContainsString('announce', Language::Python->print($changed)->text());
            self::assertSame(self::lamps($program, new Signals()), self::lamps($changed, new Signals()));
        }
        self::assertFalse((new Chains(Language::Python->read("from scrivlet import announce, when_announced\ndef on_tea():\n    print(1)\nwhen_announced(\"tea\", on_tea)\nannounce(\"tea\")\nprint(2)\n")->program))->isChain());
    }

    /** @return array<string, array{string}> what announces and waits, but does not only lead from one script to the next */
    public static function noChains(): array
    {
        $begin = "import { announce, whenAnnounced } from \"./scrivlet.js\";\n";
        $waits = static fn (string $what): string => "whenAnnounced(\"tea\", () => {\n  $what;\n});\n";

        return [
            'two wait for one message' => [$begin.$waits('console.log(1)').$waits('console.log(2)').'announce("tea");'],
            'nobody waits' => [$begin.'announce("tea");'],
            'nobody announces' => [$begin.$waits('console.log(1)').'console.log(2);'],
            'announced twice' => [$begin.$waits('console.log(1)').'announce("tea");announce("tea");'],
            'who waits announces the same' => [$begin.$waits('announce("tea")').'announce("tea");'],
            'a function announces, too' => [$begin."function more() {\n  announce(\"tea\");\n}\n".$waits('console.log(1)').'announce("tea");'],
        ];
    }

    #[DataProvider('noChains')]
    public function testOnlyMessagesThatLeadOnAreAChain(string $text): void
    {
        $reading = Language::JavaScript->read($text);
        self::assertSame([], $reading->mistakes);

        self::assertFalse((new Chains($reading->program))->isChain());
    }

    /** @return list<mixed> what the lamps showed, one after the other */
    private static function lamps(Program $program, Signals $signals): array
    {
        $outcome = Runner::run($program, Language::Python, 1, new Limits(milliseconds: 12000), circumstances: new Circumstances(signals: $signals));
        $lamps = [];
        foreach ($outcome->trace->events as $event) {
            if ('lamps' === $event[0] && ([] === $lamps || $lamps[\count($lamps) - 1] !== $event[2])) {
                $lamps[] = $event[2];
            }
        }
        self::assertGreaterThan(1, \count($lamps));

        return $lamps;
    }

    public function testScriptsGiveTurnsInTheOrderInWhichTheyWaited(): void
    {
        $text = "from scrivlet import announce, wait, when_announced\ndef on_go():\n    print(\"a\")\n    wait(1)\n    print(\"b\")\nwhen_announced(\"go\", on_go)\nannounce(\"go\")\nprint(\"1\")\nwait(1)\nprint(\"2\")\nannounce(\"go\")\nwait(0.5)\nprint(\"3\")\n";
        self::assertSame("1\na\n2\nb\na\n3\nb\n", Runner::run(Language::Python->read($text)->program, Language::Python)->trace->printout());
    }

    public function testPluggingInAndTheTextSayTheSame(): void
    {
        $program = Program::empty()->withSetting(new Setting('lawn'));
        $program = (new Setup($program))->plug(FittingKind::DrivePair, 'wheels', [1, 2])->program;
        $program = (new Setup($program))->plug(FittingKind::RangeSensor, 'eye', [5])->program;
        self::assertStringContainsString("wheels = DrivePair(1, 2)\neye = RangeSensor(5)", Language::Python->print($program)->text());
        foreach ([['Lamp', 'lamp', [2], 'run.socket_taken'], ['Lamp', 'lamp', [9], 'run.no_socket'], ['Lamp', 'eye', [3], 'name.variable'], ['DrivePair', 'pair', [6, 6], 'run.socket_taken']] as [$kind, $name, $sockets, $key]) {
            try {
                (new Setup($program))->plug(FittingKind::ofClass($kind) ?? FittingKind::Lamp, $name, $sockets);
                self::fail($key);
            } catch (Refusal $refusal) {
                self::assertSame($key, $refusal->key);
            }
        }
        foreach (['DrivePair wheels(3, 4);', 'auto wheels = DrivePair(3, 4);', 'DrivePair wheels = DrivePair(3, 4);'] as $row) {
            $typed = Language::Cpp->read("#include \"scrivlet.hpp\"\nint main() {\n    $row\n}\n");
            self::assertSame([], $typed->mistakes, $row);
            self::assertStringContainsString('wheels = DrivePair(3, 4)', Language::Python->print($typed->program)->text());
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function stops(): iterable
    {
        yield 'hedge' => ['bump_hedge', "from scrivlet import barrow\nfor turn in range(9):\n    barrow.step()\n"];
        yield 'empty barrow' => ['barrow_empty', "from scrivlet import barrow\nfor turn in range(4):\n    barrow.step()\n    barrow.plant()\n"];
        yield 'taken' => ['cell_taken', "from scrivlet import barrow\nbarrow.plant()\nbarrow.plant()\n"];
        yield 'nothing there' => ['nothing_to_pick', "from scrivlet import barrow\nbarrow.pick()\n"];
        yield 'too wide' => ['wide_show', "from scrivlet import lantern\nlantern.shine(1234)\n"];
        yield 'no lamp' => ['no_lamp', "from scrivlet import lantern\nx = 9\nlantern.light(x, 0)\n"];
        yield 'no pattern' => ['no_pattern', "from scrivlet import lantern\nlantern.pattern(\"abc\")\n"];
        yield 'socket twice' => ['socket_taken', "from scrivlet import Lamp\na = Lamp(3)\nb = Lamp(3)\n"];
        yield 'socket nine' => ['no_socket', "from scrivlet import Lamp\na = Lamp(9)\n"];
        yield 'wrong part' => ['wrong_fitting', "from scrivlet import Lamp\na = Lamp(3)\nprint(a.surface())\n"];
        yield 'off the lawn' => ['off_lawn', "from scrivlet import mower, wait\nmower.drive(100, 100)\nwait(20)\n"];
        yield 'another scene' => ['other_scene', "from scrivlet import barrow, nib\nbarrow.step()\nnib.forward(10)\n"];
        yield 'no answer' => ['no_answer', "name = input(\"Who?\")\n"];
        yield 'time' => ['long_time', "from scrivlet import wait\nwhile True:\n    wait(1)\n"];
        yield 'memory' => ['much_memory', "beds = []\nwhile True:\n    beds.append([0] * 20000)\n"];
        yield 'many small lists' => ['much_memory', "beds = []\nwhile True:\n    beds.append([1, 2] * 200)\n"];
        yield 'long list' => ['long_list', "beds = [1, 2]\nwhile True:\n    beds = beds[:2] * len(beds)\n"];
    }

    #[DataProvider('stops')]
    public function testWhatCannotGoOnSaysWhy(string $kind, string $text): void
    {
        $reading = Language::Python->read($text);
        // What a glance at the text can tell is told while it is typed, too.
        self::assertSame('other_scene' === $kind ? [$kind] : [], array_map(static fn (Mistake $mistake): string => $mistake->kind, $reading->mistakes));
        $outcome = Runner::run($reading->program, Language::Python, 1, new Limits(memory: 16000000));
        self::assertSame($kind, $outcome->error?->kind);
        self::assertNotSame(Ending::Finished, $outcome->ending);
    }

    public function testEveryLetterOfTheLanternIsFiveLampsHigh(): void
    {
        foreach (str_split('ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789!.,:;?+-*/=()<>\'"#%&_') as $letter) {
            $rows = Glyphs::rows($letter);
            self::assertCount(5, $rows);
            self::assertCount(1, array_unique(array_map(strlen(...), $rows)), $letter);
            self::assertStringContainsString('#', implode('', $rows));
            self::assertNotSame(Glyphs::rows('é'), $rows, $letter);
        }
    }

    private static function outcome(string $text): Outcome
    {
        return Runner::run(Language::Python->read($text)->program, Language::Python);
    }

    /** Whatever is put into a layout, it can be written and read again, and has one barrow and one gate at most. */
    public function testChangedLayoutsStayLayouts(): void
    {
        $refused = $made = 0;
        for ($seed = 1; $seed <= 60; ++$seed) {
            mt_srand($seed);
            $layout = Layout::read(Layout::FIRST);
            for ($step = 0; $step < 25; ++$step) {
                try {
                    $layout = match (mt_rand(0, 5)) {
                        0, 1, 2 => $layout->withSign(mt_rand(0, 21), mt_rand(0, 16), (string) substr('#.o*:%G>v<^x', mt_rand(0, 11), 1)),
                        3 => $layout->resized(mt_rand(-1, 30), mt_rand(-1, 20)),
                        4 => $layout->withGoal((string) ['at gate', 'beds planted', 'no seedlings left', 'load 2', 'fly'][mt_rand(0, 4)], 1 === mt_rand(0, 1)),
                        default => $layout->withLoad(mt_rand(-5, 2000)),
                    };
                    ++$made;
                } catch (Refusal) {
                    ++$refused;
                }
                self::assertEquals($layout, Layout::read($layout->write()));
                self::assertLessThanOrEqual(1, substr_count(implode('', $layout->rows), Layout::GATE));
                self::assertSame(1, preg_match_all('/[<>^v]/', (string) preg_replace('/^[a-z]+:.*$/m', '', $layout->write())));
            }
        }
        self::assertGreaterThan(100, $refused);
        self::assertGreaterThan(800, $made);
        $turned = Layout::read(Layout::FIRST);
        foreach (['down', 'left', 'up', 'right'] as $facing) {
            $turned = $turned->withSign($turned->x, $turned->y, '>');
            self::assertSame($facing, $turned->facing->value, 'a barrow that is there already turns');
        }
    }

    public function testBothButtonsTogetherCountOnceAsBoth(): void
    {
        $program = Language::Python->read("from scrivlet import lantern\nboth = 0\ndef on_both():\n    global both\n    both += 1\n    print(both)\nlantern.when_tapped(\"both\", on_both)\n")->program;
        $outcome = Runner::run($program, Language::Python, 1, circumstances: new Circumstances(signals: Signals::read("1 press round\n1.5 press square\n2 release square\n3 tap square\n5 release round\n6 tap square\n")));
        self::assertSame("1\n2\n", $outcome->trace->printout());
        self::assertTrue($outcome->listens);
        self::assertSame("10.0\n", self::outcome("print(5 * 2.0)\n")->trace->printout());
    }
}
