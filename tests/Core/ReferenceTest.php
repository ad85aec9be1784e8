<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Console\Console;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Unsayable;
use Scrivlet\Core\Reference\Example;
use Scrivlet\Core\Reference\Reference;
use Scrivlet\Core\Reference\ReferenceCard;
use Scrivlet\Core\Reference\Uses;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Words\Words;

/** Everything that can be written has a card, and what a card shows is so. */
final class ReferenceTest extends TestCase
{
    /** Rows for which some languages need no line. */
    private const WITHOUT_A_LINE = ['share', 'import', 'declare', 'pass'];

    public function testEveryEntryAndEveryOperationHasAnExample(): void
    {
        $keys = [...array_keys(Catalogue::entries()), ...array_map(static fn (string $key): string => "operation.$key", array_keys(ValueOperations::all()))];
        self::assertEqualsCanonicalizing($keys, [...Reference::keys(), ...Reference::UNWRITTEN]);
        self::assertEqualsCanonicalizing(Reference::keys(), Example::keys());
        self::assertFalse(Reference::has('nib.fly'));
        $this->expectException(\OutOfBoundsException::class);
        Example::of('nib.fly');
    }

    #[Group('long')]
    public function testEachCardTellsWhatItDoesAndShowsItInEveryLanguage(): void
    {
        $titles = [];
        foreach (Words::locales() as $locale) {
            foreach (Reference::keys() as $key) {
                $card = (new Reference($locale))->card($key);
                self::assertNotSame('', $card->title, $key);
                self::assertMatchesRegularExpression('/^\p{Lu}.*\.$/u', $card->does, "$key $locale");
                self::assertNotSame([], $card->plain, $key);
                self::assertContains($key, Uses::in($card->example->program));
                foreach ($card->texts as $language => $lines) {
                    if ([] === $lines) {
                        self::assertTrue(Unsayable::hasNoText($card->example->program, Language::from($language)), "$key in $language");
                        continue;
                    }
                    $text = implode("\n", array_column($lines, 'text'))."\n";
                    self::assertSame([], Language::from($language)->read($text)->mistakes, "$key in $language:\n$text");
                    if (!\in_array($key, self::WITHOUT_A_LINE, true)) {
                        self::assertContains(true, array_column($lines, 'lit'), "$key in $language:\n$text");
                    }
                }
                foreach ($card->mistakes as $language => $mistakes) {
                    self::assertLessThanOrEqual(3, \count($mistakes));
                    foreach ($mistakes as $mistake) {
                        self::assertNotContains($mistake['line'], array_map(trim(...), array_column($card->texts[$language], 'text')), "$key: {$mistake['line']} is right");
                        self::assertDoesNotMatchRegularExpression('/^mistake\./', $mistake['says']);
                    }
                }
                $titles[$locale][$key] = $card->title;
            }
        }
        foreach (['repeat', 'if', 'print', 'nib.forward', 'define', 'operation.append'] as $key) {
            foreach ((new Reference('en'))->card($key)->mistakes as $language => $mistakes) {
                self::assertNotSame([], $mistakes, "$key in $language");
            }
        }
        self::assertNotSame($titles['en'], $titles['fr']);
    }

    public function testEachExampleRunsToItsEndAlikeInEveryLanguage(): void
    {
        foreach (Example::keys() as $key) {
            $printed = [];
            foreach (Language::cases() as $language) {
                $outcome = Runner::run(Example::of($key)->program, $language, 1, new Limits(steps: 20_000), circumstances: new Circumstances(new Answers("Juniper\n12\n")));
                self::assertSame(Ending::Finished, $outcome->ending, "$key in $language->value: {$outcome->error?->kind}");
                $printed[] = [] !== $outcome->trace->events;
            }
            // Something is to be seen or read of each, in each language.
            self::assertSame([true, true, true], $printed, $key);
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function searches(): iterable
    {
        foreach (['loop' => 'repeat', 'how many' => 'operation.length', 'colour' => 'nib.ink', 'color' => 'nib.ink', 'def' => 'define', 'fun' => 'define', 'elif' => 'else_if', 'input' => 'operation.ask', 'len' => 'operation.length', 'moveTo' => 'nib.move_to', 'push_back' => 'operation.append', 'dice' => 'random', 'left over' => 'floor_remainder', 'console log' => 'print'] as $words => $key) {
            yield "en $words" => ['en', $words, $key];
        }
        foreach (['boucle' => 'repeat', 'combien' => 'operation.length', 'couleur' => 'nib.ink', 'Répéter' => 'repeat', 'repeter' => 'repeat', 'sinon' => 'otherwise', 'hasard' => 'random'] as $words => $key) {
            yield "fr $words" => ['fr', $words, $key];
        }
    }

    #[DataProvider('searches')]
    public function testWordsOfPeopleFindIt(string $locale, string $words, string $key): void
    {
        self::assertContains($key, \array_slice((new Reference($locale))->search($words), 0, 5));
    }

    public function testWhatNobodyKnowsIsNotFoundAndNoWordsFindAll(): void
    {
        $reference = new Reference('en');
        self::assertSame([], $reference->search('xylophone quark'));
        self::assertCount(\count(Reference::keys()), $reference->search('  '));
        self::assertSame($reference->search('loop'), $reference->search("\xff\xfe ".str_repeat('loop ', 2000)));
        self::assertSame(['operation.is_empty'], \array_slice($reference->search('empty'), 0, 1));
        self::assertContains('floor_remainder', \array_slice($reference->search('%'), 0, 3));
    }

    public function testTheConsoleTellsOfOneEntryOrListsAll(): void
    {
        $out = '';
        $console = new Console(static function (string $text) use (&$out): void { $out .= $text; }, static function (string $text) use (&$out): void { $out .= "! $text"; }, static fn (): string => '');
        self::assertSame(0, $console->run(['reference', 'nib.ink', '--locale=fr']));
        self::assertStringStartsWith('prendre l’encre … [nib.ink]', $out);
        self::assertStringContainsString("> nib.ink(\"poppy\")\n", $out);
        $out = '';
        self::assertSame(0, $console->run(['reference', 'how many']));
        self::assertStringStartsWith('length of … [operation.length]', $out);
        $out = '';
        self::assertSame(0, $console->run(['reference']));
        self::assertSame(\count(Reference::keys()), substr_count($out, "\n"));
        $out = '';
        self::assertSame(2, $console->run(['reference', "xylophone\xff"]));
        self::assertStringStartsWith('! Nothing is known', $out);
        self::assertSame(2, $console->run(['reference', 'one', 'two']));
    }

    public function testACardOfACommandHasItsBlanksWithUnitAndRange(): void
    {
        $card = (new Reference('en'))->card('nib.forward');
        self::assertInstanceOf(ReferenceCard::class, $card);
        self::assertSame([['name' => 'steps', 'about' => 'steps']], $card->blanks);
        self::assertStringContainsString('"poppy"', (new Reference('fr'))->card('nib.ink')->blanks[0]['about']);
    }
}
