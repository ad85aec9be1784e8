<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Edit\Rules;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Scene\Sheet\Drawing;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\ProgramGenerator;
use Scrivlet\Tests\Support\RealMachines;

/** What a program does here, it does on the real machines: same strokes, same fills, same lines printed, same picture. */
#[Group('long')]
final class ConformanceTest extends TestCase
{
    private const GENERATED = 100;
    private const SEED = 20;

    /** @return iterable<string, array{Language}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language];
        }
    }

    #[DataProvider('languages')]
    public function testDemoProgramsDoTheSameThere(Language $language): void
    {
        $programs = array_filter(Demos::programs(), static fn (Program $program): bool => SceneName::Sheet->value === $program->setting->scene);
        self::assertGreaterThanOrEqual(8, \count($programs));
        $this->agree($programs, $language);
    }

    #[DataProvider('languages')]
    public function testGeneratedProgramsDoTheSameThere(Language $language): void
    {
        $programs = [];
        for ($number = 1; $number <= self::GENERATED; ++$number) {
            $generator = new ProgramGenerator($number);
            $programs["generated$number"] = 0 === $number % 4 ? $generator->withFunctionsBetween() : $generator->program();
        }
        $this->agree($programs, $language);
    }

    /** @param array<string, Program> $programs */
    private function agree(array $programs, Language $language): void
    {
        foreach (RealMachines::run($programs, $language, self::SEED) as $name => $real) {
            $program = $programs[$name];
            Rules::check($program);
            $outcome = Runner::run($program, $language, self::SEED);
            $text = $language->print($program)->text();
            self::assertSame(Ending::Finished, $outcome->ending, "$name here: {$outcome->error?->kind} at $outcome->errorRow\n$text");
            self::assertSame(0, $real['exit'], "$name there: {$real['errors']}\n$text");
            self::assertSame($real['printed'], $outcome->trace->printout(), "$name prints something else\n$text");
            if (!str_contains($text, 'scrivlet')) {
                // Nothing but printing: the text needs no library, so nothing is traced or drawn there.
                self::assertSame([], array_filter($outcome->trace->events, static fn (array $event): bool => 'print' !== $event[0]), $name);
                continue;
            }
            $here = iterator_to_array($outcome->trace->named(), false);
            self::assertCount(\count($real['trace']), $here, "$name has another number of events\n$text");
            foreach ($here as $index => $event) {
                self::assertEqualsWithDelta($event, $real['trace'][$index], 1e-6, "$name, event $index\n$text");
            }
            self::assertSame($real['drawing'], Drawing::svg($outcome->trace), "$name draws something else\n$text");
        }
    }
}
