<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Values on the printout, with a space between them, and the end of the line behind them or not. */
final readonly class PrintLine extends Statement
{
    /** @var list<Expression> */
    public array $values;

    /** @param Expression|list<Expression> $values */
    public function __construct(public int $id, Expression|array $values, public bool $off = false, public bool $endsLine = true)
    {
        $this->values = $values instanceof Expression ? [$values] : $values;
    }

    public function entry(): string
    {
        return $this->endsLine ? 'print' : 'print_on';
    }

    public function blanks(): array
    {
        $blanks = [];
        foreach ($this->values as $index => $value) {
            $blanks[0 === $index ? 'value' : "value$index"] = $value;
        }

        return $blanks;
    }

    public function withBlank(string $name, Expression $value): static
    {
        $values = $this->values;
        $values[(int) substr($name, \strlen('value'))] = $value;

        return $this->with(['values' => array_values($values)]);
    }
}
