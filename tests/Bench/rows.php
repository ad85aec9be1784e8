<?php

declare(strict_types=1);

// Prints a project file of so many rows, for benches that are not written in PHP: php tests/Bench/rows.php 200

use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Tests\Bench\Rows;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$rows = (int) ($argv[1] ?? 200);
echo ProjectWriter::write("Of $rows rows", Rows::program($rows));
