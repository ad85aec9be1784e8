<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Language\Analysis;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Semantics;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Run\Code\AssignmentCode;
use Scrivlet\Core\Run\Code\AttemptCode;
use Scrivlet\Core\Run\Code\CallCode;
use Scrivlet\Core\Run\Code\ClassCode;
use Scrivlet\Core\Run\Code\CommandCode;
use Scrivlet\Core\Run\Code\FunctionCode;
use Scrivlet\Core\Run\Code\LoopCode;
use Scrivlet\Core\Run\Code\NumberCode;
use Scrivlet\Core\Run\Code\OperationCode;
use Scrivlet\Core\Run\Code\PrintCode;
use Scrivlet\Core\Run\Code\SmallFunctionCode;
use Scrivlet\Core\Run\Values\Nothing;
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
 * Writes a program as PHP code, once, so that running it needs no walk over the tree.
 *
 * Nothing a person wrote gets into the code but numbers and quoted texts: variables and functions are numbered, and
 * what is called are methods of this namespace, fixed here. A run can reach nothing else.
 */
final class Compiler
{
    /** Begins a default that a function makes once and keeps. */
    public const MADE_ONCE = 'static ';
    /** What reads one word, as C++ does. */
    public const WORDS = [OperationKey::AskWord, OperationKey::NextWord];

    /** What functions are called here that have no name where they are written. */
    public const UNNAMED = '/^inner(?:_\d+)?$/D';
    public readonly LoopCode $loopCode;
    public readonly AttemptCode $attemptCode;
    public readonly AssignmentCode $assignmentCode;
    public readonly PrintCode $printCode;
    public readonly CallCode $callCode;
    public readonly FunctionCode $functionCode;
    public readonly ClassCode $classCode;
    public readonly NumberCode $numberCode;
    public readonly OperationCode $operationCode;
    public readonly SmallFunctionCode $smallFunctionCode;
    public readonly CommandCode $commandCode;

    /** @var list<string> */
    public array $rows = [];
    /** @var list<string> */
    public array $functions = [];

    /** @var list<FunctionDefinition> */
    public array $definitions;
    /** @var array<string, string> names that stand in an expression only */
    public array $inner = [];
    /** @var list<string> where what was caught is kept, outermost first */
    public array $caught = [];
    /** @var list<int> how many loops of PHP each loop around is */
    public array $loops = [];
    public FunctionDefinition|Script $part;
    public int $temporaries = 0;
    /** @var array<int, true> functions of a Python script that stand between its rows */
    public array $late = [];
    /** @var list<int> those of which a call has to look whether they are known */
    public array $between = [];
    public readonly Places $places;
    public readonly Turns $turns;
    /** @var array<string, true> objects of the scene that the method being written uses */
    public array $objects = [];
    /** @var list<Handler> those whose rows are still to be written */
    public array $handlers = [];

    public readonly Program $program;
    public readonly Types $types;
    public readonly Semantics $facts;

    private ?bool $catches = null;

    public ?Classes $classTable = null;

    /** @var array<int, string> what holds the values of parts of a row that are found once, though they are asked for twice, by those parts */
    public array $foundOnce = [];

    /** @param bool $record whether each moment is kept, or only what happens in the scene */
    public function __construct(Analysis $analysis, public readonly Language $language, public readonly bool $record)
    {
        $this->loopCode = new LoopCode($this);
        $this->attemptCode = new AttemptCode($this);
        $this->assignmentCode = new AssignmentCode($this);
        $this->printCode = new PrintCode($this);
        $this->callCode = new CallCode($this);
        $this->functionCode = new FunctionCode($this);
        $this->classCode = new ClassCode($this);
        $this->numberCode = new NumberCode($this);
        $this->operationCode = new OperationCode($this);
        $this->smallFunctionCode = new SmallFunctionCode($this);
        $this->commandCode = new CommandCode($this);
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
                $methods .= $this->functionCode->method("f$index", $function, $index);
            }
        }
        $this->part = $this->program->script;
        $methods .= $this->functionCode->method('run', $this->program->script, null);
        for ($index = 0; $index < \count($this->handlers); ++$index) {
            $methods .= $this->functionCode->method("h$index", $this->handlers[$index], null);
        }

        $known = implode('', array_map(static fn (int $index): string => "private bool \$k$index = false;\n", array_keys($this->late))).$this->classCode->classes();

        return 'return new class($trace, $values, $stage, $chance, $answers) extends '.Routine::class." {\n".$known.$this->places->properties().$this->places->shared().$methods.'};';
    }

    /** @return list<array{name: string, function: string|null}> */
    public function variables(): array
    {
        return $this->places->variables;
    }

    public function block(Block $block): string
    {
        $code = '';
        foreach ($block->statements as $statement) {
            if (!$statement->off) {
                $code .= $this->statement($statement);
            }
        }

        return $code;
    }

    public function perhaps(Block $block): string
    {
        return $this->places->perhaps(fn (): string => $this->block($block));
    }

    /** What `main` gives back is told to the machine (C++17, 6.6.1); nought is what each program tells at its end. */
    private function leftScript(Expression $value): string
    {
        $given = $this->temporary();

        return "$given = ".$this->expression($value).';'.($this->facts->typed ? " if (0 !== $given && null !== $given) { \$this->exit($given); }" : '')." return;\n";
    }

    public function step(Statement $statement, string $part = 'head'): string
    {
        $row = \count($this->rows);
        $this->rows[] = "$statement->id:$part";

        return $this->stepAt($row);
    }

    public function stepAt(int $row): string
    {
        return "\$r = $row; if (++\$t->moment > \$t->stop) { \$t->breathe(); }"
            .($this->record ? " \$t->steps[] = $row;" : '')."\n";
    }

    private function statement(Statement $statement): string
    {
        return match (true) {
            $statement instanceof Import => $this->facts->streams && 1 === preg_match('/^(?:std::)?cin\s*\.\s*(ignore|clear|get)\b(.*)/s', $statement->text, $match) ? '$this->answers->'.('clear' === $match[1] ? 'clear' : (str_contains($match[2], '\\n') ? 'skipLine' : 'skip'))."();\n" : '',

            $statement instanceof FieldDeclaration, $statement instanceof Comment, $statement instanceof ShareVariable, $statement instanceof Pass => '',
            $statement instanceof FunctionDefinition => $this->functionCode->defined($statement),
            $statement instanceof ClassDefinition => $this->block($statement->body),
            $statement instanceof Attempt => $this->attemptCode->attempt($statement),
            $statement instanceof Raise => $this->step($statement).'$this->raise(\\'.FailureKind::class.'::'.$statement->kind->name.', '.$this->expression($statement->says).");\n",
            $statement instanceof RaiseObject => $this->step($statement).'$this->raiseObject('.$this->expression($statement->object).", \$d);\n",
            $statement instanceof PassOn => $this->step($statement).'throw '.($this->caught[array_key_last($this->caught) ?? 0] ?? throw new \LogicException('Nothing was caught.')).";\n",
            $statement instanceof Claim => $this->step($statement).'if (!'.$this->numberCode->truth($statement->condition).') { $this->unclaimed('.(null === $statement->says ? "''" : $this->expression($statement->says))."); }\n",
            $statement instanceof Declaration => $this->assignmentCode->declaration($statement),
            $statement instanceof Unread && null !== $statement->fails => $this->step($statement).'throw new \\'.RunError::class."('fails_here', [], null, \\".FailureKind::class."::{$statement->fails->name});\n",
            $statement instanceof Unread => throw new \LogicException('What cannot be read cannot run.'),
            $statement instanceof Holding => $this->loopCode->held($statement),
            $statement instanceof EachLoop => $this->loopCode->each($statement),
            $statement instanceof ForLoop => $this->loopCode->forLoop($statement),
            $statement instanceof DoWhile => $this->loopCode->doWhile($statement),
            $statement instanceof SetItem && null === $statement->operator && null !== ($read = $this->operationCode->readInto($statement->target, $statement->value)) => $this->step($statement).$read,
            $statement instanceof SetItem => $this->step($statement).$this->assignmentCode->changedItem($statement),
            $statement instanceof SetSeveral => $this->assignmentCode->setSeveral($statement),
            $statement instanceof Perform && $statement->value instanceof Operation && \in_array($statement->value->key, [OperationKey::HandOut, OperationKey::HandOutAll], true) => $this->step($statement).$this->functionCode->handOut($statement->value),
            $statement instanceof Perform => $this->step($statement).$this->expression($statement->value).";\n",
            $statement instanceof Command => $this->step($statement).$this->commandCode->command(Catalogue::get($statement->command), array_values($statement->arguments)).";\n",
            $statement instanceof Handler => $this->step($statement).$this->commandCode->handler($statement),
            $statement instanceof Repeat => $this->loopCode->repeat($statement),
            $statement instanceof Count => $this->loopCode->count($statement),
            $statement instanceof WhileLoop => 'while (true) {'."\n".$this->step($statement).'if (!'.$this->numberCode->asked($statement->condition).") { break; }\n".$this->loopCode->ofThisTurn($statement).$this->loopCode->inLoop($statement->body)."}\n",
            $statement instanceof Forever => 'while (true) {'."\n".$this->step($statement).$this->loopCode->ofThisTurn($statement).$this->loopCode->inLoop($statement->body)."}\n",
            $statement instanceof Conditional => $this->conditional($statement, 0),
            $statement instanceof SetVariable && null !== ($read = $this->operationCode->readInto(new VariableRead($statement->variable), $statement->value)) => $this->step($statement).$read,
            $statement instanceof SetVariable && $this->assignmentCode->isAnotherName($statement) => $this->step($statement).$this->assignmentCode->assign($statement->variable, $this->expression(AssignmentCode::named($statement->value))),
            $statement instanceof SetVariable => $this->step($statement).$this->assignmentCode->assign($statement->variable, $this->classCode->withName($statement->value, $statement->variable), $statement->value),
            $statement instanceof ChangeVariable => $this->step($statement).$this->assignmentCode->assign($statement->variable, $this->assignmentCode->inPlace($sum = $this->changed($statement), $statement->operator), $sum),
            $statement instanceof OwnCall => $this->step($statement).$this->callCode->call($statement->function, $statement->arguments).";\n".$this->classCode->behindSuper($statement),
            $statement instanceof GiveBack => $this->step($statement).($this->part instanceof Script ? $this->leftScript($statement->value) : 'return '.$this->functionCode->giveBack($statement->value).";\n"),
            $statement instanceof LeaveFunction => $this->step($statement).($this->part instanceof Script ? "return;\n" : "return null;\n"),
            $statement instanceof BreakLoop => $this->step($statement).'break '.([] === $this->loops ? 1 : $this->loops[array_key_last($this->loops)]).";\n",
            $statement instanceof ContinueLoop => $this->step($statement)."continue;\n",
            $statement instanceof PrintLine => $this->step($statement).$this->printCode->printLine($statement),
            default => throw new \LogicException('Cannot run '.$statement::class),
        };
    }

    /** Whether the program asks anywhere how its reading went. */
    public function asksOfReading(): bool
    {
        return $this->asksOfReading ??= $this->facts->streams && ($this->operationCode->uses(OperationKey::AnswerStream, OperationKey::NextAnswer, OperationKey::NextLine, OperationKey::NextSign, OperationKey::SignTyped, OperationKey::SignAhead, OperationKey::AnswersEnded)
            || [] !== array_filter(Walk::statements($this->program->parts()), static fn (Statement $row): bool => $row instanceof Import && 1 === preg_match('/^(?:std::)?cin\s*\.\s*clear\b/', $row->text)));
    }

    private ?bool $asksOfReading = null;

    /** Whether the program's text is one of the language whose values it runs with. */
    public function isTypedInItsLanguage(): bool
    {
        return isset($this->program->handwriting[$this->language->value]);
    }

    /** Whether the program catches failures anywhere, so that what was written before one is to be seen. */
    public function catches(): bool
    {
        return $this->catches ??= [] !== array_filter(Walk::statements($this->program->parts()), static fn (Statement $row): bool => $row instanceof Attempt);
    }

    private function conditional(Conditional $conditional, int $index): string
    {
        $branch = $conditional->branches[$index];
        $code = $this->step($conditional, 0 === $index ? 'head' : "then$index").'if ('.$this->numberCode->asked($branch->condition).") {\n".$this->perhaps($branch->body).'}';
        if (isset($conditional->branches[$index + 1])) {
            return $code." else {\n".$this->places->perhaps(fn (): string => $this->conditional($conditional, $index + 1))."}\n";
        }

        return $code.(null === $conditional->otherwise ? "\n" : " else {\n".$this->perhaps($conditional->otherwise)."}\n");
    }

    public function variable(string $name): string
    {
        if (isset($this->inner[$name])) {
            return $this->inner[$name];
        }

        return $this->places->of($this->part, $name);
    }

    public function read(string $name): string
    {
        $variable = $this->variable($name);
        if (isset($this->inner[$name]) || $this->places->isCertain($this->part, $name)) {
            return $variable;
        }

        if ($this->facts->undefined && str_contains($name, '.')) {
            // What a class was not given yet is undefined (ECMA-262, 13.3.2).
            return '(\\'.Absent::class."::Value !== $variable ? $variable : null)";
        }

        return '(\\'.Absent::class."::Value !== $variable ? $variable : \$this->missing(".var_export($name, true).'))';
    }

    /** What a variable has after it changed; a minus reckons in JavaScript, whatever it finds, where a plus joins texts (ECMA-262, 13.15.3). */
    private function changed(ChangeVariable $change): Binary
    {
        $was = new VariableRead($change->variable);
        $amount = $change->amount;
        $isLess = $this->facts->coerces && Operator::Add === $change->operator && $amount instanceof NumberLiteral && $amount->value < 0;

        return $isLess ? new Binary(Operator::Subtract, $was, new NumberLiteral(-$amount->value)) : new Binary($change->operator, $was, $amount);
    }

    public function temporary(): string
    {
        return '$q'.$this->temporaries++;
    }

    public function expression(Expression $expression): string
    {
        if ([] !== $this->foundOnce && isset($this->foundOnce[spl_object_id($expression)])) {
            return $this->foundOnce[spl_object_id($expression)];
        }

        return match (true) {
            $expression instanceof UnreadExpression && null !== $expression->fails => '(throw new \\'.RunError::class."('fails_here', [], null, \\".FailureKind::class."::{$expression->fails->name}))",
            $expression instanceof NumberLiteral => $this->numberCode->number($expression->value),
            $expression instanceof TextLiteral => var_export($expression->value, true),
            $expression instanceof TruthLiteral => $expression->value ? 'true' : 'false',
            $expression instanceof VariableRead => $this->read($expression->name),
            $expression instanceof Unary => UnaryOperator::Not === $expression->operator
                ? '!'.$this->numberCode->truth($expression->operand)
                : $this->numberCode->negated($expression) ?? ($this->numberCode->isUnsigned($expression->operand) ? '$v->unsignedSubtract(0, '.$this->expression($expression->operand).', '.NumberCode::bitsOf($this->types->expression($this->part, $expression->operand)).')' : '$v->negate('.$this->expression($expression->operand).($this->numberCode->isWide($expression) ? ', true' : '').')'),
            $expression instanceof Binary => $this->numberCode->binary($expression),
            $expression instanceof RandomWhole => ($this->facts->onlyFractions ? '(float) ' : '').'$this->chance->between($v->whole('.$this->expression($expression->from).'), $v->whole('.$this->expression($expression->to).'))',
            $expression instanceof CommandValue => $this->commandCode->command(Catalogue::get($expression->command), $expression->arguments),
            $expression instanceof FunctionReference => $this->callCode->handed($expression->function),
            $expression instanceof KindTest => '$this->isKind('.$this->expression($expression->value).', '.var_export($expression->kind, true).')',
            $expression instanceof MakeObject && [] !== $nought = $this->classCode->nought($expression->class, \count($expression->arguments)) => '$this->zeroed('.$this->classCode->newObject($expression).', '.var_export($nought, true).')',
            $expression instanceof MakeObject => $this->classCode->newObject($expression),
            $expression instanceof MethodCall && $this->facts->defaultsOnce && null !== $expression->leftOut() => $this->smallFunctionCode->withDefaults($expression->leftOut()[0], $expression->leftOut()[1], ...array_map($this->expression(...), $expression->arguments)),
            $expression instanceof MethodCall && MethodCall::CALL === $expression->method => '$this->callValue('.$this->callCode->calledOf($expression->object).CallCode::behind($expression->arguments, array_map($this->expression(...), $expression->arguments)).')',
            $expression instanceof MethodCall => $this->callCode->sent($expression),
            $expression instanceof Field => '$v->field('.$this->expression($expression->object).', '.var_export($expression->name, true).')',
            $expression instanceof OwnValue => $this->facts->owesValues && !$this->callCode->mayBeNothing($expression->function) ? '$this->given('.$this->callCode->call($expression->function, $expression->arguments).', '.var_export($expression->function, true).')' : $this->callCode->call($expression->function, $expression->arguments),
            $expression instanceof NothingLiteral => $this->facts->nullBeside && !$expression->undefined ? '\\'.Nothing::class.'::Null' : 'null',
            $expression instanceof ListLiteral => '$v->list(['.$this->callCode->listed($expression->items).'])',
            $expression instanceof MapLiteral => $this->classCode->mapLiteral($expression),
            $expression instanceof Item && !$this->facts->growsByPlace && $this->types->expression($this->part, $expression->container)->isList() => $this->numberCode->listItem($expression),
            $expression instanceof Item => ($expression->index instanceof NumberLiteral && $expression->index->value < 0 ? '$v->itemFromEnd(' : '$v->item(').$this->callCode->listed($expression->operands()).')',
            $expression instanceof Slice => '$v->slice('.implode(', ', array_map(fn (Expression $operand): string => $operand instanceof NothingLiteral ? 'null' : $this->expression($operand), $expression->operands())).')',
            $expression instanceof Choice => '('.$this->numberCode->truth($expression->condition).' ? '.$this->expression($expression->then).' : '.$this->expression($expression->otherwise).')',
            $expression instanceof Collected => $this->smallFunctionCode->collected($expression),
            $expression instanceof Lambda => $this->smallFunctionCode->lambda($expression),
            $expression instanceof Operation => $this->operationCode->operation($expression),
            default => throw new \LogicException('Cannot run '.$expression::class),
        };
    }
}
