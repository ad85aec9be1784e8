<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Cpp\Copying;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Semantics;
use Scrivlet\Core\Language\Typing\ChangedParameters;
use Scrivlet\Core\Language\Typing\LiveLoops;
use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\Steady;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\Leaf;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Repeat;
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
use Scrivlet\Core\Tree\WhileLoop;

/**
 * Decides what signs mean once the types of a whole program are known: whether a plus adds or joins, which division a
 * slash is, whether a loop counts or only repeats.
 */
final class Meaning
{
    /** No program of a course needs more. */
    private const ROUNDS = 4;

    private FunctionDefinition|Script $scope;
    /** Whether anything is declared as what may be nothing. */
    private readonly bool $hasOptionals;
    private bool $changed = false;
    /** @var array<string, true> names that stand in the expression only which is looked at */
    private array $inner = [];

    /** @var \WeakMap<Expression, Expression> what values mean where these names are in view */
    private \WeakMap $meanings;

    private readonly Semantics $facts;
    /** made when it is first asked for */
    private ?MaybeNothing $maybeNothing = null;

    /**
     * @param array<int, true> $inPlace   rows by which what a name stands for changes itself, if it can: `seen |= more`
     * @param array<int, true> $outliving loops with a variable that is there behind them, too
     * @param bool             $isLast    whether what is not known by now never will be
     */
    private function __construct(private readonly Program $program, private readonly Types $types, private readonly Language $language, private readonly array $inPlace, private readonly array $outliving, private readonly bool $isLast = false)
    {
        $this->facts = $language->semantics();
        $this->meanings = self::noMeanings();
        $this->scope = $program->script;
        $this->hasOptionals = $this->facts->typed && [] !== array_filter(Walk::statements($program->parts()), static fn (Statement $row): bool => $row instanceof FunctionDefinition && str_starts_with($row->types[''] ?? '', 'optional<') || $row instanceof SetVariable && str_starts_with((string) $row->declared, 'optional<'));
    }

    /**
     * @param array<int, true> $inPlace   rows by which what a name stands for changes itself, if it can
     * @param array<int, true> $outliving loops with a variable that is there behind them, too
     * @param array<int, true> $stepped   rows written with `++` or `--`
     *
     * @return array{Program, Types} the program as it is meant, and the types it was decided by
     */
    public static function settle(Program $program, Language $language, array $inPlace, array $outliving, array $stepped): array
    {
        $types = Types::of($program, isCpp: $language->semantics()->typed);
        $reckoned = $language->semantics()->coerces ? Reckoned::program($program, $types, $stepped) : $program;
        if ($reckoned !== $program) {
            [$program, $types] = [$reckoned, Types::of($reckoned)];
        }
        $meaning = new self($program, $types, $language, $inPlace, $outliving);
        $settled = $meaning->program();
        for ($round = 1; $meaning->changed && $round < self::ROUNDS; ++$round) {
            // What one sign means can show what another one does: `a` is a text, so `a + b` is one.
            $types = Types::of($settled, isCpp: $language->semantics()->typed);
            $meaning = new self($settled, $types, $language, $inPlace, $outliving);
            $settled = $meaning->program();
        }
        if ([] !== $program->classes() || $meaning->sortsTexts) {
            $types = Types::of($settled, isCpp: $language->semantics()->typed);
            $settled = (new self($settled, $types, $language, $inPlace, $outliving, true))->program();
        }

        return [$language->semantics()->typed ? self::withoutPlainTypes(self::withoutOpenEnds(Copying::told($settled, $types))) : self::withoutOpenEnds($settled), $types];
    }

    private function program(): Program
    {
        $each = function (Statement $row): Statement {
            $this->scope = $row instanceof FunctionDefinition ? $row : $this->program->script;

            return $this->row($row);
        };
        $functions = array_map($each, $this->program->functions);
        $below = array_map($each, $this->program->below);
        $this->scope = $this->program->script;
        $script = $this->row($this->program->script);
        \assert($script instanceof Script);

        return $this->program->withFunctions($functions)->withScript($script)->withBelow($below);
    }

    private function row(Statement $row): Statement
    {
        [$outer, $meanings] = [$this->scope, $this->meanings];
        if ($row instanceof FunctionDefinition) {
            // The same value may stand in several functions, with names of other kinds around it.
            [$this->scope, $this->meanings] = [$row, self::noMeanings()];
        }
        foreach ($row->bodies() as $name => $body) {
            $inner = [];
            $same = true;
            foreach ($body->statements as $statement) {
                $inner[] = $made = $this->row($statement);
                $same = $same && $made === $statement;
            }
            if (!$same) {
                $row = $row->withBody($name, new Block($inner));
            }
        }
        foreach ($row->blanks() as $name => $value) {
            $isTarget = $row instanceof SetItem && 'target' === $name || $row instanceof SetSeveral && str_starts_with($name, 'target');
            $made = $isTarget ? $this->withKeyObject($value->withOperands(array_map($this->expression(...), $value->operands()))) : $this->expression($value);
            if ($made !== $value) {
                $row = $row->withBlank($name, $made);
            }
        }
        $row = $this->settled($row);
        [$this->scope, $this->meanings] = [$outer, $meanings];

        return $row;
    }

    /** What is asked of a list, a map or a text in Python is whether anything is in it (The Python Language Reference, 6.11). */
    private function asked(Expression $condition): Expression
    {
        if ($this->facts->typed && $condition instanceof Item && $this->type($condition->container)->isTextual()) {
            // A text ends with a letter that is none (C++17, 24.3.2.5).
            return new Binary(Operator::NotEqual, $condition->index, new Operation(OperationKey::Length, [$condition->container]));
        }
        if ($condition instanceof Unary && UnaryOperator::Not === $condition->operator) {
            $asked = $this->asked($condition->operand);

            return match (true) {
                $asked === $condition->operand => $condition,
                $asked instanceof Binary && Operator::Greater === $asked->operator => new Operation(OperationKey::IsEmpty, [$condition->operand]),
                $asked instanceof Binary && Operator::NotEqual === $asked->operator => new Binary(Operator::Equal, $asked->left, $asked->right),
                default => new Unary(UnaryOperator::Not, $asked),
            };
        }
        if ($condition instanceof Binary && $condition->operator->isLogic()) {
            $sides = [$this->asked($condition->left), $this->asked($condition->right)];

            return $sides[0] === $condition->left && $sides[1] === $condition->right ? $condition : new Binary($condition->operator, $sides[0], $sides[1]);
        }
        if ($this->facts->typed) {
            // What may be nothing is asked whether it is there, be it nought (C++17, 23.6.3.5).
            return TypeKind::MaybeWhole === $this->type($condition)->kind || $this->isOptional($condition) ? new Binary(Operator::NotEqual, $condition, new NothingLiteral()) : $condition;
        }
        // Asked for again when more is known.
        $condition = $condition instanceof Operation && \in_array($condition->key, [OperationKey::Holds, OperationKey::IsThere], true) ? $condition->arguments[0] : $condition;
        $type = $this->type($condition);
        $isOpen = TypeKind::Mixed === $type->kind && !$type->isScalar;
        if ($this->facts->undefined) {
            $asked = $this->orUndefined($condition);
            $isOfKey = $asked instanceof Operation && OperationKey::ValueOr === $asked->key;

            // Whatever holds others is true there, be it empty (ECMA-262, 7.1.2).
            return $isOpen || self::holds($type) && !$isOfKey ? new Operation(OperationKey::IsThere, [$asked]) : $asked;
        }
        if (($isOpen || self::holds($type) && ($this->maybeNothing ??= new MaybeNothing($this->program))->is($condition)) && !$condition instanceof Slice) {
            return new Operation(OperationKey::Holds, [$condition]);
        }

        return $type->isList() || $type->isMap() || $condition instanceof Slice ? new Binary(Operator::Greater, new Operation(OperationKey::Length, [$condition]), new NumberLiteral(0)) : $condition;
    }

    /** Whether a value is declared as one that may be nothing: `optional<string>`. */
    private function isOptional(Expression $value): bool
    {
        if ($value instanceof VariableRead) {
            foreach ($this->hasOptionals ? $this->program->rowsOf($this->scope) : [] as $row) {
                if ($row instanceof SetVariable && $row->variable === $value->name && (str_starts_with((string) $row->declared, 'optional<') || $row->value instanceof OwnValue && $this->isOptional($row->value))) {
                    return true;
                }
            }

            return false;
        }

        return match (true) {
            $value instanceof Operation => OperationKey::Given === $value->key && $this->isOptional($value->arguments[1]),
            $value instanceof OwnValue => str_starts_with($this->program->functionNamed($value->function)->types[''] ?? '', 'optional<'),
            default => false,
        };
    }

    /** A key that is missing is asked for as one that holds nothing (ECMAScript 2024, 10.1.8.1), where other languages fail. */
    private function orUndefined(Expression $asked): Expression
    {
        return $asked instanceof Item && $this->type($asked->container)->isMap() ? new Operation(OperationKey::ValueOr, [$asked->container, $asked->index, new NothingLiteral(true)]) : $asked;
    }

    private function settled(Statement $row): Statement
    {
        if ($row instanceof WhileLoop || $row instanceof DoWhile || $row instanceof ForLoop) {
            $asked = $this->asked($row->condition);
            $row = $asked === $row->condition ? $row : $row->withBlank('condition', $asked);
        }
        foreach ($row instanceof Conditional ? $row->branches : [] as $index => $branch) {
            $asked = $this->asked($branch->condition);
            $row = $asked === $branch->condition ? $row : $row->withBlank("condition$index", $asked);
        }
        if ($this->facts->typed) {
            $row = $this->withObjects($row);
        }
        if ($this->facts->typed && $row instanceof EachLoop && $row->over instanceof Operation && OperationKey::Entries === $row->over->key && $this->type($row->over->arguments[0])->isList()) {
            // Pairs are taken apart whatever holds them.
            $row = $row->withBlank('over', $row->over->arguments[0]);
        }
        if ($row instanceof EachLoop && $row->over instanceof Operation && OperationKey::ValuesOf === $row->over->key && ($this->type($row->over->arguments[0])->isList() || $this->type($row->over->arguments[0])->isSet())) {
            $row = $row->withBlank('over', $row->over->arguments[0]);
        }
        if ($row instanceof EachLoop && $row->over instanceof Operation && OperationKey::Keys === $row->over->key && $this->type($row->over->arguments[0])->isMap() && !LiveLoops::changesItself(new EachLoop($row->id, $row->variables, $row->over->arguments[0], $row->body))) {
            // What goes over a map goes over its keys.
            $row = $row->withBlank('over', $row->over->arguments[0]);
        }
        if ($row instanceof ForLoop) {
            $row = $this->counted($row);
        }
        if ($row instanceof ChangeVariable && Operator::Add === $row->operator && $this->facts->signsOnLists && $this->type(new VariableRead($row->variable))->isList()) {
            return $this->grown($row, new VariableRead($row->variable), $row->amount);
        }
        if ($this->facts->typed && ($row instanceof ChangeVariable || $row instanceof SetItem && null !== $row->operator) && \in_array($row->operator, [Operator::Add, Operator::Join], true)) {
            $row = $this->withLetterAdded($row);
        }
        $made = isset($this->inPlace[$row->id]) && ($row instanceof SetVariable || $row instanceof SetItem) ? $row->value : null;
        $taken = $made instanceof Operation && \in_array($made->key, [OperationKey::BitOr, OperationKey::Union, OperationKey::Merged], true) ? $this->type($made->arguments[1]) : null;
        if ($made instanceof Operation && ($taken?->isSet() || $taken?->isMap())) {
            // A set and a map take up the other one, whoever else knows them (The Python Language Reference, 3.3.8).
            $this->changed = true;

            return new Perform($row->id, new Operation(OperationKey::Update, $made->arguments), $row->off);
        }
        $was = $row instanceof ChangeVariable ? new VariableRead($row->variable) : null;
        if (null !== $was && $row instanceof ChangeVariable && Operator::Multiply === $row->operator && $this->facts->signsOnLists && ($this->type($was)->isTextual() || $this->type($was)->isList())) {
            return new SetVariable($row->id, $row->variable, new Operation(OperationKey::Repeated, [$was, $row->amount]), $row->off);
        }
        if ($row instanceof ChangeVariable) {
            $operator = $this->operator($row->operator, new VariableRead($row->variable), $row->amount);

            return $operator === $row->operator ? $row : new ChangeVariable($row->id, $row->variable, $row->amount, $row->off, $operator);
        }
        if ($row instanceof SetItem && null !== $row->operator) {
            $was = $row->target instanceof Item ? $this->valueOrNothing($row->target) : null;
            if (null !== $was) {
                return new SetItem($row->id, $row->target, $this->binary(new Binary($row->operator, $was, $row->value)), null, $row->off);
            }
            if (Operator::Add === $row->operator && $this->facts->signsOnLists && $this->type($row->target)->isList()) {
                return $this->grown($row, $row->target, $row->value);
            }
            $operator = $this->operator($row->operator, $row->target, $row->value);

            return $operator === $row->operator ? $row : new SetItem($row->id, $row->target, $row->value, $operator, $row->off);
        }
        if ($row instanceof Count && $row->from instanceof NumberLiteral && 0 === $row->from->value && $row->by instanceof NumberLiteral && 1 === $row->by->value && !$this->isRead($row)) {
            return new Repeat($row->id, $this->times($row->to), $row->body, $row->off, 1 === preg_match('/^turn\d*$/D', $row->variable) ? null : $row->variable);
        }
        if ($row instanceof Perform && $row->value instanceof Operation && $this->facts->changesGive && isset(self::IN_PLACE[$row->value->key->value])) {
            $inPlace = self::IN_PLACE[$row->value->key->value];
            $isOfTexts = $this->isLast && OperationKey::SortAsTexts === $inPlace && $this->type($row->value->arguments[0])->isList() && $this->type($row->value->arguments[0])->item()->isTextual();

            return new Perform($row->id, new Operation($isOfTexts ? OperationKey::Sort : $inPlace, $row->value->arguments), $row->off);
        }
        if ($row instanceof Perform && $row->value instanceof Operation && OperationKey::DropAt === $row->value->key && $this->type($row->value->arguments[0])->isMap()) {
            return new Perform($row->id, new Operation(OperationKey::Forget, $row->value->arguments), $row->off);
        }

        return $row;
    }

    /** A list grows in place, while another tuple takes the place of one (The Python Language Reference, 7.2.1); a field that nothing else is put into is one by what it takes. */
    private function grown(ChangeVariable|SetItem $row, Expression $target, Expression $amount): Statement
    {
        $tuples = $this->tuples();
        $mayBe = isset($tuples[self::nameOf($target)]) || [] !== $this->type($target)->parts || $target instanceof Field && !isset($this->given[self::nameOf($target)]);
        if (!self::isTuple($amount) || !$mayBe) {
            return new Perform($row->id, new Operation(OperationKey::Extend, [$target, $amount]), $row->off);
        }
        $both = new Operation(OperationKey::Concatenated, [$target, $amount]);

        return $target instanceof VariableRead ? new SetVariable($row->id, $target->name, $both, $row->off) : new SetItem($row->id, $target, $both, null, $row->off);
    }

    /** Whether a value is written as a tuple. */
    private static function isTuple(Expression $value): bool
    {
        return $value instanceof Operation && OperationKey::AsTuple === $value->key;
    }

    /** A letter beside a number is one (C++17, 8). */
    private function isLetterBesideNumber(Binary $binary): bool
    {
        [$left, $right] = [$this->type($binary->left), $this->type($binary->right)];

        return TypeKind::Letter === $left->kind && $right->isNumeric() || TypeKind::Letter === $right->kind && $left->isNumeric();
    }

    /** The name of a variable, or behind a point of what objects keep; '' for others. */
    private static function nameOf(Expression $target): string
    {
        return $target instanceof VariableRead ? $target->name : ($target instanceof Field ? '.'.$target->name : '');
    }

    /** @var array<string, true>|null names that are given a tuple somewhere */
    private ?array $tuples = null;
    /** @var array<string, true> names that are given anything */
    private array $given = [];

    /** @return array<string, true> */
    private function tuples(): array
    {
        if (null !== $this->tuples) {
            return $this->tuples;
        }
        $given = [];
        foreach (Walk::statements($this->program->parts()) as $row) {
            foreach (match (true) {
                $row instanceof SetVariable => [$row->variable => $row->value],
                $row instanceof SetItem && null === $row->operator => [self::nameOf($row->target) => $row->value],
                $row instanceof FunctionDefinition => $row->defaults,
                default => [],
            } as $name => $value) {
                $given[] = [(string) $name, $value];
                $this->given[$name] = true;
            }
        }
        $this->tuples = [];
        do {
            $before = \count($this->tuples);
            foreach ($given as [$name, $value]) {
                $this->tuples += '' !== $name && (self::isTuple($value) || isset($this->tuples[self::nameOf($value)])) ? [$name => true] : [];
            }
        } while (\count($this->tuples) > $before);

        return $this->tuples;
    }

    /** `beds[{1, 2}]`, `beds.count({1, 2})`: braces are an object where that is what a map or a set has for keys. */
    private function withKeyObject(Expression $value): Expression
    {
        $operands = $this->facts->typed && ($value instanceof Item || $value instanceof Operation) ? $value->operands() : [];
        if (!isset($operands[1]) || !$operands[1] instanceof ListLiteral) {
            return $value;
        }
        $type = $this->type($operands[0]);
        $key = $type->isMap() ? $type->key : ($type->isSet() ? $type->item() : null);
        if (null === $key || TypeKind::Copied !== $key->kind && [] === $key->parts) {
            return $value;
        }
        $operands[1] = [] === $key->parts ? new MakeObject((string) $key->class, $operands[1]->items, true) : new Operation(OperationKey::Record, $operands[1]->items);

        return $value->withOperands($operands);
    }

    /** Braces stand for an object where one is wanted (C++17, 11.6.4). */
    private function withObjects(Statement $row): Statement
    {
        $made = fn (StaticType $type, Expression $value): Expression => $value instanceof ListLiteral && TypeKind::Copied === $type->kind ? $this->madeOfBraces($type, $value) : $value;
        if ($row instanceof Perform && $row->value instanceof Operation && OperationKey::Append === $row->value->key && isset($row->value->arguments[1])) {
            [$list, $value] = $row->value->arguments;
            $object = $made($this->type($list)->item(), $value);

            return $object === $value ? $row : new Perform($row->id, new Operation(OperationKey::Append, [$list, $object]), $row->off);
        }
        $wanted = match (true) {
            $row instanceof GiveBack && $this->scope instanceof FunctionDefinition => TypeNames::read($this->scope->types[''] ?? ''),
            $row instanceof SetVariable => $this->type(new VariableRead($row->variable)),
            $row instanceof SetItem => $this->type($row->target),
            default => StaticType::unknown(),
        };

        return $row instanceof GiveBack || $row instanceof SetVariable || $row instanceof SetItem ? $row->withBlank('value', $made($wanted, $row->value)) : $row;
    }

    /** What stands in braces, as the type that is wanted there: what objects keep may stand in braces of its own. */
    private function madeOfBraces(StaticType $type, Expression $value): Expression
    {
        if (!$value instanceof ListLiteral) {
            return $value;
        }
        if (TypeKind::Copied === $type->kind) {
            $class = $this->program->classNamed((string) $type->class);
            $fields = null === $class || null !== $this->program->functionNamed($class->name.'.'.ClassDefinition::MAKES) ? [] : array_values(array_filter($class->body->statements, static fn (Statement $row): bool => $row instanceof FieldDeclaration && !$row->off));
            $of = static fn (int $index): StaticType => ($field = $fields[$index] ?? null) instanceof FieldDeclaration && null !== $field->type ? TypeNames::read($field->type) : StaticType::unknown();

            return new MakeObject((string) $type->class, array_map(fn (Expression $item, int $index): Expression => $this->madeOfBraces($of($index), $item), $value->items, array_keys($value->items)), true);
        }
        if ($type->isSet()) {
            return new Operation(OperationKey::SetOf, [] === $value->items ? [] : [$value]);
        }

        return $type->isMap() && [] === $value->items ? new MapLiteral([]) : $value;
    }

    /** `text += 'a' + place`: what is added to a text is the letter of a number that is reckoned from one (C++17, 24.3.2.6.2). */
    private function withLetterAdded(ChangeVariable|SetItem $row): Statement
    {
        [$target, $blank, $amount] = $row instanceof ChangeVariable ? [new VariableRead($row->variable), 'amount', $row->amount] : [$row->target, 'value', $row->value];
        $isOfLetters = $amount instanceof Binary && $amount->operator->isArithmetic() && [] !== array_filter(Walk::expressions($amount), fn (Expression $part): bool => $part instanceof Operation && OperationKey::Code === $part->key || TypeKind::Letter === $this->type($part)->kind);

        return $isOfLetters && TypeKind::Text === $this->type($target)->kind && $this->type($amount)->isWhole() ? $row->withBlank($blank, new Operation(OperationKey::Letter, [$amount])) : $row;
    }

    /** A loop that only counts up or down to a fixed end says so. */
    private function counted(ForLoop $loop): Statement
    {
        $condition = $loop->condition;
        $amount = $loop->amount;
        if (!$condition instanceof Binary || !$condition->left instanceof VariableRead || $condition->left->name !== $loop->variable
            || !$amount instanceof NumberLiteral || $amount->value <= 0 || !\in_array($loop->operator, [Operator::Add, Operator::Subtract], true)) {
            return $loop;
        }
        $isUp = Operator::Add === $loop->operator;
        $by = new NumberLiteral($isUp ? $amount->value : -$amount->value);
        $to = $condition->right;
        $fits = $isUp ? [Operator::Less, Operator::LessOrEqual] : [Operator::Greater, Operator::GreaterOrEqual];
        if (!\in_array($condition->operator, $fits, true) || !Steady::within($to, $loop, $this->types->scopes)) {
            return $loop;
        }
        if ($this->facts->typed && ($this->type($to)->isUnsigned() && $to instanceof Binary || !$isUp && $this->type(new VariableRead($loop->variable))->isUnsigned())) {
            // It is never below zero, and begins again at the largest number.
            return $loop;
        }
        foreach ($loop->body->statements as $row) {
            if (Scopes::assignsWithin($row, $loop->variable)) {
                return $loop;
            }
        }
        if (isset($this->outliving[$loop->id]) && $this->isSeenBehind($loop->variable)) {
            return $loop;
        }
        if ($condition->operator === $fits[0]) {
            if (!$this->type($to)->isWhole() || !$this->type($loop->from)->isWhole() || !\is_int($amount->value)) {
                return $loop;
            }
            $to = ExpressionParser::less($to, $isUp ? 1 : -1);
        }

        $count = new Count($loop->id, $loop->variable, $loop->from, $to, $by, $loop->body, $loop->off);
        $last = $isUp ? $to : $loop->from;
        $first = $isUp ? $loop->from : $to;
        $isOfText = $first instanceof NumberLiteral && $first->value >= 0 && $last instanceof Binary && Operator::Subtract === $last->operator && $last->right == new NumberLiteral(1) && $last->left instanceof Operation && OperationKey::Length === $last->left->key;

        return $isOfText ? $count->withBody('body', self::lettersOf($last->left->arguments[0], $loop->variable, $loop->body)) : $count;
    }

    /** Whether anything sees the value that a variable has behind the loops that count with it. */
    private function isSeenBehind(string $name): bool
    {
        // Whoever handed over a place sees what is left in it.
        $isReference = $this->facts->typed && $this->scope instanceof FunctionDefinition && str_ends_with($this->scope->types[$name] ?? '', '&');

        return $this->seenBehind[$this->scope->id][$name] ??= $isReference || $this->types->scopes->isReachedInto($this->scope, $name)
            || OuterCounter::isSeen($name, $this->scope instanceof Script ? [...$this->scope->body->statements, ...$this->program->below] : $this->scope->body->statements);
    }

    /** @var array<int, array<string, bool>> by the scope's id */
    private array $seenBehind = [];

    /** Where a count stays within a text, the letter at its place is an item of it. */
    private static function lettersOf(Expression $text, string $place, Block $body): Block
    {
        $letter = new Operation(OperationKey::LetterAt, [$text, new VariableRead($place)]);
        $change = static fn (Expression $value): Expression => $value == $letter ? new Item($text, new VariableRead($place)) : $value;
        $changed = array_map(static fn (Statement $row): Statement => Walk::map($row, static function (Statement $inner) use ($change): Statement {
            foreach ($inner->blanks() as $name => $value) {
                $made = Walk::mapExpression($value, $change);
                $inner = $made === $value ? $inner : $inner->withBlank($name, $made);
            }

            return $inner;
        }), $body->statements);

        return $changed === $body->statements ? $body : new Block($changed);
    }

    /** Whether a loop's variable is used by anything but the loop. */
    private function isRead(Count $count): bool
    {
        $users = $this->users[$this->scope->id] ??= $this->usersIn($this->scope);
        foreach ($users[$count->variable] ?? [] as $id => $_) {
            if ($id !== $count->id) {
                return true;
            }
        }

        return $this->types->scopes->isReachedInto($this->scope, $count->variable) && ($this->scope instanceof Script || Scopes::PROGRAM !== $this->types->scopes->owner($this->scope, $count->variable));
    }

    /** @return array<string, array<int, true>> the rows that read a variable or give it a value, but for what loops count, by its name */
    private function usersIn(FunctionDefinition|Script $scope): array
    {
        $users = [];
        foreach ($this->program->rowsOf($scope) as $row) {
            $counted = $row instanceof ForLoop ? $row->variable : null;
            foreach (Walk::expressionsOf($row) as $expression) {
                if ($expression instanceof VariableRead && $expression->name !== $counted) {
                    $users[$expression->name][$row->id] = true;
                }
            }
            foreach ($row instanceof Count || $row instanceof ForLoop ? [] : $row->assigned() as $name) {
                $users[$name][$row->id] = true;
            }
        }

        return $users;
    }

    /** @var array<int, array<string, array<int, true>>> by the scope's id */
    private array $users = [];

    /** How often a loop turns that counts from 0 to a last value. */
    private function times(Expression $last): Expression
    {
        $times = match (true) {
            $last instanceof NumberLiteral => new NumberLiteral($last->value + 1),
            $last instanceof Binary && Operator::Subtract === $last->operator && $last->right instanceof NumberLiteral && 1 === $last->right->value => $last->left,
            default => new Binary(Operator::Add, $last, new NumberLiteral(1)),
        };

        return $this->uncut($times);
    }

    /** A number of times is cut to a whole number anyway. */
    private function uncut(Expression $value): Expression
    {
        if ($value instanceof Operation && OperationKey::ToWhole === $value->key && !$this->type($value->arguments[0])->isTextual() && !$this->type($value->arguments[0])->isWhole()) {
            return $value->arguments[0];
        }

        return $value instanceof Binary && Operator::TruncDivide === $value->operator && !$this->facts->typed ? new Binary(Operator::TrueDivide, $value->left, $value->right) : $value;
    }

    private function type(Expression $expression): StaticType
    {
        return $this->types->expression($this->scope, $expression);
    }

    /** @return \WeakMap<Expression, Expression> */
    private static function noMeanings(): \WeakMap
    {
        /** @var \WeakMap<Expression, Expression> $settled */
        $settled = new \WeakMap();

        return $settled;
    }

    /** What maps of JavaScript can do themselves (ECMAScript 2022, 24.1.3), and any object. */
    private const OF_MAPS = ['get', 'set', 'has', 'delete', 'clear', 'forEach', 'keys', 'values', 'entries', 'hasOwnProperty', 'toString', 'toLocaleString', 'valueOf'];

    private function expression(Expression $expression): Expression
    {
        if ($expression instanceof Leaf) {
            return $expression instanceof VariableRead ? $this->meant($expression) : $expression;
        }
        // A call stands in what it may mean otherwise, too: in a chain of them each would be looked at twice as often as the next.
        if (isset($this->meanings[$expression])) {
            return $this->meanings[$expression];
        }
        $meant = $this->meant($expression);
        $this->meanings[$expression] = $meant;
        $this->meanings[$meant] = $meant;

        return $meant;
    }

    private function meant(Expression $expression): Expression
    {
        $names = $expression instanceof Lambda ? array_fill_keys($expression->parameters, StaticType::unknown()) : ($expression instanceof Collected ? $this->types->itemOf($this->scope, $expression) : []);
        $operands = $expression->operands();
        if ([] === $names) {
            $made = [];
            foreach ($operands as $operand) {
                $made[] = $this->expression($operand);
            }
        } else {
            // What is gone over stands outside of the name that goes over it.
            $over = $expression instanceof Collected ? $expression->over : null;
            $meantOver = null === $over ? null : $this->expression($over);
            [$outside, $meanings] = [$this->inner, $this->meanings];
            $this->inner += array_fill_keys(array_keys($names), true);
            $this->meanings = self::noMeanings();
            $made = $this->types->inside($names, fn (): array => array_map(fn (Expression $operand): Expression => $operand === $over ? $meantOver ?? $operand : $this->expression($operand), $operands));
            [$this->inner, $this->meanings] = [$outside, $meanings];
        }
        $asked = $made[0] ?? null;
        if ($expression instanceof Operation && Given::is($expression) && $operands[0] instanceof Item && $asked instanceof Operation && OperationKey::ValueOrPut === $asked->key) {
            // What is put there needs nothing to be there.
            $made[0] = $operands[0]->withOperands(\array_slice($asked->arguments, 0, 2));
        }
        if ($made !== $operands) {
            $expression = $expression->withOperands($made);
        }
        if ($expression instanceof Operation && OperationKey::Identical === $expression->key && $made[1] instanceof TruthLiteral && TypeKind::Truth === $this->type($made[0])->kind) {
            // There are two truths, each of which is one thing (The Python Language Reference, 3.2).
            return new Binary(Operator::Equal, $made[0], $made[1]);
        }
        if ($expression instanceof Choice) {
            $asked = $this->asked($expression->condition);

            return $asked === $expression->condition ? $expression : new Choice($asked, $expression->then, $expression->otherwise);
        }
        if ($expression instanceof Collected && null !== $expression->condition) {
            $condition = $expression->condition;
            $asked = $this->types->inside($names, fn (): Expression => $this->asked($condition));

            return $asked === $condition ? $expression : new Collected($expression->value, $expression->variable, $expression->over, $asked);
        }
        if ($expression instanceof Binary) {
            return $this->binary($expression);
        }
        if ($expression instanceof VariableRead && null !== $this->program->functionNamed($expression->name) && $this->isNoVariable($expression->name)) {
            return new FunctionReference($expression->name);
        }
        if ($expression instanceof MethodCall && MethodCall::CALL === $expression->method && $expression->object instanceof Operation && OperationKey::Kind === $expression->object->key) {
            return $this->expression(new MethodCall(new Operation(OperationKey::MakerOf, $expression->object->arguments), MethodCall::CALL, $expression->arguments));
        }
        if ($expression instanceof VariableRead && $this->facts->classesAreFunctions && null !== $this->program->classNamed($expression->name) && $this->isNoVariable($expression->name)) {
            return new Operation(OperationKey::Maker, [new TextLiteral($expression->name)]);
        }
        if ($expression instanceof VariableRead && null !== ($function = LibraryValues::named($expression->name, $this->language)) && $this->isNoVariable($expression->name)) {
            return $function;
        }
        if ($expression instanceof MethodCall && null !== $expression->otherwise) {
            $object = $this->type($expression->object);
            // Objects of several classes are of no class that is known.
            if (null === $object->class && !\in_array($object->kind, [TypeKind::Unknown, TypeKind::Mixed, TypeKind::Object, TypeKind::Copied], true)) {
                $this->changed = true;
                if ($this->facts->namedPlaces && $object->isMap() && !$expression->otherwise instanceof Item && !($expression->otherwise instanceof Operation && \in_array($expression->otherwise->key, [OperationKey::Length, OperationKey::Size], true)) && !\in_array($expression->method, self::OF_MAPS, true)) {
                    // A plain object has no functions but those that it keeps.
                    return $this->expression(new MethodCall(new Item($expression->object, new TextLiteral($expression->method)), MethodCall::CALL, $expression->arguments));
                }

                return $this->expression($expression->otherwise);
            }

            return null === $object->class && !$this->isLast ? $expression : new MethodCall($expression->object, $expression->method, $expression->arguments);
        }
        if ($expression instanceof Field && 'size' === $expression->name && $this->facts->namedPlaces && $this->type($expression->object)->isSet()) {
            return new Operation(OperationKey::Size, [$expression->object]);
        }
        if ($expression instanceof Item && $this->facts->namedPlaces && $this->type($expression->container)->isSet() && $expression->index == new TextLiteral('size')) {
            return new Operation(OperationKey::Size, [$expression->container]);
        }
        $expression = $this->withKeyObject($expression);
        if ($expression instanceof Item) {
            if ($expression->container instanceof Operation && OperationKey::Spliced === $expression->container->key && $expression->container->arguments[2] == new NumberLiteral(1) && $expression->container->arguments[3] == new ListLiteral([]) && 0 === ($expression->index instanceof NumberLiteral ? $expression->index->value : null)) {
                return new Operation(OperationKey::PopAt, \array_slice($expression->container->arguments, 0, 2));
            }
            $value = $this->valueOrNothing($expression);

            return $value instanceof Operation ? new Operation(OperationKey::ValueOrPut, $value->arguments) : $expression;
        }
        if ($expression instanceof RandomWhole && $this->facts->endlessWholes) {
            $from = $this->uncut($expression->from);
            $to = $this->uncut($expression->to);

            return $from === $expression->from && $to === $expression->to ? $expression : new RandomWhole($from, $to);
        }
        if ($expression instanceof Operation && OperationKey::ToTruth === $expression->key) {
            $type = $this->type($expression->arguments[0]);
            if ($this->facts->emptyIsFalse && (self::holds($type) || TypeKind::Mixed === $type->kind && !$type->isScalar)) {
                return new Operation(OperationKey::ToTruth, [new Operation(OperationKey::Holds, $expression->arguments)]);
            }
            $asked = $this->asked($expression->arguments[0]);

            return $asked === $expression->arguments[0] || $this->facts->emptyIsFalse ? $expression : new Operation(OperationKey::ToTruth, [$asked]);
        }
        if ($expression instanceof Collected && $this->facts->namedPlaces && $expression->over instanceof Operation && OperationKey::Keys === $expression->over->key && $this->type($expression->over->arguments[0])->isMap()) {
            // Whoever goes over a map goes over its keys; a list has places beside its items.
            return new Collected($expression->value, $expression->variable, $expression->over->arguments[0], $expression->condition);
        }
        if ($expression instanceof Operation && OperationKey::Length === $expression->key && $this->facts->namedPlaces && ($operands[0] instanceof VariableRead || $operands[0] instanceof Field || $operands[0] instanceof Item || $operands[0] instanceof MapLiteral)) {
            $asked = $this->type($expression->arguments[0]);
            if (TypeKind::Object === $asked->kind || $asked->isMap()) {
                // Only lists and texts have a length that nobody gave them (ECMAScript 2022, 23.1.4.1).
                return null === $asked->class ? new Item($expression->arguments[0], new TextLiteral('length')) : new Field($expression->arguments[0], 'length');
            }
        }
        if ($expression instanceof Operation) {
            return $this->operation($expression);
        }
        if ($expression instanceof Unary && UnaryOperator::Not === $expression->operator && $expression !== $asked = $this->asked($expression)) {
            return $asked;
        }
        if ($expression instanceof Unary && UnaryOperator::Not === $expression->operator && $this->facts->sameByIdentity && $operands[0] instanceof Operation && \in_array($operands[0]->key, [OperationKey::Alike, OperationKey::Same], true) && $made[0] instanceof Binary) {
            return new Binary(Operator::NotEqual, $made[0]->left, $made[0]->right);
        }

        return $expression;
    }

    /** A C++ map has a value for every key: nought, false, or an empty text, list or map where none was put in (C++17, 26.4.4.3). */
    private function valueOrNothing(Item $item): ?Expression
    {
        if (!$this->facts->typed || $item->strict || !$this->type($item->container)->isMap()) {
            return null;
        }
        $nothing = $this->nothingOf($this->type($item->container)->item());

        return null === $nothing ? null : new Operation(OperationKey::ValueOr, [$item->container, $item->index, $nothing]);
    }

    /** What a type makes of nothing: nought, false, or what is empty. */
    private function nothingOf(StaticType $type): ?Expression
    {
        if ([] !== $type->parts) {
            $parts = array_map($this->nothingOf(...), $type->parts);

            return \in_array(null, $parts, true) ? null : new Operation(OperationKey::Record, $parts);
        }

        return match (true) {
            $type->isWhole() => new NumberLiteral(0),
            $type->isNumeric() => new NumberLiteral(0.0),
            TypeKind::Text === $type->kind => new TextLiteral(''),
            TypeKind::Truth === $type->kind => new TruthLiteral(false),
            $type->isSet() => new Operation(OperationKey::SetOf),
            $type->isList() => new ListLiteral([]),
            $type->isMap() => new MapLiteral([]),
            TypeKind::Copied === $type->kind && null === $this->program->functionNamed($type->class.'.'.ClassDefinition::MAKES) => new MakeObject((string) $type->class, [], true),
            default => null,
        };
    }

    /** What a text is read with and no program keeps: items that have to be there, and what a method might mean besides. */
    private static function withoutOpenEnds(Program $program): Program
    {
        $isOpen = static fn (Expression $part): bool => $part instanceof Item && $part->strict || $part instanceof MethodCall && null !== $part->otherwise;
        $plain = static fn (Expression $part): Expression => match (true) {
            $part instanceof Item && $part->strict => new Item($part->container, $part->index),
            $part instanceof MethodCall && null !== $part->otherwise => new MethodCall($part->object, $part->method, $part->arguments),
            default => $part,
        };
        $row = static function (Statement $row) use ($isOpen, $plain): Statement {
            foreach ($row->blanks() as $name => $value) {
                foreach (Walk::expressions($value) as $part) {
                    if ($isOpen($part)) {
                        $row = $row->withBlank($name, Walk::mapExpression($value, $plain));
                        break;
                    }
                }
            }

            return $row;
        };
        $each = static fn (Statement $part): Statement => Walk::map($part, $row);

        return $program->withFunctions(array_map($each, $program->functions))->withScript(Walk::map($program->script, $row))->withBelow(array_map($each, $program->below));
    }

    /** Whether a name is that of nothing but a function where the scope stands. */
    private function isNoVariable(string $name): bool
    {
        if (isset($this->inner[$name]) || Scopes::PROGRAM !== $this->types->scopes->owner($this->scope, $name)) {
            return false;
        }
        $function = $this->program->functionNamed($name);
        $isInside = null !== $function && $this->program->around($function) instanceof FunctionDefinition;

        // A function inside of another is nearer than a variable of the program, and known within that other alone.
        return $isInside ? $this->program->sees($this->scope, $function) : !isset($this->types->scopes->globals[$name]);
    }

    private function binary(Binary $binary): Expression
    {
        if (Operator::FloorRemainder === $binary->operator && $this->facts->signsOnLists && $this->type($binary->left)->isTextual()) {
            $this->changed = true;

            return new Operation(OperationKey::Percent, [$binary->left, $binary->right]);
        }
        if (Operator::Multiply === $binary->operator && $this->facts->signsOnLists) {
            foreach ([[$binary->left, $binary->right], [$binary->right, $binary->left]] as [$many, $times]) {
                $type = $this->type($many);
                if ($type->isTextual() || $type->isList()) {
                    $this->changed = true;

                    return $many instanceof ListLiteral && 1 === \count($many->items) ? new Operation(OperationKey::Filled, [$times, $many->items[0]]) : new Operation(OperationKey::Repeated, [$many, $times]);
                }
            }
        }
        if ($this->facts->undefined && $binary->operator->isLogic() && $binary->left !== $asked = $this->orUndefined($binary->left)) {
            return new Binary($binary->operator, $asked, $binary->right);
        }
        if ($this->facts->sameByIdentity && \in_array($binary->operator, [Operator::Equal, Operator::NotEqual], true) && self::holds($this->type($binary->left)) && self::holds($this->type($binary->right))) {
            // Two lists are the same to JavaScript if they are one (ECMA-262, 7.2.13).
            $same = new Operation(OperationKey::Identical, [$binary->left, $binary->right]);

            return Operator::Equal === $binary->operator ? $same : new Unary(UnaryOperator::Not, $same);
        }
        // JavaScript makes texts of two lists instead.
        if (Operator::Add === $binary->operator && !$this->facts->coerces && $this->type($binary->left)->isList() && $this->type($binary->right)->isList()) {
            $this->changed = true;

            return new Operation(OperationKey::Concatenated, [$binary->left, $binary->right]);
        }
        if ($this->facts->typed && ($binary->operator->isArithmetic() || $binary->operator->isComparison() && $this->isLetterBesideNumber($binary))) {
            $code = fn (Expression $side): Expression => TypeKind::Letter === $this->type($side)->kind ? new Operation(OperationKey::Code, [$side]) : $side;
            if (TypeKind::Text !== $this->type($binary->left)->kind && TypeKind::Text !== $this->type($binary->right)->kind) {
                [$left, $right] = [$code($binary->left), $code($binary->right)];
                $binary = $left === $binary->left && $right === $binary->right ? $binary : new Binary($binary->operator, $left, $right);
            }
        }
        $operator = $this->operator($binary->operator, $binary->left, $binary->right);
        if ($this->facts->typed && Operator::TrueDivide === $operator) {
            return $this->divided($binary->left, $binary->right);
        }
        if (Operator::Join === $operator) {
            return new Binary($operator, $this->bare($binary->left), $this->bare($binary->right));
        }

        return $operator === $binary->operator ? $binary : new Binary($operator, $binary->left, $binary->right);
    }

    /** C++ needs one side with a point to divide whole numbers; that point says nothing else. */
    private function divided(Expression $left, Expression $right): Expression
    {
        $whole = fn (Expression $side): Expression => match (true) {
            $side instanceof NumberLiteral && \is_float($side->value) && floor($side->value) === $side->value && abs($side->value) < Types::LARGEST_WHOLE => new NumberLiteral((int) $side->value),
            $side instanceof Operation && OperationKey::ToNumber === $side->key && $this->type($side->arguments[0])->isWhole() => $side->arguments[0],
            default => $side,
        };
        if ($this->type($right)->isWhole()) {
            $left = $whole($left);
        } elseif ($this->type($left)->isWhole()) {
            $right = $whole($right);
        }

        return new Binary(Operator::TrueDivide, $left, $right);
    }

    /** Joining makes a text of what it joins, so that making one before says nothing. */
    private function bare(Expression $value): Expression
    {
        return $value instanceof Operation && OperationKey::ToText === $value->key && (!$this->facts->typed || $this->type($value->arguments[0])->isWhole()) ? $value->arguments[0] : $value;
    }

    private function operator(Operator $operator, Expression $left, Expression $right): Operator
    {
        $settled = match ($operator) {
            Operator::Add => $this->joins($left, $right) ? Operator::Join : $operator,
            Operator::TruncDivide => !$this->facts->typed ? $operator : $this->division($left, $right),
            Operator::TruncRemainder => $this->type($left)->isNatural() && $this->type($right)->isNatural() ? Operator::FloorRemainder : $operator,
            default => $operator,
        };
        $this->changed = $this->changed || $settled !== $operator;

        return $settled;
    }

    private function joins(Expression $left, Expression $right): bool
    {
        $types = [$this->type($left), $this->type($right)];

        return match (true) {
            $this->facts->typed => TypeKind::Text === $types[0]->kind || TypeKind::Text === $types[1]->kind,
            $this->facts->coerces => $types[0]->isTextual() || $types[1]->isTextual(),
            default => $types[0]->isTextual() && $types[1]->isTextual(),
        };
    }

    /** Two whole numbers are divided without the part behind the point (C++17, 8.6). */
    private function division(Expression $left, Expression $right): Operator
    {
        $types = [$this->type($left), $this->type($right)];
        // What may be either in a template is divided as what it is.
        $mayBeWhole = [TypeKind::Letter, TypeKind::Truth, TypeKind::Unknown, TypeKind::Either, TypeKind::Mixed];
        foreach ($types as $type) {
            if (!$type->isWhole() && !\in_array($type->kind, $mayBeWhole, true)) {
                return Operator::TrueDivide;
            }
        }

        return $types[0]->isNatural() && $types[1]->isNatural() ? Operator::FloorDivide : Operator::TruncDivide;
    }

    /** Operations that change a list, by those that give it changed: JavaScript's do both, and are used for one of it. */
    private const IN_PLACE = ['backwards' => OperationKey::TurnRound, 'sorted' => OperationKey::Sort, 'sorted_down' => OperationKey::SortDown, 'sorted_as_texts' => OperationKey::SortAsTexts, 'sorted_by' => OperationKey::SortBy, 'sorted_down_by' => OperationKey::SortDownBy];

    /** Whether a list was made right here, so that no variable holds it. */
    private static function isFresh(Expression $list): bool
    {
        return $list instanceof ListLiteral || $list instanceof Slice || $list instanceof Collected
            || $list instanceof Operation && !\in_array($list->key, [OperationKey::Pop, OperationKey::PopAt, OperationKey::Shift, OperationKey::First, OperationKey::Last, OperationKey::ValueOr, OperationKey::ValueOrPut, OperationKey::FirstOf], true);
    }

    /** Whether something is sorted as if all were texts; whether all are shows when all else is settled. */
    private bool $sortsTexts = false;

    private function operation(Operation $operation): Expression
    {
        $given = $this->facts->changesGive ? array_search($operation->key, self::IN_PLACE, true) : false;
        // Of a list that nothing else can see, the changed one is all there is; any other is changed itself.
        if (false !== $given && self::isFresh($operation->arguments[0] ?? $operation)) {
            return $this->operation(new Operation(OperationKey::from($given), $operation->arguments));
        }
        $first = $operation->arguments[0] ?? null;
        if (null === $first) {
            return $operation;
        }
        if (OperationKey::IsNan === $operation->key && $this->type($first)->isNumeric()) {
            return new Operation(OperationKey::IsNoNumber, [$first]);
        }
        if (OperationKey::WithItems === $operation->key) {
            [$list, $more] = [$this->type($first), $this->type($operation->arguments[1])];

            return match (true) {
                $list->isTextual() => new Binary(Operator::Join, $first, $operation->arguments[1]),
                $more->isList() => new Operation(OperationKey::Concatenated, $operation->arguments),
                $list->isList() && ($more->isNumeric() || $more->isTextual()) => new Operation(OperationKey::Concatenated, [$first, new ListLiteral([$operation->arguments[1]])]),
                default => $operation,
            };
        }
        // A rounded quotient of two whole numbers is one operation of its own, whatever it is made of.
        if ((OperationKey::Floor === $operation->key || OperationKey::ToWhole === $operation->key && !$this->facts->typed) && $first instanceof Binary && Operator::TrueDivide === $first->operator && $this->type($first->left)->isWhole() && $this->type($first->right)->isWhole()) {
            $this->changed = true;

            return new Binary(OperationKey::Floor === $operation->key ? Operator::FloorDivide : Operator::TruncDivide, $first->left, $first->right);
        }
        if ($this->facts->typed && \in_array($operation->key, [OperationKey::ToWhole, OperationKey::ToLong, OperationKey::ToNumber], true)) {
            $type = $this->type($first);
            $inner = $first instanceof Operation && OperationKey::ToNumber === $first->key ? $first->arguments[0] : null;
            if (OperationKey::ToWhole === $operation->key && $inner instanceof Operation && \in_array($inner->key, [OperationKey::Floor, OperationKey::Ceiling], true)) {
                return $inner;
            }
            if (OperationKey::ToWhole === $operation->key && $first instanceof Operation && OperationKey::Length === $first->key) {
                return $first;
            }
            if (TypeKind::Letter === $type->kind) {
                $code = new Operation(OperationKey::Code, [$first]);

                return match ($operation->key) {
                    OperationKey::ToWhole => $code,
                    default => new Operation($operation->key, [$code]),
                };
            }
        }
        if (\in_array($operation->key, [OperationKey::Sorted, OperationKey::SortedDown, OperationKey::SortedBy, OperationKey::SortedDownBy, OperationKey::Least, OperationKey::Greatest, OperationKey::LeastBy, OperationKey::GreatestBy, OperationKey::Total, OperationKey::Numbered, OperationKey::NumberedFrom, OperationKey::Joined], true) && $this->type($first)->isMap()) {
            return $operation->withOperands([new Operation(OperationKey::Keys, [$first]), ...\array_slice($operation->arguments, 1)]);
        }
        if (OperationKey::Letters === $operation->key && $this->facts->spreads && TypeKind::Unknown !== $this->type($first)->kind && !$this->type($first)->isTextual()) {
            return new Operation(OperationKey::AsList, [$first]);
        }
        if (OperationKey::Copied === $operation->key && $this->facts->spreads && $this->type($first)->isTextual()) {
            return new Operation(OperationKey::Letters, [$first]);
        }
        $ofSets = [OperationKey::BitAnd->value => OperationKey::SharedItems, OperationKey::BitOr->value => OperationKey::Union, OperationKey::BitXor->value => OperationKey::ApartItems][$operation->key->value] ?? null;
        if (null !== $ofSets && ($this->type($first)->isSet() || $this->type($first)->isMap())) {
            $this->changed = true;

            return new Operation($this->type($first)->isSet() ? $ofSets : OperationKey::Merged, $operation->arguments);
        }
        if (OperationKey::AsList === $operation->key) {
            $type = $this->type($first);
            if ($this->facts->spreads && $first instanceof Slice && $type->isList()) {
                return $first;
            }
            $key = $type->isMap() ? OperationKey::Keys : ($type->isTextual() ? OperationKey::Letters : ($type->isList() && !($first instanceof Operation && OperationKey::AsTuple === $first->key) ? OperationKey::AsList : null));

            return null === $key || OperationKey::AsList === $key ? $operation : new Operation($key, [$first]);
        }
        if (OperationKey::Same === $operation->key) {
            return new Binary(Operator::Equal, $operation->arguments[0], $operation->arguments[1]);
        }
        if (OperationKey::Alike === $operation->key && $this->areOfOneKind($operation->arguments[0], $operation->arguments[1])) {
            return new Binary(Operator::Equal, $operation->arguments[0], $operation->arguments[1]);
        }
        if (OperationKey::Spelled === $operation->key && !\in_array($this->type($first)->kind, [TypeKind::Unknown, TypeKind::Number, TypeKind::Either], true)) {
            // Only numbers with a point are shown another way by `to_string` than by `cout` (C++17, 24.3.4).
            return new Operation(OperationKey::ToText, [$first]);
        }
        if (OperationKey::Joined === $operation->key && $this->facts->strictTexts && $this->type($first)->isTextual()) {
            return new Operation(OperationKey::Joined, [new Operation(OperationKey::Letters, [$first]), $operation->arguments[1]]);
        }
        if (OperationKey::Joined === $operation->key && !$this->facts->strictTexts && $this->type($first)->item()->isNumeric()) {
            // Python joins texts only, so that each number becomes one first.
            return new Operation(OperationKey::Joined, [new Collected(new Operation(OperationKey::ToText, [new VariableRead('item')]), 'item', $first), $operation->arguments[1]]);
        }
        if (OperationKey::Upper === $operation->key && TypeKind::Letter === $this->type($first)->kind && $this->facts->typed) {
            return new Operation(OperationKey::UpperLetter, [$first]);
        }
        $isOfTexts = $this->type($first)->isList() && $this->type($first)->item()->isTextual();
        if (\in_array($operation->key, [OperationKey::SortAsTexts, OperationKey::SortedAsTexts], true)) {
            $this->sortsTexts = true;
        }
        if ($this->facts->coerces && !$this->isLast && $isOfTexts && \in_array($operation->key, [OperationKey::Sort, OperationKey::Sorted, OperationKey::SortDown, OperationKey::SortedDown], true)) {
            // `words.sort((a, b) => a - b)` makes numbers of them (ECMA-262, 13.8.2).
            return $operation->key->byNumber($first);
        }
        if ($this->isLast && $isOfTexts && \in_array($operation->key, [OperationKey::SortAsTexts, OperationKey::SortedAsTexts], true)) {
            // All that is sorted are texts anyhow.
            return new Operation(OperationKey::SortAsTexts === $operation->key ? OperationKey::Sort : OperationKey::Sorted, [$first]);
        }

        return $operation;
    }

    private static function holds(StaticType $type): bool
    {
        return $type->isList() || $type->isMap() || $type->isSet();
    }

    /** Whether two values are compared in the same way whatever sign asks for it. */
    private function areOfOneKind(Expression $one, Expression $other): bool
    {
        [$one, $other] = [$this->type($one), $this->type($other)];

        return $one->isNumeric() && $other->isNumeric() || $one->isTextual() && $other->isTextual() || StaticType::truth() === $one && StaticType::truth() === $other;
    }

    /** A type that the program shows anyway needs no keeping. */
    private static function withoutPlainTypes(Program $program): Program
    {
        // What begins again at zero hands that on to all that is reckoned with it, so that a sign is told beside it.
        $isUnsigned = static fn (string $type): bool => (str_contains($type, 'unsigned') || str_contains($type, 'size_t')) && TypeNames::read($type)->isUnsigned();
        $hasUnsigned = false;
        $bare = self::stripped($program, static function (string $type, StaticType $shown, bool $isChanged) use ($isUnsigned, &$hasUnsigned): bool {
            $hasUnsigned = $hasUnsigned || $isUnsigned($type);

            return !$isUnsigned($type);
        }, null);
        foreach ($program->classes() as $class) {
            foreach ($class->body->statements as $row) {
                $hasUnsigned = $hasUnsigned || $row instanceof FieldDeclaration && $isUnsigned($row->type ?? '');
            }
        }
        $shown = Types::of($bare, $hasUnsigned);

        return self::stripped($program, static fn (string $type, StaticType $inferred, bool $isChanged): bool => !$isUnsigned($type) && TypeKind::Unknown !== $inferred->kind && $type === TypeNames::write($inferred).($isChanged ? ' &' : '') || 'auto' === $type, $shown);
    }

    /** @param \Closure(string, StaticType, bool): bool $drops of a declared type, the one that is shown, and whether a parameter is changed */
    private static function stripped(Program $program, \Closure $drops, ?Types $types): Program
    {
        $type = static fn (FunctionDefinition|Script $scope, string $name): StaticType => $types?->variable($scope, $name) ?? StaticType::unknown();
        $change = static function (Statement $row, FunctionDefinition|Script $scope) use ($drops, $type, $types, $program): Statement {
            $row = match (true) {
                $row instanceof SetVariable && null !== $row->declared => $row->withDeclared(TypeNames::plain($row->declared)),
                $row instanceof Declaration && null !== $row->type => new Declaration($row->id, $row->variable, TypeNames::plain($row->type), $row->off),
                $row instanceof FunctionDefinition => $row->withTypes(array_map(TypeNames::plain(...), $row->types)),
                default => $row,
            };
            if ($row instanceof SetVariable && null !== $row->declared && $drops($row->declared, $type($scope, $row->variable), false)) {
                return $row->withDeclared(null);
            }
            if ($row instanceof Declaration && null !== $row->type && $drops($row->type, $type($scope, $row->variable), false)) {
                return new Declaration($row->id, $row->variable, null, $row->off);
            }
            if ($row instanceof FunctionDefinition && [] !== $row->types) {
                $kept = [];
                foreach ($row->types as $name => $declared) {
                    $inferred = '' === $name ? ($row->givesValue() ? $types?->result($row->name) ?? StaticType::unknown() : null) : $type($row, (string) $name);
                    if (!(null === $inferred ? 'void' === $declared : $drops($declared, $inferred, null !== $types && '' !== $name && ($inferred->isList() || $inferred->isMap()) && ChangedParameters::isChanged($program, $row, (string) $name)))) {
                        $kept[$name] = $declared;
                    }
                }

                return $row->withTypes($kept);
            }

            return $row;
        };
        // A function may stand between the rows of the script: what is inside it belongs to it.
        $in = static function (Statement $row, FunctionDefinition|Script $around) use ($change, &$in): Statement {
            $scope = $row instanceof FunctionDefinition ? $row : $around;
            $done = $row;
            foreach ($row->bodies() as $name => $body) {
                $inner = array_map(static fn (Statement $inner): Statement => $in($inner, $scope), $body->statements);
                $done = $inner === $body->statements ? $done : $done->withBody($name, new Block($inner));
            }

            return $change($done, $scope);
        };
        $part = static fn (Statement $row): Statement => $in($row, $program->script);
        $script = $part($program->script);
        \assert($script instanceof Script);

        return $program->withFunctions(array_map($part, $program->functions))->withScript($script)->withBelow(array_map($part, $program->below));
    }
}
