<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Tests\Support\Strangers;
use Scrivlet\Tests\Support\Styles;

/** A program that is written as yet another author would write it does the same. */
final class StylesTest extends TestCase
{
    #[Group('long')]
    public function testAProgramDoesTheSameInTheStylesOfOthers(): void
    {
        $turn = $checked = 0;
        foreach (Strangers::all() as $name => [$language, $text, $answers, $printed]) {
            $reading = $language->read($text);
            if ([] !== $reading->mistakes || 'same' !== Strangers::outcome($reading->program, $language, $answers, $printed)[0]) {
                continue;
            }
            $styles = array_intersect_key(Styles::of($language), array_flip(Styles::SURE));
            // Each in one of them, so that each style meets a part of the programs.
            $style = array_keys($styles)[$turn++ % \count($styles)];
            $other = $styles[$style]($text);
            if ($other === $text) {
                continue;
            }
            $reading = $language->read($other);
            self::assertSame([], array_column($reading->mistakes, 'kind'), "$name with $style:\n$other");
            self::assertSame($other, $language->print($reading->program)->text(), "$name with $style");
            self::assertSame(['same', ''], Strangers::outcome($reading->program, $language, $answers, $printed), "$name with $style:\n$other");
            ++$checked;
        }
        self::assertGreaterThan(400, $checked);
    }
}
