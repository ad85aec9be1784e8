<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

/** The parts there are; the values are the names of the operations that plug one in. */
enum FittingKind: string
{
    case DrivePair = 'drive_pair';
    case SurfaceSensor = 'surface_sensor';
    case RangeSensor = 'range_sensor';
    case Lamp = 'lamp';

    /** By the name of its class in a library: `RangeSensor`. */
    public static function ofClass(string $name): ?self
    {
        /** @var array<string, self>|null $byName */
        static $byName = null;
        $byName ??= array_column(self::cases(), null, 'name');

        return $byName[$name] ?? null;
    }

    public function sockets(): int
    {
        return self::DrivePair === $this ? 2 : 1;
    }
}
