<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\Spread;

/**
 * What is joined or put into each other many times is read, printed in all languages and laid out before anybody waits: where
 * one step looked twice at the one before, thirty of them would never end.
 */
#[Group('long')]
final class ChainsTest extends TestCase
{
    private const TIMES = 30;

    /** @return iterable<string, array{Language}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language];
        }
    }

    #[DataProvider('languages')]
    public function testManyStepsEnd(Language $language): void
    {
        $read = 0;
        foreach (self::texts($language) as $index => $text) {
            $program = $language->read($text)->program;
            self::assertSame($text, $language->print($program)->text());
            $read += (int) !$program->hasUnread();
            if (0 === $index % 3) {
                array_map(static fn (Language $other): string => $other->printPlainly($program)->text(), Language::cases());
                new Spread(new Analysis($program), Language::cases(), 'en');
            }
        }
        self::assertGreaterThan(100, $read);
    }

    /** @return list<string> */
    private static function texts(Language $language): array
    {
        /** @var array<string, array{before: string, behind: string, values: list<string>, rows: list<string>, signs: list<string>, forms: list<string>}> $all */
        $all = require __DIR__.'/../chains.php';
        $data = $all[$language->value];
        $texts = [];
        foreach ($data['rows'] as $row) {
            foreach ($data['values'] as $value) {
                foreach ($data['signs'] as $sign) {
                    $texts[] = [$row, implode(" $sign ", array_fill(0, self::TIMES, $value))];
                }
                foreach ($data['forms'] as $form) {
                    $texts[] = [$row, array_reduce(range(1, self::TIMES), static fn (string $inner): string => str_replace('@', $inner, $form), $value)];
                }
            }
        }

        return array_map(static fn (array $text): string => $data['before']."\n".str_replace('@', $text[1], $text[0]).$data['behind']."\n", $texts);
    }
}
