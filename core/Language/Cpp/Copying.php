<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Typing\ChangedParameters;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Says in a program that was read from C++ what C++ does without a word: lists and maps are copied wherever they get
 * another name (C++17, 11.6), and texts are changed in place.
 */
final class Copying
{
    use Conversions;

    private function __construct(private readonly Program $program, private readonly Types $types)
    {
    }

    public static function told(Program $program, Types $types): Program
    {
        $copying = new self($program, $types);
        $part = static fn (Statement $row): Statement => $copying->row($row, $row instanceof FunctionDefinition ? $row : $program->script);
        $script = $part($program->script);
        \assert($script instanceof Script);

        return $program->withFunctions(array_map($part, $program->functions))->withScript($script)->withBelow(array_map($part, $program->below));
    }

    private function row(Statement $row, FunctionDefinition|Script $scope): Statement
    {
        $inside = $row instanceof FunctionDefinition ? $row : $scope;
        foreach ($row->bodies() as $name => $body) {
            $row = $row->withBody($name, new Block(array_map(fn (Statement $inner): Statement => $this->row($inner, $inside), $body->statements)));
        }
        foreach ($row->blanks() as $name => $value) {
            $made = Walk::mapExpression($value, fn (Expression $part): Expression => $this->expression(LetterTests::inValue($part), $scope));
            $row = $made == $value ? $row : $row->withBlank($name, $made);
        }

        $row = $this->converted(LetterTests::inRow($row), $scope);

        return match (true) {
            $row instanceof SetItem && $row->target instanceof Item && TypeKind::Text === $this->types->expression($scope, $row->target->container)->kind => $this->lettered($row, $row->target),
            // A reference is another name for what is there (C++17, 11.3.2).
            $row instanceof SetVariable && str_ends_with((string) $row->declared, '&') => $row,
            $row instanceof SetVariable && $row->value instanceof VariableRead && $row->value->name === $row->variable && $scope instanceof FunctionDefinition && '' !== $scope->class() => $row->withBlank('value', $this->copyOf($row->value, StaticType::copied($scope->class()))),
            $row instanceof SetVariable, $row instanceof SetItem && null === $row->operator => $row->withBlank('value', $this->copied($row->value, $scope)),
            $row instanceof SetSeveral => $this->takenApart($row, $scope),
            $row instanceof EachLoop => $this->inOrder($this->ofCopies($row, $scope), $scope),
            $row instanceof Perform => $this->performed($row, $scope),
            $row instanceof OwnCall => $row->withArguments($this->handed($row->function, $row->arguments, $scope)),
            default => $row,
        };
    }

    /** What is taken apart by value is taken apart as a copy (C++17, 11.5), which shows where one of its parts is changed. */
    private function takenApart(SetSeveral $row, FunctionDefinition|Script $scope): SetSeveral
    {
        $whole = 1 === \count($row->values) ? $row->values[0] : null;
        $names = array_values(array_map(static fn (Expression $target): string => $target instanceof VariableRead ? $target->name : '', $row->targets));
        if (null === $whole || !$this->isPlace($whole) || !$this->isContainer($whole, $scope) || !$this->isDeep($this->types->expression($scope, $whole), 0)) {
            return $row;
        }

        return ChangedParameters::changeAny($this->program, $this->program->rowsOf($scope), $names) ? new SetSeveral($row->id, $row->targets, [$this->copied($whole, $scope)], $row->off) : $row;
    }

    /** Where a loop changes its items and names no place of theirs, it has copies of them (C++17, 9.5.4). */
    private function ofCopies(EachLoop $loop, FunctionDefinition|Script $scope): EachLoop
    {
        $over = $loop->over;
        $of = $over instanceof Operation && OperationKey::Entries === $over->key ? $over->arguments[0] : $over;
        $types = array_map(fn (string $name): StaticType => $this->types->variable($scope, $name), $loop->variables);
        $areHeld = [] !== array_filter($types, static fn (StaticType $type): bool => $type->isList() || $type->isMap() || $type->isSet() || TypeKind::Copied === $type->kind);
        // What is only pointed at is not copied with what points at it.
        $arePointed = [] !== array_filter($types, static fn (StaticType $type): bool => TypeKind::Object === $type->kind || TypeKind::Object === $type->element?->kind);
        if ($loop->refers || !$areHeld || $arePointed || !$this->isPlace($of) || !ChangedParameters::changesItems($this->program, $loop)) {
            return $loop;
        }
        $copy = new Operation(OperationKey::DeepCopied, [$of]);

        return new EachLoop($loop->id, $loop->variables, $of === $over ? $copy : new Operation(OperationKey::Entries, [$copy]), $loop->body, $loop->off, $loop->refers);
    }

    private function isPlace(Expression $value): bool
    {
        return $value instanceof VariableRead || $value instanceof Item || $value instanceof Field;
    }

    /** A map is gone through from its least key on (C++17, 26.4.4), which other languages have to be told. */
    private function inOrder(EachLoop $loop, FunctionDefinition|Script $scope): EachLoop
    {
        $over = $loop->over;
        $map = $over instanceof Operation && OperationKey::Entries === $over->key ? $over->arguments[0] : $over;
        if (2 !== \count($loop->variables) || !$this->types->expression($scope, $map)->isMap()) {
            return $loop;
        }

        return new EachLoop($loop->id, $loop->variables, new Operation(OperationKey::Sorted, [new Operation(OperationKey::Entries, [$map])]), $loop->body, $loop->off, $loop->refers);
    }

    private function expression(Expression $value, FunctionDefinition|Script $scope): Expression
    {
        if ($value instanceof OwnValue) {
            return new OwnValue($value->function, $this->handed($value->function, $value->arguments, $scope));
        }
        if ($value instanceof MethodCall) {
            $methods = array_filter($this->program->definitions(), static fn (FunctionDefinition $one): bool => '' !== $one->class() && $one->shortName() === $value->method);
            $handed = [];
            $only = 1 === \count($methods) ? array_values($methods)[0] : null;
            foreach ($value->arguments as $index => $argument) {
                $parameter = $only?->given()[$index] ?? null;
                $argument = null === $only || null === $parameter ? $argument : $this->asTakenBy($only, $parameter, $argument, $scope);
                // Which class's method it is shows when it runs: it is enough that one of them changes what it takes.
                $changing = array_filter($methods, fn (FunctionDefinition $method): bool => $this->isChangedCopy($method, $method->parameters[$index + 1] ?? null));
                $handed[] = [] === $changing ? $argument : $this->copied($argument, $scope);
            }

            return $handed === $value->arguments ? $value : new MethodCall($value->object, $value->method, $handed, $value->otherwise);
        }
        if ($value instanceof MakeObject && null === $this->program->functionNamed($value->class.'.'.ClassDefinition::MAKES)) {
            return new MakeObject($value->class, array_map(fn (Expression $given): Expression => $this->copied($given, $scope), $value->arguments), $value->copied);
        }
        $maker = $value instanceof MakeObject ? $this->program->functionNamed($value->class.'.'.ClassDefinition::MAKES) : null;
        if ($value instanceof MakeObject && null !== $maker) {
            $taken = $maker->given();

            return $value->withOperands(array_map(fn (int $index, Expression $given): Expression => isset($taken[$index]) ? $this->asTakenBy($maker, $taken[$index], $given, $scope) : $given, array_keys($value->arguments), $value->arguments));
        }
        if ($value instanceof Item && TypeKind::Letter === $this->types->expression($scope, $value->index)->kind && $this->types->expression($scope, $value->container)->isList()) {
            // A place is a number (C++17, 8.2.1).
            return new Item($value->container, new Operation(OperationKey::Code, [$value->index]), $value->strict);
        }
        if ($value instanceof ListLiteral) {
            return new ListLiteral(array_map(fn (Expression $item): Expression => $this->copied($item, $scope), $value->items));
        }
        if ($value instanceof Operation && OperationKey::Record === $value->key) {
            return new Operation($value->key, array_map(fn (Expression $item): Expression => $this->copied($item, $scope), $value->arguments));
        }
        if ($value instanceof MapLiteral) {
            return new MapLiteral(array_map(fn (Expression $item): Expression => $this->copied($item, $scope), $value->entries));
        }
        if ($value instanceof Operation && OperationKey::Filled === $value->key && $this->isContainer($value->arguments[1], $scope)) {
            // Each item is a list of its own.
            return new Collected($this->copied($value->arguments[1], $scope), 'turn', new Operation(OperationKey::Numbers, [new NumberLiteral(0), $value->arguments[0], new NumberLiteral(1)]));
        }

        return $value;
    }

    private function isContainer(Expression $value, FunctionDefinition|Script $scope): bool
    {
        $type = $this->types->expression($scope, $value);

        return $type->isList() || $type->isMap() || TypeKind::Copied === $type->kind;
    }

    private function copied(Expression $value, FunctionDefinition|Script $scope): Expression
    {
        // Some operations give what lies in a list or a map, and no new one.
        if ($value instanceof VariableRead && $scope instanceof FunctionDefinition && '' !== $scope->class() && '' === $scope->sort && $value->name === ($scope->parameters[0] ?? null)) {
            // `Bed old = *this;`
            return $this->copyOf($value, TypeNames::read($scope->class()));
        }
        $isKept = $value instanceof VariableRead || $value instanceof Item || $value instanceof Field || $value instanceof Operation && \in_array($value->key, [OperationKey::ValueOrPut, OperationKey::ValueOr, OperationKey::First, OperationKey::Last], true);
        if ($value instanceof Choice && $this->isContainer($value, $scope)) {
            // Whichever it is is copied where it is no new one.
            return new Choice($value->condition, $this->copied($value->then, $scope), $this->copied($value->otherwise, $scope));
        }
        if (self::isOfItems($value) && !$this->isOfNewPairs($value, $scope) && $this->isDeep($type = $this->types->expression($scope, $value), 0)) {
            return $this->copyOf($value, $type);
        }
        if (!$isKept && !$this->givesPlace($value) || !$this->isContainer($value, $scope)) {
            return $value;
        }

        return $this->copyOf($value, $this->types->expression($scope, $value));
    }

    /** Whether it is made of the entries of a map, which become pairs of their own, with nothing in them that would be shared. */
    private function isOfNewPairs(Expression $value, FunctionDefinition|Script $scope): bool
    {
        $of = $value instanceof Operation ? $value->arguments[0] ?? null : null;
        if (!$of instanceof Operation || OperationKey::Entries !== $of->key) {
            return false;
        }
        $item = $this->types->expression($scope, $of->arguments[0])->item();

        return !$item->isList() && !$item->isMap() && TypeKind::Copied !== $item->kind;
    }

    /** Whether a list is made of the items of another one, each of which is copied (C++17, 26.2.3). */
    private static function isOfItems(Expression $value): bool
    {
        return $value instanceof Slice || $value instanceof Operation && \in_array($value->key, [OperationKey::AsList, OperationKey::Backwards], true)
            || $value instanceof Collected && $value->value instanceof VariableRead && $value->value->name === $value->variable;
    }

    /** Whether a function gives what is kept elsewhere by another name for it (C++17, 8.2.2). */
    private function givesPlace(Expression $value): bool
    {
        $givers = match (true) {
            $value instanceof OwnValue => array_filter([$this->program->functionNamed($value->function)]),
            $value instanceof MethodCall => array_filter($this->program->definitions(), static fn (FunctionDefinition $one): bool => '' !== $one->class() && $one->shortName() === $value->method),
            default => [],
        };

        return [] !== array_filter($givers, static fn (FunctionDefinition $one): bool => str_ends_with($one->types[''] ?? '', '&'));
    }

    private function copyOf(Expression $value, StaticType $type): Operation
    {
        return new Operation($this->isDeep($type, 0) ? OperationKey::DeepCopied : OperationKey::Copied, [$value]);
    }

    /** Whether there is something inside that is copied as well, and nothing that is only pointed at. */
    private function isDeep(StaticType $type, int $depth): bool
    {
        if (TypeKind::Copied === $type->kind && $depth < 4) {
            $fields = $this->types->fieldsOf((new Classes($this->program))->root((string) $type->class));

            return [] === array_filter($fields, fn (StaticType $field): bool => TypeKind::Object === $field->kind || TypeKind::Copied === $field->kind && !$this->isDeep($field, $depth + 1));
        }
        $items = [...[] === $type->parts ? array_filter([$type->element]) : $type->parts];

        return [] !== array_filter($items, static fn (StaticType $item): bool => ($item->isList() || $item->isMap() || TypeKind::Copied === $item->kind) && !self::pointsFromWithin($item));
    }

    /** Whether what lies within lists and maps is only pointed at. */
    private static function pointsFromWithin(StaticType $type): bool
    {
        return TypeKind::Object === $type->kind || null !== $type->element && self::pointsFromWithin($type->element) || [] !== array_filter($type->parts, self::pointsFromWithin(...));
    }

    /**
     * Arguments that a function takes by value and changes.
     *
     * @param list<Expression> $arguments
     *
     * @return list<Expression>
     */
    private function handed(string $name, array $arguments, FunctionDefinition|Script $scope): array
    {
        $function = $this->program->functionNamed($name);
        $handed = [];
        foreach ($arguments as $index => $argument) {
            $parameter = $function->parameters[$index] ?? null;
            $given = null === $function || null === $parameter ? $argument : $this->asTakenBy($function, $parameter, $argument, $scope);
            $handed[] = null !== $function && $this->isChangedCopy($function, $parameter) ? $this->copied($given, $scope) : $given;
        }

        return $handed;
    }

    /** What a parameter of a type of its own becomes of a value of another one (C++17, 8.2.2). */
    private function asTakenBy(FunctionDefinition $function, string $parameter, Expression $value, FunctionDefinition|Script $scope): Expression
    {
        $type = $function->types[$parameter] ?? '';
        $known = TypeNames::read(TypeNames::bare($type));
        // A constant name for a number is one of another number where the types differ (C++17, 11.6.3).
        $isConstant = str_starts_with($type, 'const ') && str_ends_with($type, '&') && ($known->isNumeric() || \in_array($known->kind, [TypeKind::Letter, TypeKind::Truth], true));
        $isByValue = '' !== $type && ($isConstant || 1 !== preg_match('/[&*]$/D', $type)) && $parameter !== $function->rest && !$value instanceof NothingLiteral;

        return $isByValue ? $this->becoming($isConstant ? $known : TypeNames::read($type), $value, $scope) : $value;
    }

    /** Whether a function changes what it takes by value. */
    private function isChangedCopy(FunctionDefinition $function, ?string $parameter): bool
    {
        return null !== $parameter && isset($function->types[$parameter]) && 1 !== preg_match('/[&*]$/D', $function->types[$parameter]) && ChangedParameters::isChanged($this->program, $function, $parameter);
    }

    /** A letter put into a text makes another text, which the place of the old one gets. */
    private function lettered(SetItem $row, Item $target): Statement
    {
        $text = $target->container;
        $value = new Operation(OperationKey::WithLetter, [$text, $target->index, null === $row->operator ? $row->value : new Operation(OperationKey::Letter, [new Binary($row->operator, new Operation(OperationKey::Code, [$target]), $row->value)])]);

        return match (true) {
            $text instanceof VariableRead => new SetVariable($row->id, $text->name, $value, $row->off),
            $text instanceof Item, $text instanceof Field => new SetItem($row->id, $text, $value, null, $row->off),
            $text instanceof Operation && OperationKey::ValueOrPut === $text->key => new SetItem($row->id, new Item($text->arguments[0], $text->arguments[1]), $value, null, $row->off),
            default => $row,
        };
    }

    /** Lists take copies; a text is changed in place, which no other language does. */
    private function performed(Perform $row, FunctionDefinition|Script $scope): Statement
    {
        $operation = $row->value;
        if (!$operation instanceof Operation) {
            return $row;
        }
        $first = $operation->arguments[0] ?? null;
        if ($first instanceof Operation && OperationKey::ValueOrPut === $first->key && TypeKind::Text === $this->types->expression($scope, $first)->kind) {
            // What a map has under a key, from now on at the latest.
            $first = new Item($first->arguments[0], $first->arguments[1]);
        }
        $isPlace = $first instanceof VariableRead || $first instanceof Item || $first instanceof Field;
        if ($isPlace && TypeKind::Text === ($first instanceof VariableRead ? $this->types->variable($scope, $first->name) : $this->types->expression($scope, $first))->kind) {
            $arguments = $operation->arguments;
            $value = match ($operation->key) {
                OperationKey::Append => null,
                OperationKey::DropLast => new Slice($first, new NothingLiteral(), new NumberLiteral(-1)),
                OperationKey::Clear => new TextLiteral(''),
                default => $operation,
            };
            if (null === $value) {
                return $first instanceof VariableRead ? new ChangeVariable($row->id, $first->name, $arguments[1], $row->off, Operator::Join) : new SetItem($row->id, $first, $arguments[1], Operator::Join, $row->off);
            }
            if ($value === $operation) {
                return $row;
            }

            return $first instanceof VariableRead ? new SetVariable($row->id, $first->name, $value, $row->off) : new SetItem($row->id, $first, $value, null, $row->off);
        }
        $last = \count($operation->arguments) - 1;
        $isFilled = OperationKey::Extend === $operation->key && 0 < $last && $this->isDeep($this->types->expression($scope, $operation->arguments[$last]), 0) || \in_array($operation->key, [OperationKey::PutRange, OperationKey::Refill], true) && ($this->isPlace($operation->arguments[$last]) || self::isOfItems($operation->arguments[$last])) && $this->isDeep($this->types->expression($scope, $operation->arguments[$last]), 0);
        if ($isFilled || \in_array($operation->key, [OperationKey::Append, OperationKey::Prepend, OperationKey::Insert, OperationKey::ValueOrPut], true)) {
            return new Perform($row->id, new Operation($operation->key, array_map(fn (Expression $argument, int $index): Expression => $index === $last ? $this->copied($argument, $scope) : $argument, $operation->arguments, array_keys($operation->arguments))), $row->off);
        }

        return $row;
    }
}
