<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

/** What a program acts on. */
enum SceneName: string
{
    case Sheet = 'sheet';
    case Plot = 'plot';
    case Lantern = 'lantern';
    case Lawn = 'lawn';
    case Printout = 'printout';

    /** The object whose commands belong to the scene; the printout has none. */
    public function object(): ?string
    {
        return match ($this) {
            self::Sheet => 'nib',
            self::Plot => 'barrow',
            self::Lantern => 'lantern',
            self::Lawn => 'mower',
            self::Printout => null,
        };
    }

    /** @return list<string> */
    public static function objects(): array
    {
        return array_values(array_filter(array_map(static fn (self $scene): ?string => $scene->object(), self::cases())));
    }

    public static function ofObject(string $object): ?self
    {
        foreach (self::cases() as $scene) {
            if ($scene->object() === $object) {
                return $scene;
            }
        }

        return null;
    }

    /** The scene of a command of the catalogue, or null for one that goes with every scene. */
    public static function ofCommand(string $key): ?self
    {
        return str_contains($key, '.') ? self::ofObject(explode('.', $key)[0]) : null;
    }
}
