<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Tree\Program;

/**
 * Programs as other authors would write them, none changed to suit: `tests/strangers/<body>/<name>`, beside it `.in` with its answers
 * and `.out` with what the real machine printed (Python 3.11, Node.js 20, g++ 12 for C++20).
 */
final class Strangers
{
    private const FOLDER = __DIR__.'/../strangers';

    /** @return array<string, array{Language, string, string, string}> language, text, answers and what was printed there, by body and name */
    public static function all(): array
    {
        $programs = [];
        foreach (glob(self::FOLDER.'/*/*.{py,js,cpp}', \GLOB_BRACE) ?: [] as $file) {
            $programs[basename(\dirname($file)).'/'.basename($file)] = [
                Language::ofFile($file) ?? throw new \LogicException($file),
                (string) file_get_contents($file),
                is_file("$file.in") ? (string) file_get_contents("$file.in") : '',
                (string) file_get_contents("$file.out"),
            ];
        }

        return $programs;
    }

    /**
     * What becomes of a program here: `same`, `refused` before it runs, `stopped` while it runs, or `other` if it ends and printed
     * something else.
     *
     * @return array{'same'|'refused'|'stopped'|'other', string} and the reason: kinds of mistakes, the failure, or what was printed
     */
    public static function outcome(Program $program, Language $language, string $answers, string $printed): array
    {
        $outcome = Runner::run($program, $language, 1, new Limits(steps: Limits::UNTRACED), false, new Circumstances(new Answers($answers)));
        $here = $outcome->trace->printout();
        if ($here === $printed) {
            return ['same', ''];
        }

        return Ending::Finished === $outcome->ending ? ['other', $here] : ['stopped', $outcome->error->kind ?? $outcome->ending->value];
    }

    public static function here(Program $program, Language $language, string $answers): string
    {
        return Runner::run($program, $language, 1, new Limits(steps: Limits::UNTRACED), false, new Circumstances(new Answers($answers)))->trace->printout();
    }

    /** What the real machine prints, each program by itself. */
    public static function there(Language $language, string $text, string $answers): string
    {
        return self::ranThere($language, $text, $answers)['printed'];
    }

    /** @return array{printed: string, errors: string, exit: int, ...} */
    public static function ranThere(Language $language, string $text, string $answers): array
    {
        $folder = RealMachines::folder();
        // A file by itself is a script; only one that brings something in is a module.
        1 === preg_match('/^\s*(?:import|export)\b/m', $text) || file_put_contents("$folder/package.json", '{"type": "commonjs"}');
        file_put_contents("$folder/program.{$language->extension()}", $text);
        if (Language::Cpp === $language) {
            exec('cd '.escapeshellarg($folder).' && g++ -std=c++20 -w program.cpp -o program 2>&1', $output, $exit);
            0 === $exit || throw new \RuntimeException(implode("\n", $output));
        }
        $result = RealMachines::execute(match ($language) {
            Language::Python => ['python3', 'program.py'],
            Language::JavaScript => ['node', 'program.js'],
            Language::Cpp => ['./program'],
        }, $folder, 1, $answers);
        exec('rm -rf '.escapeshellarg($folder));

        return $result;
    }
}
