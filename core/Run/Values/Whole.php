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
    /** More digits than this no course needs, and they would take long. */
    private const MOST_BITS = 60_000;

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
        $a = self::big($a);
        $b = self::big($b);
        self::limit($a->getBitLength() + $b->getBitLength());

        return self::fitted($a->multipliedBy($b));
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
        return self::fitted(self::big($a)->dividedBy($b, RoundingMode::FLOOR));
    }

    /** @param int|BigInteger $b not nought */
    public static function floorRemainder(int|BigInteger $a, int|BigInteger $b): int|BigInteger
    {
        $rest = self::big($a)->remainder($b);
        $divisor = self::big($b);

        return self::fitted(!$rest->isZero() && $rest->isNegative() !== $divisor->isNegative() ? $rest->plus($divisor) : $rest);
    }

    public static function power(int|BigInteger $a, int $exponent): int|BigInteger
    {
        $a = self::big($a);
        self::limit($a->getBitLength() * $exponent);

        return self::fitted($a->power($exponent));
    }

    public static function negate(int|BigInteger $a): int|BigInteger
    {
        return self::fitted(self::big($a)->negated());
    }

    public static function ofText(string $digits): int|BigInteger
    {
        self::limit((int) (\strlen($digits) * 3.33));

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
        return class_exists(BigInteger::class) ? $make() : throw new RunError('too_large');
    }

    private static function fitted(BigInteger $a): int|BigInteger
    {
        return $a->getBitLength() < 64 ? $a->toInt() : $a;
    }

    private static function limit(int $bits): void
    {
        if ($bits > self::MOST_BITS) {
            throw new RunError('too_large');
        }
    }
}
