<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Mending;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\Breaking;
use Scrivlet\Tests\Support\Programs;

/** “Mend it” takes a mistake away, and makes no other program of what ran. */
#[Group('long')]
final class MendingTest extends TestCase
{
    /** Mistakes with which the real machine runs the text all the same, or would but for what is brought in. */
    private const HINTS = ['library_missing', 'namespace_missing', 'let_missing'];

    public function testEachFixThatIsOfferedTakesAMistakeAway(): void
    {
        $offered = $held = 0;
        foreach (self::texts() as [$language, $text]) {
            $mistakes = $language->read($text)->mistakes;
            $before = \count(Report::lines($text, $mistakes));
            foreach (Mending::proven($text, $language, $mistakes) as $index => $mistake) {
                $held += (int) ([] !== $mistakes[$index]->fix);
                if ([] === $mistake->fix) {
                    continue;
                }
                ++$offered;
                $mended = Replacement::apply($text, $mistake->fix);
                self::assertLessThan($before, \count(Report::lines($mended, $language->read($mended)->mistakes)), $mended);
            }
        }
        self::assertGreaterThan(800, $offered);
        self::assertGreaterThan(0.8, $offered / $held, 'most fixes mend');
    }

    public function testAFixOfWhatRanAnywayRunsTheSame(): void
    {
        $same = 0;
        foreach (self::texts() as [$language, $text]) {
            $reading = $language->read($text);
            foreach ($reading->mistakes as $mistake) {
                if ([] === $mistake->fix || !\in_array($mistake->kind, self::HINTS, true) || $reading->program->hasUnread()) {
                    continue;
                }
                $mended = $language->read(Replacement::apply($text, $mistake->fix))->program;
                $runs = array_map(static fn ($program): array => Runner::run($program, $language, 1, new Limits(steps: 2000), false)->trace->events, [$reading->program, $mended]);
                self::assertEquals($runs[0], $runs[1], $text);
                ++$same;
            }
        }
        self::assertGreaterThan(20, $same);
    }

    /** @return \Generator<int, array{Language, string}> */
    private static function texts(): \Generator
    {
        foreach (Breaking::kept() as $case) {
            yield [Programs::all()[$case['program']][0], Breaking::text($case)];
        }
        foreach (require __DIR__.'/../mistakes.php' as $language => $cases) {
            foreach ($cases as [$text]) {
                yield [Language::from($language), $text];
            }
        }
    }
}
