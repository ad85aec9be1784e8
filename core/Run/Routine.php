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
        protected readonly Answers $answers,
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

    /** A number from 0 up to, but without, 1. */
    final protected function chance(): float
    {
        return $this->chance->between(0, 2147483645) / 2147483646;
    }

    final protected function chosen(mixed $value): mixed
    {
        $items = $this->values->over($value);

        return [] === $items ? throw new RunError('empty_list') : $items[$this->chance->between(0, \count($items) - 1)];
    }

    final protected function shuffle(mixed $value): void
    {
        $list = Values::list_($value);
        $items = $list->items;
        for ($at = \count($items) - 1; $at > 0; --$at) {
            $other = $this->chance->between(0, $at);
            [$items[$at], $items[$other]] = [$items[$other], $items[$at]];
        }
        $list->items = array_values($items);
    }

    final protected function ask(mixed $prompt = ''): string
    {
        $this->trace->say($this->values->text($prompt));

        return $this->answers->line() ?? throw new RunError('no_answer');
    }

    final protected function askWord(): string
    {
        return $this->answers->word() ?? throw new RunError('no_answer');
    }

    final protected function wait(mixed $seconds): void
    {
        $this->trace->happened('wait', (float) Values::number($seconds));
    }

    final protected function callValue(mixed $function, mixed ...$arguments): mixed
    {
        if (!$function instanceof \Closure) {
            throw new RunError('no_function');
        }
        if (++$this->depth > $this->trace->limits->depth) {
            throw new RunError('deep_calls');
        }
        try {
            return $function(...$arguments);
        } catch (\ArgumentCountError) {
            throw new RunError('few_arguments');
        } finally {
            --$this->depth;
        }
    }
}
