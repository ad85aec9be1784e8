<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Entry;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\KeyQuestion;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Printer;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
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
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Repeat;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Precedences: The Python Language Reference, 6.17. */
class PythonPrinter extends Printer
{
    private const NOT = 4;

    protected function language(): Language
    {
        return Language::Python;
    }

    protected function program(): void
    {
        $below = [] !== $this->program->below;
        $body = $this->captured(function () use ($below): void {
            foreach ($this->program->functions as $row) {
                $this->outermost($row);
            }
            $this->part = $this->program->script;
            if ($below) {
                $this->main();

                return;
            }
            foreach ($this->program->script->body->statements as $statement) {
                $this->statement($statement);
            }
        });
        $modules = array_values(array_intersect($this->needed(), self::MODULES));
        $names = array_values(array_diff($this->needed(), $modules, $this->imported()));
        // Even where a program calls nothing of it, the library seeds the chance and writes the trace.
        $seeds = \in_array('random', $modules, true) && [] === $names;
        $imports = array_map(static fn (string $module): string => "import $module", array_values(array_diff($modules, $this->imported())));
        $plain = array_filter($this->program->classes(), $this->isPlain(...));
        $made = array_filter([[] === $plain ? null : 'dataclass', $this->makesFields ? 'field' : null]);
        if ([] !== $made && [] !== array_diff($made, $this->imported())) {
            array_unshift($imports, 'from dataclasses import '.implode(', ', $made));
        }
        if ([] !== array_filter($this->program->classes(), static fn (ClassDefinition $class): bool => ClassDefinition::RECORD === $class->parent) && !\in_array('NamedTuple', $this->imported(), true)) {
            array_unshift($imports, 'from typing import NamedTuple');
        }
        if ([] !== array_filter($this->program->classes(), EnumerationMethods::areOf(...)) && !\in_array('Enum', $this->imported(), true)) {
            array_unshift($imports, 'from enum import Enum');
        }
        if ([] !== array_filter($this->program->definitions(), static fn (FunctionDefinition $function): bool => 'remembered' === $function->sort) && [] === array_intersect(['lru_cache', 'cache', 'functools'], $this->imported())) {
            array_unshift($imports, 'from functools import lru_cache');
        }
        if ([] !== array_filter($this->program->definitions(), static fn (FunctionDefinition $function): bool => 'held' === $function->sort) && [] === array_intersect(['contextmanager', 'contextlib'], $this->imported())) {
            array_unshift($imports, 'from contextlib import contextmanager');
        }
        if ([] !== $names) {
            $imports[] = 'from scrivlet import '.implode(', ', $names);
        } elseif ($seeds && !\in_array('random', $this->imported(), true)) {
            $imports[] = 'import scrivlet';
        }
        $this->imports($imports);
        $this->append($body);
    }

    /** @return list<string> the names that rows of the program import themselves */
    private function imported(): array
    {
        $names = [];
        foreach (Walk::statements($this->program->parts()) as $row) {
            if ($row instanceof Import && Language::Python->value === $row->language) {
                preg_match_all('/\w+/', (string) preg_replace(['/^from\s+\S+/', '/\w+\s+as\b/'], '', $row->text), $match);
                $names = [...$names, ...$match[0]];
            }
        }

        return $names;
    }

    private function outermost(Statement $row): void
    {
        if ($this->isBehindClass($row)) {
            return;
        }
        if ($row instanceof FunctionDefinition || $row instanceof ClassDefinition) {
            $this->statement($row);
            $this->line($row, 'close', '');
            $this->line($row, 'gap', '');
        } else {
            $this->part = $this->program->script;
            $this->statement($row);
        }
    }

    /** Functions below the script have to be known before it runs, so it becomes a function that is called at the end. */
    private function main(): void
    {
        $script = $this->program->script;
        $name = $this->makeUp('main');
        $this->line($script, 'head', "def $name():");
        $this->inside(function () use ($script): void {
            $own = [];
            foreach (Walk::live($script->body->statements) as $row) {
                $own += array_fill_keys($row->assigned(), true);
            }
            $outside = [];
            foreach ([...$this->program->functions, ...$this->program->below] as $row) {
                $outside += $row instanceof FunctionDefinition || $row instanceof ClassDefinition || $row->off ? [] : array_fill_keys($row->assigned(), true);
            }
            foreach (array_keys(array_intersect_key($this->types->scopes->reachedInto + $outside, $own)) as $name) {
                $this->line($script, 'enter', 'global '.$this->name((string) $name));
            }
        });
        $this->suite($script, $script->body, 'body');
        $this->line($script, 'close', '');
        foreach ($this->program->below as $row) {
            $this->outermost($row);
        }
        $this->line(null, '0:end', "$name()");
    }

    protected function definition(FunctionDefinition $function): void
    {
        $before = $this->part;
        $this->part = $function;
        $parameters = [];
        $isLeftOut = false;
        // What stands for a value that is left out is reckoned where the class is made (The Python Language Reference, 8.7).
        $this->rowsOf = $function->class();
        foreach ($function->parameters as $name) {
            $isLeftOut = $isLeftOut || isset($function->defaults[$name]);
            // Behind one that may be left out, all may be (The Python Language Reference, 8.7).
            if (isset($function->defaults[$name]) && $function->defaults[$name] == new Operation(OperationKey::AllNamed)) {
                $parameters[] = '**'.$this->name($name);
                continue;
            }
            $default = isset($function->defaults[$name]) ? '='.$this->expression($function->defaults[$name]) : ($isLeftOut && '' === $function->rest ? '=None' : '');
            $parameters[] = ($name === $function->rest ? '*' : '').$this->name($name).$default;
        }
        $this->rowsOf = '';
        if ('' !== $function->sort && !$function->isTied()) {
            $this->line($function, 'head', match ($function->sort) {
                'asked' => '@property',
                'set' => '@'.substr($function->shortName(), 4).'.setter',
                'remembered' => '@lru_cache(maxsize=None)',
                'held' => '@contextmanager',
                default => '@staticmethod',
            });
        }
        $name = isset($this->decorated()[$function->name]) ? substr($function->name, 0, (int) strrpos($function->name, FunctionDefinition::AS_WRITTEN)) : $this->methodName('set' === $function->sort ? substr($function->shortName(), 4) : $function->shortName());
        $this->line($function, 'head', 'def '.$name.'('.implode(', ', $parameters).'):');
        $class = ClassDefinition::MAKES === $function->shortName() ? $this->program->classNamed($function->class()) : null;
        foreach (null === $class ? [] : $this->keptAtFirst($class) as $row) {
            $this->inside(fn () => $this->line($function, 'enter', $this->name((string) $function->itself()).$row));
        }
        $this->suite($function, $function->body, 'body');
        $references = $this->referencesOf($function);
        if ([] !== $references) {
            $this->inside(fn () => $this->line($function, 'after', 'return '.$this->givenOut($references)));
        }
        $this->part = $before;
    }

    /** What stands behind an argument that is left out has the parameter's name (The Python Language Reference, 6.3.4). */
    protected function ownCall(string $function, array $arguments, int $around): string
    {
        $class = strstr($function, '.', true);
        if (false !== $class) {
            $method = substr($function, \strlen($class) + 1);
            $definition = \in_array($method, ['of_value', 'of_name'], true) ? $this->program->classNamed($class) : null;
            if (null !== $definition && EnumerationMethods::areOf($definition)) {
                return $this->name($class).('of_value' === $method ? '('.$this->listed($arguments).')' : '['.$this->listed($arguments).']');
            }
            $isAbove = $this->part instanceof FunctionDefinition && null !== $this->part->itself() && ($arguments[0] ?? null) == new VariableRead($this->part->itself()) && true !== $this->program->functionNamed($function)?->isShared();

            if ($isAbove && 'asked' === $this->program->functionNamed($function)?->sort) {
                return "super().$method";
            }

            $definition = $this->program->functionNamed($function);
            $handed = $isAbove ? \array_slice($arguments, 1) : $arguments;

            return ($isAbove ? 'super()' : $this->name($class)).'.'.$this->methodName($method).'('.(null === $definition ? $this->listed($handed) : $this->handed($definition, $handed, $isAbove ? 1 : 0)).')';
        }
        $definition = $this->program->functionNamed($function);

        return null === $definition ? parent::ownCall($function, $arguments, $around) : $this->name($function).'('.$this->handed($definition, $arguments, 0).')';
    }

    /**
     * What a function is given: the items of what takes all the rest one by one, and by their names those that stand behind one that is
     * left out (The Python Language Reference, 6.3.4).
     *
     * @param list<Expression> $arguments  of its parameters
     * @param int              $first      how many parameters stand before those
     * @param bool             $isGathered what takes all the rest is given one list of it
     */
    private function handed(FunctionDefinition $function, array $arguments, int $first, bool $isGathered = true): string
    {
        $written = [];
        $isNamed = false;
        $rest = '' === $function->rest || $isGathered ? false : array_search($function->rest, $function->parameters, true);
        foreach ($arguments as $index => $argument) {
            if (false !== $rest && $index + $first >= $rest) {
                $written[] = $this->expression($argument);
                continue;
            }
            $parameter = $function->parameters[$index + $first] ?? '';
            $default = $function->defaults[$parameter] ?? null;
            if (null !== $default && $argument instanceof NothingLiteral && $argument->undefined) {
                $isNamed = true;
            } elseif ($default == new Operation(OperationKey::AllNamed)) {
                array_push($written, ...$this->allNamed($argument));
            } elseif ('' !== $parameter && $parameter === $function->rest) {
                $all = $argument instanceof Operation && OperationKey::AsTuple === $argument->key ? $argument->arguments[0] : $argument;
                $all = $all instanceof Operation && OperationKey::AsList === $all->key ? $all->arguments[0] : $all;
                array_push($written, ...($all instanceof ListLiteral ? array_map(fn (Expression $item): string => $this->expression($item), $all->items) : [$this->spread($all)]));
                $isNamed = true;
            } else {
                $written[] = ($isNamed ? $this->name($parameter).'=' : '').$this->expression($argument);
            }
        }

        return implode(', ', $written);
    }

    /** @return list<string> what is given by names to a function that takes all of them */
    private function allNamed(Expression $map): array
    {
        $map = $map instanceof Operation && OperationKey::Copied === $map->key ? $map->arguments[0] : $map;
        $entries = $map instanceof MapLiteral ? array_chunk($map->entries, 2) : [];
        $isNamed = static fn (array $entry): bool => isset($entry[1]) && $entry[0] instanceof TextLiteral && 1 === preg_match('/^[A-Za-z_]\w*$/D', $entry[0]->value) && !\in_array($entry[0]->value, PythonLexer::keywords(), true);

        return $map instanceof MapLiteral && $entries === array_filter($entries, $isNamed) ? array_map(fn (array $entry): string => ($entry[0] instanceof TextLiteral ? $entry[0]->value : '').'='.$this->expression($entry[1] ?? $entry[0]), $entries) : ['**'.$this->expression($map, self::ATOM)];
    }

    private function made(MakeObject $made): string
    {
        $maker = $this->classes()->method($made->class, ClassDefinition::MAKES);

        return null === $maker ? $this->listed($made->arguments) : $this->handed($maker, $made->arguments, 1, false);
    }

    /** The method that a call means, where all of that name take the same. */
    private function meant(MethodCall $call): ?FunctionDefinition
    {
        $found = null;
        foreach ($this->program->definitions() as $method) {
            if ('' === $method->class() || $method->shortName() !== $call->method) {
                continue;
            }
            if (null !== $found && ($found->parameters !== $method->parameters || $found->rest !== $method->rest || array_keys($found->defaults) !== array_keys($method->defaults))) {
                return null;
            }
            $found = $method;
        }

        return $found;
    }

    private function methodCall(MethodCall $call): string
    {
        if ($this->isAsked($call)) {
            return '';
        }
        $method = $this->meant($call);

        return '('.(null === $method ? $this->listed($call->arguments) : $this->handed($method, $call->arguments, null === $method->itself() ? 0 : 1, false)).')';
    }

    protected function spread(Expression $list): string
    {
        return '*'.$this->expression($list);
    }

    /** A lambda of Python holds one expression, so that a handler is a function with a name, which is handed over below it. */
    protected function handler(Handler $handler): void
    {
        $name = $this->makeUp($handler->functionName());
        $this->line($handler, 'head', "def $name():");
        $shared = array_keys(array_intersect_key($this->assignedIn($handler), $this->types->scopes->reachedInto));
        if ([] !== $shared) {
            $this->inside(fn () => $this->line($handler, 'enter', 'global '.implode(', ', array_map(fn (string|int $shared): string => $this->name((string) $shared), $shared))));
        }
        $this->suite($handler, $handler->body, 'body');
        $this->line($handler, 'close', $this->commandName(Catalogue::get($handler->command())).'('.$this->expression($handler->what).", $name)");
    }

    /** @return array<string, true> */
    private function assignedIn(Handler $handler): array
    {
        $names = [];
        foreach (Walk::live($handler->body->statements) as $row) {
            $names += array_fill_keys($row->assigned(), true);
        }

        return $names;
    }

    protected function pass(Pass $pass): void
    {
        $this->line($pass, 'head', 'pass');
    }

    private function suite(Statement $statement, Block $body, string $name): void
    {
        $this->indented($body);
        if ($this->hasNoLine($body)) {
            $this->inside(fn () => $this->line($statement, "$name-empty", 'pass'));
        }
    }

    /** Whether nothing of a body stands in the text: what only other languages say, like `delete a;`, has no line. */
    private function hasNoLine(Block $body): bool
    {
        foreach ($body->statements as $row) {
            $isSaid = !$row->off && !$row instanceof Comment && !$row instanceof Declaration && !($row instanceof Import && Language::Python->value !== $row->language);
            if ($isSaid) {
                return false;
            }
        }

        return true;
    }

    protected function each(EachLoop $loop): void
    {
        $over = $loop->over;
        if (1 < \count($loop->variables) && $this->type($over)->isMap()) {
            $over = new Operation(OperationKey::Entries, [$over]);
        }
        $text = $over instanceof Operation && OperationKey::Numbers === $over->key ? $this->rangeCall($over) : $this->expression($over);
        $this->line($loop, 'head', 'for '.implode(', ', array_map($this->name(...), $loop->variables))." in $text:");
        $this->loopBody($loop, $loop->body, null);
    }

    protected function holding(Holding $holding): void
    {
        $this->line($holding, 'head', 'with '.$this->expression($holding->value).' as '.$this->name($holding->variable).':');
        $this->loopBody($holding, $holding->body, null);
    }

    protected function forLoop(ForLoop $loop): void
    {
        $this->line($loop, 'before', $this->name($loop->variable).' = '.$this->expression($loop->from));
        $this->line($loop, 'head', 'while '.$this->condition($loop->condition).':');
        $step = $this->changed($this->name($loop->variable), new VariableRead($loop->variable), $loop->operator, $loop->amount);
        $this->loopBody($loop, $loop->body, $step);
        $this->inside(fn () => $this->line($loop, 'after', $step));
    }

    protected function doWhile(DoWhile $loop): void
    {
        $this->line($loop, 'head', 'while True:');
        $this->loopBody($loop, $loop->body, null);
        $this->inside(fn () => $this->line($loop, 'after', 'if not '.$this->expression($loop->condition, self::NOT).':'));
        $this->inside(fn () => $this->inside(fn () => $this->line($loop, 'after', 'break')));
    }

    /** @var list<string|null> the change before the next turn of each loop around, where this language has to write it out */
    private array $steps = [];

    private function loopBody(Statement $loop, Block $body, ?string $step): void
    {
        $this->steps[] = $step;
        if (null === $step && !$loop instanceof DoWhile) {
            $this->suite($loop, $body, 'body');
        } else {
            $this->indented($body);
        }
        array_pop($this->steps);
    }

    protected function simpleBefore(Statement $statement): void
    {
        $step = [] === $this->steps ? null : $this->steps[array_key_last($this->steps)];
        if ($statement instanceof ContinueLoop && null !== $step) {
            $this->line($statement, 'before', $step);
        }
    }

    protected function setSeveral(SetSeveral $set): string
    {
        $chain = $this->chain($set);
        if (null !== $chain) {
            return $chain;
        }

        $gathered = $set->values[0] ?? null;
        if (1 === \count($set->values) && $gathered instanceof Operation && OperationKey::Gathered === $gathered->key) {
            $targets = array_map(fn (Expression $target): string => $this->expression($target), $set->targets);
            $at = $gathered->arguments[1] instanceof NumberLiteral ? (int) $gathered->arguments[1]->value : 0;
            $targets[$at] = '*'.($targets[$at] ?? '');

            return implode(', ', $targets).' = '.$this->expression($gathered->arguments[0]);
        }

        return $this->listed($set->targets).' = '.$this->listed($set->values);
    }

    protected function repeat(Repeat $repeat): void
    {
        $turn = null === $repeat->turn ? $this->makeUp('turn') : $this->name($repeat->turn);
        $this->line($repeat, 'head', "for $turn in range(".$this->whole($repeat->times).'):');
        $this->loopBody($repeat, $repeat->body, null);
    }

    /** Elsewhere a number with a point may say how many there are (The Python Standard Library, range). */
    private function countable(Expression $count): Expression
    {
        return TypeKind::Number === $this->type($count)->kind ? new Operation(OperationKey::ToWhole, [$count]) : $count;
    }

    private function whole(Expression $expression): string
    {
        $text = $this->expression($expression);

        return $this->type($expression)->isWhole() ? $text : "int($text)";
    }

    protected function count(Count $count): void
    {
        $range = $this->range($count) ?? $this->call($this->need('counted'), [$count->from, $count->to, $count->by]);
        $this->line($count, 'head', 'for '.$this->name($count->variable)." in $range:");
        $this->loopBody($count, $count->body, null);
    }

    /** `range`, where all is whole and the direction is known; its end is one past the last value. */
    private function range(Count $count): ?string
    {
        $by = $count->by instanceof NumberLiteral && \is_int($count->by->value) ? $count->by->value : 0;
        if (0 === $by || !$this->type($count->from)->isWhole() || !$this->type($count->to)->isWhole()) {
            return null;
        }
        $past = $by > 0 ? 1 : -1;
        $to = $count->to;
        $end = match (true) {
            $to instanceof NumberLiteral && \is_int($to->value) => self::number($to->value + $past),
            $to instanceof Binary && Operator::Subtract === $to->operator && 1 === $past && $to->right instanceof NumberLiteral && 1 === $to->right->value => $this->expression($to->left),
            default => $this->expression($to, self::ADDED).($past > 0 ? ' + 1' : ' - 1'),
        };
        $from = $this->expression($count->from);
        if (1 === $by) {
            return $count->from instanceof NumberLiteral && 0 === $count->from->value ? "range($end)" : "range($from, $end)";
        }

        return "range($from, $end, $by)";
    }

    protected function conditional(Conditional $conditional): void
    {
        foreach ($conditional->branches as $index => $branch) {
            $this->line($conditional, 0 === $index ? 'head' : "then$index", (0 === $index ? 'if ' : 'elif ').$this->condition($branch->condition).':');
            $this->suite($conditional, $branch->body, "then$index");
        }
        if (null !== $conditional->otherwise) {
            $this->line($conditional, 'otherwise', 'else:');
            $this->suite($conditional, $conditional->otherwise, 'otherwise');
        }
    }

    private function methodName(string $name): string
    {
        $special = array_search($name, PythonNames::METHODS, true);

        return false === $special ? $this->name($name) : $special;
    }

    /** The class whose own rows are written, which call those in it by their names alone. */
    private string $rowsOf = '';
    /** @var array<string, string>|null by class, the one that it stands in */
    private ?array $around = null;

    protected function namesAround(string $class): string
    {
        if (null === $this->around) {
            $this->around = [];
            foreach ($this->program->classes() as $outer) {
                foreach ($outer->inner() as $inner) {
                    $this->around[$inner->name] = $outer->name;
                }
            }
        }
        $around = $this->around[$class] ?? '';

        return '' === $around || $around === $this->rowsOf ? '' : $this->namesAround($around).$this->ownName($around).'.';
    }

    protected function ofClass(string $name): string
    {
        $class = (string) strstr($name, '.', true);

        return $class === $this->rowsOf ? substr($name, \strlen($class) + 1) : $this->namesAround($class).$name;
    }

    protected function classDefinition(ClassDefinition $class): void
    {
        if ($this->isPlain($class)) {
            $this->line($class, 'head', '@dataclass');
        }
        $this->line($class, 'head', 'class '.$this->ownName($class->name).(EnumerationMethods::areOf($class) ? '(Enum)' : (ClassDefinition::RECORD === $class->parent ? '(NamedTuple)' : ('' === $class->parent ? '' : '('.$this->parent($class).')'))).':');
        $rows = $this->rowsOfClass($class);
        if (EnumerationMethods::areOf($class)) {
            // What the library has already is not said.
            $rows = array_values(array_filter($rows, static fn (Statement $row): bool => !$row instanceof FunctionDefinition || !EnumerationMethods::has($class, $row)));
            $rows = array_map(static fn (Statement $row): Statement => $row instanceof SetVariable && $row->value instanceof MakeObject ? new SetVariable($row->id, $row->variable, $row->value->arguments[1], $row->off) : $row, $rows);
        }
        foreach ($rows as $index => $row) {
            $this->rowsOf = $row instanceof SetVariable || $row instanceof FieldDeclaration ? $class->name : '';
            $this->inside(fn () => $row instanceof SetVariable && !$row->off ? $this->line($row, 'head', substr($row->variable, \strlen($class->name) + 1).' = '.$this->expression($row->value)) : $this->statement($row));
            $this->rowsOf = '';
            if (($row instanceof FunctionDefinition || $row instanceof ClassDefinition) && isset($rows[$index + 1])) {
                $this->line($row, 'gap', '');
            }
        }
        $maker = $this->classes()->method($class->name, ClassDefinition::MAKES);
        $kept = null === $maker || $maker->class() === $class->name ? [] : $this->keptAtFirst($class);
        if ([] !== $kept) {
            // The parent's way of making is handed on, as each object needs values of its own.
            $this->inside(fn () => $this->line($class, 'close', 'def __init__(self, *given):'));
            foreach (['super().__init__(*given)', ...array_map(static fn (string $row): string => "self$row", $kept)] as $row) {
                $this->inside(fn () => $this->inside(fn () => $this->line($class, 'close', $row)));
            }
        }
        if ($this->hasNoLine($class->body)) {
            $this->inside(fn () => $this->line($class, 'body-empty', 'pass'));
        }
    }

    protected function attempt(Attempt $attempt): void
    {
        $this->line($attempt, 'head', 'try:');
        $this->suite($attempt, $attempt->body, Attempt::BODY);
        foreach ($attempt->rescues as $index => $rescue) {
            $kinds = array_map(fn (FailureKind|string $kind): string => \is_string($kind) ? $this->name($kind) : $this->failureName(FailureNames::caught(Language::Python, $kind)), $rescue->kinds);
            $kinds = array_values(array_unique($kinds));
            $name = '' === $rescue->name ? '' : ' as '.$this->name($rescue->name);
            $part = Attempt::bodyName($index);
            $this->line($attempt, $part, 'except'.([] === $kinds ? '' : ' ').(1 === \count($kinds) || [] === $kinds ? implode('', $kinds) : '('.implode(', ', $kinds).')').$name.':');
            $this->rescued($rescue, '' === $rescue->name || $rescue->takesObjects() ? '' : 'str('.$this->name($rescue->name).')', fn () => $this->suite($attempt, $rescue->body, $part));
        }
        foreach ([Attempt::OTHERWISE => ['else:', $attempt->otherwise], Attempt::FINALLY => ['finally:', $attempt->finally]] as $part => [$head, $body]) {
            if (null !== $body) {
                $this->line($attempt, $part, $head);
                $this->suite($attempt, $body, $part);
            }
        }
    }

    private function failureName(string $name): string
    {
        return 'JSONDecodeError' !== $name || \in_array($name, $this->imported(), true) ? $name : $this->need('json').".$name";
    }

    protected function raise(Raise $raise): string
    {
        $says = $raise->says instanceof TextLiteral && '' === $raise->says->value ? '' : $this->expression($raise->says);

        return 'raise '.FailureNames::thrown(Language::Python, $raise->kind)."($says)";
    }

    protected function raiseObject(RaiseObject $raise): string
    {
        return 'raise '.$this->expression($raise->object);
    }

    protected function passOn(): string
    {
        return 'raise';
    }

    protected function claim(Claim $claim): string
    {
        return 'assert '.$this->expression($claim->condition).(null === $claim->says ? '' : ', '.$this->expression($claim->says));
    }

    protected function loop(Statement $loop, string $condition, Block $body): void
    {
        $this->line($loop, 'head', "while $condition:");
        $this->loopBody($loop, $body, null);
    }

    protected function share(ShareVariable $share): void
    {
        $isProgram = !$this->part instanceof FunctionDefinition || Scopes::PROGRAM === $this->types->scopes->owner($this->part, $share->variable);
        $this->line($share, 'head', ($isProgram ? 'global ' : 'nonlocal ').$this->name($share->variable));
    }

    protected function end(): string
    {
        return '';
    }

    protected function remark(string $text): string
    {
        return '# '.$text;
    }

    protected function giveBack(GiveBack $row): string
    {
        // It has to be one that steps (The Python Language Reference, 3.3.7), as whatever else gives another list each time.
        $isStepped = $this->part instanceof FunctionDefinition && $this->part->isMethod('@iter') && !$row->value instanceof MakeObject && !($row->value instanceof VariableRead && $row->value->name === $this->part->itself());

        return $isStepped ? 'return iter('.$this->expression($row->value).')' : $this->leftScript($row) ?? parent::giveBack($row);
    }

    /** @var array<string, int>|null functions as they are written, with the row above that makes of them what has their name */
    private ?array $decorated = null;

    /** @return array<string, int> */
    private function decorated(): array
    {
        if (null === $this->decorated) {
            $this->decorated = [];
            $bodies = [[...$this->program->functions, ...$this->program->script->body->statements, ...$this->program->below]];
            foreach (Walk::statements($this->program->parts()) as $row) {
                array_push($bodies, ...array_values(array_map(static fn (Block $body): array => $body->statements, $row->bodies())));
            }
            foreach (array_merge(...array_map(static fn (array $rows): array => [null, ...$rows], $bodies)) as $row) {
                $before = $above ?? null;
                $above = $row;
                if ($row instanceof FunctionDefinition && $before instanceof SetVariable && str_starts_with($row->name, $before->variable.FunctionDefinition::AS_WRITTEN) && str_ends_with($this->expression($before->value), '('.$this->name($row->name).')')) {
                    $this->decorated[$row->name] = $before->id;
                }
            }
        }

        return $this->decorated;
    }

    protected function set(SetVariable $set): string
    {
        $function = array_search($set->id, $this->decorated(), true);
        if (false !== $function) {
            return '@'.substr($this->expression($set->value), 0, -\strlen($this->name($function)) - 2);
        }

        return $this->name($set->variable).' = '.$this->expression($set->value);
    }

    protected function printLine(PrintLine $print): string
    {
        $values = array_map(function (Expression $value): string {
            $parts = $this->withViews($this->joined($value));

            return 1 === \count($parts) && \is_string($parts[0]) ? $parts[0] : $this->asShown($this->expression($value));
        }, $print->values);

        return 'print('.implode(', ', $print->endsLine ? $values : [...$values, 'end=""']).')';
    }

    /** What is shown needs no text made of it first: a failure shows as what it says. */
    private function asShown(string $printed): string
    {
        return \in_array($printed, $this->said, true) ? substr($printed, 4, -1) : $printed;
    }

    protected function commandName(Entry $entry): string
    {
        $this->need($entry->object() ?? $entry->key);

        return $entry->snakeName();
    }

    protected function truth(bool $value): string
    {
        return $value ? 'True' : 'False';
    }

    protected function quote(string $text): string
    {
        return '"'.self::escape($text).'"';
    }

    private static function escape(string $text): string
    {
        $escaped = strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', "\t" => '\\t', "\r" => '\\r']);

        return (string) preg_replace_callback('/[\x00-\x1f\x7f]/', static fn (array $match): string => \sprintf('\\x%02x', \ord($match[0])), $escaped);
    }

    protected function binary(Binary $binary, int $around): string
    {
        $has = KeyQuestion::of($binary, $this->type(...));
        if (null !== $has) {
            return $this->expression($has, $around);
        }
        if (\in_array($binary->operator, [Operator::Equal, Operator::NotEqual], true) && $binary->left instanceof Binary && Operator::TruncRemainder === $binary->left->operator && $binary->right instanceof NumberLiteral && 0 === $binary->right->value) {
            // Whatever its sign, one remainder is nothing where the other is.
            $binary = new Binary($binary->operator, new Binary(Operator::FloorRemainder, $binary->left->left, $binary->left->right), $binary->right);
        }

        return match ($binary->operator) {
            Operator::Add => $this->infix($binary, '+', self::ADDED, $around),
            Operator::Subtract => $this->infix($binary, '-', self::ADDED, $around),
            Operator::Multiply => $this->infix($binary, '*', self::MULTIPLIED, $around),
            Operator::TrueDivide => $this->infix($binary, '/', self::MULTIPLIED, $around),
            Operator::FloorDivide => $this->infix($binary, '//', self::MULTIPLIED, $around),
            Operator::FloorRemainder => $this->infix($binary, '%', self::MULTIPLIED, $around),
            Operator::TruncDivide => $this->truncated($binary),
            Operator::TruncRemainder => $this->areNatural($binary)
                ? $this->infix($binary, '%', self::MULTIPLIED, $around)
                : $this->call($this->need('trunc_mod'), [$binary->left, $binary->right]),
            Operator::Power => $this->bracket($this->expression($binary->left, self::RAISED + 1).' ** '.$this->expression($binary->right, self::UNARY), self::RAISED, $around),
            Operator::Join => $this->joinTexts($binary, $around),
            Operator::Equal => $this->comparison($binary, $binary->right instanceof NothingLiteral ? 'is' : '==', $around),
            Operator::NotEqual => $this->comparison($binary, $binary->right instanceof NothingLiteral ? 'is not' : '!=', $around),
            Operator::Less => $this->comparison($binary, '<', $around),
            Operator::LessOrEqual => $this->comparison($binary, '<=', $around),
            Operator::Greater => $this->comparison($binary, '>', $around),
            Operator::GreaterOrEqual => $this->comparison($binary, '>=', $around),
            Operator::And => $this->infix($binary, 'and', 3, $around),
            Operator::Or => $this->infix($binary, 'or', 2, $around),
        };
    }

    /** An f-string; before Python 3.12 no quote and no backslash may stand inside its braces. */
    private function joinTexts(Binary $binary, int $around): string
    {
        $parts = $this->withViews($this->joined($binary));
        if ([] === array_filter($parts, fn (Expression|string $part): bool => \is_string($part) || !$this->type($part)->isTextual())) {
            return $this->infix($binary, '+', self::ADDED, $around);
        }
        if (1 === \count($parts) && \is_string($parts[0])) {
            return "str($parts[0])";
        }
        $text = '';
        foreach ($parts as $part) {
            if ($part instanceof TextLiteral) {
                $text .= strtr(self::escape($part->value), ['{' => '{{', '}' => '}}']);
                continue;
            }
            $form = $part instanceof Operation && OperationKey::Formatted === $part->key && ($part->arguments[1] ?? null) instanceof TextLiteral ? $part->arguments[1]->value : '';
            $printed = \is_string($part) ? $part : $this->asShown($this->expression('' === $form || !$part instanceof Operation ? $part : $part->arguments[0]));
            if (false !== strpbrk($printed, '"\'\\{')) {
                return $this->bracket(implode(' + ', array_map($this->asText(...), $parts)), self::ADDED, $around);
            }
            $text .= '{'.$printed.('' === $form ? '' : ':'.$form).'}';
        }

        return 'f"'.$text.'"';
    }

    /**
     * The keys, values and entries of a map show as what they are there, which is a name and brackets around them here: `beds.keys()`.
     *
     * @param list<Expression> $parts of a text
     *
     * @return list<Expression|string> with what Python writes for such in their place
     */
    private function withViews(array $parts): array
    {
        $found = [];
        for ($at = 0; isset($parts[$at]); ++$at) {
            $asked = $parts[$at + 1] ?? null;
            $of = $asked instanceof Operation && OperationKey::ToText === $asked->key ? $asked->arguments[0] : $asked;
            $name = ['dict_keys(' => 'keys', 'dict_values(' => 'values', 'dict_items(' => 'items'][$parts[$at] instanceof TextLiteral ? $parts[$at]->value : ''] ?? null;
            $isView = null !== $name && $of instanceof Operation && \in_array($of->key, [OperationKey::Keys, OperationKey::Values, OperationKey::Entries], true) && ($parts[$at + 2] ?? null) == new TextLiteral(')');
            $found[] = $isView ? $this->expression($of->arguments[0], self::POSTFIX).".$name()" : $parts[$at];
            $at += $isView ? 2 : 0;
        }

        return $found;
    }

    private function asText(Expression|string $value): string
    {
        return \is_string($value) ? "str($value)" : ($this->type($value)->isTextual() ? $this->expression($value, self::ADDED + 1) : 'str('.$this->expression($value).')');
    }

    private function truncated(Binary $binary): string
    {
        return $this->areNatural($binary)
            ? $this->infix(new Binary(Operator::FloorDivide, $binary->left, $binary->right), '//', self::MULTIPLIED, self::MULTIPLIED)
            : 'int('.$this->infix($binary, '/', self::MULTIPLIED, 0).')';
    }

    protected function changeSign(Operator $operator, Expression $was, Expression $amount): ?string
    {
        return match ($operator) {
            Operator::FloorDivide => '//=',
            Operator::FloorRemainder => '%=',
            Operator::Power => '**=',
            default => parent::changeSign($operator, $was, $amount),
        };
    }

    protected function givenInside(Operation $given, int $around): string
    {
        $set = '('.$this->expression($given->arguments[0]).' := '.$this->expression($given->arguments[1]).')';
        $change = OperationKey::GivenAfter === $given->key ? Given::change($given) : null;
        if (null === $change) {
            return $set;
        }

        // What was there before is found by going back.
        return $this->bracket($set.(Operator::Add === $change->operator ? ' - ' : ' + ').$this->expression($change->right, self::ADDED + 1), self::ADDED, $around);
    }

    protected function value(Expression $expression, int $around): string
    {
        return match (true) {
            $expression instanceof Operation && OperationKey::Maker === $expression->key && ($of = $expression->arguments[0]) instanceof TextLiteral => $this->name($of->value),
            $expression instanceof Operation && OperationKey::OpenClass === $expression->key && ($of = $expression->arguments[0]) instanceof TextLiteral => $this->name($of->value).'('.$this->listed(\array_slice($expression->arguments, 2)).')',
            $expression instanceof NothingLiteral => 'None',
            $expression instanceof KindTest => 'isinstance('.$this->expression($expression->value).', '.('@sequence' === $expression->kind ? '(list, tuple)' : array_flip(PythonNames::KINDS)[$expression->kind] ?? $this->name($expression->kind)).')',
            $expression instanceof MakeObject && null !== ($made = $expression->asMade()) => $this->expression($made, $around),
            $expression instanceof MakeObject => $this->name($expression->class).'('.$this->made($expression).')',
            $expression instanceof MethodCall && null !== $expression->leftOut() => $this->bracket('lambda '.implode(', ', [...array_map($this->name(...), $expression->leftOut()[1]->parameters), ...array_map(fn (string $name, Expression $value): string => $this->name($name).'='.$this->expression($value, 1), $expression->leftOut()[0]->parameters, $expression->arguments)]).': '.$this->expression($expression->leftOut()[1]->value), 0, $around),
            $expression instanceof MethodCall && MethodCall::CALL === $expression->method && $expression->object instanceof FunctionReference && str_contains($expression->object->function, '.') && $this->part instanceof FunctionDefinition && ($expression->arguments[0] ?? null) == new VariableRead((string) $this->part->itself()) => 'super().'.$this->methodName(substr((string) strstr($expression->object->function, '.'), 1)).'('.$this->listed(\array_slice($expression->arguments, 1)).')',
            $expression instanceof MethodCall && MethodCall::CALL === $expression->method => $this->operand($expression->object, self::POSTFIX).'('.$this->listed($expression->arguments).')',
            $expression instanceof MethodCall && $this->isSet($expression) => $this->operand($expression->object, self::POSTFIX).'.'.substr($expression->method, 4).' = '.$this->expression($expression->arguments[0]),
            $expression instanceof MethodCall => $this->operand($expression->object, self::POSTFIX).'.'.$this->methodName($expression->method).$this->methodCall($expression),
            $expression instanceof Field => $this->operand($expression->object, self::POSTFIX).'.'.$this->name($expression->name),
            $expression instanceof ListLiteral => '['.$this->listed($expression->items).']',
            $expression instanceof MapLiteral => '{'.implode(', ', array_map(fn (array $pair): string => $this->expression($pair[0]).': '.$this->expression($pair[1] ?? $pair[0]), array_chunk($expression->entries, 2))).'}',
            $expression instanceof Item => $this->operand($expression->container, self::POSTFIX).'['.$this->expression($expression->index).']',
            $expression instanceof Slice => $this->operand($expression->container, self::POSTFIX).'['.$this->bound($expression->from).':'.$this->bound($expression->to).']',
            $expression instanceof Choice => $this->bracket($this->expression($expression->then, self::CHOICE + 1).' if '.$this->expression($expression->condition, self::CHOICE + 1).' else '.$this->expression($expression->otherwise, self::CHOICE), self::CHOICE, $around),
            $expression instanceof Collected => '['.$this->comprehension($expression).']',
            $expression instanceof Lambda => $this->bracket('lambda'.([] === $expression->parameters ? '' : ' '.implode(', ', array_map($this->name(...), $expression->parameters))).': '.$this->expression($expression->value), 0, $around),
            default => throw new \LogicException('No text for '.$expression::class),
        };
    }

    /** What stands in the brackets of a list that is made item by item. */
    private function comprehension(Expression $expression): string
    {
        $loops = '';
        while ($expression instanceof Operation && OperationKey::Flattened === $expression->key && $expression->arguments[0] instanceof Collected) {
            $loops .= $this->loopOf($expression->arguments[0]);
            $expression = $expression->arguments[0]->value;
        }

        return $expression instanceof Collected ? $this->types->inside($this->types->itemOf($this->part, $expression), fn (): string => $this->expression($expression->value)).$loops.$this->loopOf($expression) : $this->expression($expression).$loops;
    }

    private function loopOf(Collected $collected): string
    {
        $over = $collected->over;
        $text = $over instanceof Operation && OperationKey::Numbers === $over->key ? $this->rangeCall($over) : $this->expression($over, self::CHOICE + 1);

        return ' for '.$this->name($collected->variable)." in $text".(null === $collected->condition ? '' : ' if '.$this->types->inside($this->types->itemOf($this->part, $collected), fn (): string => $this->expression($collected->condition, self::CHOICE + 1)));
    }

    /** Places are whole numbers in Python, whatever the kind of number is elsewhere. */
    private function place(Expression $place): string
    {
        return StaticType::number() === $this->type($place) ? 'int('.$this->expression($place).')' : $this->expression($place);
    }

    private function bound(Expression $bound): string
    {
        return $bound instanceof NothingLiteral ? '' : $this->place($bound);
    }

    /** @var array<string, true>|null names of variables and fields that a list with two ends is kept under */
    private ?array $twoEnded = null;

    private function isTwoEnded(Expression $list): bool
    {
        if (null === $this->twoEnded) {
            $this->twoEnded = [];
            foreach (Walk::statements($this->program->parts()) as $row) {
                $name = match (true) {
                    $row instanceof SetVariable => $row->variable,
                    $row instanceof SetItem && $row->target instanceof Field => $row->target->name,
                    default => null,
                };
                if (null !== $name && $row->value instanceof Operation && OperationKey::TwoEnded === $row->value->key) {
                    $this->twoEnded[$name] = true;
                }
            }
        }

        return $list instanceof VariableRead && isset($this->twoEnded[$list->name]) || $list instanceof Field && isset($this->twoEnded[$list->name]);
    }

    protected function operation(Operation $operation, int $around): string
    {
        $of = $operation->arguments[0] ?? null;
        if ($of instanceof VariableRead && \in_array($operation->key, [OperationKey::FailureName, OperationKey::KindName], true)) {
            // What is caught is asked itself, and not what it says.
            return 'type('.$this->name($of->name).').__name__';
        }
        if (OperationKey::FailedAs === $operation->key && ($kind = $operation->arguments[1]) instanceof TextLiteral) {
            return $this->bracket($this->expression($operation->arguments[0]).' is '.$kind->value, self::COMPARED - 1, $around);
        }
        if (null !== $of && OperationKey::After === $operation->key && ($operation->arguments[1] ?? null) == new NothingLiteral()) {
            // What is done in its place gives nothing by itself.
            return $this->expression($of, $around);
        }
        if ($of instanceof VariableRead && OperationKey::FailureShown === $operation->key) {
            return 'repr('.$this->name($of->name).')';
        }
        if (OperationKey::SetOf === $operation->key && $of instanceof Collected) {
            return '{'.$this->comprehension($of).'}';
        }
        if (OperationKey::SetOf === $operation->key && $of instanceof ListLiteral && [] !== $of->items) {
            return '{'.$this->listed($of->items).'}';
        }
        if (null !== $of && OperationKey::Shift === $operation->key && $this->isTwoEnded($of)) {
            return $this->operand($of, self::POSTFIX).'.popleft()';
        }
        if (OperationKey::FailureFirst === $operation->key && $of instanceof VariableRead) {
            return $this->name($of->name).'.args[0]';
        }
        if (OperationKey::Joined === $operation->key && isset($this->program->handwriting[Language::JavaScript->value]) && null !== $of && \in_array($this->type($of)->item()->kind, [TypeKind::Unknown, TypeKind::Mixed], true)) {
            // They need not be texts where the program was typed.
            $each = $of instanceof Collected ? new Collected(new Operation(OperationKey::ToText, [$of->value]), $of->variable, $of->over, $of->condition) : new Collected(new Operation(OperationKey::ToText, [new VariableRead('item')]), 'item', $of);

            return $this->operand($operation->arguments[1], self::POSTFIX).".join({$this->comprehension($each)})";
        }
        if (OperationKey::PutRange === $operation->key) {
            [$list, $from, $to, $items] = $operation->arguments;
            [$from, $to] = array_map(fn (Expression $bound): string => $bound instanceof NothingLiteral ? '' : $this->expression($bound), [$from, $to]);

            return $this->operand($list, self::POSTFIX)."[$from:$to] = {$this->expression($items)}";
        }
        if (OperationKey::FillUp === $operation->key) {
            [$list, $value, $from, $to] = $operation->arguments;
            if (isset($this->program->handwriting[Language::Cpp->value]) || $this->type($from)->isNatural() && $to == new Operation(OperationKey::Length, [$list])) {
                // No place lies before the list or behind it.
                return $this->operand($list, self::POSTFIX)."[{$this->expression($from)}:{$this->expression($to)}] = [{$this->expression($value)}] * ".($from == new NumberLiteral(0) ? $this->operand($to, 9) : '('.$this->expression(new Binary(Operator::Subtract, $to, $from)).')');
            }
        }
        if (OperationKey::Filled === $operation->key) {
            $operation = new Operation($operation->key, [$this->countable($operation->arguments[0]), $operation->arguments[1]]);
        }
        $method = OperationKey::MethodOf === $operation->key ? $operation->arguments[1] : null;
        if ($method instanceof TextLiteral) {
            return $this->operand($operation->arguments[0], self::POSTFIX).'.'.$this->methodName($method->value);
        }
        $kind = OperationKey::DefaultMap === $operation->key ? $operation->arguments[0] : null;
        if ($kind instanceof TextLiteral) {
            return $this->need('collections').".defaultdict($kind->value)";
        }
        $first = $operation->arguments[0] ?? null;
        if (OperationKey::ToWhole === $operation->key && $first instanceof TextLiteral && 1 === preg_match('/^[1-9]\d{18,}$/D', $first->value)) {
            // A whole number that is too long for a literal elsewhere.
            return $first->value;
        }
        if (null !== $first && OperationKey::ValueOr === $operation->key && $operation->arguments[2] instanceof NothingLiteral) {
            return $this->operand($first, self::POSTFIX).'.get('.$this->expression($operation->arguments[1]).')';
        }
        if (OperationKey::ByName === $operation->key && $first instanceof TextLiteral) {
            return "$first->value={$this->expression($operation->arguments[1])}";
        }
        if (OperationKey::AsTuple === $operation->key && $first instanceof ListLiteral) {
            return '('.$this->listed($first->items).(1 === \count($first->items) ? ',)' : ')');
        }
        if (OperationKey::Stepped === $operation->key && null !== $first) {
            return $this->operand($first, self::POSTFIX).'['.implode(':', array_map($this->bound(...), \array_slice($operation->arguments, 1))).']';
        }
        if (OperationKey::Flattened === $operation->key && $first instanceof Collected && ($first->value instanceof Collected || $first->value instanceof Operation && OperationKey::Flattened === $first->value->key)) {
            return '['.$this->comprehension($operation).']';
        }
        if (OperationKey::MapOf === $operation->key && $first instanceof Collected && $first->value instanceof ListLiteral && 2 === \count($first->value->items)) {
            return '{'.$this->expression($first->value->items[0]).': '.$this->expression($first->value->items[1]).$this->loopOf($first).'}';
        }
        if (\in_array($operation->key, [OperationKey::Total, OperationKey::AnyHolds, OperationKey::AllHold, OperationKey::Least, OperationKey::Greatest, OperationKey::Sorted, OperationKey::AsTuple], true) && $first instanceof Collected) {
            return ['total' => 'sum', 'any_holds' => 'any', 'all_hold' => 'all', 'least' => 'min', 'greatest' => 'max', 'sorted' => 'sorted', 'as_tuple' => 'tuple'][$operation->key->value].'('.$this->comprehension($first).')';
        }
        if (OperationKey::Numbers === $operation->key) {
            return 'list('.$this->rangeCall($operation).')';
        }
        if (\in_array($operation->key, [OperationKey::Floor], true) && $first instanceof Binary && Operator::TrueDivide === $first->operator && $this->type($first->left)->isWhole() && $this->type($first->right)->isWhole()) {
            return $this->expression(new Binary(Operator::FloorDivide, $first->left, $first->right), $around);
        }

        return parent::operation($operation, $around);
    }

    private function rangeCall(Operation $numbers): string
    {
        [$from, $to, $by] = [$numbers->arguments[0], $numbers->arguments[1], $numbers->arguments[2]];
        $short = $by instanceof NumberLiteral && 1 === $by->value;

        [$from, $to, $by] = array_map($this->countable(...), [$from, $to, $by]);

        return $this->call('range', $short ? ($from instanceof NumberLiteral && 0 === $from->value ? [$to] : [$from, $to]) : [$from, $to, $by]);
    }

    protected function condition(Expression $condition): string
    {
        return parent::condition(KeyQuestion::asked($condition, $this->type(...)));
    }

    protected function not(Unary $not, int $around): string
    {
        $there = $not->operand instanceof Operation && OperationKey::IsThere === $not->operand->key ? $not->operand->arguments[0] : null;
        if (null !== $there && ($this->type($there)->isList() || $this->type($there)->isMap() || $this->type($there)->isSet())) {
            return $this->bracket($this->expression($there, self::COMPARED).' is None', self::COMPARED - 1, $around);
        }
        $inner = KeyQuestion::asked($not->operand, $this->type(...));
        if ($inner instanceof Operation && OperationKey::Contains === $inner->key) {
            return $this->bracket($this->expression($inner->arguments[1], self::COMPARED).' not in '.$this->expression($inner->arguments[0], self::COMPARED), self::COMPARED - 1, $around);
        }

        return $this->bracket('not '.$this->expression($not->operand, self::NOT), self::NOT, $around);
    }

    protected function random(RandomWhole $random): string
    {
        return $this->need('random').'.randint('.$this->whole($random->from).', '.$this->whole($random->to).')';
    }

    /** A name that a function within changes has to be the outer one's first (The Python Language Reference, 7.13). */
    protected function declaration(Declaration $declaration): void
    {
        foreach ($this->part instanceof FunctionDefinition ? $this->program->definitions() : [] as $function) {
            if ($this->program->around($function) !== $this->part) {
                continue;
            }
            foreach ($function->body->statements as $row) {
                if ($row instanceof ShareVariable && $row->variable === $declaration->variable) {
                    $this->line($declaration, 'head', $this->name($declaration->variable).' = None');

                    return;
                }
            }
        }
    }

    protected function field(FieldDeclaration $field): void
    {
        $type = null === $field->type ? StaticType::unknown() : TypeNames::read($field->type);
        [$name, $empty] = match (true) {
            $type->isWhole() => ['int', '0'],
            $type->isNumeric() => ['float', '0.0'],
            $type->isTextual() => ['str', '""'],
            TypeKind::Truth === $type->kind => ['bool', 'False'],
            $type->isList() => ['list', 'None'],
            $type->isMap() => ['dict', 'None'],
            $type->isSet() => ['set', 'None'],
            TypeKind::Copied === $type->kind => [$this->name((string) $type->class), 'None'],
            default => ['object', 'None'],
        };
        $value = $this->atFirst($field);
        if (null === $field->value && ClassDefinition::RECORD === $this->classOf($field)?->parent) {
            // What has no value at first has to be given.
            $this->line($field, 'head', $this->name($field->name).": $name");

            return;
        }
        $this->line($field, 'head', $this->name($field->name).": $name".(null !== $value && self::isMadeAnew($value) && !$this->isPlainField($field) ? '' : ' = '.(null === $value ? $empty : $this->fieldValue($value))));
    }

    /** Whether a field is made anew for each object. */
    private bool $makesFields = false;

    /** A value that is made where the names of the class are no names any more. */
    private function later(Expression $value): string
    {
        [$before, $this->rowsOf] = [$this->rowsOf, ''];
        $text = $this->expression($value);
        $this->rowsOf = $before;

        return $text;
    }

    private function fieldValue(Expression $value): string
    {
        if (!self::isMadeAnew($value)) {
            return $this->expression($value);
        }
        $this->makesFields = true;

        return 'field(default_factory='.match (true) {
            $value instanceof ListLiteral && [] === $value->items => 'list',
            $value instanceof MapLiteral && [] === $value->entries => 'dict',
            $value instanceof Operation && OperationKey::SetOf === $value->key && [] === $value->arguments => 'set',
            $value instanceof MakeObject && [] === $value->arguments => $this->name($value->class),
            default => 'lambda: '.$this->later($value),
        }.')';
    }

    /** Whether each object has to have a value of its own, which one of the class would not be. */
    private static function isMadeAnew(Expression $value): bool
    {
        return !$value instanceof NumberLiteral && !$value instanceof TextLiteral && !$value instanceof TruthLiteral && !$value instanceof NothingLiteral;
    }

    /** Whether the class of a field makes its objects from what it keeps; one that is switched off makes none. */
    private function isPlainField(FieldDeclaration $field): bool
    {
        $class = $this->classOf($field);

        return null === $class || $this->isPlain($class);
    }

    private function classOf(FieldDeclaration $field): ?ClassDefinition
    {
        foreach ($this->program->classes() as $class) {
            if (\in_array($field, $class->body->statements, true)) {
                return $class;
            }
        }

        return null;
    }

    /**
     * Rows of a method that makes an object, for what the class says that each object keeps.
     *
     * @return list<string>
     */
    private function keptAtFirst(ClassDefinition $class): array
    {
        $lines = [];
        foreach ($class->body->statements as $row) {
            $value = $row instanceof FieldDeclaration && !$row->off ? $this->atFirst($row) : null;
            if ($row instanceof FieldDeclaration && null !== $value && self::isMadeAnew($value)) {
                $lines[] = '.'.$this->name($row->name).' = '.$this->expression($value);
            }
        }

        return $lines;
    }

    /** Whether objects are made from what the class keeps, by no method of their own. */
    private function isPlain(ClassDefinition $class): bool
    {
        $keeps = false;
        if (ClassDefinition::RECORD === $class->parent || null !== $this->classes()->method($class->name, ClassDefinition::MAKES)) {
            return false;
        }
        foreach ($class->body->statements as $row) {
            $keeps = $keeps || $row instanceof FieldDeclaration && !$row->off;
        }

        return $keeps;
    }
}
