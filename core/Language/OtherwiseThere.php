<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Rows that do one thing in the language they are typed in and another one, or none, in the language they would be written over into. */
final class OtherwiseThere
{
    private const GROWING = [OperationKey::Append, OperationKey::Prepend, OperationKey::Insert, OperationKey::Extend, OperationKey::PutRange, OperationKey::Spliced];
    private const OF_LISTS = [OperationKey::Sorted, OperationKey::SortedDown, OperationKey::SortedBy, OperationKey::SortedDownBy, OperationKey::SortedAsTexts, OperationKey::SortedWith, OperationKey::Joined, OperationKey::Paired];

    /** @param Semantics $other how the programs run that it would be written over into */
    private function __construct(private readonly Program $program, private readonly Semantics $other, private readonly Types $types)
    {
    }

    /** @return string|null what says so */
    public static function in(Program $program, Language $other): ?string
    {
        $typed = array_filter(Language::cases(), static fn (Language $one): bool => isset($program->handwriting[$one->value]) && $one !== $other);
        $from = [] === $typed ? null : $typed[array_key_first($typed)]->semantics();
        if (null === $from) {
            return null;
        }
        $self = new self($program, $other->semantics(), Types::of($program));

        return ($from->growsByPlace && !$other->semantics()->growsByPlace ? $self->grownByPlace() : null)
            ?? ($from->undefined && !$other->semantics()->undefined ? $self->readBeforeGiven($program->parts()) : null)
            ?? ($from->hoists && $other->semantics()->definesByRow ? $self->calledAbove() : null)
            ?? ($from->defaultsOnce && !$other->semantics()->defaultsOnce ? $self->keptDefault() : null)
            ?? ($from->typed && !$other->semantics()->typed ? $self->changedCopy() : null)
            ?? ($from->asksObjects && !$other->semantics()->asksObjects ? $self->ownOfClass() : null)
            ?? $self->values($from);
    }

    /** A list that begins without items and gets them by their places only. */
    private function grownByPlace(): ?string
    {
        $empty = $put = $grown = [];
        foreach (Walk::statements($this->program->parts()) as $row) {
            if ($row instanceof SetVariable) {
                $row->value == new ListLiteral([]) ? $empty[$row->variable] = true : $grown[$row->variable] = true;
            }
            if ($row instanceof SetItem && $row->target instanceof Item) {
                $name = self::listOf($row->target->container);
                $row->value == new ListLiteral([]) && null !== $name ? $empty["$name item"] = true : null;
                null === $name || null !== $row->operator ? null : $put[$name] = true;
            }
            foreach (Walk::expressionsOf($row) as $value) {
                $name = $value instanceof Operation && \in_array($value->key, self::GROWING, true) ? self::listOf($value->arguments[0]) : null;
                null === $name ? null : $grown[$name] = true;
                foreach ($value instanceof OwnValue ? $value->arguments : ($row instanceof OwnCall ? $row->arguments : []) as $argument) {
                    $grown[self::listOf($argument) ?? ''] = true;
                }
            }
        }
        $name = array_key_first(array_diff_key(array_intersect_key($empty, $put), $grown));

        return null === $name ? null : explode(' ', (string) $name)[0].'[…] = …';
    }

    /** A list by the name of the variable that holds it, or holds the list that it is an item of. */
    private static function listOf(Expression $list): ?string
    {
        return match (true) {
            $list instanceof VariableRead => $list->name,
            $list instanceof Item && $list->container instanceof VariableRead => $list->container->name.' item',
            default => null,
        };
    }

    /**
     * `let best;`, and best is asked for before it surely has a value.
     *
     * @param iterable<Statement> $rows
     */
    private function readBeforeGiven(iterable $rows): ?string
    {
        $rows = array_values([...$rows]);
        foreach ($rows as $index => $row) {
            if ($row instanceof Declaration && null === $row->type && !$row->off && self::READ === self::firstUse(\array_slice($rows, $index + 1), $row->variable)) {
                return "let $row->variable;";
            }
            foreach ($row->bodies() as $body) {
                $inner = $this->readBeforeGiven($body->statements);
                if (null !== $inner) {
                    return $inner;
                }
            }
        }

        return null;
    }

    private const READ = 'read';
    private const GIVEN = 'given';

    /**
     * @param list<Statement> $rows
     *
     * @return self::READ|self::GIVEN|null what is done first with a variable; null if it may be neither
     */
    private static function firstUse(array $rows, string $name): ?string
    {
        foreach ($rows as $row) {
            $use = $row->off || $row instanceof FunctionDefinition ? null : self::use($row, $name);
            if (null !== $use) {
                return $use;
            }
        }

        return null;
    }

    /** @return self::READ|self::GIVEN|null */
    private static function use(Statement $row, string $name): ?string
    {
        if ($row instanceof DoWhile && null !== $use = self::firstUse($row->body->statements, $name)) {
            return $use;
        }
        $values = Walk::expressionsOf($row);
        foreach ($values as $value) {
            if ($value instanceof Operation && \in_array($value->key, [OperationKey::Given, OperationKey::GivenAfter], true) && $value->arguments[0] == new VariableRead($name)) {
                return self::GIVEN;
            }
        }
        foreach ($values as $value) {
            if ($value instanceof VariableRead && $value->name === $name && !($row instanceof SetSeveral && \in_array($value, $row->targets, true))) {
                return self::READ;
            }
        }
        if (\in_array($name, $row->assigned(), true)) {
            return self::GIVEN;
        }
        $uses = array_map(static fn (Block $body): ?string => self::firstUse($body->statements, $name), array_values($row->bodies()));
        if (\in_array(self::READ, $uses, true)) {
            return self::READ;
        }
        $isSure = match (true) {
            $row instanceof Conditional => null !== $row->otherwise && !\in_array(null, $uses, true),
            $row instanceof Attempt, $row instanceof Forever => self::GIVEN === ($uses[0] ?? null),
            default => false,
        };

        return $isSure ? self::GIVEN : null;
    }

    /** A function that a row above its own uses, also by another function. */
    private function calledAbove(): ?string
    {
        $below = [];
        foreach ($this->program->script->body->statements as $row) {
            if ($row instanceof FunctionDefinition && !$row->off) {
                $below[$row->name] = true;
            }
        }
        foreach ($this->program->script->body->statements as $row) {
            if ($row instanceof FunctionDefinition) {
                unset($below[$row->name]);
                continue;
            }
            $used = $row instanceof ClassDefinition ? [] : self::used([$row]);
            for ($seen = []; [] !== $new = array_diff_key($used, $seen);) {
                $seen += $new;
                foreach (array_keys($new) as $name) {
                    $function = $this->program->functionNamed((string) $name);
                    $used += null === $function ? [] : self::used($function->body->statements);
                }
            }
            $first = array_key_first(array_intersect_key($below, $used));
            if (null !== $first) {
                return "function $first";
            }
        }

        return null;
    }

    /**
     * @param iterable<Statement> $rows
     *
     * @return array<string, true> functions by name
     */
    public static function used(iterable $rows): array
    {
        $used = [];
        foreach (Walk::live($rows) as $row) {
            $used += $row instanceof OwnCall ? [$row->function => true] : [];
            foreach (Walk::expressionsOf($row) as $value) {
                $used += $value instanceof OwnValue || $value instanceof FunctionReference ? [$value->function => true] : [];
            }
        }

        return $used;
    }

    /** What stands for an argument left out, and is changed by the function: it is the same one at the next call. */
    private function keptDefault(): ?string
    {
        foreach ($this->program->definitions() as $function) {
            foreach ($function->defaults as $parameter => $default) {
                if (($default instanceof ListLiteral || $default instanceof MapLiteral) && $this->changes($function, (string) $parameter)) {
                    return $function->shortName()."($parameter=…)";
                }
            }
        }

        return null;
    }

    private function changes(FunctionDefinition $function, string $name): bool
    {
        foreach (Walk::live($function->body->statements) as $row) {
            if ($row instanceof SetItem && self::root($row->target) === $name) {
                return true;
            }
            if ($row instanceof Perform && $row->value instanceof Operation && true === ValueOperations::find($row->value->key)?->hasEffect() && isset($row->value->arguments[0]) && self::root($row->value->arguments[0]) === $name) {
                return true;
            }
        }

        return false;
    }

    private static function root(Expression $place): ?string
    {
        while ($place instanceof Item || $place instanceof Field) {
            $place = $place instanceof Item ? $place->container : $place->object;
        }

        return $place instanceof VariableRead ? $place->name : null;
    }

    /** A loop whose item is a copy, of which something is changed. */
    private function changedCopy(): ?string
    {
        foreach ($this->program->scopes() as $part) {
            foreach ($this->program->rowsOf($part) as $row) {
                if (!$row instanceof EachLoop || $row->refers || $row->off) {
                    continue;
                }
                $copies = array_filter($row->variables, function (string $name) use ($part): bool {
                    $type = $this->types->variable($part, $name);

                    return TypeKind::Copied === $type->kind || $type->isList() || $type->isMap();
                });
                foreach ([] === $copies ? [] : Walk::live($row->body->statements) as $inner) {
                    if ($inner instanceof SetItem && \in_array(self::root($inner->target), $copies, true)) {
                        return 'for (auto '.$row->variables[0].' : …)';
                    }
                }
            }
        }

        return null;
    }

    /** What a class keeps for all its objects, and one of them for itself: `kind = "a"` above, `bed.kind = "b"` below. */
    private function ownOfClass(): ?string
    {
        $shared = [];
        foreach ($this->program->classes() as $class) {
            foreach ($class->body->statements as $row) {
                if ($row instanceof SetVariable) {
                    $shared[substr((string) strrchr('.'.$row->variable, '.'), 1)] = $class->name;
                }
            }
        }
        foreach ([] === $shared ? [] : Walk::statements($this->program->parts()) as $row) {
            if ($row instanceof SetItem && $row->target instanceof Field && isset($shared[$row->target->name])) {
                return $shared[$row->target->name].'.'.$row->target->name;
            }
        }

        return null;
    }

    /** Whether a copy has things of its own and points at others as well, which no word of the other languages says (C++17, 15.8.1). */
    private function copiesInPart(StaticType $type, int $depth): bool
    {
        if (TypeKind::Copied !== $type->kind) {
            return null !== $type->element && $depth < self::DEEPEST && $this->copiesInPart($type->element, $depth + 1);
        }
        $fields = $this->types->fieldsOf((new Classes($this->program))->root((string) $type->class));
        $points = [] !== array_filter($fields, static fn (StaticType $field): bool => TypeKind::Object === $field->kind || TypeKind::Object === $field->element?->kind);
        $holds = [] !== array_filter($fields, static fn (StaticType $field): bool => $field->isList() || $field->isMap() || $field->isSet() || TypeKind::Copied === $field->kind);

        return $points && ($holds || 0 < $depth) || $depth < self::DEEPEST && [] !== array_filter($fields, fn (StaticType $field): bool => TypeKind::Copied === $field->kind && $this->copiesInPart($field, $depth + 1));
    }

    /** So far are objects in objects looked at. */
    private const DEEPEST = 4;

    private static function calls(Expression $value, string $name): bool
    {
        return [] !== array_filter(Walk::expressions($value), static fn (Expression $part): bool => $part instanceof VariableRead && $part->name === $name || $part instanceof OwnValue && $part->function === $name);
    }

    /** Whether numbers are made of texts anywhere. */
    private function readsNumbers(): bool
    {
        foreach ($this->program->scopes() as $part) {
            foreach ($this->program->rowsOf($part) as $row) {
                foreach ($row->off ? [] : Walk::expressionsOf($row) as $value) {
                    if ($value instanceof Operation && \in_array($value->key, [OperationKey::ToWhole, OperationKey::ToNumber, OperationKey::LeadingNumber, OperationKey::FromBase], true) && !$this->types->expression($part, $value->arguments[0])->isNumeric()) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private function values(Semantics $from): ?string
    {
        $readsNumbers = null;
        foreach ($this->program->scopes() as $part) {
            foreach ($this->program->rowsOf($part) as $row) {
                foreach ($row->off ? [] : Walk::expressionsOf($row) as $value) {
                    $kinds = array_map(fn (Expression $operand): array => [$this->types->expression($part, $operand), $operand], $value->operands());
                    $isText = array_filter($kinds, static fn (array $kind): bool => $kind[0]->isTextual());
                    $isNumber = array_filter($kinds, static fn (array $kind): bool => $kind[0]->isNumeric());
                    if ($from->coerces && !$this->other->coerces) {
                        // A text becomes a number where a number is wanted (ECMA-262, 7.1.4).
                        $isReckoned = $value instanceof Binary && \in_array($value->operator, [Operator::Subtract, Operator::Multiply, Operator::TrueDivide, Operator::Power, Operator::TruncRemainder, Operator::FloorRemainder], true) || $value instanceof Unary;
                        $isOrdered = $value instanceof Binary && \in_array($value->operator, [Operator::Less, Operator::LessOrEqual, Operator::Greater, Operator::GreaterOrEqual], true);
                        if ($isReckoned && [] !== $isText && !($value instanceof Unary && 'not' === $value->operator->value) || $isOrdered && [] !== $isText && [] !== $isNumber) {
                            return '"…" '.($value instanceof Binary ? $value->operator->value : '-').' …';
                        }
                        // Numbers with a point lose what is behind it (ECMA-262, 7.1.6).
                        if ($value instanceof Operation && \in_array($value->key, OperationKey::OF_BITS, true) && [] !== array_filter($kinds, static fn (array $kind): bool => $kind[0]->isNumeric() && !$kind[0]->isWhole())) {
                            return ValueOperations::get($value->key)->example();
                        }
                    }
                    if ($from->ordersObjects && !$this->other->ordersObjects && $value instanceof Operation && \in_array($value->key, [OperationKey::Least, OperationKey::Greatest], true) && ($kinds[0][0]->element?->isList() ?? false)) {
                        // A list is no number there (ECMA-262, 21.3.2.24).
                        return ValueOperations::get($value->key)->example();
                    }
                    if ($from->namedPlaces && !$this->other->namedPlaces && $value instanceof Operation && \in_array($value->key, [OperationKey::Keys, OperationKey::Values, OperationKey::Entries], true) && ($kinds[0][0]->isList() || TypeKind::Mixed === $kinds[0][0]->kind)) {
                        // Only there has a list keys.
                        return ValueOperations::get($value->key)->example();
                    }
                    if ($from->coerces && !$this->other->coerces && $value instanceof Operation && \in_array($value->key, [OperationKey::IsNoNumber, OperationKey::IsNan], true) && ($readsNumbers ??= $this->readsNumbers())) {
                        // A text that is no number stops the program elsewhere, before it is asked whether it is one (ECMA-262, 7.1.4.1).
                        return ValueOperations::get($value->key)->example('javascript');
                    }
                    if (!$from->strictTexts && ($this->other->strictTexts || $this->other->typed) && !$from->typed && $value instanceof Operation && OperationKey::Joined === $value->key && !($kinds[0][1] instanceof Collected && $kinds[0][1]->value instanceof Item && $kinds[0][1]->value->index instanceof TextLiteral) && \in_array($kinds[0][0]->item()->kind, [TypeKind::Mixed, TypeKind::Truth, TypeKind::List, TypeKind::Map], true)) {
                        // What is no text becomes one there, and nothing becomes none (ECMA-262, 23.1.3.18).
                        return ValueOperations::get($value->key)->example();
                    }
                    $isKeyed = $value instanceof MapLiteral && [] !== array_filter($kinds, static fn (array $kind, int $at): bool => 0 === $at % 2 && $kind[0]->isList(), \ARRAY_FILTER_USE_BOTH)
                        || $value instanceof Item && $kinds[0][0]->isMap() && $kinds[1][0]->isList();
                    if ($isKeyed && !$from->namedPlaces && $this->other->namedPlaces) {
                        // Names of what an object keeps are texts (ECMA-262, 6.1.7).
                        return '{(…): …}';
                    }
                    if ($from->typed && !$this->other->typed && $value instanceof Operation && \in_array($value->key, [OperationKey::Copied, OperationKey::DeepCopied], true) && (OperationKey::Copied === $value->key && TypeKind::Copied === $kinds[0][0]->kind || $this->copiesInPart($kinds[0][0], 0))) {
                        return ($kinds[0][0]->class ?? '').' … = …';
                    }
                    if ($this->other->typed && !$from->typed) {
                        if ($value instanceof Binary && \in_array($value->operator, [Operator::Equal, Operator::NotEqual], true) && [] !== $isText && [] !== $isNumber) {
                            // Nothing compares the two (C++17, 24.3.3).
                            return '"…" '.$value->operator->value.' …';
                        }
                        if ($value instanceof Operation && (OperationKey::Filled === $value->key && ($kinds[1][0]->isList() || $kinds[1][0]->isMap()) || OperationKey::Repeated === $value->key && $kinds[0][0]->isList() && $kinds[0][0]->item()->isList())) {
                            // One list, as often as it stands there; here each would be one of its own.
                            return ValueOperations::get($value->key)->example();
                        }
                    }
                    if ($row instanceof SetVariable && $value === $row->value && $value instanceof Lambda && $this->other->typed && !$from->typed && self::calls($value, $row->variable)) {
                        // Its type is not known within itself (C++17, 10.1.7.4).
                        return "$row->variable = … $row->variable(…) …";
                    }
                    if ($value instanceof Operation && \in_array($value->key, self::OF_LISTS, true) && ([] !== $isText && OperationKey::Joined !== $value->key || OperationKey::Joined === $value->key && $kinds[0][0]->isTextual()) && ($this->other->typed || OperationKey::Paired === $value->key && !$from->coerces)) {
                        return ValueOperations::get($value->key)->example();
                    }
                    if ($value instanceof Binary && $value->operator->isLogic() && $from->emptyIsFalse && !$this->other->emptyIsFalse && ($kinds[0][0]->isList() || $kinds[0][0]->isMap())) {
                        return '[] '.$value->operator->value.' …';
                    }
                }
            }
        }

        return null;
    }
}
