<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

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

    public function started(mixed $items): ListValue
    {
        if ($this->can($items, '@iter')) {
            return $this->started($this->asked($items, '@iter'));
        }
        if ($items instanceof ListValue && $items->once) {
            return $items;
        }
        $begun = new ListValue($this->over($items));
        $begun->once = true;

        return $begun;
    }

    public function nextItem(mixed $left): mixed
    {
        $begun = self::begun_($left);

        return $begun->hasNext() ? array_shift($begun->items) : throw new RunError('no_more', [], '');
    }

    public function nextOr(mixed $left, mixed $other): mixed
    {
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
        $begun = self::begun_($left);
        $isMore = $begun->hasNext();
        $step = new MapValue();
        $this->put($step, 'value', $isMore ? array_shift($begun->items) : null);
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
        [$star, $behind] = [self::whole($star), self::whole($count) - self::whole($star) - 1];
        if (\count($items) < $star + $behind) {
            throw $this->notThatMany($star + $behind, \count($items), 'at least ');
        }
        $rest = new ListValue(\array_slice($items, $star, \count($items) - $star - $behind));

        return new ListValue([...\array_slice($items, 0, $star), $rest, ...\array_slice($items, \count($items) - $behind)]);
    }
}
