<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Python\PythonNames;
use Scrivlet\Core\Tree\ClassDefinition;

/** What a person who looks on is told of a function: a method that a language calls itself has its name there. */
final class MethodNames
{
    public static function shown(Language $language, string $function): string
    {
        $class = strstr($function, '.', true);
        $method = false === $class ? '' : substr($function, \strlen($class) + 1);
        if (!str_starts_with($method, '@')) {
            return $function;
        }
        $name = match ($language) {
            Language::Python => array_search($method, PythonNames::METHODS, true),
            Language::JavaScript => [ClassDefinition::MAKES => 'constructor', ClassDefinition::SHOWS => 'toString'][$method] ?? null,
            Language::Cpp => ClassDefinition::MAKES === $method ? $class : null,
        };

        return $class.'.'.(\is_string($name) ? $name : substr($method, 1));
    }
}
