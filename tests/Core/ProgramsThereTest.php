<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\Programs;
use Scrivlet\Tests\Support\RealMachines;

/** Programs written by hand do here what they do there, and so does each of their translations. */
#[Group('body')]
final class ProgramsThereTest extends TestCase
{
    /** What happens in the text, not in the scene. */
    private const SAID = ['print', 'say', 'ask', 'time', 'complain'];

    /** @return iterable<string, array{Language}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language];
        }
    }

    /** That the real machines accept the very texts is what the next test shows, which runs them. */
    #[DataProvider('languages')]
    public function testTheBodyIsAccepted(Language $language): void
    {
        $count = 0;
        foreach (Programs::all() as $name => [$from, $text]) {
            if ($from === $language) {
                self::assertSame([], $from->read($text)->mistakes, $name);
                ++$count;
            }
        }
        self::assertGreaterThanOrEqual(40, $count, 'the body has 40 programs of each language');
    }

    #[DataProvider('languages')]
    public function testProgramsOfAllLanguagesDoTheSameThere(Language $to): void
    {
        $texts = $programs = [];
        $own = array_filter(Programs::only(), static fn (array $program): bool => $to === $program[0]);
        foreach ([...Programs::all(), ...$own] as $name => [$from, $text, $answers]) {
            $programs[$name] = $from->read($text)->program;
            $texts[$name] = [$to->print($programs[$name])->text(), $answers];
        }
        $there = RealMachines::texts($texts, $to, 1);
        foreach ($programs as $name => $program) {
            [$printed, $answers] = $texts[$name];
            $outcome = Runner::run($program, $to, 1, circumstances: new Circumstances(new Answers($answers)));
            self::assertSame(Ending::Finished, $outcome->ending, "$name: {$outcome->error?->kind} at $outcome->errorRow\n$printed");
            self::assertSame(0, $there[$name]['exit'], "$name: {$there[$name]['errors']}\n$printed");
            self::assertSame($there[$name]['printed'], $outcome->trace->printout(), "$name\n$printed");
            $drawn = self::drawn($there[$name]['trace']);
            $here = self::drawn($outcome->trace->named());
            self::assertCount(\count($drawn), $here, "$name\n$printed");
            foreach ($here as $index => $event) {
                self::assertEqualsWithDelta($event, $drawn[$index], 1e-6, "$name\n$printed");
            }
        }
    }

    /**
     * @param iterable<array<string, mixed>> $events
     *
     * @return list<array<string, mixed>>
     */
    private static function drawn(iterable $events): array
    {
        $drawn = [];
        foreach ($events as $event) {
            if (!\in_array($event['do'], self::SAID, true)) {
                $drawn[] = $event;
            }
        }

        return $drawn;
    }
}
