<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Language\Language;

/** The catalogue's commands by the names that a language gives them. */
final class Vocabulary
{
    /** @var array<string, array<string, Entry>> */
    private static array $commands = [];

    /** @return array<string, Entry> by `object.method` */
    public static function commands(Language $language): array
    {
        if (!isset(self::$commands[$language->value])) {
            self::$commands[$language->value] = [];
            foreach (Catalogue::entries() as $entry) {
                if ($entry->command) {
                    self::$commands[$language->value][$language->notation()->camel ? $entry->camelName() : $entry->snakeName()] = $entry;
                }
            }
        }

        return self::$commands[$language->value];
    }

    /** A command by its name alone, where its object is missing. */
    public static function withoutObject(Language $language, string $method): ?Entry
    {
        foreach (SceneName::objects() as $object) {
            $entry = self::commands($language)["$object.$method"] ?? null;
            if (null !== $entry) {
                return $entry;
            }
        }

        return null;
    }

    /** @return list<string> the names of an object's commands */
    public static function methods(Language $language, string $object): array
    {
        $methods = [];
        foreach (array_keys(self::commands($language)) as $name) {
            if (str_starts_with($name, "$object.")) {
                $methods[] = substr($name, \strlen($object) + 1);
            }
        }

        return $methods;
    }
}
