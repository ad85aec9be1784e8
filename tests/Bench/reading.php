<?php

declare(strict_types=1);

/*
 * Reading takes time in proportion to the text, whatever stands in it: one token, again and again, for 200 kB and for
 * 500 kB. Prints the slowest, and how many times as long as half of the text they take. Aim: 200 kB in 2 s, 500 kB in
 * 5 s. Each text is also printed again, letter for letter. Then the same for what is asked for while somebody types
 * behind such a text, and for reading it out. Aim: 2 s.
 */

use Scrivlet\Core\Completion\ArgumentCard;
use Scrivlet\Core\Completion\Completion;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Plain\PlainLines;
use Scrivlet\Core\Tree\Program;

require dirname(__DIR__, 2).'/vendor/autoload.php';
ini_set('memory_limit', '2G');

const TOKENS = [
    '{', '}', '(', ')', '[', ']', ';', ',', ':', '.', '"', "'", '`', '"""', '#', '//', '/*', '*/', '\\', '+', '-', '*', '/', '%', '=', '==', '<', '>', '<<', '>>', '!', '~', '?', '@',
    '&', '&&', '|', '^', '$', '${', 'x', 'x ', 'x=1;', "x = 1\n", '1', '1 ', '1+', '1,', '(1,', '[1,', 'f(', 'f(x)', 'a.', 'a.b', 'a.b()', 'a[', 'if ', 'if (', "if x:\n", 'if (x) ', 'if (x) {',
    'else ', 'for ', 'for (', 'while ', 'while (x) ', 'def ', "def f():\n", 'return ', 'lambda x: ', '=> ', 'function ', 'function f(){', '() => ', 'new ', 'not ', 'in ', 'case 1: ', 'switch (x) {',
    'int ', 'int x;', 'int main() {', '#include <', 'vector<', 'cout << ', 'template<', "\n", "\r", "\t", ' ', "\f", "x\n", "x\r\n", " x\n", 'é', '🌻', "\xff", "import x\n", '"a"', 'f"{', 'await ', 'x?',
    'a:b,', 'x if y else ', "print(x)\n", "nib.forward(1)\n", "console.log(x);\n", '[x for x in ', '{1:', "global x\n", 'do {', "try:\n", "class A:\n", '*x,', 'x,', 'x=', 'x=y=', '-x', 'a<b<', 'or ', 'and x ',
];

/**
 * Seconds for something with a text in a process of its own; null if it broke down or said no.
 *
 * @param Closure(Language, string): bool $work
 */
function seconds(Closure $work, Language $language, string $text): ?float
{
    $start = hrtime(true);
    $process = pcntl_fork();
    if (0 === $process) {
        pcntl_alarm(30);
        exit($work($language, $text) ? 0 : 1);
    }
    pcntl_waitpid($process, $status);

    return pcntl_wifexited($status) && 0 === pcntl_wexitstatus($status) ? (hrtime(true) - $start) / 1e9 : null;
}

/** @param Closure(Language, string): bool $work */
function slowest(string $what, Closure $work, int $size, float $aim): void
{
    $found = [];
    foreach (Language::cases() as $language) {
        foreach (TOKENS as $token) {
            $name = $language->value.' '.json_encode($token, \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE);
            $found[$name] = [seconds($work, $language, str_repeat($token, intdiv($size, strlen($token)))) ?? \INF, $language, $token];
        }
    }
    uasort($found, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
    $over = array_filter($found, static fn (array $one): bool => $one[0] > $aim);
    printf("%s of one token, %d kB: %d, of which %d take over %.0f s and %d broke down; the slowest:\n", $what, $size / 1000, count($found), count($over), $aim, count(array_filter($found, static fn (array $one): bool => \INF === $one[0])));
    foreach (array_slice($found, 0, 6) as $name => [$seconds, $language, $token]) {
        printf("  %-32s %.2f s, %.1f times as long as half of it\n", $name, $seconds, $seconds / (seconds($work, $language, str_repeat($token, intdiv(intdiv($size, 2), strlen($token)))) ?? \NAN));
    }
}

$read = static fn (Language $language, string $text): bool => $language->print($language->read($text, Program::empty())->program)->text() === $text;
slowest('Texts', $read, 200_000, 2.0);
slowest('Texts', $read, 500_000, 5.0);
slowest('Completing behind texts', static fn (Language $language, string $text): bool => count(Completion::after($text.' x', $language, 'en')) < 21 && count(ArgumentCard::after($text.'x(', $language, 'en')->parameters ?? []) < 1000, 500_000, 2.0);
slowest('Reading out texts', static function (Language $language, string $text): bool {
    $analysis = new Analysis($language->read($text)->program);

    return count(PlainLines::of($analysis, $language, 'en')) === count($analysis->text($language)->lines);
}, 200_000, 2.0);
