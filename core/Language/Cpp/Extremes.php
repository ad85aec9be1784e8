<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\OperationKey;

/**
 * The smallest or the largest of several values, which have to be of one type (C++17, 28.7.8); a whole number is not made a
 * number with a point in braces (11.6.4, narrowing).
 */
final class Extremes
{
    /**
     * @param list<string> $types  of the values
     * @param list<string> $values as they are written
     */
    public static function of(OperationKey $key, array $types, array $values, string $type): string
    {
        $name = OperationKey::Smaller === $key ? 'min' : 'max';
        if (1 === \count(array_unique($types))) {
            $listed = implode(', ', $values);

            return 2 === \count($values) ? "$name($listed)" : "$name({{$listed}})";
        }

        return array_reduce(\array_slice($values, 1), static fn (string $before, string $value): string => "$name<$type>($before, $value)", $values[0] ?? '');
    }
}
