<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\LiveLoops;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Run\AnswerWanted;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\StepLimitReached;
use Scrivlet\Core\Run\TimeLimitReached;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Holding;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\RealNumber;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** Loops, and rows that hold others while something is open. */
final class LoopCode
{
    /** The longest fixed step of a count that is added in place. */
    private const SHORT_STRIDE = 100000000;

    public function __construct(private readonly Compiler $compiler)
    {
    }

    public function inLoop(Block $body, int $depth = 1): string
    {
        $this->compiler->loops[] = $depth;
        $code = $this->compiler->perhaps($body);
        array_pop($this->compiler->loops);

        return $code;
    }

    /**
     * In JavaScript each turn of a loop has variables of its own, which the functions made in it go on seeing (ECMA-262, 14.7.4.4).
     */
    public function ofThisTurn(Statement $loop): string
    {
        if (!$this->compiler->facts->freshTurns) {
            return '';
        }
        $part = $this->compiler->part instanceof FunctionDefinition ? $this->compiler->part->body->statements : [...$this->compiler->program->functions, ...$this->compiler->part->body->statements, ...$this->compiler->program->below];
        $code = '';
        foreach ($this->compiler->turns->variables($loop, $part) as $name) {
            if ($this->compiler->types->scopes->owner($this->compiler->part, $name) === ($this->compiler->part instanceof FunctionDefinition ? $this->compiler->part->id : Scopes::PROGRAM)) {
                $variable = $this->compiler->variable($name);
                $kept = $this->compiler->temporary();
                $code .= "$kept = $variable; unset($variable); $variable = $kept;\n";
            }
        }

        return $code;
    }

    /** What is held is let go of once, however the rows end; an object of the program's own hears of what failed, and may end it (The Python Language Reference, 8.5). */
    public function held(Holding $holding): string
    {
        [$held, $failed, $through] = [$this->compiler->temporary(), $this->compiler->temporary(), $this->compiler->temporary()];
        $opened = $this->compiler->step($holding)."$through = false;\n$held = ".$this->compiler->expression($holding->value).";\n".$this->compiler->assignmentCode->assign($holding->variable, "\$this->entered($held)");

        return $opened."try {\n".$this->compiler->perhaps($holding->body).'} catch ('.RunError::class." $failed) {\n{$failed}->row ??= \$r;\n$through = true;\nif (!\$this->leaves($held, $failed)) { throw $failed; }\n"
            .'} catch ('.StepLimitReached::class.'|'.TimeLimitReached::class.'|'.AnswerWanted::class." \$e) { $through = true; throw \$e; }\nfinally { if (!$through) { \$this->leaves($held, null); } }\n";
    }

    public function each(EachLoop $loop): string
    {
        $row = \count($this->compiler->rows);
        $step = $this->compiler->step($loop);
        [$item, $first] = [$this->compiler->temporary(), $this->compiler->temporary()];
        $turns = $this->compiler->facts->liveLoops ? LiveLoops::of($loop) : null;
        if (null === $turns && $this->compiler->facts->liveLoops && $loop->over instanceof VariableRead && 1 === \count($loop->variables) && LiveLoops::isLeft($loop)) {
            $turns = [$loop->over, ''];
        }
        if (null === $turns && $this->compiler->functionCode->handsOut()) {
            $isNumbered = $loop->over instanceof Operation && OperationKey::Numbered === $loop->over->key;
            $turns = $isNumbered ? [$loop->over->arguments[0], 'numbered'] : [$loop->over, 1 === \count($loop->variables) ? '' : 'rows'];
        }
        $over = null !== $turns ? '$v->turns('.$this->compiler->expression($turns[0]).', '.var_export($turns[1], true).')' : (1 === \count($loop->variables) ? '$v->over(' : '$v->rows(').$this->compiler->operationCode->goneOver($loop->over).')';
        $apart = 1 === \count($loop->variables) ? '' : "$item = \$v->apart($item, ".\count($loop->variables).");\n";
        $body = $this->compiler->places->perhaps(function () use ($loop, $item, $apart): string {
            $isCopied = $this->compiler->facts->typed && !$loop->refers && TypeKind::Copied === $this->compiler->types->variable($this->compiler->part, $loop->variables[0])->kind;
            $assign = 1 === \count($loop->variables) ? $this->compiler->assignmentCode->assign($loop->variables[0], $isCopied ? "\$v->cloned($item)" : $item) : '';
            foreach (1 === \count($loop->variables) ? [] : $loop->variables as $index => $name) {
                $assign .= $this->compiler->assignmentCode->assign($name, "{$item}[$index]");
            }

            return $apart.$this->ofThisTurn($loop).$assign.$this->inLoop($loop->body);
        });

        return $step."$first = true;\nforeach ($over as $item) {\nif (!$first) { ".$this->compiler->stepAt($row)."} $first = false;\n".$body."}\n";
    }

    public function forLoop(ForLoop $loop): string
    {
        $from = $this->compiler->step($loop, 'before').$this->compiler->assignmentCode->assign($loop->variable, $this->compiler->expression($loop->from), $loop->from);
        $test = $this->compiler->step($loop).'if (!'.$this->compiler->numberCode->asked($loop->condition).") { break; }\n";
        $next = new Binary($loop->operator, new VariableRead($loop->variable), $loop->amount);

        return $from."while (true) {\n".$test."do {\n".$this->inLoop($loop->body, 2)."} while (false);\n".$this->ofThisTurn($loop).$this->compiler->assignmentCode->assign($loop->variable, $this->compiler->expression($next), $next)."}\n";
    }

    public function doWhile(DoWhile $loop): string
    {
        return "while (true) {\n".$this->ofThisTurn($loop)."do {\n".$this->inLoop($loop->body, 2)."} while (false);\n".$this->compiler->step($loop).'if (!'.$this->compiler->numberCode->asked($loop->condition).") { break; }\n}\n";
    }

    public function repeat(Repeat $repeat): string
    {
        $row = \count($this->compiler->rows);
        $step = $this->compiler->step($repeat);
        $turn = $this->compiler->temporary();
        $times = $this->compiler->temporary();

        return $step."$times = \$v->".($this->isCounted($repeat->times) ? 'times' : 'whole').'('.$this->compiler->expression($repeat->times).");\n"
            ."for ($turn = 0; $turn < $times; ++$turn) {\nif ($turn > 0) { ".$this->compiler->stepAt($row).'}'."\n".$this->ofThisTurn($repeat).$this->inLoop($repeat->body)."}\n";
    }

    public function count(Count $count): string
    {
        $row = \count($this->compiler->rows);
        $step = $this->compiler->step($count);
        [$at, $to, $by, $first] = [$this->compiler->temporary(), $this->compiler->temporary(), $this->compiler->temporary(), $this->compiler->temporary()];
        $number = $this->isCounted($count->from) ? '$v->times(' : '$v->number(';
        $start = $number.$this->compiler->expression($count->from).')';
        if ($this->compiler->facts->typed && !($this->compiler->types->expression($this->compiler->part, $count->from)->isWhole() && $this->compiler->types->expression($this->compiler->part, $count->by)->isWhole())) {
            $start = "(float) $start";
        }

        $body = $this->compiler->places->perhaps(fn (): string => $this->ofThisTurn($count).$this->compiler->assignmentCode->assign($count->variable, $at).$this->inLoop($count->body));
        $stride = $count->by instanceof NumberLiteral && \is_int($count->by->value) && 0 !== $count->by->value && abs($count->by->value) < self::SHORT_STRIDE ? $count->by->value : null;
        $set = null === $stride ? "$by = \$this->stride(\$v->number(".$this->compiler->expression($count->by).')); ' : '';
        $on = null === $stride ? "$by > 0 ? $at <= $to : $at >= $to" : "$at ".($stride > 0 ? '<=' : '>=')." $to";
        // Python and JavaScript have no end to their numbers that a count could reach.
        $wide = $this->compiler->types->expression($this->compiler->part, new VariableRead($count->variable))->isWide() ? ', true' : '';
        $next = null === $stride ? "\$v->add($at, $by$wide)" : ($this->compiler->facts->typed ? "\\is_int($at) && \\abs($at) < 2000000000 ? $at + $stride : \$v->add($at, $stride$wide)" : "$at + $stride");

        return $step."$at = $start; $to = ".$this->end($count->to)."; $set$first = true;\n"
            ."for (; $on; $at = $next) {\nif (!$first) { ".$this->compiler->stepAt($row)."} $first = false;\n".$body."}\n";
    }

    /**
     * Whether only whole numbers count, as in a text of Python, while a block counts with what is in front of the point: one that
     * was filled in as a block is written with `int(…)`, and a text that says so itself is told of it.
     */
    private function isCounted(Expression $value): bool
    {
        return $this->compiler->facts->countsWhole && !RealNumber::is($value) && isset($this->compiler->program->handwriting[$this->compiler->language->value]);
    }

    /** The end of a count; one from 2^63 on is never reached. */
    private function end(Expression $to): string
    {
        if (!$this->compiler->numberCode->isUnsigned($to)) {
            if (!$this->isCounted($to)) {
                return '$v->number('.$this->compiler->expression($to).')';
            }
            // What is asked is the end as it is written, which the count stops before.
            $isBefore = $to instanceof Binary && Operator::Subtract === $to->operator && $to->right instanceof NumberLiteral && \is_int($to->right->value);

            return $isBefore ? '$v->times('.$this->compiler->expression($to->left).') - '.$this->compiler->expression($to->right) : '$v->times('.$this->compiler->expression($to).')';
        }
        // Below the first end there is nothing to count, though the number before zero is the largest one.
        $isBelow = $to instanceof Binary && Operator::Subtract === $to->operator;

        return '('.$this->compiler->expression($isBelow ? $to->left : $to).' & \PHP_INT_MAX)'.($isBelow ? ' - '.$this->compiler->expression($to->right) : '');
    }
}
