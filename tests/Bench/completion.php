<?php

declare(strict_types=1);

/*
 * How often the piece that a program has at a place is offered there, with all behind the place cut away: after the
 * first letter of a name or word, after a point, at the start of an argument, inside of quotes of a choice.
 */

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Completion\Completion;
use Scrivlet\Core\Completion\Library;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Tests\Support\Programs;
use Scrivlet\Tests\Support\Strangers;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const PLACES = 20;

/** @return Generator<string, array{Language, string}> programs by other authors, which nothing here was made after */
function others(): Generator
{
    foreach (Strangers::all() as $name => [$language, $text]) {
        yield $name => [$language, $text];
    }
}

$words = [];
foreach (Language::cases() as $language) {
    $library = Library::of($language);
    $words[$language->value] = $library->functions + $library->things + array_fill_keys([...SceneName::objects(), 'main', 'scrivlet', 'end', 'sep', 'key', 'reverse'], true);
}
mt_srand((int) ($argv[1] ?? 1));
$shows = in_array('misses', $argv, true);
$told = [];
$times = [];
/** @var array<string, list<array{before: string, piece: string, kind: string, own: int}>> $asked */
$asked = [];
foreach ('others' === ($argv[2] ?? '') ? others() : Programs::all() as $name => [$language, $text]) {
    $tokens = array_values(array_filter($language->tokens($text), static fn ($token): bool => !in_array($token->kind, [TokenKind::Space, TokenKind::NewLine, TokenKind::Comment], true)));
    $places = [];
    $before = '';
    $seen = [];
    foreach ($tokens as $index => $token) {
        $isWord = TokenKind::Name === $token->kind || TokenKind::Keyword === $token->kind;
        // A name that is made up at its place can be known to nobody.
        if (TokenKind::Name === $token->kind && '.' !== $before && !isset($seen[$token->text]) && !isset($words[$language->value][$token->text])) {
            $before = $token->text;
            $seen[$token->text] = true;
            continue;
        }
        if ('.' === $before && $isWord) {
            $places[] = ['point', $token->offset, $token->text];
        } elseif ($isWord && strlen($token->text) > 1) {
            $places[] = ['letter', $token->offset + 1, $token->text];
        }
        if (('(' === $before || ',' === $before) && ($isWord || TokenKind::Number === $token->kind)) {
            $places[] = [$isWord ? 'argument' : 'number', $token->offset, $token->text];
        }
        if (TokenKind::Text === $token->kind && 1 === preg_match('/^"([a-z]+)"$/', $token->text, $match) && 1 === preg_match('/(?:ink|open_shape|openShape|held|tapped|lamp|whenTapped|when_tapped|whenLight|when_light|pace|units)\($/', substr($text, 0, $token->offset))) {
            $places[] = ['choice', $token->offset + 1, $match[1]];
        }
        $before = $token->text;
        $seen[$token->text] = true;
    }
    shuffle($places);
    foreach (array_slice($places, 0, PLACES) as [$kind, $offset, $piece]) {
        $start = hrtime(true);
        $labels = array_map(static fn ($one): string => $one->label, Completion::after(substr($text, 0, $offset), $language, 'en', 10));
        $times[] = (hrtime(true) - $start) / 1e6;
        $at = array_search($piece, $labels, true);
        $asked[$language->value][] = ['before' => substr($text, 0, $offset), 'piece' => $piece, 'kind' => $kind, 'own' => false === $at ? -1 : $at];
        foreach (['all', ...('number' === $kind ? [] : ['but numbers']), $kind, $language->value] as $group) {
            $told[$group] ??= [0, 0, 0];
            ++$told[$group][0];
            $told[$group][1] += (int) (false !== $at && $at < 3);
            $told[$group][2] += (int) (false !== $at);
        }
        if ($shows && (false === $at || $at >= 3)) {
            printf("%-10s %-24s %-14s %s | %s\n", $kind, $name, $piece, json_encode(substr($text, max(0, $offset - 24), min(24, $offset))), implode(' ', $labels));
        }
    }
}
foreach ($told as $group => [$places, $three, $ten]) {
    printf("%-12s %5d places, among the first 3 in %5.1f %%, the first 10 in %5.1f %%\n", $group, $places, 100 * $three / $places, 100 * $ten / $places);
}
sort($times);
printf("time: median %.1f ms, p95 %.1f ms\n", $times[intdiv(count($times), 2)], $times[(int) (0.95 * (count($times) - 1))]);

// The same places, asked of the general engines for these languages; numbers and choices in quotes are none of theirs.
$root = dirname(__DIR__, 2);
$engines = [
    'python' => ['python3-jedi', "python3 $root/tests/Bench/engines/jedi_places.py $root/library"],
    'javascript' => ['typescript', "node $root/tests/Bench/engines/typescript_places.mjs $root/library"],
    'cpp' => ['clangd', "node $root/tests/Bench/engines/clangd_places.mjs $root/library"],
];
foreach (($argv[2] ?? '') === 'engines' ? $engines : [] as $language => [$engine, $command]) {
    $places = array_values(array_filter($asked[$language], static fn (array $place): bool => !in_array($place['kind'], ['number', 'choice'], true)));
    $pipes = [];
    $process = proc_open($command, [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
    if (!is_resource($process)) {
        continue;
    }
    fwrite($pipes[0], json_encode($places, \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE));
    fclose($pipes[0]);
    $ranks = json_decode((string) stream_get_contents($pipes[1]), true);
    proc_close($process);
    foreach ([['here', array_column($places, 'own')], [$engine, is_array($ranks) ? $ranks : []]] as [$who, $found]) {
        if (count($found) !== count($places)) {
            printf("%-12s %s is not installed, or did not answer\n", $language, $who);
            continue;
        }
        $among = static fn (int $most): float => 100 * count(array_filter($found, static fn (int $rank): bool => $rank >= 0 && $rank < $most)) / count($found);
        printf("%-12s %-14s %5d names and words, among the first 3 in %5.1f %%, the first 10 in %5.1f %%\n", $language, $who, count($found), $among(3), $among(10));
    }
}
