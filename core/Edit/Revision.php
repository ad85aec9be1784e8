<?php

declare(strict_types=1);

namespace Scrivlet\Core\Edit;

/**
 * The rule of undo and redo over a history that only grows.
 *
 * Every revision knows which revision its undo and its redo lead to. An undo is itself a new revision, so that
 * nothing that ever stood is lost, and undoing can go on to the very first.
 */
final readonly class Revision
{
    public function __construct(public int $number, public ?int $undoTo, public ?int $redoTo)
    {
    }

    public static function first(): self
    {
        return new self(1, null, null);
    }

    /** After an ordinary edit of this revision, or a return to an older one. */
    public function edited(): self
    {
        return new self($this->number + 1, $this->number, null);
    }

    /** After something was found out of this revision that is no edit of a person: undo passes over it. */
    public function noted(): self
    {
        return new self($this->number + 1, $this->undoTo, $this->redoTo);
    }

    /** @param self $target the revision that undoTo names; the new one holds its program */
    public function undone(self $target): self
    {
        return new self($this->number + 1, $target->undoTo, $this->number);
    }

    /** @param self $target the revision that redoTo names; the new one holds its program */
    public function redone(self $target): self
    {
        return new self($this->number + 1, $this->number, $target->redoTo);
    }
}
