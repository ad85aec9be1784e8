<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\RealMachines;
use Scrivlet\Tests\Support\SmallPrograms;

/** What is easily got wrong, by many small programs: whose name a name is, which list a list is, how a number is shown. */
#[Group('long')]
final class SmallProgramsThereTest extends TestCase
{
    private const PROGRAMS = 25;

    /** @return iterable<string, array{Language, 'blocks'|'sharing'|'keys'|'letters'|'forms'|'truths'|'handed'|'parts'|'bounds', list<Language>}> language, what about, and what it is written over into */
    public static function kinds(): iterable
    {
        yield 'blocks of JavaScript' => [Language::JavaScript, 'blocks', [Language::Python]];
        yield 'blocks of C++' => [Language::Cpp, 'blocks', [Language::Python]];
        yield 'lists of Python' => [Language::Python, 'sharing', [Language::JavaScript]];
        yield 'lists of JavaScript' => [Language::JavaScript, 'sharing', [Language::Python]];
        yield 'lists of C++' => [Language::Cpp, 'sharing', [Language::Python, Language::JavaScript]];
        yield 'truths of Python' => [Language::Python, 'truths', [Language::JavaScript, Language::Cpp]];
        yield 'keys of JavaScript' => [Language::JavaScript, 'keys', [Language::Python, Language::Cpp]];
        yield 'letters of Python' => [Language::Python, 'letters', [Language::JavaScript, Language::Cpp]];
        yield 'what C++ hands over' => [Language::Cpp, 'handed', []];
        yield 'parts of lists of C++' => [Language::Cpp, 'parts', [Language::JavaScript, Language::Python]];
        yield 'bounds of Python' => [Language::Python, 'bounds', [Language::JavaScript, Language::Cpp]];
        yield 'bounds of JavaScript' => [Language::JavaScript, 'bounds', [Language::Python, Language::Cpp]];
        yield 'forms of C++' => [Language::Cpp, 'forms', [Language::JavaScript]];
    }

    /**
     * @param 'blocks'|'sharing'|'keys'|'letters'|'forms'|'truths'|'handed'|'parts'|'bounds' $about
     * @param list<Language>                                                                 $others
     */
    #[DataProvider('kinds')]
    public function testSmallProgramsDoTheSameThere(Language $language, string $about, array $others): void
    {
        $texts = $programs = [];
        for ($number = 1; $number <= self::PROGRAMS; ++$number) {
            $text = (new SmallPrograms($language, $number))->$about();
            $reading = $language->read($text);
            self::assertSame([], $reading->mistakes, $text);
            self::assertSame($text, $language->print($reading->program)->text());
            $texts["small$number"] = [$text, ''];
            $programs["small$number"] = $reading->program;
        }
        $this->agree($texts, $programs, $language);
        foreach ($others as $other) {
            $this->agree(array_map(static fn ($program): array => [$other->print($program)->text(), ''], $programs), $programs, $other);
        }
    }

    /**
     * @param array<string, array{string, string}>       $texts
     * @param array<string, \Scrivlet\Core\Tree\Program> $programs
     */
    private function agree(array $texts, array $programs, Language $language): void
    {
        foreach (RealMachines::texts($texts, $language, 1) as $name => $real) {
            $outcome = Runner::run($programs[$name], $language);
            self::assertSame(0, $real['exit'], $texts[$name][0].$real['errors']);
            self::assertSame(Ending::Finished, $outcome->ending, $texts[$name][0]);
            self::assertSame($real['printed'], $outcome->trace->printout(), $texts[$name][0]);
        }
    }
}
