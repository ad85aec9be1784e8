<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** JavaScript's numbers: all are floats, nothing is an error. */
final class JavaScriptValues extends Values
{
    public function add(mixed $a, mixed $b): string|float
    {
        if (\is_string($a) || \is_string($b) || $a instanceof ListValue || $b instanceof ListValue) {
            return $this->bounded($this->text($a).$this->text($b));
        }

        return (float) self::number($a) + (float) self::number($b);
    }

    public function subtract(mixed $a, mixed $b): float
    {
        return (float) self::number($a) - (float) self::number($b);
    }

    public function multiply(mixed $a, mixed $b): float
    {
        return (float) self::number($a) * (float) self::number($b);
    }

    public function divide(mixed $a, mixed $b): float
    {
        return fdiv((float) self::number($a), (float) self::number($b));
    }

    public function floorDivide(mixed $a, mixed $b): float
    {
        $a = (float) self::number($a);
        $b = (float) self::number($b);

        return 0.0 === abs($b) || !is_finite($a) || !is_finite($b) ? floor(fdiv($a, $b)) : Floored::divide($a, $b);
    }

    public function floorRemainder(mixed $a, mixed $b): float
    {
        $a = (float) self::number($a);
        $b = (float) self::number($b);

        return 0.0 === abs($b) || !is_finite($a) || !is_finite($b) ? \NAN : Floored::remainder($a, $b);
    }

    public function power(mixed $a, mixed $b): float
    {
        $a = (float) self::number($a);
        $b = (float) self::number($b);

        // ECMAScript 2022, 6.1.6.1.3: 1 to the power of something without a size is not a number.
        return 1.0 === abs($a) && !is_finite($b) ? \NAN : $a ** $b;
    }

    public function negate(mixed $a): float
    {
        return -(float) self::number($a);
    }

    public function show(mixed $value): string
    {
        if ($value instanceof ListValue) {
            return [] === $value->items ? '[]' : '[ '.implode(', ', array_map($this->display(...), $value->items)).' ]';
        }
        if ($value instanceof MapValue) {
            return [] === $value->entries ? '{}' : '{ '.implode(', ', array_map(fn (array $entry): string => $this->key($entry[0]).': '.$this->display($entry[1]), $value->entries)).' }';
        }

        // console.log names the sign of a negative zero, a template literal does not.
        return \is_float($value) && 0.0 === abs($value) && '-' === Decimal::shortest($value)->sign ? '-0' : $this->text($value);
    }

    /** Number::toString: ECMAScript 2022, 6.1.6.1.20. */
    public function text(mixed $value): string
    {
        if (\is_bool($value)) {
            return $value ? 'true' : 'false';
        }
        if (!\is_float($value)) {
            if ($value instanceof ListValue) {
                return implode(',', array_map($this->part(...), $value->items));
            }
            if ($value instanceof MapValue) {
                return '[object Object]';
            }

            return null === $value ? 'undefined' : (\is_scalar($value) ? (string) $value : '');
        }
        if (is_nan($value)) {
            return 'NaN';
        }
        if (is_infinite($value)) {
            return $value > 0 ? 'Infinity' : '-Infinity';
        }
        if (0.0 === abs($value)) {
            return '0';
        }
        $decimal = Decimal::shortest($value);

        return $decimal->exponent < -6 || $decimal->exponent >= 21 ? $decimal->scientific(1) : $decimal->plain();
    }

    private function key(mixed $key): string
    {
        $text = $this->text($key);

        return 1 === preg_match('/^(?:[A-Za-z_$][\w$]*|\d+)$/D', $text) ? $text : $this->quoted($text);
    }

    protected function quoted(string $text): string
    {
        $quote = !str_contains($text, "'") ? "'" : (!str_contains($text, '"') ? '"' : (!str_contains($text, '`') ? '`' : "'"));

        return $quote.strtr($text, ['\\' => '\\\\', "\n" => '\\n', "\t" => '\\t', ...("'" === $quote ? ["'" => "\\'"] : [])]).$quote;
    }

    protected function part(mixed $item): string
    {
        return null === $item ? '' : $this->text($item);
    }

    protected function count_(int $count): float
    {
        return (float) $count;
    }

    protected function wholePattern(): string
    {
        return '/^[+-]?\d{1,18}/';
    }

    protected function noNumber(string $text): float
    {
        return '' === trim($text) ? 0.0 : \NAN;
    }

    protected function noRoot(): float
    {
        return \NAN;
    }

    protected function noItem(mixed $index, int $size): null
    {
        return null;
    }

    protected function noKey(MapValue $map, mixed $key): null
    {
        return null;
    }

    protected function putBeyond(ListValue $list, int $index, mixed $value): void
    {
        if ($index < 0 || $index > self::MOST_ITEMS) {
            throw new RunError('no_item', ['index' => $index, 'size' => \count($list->items)]);
        }
        $list->items = [...array_pad($list->items, $index, null), $value];
    }

    protected function listTruth(ListValue $list): bool
    {
        return true;
    }

    protected function sameThing(mixed $a, mixed $b): bool
    {
        return $a === $b;
    }
}
