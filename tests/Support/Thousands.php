<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use PHPUnit\Framework\Assert;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;

/** Small programs by the thousand of Python or JavaScript: what they print here, and in one process of the real machine. */
final class Thousands
{
    private const STOPPED = 'STOPPED';

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

    /**
     * Those that print something else here, and how many are refused or stop where the real machine goes on.
     *
     * @param array<string, string> $programs by name
     *
     * @return array{list<string>, int}
     */
    public static function otherwise(Language $language, array $programs): array
    {
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

        return [$otherwise, $short];
    }

    /** What it prints, and that it stopped; null where it is refused. */
    private static function here(Language $language, string $text): ?string
    {
        $reading = $language->read($text);
        if ([] !== $reading->mistakes) {
            return null;
        }
        $outcome = Runner::run($reading->program, $language, 1, new Limits(steps: 20_000), false, new Circumstances(new Answers('')));
        Assert::assertNotSame('own_fault', $outcome->error?->kind, $text);

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
        Assert::assertIsArray($there);
        Assert::assertCount(\count($programs), $there);

        /** @var array<string, string> $there */
        return $there;
    }
}
