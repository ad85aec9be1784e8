<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\Programs;
use Scrivlet\Tests\Support\RealMachines;

/** Programs written by hand do here what they do there, and so does each of their translations. */
final class ProgramsThereTest extends TestCase
{
    /** @return iterable<string, array{string, Language}> */
    public static function translations(): iterable
    {
        foreach (Programs::all() as $name => [$from]) {
            foreach (Language::cases() as $to) {
                yield "$name as $to->value" => [$name, $to];
            }
        }
    }

    #[DataProvider('translations')]
    public function testAProgramDoesTheSameThere(string $name, Language $to): void
    {
        [$from, $text, $answers] = Programs::all()[$name];
        $reading = $from->read($text);
        self::assertSame([], $reading->mistakes, $name);
        $printed = $to->print($reading->program)->text();
        $outcome = Runner::run($reading->program, $to, 1, answers: new Answers($answers));
        self::assertSame(Ending::Finished, $outcome->ending, "{$outcome->error?->kind} at $outcome->errorRow\n$printed");
        $real = RealMachines::text($printed, $to, $answers, 1);
        self::assertSame(0, $real['exit'], $real['errors']."\n".$printed);
        self::assertSame($real['printed'], $outcome->trace->printout(), $printed);
        $drawn = array_values(array_filter($real['trace'], static fn (array $event): bool => !\in_array($event['do'], ['print', 'say', 'wait'], true)));
        $here = array_values(array_filter(iterator_to_array($outcome->trace->named(), false), static fn (array $event): bool => !\in_array($event['do'], ['print', 'say', 'wait'], true)));
        self::assertCount(\count($drawn), $here, $printed);
        foreach ($here as $index => $event) {
            self::assertEqualsWithDelta($event, $drawn[$index], 1e-6, $printed);
        }
    }
}
