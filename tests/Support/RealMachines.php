<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program;

/** Runs printed programs on the real python3, node and g++ with the libraries of this project. */
final class RealMachines
{
    private const LIBRARY = __DIR__.'/../../library';

    public static function folder(): string
    {
        $folder = sys_get_temp_dir().'/scrivlet-machines-'.bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents("$folder/package.json", '{"type": "module"}');
        foreach (['py', 'js', 'hpp'] as $ending) {
            copy(self::LIBRARY."/scrivlet.$ending", "$folder/scrivlet.$ending");
        }
        $compiled = self::compiledLibrary();
        null === $compiled || symlink($compiled, "$folder/scrivlet.hpp.gch");

        return $folder;
    }

    /** The library as g++ has read it once, which saves each program two seconds. */
    private static function compiledLibrary(): ?string
    {
        static $compiled = false;
        if (false === $compiled) {
            $place = sys_get_temp_dir().'/scrivlet-library-'.md5_file(self::LIBRARY.'/scrivlet.hpp').'.gch';
            if (!is_file($place)) {
                exec('g++ -std=c++17 -w -x c++-header '.escapeshellarg(self::LIBRARY.'/scrivlet.hpp').' -o '.escapeshellarg("$place.".getmypid()).' 2>&1', $output, $exit);
                0 === $exit && rename("$place.".getmypid(), $place);
            }
            $compiled = is_file($place) ? $place : null;
        }

        return $compiled;
    }

    /**
     * @param array<string, Program>               $programs
     * @param array<string, array<string, string>> $files    what stands beside a program, by name; `in` has its answers
     *
     * @return array<string, array{printed: string, errors: string, exit: int, trace: list<array<string, mixed>>, drawing: string}>
     */
    public static function run(array $programs, Language $language, int $seed, array $files = []): array
    {
        $texts = array_map(static fn (Program $program): string => $language->print($program)->text(), $programs);

        return self::remembered(['run', $language->value, $seed, $texts, $files], static fn (): array => self::ran($texts, $language, $seed, $files));
    }

    /**
     * What the machines of this computer said of the very same is not asked again: they say it again. It is kept with their
     * versions and the library, in `var/machines`, for ten days.
     *
     * @template T
     *
     * @param list<mixed>   $of  all that the answer depends on
     * @param \Closure(): T $ask
     *
     * @return T
     */
    private static function remembered(array $of, \Closure $ask): mixed
    {
        static $machines = null;
        $machines ??= shell_exec('python3 -V; node -v; g++ --version').implode('', array_map(static fn (string $ending): string => (string) md5_file(self::LIBRARY."/scrivlet.$ending"), ['py', 'js', 'hpp'])).md5_file(__FILE__);
        $folder = \dirname(__DIR__, 2).'/var/machines';
        $file = "$folder/".hash('sha256', serialize([$machines, $of]));
        if (is_file($file)) {
            /** @var T $answer */
            $answer = unserialize((string) file_get_contents($file), ['allowed_classes' => false]);

            return $answer;
        }
        $answer = $ask();
        is_dir($folder) || @mkdir($folder, 0777, true);
        foreach (0 === random_int(0, 20) ? glob("$folder/*") ?: [] : [] as $old) {
            filemtime($old) > time() - 864000 || @unlink($old);
        }
        $new = "$file.".getmypid();
        false === @file_put_contents($new, serialize($answer)) || rename($new, $file);

        return $answer;
    }

    /**
     * @param array<string, string>                $texts
     * @param array<string, array<string, string>> $files
     *
     * @return array<string, array{printed: string, errors: string, exit: int, trace: list<array<string, mixed>>, drawing: string}>
     */
    private static function ran(array $texts, Language $language, int $seed, array $files): array
    {
        $folder = self::folder();
        if (Language::Cpp === $language) {
            self::compileTexts($texts, $folder);
        }
        $results = [];
        foreach ($texts as $name => $text) {
            $command = match ($language) {
                Language::Python => [self::python(), "$name.py"],
                Language::JavaScript => ['node', "$name.js"],
                Language::Cpp => ['./programs', $name],
            };
            if (Language::Cpp !== $language) {
                file_put_contents("$folder/$name.{$language->extension()}", $text);
            }
            $results[$name] = self::execute($command, $folder, $seed, $files[$name]['in'] ?? '', $files[$name] ?? []);
        }
        exec('rm -rf '.escapeshellarg($folder));

        return $results;
    }

    /**
     * @param array<string, array{string, string}> $texts   text and answers by name
     * @param bool                                 $checked whether what C++ leaves undefined stops the program
     *
     * @return array<string, array{printed: string, errors: string, exit: int, trace: list<array<string, mixed>>, drawing: string}>
     */
    public static function texts(array $texts, Language $language, int $seed, bool $checked = false): array
    {
        return self::remembered(['texts', $language->value, $seed, $checked, $texts], static fn (): array => self::textsRan($texts, $language, $seed, $checked));
    }

    /**
     * @param array<string, array{string, string}> $texts
     *
     * @return array<string, array{printed: string, errors: string, exit: int, trace: list<array<string, mixed>>, drawing: string}>
     */
    private static function textsRan(array $texts, Language $language, int $seed, bool $checked): array
    {
        $folder = self::folder();
        if (Language::Cpp === $language) {
            self::compileTexts(array_map(static fn (array $text): string => $text[0], $texts), $folder, $checked);
        }
        $results = [];
        foreach ($texts as $name => [$text, $answers]) {
            if (Language::Cpp !== $language) {
                file_put_contents("$folder/program.{$language->extension()}", $text);
            }
            $results[$name] = self::execute(match ($language) {
                Language::Python => [self::python(), 'program.py'],
                Language::JavaScript => ['node', 'program.js'],
                Language::Cpp => ['./programs', $name],
            }, $folder, $seed, $answers);
        }
        exec('rm -rf '.escapeshellarg($folder));

        return $results;
    }

    /** @return string what the real compiler says of a text that it does not accept; empty if it does */
    private static function refusal(string $text, Language $language): string
    {
        $folder = self::folder();
        $file = "program.{$language->extension()}";
        file_put_contents("$folder/$file", $text);
        exec('cd '.escapeshellarg($folder).' && '.match ($language) {
            Language::Python => escapeshellarg(self::python())." -m py_compile $file",
            Language::JavaScript => "node --check $file",
            Language::Cpp => "g++ -std=c++17 -fsyntax-only -fmax-errors=1 $file",
        }.' 2>&1', $output, $exit);
        exec('rm -rf '.escapeshellarg($folder));

        return 0 === $exit ? '' : implode("\n", $output);
    }

    /**
     * What each expression prints; null where the real machine stops at it.
     *
     * @param list<string> $expressions
     *
     * @return list<string|null>
     */
    public static function values(array $expressions, Language $language): array
    {
        return self::remembered(['values', $language->value, $expressions], static fn (): array => self::valuesFound($expressions, $language));
    }

    /**
     * @param list<string> $expressions
     *
     * @return list<string|null>
     */
    private static function valuesFound(array $expressions, Language $language): array
    {
        $folder = self::folder();
        $code = match ($language) {
            Language::Python => "import json, warnings\nwarnings.simplefilter('ignore')\n",
            Language::JavaScript => "import { format } from 'node:util';\nconst shown = (value) => format(value);\n",
            // Functions keep what is repeated thousands of times short to compile.
            Language::Cpp => "#include \"scrivlet.hpp\"\nstd::ostringstream cell;\nstd::ostream &fresh() { cell = std::ostringstream(); return cell; }\nvoid put() { cout << '=' << cell.str() << '\\0'; }\nvoid stopped() { cout << '!' << '\\0'; }\n",
        };
        $rows = '';
        foreach ($expressions as $index => $expression) {
            // Functions of some hundred rows compile in far less time than one of thousands.
            $rows .= Language::Cpp === $language && 0 === $index % 250 ? ($index > 0 ? "}\n" : '').'void part'.intdiv($index, 250)."() {\n" : '';
            $rows .= match ($language) {
                Language::Python => "try:\n    print(json.dumps(str(eval(".json_encode($expression, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES)."))))\nexcept Exception: print('null')\n",
                Language::JavaScript => "try { console.log(JSON.stringify(shown($expression))) } catch { console.log('null') }\n",
                Language::Cpp => "try { fresh() << ($expression); put(); } catch (const std::exception&) { stopped(); }\n",
            };
        }
        if (Language::Cpp === $language) {
            $rows .= "}\nint main() {\n".implode('', array_map(static fn (int $part): string => "    part$part();\n", range(0, intdiv(\count($expressions) - 1, 250))))."}\n";
        }
        file_put_contents("$folder/program.{$language->extension()}", $code.$rows);
        if (Language::Cpp === $language) {
            exec('cd '.escapeshellarg($folder).' && g++ -std=c++17 -w program.cpp -o program 2>&1', $output, $exit);
            0 === $exit || throw new \RuntimeException("g++ refuses:\n".implode("\n", \array_slice($output, 0, 40)));
        }
        $printed = self::execute(match ($language) {
            Language::Python => [self::python(), 'program.py'],
            Language::JavaScript => ['node', 'program.js'],
            Language::Cpp => ['./program'],
        }, $folder, 1)['printed'];
        exec('rm -rf '.escapeshellarg($folder));
        if (Language::Cpp === $language) {
            return array_map(static fn (string $value): ?string => '!' === $value ? null : substr($value, 1), \array_slice(explode("\0", $printed), 0, \count($expressions)));
        }
        $values = [];
        foreach (explode("\n", rtrim($printed, "\n")) as $line) {
            $value = json_decode($line, true, 4, \JSON_THROW_ON_ERROR);
            $values[] = null === $value || \is_string($value) ? $value : throw new \RuntimeException($line);
        }

        return $values;
    }

    /** What the real machine says against a text before it runs it; nothing where it takes it. */
    public static function refuses(string $text, Language $language): string
    {
        $file = tempnam(sys_get_temp_dir(), 'accepted').['python' => '.py', 'javascript' => '.mjs', 'cpp' => '.cpp'][$language->value];
        file_put_contents($file, $text);
        $command = match ($language) {
            Language::Python => [self::python(), '-c', 'import ast, sys; ast.parse(open(sys.argv[1]).read())', $file],
            Language::JavaScript => ['node', '--check', $file],
            Language::Cpp => ['g++', '-std=c++20', '-w', '-fsyntax-only', $file],
        };
        // What is said has one way out: of two pipes that are read in turn the second may fill, and both would wait for ever.
        exec('timeout 300 '.implode(' ', array_map(escapeshellarg(...), $command)).' 2>&1', $said, $ended);
        unlink($file);
        unlink(substr($file, 0, (int) strrpos($file, '.')));

        return 0 === $ended ? '' : implode("\n", $said)."\n";
    }

    /** The line at which the real machine sees the first mistake of a text: when it is compiled, or else when it runs; 0 if it sees none. */
    public static function firstLine(string $text, Language $language, string $answers): int
    {
        if (Language::Cpp === $language) {
            return 1 === preg_match('/program\.cpp:(\d+):\d+: (?:fatal )?error/', self::refusal($text, $language), $match) ? (int) $match[1] : 0;
        }
        $errors = self::texts(['program' => [$text, $answers]], $language, 1)['program']['errors'];
        // Python names the innermost call last, Node.js the place first.
        $count = preg_match_all('/program\.(?:py", line |js:)(\d+)/', $errors, $matches);

        return 0 === $count || false === $count ? 0 : (int) (Language::Python === $language ? $matches[1][$count - 1] : $matches[1][0]);
    }

    /** The interpreter itself: `python3` may be a slow script that looks for it. */
    private static function python(): string
    {
        static $python = null;

        return $python ??= trim((string) shell_exec('python3 -c "import sys; print(sys.executable)"'));
    }

    /**
     * All programs share one compilation: each gets a namespace of its own, and the first argument names the one to run.
     *
     * @param array<string, string> $texts
     * @param bool                  $checked whether what C++ leaves undefined stops the program
     */
    private static function compileTexts(array $texts, string $folder, bool $checked = false): void
    {
        $headers = ['#include "scrivlet.hpp"' => true];
        $code = $choices = '';
        foreach (array_keys($texts) as $number => $name) {
            $text = (string) preg_replace_callback('/^#include[^\n]*\n/m', static function (array $match) use (&$headers): string {
                $headers[trim($match[0])] = true;

                return '';
            }, $texts[$name]);
            // Unlike `main`, no other function may end without a value.
            $text = (string) preg_replace_callback('/\bint main\s*\(\s*(?:void)?\s*\)\s*\{(.*?)^\}/ms', static fn (array $match): string => 'void run() {'.str_replace(['return 0;', 'return EXIT_SUCCESS;'], 'return;', $match[1]).'}', $text);
            $code .= "namespace p$number {\n#line 1 \"$name\"\n$text\n}\n";
            $choices .= "    if (name == \"$name\") p$number::run();\n";
        }
        file_put_contents("$folder/programs.cpp", implode("\n", array_keys($headers))."\n".$code."int main(int, char** arguments) {\n    const string name = arguments[1];\n$choices}\n");
        exec('cd '.escapeshellarg($folder).' && g++ -std=c++17 -w '.($checked ? '-fsanitize=undefined -fno-sanitize-recover=all ' : '').'programs.cpp -o programs 2>&1', $output, $exit);
        if (0 !== $exit) {
            throw new \RuntimeException("g++ refuses:\n".implode("\n", \array_slice($output, 0, 40)));
        }
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $files   what stands beside the program
     *
     * @return array{printed: string, errors: string, exit: int, trace: list<array<string, mixed>>, drawing: string}
     */
    public static function execute(array $command, string $folder, int $seed, string $answers = '', array $files = []): array
    {
        foreach (['layout.txt', 'signals.txt'] as $name) {
            file_put_contents("$folder/$name", $files[$name] ?? '');
        }
        file_put_contents("$folder/in", $answers);
        @unlink("$folder/trace.jsonl");
        @unlink("$folder/drawing.svg");
        $environment = [...getenv(), 'SCRIVLET_TRACE' => 'trace.jsonl', 'SCRIVLET_SEED' => (string) $seed, 'SCRIVLET_SECONDS' => $files['seconds'] ?? '120', 'PYTHONDONTWRITEBYTECODE' => '1', 'PYTHONIOENCODING' => 'utf-8'];
        // What waits for its turn on a busy machine must not look like what never ends.
        $process = proc_open(['timeout', '120', ...$command], [0 => ['file', "$folder/in", 'r'], 1 => ['file', "$folder/out", 'w'], 2 => ['file', "$folder/err", 'w']], $pipes, $folder, $environment);
        \assert(\is_resource($process));
        $exit = proc_close($process);
        $trace = [];
        foreach (is_file("$folder/trace.jsonl") ? explode("\n", rtrim((string) file_get_contents("$folder/trace.jsonl"))) : [] as $line) {
            if ('' !== $line) {
                $trace[] = json_decode($line, true, 16) ?? throw new \RuntimeException(implode(' ', $command).': '.bin2hex(substr($line, 0, 300)));
            }
        }

        return [
            'printed' => (string) file_get_contents("$folder/out"),
            'errors' => (string) file_get_contents("$folder/err"),
            'exit' => $exit,
            'trace' => $trace,
            'drawing' => is_file("$folder/drawing.svg") ? (string) file_get_contents("$folder/drawing.svg") : '',
        ];
    }
}
