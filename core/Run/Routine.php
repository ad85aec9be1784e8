<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Run\Values\Values;
use Scrivlet\Core\Scene\Sheet\Sheet;

/** A compiled program, ready to run once; what the Compiler writes is a class of this kind. */
abstract class Routine
{
    protected int $depth = 0;

    final public function __construct(
        protected readonly Trace $trace,
        protected readonly Values $values,
        protected readonly Sheet $sheet,
        protected readonly Chance $chance,
    ) {
    }

    /** @throws RunError|StepLimitReached */
    abstract public function run(): void;

    /** Reached where a variable is read that has no value. */
    final protected function missing(string $name): never
    {
        throw new RunError('no_value', ['name' => $name]);
    }

    /** The value of a call, which must give one. */
    final protected function given(mixed $value, string $function): mixed
    {
        return $value ?? throw new RunError('gives_nothing', ['name' => $function]);
    }

    final protected function stride(int|float $by): int|float
    {
        return 0 == $by ? throw new RunError('count_by_zero') : $by;
    }
}
