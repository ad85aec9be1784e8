<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** A program with one fault of thought, in each way and at each place that it has. Whether it shows is for others to try. */
final class Faults
{
    /** @var list<array{FaultKind, int, Program}> kind, id of the row, the program with it */
    private array $found = [];
    /** @var list<string> */
    private readonly array $variables;

    private function __construct(private readonly Program $program)
    {
        $variables = [];
        foreach (Walk::statements($program->parts()) as $row) {
            $variables += array_fill_keys($row->assigned(), true);
        }
        $this->variables = array_map(strval(...), array_keys($variables));
    }

    /** @return list<array{FaultKind, int, Program}> in the order of the page */
    public static function of(Program $program): array
    {
        $faults = new self($program->withoutTyping());
        foreach (Walk::statements($program->parts()) as $row) {
            $faults->inRow($row);
            foreach ($row->bodies() as $name => $body) {
                $faults->inBody($row, $name, $body);
            }
        }

        return $faults->found;
    }

    private function replaced(FaultKind $kind, Statement $row): void
    {
        $this->add($kind, $row->id, static fn (Statement $one): Statement => $one->id === $row->id ? $row : $one);
    }

    /** @param \Closure(Statement): Statement $change */
    private function add(FaultKind $kind, int $row, \Closure $change): void
    {
        $map = static fn (Statement $part): Statement => Walk::map($part, $change);
        $script = $map($this->program->script);
        \assert($script instanceof Script);
        $this->found[] = [$kind, $row, $this->program->withScript($script)->withFunctions(array_map($map, $this->program->functions))->withBelow(array_map($map, $this->program->below))];
    }

    private function inRow(Statement $row): void
    {
        if ($row instanceof Repeat && $row->times instanceof NumberLiteral) {
            $this->replaced(FaultKind::TurnMore, $row->withBlank('times', new NumberLiteral($row->times->value + 1)));
            $this->replaced(FaultKind::TurnLess, $row->withBlank('times', new NumberLiteral($row->times->value - 1)));
        }
        if ($row instanceof Count && $row->to instanceof NumberLiteral) {
            $this->replaced(FaultKind::TurnMore, $row->withBlank('to', new NumberLiteral($row->to->value + 1)));
            $this->replaced(FaultKind::TurnLess, $row->withBlank('to', new NumberLiteral($row->to->value - 1)));
        }
        if ($row instanceof SetVariable && $row->value instanceof NumberLiteral) {
            $this->replaced(FaultKind::OtherStart, $row->withBlank('value', new NumberLiteral($row->value->value + 1)));
        }
        if ($row instanceof Command) {
            $this->inCommand($row);
        }
        if ($row instanceof Conditional && null !== $row->otherwise) {
            $first = $row->branches[0];
            $this->replaced(FaultKind::WrongBranch, $row->withBody('then0', $row->otherwise)->withBody('otherwise', $first->body));
        }
        if ($row instanceof Conditional && null === $row->otherwise) {
            $branches = $row->branches;
            $branches[0] = new Branch(new Unary(UnaryOperator::Not, $branches[0]->condition), $branches[0]->body);
            $this->replaced(FaultKind::WrongBranch, $row->withBranches($branches, null));
        }
        foreach ($row->blanks() as $name => $blank) {
            foreach ($this->changed($blank) as [$kind, $value]) {
                $this->replaced($kind, $row->withBlank((string) $name, $value));
            }
        }
    }

    private function inCommand(Command $row): void
    {
        $numbers = array_filter($row->arguments, static fn (Expression $argument): bool => $argument instanceof NumberLiteral);
        foreach ($numbers as $name => $number) {
            $this->replaced(FaultKind::OtherNumber, $row->withBlank((string) $name, new NumberLiteral(0.0 === (float) $number->value ? 10 : ($number->value > 20 ? $number->value - 15 : $number->value + 1))));
        }
        $names = array_keys($row->arguments);
        if (\count($names) >= 2 && $row->arguments[$names[0]] != $row->arguments[$names[1]]) {
            $this->replaced(FaultKind::ArgumentOrder, $row->withBlank((string) $names[0], $row->arguments[$names[1]])->withBlank((string) $names[1], $row->arguments[$names[0]]));
        }
    }

    /**
     * A value with one thing in it another.
     *
     * @return list<array{FaultKind, Expression}>
     */
    private function changed(Expression $value): array
    {
        $found = [];
        if ($value instanceof Binary) {
            $other = match ($value->operator) {
                Operator::Less => Operator::LessOrEqual,
                Operator::LessOrEqual => Operator::Less,
                Operator::Greater => Operator::GreaterOrEqual,
                Operator::GreaterOrEqual => Operator::Greater,
                default => null,
            };
            if (null !== $other) {
                $found[] = [FaultKind::LessOrEqual, new Binary($other, $value->left, $value->right)];
            }
            if ($value->operator->isComparison() && $value->right instanceof NumberLiteral) {
                $found[] = [FaultKind::WrongBound, new Binary($value->operator, $value->left, new NumberLiteral($value->right->value + 1))];
            }
            if (Operator::Add === $value->operator || Operator::Subtract === $value->operator) {
                $found[] = [FaultKind::OtherSign, new Binary(Operator::Add === $value->operator ? Operator::Subtract : Operator::Add, $value->left, $value->right)];
            }
        }
        if ($value instanceof VariableRead) {
            foreach ($this->variables as $name) {
                if ($name !== $value->name) {
                    $found[] = [FaultKind::WrongVariable, new VariableRead($name)];
                    break;
                }
            }
        }
        $operands = $value->operands();
        foreach ($operands as $index => $operand) {
            foreach ($this->changed($operand) as [$kind, $inner]) {
                $found[] = [$kind, $value->withOperands(array_values(array_replace($operands, [$index => $inner])))];
            }
        }

        return $found;
    }

    private function inBody(Statement $holder, string $name, Block $body): void
    {
        $rows = $body->statements;
        $set = function (FaultKind $kind, int $row, array $changed) use ($holder, $name): void {
            /** @var list<Statement> $changed */
            $this->add($kind, $row, static fn (Statement $one): Statement => $one->id === $holder->id ? $one->withBody($name, new Block($changed)) : $one);
        };
        foreach ($rows as $index => $row) {
            if ($row instanceof FunctionDefinition || $row instanceof Comment || $row instanceof Import) {
                continue;
            }
            $without = array_values(array_diff_key($rows, [$index => true]));
            $kind = match (true) {
                $row instanceof ChangeVariable => FaultKind::MissingChange,
                $row instanceof GiveBack => FaultKind::NoReturn,
                default => FaultKind::MissingRow,
            };
            if ([] !== $without) {
                $set($kind, $row->id, $without);
            }
            $next = $rows[$index + 1] ?? null;
            if (null !== $next && !$next instanceof FunctionDefinition) {
                $set(FaultKind::Swapped, $row->id, array_replace($rows, [$index => $next, $index + 1 => $row]));
            }
            $inner = $row->isLoop() ? ($row->bodies()['body'] ?? new Block())->statements : [];
            if (\count($inner) > 1) {
                $last = $inner[\count($inner) - 1];
                $shorter = $row->withBody('body', new Block(\array_slice($inner, 0, -1)));
                $set(FaultKind::OutOfLoop, $last->id, [...\array_slice($rows, 0, $index), $shorter, $last, ...\array_slice($rows, $index + 1)]);
            }
            if ([] !== $inner && null !== $next && !$next instanceof FunctionDefinition) {
                $longer = $row->withBody('body', new Block([...$inner, $next]));
                $set(FaultKind::IntoLoop, $next->id, [...\array_slice($rows, 0, $index), $longer, ...\array_slice($rows, $index + 2)]);
            }
        }
    }
}
