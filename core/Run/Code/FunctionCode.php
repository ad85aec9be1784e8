<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Run\Absent;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Run\Values\ListValue;
use Scrivlet\Core\Run\Values\MapValue;
use Scrivlet\Core\Run\Values\Nothing;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;

/** Functions, and the rows in them. */
final class FunctionCode
{
    /** Whether some function hands out one value after another. */
    private ?bool $handsOut = null;

    public function __construct(private readonly Compiler $compiler)
    {
    }

    public function method(string $name, FunctionDefinition|Script|Handler $part, ?int $index): string
    {
        $this->compiler->objects = [];
        $this->compiler->temporaries = 0;
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
            $parameters[] = ($this->compiler->callCode->isReference($part, $parameter) ? '&' : '').$this->compiler->variable($parameter).($default && $this->knowsNone() ? ' = \\'.Absent::class.'::Value' : ($isLeftOut ? ' = null' : ''));
            if ($default && $part instanceof FunctionDefinition) {
                $default = $this->compiler->expression($part->defaults[$parameter]);
                $given = $part->defaults[$parameter];
                $isPlain = $given instanceof NumberLiteral || $given instanceof TextLiteral || $given instanceof TruthLiteral || $given instanceof NothingLiteral || $given instanceof VariableRead || $given instanceof Unary;
                $isOnce = $this->compiler->facts->defaultsOnce && !$isPlain;
                // Python makes what stands for what is left out only once (The Python Language Reference, 8.7).
                $made = $isOnce ? $this->compiler->temporary() : '';
                $changes .= ($isOnce ? Compiler::MADE_ONCE."$made = null;\n" : '').($this->knowsNone() ? 'if (\\'.Absent::class.'::Value === '.$this->compiler->variable($parameter).') { '.$this->compiler->variable($parameter).' = ' : $this->compiler->variable($parameter).' ??= ').($isOnce ? "($made ??= $default)" : $default).';'.($this->knowsNone() ? ' }' : '')."\n";
            }
            if ($part instanceof FunctionDefinition && $parameter === $part->rest) {
                // Nothing is left for it where values before it are left out.
                $changes .= $this->compiler->variable($parameter).' ??= new \\'.ListValue::class.'([]'.($this->compiler->facts->tuples ? ', true' : '').");\n";
            }
            $changes .= $this->compiler->assignmentCode->changed($parameter);
        }
        $body = $this->compiler->places->perhaps(fn (): string => $part instanceof Script ? $this->compiler->block(new Block($this->compiler->program->functions)).$this->compiler->block($this->lasting()).$this->compiler->block($part->body) : $this->compiler->block($this->hoisted($part->body)));
        $objects = $this->compiler->commandCode->objects().($part instanceof Handler ? '' : $this->compiler->places->absent($part));
        if (null !== $index) {
            $enter = 'if ($d > $this->deepest) { throw new '.RunError::class."('deep_calls'); }\n"
                .($this->compiler->record ? "\$t->calls[] = \$t->moment; \$t->calls[] = $index;\n" : '').$changes;
            $leave = $this->compiler->record ? ' finally { $t->calls[] = $t->moment; $t->calls[] = -1; }' : '';
        }
        if ($this->compiler->record && $part instanceof Script) {
            // What lists and maps hold at the end is asked once the method is left.
            $leave = ' finally { $t->kept = ['.$this->compiler->places->locals($part).']; }';
        }
        $end = null === $index ? '' : "return null;\n";

        return [implode(', ', $parameters), "{\n"
            .'$t = $this->trace; $v = $this->values; $r = null;'.(null === $index ? ' $d = 0;' : '')."\n".$objects
            .'try {'."\n".$enter.$body.$end.'}'
            .' catch ('.RunError::class.' $error) { $error->row ??= $r; throw $error; }'.$leave."\n}"];
    }

    /** Whether nothing is something that can be given; JavaScript takes `undefined` for what was left out (ECMA-262, 10.2.11). */
    public function knowsNone(): bool
    {
        return !$this->compiler->facts->undefined;
    }

    /**
     * A function inside of another: a closure that sees the variables around it as they are when it runs.
     */
    private function inside(FunctionDefinition $function, int $index): string
    {
        $before = [$this->compiler->part, $this->compiler->objects, $this->compiler->loops, $this->compiler->caught];
        [$this->compiler->part, $this->compiler->objects, $this->compiler->loops, $this->compiler->caught] = [$function, [], [], []];
        $code = $this->compiler->places->perhaps(function () use ($function, $index): string {
            [$parameters, $body] = $this->written($function, $index);
            preg_match_all('/\$(?:l|n|w)\d+\b/', $body, $names);
            $own = array_map(fn (string $name): string => $this->compiler->variable($name), [...$function->parameters, ...$this->compiler->types->scopes->ownVariables($function)]);
            foreach ($this->compiler->definitions as $number => $other) {
                if ($this->compiler->program->around($other) === $function) {
                    array_push($own, "\$n$number", "\$w$number");
                }
            }
            $uses = array_map(static fn (string $name): string => "&$name", array_values(array_diff(array_unique($names[0]), $own)));

            $used = [] === $uses ? '' : ' use ('.implode(', ', $uses).')';

            return "\$w$index = null;\n\$n$index = function ($parameters)$used: mixed ".match (true) {
                $function->handsOut() => "{ \$y = function ($parameters)$used: \\Generator $body; return \$this->values->begun(\$y(...\\func_get_args())); };\n",
                $function->isAsync() => "{ \$y = function ($parameters)$used: mixed $body; \$a = \\func_get_args(); return \$this->started(static fn (): mixed => \$y(...\$a)); };\n",
                default => "$body;\n",
            };
        });
        [$this->compiler->part, $this->compiler->objects, $this->compiler->loops, $this->compiler->caught] = $before;

        return $code;
    }

    /** Variables below `main` have their values before it begins (C++17, 6.6.2). */
    private function lasting(): Block
    {
        return new Block($this->compiler->facts->globalsFirst ? array_values(array_filter($this->compiler->program->below, static fn (Statement $row): bool => $row instanceof SetVariable)) : []);
    }

    /** In JavaScript the functions of a body are there before its first row runs (ECMAScript 2022, 10.2.11). */
    private function hoisted(Block $body): Block
    {
        if (!$this->compiler->facts->hoists) {
            return $body;
        }
        $isFunction = static fn (Statement $row): bool => $row instanceof FunctionDefinition;
        $functions = array_filter($body->statements, $isFunction);

        return [] === $functions ? $body : new Block([...array_values($functions), ...array_values(array_filter($body->statements, static fn (Statement $row): bool => !$isFunction($row)))]);
    }

    /** Where a function between the rows of a Python script is known from (The Python Language Reference, 8.7). */
    public function defined(FunctionDefinition $function): string
    {
        $index = (int) array_search($function->name, $this->compiler->functions, true);
        if (null !== $this->compiler->program->around($function)) {
            return $this->inside($function, $index);
        }
        if ($this->compiler->part instanceof Script) {
            // From here on the script's own calls need not look.
            $this->compiler->between = array_values(array_diff($this->compiler->between, [$index]));
        }

        return isset($this->compiler->late[$index]) ? "\$this->k$index = true;\n" : '';
    }

    public function giveBack(Expression $value): string
    {
        \assert($this->compiler->part instanceof FunctionDefinition);

        $result = $this->compiler->types->result($this->compiler->part->name);
        // A reference is what is there itself (C++17, 11.3.2).
        $isItself = 1 === preg_match('/[&*]$/D', $this->compiler->part->types[''] ?? '') && !$result->isNumeric() && !$result->isTextual();

        return $isItself ? $this->compiler->expression($value) : $this->compiler->assignmentCode->narrowed($this->compiler->assignmentCode->kept($result, $this->compiler->expression($value), $value), $this->compiler->types->bitsOfResult($this->compiler->part->name));
    }

    /** What a function is called in the text, where several of one name were told apart. */
    public function nameWritten(FunctionDefinition $function): string
    {
        $around = $this->compiler->program->around($function);
        $ends = FunctionDefinition::AS_WRITTEN.($around instanceof FunctionDefinition ? '|'.FunctionDefinition::OF.Names::asPattern($around->name) : '');

        return (string) preg_replace("/(?:$ends)(?:_\\d+)?$/D", '', $function->name);
    }

    public function handsOut(): bool
    {
        return $this->handsOut ??= $this->compiler->operationCode->uses(OperationKey::CountedOn, OperationKey::AgainInTurn) || $this->compiler->facts->liveLoops && $this->compiler->operationCode->uses(OperationKey::Started) || [] !== array_filter($this->compiler->program->definitions(), static fn (FunctionDefinition $function): bool => $function->handsOut() || str_ends_with($function->name, '.@iter'));
    }

    /** A function that waits is none of those that run; it goes on when what it hands out next is asked for. */
    public function handOut(Operation $out): string
    {
        $item = $this->compiler->temporary();
        $waits = $this->compiler->record ? '$t->calls[] = $t->moment; $t->calls[] = -1; ' : '';
        $goesOn = $this->compiler->record && $this->compiler->part instanceof FunctionDefinition ? ' $t->calls[] = $t->moment; $t->calls[] = '.(int) array_search($this->compiler->part->name, $this->compiler->functions, true).';' : '';
        $value = $this->compiler->expression($out->arguments[0]);
        $each = OperationKey::HandOutAll === $out->key ? "foreach (\$v->turns($value, '') as $item) { " : "$item = $value; ";

        if ('' !== $goesOn && $this->compiler->part instanceof FunctionDefinition && 'held' === $this->compiler->part->sort) {
            // What fails in the rows that hold it fails here.
            return "$each{$waits}try { yield $item; } catch (\\Throwable \$e) {{$goesOn} throw \$e; }$goesOn".(OperationKey::HandOutAll === $out->key ? ' }' : '')."\n";
        }

        return "$each{$waits}yield $item;$goesOn".(OperationKey::HandOutAll === $out->key ? ' }' : '')."\n";
    }
}
