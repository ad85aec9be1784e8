<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Tree\FailureKind;

/** What gives one thing after another, and may have no end. */
trait SteppingOperations
{
    /** What hands its items out only once, each when it is asked for. */
    public function begun(\Generator $more): ListValue
    {
        $begun = new ListValue([]);
        [$begun->once, $begun->more] = [true, $more];
        $begun->busy = (string) $this->facts->says('busy');

        return $begun;
    }

    public function started(mixed $items): ListValue|MapValue
    {
        // What takes the steps of an object in JavaScript is asked for them by its own name.
        $given = $this->facts->spreads && $this->can($items, '@iter') ? $this->asked($items, '@iter') : $items;

        return $this->takesSteps($given) ? $given : $this->begunOf($given);
    }

    private function begunOf(mixed $items): ListValue
    {
        if ($this->can($items, '@iter')) {
            return $this->begunOf($this->goneOver($items));
        }
        if ($items instanceof ListValue && $items->once) {
            return $items;
        }
        $begun = new ListValue($this->over($items));
        $begun->once = true;

        return $begun;
    }

    /** What an object gives to be gone over; one that is asked for its next thing again and again is a list that is begun. */
    private function goneOver(mixed $object): mixed
    {
        $given = $this->asked($object, '@iter');

        return match (true) {
            $this->can($given, '@next') => $this->begun($this->askedInTurn($given)),
            $this->takesSteps($given) => $this->begun($this->steppedThrough($given)),
            default => $given,
        };
    }

    /** @phpstan-assert-if-true MapValue $given */
    private function takesSteps(mixed $given): bool
    {
        return $given instanceof MapValue && $this->facts->spreads && ($this->can($given, 'next') || ($given->entries[MapValue::tag('next')][1] ?? null) instanceof \Closure);
    }

    /** The Python Standard Library, Iterator Types. */
    private function askedInTurn(mixed $object): \Generator
    {
        while (true) {
            try {
                $item = $this->asked($object, '@next');
            } catch (RunError $error) {
                if (FailureKind::Stop !== $error->raised && 'no_more' !== $error->kind) {
                    throw $error;
                }

                return;
            }
            yield $item;
        }
    }

    /** ECMA-262, 27.1.1.2. */
    private function steppedThrough(MapValue $steps): \Generator
    {
        while (true) {
            $step = $this->stepOf($steps);
            if ($this->truth($step->entries[MapValue::tag('done')][1] ?? null)) {
                return;
            }
            yield $step->entries[MapValue::tag('value')][1] ?? null;
        }
    }

    private function stepOf(MapValue $steps): MapValue
    {
        $next = $steps->entries[MapValue::tag('next')][1] ?? null;
        $step = $next instanceof \Closure ? $next() : $this->asked($steps, 'next');

        return $step instanceof MapValue ? $step : throw new RunError('not_a_list');
    }

    public function nextItem(mixed $left): mixed
    {
        if ($this->can($left, '@next')) {
            return $this->asked($left, '@next');
        }
        if ($left instanceof FileValue) {
            $line = $this->fileLine($left);

            return '' === $line ? throw new RunError('no_more', [], '') : $line;
        }
        $begun = self::begun_($left);

        return $begun->hasNext() ? array_shift($begun->items) : throw new RunError('no_more', [], '');
    }

    public function nextOr(mixed $left, mixed $other): mixed
    {
        if ($this->can($left, '@next')) {
            foreach ($this->askedInTurn($left) as $item) {
                return $item;
            }

            return $other;
        }
        if ($left instanceof FileValue) {
            $line = $this->fileLine($left);

            return '' === $line ? $other : $line;
        }
        $begun = self::begun_($left);

        return $begun->hasNext() ? array_shift($begun->items) : $other;
    }

    private static function begun_(mixed $value): ListValue
    {
        return $value instanceof ListValue && $value->once ? $value : throw new RunError('not_begun');
    }

    /** What a generator of JavaScript gives: the next item, or that there is none (ECMAScript 2022, 27.5.1.2). */
    public function nextStep(mixed $left): MapValue
    {
        if ($this->takesSteps($left)) {
            return $this->stepOf($left);
        }
        $begun = self::begun_($left);
        $isMore = $begun->hasNext();
        $step = new MapValue();
        $this->put($step, 'value', $isMore ? array_shift($begun->items) : $begun->last);
        $begun->last = $isMore ? $begun->last : null;
        $this->put($step, 'done', !$isMore);

        return $step;
    }

    /** @return list<mixed> so many at most; no more are made */
    private function taken(ListValue $begun, int $most): array
    {
        for ($items = []; \count($items) < $most && $begun->hasNext();) {
            $items[] = array_shift($begun->items);
        }

        return $items;
    }

    /** @phpstan-assert-if-true ListValue $value */
    private static function isEndless(mixed $value): bool
    {
        return $value instanceof ListValue && null !== $value->more;
    }

    /** Items that follow each other and are alike, with what they are alike in. */
    public function grouped(mixed $items, mixed $key): ListValue
    {
        if (!$key instanceof \Closure) {
            throw new RunError('no_function');
        }
        $groups = [];
        $group = null;
        $last = null;
        foreach ($this->over($items) as $item) {
            $of = $key($item);
            if (null === $group || !$this->equal($last, $of)) {
                $groups[] = new ListValue([$last = $of, $group = new ListValue([])], true);
            }
            $group->items[] = $item;
        }

        return new ListValue($groups);
    }

    /** The items of a list for as many names, of which one gets all that the others leave. */
    public function gathered(mixed $value, mixed $star, mixed $count): ListValue
    {
        $items = $this->over($value);
        [$star, $behind] = [static::integer($star), static::integer($count) - static::integer($star) - 1];
        if (\count($items) < $star + $behind) {
            throw $this->notThatMany($star + $behind, \count($items), 'at least ');
        }
        $rest = new ListValue(\array_slice($items, $star, \count($items) - $star - $behind));

        return new ListValue([...\array_slice($items, 0, $star), $rest, ...\array_slice($items, \count($items) - $behind)]);
    }
}
