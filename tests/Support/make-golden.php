<?php

declare(strict_types=1);

/*
 * Writes tests/golden/kept-<version>.jsonl: programs as today's code stores them. Run once for each version of the form,
 * before it changes; files that are there are never written again.
 */

use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Handwriting\InPlace;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Tests\Support\Programs;
use Scrivlet\Tests\Support\Strange;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$version = (int) ($argv[1] ?? 0);
$path = dirname(__DIR__)."/golden/kept-$version.jsonl";
if ($version < 1 || is_file($path)) {
    fwrite(\STDERR, "Which version, of which there is no file yet?\n");
    exit(2);
}
$lines = [];
$add = static function (string $name, Program $program) use (&$lines): void {
    $texts = [];
    foreach (array_keys($program->handwriting) as $language) {
        $texts[$language] = Language::from($language)->print($program)->text();
    }
    $lines[] = json_encode(['name' => $name, 'kept' => ProjectWriter::kept($program), 'texts' => $texts], \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
};
$case = 0;
foreach (Programs::all() as $name => [$language, $text]) {
    if (0 !== ++$case % 4) {
        continue;
    }
    // Odd spacing of other hands, and now and then a text that nobody can run.
    $text = 0 === $case % 3 ? (string) preg_replace('/ = (?=[\w(])/', '  =  ', $text) : (0 === $case % 5 ? (new Strange($case))->text($language, $text) : $text);
    if (!mb_check_encoding($text, 'UTF-8')) {
        continue;
    }
    $program = $language->read($text, Program::empty())->program;
    $add($name, $program);
    foreach (Walk::statements($program->parts()) as $row) {
        $slot = array_search(true, array_map(static fn ($value): bool => $value instanceof NumberLiteral, $row->blanks()), true);
        if (false === $slot) {
            continue;
        }
        try {
            $add("$name filled", InPlace::settled($program, (new Editor($program))->fill($row->id, (string) $slot, '77')->program));
            $add("$name off", InPlace::settled($program, (new Editor($program))->switch([$row->id], true)->program));
        } catch (Refusal) {
        }
        break;
    }
}
file_put_contents($path, implode("\n", $lines)."\n");
printf("%d programs\n", count($lines));
