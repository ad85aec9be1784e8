<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\ExpressionGenerator;
use Scrivlet\Tests\Support\RealMachines;

/** Expressions have the value here, to the last sign, that the real machines print; where those stop, this does. */
#[Group('long')]
final class ValuesThereTest extends TestCase
{
    private const EXPRESSIONS = 5000;

    /** @return iterable<string, array{Language}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language];
        }
    }

    #[DataProvider('languages')]
    public function testGeneratedExpressionsHaveTheSameValue(Language $language): void
    {
        $generator = new ExpressionGenerator($language, 2026);
        $expressions = [];
        for ($count = 0; $count < self::EXPRESSIONS; ++$count) {
            $expressions[] = $generator->any();
        }
        $values = 0;
        foreach (RealMachines::values($expressions, $language) as $index => $there) {
            $text = match ($language) {
                Language::Python => "print($expressions[$index])\n",
                Language::JavaScript => "console.log($expressions[$index]);\n",
                Language::Cpp => "#include \"scrivlet.hpp\"\nint main() {\n    cout << ($expressions[$index]) << endl;\n}\n",
            };
            $reading = $language->read($text);
            $outcome = $reading->program->hasUnread() ? null : Runner::run($reading->program, $language);
            if (null === $there) {
                self::assertTrue([] !== $reading->mistakes || Ending::Failed === $outcome?->ending, "the real machine stops at\n$text");
                continue;
            }
            self::assertNotNull($outcome, $text);
            self::assertSame(Ending::Finished, $outcome->ending, "{$outcome->error?->kind} in\n$text");
            self::assertSame($there, substr($outcome->trace->printout(), 0, -1), $text);
            ++$values;
        }
        self::assertGreaterThan(self::EXPRESSIONS * 0.8, $values);
    }

    /** Node.js lays long lists and maps out in lines and columns. */
    public function testListsAreLaidOutAsNodeDoes(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $lists = [];
        for ($count = 0; $count < 400; ++$count) {
            $kind = $random->getInt(0, 4);
            $items = [];
            for ($length = $random->getInt(0, 120 === $count ? 130 : 40); $length > 0; --$length) {
                $items[] = match ($kind) {
                    0 => (string) $random->getInt(0, 9),
                    1 => (string) $random->getInt(-5, 20000),
                    2 => '"'.str_repeat('ab', $random->getInt(0, 6)).'"',
                    3 => (string) ($random->getInt(0, 99) / 4),
                    default => '['.implode(', ', array_map(static fn (): string => (string) $random->getInt(0, 30), range(0, $random->getInt(0, 9)))).']',
                };
            }
            $lists[] = 0 < $random->getInt(0, 5) ? '['.implode(', ', $items).']' : '({ '.implode(', ', array_map(static fn (string $item, int $key): string => "k$key: $item", $items, array_keys($items))).' })';
        }
        foreach (RealMachines::values($lists, Language::JavaScript) as $index => $there) {
            $outcome = Runner::run(Language::JavaScript->read('const beds = '.trim($lists[$index], '()').";\nconsole.log(beds);\n")->program, Language::JavaScript);
            self::assertSame($there, substr($outcome->trace->printout(), 0, -1), $lists[$index]);
        }
    }

    public function testPythonsWholeNumbersHaveAnySize(): void
    {
        $text = "n = 1\nfor i in range(1, 60):\n    n *= i\nprint(n)\nprint(n // 7 ** 30, n % 10 ** 20, -n // 3)\nprint(n > 2 ** 200, n == n + 1, 2 ** 64 - 1)\nprint(len(str(2 ** 1000)), int(\"123456789012345678901234567890\") + 1)\nprint(n / (n - 1), float(2 ** 70), abs(-2 ** 80), max(3, 2 ** 66))\nprint(sum([2 ** 62, 2 ** 62, 2 ** 62]), sorted([2 ** 65, 5, -2 ** 65]))\nif n:\n    print(f\"{2 ** 70:,} {2 ** 70}\")\n";
        $reading = Language::Python->read($text);
        self::assertSame([], $reading->mistakes);
        $there = RealMachines::texts(['n' => [$text, '']], Language::Python, 1)['n'];
        $outcome = Runner::run($reading->program, Language::Python);
        self::assertSame($there['printed'], $outcome->trace->printout(), (string) $outcome->error?->kind);
    }
}
