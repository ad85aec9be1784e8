<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Cpp\CppLibraries;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program;

/**
 * Programs as earlier versions stored them open letter for letter, for ever. The files in `tests/golden` are never
 * changed; a new form gets new files beside them.
 */
final class GoldenTest extends TestCase
{
    private const NAMES = [
        '/\bnib\.begin_fill\b/' => 'nib.open_shape', '/\bnib\.beginFill\b/' => 'nib.openShape', '/\bnib\.end_fill\b/' => 'nib.close_shape',
        '/\bnib\.endFill\b/' => 'nib.closeShape', '/\bnib\.speed\b/' => 'nib.pace', '/\bnib\.heading\b/' => 'nib.facing', '/\bnib\.show\b/' => 'nib.appear',
        '/\bnib\.hide\b/' => 'nib.vanish', '/\blantern\.show\b/' => 'lantern.shine', '/\blantern\.scroll\b/' => 'lantern.roll', '/\blantern\.pressed\b/' => 'lantern.held',
        '/\blantern\.(?:was_pressed|wasPressed)\b/' => 'lantern.tapped', '/\blantern\.when_pressed\b/' => 'lantern.when_tapped',
        '/\blantern\.whenPressed\b/' => 'lantern.whenTapped', '/\.(?:drive_for|driveFor)\b/' => '.travel', '/\bnib\.pace\(0\)/' => 'nib.pace("at once")',
    ];

    private const LOWER = ["\n\n    for (char c : text)" => "\n    int lower = 0;\n    int digits = 0;\n    int spaces = 0;\n    for (char c : text)"];
    private const NEEDLESS = ["#include \"scrivlet.hpp\"\n" => ''];
    private const CONSTANT = ['int SIDE = 77' => 'const int SIDE = 77'];
    private const NAMED = ['c = toupper(c)' => 'text[at] = char(toupper(text[at]))'];
    /** Texts that left out a row of their blocks, or still said one that was switched off: rows that had one text together were not taken apart. And rows that were printed without what the text around them counts on. */
    private const MENDED = [
        // How a row is printed that was switched off.
        'kept-1.jsonl backwards.cpp off' => ['word = ask_word();' => 'cin >> word;'],
        'kept-1.jsonl by-reference.cpp filled' => ["a_2 = 77;\n\n" => "a_2 = 77;\n    int b = 4;\n", 'twice(a)' => 'twice(a_2)', 'swapped(a, b)' => 'swapped(a_2, b)', 'swap(a, b)' => 'swap(a_2, b)', '<< a << " "' => '<< a_2 << " "'],
        'kept-1.jsonl functions.cpp filled' => ["}\n\nbool" => "}\nbool"],
        'kept-1.jsonl grid.cpp off' => ["for (int row  =  0; row < 3; row++)\n" => "for (int row = 0; row < 3; row++) {\n", "        // }\n    grid[1]" => "        // }\n    }\n    grid[1]"],
        'kept-1.jsonl slow-growth.py filled' => ["from scrivlet import wait\nimport" => 'import'],
        'kept-1.jsonl ternary-logic.cpp off' => ['/^/' => "#include \"scrivlet.hpp\"\n", '    bool dry  =  true, hot  =  false;// hot' => "    bool dry = true;\n    // hot"],
        'kept-1.jsonl standard-names.cpp filled' => self::NEEDLESS,
        'kept-2.jsonl beds.cpp filled' => self::CONSTANT,
        'kept-2.jsonl greeting.cpp filled' => ["}\n\n\n" => "}\n\n"],
        'kept-2.jsonl standard-names.cpp filled' => self::NEEDLESS,
        'kept-2.jsonl upper-case.cpp filled' => self::NAMED,
        'kept-3.jsonl beds.cpp filled' => self::CONSTANT,
        'kept-3.jsonl greeting.cpp filled' => ["}\n\n\n" => "}\n\n"],
        'kept-3.jsonl standard-names.cpp filled' => self::NEEDLESS,
        'kept-3.jsonl upper-case.cpp filled' => self::NAMED,
        'project-1.jsonl standard-names.cpp filled' => self::NEEDLESS,
        'kept-2.jsonl more-letters.cpp filled' => self::LOWER,
        'kept-2.jsonl more-letters.cpp off' => ['/^/' => "#include \"scrivlet.hpp\"\n"] + self::LOWER,
        'kept-3.jsonl more-letters.cpp filled' => self::LOWER,
        'kept-3.jsonl more-letters.cpp off' => ['/^/' => "#include \"scrivlet.hpp\"\n"] + self::LOWER,
    ];

    public function testStoredProgramsOpenLetterForLetter(): void
    {
        foreach (self::lines('kept') as $name => [$stored, $texts]) {
            $program = ProjectReader::kept($stored);
            self::assertSame($texts, self::texts($program), $name);
            // Stored again, in the form of today, they are still the same.
            $again = ProjectWriter::kept($program);
            self::assertTrue(ProjectReader::isCurrent($again));
            self::assertEquals($program, ProjectReader::kept($again), $name);
        }
    }

    public function testProjectFilesOpenLetterForLetter(): void
    {
        foreach (self::lines('project') as $name => [$file, $texts]) {
            [, $program] = ProjectReader::read($file);
            self::assertSame($texts, self::texts($program), $name);
            [, $again] = ProjectReader::read(ProjectWriter::write('x', $program));
            self::assertSame($texts, self::texts($again), $name);
        }
    }

    /** @return array<string, string> */
    private static function texts(Program $program): array
    {
        $texts = [];
        foreach (array_keys($program->handwriting) as $language) {
            $texts[$language] = Language::from($language)->print($program)->text();
        }

        return $texts;
    }

    /** Our header was put into texts that call none of its functions and name nothing else of it, and is not any more. */
    private static function withoutNeedless(string $text): string
    {
        $rest = substr($text, 24);
        if (!str_starts_with($text, "#include \"scrivlet.hpp\"\n#include <") || !str_contains($rest, 'using namespace std')) {
            return $text;
        }
        $defined = static fn (string $code): array => preg_match_all('/^[A-Za-z_][^=;({\n]*?(\w+)\(/m', $code, $functions) > 0 ? $functions[1] : [];
        $ours = array_diff($defined((string) file_get_contents(\dirname(__DIR__, 2).'/library/scrivlet.hpp')), $defined($rest));
        $named = implode('|', array_keys(CppLibraries::headers(), 'scrivlet.hpp', true));
        $called = implode('|', $ours);

        return 1 === preg_match("/\\b(?:$named)\\b|(?<![.>])\\b(?:$called)\\(/", $rest) ? $text : $rest;
    }

    /** @return \Generator<string, array{string, array<string, string>}> */
    private static function lines(string $kind): \Generator
    {
        $files = glob(\dirname(__DIR__)."/golden/$kind-*.jsonl") ?: [];
        self::assertNotSame([], $files);
        foreach ($files as $file) {
            foreach (file($file) ?: [] as $line) {
                /** @var array{name: string, kept?: string, file?: string, texts: array<string, string>} $data */
                $data = json_decode($line, true, 8192, \JSON_THROW_ON_ERROR);
                // In files of the first two versions some commands had other names; nothing else of a text changes.
                $data['texts'] = preg_match('/-[12]\\.jsonl$/', $file) ? preg_replace(array_keys(self::NAMES), self::NAMES, $data['texts']) : $data['texts'];
                foreach (self::MENDED[basename($file).' '.$data['name']] ?? [] as $was => $is) {
                    $data['texts'] = '/^/' === $was ? substr_replace($data['texts'], $is, 0, 0) : str_replace($was, $is, $data['texts']);
                }
                $data['texts'] = array_map(self::withoutNeedless(...), $data['texts']);
                yield basename($file).' '.$data['name'] => [$data['kept'] ?? $data['file'] ?? '', $data['texts']];
            }
        }
    }
}
