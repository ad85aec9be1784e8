<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Ending;
use Scrivlet\Core\Run\Held;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Run\Trace;
use Scrivlet\Core\Tree\Program;

/**
 * A trace keeps what became of lists and maps, not what they were. Put together again up to the moment of a row that
 * prints them, it gives what that row printed, which looks at the lists and maps themselves.
 */
final class MomentsTest extends TestCase
{
    private const PROGRAMS = 300;
    private const ROWS = 14;
    /** What is done to the lists `a` and `b` and the map `m`; `?` is a number, `@` one of few places. */
    private const DONE = [
        'a.append(?)', 'b.append(a[:])', 'b.append(a)', 'a.insert(@, ?)', 'a.insert(0, ?)', 'a.pop()', 'a.pop(0)', 'a.remove(a[0])', 'a[0] = ?', 'a[-1] += ?', 'a[@ % len(a)] = ?', 'a.sort()', 'a.reverse()',
        'a = a + [?, ?]', 'a = a[1:] + [?]', 'b = [a, [?]]', 'a += [?]', 'a[0], a[-1] = a[-1], a[0]', 'm[@] = ?', 'm[@] = a', 'm[?] = [?]', 'm = {@: ?}', 'm.pop(list(m)[0])', 'm[list(m)[0]] = ?', 'a = [x * 2 for x in a]', 'b[0] = ?',
        'b.clear()', 'c = a', 'c.append(?)', 'a.extend(c[:2])', "for x in range(3):\n    a.append(x)",
    ];

    public function testDifferencesGiveTheWhole(): void
    {
        $seen = [];
        for ($case = 0; $case < self::PROGRAMS; ++$case) {
            $text = self::text(new Randomizer(new Mt19937($case)));
            $reading = Language::Python->read($text, Program::empty());
            self::assertSame([], $reading->mistakes, $text);
            $outcome = Runner::run($reading->program, Language::Python, 1);
            self::assertContains($outcome->ending, [Ending::Finished, Ending::Failed], $text);
            $names = array_column($outcome->variables, 'name');
            foreach ($outcome->trace->events as $event) {
                if ('print' !== $event[0]) {
                    continue;
                }
                $moment = $event[1];
                \assert(\is_int($moment));
                $things = self::whole($outcome->trace, $moment, $seen);
                $shown = [];
                foreach (array_chunk($outcome->trace->changes, 3) as [$when, $slot, $value]) {
                    if ($when <= $moment && \is_int($slot)) {
                        $shown[$names[$slot]] = $value;
                    }
                }
                $rebuilt = implode(' ', array_map(static fn (string $name): string => self::shown($shown[$name], $things), ['a', 'b', 'c', 'm']));
                self::assertSame($event[2], $rebuilt, "$text\nat step $moment");
            }
        }
        foreach (['list', 'map', 'put', 'append', 'drop', 'entry'] as $kind) {
            self::assertGreaterThan(self::PROGRAMS / 10, $seen[$kind] ?? 0, $kind);
        }
    }

    private static function text(Randomizer $random): string
    {
        $text = "a = [3, 1, 2]\nb = [a]\nc = a\nm = {1: a}\n";
        for ($row = 0; $row < self::ROWS; ++$row) {
            $done = self::DONE[$random->getInt(0, \count(self::DONE) - 1)];
            $done = preg_replace_callback('/[?@]/', static fn (array $sign): string => (string) ('@' === $sign[0] ? $random->getInt(0, 2) : $random->getInt(0, 99)), $done);
            $text .= "$done\nprint(a, b, c, m)\n";
        }

        return $text;
    }

    /**
     * @param array<string, int> $seen how often each kind of difference was met
     *
     * @return array<int, array{string, list<mixed>}> kind, and items, of a map keys and values by twos; by the number
     */
    private static function whole(Trace $trace, int $moment, array &$seen): array
    {
        $things = [];
        foreach (array_chunk($trace->heap, 5) as [$when, $number, $kind, $place, $item]) {
            \assert(\is_int($number) && \is_string($kind));
            if ($when > $moment) {
                break;
            }
            $seen[$kind] = ($seen[$kind] ?? 0) + 1;
            if (\is_array($item)) {
                $things[$number] = [$kind, array_values($item)];
                continue;
            }
            $items = $things[$number][1];
            $at = 'entry' === $kind ? self::keyAt($items, $place) : null;
            match (true) {
                'drop' === $kind => array_pop($items),
                'append' === $kind => $items[] = $item,
                'put' === $kind => $items[$place] = $item,
                null === $at => array_push($items, $place, $item),
                default => $items[$at + 1] = $item,
            };
            $things[$number] = [$things[$number][0], array_values($items)];
        }

        return $things;
    }

    /** @param list<mixed> $items keys and values by twos */
    private static function keyAt(array $items, mixed $key): ?int
    {
        for ($at = 0; $at < \count($items); $at += 2) {
            if ($items[$at] === $key) {
                return $at;
            }
        }

        return null;
    }

    /**
     * As `python3` shows it.
     *
     * @param array<int, array{string, list<mixed>}> $things
     * @param list<int>                              $around
     */
    private static function shown(mixed $value, array $things, array $around = []): string
    {
        if (!$value instanceof Held) {
            return \is_int($value) ? (string) $value : get_debug_type($value);
        }
        [$kind, $items] = $things[$value->number];
        if (\in_array($value->number, $around, true)) {
            return 'map' === $kind ? '{...}' : '[...]';
        }
        $parts = array_map(static fn (mixed $item): string => self::shown($item, $things, [...$around, $value->number]), $items);
        if ('map' !== $kind) {
            return '['.implode(', ', $parts).']';
        }

        return '{'.implode(', ', array_map(static fn (array $entry): string => implode(': ', $entry), array_chunk($parts, 2))).'}';
    }
}
