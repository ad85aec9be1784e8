<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Scrivlet\Core\Run\RunError;

/** What Python's library finds of many numbers, exactly and rounded once (The Python Standard Library, statistics). */
trait StatisticsOperations
{
    public function mean(mixed $list): mixed
    {
        $numbers = $this->some($list, 1, 'mean requires at least one data point');

        return self::rational($this->exactTotal($numbers)->dividedBy(\count($numbers)), $this->areWhole($numbers));
    }

    public function median(mixed $list): mixed
    {
        $numbers = self::list_($this->sorted(new ListValue($this->some($list, 1, 'no median for empty data'))))->items;
        $middle = intdiv(\count($numbers), 2);

        return 1 === \count($numbers) % 2 ? $numbers[$middle] : $this->divide($this->add($numbers[$middle - 1], $numbers[$middle]), 2);
    }

    /** What is there most often, the first of several. */
    public function mode(mixed $list): mixed
    {
        $counts = [];
        foreach ($this->some($list, 1, 'no mode for empty data') as $item) {
            $tag = MapValue::tag($item);
            $counts[$tag] = [($counts[$tag][0] ?? 0) + 1, $counts[$tag][1] ?? $item];
        }
        $best = [0, null];
        foreach ($counts as $count) {
            $best = $count[0] > $best[0] ? $count : $best;
        }

        return $best[1];
    }

    public function variance(mixed $list): mixed
    {
        $numbers = $this->some($list, 2, 'variance requires at least two data points');

        return self::rational($this->squares($numbers)->dividedBy(\count($numbers) - 1), $this->areWhole($numbers));
    }

    public function wholeVariance(mixed $list): mixed
    {
        $numbers = $this->some($list, 1, 'pvariance requires at least one data point');

        return self::rational($this->squares($numbers)->dividedBy(\count($numbers)), $this->areWhole($numbers));
    }

    public function deviation(mixed $list): float
    {
        $numbers = $this->some($list, 2, 'stdev requires at least two data points');

        return self::rationalRoot($this->squares($numbers)->dividedBy(\count($numbers) - 1));
    }

    public function wholeDeviation(mixed $list): float
    {
        $numbers = $this->some($list, 1, 'pstdev requires at least one data point');

        return self::rationalRoot($this->squares($numbers)->dividedBy(\count($numbers)));
    }

    /** @return non-empty-list<mixed> */
    private function some(mixed $list, int $least, string $says): array
    {
        $items = $this->over($list);

        return [] === $items || \count($items) < $least ? throw new RunError('no_data', [], $says) : $items;
    }

    /** @param list<mixed> $numbers */
    private function areWhole(array $numbers): bool
    {
        return [] === array_filter($numbers, \is_float(...));
    }

    private static function rationalOf(mixed $number): BigRational
    {
        Room::spend(4);
        if ($number instanceof BigInteger || \is_int($number)) {
            return BigRational::of($number);
        }
        $number = (float) static::numeric($number);
        if (!is_finite($number)) {
            throw new RunError('not_finite');
        }
        // 17 digits tell every float, but only its own digits in the base two are exact.
        $exponent = 0.0 === $number ? 0 : (int) floor(log(abs($number), 2)) - 52;
        $whole = $number * 2.0 ** -$exponent;

        return $exponent >= 0 ? BigRational::of(BigInteger::of((int) $whole)->multipliedBy(BigInteger::of(2)->power($exponent))) : BigRational::nd((int) $whole, BigInteger::of(2)->power(-$exponent));
    }

    /** @param list<mixed> $numbers */
    private function exactTotal(array $numbers): BigRational
    {
        $total = BigRational::zero();
        foreach ($numbers as $number) {
            $total = $total->plus(self::rationalOf($number))->simplified();
        }

        return $total;
    }

    /** @param non-empty-list<mixed> $numbers */
    private function squares(array $numbers): BigRational
    {
        $mean = $this->exactTotal($numbers)->dividedBy(\count($numbers))->simplified();
        $total = BigRational::zero();
        foreach ($numbers as $number) {
            $difference = self::rationalOf($number)->minus($mean);
            $total = $total->plus($difference->multipliedBy($difference))->simplified();
        }

        return $total;
    }

    private static function rational(BigRational $value, bool $isWhole): int|float|BigInteger
    {
        $value = $value->simplified();
        if ($isWhole && $value->getDenominator()->isEqualTo(1)) {
            return Whole::ofText((string) $value->getNumerator());
        }

        return (float) (string) $value->getNumerator()->toBigDecimal()->dividedBy($value->getDenominator(), 400 > \strlen((string) $value->getDenominator()) ? 60 : 400, RoundingMode::HALF_EVEN);
    }

    private static function rationalRoot(BigRational $value): float
    {
        $decimal = $value->getNumerator()->toBigDecimal()->dividedBy($value->getDenominator(), 80, RoundingMode::HALF_EVEN);

        return $decimal->isZero() ? 0.0 : (float) (string) $decimal->sqrt(40);
    }
}
