<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** An item of a list, a letter of a text or a value of a map; whole numbers below zero count from the end where the language does. */
final readonly class Item extends Expression
{
    /** @param bool $strict while a C++ text is read: `.at()`, which stops where the key is missing */
    public function __construct(public Expression $container, public Expression $index, public bool $strict = false)
    {
    }

    public function operands(): array
    {
        return [$this->container, $this->index];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands[0], $operands[1], $this->strict);
    }
}
