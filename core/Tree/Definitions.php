<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** The functions of a program, those inside of others as well. */
final class Definitions
{
    /** @var list<FunctionDefinition> each before those inside of it */
    public array $all = [];
    /** @var array<string, FunctionDefinition> the first one of each name */
    public array $byName = [];
    /** @var list<ClassDefinition> those that are not switched off, each behind those that stand in it */
    public array $classes = [];
    /** @var array<string, ClassDefinition> the first one of each name */
    public array $classesByName = [];
    /** @var array<int, FunctionDefinition|Script> what each function inside of another stands in, by its id */
    public array $around = [];

    /** @var \WeakMap<Program, self>|null programs never change */
    private static ?\WeakMap $known = null;

    private function __construct(Program $program)
    {
        foreach ([...$program->functions, ...$program->script->body->statements, ...$program->below] as $statement) {
            if ($statement instanceof FunctionDefinition) {
                $this->add($statement);
            } elseif ($statement instanceof ClassDefinition) {
                $this->ofClass($statement);
            } else {
                $this->inside([$statement], $program->script);
            }
        }
    }

    public static function of(Program $program): self
    {
        if (null === self::$known) {
            /** @var \WeakMap<Program, self> $known */
            $known = new \WeakMap();
            self::$known = $known;
        }

        return self::$known[$program] ??= new self($program);
    }

    private function ofClass(ClassDefinition $class): void
    {
        array_map($this->ofClass(...), $class->inner());
        if (!$class->off) {
            $this->classes[] = $class;
            $this->classesByName[$class->name] ??= $class;
        }
        array_map($this->add(...), $class->methods());
    }

    private function add(FunctionDefinition $function): void
    {
        $this->all[] = $function;
        $this->byName[$function->name] ??= $function;
        $this->inside($function->body->statements, $function);
    }

    /** @param list<Statement> $rows */
    private function inside(array $rows, FunctionDefinition|Script $around): void
    {
        foreach ($rows as $row) {
            foreach ($row->off || $row instanceof FunctionDefinition ? [] : $row->bodies() as $body) {
                $this->inside($body->statements, $around);
            }
            if ($row instanceof FunctionDefinition && !$row->off) {
                $this->around[$row->id] = $around;
                $this->add($row);
            }
        }
    }
}
