<?php

declare(strict_types=1);

/*
 * The time of an edit on a program of 200 rows, through nginx, php-fpm and MariaDB, beside the time of the smallest
 * answer the same application can give. An answer holds all changed lines of the blocks page and of a text page.
 */

use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\File\ProjectWriter;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Program;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const ROWS = 200;
const EDITS = 300;

$address = $argv[1];
$curl = curl_init();
curl_setopt_array($curl, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => '', \CURLOPT_ENCODING => 'gzip', \CURLOPT_FOLLOWLOCATION => true]);
$request = static function (string $path, string|array|null $body = null, array $headers = []) use ($curl, $address): string {
    /** @var non-empty-string $url */
    $url = str_starts_with($path, 'http') ? $path : $address.$path;
    curl_setopt($curl, \CURLOPT_URL, $url);
    curl_setopt($curl, null === $body ? \CURLOPT_HTTPGET : \CURLOPT_POST, true);
    if (null !== $body) {
        curl_setopt($curl, \CURLOPT_POSTFIELDS, $body);
    }
    curl_setopt($curl, \CURLOPT_HTTPHEADER, $headers);

    return (string) curl_exec($curl);
};
$found = static fn (string $pattern, string $text): string => 1 === preg_match($pattern, $text, $match) ? $match[1] ?? '' : throw new RuntimeException("$pattern is not on the page.");
$signIn = $found('/name="_csrf_token" value="([^"]+)"/', $request('/sign-in'));
$shelf = $request('/sign-in', http_build_query(['_username' => 'juniper@fernhollow.example', '_password' => 'garden-gate', '_csrf_token' => $signIn]));
$token = $found('/name="csrf" content="([^"]+)"/', $shelf);

$program = Program::empty();
$script = $program->script->id;
$put = static function (int $parent, int $index, string $row) use (&$program): int {
    $edited = (new Editor($program))->insert($parent, 'body', $index, $row);
    $program = $edited->program;

    return $edited->rows[0];
};
$rows = 0;
for ($group = 0; $rows < ROWS; ++$group) {
    $put($script, 3 * $group, 'set');
    $put($script, 3 * $group + 1, 'nib.move_to');
    $loop = $put($script, 3 * $group + 2, 'repeat');
    foreach (['nib.forward', 'nib.left', 'nib.ink', 'change', 'print'] as $index => $row) {
        $put($loop, $index, $row);
    }
    $rows += 8;
}
$file = tempnam(sys_get_temp_dir(), 'bench').'.scrivlet.json';
file_put_contents($file, ProjectWriter::write('Two hundred rows', $program));
$request('/programs/open', ['_token' => $token, 'files[]' => new CURLFile($file, 'application/json', 'bench.scrivlet.json')]);
unlink($file);
$desk = (string) curl_getinfo($curl, \CURLINFO_EFFECTIVE_URL);

$headers = ['Content-Type: application/json', "X-Csrf-Token: $token"];
// The first row with the blank `steps`, as the page has it.
$row = (int) $found('/data-row="(\d+)"(?:(?!<li).)*data-slot="steps"/s', $request($desk));
$edits = [];
$least = [];
$revision = 1;
for ($count = 0; $count < EDITS; ++$count) {
    $edit = match ($count % 4) {
        0 => ['do' => 'fill', 'row' => $row, 'slot' => 'steps', 'source' => (string) (10 + $count)],
        1 => ['do' => 'insert', 'row' => 'nib.right', 'parent' => 1, 'body' => 'body', 'index' => 40],
        2 => ['do' => 'undo'],
        default => ['do' => 'redo'],
    };
    $body = (string) json_encode(['revision' => $revision, 'view' => 'both', 'text' => 'python', 'edit' => $edit]);
    $before = hrtime(true);
    $answer = json_decode($request("$desk/edits", $body, $headers), true);
    $edits[] = (hrtime(true) - $before) / 1e6;
    $revision = $answer['revision'] ?? throw new RuntimeException('The edit was refused: '.json_encode($answer));
    $before = hrtime(true);
    $request('/health');
    $least[] = (hrtime(true) - $before) / 1e6;
}
$at = static function (array $times, float $share): float {
    sort($times);

    return $times[(int) floor($share * (count($times) - 1))];
};
printf("Edit of a program of %d rows (%d edits): median %.1f ms, p95 %.1f ms; aim p95 under 40 ms\n", $rows, EDITS, $at($edits, 0.5), $at($edits, 0.95));
printf("  beside the smallest answer of the same application: median %.1f ms, p95 %.1f ms; ratio of medians %.1f\n", $at($least, 0.5), $at($least, 0.95), $at($edits, 0.5) / $at($least, 0.5));

/*
 * From the pause in typing to both pages: a text of 300 lines, of which one line is typed on; the answer holds what
 * changed on the text page and on the blocks page. The browser waits for the pause itself, and is not in it.
 */
const LINES = 300;
const PAUSES = 150;
foreach (['python', 'javascript', 'cpp'] as $language) {
    $text = Language::from($language)->print($program)->text();
    $lines = explode("\n", rtrim($text));
    $middle = 20;
    while (count($lines) < LINES) {
        // Further rows like those that are there.
        array_splice($lines, count($lines) - ('cpp' === $language ? 1 : 0), 0, preg_replace('/\S.*/', match ($language) {
            'python' => 'nib.left(30)',
            default => 'nib.left(30);',
        }, 'cpp' === $language ? '    x' : 'x'));
    }
    $lines = array_slice($lines, 0, LINES);
    if ('cpp' === $language) {
        $lines[LINES - 1] = '}';
    }
    $request('/programs/new', ['_token' => $token, 'name' => "Three hundred lines of $language"]);
    $desk = (string) curl_getinfo($curl, \CURLINFO_EFFECTIVE_URL);
    $typed = [];
    $revision = 1;
    foreach ($lines as $number => $line) {
        if ($number > 10 && str_contains($line, 'print') || str_contains($line, 'console.log') || str_contains($line, 'cout')) {
            $middle = $number;
            break;
        }
    }
    for ($count = 0; $count <= PAUSES; ++$count) {
        // A word gets longer, sign by sign, and the row is broken in between.
        $lines[$middle] = substr($lines[$middle], 0, 12).str_repeat('e', $count % 6).substr($lines[$middle], 12 + ($count + 5) % 6 * (int) ($count > 0));
        $body = (string) json_encode(['revision' => $revision, 'view' => 'both', 'text' => $language, 'edit' => ['do' => 'type', 'language' => $language, 'text' => implode("\n", $lines)."\n"]]);
        $before = hrtime(true);
        $answer = json_decode($request("$desk/edits", $body, $headers), true);
        if ($count > 0) {
            $typed[] = (hrtime(true) - $before) / 1e6;
        }
        $revision = $answer['revision'] ?? throw new RuntimeException('The text was refused: '.json_encode($answer));
    }
    printf("Typing in %d lines of %s (%d pauses): median %.1f ms, p95 %.1f ms; aim p95 under 80 ms\n", LINES, $language, PAUSES, $at($typed, 0.5), $at($typed, 0.95));
}
