<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Edit\Rules;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Handwriting\InPlace;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Page\Spread;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\Programs;
use Scrivlet\Tests\Support\Strange;

/** Whatever is typed, edited or opened can be stored, and what is stored opens, prints and runs: 20,000 cases. */
#[Group('long')]
final class StoredOpensTest extends TestCase
{
    private const TEXTS = 12_000;
    private const EDITS = 4_000;
    private const FILES = 4_000;
    /** Each so-many-th case is also printed in all languages, laid out on pages and run. */
    private const LOOKED_AT = 6;

    public function testTexts(): void
    {
        $programs = array_values(Programs::all() + Programs::only());
        $unread = 0;
        for ($case = 0; $case < self::TEXTS; ++$case) {
            [$language, $text] = $programs[$case % \count($programs)];
            $text = (new Strange($case))->text($language, $text);
            $program = $language->read($text, Program::empty())->program;
            $this->opens($program, $case, "$language->value\n$text");
            self::assertSame($text, $language->print($program)->text());
            $first = $program->script->body->statements[0] ?? null;
            $unread += $first instanceof Unread && $first->text === $text && substr_count(trim($text), "\n") > 2 ? 1 : 0;
        }
        // A whole text is given up for a part of it only where nothing else is left.
        self::assertLessThan(self::TEXTS / 500, $unread);
    }

    public function testEdits(): void
    {
        $texts = array_values(Programs::all() + Programs::only());
        $demos = array_values(Demos::programs());
        $keys = array_keys(array_filter(Catalogue::entries(), static fn ($entry): bool => !$entry->value));
        $done = 0;
        $program = Program::empty();
        for ($case = 0; $case < self::EDITS; ++$case) {
            $random = new Randomizer(new Mt19937($case));
            if (0 === $case % 10) {
                $program = 0 === $case % 20 ? $demos[$case % \count($demos)] : $texts[$case % \count($texts)][0]->read($texts[$case % \count($texts)][1], Program::empty())->program;
            }
            $rows = iterator_to_array(Walk::statements($program->parts()), false);
            $row = $rows[$random->getInt(0, \count($rows) - 1)];
            $other = $rows[$random->getInt(0, \count($rows) - 1)];
            $editor = new Editor($program);
            $slots = array_keys([...$row->blanks(), ...$row->labels()]);
            $body = array_key_first($other->bodies()) ?? 'body';
            try {
                $edited = match ($random->getInt(0, 6)) {
                    0 => $editor->insert($other->id, $body, $random->getInt(0, 3), $keys[$random->getInt(0, \count($keys) - 1)]),
                    1, 2 => [] === $slots ? null : $editor->fill($row->id, $slots[$random->getInt(0, \count($slots) - 1)], ['12', 'x', '1e400', str_repeat('a', 150), '"'.str_repeat('bed ', 300).'"', '1'.str_repeat(' + 1', 60), str_repeat('(', 30).'1'.str_repeat(')', 30), '-1', 'x, x', 'true', '', "\f", 'a, b, c, d, e, f, g, h, i, j'][$random->getInt(0, 12)]),
                    3 => $editor->move([$row->id], $other->id, $body, $random->getInt(0, 3)),
                    4 => $editor->duplicate([$row->id]),
                    5 => $editor->wrap([$row->id], ['repeat', 'count', 'while', 'forever', 'if'][$random->getInt(0, 4)]),
                    default => $editor->switch([$row->id], !$row->off),
                };
            } catch (Refusal) {
                continue;
            }
            if (null !== $edited) {
                $program = InPlace::settled($program, $edited->program);
                $this->opens($program, $case, "edit $case");
                ++$done;
            }
        }
        self::assertGreaterThan(self::EDITS / 3, $done);
    }

    public function testFiles(): void
    {
        $files = array_map(static fn (string $file): mixed => json_decode((string) file_get_contents($file), true), glob(__DIR__.'/../../demo/*.json') ?: []);
        foreach (array_values(Programs::all() + Programs::only()) as $index => [$language, $text]) {
            if (0 === $index % 8) {
                $files[] = json_decode(ProjectWriter::write('x', $language->read($text, Program::empty())->program), true);
            }
        }
        $opened = 0;
        for ($case = 0; $case < self::FILES; ++$case) {
            $data = $files[$case % \count($files)];
            \assert(\is_array($data));
            $json = (string) json_encode((new Strange($case))->data($data), \JSON_PRESERVE_ZERO_FRACTION);
            try {
                [, $program] = ProjectReader::read($json);
            } catch (Refusal) {
                continue;
            }
            ++$opened;
            $this->opens($program, $case, $json);
        }
        self::assertGreaterThan(self::FILES / 10, $opened);
    }

    private function opens(Program $program, int $case, string $what): void
    {
        try {
            Rules::check($program);
            $opened = ProjectReader::kept(ProjectWriter::kept($program));
            if ($program != $opened) {
                // Told one by one only where they differ: what does so takes a hundred times as long as the question.
                self::assertEquals($program, $opened, $what);
            }
            ProjectReader::read(ProjectWriter::write('x', $program));
            if (0 === $case % self::LOOKED_AT) {
                $this->lookedAt($opened);
            }
        } catch (\Error|\RuntimeException|\LogicException $error) {
            self::fail($error::class.': '.$error->getMessage()."\n".$error->getTraceAsString()."\n".$what);
        }
    }

    private function lookedAt(Program $program): void
    {
        foreach (Language::cases() as $language) {
            $language->printPlainly($program);
        }
        new Spread(new Analysis($program), Language::cases(), 'en');
        $outcome = Runner::run($program, Language::Python, 1, new Limits(steps: 200));
        foreach ($outcome->trace->changes as $value) {
            try {
                json_encode($outcome->values->display($value));
            } catch (RunError $error) {
                // The real machine shows an address here; who looks on is shown its fields instead.
                self::assertContains($error->kind, ['object_shown', 'function_shown']);
            }
        }
    }
}
