<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** The classes of a program, and which method of which class answers. */
final class Classes
{
    /** @var array<string, string> each class's parent, '' for none */
    private array $parents = [];
    /** @var array<string, array<string, FunctionDefinition>> by class and the method's own name */
    private array $methods = [];

    public function __construct(private readonly Program $program)
    {
        foreach ($program->classes() as $class) {
            $this->parents[$class->name] ??= $class->parent;
        }
        foreach ([] === $this->parents ? [] : $program->definitions() as $method) {
            if (isset($this->parents[$method->class()])) {
                $this->methods[$method->class()][$method->shortName()] ??= $method;
            }
        }
    }

    /** The kind of failures that objects of a class are; null for those that nobody raises. */
    public function failure(string $class): ?FailureKind
    {
        $parent = $this->parents[$this->root($class)] ?? '';

        return str_starts_with($parent, '@') ? FailureKind::tryFrom(substr($parent, 1)) : null;
    }

    public function has(string $class): bool
    {
        return isset($this->parents[$class]);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->parents));
    }

    /** @return list<string> a class, and what it is a kind of, the nearest first */
    public function ancestry(string $class): array
    {
        $classes = [];
        while (isset($this->parents[$class]) && !\in_array($class, $classes, true)) {
            $classes[] = $class;
            $class = $this->parents[$class];
        }

        return $classes;
    }

    /** Whether a method makes an object of a class that has a parent, and does not ask the parent to make its part. */
    public function makesUnderParent(FunctionDefinition $function): bool
    {
        return ClassDefinition::MAKES === $function->shortName() && '' !== $function->class() && '' !== ($this->parents[$function->class()] ?? '')
            && [] === array_filter($this->program->rowsOf($function), static fn (Statement $row): bool => $row instanceof OwnCall && str_ends_with($row->function, '.'.ClassDefinition::MAKES) || $row instanceof Perform && $row->value instanceof Operation && OperationKey::SayFailing === $row->value->key);
    }

    /** @return list<string> what objects of a class keep as its class and those above say, from the top on */
    public function fields(string $class): array
    {
        $fields = [];
        foreach (array_reverse($this->ancestry($class)) as $one) {
            foreach ($this->program->classNamed($one)?->body->statements ?? [] as $row) {
                if ($row instanceof FieldDeclaration && !$row->off) {
                    $fields[] = $row->name;
                }
            }
        }

        return $fields;
    }

    /** The class under which all objects of a family keep their fields. */
    public function root(string $class): string
    {
        $ancestry = $this->ancestry($class);

        return $ancestry[\count($ancestry) - 1] ?? $class;
    }

    public function method(string $class, string $name): ?FunctionDefinition
    {
        foreach ($this->ancestry($class) as $one) {
            if (isset($this->methods[$one][$name])) {
                return $this->methods[$one][$name];
            }
        }

        return null;
    }

    /** Whether no object of a class is made without being given something. */
    public function wantsValues(string $class): bool
    {
        $maker = $this->method($class, ClassDefinition::MAKES);

        return null !== $maker && \count($maker->parameters) - 1 > \count($maker->defaults) + (int) ('' !== $maker->rest);
    }

    /** Whether what makes objects of a class gives a field its value before it does anything else: no other is made before (C++17, 15.6.2). */
    public function isGivenFirst(FieldDeclaration $field): bool
    {
        foreach ($this->program->classes() as $class) {
            if (\in_array($field, $class->body->statements, true)) {
                foreach ($this->program->functionNamed($class->name.'.'.ClassDefinition::MAKES)->body->statements ?? [] as $row) {
                    $isOfObject = $row instanceof SetItem && $row->target instanceof Field && $row->target->object instanceof VariableRead && $row->target->object->name === $this->program->itself();
                    if ($isOfObject && $field->name === $row->target->name && $row->value instanceof MakeObject) {
                        return true;
                    }
                    if (!$isOfObject && !$row instanceof OwnCall) {
                        return false;
                    }
                }
            }
        }

        return false;
    }

    /**
     * Those that may answer: of the object's class and the classes that are kinds of it, or of any if it is not known.
     *
     * @return list<FunctionDefinition>
     */
    public function answering(?string $class, string $name): array
    {
        $found = null === $class ? null : $this->method($class, $name);
        $methods = null === $found ? [] : [$found];
        foreach ($this->methods as $one => $own) {
            if (isset($own[$name]) && $own[$name] !== $found && (null === $class || \in_array($class, $this->ancestry((string) $one), true))) {
                $methods[] = $own[$name];
            }
        }

        return $methods;
    }

    /** @return array<string, string> the methods that a class has, its parents' too: their own names, and the functions that answer */
    public function table(string $class): array
    {
        $table = [];
        foreach ($this->ancestry($class) as $one) {
            foreach ($this->methods[$one] ?? [] as $name => $method) {
                $table[$name] ??= $method->name;
            }
        }

        return $table;
    }
}
