<?php

declare(strict_types=1);

/* Prints a table of the demos of Python's drawing module that come with this machine's python3, for docs/module-demos.md. */

use Scrivlet\Core\Console\Sentences;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Runner;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$folder = trim((string) shell_exec('python3 -c "import importlib.util, os; print(os.path.dirname(importlib.util.find_spec(\'turtledemo\').origin))" 2>/dev/null'));
echo "| demo | lines | opens letter for letter | rows it can't read | runs | lacks first |\n|---|---|---|---|---|---|\n";
foreach (glob("$folder/*.py") ?: [] as $file) {
    $text = (string) file_get_contents($file);
    if (str_contains(basename($file), '__')) {
        continue;
    }
    $reading = Language::Python->read($text);
    $same = Language::Python->print($reading->program)->text() === $text;
    $lacks = $rows = [];
    foreach ($reading->mistakes as $mistake) {
        $line = substr_count($text, "\n", 0, $mistake->offset) + 1;
        $rows[$line] = true;
        $lacks[] = Sentences::of("mistake.$mistake->kind", [...$mistake->parameters, 'line' => $line]);
    }
    $outcome = [] === $reading->mistakes ? Runner::run($reading->program, Language::Python) : null;
    $runs = null === $outcome ? 'no' : (Ending::Finished === $outcome->ending ? 'yes' : $outcome->ending->value.' '.$outcome->error?->kind);
    printf("| %s | %d | %s | %d | %s | %s |\n", basename($file, '.py'), substr_count($text, "\n"), $same ? 'yes' : 'NO', count($rows), $runs, implode(' ', array_slice(array_unique($lacks), 0, 2)));
}
