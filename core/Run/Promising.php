<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Run\Values\ListValue;
use Scrivlet\Core\Run\Values\MapValue;
use Scrivlet\Core\Run\Values\PromiseValue;
use Scrivlet\Core\Tree\FailureKind;

/**
 * Promises of JavaScript, and functions that go on while others wait (ECMA-262, 27.2 and 27.7). What waits for a promise
 * is put into the queue of jobs when it is settled, which is empty before time passes (ECMA-262, 9.5).
 */
trait Promising
{
    /** Runs at once until it waits for the first time, and gives a promise of what it will give. */
    final protected function started(mixed $function): PromiseValue
    {
        $promise = new PromiseValue();
        $depth = $this->depth;
        $this->stage->scheduler->now(fn () => $this->settled($promise, fn (): mixed => $this->callValue($function)));
        $this->depth = $depth;

        return $promise;
    }

    /** What a promise is kept with, once it is; the others go on meanwhile. */
    final protected function awaited(mixed $value): mixed
    {
        $promise = $value instanceof PromiseValue ? $value : $this->promiseKept($value);
        $depth = $this->depth;
        $this->follow($promise, $this->stage->scheduler->pause());
        \Fiber::suspend();
        $this->depth = $depth;

        return null === $promise->error ? $promise->value : throw $promise->error;
    }

    /** `new Promise((keep, break) => …)` (ECMA-262, 27.2.3.1). */
    final protected function promiseMade(mixed $executor): PromiseValue
    {
        $promise = new PromiseValue();
        $keep = function (mixed $value = null) use ($promise): mixed {
            if (!$promise->isResolved) {
                $this->keep($promise, $value);
            }

            return null;
        };
        $break = function (mixed $value = null) use ($promise): mixed {
            if (!$promise->isResolved) {
                $this->break_($promise, $this->errorOf($value));
            }

            return null;
        };
        try {
            $this->callValue($executor, $keep, $break);
        } catch (RunError $error) {
            $promise->isResolved || $this->break_($promise, $this->caughtOnly($error));
        }

        return $promise;
    }

    final protected function promiseKept(mixed $value = null): PromiseValue
    {
        if ($value instanceof PromiseValue) {
            return $value;
        }
        $promise = new PromiseValue();
        $this->keep($promise, $value);

        return $promise;
    }

    final protected function promiseBroken(mixed $value = null): PromiseValue
    {
        $promise = new PromiseValue();
        $this->break_($promise, $this->errorOf($value));

        return $promise;
    }

    final protected function promisesKept(mixed $values): PromiseValue
    {
        return $this->allOf($values, false);
    }

    final protected function promisesSettled(mixed $values): PromiseValue
    {
        return $this->allOf($values, true);
    }

    private function allOf(mixed $values, bool $isEach): PromiseValue
    {
        $result = new PromiseValue();
        $left = 1;
        $found = [];
        foreach ($this->values->over($values) as $index => $value) {
            ++$left;
            $found[$index] = null;
            $promise = $this->promiseKept($value);
            $this->follow($promise, function () use ($promise, $result, $index, $isEach, &$left, &$found): void {
                if ($isEach) {
                    $found[$index] = $this->values->map(null === $promise->error ? ['status', 'fulfilled', 'value', $promise->value] : ['status', 'rejected', 'reason', $this->reasonOf($promise->error)]);
                } elseif (null !== $promise->error) {
                    $result->isResolved || $this->break_($result, $promise->error);

                    return;
                } else {
                    $found[$index] = $promise->value;
                }
                if (0 === --$left) {
                    $this->keep($result, new ListValue(array_values($found)));
                }
            });
        }
        if (0 === --$left) {
            $this->keep($result, new ListValue([]));
        }

        return $result;
    }

    /** The first that is settled. */
    final protected function promisesRaced(mixed $values): PromiseValue
    {
        $result = new PromiseValue();
        foreach ($this->values->over($values) as $value) {
            $promise = $this->promiseKept($value);
            $this->follow($promise, function () use ($promise, $result): void {
                if (!$result->isResolved) {
                    null === $promise->error ? $this->keep($result, $promise->value) : $this->break_($result, $promise->error);
                }
            });
        }

        return $result;
    }

    final protected function promiseThen(mixed $promise, mixed $kept = null, mixed $broken = null): PromiseValue
    {
        $promise = $promise instanceof PromiseValue ? $promise : throw new RunError('no_method', ['name' => 'then']);
        $result = new PromiseValue();
        $this->follow($promise, function () use ($promise, $result, $kept, $broken): void {
            $does = null === $promise->error ? $kept : $broken;
            if ($does instanceof \Closure) {
                $this->settled($result, fn (): mixed => $this->callValue($does, null === $promise->error ? $promise->value : $this->reasonOf($promise->error)));
            } else {
                null === $promise->error ? $this->keep($result, $promise->value) : $this->break_($result, $promise->error);
            }
        });

        return $result;
    }

    final protected function promiseEither(mixed $promise, mixed $kept, mixed $broken): PromiseValue
    {
        return $this->promiseThen($promise, $kept, $broken);
    }

    final protected function promiseCaught(mixed $promise, mixed $broken): PromiseValue
    {
        return $this->promiseThen($promise, null, $broken);
    }

    /** What is done in either case, behind which the promise goes on as it was (ECMA-262, 27.2.5.3). */
    final protected function promiseFinally(mixed $promise, mixed $does): PromiseValue
    {
        $before = $promise instanceof PromiseValue ? $promise : throw new RunError('no_method', ['name' => 'finally']);

        return $this->promiseThen(
            $promise,
            fn (mixed $value): PromiseValue => $this->promiseThen($this->promiseKept($this->callValue($does)), static fn (): mixed => $value),
            fn (): PromiseValue => $this->promiseThen($this->promiseKept($this->callValue($does)), static fn (): mixed => throw $before->error ?? new RunError('says_unknown')),
        );
    }

    /** `new Error("no water")` as a value. */
    final protected function failureMade(mixed $name, mixed $says = '', mixed $options = null): MapValue
    {
        $failure = $this->values->map(['name', $name, 'message', $this->values->text($says)]);
        $failure->made = 'Error';
        $this->values->keepCause($failure, $options);

        return $failure;
    }

    /** @param \Closure(): mixed $body */
    private function settled(PromiseValue $promise, \Closure $body): void
    {
        try {
            $value = $body();
        } catch (RunError $error) {
            $this->break_($promise, $this->caughtOnly($error));

            return;
        }
        $this->keep($promise, $value);
    }

    private function keep(PromiseValue $promise, mixed $value): void
    {
        $promise->isResolved = true;
        if ($value === $promise) {
            $this->break_($promise, new RunError('raised', ['says' => $says = 'Chaining cycle detected for promise #<Promise>'], $says, FailureNames::kindOf($this->values->language(), 'TypeError') ?? FailureKind::Any));

            return;
        }
        if ($value instanceof PromiseValue) {
            // It is followed by a job of its own (ECMA-262, 27.2.2.2).
            $this->stage->scheduler->job(fn () => $this->follow($value, fn () => $this->settle($promise, $value->value, $value->error)));

            return;
        }
        $this->settle($promise, $value, null);
    }

    private function break_(PromiseValue $promise, RunError $error): void
    {
        $promise->isResolved = true;
        $this->settle($promise, null, $error);
    }

    private function settle(PromiseValue $promise, mixed $value, ?RunError $error): void
    {
        [$promise->isSettled, $promise->isResolved, $promise->value, $promise->error] = [true, true, $value, $error];
        foreach ($promise->reactions as $reaction) {
            $this->stage->scheduler->job($reaction);
        }
        $promise->reactions = [];
        if (null !== $error && !$promise->isSeenTo) {
            $this->stage->scheduler->behindJobs(static function () use ($promise, $error): void {
                if (!$promise->isSeenTo) {
                    throw $error;
                }
            });
        }
    }

    /** @param \Closure(): void $reaction */
    private function follow(PromiseValue $promise, \Closure $reaction): void
    {
        $promise->isSeenTo = true;
        if ($promise->isSettled) {
            $this->stage->scheduler->job($reaction);
        } else {
            $promise->reactions[] = $reaction;
        }
    }

    /** What a limit of this place stops, no program catches. */
    private function caughtOnly(RunError $error): RunError
    {
        return RealError::isCaught($error, $this->values->language()) ? $error : throw $error;
    }

    /** What a function is handed that sees to a failure. */
    private function reasonOf(RunError $error): mixed
    {
        if (null !== $error->object) {
            return $error->object;
        }

        return FailureKind::Bare === $error->raised ? $error->says : $this->failureMade($this->failureName($error), (string) $this->says($error));
    }

    private function errorOf(mixed $reason): RunError
    {
        if ($reason instanceof MapValue && 'Error' === $reason->made) {
            [$name, $says] = [(string) $this->values->text($reason->entries['tname'][1] ?? 'Error'), $this->values->text($reason->entries['tmessage'][1] ?? '')];

            $error = new RunError('raised', ['says' => mb_substr($says, 0, 200)], $says, FailureNames::kindOf($this->values->language(), $name) ?? FailureKind::Any);
            // What it was given besides is kept (ECMAScript 2022, 20.5).
            $error->object = $reason;

            return $error;
        }
        if ($reason instanceof MapValue && '' !== $reason->class) {
            try {
                $this->raiseObject($reason, $this->depth);
            } catch (RunError $error) {
                return $error;
            }
        }
        $says = $this->values->text($reason);

        return new RunError('raised', ['says' => mb_substr($says, 0, 200)], $says, FailureKind::Bare);
    }
}
