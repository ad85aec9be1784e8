<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Tree\ClassDefinition;

/** Python's numbers: whole ones of any size and floats are kept apart, division by zero is an error. */
class PythonValues extends Values
{
    use PlainObjects;

    public function language(): Language
    {
        return Language::Python;
    }

    public function add(mixed $a, mixed $b): mixed
    {
        if ($this->can($a, '@add') || $this->can($b, '@added_to')) {
            return $this->can($a, '@add') ? $this->asked($a, '@add', $b) : $this->asked($b, '@added_to', $a);
        }
        $together = $this->together($a, $b);
        if (null !== $together) {
            return $together;
        }
        if (self::isCounter($a) && self::isCounter($b)) {
            return $this->tallied($a, $b, $this->add(...));
        }
        if (\is_string($a) || \is_string($b)) {
            throw new RunError('text_and_number', [], \is_string($a) || $a instanceof ListValue ? self::notTogether($a, $b) : "unsupported operand type(s) for +: '".self::className($a)."' and 'str'");
        }
        $left = self::operand($a, '+', $a, $b);
        $b = self::operand($b, '+', $a, $b);
        $a = $left;
        if (\is_int($a) && \is_int($b)) {
            $sum = $a + $b;

            // @phpstan-ignore function.alreadyNarrowedType (what is too large for 64 bits is a float)
            return \is_int($sum) ? $sum : Whole::add($a, $b);
        }

        return \is_float($a) || \is_float($b) ? self::float($a) + self::float($b) : Whole::add($a, $b);
    }

    /** Gives nothing (The Python Standard Library, "set.add"). */
    public function putIn(mixed $set, mixed $item): mixed
    {
        parent::putIn($set, $item);

        return null;
    }

    public function subtract(mixed $a, mixed $b): mixed
    {
        if ($this->can($a, '@subtract') || $this->can($b, '@subtracted_from')) {
            return $this->can($a, '@subtract') ? $this->asked($a, '@subtract', $b) : $this->asked($b, '@subtracted_from', $a);
        }
        if (self::isCounter($a) && self::isCounter($b)) {
            return $this->tallied($a, $b, $this->subtract(...));
        }
        if ($a instanceof MapValue && 'set' === $a->sort) {
            return $b instanceof MapValue ? $this->otherItems($a, $b) : throw new RunError('not_a_number', ['value' => mb_substr($this->show($b), 0, 30)]);
        }
        $left = self::operand($a, '-', $a, $b);
        $b = self::operand($b, '-', $a, $b);
        $a = $left;
        if (\is_int($a) && \is_int($b)) {
            $difference = $a - $b;

            // @phpstan-ignore function.alreadyNarrowedType (what is too large for 64 bits is a float)
            return \is_int($difference) ? $difference : Whole::subtract($a, $b);
        }

        return \is_float($a) || \is_float($b) ? self::float($a) - self::float($b) : Whole::subtract($a, $b);
    }

    public function multiply(mixed $a, mixed $b): mixed
    {
        if ($this->can($a, '@multiply') || $this->can($b, '@multiplied_by')) {
            return $this->can($a, '@multiply') ? $this->asked($a, '@multiply', $b) : $this->asked($b, '@multiplied_by', $a);
        }
        if (\is_string($a) || $a instanceof ListValue) {
            return $this->repeated($a, $b);
        }
        if (\is_string($b) || $b instanceof ListValue) {
            return $this->repeated($b, $a);
        }
        $left = self::operand($a, '*', $a, $b);
        $b = self::operand($b, '*', $a, $b);
        $a = $left;
        if (\is_int($a) && \is_int($b)) {
            $product = $a * $b;

            // @phpstan-ignore function.alreadyNarrowedType (what is too large for 64 bits is a float)
            return \is_int($product) ? $product : Whole::multiply($a, $b);
        }

        return \is_float($a) || \is_float($b) ? self::float($a) * self::float($b) : Whole::multiply($a, $b);
    }

    public function divide(mixed $a, mixed $b): mixed
    {
        if ($this->can($a, '@divide') || $this->can($b, '@divided_into')) {
            return $this->can($a, '@divide') ? $this->asked($a, '@divide', $b) : $this->asked($b, '@divided_into', $a);
        }
        $left = self::operand($a, '/', $a, $b);
        $b = self::divisor(self::operand($b, '/', $a, $b), \is_float($a) || \is_float($b) ? 'float division by zero' : 'division by zero');
        $a = $left;
        if (!\is_float($a) && !\is_float($b) && ($a instanceof BigInteger || $b instanceof BigInteger)) {
            return Whole::divide($a, $b);
        }

        return self::float($a) / self::float($b);
    }

    public function floorDivide(mixed $a, mixed $b): mixed
    {
        if ($this->can($a, '@floor_divide')) {
            return $this->asked($a, '@floor_divide', $b);
        }
        $left = self::operand($a, '//', $a, $b);
        $b = self::divisor(self::operand($b, '//', $a, $b), \is_float($a) || \is_float($b) ? 'float floor division by zero' : 'integer division or modulo by zero');
        $a = $left;
        if (\is_int($a) && \is_int($b) && -1 !== $b) {
            return Floored::quotient($a, $b);
        }

        return \is_float($a) || \is_float($b) ? Floored::divide(self::float($a), self::float($b)) : Whole::floorDivide($a, $b);
    }

    public function floorRemainder(mixed $a, mixed $b): mixed
    {
        if ($this->can($a, '@floor_remainder')) {
            return $this->asked($a, '@floor_remainder', $b);
        }
        if (\is_string($a)) {
            // A template is filled (The Python Standard Library, printf-style String Formatting).
            return $this->percent($a, $b);
        }
        $left = self::operand($a, '%', $a, $b);
        $b = self::divisor(self::operand($b, '%', $a, $b), \is_float($a) || \is_float($b) ? 'float modulo' : 'integer modulo by zero');
        $a = $left;
        if (\is_int($a) && \is_int($b)) {
            return Floored::rest($a, $b);
        }

        return \is_float($a) || \is_float($b) ? Floored::remainder(self::float($a), self::float($b)) : Whole::floorRemainder($a, $b);
    }

    public function power(mixed $a, mixed $b): mixed
    {
        if ($this->can($a, '@power')) {
            return $this->asked($a, '@power', $b);
        }
        $left = self::operand($a, '** or pow()', $a, $b);
        $b = self::operand($b, '** or pow()', $a, $b);
        $a = $left;
        if (!\is_float($a) && \is_int($b) && $b >= 0) {
            $power = \is_int($a) ? $a ** $b : null;

            return \is_int($power) ? $power : Whole::power($a, $b);
        }
        $a = self::float($a);
        $b = self::float($b);
        if (0.0 === abs($a) && $b < 0) {
            throw new RunError('division_by_zero', [], '0.0 cannot be raised to a negative power');
        }
        if ($a < 0 && floor($b) !== $b) {
            throw new RunError('no_real_root');
        }
        $result = $a ** $b;
        if (is_infinite($result) && is_finite($a) && is_finite($b)) {
            throw new RunError('too_large');
        }

        return $result;
    }

    public function negate(mixed $a): mixed
    {
        if ($this->can($a, '@negate')) {
            return $this->asked($a, '@negate');
        }
        try {
            $a = self::operand($a);
        } catch (RunError $why) {
            throw new RunError($why->kind, $why->parameters, "bad operand type for unary -: '".self::className($a)."'");
        }

        return \is_float($a) ? -$a : (\is_int($a) && \PHP_INT_MIN !== $a ? -$a : Whole::negate($a));
    }

    /** @param mixed $a what stands before the sign, $b what stands behind it */
    private static function operand(mixed $value, string $sign = '', mixed $a = null, mixed $b = null): int|float|BigInteger
    {
        if (\is_int($value) || \is_float($value) || $value instanceof BigInteger) {
            return $value;
        }
        try {
            return self::number($value);
        } catch (RunError $why) {
            throw '' === $sign ? $why : new RunError($why->kind, $why->parameters, '+' === $sign && $a instanceof ListValue ? self::notTogether($a, $b) : "unsupported operand type(s) for $sign: '".self::className($a)."' and '".self::className($b)."'");
        }
    }

    /** `beds += more`: a list is the same one behind it (The Python Language Reference, 7.2.1). */
    public function increased(mixed $value, mixed $by): mixed
    {
        if (!$value instanceof ListValue || $this->isTuple($value)) {
            return $this->add($value, $by);
        }
        $this->extend($value, $value === $by ? $this->copied($by) : $by);

        return $value;
    }

    /** `seeds -= gone`: a set is the same one behind it. */
    public function decreased(mixed $value, mixed $by): mixed
    {
        if (!$value instanceof MapValue || 'set' !== $value->sort || !$by instanceof MapValue) {
            return $this->subtract($value, $by);
        }
        foreach ($this->over($by) as $item) {
            $this->takeOut($value, $item);
        }

        return $value;
    }

    public function concatenated(mixed $one, mixed $other): ListValue
    {
        if ($one instanceof ListValue && $other instanceof ListValue && $this->isTuple($one) !== $this->isTuple($other)) {
            throw new RunError('list_and_tuple', [], self::notTogether($one, $other));
        }

        return parent::concatenated($one, $other);
    }

    private static function notTogether(mixed $a, mixed $b): string
    {
        return 'can only concatenate '.self::className($a).' (not "'.self::className($b).'") to '.self::className($a);
    }

    public function repeated(mixed $value, mixed $times): string|ListValue
    {
        if (!\is_int($times) && !\is_bool($times) && !$times instanceof BigInteger) {
            throw new RunError('repeated_by', [], "can't multiply sequence by non-int of type '".self::className($times)."'");
        }

        return parent::repeated($value, $times);
    }

    protected function unlike(RunError $why, string $sign, mixed $a, mixed $b): RunError
    {
        return null !== $why->says ? $why : new RunError($why->kind, $why->parameters, "'$sign' not supported between instances of '".self::className($a)."' and '".self::className($b)."'");
    }

    protected function toldTurned(RunError $why): RunError
    {
        $says = preg_replace("/^'<(=?)'( not supported between instances of )('.*')( and )('.*')$/D", "'>$1'$2$5$4$3", (string) $why->says);

        return null === $why->says || null === $says || $says === $why->says ? $why : new RunError($why->kind, $why->parameters, $says, $why->raised);
    }

    private static function float(int|float|BigInteger $value): float
    {
        return \is_float($value) ? $value : Whole::float($value);
    }

    /** Whole numbers of any size are compared as they are, beside a float as floats. */
    protected function order(mixed $a, mixed $b): ?int
    {
        if ($a instanceof ListValue && $b instanceof ListValue) {
            return $this->isTuple($a) === $this->isTuple($b) ? $this->listOrder($a, $b) : throw $this->unlike(new RunError('list_and_tuple'), '<', $a, $b);
        }
        if (!$a instanceof BigInteger && !$b instanceof BigInteger) {
            return null;
        }
        $a = self::operand($a);
        $b = self::operand($b);

        return \is_float($a) || \is_float($b) ? self::float($a) <=> self::float($b) : Whole::compare($a, $b);
    }

    /** What can change is no key, nor an object that says itself what it equals (The Python Language Reference, 3.3.1). */
    protected function keyed(mixed $key): mixed
    {
        if ($key instanceof ListValue && $key->fixed) {
            array_map($this->keyed(...), array_filter($key->items, is_object(...)));
        } elseif ($key instanceof ListValue || $key instanceof MapValue && ('' === $key->class || $this->can($key, '@equal') && !$this->can($key, '@hash'))) {
            throw new RunError('not_a_key', [], "unhashable type: '".self::className($key)."'");
        }

        return $key instanceof MapValue && '' !== $key->class && $this->can($key, '@hash') ? $this->oneOfAlike($key) : $key;
    }

    /** @var array<string, list<MapValue>> by class and hash, one for all objects that equal each other */
    private array $alike = [];

    /** Objects that say that they equal each other, and have the same hash, are one key (The Python Language Reference, 3.3.1). */
    private function oneOfAlike(MapValue $key): MapValue
    {
        $hash = $this->asked($key, '@hash');
        if (!\is_int($hash) && !\is_bool($hash) && !$hash instanceof BigInteger) {
            throw new RunError('not_a_number', ['value' => mb_substr($this->show($hash), 0, 30)], '__hash__ method should return an integer');
        }
        $known = &$this->alike[MapValue::tag($hash)];
        foreach ($known ?? [] as $one) {
            Room::spend(1);
            if ($one === $key || $this->can($key, '@equal') && $this->truth($this->asked($one, '@equal', $key))) {
                return $one;
            }
        }

        return $known[] = $key;
    }

    /** What tells keys apart; only a class's own `__hash__` asks for it, as the real machine's is another one each time. */
    public function hashed(mixed $value): int
    {
        return crc32(MapValue::tag($this->keyed($value)));
    }

    public function equal(mixed $a, mixed $b): bool
    {
        if ($a instanceof BigInteger || $b instanceof BigInteger) {
            $numbers = ($a instanceof BigInteger || \is_int($a) || \is_float($a) || \is_bool($a)) && ($b instanceof BigInteger || \is_int($b) || \is_float($b) || \is_bool($b));

            return $numbers && 0 === $this->order($a, $b);
        }

        return parent::equal($a, $b);
    }

    /** A number is no truth, and a whole number is none with a point, though they may be equal (The Python Language Reference, 6.10.3). */
    public function identical(mixed $a, mixed $b): bool
    {
        return \is_bool($a) === \is_bool($b) && \is_float($a) === \is_float($b) && parent::identical($a, $b);
    }

    /** What is counted with is whole (The Python Language Reference, 3.3.8, __index__). */
    protected static function integer(mixed $value): int
    {
        if (!\is_int($value) && !\is_bool($value) && !$value instanceof BigInteger) {
            throw new RunError('whole_wanted', ['value' => \is_float($value) ? json_encode($value, \JSON_PRESERVE_ZERO_FRACTION | \JSON_PARTIAL_OUTPUT_ON_ERROR) ?: 'float' : self::className($value)], "'".self::className($value)."' object cannot be interpreted as an integer");
        }

        return self::whole($value);
    }

    /** How often a row is done, in a text of the language itself. */
    public function times(mixed $value): int
    {
        return static::integer($value);
    }

    protected function checkForm(mixed $value, bool $isOfNumbers, ?string $type): void
    {
        if (null === $value || $value instanceof ListValue || $value instanceof MapValue && '' === $value->class) {
            throw new RunError('not_formed', ['value' => self::className($value)], 'unsupported format string passed to '.self::className($value).'.__format__');
        }
        if (\is_string($value) && $isOfNumbers) {
            throw new RunError('no_form', ['form' => ''], 'Sign not allowed in string format specifier');
        }
        if (\is_float($value) && null !== $type && (isset(self::BASES[$type]) || 'd' === $type || 'c' === $type)) {
            throw new RunError('no_form', ['form' => $type], "Unknown format code '$type' for object of type 'float'");
        }
    }

    /** A quotient of any size is cut. */
    public function truncDivide(mixed $a, mixed $b): int|float|BigInteger
    {
        return $this->toWhole($this->divide($a, $b));
    }

    public function toWhole(mixed $value): int|float|BigInteger
    {
        if ($this->can($value, '@whole')) {
            return self::whole($this->asked($value, '@whole'));
        }
        if (\is_string($value)) {
            return 1 === preg_match('/^[+-]?\d+(?:_\d+)*$/D', trim($value)) ? Whole::ofText(ltrim(str_replace('_', '', trim($value)), '+')) : $this->noNumber($value, 'invalid literal for int() with base 10: '.$this->display($value));
        }
        try {
            $value = self::operand($value);
        } catch (RunError $why) {
            throw self::telling($why, "int() argument must be a string, a bytes-like object or a real number, not '".self::className($value)."'");
        }
        if (\is_float($value) && !is_finite($value)) {
            throw new RunError('not_finite');
        }

        return \is_float($value) ? Whole::ofFloat($value) : $value;
    }

    public function toNumber(mixed $value): float
    {
        if ($this->can($value, '@number')) {
            return (float) self::number($this->asked($value, '@number'));
        }
        if (!\is_string($value) && !\is_int($value) && !\is_float($value) && !\is_bool($value) && !$value instanceof BigInteger) {
            throw new RunError('not_a_number', ['value' => self::className($value)], "float() argument must be a string or a real number, not '".self::className($value)."'");
        }
        if (\is_string($value) && 1 === preg_match('/^\s*([+-]?)(?:inf(?:inity)?|(nan))\s*$/iD', $value, $match)) {
            return isset($match[2]) ? \NAN : ('-' === $match[1] ? -\INF : \INF);
        }

        return $value instanceof BigInteger ? Whole::float($value) : parent::toNumber($value);
    }

    public function absolute(mixed $value): mixed
    {
        if ($this->can($value, '@absolute')) {
            return $this->asked($value, '@absolute');
        }
        try {
            $value = self::operand($value);
        } catch (RunError $why) {
            throw self::telling($why, "bad operand type for abs(): '".self::className($value)."'");
        }

        return $this->less($value, 0) ? $this->negate($value) : (0.0 === $value ? 0.0 : $value);
    }

    public function floor(mixed $value): int|float|BigInteger
    {
        $value = self::operand($value);

        return \is_float($value) ? $this->toWhole(floor($value)) : $value;
    }

    public function ceiling(mixed $value): int|float|BigInteger
    {
        $value = self::operand($value);

        return \is_float($value) ? $this->toWhole(ceil($value)) : $value;
    }

    public function roundedEven(mixed $value): int|float|BigInteger
    {
        try {
            $value = self::operand($value);
        } catch (RunError $why) {
            throw self::telling($why, 'type '.self::className($value)." doesn't define __round__ method");
        }

        return \is_float($value) ? $this->toWhole(round($value, 0, \PHP_ROUND_HALF_EVEN)) : $value;
    }

    public function truth(mixed $value): bool
    {
        return $value instanceof BigInteger || ($this->can($value, '@truth') ? $this->truth($this->asked($value, '@truth')) : parent::truth($value));
    }

    protected function isStrict(): bool
    {
        return true;
    }

    protected function readsOn(): bool
    {
        return false;
    }

    private static function divisor(int|float|BigInteger $b, string $says): int|float|BigInteger
    {
        return 0 === $b || 0.0 === $b || -0.0 === $b ? throw new RunError('division_by_zero', [], $says) : $b;
    }

    /** Floats as `repr` spells them: The Python Language Reference, 3.2, and float_repr_style short. */
    public function show(mixed $value): string
    {
        if (\is_bool($value)) {
            return $value ? 'True' : 'False';
        }
        // What holds itself shows as the `repr` of CPython does.
        if ($value instanceof ListValue) {
            return $this->shownWithin($value, function () use ($value): string {
                $items = implode(', ', array_map($this->display(...), $value->items));

                if ([] !== $value->names) {
                    return $value->made.'('.implode(', ', array_map(fn (string $name, mixed $item): string => "$name=".$this->display($item), $value->names, $value->items)).')';
                }
                if ('' !== $value->made) {
                    return "$value->made([$items]".(null === $value->most ? '' : ", maxlen=$value->most").')';
                }

                return $value->fixed ? "($items".(1 === \count($value->items) ? ',)' : ')') : "[$items]";
            }, $value->fixed ? '(...)' : '[...]');
        }
        if ($value instanceof MapValue && '' !== $value->class) {
            // A failure says what it was made with, whatever it is shown as among others (CPython 3.11, Objects/exceptions.c).
            return $this->objectText($value, isset($value->entries['t'.MapValue::SAYS]) ? [ClassDefinition::SHOWS] : [ClassDefinition::SHOWS, ClassDefinition::FORM]);
        }
        if ($value instanceof MapValue && 'set' === $value->sort) {
            return [] === $value->entries ? 'set()' : '{'.implode(', ', array_map($this->display(...), $this->over($value))).'}';
        }
        if ($value instanceof MapValue && 'OrderedDict' === $value->made) {
            return [] === $value->entries ? 'OrderedDict()' : 'OrderedDict(['.implode(', ', array_map(fn (array $entry): string => '('.$this->display($entry[0]).', '.$this->display($entry[1]).')', array_values($value->entries))).'])';
        }
        if ($value instanceof MapValue) {
            $entries = 'Counter' === $value->made ? array_map(static fn (mixed $pair): array => $pair instanceof ListValue ? $pair->items : [], $this->mostCommon($value)->items) : $value->entries;
            if ('defaultdict(<function' === $value->made) {
                throw new RunError('object_shown', ['name' => 'defaultdict']);
            }
            [$open, $close] = match (true) {
                'Counter' === $value->made => ['Counter(', ')'],
                '' !== $value->made => [$value->made, ')'],
                default => ['', ''],
            };

            return 'Counter' === $value->made && [] === $entries ? 'Counter()' : $open.$this->shownWithin($value, fn (): string => '{'.implode(', ', array_map(fn (array $entry): string => $this->display($entry[0] ?? null).': '.$this->display($entry[1] ?? null), $entries)).'}', '{...}').$close;
        }
        if ($value instanceof BigInteger) {
            return (string) $value;
        }
        if ($value instanceof FileValue) {
            return "<_io.TextIOWrapper name='$value->name' mode='$value->mode' encoding='UTF-8'>";
        }
        if ($value instanceof \Closure) {
            throw new RunError('function_shown');
        }
        if (!\is_float($value)) {
            return null === $value ? 'None' : (\is_scalar($value) ? (string) $value : '');
        }
        if (is_nan($value)) {
            return 'nan';
        }
        if (is_infinite($value)) {
            return $value > 0 ? 'inf' : '-inf';
        }
        $decimal = Decimal::shortest($value);
        if ($decimal->exponent < -4 || $decimal->exponent >= 16) {
            return $decimal->scientific(2);
        }
        $plain = $decimal->plain();

        return str_contains($plain, '.') ? $plain : $plain.'.0';
    }

    protected function quoted(string $text): string
    {
        $quote = str_contains($text, "'") && !str_contains($text, '"') ? '"' : "'";

        return $quote.strtr($text, ['\\' => '\\\\', "\n" => '\\n', "\t" => '\\t', "\r" => '\\r', ...("'" === $quote ? ["'" => "\\'"] : [])]).$quote;
    }

    protected function count_(int $count): int
    {
        return $count;
    }

    protected function wantsOneLetter(): bool
    {
        return true;
    }

    protected function noLetter(): never
    {
        throw new RunError('one_letter');
    }

    protected function place(mixed $index, int $size): ?int
    {
        if (\is_float($index)) {
            throw new RunError('no_whole_place');
        }
        $index = self::whole($index);
        $index = $index < 0 ? $index + $size : $index;

        return $index >= 0 && $index < $size ? $index : null;
    }
}
