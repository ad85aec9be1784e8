<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Sheet;

/** Numbers as drawings spell them: thousandths at most, by whole numbers, so that every machine writes the same. */
final class Numeral
{
    public static function of(float $number): string
    {
        $thousandths = (int) floor($number * 1000 + 0.5);
        $sign = $thousandths < 0 ? '-' : '';
        $thousandths = abs($thousandths);
        $fraction = rtrim(str_pad((string) ($thousandths % 1000), 3, '0', \STR_PAD_LEFT), '0');

        return $sign.intdiv($thousandths, 1000).('' === $fraction ? '' : '.'.$fraction);
    }
}
