<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Support\RealMachines;
use Scrivlet\Tests\Support\Strangers;

/** A value of C++ does the same wherever it stands: in a variable, an item, a field, a map, a pair, behind a pointer or another name. */
#[Group('body')]
final class PlacesTest extends TestCase
{
    /** @return array<string, array{string, array<string, array{string, string}>, array<string, string>}> */
    public static function kinds(): array
    {
        /** @var array<string, array{string, array<string, array{string, string}>, array<string, string>}> $kinds */
        $kinds = require \dirname(__DIR__).'/places.php';

        return $kinds;
    }

    /**
     * @param array<string, array{string, string}> $places
     * @param array<string, string>                $deeds
     */
    #[DataProvider('kinds')]
    public function testEachPlaceDoesWhatItDoesOnTheRealMachine(string $above, array $places, array $deeds): void
    {
        $rows = [];
        foreach ($places as $place => [$made, $value]) {
            foreach ($deeds as $deed => $text) {
                $rows["$place, $deed"] = $made.' '.str_replace('X', $value, $text);
            }
        }
        $functions = $calls = '';
        foreach (array_values($rows) as $number => $row) {
            $functions .= "void t$number() { cout << defaultfloat << right << setprecision(6); $row cout << endl; fflush(stdout); }\n";
            $calls .= " t$number();";
        }
        $ran = RealMachines::texts(['all' => ["$above{$functions}int main() {\n{$calls}\n}\n", '']], Language::Cpp, 1)['all'];
        $there = explode("\n", $ran['printed']);
        self::assertGreaterThan(\count($rows), \count($there), $ran['errors']);
        $other = [];
        $same = 0;
        foreach (array_keys($rows) as $number => $name) {
            $reading = Language::Cpp->read("{$above}int main() { $rows[$name] }\n");
            if ([] === $reading->mistakes) {
                [$what, $here] = Strangers::outcome($reading->program, Language::Cpp, '', $there[$number]);
                $other += 'same' === $what ? [] : [$name => "$rows[$name]: $here instead of $there[$number]"];
                ++$same;
            } else {
                self::assertSame(['unsupported'], array_values(array_unique(array_map(static fn ($mistake): string => $mistake->kind, $reading->mistakes))), $name);
            }
        }
        self::assertSame([], $other);
        self::assertGreaterThan(0.9 * \count($rows), $same);
    }
}
