<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Typing\Declarations;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\Steady;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Holding;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\PassOn;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** What JavaScript and C++ share: braces, declared variables, and a `for` that asks its condition in every turn. */
abstract class BracePrinter extends Printer
{
    /** @var array<int, array<string, StaticType>> what small functions are handed, by their objects */
    private array $handed = [];

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
        $this->declarations = $this->analysis->declarations($part, $elsewhere);
    }

    /** What the object of the method is called that is written, or of the one around a small function; null elsewhere. */
    protected function itself(): ?string
    {
        return $this->method()?->itself();
    }

    /** The method that is being printed, or the one around the small function that is. */
    final protected function method(): ?FunctionDefinition
    {
        $part = $this->part;
        while ($part instanceof FunctionDefinition && '' === $part->class()) {
            $part = $this->program->around($part);
        }

        return $part instanceof FunctionDefinition ? $part : null;
    }

    protected function givenTarget(Operation $given): string
    {
        return $this->expression($given->arguments[0], self::POSTFIX);
    }

    /** By how much a value changes something, where the language has a sign for it. */
    protected function change(Operation $given): ?Binary
    {
        return Given::change($given);
    }

    /** Keeps what the items are that an operation hands to a small function. */
    final protected function noteHanded(Operation $operation): void
    {
        $this->handed = HandedItems::types($operation, $this->type(...)) + $this->handed;
    }

    /** What a small function gives, with the types of what it is handed. */
    final protected function asHanded(Lambda $lambda): string
    {
        return $this->types->inside($this->handed[spl_object_id($lambda)] ?? [], fn (): string => $this->expression($lambda->value));
    }

    protected function givenInside(Operation $given, int $around): string
    {
        $target = $this->givenTarget($given);
        $change = $this->change($given);
        $isOne = null !== $change && ($change->right == new NumberLiteral(1) || $change->right == new Operation(OperationKey::OneOf, [$change->left])) && \in_array($change->operator, [Operator::Add, Operator::Subtract], true);
        $sign = $isOne ? (Operator::Add === $change->operator ? '++' : '--') : '';
        if (OperationKey::GivenAfter === $given->key) {
            return $target.('' === $sign ? '++' : $sign);
        }

        return $isOne
            ? $this->bracket($sign.$target, self::UNARY, $around)
            : '('.(null === $change ? $this->changedPlace($given->arguments[0], $target, $given->arguments[1]) ?? "$target = ".$this->expression($given->arguments[1]) : $this->changed($target, $given->arguments[0], $change->operator, $change->right)).')';
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

    /** @param list<Statement> $rows that stand outside of the script */
    final protected function outermost(array $rows): void
    {
        foreach ($rows as $row) {
            if (!$this->language()->notation()->typed && $this->isBehindClass($row)) {
                continue;
            }
            if ($row instanceof FunctionDefinition || $row instanceof ClassDefinition) {
                $this->statement($row);
                $this->line($row, 'gap', '');
            } else {
                $this->part = $this->program->script;
                $this->row($row);
            }
        }
    }

    protected function definition(FunctionDefinition $function): void
    {
        $before = [$this->part, $this->declarations];
        $this->enter($function);
        $this->line($function, 'head', $this->signature($function).' {');
        foreach ($this->unsaidRows($function) as $row) {
            $this->inside(fn () => $this->line($function, 'enter', $row));
        }
        $this->inside(fn () => $this->rows($function->body));
        $references = $this->referencesOf($function);
        if ([] !== $references) {
            $this->inside(fn () => $this->line($function, 'after', 'return '.$this->givenOut($references).';'));
        }
        $this->line($function, 'close', $this->closes($function));
        [$this->part, $this->declarations] = $before;
    }

    /** What ends a function. */
    protected function closes(FunctionDefinition $function): string
    {
        return '}';
    }

    /** @return list<string> what a language wants at the beginning of a function that no row says */
    protected function unsaidRows(FunctionDefinition $function): array
    {
        return [];
    }

    /** The loop over items that stands between the brackets of `for`. */
    abstract protected function eachHeader(EachLoop $loop, bool $private): string;

    /** `beds[-1]` as the place before the end. */
    final protected static function counted(Item $item): Item
    {
        $back = $item->index instanceof NumberLiteral ? -$item->index->value : 1;

        return new Item($item->container, new Binary(Operator::Subtract, new Operation(OperationKey::Length, [$item->container]), new NumberLiteral($back)));
    }

    protected function each(EachLoop $loop): void
    {
        $private = true;
        foreach ($loop->variables as $name) {
            $private = $private && $this->declarations->isInHeader($name, $loop->id);
        }
        if ($private) {
            $this->line($loop, 'head', 'for ('.$this->eachHeader($loop, true).') {');
        } else {
            // The names go on meaning something behind the loop.
            $items = array_map(fn (string $name): string => $this->declarations->isInHeader($name, $loop->id) ? $name : $this->makeUp(1 === \count($loop->variables) ? 'item' : 'next_'.$name), $loop->variables);
            $this->line($loop, 'head', 'for ('.$this->eachHeader(new EachLoop($loop->id, $items, $loop->over, $loop->body), false).') {');
            foreach (array_diff($items, $loop->variables) as $index => $item) {
                $this->inside(fn () => $this->line($loop, 'enter', $this->name($loop->variables[$index])." = $item;"));
            }
        }
        $this->braces($loop, $loop->body);
    }

    /** Languages with braces have no word for it; what is held in Python has none there either. */
    protected function holding(Holding $holding): void
    {
        $this->line($holding, 'head', '{');
        $this->inside(fn () => $this->line($holding, 'enter', $this->name($holding->variable).' = '.$this->expression($holding->value).';'));
        $this->braces($holding, $holding->body);
    }

    protected function forLoop(ForLoop $loop): void
    {
        $private = $this->declarations->isInHeader($loop->variable, $loop->id);
        $name = $this->name($loop->variable);
        $type = $private ? $this->counterType($this->types->variable($this->part, $loop->variable)->isWhole()).' ' : '';
        $this->line($loop, 'head', "for ($type$name = ".$this->expression($loop->from).'; '.$this->expression($loop->condition).'; '.$this->next($loop).') {');
        $this->braces($loop, $loop->body);
    }

    private function next(ForLoop $loop): string
    {
        $name = $this->name($loop->variable);
        if ($loop->amount instanceof NumberLiteral && 1 === $loop->amount->value && Operator::Add === $loop->operator) {
            return "$name++";
        }
        if ($loop->amount instanceof NumberLiteral && 1 === $loop->amount->value && Operator::Subtract === $loop->operator) {
            return "$name--";
        }

        return $this->changed($name, new VariableRead($loop->variable), $loop->operator, $loop->amount);
    }

    protected function doWhile(DoWhile $loop): void
    {
        $this->line($loop, 'head', 'do {');
        $this->inside(fn () => $this->rows($loop->body));
        $this->line($loop, 'close', '} while ('.$this->condition($loop->condition).');');
    }

    protected function unreadBody(Unread $unread): void
    {
        if (null !== $unread->body) {
            $this->inside(fn () => $this->rows($unread->body));
        }
    }

    protected function changeSign(Operator $operator, Expression $was, Expression $amount): ?string
    {
        $natural = $this->type($was)->isNatural() && $this->type($amount)->isNatural();

        return match ($operator) {
            Operator::TruncRemainder => '%=',
            Operator::FloorRemainder => $natural ? '%=' : null,
            default => parent::changeSign($operator, $was, $amount),
        };
    }

    abstract protected function signature(FunctionDefinition $function): string;

    final protected function braces(Statement $statement, Block $body): void
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
            $name = $this->makeUpBeside('times');
            $this->line($repeat, 'before', $this->declareFixed($name, $repeat->times, true));
            $times = $name;
        }
        $turn = null === $repeat->turn ? $this->makeUp('turn') : $this->name($repeat->turn);
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
                    $name = $this->makeUpBeside($wish);
                    $this->line($count, 'before', $this->declareFixed($name, $bounds[$blank], false));
                    $bounds[$blank] = new VariableRead($name);
                }
            }
        }
        $private = $this->declarations->isInHeader($count->variable, $count->id);
        $counter = $private ? $this->name($count->variable) : $this->makeUp('step');
        $from = $this->expression($bounds['from']);
        [$orEqual, $bound] = $this->bound($bounds['from'], $bounds['to'], $bounds['by']);
        $to = $this->expression($bound, self::COMPARED);
        $by = $bounds['by'];
        if ($by instanceof NumberLiteral) {
            $test = "$counter ".($by->value < 0 ? '>' : '<').$orEqual." $to";
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
            $this->inside(fn () => $this->line($count, 'enter', $this->name($count->variable).' = '.$counter.';'));
        }
        $this->braces($count, $count->body);
    }

    /**
     * `i < n` reads better than `i <= n - 1`, and counting from 0 to below 5 better than to 4.
     *
     * @return array{string, Expression} the equals sign or nothing, and what the counter is compared with
     */
    private function bound(Expression $from, Expression $to, Expression $by): array
    {
        if (!$by instanceof NumberLiteral || !\is_int($by->value) || $by->value <= 0) {
            return ['=', $to];
        }
        if ($to instanceof Binary && Operator::Subtract === $to->operator && $to->right instanceof NumberLiteral && 1 === $to->right->value) {
            return ['', $to->left];
        }
        if ($from instanceof NumberLiteral && 0 === $from->value && $to instanceof NumberLiteral && \is_int($to->value) && $to->value < \PHP_INT_MAX) {
            return ['', new NumberLiteral($to->value + 1)];
        }

        return ['=', $to];
    }

    private function isSteady(Expression $expression, Statement $loop): bool
    {
        return Steady::within($expression, $loop, $this->types->scopes);
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

    /** What stands in the brackets of `catch`. @param string $name '' for none */
    abstract protected function catches(Rescue $rescue, string $name): string;

    /** How what a failure says that was caught under a name is asked for. */
    abstract protected function asks(string $name): string;

    /** Whether all that is thrown is a failure, and needs a name for being thrown again. */
    abstract protected function namesAll(): bool;

    /** The name of what was caught last around the row being printed. */
    protected string $caughtLast = '';

    private static function passesOn(Rescue $rescue): bool
    {
        foreach (Walk::statements($rescue->body->statements) as $row) {
            if ($row instanceof PassOn) {
                return true;
            }
        }

        return false;
    }

    /** The name of what a rescue caught; '' where nobody asks for it. */
    final protected function caughtAs(Rescue $rescue): string
    {
        if ('' === $rescue->name) {
            return $this->namesAll() && self::passesOn($rescue) ? $this->makeUp('error') : '';
        }

        return $this->declarations->isInHeader($rescue->name) ? $this->name($rescue->name) : $this->makeUp('failure');
    }

    final protected function rescueRows(Attempt $attempt, Rescue $rescue, string $part, string $name): void
    {
        // Only C++ throws values as they are.
        $isPlain = $rescue->takesObjects() || !$this->namesAll() && [] !== $rescue->kinds && $rescue->kinds[0] instanceof FailureKind && $rescue->kinds[0]->isPlain();
        $isOwn = '' !== $rescue->name && $name === $this->name($rescue->name);
        $this->inside(function () use ($attempt, $rescue, $part, $name, $isPlain, $isOwn): void {
            if ('' !== $rescue->name && !$isOwn) {
                $this->line($attempt, $part, $this->name($rescue->name).' = '.($isPlain ? $name : $this->asks($name)).';');
            }
            $before = $this->caughtLast;
            $this->caughtLast = $name;
            $this->rescued($rescue, $isOwn && !$isPlain ? $this->asks($name) : '', fn () => $this->rows($rescue->body));
            $this->caughtLast = $before;
        });
    }

    protected function attempt(Attempt $attempt): void
    {
        $this->line($attempt, 'head', 'try {');
        $this->inside(fn () => $this->rows($attempt->body));
        if (null !== $attempt->otherwise) {
            // What is left of the rows that may fail; where they do, these do not run.
            $this->inside(fn () => $this->rows($attempt->otherwise));
        }
        foreach ($attempt->rescues as $index => $rescue) {
            $part = Attempt::bodyName($index);
            $name = $this->caughtAs($rescue);
            $this->line($attempt, $part, '} catch'.$this->catches($rescue, $name).' {');
            $this->rescueRows($attempt, $rescue, $part, $name);
        }
        $this->lastly($attempt);
    }

    /** What runs in any case, and the end. */
    protected function lastly(Attempt $attempt): void
    {
        if (null !== $attempt->finally) {
            $this->line($attempt, Attempt::FINALLY, '} finally {');
            $this->inside(fn () => $this->rows($attempt->finally));
        }
        $this->line($attempt, 'close', '}');
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
            Operator::TruncDivide => $this->truncDivide($binary, $around),
            Operator::TruncRemainder => $this->remainder($binary, $around),
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

    protected function remainder(Binary $binary, int $around): string
    {
        return $this->infix($binary, '%', self::MULTIPLIED, $around);
    }

    protected function compare(Binary $binary, string $sign, int $around): string
    {
        return $this->comparison($binary, $sign, $around);
    }

    abstract protected function divide(Binary $binary, int $around): string;

    abstract protected function floorDivide(Binary $binary, int $around): string;

    abstract protected function truncDivide(Binary $binary, int $around): string;

    abstract protected function power(Binary $binary, int $around): string;

    abstract protected function joinTexts(Binary $binary, int $around): string;

    abstract protected function libraryName(string $snake): string;
}
