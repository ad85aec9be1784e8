<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\RunError;

/** What a loop goes over while its rows change it. */
trait Turning
{
    /**
     * The items one after the other as they are when their turn comes.
     *
     * @param ''|'rows'|'numbered'|'values'|'entries' $as what the loop gets of it
     *
     * @return iterable<mixed>
     */
    public function turns(mixed $value, string $as): iterable
    {
        if ($this->can($value, '@iter')) {
            return $this->turns($this->goneOver($value), $as);
        }
        if ($value instanceof FileValue) {
            return $this->linesOf($value);
        }
        if ($value instanceof ListValue && $value->once && \in_array($as, ['', 'rows'], true)) {
            return $this->takenInTurn($value);
        }
        if ($value instanceof ListValue && null !== $value->more && 'numbered' === $as) {
            return $this->numberedInTurn($value);
        }
        if ($value instanceof ListValue && \in_array($as, ['', 'rows', 'numbered'], true)) {
            self::withoutGaps($value);

            return $this->placesInTurn($value, 'numbered' === $as);
        }
        if ($value instanceof MapValue && '' === $value->class) {
            if ($this->facts->guardsMaps) {
                return $this->unlessResized($value, $as);
            }
            if ('Map' === $value->sort || 'set' === $value->sort && '' === $as) {
                return $this->entriesInTurn($value);
            }
        }

        return match ($as) {
            '' => $this->over($value),
            'rows' => $this->rows($value),
            'numbered' => $this->numbered($value)->items,
            'values' => $this->values($value)->items,
            'entries' => $this->entries($value)->items,
        };
    }

    /**
     * A list is asked at each turn for the item at the next place (The Python Language Reference, 8.3; ECMAScript 2022, 23.1.5.2.1);
     * what JavaScript does with each goes no further than its end was at first (23.1.3.15).
     *
     * @return iterable<mixed>
     */
    private function placesInTurn(ListValue $list, bool $isNumbered): iterable
    {
        $most = $isNumbered && $this->facts->numbersOnce ? \count($list->items) : \PHP_INT_MAX;
        for ($place = 0; $place < $most && $place < \count($list->items); ++$place) {
            Room::spend(1);
            yield $isNumbered ? new ListValue([$this->count_($place), $list->items[$place]], $this->facts->tuples) : $list->items[$place];
        }
    }

    /**
     * What is left when the loop is left stays there; JavaScript ends it with the loop (ECMAScript 2022, 14.7.5.7).
     *
     * @return iterable<mixed>
     */
    private function takenInTurn(ListValue $begun): iterable
    {
        try {
            while ($begun->hasNext()) {
                Room::spend(1);
                yield array_shift($begun->items);
            }
        } finally {
            if ($this->facts->closesLoops) {
                [$begun->items, $begun->more] = [[], null];
            }
        }
    }

    /** @return iterable<ListValue> */
    private function numberedInTurn(ListValue $begun): iterable
    {
        $place = 0;
        foreach ($this->takenInTurn($begun) as $item) {
            yield new ListValue([$this->count_($place++), $item], $this->facts->tuples);
        }
    }

    /**
     * A map or a set of Python may not become larger or smaller meanwhile (The Python Standard Library, Dictionary view objects).
     *
     * @param ''|'rows'|'numbered'|'values'|'entries' $as
     *
     * @return iterable<mixed>
     */
    private function unlessResized(MapValue $map, string $as): iterable
    {
        $size = \count($map->entries);
        $items = match ($as) {
            'rows' => $this->rows($map),
            'numbered' => $this->numbered($map)->items,
            'values' => $this->values($map)->items,
            'entries' => $this->entries($map)->items,
            default => $this->over($map),
        };
        foreach ($items as $item) {
            yield $item;
            if (\count($map->entries) !== $size) {
                throw new RunError('size_changed', [], ('set' === $map->sort ? 'Set' : 'dictionary').' changed size during iteration');
            }
        }
    }

    /**
     * What is put into a map or a set meanwhile has its turn, too, and what is taken out has none (ECMAScript 2022, 24.1.3.5).
     *
     * @return iterable<mixed>
     */
    private function entriesInTurn(MapValue $map): iterable
    {
        $done = [];
        [$last, $seen] = [null, 0];
        do {
            $isMore = false;
            // What came since stands behind the last one, where nothing before it has gone.
            $rest = \array_slice($map->entries, max(0, $seen - 1), null, true);
            [$rest, $seen] = array_key_first($rest) === $last ? [$rest, $seen - 1] : [$map->entries, 0];
            [$last, $seen] = [array_key_last($rest), $seen + \count($rest)];
            foreach ($rest as $tag => $entry) {
                if (isset($done[$tag]) || !isset($map->entries[$tag])) {
                    continue;
                }
                $done[$tag] = $isMore = true;
                Room::spend(1);
                yield 'Map' === $map->sort ? new ListValue([$entry[0], $map->entries[$tag][1]]) : $entry[0];
            }
        } while ($isMore);
    }
}
