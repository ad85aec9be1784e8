<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Rows;

use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\Walk;

/** Rows that choose by a sign what is done: `ready && water();`, `ready ? water() : wait();`. */
final class DoneWhere
{
    /** @var array<int, true> rows that hold others, with one text for all */
    private array $inOneRow = [];

    public function __construct(private readonly BraceParser $parser)
    {
    }

    public function doneWhere(Expression $value, int $offset, int $end): ?Conditional
    {
        if ($value instanceof Binary && $value->operator->isLogic() && self::isDone($value->right)) {
            return $this->performedWhere(Operator::And === $value->operator ? $value->left : new Unary(UnaryOperator::Not, $value->left), $value->right, null, $offset, $end);
        }
        if (!$value instanceof Choice || !self::isDone($value->then) && !self::isDone($value->otherwise)) {
            return null;
        }
        // What stands there for nothing is not done: `ready ? water() : 0`.
        [$then, $otherwise] = array_map(static fn (Expression $side): ?Expression => [] === $side->operands() && !self::isDone($side) ? null : $side, [$value->then, $value->otherwise]);

        return null === $then && null !== $otherwise
            ? $this->performedWhere(new Unary(UnaryOperator::Not, $value->condition), $otherwise, null, $offset, $end)
            : $this->performedWhere($value->condition, $value->then, $otherwise, $offset, $end);
    }

    /** `ready && water();`, `ready ? water() : wait();`: what is done where something holds (ECMAScript 2022, 13.13 and 13.14). */
    private function performedWhere(Expression $condition, Expression $does, ?Expression $otherwise, int $offset, int $end): Conditional
    {
        $bodies = array_map(fn (Expression $value): Block => new Block([$this->parser->performed($value, $offset, $end)]), [$does, ...null === $otherwise ? [] : [$otherwise]]);
        $row = new Conditional($this->parser->newId(), [new Branch($condition, $bodies[0])], $bodies[1] ?? null);
        $this->inOneRow[$row->id] = true;

        return $row;
    }

    /** The row, with those that it holds; null if it is no such row. */
    public function endedInOneRow(Statement $row, int $start): ?Statement
    {
        if (!isset($this->inOneRow[$row->id])) {
            return null;
        }
        $this->parser->cut($row->id, 'head', $start, $this->parser->endOffset(), true);
        $outer = $this->parser->parent;
        foreach ($row->bodies() as $name => $body) {
            if (Conditional::OTHERWISE === $name) {
                $this->parser->cut($row->id, $name, $this->parser->endOffset(), $this->parser->endOffset(), true);
            }
            $this->parser->parent = $row->id;
            // What it holds stands in its text.
            $this->parser->ended($body->statements[0], $this->parser->endOffset());
            $this->parser->parent = $outer;
        }

        return $row;
    }

    /** Whether finding a value does something that shows. */
    private static function isDone(Expression $value): bool
    {
        $all = Walk::expressions($value);

        return [] !== array_filter($all, static fn (Expression $part): bool => $part instanceof Operation && (OperationKey::Console === $part->key || Result::Nothing === ValueOperations::find($part->key)?->result) || $part instanceof OwnValue || $part instanceof MethodCall);
    }
}
