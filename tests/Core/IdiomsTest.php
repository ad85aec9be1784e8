<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\Spread;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Walk;

/** A translation is what a teacher of the other language would write, and does the same. */
final class IdiomsTest extends TestCase
{
    /** @return iterable<string, array{Language, string, Language, string}> */
    public static function idioms(): iterable
    {
        /** @var list<array{string, string, string, string}> $idioms */
        $idioms = require __DIR__.'/../idioms.php';
        foreach ($idioms as $number => [$from, $text, $to, $expected]) {
            yield "$number, $from" => [Language::from($from), "$text\n", Language::from($to), "$expected\n"];
        }
    }

    #[DataProvider('idioms')]
    public function testAnIdiomIsSaidInTheOtherLanguage(Language $from, string $text, Language $to, string $expected): void
    {
        $reading = $from->read($text);
        self::assertSame([], $reading->mistakes);
        self::assertSame($text, $from->print($reading->program)->text());
        self::assertSame($expected, $to->print($reading->program)->text());
        $back = $to->read($expected);
        self::assertSame([], $back->mistakes);
        self::assertSame(self::printed($reading->program, $to), self::printed($back->program, $to), 'what is read back does the same');
    }

    /** Every row stands on the blocks page beside its line, and what is in its blanks has words in both languages of the interface. */
    #[DataProvider('idioms')]
    public function testAnIdiomHasBlocksBesideIt(Language $from, string $text): void
    {
        $program = $from->read($text)->program;
        $pages = [];
        foreach (['en', 'fr'] as $locale) {
            $spread = new Spread(new Analysis($program), Language::cases(), $locale);
            $shown = array_fill_keys(array_map(static fn ($row): int => $row->statement, $spread->blocks->rows), true);
            foreach (Walk::statements($program->parts()) as $row) {
                self::assertArrayHasKey($row->id, $shown, $row::class);
            }
            $pages[] = serialize($spread->blocks->rows);
        }
        self::assertNotSame($pages[0], $pages[1]);
    }

    private static function printed(Program $program, Language $language): string
    {
        $outcome = Runner::run($program, $language);
        self::assertNull($outcome->error);

        return $outcome->trace->printout();
    }
}
