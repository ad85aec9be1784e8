<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Tree\ClassDefinition;

/** JavaScript's numbers: all are floats, nothing is an error. */
final class JavaScriptValues extends Values
{
    use BigWholes;
    use CoercedValues;

    public function language(): Language
    {
        return Language::JavaScript;
    }

    public function add(mixed $a, mixed $b): string|float|BigInteger
    {
        if (\is_float($a) && \is_float($b)) {
            return $a + $b;
        }
        if (\is_string($a) || \is_string($b) || self::isThing($a) || self::isThing($b)) {
            return $this->bounded($this->text($a).$this->text($b));
        }

        return self::big('+', $a, $b) ?? self::numeric($a) + self::numeric($b);
    }

    public function subtract(mixed $a, mixed $b): float|BigInteger
    {
        return self::big('-', $a, $b) ?? self::numeric($a) - self::numeric($b);
    }

    public function multiply(mixed $a, mixed $b): float|BigInteger
    {
        return self::big('*', $a, $b) ?? self::numeric($a) * self::numeric($b);
    }

    public function divide(mixed $a, mixed $b): float|BigInteger
    {
        return self::big('/', $a, $b) ?? fdiv(self::numeric($a), self::numeric($b));
    }

    public function floorDivide(mixed $a, mixed $b): float
    {
        $a = self::numeric($a);
        $b = self::numeric($b);

        return 0.0 === abs($b) || !is_finite($a) || !is_finite($b) ? floor(fdiv($a, $b)) : Floored::divide($a, $b);
    }

    public function floorRemainder(mixed $a, mixed $b): float|BigInteger
    {
        $big = self::big('%', $a, $b);
        if (null !== $big) {
            return $big;
        }
        $a = self::numeric($a);
        $b = self::numeric($b);

        return 0.0 === abs($b) || !is_finite($a) || !is_finite($b) ? \NAN : Floored::remainder($a, $b);
    }

    public function power(mixed $a, mixed $b): float|BigInteger
    {
        $big = self::big('**', $a, $b);
        if (null !== $big) {
            return $big;
        }
        $a = self::numeric($a);
        $b = self::numeric($b);

        // ECMAScript 2022, 6.1.6.1.3: 1 to the power of something without a size is not a number.
        return 1.0 === abs($a) && !is_finite($b) ? \NAN : $a ** $b;
    }

    /** What holds others is added as its text (13.15.3); one that says its number itself is not asked. */
    private static function isThing(mixed $value): bool
    {
        if ($value instanceof MapValue) {
            self::sayNoForm($value, 'valueOf');
        }

        return $value instanceof ListValue || $value instanceof MapValue;
    }

    public function bitAnd(mixed $a, mixed $b, bool $wide = false): mixed
    {
        return self::big('&', $a, $b) ?? parent::bitAnd(self::numeric($a), self::numeric($b), $wide);
    }

    public function bitOr(mixed $a, mixed $b, bool $wide = false): mixed
    {
        return self::big('|', $a, $b) ?? parent::bitOr(self::numeric($a), self::numeric($b), $wide);
    }

    public function bitXor(mixed $a, mixed $b, bool $wide = false): mixed
    {
        return self::big('^', $a, $b) ?? parent::bitXor(self::numeric($a), self::numeric($b), $wide);
    }

    public function bitNot(mixed $a, bool $wide = false): int|float|BigInteger
    {
        return $a instanceof BigInteger ? $a->not() : parent::bitNot($a, $wide);
    }

    public function shiftedLeft(mixed $a, mixed $by, bool $wide = false): int|float|BigInteger
    {
        return self::big('<<', $a, $by) ?? parent::shiftedLeft($a, $by, $wide);
    }

    public function shiftedRight(mixed $a, mixed $by, bool $wide = false): int|float|BigInteger
    {
        return self::big('>>', $a, $by) ?? parent::shiftedRight($a, $by, $wide);
    }

    public function negate(mixed $a): float|BigInteger
    {
        return $a instanceof BigInteger ? $a->negated() : -self::numeric($a);
    }

    /** Values of two kinds are never the same (IsStrictlyEqual, ECMAScript 2022, 7.2.16). */
    public function equal(mixed $a, mixed $b): bool
    {
        if ($a instanceof BigInteger || $b instanceof BigInteger) {
            return $a instanceof BigInteger && $b instanceof BigInteger && $a->isEqualTo($b);
        }

        return \is_bool($a) === \is_bool($b) && parent::equal($a, $b);
    }

    /** Lists and objects are compared as their texts (ECMAScript 2022, 7.2.13). */
    protected function order(mixed $a, mixed $b): ?int
    {
        $object = static fn (mixed $value): bool => $value instanceof ListValue || $value instanceof MapValue;
        if ($a instanceof BigInteger || $b instanceof BigInteger) {
            return self::bigOrder($a, $b);
        }
        if (!$object($a) && !$object($b)) {
            return null;
        }
        [$a, $b] = [$object($a) ? $this->text($a) : $a, $object($b) ? $this->text($b) : $b];

        return \is_string($a) && \is_string($b) ? strcmp($a, $b) <=> 0 : null;
    }

    public function least(mixed $list): mixed
    {
        $list = new ListValue($this->over($list));

        return $this->areTexts($list) ? parent::reduced($list, static fn (mixed $one, mixed $other): mixed => null === $one || \is_string($other) && \is_string($one) && strcmp($other, $one) < 0 ? $other : $one, null) : parent::least($list);
    }

    public function greatest(mixed $list): mixed
    {
        $list = new ListValue($this->over($list));

        return $this->areTexts($list) ? parent::reduced($list, static fn (mixed $one, mixed $other): mixed => null === $one || \is_string($other) && \is_string($one) && strcmp($one, $other) < 0 ? $other : $one, null) : parent::greatest($list);
    }

    /** Texts that spell no numbers. */
    private function areTexts(mixed $list): bool
    {
        $items = $this->over($list);

        return [] !== $items && [] === array_filter($items, static fn (mixed $item): bool => !\is_string($item) || is_numeric(trim($item)) || '' === trim($item));
    }

    /** IsLooselyEqual, ECMAScript 2022, 7.2.15. */
    public function alike(mixed $a, mixed $b): bool
    {
        $nothing = static fn (mixed $value): bool => null === $value || Nothing::Null === $value;
        if ($nothing($a) || $nothing($b)) {
            return $nothing($a) && $nothing($b);
        }
        $object = static fn (mixed $value): bool => $value instanceof ListValue || $value instanceof MapValue;
        if ($object($a) && $object($b) || \is_string($a) && \is_string($b)) {
            return $a === $b;
        }
        [$a, $b] = [$object($a) ? $this->text($a) : $a, $object($b) ? $this->text($b) : $b];

        if ($a instanceof BigInteger || $b instanceof BigInteger) {
            return 0 === self::bigOrder($a, $b);
        }

        return \is_string($a) && \is_string($b) ? $a === $b : self::numeric($a) === self::numeric($b);
    }

    public function truth(mixed $value): bool
    {
        if ($value instanceof BigInteger) {
            return !$value->isZero();
        }

        return Nothing::Null !== $value && !(\is_float($value) && is_nan($value)) && parent::truth($value);
    }

    protected function comparable(mixed $value): float
    {
        return self::numeric($value);
    }

    public function truncRemainder(mixed $a, mixed $b): float|BigInteger
    {
        return self::big('%', $a, $b) ?? fmod(self::numeric($a), self::numeric($b));
    }

    public function truncDivide(mixed $a, mixed $b): float
    {
        return self::cut(fdiv(self::numeric($a), self::numeric($b)));
    }

    /** Towards zero, which keeps its sign. */
    private static function cut(float $number): float
    {
        return is_finite($number) ? ($number < 0 ? ceil($number) : floor($number)) : $number;
    }

    /** Texts are counted in units of 16 bits, of which signs beyond the first 65,536 take two (ECMA-262, 6.1.4). */
    public function length(mixed $value): int|float
    {
        if ($value instanceof \Closure) {
            // How many parameters it has (ECMA-262, 20.2.4.1).
            return (float) ($this->wantedBy($value) ?? throw new RunError('own_form', ['name' => 'length']));
        }
        if ($this->keepsNothing($value)) {
            throw $this->noField($value, 'length');
        }

        return parent::length($value) + (\is_string($value) && 1 === preg_match('/[\xF0-\xF7]/', $value) ? (int) preg_match_all('/[\xF0-\xF7]/', $value) : 0);
    }

    public function toWhole(mixed $value): float
    {
        if (\is_string($value)) {
            if (1 === preg_match('/^\s*([+-]?)0x([0-9a-f]*)/i', $value, $match)) {
                // To the base of 16 (ECMA-262, 19.2.5).
                return '' === $match[2] ? \NAN : ('-' === $match[1] ? -1.0 : 1.0) * hexdec($match[2]);
            }

            // Nothing in front is no number (ECMA-262, 19.2.5), while `Number("")` is 0.
            return '' === trim($value) ? \NAN : self::numeric(parent::toWhole($value));
        }

        // The text of anything else is read (ECMA-262, 19.2.5): that of `null` and of a truth spells no number.
        return \is_int($value) || \is_float($value) || $value instanceof BigInteger ? self::cut(self::numeric($value)) : $this->toWhole($this->text($value));
    }

    public function toNumber(mixed $value): float
    {
        if ($value instanceof BigInteger) {
            return Whole::float($value);
        }

        return self::numeric($value);
    }

    /** ECMAScript 2022, 19.2.4. */
    public function leadingNumber(mixed $value): float
    {
        return 1 === preg_match('/^\s*([+-]?(?:Infinity|(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?))/', $this->text($value), $match) ? self::numeric($match[1]) : \NAN;
    }

    public function floor(mixed $value): float
    {
        return floor(self::numeric($value));
    }

    public function ceiling(mixed $value): float
    {
        return ceil(self::numeric($value));
    }

    /** Halves go up, and what is rounded to nought from below keeps its sign (ECMAScript 2022, 21.3.2.28). */
    public function rounded(mixed $value): float
    {
        $number = self::numeric($value);
        $floor = floor($number);
        $rounded = $number - $floor >= 0.5 ? $floor + 1 : $floor;

        return 0.0 === $rounded && $number < 0 ? -0.0 : $rounded;
    }

    public function root(mixed $value): float
    {
        $number = self::numeric($value);

        return $number < 0 ? \NAN : sqrt($number);
    }

    public function absolute(mixed $value): float
    {
        return abs(self::numeric($value));
    }

    /** What is not a number is the smallest and the largest of all (ECMAScript 2022, 21.3.2.24). */
    public function smaller(mixed ...$values): float
    {
        $least = \INF;
        foreach ($values as $value) {
            $number = self::numeric($value);
            $least = is_nan($number) || is_nan($least) ? \NAN : min($least, $number);
        }

        return $least;
    }

    public function larger(mixed ...$values): float
    {
        $most = -\INF;
        foreach ($values as $value) {
            $number = self::numeric($value);
            $most = is_nan($number) || is_nan($most) ? \NAN : max($most, $number);
        }

        return $most;
    }

    public function fixed(mixed $value, mixed $digits): string
    {
        $number = self::numeric($value);

        $wanted = self::integer($digits);
        if ($wanted < 0 || $wanted > 100) {
            throw new RunError('no_form', ['form' => (string) $wanted], 'toFixed() digits argument must be between 0 and 100');
        }

        return is_finite($number) && abs($number) < 1e21 ? parent::fixed(self::offTie($number, min(50, $wanted)), $digits) : $this->text($number);
    }

    /**
     * What stands there, or another where nothing does or `null` (ECMA-262, 13.13); asked for with nothing as the other, it is
     * whether something stands there at all, so that `null` stays.
     */
    public function valueOr(mixed $map, mixed $key, mixed $other): mixed
    {
        $value = $map instanceof MapValue && '' !== $map->sort ? parent::valueOr($map, $key, null) : $this->item($map, $key);

        return null === $other || null !== $value && Nothing::Null !== $value ? $value : $other;
    }

    /** A list keeps its length, and has nothing at the place (ECMA-262, 13.5.1.2 and 10.4.2). */
    public function forget(mixed $map, mixed $key): void
    {
        if (!$map instanceof ListValue || $map->fixed) {
            // What is frozen loses nothing (ECMAScript 2022, 20.1.2.6).
            self::isStill($map) || parent::forget($map, $key);

            return;
        }
        $place = is_numeric($key) ? (int) $key : -1;
        if (\array_key_exists($place, $map->items) && (float) $key === (float) $place) {
            parent::put($map, $key, null);
            $map->gaps[$place] = true;
        }
    }

    public function put(mixed $container, mixed $index, mixed $value): void
    {
        if ($this->keepsNothing($container)) {
            throw $this->keptNowhere($container, $this->text($index));
        }
        if ($container instanceof PatternValue && 'lastIndex' === $index) {
            $container->next = max(0, self::integer($value));

            return;
        }
        $kept = $container instanceof MapValue ? $container->entries[MapValue::tag($this->keyed($index))][1] ?? null : null;
        if ($kept instanceof Getter) {
            // What is only found keeps nothing (ECMA-262, 10.1.9.2), which only strict texts stop at.
            null === $kept->keeps || ($kept->keeps)($value);

            return;
        }
        // The letters of a text stay what they are (ECMA-262, 10.4.3.5), which only strict texts stop at.
        if (!self::isStill($container) && !\is_string($container)) {
            parent::put($container, $index, $value);
        }
    }

    /** What all objects can do is in each of them, as well as what their class can (ECMAScript 2022, 13.10.2 and 20.1.3). */
    private const OF_ALL = ['constructor', 'hasOwnProperty', 'isPrototypeOf', 'propertyIsEnumerable', 'toLocaleString', 'toString', 'valueOf'];

    public function contains(mixed $in, mixed $what): bool
    {
        $isOwnThing = $in instanceof MapValue && '' === $in->sort && \is_string($what);

        return $isOwnThing && (\in_array($what, self::OF_ALL, true) || $this->can($in, $what) || $this->can($in, "set_$what")) || parent::contains($in, $what);
    }

    public function keep(mixed $object, string $name, mixed $value): void
    {
        if ($this->keepsNothing($object)) {
            throw $this->keptNowhere($object, $name);
        }
        if (!self::isStill($object)) {
            parent::keep($object, $name, $value);
        }
    }

    private function keptNowhere(mixed $nothing, string $name): RunError
    {
        return new RunError('nothing_keeps', ['name' => $name], 'Cannot set properties of '.(null === $nothing ? 'undefined' : 'null')." (setting '$name')");
    }

    public function append(mixed $list, mixed $value): void
    {
        if ($list instanceof ListValue && $list->fixed) {
            throw new RunError('fixed_list', [], 'Cannot add property '.\count($list->items).', object is not extensible');
        }
        parent::append($list, $value);
    }

    public function formatted(mixed $value, mixed $form): string
    {
        // A nought has no sign here (ECMA-262, 21.1.3.3).
        $value = \is_float($value) && 0.0 === abs($value) ? 0.0 : $value;
        $isFixed = \is_float($value) && is_finite($value) && \is_string($form) && 1 === preg_match('/\.(\d{1,2})f$/D', $form, $match);

        return parent::formatted($isFixed ? self::offTie($value, (int) $match[1]) : $value, $form);
    }

    /** A number in the very middle of two others of so many digits goes away from nought (ECMAScript 2022, 21.1.3.3). */
    private static function offTie(float $number, int $digits): float
    {
        $fraction = substr(strrchr(\sprintf('%.53F', $number), '.') ?: '', 1);

        return 1 === preg_match('/^\d{'.$digits.'}50*$/D', $fraction) ? $number + ($number < 0 ? -1 : 1) * 10 ** -($digits + 3) : $number;
    }

    public function show(mixed $value): string
    {
        if ($value instanceof MapValue && 'Error' === $value->made) {
            // The machine shows where it was made, too.
            throw new RunError('object_shown', ['name' => 'Error']);
        }
        if ($value instanceof ListValue || $value instanceof MapValue) {
            return (new JavaScriptInspection($this->display(...), $this->key(...), $this->shown(...)))->of($value);
        }

        if ($value instanceof \Closure) {
            $name = $this->nameOf($value);

            return '[Function'.(null === $name ? ' (anonymous)' : ": $name").']';
        }
        if ($value instanceof Getter) {
            return null === $value->finds ? '[Setter]' : (null === $value->keeps ? '[Getter]' : '[Getter/Setter]');
        }

        if ($value instanceof BigInteger) {
            return $value.'n';
        }

        // console.log names the sign of a negative zero, a template literal does not.
        return \is_float($value) && 0.0 === abs($value) && '-' === Decimal::shortest($value)->sign ? '-0' : $this->text($value);
    }

    /** What `console.table` shows of a value: what holds no others is shown as ever. */
    public function tabled(mixed $value, mixed $columns = null): string
    {
        if (!$value instanceof ListValue && !$value instanceof MapValue) {
            return $this->show($value);
        }
        $wanted = $columns instanceof ListValue ? array_map($this->text(...), $columns->items) : null;
        $inspect = fn (mixed $cell, int $levels): string => \is_string($cell) ? $this->display($cell) : ($cell instanceof ListValue || $cell instanceof MapValue ? (new JavaScriptInspection($this->display(...), $this->key(...), $this->shown(...), $levels, 3, \PHP_INT_MAX))->of($cell) : $this->show($cell));

        return (new JavaScriptTable($inspect, $this->text(...), $this->shown(...)))->of($value, $wanted);
    }

    /** A value in the gap of a text: an object as it is shown, unless it says itself what its text is. */
    protected function filledIn(mixed $value): string
    {
        if ($value instanceof ListValue || $value instanceof MapValue && !$this->can($value, ClassDefinition::SHOWS) && 'Error' !== $value->made) {
            return (new JavaScriptInspection($this->display(...), $this->key(...), $this->shown(...)))->of($value, 2);
        }

        return \is_float($value) ? $this->show($value) : $this->text($value);
    }

    /** An object may say by itself what its number is (ECMA-262, 7.1.1.1), which is not asked for here. */
    private static function sayNoForm(MapValue $value, string $method): void
    {
        if (($value->entries["t$method"][1] ?? null) instanceof \Closure) {
            throw new RunError('own_form', ['name' => $method]);
        }
    }

    /** Number::toString: ECMAScript 2022, 6.1.6.1.20. */
    public function text(mixed $value): string
    {
        if (\is_bool($value)) {
            return $value ? 'true' : 'false';
        }
        if ($value instanceof BigInteger) {
            return (string) $value;
        }
        if (!\is_float($value)) {
            if ($value instanceof ListValue) {
                // An array that holds itself leaves that place empty, as Node.js does.
                return $this->shownWithin($value, fn (): string => implode(',', array_map($this->part(...), $value->items)), '');
            }
            if ($value instanceof MapValue && $this->can($value, ClassDefinition::SHOWS)) {
                return $this->objectText($value, [ClassDefinition::SHOWS]);
            }
            if ($value instanceof MapValue && 'Error' === $value->made) {
                [$name, $says] = [$this->text($value->entries['tname'][1] ?? ''), $this->text($value->entries['tmessage'][1] ?? '')];

                return '' === $says ? $name : "$name: $says";
            }
            if ($value instanceof MapValue) {
                $says = $value->entries['ttoString'][1] ?? null;
                if (!$says instanceof \Closure) {
                    return '[object Object]';
                }
                // Which of the two is asked is for the place to say (ECMA-262, 7.1.1.1).
                self::sayNoForm($value, 'valueOf');
                $says = $this->calledOn($says, $value);
                $text = $says instanceof \Closure ? $says() : null;

                return $text instanceof ListValue || $text instanceof MapValue ? throw new RunError('own_form', ['name' => 'toString']) : $this->text($text);
            }

            if ($value instanceof PatternValue) {
                return "/$value->source/$value->flags";
            }
            if (Nothing::Null === $value) {
                return 'null';
            }

            if ($value instanceof \Closure) {
                // A text of a function is the text that it was written as.
                throw new RunError('says_unknown');
            }

            return null === $value ? 'undefined' : (\is_scalar($value) ? (string) $value : '');
        }
        if (is_nan($value)) {
            return 'NaN';
        }
        if (is_infinite($value)) {
            return $value > 0 ? 'Infinity' : '-Infinity';
        }
        if (0.0 === abs($value)) {
            return '0';
        }
        $decimal = Decimal::shortest($value);

        return $decimal->exponent < -6 || $decimal->exponent >= 21 ? $decimal->scientific(1) : $decimal->plain();
    }

    private function key(mixed $key): string
    {
        $text = $this->text($key);

        return 1 === preg_match('/^[A-Za-z_$][\w$]*$/D', $text) ? $text : $this->quoted($text);
    }

    protected function quoted(string $text): string
    {
        $quote = !str_contains($text, "'") ? "'" : (!str_contains($text, '"') ? '"' : (!str_contains($text, '`') ? '`' : "'"));

        return $quote.strtr($text, ['\\' => '\\\\', "\n" => '\\n', "\t" => '\\t', ...("'" === $quote ? ["'" => "\\'"] : [])]).$quote;
    }

    protected function part(mixed $item): string
    {
        return null === $item || Nothing::Null === $item ? '' : $this->text($item);
    }

    protected function count_(int $count): float
    {
        return (float) $count;
    }

    /** ECMAScript 2022, 22.1.3.2. */
    protected function noLetter(): float
    {
        return \NAN;
    }

    protected function noNumber(string $text, ?string $says = null): float
    {
        return '' === trim($text) ? 0.0 : \NAN;
    }

    protected function noRoot(): float
    {
        return \NAN;
    }

    protected function noItem(mixed $index, int $size, ?string $says = null): null
    {
        return null;
    }

    protected function noKey(MapValue $map, mixed $key): null
    {
        return null;
    }

    protected function putBeyond(ListValue $list, mixed $index, mixed $value): void
    {
        $place = $this->place($index, \PHP_INT_MAX);
        if (null === $place) {
            // A list may keep what has no place, too, as a field of its own (ECMA-262, 10.4.2).
            throw new RunError('own_form', ['name' => mb_substr($this->text($index), 0, 30)]);
        }
        $index = $place;
        if ($index > self::MOST_ITEMS) {
            throw new RunError('no_item', ['index' => $index, 'size' => \count($list->items)]);
        }
        Room::spend(max(0, $index - \count($list->items)));
        for ($gap = \count($list->items); $gap < $index; ++$gap) {
            $list->gaps[$gap] = true;
        }
        $list->items = [...array_pad($list->items, $index, null), $value];
    }

    /** All keys are texts (ECMAScript 2022, 6.1.7). */
    protected function keyed(mixed $key): string
    {
        return $this->text($key);
    }

    /** Keys that are whole numbers come first, in their order (ECMAScript 2022, 10.1.11.1). */
    protected function sorted_(MapValue $map): void
    {
        $numbers = array_filter($map->entries, static fn (array $entry): bool => \is_string($entry[0]) && 1 === preg_match('/^(?:0|[1-9]\d{0,8})$/D', $entry[0]));
        if ([] !== $numbers) {
            uasort($numbers, static fn (array $a, array $b): int => (int) (\is_string($a[0]) ? $a[0] : 0) <=> (int) (\is_string($b[0]) ? $b[0] : 0));
            $map->entries = $numbers + $map->entries;
        }
    }

    protected function manyDigits(string $digits): float
    {
        return (float) $digits;
    }

    /** What keeps nothing of its own adds nothing (ECMA-262, 7.3.25). */
    public function merged(mixed $one, mixed $other): MapValue
    {
        $plain = static fn (mixed $value): mixed => null === $value || $value instanceof Nothing || \is_bool($value) || \is_float($value) ? new MapValue() : $value;

        return parent::merged($plain($one), $plain($other));
    }

    public function replaced(mixed $text, mixed $old, mixed $new): string
    {
        if (\is_string($text) && \is_string($old) && $new instanceof \Closure) {
            return $this->replacedByFunction($text, $old, $new, \PHP_INT_MAX);
        }

        return \is_string($text) && \is_string($old) && \is_string($new) && '' !== $old && str_contains($new, '$') ? $this->replacedBySigns($text, $old, $new, false) : parent::replaced($text, $old, $new);
    }

    public function replacedFirst(mixed $text, mixed $old, mixed $new): string
    {
        if (\is_string($text) && \is_string($old) && $new instanceof \Closure) {
            return $this->replacedByFunction($text, $old, $new, 1);
        }

        return \is_string($text) && \is_string($old) && \is_string($new) && '' !== $old && str_contains($new, '$') ? $this->replacedBySigns($text, $old, $new, true) : parent::replacedFirst($text, $old, $new);
    }

    /** A function is told what was found, and where (ECMA-262, 22.1.3.19); where nothing is looked for, between any two letters. */
    private function replacedByFunction(string $text, string $old, \Closure $new, int $most): string
    {
        $parts = '' === $old ? ['', ...mb_str_split($text), ''] : explode($old, $text);
        $made = array_shift($parts);
        $at = $this->length($made);
        foreach ($parts as $index => $part) {
            $made .= ($index < $most ? $this->text($new($old, (float) $at, $text)) : $old).$part;
            $at += $this->length($old) + $this->length($part);
        }

        return $this->bounded($made);
    }

    /** `$&` is what was found, `$$` a dollar, and two more are what stands before and behind it (ECMA-262, 22.1.3.19.1). */
    private function replacedBySigns(string $text, string $old, string $new, bool $isOnce): string
    {
        $made = '';
        $from = 0;
        for ($at = strpos($text, $old); false !== $at; $at = $isOnce ? false : strpos($text, $old, $from)) {
            $end = $at + \strlen($old);
            $put = preg_replace_callback('/\$([$&`\'])/', static fn (array $sign): string => match ($sign[1]) {
                '$' => '$',
                '&' => $old,
                '`' => substr($text, 0, $at),
                default => substr($text, $end),
            }, $new);
            $made .= substr($text, $from, $at - $from).$put;
            $from = $end;
        }

        return $this->bounded($made.substr($text, $from));
    }

    /** As many digits behind the point as tell the number from the next one (ECMA-262, 21.1.3.6, and Number::toString with a radix). */
    public function inBase(mixed $value, mixed $base): string
    {
        if ($value instanceof BigInteger) {
            return $value->toBase(self::base_($base));
        }
        if (\is_float($base) && (2 > $base || 36 < $base)) {
            throw new RunError('no_base', ['base' => (int) $base], 'toString() radix argument must be between 2 and 36');
        }
        $number = self::numeric($value);
        $whole = floor(abs($number));
        $rest = abs($number) - $whole;
        if (!is_finite($number) || 0.0 === $rest) {
            return is_finite($number) ? parent::inBase($value, $base) : $this->show($number);
        }
        $radix = self::base_($base);
        // Half of the way to the next number there is.
        $delta = max(0.5 * (self::above(abs($number)) - abs($number)), self::above(0.0));
        $digits = [];
        while ($rest >= $delta) {
            $rest *= $radix;
            $delta *= $radix;
            $digits[] = $digit = (int) $rest;
            $rest -= $digit;
            if (($rest > 0.5 || 0.5 === $rest && 1 === $digit % 2) && $rest + $delta > 1) {
                while ([] !== $digits && $radix === ++$digits[\count($digits) - 1]) {
                    array_pop($digits);
                }
                $whole += [] === $digits ? 1 : 0;
                break;
            }
        }
        $text = implode('', array_map(static fn (int $digit): string => base_convert((string) $digit, 10, 36), $digits));

        return ($number < 0 ? '-' : '').parent::inBase($whole, $base).('' === $text ? '' : ".$text");
    }

    private static function above(float $number): float
    {
        return self::float(self::bits($number) + 1);
    }

    public function repeated(mixed $value, mixed $times): string|ListValue
    {
        return self::numeric($times) < 0 ? throw new RunError('negative_count', [], 'Invalid count value: '.$this->text($times)) : parent::repeated($value, $times);
    }

    /** What is too much is left out, what is missing is undefined (ECMAScript 2022, 8.5.3). */
    public function apart(mixed $value, int $wanted): array
    {
        $items = [];
        if ($value instanceof ListValue && !$value->once) {
            $items = \array_slice($value->items, 0, $wanted);
        } else {
            foreach ($this->turns($value, '') as $item) {
                $items[] = $item;
                if (\count($items) >= $wanted) {
                    break;
                }
            }
        }

        return array_pad(\array_slice($items, 0, $wanted), $wanted, null);
    }

    public function isNoNumber(mixed $value): bool
    {
        return is_nan(self::numeric($value));
    }

    protected function listTruth(ListValue|MapValue $list): bool
    {
        return true;
    }
}
