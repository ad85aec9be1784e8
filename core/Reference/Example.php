<?php

declare(strict_types=1);

namespace Scrivlet\Core\Reference;

use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Parsing\Scenes;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Setting;

/** A small program that shows one entry at work. */
final class Example
{
    private const AROUND = ['cpp' => ["#include <iostream>\nusing namespace std;\n\nint main() {\n", "\n}\n"]];

    /** @var array<string, array{Language, string}>|null by entry */
    private static ?array $all = null;

    /** @param Language $language in which it was written first; it is shown in all of them */
    private function __construct(public readonly Language $language, public readonly Program $program)
    {
    }

    /** @return list<string> the entries that have one */
    public static function keys(): array
    {
        return array_keys(self::all());
    }

    /** @throws \OutOfBoundsException if there is no such entry */
    public static function of(string $key): self
    {
        [$language, $text] = self::all()[$key] ?? throw new \OutOfBoundsException("There is no example of \"$key\".");
        [$before, $behind] = self::AROUND[$language->value] ?? ['', ''];
        if (str_contains($text, 'int main(')) {
            // It has more than rows.
            [$before, $behind] = ["#include <iostream>\nusing namespace std;\n\n", "\n"];
        }
        $read = $language->read($before.$text.$behind)->program;
        // Without its handwriting each language brings in what it needs.
        $program = $read->withHandwriting($language->value, null);

        return new self($language, $program->withSetting(new Setting((Scenes::named($program) ?? SceneName::Printout)->value)));
    }

    /** @return array<string, array{Language, string}> */
    private static function all(): array
    {
        if (null === self::$all) {
            self::$all = [];
            foreach (Language::cases() as $language) {
                /** @var array<string, string> $texts */
                $texts = require __DIR__."/examples/$language->value.php";
                foreach ($texts as $key => $text) {
                    self::$all[$key] = [$language, $text];
                }
            }
        }

        return self::$all;
    }
}
