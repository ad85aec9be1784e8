<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Python\DrawingModulePrinter;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Tests\Support\Demos;

/** Programs of Python's standard drawing module are opened and saved, and draw what the module's own arithmetic gives. */
#[Group('long')]
final class DrawingModuleTest extends TestCase
{
    public function testProgramsOfTheModuleDrawTheSameHere(): void
    {
        $files = glob(\dirname(__DIR__).'/drawing-module/*.py') ?: [];
        self::assertGreaterThanOrEqual(5, \count($files));
        foreach ($files as $file) {
            $text = (string) file_get_contents($file);
            $reading = Language::Python->read($text);
            self::assertSame([], $reading->mistakes, $file);
            self::assertSame($text, Language::Python->print($reading->program)->text());
            self::assertSameLines($text, $reading->program);
            // The same drawing in the other languages' text, read again.
            foreach ([Language::JavaScript, Language::Cpp] as $language) {
                $again = $language->read($language->print($reading->program)->text());
                self::assertSame([], $again->mistakes, $language->print($reading->program)->text());
                self::assertSameLines($text, $again->program);
            }
        }
    }

    public function testProgramsOfTheNibAreSavedForTheModule(): void
    {
        $saved = 0;
        foreach (Demos::programs() as $name => $program) {
            try {
                $text = DrawingModulePrinter::text($program);
            } catch (Refusal $refusal) {
                self::assertContains($refusal->key, ['file.no_such_drawing', 'file.needs_library'], $name);
                continue;
            }
            if (str_contains($text, 'random') || str_contains($text, 'input(')) {
                // Chance falls otherwise without our library, and nobody answers here.
                continue;
            }
            ++$saved;
            self::assertSameLines($text, $program);
            $reading = Language::Python->read($text);
            self::assertSame([], $reading->mistakes, $text);
            self::assertSameLines($text, $reading->program);
        }
        self::assertGreaterThanOrEqual(5, $saved);
    }

    private static function assertSameLines(string $text, Program $program): void
    {
        $outcome = Runner::run($program, Language::Python);
        self::assertSame(Ending::Finished, $outcome->ending, $text);
        $here = [];
        foreach ($outcome->trace->named() as $event) {
            if ('stroke' === $event['do']) {
                $here[] = [$event['x1'], $event['y1'], $event['x2'], $event['y2']];
            }
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'drawing');
        file_put_contents($file, $text);
        exec('python3 '.escapeshellarg(\dirname(__DIR__).'/Support/drawing_module.py').' '.escapeshellarg($file).' 2>&1', $output, $exit);
        unlink($file);
        self::assertSame(0, $exit, implode("\n", $output)."\n".$text);
        /** @var list<list<float>> $there */
        $there = json_decode((string) end($output), true, 8, \JSON_THROW_ON_ERROR);
        self::assertCount(\count($there), $here, $text);
        foreach ($there as $index => $line) {
            self::assertEqualsWithDelta($line, $here[$index], 1e-6, $text);
        }
    }
}
