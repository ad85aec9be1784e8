<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Brick\Math\RoundingMode;
use Scrivlet\Core\Run\RunError;

/** Whole numbers without an end, as JavaScript has them beside its other numbers: `10n` (ECMA-262, 6.1.6.2). */
trait BigWholes
{
    /** So many bits at most: a power of one would fill all there is. */
    private const MOST_BITS = 1_000_000;

    /** `BigInt(…)`: ECMA-262, 21.2.1.1. */
    public function toBig(mixed $value): BigInteger
    {
        if (\is_string($value)) {
            $text = trim($value);
            [$digits, $base] = match (true) {
                1 === preg_match('/^0x([0-9a-f]+)$/iD', $text, $match) => [$match[1], 16],
                1 === preg_match('/^0o([0-7]+)$/iD', $text, $match) => [$match[1], 8],
                1 === preg_match('/^0b([01]+)$/iD', $text, $match) => [$match[1], 2],
                '' === $text, 1 === preg_match('/^[+-]?\d+$/D', $text) => ['' === $text ? '0' : ltrim($text, '+'), 10],
                default => throw new RunError('no_big', ['value' => mb_substr($text, 0, 30)], "Cannot convert $text to a BigInt"),
            };
            Room::spend(\strlen($digits));

            return BigInteger::fromBase($digits, $base);
        }
        if (\is_float($value) && (!is_finite($value) || floor($value) !== $value)) {
            throw new RunError('not_whole_big', ['value' => $this->text($value)], "The number {$this->text($value)} cannot be converted to a BigInt because it is not an integer");
        }

        return match (true) {
            $value instanceof BigInteger => $value,
            \is_bool($value) => BigInteger::of((int) $value),
            \is_float($value) => BigInteger::of(\sprintf('%.0F', $value)),
            default => throw new RunError('mixed_big', [], "Cannot convert {$this->text($value)} to a BigInt"),
        };
    }

    /** What `++` adds: one of the same kind (ECMA-262, 13.4). */
    public function oneOf(mixed $value): float|BigInteger
    {
        return $value instanceof BigInteger ? BigInteger::one() : 1.0;
    }

    /**
     * Two of them reckoned with; null where none of both is one, and a failure where only one is (ECMA-262, 13.15.3).
     *
     * @param '+'|'-'|'*'|'/'|'%'|'**'|'&'|'|'|'^'|'<<'|'>>' $sign
     */
    private static function big(string $sign, mixed $a, mixed $b): ?BigInteger
    {
        if (!$a instanceof BigInteger && !$b instanceof BigInteger) {
            return null;
        }
        if (!$a instanceof BigInteger || !$b instanceof BigInteger) {
            throw new RunError('mixed_big', [], 'Cannot mix BigInt and other types, use explicit conversions');
        }
        if (('/' === $sign || '%' === $sign) && $b->isZero()) {
            throw new RunError('big_by_nought', [], 'Division by zero');
        }
        if ('**' === $sign && $b->isNegative()) {
            throw new RunError('big_below_nought', [], 'Exponent must be non-negative');
        }
        $by = '**' === $sign || '<<' === $sign || '>>' === $sign ? self::few($b) : 0;
        if ('**' === $sign && $by * max(1, $a->abs()->getBitLength()) > self::MOST_BITS || '<<' === $sign && $by > self::MOST_BITS) {
            throw new RunError('large_number');
        }
        Room::spend(1 + intdiv($a->getBitLength() + $b->getBitLength(), 64));

        return match ($sign) {
            '+' => $a->plus($b),
            '-' => $a->minus($b),
            '*' => $a->multipliedBy($b),
            '/' => $a->dividedBy($b, RoundingMode::DOWN),
            '%' => $a->remainder($b),
            '**' => $a->power($by),
            '&' => $a->and($b),
            '|' => $a->or($b),
            '^' => $a->xor($b),
            '<<' => $a->shiftedLeft($by),
            '>>' => $a->shiftedRight($by),
        };
    }

    private static function few(BigInteger $count): int
    {
        return $count->abs()->isGreaterThan(self::MOST_BITS) ? throw new RunError('large_number') : $count->toInt();
    }

    /** Which of two is less, of which one at least is such a number; null where one of them is no number (ECMA-262, 7.2.13). */
    private static function bigOrder(mixed $a, mixed $b): ?int
    {
        [$a, $b] = array_map(static fn (mixed $value): BigInteger|float => $value instanceof BigInteger ? $value : self::numeric($value), [$a, $b]);
        if (\is_float($a) && is_nan($a) || \is_float($b) && is_nan($b)) {
            return null;
        }
        if (\is_float($a) && is_infinite($a) || \is_float($b) && is_infinite($b)) {
            return (\is_float($a) ? $a : 0.0) <=> (\is_float($b) ? $b : 0.0);
        }
        [$one, $other] = [BigInteger::of(\is_float($a) ? \sprintf('%.0F', floor($a)) : $a), BigInteger::of(\is_float($b) ? \sprintf('%.0F', floor($b)) : $b)];

        return $one->compareTo($other) ?: (\is_float($a) ? $a - floor($a) : 0.0) <=> (\is_float($b) ? $b - floor($b) : 0.0);
    }
}
