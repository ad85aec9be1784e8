<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/**
 * Runs the scripts of a program in turns, in a time of its own that passes only while all of them wait.
 *
 * A script keeps its turn until it waits or ends. Of two that are due at the same time the one goes first that was
 * put down first. The libraries for the real machines keep the same order.
 */
final class Scheduler
{
    /** How long asking a sensor takes, in milliseconds, so that a loop that only asks lets time pass. */
    public const ASKING = 10;

    /** @var array<int, Task> those that wait, by number */
    private array $waiting = [];
    private ?Task $running = null;
    private int $order = 0;
    private int $tasks = 0;
    private int $next = 0;
    /** @var array<string, list<Listener>> by what they wait for */
    private array $listeners = [];
    /** @var \SplQueue<\Closure(): void> what is done before time passes, or anything else goes on */
    private readonly \SplQueue $jobs;
    /** @var \SplQueue<\Closure(): mixed> what is looked at when all jobs are done */
    private readonly \SplQueue $checks;

    public function __construct(private readonly Trace $trace, private readonly Signals $signals, private readonly World $world)
    {
        $this->jobs = new \SplQueue();
        $this->checks = new \SplQueue();
    }

    /** @param \Closure(): void $main */
    public function run(\Closure $main): void
    {
        $this->start($main);
        while (true) {
            while (!$this->jobs->isEmpty()) {
                ($this->jobs->dequeue())();
            }
            while (!$this->checks->isEmpty()) {
                ($this->checks->dequeue())();
            }
            $task = $this->first();
            $signal = $this->signals->list[$this->next] ?? null;
            if (null !== $signal && (null === $task ? [] !== $this->listeners : $signal->at <= $task->at)) {
                $this->receive($signal);
                continue;
            }
            if (null === $task) {
                return;
            }
            unset($this->waiting[$task->number]);
            $this->pass($task->at);
            $this->goOn($task);
        }
    }

    private function goOn(Task $task): void
    {
        $this->running = $task;
        $this->trace->turn($task->number);
        $task->fiber->isStarted() ? $task->fiber->resume() : $task->fiber->start();
    }

    /** @param \Closure(): void $job a script of its own, which may wait */
    public function job(\Closure $job): void
    {
        $this->jobs->enqueue(function () use ($job): void {
            /** @var \Fiber<null, null, void, null> $fiber */
            $fiber = new \Fiber($job);
            $this->goOn(new Task($this->tasks++, $fiber));
        });
    }

    /** @param \Closure(): mixed $check */
    public function behindJobs(\Closure $check): void
    {
        $this->checks->enqueue($check);
    }

    /**
     * Starts a script at once; who starts it goes on when it waits or ends.
     *
     * @param \Closure(): void $script
     */
    public function now(\Closure $script): void
    {
        $before = $this->running;
        /** @var \Fiber<null, null, void, null> $fiber */
        $fiber = new \Fiber($script);
        $this->goOn(new Task($this->tasks++, $fiber));
        $this->running = $before;
        if (null !== $before) {
            $this->trace->turn($before->number);
        }
    }

    /** @return \Closure(): void lets the script that runs go on, which is about to stop */
    public function pause(): \Closure
    {
        $task = $this->running ?? throw new \LogicException('Only a script waits.');

        return fn () => $this->goOn($task);
    }

    /** Lets the script that runs wait. */
    public function wait(int $milliseconds): void
    {
        $task = $this->running ?? throw new \LogicException('Only a script waits.');
        $this->put($task, $this->trace->now + max(0, $milliseconds));
        \Fiber::suspend();
    }

    /** @var array<int, true> numbers of what was called off */
    private array $calledOff = [];

    /**
     * Starts a script when time has passed.
     *
     * @param \Closure(): void $script
     *
     * @return int the number by which it can be called off
     */
    public function later(\Closure $script, int $milliseconds, bool $isRepeated): int
    {
        $number = $this->tasks++;
        /** @var \Fiber<null, null, void, null> $fiber */
        $fiber = new \Fiber(function () use ($script, $milliseconds, $isRepeated, $number): void {
            do {
                $script();
                if ($isRepeated && !isset($this->calledOff[$number])) {
                    $this->wait($milliseconds);
                }
            } while ($isRepeated && !isset($this->calledOff[$number]));
        });
        $this->put(new Task($number, $fiber), $this->trace->now + $milliseconds);

        return $number;
    }

    /** What has not begun by now never will. */
    public function callOff(int $number): void
    {
        $this->calledOff[$number] = true;
        unset($this->waiting[$number]);
    }

    /** Time that passes while the script that runs keeps its turn. */
    public function elapse(int $milliseconds): void
    {
        $end = $this->trace->now + $milliseconds;
        while (null !== ($signal = $this->signals->list[$this->next] ?? null) && $signal->at <= $end) {
            $this->receive($signal);
        }
        $this->pass($end);
    }

    private function receive(Signal $signal): void
    {
        $this->pass($signal->at);
        ++$this->next;
        foreach ($this->world->receive($signal) as $happening) {
            $this->happen($happening);
        }
    }

    /** @param \Closure(): void $handle */
    public function on(string $happening, \Closure $handle): void
    {
        $this->listeners[$happening][] = new Listener($handle);
    }

    /** Starts the handlers that wait for this; one that still runs is run again afterwards. */
    public function happen(string $happening): void
    {
        foreach ($this->listeners[$happening] ?? [] as $listener) {
            ++$listener->waiting;
            if (!$listener->runs) {
                $listener->runs = true;
                $this->start(static function () use ($listener): void {
                    while ($listener->waiting > 0) {
                        --$listener->waiting;
                        ($listener->handle)();
                    }
                    $listener->runs = false;
                });
            }
        }
    }

    /** Whether something from outside could still start a script. */
    public function listens(): bool
    {
        return [] !== $this->listeners;
    }

    /** @param \Closure(): void $script */
    private function start(\Closure $script): void
    {
        /** @var \Fiber<null, null, void, null> $fiber */
        $fiber = new \Fiber($script);
        $this->put(new Task($this->tasks++, $fiber), $this->trace->now);
    }

    private function put(Task $task, int $at): void
    {
        $task->at = $at;
        $task->order = $this->order++;
        $this->waiting[$task->number] = $task;
    }

    private function first(): ?Task
    {
        $first = null;
        foreach ($this->waiting as $task) {
            if (null === $first || $task->at < $first->at || $task->at === $first->at && $task->order < $first->order) {
                $first = $task;
            }
        }

        return $first;
    }

    private function pass(int $to): void
    {
        $from = $this->trace->now;
        if ($to <= $from) {
            return;
        }
        $end = min($to, $this->trace->limits->milliseconds);
        $this->world->advance($from, $end);
        $this->trace->passTo($end);
        if ($end < $to) {
            throw new TimeLimitReached();
        }
    }
}
