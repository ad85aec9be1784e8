<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

/** What people call colours in everyday words, and the ink that is nearest to each. */
final class ColourWords
{
    private const HEX = [
        'red' => 'e02020', 'rouge' => 'e02020', 'crimson' => 'c01030', 'scarlet' => 'e02a10', 'vermilion' => 'e04030', 'tomato' => 'e85038',
        'orange' => 'f09020', 'amber' => 'f0a020', 'ambre' => 'f0a020', 'apricot' => 'f0a860', 'gold' => 'e8b020', 'golden' => 'e8b020', 'or' => 'e8b020', 'doré' => 'e8b020',
        'yellow' => 'f4d040', 'jaune' => 'f4d040', 'lemon' => 'f4e040', 'cream' => 'f8e8a0', 'beige' => 'e8d8a0',
        'green' => '20a050', 'vert' => '20a050', 'lime' => '50c050', 'olive' => '607030', 'darkgreen' => '3c6428', 'khaki' => '808040', 'turquoise' => '30b0b0', 'teal' => '208080', 'mint' => '60c090',
        'blue' => '3080e0', 'bleu' => '3080e0', 'lightblue' => '70b0e8', 'skyblue' => '60a8e8', 'cyan' => '30b8e0', 'aqua' => '30b8e0', 'navy' => '203060', 'darkblue' => '203060', 'marine' => '203060', 'indigo' => '302060',
        'purple' => '802080', 'violet' => '8040a0', 'magenta' => 'a03090', 'pourpre' => '802060', 'lilac' => 'a060a0', 'mauve' => '904090',
        'pink' => 'e070a8', 'fuchsia' => 'd04090', 'rosé' => 'e070a8', 'salmon' => 'e08080',
        'brown' => '7a5030', 'brun' => '7a5030', 'marron' => '7a5030', 'tan' => '906840', 'chocolate' => '6a4020',
        'gray' => '707680', 'grey' => '707680', 'gris' => '707680', 'silver' => 'a0a4ac', 'argent' => 'a0a4ac',
        'black' => '101828', 'noir' => '101828', 'white' => 'ffffff', 'blanc' => 'ffffff',
    ];

    /** The ink nearest to a colour in everyday words, or to `#rgb`; null where it is neither. */
    public static function nearest(string $word): ?Ink
    {
        $word = mb_strtolower((string) preg_replace('/[\s_-]+/', '', $word));
        $hex = self::HEX[$word] ?? (1 === preg_match('/^#([0-9a-f])([0-9a-f])([0-9a-f])$/D', $word, $digit) ? $digit[1].$digit[1].$digit[2].$digit[2].$digit[3].$digit[3] : null);
        if (null === $hex) {
            return null;
        }
        [$lightness, $a, $b] = self::perceived($hex);
        $nearest = null;
        $least = \INF;
        foreach (Ink::cases() as $ink) {
            [$other, $c, $d] = self::perceived(ltrim($ink->hex(), '#'));
            // Which colour it is counts for more than how light it is.
            $distance = (0.5 * ($lightness - $other)) ** 2 + ($a - $c) ** 2 + ($b - $d) ** 2;
            if ($distance < $least) {
                [$nearest, $least] = [$ink, $distance];
            }
        }

        return $nearest;
    }

    /**
     * Lightness and the two opponent axes of Oklab (B. Ottosson, 2020), in which distances are about as large as they seem.
     *
     * @return array{float, float, float}
     */
    private static function perceived(string $hex): array
    {
        [$red, $green, $blue] = array_map(static function (string $part): float {
            $value = hexdec($part) / 255;

            return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
        }, str_split($hex, 2));
        $long = (0.4122214708 * $red + 0.5363325363 * $green + 0.0514459929 * $blue) ** (1 / 3);
        $middle = (0.2119034982 * $red + 0.6806995451 * $green + 0.1073969566 * $blue) ** (1 / 3);
        $short = (0.0883024619 * $red + 0.2817188376 * $green + 0.6299787005 * $blue) ** (1 / 3);

        return [
            0.2104542553 * $long + 0.7936177850 * $middle - 0.0040720468 * $short,
            1.9779984951 * $long - 2.4285922050 * $middle + 0.4505937099 * $short,
            0.0259040371 * $long + 0.7827717662 * $middle - 0.8086757660 * $short,
        ];
    }
}
