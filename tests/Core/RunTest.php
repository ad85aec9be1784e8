<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\RunInSeparateProcess;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Console\Console;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\TraceFile;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\WhileLoop;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\ProgramGenerator;
use Scrivlet\Tests\Support\RealMachines;

final class RunTest extends TestCase
{
    /** @param list<FunctionDefinition> $functions */
    private static function program(array $functions, Statement ...$rows): Program
    {
        return new Program($functions, new Script(1, new Block(array_values($rows))), 100);
    }

    private static function divide(Expression $left, int|float $right): Binary
    {
        return new Binary(Operator::TrueDivide, $left, new NumberLiteral($right));
    }

    /** @return iterable<string, array{string, string, Program}> */
    public static function mistakes(): iterable
    {
        $one = new NumberLiteral(1);
        $self = static fn (Statement ...$rows): FunctionDefinition => new FunctionDefinition(2, 'again', [], new Block(array_values($rows)));
        yield 'no value' => ['no_value', '3:head', self::program([], new PrintLine(3, new VariableRead('bed')))];
        yield 'division by zero' => ['division_by_zero', '3:head', self::program([], new PrintLine(3, self::divide($one, 0)))];
        yield 'too deep' => ['deep_calls', '3:head', self::program([$self(new OwnCall(3, 'again', []))], new OwnCall(4, 'again', []))];
        yield 'after a call, in the caller' => ['division_by_zero', '4:head', self::program([new FunctionDefinition(2, 'one', [], new Block([new \Scrivlet\Core\Tree\GiveBack(3, $one)]))], new PrintLine(4, self::divide(new OwnValue('one', []), 0)))];
        yield 'nothing given back' => ['gives_nothing', '4:head', self::program([$self()], new PrintLine(4, self::divide(new OwnValue('again', []), 2)))];
        yield 'too far' => ['too_far', '3:head', self::program([], new Command(3, 'nib.forward', ['steps' => new NumberLiteral(1e308)]))];
        yield 'no ink' => ['no_ink', '4:head', self::program([], new SetVariable(3, 'ink', new TextLiteral('tartan')), new Command(4, 'nib.ink', ['colour' => new VariableRead('ink')]))];
        yield 'out of range' => ['out_of_range', '3:head', self::program([], new Command(3, 'nib.width', ['size' => new NumberLiteral(-1)]))];
        yield 'no number' => ['not_a_number', '4:head', self::program([], new SetVariable(3, 'bed', new TextLiteral('x')), new Command(4, 'nib.forward', ['steps' => new VariableRead('bed')]))];
        yield 'count by zero' => ['count_by_zero', '3:head', self::program([], new Count(3, 'bed', $one, $one, new NumberLiteral(0), new Block()))];
        yield 'chance the wrong way' => ['random_order', '3:head', self::program([], new PrintLine(3, new RandomWhole(new NumberLiteral(6), $one)))];
        $double = new SetVariable(5, 'bed', new Binary(Operator::Join, new VariableRead('bed'), new VariableRead('bed')));
        yield 'long text' => ['long_text', '5:head', self::program([], new SetVariable(3, 'bed', new TextLiteral('abc')), new Forever(4, new Block([$double])))];
        $square = new SetVariable(5, 'bed', new Binary(Operator::Multiply, new VariableRead('bed'), new VariableRead('bed')));
        yield 'large number' => ['many_digits', '5:head', self::program([], new SetVariable(3, 'bed', new NumberLiteral(7)), new Forever(4, new Block([$square])))];
        yield 'too much printed' => ['printed_much', '4:head', self::program([], new Forever(3, new Block([new PrintLine(4, new TextLiteral(str_repeat('x', 1000)))])))];
    }

    #[DataProvider('mistakes')]
    public function testAMistakeNamesItsKindAndItsRow(string $kind, string $row, Program $program): void
    {
        $outcome = Runner::run($program, Language::Python);
        self::assertSame(Ending::Failed, $outcome->ending);
        self::assertSame($kind, $outcome->error?->kind);
        self::assertSame($row, $outcome->errorRow);
    }

    public function testAnEndlessProgramIsCutAtTheLimit(): void
    {
        foreach ([new Forever(2, new Block()), new WhileLoop(2, new Binary(Operator::Less, new NumberLiteral(1), new NumberLiteral(2)), new Block())] as $loop) {
            $outcome = Runner::run(self::program([], $loop), Language::Python, 1, new Limits(steps: 700));
            self::assertSame(Ending::Cut, $outcome->ending);
            self::assertCount(700, $outcome->trace->steps);
        }
    }

    public function testTheSameRunGivesTheSameTraceAndAnotherSeedAnother(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $program = (new ProgramGenerator($seed))->program();
            foreach (Language::cases() as $language) {
                self::assertSame(TraceFile::lines(Runner::run($program, $language, $seed)), TraceFile::lines(Runner::run($program, $language, $seed)));
            }
        }
        $dice = self::program([], new PrintLine(2, new RandomWhole(new NumberLiteral(1), new NumberLiteral(1000000))));
        self::assertNotSame(Runner::run($dice, Language::Python, 1)->trace->printout(), Runner::run($dice, Language::Python, 2)->trace->printout());
    }

    public function testRecordingChangesNothingButTheRecord(): void
    {
        foreach (Demos::programs() as $name => $program) {
            $with = Runner::run($program, Language::Python, 3);
            $without = Runner::run($program, Language::Python, 3, new Limits(), false);
            self::assertSame($with->trace->events, $without->trace->events, $name);
            self::assertCount($with->trace->moment, $with->trace->steps);
            self::assertSame([], $without->trace->steps);
        }
    }

    /** Who runs a demo sees it arrive, whatever chance gives: one that failed for one seed in twelve looked like a broken scene. In a process of its own, as the ladder's. */
    #[RunInSeparateProcess]
    #[Group('long')]
    public function testDemosReachTheirGoalsWhateverChanceGives(): void
    {
        $goals = 0;
        foreach (Demos::programs() as $name => $program) {
            for ($seed = 1; $seed <= 60; ++$seed) {
                foreach (Runner::run($program, Language::Python, $seed, record: false)->goals as $goal) {
                    self::assertTrue($goal->met, "$name, seed $seed");
                    ++$goals;
                }
            }
        }
        self::assertGreaterThan(500, $goals);
    }

    /** Numbers show as the real ones show them, in a line of their own and joined to a text. */
    public function testNumbersShowAsOnTheRealMachines(): void
    {
        $numbers = [0.1, 1 / 3, 1e15, 1e16, 123456789012345680.0, 1e21, 1e22, 1e-4, 1e-5, 1e-6, 1e-7, 1.5e300, 5e-324, 100.0, 123456.0, 1234567.0, 0.000123456789, -0.5, 2.5e-10, 999999.5, 1e5, 99999.95];
        $rows = [];
        foreach ($numbers as $index => $number) {
            $rows[] = new PrintLine(10 + 2 * $index, new NumberLiteral($number));
            $rows[] = new PrintLine(11 + 2 * $index, new Binary(Operator::Join, new TextLiteral('n'), new NumberLiteral(-$number)));
        }
        // A nib command makes every language load the library.
        $program = self::program([], new Command(2, 'nib.lift', []), ...$rows);
        foreach (Language::cases() as $language) {
            $real = RealMachines::run(['numbers' => $program], $language, 1)['numbers'];
            self::assertSame($real['printed'], Runner::run($program, $language)->trace->printout(), $language->value);
        }
    }

    public function testNoNameAndNoTextOfAPersonBecomesCode(): void
    {
        $texts = ["'; exit; //", '${`id`}', '<?php die;', "\\'; system('id'); '", '{$this->trace}', "a\nb", '".phpinfo()."'];
        $rows = [];
        foreach ($texts as $index => $text) {
            $rows[] = new PrintLine(10 + $index, new TextLiteral($text));
        }
        self::assertSame(implode("\n", $texts)."\n", Runner::run(self::program([], ...$rows), Language::Python)->trace->printout());
    }

    public function testTheConsolePrintsRunsAndComplains(): void
    {
        $out = $err = '';
        $console = new Console(static function (string $text) use (&$out): void { $out .= $text; }, static function (string $text) use (&$err): void { $err .= $text; }, static fn (): string => '');
        $demo = __DIR__.'/../../demo/seed-packets.scrivlet.json';
        self::assertSame(0, $console->run(['run', $demo, '--seed=3']));
        self::assertStringContainsString("in all 150, 25 a packet\n", $out);
        $out = '';
        self::assertSame(0, $console->run(['print', $demo, '--to=javascript']));
        self::assertStringStartsWith('import { nib, randomBetween } from "./scrivlet.js";', $out);
        $trace = tempnam(sys_get_temp_dir(), 'trace');
        self::assertSame(1, $console->run(['run', $demo, "--trace=$trace", '--max-steps=10']));
        self::assertStringContainsString('cut after 10 steps', $err);
        self::assertCount(10, array_filter(explode("\n", (string) file_get_contents((string) $trace)), static fn (string $line): bool => str_contains($line, '"do":"step"')));
        unlink((string) $trace);
        $err = '';
        foreach ([['run', '/nowhere.scrivlet.json'], ['run', __FILE__], ['print', $demo], ['print', $demo, '--to=cobol'], ['run', $demo, '--seed=x'], ['dance'], []] as $arguments) {
            self::assertSame(2, $console->run($arguments), implode(' ', $arguments));
        }
        $broken = tempnam(sys_get_temp_dir(), 'program');
        $program = (new Editor(Program::empty()))->insert(1, 'body', 0, 'print')->program;
        $program = (new Editor($program))->fill(2, 'value', '1 / 0')->program;
        file_put_contents((string) $broken, \Scrivlet\Core\File\ProjectWriter::write('x', $program));
        $err = '';
        self::assertSame(1, $console->run(['run', (string) $broken]));
        self::assertStringStartsWith('Line 1, “print(1 / 0)”: You can’t divide by zero.', $err);
        unlink((string) $broken);
    }

    public function testTheCommandRunsFromABareCheckout(): void
    {
        $folder = sys_get_temp_dir().'/scrivlet-bare-'.bin2hex(random_bytes(4));
        mkdir("$folder/bin", 0777, true);
        $root = \dirname(__DIR__, 2);
        exec('cp '.escapeshellarg("$root/bin/scrivlet").' '.escapeshellarg("$folder/bin/").' && cp -r '.escapeshellarg("$root/core").' '.escapeshellarg("$root/words").' '.escapeshellarg("$folder/"));
        exec(escapeshellarg("$folder/bin/scrivlet").' run '.escapeshellarg("$root/demo/kite.scrivlet.json").' 2>&1', $printed, $exit);
        exec('rm -r '.escapeshellarg($folder));
        self::assertSame(['the kite flies'], $printed);
        self::assertSame(0, $exit);
    }
}
