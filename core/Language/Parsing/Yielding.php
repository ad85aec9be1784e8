<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/** Functions that yield one thing after another. */
trait Yielding
{
    /** @var array<string, string> the list in which a function gathers what it yields, by its scope */
    public array $yields = [];
    private ?int $generators = null;

    /**
     * `yield plant`: what a function yields is put into a list, and given back as a whole, where nobody sees the difference; else
     * it is handed out when it is asked for (The Python Language Reference, 6.2.9; ECMAScript 2022, 15.5).
     */
    protected function yielded(Token $token): Statement
    {
        $made = $this->yields[$this->scope] ?? null;
        if (null === $made) {
            $this->fail('outside_function', $token);
        }
        ++$this->at;
        // A name in JavaScript.
        $isAll = TokenKind::Keyword === $this->peek()?->kind && $this->accept('from') || $this->accept('*');
        $isBare = !$isAll && (null === $this->peek() || $this->is(';') || $this->is('}'));
        $value = $isBare ? new NothingLiteral() : $this->valueYielded();
        if ($this->is(',')) {
            $this->fail('unsupported', $token, ['what' => 'yield …, …']);
        }

        return new Perform($this->newId(), new Operation($isAll ? OperationKey::Extend : OperationKey::Append, [new VariableRead($made), $value]));
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

    /** How many functions of the text yield something. */
    private function generators(): int
    {
        if (null !== $this->generators) {
            return $this->generators;
        }
        $count = 0;
        $isCounted = true;
        foreach ($this->tokens as $index => $token) {
            $before = $this->tokens[$index - 1]->text ?? '';
            if (TokenKind::Keyword === $token->kind && ('def' === $token->text || 'function' === $token->text) || '*' === $token->text && \in_array($before, ['{', '}', ';', ',', 'static'], true)) {
                $isCounted = false;
            } elseif (!$isCounted && 'yield' === $token->text && TokenKind::Keyword === $token->kind) {
                $isCounted = true;
                ++$count;
            }
        }

        return $this->generators = $count;
    }

    /** Whether it shows that a function waits between two things that it yields. */
    private function isSeenToWait(Block $body, string $made): bool
    {
        if (1 < $this->generators()) {
            // One may go over another, whose items are made when they are asked for.
            return true;
        }
        $yielded = $altered = [];
        foreach (Walk::statements($body->statements) as $row) {
            $value = $row instanceof Perform ? $row->value : null;
            if ($value instanceof Operation && ($value->arguments[0] ?? null) == new VariableRead($made)) {
                foreach (Walk::expressions($value->arguments[1] ?? $value) as $part) {
                    $yielded += $part instanceof VariableRead ? [$part->name => true] : [];
                }
            } elseif (!$row instanceof SetVariable) {
                $altered += array_fill_keys(array_diff($this->alteredBy($row), $row->assigned()), true);
            }
        }
        if ([] !== array_intersect_key($yielded, $altered)) {
            // What was yielded is another one a step later.
            return true;
        }
        foreach (Walk::statements($body->statements) as $row) {
            if ($row instanceof PrintLine || $row instanceof Command || $row instanceof Forever || $row instanceof ForLoop && $row->condition == new TruthLiteral(true) || $row instanceof WhileLoop && $row->condition == new TruthLiteral(true) || $row instanceof OwnCall || $row instanceof ShareVariable) {
                return true;
            }
            if ([] !== array_diff($this->alteredBy($row), [...$this->ownNames(), $made])) {
                return true;
            }
            foreach (Walk::expressionsOf($row) as $value) {
                if ($value instanceof CommandValue || $value instanceof OwnValue || $value instanceof MethodCall || $value instanceof Operation && \in_array($value->key, [OperationKey::Ask, OperationKey::AskWord, OperationKey::NextWord, OperationKey::AllInput, OperationKey::NextItem, OperationKey::NextStep, OperationKey::Printed], true)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A row that gathers as one that hands out, and waits. */
    private static function handedOut(Statement $row, string $made): Statement
    {
        if ($row instanceof GiveBack && $row->value == new VariableRead($made)) {
            return new LeaveFunction($row->id, $row->off);
        }
        $value = $row instanceof Perform ? $row->value : null;
        if (!$row instanceof Perform || !$value instanceof Operation || !\in_array($value->key, [OperationKey::Append, OperationKey::Extend], true) || $value->arguments[0] != new VariableRead($made)) {
            return $row;
        }

        return $row->withBlank('value', new Operation(OperationKey::Append === $value->key ? OperationKey::HandOut : OperationKey::HandOutAll, [$value->arguments[1]]));
    }

    /**
     * The rows of a function that yields: a list at their head, given back at their end.
     *
     * @param int  $begins the end of the header
     * @param bool $waits  whether it hands out in any case
     */
    public function gathering_(Block $body, string $made, int $id, int $begins, bool $waits = false): Block
    {
        if ($waits || $this->isSeenToWait($body, $made)) {
            return new Block(array_map(static fn (Statement $row): Statement => Walk::map($row, static fn (Statement $part): Statement => self::handedOut($part, $made)), $body->statements));
        }
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
