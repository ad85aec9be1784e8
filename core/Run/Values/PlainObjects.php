<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Run\RunError;

/**
 * What Python says where a value is none of those that something is done with (CPython 3.11, Objects/abstract.c and the
 * types beside it). Objects are no lists and no maps unless their class says so (The Python Language Reference, 3.3.7).
 */
trait PlainObjects
{
    public function item(mixed $container, mixed $index): mixed
    {
        $this->asksClass($container, ['@item'], 'not_a_list', "'%s' object is not subscriptable");
        try {
            return parent::item($container, $index);
        } catch (RunError $why) {
            $isPlace = \is_int($index) || \is_bool($index) || $index instanceof BigInteger;
            throw self::telling($why, match (true) {
                $container instanceof MapValue && 'set' !== $container->sort => '',
                \is_string($container) => $isPlace ? '' : "string indices must be integers, not '".self::className($index)."'",
                $container instanceof ListValue => $isPlace ? '' : ($container->fixed ? 'tuple' : 'list').' indices must be integers or slices, not '.self::className($index),
                default => "'".self::className($container)."' object is not subscriptable",
            });
        }
    }

    public function put(mixed $container, mixed $index, mixed $value): void
    {
        $this->asksClass($container, ['@put_item'], 'not_a_list', "'%s' object does not support item assignment");
        if ($container instanceof MapValue && 'set' === $container->sort && '' === $container->class) {
            throw new RunError('not_a_list', [], "'set' object does not support item assignment");
        }
        try {
            parent::put($container, $index, $value);
        } catch (RunError $why) {
            $isPlace = \is_int($index) || \is_bool($index) || $index instanceof BigInteger;
            throw self::telling($why, match (true) {
                $container instanceof MapValue => '',
                $container instanceof ListValue && !$container->fixed => $isPlace ? '' : 'list indices must be integers or slices, not '.self::className($index),
                default => "'".self::className($container)."' object does not support item assignment",
            });
        }
    }

    public function popAt(mixed $list, mixed $index): mixed
    {
        $this->mayLose($list);

        return parent::popAt($list, $index);
    }

    public function dropFirst(mixed $list): void
    {
        $this->mayLose($list);
        parent::dropFirst($list);
    }

    public function dropLast(mixed $list): void
    {
        $this->mayLose($list);
        parent::dropLast($list);
    }

    public function dropRange(mixed $list, mixed $from, mixed $count): void
    {
        $this->mayLose($list);
        parent::dropRange($list, $from, $count);
    }

    /** @throws RunError where nothing can be taken out of a value */
    private function mayLose(mixed $list): void
    {
        if (!$list instanceof MapValue && (!$list instanceof ListValue || $list->fixed) || $list instanceof MapValue && '' !== $list->class && !$this->can($list, '@forget')) {
            throw new RunError($list instanceof ListValue ? 'fixed_list' : (\is_string($list) ? 'fixed_text' : 'not_a_list'), [], "'".self::className($list)."' object doesn't support item deletion");
        }
    }

    public function length(mixed $value): int|float
    {
        $this->asksClass($value, ['@length'], 'no_length', "object of type '%s' has no len()");
        try {
            return parent::length($value);
        } catch (RunError $why) {
            throw self::telling($why, "object of type '".self::className($value)."' has no len()");
        }
    }

    public function contains(mixed $in, mixed $what): bool
    {
        $this->asksClass($in, ['@contains', '@iter', '@item'], 'not_a_list', "argument of type '%s' is not iterable");
        try {
            return parent::contains($in, $what);
        } catch (RunError $why) {
            throw self::telling($why, match (true) {
                \is_string($in) => "'in <string>' requires string as left operand, not ".self::className($what),
                self::isGoneOver($in) => '',
                default => "argument of type '".self::className($in)."' is not iterable",
            });
        }
    }

    public function over(mixed $value): array
    {
        $this->asksClass($value, ['@iter', '@item'], 'not_a_list', "'%s' object is not iterable");
        try {
            return parent::over($value);
        } catch (RunError $why) {
            throw self::isGoneOver($value) ? $why : self::telling($why, "'".self::className($value)."' object is not iterable");
        }
    }

    public function apart(mixed $value, int $wanted): array
    {
        try {
            return parent::apart($value, $wanted);
        } catch (RunError $why) {
            throw 'not_that_many' === $why->kind || self::isGoneOver($value) ? $why : new RunError($why->kind, $why->parameters, 'cannot unpack non-iterable '.self::className($value).' object');
        }
    }

    public function code(mixed $letter): int|float
    {
        try {
            return parent::code($letter);
        } catch (RunError $why) {
            throw self::telling($why, 'ord() expected '.(\is_string($letter) ? 'a character, but string of length '.mb_strlen($letter).' found' : 'string of length 1, but '.self::className($letter).' found'));
        }
    }

    public function letter(mixed $code): string
    {
        if ((\is_int($code) || $code instanceof BigInteger) && (!\is_int($code) || $code < 0 || $code > 0x10FFFF)) {
            throw new RunError('no_number', ['value' => mb_substr($this->show($code), 0, 30)], 'chr() arg not in range(0x110000)');
        }

        return parent::letter(static::integer($code));
    }

    public function smaller(mixed ...$values): mixed
    {
        return [] === $values ? throw new RunError('nothing_to_compare', [], 'min() arg is an empty sequence') : parent::smaller(...$values);
    }

    public function larger(mixed ...$values): mixed
    {
        return [] === $values ? throw new RunError('nothing_to_compare', [], 'max() arg is an empty sequence') : parent::larger(...$values);
    }

    /** Signs such as a raised two count as digits (The Python Standard Library, "str.isdigit"). */
    public function isDigits(mixed $text): bool
    {
        return 1 === preg_match('/^[\p{Nd}²³¹⁰⁴-⁹₀-₉①-⑨]+$/uD', self::text_($text));
    }

    public function joined(mixed $list, mixed $separator): string
    {
        foreach ($items = $this->over($list) as $place => $item) {
            if (!\is_string($item)) {
                throw new RunError('not_a_text', [], "sequence item $place: expected str instance, ".self::className($item).' found');
            }
        }

        return parent::joined(new ListValue($items), $separator);
    }

    public function sort(mixed $list): void
    {
        try {
            parent::sort($list);
        } catch (RunError $why) {
            // It is the later one that is asked whether it is less.
            $says = preg_replace("/^('<' not supported between instances of )('.*') and ('.*')$/D", '$1$3 and $2', (string) $why->says);
            throw null === $why->says || null === $says || $says === $why->says ? $why : new RunError($why->kind, $why->parameters, $says, $why->raised);
        }
    }

    public function mapOf(mixed $pairs): MapValue
    {
        foreach ($pairs instanceof ListValue ? $pairs->items : [] as $place => $pair) {
            if (!self::isGoneOver($pair)) {
                throw new RunError('not_a_list', [], "cannot convert dictionary update sequence element #$place to a sequence");
            }
        }

        return parent::mapOf($pairs);
    }

    private static function isGoneOver(mixed $value): bool
    {
        return \is_string($value) || $value instanceof ListValue || $value instanceof MapValue || $value instanceof FileValue;
    }

    /** The same failure with what the real machine says of it, where that is not known yet. */
    private static function telling(RunError $why, string $says): RunError
    {
        return null !== $why->says || null !== $why->raised || '' === $says ? $why : new RunError($why->kind, $why->parameters, $says);
    }

    /** @param list<string> $methods one of which its class needs */
    private function asksClass(mixed $value, array $methods, string $kind, string $says): void
    {
        if ($value instanceof MapValue && '' !== $value->class && [] === array_filter($methods, fn (string $method): bool => $this->can($value, $method))) {
            throw new RunError($kind, [], \sprintf($says, $value->class));
        }
    }
}
