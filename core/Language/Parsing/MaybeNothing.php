<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/**
 * Which values may be nothing, although all else that they may be is of one kind: what a map has for a key, what a function
 * gives whose end is reached (The Python Language Reference, 7.6). Whether anything is in them can't be asked by their length.
 */
final class MaybeNothing
{
    /** From one name to the next, and so often on. */
    private const ROUNDS = 20;
    /** @var array<string, true> variables by their names, wherever they are */
    private array $names = [];
    /** @var array<string, true> functions, and methods by their short names */
    private array $functions = [];

    public function __construct(Program $program)
    {
        $rows = Walk::statements($program->parts());
        foreach ($rows as $row) {
            if ($row instanceof FunctionDefinition && !self::isLeft($row->body)) {
                $this->functions += [$row->name => true, $row->shortName() => true];
            }
        }
        $rounds = 0;
        do {
            $before = \count($this->names);
            foreach ($rows as $row) {
                if ($row instanceof SetVariable && $this->is($row->value)) {
                    $this->names[$row->variable] = true;
                }
            }
        } while ($before < \count($this->names) && ++$rounds < self::ROUNDS);
    }

    public function is(Expression $value): bool
    {
        return match (true) {
            $value instanceof NothingLiteral => true,
            $value instanceof VariableRead => isset($this->names[$value->name]),
            $value instanceof OwnValue => isset($this->functions[$value->function]),
            $value instanceof MethodCall => isset($this->functions[$value->method]),
            $value instanceof Choice => $this->is($value->then) || $this->is($value->otherwise),
            $value instanceof Operation => \in_array($value->key, [OperationKey::ValueOr, OperationKey::PopOr, OperationKey::ValueOrPut], true) && $this->is($value->arguments[2]),
            default => false,
        };
    }

    /** Whether the end of rows is never reached. */
    private static function isLeft(Block $body): bool
    {
        $last = BraceParser::lastRow($body->statements);

        return match (true) {
            $last instanceof GiveBack, $last instanceof Raise, $last instanceof RaiseObject, $last instanceof Forever => true,
            $last instanceof Conditional => null !== $last->otherwise && [] === array_filter($last->bodies(), static fn (Block $branch): bool => !self::isLeft($branch)),
            $last instanceof WhileLoop => $last->condition == new TruthLiteral(true) && [] === array_filter(Walk::statements($last->body->statements), static fn (Statement $row): bool => $row instanceof BreakLoop),
            $last instanceof Attempt => [] === array_filter($last->bodies(), static fn (Block $branch): bool => !self::isLeft($branch)),
            default => false,
        };
    }
}
