<?php

declare(strict_types=1);

/* What becomes of programs by other authors, and of their translations; with `record`, what the real machines print is written down.
   strangers.php [record | part of a name] [over | anew | rows] */

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Unsayable;
use Scrivlet\Core\Refusal;
use Scrivlet\Tests\Support\PrintedRows;
use Scrivlet\Tests\Support\Strangers;

require dirname(__DIR__, 2).'/vendor/autoload.php';

if ('record' === ($argv[1] ?? '')) {
    foreach (glob(dirname(__DIR__).'/strangers/*/*.{py,js,cpp}', \GLOB_BRACE) ?: [] as $file) {
        $printed = Strangers::there(Language::ofFile($file) ?? throw new LogicException($file), (string) file_get_contents($file), (string) @file_get_contents("$file.in"));
        $known = @file_get_contents("$file.out");
        $known === $printed || print "$file: ".(false === $known ? 'new' : 'printed something else before')."\n";
        file_put_contents("$file.out", $printed);
    }
    exit;
}

$table = $reasons = $over = [];
foreach (Strangers::all() as $name => [$language, $text, $answers, $printed]) {
    if (isset($argv[1]) && !str_contains($name, $argv[1])) {
        continue;
    }
    $document = $language->read($text);
    $kinds = array_map(static fn ($mistake): string => $mistake->kind.('unsupported' === $mistake->kind ? " {$mistake->parameters['what']}" : ''), $document->mistakes);
    [$what, $reason] = [] === $kinds ? Strangers::outcome($document->program, $language, $answers, $printed) : ['refused', $kinds[0]];
    [$body] = explode('/', $name);
    $table["$body, $language->value"][$what] = ($table["$body, $language->value"][$what] ?? 0) + 1;
    'same' === $what || print "$what $name: ".substr($reason, 0, 200)."\n";
    if ('refused' === $what) {
        $reasons[$reason] = ($reasons[$reason] ?? 0) + 1;
    }
    if ([] === $kinds && in_array($argv[2] ?? '', ['anew', 'rows'], true)) {
        // As its own language's printer writes it, whatever was typed; or every third row so, within what was typed.
        try {
            $anew = 'anew' === $argv[2] ? (new Analysis($document->program))->printed($language)->text() : PrintedRows::everyThird($document->program, $language, crc32($name) % 3);
            $become = Strangers::there($language, $anew, $answers) === $printed ? 'same' : 'other';
        } catch (RuntimeException) {
            $become = 'not compiled';
        }
        'same' === $become || print "$argv[2] $become $name\n";
        $over["$language->value $argv[2]"][$become] = ($over["$language->value $argv[2]"][$become] ?? 0) + 1;
    }
    foreach ('same' === $what && 'over' === ($argv[2] ?? '') ? Language::cases() : [] as $other) {
        if ($other === $language) {
            continue;
        }
        try {
            $written = Unsayable::text($document->program, $other);
            $become = Strangers::there($other, $written, $answers);
            // Each language shows values in its own way.
            $become = $become === $printed ? 'same' : ($become === Strangers::here($document->program, $other, $answers) ? 'as shown there' : 'other');
        } catch (Refusal) {
            $become = 'refused';
        } catch (RuntimeException) {
            $become = 'not compiled';
        }
        in_array($become, ['other', 'not compiled'], true) && print "$become $name in {$other->value}\n";
        $over["$language->value to $other->value"][$become] = ($over["$language->value to $other->value"][$become] ?? 0) + 1;
    }
}

arsort($reasons);
foreach ([...$table, ...$over] as $of => $counts) {
    ksort($counts);
    echo "$of: ".array_sum($counts).', '.implode(', ', array_map(static fn (string $what, int $count): string => "$what $count", array_keys($counts), $counts))."\n";
}
foreach ($reasons as $reason => $count) {
    echo "$count $reason\n";
}
