<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** C++'s numbers: `int` of 32 bits and `double`; what a checked build would stop at is an error. */
final class CppValues extends Values
{
    public function add(mixed $a, mixed $b): int|float
    {
        return self::fit(self::number($a) + self::number($b));
    }

    public function subtract(mixed $a, mixed $b): int|float
    {
        return self::fit(self::number($a) - self::number($b));
    }

    public function multiply(mixed $a, mixed $b): int|float
    {
        return self::fit(self::number($a) * self::number($b));
    }

    public function divide(mixed $a, mixed $b): float
    {
        return (float) self::number($a) / (float) self::divisor($b);
    }

    public function floorDivide(mixed $a, mixed $b): int|float
    {
        $a = self::number($a);
        $b = self::divisor($b);
        if (\is_int($a) && \is_int($b)) {
            return self::fit(Floored::quotient($a, $b));
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

    public function negate(mixed $a): int|float
    {
        return self::fit(-self::number($a));
    }

    private static function fit(int|float $result): int|float
    {
        if (\is_int($result) && ($result > 2147483647 || $result < -2147483648)) {
            throw new RunError('too_large_int');
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
}
