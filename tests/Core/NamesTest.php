<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Mistake;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\RealMachines;

/** What one language lets a pupil call a variable or a function must not get in the way in another. */
#[Group('long')]
final class NamesTest extends TestCase
{
    /** Words that the texts below need themselves, and the frame in which C++ runs them. */
    private const NEEDED = ['run', 'show_them', 'bed', 'print', 'def', 'return', 'console', 'function', 'let', 'cout', 'endl', 'int', 'void', 'main'];

    /** How many values stand in one printed row. */
    private const A_ROW = 10;

    /** @return list<string> every word that our libraries, their headers or a language use, as far as the language lets it be a name */
    private static function words(Language $language, bool $functions): array
    {
        $words = [];
        foreach (['py', 'js', 'hpp'] as $ending) {
            preg_match_all('/\b[A-Za-z]\w*\b/', (string) file_get_contents(__DIR__."/../../library/scrivlet.$ending"), $found);
            $words += array_fill_keys($found[0], true);
        }
        foreach ((new \ReflectionClass(Names::class))->getConstants() as $names) {
            foreach (\is_array($names) ? $names : [$names] as $some) {
                $words += array_fill_keys(explode(' ', (string) $some), true);
            }
        }
        $words = array_diff(array_map(strval(...), array_keys($words)), self::NEEDED, SceneName::objects());

        return array_values(array_filter(
            $words,
            static fn (string $word): bool => 1 === preg_match('/^[A-Za-z]\w*$/D', $word) && !str_contains($word, '__')
                && [] === $language->read(self::text($language, [$word], $functions))->mistakes,
        ));
    }

    /** @return iterable<string, array{Language, bool}> two languages that between them let every word be a name */
    public static function languages(): iterable
    {
        foreach ([Language::Python, Language::Cpp] as $language) {
            yield "{$language->value}, variables" => [$language, false];
            yield "{$language->value}, functions" => [$language, true];
        }
    }

    /** A program of one language in which every such word is a name, with its value, in all three. */
    #[DataProvider('languages')]
    public function testAWordOfAnotherLanguageCanBeAName(Language $language, bool $functions): void
    {
        $words = self::words($language, $functions);
        self::assertGreaterThan(300, \count($words));
        $reading = $language->read(self::text($language, $words, $functions));
        self::assertSame([], array_map(static fn (Mistake $mistake): string => $mistake->kind.' '.json_encode($mistake->parameters), $reading->mistakes));
        $expected = implode('', array_map(static fn (array $row): string => implode(' ', $row)."\n", array_chunk(array_keys($words), self::A_ROW)));
        foreach (Language::cases() as $other) {
            $result = RealMachines::run(['words' => $reading->program], $other, 1)['words'];
            self::assertSame('', $result['errors'], $other->value);
            self::assertSame($expected, $result['printed'], $other->value);
        }
        $outcome = Runner::run($reading->program, $language);
        self::assertSame(Ending::Finished, $outcome->ending, (string) $outcome->error?->kind);
        self::assertSame($expected, $outcome->trace->printout());
    }

    /**
     * Each word has its place in the list as its value. A function reads the variables, so that C++ has to keep them
     * outside of every function.
     *
     * @param list<string> $words
     */
    private static function text(Language $language, array $words, bool $functions): string
    {
        $given = $shown = '';
        foreach ($words as $number => $word) {
            $given .= match ($language) {
                Language::Python => $functions ? "def $word(bed):\n    return bed + $number\n\n\n" : "$word = $number\n",
                Language::JavaScript => $functions ? "function $word(bed) {\n    return bed + $number;\n}\n\n" : "let $word = $number;\n",
                Language::Cpp => $functions ? "int $word(int bed) {\n    return bed + $number;\n}\n\n" : "int $word = $number;\n",
            };
        }
        foreach (array_chunk($words, self::A_ROW) as $row) {
            $values = array_map(static fn (string $word): string => $functions ? "$word(0)" : $word, $row);
            $shown .= match ($language) {
                Language::Python => '    print('.implode(', ', $values).")\n",
                Language::JavaScript => '    console.log('.implode(', ', $values).");\n",
                Language::Cpp => '    cout << '.implode(' << " " << ', $values)." << endl;\n",
            };
        }

        return match ($language) {
            Language::Python => "{$given}def show_them():\n{$shown}\n\nshow_them()\n",
            Language::JavaScript => "{$given}function show_them() {\n{$shown}}\n\nshow_them();\n",
            Language::Cpp => "#include \"scrivlet.hpp\"\n\n{$given}\nvoid show_them() {\n{$shown}}\n\nint main() {\n    show_them();\n}\n",
        };
    }
}
