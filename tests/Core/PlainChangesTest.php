<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Plain\PlainChanges;
use Scrivlet\Core\Plain\PlainPiece;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Tests\Support\Demos;

/** What changed between two states, and a single piece, in plain words. */
final class PlainChangesTest extends TestCase
{
    private static function read(string $text, Language $language = Language::Python): Analysis
    {
        return new Analysis($language->read($text)->program);
    }

    public function testTheChangedLinesAreToldWithTheirWords(): void
    {
        $before = self::read("print(1)\nprint(2)\nprint(3)\n");
        $after = self::read("print(1)\nprint(5)\nprint(3)\nprint(4)\n");
        self::assertSame([
            ['sign' => '−', 'text' => 'print(2)', 'says' => 'Print 2.'],
            ['sign' => '+', 'text' => 'print(5)', 'says' => 'Print 5.'],
            ['sign' => '+', 'text' => 'print(4)', 'says' => 'Print 4.'],
        ], PlainChanges::between($before, $after, Language::Python, 'en'));
        self::assertSame([], PlainChanges::between($before, $before, Language::Cpp, 'fr'));
    }

    /** What is gone taken from the old lines, and what is new put to them, gives the new ones: in whatever states. */
    public function testOldLinesWithTheChangesAreTheNewOnes(): void
    {
        $programs = array_values(Demos::programs());
        mt_srand(3);
        for ($try = 0; $try < 40; ++$try) {
            $one = $programs[mt_rand(0, \count($programs) - 1)];
            $other = 0 === $try % 4 ? Program::empty() : $programs[mt_rand(0, \count($programs) - 1)];
            foreach (Language::cases() as $language) {
                [$before, $after] = [new Analysis($one), new Analysis($other)];
                $count = static fn (Analysis $state): array => array_count_values(array_filter(array_map(static fn ($line): string => rtrim($line->text), $state->text($language)->lines), static fn (string $text): bool => '' !== trim($text)));
                $lines = $count($before);
                foreach (PlainChanges::between($before, $after, $language, 'en') as $change) {
                    $lines[$change['text']] = ($lines[$change['text']] ?? 0) + ('+' === $change['sign'] ? 1 : -1);
                    self::assertNotSame('', $change['says'], $change['text']);
                }
                self::assertEquals($count($after), array_filter($lines), $language->value);
                self::assertNotContains(-1, $lines);
            }
        }
    }

    public function testALargeChangeIsToldWhole(): void
    {
        $text = static fn (string $word): string => implode("\n", array_map(static fn (int $number): string => "print(\"$word $number\")", range(1, 900)))."\n";
        self::assertCount(1800, PlainChanges::between(self::read($text('pea')), self::read($text('bean')), Language::Python, 'en'));
    }

    /** @return iterable<string, array{string, string, string|null}> */
    public static function pieces(): iterable
    {
        yield 'a quotient' => ['python', '360 / sides', '360 divided by sides.'];
        yield 'a name keeps its letters' => ['python', 'sides', 'sides.'];
        yield 'a condition' => ['javascript', 'a === b', 'Whether a is b.'];
        yield 'of C++' => ['cpp', 'beds.size() - 1', 'The length of beds minus 1.'];
        yield 'half of a line' => ['python', 'for i in', null];
        yield 'a bracket too many' => ['python', '4):', null];
        yield 'several lines' => ['python', "1\nprint(2)", null];
        yield 'another row behind it' => ['javascript', '1; launch()', null];
        yield 'nothing' => ['cpp', '  ', null];
        yield 'too much' => ['python', str_repeat('1 + ', 200).'1', null];
    }

    #[DataProvider('pieces')]
    public function testAPieceOfTextIsReadOut(string $language, string $text, ?string $says): void
    {
        self::assertSame($says, PlainPiece::ofText($text, Language::from($language), 'en'));
    }

    public function testEveryBlankIsReadOut(): void
    {
        $seen = 0;
        foreach (Demos::programs() as $name => $program) {
            $analysis = new Analysis($program);
            foreach (\Scrivlet\Core\Tree\Walk::statements($program->parts()) as $row) {
                foreach (array_keys($row->blanks()) as $slot) {
                    self::assertNotNull(PlainPiece::inBlank($analysis, $row->id, (string) $slot, 'fr'), "$name, $row->id, $slot");
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(150, $seen);
        self::assertNull(PlainPiece::inBlank(new Analysis(Program::empty()), 7, 'steps', 'en'));
    }
}
