<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Run\RunError;

/** What can be done with texts. */
trait TextOperations
{
    public static function text_(mixed $value): string
    {
        if (!\is_string($value)) {
            throw new RunError('not_a_text');
        }
        Room::spend(1 + (\strlen($value) >> 6));

        return $value;
    }

    public function upper(mixed $text): string
    {
        return mb_strtoupper(self::text_($text));
    }

    public function lower(mixed $text): string
    {
        return mb_strtolower(self::text_($text));
    }

    public function upperLetter(mixed $text): string
    {
        return $this->upper($text);
    }

    public function lowerLetter(mixed $text): string
    {
        return $this->lower($text);
    }

    public function title(mixed $text): string
    {
        return mb_convert_case(self::text_($text), \MB_CASE_TITLE);
    }

    public function capitalized(mixed $text): string
    {
        $text = self::text_($text);

        return mb_strtoupper(mb_substr($text, 0, 1)).mb_strtolower(mb_substr($text, 1));
    }

    public function trimmed(mixed $text): string
    {
        return trim(self::text_($text), " \t\n\r\v\f");
    }

    public function trimmedLeft(mixed $text): string
    {
        return ltrim(self::text_($text), " \t\n\r\v\f");
    }

    public function trimmedRight(mixed $text): string
    {
        return rtrim(self::text_($text), " \t\n\r\v\f");
    }

    /** Zeros stand behind a sign. */
    public function zeroFilled(mixed $text, mixed $length): string
    {
        $text = self::text_($text);
        $sign = 1 === preg_match('/^[+-]/', $text) ? $text[0] : '';

        return $sign.str_repeat('0', max(0, $this->missing_($text, $length))).substr($text, \strlen($sign));
    }

    /** Of an odd number of spaces more stand on the left where the whole length is odd, too, as CPython puts them. */
    public function centred(mixed $text, mixed $length): string
    {
        $missing = max(0, $this->missing_($text, $length));
        $left = intdiv($missing, 2) + ($missing & self::whole($length) & 1);

        return str_repeat(' ', $left).self::text_($text).str_repeat(' ', $missing - $left);
    }

    public function words(mixed $text): ListValue
    {
        return new ListValue(preg_split('/\s+/', self::text_($text), -1, \PREG_SPLIT_NO_EMPTY) ?: []);
    }

    public function split(mixed $text, mixed $separator): ListValue
    {
        $separator = self::text_($separator);

        return '' === $separator ? $this->letters($text) : new ListValue(explode($separator, self::text_($text)));
    }

    public function letters(mixed $text): ListValue
    {
        return new ListValue(mb_str_split(self::text_($text)));
    }

    public function joined(mixed $list, mixed $separator): string
    {
        $parts = [];
        foreach ($this->over($list) as $item) {
            $parts[] = $this->part($item);
        }

        return $this->bounded(implode(self::text_($separator), $parts));
    }

    /** A list's item as a part of a joined text. */
    protected function part(mixed $item): string
    {
        return self::text_($item);
    }

    public function textFrom(mixed $text, mixed $from): string
    {
        $part = $this->slice(self::text_($text), $from, null);

        return \is_string($part) ? $part : '';
    }

    public function textPart(mixed $text, mixed $from, mixed $count): string
    {
        $part = $this->slice(self::text_($text), $from, self::whole($from) + self::whole($count));

        return \is_string($part) ? $part : '';
    }

    /** Between two places in either order, those before the start being the start (ECMAScript 2022, 22.1.3.24). */
    public function substring(mixed $text, mixed $from, mixed $to): string
    {
        $size = mb_strlen(self::text_($text));
        [$from, $to] = [max(0, min($size, self::whole($from))), max(0, min($size, self::whole($to)))];
        $part = $this->slice(self::text_($text), min($from, $to), max($from, $to));

        return \is_string($part) ? $part : '';
    }

    public function withLetter(mixed $text, mixed $index, mixed $letter): string
    {
        $letters = mb_str_split(self::text_($text));
        $at = $this->place($index, \count($letters)) ?? throw new RunError('no_item', ['index' => self::whole($index), 'size' => \count($letters)]);
        $letters[$at] = $this->letter($letter);

        return implode('', $letters);
    }

    public function replaced(mixed $text, mixed $old, mixed $new): string
    {
        $old = self::text_($old);
        if ('' === $old) {
            $new = self::text_($new);

            return $this->bounded($new.implode($new, mb_str_split(self::text_($text))).$new);
        }

        return $this->bounded(str_replace($old, self::text_($new), self::text_($text)));
    }

    public function replacedFirst(mixed $text, mixed $old, mixed $new): string
    {
        $text = self::text_($text);
        $at = strpos($text, self::text_($old));

        return false === $at ? $text : substr_replace($text, self::text_($new), $at, \strlen(self::text_($old)));
    }

    public function starts(mixed $text, mixed $part): bool
    {
        return str_starts_with(self::text_($text), self::text_($part));
    }

    public function ends(mixed $text, mixed $part): bool
    {
        return str_ends_with(self::text_($text), self::text_($part));
    }

    public function isDigits(mixed $text): bool
    {
        return 1 === preg_match('/^\d+$/D', self::text_($text));
    }

    public function isLetters(mixed $text): bool
    {
        return 1 === preg_match('/^\p{L}+$/uD', self::text_($text));
    }

    public function isUpper(mixed $text): bool
    {
        $text = self::text_($text);

        return 1 === preg_match('/\p{Lu}/u', $text) && 1 !== preg_match('/\p{Ll}/u', $text);
    }

    public function isLower(mixed $text): bool
    {
        $text = self::text_($text);

        return 1 === preg_match('/\p{Ll}/u', $text) && 1 !== preg_match('/\p{Lu}/u', $text);
    }

    public function isSpace(mixed $text): bool
    {
        return 1 === preg_match('/^\s+$/D', self::text_($text));
    }

    public function isPlain(mixed $text): bool
    {
        return 1 === preg_match('/^[\p{L}\p{Nd}]+$/uD', self::text_($text));
    }

    public function lettersBetween(mixed $from, mixed $to): ListValue
    {
        [$from, $to] = [(int) mb_ord(self::text_($from)), (int) mb_ord(self::text_($to))];

        return new ListValue($from > $to ? [] : array_map(static fn (int $code): string => (string) mb_chr($code), range($from, min($to, $from + self::MOST_ITEMS))));
    }

    public function paddedLeft(mixed $text, mixed $length, mixed $with): string
    {
        return str_repeat(self::text_($with), max(0, $this->missing_($text, $length))).self::text_($text);
    }

    public function paddedRight(mixed $text, mixed $length, mixed $with): string
    {
        return self::text_($text).str_repeat(self::text_($with), max(0, $this->missing_($text, $length)));
    }

    private function missing_(mixed $text, mixed $length): int
    {
        return min(self::LONGEST, self::whole($length)) - mb_strlen(self::text_($text));
    }

    public function code(mixed $letter): int|float
    {
        $text = self::text_($letter);

        return '' === $text || $this->wantsOneLetter() && 1 !== mb_strlen($text) ? $this->noLetter() : $this->count_((int) mb_ord($text));
    }

    /** Whether the code of a longer text is a mistake. */
    protected function wantsOneLetter(): bool
    {
        return false;
    }

    /** The code of the first letter where there is none. */
    protected function noLetter(): int|float
    {
        return $this->count_(0);
    }

    public function letter(mixed $code): string
    {
        return \is_string($code) ? $code : (string) mb_chr(max(0, min(0x10FFFF, self::whole($code))));
    }

    /** Python's and `printf`'s forms for numbers and texts: fill, align, sign, width, comma, precision, type. */
    public function formatted(mixed $value, mixed $form): string
    {
        if (1 !== preg_match('/^(?:(.)?([<>^]))?([+ -])?(0)?(\d+)?(,)?(?:\.(\d+))?([dfgsxbe%])?$/uD', self::text_($form), $match, \PREG_UNMATCHED_AS_NULL)) {
            throw new RunError('no_form', ['form' => mb_substr(self::text_($form), 0, 20)]);
        }
        [, $fill, $align, $sign, $zero, $width, $comma, $precision, $type] = [...$match, null, null, null, null, null, null, null, null];
        $isNumber = \is_int($value) || \is_float($value) || $value instanceof BigInteger;
        if (!$isNumber && null !== $type && 's' !== $type && !\is_bool($value)) {
            throw new RunError('not_a_number', ['value' => mb_substr($this->text($value), 0, 30)]);
        }
        if (\is_float($value) && !is_finite($value) || $value instanceof BigInteger && null === $precision && 'f' !== $type) {
            $type = $precision = null;
        }
        $text = match (true) {
            !$isNumber => null === $precision ? $this->text($value) : mb_substr($this->text($value), 0, (int) $precision),
            'x' === $type => dechex(self::whole($value)),
            'b' === $type => decbin(self::whole($value)),
            '%' === $type => Decimal::fixed(self::number($value) * 100.0, null === $precision ? 6 : min(50, (int) $precision)).'%',
            'f' === $type => Decimal::fixed(self::number($value), null === $precision ? 6 : min(50, (int) $precision)),
            'e' === $type => Decimal::exponential((float) self::number($value), null === $precision ? 6 : min(50, (int) $precision)),
            'g' === $type => Decimal::general((float) self::number($value), null === $precision ? 6 : min(50, (int) $precision)),
            null === $type && null !== $precision && \is_float($value) => Decimal::general($value, min(50, (int) $precision), true),
            default => $this->text($value),
        };
        if (null !== $comma) {
            $text = (string) preg_replace('/(?<=\d)(?=(\d{3})+(?!\d))(?<!\.\d)(?<!\.\d\d)(?<!\.\d{3})/', ',', $text);
        }
        if ($isNumber && !str_starts_with($text, '-') && ('+' === $sign || ' ' === $sign)) {
            $text = $sign.$text;
        }
        $missing = min(1000, (int) $width) - mb_strlen($text);
        if ($missing <= 0) {
            return $text;
        }
        if (null !== $zero && null === $align) {
            $signs = 1 === preg_match('/^[+ -]/', $text) ? 1 : 0;

            return substr($text, 0, $signs).str_repeat('0', $missing).substr($text, $signs);
        }
        $fill ??= ' ';
        $left = match ($align ?? ($isNumber ? '>' : '<')) {
            '<' => 0,
            '^' => intdiv($missing, 2),
            default => $missing,
        };

        return str_repeat($fill, $left).$text.str_repeat($fill, $missing - $left);
    }

    public function fixed(mixed $value, mixed $digits): string
    {
        return Decimal::fixed((float) self::number($value), max(0, min(50, self::whole($digits))));
    }
}
