<?php

declare(strict_types=1);

namespace Scrivlet\Core\Edit;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Branch;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/** New rows with the catalogue's first values in their blanks. */
final readonly class Blueprint
{
    public function __construct(private Program $program)
    {
    }

    /**
     * @param string $key an entry of the catalogue; `call.NAME` for a call of one of the program's own functions
     *
     * @return Statement with the id 0
     *
     * @throws Refusal
     */
    public function row(string $key): Statement
    {
        if (str_starts_with($key, 'call.')) {
            $function = $this->program->functionNamed(substr($key, 5)) ?? throw new Refusal('edit.unknown_row');

            return new OwnCall(0, $function->name, array_fill(0, \count($function->parameters), new NumberLiteral(10)));
        }
        $entry = Catalogue::find($key);
        if (null === $entry || $entry->value) {
            throw new Refusal('edit.unknown_row');
        }
        $blank = static fn (string $name): Expression => $entry->slot($name)->default ?? throw new \LogicException("$key has no $name.");
        if ($entry->command) {
            $arguments = [];
            foreach ($entry->slots as $slot) {
                $arguments[$slot->name] = $slot->default ?? throw new Refusal('edit.unknown_row');
            }

            return new Command(0, $key, $arguments);
        }

        return match ($key) {
            'repeat' => new Repeat(0, $blank('times'), new Block()),
            'count' => new Count(0, $this->freshName('number'), $blank('from'), $blank('to'), $blank('by'), new Block()),
            'while' => new WhileLoop(0, $blank('condition'), new Block()),
            'forever' => new Forever(0, new Block()),
            'break' => new BreakLoop(0),
            'continue' => new ContinueLoop(0),
            'if' => new Conditional(0, [new Branch($blank('condition'), new Block())]),
            'try' => new Attempt(0, new Block(), [new Rescue([], '', new Block())]),
            'raise' => new Raise(0, FailureKind::Value, $blank('says')),
            'set' => new SetVariable(0, $this->freshName('size'), $blank('value')),
            'change' => new ChangeVariable(0, $this->lastVariable() ?? 'size', $blank('amount')),
            'share' => new ShareVariable(0, $this->lastVariable() ?? 'size'),
            'define' => new FunctionDefinition(0, $this->freshName('pattern'), ['length'], new Block()),
            'return' => new GiveBack(0, $blank('value')),
            'leave' => new LeaveFunction(0),
            'print' => new PrintLine(0, $blank('value')),
            'comment' => new Comment(0, ''),
            'on_tapped', 'on_light', 'on_announced' => new Handler(0, $key, $blank(Handler::EVENTS[$key][1]), new Block()),
            'call' => $this->row('call.'.($this->firstFunction() ?? throw new Refusal('edit.no_functions'))),
            default => throw new Refusal('edit.unknown_row'),
        };
    }

    private function firstFunction(): ?string
    {
        foreach ($this->program->definitions() as $function) {
            if ('' === $function->class()) {
                return $function->name;
            }
        }

        return null;
    }

    private function freshName(string $wish): string
    {
        $taken = [];
        foreach (Walk::statements($this->program->parts()) as $statement) {
            $taken += array_fill_keys($statement->assigned(), true);
            if ($statement instanceof FunctionDefinition) {
                $taken[$statement->name] = true;
                $taken += array_fill_keys($statement->parameters, true);
            }
        }
        $name = $wish;
        for ($number = 2; isset($taken[$name]); ++$number) {
            $name = $wish.'_'.$number;
        }

        return $name;
    }

    private function lastVariable(): ?string
    {
        $last = null;
        foreach (Walk::statements([$this->program->script]) as $statement) {
            $last = $statement->assigns() ?? $last;
        }

        return $last;
    }
}
