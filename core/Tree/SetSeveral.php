<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Several names or items get their values at once, all values found before the first is given. */
final readonly class SetSeveral extends Statement
{
    /**
     * @param list<Expression> $targets variables or items
     * @param list<Expression> $values  as many as targets, or one that is taken apart
     */
    public function __construct(public int $id, public array $targets, public array $values, public bool $off = false)
    {
    }

    public function entry(): string
    {
        return 'set_several';
    }

    public function blanks(): array
    {
        return $this->named();
    }

    public function withBlank(string $name, Expression $value): static
    {
        $list = str_starts_with($name, 'target') ? 'targets' : 'values';
        $values = $this->{$list};
        $values[(int) preg_replace('/\D/', '', $name)] = $value;

        return $this->with([$list => array_values($values)]);
    }

    /** @return array<string, Expression> */
    private function named(): array
    {
        $blanks = [];
        foreach ($this->targets as $index => $target) {
            $blanks["target$index"] = $target;
        }
        foreach ($this->values as $index => $value) {
            $blanks["value$index"] = $value;
        }

        return $blanks;
    }

    protected function namedItself(): array
    {
        $names = [];
        foreach ($this->targets as $target) {
            if ($target instanceof VariableRead) {
                $names[] = $target->name;
            }
        }

        return $names;
    }
}
