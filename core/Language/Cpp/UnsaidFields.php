<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\VariableRead;

/** Fields that methods give their objects, which C++ wants to be said in the class (C++17, 12.2). */
final readonly class UnsaidFields
{
    public function __construct(private Program $program, private Classes $classes, private Types $types)
    {
    }

    /** @return array<string, StaticType> what objects keep of which no row says so, and no class above */
    public function of(ClassDefinition $class): array
    {
        $ancestry = $this->classes->ancestry($class->name);
        $fields = $this->types->fieldsOf($this->classes->root($class->name));
        foreach ($this->program->classes() as $one) {
            foreach (\in_array($one->name, $ancestry, true) ? $one->body->statements : [] as $row) {
                if ($row instanceof FieldDeclaration) {
                    unset($fields[$row->name]);
                }
            }
        }
        $above = [];
        foreach (\array_slice($ancestry, 1) as $parent) {
            $above += $this->setIn($parent);
        }
        $below = [];
        foreach ($this->classes->names() as $one) {
            $below += $one !== $class->name && \in_array($class->name, $this->classes->ancestry($one), true) ? $this->setIn($one) : [];
        }
        $own = $this->setIn($class->name);

        return array_intersect_key(array_diff_key($fields, $above), '' === $class->parent || null !== $class->failure() ? $own + array_diff_key($fields, $below) : $own);
    }

    /** @return array<string, true> what a class says that its objects keep, or what its methods and constructors give them */
    private function setIn(string $class): array
    {
        $names = [];
        foreach ($this->program->classNamed($class)?->body->statements ?? [] as $row) {
            $names += $row instanceof FieldDeclaration ? [$row->name => true] : [];
        }
        foreach ($this->program->definitions() as $method) {
            $itself = ClassDefinition::isMaker($class, $method->name) ? $this->program->itself() : $method->itself() ?? '';
            foreach ($method->class() === $class ? $this->program->rowsOf($method) : [] as $row) {
                if ($row instanceof SetItem && $row->target instanceof Field && $row->target->object == new VariableRead($itself)) {
                    $names[$row->target->name] = true;
                }
            }
        }

        return $names;
    }
}
