<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** What goes on while time passes, and hears what comes from outside. */
interface World
{
    /** Moves on from one time to another, in milliseconds. */
    public function advance(int $from, int $to): void;

    /** @return list<string> the happenings that a signal means to a program's handlers, such as `lantern.when_tapped round` */
    public function receive(Signal $signal): array;
}
