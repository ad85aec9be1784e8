<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/**
 * What the printers of all languages share: the walk over the rows, indenting, switched off rows, and expressions
 * with as few brackets as each language's precedences allow.
 */
abstract class Printer
{
    /** Binding strength of something that never needs brackets. */
    protected const ATOM = 20;
    /** Operands of a comparison: no comparison without brackets inside another, languages differ in its meaning. */
    protected const COMPARED = 6;
    protected const ADDED = 7;
    protected const MULTIPLIED = 8;
    protected const UNARY = 9;
    protected const RAISED = 10;

    protected const INDENT = '    ';
    /** The anchor of what stands before everything else. */
    public const PRELUDE = '0:prelude';

    /** @var list<Line> */
    private array $lines = [];
    private string $indent = '';
    private string $comment = '';
    protected FunctionDefinition|Script $part;
    /** @var array<string, true> names that stand in the program, so that made-up names keep clear of them */
    private array $taken = [];
    /** @var list<string> made-up names in use around the row being printed */
    private array $madeUp = [];
    /** @var array<string, true> what live rows need from a library */
    private array $needed = [];

    final public function __construct(protected readonly Program $program, protected readonly Types $types)
    {
        $this->part = $program->script;
        foreach (Walk::statements($program->parts()) as $statement) {
            $this->taken += Typing\Scopes::mentionedByItself($statement);
            if ($statement instanceof FunctionDefinition) {
                $this->taken[$statement->name] = true;
                $this->taken += array_fill_keys($statement->parameters, true);
            }
        }
    }

    final public function print(): PrintedText
    {
        $this->program();

        return new PrintedText($this->lines);
    }

    abstract protected function program(): void;

    abstract protected function repeat(Repeat $repeat): void;

    abstract protected function count(Count $count): void;

    abstract protected function conditional(Conditional $conditional): void;

    abstract protected function loop(Statement $loop, string $condition, Block $body): void;

    abstract protected function share(ShareVariable $share): void;

    /** Ends a simple statement. */
    abstract protected function end(): string;

    abstract protected function remark(string $text): string;

    abstract protected function set(SetVariable $set): string;

    abstract protected function printLine(PrintLine $print): string;

    abstract protected function commandName(Entry $entry): string;

    abstract protected function truth(bool $value): string;

    abstract protected function quote(string $text): string;

    abstract protected function binary(Binary $binary, int $around): string;

    abstract protected function not(Unary $not, int $around): string;

    abstract protected function random(RandomWhole $random): string;

    /** A condition as loops and branches write it. */
    protected function condition(Expression $condition): string
    {
        return $this->expression($condition);
    }

    final protected function line(?Statement $statement, string $part, string $text): void
    {
        $anchor = null === $statement ? self::PRELUDE : $statement->id.':'.$part;
        $text = '' === $text && '' === $this->comment ? '' : $this->indent.$text;
        $this->lines[] = new Line($anchor, '' === $this->comment ? $text : $this->comment.$text);
    }

    /**
     * Lines printed apart, to be put in later by append(): the imports above them depend on what they use.
     *
     * @return list<Line>
     */
    final protected function captured(\Closure $print): array
    {
        $before = $this->lines;
        $this->lines = [];
        $print();
        [$captured, $this->lines] = [$this->lines, $before];

        return $captured;
    }

    /** @param list<Line> $lines */
    final protected function append(array $lines): void
    {
        $this->lines = [...$this->lines, ...$lines];
    }

    /** Notes that a row uses a name of a library, and gives the name. */
    final protected function need(string $name): string
    {
        if ('' === $this->comment) {
            $this->needed[$name] = true;
        }

        return $name;
    }

    /** @return list<string> sorted */
    final protected function needed(): array
    {
        ksort($this->needed);

        return array_keys($this->needed);
    }

    /**
     * The imports: above the functions, or, where there are none, so that the last one faces the row that starts
     * the program.
     *
     * @param list<string> $imports
     */
    final protected function imports(array $imports): void
    {
        if ([] === $imports) {
            return;
        }
        if ([] !== $this->program->functions) {
            foreach ([...$imports, ''] as $line) {
                $this->line(null, '', $line);
            }

            return;
        }
        $last = array_pop($imports);
        foreach ($imports as $import) {
            $this->line(null, '', $import);
        }
        $this->line($this->program->script, 'head', $last);
        $this->line($this->program->script, 'enter', '');
    }

    /** Prints rows of a body one step further in. */
    final protected function indented(Block $body): void
    {
        $this->inside(function () use ($body): void {
            foreach ($body->statements as $statement) {
                $this->statement($statement);
            }
        });
    }

    final protected function inside(\Closure $print): void
    {
        $before = $this->indent;
        $this->indent .= self::INDENT;
        $print();
        $this->indent = $before;
    }

    /** A name that the program does not use: `turn`, or `turn2` inside a loop that has taken `turn`. */
    final protected function makeUp(string $wish): string
    {
        $name = $wish;
        for ($number = 2; isset($this->taken[$name]) || \in_array($name, $this->madeUp, true); ++$number) {
            $name = $wish.$number;
        }
        $this->madeUp[] = $name;

        return $name;
    }

    final protected function statement(Statement $statement): void
    {
        if ($statement->off && '' === $this->comment) {
            // The comment sign stands where the row would, so that the rows inside keep their indent behind it.
            $indent = $this->indent;
            $this->comment = $indent.$this->remark('');
            $this->indent = '';
            $this->dispatch($statement);
            $this->comment = '';
            $this->indent = $indent;
        } else {
            $this->dispatch($statement);
        }
    }

    private function dispatch(Statement $statement): void
    {
        $madeUp = $this->madeUp;
        match (true) {
            $statement instanceof Repeat => $this->repeat($statement),
            $statement instanceof Count => $this->count($statement),
            $statement instanceof Conditional => $this->conditional($statement),
            $statement instanceof WhileLoop => $this->loop($statement, $this->condition($statement->condition), $statement->body),
            $statement instanceof Forever => $this->loop($statement, $this->truth(true), $statement->body),
            $statement instanceof ShareVariable => $this->share($statement),
            $statement instanceof Comment => $this->line($statement, 'head', $this->remark($statement->text)),
            default => $this->line($statement, 'head', $this->simple($statement).$this->end()),
        };
        $this->madeUp = $madeUp;
    }

    private function simple(Statement $statement): string
    {
        return match (true) {
            $statement instanceof Command => $this->call($this->commandName(Catalogue::get($statement->command)), array_values($statement->arguments)),
            $statement instanceof SetVariable => $this->set($statement),
            $statement instanceof ChangeVariable => $this->change($statement),
            $statement instanceof PrintLine => $this->printLine($statement),
            $statement instanceof OwnCall => $this->call($statement->function, $statement->arguments),
            $statement instanceof GiveBack => 'return '.$this->expression($statement->value),
            $statement instanceof LeaveFunction => $this->leave(),
            $statement instanceof BreakLoop => 'break',
            $statement instanceof ContinueLoop => 'continue',
            default => throw new \LogicException('No text for '.$statement::class),
        };
    }

    private function change(ChangeVariable $change): string
    {
        $amount = $change->amount;
        if ($amount instanceof NumberLiteral && $amount->value < 0) {
            return $change->variable.' -= '.$this->expression(new NumberLiteral(-$amount->value));
        }

        return $change->variable.' += '.$this->expression($amount);
    }

    /** @param list<Expression> $arguments */
    final protected function call(string $function, array $arguments): string
    {
        return $function.'('.implode(', ', array_map(fn (Expression $argument): string => $this->expression($argument), $arguments)).')';
    }

    protected function leave(): string
    {
        return 'return';
    }

    /** @param int $around how strongly what stands around it binds; weaker expressions get brackets */
    final protected function expression(Expression $expression, int $around = 0): string
    {
        return match (true) {
            $expression instanceof NumberLiteral => $this->bracket(self::number($expression->value), $expression->value < 0 ? self::UNARY : self::ATOM, $around),
            $expression instanceof TextLiteral => $this->quote($expression->value),
            $expression instanceof TruthLiteral => $this->truth($expression->value),
            $expression instanceof VariableRead => $expression->name,
            $expression instanceof Unary => UnaryOperator::Not === $expression->operator
                ? $this->not($expression, $around)
                : $this->bracket('-'.$this->expression($expression->operand, self::RAISED + 1), self::UNARY, $around),
            $expression instanceof Binary => $this->binary($expression, $around),
            $expression instanceof RandomWhole => $this->random($expression),
            $expression instanceof CommandValue => $this->call($this->commandName(Catalogue::get($expression->command)), $expression->arguments),
            $expression instanceof OwnValue => $this->call($expression->function, $expression->arguments),
            default => throw new \LogicException('No text for '.$expression::class),
        };
    }

    final protected function bracket(string $text, int $strength, int $around): string
    {
        return $strength < $around ? "($text)" : $text;
    }

    /** An operation that groups from the left: `a - b - c`. */
    final protected function infix(Binary $binary, string $sign, int $strength, int $around): string
    {
        return $this->bracket($this->expression($binary->left, $strength).' '.$sign.' '.$this->expression($binary->right, $strength + 1), $strength, $around);
    }

    final protected function comparison(Binary $binary, string $sign, int $around): string
    {
        return $this->bracket($this->expression($binary->left, self::COMPARED).' '.$sign.' '.$this->expression($binary->right, self::COMPARED), self::COMPARED - 1, $around);
    }

    final protected function type(Expression $expression): StaticType
    {
        return $this->types->expression($this->part, $expression);
    }

    /** The shortest spelling that reads back as the same number, valid in all three languages. */
    public static function number(int|float $value): string
    {
        if (\is_int($value)) {
            return (string) $value;
        }
        $text = strtolower(var_export($value, true));

        return str_contains($text, '.') || str_contains($text, 'e') ? $text : $text.'.0';
    }

    /**
     * The values that are joined to one text, in order.
     *
     * @return list<Expression>
     */
    final protected function joined(Expression $expression): array
    {
        return $expression instanceof Binary && Operator::Join === $expression->operator
            ? [...$this->joined($expression->left), $expression->right]
            : [$expression];
    }

    /** @param list<Expression> $parts */
    final protected function allTexts(array $parts): bool
    {
        foreach ($parts as $part) {
            if (StaticType::Text !== $this->type($part)) {
                return false;
            }
        }

        return true;
    }
}
