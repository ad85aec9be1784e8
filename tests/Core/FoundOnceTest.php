<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Support\RealMachines;
use Scrivlet\Tests\Support\Strangers;

/** What a value needs is found as often as the real machine finds it, and in its order. */
#[Group('long')]
final class FoundOnceTest extends TestCase
{
    private const SHOWN = ['javascript' => 'log.join(","), n, a, p', 'python' => 'log, n, a, p.x, p.y, d'];

    /** @return iterable<string, array{Language, string, list<string>, list<string>}> */
    public static function found(): iterable
    {
        /** @var array<string, array{string, list<string>, list<string>}> $found */
        $found = require \dirname(__DIR__).'/found.php';
        foreach ($found as $language => [$above, $values, $rows]) {
            yield $language => [Language::from($language), $above, $values, $rows];
        }
    }

    /**
     * @param list<string> $values
     * @param list<string> $rows
     */
    #[DataProvider('found')]
    public function testEachIsFoundAsThere(Language $language, string $above, array $values, array $rows): void
    {
        $shown = self::SHOWN[$language->value] ?? throw new \LogicException("Nothing is shown of $language->value.");
        $isPython = Language::Python === $language;
        $texts = [];
        foreach ($values as $value) {
            $texts[$value] = $above.($isPython ? "\nr = $value\nprint(r, $shown)\n" : "\nconst r = ($value);\nconsole.log(r, $shown);\n");
        }
        foreach ($rows as $row) {
            $texts[$row] = "$above\n$row\nprint($shown)\n";
        }
        $all = json_encode(array_values($texts), \JSON_THROW_ON_ERROR);
        $each = $isPython
            ? "import json\nfor one in json.loads(r'''$all'''):\n    exec(compile(one, 'one', 'exec'), {})\n    print('@@')\n"
            : "for (const one of $all) { new Function(one)(); console.log('@@'); }\n";
        $ran = RealMachines::texts(['all' => [$each, '']], $language, 1)['all'];
        $there = explode("@@\n", $ran['printed']);
        self::assertCount(\count($texts) + 1, $there, $ran['errors']);
        $other = [];
        $same = 0;
        foreach (array_keys($texts) as $number => $name) {
            $reading = $language->read($texts[$name]);
            if ([] === $reading->mistakes) {
                [$what, $here] = Strangers::outcome($reading->program, $language, '', $there[$number]);
                $other += 'same' === $what ? [] : [$name => "$here instead of $there[$number]"];
                ++$same;
            } else {
                self::assertSame(['unsupported'], array_values(array_unique(array_map(static fn ($mistake): string => $mistake->kind, $reading->mistakes))), $name);
            }
        }
        self::assertSame([], $other);
        self::assertGreaterThan(0.9 * \count($texts), $same);
    }
}
