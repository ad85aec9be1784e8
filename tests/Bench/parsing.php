<?php

// Lines parsed in a second for each language, beside nikic/php-parser on PHP of like size, in the same minute.

declare(strict_types=1);

use PhpParser\ParserFactory;
use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\JavaScript\JavaScriptLexer;
use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Python\PythonParser;
use Scrivlet\Tests\Support\Programs;

require __DIR__.'/../../vendor/autoload.php';

const ROUNDS = 5;
const SECONDS = 0.4;

/** @param Closure(string): mixed $parse */
function linesASecond(Closure $parse, string ...$texts): float
{
    $lines = 0;
    $start = hrtime(true);
    do {
        foreach ($texts as $text) {
            $parse($text);
            $lines += substr_count($text, "\n");
        }
        $seconds = (hrtime(true) - $start) / 1e9;
    } while ($seconds < SECONDS);

    return $lines / $seconds;
}

function asPhp(string $script): string
{
    $php = '';
    $script = (string) preg_replace(['/^import .*\n/m', '/for \\((?:const|let) (\w+) of (.+)\\) \\{/', '/`([^`]*)`/', '/(\\(\w+\\)) =>/'], ['', 'foreach ($2 as $1) {', '"$1"', 'fn $1 =>'], $script);
    $tokens = JavaScriptLexer::tokens($script);
    foreach ($tokens as $index => $token) {
        $before = $tokens[$index - 1]->text ?? '';
        $isName = TokenKind::Name === $token->kind && !in_array($token->text, ['foreach', 'as', 'fn'], true) && '.' !== $before;
        $php .= match (true) {
            $isName && '(' !== ($tokens[$index + 1]->text ?? '') && 'function' !== ($tokens[$index - 2]->text ?? '') => '$'.$token->text,
            'let' === $token->text, 'const' === $token->text => '',
            '.' === $token->text => '->',
            default => $token->text,
        };
    }

    return "<?php\n".$php;
}

/** @var array<string, list<string>> $texts */
$texts = ['python' => [], 'javascript' => [], 'cpp' => []];
foreach (Programs::all() as [$language, $text]) {
    $texts[$language->value][] = $text;
}
$lengths = array_map(static fn (array $texts): int => intdiv(substr_count(implode('', $texts), "\n"), max(1, count($texts))), $texts);
// The JavaScript programs of the body, written over into PHP sign for sign: the same rows, the same length.
$php = array_values(array_filter(array_map(asPhp(...), $texts['javascript']), static function (string $text): bool {
    try {
        (new ParserFactory())->createForHostVersion()->parse($text);

        return true;
    } catch (PhpParser\Error) {
        return false;
    }
}));
$phpParser = (new ParserFactory())->createForHostVersion();
/** @var array<string, list<float>> $measured */
$measured = [];
for ($round = 0; $round < ROUNDS; ++$round) {
    $measured['php-parser'][] = linesASecond($phpParser->parse(...), ...$php);
    foreach ($texts as $name => $list) {
        $measured["$name alone"][] = linesASecond(static fn (string $text): mixed => (match (Language::from($name)) {
            Language::Python => new PythonParser($text),
            Language::JavaScript => new JavaScriptParser($text),
            Language::Cpp => new CppParser($text),
        })->rows(), ...$list);
        $measured["$name read"][] = linesASecond(Language::from($name)->read(...), ...$list);
    }
}
$median = static function (array $values): float {
    sort($values);

    return $values[intdiv(count($values), 2)];
};
$base = $median($measured['php-parser']);
printf("%-28s %9.0f lines/s  (%d files, %d lines each)\n", 'nikic/php-parser', $base, count($php), substr_count(implode('', $php), "\n") / count($php));
foreach (Language::cases() as $language) {
    $alone = $median($measured["$language->value alone"]);
    $read = $median($measured["$language->value read"]);
    printf("%-28s %9.0f lines/s  %.2f   with meaning, mistakes and handwriting %9.0f  %.2f   (%d lines each)\n", $language->title(), $alone, $alone / $base, $read, $read / $base, $lengths[$language->value]);
}
