<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Completion\ArgumentCard;
use Scrivlet\Core\Completion\Completion;
use Scrivlet\Core\Completion\KnownWords;
use Scrivlet\Core\Completion\Snippets;
use Scrivlet\Core\Completion\Suggestion;
use Scrivlet\Core\Completion\SuggestionKind;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Reference\Uses;
use Scrivlet\Tests\Support\Programs;

/** What is offered at the caret. A text ends where the caret stands. */
final class CompletionTest extends TestCase
{
    /** @return array<string, array{Language, string, list<string>, list<string>}> text, what is offered first, what is not offered */
    public static function places(): array
    {
        return [
            'inks inside of quotes' => [Language::Python, 'nib.ink("', ['plum'], ['nib']],
            'an ink that was begun' => [Language::JavaScript, 'nib.openShape("bu', ['butter'], ['plum']],
            'commands behind their thing' => [Language::Cpp, "#include \"scrivlet.hpp\"\nint main() {\n    barrow.pa", ['path_clear'], ['pick']],
            'what a text can do' => [Language::Python, "name = 'Rowan'\nname.up", ['upper'], ['append']],
            'what a list can do' => [Language::JavaScript, "const beds = [1, 2];\nbeds.pu", ['push'], ['toUpperCase']],
            'the newest name first' => [Language::Python, "seeds = 1\nsides = 2\nprint(s", ['sides', 'seeds'], []],
            'no name before it exists' => [Language::Python, "print(gar\ngarden = 1\n", [], ['garden']],
            'no name of another function' => [Language::Python, "def plant(depth):\n    deepest = depth\n\nprint(de", [], ['deepest', 'depth']],
            'own functions' => [Language::JavaScript, "function water(bed) {\n}\nwa", ['water'], []],
            'the other branch only behind a branch' => [Language::Python, "if 1:\n    print(1)\nel", ['else', 'elif'], []],
            'a library behind its name' => [Language::Python, "import random\nrandom.ch", ['choice'], ['sqrt']],
            'a list to go through' => [Language::Python, 'for bed in ra', ['range'], []],
            'also in broken texts' => [Language::Python, "print((1\nif if\nseeds = 3\nprint(see", ['seeds'], []],
            'values inside of a text' => [Language::Python, "seeds = 3\nprint(f\"{see", ['seeds'], ['3']],
            'a text with doubled braces' => [Language::Python, "seeds = 3\nprint(f\"{{see", [], ['seeds']],
            'values inside of a template' => [Language::JavaScript, "const seeds = 3\nconsole.log(`all \${se", ['seeds'], []],
            'names of an import' => [Language::JavaScript, 'import { nib, ba', ['barrow'], ['break']],
            'lines of another system' => [Language::Python, "seeds = 3\r\nif seeds:\r\n\tprint(s", ['seeds'], []],
            'the end of a long text' => [Language::Python, str_repeat("# a remark that is long\n", 20_000)."seeds = 3\nprint(see", ['seeds'], []],
            'behind what never closes' => [Language::Python, str_repeat('def x(', 10_000)."\nseeds = 3\nprint(see", ['seeds'], []],
            'what an object is made from' => [Language::Python, "class Bed:\n    def __init__(self, crop, rows):\n        self.", ['crop', 'rows'], ['append']],
            'what an object keeps' => [Language::JavaScript, "class Bed {\n  constructor(crop) { this.crop = crop; }\n  water() {}\n}\nconst b = new Bed('pea');\nb.", ['crop', 'water'], ['constructor']],
            'own kinds behind new' => [Language::JavaScript, "class Bed {\n}\nconst one = new ", ['Bed'], []],
            'own kinds begin a row' => [Language::Cpp, "struct Seed { int rows; };\nint main() {\n    Se", ['Seed'], []],
            'values of a kind' => [Language::Cpp, "enum class Season { Spring, Autumn };\nint main() {\n    Season now = Season::Sp", ['Spring'], []],
            'methods that Python knows' => [Language::Python, "class Bed:\n    def __in", ['__init__'], []],
            'no method without its object' => [Language::Python, "class Bed:\n    def water(self):\n        pass\n\nwat", [], ['water']],
            'names of arguments' => [Language::Python, "def plant(many, depth=2):\n    pass\n\nplant(3, de", ['depth'], []],
            'types between angles' => [Language::Cpp, "#include <map>\nusing namespace std;\nint main() {\n    map<string, ", ['int'], ['cout']],
            'types of parameters' => [Language::Python, 'def area(side: fl', ['float'], []],
            'what forms a stream' => [Language::Cpp, "#include <iomanip>\nint main() {\n    cout << setp", ['setprecision'], []],
            'libraries' => [Language::Python, 'import js', ['json'], []],
            'names of a library' => [Language::Python, 'from dataclasses import ', ['dataclass', 'field'], []],
            'not the turn of a loop in its own head' => [Language::Python, "beds = [1]\nfor bed in be", ['beds'], []],
            'a choice that has a name' => [Language::Python, "from scrivlet import nib\ncolour = 'plum'\nnib.ink(", ['"midnight"', '"sky"', '"moss"', 'colour'], []],
            'a text with gaps' => [Language::Python, 'print("{} and {}".', ['format'], ['append']],
            'what ends what was begun' => [Language::JavaScript, "nib.openShape(\"moss\");\nnib.forward(50);\nnib.", ['forward', 'closeShape'], []],
            'angles for a turn' => [Language::Cpp, "#include \"scrivlet.hpp\"\nint main() {\n    nib.right(", ['90', '120', '60'], ['main']],
            'the next of a row' => [Language::Python, 'beds = [[1, 2], [3, 4], [5, ', ['2', '6'], []],
            'yes or no where something is decided' => [Language::Python, "text = \"pea\"\nfor sign in text:\n    if sign.", ['isdigit'], []],
            'what changes a list in a row of its own' => [Language::Python, "beds = [2, 1]\nbeds.", ['append'], ['upper']],
            'what gives a value in a value' => [Language::Python, "beds = [2, 1]\nprint(beds.", ['pop', 'index', 'count'], []],
            'a function that is called and not there yet' => [Language::JavaScript, "waterAll(3);\nfunction w", ['waterAll'], []],
            'a function that is only announced' => [Language::Cpp, "int beds(int rows);\nint main() {\n    return beds(2);\n}\nint b", ['beds'], []],
            'the turn of a loop in its row' => [Language::JavaScript, 'for (const bed of ["pea", "kale"]) console.log(', ['bed'], []],
            'an argument of an own kind' => [Language::Cpp, "enum Season { SPRING };\nint early(Season s) {\n    if (", ['s'], ['early_']],
            'failures to catch' => [Language::Python, "try:\n    print(1)\nexcept Va", ['ValueError'], ['value']],
            'a name with its type' => [Language::Python, "BEDS: int = 4\nprint(B", ['BEDS'], []],
            'nothing in a remark' => [Language::Python, '# nib.fo', [], ['forward', 'for']],
            'nothing in a number' => [Language::JavaScript, 'let a = 12', [], ['1', '2']],
        ];
    }

    /**
     * @param list<string> $first
     * @param list<string> $never
     */
    #[DataProvider('places')]
    public function testWhatFitsThePlace(Language $language, string $before, array $first, array $never): void
    {
        // What stands behind the caret is cut away by whoever asks.
        $before = (string) preg_replace('/(print\(gar)\n.*$/s', '$1', $before);
        $labels = array_map(static fn (Suggestion $one): string => $one->label, Completion::after($before, $language, 'en'));

        self::assertSame($first, \array_slice($labels, 0, \count($first)), implode(' ', $labels));
        self::assertSame([], array_intersect($never, $labels), implode(' ', $labels));
    }

    public function testAConstructBringsAllThatBelongsToIt(): void
    {
        $found = Completion::after("if ready:\n    fo", Language::Python, 'fr')[0] ?? null;

        self::assertSame('for ${i} in range(${4}):'."\n    ".'${}', $found?->insert);
        self::assertSame("for i in range(4):\n        ", $found->text('    '));
        self::assertSame('répéter … fois', $found->detail);
    }

    public function testWhatIsCountedIsSaidInTheLanguageOfTheInterface(): void
    {
        $said = array_map(static fn (Suggestion $one): string => "$one->label: $one->detail", Completion::after('nib.forward(', Language::Python, 'fr'));

        self::assertContains('50: pas', $said);
    }

    /** Every prefix of every program, cut anywhere, is answered, and nothing is offered twice or without what was begun. */
    #[Group('long')]
    public function testEveryPlaceIsAnswered(): void
    {
        $answered = 0;
        foreach (Programs::all() as $name => [$language, $text]) {
            for ($end = 0; $end <= \strlen($text); $end += 1 + \strlen($text) % 17) {
                $before = mb_strcut($text, 0, $end);
                $labels = array_map(static fn (Suggestion $one): string => $one->label, Completion::after($before, $language, 'en'));
                self::assertSame(array_values(array_unique($labels)), $labels, "$name $end");
                self::assertLessThanOrEqual(20, \count($labels));
                $answered += \count($labels);
            }
        }
        self::assertGreaterThan(10000, $answered);
    }

    /** @return list<array{Language, string, array<string, mixed>|null}> */
    public static function cards(): array
    {
        return [
            [Language::Python, 'nib.width(', ['name' => 'nib.width', 'does' => 'How thick the lines are from now on.', 'parameters' => [['name' => 'size', 'about' => 'steps; from 0 to 200']], 'at' => 0]],
            [Language::JavaScript, "import { nib } from './scrivlet.js';\nnib.moveTo(3 * (2 + 1), ", ['name' => 'nib.moveTo', 'does' => 'The nib goes straight to a place; the middle of the sheet is 0, 0. Lowered, it draws a line.', 'parameters' => [['name' => 'x', 'about' => 'steps'], ['name' => 'y', 'about' => 'steps']], 'at' => 1]],
            [Language::Python, "# Plants a row.\ndef plant(many, depth=2):\n    pass\n\nplant(1, ", ['name' => 'plant', 'does' => 'Plants a row.', 'parameters' => [['name' => 'many', 'about' => ''], ['name' => 'depth', 'about' => '']], 'at' => 1]],
            [Language::Python, 'print(len(', ['name' => 'len', 'does' => 'length of …', 'parameters' => [['name' => '…', 'about' => '']], 'at' => 0]],
            [Language::Python, 'nib.width(300', ['name' => 'nib.width', 'does' => 'How thick the lines are from now on.', 'parameters' => [['name' => 'size', 'about' => 'steps; from 0 to 200']], 'at' => 0, 'wrong' => '300 does not fit: from 0 to 200.']],
            [Language::Cpp, 'mower.travel(40, -101.5', ['name' => 'mower.travel', 'does' => 'The mower goes this far and stops. Behind 0 it goes backwards.', 'parameters' => [['name' => 'distance', 'about' => 'centimetres; from -1000 to 1000'], ['name' => 'speed', 'about' => 'per cent; from -100 to 100']], 'at' => 1, 'wrong' => '-101.5 does not fit: from -100 to 100.']],
            [Language::Python, 'def plant(', null],
            [Language::Cpp, 'int x = 3;', null],
        ];
    }

    /** @param array<string, mixed>|null $card */
    #[DataProvider('cards')]
    public function testTheCardSaysWhatTheBracketsWant(Language $language, string $before, ?array $card): void
    {
        $found = ArgumentCard::after($before, $language, 'en');

        self::assertSame(null === $card ? null : $card + ['wrong' => ''], null === $found ? null : get_object_vars($found));
    }

    public function testEveryCommandHasATextWithGapsThatIsReadAsIt(): void
    {
        foreach (Language::cases() as $language) {
            foreach (Snippets::of($language) as $key => $snippet) {
                if (!str_contains($key, '.')) {
                    continue;
                }
                $text = (string) preg_replace('/\$\{([^{}]*)\}/', '$1', $snippet);
                $text = Language::Cpp === $language ? "#include \"scrivlet.hpp\"\nint main() {\n    $text".(str_ends_with($text, ';') ? '' : ';')."\n}\n" : "$text\n";
                self::assertContains($key, Uses::in($language->read($text)->program), "$key: $text");
            }
        }
    }

    public function testNamesThatAreOfferedAreKnown(): void
    {
        foreach (Language::cases() as $language) {
            $known = array_flip(KnownWords::of($language));
            foreach (Completion::after('', $language, 'en', 200) as $one) {
                self::assertTrue(isset($known[$one->label]) || SuggestionKind::Keyword === $one->kind || SuggestionKind::Construct === $one->kind, "$one->label of $language->value");
            }
        }
    }

    /** The measure of `bin/bench completion`, on names and words alone: it may not get much worse unnoticed. */
    public function testThePieceThatStoodThereIsOffered(): void
    {
        $places = $found = 0;
        foreach (Programs::all() as [$language, $text]) {
            $seen = [];
            foreach ($language->tokens($text) as $index => $token) {
                $isKnown = TokenKind::Keyword === $token->kind || isset($seen[$token->text]);
                $seen[$token->text] = true;
                if ((TokenKind::Name !== $token->kind && TokenKind::Keyword !== $token->kind) || !$isKnown || 0 !== $index % 5 || \strlen($token->text) < 2) {
                    continue;
                }
                ++$places;
                foreach (Completion::after(substr($text, 0, $token->offset + 1), $language, 'en', 10) as $one) {
                    $found += (int) ($one->label === $token->text);
                }
            }
        }
        self::assertGreaterThan(500, $places);
        self::assertGreaterThan(0.96, $found / $places);
    }
}
