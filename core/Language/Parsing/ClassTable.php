<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

/** The classes of a program, as far as they are known while its text is read. */
final class ClassTable
{
    /** @var array<string, string> the program's classes, and what each is a kind of, '' for nothing */
    public array $parents = [];
    /** @var array<string, array<string, array{int, int, list<string>}>> by class, its methods and what they take beside the object */
    public array $methods = [];
    /** @var array<string, true> the methods' names */
    public array $methodNames = [];
    /** @var array<string, true> names under which objects keep something */
    public array $fieldNames = [];
    /** @var array<string, true> those that some row gives a value */
    public array $setFields = [];
    /** @var array<string, list<string>> by class, what its objects are made from in their order, where no method makes them */
    public array $given = [];
    /** @var array<string, true> methods that are written like fields */
    public array $asked = [];
    /** @var array<string, true> those that are written like a field that gets a value */
    public array $setters = [];
    /** @var array<string, array<string, true>> by class, what it keeps itself, for all its objects */
    public array $statics = [];

    /** @return list<string> the classes above one, from the nearest */
    public function above(string $class): array
    {
        $above = [];
        for ($class = $this->parents[$class] ?? ''; '' !== $class && !\in_array($class, $above, true); $class = $this->parents[$class] ?? '') {
            $above[] = $class;
        }

        return $above;
    }

    /** The class that has a method, going up from one; null if none has. */
    public function ownerOf(string $class, string $method): ?string
    {
        for ($steps = \count($this->parents); isset($this->parents[$class]) && $steps >= 0; --$steps) {
            if (isset($this->methods[$class][$method])) {
                return $class;
            }
            $class = $this->parents[$class];
        }

        return null;
    }

    /** What a class keeps for all its objects, as the variable of the program that it is. */
    public function staticOf(string $class, string $name): ?string
    {
        for ($steps = \count($this->parents); isset($this->parents[$class]) && $steps >= 0; --$steps) {
            if (isset($this->statics[$class][$name])) {
                return "$class.$name";
            }
            $class = $this->parents[$class];
        }

        return null;
    }
}
