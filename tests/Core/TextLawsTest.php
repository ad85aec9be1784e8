<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Page\Spread;
use Scrivlet\Core\Page\TextLine;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\ProgramGenerator;
use Scrivlet\Tests\Support\Programs;

/** What holds for every program and every text, whoever wrote it. */
final class TextLawsTest extends TestCase
{
    /** Pieces of text that break things. */
    private const RUBBISH = ['(', ')', '{', '}', '[', ']', '"', "'", '`', '${', ':', ';', '#', '/*', '*/', '//', "\n", "\r\n", "\r", "\t", '    ', '\\', '=', '==', "\0", "\xff", "\xc3", '🌻', 'é', 'def ', 'for ', 'if ', 'else', 'elif', 'int ', 'while', '<<', '"""', 'return', '0x', '1e', '…', '“'];

    public function testWhatIsPrintedReadsBackAsTheSameTree(): void
    {
        $compared = 0;
        foreach (self::trees() as $name => $program) {
            foreach (Language::cases() as $language) {
                $text = $language->print($program)->text();
                $reading = $language->read($text);
                self::assertSame([], $reading->mistakes, "$name as $language->value\n$text");
                // Rows that a language needs more of come back as rows of their own.
                if (!self::hasMadeUpRows($program, $language)) {
                    self::assertSame(self::shape($program), self::shape($reading->program), "$name as $language->value\n$text");
                    ++$compared;
                }
            }
        }
        self::assertGreaterThan(400, $compared);
    }

    public function testEveryTextPrintsAsItself(): void
    {
        foreach (Programs::texts() as [$language, $text]) {
            self::assertSame($text, $language->print($language->read($text)->program)->text());
            foreach ([str_replace("\n", "\r\n", $text), rtrim($text), "\n\n$text\n\n", preg_replace('/^(    )+/m', "\t", $text)] as $variant) {
                self::assertSame($variant, $language->print($language->read((string) $variant)->program)->text());
            }
        }
    }

    /** Random bytes, cuts, swaps and doublings of real programs: 9,000 of them. */
    #[Group('long')]
    public function testRubbishIsKeptLetterForLetterInLittleMemory(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $texts = Programs::texts();
        for ($case = 0; $case < 9_000; ++$case) {
            [$language, $text] = $texts[$random->getInt(0, \count($texts) - 1)];
            if (0 === $case % 5) {
                // A single row is spoilt, as a person does it; whole files are only now and then this long.
                $text = substr($text, 0, 1500);
            }
            $text = self::spoilt($text, $random);
            self::assertSame($text, $language->print($language->read($text)->program)->text());
        }
        self::assertLessThan(64 * 1024 * 1024, memory_get_peak_usage() - self::$before, 'bytes');
    }

    /** Names longer than a pattern may be, and one row again and again: each is kept, and PHP warns of nothing. */
    public function testWhatIsLongBeyondMeasureIsKept(): void
    {
        $long = str_repeat('x', 70_000);
        foreach (Language::cases() as $language) {
            foreach ([$long, "$long = 1", "$long()", "$long.$long($long)", "const $long = `\${{$long}}`;", "from x import $long\n$long", str_repeat("x\n", 10_000), str_repeat('function f(){', 3_000), str_repeat('int x;', 5_000)] as $text) {
                self::assertSame($text, $language->print($language->read($text)->program)->text());
            }
        }
    }

    private static int $before = 0;

    protected function setUp(): void
    {
        gc_collect_cycles();
        memory_reset_peak_usage();
        self::$before = memory_get_usage();
    }

    private static function spoilt(string $text, Randomizer $random): string
    {
        $at = static fn (): int => $random->getInt(0, max(0, \strlen($text)));
        for ($change = $random->getInt(1, 3); $change > 0; --$change) {
            $from = $at();
            $length = $random->getInt(0, 30);
            $text = match ($random->getInt(0, 5)) {
                0 => substr_replace($text, '', $from, $length),
                1 => substr_replace($text, self::RUBBISH[$random->getInt(0, \count(self::RUBBISH) - 1)], $from, 0),
                2 => substr_replace($text, substr($text, $at(), $length), $from, 0),
                3 => substr_replace($text, $random->getBytes($random->getInt(1, 6)), $from, $random->getInt(0, 3)),
                4 => substr($text, 0, $from),
                default => substr($text, $from).substr($text, 0, $from),
            };
        }

        return $text;
    }

    public function testAnEditOfOneRowChangesItsLinesAlone(): void
    {
        $edits = 0;
        foreach (Programs::texts() as [$language, $text]) {
            $program = $language->read($text)->program;
            foreach (Walk::statements($program->parts()) as $row) {
                if (!$row instanceof Comment || str_contains($row->text, "\n") || 1 === preg_match('~/\*~', $text)) {
                    continue;
                }
                $changed = (new Editor($program))->fill($row->id, 'text', 'a new remark')->program;
                $after = explode("\n", $language->print($changed)->text());
                $before = explode("\n", $text);
                $different = array_keys(array_diff_assoc($before, $after));
                self::assertCount(\count($before), $after);
                self::assertCount(1, $different, $text);
                self::assertStringContainsString('a new remark', $after[$different[0]]);
                ++$edits;
            }
        }
        self::assertGreaterThan(20, $edits);
    }

    public function testARowTakenAwayTakesItsLinesAlone(): void
    {
        $taken = 0;
        foreach (Programs::texts() as [$language, $text]) {
            $program = $language->read($text)->program;
            foreach (Walk::statements($program->parts()) as $row) {
                if ([] !== $row->bodies() || 1 < substr_count($text, "\n") && !$row instanceof Comment) {
                    continue;
                }
                try {
                    $changed = (new Editor($program))->delete([$row->id])->program;
                } catch (Refusal) {
                    continue;
                }
                $after = explode("\n", $language->print($changed)->text());
                self::assertSame([], array_diff($after, explode("\n", $text), ['pass', '    pass', '        pass']));
                ++$taken;
            }
        }
        self::assertGreaterThan(10, $taken);
    }

    public function testABrokenLineIsOneUnreadRow(): void
    {
        $broken = 0;
        foreach (Programs::texts() as [$language, $text]) {
            $rows = self::rowCount($language->read($text)->program);
            $lines = explode("\n", $text);
            foreach ($lines as $index => $line) {
                if (1 !== preg_match('/^\s+nib\.\w+\(.*\);?$/', $line)) {
                    continue;
                }
                $spoilt = $lines;
                $spoilt[$index] = preg_replace('/\(.*/', '(1 +* 2)', $line).(Language::Python === $language ? '' : ';');
                $reading = $language->read(implode("\n", $spoilt));
                $unread = array_filter(iterator_to_array(Walk::statements($reading->program->parts()), false), static fn (Statement $row): bool => $row instanceof Unread);
                self::assertCount(1, $unread, $spoilt[$index]);
                self::assertSame($rows, self::rowCount($reading->program));
                self::assertSame([$index + 1], array_column(Report::lines(implode("\n", $spoilt), $reading->mistakes), 'line'));
                ++$broken;
            }
        }
        self::assertGreaterThan(60, $broken);
    }

    public function testRowsStayThemselvesWhileAPersonTypes(): void
    {
        $before = "from scrivlet import nib\n\nfor side in range(4):\n    nib.forward(50)\n    nib.left(90)\nprint(\"done\")\n";
        $program = Language::Python->read($before)->program;
        $ids = static fn (Program $program): array => array_map(static fn (Statement $row): int => $row->id, iterator_to_array(Walk::statements($program->parts()), false));
        $typed = Language::Python->read(str_replace('50', '6', $before), $program)->program;
        self::assertSame($ids($program), $ids($typed));
        $typed = Language::Python->read(str_replace("    nib.left(90)\n", "    nib.dot(5)\n    nib.left(90)\n", $before), $program)->program;
        self::assertSame($ids($program), array_values(array_intersect($ids($typed), $ids($program))));
        self::assertCount(\count($ids($program)) + 1, $ids($typed));
        $broken = Language::Python->read(str_replace('forward(50)', 'forward(50', $before), $program)->program;
        self::assertSame($ids($program), $ids($broken));
    }

    public function testTypedProgramsAreKeptToTheLetter(): void
    {
        foreach (Programs::texts() as [$language, $text]) {
            $program = $language->read($text)->program;
            $kept = ProjectReader::kept(ProjectWriter::kept($program));
            self::assertEquals($program, $kept);
            self::assertSame($text, $language->print($kept)->text());
            [, $file] = ProjectReader::read(ProjectWriter::write('x', $program));
            self::assertSame($text, $language->print($file)->text());
        }
    }

    public function testEveryLineOfATypedTextStandsOnItsPage(): void
    {
        foreach (Programs::texts() as [$language, $text]) {
            $reading = $language->read($text);
            $spread = new Spread(new Analysis($reading->program), [$language], 'en');
            $lines = [];
            foreach ($spread->rows as $row) {
                if (null !== $line = $row['cells'][$language->value]) {
                    self::assertInstanceOf(TextLine::class, $line);
                    $lines[$line->number] = $line->text;
                }
            }
            self::assertSame(range(1, \count($lines)), array_keys($lines));
            self::assertSame(rtrim($text), rtrim(implode("\n", $lines)));
        }
    }

    private static function rowCount(Program $program): int
    {
        return iterator_count(Walk::statements($program->parts()));
    }

    /** @return \Generator<string, Program> without rows that are switched off, which texts have as remarks */
    private static function trees(): \Generator
    {
        $live = static fn (Statement $row): Statement => Walk::map($row, static function (Statement $inner): Statement {
            foreach ($inner->bodies() as $name => $body) {
                $inner = $inner->withBody($name, new Block(array_values(array_filter($body->statements, static fn (Statement $row): bool => !$row->off))));
            }

            return $inner;
        });
        foreach (Demos::programs() as $name => $program) {
            yield $name => $program->withFunctions(array_map($live, $program->functions))->withScript(Walk::map($program->script, $live));
        }
        for ($seed = 1; $seed <= 200; ++$seed) {
            $program = (new ProgramGenerator($seed))->program();
            if (0 === $seed % 3) {
                $between = (new ProgramGenerator($seed))->withFunctionsBetween();
                yield "between $seed" => $between->withScript(Walk::map($between->script, $live));
            }
            yield "seed $seed" => $program->withFunctions(array_map($live, $program->functions))->withScript(Walk::map($program->script, $live));
        }
    }

    private static function hasMadeUpRows(Program $program, Language $language): bool
    {
        $types = Types::of($program);
        foreach (Language::Cpp === $language ? $program->definitions() : [] as $function) {
            foreach ($function->parameters as $parameter) {
                // A parameter of a function that nothing calls has no type; C++ has to name one, which says more.
                if (TypeKind::Unknown === $types->variable($function, $parameter)->kind) {
                    return true;
                }
            }
        }

        return 1 === preg_match('/^\s*(?:const|const int|const double) (?:times|first|last|stride)\d* = |\b(?:int|double|let) step\d* = |\? \w+ <= /m', $language->print($program)->text());
    }

    private static function shape(Program $program): string
    {
        $data = json_decode(ProjectWriter::kept(new Program($program->functions, $program->script, 1, $program->below)), true);
        $strip = static function (mixed $value) use (&$strip): mixed {
            if (!\is_array($value)) {
                return $value;
            }
            unset($value['id']);
            if (isset($value['chain'])) {
                $left = array_shift($value['chain']);
                foreach (array_chunk($value['chain'], 2) as [$operator, $right]) {
                    $left = ['operator' => $operator, 'of' => [$left, $right]];
                }
                $value = $left;
            }
            $value = array_map($strip, $value);
            // A count from 0 whose number nothing reads only repeats.
            if ('repeat' === ($value['row'] ?? null) && isset($value['turn'])) {
                $times = $value['times'];
                $last = match (true) {
                    \is_int($times) => $times - 1,
                    \is_array($times) && 'add' === ($times['operator'] ?? null) && 1 === $times['of'][1] => $times['of'][0],
                    default => ['operator' => 'subtract', 'of' => [$times, 1]],
                };

                return ['row' => 'count', 'variable' => $value['turn'], 'from' => 0, 'to' => $last, 'by' => 1, 'body' => $value['body']];
            }
            // `x & "" & y` is `x & y`, and two literal texts side by side are one: joining makes a text of all.
            if ('join' === ($value['operator'] ?? null)) {
                [$left, $right] = $value['of'];
                $parts = \is_array($left) && isset($left['joined']) ? [...$left['joined'], $right] : [$left, $right];
                $parts = array_values(array_filter($parts, static fn (mixed $part): bool => '' !== $part));
                $joined = [];
                foreach ($parts as $part) {
                    $last = array_key_last($joined);
                    if (\is_string($part) && null !== $last && \is_string($joined[$last])) {
                        $joined[$last] .= $part;
                    } else {
                        $joined[] = $part;
                    }
                }

                return ['joined' => $joined];
            }

            return $value;
        };

        return (string) json_encode($strip($data), \JSON_PRETTY_PRINT | \JSON_PRESERVE_ZERO_FRACTION);
    }
}
