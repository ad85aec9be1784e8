<?php

declare(strict_types=1);

namespace Scrivlet\Core\Console;

/** The sentences of refusals and run-time errors, by locale; the web application translates with the same files. */
final class Sentences
{
    /** @var array<string, array<string, string>> */
    private static array $sentences = [];

    /** @return array<string, string> by key, with `{name}` where a parameter goes */
    public static function all(string $locale): array
    {
        if (!isset(self::$sentences[$locale])) {
            /** @var array<string, string> $sentences */
            $sentences = require __DIR__."/sentences/$locale.php";
            self::$sentences[$locale] = $sentences;
        }

        return self::$sentences[$locale];
    }

    /** @param array<string, string|int> $parameters */
    public static function of(string $key, array $parameters = [], string $locale = 'en'): string
    {
        $filled = [];
        foreach ($parameters as $name => $value) {
            $filled['{'.$name.'}'] = (string) $value;
        }
        $sentence = strtr(self::all($locale)[$key] ?? $key, $filled);

        return isset($parameters['path']) && !str_contains(self::all($locale)[$key] ?? '', '{path}') ? $sentence.' ('.$parameters['path'].')' : $sentence;
    }
}
