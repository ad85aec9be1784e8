<?php

declare(strict_types=1);

namespace Scrivlet\Core\Register;

use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Walk;

/** How much of a program somebody wrote as text. */
final class InkShare
{
    /** @return array{int, int} the rows that were typed, and all rows; the one that starts the program counts as none */
    public static function of(Program $program): array
    {
        $typed = 0;
        $all = max(0, iterator_count(Walk::statements($program->parts())) - 1);
        foreach ($program->hands as $hand) {
            $typed += $hand->isInk() ? 1 : 0;
        }

        return [min($typed, $all), $all];
    }
}
