<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

/**
 * One place of a template that is filled the old way, `%5.2f`: C11, 7.21.6.1; The Python Standard Library, printf-style
 * String Formatting.
 */
final readonly class Conversion
{
    private const PATTERN = '%[-0+ #]*\d*(?:\.\d+)?(?:hh|h|ll|l|z|j|t|L)?[a-zA-Z%]';

    private function __construct(private string $flags, private string $width, private ?string $digits, public string $kind)
    {
    }

    /** @return list<string> the pieces of a template, conversions apart from what stands as it is */
    public static function pieces(string $template): array
    {
        return preg_split('/('.self::PATTERN.')/', $template, -1, \PREG_SPLIT_DELIM_CAPTURE | \PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** Nothing of what shows no value, or shows it in a way that is not known here. */
    public static function of(string $piece): ?self
    {
        if (1 !== preg_match('/^%([-0+ ]*)(\d*)(?:\.(\d+))?(?:hh|h|ll|l|z|j|t|L)?([diufegxXosc])$/D', $piece, $match, \PREG_UNMATCHED_AS_NULL)) {
            return null;
        }
        $conversion = new self($match[1], $match[2], $match[3], $match[4]);

        return $conversion->isWhole() && null !== $conversion->digits ? null : $conversion;
    }

    public function isWhole(): bool
    {
        return \in_array($this->kind, ['d', 'i', 'u', 'x', 'X', 'o'], true);
    }

    /** @return string in the form language of `formatted`; empty where the value shows as it is */
    public function form(): string
    {
        $isText = 's' === $this->kind || 'c' === $this->kind;
        $isLeft = str_contains($this->flags, '-');
        $digits = null !== $this->digits ? ".$this->digits" : (\in_array($this->kind, ['f', 'e', 'g'], true) ? '.6' : '');

        return ($isLeft ? '<' : ($isText && '' !== $this->width ? '>' : '')).(str_contains($this->flags, '+') ? '+' : (str_contains($this->flags, ' ') && !$isText ? ' ' : '')).(str_contains($this->flags, '0') && !$isLeft && !$isText ? '0' : '')
            .$this->width.$digits.($isText || \in_array($this->kind, ['d', 'i', 'u'], true) ? '' : $this->kind);
    }
}
