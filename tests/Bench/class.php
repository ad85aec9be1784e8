<?php

declare(strict_types=1);

/*
 * Four classes at once: 128 pupils with an edit each 3 s and a run each 10 s, one in ten of them with a hostile program,
 * everybody listening, four registers open. Prints the waits of edits and runs, and how long a pupil's edit takes to the
 * register, from when it is sent.
 */

use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\Pupil;
use Scrivlet\App\Entity\SchoolClass;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Kernel;
use Scrivlet\Tests\Bench\Crowd;
use Scrivlet\Tests\Bench\Seat;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const CLASSES = 4;
const PUPILS = 32;
const EDIT_EACH = 3.0;
/** Seconds in a piece of the time that is told by itself. */
const PIECE = 10;
const RUN_EACH = 10.0;
const HOSTILE = [
    'print(sum([sum([1 for j in range(20000)]) for i in range(20000)]))',
    "x = 1\nwhile True:\n    x = x * 2",
    "beds = []\nwhile True:\n    beds.append([1, 2] * 200)",
    "n = 0\nwhile True:\n    n = n + 1",
];

$address = $argv[1];
$seconds = (int) ($argv[2] ?? 120);
$root = dirname(__DIR__, 2);
$kernel = new Kernel('prod', false);
$kernel->boot();
$doctrine = $kernel->getContainer()->get('doctrine');
assert($doctrine instanceof ManagerRegistry);
$entities = $doctrine->getManager();
$teacher = $entities->getRepository(User::class)->findOneBy(['email' => 'juniper@fernhollow.example']);
assert($teacher instanceof User);

/** Attempts are counted for each address, and all of these come from one. */
$forget = static function () use ($root): void {
    exec(escapeshellarg($root.'/bin/console').' cache:pool:clear cache.rate_limiter --quiet');
};
$codes = [];
for ($class = 0; $class < CLASSES; ++$class) {
    $code = 'ACFHJ'.substr('ACFH', $class, 1);
    $made = new SchoolClass($teacher, "Class $class", $code, new DateTimeImmutable('+1 month'));
    $entities->persist($made);
    $codes[] = $code;
}
$entities->flush();

/** @var list<Seat> $seats */
$seats = [];
/** @var list<string> $channels */
$channels = [];
foreach ($codes as $class => $code) {
    $forget();
    $forms = array_map(static fn (): CurlHandle => Crowd::handle("$address/join/$code", ''), range(1, PUPILS));
    $pages = Crowd::together($forms);
    $posts = [];
    foreach ($forms as $number => $form) {
        $posts[] = Crowd::handle("$address/join", Crowd::cookies($form), http_build_query(['_token' => Crowd::found('/name="csrf" content="([^"]+)"/', $pages[$number]), 'code' => $code, 'name' => "Pupil $class $number"]));
    }
    $before = hrtime(true);
    $joined = Crowd::together($posts);
    foreach ($posts as $number => $handle) {
        if (302 !== $code = curl_getinfo($handle, \CURLINFO_RESPONSE_CODE)) {
            throw new RuntimeException("Joining: $code ".Crowd::found('~data-notice="trouble"[^>]*>(.*?)</p>~s', $joined[$number]));
        }
    }
    printf("a class of %d joins at once: in after %.2f s\n", PUPILS, (hrtime(true) - $before) / 1e9);
    $cookies = array_map(static fn (int $number): string => Crowd::cookies($posts[$number], Crowd::cookies($forms[$number])), array_keys($posts));
    $homes = Crowd::together(array_map(static fn (string $one): CurlHandle => Crowd::handle("$address/my-class", $one), $cookies));
    $new = [];
    foreach ($homes as $number => $home) {
        $seats[] = $seat = new Seat($cookies[$number], Crowd::found('/name="csrf" content="([^"]+)"/', $home));
        $channels[] = Crowd::found('/data-channels="([^"]+)"/', $home);
        $new[] = Crowd::handle("$address/programs/new", $seat->cookies, http_build_query(['_token' => $seat->token, 'name' => 'Beds']));
    }
    Crowd::together($new);
    foreach ($new as $number => $handle) {
        $seats[PUPILS * $class + $number]->desk = (string) curl_getinfo($handle, \CURLINFO_REDIRECT_URL);
    }
}
$forget();
// The teacher's four registers.
$sign = Crowd::handle("$address/sign-in", '');
[$page] = Crowd::together([$sign]);
$in = Crowd::handle("$address/sign-in", Crowd::cookies($sign), http_build_query(['_username' => 'juniper@fernhollow.example', '_password' => 'garden-gate', '_csrf_token' => Crowd::found('/name="_csrf_token" value="([^"]+)"/', $page)]));
Crowd::together([$in]);
$cookies = Crowd::cookies($in, Crowd::cookies($sign));
$registers = [];
$ids = [];
foreach ($codes as $class => $code) {
    $one = $entities->getRepository(SchoolClass::class)->findOneBy(['code' => $code]);
    assert(null !== $one);
    [$html] = Crowd::together([Crowd::handle("$address/classes/{$one->id()}", $cookies)]);
    $registers[] = Crowd::found('/data-channel="([^"]+)"/', $html);
    foreach ($entities->getRepository(Pupil::class)->findBy(['class' => $one]) as $pupil) {
        $ids[$pupil->name()] = $pupil->id();
    }
}
$seatOf = [];
foreach (array_keys($seats) as $number) {
    $seatOf[$ids['Pupil '.intdiv($number, PUPILS).' '.$number % PUPILS]] = $number;
}

$rows = "from scrivlet import nib\n".implode('', array_map(static fn (int $bed): string => "for side in range(4):\n    nib.forward($bed)\n    nib.right(90)\nbeds_$bed = $bed * 2\nprint(\"bed\", beds_$bed)\n", range(1, 8)));
$isHostile = static fn (int $number): bool => 0 === $number % 10;
foreach (array_chunk(array_keys($seats), 16) as $numbers) {
    $answers = Crowd::together(array_map(static fn (int $number): CurlHandle => Crowd::typed($seats[$number], $isHostile($number) ? HOSTILE[intdiv($number, 10) % count(HOSTILE)] : $rows), $numbers));
    foreach ($numbers as $index => $number) {
        $seats[$number]->revision = json_decode($answers[$index], true)['revision'] ?? throw new RuntimeException(substr($answers[$index], 0, 300));
    }
}

$multi = curl_multi_init();
/** @var array<int, float> $sent */
$sent = [];
/** @var list<float> $told */
$told = [];
$heard = 0;
/** @param Closure(string): void $hear */
$listen = static function (string $channel, Closure $hear) use ($address, $multi): CurlHandle {
    $stream = curl_init("$address/news/$channel");
    assert(false !== $stream);
    curl_setopt_array($stream, [\CURLOPT_HTTPHEADER => ['Accept: text/event-stream'], \CURLOPT_WRITEFUNCTION => static function (CurlHandle $handle, string $data) use ($hear): int {
        $hear($data);

        return strlen($data);
    }]);
    curl_multi_add_handle($multi, $stream);

    return $stream;
};
$streams = [];
foreach ($registers as $channel) {
    $streams[] = $listen($channel, static function (string $data) use (&$sent, &$told, $seatOf): void {
        preg_match_all('/"pupil":(\d+)/', $data, $found);
        foreach ($found[1] as $id) {
            $number = $seatOf[(int) $id] ?? -1;
            if (isset($sent[$number])) {
                $told[] = 1000 * (microtime(true) - $sent[$number]);
                unset($sent[$number]);
            }
        }
    });
}
foreach ($channels as $channel) {
    $streams[] = $listen($channel, static function () use (&$heard): void {
        ++$heard;
    });
}
$isStream = [];
foreach ($streams as $stream) {
    $isStream[spl_object_id($stream)] = true;
}

mt_srand(128);
$start = microtime(true);
$times = ['edits' => [], 'run' => []];
$errors = ['edits' => 0, 'run' => 0];
$due = $waiting = [];
// Each pupil keeps a time of their own: what this script is late by must not bring them all to one beat.
$next = static fn (string $kind, float $before): float => max(microtime(true), $before + ('edits' === $kind ? EDIT_EACH : RUN_EACH) * (0.5 + lcg_value()));
foreach (array_keys($seats) as $number) {
    $due["$number edits"] = $start + lcg_value() * EDIT_EACH;
    $due["$number run"] = $start + lcg_value() * RUN_EACH;
}
$end = $start + $seconds;
$edits = 0;
// A machine that is shared with others is taken away from time to time: what was measured meanwhile is told apart.
$clock = static function (): array {
    $ticks = array_map(intval(...), array_slice((array) preg_split('/\s+/', (string) fgets(fopen('/proc/stat', 'r') ?: throw new RuntimeException('/proc/stat'))), 1, 8));

    return [array_sum($ticks), $ticks[7]];
};
/** @var list<array{int, int, int}> $pieces all ticks, those taken away, edits before */
$pieces = [[...$clock(), 0]];
while (microtime(true) < $end || [] !== $waiting) {
    $now = microtime(true);
    if ($now >= $start + PIECE * count($pieces)) {
        $pieces[] = [...$clock(), count($times['edits'])];
    }
    foreach ($now < $end ? $due : [] as $key => $time) {
        if ($time > $now) {
            continue;
        }
        [$number, $kind] = explode(' ', $key);
        $number = (int) $number;
        if ('edits' === $kind) {
            $text = $isHostile($number) ? HOSTILE[intdiv($number, 10) % count(HOSTILE)]."\n# ".++$edits."\n" : str_replace('beds_4 = 4 * 2', 'beds_4 = 4 * '.++$edits, $rows);
            $handle = Crowd::typed($seats[$number], $text);
            $sent[$number] = $now;
        } else {
            $handle = Crowd::post($seats[$number], 'run', ['view' => 'both', 'text' => 'python', 'seed' => 1]);
            // What a pupil's own machine would unpack is none of this one's work.
            curl_setopt($handle, \CURLOPT_HTTP_CONTENT_DECODING, false);
        }
        $waiting[spl_object_id($handle)] = [$key, $number, $kind, $handle, $time];
        unset($due[$key]);
        curl_multi_add_handle($multi, $handle);
    }
    curl_multi_exec($multi, $running);
    while (false !== $done = curl_multi_info_read($multi)) {
        $handle = $done['handle'];
        if (isset($isStream[spl_object_id($handle)])) {
            throw new RuntimeException('A stream has ended: '.curl_getinfo($handle, \CURLINFO_RESPONSE_CODE));
        }
        [$key, $number, $kind, , $time] = $waiting[spl_object_id($handle)];
        unset($waiting[spl_object_id($handle)]);
        $took = curl_getinfo($handle, \CURLINFO_TOTAL_TIME);
        if (!$isHostile($number) || 'edits' === $kind) {
            $times[$kind][] = 1000 * $took;
        }
        $code = curl_getinfo($handle, \CURLINFO_RESPONSE_CODE);
        // A hostile program is told that its last run is under way, or that it took too long.
        if (200 !== $code && !($isHostile($number) && 'run' === $kind)) {
            ++$errors[$kind];
            fprintf(\STDERR, "%s %d %s\n", $kind, $code, trim(substr(strip_tags((string) curl_multi_getcontent($handle)), 0, 60)));
        }
        if ('edits' === $kind && 200 === $code) {
            $seats[$number]->revision = json_decode((string) curl_multi_getcontent($handle), true)['revision'];
        }
        $due[$key] = $next($kind, $time);
        curl_multi_remove_handle($multi, $handle);
    }
    curl_multi_select($multi, 0.005);
}
$memory = array_sum(array_map(static function (string $line): int {
    return 1 === preg_match('/^\s*(\d+)\s+(?:php-fpm|nginx)/', $line, $match) ? (int) $match[1] : 0;
}, explode("\n", (string) shell_exec('ps -eo rss,comm'))));
foreach (['edits' => 'edits', 'run' => 'runs'] as $kind => $name) {
    printf("%d pupils, %s: %d, p50 %.0f ms, p95 %.0f ms, p99 %.0f ms, errors: %d\n", count($seats), $name, count($times[$kind]), Crowd::share($times[$kind], 0.5), Crowd::share($times[$kind], 0.95), Crowd::share($times[$kind], 0.99), $errors[$kind]);
}
printf("from an edit to the register: %d seen, p50 %.0f ms, p95 %.0f ms, p99 %.0f ms; not seen at the end: %d\n", count($told), Crowd::share($told, 0.5), Crowd::share($told, 0.95), Crowd::share($told, 0.99), count($sent));
printf("memory of all servers: %.0f MB; aims: p95 of edits at most 60 ms, from edit to register at most 1 s, no errors\n", $memory / 1024);
foreach (array_slice($pieces, 1) as $index => [$all, $taken, $until]) {
    [$allBefore, $takenBefore, $from] = $pieces[$index];
    printf("  %d to %d s: p95 of edits %.0f ms, taken away by others %.1f %%\n", $index * PIECE, ($index + 1) * PIECE, Crowd::share(array_slice($times['edits'], $from, $until - $from), 0.95), 100 * ($taken - $takenBefore) / max(1, $all - $allBefore));
}
