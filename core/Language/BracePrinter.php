<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Typing\Declarations;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** What JavaScript and C++ share: braces, declared variables, and a `for` that asks its condition in every turn. */
abstract class BracePrinter extends Printer
{
    protected Declarations $declarations;

    /** How a variable of the part is declared without a value. */
    abstract protected function declareEmpty(string $name): string;

    /** How a made-up value that stays the same is declared. */
    abstract protected function declareFixed(string $name, Expression $value, bool $whole): string;

    /** `let` in JavaScript, the type of the counted values in C++. */
    abstract protected function counterType(bool $whole): string;

    abstract protected function toWhole(string $number): string;

    abstract protected function equalSign(bool $equal): string;

    /** @param array<string, true> $elsewhere */
    final protected function enter(FunctionDefinition|Script $part, array $elsewhere = []): void
    {
        $this->part = $part;
        $this->declarations = new Declarations($part, $this->types->scopes, $elsewhere);
    }

    final protected function rows(Block $body): void
    {
        foreach ($body->statements as $statement) {
            $this->row($statement);
        }
    }

    final protected function row(Statement $statement): void
    {
        foreach ($statement->off ? [] : $this->declarations->before($statement) as $name) {
            $this->line($statement, 'before', $this->declareEmpty($name));
        }
        $this->statement($statement);
    }

    final protected function functions(): void
    {
        foreach ($this->program->functions as $function) {
            $this->enter($function);
            $this->line($function, 'head', $this->signature($function).' {');
            $this->inside(fn () => $this->rows($function->body));
            $this->line($function, 'close', '}');
            $this->line($function, 'gap', '');
        }
    }

    abstract protected function signature(FunctionDefinition $function): string;

    private function braces(Statement $statement, Block $body): void
    {
        $this->inside(fn () => $this->rows($body));
        $this->line($statement, 'close', '}');
    }

    protected function repeat(Repeat $repeat): void
    {
        $whole = $this->type($repeat->times)->isWhole();
        $times = $this->expression($repeat->times, $whole ? self::COMPARED : 0);
        if (!$whole) {
            $times = $this->toWhole($times);
        }
        if (!$this->isSteady($repeat->times, $repeat)) {
            $name = $this->makeUp('times');
            $this->line($repeat, 'before', $this->declareFixed($name, $repeat->times, true));
            $times = $name;
        }
        $turn = $this->makeUp('turn');
        $this->line($repeat, 'head', 'for ('.$this->counterType(true)." $turn = 0; $turn < $times; $turn++) {");
        $this->braces($repeat, $repeat->body);
    }

    protected function count(Count $count): void
    {
        $whole = $this->type($count->from)->isWhole() && $this->type($count->by)->isWhole();
        $bounds = ['from' => $count->from, 'to' => $count->to, 'by' => $count->by];
        if (!$this->isSteady($count->to, $count) || !$this->isSteady($count->by, $count)) {
            // All three are found once and in their order, as the row says.
            foreach (['from' => 'first', 'to' => 'last', 'by' => 'stride'] as $blank => $wish) {
                if (!$bounds[$blank] instanceof NumberLiteral) {
                    $name = $this->makeUp($wish);
                    $this->line($count, 'before', $this->declareFixed($name, $bounds[$blank], false));
                    $bounds[$blank] = new VariableRead($name);
                }
            }
        }
        $private = $this->declarations->isInHeader($count->variable);
        $counter = $private ? $count->variable : $this->makeUp('step');
        $from = $this->expression($bounds['from']);
        $to = $this->expression($bounds['to'], self::COMPARED);
        $by = $bounds['by'];
        if ($by instanceof NumberLiteral) {
            $test = "$counter ".($by->value < 0 ? '>=' : '<=')." $to";
            $next = match ($by->value) {
                1 => "$counter++",
                -1 => "$counter--",
                default => $by->value < 0 ? "$counter -= ".self::number(-$by->value) : "$counter += ".self::number($by->value),
            };
        } else {
            $stride = $this->expression($by, self::COMPARED);
            $test = "$stride > 0 ? $counter <= $to : $counter >= $to";
            $next = "$counter += ".$this->expression($by);
        }
        $this->line($count, 'head', 'for ('.$this->counterType($whole)." $counter = $from; $test; $next) {");
        if (!$private) {
            $this->inside(fn () => $this->line($count, 'enter', $count->variable.' = '.$counter.';'));
        }
        $this->braces($count, $count->body);
    }

    /** Whether asking again in every turn gives the same value: nothing the loop does can change it. */
    private function isSteady(Expression $expression, Statement $loop): bool
    {
        foreach (Walk::expressions($expression) as $inner) {
            if ($inner instanceof VariableRead) {
                $reached = isset($this->types->scopes->reachedInto[$inner->name]) && $this->callsOwn($loop);
                if ($reached || Scopes::assignsWithin($loop, $inner->name)) {
                    return false;
                }
            } elseif (!$inner instanceof NumberLiteral && !$inner instanceof Binary && !$inner instanceof Unary) {
                return false;
            }
        }

        return true;
    }

    private function callsOwn(Statement $loop): bool
    {
        foreach (Walk::live([$loop]) as $statement) {
            if ($statement instanceof OwnCall) {
                return true;
            }
            foreach (Walk::expressionsOf($statement) as $expression) {
                if ($expression instanceof OwnValue) {
                    return true;
                }
            }
        }

        return false;
    }

    protected function conditional(Conditional $conditional): void
    {
        foreach ($conditional->branches as $index => $branch) {
            $opening = 'if ('.$this->condition($branch->condition).') {';
            $this->line($conditional, 0 === $index ? 'head' : "then$index", 0 === $index ? $opening : '} else '.$opening);
            $this->inside(fn () => $this->rows($branch->body));
        }
        if (null !== $otherwise = $conditional->otherwise) {
            $this->line($conditional, 'otherwise', '} else {');
            $this->inside(fn () => $this->rows($otherwise));
        }
        $this->line($conditional, 'close', '}');
    }

    protected function loop(Statement $loop, string $condition, Block $body): void
    {
        $this->line($loop, 'head', "while ($condition) {");
        $this->braces($loop, $body);
    }

    protected function share(ShareVariable $share): void
    {
        // The name is declared outside of the function, so nothing has to be said here.
    }

    protected function end(): string
    {
        return ';';
    }

    protected function remark(string $text): string
    {
        return '// '.$text;
    }

    protected function truth(bool $value): string
    {
        return $value ? 'true' : 'false';
    }

    protected function not(Unary $not, int $around): string
    {
        return $this->bracket('!'.$this->expression($not->operand, self::RAISED), self::UNARY, $around);
    }

    protected function binary(Binary $binary, int $around): string
    {
        return match ($binary->operator) {
            Operator::Add => $this->infix($binary, '+', self::ADDED, $around),
            Operator::Subtract => $this->infix($binary, '-', self::ADDED, $around),
            Operator::Multiply => $this->infix($binary, '*', self::MULTIPLIED, $around),
            Operator::TrueDivide => $this->divide($binary, $around),
            Operator::FloorDivide => $this->floorDivide($binary, $around),
            Operator::FloorRemainder => $this->areNatural($binary)
                ? $this->infix($binary, '%', self::MULTIPLIED, $around)
                : $this->call($this->libraryName('floor_mod'), [$binary->left, $binary->right]),
            Operator::Power => $this->power($binary, $around),
            Operator::Join => $this->joinTexts($binary, $around),
            Operator::Equal => $this->compare($binary, $this->equalSign(true), $around),
            Operator::NotEqual => $this->compare($binary, $this->equalSign(false), $around),
            Operator::Less => $this->compare($binary, '<', $around),
            Operator::LessOrEqual => $this->compare($binary, '<=', $around),
            Operator::Greater => $this->compare($binary, '>', $around),
            Operator::GreaterOrEqual => $this->compare($binary, '>=', $around),
            Operator::And => $this->infix($binary, '&&', 3, $around),
            Operator::Or => $this->infix($binary, '||', 2, $around),
        };
    }

    protected function compare(Binary $binary, string $sign, int $around): string
    {
        return $this->comparison($binary, $sign, $around);
    }

    abstract protected function divide(Binary $binary, int $around): string;

    abstract protected function floorDivide(Binary $binary, int $around): string;

    abstract protected function power(Binary $binary, int $around): string;

    abstract protected function joinTexts(Binary $binary, int $around): string;

    abstract protected function libraryName(string $snake): string;

    final protected function areNatural(Binary $binary): bool
    {
        return Typing\StaticType::Natural === $this->type($binary->left) && Typing\StaticType::Natural === $this->type($binary->right);
    }
}
