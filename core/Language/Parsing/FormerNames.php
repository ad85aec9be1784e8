<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Language;

/** Names that commands had in files of the first two versions. The table never changes: such files stay what they are. */
final class FormerNames
{
    /** Keys of commands, rows and operations: what they were, and what they are. */
    public const KEYS = [
        'nib.begin_fill' => 'nib.open_shape', 'nib.end_fill' => 'nib.close_shape', 'nib.speed' => 'nib.pace', 'nib.heading' => 'nib.facing',
        'nib.show' => 'nib.appear', 'nib.hide' => 'nib.vanish', 'lantern.show' => 'lantern.shine', 'lantern.scroll' => 'lantern.roll',
        'lantern.pressed' => 'lantern.held', 'lantern.was_pressed' => 'lantern.tapped', 'lantern.when_pressed' => 'lantern.when_tapped',
        'mower.drive_for' => 'mower.travel', 'pair_drive_for' => 'pair_travel', 'on_pressed' => 'on_tapped',
    ];

    /** @return array<string, string> the names of today by those that texts of a language had, as `nib.begin_fill` */
    public static function inTexts(Language $language): array
    {
        $names = [];
        foreach (self::KEYS as $old => $new) {
            if (str_contains($old, '.')) {
                $names[self::spelled($old, $language)] = self::spelled($new, $language);
            }
        }

        return $names;
    }

    private static function spelled(string $key, Language $language): string
    {
        return $language->notation()->camel ? (string) preg_replace_callback('/_(\w)/', static fn (array $match): string => strtoupper($match[1]), $key) : $key;
    }
}
