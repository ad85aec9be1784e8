<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/** What an answer may have to be built with, besides doing the same. */
enum Construct: string
{
    case Loop = 'loop';
    case Condition = 'condition';
    case Variable = 'variable';
    case Function_ = 'function';
    case List_ = 'list';

    /** Whether a row that is switched on is of this construct; a function counts where it is used, and not where it only stands. */
    public function isIn(Program $program): bool
    {
        $functions = array_column($program->definitions(), 'name');
        foreach (self::live($program->parts()) as $row) {
            if ($this->isRow($row, $functions)) {
                return true;
            }
            foreach (Walk::expressionsOf($row) as $value) {
                if ($this->isValue($value, $functions)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<string> $functions */
    private function isRow(Statement $row, array $functions): bool
    {
        return match ($this) {
            self::Loop => $row instanceof Repeat || $row instanceof Count || $row instanceof WhileLoop || $row instanceof DoWhile || $row instanceof ForLoop || $row instanceof EachLoop || $row instanceof Forever,
            self::Condition => $row instanceof Conditional,
            self::Variable => $row instanceof SetVariable || $row instanceof ChangeVariable,
            self::Function_ => ($row instanceof OwnCall && \in_array($row->function, $functions, true)) || $row instanceof Handler,
            self::List_ => false,
        };
    }

    /** @param list<string> $functions */
    private function isValue(Expression $value, array $functions): bool
    {
        return match ($this) {
            self::Function_ => ($value instanceof OwnValue || $value instanceof FunctionReference) && \in_array($value->function, $functions, true),
            self::List_ => $value instanceof ListLiteral,
            default => false,
        };
    }

    /**
     * @param iterable<Statement> $rows
     *
     * @return list<Statement> rows that are switched on, those of functions too
     */
    public static function live(iterable $rows): array
    {
        $found = [];
        foreach ($rows as $row) {
            if ($row->off) {
                continue;
            }
            $found[] = $row;
            foreach ($row->bodies() as $body) {
                $found = [...$found, ...self::live($body->statements)];
            }
        }

        return $found;
    }
}
