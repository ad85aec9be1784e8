<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigDecimal;
use Brick\Math\BigInteger;
use Brick\Math\RoundingMode;
use Scrivlet\Core\Run\RunError;

/**
 * Python's whole numbers of any size: native ones as long as they fit, so that a usual program pays nothing for it.
 */
final class Whole
{
    /** More digits than this no course needs. */
    private const MOST_DIGITS = 10_000;

    public static function add(int|BigInteger $a, int|BigInteger $b): int|BigInteger
    {
        return self::fitted(self::big($a)->plus($b));
    }

    public static function subtract(int|BigInteger $a, int|BigInteger $b): int|BigInteger
    {
        return self::fitted(self::big($a)->minus($b));
    }

    public static function multiply(int|BigInteger $a, int|BigInteger $b): int|BigInteger
    {
        self::limit(self::digits($a) + self::digits($b), self::digits($a) * self::digits($b));

        return self::fitted(self::big($a)->multipliedBy($b));
    }

    /**
     * The true quotient, of which only the result is rounded.
     *
     * @param int|BigInteger $b not nought
     */
    public static function divide(int|BigInteger $a, int|BigInteger $b): float
    {
        $scale = max(0, 40 + \strlen((string) $b) - \strlen((string) $a));
        $quotient = (float) (string) BigDecimal::of($a)->dividedBy($b, $scale, RoundingMode::HALF_EVEN);

        return is_finite($quotient) ? $quotient : throw new RunError('too_large');
    }

    /** @param int|BigInteger $b not nought */
    public static function floorDivide(int|BigInteger $a, int|BigInteger $b): int|BigInteger
    {
        self::limit(0, self::digits($a) * self::digits($b));

        return self::fitted(self::big($a)->dividedBy($b, RoundingMode::FLOOR));
    }

    /** @param int|BigInteger $b not nought */
    public static function floorRemainder(int|BigInteger $a, int|BigInteger $b): int|BigInteger
    {
        self::limit(0, self::digits($a) * self::digits($b));
        $rest = self::big($a)->remainder($b);
        $divisor = self::big($b);

        return self::fitted(!$rest->isZero() && $rest->isNegative() !== $divisor->isNegative() ? $rest->plus($divisor) : $rest);
    }

    public static function power(int|BigInteger $a, int $exponent): int|BigInteger
    {
        $digits = self::digits($a) * $exponent;
        self::limit($digits, $digits * $digits);

        return self::fitted(self::big($a)->power($exponent));
    }

    public static function negate(int|BigInteger $a): int|BigInteger
    {
        return self::fitted(self::big($a)->negated());
    }

    public static function ofText(string $digits): int|BigInteger
    {
        self::limit(\strlen($digits), \strlen($digits));

        return self::fitted(self::known(static fn (): BigInteger => BigInteger::of($digits)));
    }

    /** A float cut to a whole number. */
    public static function ofFloat(float $value): int|BigInteger
    {
        return abs($value) < 9.0e18 ? (int) $value : self::ofText(\sprintf('%.0F', $value));
    }

    /** As a float; what no float can be is too large (OverflowError). */
    public static function float(int|BigInteger $a): float
    {
        if (\is_int($a)) {
            return (float) $a;
        }
        $float = (float) (string) $a;

        return is_finite($float) ? $float : throw new RunError('too_large');
    }

    public static function compare(int|BigInteger $a, int|BigInteger $b): int
    {
        return self::big($a)->compareTo($b);
    }

    private static function big(int|BigInteger $a): BigInteger
    {
        return $a instanceof BigInteger ? $a : self::known(static fn (): BigInteger => BigInteger::of($a));
    }

    /** @param \Closure(): BigInteger $make */
    private static function known(\Closure $make): BigInteger
    {
        // From a bare checkout the package is not there, and larger numbers are said to be too large.
        return class_exists(BigInteger::class) ? $make() : throw new RunError('many_digits');
    }

    private static function fitted(BigInteger $a): int|BigInteger
    {
        $digits = self::digits($a);
        self::limit($digits, 0);

        return $digits < 19 || 19 === $digits && $a->isGreaterThanOrEqualTo(\PHP_INT_MIN) && $a->isLessThanOrEqualTo(\PHP_INT_MAX) ? $a->toInt() : $a;
    }

    private static function digits(int|BigInteger $a): int
    {
        return \strlen(ltrim((string) $a, '-'));
    }

    /** Both may be beyond what a whole number of the machine holds. */
    private static function limit(int|float $digits, int|float $work): void
    {
        if ($digits > self::MOST_DIGITS) {
            throw new RunError('many_digits');
        }
        Room::spend(1 + ((int) $digits >> 4) + ((int) min($work, \PHP_INT_MAX >> 1) >> 12));
    }
}
