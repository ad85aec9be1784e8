<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Catalogue\SceneName;
use Scrivlet\Core\Catalogue\SlotType;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Cpp\CppPrinter;
use Scrivlet\Core\Language\KeyQuestion;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Semantics;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\LiveLoops;
use Scrivlet\Core\Language\Typing\ReferenceParameters;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Run\Values\ListValue;
use Scrivlet\Core\Run\Values\MapValue;
use Scrivlet\Core\Run\Values\Nothing;
use Scrivlet\Core\Scene\Lantern\Lantern;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
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
use Scrivlet\Core\Tree\FailureKind;
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
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
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
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/**
 * Writes a program as PHP code, once, so that running it needs no walk over the tree.
 *
 * Nothing a person wrote gets into the code but numbers and quoted texts: variables and functions are numbered, and
 * what is called are methods of this namespace, fixed here. A run can reach nothing else.
 */
final class Compiler
{
    /** What the parts of the mower can do. */
    private const OF_FITTINGS = [OperationKey::PairDrive, OperationKey::PairTravel, OperationKey::PairTurn, OperationKey::PairStop, OperationKey::LampShow, OperationKey::LampOff, OperationKey::Surface, OperationKey::Distance];

    /** Operators of plain numbers: the method of Values, and PHP's sign. */
    private const QUICK = [
        'add' => ['add', '+'], 'subtract' => ['subtract', '-'], 'multiply' => ['multiply', '*'], 'equal' => ['equal', '==='],
        'floor_remainder' => ['floorRemainder', '%'], 'floor_divide' => ['floorDivide', '/'],
        'less' => ['less', '<'], 'less_or_equal' => ['lessOrEqual', '<='], 'greater' => ['greater', '>'], 'greater_or_equal' => ['greaterOrEqual', '>='],
    ];

    /** The longest fixed step of a count that is added in place. */
    private const SHORT_STRIDE = 100000000;

    /** @var list<string> */
    public array $rows = [];
    /** @var list<string> */
    public array $functions = [];

    /** @var list<FunctionDefinition> */
    private array $definitions;
    /** @var array<string, string> names that stand in an expression only */
    private array $inner = [];
    /** @var list<string> where what was caught is kept, outermost first */
    private array $caught = [];
    /** @var list<int> how many loops of PHP each loop around is */
    private array $loops = [];
    private FunctionDefinition|Script $part;
    private int $temporaries = 0;
    /** @var array<int, true> functions of a Python script that stand between its rows */
    private array $late = [];
    /** @var list<int> those of which a call has to look whether they are known */
    private array $between = [];
    /** @var array<int, list<string>> parameters by which a function changes variables of its caller, by the function's id */
    private array $givenBack = [];
    private readonly Places $places;
    private readonly Turns $turns;
    /** @var array<string, true> objects of the scene that the method being written uses */
    private array $objects = [];
    /** @var list<Handler> those whose rows are still to be written */
    private array $handlers = [];

    private readonly Program $program;
    private readonly Types $types;

    /** Begins a default that a function makes once and keeps. */
    public const MADE_ONCE = 'static ';
    /** What reads one word, as C++ does. */
    private const WORDS = [OperationKey::AskWord, OperationKey::NextWord];
    private readonly Semantics $facts;

    /** @param bool $record whether each moment is kept, or only what happens in the scene */
    public function __construct(Analysis $analysis, private readonly Language $language, private readonly bool $record)
    {
        $this->facts = $language->semantics();
        $this->program = $program = $analysis->program;
        $this->types = $analysis->types();
        $this->part = $program->script;
        $this->definitions = $program->definitions();
        $this->places = new Places($program, $analysis->scopes(), !$this->facts->freshTurns);
        $this->turns = new Turns($analysis->scopes());
        foreach ($this->definitions as $index => $function) {
            $this->functions[] = $function->name;
            if ($this->facts->definesByRow && \in_array($function, $program->script->body->statements, true)) {
                $this->late[$index] = true;
                $this->between[] = $index;
            }
        }
    }

    /** @return string PHP code that gives the name of a class of the kind Routine */
    public function compile(): string
    {
        $methods = '';
        foreach ($this->definitions as $index => $function) {
            if (null === $this->program->around($function)) {
                $this->part = $function;
                $methods .= $this->method("f$index", $function, $index);
            }
        }
        $this->part = $this->program->script;
        $methods .= $this->method('run', $this->program->script, null);
        for ($index = 0; $index < \count($this->handlers); ++$index) {
            $methods .= $this->method("h$index", $this->handlers[$index], null);
        }

        $known = implode('', array_map(static fn (int $index): string => "private bool \$k$index = false;\n", array_keys($this->late))).$this->classes();

        return 'return new class($trace, $values, $stage, $chance, $answers) extends '.Routine::class." {\n".$known.$this->places->properties().$this->places->shared().$methods.'};';
    }

    /** Code that says which function answers to which method of each class, and how many values it takes. */
    private function classes(): string
    {
        $classes = new Classes($this->program);
        $table = [];
        foreach ($classes->names() as $class) {
            $table[$class] = [];
            foreach ($classes->table($class) as $name => $function) {
                $definition = $this->program->functionNamed($function);
                $table[$class][$name] = ['f'.(int) array_search($function, $this->functions, true), \count($definition?->given() ?? []), \count($definition->defaults ?? []), null !== $definition && '' !== $definition->rest ? (int) array_search($definition->rest, $definition->given(), true) : null, true === $definition?->isShared(), $definition?->given() ?? [], self::takesOthers($definition)];
            }
        }

        $ancestry = [];
        foreach ($classes->names() as $class) {
            $ancestry[$class] = $classes->ancestry($class);
        }

        $failing = array_map(static fn (string $class): ?FailureKind => $classes->failure($class), array_combine($classes->names(), $classes->names()));
        $failing = array_map(static fn (FailureKind $kind): string => $kind->value, array_filter($failing));

        $records = array_fill_keys(array_map(static fn (ClassDefinition $class): string => $class->name, array_filter($this->program->classes(), static fn (ClassDefinition $class): bool => ClassDefinition::RECORD === $class->parent)), true);

        $pointing = $this->facts->typed ? $this->pointing($classes) : [];

        return [] === $table ? '' : ([] === $pointing ? '' : 'protected array $pointing = '.var_export($pointing, true).";\n").([] === $records ? '' : 'protected array $records = '.var_export($records, true).";\n").'protected array $failing = '.var_export($failing, true).";\n".$this->beginnings().'protected array $classes = '.var_export($table, true).";\nprotected array \$ancestry = ".var_export($ancestry, true).";\n";
    }

    /**
     * What objects only point at, which a copy of them points at as well (C++17, 15.8.1).
     *
     * @return array<string, array<string, true>> by class, the tags of the fields
     */
    private function pointing(Classes $classes): array
    {
        $fields = [];
        foreach ($classes->names() as $name) {
            foreach ($classes->ancestry($name) as $class) {
                foreach ($this->program->classNamed($class)?->body->statements ?? [] as $row) {
                    if ($row instanceof FieldDeclaration && 1 === preg_match('/\*|_ptr\b/', (string) $row->type)) {
                        $fields[$name]["t$row->name"] = true;
                    }
                }
            }
        }

        return $fields;
    }

    /** Code that gives a new object what its class says it keeps at first. */
    private function beginnings(): string
    {
        $code = '';
        foreach ($this->program->classes() as $class) {
            $rows = '';
            foreach ($class->body->statements as $row) {
                if ($row instanceof FieldDeclaration && !$row->off) {
                    $rows .= $this->beginning($row);
                }
            }
            $code .= '' === $rows ? '' : 'if ($class === '.var_export($class->name, true).") {\n$rows}\n";
        }
        if ('' === $code) {
            return '';
        }

        return 'protected function begin(string $class, \\'.MapValue::class.' $o, int $d): void {'."\n".'$t = $this->trace; $v = $this->values; $r = null;'."\n$code}\n";
    }

    private function beginning(FieldDeclaration $row): string
    {
        $type = null === $row->type ? StaticType::unknown() : TypeNames::read($row->type);
        $value = match (true) {
            null !== $row->value => $this->kept($type, $this->expression($row->value), $row->value),
            TypeKind::Text === $type->kind => "''",
            $type->isList() => '$v->list([])',
            $type->isMap() => '$v->map([])',
            // One that wants values gets them from what makes the object around it (C++17, 15.6.2).
            TypeKind::Copied === $type->kind && (new Classes($this->program))->wantsValues((string) $type->class) => 'null',
            TypeKind::Copied === $type->kind => '$this->madeCopied('.var_export($type->class, true).', $d)',
            TypeKind::Object === $type->kind, null === $row->type => 'null',
            default => null,
        };

        return null === $value ? '$o->order[] = '.var_export($row->name, true).";\n" : '$o->order[] = '.var_export($row->name, true).";\n\$v->keep(\$o, ".var_export($row->name, true).", $value);\n";
    }

    /** @return list<array{name: string, function: string|null}> */
    public function variables(): array
    {
        return $this->places->variables;
    }

    private function method(string $name, FunctionDefinition|Script|Handler $part, ?int $index): string
    {
        $this->objects = [];
        $this->temporaries = 0;
        $visible = $part instanceof Script ? 'public' : ($part instanceof FunctionDefinition && '' !== $part->class() ? 'protected' : 'private');
        [$parameters, $body] = $this->written($part, $index);
        if ($part instanceof FunctionDefinition && 'remembered' === $part->sort) {
            // Reckoned once for the same values.
            return "private array \$m$index = [];\nprivate function $name(\$d, ...\$a): mixed { \$k = \\".MapValue::class.'::tag(new \\'.ListValue::class."(\$a)); if (!\\array_key_exists(\$k, \$this->m$index)) { \$this->m{$index}[\$k] = \$this->k_$name(\$d, ...\$a); } return \$this->m{$index}[\$k]; }\nprivate function k_$name($parameters): mixed $body\n";
        }

        if ($part instanceof FunctionDefinition && $part->isAsync()) {
            return "$visible function $name(...\$a): mixed { return \$this->started(fn (): mixed => \$this->y_$name(...\$a)); }\nprivate function y_$name($parameters): mixed $body\n";
        }

        if ($part instanceof FunctionDefinition && $part->handsOut()) {
            return "$visible function $name(...\$a): mixed { return \$this->values->begun(\$this->y_$name(...\$a)); }\nprivate function y_$name($parameters): \\Generator $body\n";
        }

        return "$visible function $name($parameters)".(null === $index ? ': void' : ': mixed')." $body\n";
    }

    /** @return array{string, string} code of the parameters and, in braces, of the rows */
    private function written(FunctionDefinition|Script|Handler $part, ?int $index): array
    {
        $parameters = $part instanceof FunctionDefinition ? ['$d'] : [];
        $changes = $enter = $leave = '';
        $isLeftOut = false;
        foreach ($part instanceof FunctionDefinition ? $part->parameters : [] as $parameter) {
            $default = $part instanceof FunctionDefinition && isset($part->defaults[$parameter]);
            // JavaScript may leave out what stands behind a default, too.
            $isLeftOut = $isLeftOut || $default || $part instanceof FunctionDefinition && '' !== $part->rest;
            $parameters[] = ($this->isReference($part, $parameter) ? '&' : '').$this->variable($parameter).($default && $this->knowsNone() ? ' = \\'.Absent::class.'::Value' : ($isLeftOut ? ' = null' : ''));
            if ($default && $part instanceof FunctionDefinition) {
                $default = $this->expression($part->defaults[$parameter]);
                $isOnce = $this->facts->defaultsOnce && ($part->defaults[$parameter] instanceof ListLiteral || $part->defaults[$parameter] instanceof MapLiteral);
                // Python makes a list that stands for what is left out only once (The Python Language Reference, 8.7).
                $made = $isOnce ? $this->temporary() : '';
                $changes .= ($isOnce ? self::MADE_ONCE."$made = null;\n" : '').($this->knowsNone() ? 'if (\\'.Absent::class.'::Value === '.$this->variable($parameter).') { '.$this->variable($parameter).' = ' : $this->variable($parameter).' ??= ').($isOnce ? "($made ??= $default)" : $default).';'.($this->knowsNone() ? ' }' : '')."\n";
            }
            if ($part instanceof FunctionDefinition && $parameter === $part->rest) {
                // Nothing is left for it where values before it are left out.
                $changes .= $this->variable($parameter).' ??= new \\'.ListValue::class.'([]'.($this->facts->tuples ? ', true' : '').");\n";
            }
            $changes .= $this->changed($parameter);
        }
        $body = $this->places->perhaps(fn (): string => $part instanceof Script ? $this->block(new Block($this->program->functions)).$this->block($this->lasting()).$this->block($part->body) : $this->block($this->hoisted($part->body)));
        $objects = $this->objects().($part instanceof Handler ? '' : $this->places->absent($part));
        if (null !== $index) {
            $enter = 'if ($d > $this->deepest) { throw new '.RunError::class."('deep_calls'); }\n"
                .($this->record ? "\$t->calls[] = \$t->moment; \$t->calls[] = $index;\n" : '').$changes;
            $leave = $this->record ? ' finally { $t->calls[] = $t->moment; $t->calls[] = -1; }' : '';
        }
        if ($this->record && $part instanceof Script) {
            // What lists and maps hold at the end is asked once the method is left.
            $leave = ' finally { $t->kept = ['.$this->places->locals($part).']; }';
        }
        $end = null === $index ? '' : "return null;\n";

        return [implode(', ', $parameters), "{\n"
            .'$t = $this->trace; $v = $this->values; $r = null;'.(null === $index ? ' $d = 0;' : '')."\n".$objects
            .'try {'."\n".$enter.$body.$end.'}'
            .' catch ('.RunError::class.' $error) { $error->row ??= $r; throw $error; }'.$leave."\n}"];
    }

    /** A value that a method is given; what was left out between others has its default. */
    private function handedOver(Expression $argument): string
    {
        return $argument instanceof NothingLiteral && $argument->undefined && $this->knowsNone() ? '\\'.Absent::class.'::Value' : $this->expression($argument);
    }

    /** Whether nothing is something that can be given; JavaScript takes `undefined` for what was left out (ECMA-262, 10.2.11). */
    private function knowsNone(): bool
    {
        return !$this->facts->undefined;
    }

    /**
     * A function inside of another: a closure that sees the variables around it as they are when it runs.
     */
    private function inside(FunctionDefinition $function, int $index): string
    {
        $before = [$this->part, $this->objects, $this->loops, $this->caught];
        [$this->part, $this->objects, $this->loops, $this->caught] = [$function, [], [], []];
        $code = $this->places->perhaps(function () use ($function, $index): string {
            [$parameters, $body] = $this->written($function, $index);
            preg_match_all('/\$(?:l|n)\d+\b/', $body, $names);
            $own = array_map(fn (string $name): string => $this->variable($name), [...$function->parameters, ...$this->types->scopes->ownVariables($function)]);
            foreach ($this->definitions as $number => $other) {
                if ($this->program->around($other) === $function) {
                    $own[] = "\$n$number";
                }
            }
            $uses = array_map(static fn (string $name): string => "&$name", array_values(array_diff(array_unique($names[0]), $own)));

            $used = [] === $uses ? '' : ' use ('.implode(', ', $uses).')';

            return "\$n$index = function ($parameters)$used: mixed ".match (true) {
                $function->handsOut() => "{ \$y = function ($parameters)$used: \\Generator $body; return \$this->values->begun(\$y(...\\func_get_args())); };\n",
                $function->isAsync() => "{ \$y = function ($parameters)$used: mixed $body; \$a = \\func_get_args(); return \$this->started(static fn (): mixed => \$y(...\$a)); };\n",
                default => "$body;\n",
            };
        });
        [$this->part, $this->objects, $this->loops, $this->caught] = $before;

        return $code;
    }

    private function objects(): string
    {
        return implode('', array_map(static fn (string $object): string => "\$$object = \$this->stage->$object();\n", array_keys($this->objects)));
    }

    private function block(Block $block): string
    {
        $code = '';
        foreach ($block->statements as $statement) {
            if (!$statement->off) {
                $code .= $this->statement($statement);
            }
        }

        return $code;
    }

    /** Variables below `main` have their values before it begins (C++17, 6.6.2). */
    private function lasting(): Block
    {
        return new Block($this->facts->globalsFirst ? array_values(array_filter($this->program->below, static fn (Statement $row): bool => $row instanceof SetVariable)) : []);
    }

    /** In JavaScript the functions of a body are there before its first row runs (ECMAScript 2022, 10.2.11). */
    private function hoisted(Block $body): Block
    {
        if (!$this->facts->hoists) {
            return $body;
        }
        $isFunction = static fn (Statement $row): bool => $row instanceof FunctionDefinition;
        $functions = array_filter($body->statements, $isFunction);

        return [] === $functions ? $body : new Block([...array_values($functions), ...array_values(array_filter($body->statements, static fn (Statement $row): bool => !$isFunction($row)))]);
    }

    private function perhaps(Block $block): string
    {
        return $this->places->perhaps(fn (): string => $this->block($block));
    }

    private function step(Statement $statement, string $part = 'head'): string
    {
        $row = \count($this->rows);
        $this->rows[] = "$statement->id:$part";

        return $this->stepAt($row);
    }

    private function stepAt(int $row): string
    {
        return "\$r = $row; if (++\$t->moment > \$t->stop) { \$t->breathe(); }"
            .($this->record ? " \$t->steps[] = $row;" : '')."\n";
    }

    private function statement(Statement $statement): string
    {
        return match (true) {
            $statement instanceof Import => $this->facts->streams && 1 === preg_match('/^(?:std::)?cin\s*\.\s*(ignore|clear)\b(.*)/s', $statement->text, $match) ? '$this->answers->'.('clear' === $match[1] ? 'clear' : (str_contains($match[2], '\\n') ? 'skipLine' : 'skip'))."();\n" : '',

            $statement instanceof FieldDeclaration, $statement instanceof Comment, $statement instanceof ShareVariable, $statement instanceof Pass => '',
            $statement instanceof FunctionDefinition => $this->defined($statement),
            $statement instanceof ClassDefinition => $this->block($statement->body),
            $statement instanceof Attempt => $this->attempt($statement),
            $statement instanceof Raise => $this->step($statement).'$this->raise(\\'.FailureKind::class.'::'.$statement->kind->name.', '.$this->expression($statement->says).");\n",
            $statement instanceof RaiseObject => $this->step($statement).'$this->raiseObject('.$this->expression($statement->object).", \$d);\n",
            $statement instanceof PassOn => $this->step($statement).'throw '.($this->caught[array_key_last($this->caught) ?? 0] ?? throw new \LogicException('Nothing was caught.')).";\n",
            $statement instanceof Claim => $this->step($statement).'if (!'.$this->truth($statement->condition).') { $this->unclaimed('.(null === $statement->says ? "''" : $this->expression($statement->says))."); }\n",
            $statement instanceof Declaration => $this->declaration($statement),
            $statement instanceof Unread => throw new \LogicException('What cannot be read cannot run.'),
            $statement instanceof Holding => $this->held($statement),
            $statement instanceof EachLoop => $this->each($statement),
            $statement instanceof ForLoop => $this->forLoop($statement),
            $statement instanceof DoWhile => $this->doWhile($statement),
            $statement instanceof SetItem => $this->step($statement).$this->setItem($statement->target, $this->inPlace($given = null === $statement->operator ? $statement->value : new Binary($statement->operator, $statement->target, $statement->value), $statement->operator), $given),
            $statement instanceof SetSeveral => $this->setSeveral($statement),
            $statement instanceof Perform && $statement->value instanceof Operation && \in_array($statement->value->key, [OperationKey::HandOut, OperationKey::HandOutAll], true) => $this->step($statement).$this->handOut($statement->value),
            $statement instanceof Perform => $this->step($statement).$this->expression($statement->value).";\n",
            $statement instanceof Command => $this->step($statement).$this->command(Catalogue::get($statement->command), array_values($statement->arguments)).";\n",
            $statement instanceof Handler => $this->step($statement).$this->handler($statement),
            $statement instanceof Repeat => $this->repeat($statement),
            $statement instanceof Count => $this->count($statement),
            $statement instanceof WhileLoop => 'while (true) {'."\n".$this->step($statement).'if (!'.$this->asked($statement->condition).") { break; }\n".$this->ofThisTurn($statement).$this->inLoop($statement->body)."}\n",
            $statement instanceof Forever => 'while (true) {'."\n".$this->step($statement).$this->ofThisTurn($statement).$this->inLoop($statement->body)."}\n",
            $statement instanceof Conditional => $this->conditional($statement, 0),
            $statement instanceof SetVariable => $this->step($statement).$this->assign($statement->variable, $this->withName($statement->value, $statement->variable), $this->isAnotherName($statement) ? null : $statement->value),
            $statement instanceof ChangeVariable => $this->step($statement).$this->assign($statement->variable, $this->inPlace($sum = new Binary($statement->operator, new VariableRead($statement->variable), $statement->amount), $statement->operator), $sum),
            $statement instanceof OwnCall => $this->step($statement).$this->call($statement->function, $statement->arguments).";\n",
            $statement instanceof GiveBack => $this->step($statement).($this->part instanceof Script ? $this->expression($statement->value)."; return;\n" : 'return '.$this->giveBack($statement->value).";\n"),
            $statement instanceof LeaveFunction => $this->step($statement).($this->part instanceof Script ? "return;\n" : "return null;\n"),
            $statement instanceof BreakLoop => $this->step($statement).'break '.([] === $this->loops ? 1 : $this->loops[array_key_last($this->loops)]).";\n",
            $statement instanceof ContinueLoop => $this->step($statement)."continue;\n",
            $statement instanceof PrintLine => $this->step($statement).$this->printLine($statement),
            default => throw new \LogicException('Cannot run '.$statement::class),
        };
    }

    /**
     * What failed is caught where the real machine would catch it, too; what ends a run passes through, and starts nothing
     * that runs in any case.
     */
    private function attempt(Attempt $attempt): string
    {
        [$failed, $through, $done] = [$this->temporary(), $this->temporary(), $this->temporary()];
        $code = $this->step($attempt)."{$done} = false; $through = false;\ntry {\ntry {\n".$this->perhaps($attempt->body)."$done = true;\n} catch (".RunError::class." $failed) {\n{$failed}->row ??= \$r;\n";
        $code .= "if (!\$this->mayCatch($failed)) { throw $failed; }\n";
        foreach ($attempt->rescues as $index => $rescue) {
            $kinds = implode(', ', array_map(static fn (FailureKind|string $kind): string => $kind instanceof FailureKind ? '\\'.FailureKind::class."::$kind->name" : var_export($kind, true), $rescue->kinds));
            $code .= "if (\$this->catches($failed, [$kinds])) {\n".$this->step($attempt, Attempt::bodyName($index));
            $code .= $this->places->perhaps(function () use ($rescue, $failed): string {
                $this->caught[] = $failed;
                $assign = '' === $rescue->name || !$rescue->takesObjects() && !self::saysItself($rescue) ? '' : $this->assign($rescue->name, $rescue->takesObjects() ? "{$failed}->object" : "\$this->says($failed)");
                $rows = $assign.$this->block($rescue->body);
                array_pop($this->caught);
                // Python takes the name away again (The Python Language Reference, 8.4.1).
                $ended = '' !== $rescue->name && $this->facts->forgetsFailures ? $this->variable($rescue->name).' = \\'.Absent::class."::Value;\n" : '';

                return $rows.$ended;
            })."} else\n";
        }
        $code .= "{ throw $failed; }\n}\n";
        if (null !== $attempt->otherwise) {
            $code .= "if ($done) {\n".$this->perhaps($attempt->otherwise)."}\n";
        }
        if (null === $attempt->finally) {
            return $code."} finally {}\n";
        }

        return $code.'} catch ('.StepLimitReached::class.'|'.TimeLimitReached::class.'|'.AnswerWanted::class." \$e) { $through = true; throw \$e; }\n"
            ."finally {\nif (!$through) {\n".$this->perhaps($attempt->finally)."}\n}\n";
    }

    /** Whether the rows of a rescue ask for what the failure says, and not only what it is called or keeps. */
    private static function saysItself(Rescue $rescue): bool
    {
        $reads = 0;
        foreach (Walk::statements($rescue->body->statements) as $row) {
            if (\in_array($rescue->name, $row->assigned(), true) || $row instanceof FunctionDefinition) {
                return true;
            }
            foreach (Walk::expressionsOf($row) as $part) {
                $reads += match (true) {
                    $part instanceof VariableRead && $part->name === $rescue->name => 1,
                    $part instanceof Operation && str_starts_with($part->key->value, 'failure_') && OperationKey::FailureText !== $part->key && $part->arguments[0] == new VariableRead($rescue->name) => -1,
                    default => 0,
                };
            }
        }

        return 0 < $reads;
    }

    private function inLoop(Block $body, int $depth = 1): string
    {
        $this->loops[] = $depth;
        $code = $this->perhaps($body);
        array_pop($this->loops);

        return $code;
    }

    /**
     * In JavaScript each turn of a loop has variables of its own, which the functions made in it go on seeing (ECMA-262, 14.7.4.4).
     */
    private function ofThisTurn(Statement $loop): string
    {
        if (!$this->facts->freshTurns) {
            return '';
        }
        $part = $this->part instanceof FunctionDefinition ? $this->part->body->statements : [...$this->program->functions, ...$this->part->body->statements, ...$this->program->below];
        $code = '';
        foreach ($this->turns->variables($loop, $part) as $name) {
            if ($this->types->scopes->owner($this->part, $name) === ($this->part instanceof FunctionDefinition ? $this->part->id : Scopes::PROGRAM)) {
                $variable = $this->variable($name);
                $kept = $this->temporary();
                $code .= "$kept = $variable; unset($variable); $variable = $kept;\n";
            }
        }

        return $code;
    }

    /** Whether a reference of C++ begins, which is another name for a list, a map or an object. */
    private function isAnotherName(SetVariable $set): bool
    {
        $type = $this->types->variable($this->part, $set->variable);

        return $this->facts->typed && str_ends_with((string) $set->declared, '&') && ($type->isList() || $type->isMap() || TypeKind::Copied === $type->kind);
    }

    /** A variable of C++ that has no value yet; the other languages begin without one. */
    private function declaration(Declaration $declaration): string
    {
        $type = $this->types->variable($this->part, $declaration->variable);

        return match ($type->kind) {
            TypeKind::Copied => $this->step($declaration).$this->assign($declaration->variable, '$this->madeCopied('.var_export($type->class, true).', $d)'),
            TypeKind::Object => $this->facts->typed ? $this->step($declaration).$this->assign($declaration->variable, 'null') : '',
            TypeKind::List => $this->step($declaration).$this->assign($declaration->variable, '$v->list([])'),
            TypeKind::Map => $this->step($declaration).$this->assign($declaration->variable, '$v->map([])'),
            TypeKind::Text => $this->facts->typed ? $this->step($declaration).$this->assign($declaration->variable, "''") : '',
            default => $this->facts->undefined ? $this->step($declaration).$this->assign($declaration->variable, 'null') : '',
        };
    }

    /** The Python Language Reference, 8.5: what was opened is closed however the rows end. */
    private function held(Holding $holding): string
    {
        $held = $this->temporary();
        $opened = $this->step($holding)."$held = ".$this->expression($holding->value).";\n".$this->assign($holding->variable, $held);

        return $opened."try {\n".$this->perhaps($holding->body)."} finally { \$v->fileClosed($held); }\n";
    }

    private function each(EachLoop $loop): string
    {
        $row = \count($this->rows);
        $step = $this->step($loop);
        [$item, $first] = [$this->temporary(), $this->temporary()];
        $turns = $this->facts->liveLoops ? LiveLoops::of($loop) : null;
        if (null === $turns && $this->facts->liveLoops && $loop->over instanceof VariableRead && 1 === \count($loop->variables) && LiveLoops::isLeft($loop)) {
            $turns = [$loop->over, ''];
        }
        if (null === $turns && $this->handsOut()) {
            $isNumbered = $loop->over instanceof Operation && OperationKey::Numbered === $loop->over->key;
            $turns = $isNumbered ? [$loop->over->arguments[0], 'numbered'] : [$loop->over, 1 === \count($loop->variables) ? '' : 'rows'];
        }
        $over = null !== $turns ? '$v->turns('.$this->expression($turns[0]).', '.var_export($turns[1], true).')' : (1 === \count($loop->variables) ? '$v->over(' : '$v->rows(').$this->goneOver($loop->over).')';
        $apart = 1 === \count($loop->variables) ? '' : "$item = \$v->apart($item, ".\count($loop->variables).");\n";
        $body = $this->places->perhaps(function () use ($loop, $item, $apart): string {
            $isCopied = $this->facts->typed && !$loop->refers && TypeKind::Copied === $this->types->variable($this->part, $loop->variables[0])->kind;
            $assign = 1 === \count($loop->variables) ? $this->assign($loop->variables[0], $isCopied ? "\$v->cloned($item)" : $item) : '';
            foreach (1 === \count($loop->variables) ? [] : $loop->variables as $index => $name) {
                $assign .= $this->assign($name, "{$item}[$index]");
            }

            return $apart.$this->ofThisTurn($loop).$assign.$this->inLoop($loop->body);
        });

        return $step."$first = true;\nforeach ($over as $item) {\nif (!$first) { ".$this->stepAt($row)."} $first = false;\n".$body."}\n";
    }

    /** What a change makes of a value: in Python a list that nothing is known of may grow by it. */
    private function inPlace(Expression $changed, ?Operator $by): string
    {
        $method = $this->facts->growsInPlace && $changed instanceof Binary ? [Operator::Add->value => 'increased', Operator::Subtract->value => 'decreased'][$by->value ?? ''] ?? null : null;
        $type = null === $method || !$changed instanceof Binary ? null : $this->types->expression($this->part, $changed->left);
        if (null === $type || !$changed instanceof Binary || $type->isNumeric() || $type->isTextual()) {
            return $this->expression($changed);
        }

        return "\$v->$method(".$this->expression($changed->left).', '.$this->expression($changed->right).')';
    }

    private function handsOut(): bool
    {
        return $this->handsOut ??= $this->uses(OperationKey::CountedOn, OperationKey::AgainInTurn) || [] !== array_filter($this->program->definitions(), static fn (FunctionDefinition $function): bool => $function->handsOut());
    }

    /** A function that waits is none of those that run; it goes on when what it hands out next is asked for. */
    private function handOut(Operation $out): string
    {
        $item = $this->temporary();
        $waits = $this->record ? '$t->calls[] = $t->moment; $t->calls[] = -1; ' : '';
        $goesOn = $this->record && $this->part instanceof FunctionDefinition ? ' $t->calls[] = $t->moment; $t->calls[] = '.(int) array_search($this->part->name, $this->functions, true).';' : '';
        $value = $this->expression($out->arguments[0]);
        $each = OperationKey::HandOutAll === $out->key ? "foreach (\$v->turns($value, '') as $item) { " : "$item = $value; ";

        return "$each{$waits}yield $item;$goesOn".(OperationKey::HandOutAll === $out->key ? ' }' : '')."\n";
    }

    private function forLoop(ForLoop $loop): string
    {
        $from = $this->step($loop, 'before').$this->assign($loop->variable, $this->expression($loop->from), $loop->from);
        $test = $this->step($loop).'if (!'.$this->asked($loop->condition).") { break; }\n";
        $next = new Binary($loop->operator, new VariableRead($loop->variable), $loop->amount);

        return $from."while (true) {\n".$test."do {\n".$this->inLoop($loop->body, 2)."} while (false);\n".$this->ofThisTurn($loop).$this->assign($loop->variable, $this->expression($next), $next)."}\n";
    }

    private function doWhile(DoWhile $loop): string
    {
        return "while (true) {\n".$this->ofThisTurn($loop)."do {\n".$this->inLoop($loop->body, 2)."} while (false);\n".$this->step($loop).'if (!'.$this->asked($loop->condition).") { break; }\n}\n";
    }

    private function setItem(Expression $target, string $value, ?Expression $source = null): string
    {
        if ($target instanceof Field) {
            $kept = $this->temporary();

            $class = $this->types->expression($this->part, $target->object);
            $value = $this->facts->typed && null !== $class->class ? $this->kept($this->types->expression($this->part, $target), $value, $source) : $value;

            return "$kept = $value;\n\$v->keep(".$this->expression($target->object).', '.var_export($target->name, true).", $kept);\n";
        }
        if (!$target instanceof Item) {
            throw new \LogicException('Only an item is set.');
        }
        $container = $target->container;
        if (!$this->facts->negativePlaces && $target->index instanceof NumberLiteral && $target->index->value < 0) {
            // Only Python counts places from the end.
            $target = new Item($container, new Binary(Operator::Add, new Operation(OperationKey::Length, [$container]), $target->index));
        }
        if ($this->facts->growsByPlace) {
            return '$v->put('.$this->expression($container).', '.$this->expression($target->index).", $value);\n";
        }
        if ($this->facts->typed) {
            $value = $this->kept($this->types->expression($this->part, $target), $value, $source);
        }
        // Python (Language Reference 6.16) and C++ (C++17, 8.18) find the value before the place.
        $kept = $this->temporary();
        [$list, $setList] = $this->operand($container);
        [$index, $setIndex] = $this->operand($target->index);
        if (null === $setList) {
            // A number holds nothing, which is said where it is asked.
            return "$kept = $value;\n\$v->put($list, $index, $kept);\n";
        }
        $isThere = "($setList) instanceof \\".ListValue::class.(null === $setIndex ? '' : " & \\is_int($setIndex)")." && isset({$list}->items[$index]) && !{$list}->fixed";

        $told = $this->record ? " if (null !== {$list}->number) { \$t->placed($list, $index); }" : '';

        return "$kept = $value;\nif ($isThere) { {$list}->items[$index] = $kept;$told } else { \$v->put($list, $index, $kept); }\n";
    }

    private function setSeveral(SetSeveral $set): string
    {
        $code = $this->step($set);
        $values = [];
        if (1 === \count($set->values)) {
            $all = $this->temporary();
            $code .= "$all = \$v->apart(".$this->expression($set->values[0]).', '.\count($set->targets).");\n";
            foreach (array_keys($set->targets) as $index) {
                $values[] = "{$all}[$index]";
            }
        } else {
            foreach ($set->values as $value) {
                $values[] = $kept = $this->temporary();
                $code .= "$kept = ".$this->expression($value).";\n";
            }
        }
        foreach ($set->targets as $index => $target) {
            $value = $values[$index] ?? 'null';
            $code .= $target instanceof VariableRead ? $this->assign($target->name, $value) : $this->setItem($target, $value);
        }

        return $code;
    }

    private function printLine(PrintLine $print): string
    {
        $streamed = $this->facts->streams ? $this->streamed($print) : null;
        if (null !== $streamed) {
            return $streamed;
        }
        if (self::spreads($print->values)) {
            return '$t->'.($print->endsLine ? 'print' : 'say')."(\implode(' ', \array_map(\$v->show(...), [".$this->listed($print->values)."])));\n";
        }
        if (1 < \count($print->values) && $this->haveEffects(\array_slice($print->values, 1))) {
            // All values are found before the first is shown.
            $found = $parts = [];
            foreach ($print->values as $value) {
                $kept = $this->temporary();
                $found[] = "$kept = ".$this->expression($value).";\n";
                $parts[] = "\$v->show($kept)";
            }
            $text = implode(".' '.", $parts);

            return implode('', $found).($print->endsLine ? "\$t->print($text);\n" : "\$t->say($text);\n");
        }
        $parts = array_map($this->shown(...), $print->values);
        $text = [] === $parts ? "''" : implode(".' '.", $parts);

        return $print->endsLine ? "\$t->print($text);\n" : "\$t->say($text);\n";
    }

    private function joinable(Expression $value): string
    {
        return $this->isPlace($value) || $this->isUnsigned($value) ? $this->shown($value) : $this->expression($value);
    }

    private function isPlace(Expression $value): bool
    {
        return $value instanceof Operation && \in_array($value->key, [OperationKey::Position, OperationKey::PositionFrom, OperationKey::LastPosition, OperationKey::FirstAmong, OperationKey::LastAmong, OperationKey::FirstApart, OperationKey::LastApart], true);
    }

    /** A value as it is shown; the place of what was not found is a very large number in C++ (C++17, 24.3.2). */
    private function shown(Expression $value): string
    {
        $code = $this->expression($value);

        $isPlace = $this->facts->typed && ($this->isPlace($value) || TypeKind::UnsignedLong === $this->types->expression($this->part, $value)->kind);

        return $isPlace ? "\$v->showUnsigned($code)" : "\$v->show($code)";
    }

    /** @param list<Expression> $values */
    private function haveEffects(array $values): bool
    {
        foreach ($values as $value) {
            foreach (Walk::expressions($value) as $inner) {
                if ($inner instanceof OwnValue || $inner instanceof MethodCall || $inner instanceof MakeObject || $inner instanceof Operation && true === ValueOperations::find($inner->key)?->hasEffect()) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * C++ writes each part before it finds the next one (C++17, 8.8), which shows where a part calls a function that
     * writes, too.
     */
    private function streamed(PrintLine $print): ?string
    {
        $parts = [];
        foreach ($print->values as $index => $value) {
            if ($index > 0) {
                $parts[] = new TextLiteral(' ');
            }
            $parts = [...$parts, ...self::joined($value)];
        }
        $calls = false;
        foreach (\array_slice($parts, 1) as $part) {
            foreach (Walk::expressions($part) as $inner) {
                $calls = $calls || $inner instanceof OwnValue || $inner instanceof MethodCall || $this->catches() && ($inner instanceof Operation || $inner instanceof Item);
            }
        }
        if (!$calls) {
            return null;
        }
        $code = '';
        foreach ($parts as $part) {
            $code .= '$t->part('.$this->shown($part).");\n";
        }

        return $code.($print->endsLine ? "\$t->print('');\n" : "\$t->endParts();\n");
    }

    /** Whether the program catches failures anywhere, so that what was written before one is to be seen. */
    private function catches(): bool
    {
        return $this->catches ??= [] !== array_filter(Walk::statements($this->program->parts()), static fn (Statement $row): bool => $row instanceof Attempt);
    }

    /** What functions are called here that have no name where they are written. */
    private const UNNAMED = '/^inner(?:_\d+)?$/D';

    private ?bool $catches = null;
    /** Whether some function hands out one value after another. */
    private ?bool $handsOut = null;

    /** @return list<Expression> */
    private static function joined(Expression $value): array
    {
        return $value instanceof Binary && Operator::Join === $value->operator ? [...self::joined($value->left), $value->right] : [$value];
    }

    /** Whether what a function gives may be nothing: a pointer, or what is there perhaps (C++17, 23.6). */
    private function mayBeNothing(string $function): bool
    {
        $type = $this->program->functionNamed($function)->types[''] ?? '';

        return TypeKind::Object === $this->types->result($function)->kind || 1 === preg_match('/\*$|^(?:optional|shared_ptr|unique_ptr)\b/D', $type);
    }

    private function giveBack(Expression $value): string
    {
        \assert($this->part instanceof FunctionDefinition);

        $result = $this->types->result($this->part->name);
        // A reference is what is there itself (C++17, 11.3.2).
        $isItself = 1 === preg_match('/[&*]$/D', $this->part->types[''] ?? '') && !$result->isNumeric() && !$result->isTextual();

        return $isItself ? $this->expression($value) : $this->narrowed($this->kept($result, $this->expression($value), $value), $this->types->bitsOfResult($this->part->name));
    }

    private function repeat(Repeat $repeat): string
    {
        $row = \count($this->rows);
        $step = $this->step($repeat);
        $turn = $this->temporary();
        $times = $this->temporary();

        return $step."$times = \$v->whole(".$this->expression($repeat->times).");\n"
            ."for ($turn = 0; $turn < $times; ++$turn) {\nif ($turn > 0) { ".$this->stepAt($row).'}'."\n".$this->ofThisTurn($repeat).$this->inLoop($repeat->body)."}\n";
    }

    private function count(Count $count): string
    {
        $row = \count($this->rows);
        $step = $this->step($count);
        [$at, $to, $by, $first] = [$this->temporary(), $this->temporary(), $this->temporary(), $this->temporary()];
        $start = '$v->number('.$this->expression($count->from).')';
        if ($this->facts->typed && !($this->types->expression($this->part, $count->from)->isWhole() && $this->types->expression($this->part, $count->by)->isWhole())) {
            $start = "(float) $start";
        }

        $body = $this->places->perhaps(fn (): string => $this->ofThisTurn($count).$this->assign($count->variable, $at).$this->inLoop($count->body));
        $stride = $count->by instanceof NumberLiteral && \is_int($count->by->value) && 0 !== $count->by->value && abs($count->by->value) < self::SHORT_STRIDE ? $count->by->value : null;
        $set = null === $stride ? "$by = \$this->stride(\$v->number(".$this->expression($count->by).')); ' : '';
        $on = null === $stride ? "$by > 0 ? $at <= $to : $at >= $to" : "$at ".($stride > 0 ? '<=' : '>=')." $to";
        // Python and JavaScript have no end to their numbers that a count could reach.
        $wide = $this->types->expression($this->part, new VariableRead($count->variable))->isWide() ? ', true' : '';
        $next = null === $stride ? "\$v->add($at, $by$wide)" : ($this->facts->typed ? "\\is_int($at) && \\abs($at) < 2000000000 ? $at + $stride : \$v->add($at, $stride$wide)" : "$at + $stride");

        return $step."$at = $start; $to = ".$this->end($count->to)."; $set$first = true;\n"
            ."for (; $on; $at = $next) {\nif (!$first) { ".$this->stepAt($row)."} $first = false;\n".$body."}\n";
    }

    /** The end of a count; one from 2^63 on is never reached. */
    private function end(Expression $to): string
    {
        if (!$this->isUnsigned($to)) {
            return '$v->number('.$this->expression($to).')';
        }
        // Below the first end there is nothing to count, though the number before zero is the largest one.
        $isBelow = $to instanceof Binary && Operator::Subtract === $to->operator;

        return '('.$this->expression($isBelow ? $to->left : $to).' & \PHP_INT_MAX)'.($isBelow ? ' - '.$this->expression($to->right) : '');
    }

    private function conditional(Conditional $conditional, int $index): string
    {
        $branch = $conditional->branches[$index];
        $code = $this->step($conditional, 0 === $index ? 'head' : "then$index").'if ('.$this->asked($branch->condition).") {\n".$this->perhaps($branch->body).'}';
        if (isset($conditional->branches[$index + 1])) {
            return $code." else {\n".$this->places->perhaps(fn (): string => $this->conditional($conditional, $index + 1))."}\n";
        }

        return $code.(null === $conditional->otherwise ? "\n" : " else {\n".$this->perhaps($conditional->otherwise)."}\n");
    }

    /** @param list<Expression> $values */
    private function command(Entry $entry, array $values): string
    {
        $arguments = [];
        foreach ($entry->slots as $index => $slot) {
            $value = $values[$index];
            $arguments[] = match ($slot->type) {
                SlotType::Colour => '$v->colour('.$this->expression($value).')',
                SlotType::Number => [] !== $slot->means ? '$v->numberOr('.$this->expression($value).', '.var_export($slot->means, true).')' : '(float) '.($value instanceof NumberLiteral ? '('.$this->expression($value).')' : '$v->number('.$this->expression($value).')'),
                SlotType::Handler => $this->expression($value),
                default => '$v->text('.$this->expression($value).')',
            };
        }
        foreach (Handler::EVENTS as [$command]) {
            if ($entry->key === $command) {
                return $this->registration($command, $arguments[0], $arguments[1]);
            }
        }
        $method = lcfirst(str_replace('_', '', ucwords($entry->method(), '_')));
        $object = $entry->object();

        return (null === $object ? '$this' : $this->object($object))."->$method(".implode(', ', $arguments).')';
    }

    private function object(string $object): string
    {
        // What belongs to another scene complains where it is called.
        if (SceneName::ofObject($object)?->value !== $this->program->setting->scene) {
            return "\$this->stage->$object()";
        }
        $this->objects[$object] = true;

        return "\$$object";
    }

    private function registration(string $command, string $what, string $handle): string
    {
        $checked = 'lantern.when_tapped' === $command ? '\\'.Lantern::class."::button($what)" : $what;
        $object = SceneName::ofCommand($command)?->object();

        return (null === $object ? '' : $this->object($object).'; ').'$this->on('.var_export("$command ", true).".$checked, $handle)";
    }

    private function handler(Handler $handler): string
    {
        $this->handlers[] = $handler;
        $index = \count($this->handlers) - 1;

        return $this->registration($handler->command(), '$v->text('.$this->expression($handler->what).')', "\$this->h$index(...)").";\n";
    }

    /** @param list<Expression> $arguments */
    private function call(string $function, array $arguments): string
    {
        $definition = $this->program->functionNamed($function);
        // A variable of the same name is nearer.
        $isHidden = null !== $definition && !$this->program->sees($this->part, $definition) && isset($this->types->scopes->globals[$function]);
        if (null === $definition || $isHidden || isset($this->inner[$function]) || Scopes::PROGRAM !== $this->types->scopes->owner($this->part, $function)) {
            return '$this->callValue('.$this->read($function).self::behind($arguments, array_map($this->expression(...), $arguments)).')';
        }
        $passed = $before = $after = [];
        foreach ($arguments as $index => $argument) {
            $parameter = $definition->parameters[$index] ?? null;
            if (null === $parameter) {
                break;
            }
            if ($argument instanceof NothingLiteral && $argument->undefined && isset($definition->defaults[$parameter]) && $this->knowsNone()) {
                $passed[] = '\\'.Absent::class.'::Value';
                continue;
            }
            if ($this->isReference($definition, $parameter)) {
                $passed[] = $this->reference($argument, $before, $after);
                continue;
            }
            $passed[] = $this->kept($this->types->variable($definition, $parameter), $this->expression($argument), isset($definition->types[$parameter]) && 1 !== preg_match('/[&*]$/D', $definition->types[$parameter]) ? $argument : null);
        }
        foreach (\array_slice($definition->parameters, \count($passed)) as $parameter) {
            if ($parameter === $definition->rest) {
                $passed[] = $this->facts->tuples ? 'new \\'.ListValue::class.'([], true)' : '$v->list([])';
            } elseif (!isset($definition->defaults[$parameter]) || '' !== $definition->rest) {
                $passed[] = isset($definition->defaults[$parameter]) && $this->knowsNone() ? '\\'.Absent::class.'::Value' : 'null';
            }
        }

        $index = (int) array_search($function, $this->functions, true);
        if (!$this->program->sees($this->part, $definition)) {
            return '$this->missing('.var_export($function, true).')';
        }
        $isInside = null !== $this->program->around($definition);
        $call = ($isInside ? "(\$n$index ?? \$this->missing(".var_export($function, true).'))' : "\$this->f$index").'('.implode(', ', ['$d + 1', ...$passed]).')';

        if ([] !== $before) {
            $call = '['.implode(', ', [...$before, $call, ...$after]).']['.\count($before).']';
        }

        return \in_array($index, $this->between, true) ? "(\$this->k$index ? $call : \$this->missing(".var_export($function, true).'))' : $call;
    }

    /** @return list<FunctionDefinition> the methods that a call may reach: of the object's class, those above it, and those that are kinds of it */
    private function methodsMeant(MethodCall $call): array
    {
        $class = $this->types->expression($this->part, $call->object)->class;
        $classes = $this->classTable ??= new Classes($this->program);
        $above = null === $class ? [] : $classes->ancestry($class);

        return array_values(array_filter($this->definitions, static fn (FunctionDefinition $one): bool => '' !== $one->class() && $one->shortName() === $call->method
            && (null === $class || \in_array($one->class(), $above, true) || \in_array($class, $classes->ancestry($one->class()), true))));
    }

    private function sent(MethodCall $call): string
    {
        $head = $this->expression($call->object).', '.var_export($call->method, true).', $d';
        // Which class the object is of shows only when it runs: what any of their methods changes is handed over itself.
        $methods = !$this->facts->typed ? [] : $this->methodsMeant($call);
        $passed = $before = $after = [];
        $changes = false;
        foreach ($call->arguments as $index => $argument) {
            $code = null;
            foreach ($methods as $method) {
                $parameter = $method->parameters[$index + 1] ?? null;
                if (null === $code && null !== $parameter && $this->isReference($method, $parameter) && ($argument instanceof VariableRead || $argument instanceof Item || $argument instanceof Field)) {
                    $code = '&'.$this->reference($argument, $before, $after);
                    $changes = true;
                } elseif (null === $code && null !== $parameter && isset($method->types[$parameter]) && 1 !== preg_match('/[&*]$/D', $method->types[$parameter])) {
                    $code = $this->kept($this->types->variable($method, $parameter), $this->expression($argument), $argument);
                }
            }
            $passed[] = $code ?? $this->handedOver($argument);
        }
        if ([] === $call->arguments && [] !== array_filter($this->definitions, static fn (FunctionDefinition $one): bool => 'asked' === $one->sort && '' !== $one->class() && $one->shortName() === $call->method)) {
            return "\$this->got($head)";
        }
        if (1 === \count($passed) && [] !== array_filter($this->definitions, static fn (FunctionDefinition $one): bool => 'set' === $one->sort && $one->shortName() === $call->method)) {
            return "\$this->keptBy($head, $passed[0])";
        }
        if (!$changes) {
            return '$this->sent('.$head.self::behind($call->arguments, $passed).')';
        }
        $made = "\$this->sentWith($head, [".implode(', ', $passed).'])';

        return [] === $before ? $made : '['.implode(', ', [...$before, $made, ...$after]).']['.\count($before).']';
    }

    /**
     * What C++ hands over as the variable itself: an item or a field is taken out before the call, and put back after it.
     *
     * @param list<string> $before code that runs before the call
     * @param list<string> $after  and behind it
     */
    private function reference(Expression $argument, array &$before, array &$after): string
    {
        if ($argument instanceof VariableRead) {
            return $this->variable($argument->name);
        }
        $kept = $this->temporary();
        if ($argument instanceof Field) {
            [$object, $name] = [$this->temporary(), var_export($argument->name, true)];
            array_push($before, "$object = ".$this->expression($argument->object), "$kept = \$v->field($object, $name)");
            $after[] = "\$v->keep($object, $name, $kept)";

            return $kept;
        }
        if (!$argument instanceof Item) {
            $before[] = "$kept = ".$this->expression($argument);

            return $kept;
        }
        [$list, $index] = [$this->temporary(), $this->temporary()];
        array_push($before, "$list = ".$this->expression($argument->container), "$index = ".$this->expression($argument->index), "$kept = \$v->item($list, $index)");
        $after[] = "\$v->put($list, $index, $kept)";

        return $kept;
    }

    /** Where a function between the rows of a Python script is known from (The Python Language Reference, 8.7). */
    private function defined(FunctionDefinition $function): string
    {
        $index = (int) array_search($function->name, $this->functions, true);
        if (null !== $this->program->around($function)) {
            return $this->inside($function, $index);
        }
        if ($this->part instanceof Script) {
            // From here on the script's own calls need not look.
            $this->between = array_values(array_diff($this->between, [$index]));
        }

        return isset($this->late[$index]) ? "\$this->k$index = true;\n" : '';
    }

    /**
     * Whether C++ hands over the variable itself; lists are objects, which need no reference here. In other languages a
     * function gives back what it changed, and its caller takes it over, which does the same.
     */
    private function isReference(FunctionDefinition|Script|Handler $part, string $parameter): bool
    {
        if (!$part instanceof FunctionDefinition || !str_ends_with($part->types[$parameter] ?? '', '&')) {
            return false;
        }
        if ($this->facts->typed) {
            return !str_starts_with($part->types[$parameter], 'const') && null === $this->types->variable($part, $parameter)->element;
        }

        return \in_array($parameter, $this->givenBack[$part->id] ??= $part->givesValue() ? [] : ReferenceParameters::of($this->program, $part, $this->types), true);
    }

    private function variable(string $name): string
    {
        if (isset($this->inner[$name])) {
            return $this->inner[$name];
        }

        return $this->places->of($this->part, $name);
    }

    private function changed(string $name): string
    {
        if (!$this->record) {
            return '';
        }
        $value = $this->told($name, $this->variable($name));

        return '$t->changes[] = $t->moment; $t->changes[] = '.$this->places->slot($this->part, $name)."; \$t->changes[] = $value;\n";
    }

    /** A variable's value as the trace takes it. */
    private function told(string $name, string $variable): string
    {
        $type = $this->types->variable(Scopes::PROGRAM === $this->types->scopes->owner($this->part, $name) ? $this->program->script : $this->part, $name);

        if (TypeKind::UnsignedLong === $type->kind && $this->facts->typed) {
            return "\$v->toldUnsigned($variable)";
        }

        return $type->isNumeric() || $type->isTextual() || StaticType::truth() === $type ? $variable : "\$t->held($variable)";
    }

    private function assign(string $name, string $value, ?Expression $source = null): string
    {
        $owner = Scopes::PROGRAM === $this->types->scopes->owner($this->part, $name) ? $this->program->script : $this->part;

        $this->places->ensure($this->part, $name);
        if ($this->facts->streams && $source instanceof Operation && \in_array($source->key, self::WORDS, true) && TypeKind::Letter === $this->types->variable($owner, $name)->kind) {
            $value = '$this->askLetter()';
        }

        return $this->variable($name).' = '.$this->cut($name, $this->kept($this->types->variable($owner, $name), $value, $source)).";\n".$this->changed($name);
    }

    /** A number that is put into a variable of few bits keeps the lowest of them (C++20, 7.3.9). */
    private function cut(string $name, string $value): string
    {
        return $this->narrowed($value, $this->types->bitsOf($this->part, $name));
    }

    private function narrowed(string $value, int $bits): string
    {
        return !$this->facts->typed || 0 === $bits ? $value : "\$v->narrowed($value, $bits)";
    }

    private function read(string $name): string
    {
        $variable = $this->variable($name);
        if (isset($this->inner[$name]) || $this->places->isCertain($this->part, $name)) {
            return $variable;
        }

        return '(\\'.Absent::class."::Value !== $variable ? $variable : \$this->missing(".var_export($name, true).'))';
    }

    /** Whether C++ reckons with it as a number without a sign. */
    private function isUnsigned(Expression $expression): bool
    {
        return $this->facts->typed && $this->types->expression($this->part, $expression)->isUnsigned();
    }

    /** How many bits an unsigned type has. */
    private static function bitsOf(StaticType $type): int
    {
        return $type->isWide() ? 64 : 32;
    }

    /** A value as a number without a sign, where it is not one yet. */
    private function unsigned(Expression $value, int $bits): string
    {
        $type = $this->types->expression($this->part, $value);
        $code = $this->expression($value);

        return match (true) {
            $type->isUnsigned() && self::bitsOf($type) === $bits, 64 === $bits && $type->isWhole() => $code,
            TypeKind::Letter === $type->kind => "\$v->unsigned(\$v->code($code), $bits)",
            default => "\$v->unsigned($code, $bits)",
        };
    }

    private const UNSIGNED = [
        'add' => 'unsignedAdd', 'subtract' => 'unsignedSubtract', 'multiply' => 'unsignedMultiply', 'floor_divide' => 'unsignedDivide', 'trunc_divide' => 'unsignedDivide',
        'floor_remainder' => 'unsignedRemainder', 'trunc_remainder' => 'unsignedRemainder',
    ];
    private const ORDERS = ['less' => '<', 'less_or_equal' => '<=', 'greater' => '>', 'greater_or_equal' => '>='];

    /** What is reckoned and compared without a sign, as soon as one of both has none and the other has no more bits (C++17, 8.0.11). */
    private function withoutSign(Binary $binary): ?string
    {
        $left = $this->types->expression($this->part, $binary->left);
        $right = $this->types->expression($this->part, $binary->right);
        if (!$left->isUnsigned() && !$right->isUnsigned()) {
            return null;
        }
        [$left, $right] = array_map(static fn (StaticType $type): StaticType => TypeKind::Letter === $type->kind || StaticType::truth() === $type ? StaticType::whole() : $type, [$left, $right]);
        if (!$left->isWhole() || !$right->isWhole()) {
            return null;
        }
        $type = $left->join($right);
        if (!$type->isUnsigned()) {
            return null;
        }
        $bits = self::bitsOf($type);
        $sides = $this->unsigned($binary->left, $bits).', '.$this->unsigned($binary->right, $bits);
        $operator = $binary->operator;

        return match (true) {
            isset(self::UNSIGNED[$operator->value]) => '$v->'.self::UNSIGNED[$operator->value]."($sides, $bits)",
            Operator::Equal === $operator, Operator::NotEqual === $operator => (Operator::Equal === $operator ? '' : '!')."\$v->equal($sides)",
            isset(self::ORDERS[$operator->value]) => "(\$v->unsignedOrder($sides, $bits) ".self::ORDERS[$operator->value].' 0)',
            default => null,
        };
    }

    private function isWide(Expression $expression): bool
    {
        if (!$this->facts->typed) {
            return false;
        }
        $type = $this->types->expression($this->part, $expression);

        // Where a template takes numbers of several types, the widest of them is what none of them outgrows.
        return $type->isWide() || TypeKind::Either === $type->kind || $type->isMixed();
    }

    /** What becomes of a value when C++ puts it into a variable: numbers take its type, lists and maps are copied. */
    private function kept(StaticType $type, string $value, ?Expression $source = null): string
    {
        if (!$this->facts->typed) {
            return $value;
        }
        $was = null === $source ? $type : $this->types->expression($this->part, $source);
        if (TypeKind::UnsignedLong === $was->kind && StaticType::number() === $type) {
            return "\$v->unsignedReal($value)";
        }
        if ($type->isUnsigned()) {
            $isIt = $type === $was && null !== $source || $type->isWide() && $was->isWhole();

            return $isIt || null === $source ? $value : '$v->unsigned('.(TypeKind::Letter === $was->kind ? "\$v->code($value)" : $value).', '.self::bitsOf($type).')';
        }
        if ($was->isUnsigned() && $type->isWhole() && !$type->isWide()) {
            return "\$v->signedAgain($value)";
        }
        if (StaticType::number() === $type) {
            return TypeKind::Letter === $was->kind ? "(float) \$v->code($value)" : "(float) \$v->number($value)";
        }
        if ($type->isWhole() && !$was->isWhole() && TypeKind::Unknown !== $was->kind && TypeKind::Mixed !== $was->kind) {
            return TypeKind::Letter === $was->kind ? "\$v->code($value)" : "\$v->toInt($value".($type->isWide() ? ', true' : '').')';
        }
        if ($type->isWhole() && !$type->isWide() && $was->isWide()) {
            return "\$v->toInt($value)";
        }
        if (TypeKind::Letter === $type->kind && ($was->isNumeric() || $source instanceof Binary && \in_array($source->operator, [Operator::Add, Operator::Subtract, Operator::Multiply, Operator::TruncDivide, Operator::TruncRemainder], true))) {
            return "\$v->letter($value)";
        }

        if (TypeKind::Object === $was->kind && TypeKind::Object === $type->kind) {
            // What points at a thing points at the same one.
            return $value;
        }

        $copy = $source instanceof VariableRead || $source instanceof Item || $source instanceof OwnValue || $source instanceof Field || $source instanceof MethodCall ? "\$v->cloned($value)" : $value;
        // Another name for an object is the object.
        $sliced = null !== $source && TypeKind::Copied === $type->kind && $this->isAbove((string) $type->class) && !($source instanceof MakeObject && $source->class === $type->class);

        return $sliced ? "\$v->sliced($copy, ".var_export($type->class, true).', '.var_export(($this->classTable ??= new Classes($this->program))->fields((string) $type->class), true).')' : $copy;
    }

    /** Whether other classes are made from a class. */
    private function isAbove(string $class): bool
    {
        foreach ($this->program->classes() as $other) {
            if ($other->parent === $class) {
                return true;
            }
        }

        return false;
    }

    /** The condition of a loop or a branch, noted where each moment is kept. */
    private function asked(Expression $condition): string
    {
        return $this->record ? '$t->asked('.$this->truth($condition).')' : $this->truth($condition);
    }

    private function truth(Expression $condition): string
    {
        $code = $this->expression($condition);

        // What `or` gives is one of its sides, whatever is known of the other.
        $isGiven = $condition instanceof Binary && $condition->operator->isLogic() && $this->facts->logicGives && !($this->isTruth($condition->left) && $this->isTruth($condition->right));

        return !$isGiven && StaticType::truth() === $this->types->expression($this->part, $condition) ? "($code)" : "\$v->truth($code)";
    }

    private function temporary(): string
    {
        return '$q'.$this->temporaries++;
    }

    private function expression(Expression $expression): string
    {
        return match (true) {
            $expression instanceof NumberLiteral => $this->number($expression->value),
            $expression instanceof TextLiteral => var_export($expression->value, true),
            $expression instanceof TruthLiteral => $expression->value ? 'true' : 'false',
            $expression instanceof VariableRead => $this->read($expression->name),
            $expression instanceof Unary => UnaryOperator::Not === $expression->operator
                ? '!'.$this->truth($expression->operand)
                : $this->negated($expression) ?? ($this->isUnsigned($expression->operand) ? '$v->unsignedSubtract(0, '.$this->expression($expression->operand).', '.self::bitsOf($this->types->expression($this->part, $expression->operand)).')' : '$v->negate('.$this->expression($expression->operand).($this->isWide($expression) ? ', true' : '').')'),
            $expression instanceof Binary => $this->binary($expression),
            $expression instanceof RandomWhole => ($this->facts->onlyFractions ? '(float) ' : '').'$this->chance->between($v->whole('.$this->expression($expression->from).'), $v->whole('.$this->expression($expression->to).'))',
            $expression instanceof CommandValue => $this->command(Catalogue::get($expression->command), $expression->arguments),
            $expression instanceof FunctionReference => $this->handed($expression->function),
            $expression instanceof KindTest => '$this->isKind('.$this->expression($expression->value).', '.var_export($expression->kind, true).')',
            $expression instanceof MakeObject && [] !== $nought = $this->nought($expression->class, \count($expression->arguments)) => '$this->zeroed('.$this->newObject($expression).', '.var_export($nought, true).')',
            $expression instanceof MakeObject => $this->newObject($expression),
            $expression instanceof MethodCall && MethodCall::CALL === $expression->method => '$this->callValue('.$this->calledOf($expression->object).self::behind($expression->arguments, array_map($this->expression(...), $expression->arguments)).')',
            $expression instanceof MethodCall => $this->sent($expression),
            $expression instanceof Field => '$v->field('.$this->expression($expression->object).', '.var_export($expression->name, true).')',
            $expression instanceof OwnValue => $this->facts->owesValues && !$this->mayBeNothing($expression->function) ? '$this->given('.$this->call($expression->function, $expression->arguments).', '.var_export($expression->function, true).')' : $this->call($expression->function, $expression->arguments),
            $expression instanceof NothingLiteral => $this->facts->nullBeside && !$expression->undefined ? '\\'.Nothing::class.'::Null' : 'null',
            $expression instanceof ListLiteral => '$v->list(['.$this->listed($expression->items).'])',
            $expression instanceof MapLiteral => $this->mapLiteral($expression),
            $expression instanceof Item && !$this->facts->growsByPlace && $this->types->expression($this->part, $expression->container)->isList() => $this->listItem($expression),
            $expression instanceof Item => ($expression->index instanceof NumberLiteral && $expression->index->value < 0 ? '$v->itemFromEnd(' : '$v->item(').$this->listed($expression->operands()).')',
            $expression instanceof Slice => '$v->slice('.implode(', ', array_map(fn (Expression $operand): string => $operand instanceof NothingLiteral ? 'null' : $this->expression($operand), $expression->operands())).')',
            $expression instanceof Choice => '('.$this->truth($expression->condition).' ? '.$this->expression($expression->then).' : '.$this->expression($expression->otherwise).')',
            $expression instanceof Collected => $this->collected($expression),
            $expression instanceof Lambda => $this->lambda($expression),
            $expression instanceof Operation => $this->operation($expression),
            default => throw new \LogicException('Cannot run '.$expression::class),
        };
    }

    /** One of the program's own functions as a value. */
    private function handed(string $function): string
    {
        $definition = $this->program->functionNamed($function);
        $index = (int) array_search($function, $this->functions, true);
        if (null === $definition || !$this->program->sees($this->part, $definition)) {
            return '$this->missing('.var_export($function, true).')';
        }
        $most = \count($definition->parameters);
        $code = null === $this->program->around($definition) ? "\$this->f$index(...)" : "(\$n$index ?? \$this->missing(".var_export($function, true).'))';

        $rest = '' === $definition->rest ? '' : ', '.(int) array_search($definition->rest, $definition->parameters, true);

        $named = '';
        if ($this->givesByName()) {
            $others = self::takesOthers($definition);
            $named = ('' === $rest ? ', null' : '').', '.var_export($definition->parameters, true).', '.var_export($others, true);
        }
        $handed = "\$this->handed($code, ".($most - \count($definition->defaults)).", $most$rest$named)";
        $name = $this->nameWritten($definition);

        $handed = $this->facts->namesByVariable && 1 === preg_match(self::UNNAMED, $name) ? $handed : "\$v->named($handed, ".var_export($name, true).')';

        return 'tied' === $definition->sort ? "\$v->knowing($handed)" : $handed;
    }

    /** What is called, as what it is kept in has it, where functions say what they are called of. */
    private function calledOf(Expression $function): string
    {
        if (!$function instanceof Item && !$function instanceof Field || [] === array_filter($this->definitions, static fn (FunctionDefinition $one): bool => 'tied' === $one->sort)) {
            return $this->expression($function);
        }
        $object = $this->temporary();
        $kept = $function instanceof Field ? "\$v->field($object, ".var_export($function->name, true).')' : "\$v->item($object, ".$this->expression($function->index).')';

        return "\$v->calledOn([$object = ".$this->expression($function instanceof Field ? $function->object : $function->container).", $kept][1], $object)";
    }

    /**
     * Code of values, behind other values: PHP takes nothing behind what is unpacked.
     *
     * @param list<Expression> $arguments
     * @param list<string>     $codes     theirs
     */
    private static function behind(array $arguments, array $codes): string
    {
        return [] === $codes ? '' : (self::spreads($arguments) ? ', ...['.implode(', ', $codes).']' : ', '.implode(', ', $codes));
    }

    /** @param list<Expression> $values */
    private static function spreads(array $values): bool
    {
        foreach ($values as $value) {
            if ($value instanceof Operation && (OperationKey::Spread === $value->key || OperationKey::ByNames === $value->key)) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Expression> $expressions */
    private function listed(array $expressions): string
    {
        return implode(', ', array_map($this->expression(...), $expressions));
    }

    /** In a text of JavaScript items that nothing is known of are sorted by their differences, which are numbers (ECMA-262, 13.8.2). */
    private function byNumbers(Operation $operation): Operation
    {
        if (!$this->facts->coerces || !isset($this->program->handwriting[$this->language->value]) || !\in_array($operation->key, [OperationKey::Sort, OperationKey::Sorted, OperationKey::SortDown, OperationKey::SortedDown], true)) {
            return $operation;
        }
        $item = $this->types->expression($this->part, $operation->arguments[0])->item();

        return $item->isNumeric() || $item->isTextual() ? $operation : $operation->key->byNumber($operation->arguments[0]);
    }

    private function operation(Operation $operation): string
    {
        $operation = $this->byNumbers($operation);
        $method = $this->isConstantSet($operation) ? 'constantSet' : lcfirst(str_replace('_', '', ucwords($operation->key->value, '_')));
        $kind = FittingKind::tryFrom($operation->key->value);
        if (null !== $kind) {
            return '$this->plug(\\'.FittingKind::class."::$kind->name, ".$this->listed($operation->arguments).')';
        }
        if (\in_array($operation->key, self::OF_FITTINGS, true)) {
            return $this->ofFitting($operation, $method);
        }
        if (OperationKey::TextStream === $operation->key && $this->part instanceof FunctionDefinition && $operation === $this->part->showingStream()?->value) {
            return '$v->showingStream()';
        }
        $asked = $operation->arguments[0] ?? null;
        if ($this->facts->streams && $asked instanceof Operation && \in_array($asked->key, self::WORDS, true) && \in_array($operation->key, [OperationKey::ToWhole, OperationKey::ToLong, OperationKey::ToNumber], true)) {
            return "\$v->$method(\$this->askNumber(".(OperationKey::ToNumber === $operation->key ? 'false' : 'true').'))';
        }
        if (OperationKey::NextOf === $operation->key || OperationKey::LineOf === $operation->key) {
            $stream = $this->expression($operation->arguments[0]);
            if (OperationKey::NextOf === $operation->key) {
                return '('.implode(' && ', array_map(fn (Expression $target): string => $this->nextAnswer($target, false, $stream), \array_slice($operation->arguments, 1))).')';
            }

            return $this->nextAnswer($operation->arguments[1], true, $stream, isset($operation->arguments[2]) ? $this->expression($operation->arguments[2]) : null);
        }
        if (OperationKey::NextAnswer === $operation->key || OperationKey::NextLine === $operation->key) {
            return '('.implode(' && ', array_map(fn (Expression $target): string => $this->nextAnswer($target, OperationKey::NextLine === $operation->key), $operation->arguments)).')';
        }
        if (OperationKey::After === $operation->key) {
            return '['.$this->listed($operation->arguments).'][1]';
        }
        if (OperationKey::ByName === $operation->key) {
            return 'new \\'.GivenByName::class.'('.$this->listed($operation->arguments).')';
        }
        if (OperationKey::ByNames === $operation->key) {
            return '...$this->byNames('.$this->listed($operation->arguments).')';
        }
        if (OperationKey::NotTaken === $operation->key) {
            return '\\'.Nothing::class.'::NotTaken';
        }
        if (OperationKey::AllNamed === $operation->key) {
            return '$v->map([])';
        }
        if (OperationKey::Spread === $operation->key) {
            return '...$v->over('.$this->listed($operation->arguments).')';
        }
        if (Given::is($operation)) {
            return $this->given($operation);
        }
        $isLate = OperationKey::ValueOr === $operation->key && $this->facts->lateChoice && ($or = $operation->arguments[2] ?? null) instanceof Expression && [] !== $or->operands();
        if (OperationKey::OrElse === $operation->key || $isLate) {
            // What stands behind `??` is found only where it is wanted (ECMA-262, 13.13).
            $found = $this->temporary();
            $operation = $isLate ? new Operation(OperationKey::OrElse, [new Item($operation->arguments[0], $operation->arguments[1]), $operation->arguments[2]]) : $operation;

            return "(null === ($found = {$this->expression($operation->arguments[0])}) || \\".Nothing::class."::Null === $found ? {$this->expression($operation->arguments[1])} : $found)";
        }
        $ofFailure = match ($operation->key) {
            OperationKey::FailureName => 'failureName',
            OperationKey::FailureShown => 'failureShown',
            OperationKey::FailureField => 'failureField',
            OperationKey::FailureValue => 'failureValue',
            default => null,
        };
        if (null !== $ofFailure) {
            return "\$this->$ofFailure(".($this->caught[array_key_last($this->caught) ?? 0] ?? 'null').implode('', array_map(fn (Expression $value): string => ', '.$this->expression($value), \array_slice($operation->arguments, 1))).')';
        }
        $object = \in_array($operation->key, [OperationKey::Ask, OperationKey::AskWord, OperationKey::NextWord, OperationKey::Chance, OperationKey::Chosen, OperationKey::Shuffle, OperationKey::Sampled, OperationKey::Drawn, OperationKey::Uniform, OperationKey::Seeded, OperationKey::SeededThere, OperationKey::Exit, OperationKey::AllInput, OperationKey::Complain, OperationKey::Printed, OperationKey::Printer, OperationKey::ConsoleStream, OperationKey::Maker, OperationKey::MakerOf, OperationKey::OpenClass, OperationKey::AnswersEnded, OperationKey::Later, OperationKey::AgainAndAgain, OperationKey::CalledOff, OperationKey::Awaited, OperationKey::PromiseMade, OperationKey::PromiseKept, OperationKey::PromiseBroken, OperationKey::PromisesKept, OperationKey::PromisesSettled, OperationKey::PromisesRaced, OperationKey::PromiseThen, OperationKey::PromiseEither, OperationKey::PromiseCaught, OperationKey::PromiseFinally, OperationKey::FailureMade], true) ? '$this->' : '$v->';

        $isOfBits = \in_array($operation->key, OperationKey::OF_BITS, true);
        $wide = $isOfBits && ($this->isWide($operation) || $this->isUnsigned($operation)) ? ', true' : '';
        if ($this->facts->typed && ($isOfBits || \in_array($operation->key, [OperationKey::ToUnsigned, OperationKey::ToUnsignedLong], true)) && $this->isUnsigned($operation)) {
            return $this->unsignedBits($operation, $method);
        }
        if (\in_array($operation->key, [OperationKey::ToWhole, OperationKey::ToLong], true) && $this->isUnsigned($operation->arguments[0])) {
            return OperationKey::ToLong === $operation->key ? $this->expression($operation->arguments[0]) : "\$v->signedAgain({$this->expression($operation->arguments[0])})";
        }
        if (\in_array($operation->key, [OperationKey::ToText, OperationKey::ToNumber], true) && $this->facts->typed && TypeKind::UnsignedLong === $this->types->expression($this->part, $operation->arguments[0])->kind) {
            return '$v->'.(OperationKey::ToText === $operation->key ? 'showUnsigned' : 'unsignedReal')."({$this->expression($operation->arguments[0])})";
        }

        if ($isOfBits && $this->facts->typed && [] !== array_filter($operation->arguments, fn (Expression $value): bool => TypeKind::Letter === $this->types->expression($this->part, $value)->kind)) {
            return "\$v->$method(".implode(', ', array_map(fn (Expression $value): string => TypeKind::Letter === $this->types->expression($this->part, $value)->kind ? "\$v->code({$this->expression($value)})" : $this->expression($value), $operation->arguments)).$wide.')';
        }

        return $object.$method.'('.$this->listed($operation->arguments).$wide.')';
    }

    /** Bits of a number without a sign. */
    private function unsignedBits(Operation $operation, string $method): string
    {
        $bits = self::bitsOf($this->types->expression($this->part, $operation));
        $operands = array_map(fn (Expression $value): string => $this->unsigned($value, $bits), $operation->arguments);

        return match ($operation->key) {
            OperationKey::ToUnsigned, OperationKey::ToUnsignedLong => $operands[0],
            OperationKey::ShiftedRight => '$v->unsignedShiftRight('.implode(', ', $operands).", $bits)",
            default => "\$v->unsigned(\$v->$method(".implode(', ', $operands).", true), $bits)",
        };
    }

    /** Reads into a variable, and gives whether there was something to read (C++17, 30.7.4.1). */
    private function nextAnswer(Expression $target, bool $isLine, ?string $stream = null, ?string $until = null): string
    {
        $type = $this->types->expression($this->part, $target);
        $kind = match (true) {
            $isLine => 'line',
            $type->isWhole() => 'whole',
            $type->isNumeric() => 'number',
            TypeKind::Letter === $type->kind => 'letter',
            default => 'word',
        };
        $kept = $this->temporary();
        $value = match ($kind) {
            'whole' => $this->kept($type, "\$v->toWhole($kept)"),
            'number' => $this->kept($type, "\$v->toNumber($kept)"),
            default => $kept,
        };
        // A place keeps what it is given by itself, and gives nothing back.
        $set = match (true) {
            $target instanceof VariableRead => fn (string $new): string => "(({$this->variable($target->name)} = $new) || true)",
            $target instanceof Field => fn (string $new): string => "(null === \$v->keep({$this->expression($target->object)}, ".var_export($target->name, true).", $new))",
            $target instanceof Item => fn (string $new): string => "(null === \$v->put({$this->expression($target->container)}, {$this->expression($target->index)}, $new))",
            default => throw new \LogicException('Only a place is read into.'),
        };
        $told = $this->record && $target instanceof VariableRead ? "array_push(\$t->changes, \$t->moment, {$this->places->slot($this->part, $target->name)}, {$this->variable($target->name)}) > 0" : 'true';
        $failed = 'whole' === $kind || 'number' === $kind ? '('.(null === $stream ? '$this->answers' : $stream).'->isMalformed() && '.$set('whole' === $kind ? '0' : '0.0').' && false)' : ('line' === $kind ? '('.(null === $stream ? '$this->answers' : $stream).'->isErased() && '.$set("''").' && false)' : 'false');

        $found = match (true) {
            null !== $until => "{$stream}->until(\$v->text($until))",
            null !== $stream => "{$stream}->next('$kind')",
            default => "\$this->nextAnswer('$kind')",
        };

        return "(null !== ($kept = $found) ? ({$set($value)} && $told) : $failed)";
    }

    /** What a function is called in the text, where several of one name were told apart. */
    private function nameWritten(FunctionDefinition $function): string
    {
        $around = $this->program->around($function);
        $ends = FunctionDefinition::AS_WRITTEN.($around instanceof FunctionDefinition ? '|'.FunctionDefinition::OF.Names::asPattern($around->name) : '');

        return (string) preg_replace("/(?:$ends)(?:_\\d+)?$/D", '', $function->name);
    }

    /** A map; what it works out whenever it is asked for is tied to it. */
    private function mapLiteral(MapLiteral $literal): string
    {
        $found = [];
        $entries = [];
        foreach (array_chunk($literal->entries, 2) as [$key, $value]) {
            $value ??= new NothingLiteral();
            array_push($entries, $this->expression($key), $this->withName($value, $key instanceof TextLiteral ? $key->value : ''));
            $function = $value instanceof FunctionReference ? $this->program->functionNamed($value->function) : null;
            if ($key instanceof TextLiteral && 'asked' === $function?->sort) {
                $found[] = var_export($key->value, true);
            }
        }

        $map = '$v->map(['.implode(', ', $entries).'])';

        return [] === $found ? $map : "\$v->withGetters($map, [".implode(', ', $found).'])';
    }

    /** In JavaScript a function is called as what it is first kept as (ECMAScript 2022, 8.4). */
    private function withName(Expression $value, string $name): string
    {
        $code = $this->expression($value);
        $function = $value instanceof FunctionReference ? $this->program->functionNamed($value->function) : null;
        $isUnnamed = $value instanceof Lambda || null !== $function && 1 === preg_match(self::UNNAMED, $this->nameWritten($function));
        // A method of an object is called as the object calls it.
        $isUnnamed = $isUnnamed || 'tied' === $function?->sort && 1 === preg_match('/^'.Names::asPattern($name).'_\d+$/D', $function->name);

        return $isUnnamed && '' !== $name && $this->facts->namesByVariable ? "\$v->named($code, ".var_export($name, true).')' : $code;
    }

    private function newObject(MakeObject $made): string
    {
        return ($made->copied ? '$this->madeCopied(' : '$this->made(').var_export($made->class, true).', $d'.self::behind($made->arguments, array_map($this->handedOver(...), $made->arguments)).')';
    }

    /**
     * What the fields of an object hold that nothing is given for, where C++ makes them nought.
     *
     * @param int $given how many of them get a value, from the first one on
     *
     * @return array<string, mixed>
     */
    private function nought(string $class, int $given = 0, int $depth = 0): array
    {
        $definition = $this->facts->typed ? $this->program->classNamed($class) : null;
        if (null === $definition || '' !== $definition->parent || null !== $this->program->functionNamed($class.'.'.ClassDefinition::MAKES) || $depth > self::DEEPEST_FIELDS) {
            return [];
        }
        $fields = [];
        foreach ($definition->body->statements as $row) {
            if (!$row instanceof FieldDeclaration || $row->off || 0 < $given--) {
                continue;
            }
            $type = null === $row->type || null !== $row->value ? StaticType::unknown() : TypeNames::read($row->type);
            $nought = match (true) {
                $type->isWhole() => 0,
                $type->isNumeric() => 0.0,
                StaticType::truth() === $type => false,
                TypeKind::Copied === $type->kind => $this->nought((string) $type->class, 0, $depth + 1),
                default => null,
            };
            $fields += null === $nought || [] === $nought ? [] : [$row->name => $nought];
        }

        return $fields;
    }

    /** Objects that hold each other are no deeper than this. */
    private const DEEPEST_FIELDS = 20;

    /** Changes a variable, an item or a field, and gives what it has now, or what it had before. */
    private function given(Operation $given): string
    {
        [$target, $value] = $given->arguments;
        $before = OperationKey::GivenAfter === $given->key ? $this->temporary() : null;
        $keeps = null === $before ? '' : "$before = ".$this->expression($target).', ';
        $code = $this->kept($this->types->expression($this->part, $target), $this->expression($value), $value);
        if ($target instanceof VariableRead) {
            $code = $this->cut($target->name, $code);
            $variable = $this->variable($target->name);
            $told = $this->record && !isset($this->inner[$target->name]) ? ", array_push(\$t->changes, \$t->moment, {$this->places->slot($this->part, $target->name)}, ".$this->told($target->name, $variable).')' : '';

            return null === $before ? "[$variable = $code$told][0]" : "[$keeps$variable = $code$told][0]";
        }
        $after = $this->temporary();
        $place = $target instanceof Field ? var_export($target->name, true) : ($target instanceof Item ? $this->expression($target->index) : 'null');
        $holder = $target->operands()[0] ?? $target;
        $set = '$v->'.($target instanceof Field ? 'keep' : 'put').'('.$this->expression($holder).", $place, ".(null === $before ? "$after = " : '').$code.')';

        return null === $before ? "[$set, $after][1]" : "[$keeps$set][0]";
    }

    /** What a loop goes over. */
    private function goneOver(Expression $over): string
    {
        return $over instanceof Operation && $this->isConstantSet($over, 1) ? '$v->constantsGoneOver('.$this->listed($over->arguments).')' : $this->expression($over);
    }

    private function isConstantSet(Operation $operation, int $least = 3): bool
    {
        $items = OperationKey::SetOf === $operation->key && $this->facts->hashedSets ? $operation->arguments[0] ?? null : null;
        $isConstant = static function (Expression $value) use (&$isConstant): bool {
            return match (true) {
                $value instanceof NumberLiteral, $value instanceof TextLiteral, $value instanceof TruthLiteral, $value instanceof NothingLiteral => true,
                $value instanceof Unary, $value instanceof Binary => !\in_array(false, array_map($isConstant, $value->operands()), true),
                default => false,
            };
        };

        return $items instanceof ListLiteral && $least <= \count($items->items) && !\in_array(false, array_map($isConstant, $items->items), true);
    }

    private function ofFitting(Operation $operation, string $method): string
    {
        $arguments = [];
        foreach ($operation->arguments as $index => $argument) {
            $code = $this->expression($argument);
            $arguments[] = match (true) {
                0 === $index => $code,
                OperationKey::LampShow === $operation->key => "\$v->colour($code)",
                default => "(float) \$v->number($code)",
            };
        }

        $call = $this->object('mower')."->$method(".implode(', ', $arguments).')';

        return OperationKey::Distance === $operation->key && $this->facts->nullBeside ? "($call ?? \\".Nothing::class.'::Null)' : $call;
    }

    private function collected(Collected $collected): string
    {
        $over = '$v->over('.$this->goneOver($collected->over).')';
        $before = $this->inner;
        $item = $this->inner[$collected->variable] = $this->innerName();
        $names = $this->types->itemOf($this->part, $collected);
        $value = $this->types->inside($names, fn (): string => $this->expression($collected->value));
        $filter = null === $collected->condition ? null : $this->types->inside($names, fn (): string => $this->truth($collected->condition));
        $this->inner = $before;

        // Where functions are made for each item, they hold on to the variables around, not to copies.
        $each = str_contains($value, '&$') ? $this->holding([$item], $value, $before) : "(fn ($item) => $value)";

        return '$v->list(array_map('.$each.', '.(null === $filter ? $over : "array_values(array_filter($over, fn ($item) => $filter))").'))';
    }

    private int $innerNames = 0;

    /** A name that no other small function has: one may hide what another around it calls by the same name. */
    private function innerName(): string
    {
        return '$c'.$this->innerNames++;
    }

    private function lambda(Lambda $lambda): string
    {
        $before = $this->inner;
        $names = [];
        foreach ($lambda->parameters as $parameter) {
            $names[] = $this->inner[$parameter] = $this->innerName();
        }
        $value = $this->types->inside(array_fill_keys($lambda->parameters, StaticType::unknown()), fn (): string => $this->expression($lambda->value));
        $this->inner = $before;

        // What JavaScript is not given is undefined (ECMAScript 2022, 10.2.11).
        $names = $this->facts->undefined ? array_map(static fn (string $name): string => "$name = null", $names) : $names;
        $code = $this->facts->lambdasSee ? $this->holding($names, $value, $before) : '(fn ('.implode(', ', $names).') => '.$value.')';

        return $this->facts->namesLambdas && $this->uses(OperationKey::FunctionName) ? "\$v->named($code, ".var_export($this->nameOfSmall($lambda), true).')' : $code;
    }

    /** @var array<string, bool> by operation, whether the program has it */
    private array $used = [];

    private function uses(OperationKey ...$keys): bool
    {
        return $this->used[implode(' ', array_column($keys, 'value'))] ??= [] !== array_filter(Walk::statements($this->program->parts()), static fn (Statement $row): bool => [] !== array_filter(Walk::expressionsOf($row), static fn (Expression $part): bool => $part instanceof Operation && \in_array($part->key, $keys, true)));
    }

    /** The parameter of a function for all that is given by names which no other has; '' for none. */
    private static function takesOthers(?FunctionDefinition $function): string
    {
        return (string) (array_keys($function->defaults ?? [], new Operation(OperationKey::AllNamed))[0] ?? '');
    }

    /** Whether functions that are values are given something by its name anywhere. */
    private function givesByName(): bool
    {
        return $this->uses(OperationKey::ByName, OperationKey::ByNames) || [] !== array_filter($this->program->definitions(), static fn (FunctionDefinition $function): bool => '' !== self::takesOthers($function));
    }

    /** What Python calls a small function: one that only hands on to a function of the language has that one's name (The Python Language Reference, 6.14). */
    private function nameOfSmall(Lambda $lambda): string
    {
        $does = $lambda->value;
        $isHandedOn = $does instanceof Operation && [new VariableRead('item')] == $does->arguments && ['item'] === $lambda->parameters;

        return $isHandedOn && 1 === preg_match('/^(\w+)\(\{0\}\)$/D', ValueOperations::get($does->key)->spellings[$this->language->value][0] ?? '', $name) ? $name[1] : '<lambda>';
    }

    /**
     * A function of PHP that sees the variables around it as they are when it runs.
     *
     * @param list<string>          $names  its parameters
     * @param array<string, string> $before the parameters of those around it
     */
    private function holding(array $names, string $value, array $before): string
    {
        if (0 === preg_match_all('/\$[ln]\d+\b/', $value, $shared)) {
            return '(fn ('.implode(', ', $names).') => '.$value.')';
        }
        preg_match_all('/\$c\d+\b/', $value, $inner);
        $uses = [...array_map(static fn (string $local): string => "&$local", array_unique($shared[0])), ...array_intersect($before, $inner[0]), '$t', '$v', '$d'];

        return '(function ('.implode(', ', $names).') use ('.implode(', ', $uses).') { return '.$value.'; })';
    }

    private function number(int|float $value): string
    {
        return var_export($this->facts->onlyFractions ? (float) $value : $value, true);
    }

    /** What a sign asks of an object of the program's own is a method of its class, where it has one. */
    private function askedOfObject(Binary $binary): ?string
    {
        $class = $this->types->expression($this->part, $binary->left)->class;
        $right = $this->facts->typed && null === $class ? $this->types->expression($this->part, $binary->right)->class : null;
        $onTheRight = ClassDefinition::ON_THE_RIGHT[$binary->operator->value] ?? null;
        if (null !== $right && null !== $onTheRight && [] !== ($this->classTable ??= new Classes($this->program))->answering($right, $onTheRight)) {
            return '$this->sent('.$this->expression($binary->right).', '.var_export($onTheRight, true).', $d, '.$this->expression($binary->left).')';
        }
        $isUnequal = Operator::NotEqual === $binary->operator;
        // C++ has one sign for each of them (C++17, 16.5.2).
        $method = [Operator::TruncDivide->value => '@divide', Operator::TruncRemainder->value => '@floor_remainder'][$binary->operator->value] ?? '@'.($isUnequal ? Operator::Equal : $binary->operator)->value;
        if (null === $class || [] === ($this->classTable ??= new Classes($this->program))->answering($class, $method) || $this->uses(OperationKey::NotTaken)) {
            // Where a method may say that it is not made for a value, the other object is asked (Values).
            return null;
        }
        $call = '$this->sent('.$this->expression($binary->left).', '.var_export($method, true).', $d, '.$this->expression($binary->right).')';

        return $isUnequal || Operator::Equal === $binary->operator ? ($isUnequal ? '!' : '')."\$v->truth($call)" : $call;
    }

    private function negated(Unary $unary): ?string
    {
        $class = $this->facts->typed ? $this->types->expression($this->part, $unary->operand)->class : null;

        return null === $class || [] === ($this->classTable ??= new Classes($this->program))->answering($class, '@negate') ? null : '$this->sent('.$this->expression($unary->operand).", '@negate', \$d)";
    }

    private ?Classes $classTable = null;

    private function binary(Binary $binary): string
    {
        $has = $this->facts->undefined ? null : KeyQuestion::of($binary, fn (Expression $value): StaticType => $this->types->expression($this->part, $value));
        if (null !== $has) {
            return $this->expression($has);
        }
        $left = $binary->left;
        $right = $binary->right;
        if ($binary->operator->isLogic()) {
            return $this->logic($binary);
        }
        $asked = $this->askedOfObject($binary);
        if (null !== $asked) {
            return $asked;
        }
        $quick = ($this->facts->typed ? $this->withoutSign($binary) : null) ?? $this->quick($binary);
        if (null !== $quick) {
            return $quick;
        }
        if (Operator::Join === $binary->operator) {
            return '$v->join('.$this->joinable($left).', '.$this->joinable($right).', $t->limits->text)';
        }
        // Each side is compiled once only: twice would double with each operand of a long chain.
        $isAsked = \in_array($binary->operator, [Operator::Equal, Operator::NotEqual], true) && $right instanceof NothingLiteral && $left instanceof OwnValue;
        $sides = [$isAsked ? $this->call($left->function, $left->arguments) : $this->expression($left), $this->expression($right)];
        if ($this->facts->typed) {
            $letters = [TypeKind::Letter === $this->types->expression($this->part, $left)->kind, TypeKind::Letter === $this->types->expression($this->part, $right)->kind];
            if (!$letters[0] && !$letters[1]) {
                // Here one of both has a point, and the other takes one.
                $sides = array_map(fn (string $side, Expression $value): string => TypeKind::UnsignedLong === $this->types->expression($this->part, $value)->kind ? "\$v->unsignedReal($side)" : $side, $sides, [$left, $right]);
            }
            // A letter is a small whole number to C++, but beside another letter or a text it is compared as what it is.
            if ($binary->operator->isArithmetic() && ($letters[0] || $letters[1]) || $letters[0] !== $letters[1] && ($this->types->expression($this->part, $left)->isNumeric() || $this->types->expression($this->part, $right)->isNumeric())) {
                $sides = array_map(static fn (string $side, bool $isLetter): string => $isLetter ? "\$v->code($side)" : $side, $sides, $letters);
            }
        }
        $operands = implode(', ', $sides);

        if ($binary->operator->isArithmetic() && $this->isWide($binary)) {
            $operands .= ', true';
        }

        return match ($binary->operator) {
            Operator::Add => "\$v->add($operands)",
            Operator::Subtract => "\$v->subtract($operands)",
            Operator::Multiply => "\$v->multiply($operands)",
            Operator::TrueDivide => "\$v->divide($operands)",
            Operator::FloorDivide => "\$v->floorDivide($operands)",
            Operator::FloorRemainder => "\$v->floorRemainder($operands)",
            Operator::TruncDivide => "\$v->truncDivide($operands)",
            Operator::TruncRemainder => "\$v->truncRemainder($operands)",
            Operator::Power => "\$v->power($operands)",
            Operator::Equal => "\$v->{$this->sameness($left)}($operands)",
            Operator::NotEqual => "!\$v->{$this->sameness($left)}($operands)",
            Operator::Less => "\$v->less($operands)",
            Operator::LessOrEqual => "\$v->lessOrEqual($operands)",
            Operator::Greater => "\$v->greater($operands)",
            Operator::GreaterOrEqual => "\$v->greaterOrEqual($operands)",
            default => throw new \LogicException('Cannot run '.$binary->operator->value),
        };
    }

    /** Lists and maps are compared by what they hold where they are known as such, elsewhere as the language's own sign does. */
    private function sameness(Expression $left): string
    {
        $type = $this->types->expression($this->part, $left);

        return $this->facts->sameByIdentity && !$type->isList() && !$type->isMap() ? 'identical' : 'equal';
    }

    /**
     * Small whole numbers of Python and C++ and all numbers of JavaScript are PHP's own: they are reckoned with in place,
     * and only what is something else, or grows beyond them, goes through the values of the language.
     */
    private function quick(Binary $binary): ?string
    {
        $found = self::QUICK[$binary->operator->value] ?? null;
        $isArithmetic = $binary->operator->isArithmetic();
        // What stands on the left is found before a value on the right changes it.
        if (null === $found || Given::isIn($binary->right) || $isArithmetic && $this->facts->typed || !$this->isQuick($binary->left) || !$this->isQuick($binary->right)) {
            return null;
        }
        $isFloor = Operator::FloorRemainder === $binary->operator || Operator::FloorDivide === $binary->operator;
        if ($isFloor && (!$this->facts->endlessWholes || !$binary->right instanceof NumberLiteral || $binary->right->value <= 0)) {
            return null;
        }
        [$method, $sign] = $found;
        $isSort = $this->facts->onlyFractions ? '\\is_float(' : '\\is_int(';
        [$a, $setA] = $this->operand($binary->left);
        [$b, $setB] = $this->operand($binary->right);
        // Both are found, whatever the first one is.
        $tests = array_values(array_filter([null === $setA ? null : "$isSort$setA)", null === $setB ? null : "$isSort$setB)"]));
        $are = [] === $tests ? 'true' : (1 === \count($tests) ? $tests[0] : "($tests[0] & $tests[1])");
        $otherwise = "\$v->$method($a, $b)";
        if ($isFloor) {
            $rest = $this->temporary();
            $inPlace = Operator::FloorRemainder === $binary->operator ? "(($rest = $a % $b) < 0 ? $rest + $b : $rest)" : "\\intdiv($a - (($rest = $a % $b) < 0 ? $rest + $b : $rest), $b)";
            $bounded = Operator::FloorRemainder === $binary->operator ? '' : " && $a > -9000000000000000000";

            return "($are$bounded ? $inPlace : $otherwise)";
        }
        if ($isArithmetic && $this->facts->endlessWholes) {
            $sum = $this->temporary();

            return "($are && \\is_int($sum = $a $sign $b) ? $sum : $otherwise)";
        }

        return "($are ? $a $sign $b : $otherwise)";
    }

    private function isQuick(Expression $operand): bool
    {
        $type = $this->types->expression($this->part, $operand);

        return $this->facts->onlyFractions ? $type->isNumeric() : $type->isWhole();
    }

    /**
     * @return array{string, string|null} code that gives the value as often as it is wanted, and code that finds it
     *                                    first; null for a fixed number, which needs no finding
     */
    private function operand(Expression $operand): array
    {
        $code = $this->expression($operand);
        // A number with a point is no place in a list, and has to be looked at.
        if ($operand instanceof NumberLiteral && (\is_int($operand->value) || $this->facts->onlyFractions)) {
            return [$code, null];
        }
        if ($operand instanceof VariableRead && 1 === preg_match('/^\$[lc]\d+$/D', $code)) {
            return [$code, $code];
        }
        $kept = $this->temporary();

        return [$kept, "$kept = $code"];
    }

    /** An item that is there is taken in place; what is not there, or counts from the end, goes through the values of the language. */
    private function listItem(Item $item): string
    {
        [$list, $setList] = $this->operand($item->container);
        [$index, $setIndex] = $this->operand($item->index);
        if (null === $setList) {
            return "\$v->item($list, $index)";
        }
        $are = "(($setList) instanceof \\".ListValue::class.')'.(null === $setIndex ? '' : " & \\is_int($setIndex)");

        return "($are && isset({$list}->items[$index]) ? {$list}->items[$index] : \$v->".($item->index instanceof NumberLiteral && $item->index->value < 0 ? 'itemFromEnd' : 'item')."($list, $index))";
    }

    /** Whether a value is true or false and nothing else; `a and b` may be either of two values. */
    private function isTruth(Expression $value): bool
    {
        return $value instanceof Binary && $value->operator->isLogic()
            ? $this->isTruth($value->left) && $this->isTruth($value->right)
            : StaticType::truth() === $this->types->expression($this->part, $value);
    }

    /** Python and JavaScript give one of the two values, C++ true or false but where its text chooses one. */
    private function logic(Binary $binary): string
    {
        $isAnd = Operator::And === $binary->operator;
        $areTruths = $this->isTruth($binary->left) && $this->isTruth($binary->right);
        if ($areTruths || !$this->facts->logicGives && !CppPrinter::choosesValue($binary->left, $this->types->expression($this->part, $binary->left))) {
            return '('.$this->truth($binary->left).($isAnd ? ' && ' : ' || ').$this->truth($binary->right).')';
        }
        $kept = $this->temporary();
        $test = '$v->truth('.$kept.' = '.$this->expression($binary->left).')';
        $other = $this->expression($binary->right);

        return $isAnd ? "($test ? $other : $kept)" : "($test ? $kept : $other)";
    }
}
