<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Handwriting;

use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Hand;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;

/** Finds the rows of a newer text among the old ones, so that rows stay themselves while a person types. */
final class Matching
{
    /** Longer stretches of changed rows are not compared each with each. */
    private const WIDEST = 250_000;

    /**
     * @param array<int, int> $pinned ids of old rows that are known already, by those they have
     *
     * @return array<int, int> the ids that rows of the new program get, by the ids they have
     */
    public static function ids(Program $old, Program $new, Fingerprints $fingerprints, array $pinned = []): array
    {
        $taken = array_flip($pinned);
        $olds = array_values(array_filter(self::rows($old, $fingerprints), static fn (array $row): bool => !isset($taken[$row[0]])));
        $news = self::rows($new, $fingerprints);
        $ids = [$new->script->id => $old->script->id] + $pinned;
        self::pair($olds, array_values(array_filter($news, static fn (array $row): bool => !isset($pinned[$row[0]]))), $ids);
        $next = $old->nextId;
        foreach ($news as [$id]) {
            $ids[$id] ??= $next++;
        }

        return $ids;
    }

    /** @return list<array{int, int, class-string}> id, what the row says, class */
    private static function rows(Program $program, Fingerprints $fingerprints): array
    {
        $rows = [];
        foreach (Walk::statements($program->parts()) as $row) {
            if (!$row instanceof Script) {
                $rows[] = [$row->id, $fingerprints->own($row), $row::class];
            }
        }

        return $rows;
    }

    /**
     * @param list<array{int, int, class-string}> $olds
     * @param list<array{int, int, class-string}> $news
     * @param array<int, int>                     $ids
     */
    private static function pair(array $olds, array $news, array &$ids): void
    {
        while ([] !== $olds && [] !== $news && $olds[0][1] === $news[0][1]) {
            $ids[array_shift($news)[0]] = array_shift($olds)[0];
        }
        while ([] !== $olds && [] !== $news && $olds[\count($olds) - 1][1] === $news[\count($news) - 1][1]) {
            $ids[array_pop($news)[0]] = array_pop($olds)[0];
        }
        if ([] === $olds || [] === $news) {
            return;
        }
        if (\count($olds) * \count($news) > self::WIDEST) {
            self::byKind($olds, $news, $ids);

            return;
        }
        $from = [0, 0];
        foreach ([...self::common($olds, $news), [\count($olds), \count($news)]] as [$one, $other]) {
            self::byKind(\array_slice($olds, $from[0], $one - $from[0]), \array_slice($news, $from[1], $other - $from[1]), $ids);
            if (isset($olds[$one], $news[$other])) {
                $ids[$news[$other][0]] = $olds[$one][0];
            }
            $from = [$one + 1, $other + 1];
        }
    }

    /**
     * The longest common subsequence of rows that say the same.
     *
     * @param list<array{int, int, class-string}> $olds
     * @param list<array{int, int, class-string}> $news
     *
     * @return list<array{int, int}> places in both
     */
    private static function common(array $olds, array $news): array
    {
        $lengths = array_fill(0, \count($olds) + 1, array_fill(0, \count($news) + 1, 0));
        for ($one = \count($olds) - 1; $one >= 0; --$one) {
            for ($other = \count($news) - 1; $other >= 0; --$other) {
                $lengths[$one][$other] = $olds[$one][1] === $news[$other][1]
                    ? $lengths[$one + 1][$other + 1] + 1
                    : max($lengths[$one + 1][$other], $lengths[$one][$other + 1]);
            }
        }
        $pairs = [];
        for ($one = $other = 0; isset($olds[$one], $news[$other]);) {
            if ($olds[$one][1] === $news[$other][1]) {
                $pairs[] = [$one++, $other++];
            } elseif ($lengths[$one + 1][$other] >= $lengths[$one][$other + 1]) {
                ++$one;
            } else {
                ++$other;
            }
        }

        return $pairs;
    }

    /**
     * Rows that say something else now: those of one kind first, then one for one in their order.
     *
     * @param list<array{int, int, class-string}> $olds
     * @param list<array{int, int, class-string}> $news
     * @param array<int, int>                     $ids
     */
    private static function byKind(array $olds, array $news, array &$ids): void
    {
        $from = 0;
        $left = [];
        foreach ($news as $new) {
            $found = null;
            for ($index = $from; $index < \count($olds); ++$index) {
                if ($olds[$index][2] === $new[2]) {
                    $found = $index;
                    break;
                }
            }
            if (null === $found) {
                $left[] = $new;
                continue;
            }
            $ids[$new[0]] = $olds[$found][0];
            $from = $found + 1;
        }
        if (\count($left) === \count($news) && \count($olds) === \count($news)) {
            foreach ($left as $index => $new) {
                $ids[$new[0]] = $olds[$index][0];
            }
        }
    }

    /** @param array<int, int> $ids */
    public static function renumbered(Program $program, array $ids, int $next): Program
    {
        if ([] === $ids) {
            return $program;
        }
        $change = static fn (Statement $row): Statement => $row->withId($ids[$row->id] ?? $row->id);
        $each = static fn (Statement $row): Statement => Walk::map($row, $change);
        $script = Walk::map($program->script, $change);

        return $program->withFunctions(array_map($each, $program->functions))->withScript($script)->withBelow(array_map($each, $program->below))->withNextId(max($next, max($ids) + 1));
    }

    /** The texts typed in other languages, and how rows show, where they are still the same rows. */
    public static function keptWritings(Analysis $read, Analysis $before, Language $typed): Analysis
    {
        $program = $read->program;
        $old = $before->program;
        foreach ($old->handwriting as $language => $handwriting) {
            if ($language !== $typed->value) {
                $program = $program->withHandwriting($language, $handwriting);
            }
        }
        $were = Cores::of($before, $typed);
        $now = Cores::of($read, $typed);
        $hands = [];
        foreach ($now as $id => $core) {
            $hand = $old->hands[$id] ?? null;
            if (($were[$id] ?? null) !== $core) {
                $hands[$id] = isset($old->models[$id]) ? Hand::Handwritten : Hand::Typed;
            } elseif (null !== $hand) {
                $hands[$id] = $hand;
            }
        }

        return $read->around($program->withHands($hands)->withModels(array_intersect_key($old->models, $now)), $typed);
    }
}
