<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Core\Words\Words;

final class MistakesTest extends TestCase
{
    /** @return iterable<string, array{Language, string, string, int, string|null}> language, text, kind, line, and the text once it is mended */
    public static function mistakes(): iterable
    {
        foreach (require __DIR__.'/../mistakes.php' as $language => $cases) {
            foreach ($cases as $index => [$text, $kind, $line, $mended]) {
                yield "$language $index $kind" => [Language::from($language), $text, $kind, $line, $mended];
            }
        }
    }

    #[DataProvider('mistakes')]
    public function testAMistakeIsFoundAtItsPlaceAndMended(Language $language, string $text, string $kind, int $line, ?string $mended): void
    {
        $mistakes = $language->read($text)->mistakes;
        $report = Report::lines($text, $mistakes);
        self::assertSame([[$kind, $line]], array_map(static fn (array $one): array => [$one['kind'], $one['line']], $report));
        foreach (['en', 'fr'] as $locale) {
            $sentence = Sentences::of("mistake.$kind", $report[0]['parameters'], $locale);
            self::assertDoesNotMatchRegularExpression('/\{\w+\}|^mistake\./', $sentence);
            self::assertLessThanOrEqual(2, preg_match_all('/[.?!](?:\s|$)/', $sentence), $sentence);
        }
        if (null !== $mended) {
            self::assertSame($mended, Replacement::apply($text, $mistakes[0]->fix));
            self::assertSame([], $language->read($mended)->mistakes, $mended);
        }
    }

    public function testThereIsASentenceForEveryKindAndAKindForEverySentence(): void
    {
        $kinds = array_map(static fn (string $key): string => substr($key, 8), array_values(array_filter(array_keys(Words::in('en')->messages), static fn (string $key): bool => str_starts_with($key, 'mistake.'))));
        self::assertGreaterThanOrEqual(75, \count($kinds));
        $code = '';
        foreach (glob(__DIR__.'/../../core/Language/*/{,*/}*.php', \GLOB_BRACE) ?: [] as $file) {
            $code .= file_get_contents($file);
        }
        foreach ($kinds as $kind) {
            self::assertStringContainsString("'$kind'", $code);
            self::assertArrayHasKey("mistake.$kind", Words::in('fr')->messages);
        }
        preg_match_all("/(?:fail|failAt|mistake|indentMistake|new Mistake)\\('([a-z_]+)'/", $code, $found);
        foreach ($found[1] as $kind) {
            self::assertContains($kind, $kinds);
        }
    }
}
