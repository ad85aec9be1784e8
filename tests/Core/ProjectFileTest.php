<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Edit\Rules;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Words\Words;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\ProgramGenerator;
use Scrivlet\Tests\Support\Programs;

final class ProjectFileTest extends TestCase
{
    #[Group('long')]
    public function testWhatIsWrittenFitsTheSchema(): void
    {
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../docs/project-file.schema.json'), false, 64, \JSON_THROW_ON_ERROR);
        \assert($schema instanceof \stdClass);
        $validator = new Validator();
        $programs = Demos::programs();
        for ($seed = 1; $seed <= 80; ++$seed) {
            $programs["generated$seed"] = (new ProgramGenerator($seed))->program();
        }
        foreach (Programs::all() + Programs::only() as $name => [$language, $text]) {
            $programs[$name] = $language->read($text, Program::empty())->program;
            [$read] = [ProjectReader::kept(ProjectWriter::kept($programs[$name]))];
            self::assertEquals($programs[$name], $read, $name);
        }
        foreach ($programs as $name => $program) {
            $file = json_decode(ProjectWriter::write($name, $program), false, 128, \JSON_THROW_ON_ERROR);
            self::assertTrue($validator->validate($file, $schema)->isValid(), $name);
        }
        foreach (['{}', '{"format":"scrivlet","version":1,"name":"x","program":{"functions":[],"script":{"row":"dance"}}}'] as $wrong) {
            self::assertFalse($validator->validate(json_decode($wrong), $schema)->isValid());
        }
    }

    /** Whatever is read, right, wrong or rubbish: a well-formed program, or a refusal with a sentence. */
    public function testDamagedFilesAreRefusedInWords(): void
    {
        $files = array_map(static fn (string $file): string => (string) file_get_contents($file), glob(__DIR__.'/../../demo/*.json') ?: []);
        $random = new Randomizer(new Mt19937(5));
        $refused = 0;
        for ($case = 0; $case < 4000; ++$case) {
            $json = $files[$case % \count($files)];
            $at = $random->getInt(0, \strlen($json) - 1);
            $json = match ($case % 7) {
                0 => substr($json, 0, $at),
                1 => substr_replace($json, $random->getBytes(3), $at, 1),
                2 => substr_replace($json, '', $at, $random->getInt(1, 40)),
                3 => (string) preg_replace_callback('/"(row|times|variable|command|operator|body|steps)":/', static fn (array $match): string => 0 === $random->getInt(0, 9) ? '"bed":' : $match[0], $json),
                4 => (string) preg_replace_callback('/: (\d+|"[a-z.]+")/', static fn (array $match): string => 0 === $random->getInt(0, 9) ? ': '.['null', '[]', '{}', '-1e400', '"<script>"', '"nib.x"', 'true', '"'.str_repeat('x', 3000).'"'][$random->getInt(0, 7)] : $match[0], $json),
                5 => strtr($json, ['"repeat"' => '"break"', '"set"' => '"return"', '"version": 1' => '"version": '.$random->getInt(1, 3)]),
                default => str_repeat('[', $random->getInt(1, 300)).$json,
            };
            try {
                [, $program] = ProjectReader::read($json);
                Rules::check($program);
            } catch (Refusal $refusal) {
                ++$refused;
                // A damaged name may have such a sign itself; no gap of the sentence is left open.
                foreach (array_keys($refusal->parameters) as $name) {
                    self::assertStringNotContainsString('{'.$name.'}', Sentences::of($refusal->key, $refusal->parameters), $refusal->key);
                }
                self::assertArrayHasKey($refusal->key, Words::in('fr')->messages);
            }
        }
        self::assertGreaterThan(2000, $refused);
    }

    public function testTooMuchIsRefused(): void
    {
        $row = '{"row":"nib.lift"}';
        $wrap = static fn (string $body): string => '{"format":"scrivlet","version":1,"name":"x","program":{"functions":[],"script":{"row":"start","body":['.$body.']}}}';
        $deep = $row;
        for ($depth = 0; $depth < 110; ++$depth) {
            $deep = '{"row":"forever","body":['.$deep.']}';
        }
        foreach (['rule.many_rows' => $wrap(implode(',', array_fill(0, 10_100, $row))), 'rule.deep' => $wrap($deep), 'file.large' => str_repeat(' ', 4_000_001), 'rule.outside_loop' => $wrap('{"row":"break"}'), 'name.taken' => $wrap('{"row":"set","variable":"class","value":1}')] as $key => $json) {
            try {
                ProjectReader::read($json);
                self::fail($key);
            } catch (Refusal $refusal) {
                self::assertSame($key, $refusal->key);
            }
        }
    }
}
