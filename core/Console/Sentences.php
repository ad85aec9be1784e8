<?php

declare(strict_types=1);

namespace Scrivlet\Core\Console;

use Scrivlet\Core\Words\Words;

/** The sentences of refusals, mistakes and run-time errors. */
final class Sentences
{
    /** @param array<string, string|int> $parameters `path` is put behind where the sentence has no place for it */
    public static function of(string $key, array $parameters = [], string $locale = Words::FALLBACK): string
    {
        $words = Words::in($locale);
        $sentence = $words->say($key, $parameters);

        return isset($parameters['path']) && !str_contains($words->raw($key), '{path}') ? $sentence.' ('.$parameters['path'].')' : $sentence;
    }
}
