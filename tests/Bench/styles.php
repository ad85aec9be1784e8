<?php

declare(strict_types=1);

/*
 * Programs by other authors, each written in the styles of yet others: which of them is read otherwise then, or does something else?
 * The real machine is asked of those that are, whether it does the same.
 *
 *   php tests/Bench/styles.php [part of a style's name]
 */

use Scrivlet\Tests\Support\Strangers;
use Scrivlet\Tests\Support\Styles;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$all = $fell = $wrong = 0;
foreach (Strangers::all() as $name => [$language, $text, $answers, $printed]) {
    $reading = $language->read($text);
    if ([] !== $reading->mistakes || 'same' !== Strangers::outcome($reading->program, $language, $answers, $printed)[0]) {
        continue;
    }
    foreach (Styles::of($language) as $style => $write) {
        $other = str_contains($style, $argv[1] ?? '') ? $write($text) : $text;
        if ($other === $text) {
            continue;
        }
        ++$all;
        $reading = $language->read($other);
        $mistake = $reading->mistakes[0] ?? null;
        $what = null === $mistake ? Strangers::outcome($reading->program, $language, $answers, $printed) : [$mistake->kind, implode(' ', array_map(strval(...), array_filter($mistake->parameters, is_scalar(...))))];
        if ('same' === $what[0]) {
            continue;
        }
        try {
            $isTaken = Strangers::there($language, $other, $answers) === $printed;
        } catch (RuntimeException) {
            $isTaken = false;
        }
        $fell += (int) $isTaken;
        $wrong += (int) ($isTaken && 'unsupported' !== $what[0]);
        $isTaken && printf("%s, %s: %s %s\n", $name, $style, $what[0], mb_strimwidth(strtr($what[1], "\n", ' '), 0, 80, '…'));
    }
}
printf("%d texts, %d do not do the same here, %d of them without being refused in words\n", $all, $fell, $wrong);
