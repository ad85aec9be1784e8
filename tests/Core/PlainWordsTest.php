<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Plain\PlainLines;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Words\Words;
use Scrivlet\Tests\Support\Programs;
use Scrivlet\Tests\Support\Strangers;

/** Each line read aloud: for every program there is, in every language of the interface. */
final class PlainWordsTest extends TestCase
{
    /** Texts in their quotes, names with a line below, and numbers with an exponent: what a sentence takes from its line. */
    private const TAKEN = '/“[^”]*”|«[^»]*»|\b\w*_\w*\b|\d+(?:\.\d+)?e[+-]?\d+/u';

    public function testEveryLineIsASentenceWithoutCode(): void
    {
        $lines = 0;
        foreach (Programs::all() + Programs::only() as $name => [$language, $text]) {
            $analysis = new Analysis($language->read($text)->program);
            foreach (Words::locales() as $locale) {
                $sentences = PlainLines::of($analysis, $language, $locale);
                foreach ($analysis->text($language)->lines as $index => $line) {
                    $sentence = $sentences[$index] ?? '';
                    self::assertSame('' === trim($line->text), '' === $sentence, "$name: $line->text");
                    $plain = (string) preg_replace(self::TAKEN, '', $sentence);
                    self::assertDoesNotMatchRegularExpression('/[][{}=<>*\/+&|_\\\\]|\b(?:plain|row|operation)\.\w/', $plain, "$name: $line->text");
                    ++$lines;
                }
            }
        }
        self::assertGreaterThan(5000, $lines);
    }

    /** What makes another program makes another sentence: no two meanings are said alike. */
    #[DataProvider('changes')]
    #[Group('long')]
    public function testADifferentMeaningIsSaidDifferently(\Closure $change): void
    {
        $changed = 0;
        foreach (Programs::all() as $name => [$language, $text]) {
            $program = $language->read($text)->program;
            $before = (new Analysis($program))->printed($language)->text();
            $said = null;
            for ($place = 0; $place < 12; $place += 1 + $place) {
                $other = self::changedAt($program, $place, $change);
                $after = null === $other ? $before : (new Analysis($other))->printed($language)->text();
                if (null === $other || $before === $after) {
                    continue;
                }
                $said ??= PlainLines::of(new Analysis(self::plain($program)), $language, 'en');
                self::assertNotSame($said, PlainLines::of(new Analysis(self::plain($other)), $language, 'en'), "$name:\n$after");
                ++$changed;
            }
        }
        self::assertGreaterThan(50, $changed);
    }

    /** @return iterable<string, array{\Closure(Expression): ?Expression}> */
    public static function changes(): iterable
    {
        yield 'another number' => [static fn (Expression $value): ?Expression => $value instanceof NumberLiteral ? new NumberLiteral($value->value + 1) : null];
        yield 'another text' => [static fn (Expression $value): ?Expression => $value instanceof TextLiteral ? new TextLiteral($value->value.'e') : null];
        yield 'the other order' => [static fn (Expression $value): ?Expression => $value instanceof Binary ? new Binary($value->operator, $value->right, $value->left) : null];
        yield 'another operator' => [static fn (Expression $value): ?Expression => $value instanceof Binary ? new Binary(match ($value->operator) {
            Operator::Add => Operator::Subtract,
            Operator::Subtract => Operator::Multiply,
            Operator::Multiply => Operator::Add,
            Operator::Less => Operator::LessOrEqual,
            Operator::LessOrEqual => Operator::Less,
            Operator::Greater => Operator::GreaterOrEqual,
            Operator::GreaterOrEqual => Operator::Greater,
            Operator::Equal => Operator::NotEqual,
            Operator::NotEqual => Operator::Equal,
            Operator::And => Operator::Or,
            Operator::Or => Operator::And,
            Operator::FloorDivide => Operator::TrueDivide,
            Operator::TrueDivide => Operator::FloorDivide,
            Operator::FloorRemainder => Operator::TruncRemainder,
            default => Operator::Power,
        }, $value->left, $value->right) : null];
        yield 'other brackets' => [static fn (Expression $value): ?Expression => $value instanceof Binary && $value->left instanceof Binary ? new Binary($value->left->operator, $value->left->left, new Binary($value->operator, $value->left->right, $value->right)) : null];
    }

    /** @return list<array{Language, string, string, string}> */
    public static function sentences(): array
    {
        return [
            [Language::Python, "seeds = int(input('How many?'))\n", 'Ask “How many?” for a whole number and keep it as seeds.', 'Demander « How many? » pour un nombre entier et le garder sous le nom seeds.'],
            [Language::Python, "while barrow.path_clear():\n    barrow.step()\n", 'Repeat the line below as long as the path is clear.', 'Répéter la ligne ci-dessous tant que le chemin est libre.'],
            [Language::JavaScript, "for (let i = 1; i < 100; i *= 2) {\n  console.log(i);\n}\n", 'Begin with i at 1; as long as i is less than 100, do the line below, and each time multiply i by 2.', 'Commencer avec i à 1 ; tant que i vaut moins que 100, faire la ligne ci-dessous, et chaque fois multiplier i par 2.'],
            [Language::Python, "from scrivlet import nib\nnib.lift()\n", 'Bring in scrivlet and nib.', 'Faire venir scrivlet et nib.'],
            [Language::Cpp, "int main() {\n    cout << 3 * (2 + 1) << endl;\n}\n", 'Here the program begins.', 'Ici commence le programme.'],
            [Language::JavaScript, "nib.ink(\"plum\");\n", 'Use ink plum.', 'Prendre l’encre prune.'],
        ];
    }

    #[DataProvider('sentences')]
    public function testASentenceAsATeacherSaysIt(Language $language, string $text, string $english, string $french): void
    {
        $analysis = new Analysis($language->read($text)->program);

        self::assertSame($english, PlainLines::of($analysis, $language, 'en')[0] ?? '');
        self::assertSame($french, str_replace("\u{a0}", ' ', PlainLines::of($analysis, $language, 'fr')[0] ?? ''));
    }

    /** Another author's spacing: what stands on one line is read out with it, at its own part; names and texts stay as they are. */
    public function testTheLinesOfOtherAuthors(): void
    {
        $cpp = "int main()\n{\n  double total;\n  if(total>2) std::cout<<\"many\";\n  else std::cout<<\"few\";\n}\n";
        $python = "def  water ( w,h = 2 ) :\r\n\t\"\"\"How much.\"\"\"\r\n\treturn w*h\r\nbeds = [ ]\r\nif ( beds ) : print( 1 ) ; x=1\r\n";

        self::assertSame(['Here the program begins.', 'Here begins what belongs to the line above.', 'Name a variable total, a number.', 'If total is greater than 2, do what follows. Print “many”, staying on the line.', 'Otherwise, do what follows. Print “few”, staying on the line.', 'Here the program ends.'], self::said(Language::Cpp, $cpp));
        self::assertSame(['Define water with w and h (if it is not given, 2): it does the 2 lines below.', 'A remark: “How much.”', 'Give back w times h.', 'Let beds be an empty list.', 'If the length of beds is greater than 0, do what follows. Print 1. Let x be 1.'], self::said(Language::Python, $python));
    }

    /** Lines that one language alone wants, and what stands above or at the side of a row. */
    public function testTheLinesOfOneLanguage(): void
    {
        $cpp = <<<'CPP'
            #include <iostream>
            using namespace std;
            typedef long long big;
            int half(int n);
            class Bed {
            public:
                int width = 2;
                virtual ~Bed() {}
            };
            int main() {
                int beds = 3;
                int* p = &beds;
                int& same = beds;
                Bed* made = new Bed();
                cout << fixed << setprecision(2);
                switch (beds) {
                    case 3: cout << *p; break;
                    default:
                        cout << same;
                        break;
                }
                delete made;
                return 0;
            }
            int half(int n) { return n / 2; }
            CPP;
        $python = <<<'PY'
            from dataclasses import dataclass
            @dataclass
            class Bed:
                width: int
                @property
                def area(self):
                    return self.width * 2
            for n in range(3):
                if n == 5: break
            else:
                print("none")
            try:
                print(int("x"))
            except ValueError as error:
                print(error)
            PY;
        $javascript = "const name = prompt() || \"Fern\";\nconst garden = { beds: 2, grow() { this.beds++; } };\ngarden.grow();\nouter:\nfor (const a of [1]) {\n  continue outer;\n}\n";

        self::assertSame([
            2 => 'Give a type the name big.', 3 => 'Announce half, which is written elsewhere.', 5 => 'What stands below may be used from everywhere.',
            7 => 'Nothing needs to be done when one of them goes.', 11 => 'Let p point to beds.', 12 => 'Let same be another name for beds.',
            14 => 'From here on, show numbers with 2 digits behind the point.', 17 => 'Otherwise, do the line below.', 19 => 'Here this case ends.',
            21 => 'Give back the room that made points to.', 22 => 'End the program and tell that all went well.', 23 => 'Here the program ends.',
        ], array_intersect_key(self::said(Language::Cpp, $cpp), array_flip([2, 3, 5, 7, 11, 12, 14, 17, 19, 21, 22, 23])));
        self::assertSame([
            1 => 'The class below is made from its fields, compared and shown by them.', 2 => 'Describe the class Bed in the 4 lines below.',
            4 => 'What stands below is asked for like a field.', 5 => 'Define area: it does the line below.', 7 => 'Count n from 0 to 2; for each number do the line below.',
            13 => 'If it fails with a value that does not fit, keep what it says as error and do the line below.',
        ], array_intersect_key(self::said(Language::Python, $python), array_flip([1, 2, 4, 5, 7, 13])));
        self::assertSame([
            0 => 'Let name be the answer that is typed in, or “Fern” if that counts as false.', 2 => 'Let garden do grow.', 3 => 'What stands below is called outer.',
        ], array_intersect_key(self::said(Language::JavaScript, $javascript), array_flip([0, 2, 3])));
    }

    /** No sentence has a sign of code, a name of ours, or a bringing in that the text has not. */
    #[Group('long')]
    public function testNothingOfOursIsSaidToStrangers(): void
    {
        $said = 0;
        foreach (Strangers::all() as $name => [$language, $text]) {
            $analysis = new Analysis($language->read($text)->program);
            $sentences = PlainLines::of($analysis, $language, 'en');
            foreach ($analysis->text($language)->lines as $index => $line) {
                $plain = (string) preg_replace(self::TAKEN, '', $sentences[$index] ?? '');
                self::assertDoesNotMatchRegularExpression('/[][{}<>*\/+&|\\\\@]|\b(?:plain|row|operation)\.\w/', $plain, "$name: $line->text");
                if (str_starts_with($plain, 'Bring in')) {
                    self::assertMatchesRegularExpression('/import|include|require/', $line->text, $name);
                }
                ++$said;
            }
        }
        self::assertGreaterThan(15_000, $said);
    }

    /** @return list<string> */
    private static function said(Language $language, string $text): array
    {
        return PlainLines::of(new Analysis($language->read($text)->program), $language, 'en');
    }

    private static function plain(Program $program): Program
    {
        return array_reduce(Language::cases(), static fn (Program $plain, Language $language): Program => $plain->withHandwriting($language->value, null), $program);
    }

    /** @param \Closure(Expression): ?Expression $change */
    private static function changedAt(Program $program, int $place, \Closure $change): ?Program
    {
        $seen = 0;
        $isDone = false;
        $inRow = static function (Statement $row) use ($change, $place, &$seen, &$isDone): Statement {
            foreach ($row->blanks() as $name => $blank) {
                $row = $row->withBlank($name, Walk::mapExpression($blank, static function (Expression $value) use ($change, $place, &$seen, &$isDone): Expression {
                    $other = $change($value);
                    $isMeant = null !== $other && $seen++ === $place;
                    $isDone = $isDone || $isMeant;

                    return $isMeant ? $other : $value;
                }));
            }

            return $row;
        };
        $script = Walk::map($program->script, $inRow);

        return $isDone ? $program->withScript($script) : null;
    }
}
