<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\Vocabulary;

/** The names that a language and our library bring along; those that a program makes up come to them. */
final class KnownWords
{
    /** @return list<string> each once */
    public static function of(Language $language): array
    {
        $library = Library::of($language);
        $words = array_fill_keys([...array_keys($library->functions), ...array_keys($library->things), ...Usual::TYPES, ...Usual::STATEMENTS[$language->value], ...Usual::IN_VALUES[$language->value]], true);
        foreach ([...array_values($library->things), ...array_values($library->methods)] as $members) {
            $words += array_fill_keys(array_keys($members), true);
        }
        foreach (array_keys(Vocabulary::commands($language)) as $name) {
            $words += array_fill_keys(explode('.', $name), true);
        }

        return array_values(array_map(strval(...), array_keys($words + ['scrivlet' => true, 'main' => true, 'std' => true])));
    }
}
