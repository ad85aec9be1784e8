<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Run\Values\Values;
use Scrivlet\Core\Scene\Lawn\Fitting;
use Scrivlet\Core\Scene\Stage;

/** A compiled program, ready to run once; what the Compiler writes is a class of this kind. */
abstract class Routine
{
    protected int $depth = 0;

    final public function __construct(
        protected readonly Trace $trace,
        protected readonly Values $values,
        protected readonly Stage $stage,
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

        return $this->answered($this->answers->line());
    }

    final protected function askWord(): string
    {
        return $this->answered($this->answers->word());
    }

    final protected function askNumber(bool $isWhole): string
    {
        return $this->answered($this->answers->number($isWhole));
    }

    final protected function askLetter(): string
    {
        return $this->answered($this->answers->letter());
    }

    private function answered(string $answer): string
    {
        $this->trace->happened('ask', $answer);

        return $answer;
    }

    /** Other scripts go on meanwhile. */
    final protected function wait(mixed $seconds): void
    {
        $number = (float) Values::number($seconds);
        if (!is_finite($number)) {
            throw new RunError('not_finite');
        }
        $depth = $this->depth;
        $this->stage->scheduler->wait((int) floor(min(max($number, 0.0), 1e6) * 1000 + 0.5));
        $this->depth = $depth;
    }

    final protected function announce(string $message): void
    {
        $this->trace->happened('announce', $message);
        $this->stage->scheduler->happen("when_announced $message");
    }

    /** @param \Closure(): mixed $handle */
    final protected function on(string $happening, mixed $handle): void
    {
        if (!$handle instanceof \Closure) {
            throw new RunError('no_function');
        }
        $this->stage->scheduler->on($happening, function () use ($handle): void {
            $this->depth = 0;
            $this->callValue($handle);
        });
    }

    final protected function plug(FittingKind $kind, mixed ...$sockets): Fitting
    {
        return $this->stage->mower()->plug($kind, ...array_map(static fn (mixed $socket): float => (float) Values::number($socket), array_values($sockets)));
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
