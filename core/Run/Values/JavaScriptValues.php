<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** JavaScript's numbers: all are floats, nothing is an error. */
final class JavaScriptValues extends Values
{
    public function add(mixed $a, mixed $b): float
    {
        return (float) self::number($a) + (float) self::number($b);
    }

    public function subtract(mixed $a, mixed $b): float
    {
        return (float) self::number($a) - (float) self::number($b);
    }

    public function multiply(mixed $a, mixed $b): float
    {
        return (float) self::number($a) * (float) self::number($b);
    }

    public function divide(mixed $a, mixed $b): float
    {
        return fdiv((float) self::number($a), (float) self::number($b));
    }

    public function floorDivide(mixed $a, mixed $b): float
    {
        $a = (float) self::number($a);
        $b = (float) self::number($b);

        return 0.0 === abs($b) || !is_finite($a) || !is_finite($b) ? floor(fdiv($a, $b)) : Floored::divide($a, $b);
    }

    public function floorRemainder(mixed $a, mixed $b): float
    {
        $a = (float) self::number($a);
        $b = (float) self::number($b);

        return 0.0 === abs($b) || !is_finite($a) || !is_finite($b) ? \NAN : Floored::remainder($a, $b);
    }

    public function power(mixed $a, mixed $b): float
    {
        $a = (float) self::number($a);
        $b = (float) self::number($b);

        // ECMAScript 2022, 6.1.6.1.3: 1 to the power of something without a size is not a number.
        return 1.0 === abs($a) && !is_finite($b) ? \NAN : $a ** $b;
    }

    public function negate(mixed $a): float
    {
        return -(float) self::number($a);
    }

    public function show(mixed $value): string
    {
        // console.log names the sign of a negative zero, a template literal does not.
        return \is_float($value) && 0.0 === abs($value) && '-' === Decimal::shortest($value)->sign ? '-0' : $this->text($value);
    }

    /** Number::toString: ECMAScript 2022, 6.1.6.1.20. */
    public function text(mixed $value): string
    {
        if (\is_bool($value)) {
            return $value ? 'true' : 'false';
        }
        if (!\is_float($value)) {
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
}
