<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\ReferenceParameters;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Run\Absent;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Run\Values\ListValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\VariableRead;

/** Functions and methods of the program that are called, and what they are handed. */
final class CallCode
{
    /** @var array<int, list<string>> parameters by which a function changes variables of its caller, by the function's id */
    private array $givenBack = [];

    public function __construct(private readonly Compiler $compiler)
    {
    }

    /** @param list<Expression> $arguments */
    public function call(string $function, array $arguments): string
    {
        $definition = $this->compiler->program->functionNamed($function);
        // A variable of the same name is nearer.
        $isHidden = null !== $definition && !$this->compiler->program->sees($this->compiler->part, $definition) && isset($this->compiler->types->scopes->globals[$function]);
        if (null === $definition || $isHidden || isset($this->compiler->inner[$function]) || Scopes::PROGRAM !== $this->compiler->types->scopes->owner($this->compiler->part, $function)) {
            $called = $this->compiler->read($function);

            return '$this->callValue('.($this->compiler->facts->undefined ? "\$this->toCall($called, ".var_export($function, true).')' : $called).self::behind($arguments, array_map($this->compiler->expression(...), $arguments)).')';
        }
        if ([] !== array_filter($arguments, static fn (Expression $argument): bool => $argument instanceof Operation && \in_array($argument->key, [OperationKey::Spread, OperationKey::ByName, OperationKey::ByNames], true))) {
            // Which parameter gets which of them shows only when it is called.
            return $this->compiler->expression(new MethodCall(new FunctionReference($function), MethodCall::CALL, $arguments));
        }
        $passed = $before = $after = [];
        if ($this->isMiscounted($definition, $arguments)) {
            $needed = \count(array_filter($definition->parameters, static fn (string $parameter): bool => !isset($definition->defaults[$parameter])));

            return '$this->miscounted('.var_export($function, true).', '.var_export($definition->parameters, true).", $needed".self::behind($arguments, array_map($this->compiler->expression(...), $arguments)).')';
        }
        foreach ($arguments as $index => $argument) {
            $parameter = $definition->parameters[$index] ?? null;
            if (null === $parameter) {
                break;
            }
            if ($argument instanceof NothingLiteral && $argument->undefined && isset($definition->defaults[$parameter]) && $this->compiler->functionCode->knowsNone()) {
                $passed[] = '\\'.Absent::class.'::Value';
                continue;
            }
            if ($this->isReference($definition, $parameter)) {
                $passed[] = $this->reference($argument, $before, $after);
                continue;
            }
            $passed[] = $this->compiler->assignmentCode->kept($this->compiler->types->variable($definition, $parameter), $this->compiler->expression($argument), isset($definition->types[$parameter]) && 1 !== preg_match('/[&*]$/D', $definition->types[$parameter]) ? $argument : null);
        }
        foreach (\array_slice($definition->parameters, \count($passed)) as $parameter) {
            if ($parameter === $definition->rest) {
                $passed[] = $this->compiler->facts->tuples ? 'new \\'.ListValue::class.'([], true)' : '$v->list([])';
            } elseif (!isset($definition->defaults[$parameter]) || '' !== $definition->rest) {
                $passed[] = isset($definition->defaults[$parameter]) && $this->compiler->functionCode->knowsNone() ? '\\'.Absent::class.'::Value' : 'null';
            }
        }

        $index = (int) array_search($function, $this->compiler->functions, true);
        if (!$this->compiler->program->sees($this->compiler->part, $definition)) {
            return '$this->missing('.var_export($function, true).')';
        }
        $isInside = null !== $this->compiler->program->around($definition);
        $call = ($isInside ? "(\$n$index ?? \$this->missing(".var_export($function, true).'))' : "\$this->f$index").'('.implode(', ', ['$d + 1', ...$passed]).')';

        if ([] !== $before) {
            $call = '['.implode(', ', [...$before, $call, ...$after]).']['.\count($before).']';
        }

        return \in_array($index, $this->compiler->between, true) ? "(\$this->k$index ? $call : \$this->missing(".var_export($function, true).'))' : $call;
    }

    /**
     * Whether the machine stops at a call, as it is given more or fewer values than the function takes. What another language
     * leaves out is written in this one.
     *
     * @param list<Expression> $arguments
     */
    private function isMiscounted(FunctionDefinition $function, array $arguments): bool
    {
        if (!$this->compiler->isTypedInItsLanguage() || $this->compiler->facts->undefined || $this->compiler->facts->typed || '' !== $function->rest || '' !== self::takesOthers($function) || self::spreads($arguments)) {
            return false;
        }
        foreach (\array_slice($function->parameters, \count($arguments)) as $parameter) {
            if (!isset($function->defaults[$parameter])) {
                return true;
            }
        }

        return \count($arguments) > \count($function->parameters);
    }

    /** @return list<FunctionDefinition> the methods that a call may reach: of the object's class, those above it, and those that are kinds of it */
    private function methodsMeant(MethodCall $call): array
    {
        $class = $this->compiler->types->expression($this->compiler->part, $call->object)->class;
        $classes = $this->compiler->classTable ??= new Classes($this->compiler->program);
        $above = null === $class ? [] : $classes->ancestry($class);

        return array_values(array_filter($this->compiler->definitions, static fn (FunctionDefinition $one): bool => '' !== $one->class() && $one->shortName() === $call->method
            && (null === $class || \in_array($one->class(), $above, true) || \in_array($class, $classes->ancestry($one->class()), true))));
    }

    public function sent(MethodCall $call): string
    {
        $head = $this->compiler->expression($call->object).', '.var_export($call->method, true).', $d';
        // Which class the object is of shows only when it runs: what any of their methods changes is handed over itself.
        $methods = !$this->compiler->facts->typed ? [] : $this->methodsMeant($call);
        $passed = $before = $after = [];
        $changes = false;
        foreach ($call->arguments as $index => $argument) {
            $code = null;
            foreach ($methods as $method) {
                $parameter = $method->parameters[$index + 1] ?? null;
                if (null === $code && null !== $parameter && $this->isReference($method, $parameter) && ($argument instanceof VariableRead || $argument instanceof Item || $argument instanceof Field || $argument instanceof Operation && OperationKey::ValueOrPut === $argument->key)) {
                    $code = '&'.$this->reference($argument, $before, $after);
                    $changes = true;
                } elseif (null === $code && null !== $parameter && isset($method->types[$parameter]) && 1 !== preg_match('/[&*]$/D', $method->types[$parameter])) {
                    $code = $this->compiler->assignmentCode->kept($this->compiler->types->variable($method, $parameter), $this->compiler->expression($argument), $argument);
                }
            }
            $passed[] = $code ?? $this->handedOver($argument);
        }
        if ([] === $call->arguments && [] !== array_filter($this->compiler->definitions, static fn (FunctionDefinition $one): bool => 'asked' === $one->sort && '' !== $one->class() && $one->shortName() === $call->method)) {
            return "\$this->got($head)";
        }
        if (1 === \count($passed) && [] !== array_filter($this->compiler->definitions, static fn (FunctionDefinition $one): bool => 'set' === $one->sort && $one->shortName() === $call->method)) {
            return "\$this->keptBy($head, $passed[0])";
        }
        if (!$changes) {
            return '$this->sent('.$head.self::behind($call->arguments, $passed).')';
        }
        $made = "\$this->sentWith($head, [".implode(', ', $passed).'])';

        return [] === $before ? $made : '['.implode(', ', [...$before, $made, ...$after]).']['.\count($before).']';
    }

    /**
     * What C++ hands over as the variable itself: an item or a field is taken out before the call, and put back after it.
     *
     * @param list<string> $before code that runs before the call
     * @param list<string> $after  and behind it
     */
    private function reference(Expression $argument, array &$before, array &$after): string
    {
        if ($argument instanceof VariableRead) {
            return $this->compiler->variable($argument->name);
        }
        $kept = $this->compiler->temporary();
        if ($argument instanceof Field) {
            [$object, $name] = [$this->compiler->temporary(), var_export($argument->name, true)];
            array_push($before, "$object = ".$this->compiler->expression($argument->object), "$kept = \$v->field($object, $name)");
            $after[] = "\$v->keep($object, $name, $kept)";

            return $kept;
        }
        // What a map of C++ has for a key is there as soon as it is asked for (C++17, 26.4.4.3).
        $isMade = $argument instanceof Operation && OperationKey::ValueOrPut === $argument->key;
        if ($argument instanceof Operation && \in_array($argument->key, [OperationKey::First, OperationKey::Last], true) && Given::isPlace($argument->arguments[0])) {
            // `front()` and `back()` give the item itself (C++17, 26.2.3).
            [$list, $index] = [$this->compiler->temporary(), $this->compiler->temporary()];
            array_push($before, "$list = ".$this->compiler->expression($argument->arguments[0]), "$index = ".(OperationKey::First === $argument->key ? '0' : "(int) \$v->length($list) - 1"), "$kept = \$v->item($list, $index)");
            $after[] = "\$v->put($list, $index, $kept)";

            return $kept;
        }
        if (!$argument instanceof Item && !$isMade) {
            $before[] = "$kept = ".$this->compiler->expression($argument);

            return $kept;
        }
        [$list, $index] = [$this->compiler->temporary(), $this->compiler->temporary()];
        [$container, $at] = $argument->operands();
        if ($argument instanceof Item && Given::isPlace($container) && $this->compiler->types->expression($this->compiler->part, $container)->isTextual()) {
            // A letter put back makes another text (C++17, 24.3.2.5).
            $found = $put = [];
            $text = $this->reference($container, $found, $put);
            array_push($before, ...[...$found, "$index = ".$this->compiler->expression($at), "$kept = \$v->item($text, $index)"]);
            array_push($after, ...["$text = \$v->withLetter($text, $index, $kept)", ...$put]);

            return $kept;
        }
        $found = $isMade ? "\$v->valueOrPut($list, $index, ".$this->compiler->expression($argument->operands()[2]).')' : "\$v->item($list, $index)";
        array_push($before, "$list = ".$this->compiler->expression($container), "$index = ".$this->compiler->expression($at), "$kept = $found");
        $after[] = "\$v->put($list, $index, $kept)";

        return $kept;
    }

    /** One of the program's own functions as a value. */
    public function handed(string $function): string
    {
        $definition = $this->compiler->program->functionNamed($function);
        $index = (int) array_search($function, $this->compiler->functions, true);
        if (null === $definition || !$this->compiler->program->sees($this->compiler->part, $definition)) {
            return '$this->missing('.var_export($function, true).')';
        }
        $most = \count($definition->parameters);
        $code = null === $this->compiler->program->around($definition) ? "\$this->f$index(...)" : "(\$n$index ?? \$this->missing(".var_export($function, true).'))';

        $rest = '' === $definition->rest ? '' : ', '.(int) array_search($definition->rest, $definition->parameters, true);

        $named = '';
        if ($this->givesByName()) {
            $others = self::takesOthers($definition);
            $named = ('' === $rest ? ', null' : '').', '.var_export($definition->parameters, true).', '.var_export($others, true);
        }
        $handed = "\$this->handed($code, ".($most - \count($definition->defaults)).", $most$rest$named)";
        $name = $this->compiler->functionCode->nameWritten($definition);

        $handed = $this->compiler->facts->namesByVariable && 1 === preg_match(Compiler::UNNAMED, $name) ? $handed : "\$v->named($handed, ".var_export($name, true).')';

        $handed = 'tied' === $definition->sort ? "\$v->knowing($handed)" : $handed;

        // A function is one value, wherever it is asked for.
        return null === $this->compiler->program->around($definition) ? "(\$this->handedOver[$index] ??= $handed)" : "(\$w$index ??= $handed)";
    }

    /** What is called, as what it is kept in has it, where functions say what they are called of. */
    public function calledOf(Expression $function): string
    {
        if (!$function instanceof Item && !$function instanceof Field || [] === array_filter($this->compiler->definitions, static fn (FunctionDefinition $one): bool => 'tied' === $one->sort)) {
            return $this->compiler->expression($function);
        }
        $object = $this->compiler->temporary();
        $kept = $function instanceof Field ? "\$v->field($object, ".var_export($function->name, true).')' : "\$v->item($object, ".$this->compiler->expression($function->index).')';

        return "\$v->calledOn([$object = ".$this->compiler->expression($function instanceof Field ? $function->object : $function->container).", $kept][1], $object)";
    }

    /**
     * Code of values, behind other values: PHP takes nothing behind what is unpacked.
     *
     * @param list<Expression> $arguments
     * @param list<string>     $codes     theirs
     */
    public static function behind(array $arguments, array $codes): string
    {
        return [] === $codes ? '' : (self::spreads($arguments) ? ', ...['.implode(', ', $codes).']' : ', '.implode(', ', $codes));
    }

    /** @param list<Expression> $values */
    public static function spreads(array $values): bool
    {
        foreach ($values as $value) {
            if ($value instanceof Operation && (OperationKey::Spread === $value->key || OperationKey::ByNames === $value->key)) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Expression> $expressions */
    public function listed(array $expressions): string
    {
        return implode(', ', array_map($this->compiler->expression(...), $expressions));
    }

    /** A value that a method is given; what was left out between others has its default. */
    public function handedOver(Expression $argument): string
    {
        return $argument instanceof NothingLiteral && $argument->undefined && $this->compiler->functionCode->knowsNone() ? '\\'.Absent::class.'::Value' : $this->compiler->expression($argument);
    }

    /** Whether what a function gives may be nothing: a pointer, or what is there perhaps (C++17, 23.6). */
    public function mayBeNothing(string $function): bool
    {
        $type = $this->compiler->program->functionNamed($function)->types[''] ?? '';

        return \in_array($this->compiler->types->result($function)->kind, [TypeKind::Object, TypeKind::MaybeWhole], true) || 1 === preg_match('/\*$|^(?:optional|shared_ptr|unique_ptr)\b/D', $type);
    }

    /**
     * Whether C++ hands over the variable itself; lists are objects, which need no reference here. In other languages a
     * function gives back what it changed, and its caller takes it over, which does the same.
     */
    public function isReference(FunctionDefinition|Script|Handler $part, string $parameter): bool
    {
        if (!$part instanceof FunctionDefinition || !str_ends_with($part->types[$parameter] ?? '', '&')) {
            return false;
        }
        if ($this->compiler->facts->typed) {
            return !str_starts_with($part->types[$parameter], 'const') && null === $this->compiler->types->variable($part, $parameter)->element;
        }

        return \in_array($parameter, $this->givenBack[$part->id] ??= $part->givesValue() ? [] : ReferenceParameters::of($this->compiler->program, $part, $this->compiler->types), true);
    }

    /** The parameter of a function for all that is given by names which no other has; '' for none. */
    public static function takesOthers(?FunctionDefinition $function): string
    {
        return (string) (array_keys($function->defaults ?? [], new Operation(OperationKey::AllNamed))[0] ?? '');
    }

    /** Whether functions that are values are given something by its name anywhere. */
    private function givesByName(): bool
    {
        return $this->compiler->operationCode->uses(OperationKey::ByName, OperationKey::ByNames) || [] !== array_filter($this->compiler->program->definitions(), static fn (FunctionDefinition $function): bool => '' !== self::takesOthers($function));
    }
}
