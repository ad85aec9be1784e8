<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\RealError;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\RealMachines;

/** Programs that stop in the middle stop here where they stop there, and the mistake has the real one's name. */
#[Group('long')]
final class FailingProgramsTest extends TestCase
{
    /** @return iterable<string, array{Language}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language];
        }
    }

    #[DataProvider('languages')]
    public function testProgramsStopWhereTheyStopThere(Language $language): void
    {
        /** @var array<string, list<array{string, string}>> $all */
        $all = require __DIR__.'/../failing.php';
        $texts = [];
        foreach ($all[$language->value] as $index => [$text]) {
            $texts["failing$index"] = [$text, ''];
        }
        $there = RealMachines::texts($texts, $language, 1, true);
        foreach ($all[$language->value] as $index => [$text, $name]) {
            $real = $there["failing$index"];
            self::assertNotSame(0, $real['exit'], $text);
            self::assertStringContainsString($name, $real['errors'], $text);
            $reading = $language->read($text);
            self::assertFalse($reading->program->hasUnread(), $text);
            $outcome = Runner::run($reading->program, $language);
            self::assertSame(Ending::Failed, $outcome->ending, $text);
            self::assertSame($name, null === $outcome->error ? null : RealError::of($outcome->error, $language), "{$outcome->error?->kind} in\n$text");
            self::assertSame($real['printed'], $outcome->trace->printout(), $text);
            if (Language::Python === $language) {
                preg_match_all('/program\.py", line (\d+)/', $real['errors'], $lines);
                $anchors = array_map(static fn ($line): string => $line->anchor, $language->print($reading->program)->lines);
                // In a call the real one names the innermost row last.
                self::assertSame($outcome->errorRow, $anchors[(int) ($lines[1][\count($lines[1]) - 1] ?? 0) - 1] ?? null, $text);
            }
        }
    }
}
