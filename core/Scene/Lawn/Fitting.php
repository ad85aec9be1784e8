<?php

declare(strict_types=1);

namespace Scrivlet\Core\Scene\Lawn;

use Scrivlet\Core\Catalogue\FittingKind;

/** A part that is plugged into the mower. */
final readonly class Fitting
{
    public const SOCKETS = 8;
    /** Where each socket sits on the mower: degrees from its front, anticlockwise. */
    public const PLACES = [1 => 150.0, 2 => -150.0, 3 => 30.0, 4 => 0.0, 5 => -30.0, 6 => 90.0, 7 => -90.0, 8 => 180.0];

    public function __construct(public FittingKind $kind, public int $socket, public int $other = 0)
    {
    }
}
