<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/**
 * One row of a program, with what it holds. Its parts are reached by name, so that walking, editing and storing
 * need no case for each class: blanks hold expressions, labels hold names and plain words, bodies hold rows.
 */
abstract readonly class Statement extends Node
{
    // Each kind of row has both in its own constructor.
    /** @phpstan-ignore property.uninitializedReadonly */
    public int $id;
    /** A row that is switched off stays in the program, shows as a comment in text, and does not run. */
    public bool $off; // @phpstan-ignore property.uninitializedReadonly

    /** Key of this statement's entry in the catalogue. */
    abstract public function entry(): string;

    /** @return array<string, Expression> */
    public function blanks(): array
    {
        return [];
    }

    public function withBlank(string $name, Expression $value): static
    {
        throw new \OutOfBoundsException("No blank $name in {$this->entry()}.");
    }

    /** @return array<string, string> */
    public function labels(): array
    {
        return [];
    }

    public function withLabel(string $name, string $value): static
    {
        throw new \OutOfBoundsException("No label $name in {$this->entry()}.");
    }

    /** @return array<string, Block> in the order in which they stand on the page */
    public function bodies(): array
    {
        return [];
    }

    public function withBody(string $name, Block $body): static
    {
        throw new \OutOfBoundsException("No body $name in {$this->entry()}.");
    }

    final public function withId(int $id): static
    {
        return $this->id === $id ? $this : $this->with(['id' => $id]);
    }

    final public function withOff(bool $off): static
    {
        return $this->with(['off' => $off]);
    }

    /** The variable to which this row gives a value, if it does. */
    public function assigns(): ?string
    {
        return null;
    }

    /** @return list<string> all variables to which this row gives a value, or which it names */
    final public function assigned(): array
    {
        $names = $this->namedItself();
        foreach ($this->blanks() as $blank) {
            Given::names($blank, $names);
        }

        return $names;
    }

    /** @return list<string> the variables to which the row itself gives a value, not a value in it */
    protected function namedItself(): array
    {
        $name = $this->assigns();

        return null === $name ? [] : [$name];
    }

    public function isLoop(): bool
    {
        return false;
    }
}
