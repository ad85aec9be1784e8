<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Tests\Support\Breaking;
use Scrivlet\Tests\Support\Programs;

/** Programs broken by rule: how often the first mistake told is the one that was made, where it was made. */
#[Group('long')]
final class BrokenProgramsTest extends TestCase
{
    public function testTheDataIsWhatTheRulesMake(): void
    {
        self::assertSame(Breaking::all(), Breaking::kept(), 'run tests/Support/break-programs.php');
        self::assertGreaterThanOrEqual(600, \count(Breaking::kept()));
    }

    /** @return iterable<string, array{Language}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language];
        }
    }

    #[DataProvider('languages')]
    public function testMostMistakesAreToldForWhatTheyAreWhereTheyAre(Language $language): void
    {
        $count = $lines = $kinds = 0;
        foreach (Breaking::kept() as $case) {
            if (Programs::all()[$case['program']][0] !== $language) {
                continue;
            }
            $text = Breaking::text($case);
            $reading = $language->read($text);
            self::assertSame($text, $language->print($reading->program)->text());
            $first = Report::lines($text, $reading->mistakes)[0] ?? null;
            $isLine = null !== $first && $first['line'] === $case['line'];
            ++$count;
            $lines += (int) $isLine;
            $kinds += (int) ($isLine && $first['kind'] === $case['kind']);
        }
        self::assertGreaterThanOrEqual(200, $count);
        self::assertGreaterThanOrEqual(0.95, $lines / $count, 'right line');
        self::assertGreaterThanOrEqual(0.90, $kinds / $count, 'right line and kind');
    }
}
