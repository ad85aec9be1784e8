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
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\ReferenceParameters;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Run\Values\ListValue;
use Scrivlet\Core\Run\Values\Nothing;
use Scrivlet\Core\Scene\Lantern\Lantern;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
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
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\LeaveFunction;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
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
    private const OF_FITTINGS = ['pair_drive', 'pair_travel', 'pair_turn', 'pair_stop', 'lamp_show', 'lamp_off', 'surface', 'distance'];

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
    /** @var array<string, true> objects of the scene that the method being written uses */
    private array $objects = [];
    /** @var list<Handler> those whose rows are still to be written */
    private array $handlers = [];

    private readonly Program $program;
    private readonly Types $types;

    /** @param bool $record whether each moment is kept, or only what happens in the scene */
    public function __construct(Analysis $analysis, private readonly Language $language, private readonly bool $record)
    {
        $this->program = $program = $analysis->program;
        $this->types = $analysis->types();
        $this->part = $program->script;
        $this->definitions = $program->definitions();
        $this->places = new Places($program, $analysis->scopes());
        foreach ($this->definitions as $index => $function) {
            $this->functions[] = $function->name;
            if (Language::Python === $language && \in_array($function, $program->script->body->statements, true)) {
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
            $this->part = $function;
            $methods .= $this->method("f$index", $function, $index);
        }
        $this->part = $this->program->script;
        $methods .= $this->method('run', $this->program->script, null);
        for ($index = 0; $index < \count($this->handlers); ++$index) {
            $methods .= $this->method("h$index", $this->handlers[$index], null);
        }

        $known = implode('', array_map(static fn (int $index): string => "private bool \$k$index = false;\n", array_keys($this->late)));

        return 'return new class($trace, $values, $stage, $chance, $answers) extends '.Routine::class." {\n".$known.$this->places->properties().$methods.'};';
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
        $parameters = $part instanceof FunctionDefinition ? ['$d'] : [];
        $changes = $enter = $leave = '';
        foreach ($part instanceof FunctionDefinition ? $part->parameters : [] as $parameter) {
            $default = $part instanceof FunctionDefinition && isset($part->defaults[$parameter]);
            $parameters[] = ($this->isReference($part, $parameter) ? '&' : '').$this->variable($parameter).($default ? ' = null' : '');
            if ($default && $part instanceof FunctionDefinition) {
                $changes .= $this->variable($parameter).' ??= '.$this->expression($part->defaults[$parameter]).";\n";
            }
            $changes .= $this->changed($parameter);
        }
        $body = $this->places->perhaps(fn (): string => $part instanceof Script ? $this->block(new Block($this->program->functions)).$this->block($part->body) : $this->block($part->body));
        $objects = $this->objects().($part instanceof Handler ? '' : $this->places->absent($part));
        if (null !== $index) {
            $enter = 'if ($d > $t->limits->depth) { throw new '.RunError::class."('deep_calls'); }\n"
                .($this->record ? "\$t->calls[] = \$t->moment; \$t->calls[] = $index;\n" : '').$changes;
            $leave = $this->record ? ' finally { $t->calls[] = $t->moment; $t->calls[] = -1; }' : '';
        }
        $visible = $part instanceof Script ? 'public' : 'private';
        $result = null === $index ? ': void' : ': mixed';
        $end = null === $index ? '' : "return null;\n";

        return "$visible function $name(".implode(', ', $parameters).")$result {\n"
            .'$t = $this->trace; $v = $this->values; $r = null;'.(null === $index ? ' $d = 0;' : '')."\n".$objects
            .'try {'."\n".$enter.$body.$end.'}'
            .' catch ('.RunError::class.' $error) { $error->row ??= $r; throw $error; }'.$leave."\n}\n";
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
            $statement instanceof Import => Language::Cpp === $this->language && 1 === preg_match('/^(?:std::)?cin\s*\.\s*ignore\b/', $statement->text) ? "\$this->answers->skip();\n" : '',
            $statement instanceof Comment, $statement instanceof ShareVariable, $statement instanceof Pass => '',
            $statement instanceof FunctionDefinition => $this->defined($statement),
            $statement instanceof Declaration => $this->declaration($statement),
            $statement instanceof Unread => throw new \LogicException('What cannot be read cannot run.'),
            $statement instanceof EachLoop => $this->each($statement),
            $statement instanceof ForLoop => $this->forLoop($statement),
            $statement instanceof DoWhile => $this->doWhile($statement),
            $statement instanceof SetItem => $this->step($statement).$this->setItem($statement->target, null === $statement->operator ? $this->expression($statement->value) : $this->expression(new Binary($statement->operator, $statement->target, $statement->value))),
            $statement instanceof SetSeveral => $this->setSeveral($statement),
            $statement instanceof Perform => $this->step($statement).$this->expression($statement->value).";\n",
            $statement instanceof Command => $this->step($statement).$this->command(Catalogue::get($statement->command), array_values($statement->arguments)).";\n",
            $statement instanceof Handler => $this->step($statement).$this->handler($statement),
            $statement instanceof Repeat => $this->repeat($statement),
            $statement instanceof Count => $this->count($statement),
            $statement instanceof WhileLoop => 'while (true) {'."\n".$this->step($statement).'if (!'.$this->asked($statement->condition).") { break; }\n".$this->inLoop($statement->body)."}\n",
            $statement instanceof Forever => 'while (true) {'."\n".$this->step($statement).$this->inLoop($statement->body)."}\n",
            $statement instanceof Conditional => $this->conditional($statement, 0),
            $statement instanceof SetVariable => $this->step($statement).$this->assign($statement->variable, $this->expression($statement->value), $statement->value),
            $statement instanceof ChangeVariable => $this->step($statement).$this->assign($statement->variable, $this->expression($sum = new Binary($statement->operator, new VariableRead($statement->variable), $statement->amount)), $sum),
            $statement instanceof OwnCall => $this->step($statement).$this->call($statement->function, $statement->arguments).";\n",
            $statement instanceof GiveBack => $this->step($statement).($this->part instanceof Script ? $this->expression($statement->value)."; return;\n" : 'return '.$this->giveBack($statement->value).";\n"),
            $statement instanceof LeaveFunction => $this->step($statement).($this->part instanceof Script ? "return;\n" : "return null;\n"),
            $statement instanceof BreakLoop => $this->step($statement).'break '.([] === $this->loops ? 1 : $this->loops[array_key_last($this->loops)]).";\n",
            $statement instanceof ContinueLoop => $this->step($statement)."continue;\n",
            $statement instanceof PrintLine => $this->step($statement).$this->printLine($statement),
            default => throw new \LogicException('Cannot run '.$statement::class),
        };
    }

    private function inLoop(Block $body, int $depth = 1): string
    {
        $this->loops[] = $depth;
        $code = $this->perhaps($body);
        array_pop($this->loops);

        return $code;
    }

    /** A variable of C++ that has no value yet; the other languages begin without one. */
    private function declaration(Declaration $declaration): string
    {
        $type = $this->types->variable($this->part, $declaration->variable);

        return match ($type->kind) {
            TypeKind::List => $this->step($declaration).$this->assign($declaration->variable, '$v->list([])'),
            TypeKind::Map => $this->step($declaration).$this->assign($declaration->variable, '$v->map([])'),
            TypeKind::Text => Language::Cpp === $this->language ? $this->step($declaration).$this->assign($declaration->variable, "''") : '',
            default => Language::JavaScript === $this->language ? $this->step($declaration).$this->assign($declaration->variable, 'null') : '',
        };
    }

    private function each(EachLoop $loop): string
    {
        $row = \count($this->rows);
        $step = $this->step($loop);
        [$item, $first] = [$this->temporary(), $this->temporary()];
        $over = (1 === \count($loop->variables) ? '$v->over(' : '$v->rows(').$this->expression($loop->over).')';
        $apart = 1 === \count($loop->variables) ? '' : "$item = \$v->apart($item, ".\count($loop->variables).");\n";
        $body = $this->places->perhaps(function () use ($loop, $item, $apart): string {
            $assign = 1 === \count($loop->variables) ? $this->assign($loop->variables[0], $item) : '';
            foreach (1 === \count($loop->variables) ? [] : $loop->variables as $index => $name) {
                $assign .= $this->assign($name, "{$item}[$index]");
            }

            return $apart.$assign.$this->inLoop($loop->body);
        });

        return $step."$first = true;\nforeach ($over as $item) {\nif (!$first) { ".$this->stepAt($row)."} $first = false;\n".$body."}\n";
    }

    private function forLoop(ForLoop $loop): string
    {
        $from = $this->step($loop, 'before').$this->assign($loop->variable, $this->expression($loop->from), $loop->from);
        $test = $this->step($loop).'if (!'.$this->asked($loop->condition).") { break; }\n";
        $next = new Binary($loop->operator, new VariableRead($loop->variable), $loop->amount);

        return $from."while (true) {\n".$test."do {\n".$this->inLoop($loop->body, 2)."} while (false);\n".$this->assign($loop->variable, $this->expression($next), $next)."}\n";
    }

    private function doWhile(DoWhile $loop): string
    {
        return "while (true) {\ndo {\n".$this->inLoop($loop->body, 2)."} while (false);\n".$this->step($loop).'if (!'.$this->asked($loop->condition).") { break; }\n}\n";
    }

    private function setItem(Expression $target, string $value): string
    {
        if (!$target instanceof Item) {
            throw new \LogicException('Only an item is set.');
        }
        $container = $target->container;
        if (Language::Python !== $this->language && $target->index instanceof NumberLiteral && $target->index->value < 0) {
            // Only Python counts places from the end.
            $target = new Item($container, new Binary(Operator::Add, new Operation('length', [$container]), $target->index));
        }
        if (Language::JavaScript === $this->language) {
            return '$v->put('.$this->expression($container).', '.$this->expression($target->index).", $value);\n";
        }
        // Python (Language Reference 6.16) and C++ (C++17, 8.18) find the value before the place.
        $kept = $this->temporary();
        [$list, $setList] = $this->operand($container);
        [$index, $setIndex] = $this->operand($target->index);
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
        $streamed = Language::Cpp === $this->language ? $this->streamed($print) : null;
        if (null !== $streamed) {
            return $streamed;
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
        return $value instanceof Operation && 'position' === $value->key ? $this->shown($value) : $this->expression($value);
    }

    /** A value as it is shown; the place of what was not found is a very large number in C++ (C++17, 24.3.2). */
    private function shown(Expression $value): string
    {
        $code = $this->expression($value);

        return Language::Cpp === $this->language && $value instanceof Operation && 'position' === $value->key ? "\$v->showPlace($code)" : "\$v->show($code)";
    }

    /** @param list<Expression> $values */
    private function haveEffects(array $values): bool
    {
        foreach ($values as $value) {
            foreach (Walk::expressions($value) as $inner) {
                if ($inner instanceof OwnValue || $inner instanceof Operation && true === ValueOperations::find($inner->key)?->hasEffect()) {
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
                $calls = $calls || $inner instanceof OwnValue;
            }
        }
        if (!$calls) {
            return null;
        }
        $code = '';
        foreach ($parts as $part) {
            $code .= '$t->part($v->show('.$this->expression($part)."));\n";
        }

        return $code.($print->endsLine ? "\$t->print('');\n" : "\$t->endParts();\n");
    }

    /** @return list<Expression> */
    private static function joined(Expression $value): array
    {
        return $value instanceof Binary && Operator::Join === $value->operator ? [...self::joined($value->left), $value->right] : [$value];
    }

    private function giveBack(Expression $value): string
    {
        \assert($this->part instanceof FunctionDefinition);

        return $this->kept($this->types->result($this->part->name), $this->expression($value), $value);
    }

    private function repeat(Repeat $repeat): string
    {
        $row = \count($this->rows);
        $step = $this->step($repeat);
        $turn = $this->temporary();
        $times = $this->temporary();

        return $step."$times = \$v->whole(".$this->expression($repeat->times).");\n"
            ."for ($turn = 0; $turn < $times; ++$turn) {\nif ($turn > 0) { ".$this->stepAt($row).'}'."\n".$this->inLoop($repeat->body)."}\n";
    }

    private function count(Count $count): string
    {
        $row = \count($this->rows);
        $step = $this->step($count);
        [$at, $to, $by, $first] = [$this->temporary(), $this->temporary(), $this->temporary(), $this->temporary()];
        $start = '$v->number('.$this->expression($count->from).')';
        if (Language::Cpp === $this->language && !($this->types->expression($this->part, $count->from)->isWhole() && $this->types->expression($this->part, $count->by)->isWhole())) {
            $start = "(float) $start";
        }

        $body = $this->places->perhaps(fn (): string => $this->assign($count->variable, $at).$this->inLoop($count->body));
        $stride = $count->by instanceof NumberLiteral && \is_int($count->by->value) && 0 !== $count->by->value && abs($count->by->value) < self::SHORT_STRIDE ? $count->by->value : null;
        $set = null === $stride ? "$by = \$this->stride(\$v->number(".$this->expression($count->by).')); ' : '';
        $on = null === $stride ? "$by > 0 ? $at <= $to : $at >= $to" : "$at ".($stride > 0 ? '<=' : '>=')." $to";
        // Python and JavaScript have no end to their numbers that a count could reach.
        $wide = $this->types->expression($this->part, new VariableRead($count->variable))->isWide() ? ', true' : '';
        $next = null === $stride ? "\$v->add($at, $by$wide)" : (Language::Cpp === $this->language ? "\\is_int($at) && \\abs($at) < 2000000000 ? $at + $stride : \$v->add($at, $stride$wide)" : "$at + $stride");

        return $step."$at = $start; $to = \$v->number(".$this->expression($count->to)."); $set$first = true;\n"
            ."for (; $on; $at = $next) {\nif (!$first) { ".$this->stepAt($row)."} $first = false;\n".$body."}\n";
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
        if (null === $definition) {
            return '$this->callValue('.implode(', ', [$this->read($function), ...array_map($this->expression(...), $arguments)]).')';
        }
        $passed = $before = $after = [];
        foreach ($arguments as $index => $argument) {
            $parameter = $definition->parameters[$index] ?? null;
            if (null === $parameter) {
                break;
            }
            if ($this->isReference($definition, $parameter)) {
                $passed[] = $this->reference($argument, $before, $after);
                continue;
            }
            $passed[] = $this->kept($this->types->variable($definition, $parameter), $this->expression($argument), isset($definition->types[$parameter]) && !str_ends_with($definition->types[$parameter], '&') ? $argument : null);
        }
        foreach (\array_slice($definition->parameters, \count($passed)) as $parameter) {
            if (!isset($definition->defaults[$parameter])) {
                $passed[] = 'null';
            }
        }

        $index = (int) array_search($function, $this->functions, true);
        $call = "\$this->f$index(".implode(', ', ['$d + 1', ...$passed]).')';

        if ([] !== $before) {
            $call = '['.implode(', ', [...$before, $call, ...$after]).']['.\count($before).']';
        }

        return \in_array($index, $this->between, true) ? "(\$this->k$index ? $call : \$this->missing(".var_export($function, true).'))' : $call;
    }

    /**
     * What C++ hands over as the variable itself: an item is taken out before the call, and put back after it.
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
        if (Language::Cpp === $this->language) {
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
        $variable = $this->variable($name);
        $type = $this->types->variable(Scopes::PROGRAM === $this->types->scopes->owner($this->part, $name) ? $this->program->script : $this->part, $name);
        $value = $type->isNumeric() || $type->isTextual() || StaticType::truth() === $type ? $variable : "\$t->held($variable)";

        return '$t->changes[] = $t->moment; $t->changes[] = '.$this->places->slot($this->part, $name)."; \$t->changes[] = $value;\n";
    }

    private function assign(string $name, string $value, ?Expression $source = null): string
    {
        $owner = Scopes::PROGRAM === $this->types->scopes->owner($this->part, $name) ? $this->program->script : $this->part;

        $this->places->ensure($this->part, $name);
        if (Language::Cpp === $this->language && $source instanceof Operation && 'ask_word' === $source->key && TypeKind::Letter === $this->types->variable($owner, $name)->kind) {
            $value = '$this->askLetter()';
        }

        return $this->variable($name).' = '.$this->kept($this->types->variable($owner, $name), $value, $source).";\n".$this->changed($name);
    }

    private function read(string $name): string
    {
        $variable = $this->variable($name);
        if (isset($this->inner[$name]) || $this->places->isCertain($this->part, $name)) {
            return $variable;
        }

        return '(\\'.Absent::class."::Value !== $variable ? $variable : \$this->missing(".var_export($name, true).'))';
    }

    private function isWide(Expression $expression): bool
    {
        return Language::Cpp === $this->language && $this->types->expression($this->part, $expression)->isWide();
    }

    /** What becomes of a value when C++ puts it into a variable: numbers take its type, lists and maps are copied. */
    private function kept(StaticType $type, string $value, ?Expression $source = null): string
    {
        if (Language::Cpp !== $this->language) {
            return $value;
        }
        $was = null === $source ? $type : $this->types->expression($this->part, $source);
        if (StaticType::number() === $type) {
            return TypeKind::Letter === $was->kind ? "(float) \$v->code($value)" : "(float) \$v->number($value)";
        }
        if ($type->isWhole() && !$was->isWhole() && TypeKind::Unknown !== $was->kind) {
            return TypeKind::Letter === $was->kind ? "\$v->code($value)" : "\$v->toInt($value".($type->isWide() ? ', true' : '').')';
        }
        if ($type->isWhole() && !$type->isWide() && $was->isWide()) {
            return "\$v->toInt($value)";
        }
        if (TypeKind::Letter === $type->kind && $was->isNumeric()) {
            return "\$v->letter($value)";
        }

        return $source instanceof VariableRead || $source instanceof Item || $source instanceof OwnValue ? "\$v->cloned($value)" : $value;
    }

    /** The condition of a loop or a branch, noted where each moment is kept. */
    private function asked(Expression $condition): string
    {
        return $this->record ? '$t->asked('.$this->truth($condition).')' : $this->truth($condition);
    }

    private function truth(Expression $condition): string
    {
        $code = $this->expression($condition);

        return StaticType::truth() === $this->types->expression($this->part, $condition) ? "($code)" : "\$v->truth($code)";
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
                : '$v->negate('.$this->expression($expression->operand).($this->isWide($expression) ? ', true' : '').')',
            $expression instanceof Binary => $this->binary($expression),
            $expression instanceof RandomWhole => (Language::JavaScript === $this->language ? '(float) ' : '').'$this->chance->between($v->whole('.$this->expression($expression->from).'), $v->whole('.$this->expression($expression->to).'))',
            $expression instanceof CommandValue => $this->command(Catalogue::get($expression->command), $expression->arguments),
            $expression instanceof FunctionReference => '(fn (mixed ...$a) => $this->f'.(int) array_search($expression->function, $this->functions, true).'($d + 1, ...$a))',
            $expression instanceof OwnValue => Language::Cpp === $this->language ? '$this->given('.$this->call($expression->function, $expression->arguments).', '.var_export($expression->function, true).')' : $this->call($expression->function, $expression->arguments),
            $expression instanceof NothingLiteral => Language::JavaScript === $this->language && !$expression->undefined ? '\\'.Nothing::class.'::Null' : 'null',
            $expression instanceof ListLiteral => '$v->list(['.$this->listed($expression->items).'])',
            $expression instanceof MapLiteral => '$v->map(['.$this->listed($expression->entries).'])',
            $expression instanceof Item && Language::JavaScript !== $this->language && $this->types->expression($this->part, $expression->container)->isList() => $this->listItem($expression),
            $expression instanceof Item => ($expression->index instanceof NumberLiteral && $expression->index->value < 0 ? '$v->itemFromEnd(' : '$v->item(').$this->listed($expression->operands()).')',
            $expression instanceof Slice => '$v->slice('.implode(', ', array_map(fn (Expression $operand): string => $operand instanceof NothingLiteral ? 'null' : $this->expression($operand), $expression->operands())).')',
            $expression instanceof Choice => '('.$this->truth($expression->condition).' ? '.$this->expression($expression->then).' : '.$this->expression($expression->otherwise).')',
            $expression instanceof Collected => $this->collected($expression),
            $expression instanceof Lambda => $this->lambda($expression),
            $expression instanceof Operation => $this->operation($expression),
            default => throw new \LogicException('Cannot run '.$expression::class),
        };
    }

    /** @param list<Expression> $expressions */
    private function listed(array $expressions): string
    {
        return implode(', ', array_map($this->expression(...), $expressions));
    }

    private function operation(Operation $operation): string
    {
        $method = lcfirst(str_replace('_', '', ucwords($operation->key, '_')));
        $kind = FittingKind::tryFrom($operation->key);
        if (null !== $kind) {
            return '$this->plug(\\'.FittingKind::class."::$kind->name, ".$this->listed($operation->arguments).')';
        }
        if (\in_array($operation->key, self::OF_FITTINGS, true)) {
            return $this->ofFitting($operation, $method);
        }
        $asked = $operation->arguments[0] ?? null;
        if (Language::Cpp === $this->language && $asked instanceof Operation && 'ask_word' === $asked->key && \in_array($operation->key, ['to_whole', 'to_long', 'to_number'], true)) {
            return "\$v->$method(\$this->askNumber(".('to_number' === $operation->key ? 'false' : 'true').'))';
        }
        $object = \in_array($operation->key, ['ask', 'ask_word', 'chance', 'chosen', 'shuffle'], true) ? '$this->' : '$v->';

        return $object.$method.'('.$this->listed($operation->arguments).')';
    }

    private function ofFitting(Operation $operation, string $method): string
    {
        $arguments = [];
        foreach ($operation->arguments as $index => $argument) {
            $code = $this->expression($argument);
            $arguments[] = match (true) {
                0 === $index => $code,
                'lamp_show' === $operation->key => "\$v->colour($code)",
                default => "(float) \$v->number($code)",
            };
        }

        $call = $this->object('mower')."->$method(".implode(', ', $arguments).')';

        return 'distance' === $operation->key && Language::JavaScript === $this->language ? "($call ?? \\".Nothing::class.'::Null)' : $call;
    }

    private function collected(Collected $collected): string
    {
        $over = '$v->over('.$this->expression($collected->over).')';
        $before = $this->inner;
        $item = $this->inner[$collected->variable] = '$c'.\count($this->inner);
        $names = $this->types->itemOf($this->part, $collected);
        $value = $this->types->inside($names, fn (): string => $this->expression($collected->value));
        $filter = null === $collected->condition ? null : $this->types->inside($names, fn (): string => $this->truth($collected->condition));
        $this->inner = $before;

        return '$v->list(array_map(fn ('.$item.') => '.$value.', '.(null === $filter ? $over : "array_values(array_filter($over, fn ($item) => $filter))").'))';
    }

    private function lambda(Lambda $lambda): string
    {
        $before = $this->inner;
        $names = [];
        foreach ($lambda->parameters as $parameter) {
            $names[] = $this->inner[$parameter] = '$c'.\count($this->inner);
        }
        $value = $this->expression($lambda->value);
        $this->inner = $before;

        // A variable of the function around is seen as it is when the lambda runs; a loop of JavaScript has one for each turn.
        if (Language::Cpp === $this->language || Language::JavaScript === $this->language && [] !== $this->loops || 0 === preg_match_all('/\$l\d+\b/', $value, $shared)) {
            return '(fn ('.implode(', ', $names).') => '.$value.')';
        }
        preg_match_all('/\$c\d+\b/', $value, $inner);
        $uses = [...array_map(static fn (string $local): string => "&$local", array_unique($shared[0])), ...array_intersect($before, $inner[0]), '$t', '$v', '$d'];

        return '(function ('.implode(', ', $names).') use ('.implode(', ', $uses).') { return '.$value.'; })';
    }

    private function number(int|float $value): string
    {
        return var_export(Language::JavaScript === $this->language ? (float) $value : $value, true);
    }

    private function binary(Binary $binary): string
    {
        $left = $binary->left;
        $right = $binary->right;
        if ($binary->operator->isLogic()) {
            return $this->logic($binary);
        }
        $quick = $this->quick($binary);
        if (null !== $quick) {
            return $quick;
        }
        if (Operator::Join === $binary->operator) {
            return '$v->join('.$this->joinable($left).', '.$this->joinable($right).', $t->limits->text)';
        }
        // Each side is compiled once only: twice would double with each operand of a long chain.
        $sides = [$this->expression($left), $this->expression($right)];
        if (Language::Cpp === $this->language) {
            $letters = [TypeKind::Letter === $this->types->expression($this->part, $left)->kind, TypeKind::Letter === $this->types->expression($this->part, $right)->kind];
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
            Operator::Equal => "\$v->equal($operands)",
            Operator::NotEqual => "!\$v->equal($operands)",
            Operator::Less => "\$v->less($operands)",
            Operator::LessOrEqual => "\$v->lessOrEqual($operands)",
            Operator::Greater => "\$v->greater($operands)",
            Operator::GreaterOrEqual => "\$v->greaterOrEqual($operands)",
            default => throw new \LogicException('Cannot run '.$binary->operator->value),
        };
    }

    /**
     * Small whole numbers of Python and C++ and all numbers of JavaScript are PHP's own: they are reckoned with in place,
     * and only what is something else, or grows beyond them, goes through the values of the language.
     */
    private function quick(Binary $binary): ?string
    {
        $found = self::QUICK[$binary->operator->value] ?? null;
        $isArithmetic = $binary->operator->isArithmetic();
        if (null === $found || $isArithmetic && Language::Cpp === $this->language || !$this->isQuick($binary->left) || !$this->isQuick($binary->right)) {
            return null;
        }
        $isFloor = Operator::FloorRemainder === $binary->operator || Operator::FloorDivide === $binary->operator;
        if ($isFloor && (Language::Python !== $this->language || !$binary->right instanceof NumberLiteral || $binary->right->value <= 0)) {
            return null;
        }
        [$method, $sign] = $found;
        $isSort = Language::JavaScript === $this->language ? '\\is_float(' : '\\is_int(';
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
        if ($isArithmetic && Language::Python === $this->language) {
            $sum = $this->temporary();

            return "($are && \\is_int($sum = $a $sign $b) ? $sum : $otherwise)";
        }

        return "($are ? $a $sign $b : $otherwise)";
    }

    private function isQuick(Expression $operand): bool
    {
        $type = $this->types->expression($this->part, $operand);

        return Language::JavaScript === $this->language ? $type->isNumeric() : $type->isWhole();
    }

    /**
     * @return array{string, string|null} code that gives the value as often as it is wanted, and code that finds it
     *                                    first; null for a fixed number, which needs no finding
     */
    private function operand(Expression $operand): array
    {
        $code = $this->expression($operand);
        if ($operand instanceof NumberLiteral) {
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
        $are = "(($setList) instanceof \\".ListValue::class.')'.(null === $setIndex ? '' : " & \\is_int($setIndex)");

        return "($are && isset({$list}->items[$index]) ? {$list}->items[$index] : \$v->".($item->index instanceof NumberLiteral && $item->index->value < 0 ? 'itemFromEnd' : 'item')."($list, $index))";
    }

    /** Python and JavaScript give one of the two values, C++ always true or false. */
    private function logic(Binary $binary): string
    {
        $isAnd = Operator::And === $binary->operator;
        $areTruths = StaticType::truth() === $this->types->expression($this->part, $binary->left) && StaticType::truth() === $this->types->expression($this->part, $binary->right);
        if ($areTruths || Language::Cpp === $this->language) {
            return '('.$this->truth($binary->left).($isAnd ? ' && ' : ' || ').$this->truth($binary->right).')';
        }
        $kept = $this->temporary();
        $test = '$v->truth('.$kept.' = '.$this->expression($binary->left).')';
        $other = $this->expression($binary->right);

        return $isAnd ? "($test ? $other : $kept)" : "($test ? $kept : $other)";
    }
}
