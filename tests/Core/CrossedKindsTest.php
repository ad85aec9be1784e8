<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Support\CrossedKinds;
use Scrivlet\Tests\Support\RealMachines;
use Scrivlet\Tests\Support\Strangers;

/** A value of each kind is kept, handed over, copied and changed everywhere as the real machine does it. */
#[Group('long')]
final class CrossedKindsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function kinds(): iterable
    {
        foreach (CrossedKinds::inCpp() as $type => $text) {
            yield $type => [$type, $text];
        }
    }

    #[DataProvider('kinds')]
    public function testEachKindIsKeptEverywhere(string $type, string $text): void
    {
        $reading = Language::Cpp->read($text);
        self::assertSame([], array_map(static fn ($mistake): string => $mistake->kind.' '.json_encode($mistake->parameters).' '.substr($text, max(0, $mistake->offset - 60), 120), $reading->mistakes));
        self::assertSame($text, Language::Cpp->print($reading->program)->text());
        $there = RealMachines::texts([$type => [$text, '']], Language::Cpp, 1)[$type];
        self::assertSame(0, $there['exit'], $there['errors']);
        self::assertSame(['same', ''], Strangers::outcome($reading->program, Language::Cpp, '', $there['printed']), "there:\n{$there['printed']}");
    }
}
