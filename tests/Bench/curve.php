<?php

declare(strict_types=1);

/*
 * How an edit's time and what it stores grow with the rows of its program, beside the smallest answer of the same
 * application in the same minute.
 */

use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Kernel;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Tests\Bench\Client;
use Scrivlet\Tests\Bench\Rows;
use Scrivlet\Tests\Bench\Spread;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const SIZES = [25, 100, 200, 500, 1000, 2000, 5000];
const EDITS = 40;

$kernel = new Kernel('prod', false);
$kernel->boot();
$doctrine = $kernel->getContainer()->get('doctrine');
assert($doctrine instanceof ManagerRegistry);
$database = $doctrine->getConnection();
assert($database instanceof Connection);
$client = new Client($argv[1]);
echo "| Rows | Edit, median | p95 | for 100 rows | Slowest | Smallest answer | Stored by an edit |\n|---|---|---|---|---|---|---|\n";
foreach (SIZES as $rows) {
    $desk = $client->open(ProjectWriter::write("Of $rows rows", Rows::program($rows)));
    $edits = [];
    $least = [];
    $revision = 1;
    for ($count = 0; $count < EDITS; ++$count) {
        [$revision, $edits[]] = $client->edit($desk, $revision, match ($count % 4) {
            0 => ['do' => 'fill', 'row' => 5, 'slot' => 'steps', 'source' => (string) (10 + $count)],
            1 => ['do' => 'insert', 'row' => 'nib.right', 'parent' => 1, 'body' => 'body', 'index' => intdiv($rows, 8)],
            2 => ['do' => 'undo'],
            default => ['do' => 'redo'],
        });
        $least[] = $client->least();
    }
    $stored = $database->fetchOne('SELECT AVG(LENGTH(tree)) FROM revisions WHERE program_id = ? AND number > 1', [basename($desk)]);
    $median = Spread::at($edits, 0.5);
    printf("| %d | %.1f ms | %.1f ms | %.1f ms | %.0f ms | %.1f ms | %.1f kB |\n", $rows, $median, Spread::at($edits, 0.95), 100 * $median / $rows, max($edits), Spread::at($least, 0.5), $stored / 1000);
}
