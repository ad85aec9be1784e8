<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\ClassDefinition;

/** What C++ calls the methods that signs and streams ask for (C++17, 16.5). */
final class MethodNames
{
    public static function of(string $name): ?string
    {
        return [
            ClassDefinition::SHOWS => 'text', ClassDefinition::FORM => 'form', '@length' => 'count',
            '@equal' => 'operator==', '@add' => 'operator+', '@subtract' => 'operator-', '@multiply' => 'operator*', '@less' => 'operator<',
            '@divide' => 'operator/', '@floor_remainder' => 'operator%', '@less_or_equal' => 'operator<=', '@greater' => 'operator>', '@greater_or_equal' => 'operator>=', '@negate' => 'operator-', '@item' => 'operator[]', '@called' => 'operator()',
        ][$name] ?? null;
    }
}
