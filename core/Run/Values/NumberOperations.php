<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Run\RunError;

/** What can be done with numbers, and how one kind of value becomes another. */
trait NumberOperations
{
    /** As C++'s `to_string` spells it. */
    public function spelled(mixed $value): string
    {
        return \is_float($value) ? Decimal::fixed($value, 6) : $this->text($value);
    }

    public function toText(mixed $value): string
    {
        return $this->text($value);
    }

    /** Only C++ keeps numbers without a sign apart. */
    public function toUnsigned(mixed $value): int|float|BigInteger
    {
        return $this->toWhole($value);
    }

    public function toUnsignedLong(mixed $value): int|float|BigInteger
    {
        return $this->toWhole($value);
    }

    public function toWhole(mixed $value): int|float|BigInteger
    {
        if (\is_string($value)) {
            if (1 !== preg_match($this->wholePattern(), trim($value), $match)) {
                return $this->noNumber($value, 'stoi');
            }

            return \strlen($match[0]) <= 18 ? $this->count_((int) $match[0]) : $this->manyDigits($match[0]);
        }

        return $this->count_(static::integer($value));
    }

    protected function wholePattern(): string
    {
        return '/^[+-]?\d+/';
    }

    /** A whole number that may be too long for 64 bits. */
    protected function manyDigits(string $digits): int|float|BigInteger
    {
        throw new RunError('too_many_digits');
    }

    public function toLong(mixed $value): int|float|BigInteger
    {
        return $this->toWhole($value);
    }

    public function toNumber(mixed $value): float
    {
        if (\is_string($value)) {
            return 1 === preg_match('/^[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?'.($this->readsOn() ? '' : '$').'/iD', trim($value), $match) ? (float) $match[0] : (float) $this->noNumber($value, $this->facts->says('number', ['shown' => $this->display($value)]));
        }

        return (float) static::numeric($value);
    }

    /** The number with which a text begins. */
    public function leadingNumber(mixed $value): float
    {
        return $this->toNumber($value);
    }

    /** The whole number that a text begins with, 0 where it begins with none (C11, 7.22.1.2). */
    public function wholeInFront(string $text): int|float|BigInteger
    {
        return $this->toWhole(1 === preg_match('/^\s*[+-]?\d+/', $text, $match) ? trim($match[0]) : '0');
    }

    /** The number that a text begins with, 0 where it begins with none (C11, 7.22.1.1). */
    public function numberInFront(string $text): float
    {
        return 1 === preg_match('/^\s*[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/', $text, $match) ? (float) trim($match[0]) : 0.0;
    }

    /** @param string|null $says what the real machine says of it */
    protected function noNumber(string $text, ?string $says = null): int|float
    {
        throw new RunError('no_number', ['value' => mb_substr($text, 0, 30)], $says);
    }

    /** Whether it is that very value, and not anything that is no number (ECMA-262, 21.1.2.4). */
    public function isNan(mixed $value): bool
    {
        return \is_float($value) && is_nan($value);
    }

    public function isNoNumber(mixed $value): bool
    {
        return is_nan((float) static::numeric($value));
    }

    /** Whether it is a number, and neither without end nor none at all (ECMA-262, 21.1.2.2). */
    public function isFinite(mixed $value): bool
    {
        return is_finite((float) static::numeric($value));
    }

    /** So many digits in all, noughts at the end among them (ECMA-262, 21.1.3.5). */
    public function precise(mixed $value, mixed $digits): string
    {
        $number = (float) static::numeric($value);
        $digits = static::integer($digits);
        if (!is_finite($number)) {
            return $this->text($number);
        }
        if ($digits < 1 || $digits > 50) {
            throw new RunError('no_form', ['form' => (string) $digits], 'toPrecision() argument must be between 1 and 100');
        }
        $told = $this->scientific($number, $digits - 1);
        [$mantissa, $power] = explode('e', $told);
        $power = (int) $power;
        if ($power < -6 || $power >= $digits) {
            return $told;
        }
        $all = ltrim(str_replace('.', '', $mantissa), '-');
        $plain = $power < 0 ? '0.'.str_repeat('0', -$power - 1).$all : substr($all, 0, $power + 1).($digits > $power + 1 ? '.'.substr($all, $power + 1) : '');

        return ($number < 0 ? '-' : '').$plain;
    }

    /** One digit before the point, so many behind it, and the power of ten (ECMA-262, 21.1.3.2). */
    public function scientific(mixed $value, mixed $digits): string
    {
        $number = (float) static::numeric($value);
        if (!is_finite($number)) {
            return $this->text($number);
        }
        $digits = max(0, min(50, static::integer($digits)));
        $exact = rtrim(str_replace('.', '', ltrim(\sprintf('%.53F', abs($number)), '0.')), '0');
        // In the very middle it goes away from nought, as there.
        $number = $digits + 2 === \strlen($exact) && '5' === $exact[-1] ? $number * (1 + 10 ** -($digits + 3)) : $number;

        return (string) preg_replace('/e([+-])0*(\d)/', 'e$1$2', \sprintf("%.{$digits}e", $number));
    }

    /** Places of a whole number written in twos, without its sign (The Python Standard Library, "int.bit_length"). */
    public function bitLength(mixed $value): int
    {
        $bits = $value instanceof BigInteger ? $value : $this->bitsOf($value);

        return $bits instanceof BigInteger ? $bits->abs()->getBitLength() : (0 === $bits ? 0 : \strlen(decbin(abs($bits))));
    }

    /** A whole number without an end, which only JavaScript has beside others (ECMA-262, 21.2). */
    public function toBig(mixed $value): int|float|BigInteger
    {
        return $this->toWhole($value);
    }

    /** What `++` adds to a value. */
    public function oneOf(mixed $value): int|float|BigInteger
    {
        return 1;
    }

    /** How many bits of a number that is not negative are 1. */
    public function bitCount(mixed $value): int
    {
        $bits = $value instanceof BigInteger ? $value : $this->bitsOf($value);

        return substr_count($bits instanceof BigInteger ? $bits->toBase(2) : decbin($bits), '1');
    }

    public function isWhole(mixed $value): bool
    {
        return \is_int($value) || $value instanceof BigInteger || \is_float($value) && is_finite($value) && floor($value) === $value;
    }

    /** A text as a number in another base, from 2 to 36. */
    public function fromBase(mixed $text, mixed $base): int|float
    {
        $given = \is_int($base) || \is_float($base) ? (int) $base : 10;
        if (0 === $base && \is_string($text) && $this->facts->basesByPrefix) {
            // The text says its base itself (The Python Standard Library, int).
            $base = ['0x' => 16, '0b' => 2, '0o' => 8][strtolower(substr(ltrim(trim($text), '+-'), 0, 2))] ?? 10;
        }
        $base = self::base_($base);
        $digits = substr('0123456789abcdefghijklmnopqrstuvwxyz', 0, $base);
        $text = \is_string($text) ? trim($text) : $this->text($text);
        // The base that is said before the digits is the one that is meant.
        $before = [16 => '(?:0x(?=.))?'] + ($this->facts->basesByPrefix ? [2 => '(?:0b(?=.))?', 8 => '(?:0o(?=.))?'] : []);
        if (1 !== preg_match('/^([+-]?)'.($before[$base] ?? '')."([$digits]{1,50})".($this->readsOn() ? '' : '$').'/iD', $text, $match)) {
            return $this->noNumber($text, $this->facts->basesByPrefix ? "invalid literal for int() with base $given: ".$this->display($text) : null);
        }
        $number = 0;
        foreach (str_split(strtolower($match[2])) as $digit) {
            $number = $number * $base + (int) strpos($digits, $digit);
        }
        $number = '-' === $match[1] ? -$number : $number;

        // @phpstan-ignore function.alreadyNarrowedType (what is too large for 64 bits is a float)
        return \is_int($number) ? $this->count_($number) : $number;
    }

    /** Whether a number may be followed by something else in its text. */
    protected function readsOn(): bool
    {
        return true;
    }

    public function bitAnd(mixed $a, mixed $b, bool $wide = false): mixed
    {
        if (self::isCounter($a) && self::isCounter($b)) {
            return $this->tallied($a, $b, fn (mixed $one, mixed $other): mixed => $this->less($one, $other) ? $one : $other);
        }

        return $a instanceof MapValue ? $this->sharedItems($a, $b) : $this->ofBits($a, $b, static fn (int $one, int $other): int => $one & $other, $wide);
    }

    public function bitOr(mixed $a, mixed $b, bool $wide = false): mixed
    {
        if (self::isCounter($a) && self::isCounter($b)) {
            return $this->tallied($a, $b, fn (mixed $one, mixed $other): mixed => $this->less($one, $other) ? $other : $one);
        }

        return $a instanceof MapValue ? ('set' === $a->sort ? $this->union($a, $b) : $this->merged($a, $b)) : $this->ofBits($a, $b, static fn (int $one, int $other): int => $one | $other, $wide);
    }

    public function bitXor(mixed $a, mixed $b, bool $wide = false): mixed
    {
        return $a instanceof MapValue ? $this->apartItems($a, $b) : $this->ofBits($a, $b, static fn (int $one, int $other): int => $one ^ $other, $wide);
    }

    public function bitNot(mixed $a, bool $wide = false): int|float|BigInteger
    {
        return $this->ofSize(~$this->bitsOf($a), $wide);
    }

    public function shiftedLeft(mixed $a, mixed $by, bool $wide = false): int|float|BigInteger
    {
        $by = $this->placesOf($by, $wide);
        if ($this->facts->endlessWholes) {
            return $by > 10000 ? throw new RunError('large_number') : Whole::multiply($this->bitsOf($a), BigInteger::of(2)->power($by));
        }

        return $this->ofSize($this->bitsOf($a) << $by, $wide);
    }

    public function shiftedRight(mixed $a, mixed $by, bool $wide = false): int|float|BigInteger
    {
        return $this->ofSize($this->bitsOf($a) >> min(63, $this->placesOf($by, $wide)), $wide);
    }

    /** By how many places bits are moved: JavaScript takes five bits of it (ECMA-262, 13.9.1). */
    protected function placesOf(mixed $by, bool $wide): int
    {
        $by = $this->bitsOf($by);
        if ($this->facts->onlyFractions) {
            return $by & 31;
        }

        return $by < 0 || $this->facts->typed && $by > ($wide ? 63 : 31) ? throw new RunError('negative_count') : $by;
    }

    /** In how many ways some things are chosen of others (The Python Standard Library, math.comb). */
    public function waysToChoose(mixed $of, mixed $chosen): int|BigInteger
    {
        $chosen = self::natural($chosen);

        return $chosen > self::natural($of) ? 0 : Whole::floorDivide($this->orderings($of, $chosen), $this->orderings($chosen, $chosen));
    }

    /** In how many orders some things of others can stand (The Python Standard Library, math.perm). */
    public function orderings(mixed $of, mixed $standing): int|BigInteger
    {
        [$of, $standing] = [self::natural($of), self::natural($standing)];
        $product = 1;
        for ($factor = $of; $factor > $of - $standing && $factor > 0; --$factor) {
            $product = Whole::multiply($product, $factor);
        }

        return $standing > $of ? 0 : $product;
    }

    private static function natural(mixed $number): int
    {
        $whole = static::integer($number);

        return $whole < 0 || $whole > 5000 ? throw new RunError($whole < 0 ? 'negative_choice' : 'large_number') : $whole;
    }

    /** Whether two numbers are the same but for a billionth of the larger (The Python Standard Library, math.isclose). */
    public function isClose(mixed $a, mixed $b): bool
    {
        return $this->isCloseWithin($a, $b, 1e-9, 0.0);
    }

    /** The same within bounds of one's own. */
    public function isCloseWithin(mixed $a, mixed $b, mixed $relative, mixed $absolute): bool
    {
        [$one, $other, $part, $least] = array_map(static fn (mixed $number): float => (float) static::numeric($number), [$a, $b, $relative, $absolute]);
        if ($part < 0 || $least < 0) {
            throw new RunError('negative_choice', [], 'tolerances must be non-negative');
        }

        return $one === $other || is_finite($one) && is_finite($other) && abs($one - $other) <= max($part * max(abs($one), abs($other)), $least);
    }

    /** A power, of which only what is left over is wanted (The Python Standard Library, pow). */
    public function powerModulo(mixed $base, mixed $exponent, mixed $modulus): mixed
    {
        [$base, $exponent, $modulus] = array_map(fn (mixed $number): BigInteger => $number instanceof BigInteger ? $number : BigInteger::of(\is_int($number) || \is_bool($number) || \is_float($number) && !$this->facts->endlessWholes && floor($number) === $number && abs($number) < 2 ** 53 ? (int) $number : throw new RunError('not_a_number', ['value' => ''])), [$base, $exponent, $modulus]);
        if ($modulus->isZero()) {
            throw new RunError('division_by_zero', [], 'pow() 3rd argument cannot be 0');
        }
        if ($exponent->isNegative()) {
            throw new RunError('no_form', ['form' => '-']);
        }
        $rest = $base->mod($modulus->abs())->modPow($exponent, $modulus->abs());
        $rest = $modulus->isNegative() && !$rest->isZero() ? $rest->plus($modulus) : $rest;

        return Whole::ofText((string) $rest);
    }

    /** Bits moved to the right, with noughts from the left: ECMA-262, 13.9.3. */
    public function shiftedPlain(mixed $a, mixed $b): float
    {
        [$a, $b] = [fmod((float) static::numeric($a), 2 ** 32), (float) static::numeric($b)];

        return (float) (((int) ($a < 0 ? $a + 2 ** 32 : $a) & 0xFFFFFFFF) >> ((int) $b & 31));
    }

    /** @param \Closure(int, int): int $reckon */
    private function ofBits(mixed $a, mixed $b, \Closure $reckon, bool $wide): int|float|bool
    {
        $bits = $reckon($this->bitsOf($a), $this->bitsOf($b));

        return $this->facts->truthsOfBits && \is_bool($a) && \is_bool($b) ? (bool) $bits : $this->ofSize($bits, $wide);
    }

    /** JavaScript takes 32 bits of any number (ECMA-262, 7.1.6). */
    private function bitsOf(mixed $value): int
    {
        $number = static::numeric($value);
        if (!$this->facts->onlyFractions) {
            return \is_float($number) ? throw new RunError('not_a_number', ['value' => mb_substr($this->show($value), 0, 30)]) : static::integer($value);
        }

        return is_finite((float) $number) ? self::signed((int) fmod((float) $number, 4294967296.0)) : 0;
    }

    protected static function signed(int $bits): int
    {
        $bits &= 0xFFFFFFFF;

        return $bits >= 0x80000000 ? $bits - 0x100000000 : $bits;
    }

    /** @param bool $wide whether C++ has 64 bits for it */
    private function ofSize(int $bits, bool $wide): int|float
    {
        return $wide || $this->facts->endlessWholes ? $bits : ($this->facts->onlyFractions ? (float) self::signed($bits) : self::signed($bits));
    }

    public function binary(mixed $value): string
    {
        return self::digits($value, '0b', 2);
    }

    public function hexadecimal(mixed $value): string
    {
        return self::digits($value, '0x', 16);
    }

    public function octal(mixed $value): string
    {
        return self::digits($value, '0o', 8);
    }

    private static function digits(mixed $value, string $before, int $base): string
    {
        $number = $value instanceof BigInteger ? $value : BigInteger::of(static::integer($value));

        return ($number->isNegative() ? '-' : '').$before.$number->abs()->toBase($base);
    }

    public function cubeRoot(mixed $value): float
    {
        $number = (float) static::numeric($value);
        $root = abs($number) ** (1 / 3);
        $near = round($root);

        return ($number < 0 ? -1 : 1) * ($near ** 3 === abs($number) ? $near : $root);
    }

    public function inBase(mixed $value, mixed $base): string
    {
        $number = static::integer($value);
        $text = base_convert((string) abs($number), 10, self::base_($base));

        return $number < 0 ? "-$text" : $text;
    }

    protected static function base_(mixed $base): int
    {
        $base = static::integer($base);

        return $base < 2 || $base > 36 ? throw new RunError('no_base', ['base' => $base]) : $base;
    }

    public function toTruth(mixed $value): bool
    {
        return $this->truth($value);
    }

    public function absolute(mixed $value): mixed
    {
        return abs(static::numeric($value));
    }

    public function root(mixed $value): float
    {
        $value = (float) static::numeric($value);

        return $value < 0 ? $this->noRoot() : sqrt($value);
    }

    /** Exact, however large (The Python Standard Library, math.isqrt). */
    public function wholeRoot(mixed $value): int|float|BigInteger
    {
        if ($value instanceof BigInteger) {
            return $value->isNegative() ? (int) $this->noRoot() : Whole::add($value->sqrt(), 0);
        }
        $root = floor($this->root($value));
        if ($this->facts->onlyFractions || !is_finite($root)) {
            return $root;
        }

        return \is_int($value) && $value >= 2 ** 52 ? BigInteger::of($value)->sqrt()->toInt() : (int) $root;
    }

    protected function noRoot(): float
    {
        throw new RunError('no_real_root');
    }

    /** The quotient and what is left over (The Python Standard Library, divmod). */
    public function divided(mixed $number, mixed $by): ListValue
    {
        return new ListValue([$this->floorDivide($number, $by), $this->floorRemainder($number, $by)], true);
    }

    public function floor(mixed $value): int|float|BigInteger
    {
        return $this->count_((int) floor((float) static::numeric($value)));
    }

    public function ceiling(mixed $value): int|float|BigInteger
    {
        return $this->count_((int) ceil((float) static::numeric($value)));
    }

    /** Halves go up, as ECMAScript 2022, 21.3.2.28 says. */
    public function rounded(mixed $value): int|float
    {
        return $this->count_((int) floor((float) static::numeric($value) + 0.5));
    }

    /** Halves go to the even neighbour. */
    public function roundedEven(mixed $value): int|float|BigInteger
    {
        return $this->count_((int) round((float) static::numeric($value), 0, \PHP_ROUND_HALF_EVEN));
    }

    /** Halves go away from zero. */
    public function roundedAway(mixed $value): float
    {
        return round((float) static::numeric($value));
    }

    public function roundedTo(mixed $value, mixed $digits): int|float|BigInteger
    {
        $digits = max(-30, min(30, static::integer($digits)));
        if ($digits < 0 && !\is_float($value)) {
            return $this->roundedOff($value, -$digits);
        }
        if ($value instanceof BigInteger) {
            return $value;
        }
        $number = static::numeric($value);
        // Beyond 52 bits there is nothing behind the point, and nought keeps its sign.
        if (0.0 === (float) $number || \is_float($number) && !is_finite($number) || abs($number) >= 4.5e15 && $digits >= 0) {
            return $number;
        }
        if ($digits < 0) {
            // Of two neighbours that are as near it is the even one (The Python Standard Library, `round`).
            return round($number / 10 ** -$digits, 0, \PHP_ROUND_HALF_EVEN) * 10 ** -$digits;
        }

        return \is_int($value) ? $value : (float) Decimal::fixed((float) static::numeric($value), $digits);
    }

    /** A whole number rounded to tens, hundreds and so on, halves to the even one. */
    private function roundedOff(mixed $value, int $digits): int|float|BigInteger
    {
        $unit = $this->power(10, $digits);
        $rest = $this->floorRemainder($value, $unit);
        $below = $this->subtract($value, $rest);
        $double = $this->multiply($rest, 2);
        $isUp = $this->less($unit, $double) || $this->equal($unit, $double) && 0 != $this->floorRemainder($this->floorDivide($below, $unit), 2);
        $rounded = $isUp ? $this->add($below, $unit) : $below;
        \assert(\is_int($rounded) || \is_float($rounded) || $rounded instanceof BigInteger);

        return $rounded;
    }

    public function tangent(mixed $value): float
    {
        return tan((float) static::numeric($value));
    }

    public function arcSine(mixed $value): float
    {
        return $this->within($value, -1.0, 1.0, asin(...));
    }

    public function arcCosine(mixed $value): float
    {
        return $this->within($value, -1.0, 1.0, acos(...));
    }

    public function arcTangent(mixed $value): float
    {
        return atan((float) static::numeric($value));
    }

    public function arcTangent2(mixed $y, mixed $x): float
    {
        return atan2((float) static::numeric($y), (float) static::numeric($x));
    }

    public function hypotenuse(mixed $one, mixed $other): float
    {
        return hypot((float) static::numeric($one), (float) static::numeric($other));
    }

    /** How far it is from a point to another one, with as many numbers each (The Python Standard Library, math.dist). */
    public function way(mixed $from, mixed $to): float
    {
        [$from, $to] = [$this->over($from), $this->over($to)];
        if (\count($from) !== \count($to)) {
            throw new RunError('not_that_many', ['wanted' => \count($from), 'given' => \count($to)], 'both points must have the same number of dimensions');
        }

        return self::norm(array_map(static fn (mixed $one, mixed $other): float => abs((float) static::numeric($one) - (float) static::numeric($other)), $from, $to));
    }

    /**
     * The root of the sum of squares, with what each rounding loses added in again (T. J. Dekker, A floating-point
     * technique for extending the available precision, 1971), so that it is as exact as the machine's own `hypot`.
     *
     * @param list<float> $parts none below zero
     */
    private static function norm(array $parts): float
    {
        $most = [] === $parts ? 0.0 : max($parts);
        if (0.0 === $most || !is_finite($most)) {
            return $most;
        }
        if ($most < 2.0 ** -1000) {
            // So small that what it has to be multiplied by is no number any more.
            return self::norm(array_map(static fn (float $part): float => $part * 2.0 ** 200, $parts)) / 2.0 ** 200;
        }
        // The greatest of them is from a half to below 1 then.
        $scale = 2.0 ** -(int) floor(log($most, 2)) / 2;
        $scale *= $most * $scale >= 1 ? 0.5 : ($most * $scale < 0.5 ? 2 : 1);
        $sum = 1.0;
        $lost = [0.0, 0.0, 0.0];
        $add = static function (float $high, float $low, int $sign) use (&$sum, &$lost): void {
            foreach ([$sign * $high * $high, $sign * 2.0 * $high * $low, $sign * $low * $low] as $at => $part) {
                $before = $sum;
                $sum += $part;
                $lost[$at] += ($before - $sum) + $part;
            }
        };
        $split = static function (float $value): array {
            $large = $value * 134217729.0;
            $high = $large - ($large - $value);

            return [$high, $value - $high];
        };
        foreach ($parts as $part) {
            [$high, $low] = $split($part * $scale);
            $add($high, $low, 1);
        }
        $root = sqrt($sum - 1.0 + ($lost[0] + $lost[1] + $lost[2]));
        [$high, $low] = $split($root);
        $add($high, $low, -1);

        return ($root + ($sum - 1.0 + ($lost[0] + $lost[1] + $lost[2])) / (2 * $root)) / $scale;
    }

    public function exponential(mixed $value): float
    {
        return exp((float) static::numeric($value));
    }

    public function logarithm(mixed $value): float
    {
        return $this->positive($value, log(...));
    }

    public function logarithm10(mixed $value): float
    {
        return $this->positive($value, log10(...));
    }

    public function logarithm2(mixed $value): float
    {
        return $this->positive($value, static fn (float $number): float => log($number, 2));
    }

    /** @param \Closure(float): float $find */
    private function positive(mixed $value, \Closure $find): float
    {
        return $this->within($value, \PHP_FLOAT_MIN, \INF, $find);
    }

    /**
     * A function of numbers that has no value elsewhere.
     *
     * @param \Closure(float): float $find
     */
    private function within(mixed $value, float $least, float $most, \Closure $find): float
    {
        $number = (float) static::numeric($value);

        return $number >= $least && $number <= $most ? $find($number) : ($this->isStrict() ? throw new RunError('outside_of_function') : $find($number));
    }

    /** Whether a function stops where it has no value. */
    protected function isStrict(): bool
    {
        return false;
    }

    public function degrees(mixed $value): float
    {
        return (float) static::numeric($value) * (180 / \M_PI);
    }

    public function commonDivisor(mixed $one, mixed $other): int|float|BigInteger
    {
        [$one, $other] = [abs(static::integer($one)), abs(static::integer($other))];
        while (0 !== $other) {
            [$one, $other] = [$other, $one % $other];
        }

        return $this->count_($one);
    }

    public function commonMultiple(mixed $one, mixed $other): mixed
    {
        [$one, $other] = [abs(static::integer($one)), abs(static::integer($other))];
        $divisor = static::integer($this->commonDivisor($one, $other));

        return 0 === $divisor ? $this->count_(0) : $this->grown(intdiv($one, $divisor), $other);
    }

    public function factorial(mixed $value): mixed
    {
        $number = static::integer($value);
        if ($number < 0 || $number > 1000) {
            throw new RunError('outside_of_function');
        }
        $product = $this->count_(1);
        for ($factor = 2; $factor <= $number; ++$factor) {
            $product = $this->grown($product, $factor);
        }

        return $product;
    }

    /** A product that may need more than 32 bits. */
    protected function grown(mixed $product, int $factor): mixed
    {
        return $this->multiply($product, $this->count_($factor));
    }

    public function sign(mixed $value): int|float
    {
        return $this->count_(static::numeric($value) <=> 0);
    }

    public function infinity(): float
    {
        return \INF;
    }

    public function notANumber(): float
    {
        return \NAN;
    }

    public function euler(): float
    {
        return \M_E;
    }

    public function sine(mixed $value): float
    {
        return sin((float) static::numeric($value));
    }

    public function cosine(mixed $value): float
    {
        return cos((float) static::numeric($value));
    }

    public function radians(mixed $value): float
    {
        return (float) static::numeric($value) * \M_PI / 180;
    }

    public function pi(): float
    {
        return \M_PI;
    }
}
