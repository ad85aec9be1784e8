<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Scene\GoalState;

/** A finished run. */
final readonly class Outcome
{
    /**
     * @param list<string>                                     $rows      anchor of each row that Trace::$steps names
     * @param list<array{name: string, function: string|null}> $variables
     * @param list<string>                                     $functions
     * @param RunError|null                                    $error     also what cut a run short, if that was not the number of its steps
     * @param string|null                                      $errorRow  anchor of the row that failed
     * @param list<GoalState>                                  $goals     of the layout
     * @param bool                                             $listens   whether handlers are left that something from outside could start
     * @param int                                              $exit      what a program told the machine that ended itself
     * @param array<string, string>                            $last      the last values of the program's own variables, as they are shown, if each moment is kept
     */
    public function __construct(
        public Ending $ending,
        public Trace $trace,
        public array $rows,
        public array $variables,
        public array $functions,
        public Values\Values $values,
        public ?RunError $error = null,
        public ?string $errorRow = null,
        public array $goals = [],
        public bool $listens = false,
        public array $last = [],
        public int $exit = 0,
    ) {
    }
}
