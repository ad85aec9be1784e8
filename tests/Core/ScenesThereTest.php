<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Edit\Rules;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\Signals;
use Scrivlet\Core\Scene\Settings;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\RealMachines;
use Scrivlet\Tests\Support\SceneGenerator;

/** Programs of every scene do on the real machines what they do here: moves, lamps, wheels, and what sensors answer. */
#[Group('long')]
final class ScenesThereTest extends TestCase
{
    private const SECONDS = 20;
    private const GENERATED = 24;
    private const SEED = 7;
    private const SIGNALS = [
        "0.5 tap round\n0.55 tap round\n1 press square\n1.4 press round\n2 release round\n2.1 release square\n3 light 20\n4 light 70\n5 tap both\n6.5 tap square\n",
        "0.01 tap square\n0.02 light 90\n7 tap round\n7.1 tap round\n7.2 tap round\n7.3 tap round\n8 tap both\n9 tap round\n9.5 tap round\n",
    ];
    private const ANSWERS = "beans\n12\n3\n9\n1\n2\n4\n5\n6\n7\n8\n10\n11\n13\n14\n15\n16\n17\n18\n19\n20\n";

    /** @return iterable<string, array{Language}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language];
        }
    }

    #[DataProvider('languages')]
    public function testDemosDoTheSameThereOnAllTheirLayouts(Language $language): void
    {
        $programs = $scenes = [];
        foreach (Demos::programs() as $name => $program) {
            if (SceneName::Sheet->value !== $program->setting->scene) {
                $programs[$name] = $program;
                $scenes[$program->setting->scene] = ($scenes[$program->setting->scene] ?? 0) + 1;
            }
        }
        foreach (['plot', 'lantern', 'lawn', 'printout'] as $scene) {
            self::assertGreaterThanOrEqual(4, $scenes[$scene] ?? 0, "demos of the $scene");
        }
        $this->agree($programs, $language);
    }

    #[DataProvider('languages')]
    public function testGeneratedProgramsDoTheSameThere(Language $language): void
    {
        $programs = [];
        for ($number = 1; $number <= self::GENERATED; ++$number) {
            $programs["generated$number"] = (new SceneGenerator($number))->program();
        }
        $this->agree($programs, $language);
    }

    /** @param array<string, Program> $programs */
    private function agree(array $programs, Language $language): void
    {
        $runs = $files = [];
        foreach ($programs as $name => $program) {
            Rules::check($program);
            $layouts = Settings::layouts($program->setting);
            foreach ([] === $layouts ? self::SIGNALS : $layouts as $index => $text) {
                $runs["$name-$index"] = $program;
                $files["$name-$index"] = ['in' => 'printout' === $program->setting->scene ? (0 === $index ? '' : "Juniper\n").self::ANSWERS : '', ([] === $layouts ? 'signals.txt' : 'layout.txt') => $text, 'seconds' => (string) self::SECONDS];
            }
        }
        foreach (RealMachines::run($runs, $language, self::SEED, $files) as $name => $real) {
            $text = $language->print($runs[$name])->text();
            $outcome = Runner::run($runs[$name], $language, self::SEED, new Limits(milliseconds: self::SECONDS * 1000), circumstances: new Circumstances(new Answers($files[$name]['in']), Signals::read($files[$name]['signals.txt'] ?? ''), isset($files[$name]['layout.txt']) ? (int) substr(strrchr($name, '-') ?: '-0', 1) : 0));
            self::assertSame(Ending::Failed === $outcome->ending, 0 !== $real['exit'], "$name here: {$outcome->error?->kind} at $outcome->errorRow, there: {$real['errors']}\n$text");
            self::assertSame($real['printed'], $outcome->trace->printout(), "$name prints something else\n$text");
            if (!str_contains($text, 'scrivlet')) {
                continue;
            }
            // What is printed has been compared above; the machines differ in what belongs to one line of it.
            $isPrinted = static fn (array $event): bool => 'say' !== $event['do'] && 'print' !== $event['do'];
            $here = array_values(array_filter(iterator_to_array($outcome->trace->named(), false), $isPrinted));
            $there = array_values(array_filter($real['trace'], $isPrinted));
            foreach ($here as $index => $event) {
                self::assertEqualsWithDelta($event, $there[$index] ?? null, 1e-4, "$name, event $index\n$text");
            }
            self::assertCount(\count($there), $here, "$name has another number of events\n$text");
        }
    }
}
