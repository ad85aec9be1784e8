<?php

declare(strict_types=1);

/*
 * The time of an edit on a program of 200 rows, through nginx, php-fpm and MariaDB, beside the time of the smallest
 * answer the same application can give. An answer holds all changed lines of the blocks page and of a text page.
 */

use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Bench\Client;
use Scrivlet\Tests\Bench\Rows;
use Scrivlet\Tests\Bench\Spread;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const ROWS = 200;
const EDITS = 300;

$client = new Client($argv[1]);
$program = Rows::program(ROWS);
$desk = $client->open(ProjectWriter::write('Two hundred rows', $program));
// The first row with the blank `steps`, as the page has it.
$row = (int) Client::found('/data-row="(\d+)"(?:(?!<li).)*data-slot="steps"/s', $client->request($desk));
$edits = [];
$least = [];
$revision = 1;
for ($count = 0; $count < EDITS; ++$count) {
    [$revision, $edits[]] = $client->edit($desk, $revision, match ($count % 4) {
        0 => ['do' => 'fill', 'row' => $row, 'slot' => 'steps', 'source' => (string) (10 + $count)],
        1 => ['do' => 'insert', 'row' => 'nib.right', 'parent' => 1, 'body' => 'body', 'index' => 40],
        2 => ['do' => 'undo'],
        default => ['do' => 'redo'],
    });
    $least[] = $client->least();
}
printf("Edit of a program of %d rows (%d edits): median %.1f ms, p95 %.1f ms; aim p95 25 ms\n", ROWS, EDITS, Spread::at($edits, 0.5), Spread::at($edits, 0.95));
printf("  beside the smallest answer of the same application: median %.1f ms, p95 %.1f ms; ratio of medians %.1f, aim 5\n", Spread::at($least, 0.5), Spread::at($least, 0.95), Spread::at($edits, 0.5) / Spread::at($least, 0.5));

/*
 * From the pause in typing to both pages: a text of 300 lines, of which one line is typed on; the answer holds what
 * changed on the text page and on the blocks page. The browser waits for the pause itself, and is not in it.
 */
const LINES = 300;
const PAUSES = 150;
foreach (['python', 'javascript', 'cpp'] as $language) {
    $lines = explode("\n", rtrim(Language::from($language)->print($program)->text()));
    $end = 'cpp' === $language ? 1 : 0;
    while (count($lines) < LINES) {
        // Further rows like those that are there.
        array_splice($lines, count($lines) - $end, 0, ['python' => 'nib.left(30)', 'javascript' => 'nib.left(30);', 'cpp' => '    nib.left(30);'][$language]);
    }
    $lines = array_slice($lines, 0, LINES);
    if ('cpp' === $language) {
        $lines[LINES - 1] = '}';
    }
    $desk = $client->begin("Three hundred lines of $language");
    $printing = array_filter($lines, static fn (string $line): bool => 1 === preg_match('/print|console\.log|cout/', $line));
    $middle = array_key_first($printing) ?? throw new RuntimeException('No line prints.');
    $typed = [];
    $revision = 1;
    for ($count = 0; $count <= PAUSES; ++$count) {
        // A word gets longer, sign by sign, and the row is broken in between.
        $lines[$middle] = substr($lines[$middle], 0, 12).str_repeat('e', $count % 6).substr($lines[$middle], 12 + ($count + 5) % 6 * (int) ($count > 0));
        [$revision, $time] = $client->edit($desk, $revision, ['do' => 'type', 'language' => $language, 'text' => implode("\n", $lines)."\n"], $language);
        if ($count > 0) {
            $typed[] = $time;
        }
    }
    printf("Typing in %d lines of %s (%d pauses): median %.1f ms, p95 %.1f ms; aim p95 60 ms\n", LINES, $language, PAUSES, Spread::at($typed, 0.5), Spread::at($typed, 0.95));
}
