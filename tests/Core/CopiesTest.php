<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Support\RealMachines;
use Scrivlet\Tests\Support\Strangers;

/**
 * Whatever a value of C++ is put into, it is a copy: changed there, it stays as it was where it came from. Every source by
 * every use; none of them may share anything, and hardly one may be refused.
 */
#[Group('long')]
final class CopiesTest extends TestCase
{
    private const BEFORE = "#include <bits/stdc++.h>\nusing namespace std;\nstruct S { int n; };\nstruct H { S s; };\n";
    private const MAIN = 'int main() { ';

    /** @return iterable<string, array{string}> */
    public static function types(): iterable
    {
        foreach (array_keys(self::data()['types']) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('types')]
    public function testWhatIsCopiedStaysAsItWas(string $type): void
    {
        $programs = self::programs($type);
        $shared = [];
        $refused = 0;
        foreach ($programs as $name => $text) {
            $reading = Language::Cpp->read($text);
            if ([] !== $reading->mistakes) {
                ++$refused;
                continue;
            }
            [$outcome, $said] = Strangers::outcome($reading->program, Language::Cpp, '', '1');
            if ('same' !== $outcome) {
                $shared[] = "$name: $outcome $said";
            }
        }
        self::assertSame([], $shared);
        // Mostly what one owns of a kind that is no class.
        self::assertLessThan(\count($programs) / 20, $refused, "of $type");
    }

    /** The law itself, on the real machine: one of each source and each use. */
    public function testSoDoesTheRealMachine(): void
    {
        $texts = [];
        foreach (array_keys(self::data()['types']) as $type) {
            $programs = self::programs($type);
            $texts[$type] = [self::BEFORE."int main() {\n".implode("\n", array_map(static fn (string $text): string => '{ '.substr($text, \strlen(self::BEFORE.self::MAIN), -3).' }', $programs))."\n}\n", ''];
        }
        foreach (RealMachines::texts($texts, Language::Cpp, 1) as $type => $there) {
            self::assertSame([0, str_repeat('1', \count(self::programs($type)))], [$there['exit'], $there['printed']], "$type: ".substr($there['errors'], 0, 400));
        }
    }

    /** @return array{types: array<string, array{string, string, string}>, sources: array<string, array{string, string}>, uses: list<string>} */
    private static function data(): array
    {
        /** @var array{types: array<string, array{string, string, string}>, sources: array<string, array{string, string}>, uses: list<string>} $data */
        $data = require __DIR__.'/../copies.php';

        return $data;
    }

    /** @return array<string, string> by source and use; all of the first two types, and every third of each other */
    private static function programs(string $type): array
    {
        $data = self::data();
        $isAll = \in_array($type, \array_slice(array_keys($data['types']), 0, 2), true);
        [$name, $made, $number] = $data['types'][$type];
        $programs = [];
        foreach ($data['sources'] as $source => [$setup, $value]) {
            $look = ('*' === $value[0] ? "($value)" : $value).$number;
            foreach ($data['uses'] as $use) {
                $text = strtr("$setup $use", ['@' => $value, '~' => $number, '1st' => $name.\sprintf($made, 1), '2nd' => $name.\sprintf($made, 2), '3rd' => $name.\sprintf($made, 3)]);
                if (!$isAll && 0 !== crc32("$type $source $use") % 3) {
                    continue;
                }
                $programs["$source, $use"] = self::BEFORE.self::MAIN.preg_replace('/\bT\b/', $name, $text)." cout << $look; }\n";
            }
        }

        return $programs;
    }
}
