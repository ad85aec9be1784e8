<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** Python's numbers: int and float are kept apart, division by zero is an error. */
final class PythonValues extends Values
{
    public function add(mixed $a, mixed $b): mixed
    {
        $together = $this->together($a, $b);
        if (null !== $together) {
            return $together;
        }
        if (\is_string($a) || \is_string($b)) {
            throw new RunError('text_and_number');
        }
        $a = self::number($a);
        $b = self::number($b);

        return self::exact($a + $b, $a, $b);
    }

    public function subtract(mixed $a, mixed $b): int|float
    {
        $a = self::number($a);
        $b = self::number($b);

        return self::exact($a - $b, $a, $b);
    }

    public function multiply(mixed $a, mixed $b): mixed
    {
        if (\is_string($a) || $a instanceof ListValue) {
            return $this->repeated($a, $b);
        }
        if (\is_string($b) || $b instanceof ListValue) {
            return $this->repeated($b, $a);
        }
        $a = self::number($a);
        $b = self::number($b);

        return self::exact($a * $b, $a, $b);
    }

    public function divide(mixed $a, mixed $b): float
    {
        $b = self::divisor($b);

        return self::number($a) / (float) $b;
    }

    public function floorDivide(mixed $a, mixed $b): int|float
    {
        $a = self::number($a);
        $b = self::divisor($b);
        if (\is_int($a) && \is_int($b)) {
            return -1 === $b ? self::exact(-$a, $a, $b) : Floored::quotient($a, $b);
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

    public function power(mixed $a, mixed $b): int|float
    {
        $a = self::number($a);
        $b = self::number($b);
        if (0 == $a && $b < 0) {
            throw new RunError('division_by_zero');
        }
        if ($a < 0 && \is_float($b) && floor($b) !== $b) {
            throw new RunError('no_real_root');
        }
        if (\is_int($a) && \is_int($b) && $b >= 0) {
            return self::exact($a ** $b, $a, $b);
        }
        $result = (float) $a ** (float) $b;
        if (is_infinite($result) && is_finite((float) $a) && is_finite((float) $b)) {
            throw new RunError('too_large');
        }

        return $result;
    }

    public function negate(mixed $a): int|float
    {
        return -self::number($a);
    }

    private static function divisor(mixed $b): int|float
    {
        $b = self::number($b);

        return 0 == $b ? throw new RunError('division_by_zero') : $b;
    }

    /** Floats as `repr` spells them: The Python Language Reference, 3.2, and float_repr_style short. */
    public function show(mixed $value): string
    {
        if (\is_bool($value)) {
            return $value ? 'True' : 'False';
        }
        if ($value instanceof ListValue) {
            return '['.implode(', ', array_map($this->display(...), $value->items)).']';
        }
        if ($value instanceof MapValue) {
            return '{'.implode(', ', array_map(fn (array $entry): string => $this->display($entry[0]).': '.$this->display($entry[1]), $value->entries)).'}';
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

    protected function place(mixed $index, int $size): ?int
    {
        $index = self::whole($index);
        $index = $index < 0 ? $index + $size : $index;

        return $index >= 0 && $index < $size ? $index : null;
    }
}
