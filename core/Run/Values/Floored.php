<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** Floored quotient and remainder; of floats as CPython's `float_divmod` finds them. */
final class Floored
{
    public static function quotient(int $a, int $b): int
    {
        $rest = $a % $b;

        return intdiv($a, $b) - (0 !== $rest && ($rest < 0) !== ($b < 0) ? 1 : 0);
    }

    public static function rest(int $a, int $b): int
    {
        $rest = $a % $b;

        return 0 !== $rest && ($rest < 0) !== ($b < 0) ? $rest + $b : $rest;
    }

    public static function divide(float $a, float $b): float
    {
        $rest = fmod($a, $b);
        $quotient = ($a - $rest) / $b;
        if (0.0 !== $rest && ($b < 0) !== ($rest < 0)) {
            $quotient -= 1.0;
        }
        if (0.0 === $quotient) {
            return -\INF === fdiv(1.0, $a / $b) || $a / $b < 0 ? -0.0 : 0.0;
        }
        $floor = floor($quotient);

        return $quotient - $floor > 0.5 ? $floor + 1.0 : $floor;
    }

    public static function remainder(float $a, float $b): float
    {
        $rest = fmod($a, $b);
        if (0.0 === $rest) {
            return $b < 0 ? -0.0 : 0.0;
        }

        return ($b < 0) !== ($rest < 0) ? $rest + $b : $rest;
    }
}
