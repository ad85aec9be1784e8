<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\AtRunTime;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\Strangers;

/**
 * What the real machine begins is begun here: a mistake that only shows as its row is reached is told before, and the program
 * prints what it prints there, and stops where it stops there. What the real machine refuses is refused.
 */
#[Group('long')]
final class AtRunTimeTest extends TestCase
{
    private const ANSWERS = "3\n4\n5\n6\n";

    /**
     * @param int $begin   how many programs with such a mistake begin here
     * @param int $refused those that begin there, and are refused here in words
     */
    #[DataProvider('languages')]
    public function testWhatBeginsThereBeginsHereAndStopsAlike(Language $language, int $begin, int $refused): void
    {
        $texts = self::texts($language);
        $begun = 0;
        $lacking = $other = [];
        foreach ($texts as $name => $text) {
            $reading = $language->read($text);
            $begins = AtRunTime::begins($reading->program, $reading->mistakes, $language, $text);
            $there = Strangers::ranThere($language, $text, self::ANSWERS);
            $isRefusedThere = 1 === preg_match('/^(?:SyntaxError|IndentationError|TabError):/m', $there['errors']);
            if ($isRefusedThere) {
                self::assertFalse($begins, "$name begins here:\n$text");
                continue;
            }
            if (!$begins) {
                $lacking[$name] = implode(' ', array_column($reading->mistakes, 'kind'));
                continue;
            }
            ++$begun;
            $outcome = Runner::run($reading->program, $language, 1, new Limits(steps: Limits::UNTRACED), false, new Circumstances(new Answers(self::ANSWERS)));
            if ($there['printed'] !== $outcome->trace->printout() || (0 === $there['exit']) !== (Ending::Finished === $outcome->ending)) {
                $other[$name] = $outcome->trace->printout();
            }
        }
        self::assertSame([], $other);
        self::assertGreaterThanOrEqual($begin, $begun);
        self::assertLessThanOrEqual($refused, \count($lacking), print_r($lacking, true));
    }

    public function testAMachineThatKnowsTypesBeginsWithNone(): void
    {
        $text = "print(1)\nwater(3)\nprint(2)\n";
        $reading = Language::Python->read($text);
        self::assertSame('unknown_function', $reading->mistakes[0]->kind);
        self::assertTrue(AtRunTime::begins($reading->program, $reading->mistakes, Language::Python, $text));
        $cpp = "#include <iostream>\nint main() {\n    std::cout << 1;\n    std::cout << water;\n}\n";
        $reading = Language::Cpp->read($cpp);
        self::assertFalse(AtRunTime::begins($reading->program, $reading->mistakes, Language::Cpp, $cpp));
    }

    /** @return iterable<string, array{Language, int, int}> */
    public static function languages(): iterable
    {
        yield 'python' => [Language::Python, 86, 15];
        yield 'javascript' => [Language::JavaScript, 45, 12];
    }

    /** @return array<string, string> texts with a mistake, by name */
    private static function texts(Language $language): array
    {
        $texts = [];
        foreach (glob(__DIR__."/../stopping/*.{$language->extension()}") ?: [] as $file) {
            $texts[basename($file)] = (string) file_get_contents($file);
        }
        /** @var array<string, list<array{string, string, int, string|null}>> $usual */
        $usual = require __DIR__.'/../mistakes.php';
        foreach ($usual[$language->value] as $index => [$text]) {
            $texts["usual $index"] = $text;
        }
        /** @var list<array{language: string, text: string}> $slips */
        $slips = json_decode((string) file_get_contents(__DIR__.'/../slips.json'), true, 512, \JSON_THROW_ON_ERROR);
        foreach ($slips as $index => $slip) {
            $texts += $slip['language'] === $language->value ? ["slip $index" => $slip['text']] : [];
        }

        // A loop that never ends has no end to compare, there or here.
        return array_filter($texts, static fn (string $text): bool => !str_contains($text, 'scrivlet') && !str_contains($text, 'i < 3; j++'));
    }
}
