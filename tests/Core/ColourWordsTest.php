<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Catalogue\ColourWords;
use Scrivlet\Core\Catalogue\Ink;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Mending;
use Scrivlet\Core\Tree\Program;

/** Ordinary words for colours are understood in a blank, and answered with the nearest ink in a text. */
final class ColourWordsTest extends TestCase
{
    /** @return iterable<string, array{string, Ink}> */
    public static function words(): iterable
    {
        foreach (['red' => Ink::Poppy, 'Rouge' => Ink::Poppy, 'ORANGE' => Ink::Marigold, 'yellow' => Ink::Butter, 'green' => Ink::Leaf, 'dark green' => Ink::Moss, 'blue' => Ink::Sky, 'navy' => Ink::Midnight, 'violet' => Ink::Plum, 'pink' => Ink::Rose, 'marron' => Ink::Soil, 'gray' => Ink::Slate, 'grey' => Ink::Slate, 'black' => Ink::Midnight, 'blanc' => Ink::Chalk, '#f00' => Ink::Poppy, '#0f0' => Ink::Leaf, 'sky_blue' => Ink::Sky] as $word => $ink) {
            yield $word => [$word, $ink];
        }
    }

    #[DataProvider('words')]
    public function testTheNearestInkIsFoundEverywhere(string $word, Ink $ink): void
    {
        self::assertSame($ink, ColourWords::nearest($word));
        $text = "from scrivlet import nib\nnib.ink(\"$word\")\n";
        $mistakes = Mending::proven($text, Language::Python, Language::Python->read($text)->mistakes);
        self::assertSame('no_such_choice', $mistakes[0]->kind);
        self::assertSame('"'.$ink->value.'"', $mistakes[0]->fix[0]->text);
        $program = (new Editor(Program::empty()))->insert(1, 'body', 0, 'nib.ink')->program;
        $filled = (new Editor($program))->fill(2, 'colour', $word)->program;
        self::assertStringContainsString("nib.ink(\"$ink->value\")", Language::Python->print($filled)->text());
    }

    public function testWhatIsNoColourHasNone(): void
    {
        foreach (['', 'hedge', '#ff', '#gggggg', "red\0", str_repeat('red', 10_000)] as $word) {
            self::assertNull(ColourWords::nearest($word));
        }
        self::assertSame([], Language::Python->read("from scrivlet import nib\nnib.ink(\"#e02020\")\nred = \"poppy\"\nnib.ink(red)\n")->mistakes);
    }
}
