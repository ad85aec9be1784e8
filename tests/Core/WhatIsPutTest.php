<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Support\RealMachines;
use Scrivlet\Tests\Support\Strangers;

/** What is read or given goes into every place of C++ as the real machine puts it there: every way by every place. */
#[Group('long')]
final class WhatIsPutTest extends TestCase
{
    private const BEFORE = "#include <bits/stdc++.h>\nusing namespace std;\n";

    public function testWhatIsReadGoesWhereItIsPut(): void
    {
        $data = self::data();
        $programs = [];
        foreach ($data['places'] as $place => $parts) {
            foreach ($data['reads'] as $way => [$only, $does]) {
                foreach ('' === $only ? $data['types'] : [$only] as $type) {
                    $programs["$way, $place, $type"] = self::program($parts, $type, $does, 'cout << SHOWN << endl;');
                }
            }
        }
        self::same($programs, $data['answers']);
    }

    public function testWhatIsGivenBecomesWhatThePlaceHolds(): void
    {
        $data = self::data();
        $programs = [];
        foreach ($data['values'] as $type => $values) {
            foreach ($data['places'] + $data['handed'] as $place => $parts) {
                if ('bool' === $type && str_contains($parts[1], 'vector<T>')) {
                    // Its items are bits, to which nothing refers (C++17, 26.3.12).
                    continue;
                }
                foreach ($values as $value) {
                    // What is shown of a letter, or of a truth, is enough.
                    $shows = \in_array($type, ['char', 'bool'], true) ? 'cout << SHOWN << endl;' : 'cout << SHOWN << " " << SHOWN / 2 << endl;';
                    $programs["$type, $value, $place"] = "int n = 5;\nchar c = 'k';\n".str_replace('VALUE', $value, self::program($parts, $type, "AT = $value;", $shows));
                }
            }
        }
        self::same($programs, '');
    }

    /** @param array{string, string, string, string} $parts */
    private static function program(array $parts, string $type, string $does, string $shows): string
    {
        [$above, $rows, $shown, $at] = $parts;
        $shown = '' === $shown ? $at : $shown;
        $rows .= '' === $shown ? '' : ' '.str_replace('SHOWN', $shown, $shows);

        return str_replace(['PUT', 'AT'], [str_replace('AT', $at, $does), $at], preg_replace('/\bT\b/', $type, "$above\nint main() {\n$rows\n}\n") ?? '');
    }

    /** @param array<string, string> $programs without what is brought in */
    private static function same(array $programs, string $answers): void
    {
        $names = array_keys($programs);
        $there = [];
        foreach (array_chunk($programs, 150) as $chunk => $texts) {
            // Their names are arguments of a command.
            foreach (RealMachines::texts(array_combine(array_map(static fn (int $index): string => "p$index", array_keys($texts)), array_map(static fn (string $text): array => [self::BEFORE.$text, $answers], $texts)), Language::Cpp, 1) as $name => $result) {
                $there[$names[$chunk * 150 + (int) substr($name, 1)]] = $result['printed'];
            }
        }
        $wrong = [];
        $refused = 0;
        foreach ($programs as $name => $text) {
            $reading = Language::Cpp->read(self::BEFORE.$text);
            if ([] !== $reading->mistakes) {
                ++$refused;
                continue;
            }
            [$outcome, $said] = Strangers::outcome($reading->program, Language::Cpp, $answers, $there[$name]);
            if ('same' !== $outcome) {
                $wrong[] = "$name: $outcome ".trim($said).' where it is '.trim($there[$name]);
            }
        }
        self::assertSame([], $wrong);
        self::assertLessThan(\count($programs) / 20, $refused, (string) \count($programs));
    }

    /** @return array{places: array<string, array{string, string, string, string}>, types: list<string>, reads: array<string, array{string, string}>, answers: string, values: array<string, list<string>>, handed: array<string, array{string, string, string, string}>} */
    private static function data(): array
    {
        return require __DIR__.'/../what-is-put.php';
    }
}
