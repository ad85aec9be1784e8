<?php

// How often the first mistake that is told stands at the right line: here, and by the real machines on the same texts.

declare(strict_types=1);

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Mistakes\Report;
use Scrivlet\Tests\Support\Breaking;
use Scrivlet\Tests\Support\Programs;
use Scrivlet\Tests\Support\RealMachines;
use Scrivlet\Tests\Support\Strangers;

require __DIR__.'/../../vendor/autoload.php';

$counts = [];
foreach (Breaking::kept() as $case) {
    [$language, , $answers] = Programs::all()[$case['program']];
    $text = Breaking::text($case);
    $first = Report::lines($text, $language->read($text)->mistakes)[0] ?? null;
    $there = RealMachines::firstLine($text, $language, $answers);
    $counts[$language->value] ??= ['texts' => 0, 'line' => 0, 'kind' => 0, 'there' => 0];
    ++$counts[$language->value]['texts'];
    $counts[$language->value]['line'] += (int) (($first['line'] ?? 0) === $case['line']);
    $counts[$language->value]['kind'] += (int) (($first['line'] ?? 0) === $case['line'] && ($first['kind'] ?? '') === $case['kind']);
    $counts[$language->value]['there'] += (int) ($there === $case['line']);
}
printf("%-12s %6s %12s %14s   %s\n", '', 'texts', 'right line', 'and kind', 'right first line of the real machine');
foreach ($counts as $name => $count) {
    $share = static fn (string $key): string => sprintf('%.1f %%', 100 * $count[$key] / $count['texts']);
    printf("%-12s %6d %12s %14s   %s (%s)\n", Language::from($name)->title(), $count['texts'], $share('line'), $share('kind'), $share('there'), ['python' => 'python3', 'javascript' => 'node', 'cpp' => 'g++'][$name]);
}

// Programs by other authors, each broken at a place drawn by chance; nobody looked which rules fit them.
const EACH = 8;
mt_srand((int) ($argv[1] ?? 5));
printf("\n%-12s %6s %12s %14s   programs by other authors\n", '', 'texts', 'right line', 'and kind');
foreach (Language::cases() as $language) {
    $programs = [];
    foreach (Strangers::all() as [$from, $text]) {
        if ($from === $language && strlen($text) < 6000 && [] === $language->read($text)->mistakes) {
            $programs[] = explode("\n", rtrim($text, "\n"));
        }
    }
    [$texts, $lines, $kinds] = [0, 0, 0];
    foreach (Breaking::rules($language) as [$kind, $rule]) {
        shuffle($programs);
        $done = 0;
        foreach ($programs as $program) {
            $order = array_keys($program);
            shuffle($order);
            foreach ($order as $at) {
                $broken = $rule($program, $at);
                if (null === $broken) {
                    continue;
                }
                $text = implode("\n", Breaking::broken($program, $at, $broken[0]));
                $first = Report::lines($text, $language->read($text)->mistakes)[0] ?? null;
                $isThere = ($first['line'] ?? 0) === $broken[1] + 1;
                ++$texts;
                $lines += (int) $isThere;
                $kinds += (int) ($isThere && $kind === ($first['kind'] ?? ''));
                ++$done;
                break;
            }
            if (EACH === $done) {
                break;
            }
        }
    }
    printf("%-12s %6d %10.1f %% %12.1f %%\n", $language->title(), $texts, 100 * $lines / $texts, 100 * $kinds / $texts);
}
