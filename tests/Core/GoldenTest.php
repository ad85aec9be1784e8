<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program;

/**
 * Programs as earlier versions stored them open letter for letter, for ever. The files in `tests/golden` are never
 * changed; a new form gets new files beside them.
 */
final class GoldenTest extends TestCase
{
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

    /** @return \Generator<string, array{string, array<string, string>}> */
    private static function lines(string $kind): \Generator
    {
        $files = glob(\dirname(__DIR__)."/golden/$kind-*.jsonl") ?: [];
        self::assertNotSame([], $files);
        foreach ($files as $file) {
            foreach (file($file) ?: [] as $line) {
                /** @var array{name: string, kept?: string, file?: string, texts: array<string, string>} $data */
                $data = json_decode($line, true, 8192, \JSON_THROW_ON_ERROR);
                yield basename($file).' '.$data['name'] => [$data['kept'] ?? $data['file'] ?? '', $data['texts']];
            }
        }
    }
}
