<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Catalogue\FoundAgain;
use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperation;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\JavaScript\Waiting;
use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Language\Typing\LiveLoops;
use Scrivlet\Core\Language\Typing\ReferenceParameters;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Refusal;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ChangedPlace;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Given;
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
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** What a program says that another language has no words for, or that would do something else there. */
final class Unsayable
{
    /** @throws Refusal if a language has no text that does the same */
    public static function text(Program $program, Language $other): string
    {
        $refusal = self::why($program, $other);
        if (null !== $refusal) {
            throw $refusal;
        }
        $kinds = $other->semantics()->typed ? new KindsOfCpp($program, (new Analysis($program))->types()) : null;
        $shared = $kinds?->sharedList();
        if (null !== $shared) {
            throw new Refusal('console.no_words', ['language' => $other->title(), 'key' => $shared]);
        }
        if (true === $kinds?->areOthers()) {
            throw new Refusal('console.kinds');
        }
        $text = $other->print($program)->text();
        // Nothing is kept in a list or a map of C++ whose type is left open.
        if ($other->semantics()->typed && (self::mixes($program) || 1 === preg_match('/\\b(?:vector|map|unordered_map)<[^;=(){}]*\\bauto\\b/', $text))) {
            $names = (new Analysis($program))->types()->mixedNames($program);

            throw [] === $names ? new Refusal('console.kinds') : new Refusal('console.mixed', ['names' => implode(', ', $names)]);
        }

        return $text;
    }

    /** Whether values of several kinds come together where C++ wants one: in a literal, or in what a function gives back. */
    private static function mixes(Program $program): bool
    {
        $types = (new Analysis($program))->types();
        foreach ($program->scopes() as $part) {
            if ($part instanceof FunctionDefinition && $part->givesValue() && [] !== array_filter($part->parameters, static fn (string $name): bool => $types->variable($part, $name)->isMixed())) {
                return true;
            }
            $kinds = [];
            foreach ($program->rowsOf($part) as $row) {
                if ($row instanceof SetVariable && $types->variable($part, $row->variable)->isMixed()) {
                    $kind = $types->expression($part, $row->value)->kind;
                    $kinds[$row->variable] ??= $kind;
                    if ($kinds[$row->variable] !== $kind && TypeKind::Mixed !== $kind && TypeKind::Mixed !== $kinds[$row->variable]) {
                        return true;
                    }
                }
                $values = Walk::expressionsOf($row);
                $asked = Asked::in($row);
                if (self::findsNothing($values, $asked)) {
                    return true;
                }
                if ($row instanceof GiveBack && $part instanceof FunctionDefinition && $row->value instanceof NothingLiteral && $types->result($part->name)->isMixed()) {
                    return true;
                }
                foreach ($values as $value) {
                    if ($value instanceof Binary && $value->operator->isLogic() && !\in_array($value, $asked, true) && !self::isSaidByCpp($value, $types, $part)) {
                        return true;
                    }
                    if ($value instanceof Choice && $types->expression($part, $value)->isMixed() && ($value->then instanceof NothingLiteral || $value->otherwise instanceof NothingLiteral)) {
                        return true;
                    }
                    $type = $value instanceof ListLiteral || $value instanceof MapLiteral ? $types->expression($part, $value) : null;
                    if (null !== $type && ($type->isMixed() || TypeKind::MaybeWhole === $type->element?->kind)) {
                        return true;
                    }
                }
                foreach ($row instanceof PrintLine ? $row->values : [] as $value) {
                    if (self::showsNothing($value) || TypeKind::MaybeWhole === $types->expression($part, $value)->kind) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /**
     * Whether a value that is one of two can be written in C++, where it is a truth: two truths, two texts, or what a
     * map has or else a number or a text of its kind.
     */
    private static function isSaidByCpp(Binary $logic, Types $types, FunctionDefinition|Script $part): bool
    {
        $left = $logic->left instanceof Operation && OperationKey::ValueOr === $logic->left->key ? new Item($logic->left->arguments[0], $logic->left->arguments[1]) : $logic->left;
        $sides = [$types->expression($part, $left), $types->expression($part, $logic->right)];
        if (!$sides[0]->isNumeric() && !$sides[0]->isTextual()) {
            return TypeKind::Truth === $sides[0]->kind && TypeKind::Truth === $sides[1]->kind;
        }

        return FoundAgain::may($left) && ($sides[0]->isNumeric() ? $left !== $logic->left && $sides[1]->isNumeric() : $sides[1]->isTextual());
    }

    /** Whether a language has no sign for what a place becomes from what it was, and the place may be found once only. */
    private static function findsTwice(Expression $target, Expression $value, ?Operator $operator, Language $other): bool
    {
        if (FoundAgain::may($target)) {
            return false;
        }
        $operator ??= $value instanceof Binary && $value->operator->isArithmetic() && $value->left == $target ? $value->operator : null;
        if (null !== $operator || null === ChangedPlace::before($target, $value)) {
            return null !== $operator && !\in_array($operator, [Operator::Add, Operator::Subtract, Operator::Multiply], true);
        }
        $sign = ChangedPlace::sign($target, $value)[0] ?? null;

        // C++ begins with nothing for a key that is missing, the others ask for it.
        return null === $sign ? !$other->semantics()->typed : !isset(ChangedPlace::BY[$sign]) && !$other->semantics()->lateChoice;
    }

    /** Whether a language writes an operand several times that may be found once only. */
    private static function isFoundAgain(ValueOperation $operation, Operation $value, Language $other): bool
    {
        if ([] === Printer::overPlaces($operation->spellings[$other->value], $value->arguments)) {
            return true;
        }
        foreach ($operation->spellings[$other->value] as $spelling) {
            preg_match_all('/\{(\d)/', $spelling, $operands);
            foreach (array_count_values($operands[1]) as $operand => $times) {
                if (1 < $times && isset($value->arguments[$operand]) && !FoundAgain::may($value->arguments[$operand])) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Whether a map is asked for what may be nothing, other than whether it is, or to order things by it.
     *
     * @param list<Expression> $values
     * @param list<Expression> $ordering what is asked for its truth alone
     */
    private static function findsNothing(array $values, array $ordering): bool
    {
        foreach ($values as $value) {
            if ($value instanceof Binary && $value->operator->isLogic()) {
                $ordering[] = $value->left;
            }
            $by = $value instanceof Operation && str_ends_with($value->key->value, '_by') ? $value->arguments[1] : null;
            if ($by instanceof Lambda) {
                $ordering[] = $by->value;
            }
        }

        return [] !== array_filter($values, static fn (Expression $value): bool => $value instanceof Operation && OperationKey::ValueOr === $value->key && $value->arguments[2] instanceof NothingLiteral && !\in_array($value, $ordering, true));
    }

    private static function showsNothing(Expression $value): bool
    {
        return $value instanceof NothingLiteral || $value instanceof Binary && Operator::Join === $value->operator && (self::showsNothing($value->left) || self::showsNothing($value->right));
    }

    public static function why(Program $program, Language $other): ?Refusal
    {
        if ($other->semantics()->typed && [] !== $program->classes()) {
            return new Refusal('console.classes');
        }
        if ($other->semantics()->typed && self::hasFunctionValues($program)) {
            return new Refusal('console.functions');
        }
        $key = self::wordless($program, $other);
        if (null !== $key) {
            return new Refusal('console.no_words', ['language' => $other->title(), 'key' => $key]);
        }
        foreach ($program->definitions() as $function) {
            foreach ($other->semantics()->lateDefaults ? [] : $function->defaults as $default) {
                // Only JavaScript knows the parameters before where it finds what is left out.
                if ([] !== array_filter(Walk::expressions($default), static fn (Expression $part): bool => $part instanceof VariableRead && \in_array($part->name, $function->parameters, true))) {
                    return new Refusal('console.no_words', ['language' => $other->title(), 'key' => $function->shortName().'(… = …)']);
                }
            }
            // Only Python has parameters behind the one for all the others.
            if ($other->semantics()->restLast && '' !== $function->rest && $function->rest !== $function->parameters[\count($function->parameters) - 1]) {
                return new Refusal('console.no_words', ['language' => $other->title(), 'key' => '*'.$function->rest]);
            }
        }
        $classes = new Classes($program);
        foreach ($program->classes() as $class) {
            $maker = $program->functionNamed($class->name.'.'.ClassDefinition::MAKES);
            // Only Python lets an object be made without its parent's part.
            if ($other->semantics()->restLast && null !== $maker && $classes->makesUnderParent($maker) && null !== $classes->method($class->parent, ClassDefinition::MAKES)) {
                return new Refusal('console.no_words', ['language' => $other->title(), 'key' => "class $class->name"]);
            }
        }
        $class = $other->semantics()->typed ? null : SeveralMakers::leaveToSee($program);
        if (null !== $class) {
            return new Refusal('console.no_words', ['language' => $other->title(), 'key' => "$class(…), $class()"]);
        }
        $asked = self::asksUnknown($program);
        if (null !== $asked) {
            return new Refusal('console.no_words', ['language' => $other->title(), 'key' => $asked]);
        }
        $asked = self::comparesFields($program) ?? ($other->semantics()->typed ? null : self::copiesParts($program)) ?? OtherwiseThere::in($program, $other) ?? CutAtPlaces::in($program, $other) ?? self::asksMixed($program, $other) ?? ($other->semantics()->asksObjects ? self::showsPlace($program) : null) ?? ($other->semantics()->lateDefaults ? null : self::leavesOut($program, $other)) ?? ($other->semantics()->typed ? null : self::goesBySort($program));
        if (null !== $asked) {
            return new Refusal('console.no_words', ['language' => $other->title(), 'key' => $asked]);
        }
        if (self::showsOrder($program)) {
            return new Refusal('console.sets', ['language' => $other->title()]);
        }
        if (MapOrder::shows($program, $other)) {
            return new Refusal('console.maps', ['language' => $other->title()]);
        }
        if (!$other->semantics()->typed && WithoutSign::beginsAgain($program)) {
            return new Refusal('console.without_sign', ['language' => $other->title()]);
        }
        if (!$other->semantics()->typed && self::cutsDown($program)) {
            return new Refusal('console.cut_down', ['language' => $other->title()]);
        }
        if (!$other->semantics()->liveLoops && [] !== array_filter(Walk::statements($program->parts()), static fn (Statement $row): bool => $row instanceof EachLoop && LiveLoops::changesItself($row))) {
            return new Refusal('console.changed_meanwhile', ['language' => $other->title()]);
        }
        if (self::seesTurns($program)) {
            return new Refusal('console.turns', ['language' => $other->title()]);
        }
        if (Failures::mayDiffer($program, $other)) {
            return new Refusal('console.failures', ['language' => $other->title()]);
        }

        return null;
    }

    /** A template divides whole numbers without and others with what is behind the point, as each call gives them (C++17, 8.6), and makes such texts of them (24.3.4). */
    private static function goesBySort(Program $program): ?string
    {
        if (!Language::isTyped($program)) {
            return null;
        }
        $types = null;
        foreach ($program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $row) {
                foreach ($row->off ? [] : Walk::expressionsOf($row) as $value) {
                    $isDivided = $value instanceof Binary && Operator::TruncDivide === $value->operator;
                    if ($isDivided || $value instanceof Operation && OperationKey::Spelled === $value->key) {
                        $types ??= Types::of($program);
                        foreach ($value->operands() as $side) {
                            if (\in_array($types->expression($part, $side)->kind, $isDivided ? [TypeKind::Either, TypeKind::Mixed] : [TypeKind::Either], true)) {
                                return 'template <…>';
                            }
                        }
                    }
                }
            }
        }

        return null;
    }

    /** Whether a function gets a copy of what may be more than its parameter says, of which C++ keeps no more than that (C++17, 15.8.1). */
    private static function cutsDown(Program $program): bool
    {
        $above = array_filter(array_map(static fn (ClassDefinition $class): string => $class->parent, $program->classes()));
        $types = [] === $above ? null : Types::of($program);
        if (null === $types) {
            return false;
        }
        foreach ($program->definitions() as $function) {
            foreach ($function->parameters as $parameter) {
                $type = $types->variable($function, $parameter);
                if (TypeKind::Copied === $type->kind && \in_array($type->class, $above, true) && $parameter !== $function->itself() && 1 !== preg_match('/[&*]$/D', $function->types[$parameter] ?? '')) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A call that leaves out what has no default: Python writes `None` for functions, and nothing for methods; C++ has no such value. */
    private static function leavesOut(Program $program, Language $other): ?string
    {
        $methods = array_filter($program->definitions(), static fn (FunctionDefinition $one): bool => null !== $one->itself());
        foreach ($program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $row) {
                foreach ([$row, ...Walk::expressionsOf($row)] as $value) {
                    if ($value instanceof MethodCall) {
                        $few = array_filter($methods, static fn (FunctionDefinition $one): bool => $one->shortName() === $value->method && \count($value->arguments) < \count($one->parameters) - 1 - \count($one->defaults) - ('' === $one->rest ? 0 : 1));
                        if ([] !== $few) {
                            return ".$value->method(…)";
                        }
                    }
                    $function = $other->semantics()->typed && ($value instanceof OwnValue || $value instanceof OwnCall) ? $program->functionNamed($value->function) : null;
                    foreach (null === $function ? [] : $value->arguments as $index => $argument) {
                        if (null !== $function && $argument instanceof NothingLiteral && $argument->undefined && !isset($function->defaults[$function->parameters[$index] ?? ''])) {
                            return $function->name.'(…)';
                        }
                    }
                }
            }
        }

        return null;
    }

    /** A method of the program's own that texts and lists have as well, asked of what may be any of them: each language calls theirs otherwise. */
    private static function asksUnknown(Program $program): ?string
    {
        $own = [];
        foreach ($program->definitions() as $function) {
            $name = '' === $function->class() ? '' : $function->shortName();
            foreach ('' === $name ? [] : Language::cases() as $language) {
                for ($takes = 0; $takes <= 2; ++$takes) {
                    $own[$name] = ($own[$name] ?? false) || null !== ValueOperations::ofMethod($language->value, $name, $takes);
                }
            }
        }
        if (!\in_array(true, $own, true)) {
            return null;
        }
        $types = Types::of($program);
        foreach ($program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $row) {
                foreach (Walk::expressionsOf($row) as $value) {
                    if ($value instanceof MethodCall && ($own[$value->method] ?? false) && \in_array($types->expression($part, $value->object)->kind, [TypeKind::Unknown, TypeKind::Mixed], true)) {
                        return ".$value->method";
                    }
                }
            }
        }

        return null;
    }

    /**
     * What a pointer points at, taken as a thing of its own with all that it keeps, or an object made like another one: only
     * C++ copies what stands in fields with the object, and what they point at not (C++17, 15.8.1).
     */
    private static function copiesParts(Program $program): ?string
    {
        $types = null;
        foreach ([] === $program->classes() ? [] : $program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $row) {
                foreach (Walk::expressionsOf($row) as $value) {
                    $isMade = $value instanceof MakeObject && 1 === \count($value->arguments) && null === $value->asMade();
                    if (!$isMade && !($value instanceof Operation && OperationKey::Followed === $value->key)) {
                        continue;
                    }
                    $type = ($types ??= Types::of($program))->expression($part, $value->arguments[0]);
                    $class = !$isMade || TypeKind::Copied === $type->kind ? $type->class : null;
                    if (null !== $class && ($isMade ? $class === $value->class : self::hasParts($program, $class))) {
                        return $isMade ? "new $class(…)" : "*… ($class)";
                    }
                }
            }
        }

        return null;
    }

    /** Whether an object keeps more than numbers, texts and truths. */
    private static function hasParts(Program $program, string $class): bool
    {
        $of = $program->classNamed($class);
        if (null === $of) {
            return true;
        }
        foreach ($of->body->statements as $row) {
            $type = $row instanceof FieldDeclaration && !$row->off && null !== $row->type ? TypeNames::read($row->type) : null;
            if (null !== $type && !$type->isNumeric() && !$type->isTextual() && TypeKind::Truth !== $type->kind && TypeKind::Letter !== $type->kind) {
                return true;
            }
        }

        return '' !== $of->parent && self::hasParts($program, $of->parent);
    }

    private static function comparesFields(Program $program): ?string
    {
        $classes = new Classes($program);
        $ofData = [];
        foreach ($program->classes() as $class) {
            $hasFields = [] !== array_filter($class->body->statements, static fn (Statement $row): bool => $row instanceof FieldDeclaration);
            $ofData[$class->name] = $hasFields && null === $classes->method($class->name, '@equal');
        }
        $types = null;
        foreach (\in_array(true, $ofData, true) ? $program->scopes() : [] as $part) {
            foreach ($program->rowsOf($part) as $row) {
                foreach (Walk::expressionsOf($row) as $value) {
                    if ($value instanceof Binary && \in_array($value->operator, [Operator::Equal, Operator::NotEqual], true) && ($ofData[($types ??= Types::of($program))->expression($part, $value->left)->class ?? ''] ?? false) && null !== $types->expression($part, $value->right)->class) {
                        return "class {$types->expression($part, $value->left)->class} ==";
                    }
                }
            }
        }

        return null;
    }

    /** What is asked of a value that may be a list or a map, which JavaScript asks in two ways. */
    private static function asksMixed(Program $program, Language $other): ?string
    {
        $types = null;
        foreach ($other->semantics()->coerces ? $program->scopes() : [] as $part) {
            foreach ($program->rowsOf($part) as $row) {
                foreach (Walk::expressionsOf($row) as $value) {
                    if ($value instanceof Operation && \in_array($value->key, [OperationKey::Length, OperationKey::Contains, OperationKey::IsEmpty], true)) {
                        $type = ($types ??= Types::of($program))->expression($part, $value->arguments[0]);
                        if (TypeKind::Mixed === $type->kind && !$type->isScalar) {
                            return ValueOperations::get($value->key)->example();
                        }
                    }
                }
            }
        }

        return null;
    }

    /** An object without a text of its own is shown by what it keeps in JavaScript, and by its place in Python. */
    private static function showsPlace(Program $program): ?string
    {
        $types = null;
        $classes = new Classes($program);
        $without = array_filter($program->classes(), static fn (ClassDefinition $class): bool => null === $classes->method($class->name, ClassDefinition::SHOWS) && null === $classes->method($class->name, ClassDefinition::FORM) && null === $class->failure());
        foreach ([] === $without ? [] : $program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $row) {
                foreach ($row instanceof PrintLine ? $row->values : [] as $value) {
                    $type = ($types ??= Types::of($program))->expression($part, $value);
                    foreach ($without as $class) {
                        if ($class->name === ($type->class ?? $type->element?->class) || TypeKind::Mixed === $type->kind && !$type->isScalar && ($value instanceof VariableRead || $value instanceof Item)) {
                            return "print($class->name)";
                        }
                    }
                }
            }
        }

        return null;
    }

    /** Whether the order of what is in a set is to be seen: each language has another one. */
    private static function showsOrder(Program $program): bool
    {
        $types = null;
        foreach ($program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $row) {
                foreach ([...Walk::expressionsOf($row), ...($row instanceof EachLoop ? [$row->over] : [])] as $value) {
                    $isKept = $value instanceof Operation && \in_array($value->key, [OperationKey::Contains, OperationKey::Has, OperationKey::Size, OperationKey::Length, OperationKey::PutIn, OperationKey::TakeOut, OperationKey::SetOf, OperationKey::Sorted, OperationKey::SortedDown, OperationKey::Total, OperationKey::Least, OperationKey::Greatest, OperationKey::IsWithin, OperationKey::IsAround, OperationKey::IsEmpty, OperationKey::Clear, OperationKey::Union, OperationKey::SharedItems, OperationKey::OtherItems, OperationKey::ApartItems, OperationKey::Remove], true);
                    foreach ($isKept || $value instanceof VariableRead && !$row instanceof PrintLine && !$row instanceof EachLoop ? [] : ($value instanceof Collected ? [$value->over] : [$value, ...$value->operands()]) as $seen) {
                        $types ??= Types::of($program);
                        if ($types->expression($part, $seen)->isSet()) {
                            return true;
                        }
                    }
                }
            }
        }

        return false;
    }

    /** Whether a language has no text for what a program says, so that none is shown. */
    public static function hasNoText(Program $program, Language $other): bool
    {
        $fails = [] !== array_filter($program->classes(), static fn (ClassDefinition $class): bool => null !== $class->failure());

        return null !== self::wordless($program, $other) || $other->semantics()->typed && ($fails || self::hasFunctionValues($program));
    }

    /** A function inside of another that a row above it uses, by its name: only JavaScript knows it before it comes to it. */
    private static function calledAbove(FunctionDefinition $around): ?string
    {
        $inner = array_filter($around->body->statements, static fn (Statement $row): bool => $row instanceof FunctionDefinition);
        if ([] === $inner) {
            return null;
        }
        $used = [];
        foreach ($around->body->statements as $row) {
            if ($row instanceof FunctionDefinition) {
                if (isset($used[$row->name])) {
                    return $row->shortName();
                }
                continue;
            }
            $used += OtherwiseThere::used([$row]);
        }

        return null;
    }

    /** Whether a function that changes what it is given is given a letter of a text anywhere. */
    private static function changesLetters(Program $program, FunctionDefinition $function, Types $types): bool
    {
        $changed = !\in_array('char &', $function->types, true) && !\in_array('auto &', $function->types, true) ? [] : ReferenceParameters::of($program, $function, $types);
        foreach ([] === $changed ? [] : $program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $row) {
                foreach ($row instanceof OwnCall && $row->function === $function->name ? $row->arguments : [] as $index => $argument) {
                    if ($argument instanceof Item && \in_array($function->parameters[$index] ?? '', $changed, true) && $types->expression($part, $argument->container)->isTextual()) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private static function wordless(Program $program, Language $other): ?string
    {
        $types = $waiting = null;
        if (!$other->semantics()->tuples && [] !== array_filter($program->classes(), static fn (ClassDefinition $class): bool => ClassDefinition::RECORD === $class->parent)) {
            return 'NamedTuple';
        }
        $lasting = array_values(array_filter($program->below, static fn (Statement $row): bool => $row instanceof SetVariable))[0] ?? null;
        if (!$other->semantics()->globalsFirst && $lasting instanceof SetVariable) {
            // It would get its value when the program is over.
            return "static $lasting->variable";
        }
        foreach ($program->definitions() as $function) {
            if (!$other->semantics()->remembers && 'remembered' === $function->sort) {
                return '@lru_cache';
            }
            $refers = !$other->semantics()->typed && ('' !== $function->class() || $function->givesValue()) && [] !== array_filter($function->types, static fn (string $type, string $name): bool => '' !== $name && str_ends_with($type, '&') && !str_starts_with($type, 'const'), \ARRAY_FILTER_USE_BOTH);
            if ($refers && [] !== ReferenceParameters::of($program, $function, $types ??= Types::of($program))) {
                // Only C++ hands over the variable itself beside what is given back.
                return $function->shortName().'(… &)';
            }
            if (!$other->semantics()->typed && !$refers && self::changesLetters($program, $function, $types ??= Types::of($program))) {
                // A letter by itself is changed in C++ alone.
                return $function->shortName().'(… &)';
            }
            if (!$other->semantics()->hoists && null !== $below = self::calledAbove($function)) {
                return "function $below";
            }
            if (!$other->semantics()->bindsByHand && $function->isTied()) {
                return 'this';
            }
            $method = substr((string) strrchr($function->name, '.'), 1);
            if (!$other->semantics()->asksObjects && \in_array($method, ClassDefinition::FURTHER, true)) {
                return 'class '.$function->class();
            }
        }
        foreach ($program->classes() as $class) {
            foreach ($class->body->statements as $row) {
                if ($row instanceof FieldDeclaration && null !== $row->value && [] !== array_filter(Walk::expressions($row->value), static fn (Expression $part): bool => $part instanceof VariableRead)) {
                    // What an object begins with is found elsewhere before there is one.
                    return "class $class->name";
                }
            }
        }
        $ordered = [] !== array_filter($program->definitions(), static fn (FunctionDefinition $function): bool => '' !== $function->class() && '@less' === $function->shortName());
        $divides = !$other->semantics()->typed && [] !== array_filter($program->definitions(), static fn (FunctionDefinition $function): bool => \in_array($function->shortName(), ['@divide', '@floor_remainder'], true));
        foreach (Walk::statements($program->parts()) as $row) {
            $taken = $row instanceof SetSeveral && 1 === \count($row->values) ? $row->values[0] : ($row instanceof EachLoop && 1 < \count($row->variables) ? $row->over : null);
            if (null !== $taken && !$other->semantics()->typed && [] !== $program->classes() && !$row->off && self::isApart($program, $row, $taken, $types ??= Types::of($program))) {
                // Only C++ takes an object apart into what it keeps.
                return 'auto […]';
            }
            if ($row instanceof OwnCall && !$row->off && !$other->semantics()->typed && self::changesFoundTwice($program, $row, $types ??= Types::of($program))) {
                return "$row->function([… = …])";
            }
            foreach ($row->off ? [] : Walk::expressionsOf($row) as $value) {
                // Objects of C++ are asked by the sign that cuts numbers.
                if ($divides && $value instanceof Binary && \in_array($value->operator, [Operator::TruncDivide, Operator::TruncRemainder], true)) {
                    return 'class …';
                }
                // Only Python has lists of a fixed length beside the others.
                if ($value instanceof KindTest && '@tuple' === $value->kind && !$other->semantics()->tuples) {
                    return 'isinstance(…, tuple)';
                }
                // Only Python and C++ call an object by brackets behind it.
                if ($value instanceof MethodCall && str_starts_with($value->method, '@') && MethodCall::CALL !== $value->method) {
                    return 'class …';
                }
                $operation = $value instanceof Operation ? ValueOperations::find($value->key) : null;
                // A name that gets a value in a small function of Python is that function's own (The Python Language Reference, 6.12).
                if ($other->semantics()->namesInLambdas && ($value instanceof Lambda && Given::isIn($value) || $value instanceof Operation && Given::is($value) && (!$value->arguments[0] instanceof VariableRead || str_contains($value->arguments[0]->name, '.')))) {
                    return ValueOperations::get(OperationKey::Given)->example();
                }
                // A small function of JavaScript that waits gives a promise (ECMA-262, 15.9).
                if ($other->notation()->awaits && ($value instanceof Lambda || $value instanceof Collected) && ($waiting ??= new Waiting($program))->isWithin($value)) {
                    return '=> await …';
                }
                // JavaScript sorts objects by no sign of their own.
                if ($ordered && !$other->semantics()->ordersObjects && \in_array($operation?->key, [OperationKey::Sort, OperationKey::SortDown, OperationKey::Sorted, OperationKey::SortedDown, OperationKey::Least, OperationKey::Greatest], true)) {
                    return $operation->example();
                }
                // Only Python says something where a program is left.
                if (OperationKey::Exit === $operation?->key && $value instanceof Operation && !$other->semantics()->saysAtExit && isset($value->arguments[0]) && !$value->arguments[0] instanceof NumberLiteral && !$value->arguments[0] instanceof VariableRead) {
                    return $operation->example();
                }
                // Each language has its own names for the kinds of values.
                if ($value instanceof Operation && Given::is($value) && $row instanceof ChangeVariable && $value->arguments[0] == new VariableRead($row->variable)) {
                    // Which of both is found first is another thing in each language (C++17, 8.18; ECMAScript 2022, 13.15.2).
                    return "$row->variable += … $row->variable++";
                }
                if ($row instanceof SetItem && self::findsTwice($row->target, $row->value, $row->operator, $other) || $value instanceof Operation && Given::is($value) && (self::findsTwice($value->arguments[0], $value->arguments[1], null, $other) || OperationKey::GivenAfter === $value->key && null === Given::change($value) && !$other->semantics()->typed)) {
                    return '[…()] = …';
                }
                if ($value instanceof Operation && null !== $operation && Result::Nothing === $operation->result && !$row instanceof Perform && \in_array($value, $row->blanks(), true)) {
                    // What is done to a list has a value in some languages, and another one in each.
                    return $operation->example();
                }
                if ($value instanceof Operation && OperationKey::OrElse === $value->key && !$other->semantics()->lateChoice && !FoundAgain::may($value->arguments[1])) {
                    // Elsewhere both would be reckoned.
                    return '??';
                }
                $counted = $value instanceof Operation && \in_array($value->key, [OperationKey::Numbered, OperationKey::NumberedFrom], true) ? $value->arguments[0] : null;
                if ($counted instanceof OwnValue && $other->semantics()->spreads && true === $program->functionNamed($counted->function)?->handsOut()) {
                    // Only lists can be asked for their places there, which would take out all before the first.
                    return ValueOperations::get(OperationKey::Numbered)->example();
                }
                if ($value instanceof Operation && OperationKey::MethodOf === $value->key && $other->semantics()->bindsByHand && !Given::isPlace($value->arguments[0])) {
                    // It would be reckoned twice.
                    return ValueOperations::get($value->key)->example();
                }
                $changes = $value instanceof Operation && OperationKey::After === $value->key ? $value->arguments[0] : null;
                if ($changes instanceof Operation && ($value->arguments[1] == new NothingLiteral() || $value->arguments[1] == new Operation(OperationKey::Length, [$changes->arguments[0] ?? new NothingLiteral()]))) {
                    // It gives nothing in one language, and something in another.
                    return ValueOperations::get($changes->key)->example();
                }
                if ($value instanceof MethodCall && null !== $kept = $value->leftOut()) {
                    foreach ($value->arguments as $place => $given) {
                        if (!$given instanceof NumberLiteral && !$given instanceof TextLiteral && !$given instanceof TruthLiteral && $given != new VariableRead($kept[0]->parameters[$place])) {
                            // Found once there, and at each call here.
                            return '…=…';
                        }
                    }
                }
                if ($value instanceof Operation && \in_array($value->key, [OperationKey::LargestOf, OperationKey::SmallestOf], true)) {
                    // One list is all that is compared in one language, and no number in another.
                    return ValueOperations::get($value->key)->example();
                }
                if ($value instanceof Operation && OperationKey::Formatted === $value->key && ($value->arguments[1] ?? null) instanceof TextLiteral && 1 === preg_match('/_|=\d|[FEGc]$|^[^<>^]*0\d+,|^ |(?<![<>^]) \d/D', $value->arguments[1]->value)) {
                    // What the library of the other languages has no form for.
                    return 'format(…, "'.$value->arguments[1]->value.'")';
                }
                if ($value instanceof Operation && OperationKey::FailureItself === $value->key) {
                    return 'catch (…)';
                }
                if ($value instanceof Operation && \in_array($value->key, [OperationKey::FailureName, OperationKey::FailureShown], true)) {
                    // Each language has names of its own for what fails.
                    return ValueOperations::get($value->key)->example();
                }
                if ($value instanceof Binary && [] !== array_filter([$value->left, $value->right], static fn (Expression $side): bool => $side instanceof Operation && OperationKey::KindName === $side->key) && [] !== array_filter([$value->left, $value->right], static fn (Expression $side): bool => $side instanceof TextLiteral && null === $program->classNamed($side->value))) {
                    return ValueOperations::get(OperationKey::KindName)->example();
                }
                if (null !== $operation && $value instanceof Operation && ([] === $operation->spellings[$other->value] || self::isFoundAgain($operation, $value, $other))) {
                    return $operation->example();
                }
            }
        }

        return null;
    }

    /** Whether a place that is found by changing something (`&a[++i]`) is handed to a function that changes it: elsewhere it is found once for its value, and once more. */
    private static function changesFoundTwice(Program $program, OwnCall $call, Types $types): bool
    {
        $function = $program->functionNamed($call->function);
        if (null === $function || [] === array_filter($call->arguments, static fn (Expression $one): bool => Given::isIn($one))) {
            return false;
        }
        foreach (ReferenceParameters::of($program, $function, $types) as $name) {
            $place = array_search($name, $function->parameters, true);
            if (false !== $place && isset($call->arguments[$place]) && Given::isIn($call->arguments[$place])) {
                return true;
            }
        }

        return false;
    }

    /** Whether what gives several names their values is an object, or a list of such. */
    private static function isApart(Program $program, Statement $row, Expression $taken, Types $types): bool
    {
        foreach ($program->scopes() as $part) {
            foreach ($program->rowsOf($part) as $other) {
                if ($other === $row) {
                    $type = $types->expression($part, $taken);
                    $type = $row instanceof EachLoop && !$type->isMap() ? $type->item() : $type;

                    return TypeKind::Copied === $type->kind || TypeKind::Object === $type->kind;
                }
            }
        }

        return false;
    }

    /** Whether functions stand inside of others, are kept, given back or called as values. */
    private static function hasFunctionValues(Program $program): bool
    {
        foreach ($program->definitions() as $function) {
            if (null !== $program->around($function) || '' !== $function->rest) {
                return true;
            }
        }
        $small = [];
        foreach (Walk::statements($program->parts()) as $row) {
            if ($row instanceof SetVariable && $row->value instanceof Lambda) {
                $small[$row->variable] = true;
            }
        }
        foreach (Walk::statements($program->parts()) as $row) {
            $isKept = $row instanceof GiveBack || $row instanceof SetVariable && !isset($small[$row->variable]);
            if ($row instanceof OwnCall && !isset($small[$row->function]) && null === $program->functionNamed($row->function) || $isKept && ($row->value instanceof Lambda || $row->value instanceof FunctionReference) || $row instanceof Perform && $row->value instanceof MethodCall && MethodCall::CALL === $row->value->method) {
                return true;
            }
            foreach (Walk::expressionsOf($row) as $value) {
                if ($value instanceof MethodCall && MethodCall::CALL === $value->method || $value instanceof OwnValue && !isset($small[$value->function]) && null === $program->functionNamed($value->function)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<string, true> names that small functions see which a row puts into a list, a map or a field */
    private static function seenByKept(Statement $row): array
    {
        $kept = match (true) {
            $row instanceof Perform && $row->value instanceof Operation && \in_array($row->value->key, [OperationKey::Append, OperationKey::Prepend, OperationKey::Insert, OperationKey::PutIn], true) => $row->value->arguments,
            $row instanceof SetItem => [$row->value],
            default => [],
        };
        $names = [];
        foreach ($kept as $function) {
            if ($function instanceof Lambda) {
                foreach (Walk::expressions($function->value) as $part) {
                    $names += $part instanceof VariableRead && !\in_array($part->name, $function->parameters, true) ? [$part->name => true] : [];
                }
            }
        }

        return $names;
    }

    /**
     * Whether a function made in a loop sees what the loop gives a value: in Python all of them see the last (The Python
     * Language Reference, 4.2.2), in JavaScript each its own turn's (ECMA-262, 14.7.4.4).
     */
    private static function seesTurns(Program $program): bool
    {
        foreach (Walk::statements($program->parts()) as $loop) {
            if (!$loop->isLoop() || $loop->off) {
                continue;
            }
            $assigned = $seen = [];
            foreach (Walk::live([$loop]) as $row) {
                $assigned += array_fill_keys($row->assigned(), true);
                $seen += $row instanceof FunctionDefinition ? Scopes::mentionedInside($row) : self::seenByKept($row);
            }
            if ([] !== array_intersect_key($assigned, $seen)) {
                return true;
            }
        }

        return false;
    }
}
