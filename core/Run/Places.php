<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Where each variable of a program lives in the code written for it: those that the script alone mentions are variables
 * of its method, which PHP finds fastest; those that functions, handlers or lambdas reach too are properties. Lambdas of
 * JavaScript hold on to variables of the method instead, as each turn of a loop has its own.
 */
final class Places
{
    /** @var list<array{name: string, function: string|null}> */
    public array $variables = [];

    /** @var array<string, int> */
    private array $slots = [];
    /** @var array<string, true> names of the program that more than its script's own rows mention */
    private array $reached = [];
    /** @var array<string, true> variables that surely have a value where the row being written runs */
    private array $certain = [];

    public function __construct(Program $program, private readonly Scopes $scopes, private readonly bool $lambdasReach)
    {
        foreach ($program->definitions() as $function) {
            $this->reach($program->rowsOf($function), true, $function);
            foreach ($function->defaults as $default) {
                $this->reachFrom($default, true, $function);
            }
        }
        foreach ($program->classes() as $class) {
            foreach ($class->body->statements as $row) {
                if ($row instanceof FieldDeclaration && null !== $row->value) {
                    $this->reachFrom($row->value, true, $program->script);
                }
            }
        }
        $this->reach($program->rowsOf($program->script), false, $program->script);
    }

    /** @param iterable<Statement> $rows */
    private function reach(iterable $rows, bool $all, FunctionDefinition|Script $part): void
    {
        foreach ($rows as $row) {
            foreach ($all ? array_keys(Scopes::mentionedByItself($row)) : [] as $name) {
                $this->reachName($part, (string) $name);
            }
            if ($all && $row instanceof OwnCall) {
                $this->reached[$row->function] = true;
            }
            foreach (Walk::expressionsOf($row) as $expression) {
                $this->reachFrom($expression, $all, $part);
            }
            if ($row instanceof Handler) {
                $this->reach(Walk::live($row->body->statements), true, $part);
            }
        }
    }

    private function reachFrom(Expression $expression, bool $all, FunctionDefinition|Script $part): void
    {
        foreach ($all || $this->lambdasReach && $expression instanceof Lambda ? Walk::expressions($expression) : [] as $inner) {
            if ($inner instanceof VariableRead) {
                $this->reachName($part, $inner->name);
            } elseif ($inner instanceof OwnValue) {
                $this->reached[$inner->function] = true;
            }
        }
    }

    private function reachName(FunctionDefinition|Script $part, string $name): void
    {
        if (Scopes::PROGRAM === $this->scopes->owner($part, $name)) {
            $this->reached[$name] = true;
        }
    }

    /** The variable's name in the code. */
    public function of(FunctionDefinition|Script $part, string $name): string
    {
        $owner = $this->scopes->owner($part, $name);
        $key = "$owner:$name";
        if (!isset($this->slots[$key])) {
            $this->slots[$key] = \count($this->variables);
            $this->variables[] = ['name' => $name, 'function' => $part instanceof FunctionDefinition && Scopes::PROGRAM !== $owner ? $part->name : null];
        }

        return (Scopes::PROGRAM === $owner && (isset($this->reached[$name]) || Scopes::isOfClass($name)) ? '$this->g' : '$l').$this->slots[$key];
    }

    /** @return int its index into the variables */
    public function slot(FunctionDefinition|Script $part, string $name): int
    {
        $this->of($part, $name);

        return $this->slots[$this->scopes->owner($part, $name).':'.$name];
    }

    /** Code that gives what a class shares under a name. */
    public function shared(): string
    {
        $cases = '';
        foreach ($this->slots as $key => $slot) {
            [$owner, $name] = explode(':', (string) $key, 2);
            if ((string) Scopes::PROGRAM === $owner && Scopes::isOfClass($name)) {
                $cases .= var_export($name, true)." => \$this->g$slot, ";
            }
        }

        return '' === $cases ? '' : "protected function shared(string \$name): mixed { return match (\$name) { {$cases}default => \\".Absent::class."::Value }; }\n";
    }

    /** Code that declares the properties. */
    public function properties(): string
    {
        $code = '';
        foreach ($this->slots as $key => $slot) {
            [$owner, $name] = explode(':', (string) $key, 2);
            if ((string) Scopes::PROGRAM === $owner && (isset($this->reached[$name]) || Scopes::isOfClass($name))) {
                $code .= "private mixed \$g$slot = \\".Absent::class."::Value;\n";
            }
        }

        return $code;
    }

    /** Code that takes all values from the variables of a function or the script. */
    public function absent(FunctionDefinition|Script $part): string
    {
        $own = $this->own($part);

        return [] === $own ? '' : implode(' = ', $own).' = \\'.Absent::class."::Value;\n";
    }

    /** Code that lists the variables of the script that are the method's own. */
    public function locals(Script $script): string
    {
        return implode(', ', $this->own($script));
    }

    /** @return list<string> the variables of the method that a function or the script becomes, but for its parameters */
    private function own(FunctionDefinition|Script $part): array
    {
        $own = [];
        $owned = (string) ($part instanceof Script ? Scopes::PROGRAM : $part->id);
        foreach ($this->slots as $key => $slot) {
            [$owner, $name] = explode(':', (string) $key, 2);
            if ($owner === $owned && !($part instanceof Script ? isset($this->reached[$name]) || Scopes::isOfClass($name) : \in_array($name, $part->parameters, true))) {
                $own[] = "\$l$slot";
            }
        }

        return $own;
    }

    public function isCertain(FunctionDefinition|Script $part, string $name): bool
    {
        return isset($this->certain[$this->of($part, $name)]) || $part instanceof FunctionDefinition && \in_array($name, $part->parameters, true);
    }

    /** From here on it has a value, if nothing but the rows being written can say so. */
    public function ensure(FunctionDefinition|Script $part, string $name): void
    {
        $this->certain[$this->of($part, $name)] = true;
    }

    /**
     * Writes rows that may not run, or not all of them: what they make certain is so within them only.
     *
     * @param \Closure(): string $write
     */
    public function perhaps(\Closure $write): string
    {
        $before = $this->certain;
        $code = $write();
        $this->certain = $before;

        return $code;
    }
}
