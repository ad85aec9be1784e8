<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Compare\Seals;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Edit\Rules;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Handwriting\InPlace;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\BlankView;
use Scrivlet\Core\Page\BlockRow;
use Scrivlet\Core\Page\BlocksPage;
use Scrivlet\Core\Page\TurnedRows;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Hand;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\ProgramGenerator;

/** Rows written by hand in the place of printed ones, sealed, turned over, and given back to print. */
#[Group('long')]
final class HandsTest extends TestCase
{
    /** @return iterable<string, array{Language}> */
    public static function languages(): iterable
    {
        foreach (Language::cases() as $language) {
            yield $language->value => [$language];
        }
    }

    /** Copying the printed line is the first thing a pupil does: it changes nothing but the hand of the row. */
    #[DataProvider('languages')]
    public function testWhatIsPrintedWrittenByHandIsSealedAndGoesBack(Language $language): void
    {
        $sealed = 0;
        foreach (self::programs() as $name => $program) {
            if (1 === preg_match('/\bcounted\(|(?:const|const int|const double) (?:times|first|last|stride)\d* = |\b(?:int|double|let) step\d* = |\? \w+ <= /', $language->print($program)->text().self::saidBy($program))) {
                // Rows that a language has to make up become rows once its text is written on.
                continue;
            }
            foreach (self::written($program, 5) as $row) {
                try {
                    ['ghost' => $ghost, 'text' => $text] = InPlace::line($program, $language, $row->id, 'head');
                } catch (Refusal $refusal) {
                    self::assertSame('edit.not_written', $refusal->key);
                    continue;
                }
                self::assertSame('', $text, 'a printed row is written from the start');
                [$written, $rows] = InPlace::write($program, $language, $row->id, 'head', $ghost);
                Rules::check($written);
                self::assertSame([$row->id], $rows, "$name $ghost");
                self::assertSame(Hand::Handwritten, $written->hands[$row->id]);
                self::assertSame(self::saidBy($program), self::saidBy($written), "$name: $ghost");
                self::assertEquals($written, ProjectReader::kept(ProjectWriter::kept($written)));
                [$judged, $partings] = Seals::judged($written);
                self::assertSame([], $partings, "$name: $ghost");
                self::assertSame(Hand::Sealed, $judged->hands[$row->id]);
                $back = InPlace::turn($judged, [$row->id], false);
                self::assertSame([], $back->models);
                self::assertArrayNotHasKey($row->id, $back->hands);
                self::assertSame($language->print($written)->text(), $language->print($back)->text(), "$name: $ghost");
                ++$sealed;
            }
        }
        self::assertGreaterThan(50, $sealed);
    }

    public function testALineThatDoesSomethingElseIsNotSealed(): void
    {
        $parted = 0;
        foreach (Demos::programs() as $name => $program) {
            foreach (self::written($program, 40) as $row) {
                $line = self::ghost($program, $row);
                $changed = null === $line ? null : preg_replace_callback('/\((\d+)\)$/', static fn (array $match): string => '('.((int) $match[1] + 7).')', $line, 1, $count);
                if (null === $changed || 0 === $count || !str_starts_with($changed, 'nib.')) {
                    continue;
                }
                [$written] = InPlace::write($program, Language::Python, $row->id, 'head', $changed);
                [$judged, $partings] = Seals::judged($written);
                self::assertCount(1, $partings, "$name: $changed");
                self::assertSame($row->id, $partings[0]->row);
                self::assertNotSame($partings[0]->difference->one, $partings[0]->difference->other);
                self::assertSame(Hand::Handwritten, $judged->hands[$row->id]);
                // Written right, it is compared with what was printed, not with what was wrong.
                [$mended] = InPlace::write($judged, Language::Python, $row->id, 'head', (string) $line);
                self::assertSame(Hand::Sealed, Seals::judged($mended)[0]->hands[$row->id]);
                ++$parted;
                break;
            }
        }
        self::assertGreaterThan(4, $parted);
    }

    public function testSeveralLinesInOnePlaceAreOneRowToTheSeal(): void
    {
        [$program, , $forward] = self::square();
        [$written, $rows] = InPlace::write($program, Language::JavaScript, $forward, 'head', "nib.forward(20);\nnib.forward(30);");
        self::assertCount(2, $rows);
        self::assertSame($forward, $rows[0]);
        self::assertSame($forward, $written->models[$rows[1]]->of);
        self::assertSame([$forward], $written->unsealed());
        [$judged] = Seals::judged($written);
        self::assertSame([Hand::Sealed, Hand::Sealed], [$judged->hands[$rows[0]], $judged->hands[$rows[1]]]);
        self::assertStringContainsString("    nib.forward(20);\n    nib.forward(30);\n", Language::JavaScript->print($judged)->text());
        self::assertStringContainsString("        nib.forward(20);\n        nib.forward(30);\n", Language::Cpp->print($judged)->text());
    }

    public function testABrokenLineStaysInItsPlaceAndGivesTheRowBack(): void
    {
        foreach (Language::cases() as $language) {
            [$program, $repeat, $forward] = self::square();
            [$broken] = InPlace::write($program, $language, $forward, 'head', 'nib.forward(50');
            $row = self::row($broken, $forward);
            self::assertInstanceOf(Unread::class, $row, $language->value);
            self::assertSame($repeat, self::parent($broken, $forward));
            self::assertNotSame([], $language->read($language->print($broken)->text())->mistakes);
            self::assertSame([], Seals::judged($broken)[1], 'what does not run is not compared');
            self::assertSame(self::saidBy($program), self::saidBy(InPlace::turn($broken, [$forward], false)));
            foreach (["  \n ", ''] as $nothing) {
                try {
                    InPlace::write($program, $language, $forward, 'head', $nothing);
                    self::fail();
                } catch (Refusal $refusal) {
                    self::assertSame('edit.write_nothing', $refusal->key);
                }
            }
        }
    }

    public function testAnEditOfBlocksTakesAHandAwayFromWhatItChanges(): void
    {
        [$program, , $forward, $left] = self::square();
        [$written] = InPlace::write($program, Language::Python, $forward, 'head', 'nib.forward(50)');
        [$written] = InPlace::write($written, Language::Python, $left, 'head', 'nib.left(90)');
        $filled = (new Editor($written))->fill($forward, 'steps', '60')->program;
        $settled = InPlace::settled($written, $filled);
        self::assertSame([$left], array_keys($settled->hands));
        self::assertSame([$left], array_keys($settled->models));
        $moved = (new Editor($written))->move([$left], 1, 'body', 0)->program;
        self::assertSame($written->hands, InPlace::settled($written, $moved)->hands, 'a row that is only moved stays written');
    }

    /** Code has the same blanks as words, but for those that the text says in another way. */
    #[DataProvider('languages')]
    public function testRowsTurnedOverShowTheirTextWithBlanks(Language $language): void
    {
        $blanks = 0;
        foreach (self::programs() as $name => $program) {
            $ids = array_map(static fn (Statement $row): int => $row->id, iterator_to_array(Walk::statements($program->parts()), false));
            $turned = InPlace::turn($program, $ids, true);
            $printed = [];
            foreach ($language->print($turned)->lines as $line) {
                $printed[$line->anchor] ??= trim($line->text);
            }
            $words = [];
            foreach ((new BlocksPage($program, 'en'))->rows as $row) {
                $words[$row->anchor] = self::slots($row);
            }
            foreach ((new BlocksPage($turned, 'en', TurnedRows::of(new Analysis($turned), $language)))->rows as $row) {
                if (Hand::Code !== $row->hand) {
                    continue;
                }
                $text = implode('', array_map(static fn (string|BlankView $segment): string => \is_string($segment) ? $segment : implode('', array_filter($segment->chip->segments ?? [], \is_string(...))), $row->segments));
                self::assertSame($printed[$row->anchor], $text, $name);
                self::assertSame([], array_diff(self::slots($row), $words[$row->anchor]), "$name: $text");
                $blanks += \count(self::slots($row));
            }
            self::assertEquals($program, InPlace::turn($turned, $ids, false));
        }
        self::assertGreaterThan(300, $blanks);
    }

    /** Remarks at line ends and blank lines stand in the other languages, too, and in the first they are as they were. */
    public function testRemarksAreCarriedIntoOtherLanguages(): void
    {
        $texts = [
            [Language::Python, "beds = 3  # how many\n\nfor bed in range(beds):  # each one\n    print(bed)\n\n    if bed > 1:  # late\n        print(\"late\")\n    else:  # early\n        print(\"early\")\nprint(\"done\")\n"],
            [Language::JavaScript, "const beds = 3;  // how many\n\nfor (let bed = 0; bed < beds; bed++) {  // each one\n    console.log(bed);\n\n    if (bed > 1) {  // late\n        console.log(\"late\");\n    } else {  // early\n        console.log(\"early\");\n    }\n}\nconsole.log(\"done\");\n"],
        ];
        foreach ($texts as [$from, $text]) {
            $program = $from->read($text, Program::empty())->program;
            foreach ($texts as [$to, $wanted]) {
                self::assertSame($wanted, $to->print($program)->text());
            }
            self::assertMatchesRegularExpression('~int beds = 3;  // how many\n\n    for \(int bed = 0; bed < beds; bed\+\+\) \{  // each one\n~', Language::Cpp->print($program)->text());
        }
    }

    /** Rows that are switched off are remarks in text; while a person types elsewhere they stay what they are. */
    public function testRowsSwitchedOffSurviveTyping(): void
    {
        $kept = 0;
        foreach (Language::cases() as $language) {
            foreach (self::programs() as $name => $program) {
                $ids = array_map(static fn (Statement $row): int => $row->id, $program->script->body->statements);
                if ([] === $ids) {
                    continue;
                }
                $off = (new Editor($program))->switch([$ids[intdiv(\count($ids), 2)]], true)->program;
                $read = $language->read($language->print($off)->text(), $off)->program;
                $wanted = array_map(static fn (Statement $row): array => [$row->off, $row->entry()], $off->script->body->statements);
                $isOn = array_map(static fn (Statement $row): array => [$row->off, $row->entry()], $read->script->body->statements);
                if (\count($wanted) === \count($isOn)) {
                    self::assertSame($wanted, $isOn, "$name as $language->value");
                    ++$kept;
                }
                self::assertSame($language->print($off)->text(), $language->print($read)->text());
            }
        }
        // Some languages make up a row more; in most programs all rows are there one for one.
        self::assertGreaterThan(70, $kept);
    }

    /** @return array<string, Program> */
    private static function programs(): array
    {
        $programs = Demos::programs();
        for ($seed = 1; $seed <= 25; ++$seed) {
            $programs["seed $seed"] = (new ProgramGenerator($seed))->program();
        }

        return $programs;
    }

    /** @return array{Program, int, int, int} with the ids of its loop and the rows in it */
    private static function square(): array
    {
        $program = Program::empty();
        $ids = [];
        foreach ([[1, 0, 'repeat'], [2, 0, 'nib.forward'], [2, 1, 'nib.left']] as [$parent, $index, $key]) {
            $edited = (new Editor($program))->insert($parent, 'body', $index, $key);
            $program = $edited->program;
            $ids[] = $edited->rows[0];
        }

        return [$program, $ids[0], $ids[1], $ids[2]];
    }

    /** @return list<Statement> some rows of a program that can be written by hand */
    private static function written(Program $program, int $most): array
    {
        $rows = array_values(array_filter(iterator_to_array(Walk::live($program->script->body->statements), false), static fn (Statement $row): bool => !$row instanceof Comment));

        return \array_slice((new Randomizer(new Mt19937(\count($rows))))->shuffleArray($rows), 0, $most);
    }

    private static function ghost(Program $program, Statement $row): ?string
    {
        try {
            return InPlace::line($program, Language::Python, $row->id, 'head')['ghost'];
        } catch (Refusal) {
            return null;
        }
    }

    /** What a program does, in words: its rows without their numbers. */
    private static function saidBy(Program $program): string
    {
        return Language::Python->printPlainly($program)->text();
    }

    private static function row(Program $program, int $id): ?Statement
    {
        foreach (Walk::statements($program->parts()) as $row) {
            if ($row->id === $id) {
                return $row;
            }
        }

        return null;
    }

    private static function parent(Program $program, int $id): int
    {
        foreach (Walk::statements($program->parts()) as $row) {
            foreach ($row->bodies() as $body) {
                foreach ($body->statements as $inner) {
                    if ($inner->id === $id) {
                        return $row->id;
                    }
                }
            }
        }

        return 0;
    }

    /** @return list<string> */
    private static function slots(BlockRow $row): array
    {
        return array_values(array_map(static fn (BlankView $blank): string => $blank->slot, array_filter($row->segments, static fn (string|BlankView $segment): bool => $segment instanceof BlankView)));
    }
}
