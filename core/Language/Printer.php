<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\FoundAgain;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\ReferenceParameters;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ChangedPlace;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Holding;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\PassOn;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\Unread;
use Scrivlet\Core\Tree\UnreadExpression;
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
    /** What a point or an index stands behind. */
    protected const POSTFIX = 19;
    protected const CHOICE = 1;
    /** Modules that Python's spellings name, and that are brought in where they do. */
    protected const MODULES = ['bisect', 'collections', 'copy', 'dataclasses', 'heapq', 'itertools', 'json', 'math', 'random', 're', 'statistics', 'sys', 'time'];

    protected const INDENT = '    ';
    /** The anchor of what stands before everything else. */
    public const PRELUDE = '0:prelude';

    /** @var list<Line> */
    private array $lines = [];
    private string $indent = '';
    private string $comment = '';
    protected FunctionDefinition|Script $part;
    /** @var array<string, true> names that stand in the program, so that made-up names keep clear of them */
    protected array $taken = [];
    /** @var list<string> made-up names in use around the row being printed */
    private array $madeUp = [];
    /** @var list<string> those of them that the row being written declares beside itself */
    private array $beside = [];
    /** @var array<string, true> names that this language's library has taken */
    protected array $renamed = [];
    /** @var array<string, string> what such names are printed as */
    private array $names = [];
    /** @var array<string, true> what live rows need from a library */
    private array $needed = [];
    /** Around the text of a marked blank stand these signs, which no text has; behind the first, its name. */
    public const BLANK = "\x01";
    public const BLANK_TEXT = "\x02";
    public const BLANK_END = "\x03";
    /** @var array<int, string> names of the blanks to be marked, by the number of their expression's object */
    private array $marked = [];
    /** @var array<string, string> how what a failure says is asked for, by the name under which it was caught */
    protected array $said = [];

    protected readonly Program $program;
    protected readonly Types $types;

    final public function __construct(protected readonly Analysis $analysis)
    {
        $this->program = $program = $analysis->program;
        $this->types = $analysis->types();
        $this->part = $program->script;
        $library = $called = $modules = $functions = [];
        foreach (Walk::statements($program->parts()) as $statement) {
            foreach (Walk::expressionsOf($statement) as $expression) {
                if ($expression instanceof Operation) {
                    preg_match_all('/@(\w+)/', implode(' ', ValueOperations::get($expression->key)->spellings[$this->language()->value]), $match);
                    $library += array_fill_keys($match[1], true);
                    $python = ValueOperations::get($expression->key)->spellings['python'][0] ?? '';
                    preg_match_all('/(?<![\w.@])(\w+)\(/', $python, $match);
                    $called += array_fill_keys($match[1], true);
                    preg_match_all('/(?<![\w.@])([a-z]\w*)\.\w+\(/', $python, $match);
                    $modules += array_fill_keys($match[1], true);
                }
            }
            $this->taken += Scopes::mentionedByItself($statement);
            if ($statement instanceof FunctionDefinition) {
                $this->taken[$statement->name] = $functions[$statement->name] = true;
                $this->taken += array_fill_keys($statement->parameters, true);
            }
        }
        // A function or a module of Python's own is called by a name that one of the program's would hide.
        $this->renamed = array_intersect_key($library, $this->taken) + ($this->language()->semantics()->namesHide ? array_intersect_key($called, isset($program->handwriting[$this->language()->value]) ? $functions : $this->taken) + array_intersect_key($modules, $this->taken) : []);
    }

    /** @param list<int> $rows ids of the rows whose blanks are marked in the text */
    final public function print(array $rows = []): PrintedText
    {
        $wanted = array_fill_keys($rows, true);
        foreach ([] === $rows ? [] : Walk::statements($this->program->parts()) as $row) {
            foreach (isset($wanted[$row->id]) ? $row->blanks() : [] as $name => $blank) {
                $this->marked[spl_object_id($blank)] = $name;
            }
        }
        $this->program();

        return new PrintedText($this->lines, needed: $this->needed());
    }

    abstract protected function program(): void;

    abstract protected function repeat(Repeat $repeat): void;

    abstract protected function count(Count $count): void;

    abstract protected function conditional(Conditional $conditional): void;

    abstract protected function loop(Statement $loop, string $condition, Block $body): void;

    abstract protected function share(ShareVariable $share): void;

    abstract protected function each(EachLoop $loop): void;

    abstract protected function holding(Holding $holding): void;

    abstract protected function forLoop(ForLoop $loop): void;

    abstract protected function doWhile(DoWhile $loop): void;

    /** Whether a method is written like a field. */
    final protected function isAsked(MethodCall $call): bool
    {
        return 'asked' === ($this->classes()->answering($this->type($call->object)->class, $call->method)[0]->sort ?? '');
    }

    /** Whether a method is written like a field that gets a value. */
    final protected function isSet(MethodCall $call): bool
    {
        return str_starts_with($call->method, 'set_') && 1 === \count($call->arguments) && 'set' === ($this->classes()->answering($this->type($call->object)->class, $call->method)[0]->sort ?? '');
    }

    final protected function classes(): Classes
    {
        return $this->classes ??= new Classes($this->program);
    }

    private ?Classes $classes = null;

    abstract protected function field(FieldDeclaration $field): void;

    /** What stands in a class of Python or C++ stands before it in JavaScript. */
    final protected function innerClasses(ClassDefinition $class): void
    {
        foreach ($class->inner() as $inner) {
            $this->statement($inner);
            $this->line($inner, 'gap', '');
        }
    }

    /** @return list<Statement> what a class says, and the methods that C++ has behind it */
    final protected function rowsOfClass(ClassDefinition $class): array
    {
        return [...array_values(array_filter($class->body->statements, fn (Statement $row): bool => !$row instanceof ClassDefinition || $this->language()->semantics()->namesHide)), ...array_values(array_filter([...$this->program->functions, ...$this->program->script->body->statements, ...$this->program->below], static fn (Statement $row): bool => $row instanceof FunctionDefinition && $row->class() === $class->name))];
    }

    /** Whether a method stands behind its class, with which it is written in all languages but C++. */
    final protected function isBehindClass(Statement $row): bool
    {
        return $row instanceof FunctionDefinition && '' !== $row->class() && $this->classes()->has($row->class());
    }

    /** What an object keeps at first in a field: what its row says, or what C++ makes of its type without a word (C++17, 15.6.2). */
    final protected function atFirst(FieldDeclaration $field): ?Expression
    {
        $type = null === $field->type ? StaticType::unknown() : TypeNames::read($field->type);

        return $field->value ?? match (true) {
            TypeKind::Text === $type->kind => new TextLiteral(''),
            $type->isList() && [] === $type->parts => new ListLiteral([]),
            $type->isMap() => new MapLiteral([]),
            $type->isSet() => new Operation(OperationKey::SetOf, []),
            // One that wants values gets them from what makes the object around it.
            TypeKind::Copied === $type->kind => $this->classes()->wantsValues((string) $type->class) || $this->classes()->isGivenFirst($field) ? new NothingLiteral() : new MakeObject((string) $type->class),
            TypeKind::Object === $type->kind => new NothingLiteral(),
            default => null,
        };
    }

    abstract protected function classDefinition(ClassDefinition $class): void;

    abstract protected function attempt(Attempt $attempt): void;

    abstract protected function raise(Raise $raise): string;

    /** Fails again with what was caught. */
    abstract protected function passOn(): string;

    /** The name of what a class is a kind of. */
    final protected function parent(ClassDefinition $class): string
    {
        $failure = $class->failure();

        return null === $failure ? $this->name($class->parent) : FailureNames::thrown($this->language(), $failure);
    }

    abstract protected function raiseObject(RaiseObject $raise): string;

    abstract protected function claim(Claim $claim): string;

    /**
     * Prints the rows of a rescue, in which a name stands for what the failure says.
     *
     * @param string $asked how it is asked for
     */
    final protected function rescued(Rescue $rescue, string $asked, \Closure $print): void
    {
        $before = $this->said;
        unset($this->said[$rescue->name]);
        if ('' !== $asked) {
            $this->said[$rescue->name] = $asked;
        }
        $print();
        $this->said = $before;
    }

    /** A function that stands between rows of the script. */
    abstract protected function definition(FunctionDefinition $function): void;

    /** Rows that run when something happens. */
    abstract protected function handler(Handler $handler): void;

    abstract protected function language(): Language;

    abstract protected function setSeveral(SetSeveral $set): string;

    /** @param int $around see expression() */
    abstract protected function value(Expression $expression, int $around): string;

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

    protected function textLiteral(TextLiteral $text): string
    {
        return $this->quote($text->value);
    }

    /** A condition as loops and branches write it. */
    protected function condition(Expression $condition): string
    {
        return $this->expression($condition);
    }

    final protected function line(?Statement $statement, string $part, string $text): void
    {
        $anchor = null === $statement ? ('' === $part ? self::PRELUDE : $part) : $statement->id.':'.$part;
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
        if ([] !== $this->program->functions || [] === $this->program->script->body->statements) {
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

    /** A name that is declared beside a row, and so taken up to the end of the block around it. */
    final protected function makeUpBeside(string $wish): string
    {
        return $this->beside[] = $this->makeUp($wish);
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
        [$outer, $this->beside] = [$this->beside, []];
        match (true) {
            $statement instanceof Repeat => $this->repeat($statement),
            $statement instanceof Count => $this->count($statement),
            $statement instanceof Conditional => $this->conditional($statement),
            $statement instanceof WhileLoop => $this->loop($statement, $this->condition($statement->condition), $statement->body),
            $statement instanceof Forever => $this->loop($statement, $this->truth(true), $statement->body),
            $statement instanceof ShareVariable => $this->share($statement),
            $statement instanceof Holding => $this->holding($statement),
            $statement instanceof EachLoop => $this->each($statement),
            $statement instanceof ForLoop => $this->forLoop($statement),
            $statement instanceof DoWhile => $this->doWhile($statement),
            $statement instanceof ClassDefinition => $this->classDefinition($statement),
            $statement instanceof FieldDeclaration => $this->field($statement),
            $statement instanceof Attempt => $this->attempt($statement),
            $statement instanceof FunctionDefinition => $this->definition($statement),
            $statement instanceof Handler => $this->handler($statement),
            $statement instanceof Comment => $this->comment($statement),
            $statement instanceof Unread => $this->unread($statement),
            $statement instanceof Import => $statement->language === $this->language()->value ? $this->line($statement, 'head', $statement->text) : null,
            $statement instanceof Pass => $this->pass($statement),
            $statement instanceof Declaration => $this->declaration($statement),
            default => $this->plain($statement),
        };
        $this->madeUp = [...$madeUp, ...$this->beside];
        $this->beside = $outer;
    }

    protected function plain(Statement $statement): void
    {
        $this->simpleBefore($statement);
        $this->line($statement, 'head', $this->simple($statement).$this->end());
    }

    /** Lines that one language needs above a simple row. */
    protected function simpleBefore(Statement $statement): void
    {
    }

    private function comment(Comment $comment): void
    {
        foreach (explode("\n", $comment->text) as $text) {
            $this->line($comment, 'head', $this->remark($text));
        }
    }

    /** What could not be read stays as it is in its own language, and is a remark in the others. */
    private function unread(Unread $unread): void
    {
        $isOwn = $unread->language === $this->language()->value;
        foreach (explode("\n", str_replace("\r", '', $unread->text)) as $text) {
            $this->line($unread, 'head', $isOwn ? $text : $this->remark(trim($text)));
        }
        $this->unreadBody($unread);
    }

    protected function unreadBody(Unread $unread): void
    {
        if (null !== $unread->body) {
            $this->indented($unread->body);
        }
    }

    protected function pass(Pass $pass): void
    {
    }

    protected function declaration(Declaration $declaration): void
    {
    }

    /** A variable or function as this language can name it. */
    final protected function name(string $name): string
    {
        if (Scopes::isOfClass($name)) {
            return $this->ofClass($name);
        }

        return $this->analysis->spelled($name) ?? $this->namesAround($name).$this->ownName($name);
    }

    /** The classes that a class stands in, where their names are said before its own. */
    protected function namesAround(string $class): string
    {
        return '';
    }

    /** The same, without the names of classes that it may stand in. */
    final protected function ownName(string $name): string
    {
        if (!isset($this->renamed[$name]) && !Names::isReserved($this->language(), $name) || $this->analysis->says($name)) {
            return $name;
        }
        $other = $this->names[$name] ?? $name.'_';
        for ($number = 2; !isset($this->names[$name]) && isset($this->taken[$other]); ++$number) {
            $other = $name.'_'.$number;
        }

        return $this->names[$name] = $other;
    }

    /** What a class has for all its objects, by the name of the class, a point, and its own. */
    protected function ofClass(string $name): string
    {
        return $name;
    }

    private function simple(Statement $statement): string
    {
        return match (true) {
            $statement instanceof Command => $this->command($statement),
            $statement instanceof SetVariable => $this->set($statement),
            $statement instanceof ChangeVariable => $this->change($statement),
            $statement instanceof PrintLine => $this->printLine($statement),
            $statement instanceof SetItem => $this->setItem($statement),
            $statement instanceof SetSeveral => $this->setSeveral($statement),
            $statement instanceof Perform => $this->expression($statement->value),
            $statement instanceof OwnCall => $this->givenBack($statement) ?? $this->ownCall($statement->function, $statement->arguments, 0),
            $statement instanceof GiveBack => $this->giveBack($statement),
            $statement instanceof LeaveFunction => $this->leave(),
            $statement instanceof BreakLoop => 'break',
            $statement instanceof Raise => $this->raise($statement),
            $statement instanceof RaiseObject => $this->raiseObject($statement),
            $statement instanceof PassOn => $this->passOn(),
            $statement instanceof Claim => $this->claim($statement),
            $statement instanceof ContinueLoop => 'continue',
            default => throw new \LogicException('No text for '.$statement::class),
        };
    }

    /** Only C++ has a function for the script: what that gives back it tells the machine. */
    final protected function leftScript(GiveBack $row): ?string
    {
        if (!$this->part instanceof Script) {
            return null;
        }
        $value = TypeKind::Truth === $this->type($row->value)->kind ? new Operation(OperationKey::ToWhole, [$row->value]) : $row->value;

        return $this->expression(new Operation(OperationKey::Exit, [$value]));
    }

    protected function giveBack(GiveBack $row): string
    {
        return 'return '.$this->expression($row->value);
    }

    protected function command(Command $command): string
    {
        return $this->calledCommand(Catalogue::get($command->command), array_values($command->arguments));
    }

    /** @param list<Expression> $arguments */
    protected function calledCommand(Entry $entry, array $arguments): string
    {
        return $this->call($this->commandName($entry), $arguments);
    }

    private function change(ChangeVariable $change): string
    {
        $name = $this->name($change->variable);
        $amount = $change->amount;
        if (Operator::Add === $change->operator && $amount instanceof NumberLiteral && $amount->value < 0) {
            return $name.' -= '.$this->expression(new NumberLiteral(-$amount->value));
        }

        if (Operator::Join === $change->operator && !$this->language()->semantics()->coerces && $this->type($amount)->isWhole()) {
            $amount = new Operation(OperationKey::ToText, [$amount]);
        }

        return $this->changed($name, new VariableRead($change->variable), $change->operator, $amount);
    }

    /** `x += 1`, or `x = …` where the language has no sign for the operator. */
    final protected function changed(string $target, Expression $was, Operator $operator, Expression $amount): string
    {
        if ($amount == new Operation(OperationKey::OneOf, [$was])) {
            return $target.(Operator::Add === $operator ? '++' : '--');
        }
        $sign = $this->changeSign($operator, $was, $amount);

        return null === $sign
            ? "$target = ".$this->expression(new Binary($operator, $was, $amount))
            : "$target $sign ".$this->expression($amount);
    }

    /** `+=` and its like. */
    protected function changeSign(Operator $operator, Expression $was, Expression $amount): ?string
    {
        return match ($operator) {
            Operator::Add => '+=',
            Operator::Subtract => '-=',
            Operator::Multiply => '*=',
            Operator::TrueDivide => '/=',
            Operator::Join => $this->allTexts([$amount]) ? '+=' : null,
            default => null,
        };
    }

    /** `a = b = 0`, where all of several names get the same value. */
    protected function chain(SetSeveral $set): ?string
    {
        $value = $set->values[0];
        $isFixed = $value instanceof NumberLiteral || $value instanceof TextLiteral || $value instanceof TruthLiteral || $value instanceof NothingLiteral && !$value->undefined;
        if (!$isFixed || 2 > \count($set->values) || [] !== array_filter($set->values, static fn (Expression $other): bool => $other != $value)) {
            return null;
        }

        return implode(' = ', array_map(fn (Expression $target): string => $this->expression($target), $set->targets)).' = '.$this->expression($value);
    }

    /** What stands left of the sign when an item gets a value. */
    protected function itemTarget(SetItem $set): string
    {
        return $this->expression($set->target);
    }

    protected function setItem(SetItem $set): string
    {
        $target = $this->itemTarget($set);

        return null === $set->operator ? $this->changedPlace($set->target, $target, $set->value) ?? $target.' = '.$this->expression($set->value) : $this->changed($target, $set->target, $set->operator, $set->value);
    }

    /** `place |= 8`, where the place may be found only once; null where nothing has to be said so. */
    final protected function changedPlace(Expression $place, string $target, Expression $value): ?string
    {
        [$sign, $behind] = FoundAgain::may($place) ? [null, null] : ChangedPlace::sign($place, $value) ?? [null, null];

        return null === $sign || null === $behind ? null : "$target $sign ".$this->expression($behind);
    }

    /** @param list<Expression> $arguments */
    final protected function call(string $function, array $arguments): string
    {
        return $function.'('.$this->listed($arguments).')';
    }

    /** @param list<Expression> $arguments */
    protected function ownCall(string $function, array $arguments, int $around): string
    {
        $definition = $this->program->functionNamed($function);
        $rest = null === $definition || '' === $definition->rest ? false : array_search($definition->rest, $definition->parameters, true);
        if (null === $definition || false === $rest) {
            return $this->call($this->name($function), $this->withDefaults($function, $arguments));
        }
        $written = array_map(fn (Expression $argument): string => $this->expression($argument), \array_slice($arguments, 0, $rest));
        if (isset($arguments[$rest])) {
            $more = $arguments[$rest];
            $more = $more instanceof Operation && OperationKey::AsTuple === $more->key ? $more->arguments[0] : $more;
            array_push($written, ...($more instanceof ListLiteral ? array_map(fn (Expression $item): string => $this->expression($item), $more->items) : [$this->spread($more instanceof Operation && OperationKey::AsList === $more->key ? $more->arguments[0] : $more)]));
        }
        foreach (\array_slice($arguments, $rest + 1, null, true) as $index => $argument) {
            if (!$argument instanceof NothingLiteral || !$argument->undefined) {
                $written[] = $this->name($definition->parameters[$index] ?? '').'='.$this->expression($argument);
            }
        }

        return $this->name($function).'('.implode(', ', $written).')';
    }

    /** All items of a list, each as a value of its own. */
    protected function spread(Expression $list): string
    {
        return '...'.$this->expression($list);
    }

    /**
     * An argument that is left out between others is written as the default it stands for.
     *
     * @param list<Expression> $arguments
     *
     * @return list<Expression>
     */
    protected function withDefaults(string $function, array $arguments): array
    {
        foreach ($arguments as $index => $argument) {
            if ($argument instanceof NothingLiteral && $argument->undefined) {
                $definition = $this->program->functionNamed($function);
                $arguments[$index] = $definition->defaults[$definition->parameters[$index] ?? ''] ?? $argument;
            }
        }

        return array_values($arguments);
    }

    /** A call of a function that changes variables of its caller, where the language cannot hand those over: they get what it gives back. */
    private function givenBack(OwnCall $call): ?string
    {
        $function = $this->language()->semantics()->typed ? null : $this->program->functionNamed($call->function);
        if (null === $function) {
            return null;
        }
        $targets = [];
        foreach ($this->referencesOf($function) as $name) {
            $argument = $call->arguments[(int) array_search($name, $function->parameters, true)] ?? null;
            if ($argument instanceof Operation && OperationKey::ValueOrPut === $argument->key) {
                // What a map has for a key is there as soon as it is asked for.
                $argument = new Item($argument->arguments[0], $argument->arguments[1]);
            }
            if (!$argument instanceof VariableRead && !$argument instanceof Item && !$argument instanceof Field) {
                return null;
            }
            $targets[] = $argument;
        }

        return [] === $targets ? null : $this->taken($targets).' = '.$this->ownCall($call->function, $call->arguments, 0);
    }

    /**
     * Variables and items that get the values of a list.
     *
     * @param list<Expression> $targets
     */
    protected function taken(array $targets): string
    {
        return $this->listed($targets);
    }

    /** @return list<string> what the function being printed gives back for the variables it changes */
    final protected function referencesOf(FunctionDefinition|Script $function): array
    {
        return $function instanceof Script || $this->language()->semantics()->typed || $function->givesValue() ? [] : ReferenceParameters::of($this->program, $function, $this->types);
    }

    protected function leave(): string
    {
        $names = $this->referencesOf($this->part);
        if ([] !== $names) {
            return 'return '.$this->givenOut($names);
        }

        return 'return';
    }

    /** @param non-empty-list<string> $names */
    protected function givenOut(array $names): string
    {
        return implode(', ', array_map($this->name(...), $names));
    }

    /** @param int $around how strongly what stands around it binds; weaker expressions get brackets */
    final protected function expression(Expression $expression, int $around = 0): string
    {
        $name = [] === $this->marked ? null : $this->marked[spl_object_id($expression)] ?? null;
        $text = $this->unmarked($expression, $around);

        return null === $name ? $text : self::BLANK.$name.self::BLANK_TEXT.$text.self::BLANK_END;
    }

    protected function variable(VariableRead $read, int $around): string
    {
        return $this->said[$read->name] ?? $this->name($read->name);
    }

    private function unmarked(Expression $expression, int $around): string
    {
        return match (true) {
            $expression instanceof NumberLiteral => $this->bracket(self::number($expression->value), $expression->value < 0 ? self::UNARY : self::ATOM, $around),
            $expression instanceof TextLiteral => $this->textLiteral($expression),
            $expression instanceof TruthLiteral => $this->truth($expression->value),
            $expression instanceof VariableRead => $this->variable($expression, $around),
            $expression instanceof Unary => UnaryOperator::Not === $expression->operator
                ? $this->not($expression, $around)
                : $this->bracket('-'.$this->expression($expression->operand, self::RAISED + 1), self::UNARY, $around),
            $expression instanceof Binary => $this->binary($expression, $around),
            $expression instanceof RandomWhole => $this->random($expression),
            $expression instanceof CommandValue => $this->calledCommand(Catalogue::get($expression->command), $expression->arguments),
            $expression instanceof FunctionReference => $this->name($expression->function),
            $expression instanceof OwnValue => $this->ownCall($expression->function, $expression->arguments, $around),
            $expression instanceof UnreadExpression => $expression->text,
            $expression instanceof Operation => $this->operation($expression, $around),
            default => $this->value($expression, $around),
        };
    }

    /** @param list<Expression> $values */
    final protected function listed(array $values): string
    {
        return implode(', ', array_map(fn (Expression $value): string => $this->expression($value), $values));
    }

    protected function operation(Operation $operation, int $around): string
    {
        if (Given::is($operation) && OperationKey::Moved !== $operation->key) {
            return $this->givenInside($operation, $around);
        }
        if (OperationKey::TextPart === $operation->key && !$this->language()->semantics()->typed && $operation->arguments[1] == new NumberLiteral(0)) {
            return $this->expression(new Slice($operation->arguments[0], new NothingLiteral(), $operation->arguments[2]), $around);
        }
        $entry = ValueOperations::get($operation->key);
        $first = isset($operation->arguments[0]) ? $this->type($operation->arguments[0]) : StaticType::unknown();

        return $this->spelled(self::spelling(self::overPlaces($entry->spellings[$this->language()->value], $operation->arguments), $first, "{$entry->key->value}({*})"), $operation->arguments, $around);
    }

    /**
     * Spellings without those that name the first and the last place of a list that is made anew each time it is named.
     *
     * @param list<string>     $spellings
     * @param list<Expression> $operands
     *
     * @return list<string>
     */
    public static function overPlaces(array $spellings, array $operands): array
    {
        return array_values(array_filter($spellings, static fn (string $spelling): bool => 1 !== preg_match('/\{(\d):all\}/', $spelling, $match) || Given::isPlace($operands[(int) $match[1]] ?? new NothingLiteral())));
    }

    /** A value that changes a variable, an item or a field. */
    abstract protected function givenInside(Operation $given, int $around): string;

    private static function holdsObjects(StaticType $type): bool
    {
        return TypeKind::Copied === $type->kind || TypeKind::Object === $type->kind || [] !== array_filter([$type->element, ...$type->parts], static fn (?StaticType $part): bool => null !== $part && self::holdsObjects($part));
    }

    /** @param list<string> $spellings */
    private static function spelling(array $spellings, StaticType $first, string $otherwise): string
    {
        $chosen = null;
        foreach ($spellings as $spelling) {
            if (1 !== preg_match('/^(text|texts|list|lists|map|set|whole|letter|object|objects)\?(.*)$/s', $spelling, $match)) {
                $chosen ??= $spelling;
            } elseif (match ($match[1]) {
                'text' => TypeKind::Text === $first->kind,
                'texts' => $first->isList() && $first->item()->isTextual(),
                'list' => $first->isList(),
                'lists' => $first->isList() && $first->item()->isList(),
                'map' => $first->isMap(),
                'set' => $first->isSet(),
                'whole' => $first->isWhole(),
                'letter' => TypeKind::Letter === $first->kind,
                'object' => null !== $first->class,
                'objects' => self::holdsObjects($first),
            }) {
                return $match[2];
            }
        }

        return $chosen ?? $otherwise;
    }

    /** @param list<Expression> $operands */
    private function spelled(string $spelling, array $operands, int $around): string
    {
        $own = self::ATOM;
        if (1 === preg_match('/^(\d+)\|(.*)$/s', $spelling, $match)) {
            [$own, $spelling] = [(int) $match[1], $match[2]];
        }
        if (1 === preg_match('/(?<![\w.])('.implode('|', self::MODULES).')\./', $spelling, $match)) {
            $this->need($match[1]);
        }
        $text = (string) preg_replace_callback('/@(\w+)|\{(\d|\*)(?::(\w+))?\}(?=([.\[]?))/', function (array $match) use ($operands): string {
            if ('' !== $match[1]) {
                return $this->need($match[1]);
            }
            if ('*' === $match[2]) {
                return implode(', ', array_map(fn (Expression $operand): string => $this->operand($operand, 0), $operands));
            }
            $operand = $operands[(int) $match[2]] ?? new NothingLiteral();
            if ('all' === $match[3]) {
                $text = $this->expression($operand, self::POSTFIX);

                return "$text.begin(), $text.end()";
            }
            $strength = '' !== $match[3] ? (int) $match[3] : ('' === $match[4] ? 0 : self::POSTFIX);

            return $this->operand($operand, $strength);
        }, $spelling);

        return $this->bracket($text, $own, $around);
    }

    /** An operand of an operation; a literal with something behind it may need help. */
    protected function operand(Expression $operand, int $around): string
    {
        return self::POSTFIX === $around && $operand instanceof NumberLiteral ? '('.$this->expression($operand).')' : $this->expression($operand, $around);
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

    final protected function areNatural(Binary $binary): bool
    {
        return $this->type($binary->left)->isNatural() && $this->type($binary->right)->isNatural();
    }

    /** @param list<Expression> $parts */
    final protected function allTexts(array $parts): bool
    {
        foreach ($parts as $part) {
            if (!$this->type($part)->isTextual()) {
                return false;
            }
        }

        return true;
    }
}
