<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\BracePrinter;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Classes, their members and objects: C++17 (ISO/IEC 14882:2017), clauses 12 and 15. */
abstract class CppClassPrinter extends BracePrinter
{
    abstract protected function resultType(FunctionDefinition $function): string;

    abstract protected function parameterType(FunctionDefinition $function, string $name): string;

    abstract protected function braced(ListLiteral|MapLiteral $literal): string;

    final protected function typed(StaticType $type): string
    {
        return $this->hasPlainPointers() ? (string) preg_replace('/\bshared_ptr<([\w:]+)>/', '$1 *', TypeNames::write($type)) : TypeNames::write($type);
    }

    /** What makes the parent's part of the maker that is being printed; it stands in its head, and not among its rows. */
    protected ?string $partMade = null;
    private ?bool $hasPlainPointers = null;
    private ?Constructors $constructors = null;

    protected function classDefinition(ClassDefinition $class): void
    {
        $this->line($class, 'head', 'struct '.$this->name($class->name).('' === $class->parent ? '' : ' : '.$this->parent($class)).' {');
        foreach ((new UnsaidFields($this->program, $this->classes(), $this->types))->of($class) as $name => $type) {
            $this->inside(fn () => $this->line($class, 'enter', $this->typed($type).' '.$this->name($name).';'));
        }
        $rows = $class->body->statements;
        foreach ($rows as $index => $row) {
            $this->inside(fn () => $row instanceof SetVariable && !$row->off
                ? $this->line($row, 'head', 'static inline '.($row->declared ?? $this->typed($this->types->variable($this->program->script, $row->variable))).' '.substr($row->variable, \strlen($class->name) + 1).' = '.$this->expression($row->value).';')
                : $this->statement($row));
            if ($row instanceof FunctionDefinition && isset($rows[$index + 1])) {
                $this->line($row, 'gap', '');
            }
        }
        $this->line($class, 'close', '};');
    }

    private function fieldType(FieldDeclaration $field): string
    {
        foreach ($this->program->classes() as $class) {
            if (\in_array($field, $class->body->statements, true)) {
                return $this->typed($this->types->fieldsOf($this->classes()->root($class->name))[$field->name] ?? StaticType::unknown());
            }
        }

        return 'auto';
    }

    /**
     * The rows of a function, and what stands in the head of a constructor instead of the first of them: what makes the part of
     * its parent, or another constructor to which it leaves it all (C++17, 15.6.2).
     *
     * @return array{list<Statement>, string|null}
     */
    final protected function rowsAndPart(FunctionDefinition $function): array
    {
        $rows = $this->constructors()->rows($function);
        $left = $this->constructors()->leftTo($function);
        if (null !== $left) {
            return [$rows, $this->expression($left)];
        }
        $isConstructor = ClassDefinition::MAKES === $function->shortName() || null !== $this->constructors()->classOf($function->name);
        $part = $isConstructor && isset($rows[0]) ? $this->partOfParent($rows[0], $function) : null;

        return [null === $part ? $rows : \array_slice($rows, 1), $part];
    }

    private function partOfParent(Statement $first, FunctionDefinition $function): ?string
    {
        if ($first instanceof OwnCall && str_ends_with($first->function, '.'.ClassDefinition::MAKES)) {
            return $this->name((string) strstr($first->function, '.', true)).'('.$this->listed(\array_slice($first->arguments, 1)).')';
        }
        $operation = $first instanceof Perform && $first->value instanceof Operation ? $first->value : null;
        $made = OperationKey::Overwrite === $operation?->key ? $operation->arguments[1] : null;
        if ($made instanceof OwnValue && null !== $this->constructors()->classOf($made->function)) {
            return $this->expression($made);
        }
        $failure = OperationKey::SayFailing === $operation?->key ? $this->classes()->failure($function->class()) : null;

        return null === $failure ? null : FailureNames::thrown(Language::Cpp, $failure).'('.$this->expression($operation->arguments[1] ?? new TextLiteral('')).')';
    }

    /** Whether a function puts an object into a stream, and is no method: it stands apart, or a typed text says it so. */
    final protected function isStreamed(FunctionDefinition $function): bool
    {
        return ClassDefinition::SHOWS === $function->shortName() && ($this->isApart($function) || $this->analysis->says('operator'));
    }

    /** Whether an operator is typed as a function that is handed both of what it stands between, and no method (C++17, 16.5). */
    final protected function isFree(FunctionDefinition $function): bool
    {
        return '' !== $function->class() && str_starts_with((string) MethodNames::of($function->shortName()), 'operator') && $this->analysis->says('operator') && null !== $function->itself() && $this->analysis->says($function->itself());
    }

    final protected function isApart(FunctionDefinition $method): bool
    {
        foreach ([...$this->program->functions, ...$this->program->below] as $row) {
            if ($row->id === $method->id) {
                return true;
            }
        }

        return false;
    }

    final protected function methodSignature(FunctionDefinition $method): string
    {
        $parameters = [];
        foreach ($method->given() as $name) {
            $default = isset($method->defaults[$name]) ? ' = '.$this->expression($method->defaults[$name]) : '';
            $parameters[] = ($method->types[$name] ?? $this->parameterType($method, $name)).' '.$this->name($name).$default;
        }
        $given = '('.implode(', ', $parameters).')';
        $part = $this->partMade;
        if (ClassDefinition::MAKES === $method->shortName() || null !== $this->constructors()->classOf($method->name)) {
            return ($this->isApart($method) ? $this->name($method->class()).'::' : '').$this->name($method->class()).$given.(null === $part ? '' : " : $part");
        }

        if (ClassDefinition::GOES === $method->shortName()) {
            return 'virtual ~'.$this->name($method->class()).'()';
        }
        if ('@truth' === $method->shortName()) {
            return 'explicit '.($this->isApart($method) ? $this->name($method->class()).'::' : '').'operator bool()';
        }
        if ($this->isApart($method)) {
            return $this->resultType($method).' '.$this->name($method->class()).'::'.(MethodNames::of($method->shortName()) ?? $this->name($method->shortName())).$given;
        }

        return ($method->isShared() ? 'static ' : ($this->isInherited($method->class()) ? 'virtual ' : '')).$this->resultType($method).' '.(MethodNames::of($method->shortName()) ?? $this->name($method->shortName())).$given;
    }

    /** Whether a class has one above or below it, so that what a method does is told by the object. */
    private function isInherited(string $class): bool
    {
        return [] !== array_filter($this->program->classes(), static fn (ClassDefinition $other): bool => $other->parent === $class || $other->name === $class && '' !== $other->parent);
    }

    protected function ofClass(string $name): string
    {
        [$class, $own] = explode('.', $name, 2) + [1 => ''];

        return str_replace('.', '::', $class.'.'.($this->analysis->spelled($own) ?? $own));
    }

    final protected function hasPlainPointers(): bool
    {
        return $this->hasPlainPointers ??= PlainPointers::areUsed($this->program);
    }

    protected function variable(VariableRead $read, int $around): string
    {
        return $this->isItself($read) ? $this->bracket('*this', self::UNARY, $around) : parent::variable($read, $around);
    }

    final protected function isItself(VariableRead $read): bool
    {
        // What shows an object stands apart, and is given it.
        return $this->part instanceof FunctionDefinition && !$this->isStreamed($this->part) && !$this->isFree($this->part) && $read->name === $this->itself();
    }

    protected function itself(): ?string
    {
        $method = $this->method();

        return null === $method ? null : $this->constructors()->itself($method) ?? $method->itself();
    }

    final protected function constructors(): Constructors
    {
        $wasTyped = isset($this->program->handwriting[Language::Cpp->value]);

        return $this->constructors ??= Constructors::of($this->program, $wasTyped ? null : fn (FunctionDefinition $function): string => implode(', ', array_map(fn (string $name): string => TypeNames::bare($function->types[$name] ?? $this->parameterType($function, $name)), $function->given())));
    }

    /** Behind what is pointed at stands an arrow. */
    protected function pointed(Expression $object): string
    {
        $isShown = false;
        if ($object instanceof VariableRead && $this->part instanceof FunctionDefinition && $object->name === $this->itself()) {
            $isShown = $this->isStreamed($this->part) || $this->isFree($this->part);
            if (!$isShown) {
                return '';
            }
        }

        return $this->operand($object, self::POSTFIX).($isShown || TypeKind::Copied === $this->type($object)->kind ? '.' : '->');
    }

    private function madeObject(MakeObject $made): string
    {
        $way = $made->asMade();
        $way = null === $way || null === $this->constructors()->classOf($way->function) ? null : $way;
        $arguments = $this->listed($way->arguments ?? $made->arguments);
        if (!$made->copied && $this->hasPlainPointers()) {
            return 'new '.$this->name($made->class).(null === $way && null === $this->classes()->method($made->class, ClassDefinition::MAKES) ? '{'.$arguments.'}' : "($arguments)");
        }
        if (!$made->copied) {
            return 'make_shared<'.$this->name($made->class).">($arguments)";
        }

        // Only braces fill the fields of what has no constructor (C++17, 11.6.1).
        return $this->name($made->class).(null === $this->classes()->method($made->class, ClassDefinition::MAKES) ? '{'.$arguments.'}' : "($arguments)");
    }

    final protected function objectValue(Expression $expression, int $around): ?string
    {
        return match (true) {
            $expression instanceof MakeObject => $this->madeObject($expression),
            $expression instanceof MethodCall && (MethodCall::CALL === $expression->method || '@called' === $expression->method) => $this->operand($expression->object, self::POSTFIX).'('.$this->listed($expression->arguments).')',
            $expression instanceof MethodCall => $this->pointed($expression->object).(MethodNames::of($expression->method) ?? $this->name($expression->method)).'('.$this->listed($expression->arguments).')',
            $expression instanceof Field => ('' === ($before = $this->pointed($expression->object)) && $this->part instanceof FunctionDefinition && \in_array($expression->name, $this->part->parameters, true) ? 'this->' : $before).$this->name($expression->name),
            $expression instanceof KindTest => $this->bracket('dynamic_pointer_cast<'.$this->name(ltrim($expression->kind, '@')).'>('.$this->expression($expression->value).') != nullptr', self::COMPARED - 1, $around),
            default => null,
        };
    }

    protected function field(FieldDeclaration $field): void
    {
        [$type, $value] = DeclaredValues::typed($field->type ?? $this->fieldType($field), $field->value ?? new NothingLiteral());
        $given = null === $field->value ? '' : DeclaredValues::behind($type, $value, fn (Expression $part): string => $this->expression($part));
        // A field is given nothing in round brackets (C++17, 12.2).
        $given = null === $given || str_starts_with($given, '(') ? ' = '.($value instanceof ListLiteral || $value instanceof MapLiteral ? $this->braced($value) : $this->expression($value)) : $given;
        $this->line($field, 'head', "$type {$this->name($field->name)}$given;");
    }
}
