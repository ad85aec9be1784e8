<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Run\RunError;

/** What can be done with numbers, and how one kind of value becomes another. */
trait NumberOperations
{
    public function toText(mixed $value): string
    {
        return $this->text($value);
    }

    public function toWhole(mixed $value): int|float|BigInteger
    {
        if (\is_string($value)) {
            return 1 === preg_match($this->wholePattern(), trim($value), $match) ? $this->count_((int) $match[0]) : $this->noNumber($value);
        }

        return $this->count_(self::whole($value));
    }

    protected function wholePattern(): string
    {
        return '/^[+-]?\d{1,18}$/D';
    }

    public function toNumber(mixed $value): float
    {
        if (\is_string($value)) {
            return 1 === preg_match('/^[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?$/iD', trim($value)) ? (float) trim($value) : (float) $this->noNumber($value);
        }

        return (float) self::number($value);
    }

    protected function noNumber(string $text): int|float
    {
        throw new RunError('no_number', ['value' => mb_substr($text, 0, 30)]);
    }

    public function toTruth(mixed $value): bool
    {
        return $this->truth($value);
    }

    public function absolute(mixed $value): int|float|BigInteger
    {
        return abs(self::number($value));
    }

    public function root(mixed $value): float
    {
        $value = (float) self::number($value);

        return $value < 0 ? $this->noRoot() : sqrt($value);
    }

    protected function noRoot(): float
    {
        throw new RunError('no_real_root');
    }

    public function floor(mixed $value): int|float|BigInteger
    {
        return $this->count_((int) floor((float) self::number($value)));
    }

    public function ceiling(mixed $value): int|float|BigInteger
    {
        return $this->count_((int) ceil((float) self::number($value)));
    }

    /** Halves go up, as ECMAScript 2022, 21.3.2.28 says. */
    public function rounded(mixed $value): int|float
    {
        return $this->count_((int) floor((float) self::number($value) + 0.5));
    }

    /** Halves go to the even neighbour. */
    public function roundedEven(mixed $value): int|float|BigInteger
    {
        return $this->count_((int) round((float) self::number($value), 0, \PHP_ROUND_HALF_EVEN));
    }

    /** Halves go away from zero. */
    public function roundedAway(mixed $value): float
    {
        return round((float) self::number($value));
    }

    public function roundedTo(mixed $value, mixed $digits): int|float|BigInteger
    {
        if ($value instanceof BigInteger) {
            return $value;
        }
        $digits = max(0, min(30, self::whole($digits)));

        $number = self::number($value);
        // Beyond 52 bits there is nothing behind the point, and nought keeps its sign.
        if (0.0 === (float) $number || abs($number) >= 4.5e15) {
            return $number;
        }

        return \is_int($value) ? $value : (float) Decimal::fixed((float) self::number($value), $digits);
    }

    public function sine(mixed $value): float
    {
        return sin((float) self::number($value));
    }

    public function cosine(mixed $value): float
    {
        return cos((float) self::number($value));
    }

    public function radians(mixed $value): float
    {
        return (float) self::number($value) * \M_PI / 180;
    }

    public function pi(): float
    {
        return \M_PI;
    }
}
