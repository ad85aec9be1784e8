<?php

declare(strict_types=1);

/*
 * A school at work: so many people, each with an edit each 3 s and a run each 10 s, while four others run the worst
 * programs again and again. Prints the waits of edits and runs. First: 30 people sign in at once.
 */

use Doctrine\Persistence\ManagerRegistry;
use Scrivlet\App\Entity\User;
use Scrivlet\App\Kernel;
use Scrivlet\Tests\Bench\Crowd;
use Scrivlet\Tests\Bench\Seat;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const CROWDS = [32, 64, 128, 256];
const SECONDS = 30;
const EDIT_EACH = 3.0;
const RUN_EACH = 10.0;
const WORST = [
    'print(sum([sum([1 for j in range(20000)]) for i in range(20000)]))',
    "x = 1\nwhile True:\n    x = x * 2",
    "beds = []\nwhile True:\n    beds.append([1, 2] * 200)",
    "n = 0\nwhile True:\n    n = n + 1",
];
const PASSWORD = 'a long garden password';

$address = $argv[1];
$kernel = new Kernel('prod', false);
$kernel->boot();
$container = $kernel->getContainer();
$doctrine = $container->get('doctrine');
assert($doctrine instanceof ManagerRegistry);
$entities = $doctrine->getManager();
$hash = password_hash(PASSWORD, \PASSWORD_BCRYPT, ['cost' => 11]);
$people = max(CROWDS) + count(WORST);
for ($number = 0; $number < $people; ++$number) {
    $user = new User("gardener$number@fernhollow.example", "Gardener $number");
    $user->setPassword($hash);
    $entities->persist($user);
}
$entities->flush();

/** @var list<Seat> $seats */
$seats = [];
foreach (array_chunk(range(0, $people - 1), 30) as $chunk => $numbers) {
    $forms = array_map(static fn (int $number): CurlHandle => Crowd::handle("$address/sign-in", ''), $numbers);
    $pages = Crowd::together($forms);
    $posts = [];
    foreach ($numbers as $index => $number) {
        $posts[] = Crowd::handle("$address/sign-in", Crowd::cookies($forms[$index]), http_build_query(['_username' => "gardener$number@fernhollow.example", '_password' => PASSWORD, '_csrf_token' => Crowd::found('/name="_csrf_token" value="([^"]+)"/', $pages[$index])]));
    }
    $before = hrtime(true);
    Crowd::together($posts);
    $seconds = (hrtime(true) - $before) / 1e9;
    if (0 === $chunk) {
        $in = count(array_filter($posts, static fn (CurlHandle $handle): bool => 302 === curl_getinfo($handle, \CURLINFO_RESPONSE_CODE)));
        printf("30 people sign in at once: %d are in after %.2f s; aim 30 within 3 s\n", $in, $seconds);
    }
    $shelves = Crowd::together(array_map(static fn (int $index): CurlHandle => Crowd::handle("$address/", Crowd::cookies($posts[$index], Crowd::cookies($forms[$index]))), array_keys($numbers)));
    $made = [];
    foreach (array_keys($numbers) as $index) {
        $token = Crowd::found('/name="csrf" content="([^"]+)"/', $shelves[$index]);
        $cookies = Crowd::cookies($posts[$index], Crowd::cookies($forms[$index]));
        $made[] = Crowd::handle("$address/programs/new", $cookies, http_build_query(['_token' => $token, 'name' => 'Beds']));
        $seats[] = new Seat($cookies, $token);
    }
    Crowd::together($made);
    foreach ($made as $index => $handle) {
        $seats[30 * $chunk + $index]->desk = (string) curl_getinfo($handle, \CURLINFO_REDIRECT_URL);
    }
}

// What each of them has on the desk: forty rows that draw; and the four others their worst programs.
$rows = "from scrivlet import nib\n".implode('', array_map(static fn (int $bed): string => "for side in range(4):\n    nib.forward($bed)\n    nib.right(90)\nbeds_$bed = $bed * 2\nprint(\"bed\", beds_$bed)\n", range(1, 8)));
foreach (array_chunk(array_keys($seats), 16) as $numbers) {
    $answers = Crowd::together(array_map(static fn (int $number): CurlHandle => Crowd::typed($seats[$number], WORST[$number - max(CROWDS)] ?? $rows), $numbers));
    foreach ($numbers as $index => $number) {
        $seats[$number]->revision = json_decode($answers[$index], true)['revision'] ?? throw new RuntimeException(substr($answers[$index], 0, 300));
    }
}

foreach (CROWDS as $crowd) {
    mt_srand($crowd);
    $multi = curl_multi_init();
    $start = microtime(true);
    $times = ['edits' => [], 'run' => [], 'worst' => []];
    $errors = ['edits' => 0, 'run' => 0, 'worst' => 0];
    $due = [];
    for ($person = 0; $person < $crowd; ++$person) {
        $due["$person edits"] = $start + lcg_value() * EDIT_EACH;
        $due["$person run"] = $start + lcg_value() * RUN_EACH;
    }
    foreach (array_keys(WORST) as $number) {
        $due[max(CROWDS) + $number.' worst'] = $start;
    }
    $waiting = [];
    $end = $start + SECONDS;
    $edits = 0;
    while (microtime(true) < $end || [] !== $waiting) {
        $now = microtime(true);
        foreach ($now < $end ? $due : [] as $key => $time) {
            if ($time > $now) {
                continue;
            }
            [$person, $kind] = explode(' ', $key);
            $person = (int) $person;
            $handle = 'edits' === $kind
                ? Crowd::typed($seats[$person], str_replace('beds_3 * 2', 'beds_3 * '.++$edits, str_replace('beds_4 = 4 * 2', "beds_4 = 4 * $edits", $rows)))
                : Crowd::post($seats[$person], 'run', ['view' => 'both', 'text' => 'python', 'seed' => 1]);
            $waiting[spl_object_id($handle)] = [$key, $person, $kind, $handle];
            // The next one is due when it is, however long this one takes; but nobody does two things of a kind at once.
            unset($due[$key]);
            curl_multi_add_handle($multi, $handle);
        }
        curl_multi_exec($multi, $running);
        while (false !== $done = curl_multi_info_read($multi)) {
            $handle = $done['handle'];
            [$key, $person, $kind] = $waiting[spl_object_id($handle)];
            unset($waiting[spl_object_id($handle)]);
            $code = curl_getinfo($handle, \CURLINFO_RESPONSE_CODE);
            $took = curl_getinfo($handle, \CURLINFO_TOTAL_TIME);
            $times[$kind][] = 1000 * $took;
            if (200 !== $code) {
                ++$errors[$kind];
            }
            if ('edits' === $kind && 200 === $code) {
                $seats[$person]->revision = json_decode((string) curl_multi_getcontent($handle), true)['revision'];
            }
            $due[$key] = microtime(true) + match ($kind) {
                'edits' => max(0, EDIT_EACH - $took), 'run' => max(0, RUN_EACH - $took), default => 0,
            };
            curl_multi_remove_handle($multi, $handle);
        }
        curl_multi_select($multi, 0.005);
    }
    foreach (['edits' => 'edits', 'run' => 'runs', 'worst' => 'worst programs'] as $kind => $name) {
        printf("%4d people, %s: %d, p50 %.0f ms, p95 %.0f ms, p99 %.0f ms, not answered with success: %d\n", $crowd, $name, count($times[$kind]), Crowd::share($times[$kind], 0.5), Crowd::share($times[$kind], 0.95), Crowd::share($times[$kind], 0.99), $errors[$kind]);
    }
}
echo "aim: p95 of edits at most 60 ms at 128 people\n";
