<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

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
        $name = $language->notation()->methods[$method] ?? null;

        return $class.'.'.(null === $name ? substr($method, 1) : str_replace('{class}', $class, $name));
    }
}
