<?php

// Writes tests/broken.json: programs of the body, broken by the rules of Breaking.php.

declare(strict_types=1);

use Scrivlet\Tests\Support\Breaking;

require __DIR__.'/../../vendor/autoload.php';

$cases = array_map(static fn (array $case): string => (string) json_encode($case, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES), Breaking::all());
file_put_contents(dirname(__DIR__).'/broken.json', "[\n".implode(",\n", $cases)."\n]\n");
echo count($cases), " broken programs\n";
