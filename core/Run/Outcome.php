<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** A finished run. */
final readonly class Outcome
{
    /**
     * @param list<string>                                     $rows      anchor of each row that Trace::$steps names
     * @param list<array{name: string, function: string|null}> $variables
     * @param list<string>                                     $functions
     * @param string|null                                      $errorRow  anchor of the row that failed
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
    ) {
    }
}
