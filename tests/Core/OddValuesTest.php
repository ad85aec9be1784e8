<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Tests\Support\RealMachines;

/**
 * What the languages have for values, crossed with values that it is not meant for. Each does what the real machine does, is
 * refused or stops in words: none has another result.
 */
#[Group('long')]
final class OddValuesTest extends TestCase
{
    private const STOPPED = 'STOPPED';

    /** @return iterable<string, array{Language, float}> and how many of a hundred may be refused or stop where the real machine goes on */
    public static function languages(): iterable
    {
        yield 'python' => [Language::Python, 3.0];
        yield 'javascript' => [Language::JavaScript, 6.0];
    }

    #[DataProvider('languages')]
    public function testWhatIsGivenOddValuesDoesAsThere(Language $language, float $most): void
    {
        $programs = self::programs($language);
        $known = self::data($language)['known'];
        $otherwise = [];
        $short = 0;
        foreach (self::there($language, $programs) as $name => $there) {
            $here = self::here($language, $programs[$name]);
            if ($here === $there) {
                continue;
            }
            if (null === $here || str_contains($here, self::STOPPED) && str_starts_with($there, substr($here, 0, -\strlen(self::STOPPED)))) {
                $short += (int) !str_contains($there, self::STOPPED);
                continue;
            }
            $otherwise[] = $name;
        }
        self::assertSame([], array_values(array_diff($otherwise, $known)));
        self::assertSame([], array_values(array_diff($known, $otherwise)), 'known to be otherwise, and no longer so');
        self::assertLessThan(\count($programs) * $most / 100, $short);
    }

    /** What it prints, and that it stopped; null where it is refused. */
    private static function here(Language $language, string $text): ?string
    {
        $reading = $language->read($text);
        if ([] !== $reading->mistakes) {
            return null;
        }
        $outcome = Runner::run($reading->program, $language, 1, new Limits(steps: 20_000), false, new Circumstances(new Answers('')));
        self::assertNotSame('own_fault', $outcome->error?->kind, $text);

        return $outcome->trace->printout().(Ending::Finished === $outcome->ending ? '' : self::STOPPED);
    }

    /**
     * @param array<string, string> $programs
     *
     * @return array<string, string>
     */
    private static function there(Language $language, array $programs): array
    {
        $folder = RealMachines::folder();
        file_put_contents("$folder/programs.json", json_encode($programs, \JSON_THROW_ON_ERROR));
        [$command, $text] = Language::Python === $language ? [['python3', '-W', 'ignore', 'all.py'], self::IN_PYTHON] : [['node', 'all.js'], self::IN_JAVASCRIPT];
        file_put_contents("$folder/".$command[\count($command) - 1], $text);
        file_put_contents("$folder/package.json", '{"type": "commonjs"}');
        RealMachines::execute($command, $folder, 1);
        $there = json_decode((string) file_get_contents("$folder/results.json"), true, 8, \JSON_THROW_ON_ERROR);
        exec('rm -rf '.escapeshellarg($folder));
        self::assertIsArray($there);
        self::assertCount(\count($programs), $there);

        /** @var array<string, string> $there */
        return $there;
    }

    private const IN_PYTHON = <<<'PYTHON'
        import contextlib, io, json

        results = {}
        for name, text in json.load(open("programs.json")).items():
            printed = io.StringIO()
            stopped = ""
            try:
                with contextlib.redirect_stdout(printed):
                    exec(compile(text, "program", "exec"), {"__name__": "__main__"})
            except Exception:
                stopped = "STOPPED"
            results[name] = printed.getvalue() + stopped
        json.dump(results, open("results.json", "w"))
        PYTHON;

    private const IN_JAVASCRIPT = <<<'JAVASCRIPT'
        const fs = require('fs');
        const results = {};
        const write = process.stdout.write;
        process.stderr.write = () => true;
        for (const [name, text] of Object.entries(JSON.parse(fs.readFileSync('programs.json', 'utf8')))) {
            let printed = '';
            process.stdout.write = (more) => { printed += more; return true; };
            try {
                new Function(text)();
            } catch (error) {
                printed += 'STOPPED';
            }
            process.stdout.write = write;
            results[name] = printed;
        }
        fs.writeFileSync('results.json', JSON.stringify(results));
        JAVASCRIPT;

    /** @return array<string, string> by what is done, and with which value */
    private static function programs(Language $language): array
    {
        $data = self::data($language);
        $programs = [];
        foreach ($data['values'] as $value) {
            foreach ($data['expressions'] as $expression) {
                $brought = implode('', array_map(static fn (string $library, string $sign): string => str_contains($expression, $sign) ? "$library\n" : '', $data['brings'], array_keys($data['brings'])));
                $programs["$expression of $value"] = $brought.self::within($language, self::shown($language, $expression), $value);
            }
            foreach ($data['rows'] as $rows) {
                $programs["$rows of $value"] = self::within($language, $rows, $value);
            }
        }

        return $programs;
    }

    private static function shown(Language $language, string $expression): string
    {
        if (str_starts_with($expression, 'print(')) {
            return $expression;
        }

        return (\in_array($expression, ['a[v]', 'd[v]'], true) ? "a = [4, 5, 6]\n    d = {1: 'one', '5': 'five', True: 'yes'}\n    " : '').(Language::Python === $language ? "print($expression)" : "console.log($expression);");
    }

    private static function within(Language $language, string $rows, string $value): string
    {
        return Language::Python === $language ? "def f(v):\n    $rows\n\n\nf($value)\n" : "function f(v) {\n    $rows\n}\nf($value);\n";
    }

    /** @return array{values: list<string>, brings: array<string, string>, expressions: list<string>, rows: list<string>, known: list<string>} */
    private static function data(Language $language): array
    {
        /** @var array<string, array{values: list<string>, brings: array<string, string>, expressions: list<string>, rows: list<string>, known: list<string>}> $data */
        $data = require __DIR__.'/../odd-values.php';

        return $data[$language->value];
    }
}
