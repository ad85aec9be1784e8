<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Run\RunError;

/**
 * C++'s numbers without a sign, which begin again at zero behind the largest one (C++17, 6.9.1): of 32 bits as they are,
 * of 64 as PHP's number with the same bits, so that those from 2^63 on are kept as numbers below zero.
 */
trait UnsignedNumbers
{
    /** @param 32|64 $bits */
    public function unsigned(mixed $value, int $bits): int
    {
        if (\is_float($value) && (!is_finite($value) || abs($value) >= 1.8446744073709552E+19)) {
            throw new RunError(32 === $bits ? 'too_large_int' : 'too_large_long');
        }
        if (\is_float($value) && abs($value) >= 9.2233720368547758E+18) {
            return self::bitsOf64(BigInteger::of(number_format($value, 0, '', '')));
        }

        return self::cut(self::whole($value), $bits);
    }

    /** @param int $bits of the type as TypeNames::narrow() tells them */
    public function narrowed(mixed $value, int $bits): mixed
    {
        if (32 === $bits && \is_float($value)) {
            // The nearest number that has no more than 24 digits of its own (IEEE 754, 3.4).
            $near = unpack('f', pack('f', $value));

            return false === $near ? $value : $near[1];
        }
        if (!\is_int($value)) {
            return $value;
        }
        $size = 1 << abs($bits);
        $kept = $value & ($size - 1);

        return 0 < $bits && $kept >= $size >> 1 ? $kept - $size : $kept;
    }

    /** The number with a sign that has the same bits, as an `int` takes it (C++20, 7.3.9). */
    public function signedAgain(mixed $value): int
    {
        return self::signed(self::whole($value));
    }

    /** @param 32|64 $bits */
    public function unsignedAdd(mixed $a, mixed $b, int $bits): int
    {
        return self::sum($this->unsigned($a, $bits), $this->unsigned($b, $bits), $bits);
    }

    /** @param 32|64 $bits */
    public function unsignedSubtract(mixed $a, mixed $b, int $bits): int
    {
        return self::sum(self::sum($this->unsigned($a, $bits), ~$this->unsigned($b, $bits), $bits), 1, $bits);
    }

    /** @param 32|64 $bits */
    public function unsignedMultiply(mixed $a, mixed $b, int $bits): int
    {
        [$a, $b] = [$this->unsigned($a, $bits), $this->unsigned($b, $bits)];
        $product = $a * $b;
        // @phpstan-ignore function.alreadyNarrowedType (what is too large for 64 bits is a float)
        if (\is_int($product)) {
            return self::cut($product, $bits);
        }
        $low = self::times32($a & 0xFFFFFFFF, $b & 0xFFFFFFFF);

        return self::cut(32 === $bits ? $low : self::sum($low, self::sum(self::times32(($a >> 32) & 0xFFFFFFFF, $b & 0xFFFFFFFF), self::times32($a & 0xFFFFFFFF, ($b >> 32) & 0xFFFFFFFF), 32) << 32, 64), $bits);
    }

    /** @param 32|64 $bits */
    public function unsignedDivide(mixed $a, mixed $b, int $bits): int
    {
        [$a, $b] = [$this->unsigned($a, $bits), $this->unsignedDivisor($b, $bits)];

        return $a >= 0 && $b > 0 ? intdiv($a, $b) : self::bitsOf64(self::large($a)->quotient(self::large($b)));
    }

    /** @param 32|64 $bits */
    public function unsignedRemainder(mixed $a, mixed $b, int $bits): int
    {
        [$a, $b] = [$this->unsigned($a, $bits), $this->unsignedDivisor($b, $bits)];

        return $a >= 0 && $b > 0 ? $a % $b : self::bitsOf64(self::large($a)->remainder(self::large($b)));
    }

    /**
     * @param 32|64 $bits
     *
     * @return int below, at or above zero as the first is the smaller, the same or the larger one
     */
    public function unsignedOrder(mixed $a, mixed $b, int $bits): int
    {
        return ($this->unsigned($a, $bits) ^ \PHP_INT_MIN) <=> ($this->unsigned($b, $bits) ^ \PHP_INT_MIN);
    }

    /** @param 32|64 $bits */
    public function unsignedShiftRight(mixed $a, mixed $by, int $bits): int
    {
        $by = $this->placesOf($by, 64 === $bits);

        return 0 === $by ? $this->unsigned($a, $bits) : ($this->unsigned($a, $bits) >> $by) & (\PHP_INT_MAX >> ($by - 1));
    }

    public function unsignedReal(mixed $value): float
    {
        $value = self::whole($value);

        return $value < 0 ? self::large($value)->toFloat() : (float) $value;
    }

    /** A number of 64 bits without a sign, as it is shown. */
    public function showUnsigned(mixed $value): string
    {
        return \is_int($value) ? \sprintf('%u', $value) : $this->show($value);
    }

    /** A number of 64 bits without a sign as the one that it stands for. */
    public function toldUnsigned(mixed $value): mixed
    {
        return \is_int($value) && $value < 0 ? self::large($value) : $value;
    }

    /** @param 32|64 $bits */
    private function unsignedDivisor(mixed $b, int $bits): int
    {
        $b = $this->unsigned($b, $bits);

        return 0 === $b ? throw new RunError('division_by_zero') : $b;
    }

    private static function cut(int $value, int $bits): int
    {
        return 32 === $bits ? $value & 0xFFFFFFFF : $value;
    }

    private static function sum(int $a, int $b, int $bits): int
    {
        $low = ($a & 0xFFFFFFFF) + ($b & 0xFFFFFFFF);

        return self::cut(($a >> 32) + ($b >> 32) + ($low >> 32) << 32 | $low & 0xFFFFFFFF, $bits);
    }

    /** The lower 64 bits of a product of two numbers of 32. */
    private static function times32(int $a, int $b): int
    {
        return self::sum($a * ($b & 0xFFFF), $a * ($b >> 16) << 16, 64);
    }

    private static function large(int $value): BigInteger
    {
        return $value < 0 ? BigInteger::of($value)->plus(BigInteger::of(2)->power(64)) : BigInteger::of($value);
    }

    private static function bitsOf64(BigInteger $value): int
    {
        $value = $value->mod(BigInteger::of(2)->power(64));

        return $value->isGreaterThan(\PHP_INT_MAX) ? $value->minus(BigInteger::of(2)->power(64))->toInt() : $value->toInt();
    }
}
