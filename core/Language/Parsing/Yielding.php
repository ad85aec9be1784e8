<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Functions that yield one thing after another. */
trait Yielding
{
    /** Whether a function yields in a way that is not read. */
    protected bool $isYieldRefused = false;

    /** @var array<string, string> the list in which a function gathers what it yields, by its scope */
    protected array $yields = [];

    /**
     * `yield plant`: what a function yields is put into a list, and given back as a whole; nobody sees the difference where
     * the function does nothing else meanwhile (The Python Language
     * Reference, 6.2.9; ECMAScript 2022, 15.5).
     */
    protected function yielded(Token $token): Statement
    {
        $made = $this->yields[$this->scope] ?? null;
        if (null === $made && !$this->isYieldRefused) {
            $this->fail('outside_function', $token);
        }
        ++$this->at;
        $isAll = $this->accept('from') || $this->accept('*');
        $value = $this->valueYielded();
        if (null === $made) {
            // Of a function that could not be read, which its head says.
            return new Perform($this->newId(), $value);
        }
        if ($this->is(',')) {
            $this->fail('unsupported', $token, ['what' => 'yield …, …']);
        }

        return new Perform($this->newId(), new Operation($isAll ? 'extend' : 'append', [new VariableRead($made), $value]));
    }

    protected function valueYielded(): Expression
    {
        return $this->value();
    }

    /** @return list<string> the names that are the function's own */
    abstract protected function ownNames(): array;

    /** @return list<string> the names that a row gives a value, or in which it changes something */
    private function alteredBy(Statement $row): array
    {
        $changed = match (true) {
            $row instanceof SetItem => $row->target,
            $row instanceof Perform && $row->value instanceof Operation && true === ValueOperations::find($row->value->key)?->hasEffect() => $row->value->arguments[0] ?? null,
            default => null,
        };
        while ($changed instanceof Item || $changed instanceof Field) {
            $changed = $changed instanceof Item ? $changed->container : $changed->object;
        }

        return [...$row->assigned(), ...$changed instanceof VariableRead ? [$changed->name] : []];
    }

    /**
     * The rows of a function that yields: a list at their head, given back at their end.
     *
     * @param int $begins the end of the header
     */
    protected function gathering_(Block $body, string $made, int $id, int $begins, Token $name): Block
    {
        $this->isYieldRefused = true;
        foreach (Walk::statements($body->statements) as $row) {
            if ($row instanceof PrintLine || $row instanceof Command || $row instanceof Forever || $row instanceof OwnCall || $row instanceof ShareVariable) {
                // Then it can be seen that it waits between two of them.
                $this->fail('unsupported', $name, ['what' => 'yield']);
            }
            if ([] !== array_diff($this->alteredBy($row), [...$this->ownNames(), $made])) {
                $this->fail('unsupported', $name, ['what' => 'yield']);
            }
            foreach (Walk::expressionsOf($row) as $value) {
                if ($value instanceof CommandValue || $value instanceof Operation && \in_array($value->key, ['ask', 'ask_word', 'next_word', 'all_input'], true)) {
                    $this->fail('unsupported', $name, ['what' => 'yield']);
                }
            }
        }
        $this->isYieldRefused = false;
        $first = new SetVariable($this->newId(), $made, new ListLiteral([]));
        $this->atHead([$first], $id, $begins);
        $last = new GiveBack($this->newId(), new VariableRead($made));
        $this->atHead([$last], $id, $this->endOffset());

        $rows = $body->statements;
        for ($end = \count($rows); $end > 0 && $rows[$end - 1] instanceof Comment; --$end) {
        }
        // Remarks behind the last row stay behind it.
        array_splice($rows, $end, 0, [$last]);

        return new Block([$first, ...$rows]);
    }
}
