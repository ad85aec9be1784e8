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
    private const NAMES = [
        '/\bnib\.begin_fill\b/' => 'nib.open_shape', '/\bnib\.beginFill\b/' => 'nib.openShape', '/\bnib\.end_fill\b/' => 'nib.close_shape',
        '/\bnib\.endFill\b/' => 'nib.closeShape', '/\bnib\.speed\b/' => 'nib.pace', '/\bnib\.heading\b/' => 'nib.facing', '/\bnib\.show\b/' => 'nib.appear',
        '/\bnib\.hide\b/' => 'nib.vanish', '/\blantern\.show\b/' => 'lantern.shine', '/\blantern\.scroll\b/' => 'lantern.roll', '/\blantern\.pressed\b/' => 'lantern.held',
        '/\blantern\.(?:was_pressed|wasPressed)\b/' => 'lantern.tapped', '/\blantern\.when_pressed\b/' => 'lantern.when_tapped',
        '/\blantern\.whenPressed\b/' => 'lantern.whenTapped', '/\.(?:drive_for|driveFor)\b/' => '.travel', '/\bnib\.pace\(0\)/' => 'nib.pace("at once")',
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
                yield basename($file).' '.$data['name'] => [$data['kept'] ?? $data['file'] ?? '', $data['texts']];
            }
        }
    }
}
