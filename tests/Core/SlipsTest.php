<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Tests\Support\Strangers;

/** Short texts of other hands: slips of pupils, and rows that look odd and are right. */
final class SlipsTest extends TestCase
{
    /** Texts that the real machine takes and that are refused here, in words; what is read tomorrow comes out of this list. */
    private const REFUSED = 49;

    public function testSlipsAreToldInTheirLineForWhatTheyAre(): void
    {
        foreach (self::texts('slips') as ['language' => $name, 'line' => $line, 'kind' => $kind, 'text' => $text]) {
            $language = Language::from($name);
            $reading = $language->read($text);
            self::assertSame($text, $language->print($reading->program)->text());
            $first = Report::lines($text, $reading->mistakes)[0] ?? null;
            // Those without a kind are taken by the real machine, or told in another line that is as good.
            if (null !== $kind) {
                self::assertSame([$line, $kind], [$first['line'] ?? null, $first['kind'] ?? null], $text);
            }
        }
        self::assertGreaterThanOrEqual(0.85, \count(array_filter(array_column(self::texts('slips'), 'kind'))) / \count(self::texts('slips')));
    }

    public function testWhatLooksOddAndIsRightDoesWhatItDoesThere(): void
    {
        $refused = 0;
        foreach (self::texts('odd') as ['language' => $name, 'text' => $text, 'printed' => $printed]) {
            $language = Language::from($name);
            $reading = $language->read($text);
            self::assertSame($text, $language->print($reading->program)->text());
            // What can't be run yet is called nothing else.
            self::assertContains($reading->mistakes[0]->kind ?? 'unsupported', ['unsupported'], $text);
            $refused += [] === $reading->mistakes ? 0 : 1;
            if ([] === $reading->mistakes) {
                $outcome = Strangers::outcome($reading->program, $language, '', $printed);
                // What shows only while it runs is told as well, and stops it.
                $refused += ['stopped', 'own_form'] === $outcome ? 1 : 0;
                self::assertContains($outcome, [['same', ''], ['stopped', 'own_form']], $text);
            }
        }
        self::assertLessThanOrEqual(self::REFUSED, $refused);
    }

    /** @return list<array{language: string, text: string, printed: string, line: int, kind: string|null}> */
    private static function texts(string $name): array
    {
        return json_decode((string) file_get_contents(__DIR__."/../$name.json"), true, 16, \JSON_THROW_ON_ERROR);
    }
}
