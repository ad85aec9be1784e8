<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A part of a list or text, without the item at the second bound. */
final readonly class Slice extends Expression
{
    public function __construct(public Expression $container, public Expression $from, public Expression $to)
    {
    }

    /** The words that say it: a bound that is left out is none of them. */
    public function form(): string
    {
        $isOpen = $this->to instanceof NothingLiteral;

        return $this->from instanceof NothingLiteral ? ($isOpen ? 'slice_whole' : 'slice_until') : ($isOpen ? 'slice_on' : 'slice');
    }

    public function operands(): array
    {
        return [$this->container, $this->from, $this->to];
    }

    public function withOperands(array $operands): Expression
    {
        return new self($operands[0], $operands[1], $operands[2]);
    }
}
