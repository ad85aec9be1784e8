<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Console\Console;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Phrasebook\Phrasebook;
use Scrivlet\Core\Phrasebook\PhrasebookHtml;
use Scrivlet\Core\Print\Pdf;
use Scrivlet\Core\Reference\Uses;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Words\Words;
use Scrivlet\Tests\Support\Demos;

/** The chart of commands has what it is of, and nothing else. */
final class PhrasebookTest extends TestCase
{
    public function testASceneHasItsOwnCommandsAndNoOthers(): void
    {
        foreach (SceneName::cases() as $scene) {
            $book = Phrasebook::ofScene($scene, 'en');
            $keys = [];
            foreach ($book->chapters as $message => $phrases) {
                self::assertNotSame($message, $book->heading($message));
                foreach ($phrases as $phrase) {
                    $keys[] = $phrase->key;
                    self::assertContains(SceneName::ofCommand($phrase->key), [null, $scene], $phrase->key);
                    foreach (Language::cases() as $language) {
                        self::assertTrue('' !== $phrase->texts[$language->value] || 'share' === $phrase->key, "$phrase->key in $language->value");
                    }
                }
            }
            foreach (Catalogue::entries() as $key => $entry) {
                if (!$entry->fromText && SceneName::ofCommand($key) === $scene) {
                    self::assertContains($key, $keys);
                }
            }
            self::assertContains('repeat', $keys);
            self::assertSame(SceneName::Lantern === $scene, \in_array('on_tapped', $keys, true));
        }
    }

    public function testTheLanguageHasItsConstructsAndWhatIsUsuallyAsked(): void
    {
        foreach (Words::locales() as $locale) {
            $keys = array_merge(...array_values(array_map(static fn (array $phrases): array => array_column($phrases, 'key'), Phrasebook::ofLanguage($locale)->chapters)));
            foreach (['if', 'for_each', 'define', 'less', 'operation.length', 'print'] as $key) {
                self::assertContains($key, $keys);
            }
            self::assertNotContains('nib.forward', $keys);
            self::assertSame($keys, array_unique($keys));
        }
    }

    public function testAProgramHasWhatItUses(): void
    {
        foreach (Demos::programs() as $name => $program) {
            $keys = array_merge(...array_values(array_map(static fn (array $phrases): array => array_column($phrases, 'key'), Phrasebook::ofProgram($program, 'fr')->chapters)));
            self::assertSame([], array_diff($keys, Uses::in($program)), $name);
            self::assertNotSame([], $keys, $name);
        }
        self::assertSame([], Phrasebook::ofProgram(Program::empty(), 'en')->chapters);
    }

    public function testItIsAPageAndAPdfInOneTwoOrThreeLanguages(): void
    {
        $book = Phrasebook::ofScene(SceneName::Plot, 'fr');
        $page = PhrasebookHtml::page($book, [Language::Cpp, Language::Python], 'Jardin <b> & "haie"');
        self::assertStringContainsString('Jardin &lt;b&gt; &amp; &quot;haie&quot;', $page);
        self::assertStringContainsString('barrow.turn_left();', $page);
        self::assertStringNotContainsString('barrow.turnLeft', $page);
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML(str_replace(['<!doctype html>', '<meta charset="utf-8">', '<br>'], ['', '', '<br/>'], (string) preg_replace('/<col style="[^"]*">/', '', $page))));
        $pdf = Pdf::of($page);
        self::assertStringStartsWith('%PDF-', $pdf);
        self::assertStringContainsString('%%EOF', $pdf);
        // A4 in points.
        self::assertMatchesRegularExpression('/MediaBox \[0\.000 0\.000 595\.280 841\.890\]/', $pdf);
    }

    public function testTheConsoleWritesIt(): void
    {
        $out = '';
        $console = new Console(static function (string $text) use (&$out): void { $out .= $text; }, static function (string $text) use (&$out): void { $out .= "! $text"; }, static fn (): string => '');
        self::assertSame(0, $console->run(['phrasebook', '--scene=lawn', '--languages=javascript']));
        self::assertStringContainsString('await mower.travel(distance, speed);', $out);
        $out = '';
        self::assertSame(0, $console->run(['phrasebook', __DIR__.'/../../demo/kite.scrivlet.json', '--format=pdf', '--locale=fr']));
        self::assertStringStartsWith('%PDF-', $out);
        foreach ([['--scene=moon'], [], ['--scene=plot', '--languages=latin'], ['--scene=plot', '--format=doc'], ['none.py']] as $wrong) {
            self::assertSame(2, $console->run(['phrasebook', ...$wrong]));
        }
    }
}
