<?php

declare(strict_types=1);

/*
 * Mutants: operators, conditions, numbers and returns of core are changed one at a time, and the core suite is run on
 * each. Lists those that no test notices.
 *
 *   php tests/Bench/mutants.php [how many] [seed]
 */

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\CloningVisitor;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;
use Scrivlet\Tests\Bench\Mutation;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const FOLDERS = ['core/Language/Typing', 'core/Page', 'core/Edit', 'core/Run'];
const AT_ONCE = 2;
/** Tests that take long come last, as most mutants die of the others. */
const SUITES = ['--exclude-group long --exclude-group body', '--group long --exclude-group body', '--group body'];

/** @return list<Node> */
function nodes(string $code): array
{
    return array_values((new ParserFactory())->createForHostVersion()->parse($code) ?? []);
}

function mutated(string $code, int $wanted): string
{
    $parser = (new ParserFactory())->createForHostVersion();
    $old = $parser->parse($code) ?? [];
    $tokens = $parser->getTokens();
    $cloned = (new NodeTraverser(new CloningVisitor()))->traverse($old);
    $new = (new NodeTraverser(new Mutation($wanted)))->traverse($cloned);

    return (new Standard())->printFormatPreserving($new, $old, $tokens);
}

$root = dirname(__DIR__, 2);
$many = (int) ($argv[1] ?? 40);
mt_srand((int) ($argv[2] ?? 1));
/** @var list<array{string, int, int, string}> $all file, number of its site, line, what */
$all = [];
foreach (FOLDERS as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
        $find = new Mutation();
        (new NodeTraverser($find))->traverse(nodes((string) file_get_contents((string) $file)));
        foreach ($find->sites as $site => [$line, $what]) {
            $all[] = [substr((string) $file, strlen($root) + 1), $site, $line, $what];
        }
    }
}
sort($all);
$chosen = array_intersect_key($all, array_flip((array) array_rand($all, min($many, count($all)))));
printf("%d places to change in %s; %d of them are tried\n", count($all), implode(', ', FOLDERS), count($chosen));
$copies = [];
for ($copy = 0; $copy < AT_ONCE; ++$copy) {
    $copies[] = $folder = sys_get_temp_dir().'/scrivlet-mutants-'.getmypid()."-$copy";
    mkdir($folder);
    // Links where the folders lie on one disk; a mutant is a file of its own in any case.
    exec('cd '.escapeshellarg($root).' && what=$(ls | grep -v "^\(var\|node_modules\)$") && { cp -al $what '.escapeshellarg($folder).' 2>/dev/null || cp -a $what '.escapeshellarg($folder).'; } && mkdir '.escapeshellarg("$folder/var"));
}
register_shutdown_function(static function () use ($copies): void {
    foreach ($copies as $folder) {
        exec('rm -rf '.escapeshellarg($folder));
    }
});
// What fails unchanged would kill everything.
/** @var list<int> $most seconds that a suite may take on a mutant: one that runs on without an end is killed, one that waits for the processor is not */
$most = [];
foreach (SUITES as $suite) {
    $began = microtime(true);
    exec(sprintf('cd %s && php -d memory_limit=2G vendor/bin/phpunit --testsuite core %s --stop-on-defect 2>&1', escapeshellarg($copies[0]), $suite), $said, $code);
    if (0 !== $code) {
        exit(implode("\n", array_slice($said, -20))."\nThe core suite is not green; nothing can be said of mutants.\n");
    }
    $most[] = 120 + (int) (5 * (microtime(true) - $began));
}
$killed = 0;
$survivors = [];
$waiting = array_values($chosen);
/** @var array<int, array{resource, array{string, int, int, string}, int}> $running */
$running = [];
$start = static function (int $copy, array $mutant, int $suite) use (&$running, $copies, $most): void {
    $command = sprintf('cd %s && timeout %d php -d memory_limit=2G vendor/bin/phpunit --testsuite core %s --stop-on-defect --no-output >/dev/null 2>&1', escapeshellarg($copies[$copy]), $most[$suite], SUITES[$suite]);
    $process = proc_open(['sh', '-c', $command], [], $pipes);
    assert(false !== $process);
    $running[$copy] = [$process, $mutant, $suite];
};
while ([] !== $waiting || [] !== $running) {
    for ($copy = 0; $copy < AT_ONCE; ++$copy) {
        if (isset($running[$copy])) {
            $state = proc_get_status($running[$copy][0]);
            if ($state['running']) {
                continue;
            }
            [, $mutant, $suite] = $running[$copy];
            unset($running[$copy]);
            if (0 === $state['exitcode'] && isset(SUITES[$suite + 1])) {
                $start($copy, $mutant, $suite + 1);
                continue;
            }
            [$file, , $line, $what] = $mutant;
            if (0 === $state['exitcode']) {
                $survivors[] = "$file:$line: $what";
                echo "survives  $file:$line: $what\n";
            } else {
                ++$killed;
            }
            copy("$root/$file", "$copies[$copy]/$file.new");
            rename("$copies[$copy]/$file.new", "$copies[$copy]/$file");
        }
        if ([] !== $waiting) {
            $mutant = array_shift($waiting);
            [$file, $site] = $mutant;
            $target = "$copies[$copy]/$file";
            unlink($target);
            file_put_contents($target, mutated((string) file_get_contents("$root/$file"), $site));
            $start($copy, $mutant, 0);
        }
    }
    usleep(100_000);
}
printf("%d of %d killed (%.0f %%); aim 85 %%\n", $killed, count($chosen), 100 * $killed / max(1, count($chosen)));
