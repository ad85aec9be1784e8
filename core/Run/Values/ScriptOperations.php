<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Scrivlet\Core\Run\RunError;

/** What JavaScript has a word of its own for: things that stay as they are, lists within lists, parts of texts. */
trait ScriptOperations
{
    public function frozen(mixed $value): mixed
    {
        if ($value instanceof MapValue && '' === $value->sort) {
            $value->frozen = true;
        } elseif ($value instanceof ListValue) {
            $value->fixed = true;
        }

        return $value;
    }

    /** A number or a text never changes (ECMAScript 2022, 20.1.2.15). */
    public function isFrozen(mixed $value): bool
    {
        return self::isStill($value) || !$value instanceof MapValue && !$value instanceof ListValue;
    }

    protected static function isStill(mixed $value): bool
    {
        return $value instanceof MapValue && $value->frozen || $value instanceof ListValue && $value->fixed;
    }

    /** From a place, which may be counted from the end, so many letters (ECMAScript 2022, B.2.2.1). */
    public function partOf(mixed $text, mixed $from, mixed $count = null): string
    {
        return mb_substr(self::text_($text), static::integer($from), null === $count ? null : max(0, static::integer($count)));
    }

    public function tailOf(mixed $text, mixed $from): string
    {
        return $this->partOf($text, $from);
    }

    /** Three digits behind the point at most, and a comma between thousands (ECMA-402, 15.5). */
    public function localized(mixed $value): string
    {
        if (!\is_float($value) || !is_finite($value)) {
            return $this->text($value);
        }
        [$whole, $fraction] = explode('.', (string) BigDecimal::of($this->text($value))->toScale(3, RoundingMode::HALF_UP));

        return preg_replace('/(?<=\d)(?=(?:\d{3})+$)/', ',', $whole).('' === ($fraction = rtrim($fraction, '0')) ? '' : ".$fraction");
    }

    /** Whether a thing has a name of its own for something, a list also its places and its length (ECMAScript 2022, 20.1.3.2). */
    public function hasOwn(mixed $thing, mixed $name): bool
    {
        $name = $this->facts->coerces ? $this->text($name) : $name;
        if (\is_string($name) && ($thing instanceof ListValue || \is_string($thing))) {
            return 'length' === $name || ctype_digit($name) && (string) (int) $name === $name && (int) $name < (\is_string($thing) ? mb_strlen($thing) : \count($thing->items));
        }

        return $thing instanceof MapValue && 'set' !== $thing->sort && isset($thing->entries[MapValue::tag($this->keyed($name))]);
    }

    public function flattenedDeep(mixed $lists): ListValue
    {
        $flat = $this->flattened($lists);
        while ([] !== array_filter($flat->items, static fn (mixed $item): bool => $item instanceof ListValue)) {
            $flat = $this->flattened($flat);
        }

        return $flat;
    }

    /** A list and what comes behind it: the items of a list, or anything else as it is (ECMA-262, 23.1.3.2). */
    public function withItems(mixed $list, mixed $more): string|ListValue
    {
        if (\is_string($list)) {
            return $list.$this->text($more);
        }

        return $this->concatenated($list, $more instanceof ListValue ? $more : new ListValue([$more]));
    }

    public function spliced(mixed $list, mixed $from, mixed $count, mixed $items): ListValue
    {
        $list = self::list_($list);
        if ($list->fixed) {
            throw new RunError('fixed_list');
        }
        $put = $this->over($items);
        if (\count($list->items) + \count($put) > self::MOST_ITEMS) {
            throw new RunError('long_list', ['most' => self::MOST_ITEMS]);
        }
        $taken = array_splice($list->items, self::bound_(static::integer($from), \count($list->items)), max(0, static::integer($count)), $put);
        $this->told($list);

        return new ListValue($taken);
    }
}
