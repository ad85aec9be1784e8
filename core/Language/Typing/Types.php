<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Holding;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
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
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * The type of every variable, parameter and result, found by going over the program until nothing widens. A type
 * only ever widens along a lattice of small height, so that this ends. A type that the program declares is kept.
 */
final class Types
{
    /** Larger whole numbers do not fit the `int` of C++. */
    public const LARGEST_WHOLE = 2147483647;

    /** @var array<string, StaticType> by owner and name */
    private array $variables = [];
    /** @var array<string, StaticType> by function name */
    private array $results = [];
    /** @var array<string, int> by variable and by function, how many bits it or its result has, where these are few */
    private array $narrow = [];
    /** @var array<string, true> variables and results whose type is declared */
    private array $declared = [];
    /** @var array<int, bool> which functions are templates, by the number of the object */
    private array $templates = [];
    /** @var array<string, true> keys of the types that have widened since it was looked at */
    private array $widened = [];
    /** @var array<string, FunctionDefinition> the first one of each name */
    private array $functions = [];
    /** @var array<int, \WeakMap<Expression, StaticType>> what was found of values that hold others, by the part they stand in */
    private array $known = [];
    /** @var array<string, StaticType> names that stand in an expression only, while it is looked at */
    private array $inner = [];

    private readonly Classes $classes;

    /** @param bool $isCpp whether it was written in C++, where what has no type is of whatever type a template's call gives it */
    private function __construct(private readonly Program $program, public readonly Scopes $scopes, private readonly bool $isCpp)
    {
        $this->classes = new Classes($program);
    }

    /**
     * @param bool $asDeclared whether types that C++ declares count, or only what the program shows without them
     * @param bool $isCpp      whether it is being read from C++
     */
    public static function of(Program $program, bool $asDeclared = true, bool $isCpp = false): self
    {
        $types = new self($program, Scopes::of($program), $isCpp || Language::isTyped($program));
        $scopes = $program->scopes();
        $types->fixFields($asDeclared);
        if ($asDeclared) {
            foreach ($scopes as $scope) {
                $types->fixAll($scope);
            }
        }
        $types->infer($scopes);

        return $types;
    }

    /**
     * Goes over every row once, and over a row again when the type of something that stands in it has widened.
     *
     * @param list<FunctionDefinition|Script> $scopes
     */
    private function infer(array $scopes): void
    {
        /** @var list<array{FunctionDefinition|Script, Statement}> $rows */
        $rows = [];
        foreach ($scopes as $scope) {
            if ($scope instanceof FunctionDefinition) {
                $this->functions[$scope->name] ??= $scope;
                if (null !== $scope->itself()) {
                    $this->widen($scope, $scope->itself(), StaticType::object($scope->class()));
                }
                if ([] !== $scope->defaults) {
                    $rows[] = [$scope, $scope];
                }
            }
            foreach ($this->program->rowsOf($scope) as $statement) {
                if (!$statement instanceof FunctionDefinition) {
                    $rows[] = [$scope, $statement];
                }
            }
        }
        // What begins as a map is one, also where a function above puts something in.
        foreach ($rows as [$scope, $statement]) {
            if ($statement instanceof SetVariable && $statement->value instanceof MapLiteral) {
                $this->learn($scope, $statement);
            }
        }
        $this->widened = [];
        /** @var array<string, list<int>> $asks rows by the key of each type that they ask for */
        $asks = [];
        foreach ($rows as $index => [$scope, $statement]) {
            foreach ($this->keysIn($scope, $statement) as $key => $_) {
                $asks[$key][] = $index;
            }
        }
        $waiting = array_keys($rows);
        $waits = array_fill_keys($waiting, true);
        while ([] !== $waiting) {
            $next = [];
            foreach ($waiting as $index) {
                unset($waits[$index]);
                [$scope, $statement] = $rows[$index];
                if ($statement === $scope && $statement instanceof FunctionDefinition) {
                    foreach ($statement->defaults as $parameter => $default) {
                        $this->widen($statement, (string) $parameter, $this->expression($statement, $default));
                    }
                }
                $this->learn($scope, $statement);
                foreach ($this->widened as $key => $_) {
                    foreach ($asks[$key] ?? [] as $other) {
                        if (!isset($waits[$other])) {
                            $waits[$other] = true;
                            $next[] = $other;
                        }
                    }
                }
                $this->widened = [];
            }
            // In the order of the text, as most rows take from those above them.
            sort($next);
            $waiting = $next;
        }
    }

    /** @return array<string, true> the keys of the types that a row asks for */
    private function keysIn(FunctionDefinition|Script $scope, Statement $statement): array
    {
        $keys = [];
        foreach ($statement->assigned() as $name) {
            $keys[$this->scopes->owner($scope, $name).':'.$name] = true;
        }
        foreach (Walk::expressionsOf($statement) as $expression) {
            if ($expression instanceof VariableRead) {
                $keys[$this->scopes->owner($scope, $expression->name).':'.$expression->name] = true;
            } elseif ($expression instanceof OwnValue) {
                $keys[$expression->function] = true;
            } elseif ($expression instanceof MethodCall) {
                foreach ($this->classes->answering(null, $expression->method) as $method) {
                    $keys[$method->name] = true;
                }
            } elseif ($expression instanceof Field) {
                foreach ($this->classes->names() as $class) {
                    $keys["@$class:$expression->name"] = true;
                }
            }
        }

        return $keys;
    }

    public function variable(FunctionDefinition|Script $part, string $name): StaticType
    {
        return $this->inner[$name] ?? $this->variables[$this->scopes->owner($part, $name).':'.$name] ?? StaticType::unknown();
    }

    /** @return list<string> variables that hold values of several kinds, or lists and maps of such, which C++ cannot say */
    public function mixedNames(Program $program): array
    {
        $mixed = [];
        foreach ($program->scopes() as $part) {
            $own = $part instanceof FunctionDefinition ? $part->parameters : [];
            foreach ($program->rowsOf($part) as $statement) {
                array_push($own, ...$statement->assigned());
            }
            foreach ($own as $name) {
                if ($this->variable($part, $name)->isMixed()) {
                    $mixed[$name] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($mixed));
    }

    /**
     * Runs something while names that stand in an expression only have these types.
     *
     * @template T
     *
     * @param array<string, StaticType> $names
     * @param \Closure(): T             $run
     *
     * @return T
     */
    public function inside(array $names, \Closure $run): mixed
    {
        // What is known with other names in view is not known with these.
        [$before, $known, $widened] = [$this->inner, $this->known, $this->widened];
        [$this->inner, $this->known] = [$names + $before, []];
        try {
            return $run();
        } finally {
            [$this->inner, $this->known] = [$before, $this->widened === $widened ? $known : []];
        }
    }

    /** @return array<string, StaticType> the name of what goes over something, and what it is there */
    public function itemOf(FunctionDefinition|Script $part, Collected $collected): array
    {
        $over = $this->expression($part, $collected->over);

        return [$collected->variable => $over->isMap() ? $over->key ?? StaticType::unknown() : $over->item()];
    }

    /** What a function gives back; unknown for one that gives nothing. */
    public function result(string $function): StaticType
    {
        return $this->results[$function] ?? StaticType::unknown();
    }

    /** @return list<StaticType> what each of several names gets when something is gone over */
    public function gone(FunctionDefinition|Script $part, EachLoop $loop): array
    {
        $over = $loop->over;
        $type = $this->expression($part, $over);
        if (1 === \count($loop->variables)) {
            return [$type->isMap() ? $type->key ?? StaticType::unknown() : $type->item()];
        }
        if ($over instanceof Operation && \in_array($over->key, self::PAIRS, true)) {
            return $this->pair($part, $over, $this->expression($part, $over->arguments[0]));
        }

        return array_map(fn (int $index): StaticType => $this->itemType($type->item(), new NumberLiteral($index)), array_keys($loop->variables));
    }

    private const PAIRS = [OperationKey::Numbered, OperationKey::NumberedFrom, OperationKey::Paired, OperationKey::Entries];

    /** @return non-empty-list<StaticType> of what goes together in `numbered`, `paired` and `entries` */
    private function pair(FunctionDefinition|Script $part, Operation $pairs, StaticType $first): array
    {
        return match ($pairs->key) {
            OperationKey::Numbered => [StaticType::natural(), $first->item()],
            OperationKey::NumberedFrom => [$this->expression($part, $pairs->arguments[1]), $first->item()],
            OperationKey::Paired => [$first->item(), $this->expression($part, $pairs->arguments[1])->item()],
            default => [$first->key ?? StaticType::unknown(), $first->item()],
        };
    }

    /** @return \WeakMap<Expression, StaticType> */
    private static function nothingKnown(): \WeakMap
    {
        /** @var \WeakMap<Expression, StaticType> $known */
        $known = new \WeakMap();

        return $known;
    }

    public function expression(FunctionDefinition|Script $part, Expression $expression): StaticType
    {
        if (!$expression instanceof Binary && !$expression instanceof Operation && !$expression instanceof Choice && !$expression instanceof ListLiteral && !$expression instanceof MethodCall && !$expression instanceof Collected) {
            return $this->found($part, $expression);
        }
        // What is made of many values is asked for again by each of the values around it.
        $known = $this->known[$part->id] ??= self::nothingKnown();

        return $known[$expression] ??= $this->found($part, $expression);
    }

    private function found(FunctionDefinition|Script $part, Expression $expression): StaticType
    {
        return match (true) {
            $expression instanceof NumberLiteral => self::literal($expression->value),
            $expression instanceof TextLiteral => $expression->letter ? StaticType::letter() : StaticType::text(),
            $expression instanceof TruthLiteral => StaticType::truth(),
            $expression instanceof VariableRead => $this->variable($part, $expression->name),
            $expression instanceof Unary => UnaryOperator::Not === $expression->operator
                ? StaticType::truth()
                : $this->turned($part, $expression),
            $expression instanceof Binary => $this->binary($part, $expression),
            $expression instanceof RandomWhole => $this->expression($part, $expression->from)->isNatural() ? StaticType::natural() : StaticType::whole(),
            $expression instanceof OwnValue => $this->result($expression->function),
            $expression instanceof KindTest => StaticType::truth(),
            $expression instanceof MakeObject && ClassDefinition::RECORD === $this->program->classNamed($expression->class)?->parent => StaticType::unknown(),
            $expression instanceof MakeObject => $expression->copied ? StaticType::copied($expression->class) : StaticType::object($expression->class),
            $expression instanceof MethodCall => $this->answered($part, $expression),
            $expression instanceof Field => $this->field($part, $expression),
            $expression instanceof Operation => $this->operation($part, $expression),
            $expression instanceof ListLiteral => StaticType::listOf($this->joined($part, $expression->items)),
            $expression instanceof MapLiteral => $this->map($part, $expression),
            $expression instanceof Item => $this->itemType($this->expression($part, $expression->container), $expression->index),
            $expression instanceof Slice => $this->expression($part, $expression->container),
            $expression instanceof Choice => $this->joined($part, [$expression->then, $expression->otherwise]),
            $expression instanceof Collected => $this->collected($part, $expression),
            $expression instanceof Lambda, $expression instanceof FunctionReference => StaticType::of(TypeKind::Function),
            $expression instanceof NothingLiteral => StaticType::of(TypeKind::MaybeWhole),
            $expression instanceof CommandValue => match (Catalogue::get($expression->command)->answers) {
                'truth' => StaticType::truth(),
                'text' => StaticType::text(),
                'whole' => StaticType::whole(),
                default => StaticType::number(),
            },
            default => StaticType::unknown(),
        };
    }

    /** What a method gives; what the sign means otherwise, where it is asked of something else. */
    private function answered(FunctionDefinition|Script $part, MethodCall $call): StaticType
    {
        if (MethodCall::CALL === $call->method) {
            return StaticType::unknown();
        }
        $object = $this->expression($part, $call->object);
        if (null !== $call->otherwise && null === $object->class && TypeKind::Unknown !== $object->kind) {
            return $this->expression($part, $call->otherwise);
        }
        $type = StaticType::unknown();
        foreach ($this->classes->answering($object->class, $call->method) as $method) {
            $type = $type->join($this->result($method->name));
        }

        return $type;
    }

    private function field(FunctionDefinition|Script $part, Field $field): StaticType
    {
        $class = $this->expression($part, $field->object)->class;

        return null === $class ? StaticType::unknown() : $this->variables['@'.$this->classes->root($class).':'.$field->name] ?? StaticType::unknown();
    }

    /** @return array<string, StaticType> what objects of a family of classes keep */
    public function fieldsOf(string $root): array
    {
        $fields = [];
        foreach ($this->variables as $key => $type) {
            if (str_starts_with($key, "@$root:")) {
                $fields[substr($key, \strlen($root) + 2)] = $type;
            }
        }

        return $fields;
    }

    private static function literal(int|float $value): StaticType
    {
        return match (true) {
            \is_float($value) => StaticType::number(),
            default => StaticType::wholeOf($value >= 0, abs($value) > self::LARGEST_WHOLE),
        };
    }

    /** @param list<Expression> $expressions */
    private function joined(FunctionDefinition|Script $part, array $expressions): StaticType
    {
        $type = StaticType::unknown();
        foreach ($expressions as $expression) {
            $type = $type->join($this->expression($part, $expression));
        }

        return $type;
    }

    private function map(FunctionDefinition|Script $part, MapLiteral $map): StaticType
    {
        $keys = $values = [];
        foreach ($map->entries as $index => $entry) {
            if (0 === $index % 2) {
                $keys[] = $entry;
            } else {
                $values[] = $entry;
            }
        }

        return StaticType::mapOf($this->joined($part, $keys), $this->joined($part, $values));
    }

    private function collected(FunctionDefinition|Script $part, Collected $collected): StaticType
    {
        return $this->inside($this->itemOf($part, $collected), fn (): StaticType => StaticType::listOf($this->expression($part, $collected->value)));
    }

    /** What bits are those of: what is moved says it, or any of two numbers (C++17, 8.8 and 8.11). */
    private function bits(FunctionDefinition|Script $part, Operation $operation, StaticType $first): StaticType
    {
        $type = match ($operation->key) {
            OperationKey::ShiftedLeft, OperationKey::ShiftedRight, OperationKey::BitNot => $first,
            OperationKey::BitAnd, OperationKey::BitOr, OperationKey::BitXor => $this->combined([$first, isset($operation->arguments[1]) ? $this->expression($part, $operation->arguments[1]) : $first], StaticType::natural()),
            default => StaticType::whole(),
        };

        return $type->isUnsigned() ? $type : StaticType::wholeOf(false, $type->isWide());
    }

    /** Operations that go through what they are given. */
    private const OVER_KEYS = [OperationKey::Sorted, OperationKey::SortedDown, OperationKey::SortedBy, OperationKey::SortedDownBy, OperationKey::AsList, OperationKey::AsTuple, OperationKey::Least, OperationKey::Greatest, OperationKey::LeastBy, OperationKey::GreatestBy, OperationKey::SetOf];

    private function operation(FunctionDefinition|Script $part, Operation $operation): StaticType
    {
        $first = isset($operation->arguments[0]) ? $this->expression($part, $operation->arguments[0]) : StaticType::unknown();

        if (null !== $first->class && \in_array($operation->key, [OperationKey::Followed, OperationKey::Itself], true)) {
            // What a pointer points at, and what points at a thing.
            return OperationKey::Followed === $operation->key ? StaticType::copied($first->class) : StaticType::object($first->class);
        }

        if (null !== $first->class && \in_array($operation->key, self::OVER_KEYS, true)) {
            // What an object gives that is gone through is its class's affair (The Python Language Reference, 3.3.7).
            $first = StaticType::listOf(StaticType::unknown());
        }

        if ($first->isMap() && \in_array($operation->key, self::OVER_KEYS, true)) {
            // What is gone through of a map are its keys (The Python Language Reference, 3.3.7).
            $first = StaticType::listOf($first->key ?? StaticType::unknown());
        }

        if ($first->isTextual() && \in_array($operation->key, [OperationKey::Sorted, OperationKey::SortedDown, OperationKey::SortedBy, OperationKey::SortedDownBy, OperationKey::AsList, OperationKey::AsTuple], true)) {
            // A list of its letters (The Python Standard Library, sorted).
            return StaticType::listOf(StaticType::text());
        }

        if (OperationKey::Concatenated === $operation->key && $first->isList() && TypeKind::Unknown === $first->item()->kind && isset($operation->arguments[1])) {
            // What is put behind an empty list says what it is of.
            return $first->join($this->expression($part, $operation->arguments[1]));
        }

        return match (ValueOperations::find($operation->key)->result ?? null) {
            Result::Natural => StaticType::natural(),
            Result::Whole => $this->bits($part, $operation, $first),
            Result::Unsigned => StaticType::of(TypeKind::Unsigned),
            Result::UnsignedLong => StaticType::of(TypeKind::UnsignedLong),
            Result::Long => StaticType::of(TypeKind::Long),
            Result::Number => StaticType::number(),
            Result::Truth => StaticType::truth(),
            Result::Text => StaticType::text(),
            Result::Letter => StaticType::letter(),
            Result::Same => $first->isSet() && !\in_array($operation->key, [OperationKey::Union, OperationKey::SharedItems, OperationKey::OtherItems, OperationKey::ApartItems, OperationKey::Copied], true) ? StaticType::listOf($first->item()) : (TypeKind::Letter === $first->kind ? StaticType::text() : ($first->isWhole() && OperationKey::Absolute === $operation->key ? StaticType::wholeOf(true, $first->isWide()) : $first)),
            Result::Set => StaticType::setOf(isset($operation->arguments[0]) ? $first->item() : StaticType::unknown()),
            Result::First => $first,
            Result::Record => [] === $operation->arguments ? StaticType::unknown() : StaticType::tupleOf(array_map(fn (Expression $value): StaticType => $this->expression($part, $value), $operation->arguments)),
            Result::Second => $this->expression($part, $operation->arguments[1] ?? new NothingLiteral()),
            Result::Counts => StaticType::mapOf($first->isMap() ? $first->key ?? StaticType::unknown() : $first->item(), StaticType::natural()),
            Result::Defaults => StaticType::mapOf(StaticType::unknown(), match (true) {
                !($kind = $operation->arguments[0] ?? null) instanceof TextLiteral => StaticType::unknown(),
                'int' === $kind->value => StaticType::natural(),
                'float' === $kind->value => StaticType::number(),
                'str' === $kind->value => StaticType::text(),
                'list' === $kind->value => StaticType::listOf(StaticType::unknown()),
                default => StaticType::unknown(),
            }),
            Result::List => StaticType::listOf($first->item()),
            Result::Lists => StaticType::listOf(StaticType::listOf($first->item())),
            Result::Item, Result::Value => $first->item(),
            Result::Join => $this->joined($part, $operation->arguments),
            Result::Texts => StaticType::listOf(StaticType::text()),
            Result::Letters => StaticType::listOf(StaticType::letter()),
            Result::Wholes => StaticType::listOf(StaticType::whole()),
            Result::Third => $this->expression($part, $operation->arguments[2] ?? new NothingLiteral()),
            Result::MapOf => $first->isList() && $first->item()->isList() ? StaticType::mapOf($first->item()->item(), $first->item()->item()) : StaticType::unknown(),
            Result::ListOfSecond => StaticType::listOf($this->expression($part, $operation->arguments[1] ?? new NothingLiteral())),
            Result::Key => $first->isMap() ? $first->key ?? StaticType::unknown() : $first->item(),
            Result::Keys => StaticType::listOf($first->key ?? StaticType::unknown()),
            Result::Values => StaticType::listOf($first->item()),
            Result::MaybeFound => StaticType::mixed(),
            Result::MaybeWhole => StaticType::of(TypeKind::MaybeWhole),
            Result::DrivePair => StaticType::of(TypeKind::DrivePair),
            Result::SurfaceSensor => StaticType::of(TypeKind::SurfaceSensor),
            Result::RangeSensor => StaticType::of(TypeKind::RangeSensor),
            Result::Lamp => StaticType::of(TypeKind::Lamp),
            Result::Pairs => StaticType::listOf(\in_array($operation->key, self::PAIRS, true) ? StaticType::tupleOf($this->pair($part, $operation, $first)) : StaticType::listOf(StaticType::unknown())),
            default => StaticType::unknown(),
        };
    }

    private function itemType(StaticType $container, Expression $index): StaticType
    {
        return $index instanceof NumberLiteral && \is_int($index->value) ? $container->parts[$index->value] ?? $container->item() : $container->item();
    }

    private function binary(FunctionDefinition|Script $part, Binary $expression): StaticType
    {
        $operator = $expression->operator;
        if ($operator->isLogic()) {
            $both = $this->joined($part, [$expression->left, $expression->right]);

            return $both->isNumeric() ? StaticType::truth() : $both;
        }
        if (!$operator->isArithmetic()) {
            return Operator::Join === $operator ? StaticType::text() : StaticType::truth();
        }
        $operands = [$this->expression($part, $expression->left), $this->expression($part, $expression->right)];
        if (null !== $operands[0]->class && [] !== $this->classes->answering($operands[0]->class, '@'.$operator->value)) {
            return $this->answered($part, new MethodCall($expression->left, '@'.$operator->value, [$expression->right]));
        }
        if (Operator::TrueDivide === $operator || Operator::Power === $operator) {
            return StaticType::number();
        }
        if (null !== $operands[0]->class) {
            return $this->answered($part, new MethodCall($expression->left, '@'.$operator->value, [$expression->right]));
        }
        $onTheRight = ClassDefinition::ON_THE_RIGHT[$operator->value] ?? null;
        if (null !== $onTheRight && null !== $operands[1]->class && [] !== $this->classes->answering($operands[1]->class, $onTheRight)) {
            return $this->answered($part, new MethodCall($expression->right, $onTheRight, [$expression->left]));
        }
        if (Operator::Add === $operator && (TypeKind::Text === $operands[0]->kind && $operands[1]->isNumeric() || TypeKind::Text === $operands[1]->kind && $operands[0]->isNumeric())) {
            // Where that is not refused it is a text.
            return StaticType::text();
        }
        if (Operator::Add === $operator && ($operands[0]->isTextual() || $operands[0]->isList())) {
            return $operands[0]->join($operands[1]);
        }
        if (Operator::Add === $operator && ($operands[0]->isMixed() || $operands[1]->isMixed())) {
            return StaticType::mixed();
        }
        if (Operator::Multiply === $operator) {
            foreach ($operands as $operand) {
                // What may be a text may be one several times.
                if ($operand->isTextual() || $operand->isList() || $operand->isMixed()) {
                    return $operand;
                }
            }
        }

        return $this->combined($operands, Operator::Subtract === $operator ? StaticType::whole() : StaticType::natural());
    }

    /** What a minus or a wave makes of a value: a number, or what the class of an object says. */
    private function turned(FunctionDefinition|Script $part, Unary $expression): StaticType
    {
        $operand = $this->expression($part, $expression->operand);

        return null === $operand->class || UnaryOperator::Negate !== $expression->operator
            ? $this->combined([$operand], StaticType::whole())
            : $this->answered($part, new MethodCall($expression->operand, '@negate', []));
    }

    /** @param list<StaticType> $operands */
    private function combined(array $operands, StaticType $narrowest): StaticType
    {
        if (\in_array(StaticType::unknown(), $operands, true)) {
            return StaticType::unknown();
        }
        foreach ($operands as $operand) {
            if (TypeKind::Letter === $operand->kind) {
                $operand = StaticType::whole();
            }
            if (TypeKind::Truth === $operand->kind) {
                // It is 0 or 1 where it is reckoned with (C++17, 7.6; The Python Standard Library, Boolean Type; ECMA-262, 7.1.4).
                $operand = StaticType::natural();
            }
            if (TypeKind::Number === $operand->kind || !$operand->isNumeric()) {
                return StaticType::number();
            }
            $narrowest = $narrowest->join($operand);
        }

        return $narrowest;
    }

    /** What objects keep, as their classes say. */
    private function fixFields(bool $asDeclared): void
    {
        foreach ($this->program->classes() as $class) {
            foreach ($class->body->statements as $row) {
                if (!$row instanceof FieldDeclaration || $row->off) {
                    continue;
                }
                $key = '@'.$this->classes->root($class->name).':'.$row->name;
                if ($asDeclared && null !== $row->type && TypeKind::Unknown !== ($read = TypeNames::read($row->type))->kind) {
                    $this->variables[$key] = self::least($read);
                    $this->declared[$key] = true;
                } elseif (null !== $row->value) {
                    $this->widenIn($this->variables, $key, $this->expression($this->program->script, $row->value));
                }
            }
        }
    }

    private function fixAll(FunctionDefinition|Script $scope): void
    {
        if ($scope instanceof FunctionDefinition) {
            foreach ($scope->types as $parameter => $type) {
                if ('' === $parameter) {
                    $this->results[$scope->name] = self::least(TypeNames::read($type));
                    if (0 !== $bits = TypeNames::narrow($type)) {
                        $this->narrow[$scope->name] = $bits;
                    }
                    $this->declared[$scope->name] = true;
                } else {
                    $this->fix($scope, (string) $parameter, $type);
                }
            }
        }
        foreach ($this->program->rowsOf($scope) as $statement) {
            if ($statement instanceof SetVariable && null !== $statement->declared) {
                $this->fix($scope, $statement->variable, $statement->declared);
            } elseif ($statement instanceof Declaration && null !== $statement->type) {
                $this->fix($scope, $statement->variable, $statement->type);
            }
        }
    }

    /** The class of what a rescue keeps, or the one that all of its classes are kinds of. */
    private function caught(Rescue $rescue): StaticType
    {
        $first = \is_string($rescue->kinds[0]) ? $rescue->kinds[0] : '';

        $class = 1 === \count($rescue->kinds) ? $first : $this->classes->root($first);
        foreach (Walk::statements($this->program->parts()) as $row) {
            if ($row instanceof RaiseObject && $row->object instanceof MakeObject && $row->object->copied) {
                return StaticType::copied($class);
            }
        }

        return StaticType::object($class);
    }

    private static function least(StaticType $declared): StaticType
    {
        return $declared->isWhole() && !$declared->isUnsigned() ? StaticType::wholeOf(true, $declared->isWide()) : $declared;
    }

    private function fix(FunctionDefinition|Script $scope, string $name, string $type): void
    {
        $read = TypeNames::read($type);
        if (TypeKind::Unknown !== $read->kind) {
            $key = $this->scopes->owner($scope, $name).':'.$name;
            $this->variables[$key] = self::least($read);
            if (TypeNames::isOpen($type)) {
                return;
            }
            $this->declared[$key] = true;
            if (0 !== $bits = TypeNames::narrow($type)) {
                $this->narrow[$key] = $bits;
            }
        }
    }

    /** How many bits a variable has, as TypeNames::narrow() tells them. */
    public function bitsOf(FunctionDefinition|Script $scope, string $name): int
    {
        return [] === $this->narrow ? 0 : $this->narrow[$this->scopes->owner($scope, $name).':'.$name] ?? 0;
    }

    /** How many bits the result of a function has, told in the same way. */
    public function bitsOfResult(string $function): int
    {
        return $this->narrow[$function] ?? 0;
    }

    private function learn(FunctionDefinition|Script $part, Statement $statement): void
    {
        if ($statement instanceof SetVariable) {
            $this->widen($part, $statement->variable, $this->expression($part, $statement->value));
        } elseif ($statement instanceof ChangeVariable) {
            $sum = new Binary($statement->operator, new VariableRead($statement->variable), $statement->amount);
            $this->widen($part, $statement->variable, $this->expression($part, $sum));
        } elseif ($statement instanceof Count) {
            $this->widen($part, $statement->variable, $this->counted($part, $statement));
        } elseif ($statement instanceof ForLoop) {
            $this->widen($part, $statement->variable, $this->expression($part, $statement->from));
            $this->widen($part, $statement->variable, $this->expression($part, new Binary($statement->operator, new VariableRead($statement->variable), $statement->amount)));
        } elseif ($statement instanceof Holding) {
            $held = $this->expression($part, $statement->value);
            $this->widen($part, $statement->variable, null === $held->class ? $held : $this->expression($part, new MethodCall($statement->value, ClassDefinition::ENTERS)));
            foreach (null === $held->class ? [] : $this->functions as $definition) {
                // Whether something failed, and what that says, is known only while it runs.
                foreach (str_ends_with($definition->name, '.'.ClassDefinition::EXITS) ? \array_slice($definition->parameters, 1) : [] as $parameter) {
                    $this->widen($definition, $parameter, $parameter === $definition->rest ? StaticType::listOf(StaticType::mixed()) : StaticType::mixed());
                }
            }
        } elseif ($statement instanceof EachLoop) {
            foreach ($this->gone($part, $statement) as $index => $type) {
                $this->widen($part, $statement->variables[$index] ?? '', $type);
            }
        } elseif ($statement instanceof Attempt) {
            foreach ($statement->rescues as $rescue) {
                if ('' !== $rescue->name) {
                    $this->widen($part, $rescue->name, $rescue->takesObjects() ? $this->caught($rescue) : ($rescue->isOf(FailureKind::Whole) ? StaticType::whole() : StaticType::text()));
                }
            }
        } elseif ($statement instanceof SetSeveral) {
            foreach ($statement->targets as $index => $target) {
                $value = $statement->values[$index] ?? null;
                $type = null === $value || 1 === \count($statement->values) && 1 < \count($statement->targets)
                    ? $this->taken($part, $statement->values[0], $index)
                    : $this->expression($part, $value);
                $this->gets($part, $target, $type);
            }
        } elseif ($statement instanceof SetItem) {
            $this->gets($part, $statement->target, $this->expression($part, $statement->value));
        } elseif ($statement instanceof GiveBack && $part instanceof FunctionDefinition) {
            $this->widenIn($this->results, $part->name, $this->expression($part, $statement->value));
        } elseif ($statement instanceof OwnCall) {
            $this->pass($part, $statement->function, $statement->arguments);
        }
        foreach (Walk::expressionsOf($statement) as $expression) {
            if ($part instanceof FunctionDefinition && $expression instanceof Operation && \in_array($expression->key, [OperationKey::HandOut, OperationKey::HandOutAll], true)) {
                $given = $this->expression($part, $expression->arguments[0]);
                $this->widenIn($this->results, $part->name, StaticType::listOf(OperationKey::HandOut === $expression->key ? $given : $given->item()));
            }
            if ($expression instanceof OwnValue) {
                $this->pass($part, $expression->function, $expression->arguments);
            } elseif ($expression instanceof FunctionReference) {
                // Whoever calls it may give it anything.
                foreach ($this->functions[$expression->function]->parameters ?? [] as $parameter) {
                    $this->widen($this->functions[$expression->function], $parameter, StaticType::mixed());
                }
            } elseif ($expression instanceof MakeObject) {
                $method = $this->classes->method($expression->class, ClassDefinition::MAKES);
                if (null !== $method) {
                    $this->pass($part, $method->name, [new MakeObject($expression->class), ...$expression->arguments], gathers: true);
                } else {
                    $this->filledIn($part, $expression);
                }
            } elseif ($expression instanceof MethodCall) {
                $object = $this->expression($part, $expression->object);
                if (null === $object->class && $expression->otherwise instanceof Operation) {
                    if (TypeKind::Unknown !== $object->kind) {
                        $this->filled($part, $expression->otherwise);
                    }
                    continue;
                }
                foreach ($this->classes->answering($object->class, $expression->method) as $method) {
                    $this->pass($part, $method->name, [new NothingLiteral(), ...$expression->arguments], 1, true);
                }
            } elseif ($expression instanceof Operation) {
                $this->filled($part, $expression);
            }
        }
    }

    /** What the name at this place gets of a value that is taken apart: of `first, *rest = …` the one with the star gets a list. */
    private function taken(FunctionDefinition|Script $part, Expression $whole, int $place): StaticType
    {
        $type = $this->expression($part, $whole);
        $star = $whole instanceof Operation && OperationKey::Gathered === $whole->key ? $whole->arguments[1] : null;
        if (!$star instanceof NumberLiteral || $place < $star->value) {
            return $this->itemType($type, new NumberLiteral($place));
        }

        return $place === $star->value ? StaticType::listOf($type->item()) : $type->item();
    }

    /** Something gets a value, or holds something that does. */
    private function gets(FunctionDefinition|Script $part, Expression $target, StaticType $type): void
    {
        if ($target instanceof VariableRead) {
            $this->widen($part, $target->name, $type);
        } elseif ($target instanceof Field) {
            $class = $this->expression($part, $target->object)->class;
            if (null !== $class) {
                $this->widenIn($this->variables, '@'.$this->classes->root($class).':'.$target->name, $type);
            }
        } elseif ($target instanceof Item) {
            $container = $this->expression($part, $target->container);
            if ($container->isMap()) {
                $this->gets($part, $target->container, StaticType::mapOf($this->expression($part, $target->index), $type));
            } elseif (!$container->isTextual()) {
                $this->gets($part, $target->container, StaticType::listOf($type));
            }
        }
    }

    /** What braces give the fields of an object that nothing else makes (C++17, 11.6.1). */
    private function filledIn(FunctionDefinition|Script $part, MakeObject $made): void
    {
        $place = 0;
        foreach ([] === $made->arguments ? [] : $this->program->classNamed($made->class)->body->statements ?? [] as $row) {
            if ($row instanceof FieldDeclaration && !$row->off && isset($made->arguments[$place])) {
                $this->widenIn($this->variables, '@'.$this->classes->root($made->class).':'.$row->name, $this->expression($part, $made->arguments[$place++]));
            }
        }
    }

    /** Where a number is read into a place, it may be one below nought. */
    private function readInto(FunctionDefinition|Script $part, Operation $operation): void
    {
        foreach (match ($operation->key) {
            OperationKey::NextAnswer => $operation->arguments,
            OperationKey::NextOf => \array_slice($operation->arguments, 1),
            default => [],
        } as $target) {
            $type = $this->expression($part, $target);
            if ($type->isWhole() && !$type->isUnsigned()) {
                $this->gets($part, $target, StaticType::wholeOf(false, $type->isWide()));
            }
        }
    }

    /** What an operation puts into a list tells what the list holds. */
    private function filled(FunctionDefinition|Script $part, Operation $operation): void
    {
        $this->readInto($part, $operation);
        $list = $operation->arguments[0] ?? null;
        $put = match ($operation->key) {
            OperationKey::Append, OperationKey::Prepend, OperationKey::PutIn, OperationKey::Given, OperationKey::GivenAfter => $operation->arguments[1] ?? null,
            OperationKey::Insert => $operation->arguments[2] ?? null,
            default => null,
        };
        if (null !== $list && null !== $put && OperationKey::Append === $operation->key && $this->expression($part, $list)->isTextual()) {
            // Letters are put behind a text, which stays one (C++17, 24.3.2.6.2).
            return;
        }
        if (null !== $list && null !== $put) {
            $type = $this->expression($part, $put);
            $this->gets($part, $list, match ($operation->key) {
                OperationKey::PutIn => StaticType::setOf($type),
                OperationKey::Given, OperationKey::GivenAfter => $type,
                default => StaticType::listOf($type),
            });
        } elseif (null !== $list && OperationKey::ValueOrPut === $operation->key) {
            $this->gets($part, $list, StaticType::mapOf($this->expression($part, $operation->arguments[1]), $this->expression($part, $operation->arguments[2])));
        } elseif (null !== $list && OperationKey::Extend === $operation->key && isset($operation->arguments[1])) {
            $this->gets($part, $list, $this->expression($part, $operation->arguments[1]));
        }
    }

    private function counted(FunctionDefinition|Script $part, Count $count): StaticType
    {
        $from = $this->expression($part, $count->from);
        $to = $this->expression($part, $count->to);
        $by = $this->expression($part, $count->by);
        if (StaticType::unknown() === $from || StaticType::unknown() === $by) {
            return StaticType::unknown();
        }
        if (!$from->isWhole() || !$by->isWhole()) {
            return StaticType::number();
        }
        $staysNatural = $from->isNatural() && ($by->isNatural() || $to->isNatural());

        return StaticType::wholeOf($staysNatural, $from->isWide() || $by->isWide());
    }

    /** @param list<Expression> $arguments */
    private function pass(FunctionDefinition|Script $part, string $function, array $arguments, int $from = 0, bool $gathers = false): void
    {
        $definition = $this->functions[$function] ?? null;
        // What a method's object is, is known from where it stands.
        $from = null === $definition?->itself() ? $from : 1;
        $spread = null === $definition || $this->isCpp ? null : $this->passedOtherwise($part, $definition, $arguments);
        foreach ($definition->parameters ?? [] as $index => $parameter) {
            if (null !== $spread && $index >= $spread) {
                break;
            }
            if (null !== $definition && $gathers && $parameter === $definition->rest) {
                $this->widen($definition, $parameter, $this->expression($part, new ListLiteral(\array_slice($arguments, $index))));
            } elseif (null !== $definition && $index >= $from && isset($arguments[$index]) && !($arguments[$index] instanceof NothingLiteral && isset($definition->defaults[$parameter]))) {
                $this->widen($definition, $parameter, $this->expression($part, $arguments[$index]));
                if ($this->isCpp && str_ends_with($definition->types[$parameter] ?? '', '&') && !str_starts_with($definition->types[$parameter], 'const')) {
                    // Whoever hands over a place finds in it what the function leaves there (C++17, 11.3.2).
                    $this->gets($part, $arguments[$index], $this->variable($definition, $parameter));
                }
            }
        }
    }

    /**
     * What is spread out is handed over item by item, however many there are, and what has a name to the parameter of that name.
     *
     * @param list<Expression> $arguments
     *
     * @return int|null from which place on; null where all are handed over in order
     */
    private function passedOtherwise(FunctionDefinition|Script $part, FunctionDefinition $definition, array $arguments): ?int
    {
        $first = null;
        foreach ($arguments as $index => $argument) {
            if (!$argument instanceof Operation || !\in_array($argument->key, [OperationKey::Spread, OperationKey::ByName, OperationKey::ByNames], true)) {
                continue;
            }
            $first ??= $index;
            [$name, $value] = [$argument->arguments[0], $argument->arguments[1] ?? null];
            if ($name instanceof TextLiteral && null !== $value && \in_array($name->value, $definition->parameters, true)) {
                $this->widen($definition, $name->value, $this->expression($part, $value));
            }
            foreach (OperationKey::Spread === $argument->key ? \array_slice($definition->parameters, $first) : [] as $parameter) {
                $item = $this->expression($part, $name)->item();
                $this->widen($definition, $parameter, $parameter === $definition->rest ? StaticType::listOf($item) : $item);
            }
        }

        return $first;
    }

    private function widen(FunctionDefinition|Script $part, string $name, StaticType $type): void
    {
        // What is declared with a type of its own takes that; only a template takes what it is given.
        $isTemplate = $this->isCpp && $part instanceof FunctionDefinition && $this->isTemplate($part);
        $this->widenIn($this->variables, $this->scopes->owner($part, $name).':'.$name, $type, $isTemplate);
    }

    /** Whether a call says of what type a parameter is, which C++ then reads as `auto` (C++17, 17.1). */
    private function isTemplate(FunctionDefinition $function): bool
    {
        return $this->templates[spl_object_id($function)] ??= [] !== array_filter($function->parameters, static fn (string $parameter): bool => $parameter !== $function->itself() && 1 === preg_match('/\bauto\b/', $function->types[$parameter] ?? 'auto'));
    }

    /**
     * @param array<string, StaticType> $types
     * @param bool|null                 $isTemplate whether C++ would make another function for a number of another type
     */
    private function widenIn(array &$types, string $key, StaticType $type, ?bool $isTemplate = null): void
    {
        $old = $types[$key] ?? StaticType::unknown();
        if (isset($this->declared[$key])) {
            // An `int` is whole whatever it is given; whether it is ever below zero still has to be seen.
            if (!$old->isWhole() || $old->isUnsigned() || $type->isNatural() && !$type->isUnsigned() || TypeKind::Unknown === $type->kind) {
                return;
            }
            $type = StaticType::wholeOf(false, $old->isWide());
        }
        $new = $old->join($type, $isTemplate ?? $this->isCpp);
        if ($new !== $old) {
            $types[$key] = $new;
            $this->widened[$key] = true;
            $this->known = [];
        }
    }
}
