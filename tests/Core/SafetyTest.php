<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\File\ProjectReader;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\Reading;
use Scrivlet\Core\Run\Answers;
use Scrivlet\Core\Run\Circumstances;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Tests\Support\Demos;
use Scrivlet\Tests\Support\ProgramGenerator;
use Scrivlet\Tests\Support\Programs;
use Scrivlet\Tests\Support\SceneGenerator;

/** No program reaches the machine it runs on: its code calls nothing but this project's own classes, and is bounded. */
final class SafetyTest extends TestCase
{
    /** PHP's own functions that generated code may call: they go over a list with a function of the same code. */
    private const FUNCTIONS = ['array_map', 'array_values', 'array_filter', '\is_int', '\is_float', '\intdiv', '\abs'];
    private const OBJECTS = ['this', 't', 'v', 'nib', 'barrow', 'lantern', 'mower', 'error'];
    private const FORBIDDEN = [\T_INCLUDE, \T_INCLUDE_ONCE, \T_REQUIRE, \T_REQUIRE_ONCE, \T_EVAL, \T_EXIT, \T_PRINT, \T_ECHO, \T_GLOBAL, \T_INLINE_HTML, \T_OPEN_TAG, \T_NAMESPACE, \T_USE, \T_GOTO, \T_START_HEREDOC, \T_ENCAPSED_AND_WHITESPACE, \T_DOLLAR_OPEN_CURLY_BRACES, \T_CURLY_OPEN];

    private const HOSTILE = [
        'python' => "system = \"id\"\nexec_ = system\n__construct = 3\nthis = 4\nGLOBALS = 5\nprint(\"<?php system('id'); ?>\", system, __construct, this, GLOBALS)\nprint('\$x {\$_SERVER} `id` \\' . phpinfo() . \\'')\ndef eval_(code):\n    return code + \"'; system('id'); //\"\nprint(eval_(\"a\"))\nname = input(\"'); phpinfo(); ('\")\n",
        'javascript' => "const system = \"id\";\nlet t = 1, v = 2, r = 3;\nconsole.log(`\${system} <?php eval(1) ?> \${t + v + r}`);\nfunction passthru(__destruct) {\n    return __destruct + \"\\\\'; exit(1); '\";\n}\nconsole.log(passthru(\"x\"));\nconst o = { system: 1, \"__toString\": 2 };\nconsole.log(o);\n",
        'cpp' => "#include <iostream>\nusing namespace std;\nint proc_open = 3;\nint shell_exec(int this_) {\n    return this_ + proc_open;\n}\nint main() {\n    string popen = \"'; unlink('x'); '\";\n    cout << popen << shell_exec(2) << endl;\n}\n",
    ];

    public function testGeneratedCodeCallsNothingOfTheMachine(): void
    {
        $programs = [...array_values(Demos::programs()), ...array_map(static fn (array $one): Program => $one[1]->read($one[0])->program, array_map(static fn (string $language): array => [self::HOSTILE[$language], Language::from($language)], array_keys(self::HOSTILE)))];
        for ($number = 1; $number <= 40; ++$number) {
            $programs[] = (new ProgramGenerator($number))->program();
            $programs[] = (new SceneGenerator($number))->program();
        }
        $calls = 0;
        foreach ($programs as $program) {
            foreach (Language::cases() as $language) {
                $calls += self::assertSafe((new Compiler(new Analysis($program), $language, true))->compile());
            }
        }
        self::assertGreaterThan(5000, $calls);
    }

    private static function assertSafe(string $code): int
    {
        $tokens = array_values(array_filter(\PhpToken::tokenize("<?php $code"), static fn (\PhpToken $token): bool => !$token->isIgnorable()));
        $calls = 0;
        foreach ($tokens as $index => $token) {
            $before = $tokens[$index - 1]->text ?? '';
            if ($index > 0) {
                self::assertFalse($token->is(self::FORBIDDEN), "$token->text in $code");
            }
            self::assertNotSame('`', $token->text);
            if ($token->is(\T_NEW)) {
                self::assertMatchesRegularExpression('/^(?:class|\\\\?Scrivlet\\\\Core\\\\Run\\\\\w+)$/', $tokens[$index + 1]->text);
            }
            if ('(' !== ($tokens[$index + 1]->text ?? '') || !$token->is([\T_STRING, \T_NAME_QUALIFIED, \T_NAME_FULLY_QUALIFIED, \T_VARIABLE, \T_CONSTANT_ENCAPSED_STRING])) {
                continue;
            }
            ++$calls;
            if ('->' === $before) {
                self::assertMatchesRegularExpression('/^\$(?:'.implode('|', self::OBJECTS).')$|^(?:stage|trace|values|chance|answers|limits|scheduler|\))$/', $tokens[$index - 2]->text, $code);
            } elseif ('function' !== $before && 'new' !== $before && 'fn' !== $before && 'class' !== $token->text && '::' !== $before) {
                self::assertContains($token->text, [...self::FUNCTIONS, 'Scrivlet\Core\Run\RunError', 'catch'], $code);
            }
        }

        return $calls;
    }

    public function testHostileTextsAreOnlyTexts(): void
    {
        foreach (self::HOSTILE as $language => $text) {
            $language = Language::from($language);
            $outcome = Runner::run($language->read($text)->program, $language, circumstances: new Circumstances(new Answers("x\n")));
            self::assertNull($outcome->error, $language->value.': '.$outcome->error?->kind.' '.$outcome->errorRow);
            self::assertStringContainsString("'", $outcome->trace->printout());
        }
    }

    /** A torn operator sent its reader back to the beginning of its class, for ever. */
    public function testATornClassIsReadOnce(): void
    {
        $text = "struct Money {\n    Money operator-() const { return Money(-pence); }\n    Money operator/ return int n) const { return Moneypence /n); }";

        self::assertSame($text, Language::Cpp->print(Language::Cpp->read($text)->program)->text());
    }

    /** A value was swapped for a variable, in a row that no stored program may have. */
    public function testWhatIsSwappedHasAPlace(): void
    {
        $read = static fn (string $other): Reading => Language::Cpp->read("int main() {\n    int a = 1, b = 2;\n    swap(a, $other);\n}\n");

        self::assertSame(['unsupported'], array_column($read('b || b')->mistakes, 'kind'));
        foreach (['b', 'b || b'] as $other) {
            $program = $read($other)->program;
            self::assertEquals($program, ProjectReader::kept(ProjectWriter::kept($program)), $other);
        }
    }

    /** Torn programs end within all their limits, write nothing and warn of nothing. */
    #[Group('long')]
    public function testFuzzedProgramsStayWithinTheirLimits(): void
    {
        $limits = new Limits(steps: 3000, printed: 20000, milliseconds: 5000, memory: 24000000);
        $folder = sys_get_temp_dir().'/scrivlet-safe-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $here = getcwd();
        chdir($folder);
        mt_srand(11);
        set_error_handler(static fn (int $level, string $text): never => throw new \ErrorException($text));
        ob_start();
        $ran = 0;
        try {
            $texts = array_map(static fn (array $program): string => $program[1], Programs::all());
            $names = array_keys($texts);
            for ($case = 0; $case < 900; ++$case) {
                $name = $names[mt_rand(0, \count($names) - 1)];
                $language = Language::ofFile($name) ?? Language::Python;
                $text = self::torn($texts[$name], $texts[$names[mt_rand(0, \count($names) - 1)]]);
                $program = $language->read($text)->program;
                if ($program->hasUnread()) {
                    continue;
                }
                ++$ran;
                $before = memory_get_usage();
                $outcome = Runner::run($program, $language, 1, $limits, circumstances: new Circumstances(new Answers("3\n4\nbeans\n")));
                self::assertLessThanOrEqual($limits->steps, $outcome->trace->moment, $text);
                self::assertLessThanOrEqual($limits->milliseconds, $outcome->trace->now, $text);
                self::assertLessThanOrEqual($limits->printed + 20000, \strlen($outcome->trace->printout()), $text);
                self::assertLessThan($before + 2 * $limits->memory, memory_get_usage(), $text);
            }
        } finally {
            restore_error_handler();
            $said = ob_get_clean();
            chdir((string) $here);
        }
        self::assertSame('', $said);
        self::assertSame(['.', '..'], scandir($folder));
        rmdir($folder);
        self::assertGreaterThan(250, $ran);
    }

    private static function torn(string $text, string $other): string
    {
        $lines = explode("\n", $text);
        $others = explode("\n", $other);
        for ($change = mt_rand(1, 3); $change > 0; --$change) {
            $at = mt_rand(0, \count($lines) - 1);
            match (mt_rand(0, 3)) {
                0 => array_splice($lines, $at, 1),
                1 => array_splice($lines, $at, 0, [$lines[mt_rand(0, \count($lines) - 1)]]),
                2 => $lines[$at] = (string) preg_replace_callback('/\d+/', static fn (): string => (string) [0, -1, 9, 1000000, 3][mt_rand(0, 4)], $lines[$at]),
                default => $lines[$at] = str_replace(['+', '<', '*'], ['*', '>', '**'], $lines[$at]),
            };
        }

        return implode("\n", $lines);
    }
}
