<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** Something that reaches a program from outside while it runs. */
final readonly class Signal
{
    public const PRESS = 'press';
    public const RELEASE = 'release';
    public const LIGHT = 'light';

    /**
     * @param int        $at   milliseconds of the run's own time
     * @param string     $kind one of the constants
     * @param string|int $what the button, or the brightness from 0 to 100
     */
    public function __construct(public int $at, public string $kind, public string|int $what)
    {
    }
}
