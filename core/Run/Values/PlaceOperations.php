<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** Where something stands in a list or a text. */
trait PlaceOperations
{
    public function contains(mixed $in, mixed $what): bool
    {
        if (\is_string($in)) {
            // JavaScript makes a text of what is looked for (ECMA-262, 22.1.3.8).
            return str_contains($in, $this->word($what));
        }
        if ($this->can($in, '@contains')) {
            return $this->truth($this->asked($in, '@contains', $what));
        }
        if ($this->facts->asksObjects && ($this->can($in, '@iter') || $this->can($in, '@item'))) {
            // What has but places is asked for one after another (The Python Language Reference, 6.10.2).
            $in = $this->asList($in);
        }
        if ($in instanceof MapValue) {
            if ('' !== $in->class && \is_string($what) && isset($this->hidden[$what])) {
                return false;
            }

            return isset($in->entries['set' === $in->sort ? $this->tagOf($what) : MapValue::tag($this->keyed($what))]);
        }
        // JavaScript finds what is no number, though it equals nothing (ECMA-262, 7.2.11).
        $isNoNumber = $this->facts->sameByIdentity && \is_float($what) && is_nan($what);
        foreach ($this->over(self::list_($in)) as $item) {
            if ($isNoNumber ? \is_float($item) && is_nan($item) : $this->isSought($item, $what)) {
                return true;
            }
        }

        return false;
    }

    /** Whether an item is the one that is looked for: a list or an object is found in JavaScript as itself alone (ECMAScript 2022, 7.2.15). */
    private function isSought(mixed $item, mixed $what): bool
    {
        // An object is itself, whatever it says (The Python Language Reference, 6.10.2).
        return $this->facts->asksObjects && $item instanceof MapValue && $item === $what || $this->isSoughtAsSuch($item, $what);
    }

    private function isSoughtAsSuch(mixed $item, mixed $what): bool
    {
        return $this->facts->sameByIdentity && ($item instanceof ListValue || $item instanceof MapValue) ? $item === $what : $this->equal($item, $what);
    }

    public function position(mixed $in, mixed $what): int|float
    {
        if (\is_string($in)) {
            $at = mb_strpos(self::text_($in), $this->word($what));

            return $this->count_(false === $at ? -1 : $at);
        }
        $list = self::list_($in);
        // What is sought is no gap.
        foreach (null === $what || [] === $list->gaps ? $this->over($list) : $list->items as $index => $item) {
            if ($this->isSought($item, $what)) {
                return $this->count_($index);
            }
        }

        return $this->count_(-1);
    }

    public function index(mixed $in, mixed $what): int|float
    {
        $at = $this->position($in, $what);

        return $at < 0 ? throw new RunError('not_in_list', ['value' => mb_substr($this->text($what), 0, 30)], \is_string($in) ? 'substring not found' : $this->display($what).' is not in list') : $at;
    }

    public function occurrences(mixed $in, mixed $what): int|float
    {
        if (\is_string($in)) {
            $what = $this->word($what);

            return $this->count_('' === $what ? mb_strlen($in) + 1 : substr_count($in, $what));
        }

        return $this->count_(\count(array_filter($this->over(self::list_($in)), fn (mixed $item): bool => $this->isSought($item, $what))));
    }

    /** Where something is first found from a place on. */
    public function positionFrom(mixed $in, mixed $what, mixed $from): int|float
    {
        $from = static::integer($from);
        $from = $from < 0 && $this->facts->negativePlaces ? max(0, $from + (int) static::numeric($this->length($in))) : max(0, $from);
        if (\is_string($in)) {
            $what = $this->word($what);
            $at = $from > mb_strlen($in) ? false : mb_strpos($in, $what, $from);

            return $this->count_(false === $at ? -1 : $at);
        }
        foreach (\array_slice(self::list_($in)->items, $from, null, true) as $index => $item) {
            if ($this->isSought($item, $what)) {
                return $this->count_($index);
            }
        }

        return $this->count_(-1);
    }

    public function lastPosition(mixed $in, mixed $what): int|float
    {
        if (\is_string($in)) {
            $at = mb_strrpos($in, $this->word($what));

            return $this->count_(false === $at ? -1 : $at);
        }
        $places = array_keys(array_filter(self::list_($in)->items, fn (mixed $item): bool => $this->isSought($item, $what)));

        return $this->count_([] === $places ? -1 : max($places));
    }

    public function firstAmong(mixed $text, mixed $letters): int|float
    {
        return $this->count_(self::lettersAt(self::text_($text), self::text_($letters), true)[0] ?? -1);
    }

    public function lastAmong(mixed $text, mixed $letters): int|float
    {
        $places = self::lettersAt(self::text_($text), self::text_($letters), true);

        return $this->count_([] === $places ? -1 : max($places));
    }

    public function firstApart(mixed $text, mixed $letters): int|float
    {
        return $this->count_(self::lettersAt(self::text_($text), self::text_($letters), false)[0] ?? -1);
    }

    public function lastApart(mixed $text, mixed $letters): int|float
    {
        $places = self::lettersAt(self::text_($text), self::text_($letters), false);

        return $this->count_([] === $places ? -1 : max($places));
    }

    /** @return list<int> where letters stand that are among others, or are not */
    private static function lettersAt(string $text, string $letters, bool $among): array
    {
        $wanted = array_fill_keys(mb_str_split($letters), true);
        $found = mb_str_split($text);
        Room::spend(\count($found));

        return array_keys(array_filter($found, static fn (string $letter): bool => isset($wanted[$letter]) === $among));
    }
}
