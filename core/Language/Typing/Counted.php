<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Which names of a part stand in loops alone that count with them, found for all names in one go. */
final class Counted
{
    /** @var array<string, true> names that stand somewhere else, too */
    private array $shared = [];
    /** @var array<string, int> names that a loop around counts with */
    private array $inside = [];

    private function __construct(private readonly bool $isOfScript)
    {
    }

    public static function in(FunctionDefinition|Script $part): self
    {
        $counted = new self($part instanceof Script);
        $counted->look($part, []);

        return $counted;
    }

    public function isPrivate(string $name): bool
    {
        return !isset($this->shared[$name]);
    }

    /**
     * What a rescue keeps is known in its own rows alone.
     *
     * @param array<string, int> $hidden
     */
    private function lookInto(Attempt $attempt, array $hidden): void
    {
        foreach ($attempt->bodies() as $part => $body) {
            $before = $this->inside;
            $rescue = Attempt::rescueOf($part);
            if (null !== $rescue && '' !== $attempt->rescues[$rescue]->name) {
                $this->inside[$attempt->rescues[$rescue]->name] = 1;
            }
            foreach ($body->statements as $inner) {
                $this->look($inner, $hidden);
            }
            $this->inside = $before;
        }
    }

    /** @param array<string, int> $hidden names that mean something else in a function between the rows */
    private function look(Statement $statement, array $hidden): void
    {
        if ($statement->off) {
            return;
        }
        if ($statement instanceof FunctionDefinition) {
            $hidden += $this->isOfScript ? $this->inside : array_fill_keys($statement->parameters, 1);
        }
        $counts = $statement instanceof Attempt || $statement instanceof Count || $statement instanceof ForLoop || $statement instanceof EachLoop;
        $names = $statement->assigned();
        foreach ($names as $name) {
            if (!isset($hidden[$name]) && (!$counts || isset($this->inside[$name]))) {
                $this->shared[$name] = true;
            }
        }
        foreach ($statement instanceof ForLoop ? [] : Walk::expressionsOf($statement) as $expression) {
            if ($expression instanceof VariableRead && !isset($this->inside[$expression->name]) && !isset($hidden[$expression->name])) {
                $this->shared[$expression->name] = true;
            }
        }
        if ($statement instanceof Attempt) {
            $this->lookInto($statement, $hidden);

            return;
        }
        $before = $this->inside;
        if ($counts) {
            $this->inside += array_fill_keys($names, 1);
        }
        foreach ($statement->bodies() as $body) {
            foreach ($body->statements as $inner) {
                $this->look($inner, $hidden);
            }
        }
        $this->inside = $before;
    }
}
