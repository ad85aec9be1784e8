<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** Functions that make objects of a class in one of several ways, which are constructors in C++ (C++17, 15.1). */
final readonly class Constructors
{
    /** @param array<string, string> $classes the class of each of them, by its name */
    private function __construct(private array $classes, private string $itself)
    {
    }

    /** @param (\Closure(FunctionDefinition): string)|null $types what tells two of a class apart; null where they were typed as constructors, and so are told apart */
    public static function of(Program $program, ?\Closure $types): self
    {
        $itself = $program->itself();
        $found = [];
        foreach ($program->classes() as $class) {
            $known = [];
            $ofClass = [];
            foreach ($program->definitions() as $function) {
                if ($function->class() !== $class->name || !ClassDefinition::isMaker($class->name, $function->name) && ClassDefinition::MAKES !== $function->shortName()) {
                    continue;
                }
                $isSeveral = ClassDefinition::MAKES !== $function->shortName();
                if (null === $types) {
                    $ofClass += $isSeveral && self::makesItself($function, $itself) ? [$function->name => $class->name] : [];
                    continue;
                }
                $told = $types($function);
                // What would be called for each copy is no way to make one (C++17, 15.8.1).
                if (isset($known[$told]) || $told === $class->name || $isSeveral && !self::makesItself($function, $itself)) {
                    continue 2;
                }
                $known[$told] = true;
                $ofClass += $isSeveral ? [$function->name => $class->name] : [];
            }
            $found += $ofClass;
        }

        return new self($found, $itself);
    }

    /** The class of which a function makes an object; null where it is no constructor, or the only one. */
    public function classOf(string $function): ?string
    {
        return $this->classes[$function] ?? null;
    }

    /** What a constructor calls the object that it makes; null for any other function. */
    public function itself(FunctionDefinition $function): ?string
    {
        return isset($this->classes[$function->name]) ? $this->itself : null;
    }

    /** Another constructor to which one leaves the making (C++17, 15.6.2). */
    public function leftTo(FunctionDefinition $function): ?OwnValue
    {
        $first = isset($this->classes[$function->name]) ? $function->body->statements[0] ?? null : null;

        return $first instanceof SetVariable && $first->variable === $this->itself && $first->value instanceof OwnValue ? $first->value : null;
    }

    /**
     * The rows of a constructor that it has in C++: there the object is there already, and given back by nobody.
     *
     * @return list<Statement>
     */
    public function rows(FunctionDefinition $function): array
    {
        return isset($this->classes[$function->name]) ? \array_slice($function->body->statements, 1, -1) : $function->body->statements;
    }

    private static function makesItself(FunctionDefinition $function, string $itself): bool
    {
        $rows = $function->body->statements;
        $first = $rows[0] ?? null;
        $last = $rows[\count($rows) - 1] ?? null;
        $isMade = $first instanceof SetVariable && $first->variable === $itself && !$first->off
            && ($first->value instanceof MakeObject && [] === $first->value->arguments && $first->value->class === $function->class() || $first->value instanceof OwnValue && ClassDefinition::isMaker($function->class(), $first->value->function));

        return $function->isShared() && $isMade && $last instanceof GiveBack && !$last->off && $last->value == new VariableRead($itself);
    }
}
