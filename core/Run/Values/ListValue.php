<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Tree\FailureKind;

/** A list while a program runs: one object, so that two names can mean the same list. */
final class ListValue
{
    /** What the trace knows it as, once a variable has held it. */
    public ?int $number = null;
    /** What Python shows around it, of a list that is none of the usual: `deque`. */
    public string $made = '';
    /** How many items it may have at most, where the ones at the other end give way (The Python Standard Library, "collections.deque"). */
    public ?int $most = null;
    /** Whether it has the members of what stands from the greatest to the least. */
    public bool $descending = false;
    /** Whether its items are gone once they have been asked for. */
    public bool $once = false;
    /** Where the items that are handed out only once come from, as long as there may be more. */
    public ?\Generator $more = null;
    /** What came behind the last of them, until somebody asks. */
    public mixed $last = null;
    /** What the real machine says where they are asked for while one is made. */
    public string $busy = '';
    private bool $isAsked = false;
    private bool $isMaking = false;
    /** @var list<string> of a record, whose class is what it was made as: the names of its places */
    public array $names = [];
    /** @var array<int, true> places that nothing was put into, of a list that grew by a place further on (ECMA-262, 10.4.2) */
    public array $gaps = [];
    /** @var array{int, string, MapValue|null}|null where a pattern found it, in which text, and its groups that have names */
    public ?array $found = null;

    /**
     * @param list<mixed> $items
     * @param bool        $fixed whether it is a tuple of Python, which no item can be put into
     */
    public function __construct(public array $items, public bool $fixed = false)
    {
        Room::spend(1 + \count($items));
    }

    /**
     * Places that nothing was put into, as long as nothing stands there.
     *
     * @return array<int, true>
     */
    public function gaps(): array
    {
        foreach ($this->gaps as $place => $_true) {
            if (!\array_key_exists($place, $this->items) || null !== $this->items[$place]) {
                // The list was put into another order, or is filled up.
                unset($this->gaps[$place]);
            }
        }

        return $this->gaps;
    }

    /** Whether there is an item, which is made now if there was none. */
    public function hasNext(): bool
    {
        if ([] === $this->items && null !== $this->more) {
            $this->make($this->more);
        }

        return [] !== $this->items;
    }

    /**
     * What made the one item goes on to its end, or hears of what failed meanwhile; true if it ends that (The Python Standard Library
     * 3.11, contextlib.contextmanager).
     */
    public function goesOn(?RunError $failed): bool
    {
        [$more, $this->more] = [$this->more, null];
        try {
            null === $failed ? $more?->next() : $more?->throw($failed);
        } catch (RunError $error) {
            return $error === $failed ? false : throw $error;
        }
        if (true === $more?->valid()) {
            throw new RunError('no_more', [], null === $failed ? "generator didn't stop" : "generator didn't stop after throw()", FailureKind::Runtime);
        }

        return null !== $failed;
    }

    /** @return list<mixed> all that is left, made now as far as it was not */
    public function rest(): array
    {
        while (null !== $this->more) {
            $this->make($this->more);
        }

        return $this->items;
    }

    private function make(\Generator $more): void
    {
        if ($this->isMaking) {
            // What makes it asks for it itself (The Python Language Reference, 6.2.9.1).
            throw new RunError('makes_itself', [], $this->busy);
        }
        $this->isMaking = true;
        try {
            $this->isAsked ? $more->next() : $more->current();
        } catch (\Throwable $error) {
            $this->more = null;
            throw $error;
        } finally {
            $this->isMaking = false;
        }
        $this->isAsked = true;
        if ($more->valid()) {
            Room::spend(1);
            $this->items[] = $more->current();
        } else {
            $this->more = null;
            $this->last = $more->getReturn();
        }
    }
}
