<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Run\RunError;

/** What JavaScript makes of a value that is not of the kind that is wanted (ECMAScript 2022, 7.1). */
trait CoercedValues
{
    /** A value where a number is wanted: ToNumber, ECMAScript 2022, 7.1.4. */
    protected static function numeric(mixed $value): float
    {
        if ($value instanceof BigInteger) {
            throw new RunError('mixed_big', [], 'Cannot convert a BigInt value to a number');
        }
        if (\is_string($value)) {
            $text = trim($value);

            return match (true) {
                '' === $text => 0.0,
                1 === preg_match('/^[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?$/iD', $text) => (float) $text,
                1 === preg_match('/^0x[0-9a-f]+$/iD', $text) => (float) hexdec(substr($text, 2)),
                1 === preg_match('/^0b[01]+$/iD', $text) => (float) bindec(substr($text, 2)),
                1 === preg_match('/^0o[0-7]+$/iD', $text) => (float) octdec(substr($text, 2)),
                1 === preg_match('/^[+-]?Infinity$/D', $text) => '-' === $text[0] ? -\INF : \INF,
                default => \NAN,
            };
        }
        if ($value instanceof ListValue && \count($value->items) <= 1) {
            return self::numeric($value->items[0] ?? '');
        }

        if ($value instanceof MapValue) {
            self::sayNoForm($value, 'valueOf');
        }

        return match (true) {
            Nothing::Null === $value => 0.0,
            null === $value, \is_object($value) => \NAN,
            default => (float) self::number($value),
        };
    }

    /** What is no number is 0, and what has no end is further than any place: ToIntegerOrInfinity, 7.1.5. */
    protected static function integer(mixed $value): int
    {
        $number = self::numeric($value);

        return is_nan($number) ? 0 : (int) max(-9.0e18, min(9.0e18, $number));
    }

    protected function word(mixed $value): string
    {
        return self::text_(\is_string($value) ? $value : $this->text($value));
    }

    /** A key that spells a place is one, whatever it was before: CanonicalNumericIndexString, 7.1.21. */
    protected function place(mixed $index, int $size): ?int
    {
        $place = \is_float($index) ? $index : $this->text($index);
        if (\is_string($place)) {
            return 1 === preg_match('/^(?:0|[1-9]\d{0,14})$/D', $place) ? parent::place((float) $place, $size) : null;
        }

        return floor($place) === $place ? parent::place($place, $size) : null;
    }

    /** The unit of 16 bits (22.1.2.1); a number beyond them is one of `String.fromCodePoint`. */
    public function letter(mixed $code): string
    {
        $number = self::cut(self::numeric($code));
        if (!is_finite($number)) {
            return "\0";
        }

        return (string) mb_chr($number < 0 ? (int) fmod($number, 65536) + 65536 : (int) min(0x10FFFF, $number));
    }

    /** No base is 10, or what the text says itself; of a base that there is not comes no number (19.2.5). */
    public function fromBase(mixed $text, mixed $base): float
    {
        $text = ltrim($this->text($text));
        $base = self::integer($base);
        $base = 0 === $base ? (1 === preg_match('/^[+-]?0x/i', $text) ? 16 : 10) : $base;
        $digits = substr('0123456789abcdefghijklmnopqrstuvwxyz', 0, max(0, $base));
        $prefix = 16 === $base ? '(?:0x)?' : '';

        return $base < 2 || $base > 36 || 1 !== preg_match("/^([+-]?)$prefix([$digits]{1,300})/i", $text, $match) ? \NAN : array_reduce(str_split(strtolower($match[2])), static fn (float $number, string $digit): float => $number * $base + (int) strpos($digits, $digit), 0.0) * ('-' === $match[1] ? -1 : 1);
    }

    /** Beyond the end there is none (22.1.3.2). */
    public function code(mixed $letter): float
    {
        return null === $letter ? \NAN : (float) parent::code($letter);
    }

    /** A number and a truth have none (7.3.2). */
    public function lengthOf(mixed $value): ?float
    {
        return \is_float($value) || \is_bool($value) || $value instanceof BigInteger ? null : (float) $this->length($value);
    }

    public function letterAt(mixed $text, mixed $index): string
    {
        return parent::letterAt($text, (float) self::integer($index));
    }

    /** Nothing goes behind all others (ECMAScript 2022, 23.1.3.28). */
    protected function apartFromNothing(array $items): array
    {
        return [array_values(array_filter($items, static fn (mixed $item): bool => null !== $item)), array_values(array_filter($items, is_null(...)))];
    }

    /** Parts behind commas where nothing is said (23.1.3.16). */
    public function joined(mixed $list, mixed $separator): string
    {
        return parent::joined($list, $separator ?? ',');
    }

    public function paddedLeft(mixed $text, mixed $length, mixed $with): string
    {
        return parent::paddedLeft($text, $length, $with ?? ' ');
    }

    public function paddedRight(mixed $text, mixed $length, mixed $with): string
    {
        return parent::paddedRight($text, $length, $with ?? ' ');
    }

    /** A whole number of any length is none that has an end (21.1.2.2 and 21.1.2.3). */
    public function isWhole(mixed $value): bool
    {
        return \is_float($value) && parent::isWhole($value);
    }

    public function isFinite(mixed $value): bool
    {
        return \is_float($value) && is_finite($value);
    }

    /** What is nothing by itself has no text (25.5.2). */
    public function json(mixed $value): mixed
    {
        $value = $this->standsFor($value);

        return null === $value || $value instanceof \Closure ? null : parent::json($value);
    }

    /** A nought keeps its sign, and what is no number has none (21.3.2.29). */
    public function sign(mixed $value): float
    {
        $number = self::numeric($value);

        return is_nan($number) || 0.0 === abs($number) ? $number : ($number < 0 ? -1.0 : 1.0);
    }

    /** As V8 finds it: the squares of how much of the largest each is, with what rounding took put back (Kahan). */
    public function hypotenuse(mixed ...$sides): float
    {
        $sides = array_map(static fn (mixed $side): float => abs(self::numeric($side)), $sides);
        if (\in_array(\INF, $sides, true)) {
            return \INF;
        }
        $largest = max(0.0, ...$sides);
        if ([] !== array_filter($sides, is_nan(...)) || 0.0 === $largest) {
            return 0.0 === $largest ? 0.0 : \NAN;
        }
        [$sum, $lost] = [0.0, 0.0];
        foreach ($sides as $side) {
            $share = $side / $largest;
            $more = $share * $share - $lost;
            $next = $sum + $more;
            [$sum, $lost] = [$next, ($next - $sum) - $more];
        }

        return sqrt($sum) * $largest;
    }

    /** As V8 finds it, which takes it from FreeBSD: a first guess by the exponent, a polynomial, one step of Newton's. */
    public function cubeRoot(mixed $value): float
    {
        $number = self::numeric($value);
        if (0.0 === abs($number) || !is_finite($number)) {
            return $number;
        }
        $size = abs($number);
        // What is too small to have a full exponent is made larger for the guess.
        $isSmall = $size < 2.2250738585072014E-308;
        $guess = self::float(intdiv(self::bits($isSmall ? $size * 2 ** 54 : $size) >> 32, 3) + ($isSmall ? 696219795 : 715094163) << 32);
        $share = $guess * $guess * ($guess / $size);
        $guess *= 1.87595182427177009643 + $share * (-1.88497979543377169875 + $share * 1.621429720105354466140) + $share * $share * $share * (-0.758397934778766047437 + $share * 0.145996192886612446982);
        $guess = self::float(self::bits($guess) + 0x80000000 & ~0x3FFFFFFF);
        $rest = $size / ($guess * $guess);
        $root = $guess + $guess * (($rest - $guess) / ($guess + $guess + $rest));

        return $number < 0 ? -$root : $root;
    }

    private static function bits(float $number): int
    {
        $bits = (array) unpack('q', pack('d', $number));

        return \is_int($bits[1]) ? $bits[1] : 0;
    }

    private static function float(int $bits): float
    {
        $float = (array) unpack('d', pack('q', $bits));

        return \is_float($float[1]) ? $float[1] : 0.0;
    }
}
