<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Tree\ClassDefinition;

/** C++'s numbers: `int` of 32 bits, `long long` of 64 and `double`; what a checked build would stop at is an error. */
final class CppValues extends Values
{
    use UnsignedNumbers;

    public function language(): Language
    {
        return Language::Cpp;
    }

    /** @param bool $wide whether the sum is a `long long` */
    public function add(mixed $a, mixed $b, bool $wide = false): mixed
    {
        if ($a instanceof MapValue || $b instanceof MapValue) {
            return $this->byClass($a, $b, '@add', '@added_to');
        }
        $together = $this->together($a, $b);
        if (null !== $together) {
            return $together;
        }

        return self::fit(self::number($a) + self::number($b), $wide, $a, $b);
    }

    public function subtract(mixed $a, mixed $b, bool $wide = false): mixed
    {
        if ($a instanceof MapValue) {
            return $this->byClass($a, $b, '@subtract', null);
        }

        return self::fit(self::number($a) - self::number($b), $wide, $a, $b);
    }

    public function multiply(mixed $a, mixed $b, bool $wide = false): mixed
    {
        if ($a instanceof MapValue || $b instanceof MapValue) {
            return $this->byClass($a, $b, '@multiply', '@multiplied_by');
        }

        return self::fit(self::number($a) * self::number($b), $wide, $a, $b);
    }

    public function divide(mixed $a, mixed $b): float
    {
        return (float) self::number($a) / (float) self::divisor($b);
    }

    /** A number as an `int` takes it (C++17, 7.10); what is none stays what it is. */
    public function withoutPoint(mixed $value): mixed
    {
        return \is_float($value) ? $this->toInt($value) : $value;
    }

    /**
     * A list, a map or a pair with numbers as its type has them.
     *
     * @param array<int|string, mixed> $reals by place, `*` for all: whether it has a point
     */
    public function withReals(mixed $value, array $reals): mixed
    {
        $made = fn (mixed $item, mixed $wanted): mixed => match (true) {
            true === $wanted && \is_int($item) => (float) $item,
            false === $wanted && \is_float($item) => $this->toInt($item),
            default => $item,
        };
        if ($value instanceof ListValue) {
            foreach ($value->items as $at => $item) {
                $wanted = $reals['*'] ?? $reals[$at] ?? null;
                $value->items[$at] = \is_array($wanted) ? $this->withReals($item, $wanted) : $made($item, $wanted);
            }
        } elseif ($value instanceof MapValue && 'set' !== $value->sort && '' === $value->class) {
            foreach ($value->entries as $tag => [$key, $item]) {
                $wanted = $reals['*'] ?? null;
                $value->entries[$tag] = [$key, \is_array($wanted) ? $this->withReals($item, $wanted) : $made($item, $wanted)];
            }
        }

        return $value;
    }

    /** @var array<string, list<string>> by class, the names of what its objects keep, in the order of their declarations */
    public array $fields = [];

    /** An object is taken apart into what it keeps, in the order in which its class declares that (C++17, 11.5). */
    public function apart(mixed $value, int $wanted): array
    {
        if ($value instanceof MapValue && '' !== $value->class) {
            $order = array_flip(array_map(static fn (string $name): string => "t$name", $this->fields[$value->class] ?? []));
            $entries = $value->entries;
            uksort($entries, static fn (string|int $one, string|int $other): int => ($order[$one] ?? \PHP_INT_MAX) <=> ($order[$other] ?? \PHP_INT_MAX));
            $value = new ListValue(array_map(fn (array $entry): mixed => $this->cloned($entry[1]), array_values($entries)));
        }

        return parent::apart($value, $wanted);
    }

    public function floorDivide(mixed $a, mixed $b, bool $wide = false): int|float
    {
        $a = self::number($a);
        $b = self::divisor($b);
        if (\is_int($a) && \is_int($b)) {
            return -1 === $b ? $this->negate($a, $wide) : self::fit(Floored::quotient($a, $b), $wide);
        }

        return Floored::divide((float) $a, (float) $b);
    }

    public function floorRemainder(mixed $a, mixed $b): int|float
    {
        $a = self::number($a);
        $b = self::divisor($b);
        if (\is_int($a) && \is_int($b)) {
            return Floored::rest($a, $b);
        }

        return Floored::remainder((float) $a, (float) $b);
    }

    public function power(mixed $a, mixed $b): float
    {
        return (float) self::number($a) ** (float) self::number($b);
    }

    public function negate(mixed $a, bool $wide = false): int|float
    {
        return self::fit(-self::number($a), $wide, $a);
    }

    /** PHP makes a float of what is too large for 64 bits. */
    private static function fit(int|float $result, bool $wide, mixed ...$operands): int|float
    {
        if (\is_int($result) && !$wide && ($result > 2147483647 || $result < -2147483648)) {
            throw new RunError('too_large_int');
        }
        if (\is_float($result) && [] !== $operands && [] === array_filter($operands, is_float(...))) {
            throw new RunError($wide ? 'too_large_long' : 'too_large_int');
        }

        return $result;
    }

    private static function divisor(mixed $b): int|float
    {
        $b = self::number($b);

        return 0 == $b ? throw new RunError('division_by_zero') : $b;
    }

    /** As `cout` shows it: six significant digits, `%g` (C++17, [facet.num.put.virtuals]). */
    public function show(mixed $value): string
    {
        if (\is_bool($value)) {
            return $value ? '1' : '0';
        }
        if ($value instanceof ListValue) {
            return $this->shownWithin($value, fn (): string => '['.implode(', ', array_map($this->show(...), $value->items)).']', '[...]');
        }
        if ($value instanceof MapValue && '' !== $value->class) {
            return $this->objectText($value, [ClassDefinition::SHOWS]);
        }
        if ($value instanceof MapValue) {
            return $this->shownWithin($value, fn (): string => '{'.implode(', ', array_map(fn (array $entry): string => $this->show($entry[0]).': '.$this->show($entry[1]), $value->entries)).'}', '{...}');
        }
        if (!\is_float($value)) {
            return \is_scalar($value) ? (string) $value : '';
        }
        if (is_nan($value)) {
            return 'nan';
        }
        if (is_infinite($value)) {
            return $value > 0 ? 'inf' : '-inf';
        }
        $decimal = Decimal::rounded($value, 6);

        return $decimal->exponent < -4 || $decimal->exponent >= 6 ? $decimal->scientific(2) : $decimal->plain();
    }

    public function truncDivide(mixed $a, mixed $b, bool $wide = false): int|float
    {
        $a = self::number($a);
        $b = self::divisor($b);
        if (-1 === $b && \is_int($a)) {
            return $this->negate($a, $wide);
        }

        return \is_int($a) && \is_int($b) ? self::fit(intdiv($a, $b), $wide) : $a / $b;
    }

    public function textFrom(mixed $text, mixed $from): string
    {
        return $this->textPart($text, $from, self::LONGEST);
    }

    public function textPart(mixed $text, mixed $from, mixed $count): string
    {
        [$place, $size] = [self::whole($from), mb_strlen(self::text_($text))];
        if ($place < 0 || $place > $size) {
            throw new RunError('no_item', ['index' => $place, 'size' => $size], \sprintf('basic_string::substr: __pos (which is %u) > this->size() (which is %d)', $place, $size));
        }

        // A length is no number below 0: that is a very large one (C++17, 24.3.2.7.6).
        return parent::textPart($text, $from, self::whole($count) < 0 ? self::LONGEST : $count);
    }

    protected function order(mixed $a, mixed $b): ?int
    {
        if ($a instanceof MapValue && '' !== $a->class && $b instanceof MapValue) {
            return $this->isBefore($a, $b) ? -1 : ($this->isBefore($b, $a) ? 1 : 0);
        }

        return $a instanceof ListValue && $b instanceof ListValue ? $this->listOrder($a, $b) : null;
    }

    protected function grown(mixed $product, int $factor): int|float
    {
        return self::fit(self::number($product) * $factor, true, $product, $factor);
    }

    public function put(mixed $container, mixed $index, mixed $value): void
    {
        if ($container instanceof MapValue && '' !== $container->class) {
            // What stands behind an object in square brackets is no entry of it.
            throw new RunError('not_a_list');
        }
        parent::put($container, $index, $value);
    }

    /** A key that is not there need not go (C++17, 26.4.2). */
    public function forget(mixed $map, mixed $key): void
    {
        unset(self::map_($map)->entries[MapValue::tag($this->keyed($key))]);
    }

    /** @var array<string, list<MapValue>> by class, one for all objects of which none is less than another, in order */
    private array $alike = [];

    /** Objects that have an order are one key where none of two is less (C++17, 26.2.6). */
    protected function keyed(mixed $key): mixed
    {
        if (!$key instanceof MapValue || '' === $key->class || !$this->can($key, '@less')) {
            return $key;
        }
        $known = $this->alike[$key->class] ?? [];
        for ($from = 0, $until = \count($known); $from < $until;) {
            $at = intdiv($from + $until, 2);
            [$from, $until] = $this->isBefore($known[$at], $key) ? [$at + 1, $until] : [$from, $at];
        }
        if (isset($known[$from]) && !$this->isBefore($key, $known[$from])) {
            return $known[$from];
        }
        $one = $this->cloned($key);
        \assert($one instanceof MapValue);
        Room::spend(1);
        array_splice($known, $from, 0, [$one]);
        $this->alike[$key->class] = $known;

        return $one;
    }

    /**
     * An object of a class above keeps nothing but what that class says (C++17, 15.8).
     *
     * @param list<string> $fields
     */
    public function sliced(mixed $object, string $class, array $fields): mixed
    {
        if (!$object instanceof MapValue || !$object->copied || $class === $object->class) {
            return $object;
        }
        $part = new MapValue($class);
        [$part->copied, $part->order] = [true, $fields];
        $part->entries = array_intersect_key($object->entries, array_fill_keys(array_map(static fn (string $name): string => "t$name", $fields), true));

        return $part;
    }

    /** A copy points at what the other one points at; what it keeps itself is another one (C++17, 15.8.1). */
    public function copied(mixed $value): mixed
    {
        return $value instanceof ListValue || $value instanceof MapValue && '' === $value->class ? $this->pointingAlike($value) : $this->cloned($value);
    }

    public function deepCopied(mixed $value): mixed
    {
        return $this->cloned($value);
    }

    public function roundedAway(mixed $value): float
    {
        return round((float) self::number($value));
    }

    protected function count_(int $count): int
    {
        return (int) self::fit($count, false);
    }

    /** A number with a point, or a `long long`, put into an `int`; with `$wide` any number into a `long long`. */
    public function toInt(mixed $value, bool $wide = false): int
    {
        if (!$wide && \is_int($value)) {
            return self::last32($value);
        }

        return \is_string($value) ? throw new RunError('not_a_number', ['value' => mb_substr($value, 0, 30)]) : (int) self::fit(self::whole($value), $wide);
    }

    public function toLong(mixed $value): int
    {
        if (!\is_string($value)) {
            return $this->toInt($value, true);
        }
        if (1 !== preg_match('/^[+-]?\d+/', trim($value), $match)) {
            return (int) $this->noNumber($value);
        }
        $number = BigInteger::of($match[0]);

        return $number->isLessThanOrEqualTo(\PHP_INT_MAX) && $number->isGreaterThanOrEqualTo(\PHP_INT_MIN) ? $number->toInt() : throw new RunError('too_many_digits');
    }

    /** Of what is wider than an `int` the last 32 bits are kept (C++17, 7.8, as gcc does it). */
    private static function last32(int $value): int
    {
        return (($value + 0x80000000) & 0xFFFFFFFF) - 0x80000000;
    }

    public function toWhole(mixed $value): int|float|BigInteger
    {
        if (\is_int($value)) {
            return self::last32($value);
        }
        $text = \is_string($value) && 1 === preg_match('/^[+-]?\d+/', trim($value), $match) ? ltrim($match[0], '+') : '';

        // What an `int` has no room for is told as such (C++17, 24.3.4).
        return '' !== $text && (\strlen(ltrim($text, '-0')) > 10 || abs((int) $text) > 2147483647 && -2147483648 !== (int) $text) ? throw new RunError('too_many_digits', [], 'stoi') : parent::toWhole($value);
    }

    /** Items that need 64 bits are summed in 64 bits. */
    public function total(mixed $list): int|float
    {
        $sum = 0;
        $wide = false;
        foreach ($this->over($list) as $item) {
            $wide = $wide || \is_int($item) && abs($item) > 2147483647;
            $sum = $this->add($sum, $item, $wide);
            \assert(\is_int($sum) || \is_float($sum));
        }

        return $sum;
    }

    protected function sorted_(MapValue $map): void
    {
        uasort($map->entries, $map->descending ? static fn (array $a, array $b): int => $b[0] <=> $a[0] : static fn (array $a, array $b): int => $a[0] <=> $b[0]);
    }

    public function sort(mixed $list): void
    {
        $of = self::list_($list);
        if (!($of->items[0] ?? null) instanceof MapValue) {
            parent::sort($list);

            return;
        }
        $of->items = StandardSort::sorted($of->items, $this->less(...));
        $this->told($of);
    }

    public function sortBefore(mixed $list, mixed $isBefore, mixed $keeps = null): void
    {
        if (true === $keeps || !$isBefore instanceof \Closure) {
            parent::sortBefore($list, $isBefore);

            return;
        }
        $of = self::list_($list);
        $of->items = StandardSort::sorted($of->items, fn (mixed $one, mixed $other): bool => $this->truth($isBefore($one, $other)));
        $this->told($of);
    }

    public function sortBy(mixed $list, mixed $key, mixed $keeps = null): void
    {
        false === $keeps ? $this->sortedByKeys($list, $key, $this->less(...)) : parent::sortBy($list, $key);
    }

    public function sortDownBy(mixed $list, mixed $key, mixed $keeps = null): void
    {
        false === $keeps ? $this->sortedByKeys($list, $key, fn (mixed $one, mixed $other): bool => $this->less($other, $one)) : parent::sortDownBy($list, $key);
    }

    /** @param \Closure(mixed, mixed): bool $isBefore */
    private function sortedByKeys(mixed $list, mixed $key, \Closure $isBefore): void
    {
        if (!$key instanceof \Closure) {
            throw new RunError('no_function');
        }
        $of = self::list_($list);
        $items = $of->items;
        $keys = array_map(static fn (mixed $item): mixed => $key($item), $items);
        $places = StandardSort::sorted(array_keys($items), static fn (mixed $one, mixed $other): bool => \is_int($one) && \is_int($other) && $isBefore($keys[$one], $keys[$other]));
        $of->items = array_map(static fn (mixed $place): mixed => \is_int($place) ? $items[$place] : null, $places);
        $this->told($of);
    }

    protected function part(mixed $item): string
    {
        return $this->text($item);
    }

    /** What stands first among members that stand from the greatest to the least is their greatest. */
    public function least(mixed $list): mixed
    {
        return $list instanceof MapValue && $list->descending ? parent::greatest($list) : parent::least($list);
    }

    public function greatest(mixed $list): mixed
    {
        return $list instanceof MapValue && $list->descending ? parent::least($list) : parent::greatest($list);
    }

    /** A letter has eight bits: what goes beyond them is cut off (C++17, 7.8). */
    public function letter(mixed $code): string
    {
        return \is_int($code) && ($code < 0 || $code > 255) ? parent::letter($code & 255) : parent::letter($code);
    }

    /** An object may say itself whether it holds (C++17, 15.3.2). */
    public function truth(mixed $value): bool
    {
        return $this->can($value, '@truth') ? $this->truth($this->asked($value, '@truth')) : parent::truth($value);
    }

    /** What a class of one side says of a sign (C++17, 16.5.2). */
    private function byClass(mixed $a, mixed $b, string $method, ?string $ofRight): mixed
    {
        return match (true) {
            $this->can($a, $method) => $this->asked($a, $method, $b),
            null !== $ofRight && $this->can($b, $ofRight) => $this->asked($b, $ofRight, $a),
            default => self::number($a) + self::number($b),
        };
    }
}
