<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Support\RealMachines;

/** Texts full of what the languages can do beyond a course: each may be unread here, and none is called wrong. */
final class AcceptedTest extends TestCase
{
    /** @return iterable<string, array{Language, list<string>}> */
    public static function texts(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language, explode("\n---\n", (string) file_get_contents(__DIR__."/../accepted/$language->value.txt"))];
        }
    }

    /** @param list<string> $texts */
    #[DataProvider('texts')]
    public function testWhatIsNotReadYetIsNoMistake(Language $language, array $texts): void
    {
        self::assertGreaterThan(15, \count($texts));
        foreach ($texts as $text) {
            $reading = $language->read("$text\n");
            self::assertSame([], array_values(array_diff(array_column($reading->mistakes, 'kind'), ['unsupported'])), $text);
            self::assertSame("$text\n", $language->print($reading->program)->text());
        }
    }

    /** @param list<string> $texts */
    #[DataProvider('texts')]
    #[Group('long')]
    public function testTheRealMachinesTakeThem(Language $language, array $texts): void
    {
        foreach ($texts as $text) {
            self::assertSame('', RealMachines::refuses("$text\n", $language), $text);
        }
    }
}
