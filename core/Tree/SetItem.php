<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** An item of a list, or the value of a key, becomes another; with an operator, from what it was. */
final readonly class SetItem extends Statement
{
    /** @param Expression $target an Item */
    public function __construct(public int $id, public Expression $target, public Expression $value, public ?Operator $operator = null, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'set_item';
    }

    /** The key of its words: an item that becomes larger is said otherwise than one that becomes another. */
    public function phrase(): string
    {
        return null === $this->operator ? 'set_item' : 'change_item_'.$this->operator->value;
    }

    public function blanks(): array
    {
        return ['target' => $this->target, 'value' => $this->value];
    }

    public function withBlank(string $name, Expression $value): static
    {
        return $this->with([$name => $value]);
    }
}
