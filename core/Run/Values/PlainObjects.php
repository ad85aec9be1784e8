<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** Objects of Python are no lists and no maps unless their class says so (The Python Language Reference, 3.3.7). */
trait PlainObjects
{
    public function item(mixed $container, mixed $index): mixed
    {
        $this->asksClass($container, ['@item'], 'not_a_list', "'%s' object is not subscriptable");

        return parent::item($container, $index);
    }

    public function put(mixed $container, mixed $index, mixed $value): void
    {
        $this->asksClass($container, ['@put_item'], 'not_a_list', "'%s' object does not support item assignment");
        parent::put($container, $index, $value);
    }

    public function popAt(mixed $list, mixed $index): mixed
    {
        $this->asksClass($list, [], 'not_a_list', "'%s' object doesn't support item deletion");

        return parent::popAt($list, $index);
    }

    public function length(mixed $value): int|float
    {
        $this->asksClass($value, ['@length'], 'no_length', "object of type '%s' has no len()");

        return parent::length($value);
    }

    public function contains(mixed $in, mixed $what): bool
    {
        $this->asksClass($in, ['@contains', '@iter', '@item'], 'not_a_list', "argument of type '%s' is not iterable");

        return parent::contains($in, $what);
    }

    public function over(mixed $value): array
    {
        $this->asksClass($value, ['@iter', '@item'], 'not_a_list', "'%s' object is not iterable");

        return parent::over($value);
    }

    /** @param list<string> $methods one of which its class needs */
    private function asksClass(mixed $value, array $methods, string $kind, string $says): void
    {
        if ($value instanceof MapValue && '' !== $value->class && [] === array_filter($methods, fn (string $method): bool => $this->can($value, $method))) {
            throw new RunError($kind, [], \sprintf($says, $value->class));
        }
    }
}
