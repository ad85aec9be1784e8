<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Support\Thousands;

/** Functions of every form, called in every way, give what they give on the real machine, are refused or stop in words. */
#[Group('long')]
final class WaysOfCallingTest extends TestCase
{
    /** @return iterable<string, array{Language, float}> and how many of a hundred may be refused or stop where the real machine goes on */
    public static function languages(): iterable
    {
        yield 'python' => [Language::Python, 20.0];
        yield 'javascript' => [Language::JavaScript, 16.0];
    }

    #[DataProvider('languages')]
    public function testWhatIsCalledGivesWhatItGivesThere(Language $language, float $most): void
    {
        $programs = self::programs($language);
        [$otherwise, $short] = Thousands::otherwise($language, $programs);
        self::assertSame([], $otherwise);
        self::assertLessThan(\count($programs) * $most / 100, $short);
    }

    /** @return array<string, string> by parameters, form and call; each is called as it usually is, and every fourth in another way */
    private static function programs(Language $language): array
    {
        /** @var array<string, array{parameters: array<string, array{string, string, list<string>}>, forms: array<string, array{string, string}>, calls: array<string, string>}> $all */
        $all = require __DIR__.'/../ways-of-calling.php';
        $programs = [];
        $number = 0;
        foreach ($all[$language->value]['parameters'] as $sort => [$parameters, $value, $givens]) {
            foreach ($givens as $given) {
                foreach ($all[$language->value]['forms'] as $form => [$definition, $function]) {
                    foreach ($all[$language->value]['calls'] as $way => $call) {
                        if ('direct' === $way || 0 === ++$number % 4) {
                            $programs["$sort, $form, $way, given ($given)"] = strtr($definition, ['@p' => $parameters, '@e' => $value, '@;' => '' === $parameters ? '' : ', ']).strtr($call, ['@f' => $function, '@a' => $given, '@,' => '' === $given ? '' : ', ']);
                        }
                    }
                }
            }
        }

        return $programs;
    }
}
