<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** How a stream shows what is put on it, until it is told otherwise (C++17, 30.5.3 and 30.7.5). */
final class FormState
{
    private const BASES = ['dec' => 'd', 'hex' => 'x', 'oct' => 'o'];

    private ?string $kind = null;
    private int $precision = 6;
    private string $fill = ' ';
    private string $side = 'right';
    private bool $based = false;
    private bool $words = false;
    private string $base = 'd';
    private bool $upper = false;
    private bool $signed = false;
    private bool $pointed = false;
    /** What the next value is filled up to, where it is told before that value is known. */
    private int $width = 0;

    public function told(string $word, int|string|null $argument): void
    {
        match ($word) {
            'fixed', 'scientific' => $this->kind = 'fixed' === $word ? 'f' : 'e',
            'defaultfloat' => $this->kind = null,
            'setprecision' => $this->precision = max(0, (int) $argument),
            'setw' => $this->width = (int) $argument,
            'setfill' => $this->fill = (string) $argument,
            'left', 'right', 'internal' => $this->side = $word,
            'showbase', 'noshowbase' => $this->based = 'showbase' === $word,
            'boolalpha', 'noboolalpha' => $this->words = 'boolalpha' === $word,
            'uppercase', 'nouppercase' => $this->upper = 'uppercase' === $word,
            'showpoint', 'noshowpoint' => $this->pointed = 'showpoint' === $word,
            'showpos', 'noshowpos' => $this->signed = 'showpos' === $word,
            default => $this->base = self::BASES[$word] ?? 'd',
        };
    }

    /**
     * A value as it is shown.
     *
     * @param \Closure(mixed, string): string $formatted
     * @param \Closure(mixed): string         $plain
     */
    public function shown(mixed $value, int $width, \Closure $formatted, \Closure $plain): string
    {
        $text = match (true) {
            \is_bool($value) && ($this->words || 'd' === $this->base) => $this->words ? ($value ? 'true' : 'false') : ($value ? '1' : '0'),
            \is_bool($value), \is_int($value) && 'd' !== $this->base => $this->inBase($value < 0 && $value >= -2147483648 ? $value & 0xFFFFFFFF : (int) $value),
            \is_float($value) && null === $this->kind && $this->pointed => self::filledUp($formatted($value, ".{$this->precision}g"), $this->precision),
            \is_float($value) && (null !== $this->kind || 6 !== $this->precision) => $formatted($value, '.'.$this->precision.($this->kind ?? 'g')),
            default => $plain($value),
        };
        if (\is_float($value) && $this->pointed && null !== $this->kind && !str_contains($text, '.')) {
            $text = (string) preg_replace('/^-?\d+/', '$0.', $text);
        }
        if ($this->upper && (\is_int($value) || \is_float($value) || \is_bool($value) && !$this->words)) {
            $text = strtoupper($text);
        }
        $isCounted = 'd' === $this->base && (\is_int($value) || \is_bool($value) && !$this->words) || \is_float($value);
        if ($this->signed && $isCounted && !str_starts_with($text, '-')) {
            $text = "+$text";
        }
        $missing = max($width, $this->width) - mb_strlen($text);
        $this->width = 0;
        $filled = $missing > 0 ? str_repeat($this->fill, $missing) : '';

        $before = 'internal' === $this->side && !\is_string($value) && 1 === preg_match('/^(?:[-+]|0[xX])/', $text, $match) ? $match[0] : '';

        return 'left' === $this->side ? $text.$filled : $before.$filled.substr($text, \strlen($before));
    }

    /** Without a sign, as its bits say (C++17, 25.4.2.2.2: `%x` and `%o` of C). */
    private function inBase(int $value): string
    {
        $text = 'x' === $this->base ? dechex($value) : decoct($value);

        return $this->based && 0 !== $value ? ('x' === $this->base ? '0x' : '0').$text : $text;
    }

    /** With its point, and as many digits as asked for (C++17, 30.5.3.1: showpoint). */
    private static function filledUp(string $number, int $precision): string
    {
        $exponent = (string) strstr($number, 'e');
        $digits = '' === $exponent ? $number : (string) strstr($number, 'e', true);
        $digits .= str_contains($digits, '.') ? '' : '.';
        $given = \strlen(ltrim(str_replace(['-', '.'], '', $digits), '0'));

        return $digits.str_repeat('0', max(0, $precision - max(1, $given))).$exponent;
    }
}
