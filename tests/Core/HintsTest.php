<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Hints;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Tests\Support\Programs;
use Scrivlet\Tests\Support\Strangers;

/** What is said beside a program that runs: of what is hardly meant, and of nothing else. */
final class HintsTest extends TestCase
{
    /** @return iterable<string, array{Language, string, int, string|null}> a text, the line, and the hint, or none */
    public static function texts(): iterable
    {
        $cpp = static fn (string $rows): string => "#include <iostream>\nusing namespace std;\nint main() {\n$rows\n}\n";
        yield 'asked and compared' => [Language::Python, "age = input()\nif age > 12:\n    print(\"old\")\n", 2, 'text_compared'];
        yield 'asked, converted, compared' => [Language::Python, "age = input()\nage = int(age)\nif age > 12:\n    print(\"old\")\n", 3, null];
        yield 'asked and equal' => [Language::Python, "choice = input()\nif choice == 1:\n    print(\"one\")\n", 2, 'never_same'];
        yield 'strictly equal' => [Language::JavaScript, "let size = \"3\";\nif (size === 3) console.log(size);\n", 2, 'never_same'];
        yield 'a plus in front' => [Language::JavaScript, "let size = 5;\nsize =+ 1;\nconsole.log(size);\n", 2, 'plus_behind'];
        yield 'a plus added' => [Language::JavaScript, "let size = 5;\nsize += 1;\nconsole.log(size);\n", 2, null];
        yield 'halves lost' => [Language::Cpp, $cpp("int beds = 7;\ndouble half = beds / 2;\ncout << half;"), 5, 'whole_division'];
        yield 'halves kept' => [Language::Cpp, $cpp("int beds = 7;\ndouble half = beds / 2.0;\ncout << half;"), 5, null];
        yield 'a turn like the one before' => [Language::Cpp, $cpp("int beds = 5;\nwhile (beds > 0)\ncout << beds;\nbeds--;"), 5, 'same_turn'];
        yield 'one that counts' => [Language::Cpp, $cpp("int beds = 5;\nwhile (beds > 0) {\ncout << beds;\nbeds--;\n}"), 5, null];
        yield 'a function that counts' => [Language::Python, "beds = 3\n\n\ndef less():\n    global beds\n    beds -= 1\n\n\nwhile beds > 0:\n    less()\n", 9, null];
        yield 'one that is left' => [Language::Python, "beds = 3\nwhile beds > 0:\n    print(beds)\n    break\n", 2, null];
    }

    #[DataProvider('texts')]
    public function testWhatIsHardlyMeantIsSaidWhereItStands(Language $language, string $text, int $line, ?string $kind): void
    {
        $reading = $language->read($text);
        self::assertSame([], $reading->mistakes);
        $hints = Report::lines($text, Hints::of($reading->analysis, $language));
        self::assertSame(null === $kind ? [] : [[$line, $kind]], array_map(static fn (array $hint): array => [$hint['line'], $hint['kind']], $hints));
        foreach (['en', 'fr'] as $locale) {
            foreach ($hints as $hint) {
                self::assertStringContainsString((string) $line, Sentences::of("hint.$kind", $hint['parameters'], $locale));
            }
        }
    }

    #[Group('long')]
    public function testOfProgramsThatAreMeantSoNothingIsSaid(): void
    {
        $read = 0;
        $texts = [...array_map(static fn (array $program): array => [$program[0], $program[1]], Strangers::all()), ...array_map(static fn (array $program): array => [$program[0], $program[1]], Programs::all())];
        foreach ($texts as $name => [$language, $text]) {
            $reading = $language->read($text);
            if ([] === $reading->mistakes) {
                ++$read;
                self::assertSame([], Report::lines($text, Hints::of($reading->analysis, $language)), $name);
            }
        }
        self::assertGreaterThan(400, $read);
    }
}
