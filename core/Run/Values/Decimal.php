<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** A float as digits and a decimal exponent, for the languages' own ways to spell it. */
final readonly class Decimal
{
    /** @param int $exponent of the first digit: 12.5 has the digits 125 and the exponent 1 */
    private function __construct(public string $sign, public string $digits, public int $exponent)
    {
    }

    /** The shortest digits that read back as the same number. */
    public static function shortest(float $value): self
    {
        return self::parse(json_encode(abs($value), \JSON_THROW_ON_ERROR), self::sign($value));
    }

    /** Rounded to a number of significant digits. */
    public static function rounded(float $value, int $digits): self
    {
        return self::parse(\sprintf('%.'.($digits - 1).'e', abs($value)), self::sign($value));
    }

    /** With a fixed number of digits behind the point; a float has an exact decimal, which is what is rounded. */
    public static function fixed(float $value, int $digits): string
    {
        return is_finite($value) ? self::signOf($value).\sprintf("%.{$digits}F", $value) : (string) $value;
    }

    /** One digit before the point and a fixed number behind it: C17, 7.21.6.1, `e`. */
    public static function exponential(float $value, int $digits): string
    {
        return self::signOf($value).preg_replace('/e([+-])(\d)$/D', 'e${1}0$2', \sprintf("%.{$digits}e", $value));
    }

    /** PHP leaves away the sign of a nought. */
    private static function signOf(float $value): string
    {
        return 0.0 === abs($value) && fdiv(1.0, $value) < 0 ? '-' : '';
    }

    /**
     * With so many significant digits, and an exponent where it is shorter: C17, 7.21.6.1, `g`.
     *
     * @param bool $isFloat whether it shows that it has a point, as Python does where no type is named
     */
    public static function general(float $value, int $digits, bool $isFloat = false): string
    {
        $digits = max(1, $digits);
        $decimal = self::rounded($value, $digits);
        if ($decimal->exponent < -4 || $decimal->exponent >= $digits) {
            return $decimal->scientific(2);
        }
        $plain = $decimal->plain();

        // The Python Standard Library, Format Specification Mini-Language: at least one digit behind the point.
        return !$isFloat || str_contains($plain, '.') ? $plain : ($decimal->exponent === $digits - 1 ? $decimal->scientific(2) : $plain.'.0');
    }

    private static function sign(float $value): string
    {
        return $value < 0 || (0.0 === $value && -\INF === fdiv(1, $value)) ? '-' : '';
    }

    private static function parse(string $text, string $sign): self
    {
        [$mantissa, $power] = [...explode('e', strtolower($text)), '0'];
        [$whole, $fraction] = [...explode('.', $mantissa), ''];
        $digits = ltrim($whole.$fraction, '0');
        if ('' === $digits) {
            return new self($sign, '0', 0);
        }
        $leading = \strlen($whole.$fraction) - \strlen($digits);

        return new self($sign, rtrim($digits, '0'), (int) $power + \strlen($whole) - 1 - $leading);
    }

    /** `12.5`, with zeros where they are needed and no point where nothing stands behind it. */
    public function plain(): string
    {
        $length = \strlen($this->digits);
        if ($this->exponent < 0) {
            return $this->sign.'0.'.str_repeat('0', -$this->exponent - 1).$this->digits;
        }
        if ($length <= $this->exponent + 1) {
            return $this->sign.$this->digits.str_repeat('0', $this->exponent + 1 - $length);
        }

        return $this->sign.substr($this->digits, 0, $this->exponent + 1).'.'.substr($this->digits, $this->exponent + 1);
    }

    /** `1.25e+21`, the exponent with at least so many digits. */
    public function scientific(int $exponentDigits): string
    {
        $fraction = substr($this->digits, 1);

        return $this->sign.$this->digits[0].('' === $fraction ? '' : '.'.$fraction)
            .'e'.($this->exponent < 0 ? '-' : '+').str_pad((string) abs($this->exponent), $exponentDigits, '0', \STR_PAD_LEFT);
    }
}
