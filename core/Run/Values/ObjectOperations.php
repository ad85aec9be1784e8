<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Brick\Math\BigInteger;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Python\PythonNames;
use Scrivlet\Core\Run\Absent;
use Scrivlet\Core\Run\RunError;
use Scrivlet\Core\Tree\ClassDefinition;

/** Objects of the program's own classes: what they keep, and how they show. */
trait ObjectOperations
{
    /** @var (\Closure(MapValue, string, mixed...): mixed)|null has a method of an object's class run */
    public ?\Closure $asks = null;
    /** @var (\Closure(MapValue, string): bool)|null */
    public ?\Closure $knows = null;
    /** @var \WeakMap<\Closure, array{MapValue, string}>|null objects and names of methods that are values */
    private ?\WeakMap $methods = null;
    /** @var (\Closure(MapValue, string): bool)|null whether a method of an object is written like something that it keeps */
    public ?\Closure $readsAs = null;

    /** @var (\Closure(MapValue, MapValue, string): bool)|null whether the second is of a class below that of the first, and has a method of its own */
    public ?\Closure $comesFirst = null;

    /** @var (\Closure(MapValue, string): mixed)|null gives what the class of an object shares under a name, or Absent */
    public ?\Closure $shares = null;

    /** Whether a value is an object whose class has a method. */
    protected function can(mixed $value, string $method): bool
    {
        return $value instanceof MapValue && '' !== $value->class && null !== $this->knows && ($this->knows)($value, $method);
    }

    protected function asked(mixed $object, string $method, mixed ...$arguments): mixed
    {
        $value = null === $this->asks || !$object instanceof MapValue ? null : ($this->asks)($object, $method, ...$arguments);

        return Nothing::NotTaken === $value && $object instanceof MapValue ? $this->askedOther($object, $method, $arguments[0] ?? null) : $value;
    }

    /** By method: what the other object is asked then, and the sign that both stand beside. */
    private const OTHERS = ['@equal' => ['@equal', '=='], '@less' => ['@greater', '<'], '@greater' => ['@less', '>'], '@less_or_equal' => ['@greater_or_equal', '<='], '@greater_or_equal' => ['@less_or_equal', '>='], '@add' => ['@added_to', '+'], '@multiply' => ['@multiplied_by', '*'], '@subtract' => ['@subtracted_from', '-'], '@divide' => ['@divided_into', '/'], '@floor_divide' => [null, '//'], '@floor_remainder' => [null, '%']];

    /**
     * Where an object is not made for the other one, that one is asked (The Python Language Reference, 3.3.1 and 3.3.8).
     *
     * @throws RunError if none of both is made for the other, but for whether they are equal
     */
    private function askedOther(MapValue $object, string $method, mixed $other): mixed
    {
        [$asked, $sign] = self::OTHERS[$method] ?? throw new RunError('not_a_number', ['value' => '']);
        $value = null !== $asked && null !== $this->asks && $other instanceof MapValue && $this->can($other, $asked) ? ($this->asks)($other, $asked, $object) : Nothing::NotTaken;
        if (Nothing::NotTaken !== $value) {
            return $value;
        }
        if ('@equal' === $method) {
            return $object === $other;
        }
        [$one, $two] = [self::className($object), self::className($other)];

        throw new RunError('not_a_number', ['value' => mb_substr($this->show($other), 0, 30)], \in_array($sign, ['<', '>', '<=', '>='], true) ? "'$sign' not supported between instances of '$one' and '$two'" : "unsupported operand type(s) for $sign: '$one' and '$two'");
    }

    /** What a pointer points at, as a thing of its own. */
    public function followed(mixed $thing): mixed
    {
        return $thing instanceof MapValue && '' !== $thing->class ? $this->likeThat($thing, true) : $thing;
    }

    /**
     * Another object that keeps the same (C++17, 15.8.1).
     *
     * @param bool $copied whether it is copied itself wherever it is handed on
     */
    public function likeThat(mixed $object, bool $copied): MapValue
    {
        if (!$object instanceof MapValue) {
            throw new RunError('nothing_keeps', ['name' => '*']);
        }
        $was = $object->copied;
        $object->copied = true;
        $copy = $this->cloned($object);
        $object->copied = $was;
        \assert($copy instanceof MapValue);
        $copy->copied = $copied;

        return $copy;
    }

    public function itself(mixed $thing): mixed
    {
        return $thing;
    }

    public function fieldOf(mixed $object, mixed $name): mixed
    {
        $name = self::text_($name);
        if (!$this->facts->asksObjects || !$object instanceof MapValue || isset($object->entries["t$name"]) || !$this->can($object, $name)) {
            return $this->field($object, $name);
        }

        return null !== $this->readsAs && ($this->readsAs)($object, $name) ? $this->asked($object, $name) : $this->methodOf($object, $name);
    }

    /** A method with its object; what else the object keeps, or nothing, where its class has none of that name. */
    public function methodAsked(mixed $object, mixed $name): mixed
    {
        if ($this->facts->nullBeside) {
            return $this->item($object, $name);
        }

        $name = self::text_($name);
        $kept = $object instanceof MapValue ? $object->entries["t$name"][1] ?? null : null;

        return null === $kept && $this->can($object, $name) ? $this->methodOf($object, $name) : $kept;
    }

    public function setField(mixed $object, mixed $name, mixed $value): void
    {
        $this->keep($object, self::text_($name), $value);
    }

    /** Whether nothing at all can be asked of it in the program's language: `undefined` and `null` keep no properties (ECMAScript 2022, 7.3.3). */
    public function keepsNothing(mixed $object): bool
    {
        return $this->facts->nullBeside && (null === $object || $object instanceof Nothing);
    }

    public function noField(mixed $object, string $name): RunError
    {
        return $this->keepsNothing($object) ? new RunError('nothing_keeps', ['name' => $name], 'Cannot read properties of '.(null === $object ? 'undefined' : 'null')." (reading '$name')") : new RunError('no_field', ['name' => $name], $this->facts->asksObjects ? "'".self::className($object)."' object has no attribute '$name'" : null);
    }

    /** What an object keeps under a name. */
    public function field(mixed $object, string $name): mixed
    {
        if ($object instanceof ListValue && false !== $place = array_search($name, $object->names, true)) {
            return $object->items[$place] ?? null;
        }
        if (!$object instanceof MapValue) {
            throw $this->noField($object, $name);
        }
        if ('size' === $name && \in_array($object->sort, ['Map', 'set'], true)) {
            // They count what they hold, whatever objects of the program keep under that name (ECMA-262, 24.1.3.10).
            return $this->count_(\count($object->entries));
        }
        $entry = $object->entries["t$name"] ?? null;
        if (null === $entry && '' !== $object->class && $this->facts->asksObjects && null !== $this->shares && Absent::Value !== $shared = ($this->shares)($object, $name)) {
            return $shared;
        }
        if (null === $entry && $this->facts->undefined && 'message' === $name && isset($object->entries['t'.MapValue::SAYS])) {
            // What a failure of the program's own says (ECMAScript 2022, 20.5.3.3).
            return $object->entries['t'.MapValue::SAYS][1];
        }
        if (null === $entry && !$this->facts->undefined) {
            throw new RunError('no_field', ['name' => $name], "'$object->class' object has no attribute '$name'");
        }

        return $entry[1] ?? null;
    }

    /** A method with the object that it is asked of, or what the object keeps under that name. */
    public function methodOf(mixed $object, mixed $name): mixed
    {
        $name = self::text_($name);
        if (!$object instanceof MapValue || isset($object->entries["t$name"]) || !$this->can($object, $name)) {
            return $this->field($object, $name);
        }
        $asks = $this->asks;

        $method = $this->named(static fn (mixed ...$given): mixed => null === $asks ? null : $asks($object, $name, ...$given), $name);
        $this->methods ??= new \WeakMap();
        $this->methods[$method] = [$object, $name];

        return $method;
    }

    /** Methods of one name are the same where they belong to the same object (The Python Language Reference, 3.2, Instance methods). */
    private function isSameFunction(\Closure $one, \Closure $other): bool
    {
        return $one === $other || $this->facts->asksObjects && null !== $this->methods && isset($this->methods[$one], $this->methods[$other]) && $this->methods[$one] === $this->methods[$other];
    }

    public function isFunction(mixed $value): bool
    {
        return $value instanceof \Closure || $value instanceof MapValue && $this->can($value, '@called');
    }

    public function hasField(mixed $object, mixed $name): bool
    {
        $name = self::text_($name);
        $kind = match (true) {
            \is_string($object) => 'text',
            $object instanceof ListValue && [] === $object->names => $object->fixed ? 'tuple' : 'list',
            $object instanceof MapValue && '' === $object->class => 'set' === $object->sort ? 'set' : 'map',
            \is_int($object), \is_bool($object), $object instanceof BigInteger => 'whole',
            \is_float($object) => 'number',
            null === $object => 'nothing',
            default => null,
        };
        if (null !== $kind) {
            return BuiltInNames::has($kind, $name);
        }
        if (str_starts_with($name, '__') && str_ends_with($name, '__')) {
            return BuiltInNames::areOfAll($name) || $this->can($object, PythonNames::METHODS[$name] ?? $name);
        }

        return $object instanceof MapValue && '' !== $object->class && (isset($object->entries["t$name"]) || $this->can($object, $name) || null !== $this->shares && Absent::Value !== ($this->shares)($object, $name));
    }

    /** @param mixed $changes a map of what other places hold */
    public function withPlaces(mixed $record, mixed $changes): ListValue
    {
        $record = self::list_($record);
        $items = $record->items;
        foreach (self::map_($changes)->entries as [$name, $value]) {
            $place = array_search($name, $record->names, true);
            if (false === $place) {
                throw new RunError('no_place', ['name' => \is_string($name) ? $name : ''], 'Got unexpected field names: ['.$this->display($name).']');
            }
            $items[$place] = $value;
        }
        $other = new ListValue(array_values($items), true);
        [$other->made, $other->names] = [$record->made, $record->names];

        return $other;
    }

    public function asPlaces(mixed $record): MapValue
    {
        $record = self::list_($record);
        $map = new MapValue();
        foreach ($record->names as $place => $name) {
            $map->entries["t$name"] = [$name, $record->items[$place] ?? null];
        }

        return $map;
    }

    /** @var \WeakMap<\Closure, int>|null how many values functions that are values want */
    private ?\WeakMap $wanted = null;

    public function takes(\Closure $function, int $wanted): void
    {
        /** @var \WeakMap<\Closure, int> $all */
        $all = $this->wanted ?? new \WeakMap();
        $all[$function] = $wanted;
        $this->wanted = $all;
    }

    /** How many values a function wants; null where that is not known. */
    protected function wantedBy(\Closure $function): ?int
    {
        if (isset($this->wanted[$function])) {
            return $this->wanted[$function];
        }
        $parameters = (new \ReflectionFunction($function))->getParameters();
        // A small function of the program's own, whose parameters are counted through.
        $isOwn = [] === array_filter($parameters, static fn (\ReflectionParameter $parameter): bool => 1 !== preg_match('/^c\d+$/D', $parameter->getName()) || $parameter->isVariadic());

        return $isOwn && [] !== $parameters ? \count($parameters) : null;
    }

    /** @var \WeakMap<\Closure, string>|null the names of functions that are values */
    private ?\WeakMap $functionNames = null;

    public function named(\Closure $function, string $name): \Closure
    {
        /** @var \WeakMap<\Closure, string> $names */
        $names = $this->functionNames ?? new \WeakMap();
        $this->functionNames = $names;
        $names[$function] = $name;

        return $function;
    }

    /** A function under the name of another one, as far as that has one. */
    public function namedAs(mixed $function, mixed $other): mixed
    {
        $name = $other instanceof \Closure ? $this->nameOf($other) : null;

        return null === $name || !$function instanceof \Closure ? $function : $this->named($function, $name);
    }

    /** @var \WeakMap<\Closure, \Closure>|null functions that say `this`, and what each does with it */
    private ?\WeakMap $knowing = null;

    /** A function that says `this`: what it is called of, and nothing where it is called by itself (ECMAScript 2022, 10.2.1.2). */
    public function knowing(\Closure $function): \Closure
    {
        $made = static fn (mixed ...$given): mixed => $function(null, ...$given);
        /** @var \WeakMap<\Closure, \Closure> $knowing */
        $knowing = $this->knowing ?? new \WeakMap();
        $this->knowing = $knowing;
        $knowing[$made] = $function;
        $name = $this->nameOf($function);

        return null === $name ? $made : $this->named($made, $name);
    }

    /** A function as what it is called of has it. */
    public function calledOn(mixed $function, mixed $object): mixed
    {
        $knowing = !$function instanceof \Closure || null === $this->knowing ? null : $this->knowing[$function] ?? null;

        return null === $knowing ? $function : static fn (mixed ...$given): mixed => $knowing($object, ...$given);
    }

    protected function nameOf(\Closure $function): ?string
    {
        return null === $this->functionNames ? null : $this->functionNames[$function] ?? null;
    }

    /** Whether what a class is told of a failure is that very kind (The Python Language Reference, 3.3.9). */
    public function failedAs(mixed $kind, mixed $name): bool
    {
        return $kind === $name;
    }

    public function functionName(mixed $function): string
    {
        if (\is_string($function)) {
            // The kind of a failure, as rows that hold an object are told of it.
            return $function;
        }

        return ($function instanceof \Closure ? $this->nameOf($function) : null) ?? throw new RunError('no_field', ['name' => '__name__']);
    }

    /** Whether an object says that it is less than another, or the other that it is greater (The Python Language Reference, 3.3.1). */
    protected function isBefore(mixed $a, mixed $b): bool
    {
        return $this->can($a, '@less') ? $this->truth($this->asked($a, '@less', $b)) : $this->can($b, '@greater') && $this->truth($this->asked($b, '@greater', $a));
    }

    public function keep(mixed $object, string $name, mixed $value): void
    {
        if ($object instanceof ListValue && [] !== $object->names) {
            throw new RunError('fixed_place', ['name' => $name], \in_array($name, $object->names, true) ? "can't set attribute" : "'$object->made' object has no attribute '$name'");
        }
        if (!$object instanceof MapValue) {
            throw new RunError('no_field', ['name' => $name]);
        }
        $tag = "t$name";
        $isNew = !isset($object->entries[$tag]);
        $object->entries[$tag] = [$name, $value];
        null === $object->number || $this->trace?->entry($object, $tag, $isNew);
    }

    /**
     * An object as a text. Where its class says none, the real machine shows where it lies in memory.
     *
     * @param list<string> $methods the first of them that the class has is asked
     */
    protected function objectText(MapValue $object, array $methods): string
    {
        foreach ($methods as $method) {
            if ($this->can($object, $method)) {
                $text = $this->asked($object, $method);

                return \is_string($text) ? $text : throw new RunError('not_a_text');
            }
        }

        if (isset($object->entries['t'.MapValue::SAYS]) && [ClassDefinition::FORM] !== $methods) {
            return $this->failureText($object);
        }
        if (isset($object->entries['t'.MapValue::SAYS])) {
            $made = $object->entries['t'.MapValue::SAYS][1];

            // As a program would make it; several are kept together, and nothing said is none (The Python Standard Library, BaseException).
            return $object->class.match (true) {
                $made instanceof ListValue && $made->fixed => $this->display($made),
                '' === $made => '()',
                default => '('.$this->display($made).')',
            };
        }

        if ($this->isOfFields($object)) {
            return $this->shownWithin($object, fn (): string => $object->class.'('.implode(', ', array_map(fn (string $name): string => "$name=".$this->display($this->field($object, $name)), $object->order)).')', '...');
        }

        throw new RunError('object_shown', ['name' => $object->class]);
    }

    /** What an object keeps, as the map that it is kept in: who changes one changes the other (The Python Standard Library, "vars"). */
    public function fieldsOf(mixed $object): MapValue
    {
        if (!$object instanceof MapValue || '' === $object->class) {
            throw new RunError('not_an_object', ['value' => mb_substr($this->show($object), 0, 30)], 'vars() argument must have __dict__ attribute');
        }
        $map = new MapValue();
        $map->entries = &$object->entries;

        return $map;
    }

    /**
     * A map of what an object of data keeps, and of what is kept in that (The Python Standard Library, "dataclasses.asdict").
     *
     * @throws RunError for anything else
     */
    public function asDict(mixed $object): MapValue
    {
        if (!$object instanceof MapValue || '' === $object->class || $this->can($object, ClassDefinition::MAKES)) {
            throw new RunError('not_a_number', ['value' => mb_substr($this->show($object), 0, 30)], 'asdict() should be called on dataclass instances');
        }
        $map = new MapValue();
        foreach ($object->order as $name) {
            $this->put($map, $name, $this->asKept($object->entries["t$name"][1] ?? null));
        }

        return $map;
    }

    private function asKept(mixed $value): mixed
    {
        if ($value instanceof MapValue && '' !== $value->class && !$this->can($value, ClassDefinition::MAKES)) {
            return $this->asDict($value);
        }
        if ($value instanceof ListValue) {
            $kept = $this->cloned($value);
            \assert($kept instanceof ListValue);
            $kept->items = array_map($this->asKept(...), $value->items);

            return $kept;
        }
        if ($value instanceof MapValue && '' === $value->class) {
            $kept = $this->cloned($value);
            \assert($kept instanceof MapValue);
            foreach ($value->entries as [$key, $one]) {
                $this->put($kept, $key, $this->asKept($one));
            }

            return $kept;
        }

        return $value;
    }

    /** Whether an object is one of a class of plain fields (The Python Standard Library, dataclasses). */
    final public function isOfFields(MapValue $object): bool
    {
        return $this->facts->plainFields && [] !== $object->order && !$this->can($object, ClassDefinition::MAKES);
    }
}
