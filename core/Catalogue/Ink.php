<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Words\Words;

/** The named inks of the sheet. Any other colour is written `#rrggbb`. */
enum Ink: string
{
    case Midnight = 'midnight';
    case Sky = 'sky';
    case Moss = 'moss';
    case Leaf = 'leaf';
    case Butter = 'butter';
    case Marigold = 'marigold';
    case Poppy = 'poppy';
    case Rose = 'rose';
    case Plum = 'plum';
    case Soil = 'soil';
    case Slate = 'slate';
    case Chalk = 'chalk';

    public function hex(): string
    {
        return match ($this) {
            self::Midnight => '#22304f',
            self::Sky => '#3f8fd6',
            self::Moss => '#4c7a34',
            self::Leaf => '#2f9e5b',
            self::Butter => '#f2c94c',
            self::Marigold => '#e8912a',
            self::Poppy => '#d43d2c',
            self::Rose => '#d9679b',
            self::Plum => '#84397f',
            self::Soil => '#7a5233',
            self::Slate => '#6b7280',
            self::Chalk => '#ffffff',
        };
    }

    /** Where the ink stands on the colour wheel, in degrees; `shift_ink` starts from here. */
    public function hue(): int
    {
        return match ($this) {
            self::Midnight => 221,
            self::Sky => 208,
            self::Moss => 99,
            self::Leaf => 144,
            self::Butter => 45,
            self::Marigold => 33,
            self::Poppy => 6,
            self::Rose => 333,
            self::Plum => 304,
            self::Soil => 26,
            self::Slate => 220,
            self::Chalk => 0,
        };
    }

    public function word(string $locale): string
    {
        return Words::in($locale)->raw("ink.$this->value");
    }

    /**
     * A colour as a person may write it: a name in any of our languages, or `#rrggbb`.
     *
     * @return string|null the ink's name or the code in small letters, null if it is none
     */
    public static function canonical(string $colour): ?string
    {
        $colour = mb_strtolower(trim($colour));
        foreach (self::cases() as $ink) {
            foreach (Words::locales() as $locale) {
                if ($colour === $ink->word($locale)) {
                    return $ink->value;
                }
            }
        }

        return 1 === preg_match('/^#[0-9a-f]{6}$/D', $colour) ? $colour : null;
    }
}
