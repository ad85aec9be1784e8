<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Register\ClassCode;
use Scrivlet\Core\Register\InkShare;
use Scrivlet\Core\Register\NameList;
use Scrivlet\Core\Register\Standing;
use Scrivlet\Core\Tree\Hand;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Tests\Support\Programs;

/** Codes of classes, lists of names, and how somebody stands with a thing to do. */
final class RegisterTest extends TestCase
{
    public function testACodeIsReadHoweverItIsTyped(): void
    {
        $seen = [];
        for ($turn = 0; $turn < 400; ++$turn) {
            $code = ClassCode::made();
            $seen[$code] = true;
            self::assertMatchesRegularExpression('/^[A-Z0-9]{6}$/D', $code);
            // What is read aloud or from afar has one sign for each look and sound.
            self::assertDoesNotMatchRegularExpression('/[IL1OQD0S5Z2B8UVG6NE]/', $code);
            foreach ([strtolower($code), substr($code, 0, 3).' '.substr($code, 3), implode('-', str_split($code, 2)), "  $code\u{a0}", implode(' ', str_split(strtolower($code)))] as $typed) {
                self::assertSame($code, ClassCode::read($typed));
            }
        }
        self::assertGreaterThan(390, \count($seen));
    }

    public function testWhatIsNoCodeIsNone(): void
    {
        foreach (['', 'ABC', 'PCJP7', 'PCJP745', 'PCJ P7!', "PCJP7\xff", str_repeat('A', 5000), '<b>', 'ÀÀÀÀÀÀ'] as $typed) {
            self::assertNull(ClassCode::read($typed), $typed);
        }
    }

    /** @return iterable<string, array{list<list<string>>, list<string>, list<string>}> table, names taken, reasons of those left */
    public static function tables(): iterable
    {
        yield 'names, one a row' => [[['Ash'], ['Birch Wood'], [' Cress '], ['']], ['Ash', 'Birch Wood', 'Cress'], []];
        yield 'names in one row' => [[['Ash', 'Birch', 'Cress']], ['Ash', 'Birch', 'Cress'], []];
        yield 'a head with one column' => [[['Name'], ['Ash'], ['ash'], ['Birch']], ['Ash', 'Birch'], ['names.twice']];
        yield 'OneRoster users' => [[
            ['sourcedId', 'status', 'dateLastModified', 'enabledUser', 'givenName', 'familyName', 'role'],
            ['u1', 'active', '', 'true', 'Ash', 'Grove', 'student'],
            ['u2', 'tobedeleted', '', 'true', 'Birch', 'Grove', 'student'],
            ['u3', 'active', '', 'true', 'Mister', 'Oak', 'teacher'],
            ['u4', 'active', '', 'true', '', '', 'student'],
            ['u5', '', '', 'true', 'Dill', '', 'student'],
        ], ['Ash Grove', 'Dill'], ['names.inactive', 'names.role', 'names.empty']];
        yield 'a name to be known by goes first' => [[['givenName', 'preferredGivenName', 'familyName'], ['Rosemary', 'Rue', 'Hill']], ['Rue Hill'], []];
        yield 'another language' => [[['Nom', 'Prénom'], ['Dubois', 'Iris']], ['Iris Dubois'], []];
        yield 'two columns without a head' => [[['Ash', 'Grove'], ['Birch', 'Hill']], ['Ash Grove', 'Birch Hill'], []];
        yield 'a name beyond all measure' => [[['Ash'], [str_repeat('long ', 20)]], ['Ash'], ['names.long']];
        yield 'rows shorter than the head' => [[['id', 'name'], ['7'], ['8', 'Elm']], ['Elm'], ['names.empty']];
        yield 'control signs and marks' => [[["\u{feff}Name"], ["Fen\tnel\x00"], ["\u{feff}Iris"]], ['Fen nel', 'Iris'], []];
        yield 'nothing' => [[], [], []];
    }

    /**
     * @param list<list<string>> $table
     * @param list<string>       $names
     * @param list<string>       $left
     */
    #[DataProvider('tables')]
    public function testNamesAreTakenFromWhateverListASchoolHas(array $table, array $names, array $left): void
    {
        $list = NameList::of($table);
        self::assertSame($names, array_column($list->people, 'name'));
        self::assertSame($left, array_column($list->left, 'why'));
    }

    public function testAListWithoutEndIsTakenUpToItsBound(): void
    {
        $list = NameList::of(array_map(static fn (int $number): array => ["Pupil $number"], range(1, NameList::MOST + 3)));
        self::assertCount(NameList::MOST, $list->people);
        self::assertSame(array_fill(0, 3, 'names.many'), array_column($list->left, 'why'));
    }

    /** Every way in which somebody can stand, and that more trouble never makes it less of one. */
    public function testStandings(): void
    {
        foreach ([true, false] as $isHere) {
            foreach ([true, false] as $isBegun) {
                foreach ([true, false] as $hand) {
                    self::assertSame(Standing::Passed, Standing::of($isBegun, true, false, $isHere, [0.1, 0.1, 0.1, 0.1, 0.1], 5000, 5000, $hand), 'what is passed needs no help');
                    self::assertSame($isHere && $hand ? Standing::NeedsHelp : Standing::PassedOver, Standing::of($isBegun, false, true, $isHere, [], 0, null, $hand));
                }
                self::assertSame($isBegun || $isHere ? Standing::AtWork : Standing::NotBegun, Standing::of($isBegun, false, false, $isHere));
            }
        }
        self::assertSame(Standing::NeedsHelp, Standing::of(true, false, false, true, [0.5, 0.5, 0.4, 0.5]), 'four tries, no nearer');
        self::assertSame(Standing::AtWork, Standing::of(true, false, false, true, [0.5, 0.6, 0.7, 0.8]), 'nearer each time');
        self::assertSame(Standing::AtWork, Standing::of(true, false, false, true, [0.5, 0.5, 0.5]), 'three tries are none');
        self::assertSame(Standing::AtWork, Standing::of(true, false, false, false, [0.5, 0.5, 0.4, 0.5]), 'who is elsewhere is not stuck here');
        $before = false;
        foreach ([0, 60, 239, 240, 900] as $trouble) {
            $needs = Standing::NeedsHelp === Standing::of(true, false, false, true, [], 0, $trouble);
            self::assertFalse($before && !$needs);
            $before = $needs;
        }
        self::assertTrue($before);
    }

    public function testTheShareOfInkIsOfTheRows(): void
    {
        foreach (\array_slice(Programs::texts(), 0, 40) as [$language, $text]) {
            $program = $language->read($text)->program;
            [$typed, $all] = InkShare::of($program);
            self::assertGreaterThanOrEqual(0, $typed);
            self::assertLessThanOrEqual($all, $typed);
            self::assertSame(0, InkShare::of($program->withHands(array_map(static fn (): Hand => Hand::Code, $program->hands)))[0], 'rows that were only turned over');
        }
        self::assertSame([0, 0], InkShare::of(Program::empty()));
    }
}
