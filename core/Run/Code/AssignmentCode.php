<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Code;

use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Run\Compiler;
use Scrivlet\Core\Run\Values\ListValue;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangedPlace;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Variables, items and fields that get a value. */
final class AssignmentCode
{
    public function __construct(private readonly Compiler $compiler)
    {
    }

    /** Whether a reference of C++ begins, which is another name for a list, a map or an object. */
    public function isAnotherName(SetVariable $set): bool
    {
        $type = $this->compiler->types->variable($this->compiler->part, $set->variable);

        return $this->compiler->facts->typed && str_ends_with((string) $set->declared, '&') && ($type->isList() || $type->isMap() || $type->isSet() || TypeKind::Copied === $type->kind);
    }

    /** What another name stands for: where a pointer is followed, the thing itself. */
    public static function named(Expression $value): Expression
    {
        return $value instanceof Operation && OperationKey::Followed === $value->key ? $value->arguments[0] : $value;
    }

    /** A variable of C++ that has no value yet; the other languages begin without one. */
    public function declaration(Declaration $declaration): string
    {
        $type = $this->compiler->types->variable($this->compiler->part, $declaration->variable);

        return match ($this->compiler->facts->undefined ? TypeKind::Unknown : $type->kind) {
            TypeKind::Copied => $this->compiler->step($declaration).$this->assign($declaration->variable, $this->compiler->classCode->bare((string) $type->class)),
            TypeKind::Object => $this->compiler->facts->typed ? $this->compiler->step($declaration).$this->assign($declaration->variable, 'null') : '',
            TypeKind::List => $this->compiler->step($declaration).$this->assign($declaration->variable, '$v->list([])'),
            TypeKind::Map => $this->compiler->step($declaration).$this->assign($declaration->variable, '$v->map([])'),
            TypeKind::Text => $this->compiler->facts->typed ? $this->compiler->step($declaration).$this->assign($declaration->variable, "''") : '',
            default => $this->compiler->facts->undefined ? $this->compiler->step($declaration).$this->assign($declaration->variable, 'null') : '',
        };
    }

    /** What a change makes of a value: in Python a list that nothing is known of may grow by it. */
    public function inPlace(Expression $changed, ?Operator $by): string
    {
        $method = $this->compiler->facts->growsInPlace && $changed instanceof Binary ? [Operator::Add->value => 'increased', Operator::Subtract->value => 'decreased'][$by->value ?? ''] ?? null : null;
        $type = null === $method || !$changed instanceof Binary ? null : $this->compiler->types->expression($this->compiler->part, $changed->left);
        if (null === $type || !$changed instanceof Binary || $type->isNumeric() || $type->isTextual()) {
            return $this->compiler->expression($changed);
        }

        return "\$v->$method(".$this->compiler->expression($changed->left).', '.$this->compiler->expression($changed->right).')';
    }

    /**
     * An item becomes another, perhaps from what it was: then its place is found once (The Python Language Reference, 7.2.1;
     * ECMA-262, 13.15.2; C++17, 8.18).
     */
    public function changedItem(SetItem $row): string
    {
        $given = null === $row->operator ? $row->value : new Binary($row->operator, $row->target, $row->value);
        $outer = $this->compiler->foundOnce;
        $found = $this->foundOnce($row->target, null === $row->operator ? $row->value : $row->target);
        if ([] !== $found && null !== $row->operator && $this->compiler->facts->typed && $this->doesSomething($row->value)) {
            // C++ finds what is added before the place that it is added to.
            $inside = $this->compiler->foundOnce;
            $this->compiler->foundOnce = $outer;
            $added = $this->compiler->temporary();
            array_unshift($found, "$added = ".$this->compiler->expression($row->value));
            $this->compiler->foundOnce = [spl_object_id($row->value) => $added] + $inside;
        }
        $code = implode('', array_map(static fn (string $one): string => "$one;\n", $found)).$this->setItem($row->target, $this->inPlace($given, $row->operator), $given);
        $this->compiler->foundOnce = $outer;

        return $code;
    }

    /**
     * What a place needs that is written to, and asked for what was there, found once for both; nothing where that makes no
     * difference. From then on its parts are what was found.
     *
     * @param Expression $asked the same place, or a value that asks for it first
     *
     * @return list<string> code, in the order in which it is done
     */
    public function foundOnce(Expression $target, Expression $asked): array
    {
        $parts = self::partsOf($target);
        if ([] === array_filter($parts, $this->doesSomething(...))) {
            return [];
        }
        $asked = ChangedPlace::before($target, $asked) ?? $asked;
        $again = $target::class === $asked::class ? self::partsOf($asked) : [];
        if ($again != $parts) {
            return [];
        }
        $code = $names = [];
        foreach ($parts as $index => $part) {
            if ($part instanceof NumberLiteral || $part instanceof TextLiteral) {
                continue;
            }
            $kept = $this->compiler->temporary();
            $code[] = "$kept = ".$this->compiler->expression($part);
            $names += [spl_object_id($part) => $kept, spl_object_id($again[$index]) => $kept];
        }
        $this->compiler->foundOnce = $names + $this->compiler->foundOnce;

        return $code;
    }

    /** @return list<Expression> what a place needs, in the order in which it is found */
    private static function partsOf(Expression $target): array
    {
        $parts = [];
        for (; $target instanceof Item || $target instanceof Field; $target = $target instanceof Item ? $target->container : $target->object) {
            if ($target instanceof Item) {
                array_unshift($parts, $target->index);
            }
        }

        return $target instanceof VariableRead ? $parts : [$target, ...$parts];
    }

    /** Whether finding a value may do something, or give another one the next time. */
    private function doesSomething(Expression $value): bool
    {
        foreach (Walk::expressions($value) as $part) {
            $isPlain = $part instanceof VariableRead || $part instanceof NumberLiteral || $part instanceof TextLiteral || $part instanceof Binary || $part instanceof Unary || $part instanceof Operation && OperationKey::Length === $part->key;
            // What an object keeps may be found by a function, unless types tell.
            if (!$isPlain && !($this->compiler->facts->typed && ($part instanceof Item || $part instanceof Field))) {
                return true;
            }
        }

        return false;
    }

    public function setItem(Expression $target, string $value, ?Expression $source = null): string
    {
        if ($target instanceof Field) {
            $kept = $this->compiler->temporary();

            $class = $this->compiler->types->expression($this->compiler->part, $target->object);
            $value = $this->compiler->facts->typed && null !== $class->class ? $this->kept($this->compiler->types->expression($this->compiler->part, $target), $value, $source) : $value;

            return "$kept = $value;\n\$v->keep(".$this->compiler->expression($target->object).', '.var_export($target->name, true).", $kept);\n";
        }
        if (!$target instanceof Item) {
            throw new \LogicException('Only an item is set.');
        }
        $container = $target->container;
        if (!$this->compiler->facts->negativePlaces && $target->index instanceof NumberLiteral && $target->index->value < 0) {
            // Only Python counts places from the end.
            $target = new Item($container, new Binary(Operator::Add, new Operation(OperationKey::Length, [$container]), $target->index));
        }
        if ($this->compiler->facts->growsByPlace) {
            return '$v->put('.$this->compiler->expression($container).', '.$this->compiler->expression($target->index).", $value);\n";
        }
        if ($this->compiler->facts->typed) {
            $value = $this->kept($this->compiler->types->expression($this->compiler->part, $target), $value, $source);
        }
        // Python (Language Reference 6.16) and C++ (C++17, 8.18) find the value before the place.
        $kept = $this->compiler->temporary();
        [$list, $setList] = $this->compiler->numberCode->operand($container);
        [$index, $setIndex] = $this->compiler->numberCode->operand($target->index);
        if (null === $setList) {
            // A number holds nothing, which is said where it is asked.
            return "$kept = $value;\n\$v->put($list, $index, $kept);\n";
        }
        $isThere = "($setList) instanceof \\".ListValue::class.(null === $setIndex ? '' : " & \\is_int($setIndex)")." && isset({$list}->items[$index]) && !{$list}->fixed";

        $told = $this->compiler->record ? " if (null !== {$list}->number) { \$t->placed($list, $index); }" : '';

        return "$kept = $value;\nif ($isThere) { {$list}->items[$index] = $kept;$told } else { \$v->put($list, $index, $kept); }\n";
    }

    public function setSeveral(SetSeveral $set): string
    {
        $code = $this->compiler->step($set);
        $values = [];
        if (1 === \count($set->values)) {
            $all = $this->compiler->temporary();
            $code .= "$all = \$v->apart(".$this->compiler->expression($set->values[0]).', '.\count($set->targets).");\n";
            foreach (array_keys($set->targets) as $index) {
                $values[] = "{$all}[$index]";
            }
        } else {
            foreach ($set->values as $value) {
                $values[] = $kept = $this->compiler->temporary();
                $code .= "$kept = ".$this->compiler->expression($value).";\n";
            }
        }
        foreach ($set->targets as $index => $target) {
            $value = $values[$index] ?? 'null';
            $code .= $target instanceof VariableRead ? $this->assign($target->name, $value) : $this->setItem($target, $value);
        }

        return $code;
    }

    public function assign(string $name, string $value, ?Expression $source = null): string
    {
        $owner = Scopes::PROGRAM === $this->compiler->types->scopes->owner($this->compiler->part, $name) ? $this->compiler->program->script : $this->compiler->part;

        $this->compiler->places->ensure($this->compiler->part, $name);
        if ($this->compiler->facts->streams && $source instanceof Operation && \in_array($source->key, Compiler::WORDS, true) && TypeKind::Letter === $this->compiler->types->variable($owner, $name)->kind) {
            $value = '$this->askLetter()';
        }

        return $this->compiler->variable($name).' = '.$this->cut($name, $this->kept($this->compiler->types->variable($owner, $name), $value, $source)).";\n".$this->changed($name);
    }

    public function changed(string $name): string
    {
        if (!$this->compiler->record) {
            return '';
        }
        $value = $this->told($name, $this->compiler->variable($name));

        return '$t->changes[] = $t->moment; $t->changes[] = '.$this->compiler->places->slot($this->compiler->part, $name)."; \$t->changes[] = $value;\n";
    }

    /** A variable's value as the trace takes it. */
    public function told(string $name, string $variable): string
    {
        $type = $this->compiler->types->variable(Scopes::PROGRAM === $this->compiler->types->scopes->owner($this->compiler->part, $name) ? $this->compiler->program->script : $this->compiler->part, $name);

        if (TypeKind::UnsignedLong === $type->kind && $this->compiler->facts->typed) {
            return "\$v->toldUnsigned($variable)";
        }

        return $type->isNumeric() || $type->isTextual() || StaticType::truth() === $type ? $variable : "\$t->held($variable)";
    }

    /** A number that is put into a variable of few bits keeps the lowest of them (C++20, 7.3.9). */
    public function cut(string $name, string $value): string
    {
        return $this->narrowed($value, $this->compiler->types->bitsOf($this->compiler->part, $name));
    }

    public function narrowed(string $value, int $bits): string
    {
        return !$this->compiler->facts->typed || 0 === $bits ? $value : "\$v->narrowed($value, $bits)";
    }

    /**
     * Which numbers of a value become others where it gets another type: `true` for those that get a point, `false` for those
     * that lose it.
     *
     * @return array<int|string, mixed>|null by place, `*` for all of them: what becomes of it, or of what stands further in
     */
    private static function reals(StaticType $type, StaticType $was, int $depth = 0): ?array
    {
        if ($depth > self::DEEPEST) {
            return null;
        }
        $found = [];
        foreach ([] !== $type->parts ? $type->parts : ($type->isList() || $type->isMap() ? ['*' => $type->element] : []) as $place => $part) {
            $before = $was->parts[$place] ?? $was->element ?? StaticType::unknown();
            $within = match (true) {
                null === $part => null,
                StaticType::number() === $part => $before === $part ? null : true,
                $part->isWhole() && !$part->isWide() => $before === StaticType::number() ? false : null,
                default => self::reals($part, $before, $depth + 1),
            };
            $found += null === $within ? [] : [$place => $within];
        }

        return [] === $found ? null : $found;
    }

    /** How deep lists of lists are looked into. */
    private const DEEPEST = 6;

    /** What becomes of a value when C++ puts it into a variable: numbers take its type, lists and maps are copied. */
    public function kept(StaticType $type, string $value, ?Expression $source = null): string
    {
        if (!$this->compiler->facts->typed) {
            return $value;
        }
        $was = null === $source ? $type : $this->compiler->types->expression($this->compiler->part, $source);
        if (TypeKind::UnsignedLong === $was->kind && StaticType::number() === $type) {
            return "\$v->unsignedReal($value)";
        }
        if ($type->isUnsigned()) {
            $isIt = $type === $was && null !== $source || $type->isWide() && $was->isWhole();

            return $isIt || null === $source ? $value : '$v->unsigned('.(TypeKind::Letter === $was->kind ? "\$v->code($value)" : $value).', '.NumberCode::bitsOf($type).')';
        }
        if ($was->isUnsigned() && $type->isWhole() && !$type->isWide()) {
            return "\$v->signedAgain($value)";
        }
        if (StaticType::number() === $type) {
            return TypeKind::Letter === $was->kind ? "(float) \$v->code($value)" : "(float) \$v->number($value)";
        }
        if ($type->isWhole() && !$was->isWhole() && TypeKind::Unknown !== $was->kind && TypeKind::Mixed !== $was->kind) {
            return TypeKind::Letter === $was->kind ? "\$v->code($value)" : "\$v->toInt($value".($type->isWide() ? ', true' : '').')';
        }
        if ($this->compiler->part instanceof Script && $type->isWhole() && !$type->isWide() && TypeKind::Unknown === $was->kind && ($source instanceof MethodCall || $source instanceof OwnValue || $source instanceof Binary)) {
            // What a function without a name gives shows only when it runs.
            return "\$v->withoutPoint($value)";
        }
        if ($type->isWhole() && !$type->isWide() && $was->isWide()) {
            return "\$v->toInt($value)";
        }
        if (TypeKind::Letter === $type->kind && ($was->isNumeric() || $source instanceof Binary && \in_array($source->operator, [Operator::Add, Operator::Subtract, Operator::Multiply, Operator::TruncDivide, Operator::TruncRemainder], true))) {
            return "\$v->letter($value)";
        }

        if (TypeKind::Object === $was->kind && TypeKind::Object === $type->kind) {
            // What points at a thing points at the same one.
            return $value;
        }

        // What is pointed at becomes a thing of its own.
        $isFollowed = TypeKind::Object === $was->kind && TypeKind::Copied === $type->kind;
        if ($isFollowed && !$this->compiler->classCode->isAbove((string) $type->class)) {
            return "\$v->followed($value)";
        }
        $copy = match (true) {
            $isFollowed => "\$v->followed($value)",
            null !== $source && self::isShared($source) => "\$v->cloned($value)",
            default => $value,
        };
        $reals = null === $source || $was == $type ? null : self::reals($type, $was);
        if (null !== $reals) {
            // Whole numbers in a list of numbers with a point are some, too (C++17, 11.6.4).
            $copy = "\$v->withReals($copy, ".var_export($reals, true).')';
        }
        // Another name for an object is the object.
        $sliced = null !== $source && TypeKind::Copied === $type->kind && $this->compiler->classCode->isAbove((string) $type->class) && !($source instanceof MakeObject && $source->class === $type->class);

        return $sliced ? "\$v->sliced($copy, ".var_export($type->class, true).', '.var_export(($this->compiler->classTable ??= new Classes($this->compiler->program))->fields((string) $type->class), true).')' : $copy;
    }

    /** Whether a value is known elsewhere too, so that whoever keeps it keeps a copy (C++17, 11.6). */
    private static function isShared(Expression $source): bool
    {
        return match (true) {
            $source instanceof Choice => self::isShared($source->then) || self::isShared($source->otherwise),
            $source instanceof Operation => \in_array(ValueOperations::find($source->key)?->result, [Result::Item, Result::Value], true),
            default => $source instanceof VariableRead || $source instanceof Item || $source instanceof OwnValue || $source instanceof Field || $source instanceof MethodCall,
        };
    }
}
