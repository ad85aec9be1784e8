<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Support\Thousands;

/**
 * What the languages have for values, crossed with values that it is not meant for. Each does what the real machine does, is
 * refused or stops in words: none has another result.
 */
#[Group('long')]
final class OddValuesTest extends TestCase
{
    /** @return iterable<string, array{Language, float}> and how many of a hundred may be refused or stop where the real machine goes on */
    public static function languages(): iterable
    {
        yield 'python' => [Language::Python, 3.0];
        yield 'javascript' => [Language::JavaScript, 6.0];
    }

    #[DataProvider('languages')]
    public function testWhatIsGivenOddValuesDoesAsThere(Language $language, float $most): void
    {
        $programs = self::programs($language);
        $known = self::data($language)['known'];
        [$otherwise, $short] = Thousands::otherwise($language, $programs);
        self::assertSame([], array_values(array_diff($otherwise, $known)));
        self::assertSame([], array_values(array_diff($known, $otherwise)), 'known to be otherwise, and no longer so');
        self::assertLessThan(\count($programs) * $most / 100, $short);
    }

    /** @return array<string, string> by what is done, and with which value */
    private static function programs(Language $language): array
    {
        $data = self::data($language);
        $programs = [];
        foreach ($data['values'] as $value) {
            foreach ($data['expressions'] as $expression) {
                $brought = implode('', array_map(static fn (string $library, string $sign): string => str_contains($expression, $sign) ? "$library\n" : '', $data['brings'], array_keys($data['brings'])));
                $programs["$expression of $value"] = $brought.self::within($language, self::shown($language, $expression), $value);
            }
            foreach ($data['rows'] as $rows) {
                $programs["$rows of $value"] = self::within($language, $rows, $value);
            }
        }

        return $programs;
    }

    private static function shown(Language $language, string $expression): string
    {
        if (str_starts_with($expression, 'print(')) {
            return $expression;
        }

        return (\in_array($expression, ['a[v]', 'd[v]'], true) ? "a = [4, 5, 6]\n    d = {1: 'one', '5': 'five', True: 'yes'}\n    " : '').(Language::Python === $language ? "print($expression)" : "console.log($expression);");
    }

    private static function within(Language $language, string $rows, string $value): string
    {
        return Language::Python === $language ? "def f(v):\n    $rows\n\n\nf($value)\n" : "function f(v) {\n    $rows\n}\nf($value);\n";
    }

    /** @return array{values: list<string>, brings: array<string, string>, expressions: list<string>, rows: list<string>, known: list<string>} */
    private static function data(Language $language): array
    {
        /** @var array<string, array{values: list<string>, brings: array<string, string>, expressions: list<string>, rows: list<string>, known: list<string>}> $data */
        $data = require __DIR__.'/../odd-values.php';

        return $data[$language->value];
    }
}
