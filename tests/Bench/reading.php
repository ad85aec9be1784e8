<?php

declare(strict_types=1);

/*
 * Reading takes time in proportion to the text, whatever stands in it: one token, again and again, for 200 kB and for
 * 500 kB. Prints the slowest, and how many times as long as half of the text they take. Aim: 200 kB in 2 s, 500 kB in
 * 5 s. Each text is also printed again, letter for letter.
 */

use Scrivlet\Core\Language\Language;
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

/** Seconds for reading a text in a process of its own; null if it broke down or became another text. */
function seconds(Language $language, string $text): ?float
{
    $start = hrtime(true);
    $process = pcntl_fork();
    if (0 === $process) {
        pcntl_alarm(30);
        exit($language->print($language->read($text, Program::empty())->program)->text() === $text ? 0 : 1);
    }
    pcntl_waitpid($process, $status);

    return pcntl_wifexited($status) && 0 === pcntl_wexitstatus($status) ? (hrtime(true) - $start) / 1e9 : null;
}

foreach ([200_000 => 2.0, 500_000 => 5.0] as $size => $aim) {
    $found = [];
    $broken = 0;
    foreach (Language::cases() as $language) {
        foreach (TOKENS as $token) {
            $took = seconds($language, str_repeat($token, intdiv($size, strlen($token))));
            $broken += null === $took ? 1 : 0;
            $found[$language->value.' '.json_encode($token, \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE)] = $took ?? \INF;
        }
    }
    arsort($found);
    printf("Texts of one token, %d kB: %d, of which %d take over %.0f s and %d broke down; the slowest:\n", $size / 1000, count($found), count(array_filter($found, static fn (float $seconds): bool => $seconds > $aim)), $aim, $broken);
    foreach (array_slice($found, 0, 6) as $name => $seconds) {
        [$language, $token] = explode(' ', $name, 2);
        $half = seconds(Language::from($language), str_repeat((string) json_decode($token), intdiv((int) ($size / 2), max(1, strlen((string) json_decode($token))))));
        printf("  %-32s %.2f s, %.1f times as long as half of it\n", $name, $seconds, $seconds / ($half ?? \NAN));
    }
}
