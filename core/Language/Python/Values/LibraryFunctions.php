<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python\Values;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Parsing\NameUse;
use Scrivlet\Core\Language\Python\PythonExpressions;
use Scrivlet\Core\Language\Python\PythonNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\RealNumber;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Functions of the language (The Python Standard Library). */
final class LibraryFunctions
{
    public function __construct(private readonly PythonExpressions $parser)
    {
    }

    /**
     * What a call of a function means that no table has.
     *
     * @param list<Argument> $arguments
     */
    public function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        $name = $this->parser->imported[$name] ?? $name;
        $count = \count($arguments);
        $first = $arguments[0]->value ?? null;
        if ('dict' === $name && [] !== $arguments && [] === array_filter($arguments, static fn (Argument $argument): bool => null === $argument->name || '*' === $argument->name)) {
            return new MapLiteral(array_merge(...array_map(static fn (Argument $argument): array => [new TextLiteral((string) $argument->name), $argument->value], $arguments)));
        }
        $named = [];
        foreach ($arguments as $argument) {
            if (null !== $argument->name) {
                $named[$argument->name] = $argument->value;
            }
        }
        if ('collections.deque' === $name && ['maxlen'] === array_keys($named) && $count <= 2) {
            return new Operation(OperationKey::TwoEnded, [2 === $count && null !== $first ? $first : new ListLiteral([]), $named['maxlen']]);
        }
        if ([] !== $named) {
            return null === $first || null !== $arguments[0]->name ? null : $this->withNamed($name, $first, $named, $count - \count($named), array_map(static fn (Argument $argument): Expression => $argument->value, array_values(array_filter($arguments, static fn (Argument $argument): bool => null === $argument->name))));
        }
        if ('str' === $name && null !== $first && 1 === $count && $first !== $view = $this->viewed($first, $arguments[0]->offset)) {
            return $view;
        }
        if ('hash' === $name && null !== $first && 1 === $count && str_ends_with($this->parser->scope, '.@hash')) {
            return new Operation(OperationKey::Hashed, [$first]);
        }
        if ('collections.OrderedDict' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::OrderedMap, [$first instanceof MapLiteral ? $first : new Operation(OperationKey::MapOf, [$first])]);
        }
        if ('itertools.zip_longest' === $name && 2 === $count && null !== $first) {
            return new Operation(OperationKey::ZippedLongest, [$first, $arguments[1]->value, new NothingLiteral()]);
        }
        if ('itertools.groupby' === $name && null !== $first && 1 === $count) {
            return new Operation(OperationKey::Grouped, [$first, new Lambda(['item'], new VariableRead('item'))]);
        }
        if ('filter' === $name && 2 === $count && $first instanceof NothingLiteral) {
            return new Collected(new VariableRead('item'), 'item', $arguments[1]->value, new Operation(OperationKey::ToTruth, [new VariableRead('item')]));
        }
        if ('pow' === $name && 2 === $count && null !== $first) {
            return new Binary(Operator::Power, $first, $arguments[1]->value);
        }
        if ('functools.reduce' === $name && null !== $first && isset($arguments[1])) {
            $joins = $first instanceof Lambda && 2 === \count($first->parameters) || $first instanceof FunctionReference || $first instanceof VariableRead;

            return !$joins ? null : new Operation(2 === $count ? OperationKey::Folded : OperationKey::Reduced, [$arguments[1]->value, $first, ...2 === $count ? [] : [$arguments[2]->value ?? new NothingLiteral()]]);
        }
        if ('itertools.chain' === $name && 1 === $count && '*' === $arguments[0]->name) {
            return new Operation(OperationKey::ChainedAll, [$arguments[0]->value]);
        }
        if ('itertools.accumulate' === $name && 2 === $count && null !== $first) {
            return new Operation(OperationKey::TotalsBy, [$first, $arguments[1]->value]);
        }
        if ('copy.copy' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Copied, [$first]);
        }
        if ('time.sleep' === $name) {
            return $this->parser->sceneCalls->commanded(Catalogue::get('wait'), $token, $arguments);
        }
        if (('random.randint' === $name || 'random.randrange' === $name) && null !== $first) {
            $last = $arguments[1]->value ?? null;
            if ('random.randint' === $name) {
                return 2 === $count && null !== $last ? new RandomWhole($first, $last) : $this->parser->fail($count < 2 ? 'few_arguments' : 'many_arguments', $token, ['name' => 'randint', 'wanted' => 2, 'given' => $count]);
            }
            $until = $last ?? $first;
            if (2 < $count) {
                $step = $arguments[2]->value;
                if (3 < $count || !$first instanceof NumberLiteral || !$until instanceof NumberLiteral || !$step instanceof NumberLiteral || !\is_int($first->value) || !\is_int($until->value) || !\is_int($step->value) || $step->value < 1 || $until->value <= $first->value) {
                    $this->parser->fail('unsupported', $token, ['what' => 'random.randrange(…, …, …)']);
                }
                $many = new Binary(Operator::Multiply, new RandomWhole(new NumberLiteral(0), new NumberLiteral(intdiv($until->value - $first->value - 1, $step->value))), $step);

                return 0 === $first->value ? $many : new Binary(Operator::Add, $first, $many);
            }

            return new RandomWhole(null === $last ? new NumberLiteral(0) : $first, ExpressionParser::less($until));
        }
        if ('list' === $name && 1 === $count && $first instanceof Operation && \in_array($first->key, [OperationKey::Numbers, OperationKey::Keys, OperationKey::Values], true)) {
            return $first;
        }
        if ('list' === $name && 1 === $count && null !== $first && !$first instanceof TextLiteral) {
            return $first instanceof Collected ? $first : new Operation(OperationKey::AsList, [$first]);
        }
        if (\in_array($name, ['list', 'dict', 'str'], true) && 0 === $count) {
            return match ($name) {
                'list' => new ListLiteral([]),
                'dict' => new MapLiteral([]),
                default => new TextLiteral(''),
            };
        }
        if ('range' === $name) {
            return $this->range($arguments, $token);
        }
        if ('counted' === $name && 3 === $count) {
            return $this->parser->transient(OperationKey::Counted, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
        }
        if ('int' === $name && 1 === $count && $first instanceof Binary && Operator::TrueDivide === $first->operator) {
            return new Binary(Operator::TruncDivide, $first->left, $first->right);
        }
        if ('trunc_mod' === $name && 2 === $count && null !== $first) {
            return new Binary(Operator::TruncRemainder, $first, $arguments[1]->value);
        }
        if ('pow' === $name && 2 === $count && null !== $first) {
            return new Binary(Operator::Power, $first, $arguments[1]->value);
        }
        if ('divmod' === $name && 2 === $count && null !== $first && $this->parser->isPlain($first) && $this->parser->isPlain($arguments[1]->value)) {
            return new Operation(OperationKey::AsTuple, [new ListLiteral([new Binary(Operator::FloorDivide, $first, $arguments[1]->value), new Binary(Operator::FloorRemainder, $first, $arguments[1]->value)])]);
        }
        if ('math.pow' === $name && 2 === $count && null !== $first) {
            return new Operation(OperationKey::ToNumber, [new Binary(Operator::Power, $first, $arguments[1]->value)]);
        }
        if ('math.fabs' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::ToNumber, [new Operation(OperationKey::Absolute, [$first])]);
        }
        if ('dict.fromkeys' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::KeyedAlike, [$first, new NothingLiteral()]);
        }
        if ('math.isqrt' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::WholeRoot, [$first]);
        }
        if ('math.trunc' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::ToWhole, [$first]);
        }
        if (('map' === $name || 'filter' === $name) && 2 === $count && $first instanceof Lambda && 1 === \count($first->parameters)) {
            return 'map' === $name ? new Collected($first->value, $first->parameters[0], $arguments[1]->value) : new Collected(new VariableRead($first->parameters[0]), $first->parameters[0], $arguments[1]->value, $first->value);
        }
        if (('min' === $name || 'max' === $name) && 1 === $count && null !== $first) {
            return new Operation('min' === $name ? OperationKey::Least : OperationKey::Greatest, [$first]);
        }
        if ('reversed' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Backwards, [$first]);
        }
        if ('tuple' === $name && 0 === $count) {
            return new Operation(OperationKey::AsTuple, [new ListLiteral([])]);
        }
        if (('exit' === $name || 'quit' === $name) && 2 > $count) {
            return new Operation(OperationKey::Exit, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
        }
        if ('iter' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Started, [$first]);
        }
        if (1 === preg_match('/^bisect\.insort(_left|_right)?$/D', $name, $side) && 2 === $count && null !== $first && $this->parser->isPlain($first) && $this->parser->isPlain($arguments[1]->value)) {
            return new Operation(OperationKey::Insert, [$first, new Operation('_left' === ($side[1] ?? '') ? OperationKey::PlaceBefore : OperationKey::PlaceBehind, [$first, $arguments[1]->value]), $arguments[1]->value]);
        }
        if (('heapq.nlargest' === $name || 'heapq.nsmallest' === $name) && 2 === $count && null !== $first && null === $arguments[1]->name) {
            // The Python Standard Library, heapq: equivalent to the first of what is sorted.
            $many = $first instanceof NumberLiteral ? $first : new Operation(OperationKey::Larger, [new NumberLiteral(0), $first]);

            return new Slice(new Operation('heapq.nlargest' === $name ? OperationKey::SortedDown : OperationKey::Sorted, [$arguments[1]->value]), new NumberLiteral(0), $many);
        }
        $begun = 'next' === $name && null !== $first && 2 >= $count ? $this->begun($first, $arguments[0]->offset) : null;
        if (null !== $begun) {
            return new Operation(1 === $count ? OperationKey::NextItem : OperationKey::NextOr, [$begun, ...array_map(static fn (Argument $argument): Expression => $argument->value, \array_slice($arguments, 1))]);
        }
        $field = 'getattr' === $name || 'setattr' === $name ? $this->parser->libraryMethods->fieldNamed($name, $arguments) : null;
        if (null !== $field) {
            return $field;
        }
        if ('issubclass' === $name && 2 === $count && $first instanceof VariableRead && $arguments[1]->value instanceof VariableRead && isset($this->parser->classes->parents[$first->name], $this->parser->classes->parents[$arguments[1]->value->name])) {
            for ($class = $first->name; isset($this->parser->classes->parents[$class]) && $class !== $arguments[1]->value->name; $class = $this->parser->classes->parents[$class]) {
            }
            $this->parser->symbols->reads = array_filter($this->parser->symbols->reads, static fn (NameUse $use): bool => $use->offset < $arguments[0]->offset || $use->offset >= $arguments[1]->end);

            return new TruthLiteral($class === $arguments[1]->value->name);
        }
        if (\in_array($name, ['log', 'math.log'], true) && 2 === $count && null !== $first) {
            // CPython divides as well (Modules/mathmodule.c).
            return new Binary(Operator::TrueDivide, new Operation(OperationKey::Logarithm, [$first]), new Operation(OperationKey::Logarithm, [$arguments[1]->value]));
        }
        if ('sum' === $name && 2 === $count && null !== $first && (null === $arguments[1]->name || 'start' === $arguments[1]->name)) {
            return $arguments[1]->value == new ListLiteral([]) ? new Operation(OperationKey::Flattened, [$first]) : ($arguments[1]->value == new NumberLiteral(0) ? new Operation(OperationKey::Total, [$first]) : new Operation(OperationKey::TotalFrom, [$first, $arguments[1]->value]));
        }
        if ('super' === $name && '' !== $this->parser->class && [] === $arguments) {
            return $this->parser->classCalls->above($token);
        }
        if ('set' === $name && 1 === $count && $first instanceof ListLiteral && 2 < \count($first->items)) {
            // A set in braces is another one than this where all in it is constant: its order can be another.
            return new Operation(OperationKey::SetOf, [new Operation(OperationKey::AsList, [$first])]);
        }
        $text = 'float' === $name && 1 === $count && $arguments[0]->value instanceof TextLiteral ? strtolower(trim($arguments[0]->value->value)) : '';
        if (1 === preg_match('/^([+-]?)inf(?:inity)?$/D', $text, $match)) {
            // The largest of all numbers, by its name as a text (The Python Standard Library, float).
            return '-' === $match[1] ? new Unary(UnaryOperator::Negate, new Operation(OperationKey::Infinity, [])) : new Operation(OperationKey::Infinity, []);
        }
        $kinds = 'isinstance' === $name && 2 === $count && $arguments[1]->value instanceof Operation && OperationKey::AsTuple === $arguments[1]->value->key && $arguments[1]->value->arguments[0] instanceof ListLiteral ? $arguments[1]->value->arguments[0]->items : [];
        if ([] !== $kinds && null !== $first && $this->parser->isPlain($first)) {
            $tests = null;
            if (2 === \count($kinds) && [] === array_diff(array_map(static fn (Expression $kind): string => $kind instanceof VariableRead ? $kind->name : '', $kinds), ['list', 'tuple'])) {
                $this->parser->symbols->reads = array_filter($this->parser->symbols->reads, static fn (NameUse $use): bool => $use->offset < $arguments[1]->offset || $use->offset >= $arguments[1]->end);

                return new KindTest($first, '@sequence');
            }
            foreach ($kinds as $one) {
                $test = $one instanceof VariableRead ? (isset($this->parser->classes->parents[$one->name]) ? $one->name : PythonNames::KINDS[$one->name] ?? null) : null;
                if (null === $test) {
                    $this->parser->fail('unsupported', $token, ['what' => 'isinstance(…, (…))']);
                }
                $tests = null === $tests ? new KindTest($first, $test) : new Binary(Operator::Or, $tests, new KindTest($first, $test));
            }
            $this->parser->symbols->reads = array_filter($this->parser->symbols->reads, static fn (NameUse $use): bool => $use->offset < $arguments[1]->offset || $use->offset >= $arguments[1]->end);

            return $tests;
        }
        if ('isinstance' === $name && 2 === $count && null !== $first && $arguments[1]->value instanceof VariableRead) {
            $kind = $arguments[1]->value->name;
            if (isset($this->parser->classes->parents[$kind]) || isset(PythonNames::KINDS[$kind])) {
                $this->parser->symbols->reads = array_filter($this->parser->symbols->reads, static fn (NameUse $use): bool => $use->offset !== $arguments[1]->offset);

                return new KindTest($first, isset($this->parser->classes->parents[$kind]) ? $kind : PythonNames::KINDS[$kind]);
            }
        }
        if ('vars' === $name && 1 === $count && null !== $first && !isset($arguments[0]->name)) {
            return new Operation(OperationKey::FieldsOf, [$first]);
        }
        if ('open' === $name && null !== $first && 2 >= $count) {
            return $this->opened($first, $arguments[1]->value ?? null, $token);
        }
        if (\in_array($name, ['isinstance', 'eval', 'exec', 'getattr', 'setattr', 'super', 'map', 'filter', 'id', 'next', 'globals', 'locals', 'vars', 'dir', 'object', 'frozenset', 'bytes', 'complex', 'hash', 'slice', 'issubclass', 'property', 'memoryview', 'bytearray', 'breakpoint', 'help', 'compile', 'aiter', 'anext', 'delattr', 'ascii'], true) || null !== FailureNames::kindOf(Language::Python, $name) && !isset($this->parser->classes->parents[$name])) {
            $this->parser->fail('unsupported', $token, ['what' => $name.'()']);
        }

        return null;
    }

    /**
     * Calls with arguments that have names.
     *
     * @param array<string, Expression> $named
     * @param int                       $plain  how many have none
     * @param list<Expression>          $values what stands in those
     */
    private function withNamed(string $name, Expression $first, array $named, int $plain, array $values = []): ?Expression
    {
        if ('open' === $name && 2 >= $plain && [] === array_diff(array_keys($named), ['mode', 'encoding', 'newline']) && !(isset($named['mode']) && 2 === $plain)) {
            return $this->opened($first, $named['mode'] ?? $values[1] ?? null, $this->parser->tokens[$this->parser->at - 1] ?? null);
        }
        if ('itertools.zip_longest' === $name && ['fillvalue'] === array_keys($named) && 2 === $plain) {
            return new Operation(OperationKey::ZippedLongest, [...$values, $named['fillvalue']]);
        }
        if ('math.isclose' === $name && 2 === $plain && [] === array_diff(array_keys($named), ['rel_tol', 'abs_tol'])) {
            return new Operation(OperationKey::IsCloseWithin, [...$values, $named['rel_tol'] ?? new NumberLiteral(1e-9), $named['abs_tol'] ?? new NumberLiteral(0.0)]);
        }
        if ('itertools.accumulate' === $name && ['initial'] === array_keys($named)) {
            return new Operation(OperationKey::TotalsFrom, [$first, $values[1] ?? new Lambda(['one', 'other'], new Binary(Operator::Add, new VariableRead('one'), new VariableRead('other'))), $named['initial']]);
        }
        if ('itertools.groupby' === $name && ['key'] === array_keys($named)) {
            return new Operation(OperationKey::Grouped, [$first, $named['key']]);
        }
        if ('random.choices' === $name && isset($named['k']) && 1 === \count($named)) {
            return new Operation(OperationKey::Drawn, [$first, $named['k']]);
        }
        $key = $named['key'] ?? null;
        $reverse = $named['reverse'] ?? new TruthLiteral(false);
        if ('sorted' === $name && 1 === $plain && [] === array_diff(array_keys($named), ['key', 'reverse'])) {
            return $this->inOrder(true, $first, $key, $reverse);
        }
        if (('min' === $name || 'max' === $name) && 1 === $plain && isset($named['default']) && ($chosen = $this->chosenOr('min' === $name, $first, $named)) instanceof Expression) {
            return $chosen;
        }
        if (('min' === $name || 'max' === $name) && isset($named['default'])) {
            $this->parser->fail('unsupported', $this->parser->tokens[$this->parser->at - 1] ?? null, ['what' => "$name(…, default=…)"]);
        }
        if (('min' === $name || 'max' === $name) && ['key'] === array_keys($named) && $key instanceof Lambda) {
            return new Operation('min' === $name ? OperationKey::LeastBy : OperationKey::GreatestBy, [1 === $plain ? $first : new ListLiteral($values), $key]);
        }

        if ('json.dumps' === $name && ['indent'] === array_keys($named)) {
            return new Operation(OperationKey::JsonLaidOut, [$first, $named['indent']]);
        }
        if ('json.dumps' === $name && 1 === $plain && [] !== $named && [] === array_diff(array_keys($named), ['indent', 'sort_keys', 'ensure_ascii'])) {
            return new Operation(OperationKey::JsonFormed, [$first, $named['indent'] ?? new NothingLiteral(), $named['sort_keys'] ?? new TruthLiteral(false), $named['ensure_ascii'] ?? new TruthLiteral(true)]);
        }
        if ('itertools.product' === $name && ['repeat'] === array_keys($named) && 1 === $plain) {
            $repeat = $named['repeat'];
            $isShort = $repeat instanceof NumberLiteral && \is_int($repeat->value) && 2 <= $repeat->value && 9 >= $repeat->value;

            return $isShort && [] === array_filter([...Walk::expressions($first)], static fn (Expression $part): bool => $part instanceof OwnValue || $part instanceof MethodCall || $part instanceof CommandValue)
                ? new Operation(OperationKey::Combined, array_fill(0, $repeat->value, $first))
                : null;
        }
        if ('re.sub' === $name && ['count'] === array_keys($named) && 3 === $plain) {
            return new Operation(OperationKey::SoughtReplacedSome, [...$values, $named['count']]);
        }

        return 'enumerate' === $name && ['start'] === array_keys($named) ? new Operation(OperationKey::NumberedFrom, [$first, $named['start']]) : null;
    }

    /**
     * The least or greatest of what there is, or what stands for it where there is nothing.
     *
     * @param array<string, Expression> $named
     */
    private function chosenOr(bool $least, Expression $first, array $named): ?Expression
    {
        $default = $named['default'];
        $key = $named['key'] ?? null;
        $isShort = $this->parser->isPlain($first) || $first instanceof ListLiteral && [] === array_filter($first->items, fn (Expression $item): bool => !$this->parser->isPlain($item));
        if (['default'] === array_keys($named)) {
            return $isShort && !$first instanceof Collected
                ? new Choice(new Operation(OperationKey::IsEmpty, [$first]), $default, new Operation($least ? OperationKey::Least : OperationKey::Greatest, [$first]))
                : new Operation($least ? OperationKey::LeastOr : OperationKey::GreatestOr, [$first, $default]);
        }
        if (2 !== \count($named) || !$key instanceof Lambda) {
            return null;
        }
        $of = static fn (Expression $values): Choice => new Choice(new Operation(OperationKey::IsEmpty, [$values]), $default, new Operation($least ? OperationKey::LeastBy : OperationKey::GreatestBy, [$values, $key]));
        if ($this->parser->isPlain($first)) {
            return $of($first);
        }
        // What there is to choose from is found once.
        $all = $this->parser->nameFor('all');

        return new MethodCall(new Lambda([$all], $of(new VariableRead($all))), MethodCall::CALL, [new Operation(OperationKey::AsList, [$first])]);
    }

    /** @param Expression $reverse whether the greatest comes first, which may show only when it runs */
    public function inOrder(bool $isCopy, Expression $list, ?Expression $by, Expression $reverse): ?Expression
    {
        if (!$reverse instanceof TruthLiteral) {
            [$down, $up] = array_map(fn (bool $isDown): ?Expression => $this->inOrder($isCopy, $list, $by, new TruthLiteral($isDown)), [true, false]);

            return null === $down || null === $up || !$this->parser->isSteady($reverse) ? null : new Choice($reverse, $down, $up);
        }
        [$down, $by] = [$reverse->value, $by instanceof NothingLiteral ? null : $by];
        if (null !== $by && !$by instanceof Lambda && $this->parser->isSteady($by)) {
            $by = new Lambda(['item'], new MethodCall($by, MethodCall::CALL, [new VariableRead('item')]));
        }
        $isText = $by instanceof Lambda && $by->value instanceof Operation && OperationKey::ToText === $by->value->key && $by->value->arguments[0] == new VariableRead($by->parameters[0] ?? '');
        if ($isText && !$down) {
            return new Operation($isCopy ? OperationKey::SortedAsTexts : OperationKey::SortAsTexts, [$list]);
        }

        return match (true) {
            null === $by => new Operation(OperationKey::ofOrder($isCopy, $down, false), [$list]),
            $by instanceof Lambda && 1 === \count($by->parameters) => new Operation(OperationKey::ofOrder($isCopy, $down, true), [$list, $by]),
            default => null,
        };
    }

    /** @param list<Argument> $arguments */
    private function range(array $arguments, Token $token): Expression
    {
        $count = \count($arguments);
        if ($count < 1 || $count > 3) {
            $this->parser->fail(0 === $count ? 'few_arguments' : 'many_arguments', $token, ['name' => 'range', 'wanted' => 0 === $count ? 1 : 3, 'given' => $count]);
        }
        foreach ($arguments as $argument) {
            if ($argument->value instanceof TextLiteral) {
                $this->parser->failAt('wrong_kind_number', $argument->offset, $argument->end - $argument->offset, ['name' => 'range']);
            }
            if ($argument->value instanceof ListLiteral || $argument->value instanceof VariableRead && ($this->parser->listNames[$argument->value->name] ?? false)) {
                $start = $token->offset;
                $this->parser->failAt('range_around_list', $start, $this->parser->endOffset() - $start, [], [new Replacement($argument->end, $this->parser->endOffset() - $argument->end, ''), new Replacement($start, $argument->offset - $start, '')]);
            }
            if ($argument->value instanceof NumberLiteral && \is_float($argument->value->value)) {
                $this->parser->failAt('not_whole', $argument->offset, $argument->end - $argument->offset, ['name' => 'range']);
            }
            if ($argument->value instanceof Binary && RealNumber::is($argument->value) && !str_contains($this->parser->text, '__truediv__')) {
                $written = substr($this->parser->text, $argument->offset, $argument->end - $argument->offset);
                $this->parser->failAt('range_of_division', $argument->offset, \strlen($written), [], 1 === substr_count($written, '/') ? [new Replacement($argument->offset + (int) strpos($written, '/'), 1, '//')] : []);
            }
        }
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);

        return new Operation(OperationKey::Numbers, match ($count) {
            1 => [new NumberLiteral(0), $values[0], new NumberLiteral(1)],
            2 => [$values[0], $values[1], new NumberLiteral(1)],
            default => $values,
        });
    }

    /** Whether `list(…)` stands there. */
    public function isMadeList(int $offset): bool
    {
        return 1 === preg_match('/\Glist\s*\(/', $this->parser->text, $match, 0, $offset);
    }

    /** The keys, values and entries of a map show as what they are (The Python Standard Library, dictionary view objects). */
    public function viewed(Expression $value, int $offset): Expression
    {
        $view = !$value instanceof Operation || $this->isMadeList($offset) ? null : [OperationKey::Keys->value => 'dict_keys(', OperationKey::Values->value => 'dict_values(', OperationKey::Entries->value => 'dict_items('][$value->key->value] ?? null;

        return null === $view ? $value : new Binary(Operator::Join, new Binary(Operator::Join, new TextLiteral($view), new Operation(OperationKey::ToText, [$value])), new TextLiteral(')'));
    }

    /** A file of letters; one of bytes, or one that is read and written at once, is none yet. */
    private function opened(Expression $name, ?Expression $mode, ?Token $token): Operation
    {
        if ($mode instanceof TextLiteral && 1 === preg_match('/[bx+U]/', $mode->value)) {
            $this->parser->fail('unsupported', $token, ['what' => "open(…, \"$mode->value\")"]);
        }

        return new Operation(OperationKey::FileOpened, null === $mode ? [$name] : [$name, $mode]);
    }

    /**
     * What `next` takes the next item of; null where that is not known. Of a generator in brackets all items are found at once, which
     * nobody sees: no other place has it.
     */
    private function begun(Expression $items, int $offset): ?Expression
    {
        if ($items instanceof Operation && \in_array($items->key, [OperationKey::TypedFile, OperationKey::Started, OperationKey::CountedOn, OperationKey::AgainInTurn], true) || $items instanceof VariableRead && isset($this->parser->begun[$items->name])) {
            return $items;
        }
        if ($items instanceof OwnValue && $this->parser->yieldsAll($items->function)) {
            return new Operation(OperationKey::Started, [$items]);
        }
        if (($items instanceof VariableRead || $items instanceof Field || $items instanceof Item || $items instanceof OwnValue || $items instanceof MethodCall) && 1 === preg_match('/\byield\b|\bstdin\b|\bopen\s*\(|\biter\s*\(|(?<!\.)\b(?:count|cycle)\s*\(|\bitertools\s*\.\s*(?:count|cycle)\b/', $this->parser->text)) {
            return $items;
        }

        $isNested = $items instanceof Operation && OperationKey::Flattened === $items->key && $items->arguments[0] instanceof Collected;

        return ($items instanceof Collected || $isNested && self::isQuiet($items)) && '[' !== ($this->parser->text[$offset] ?? '') ? new Operation(OperationKey::Started, [$items]) : null;
    }

    /** Whether nothing shows that items were found that nobody asked for: nothing of the program's own is called for them, and no text that is no number fails. */
    private static function isQuiet(Expression $value): bool
    {
        return [] === array_filter(Walk::expressions($value), static fn (Expression $one): bool => $one instanceof OwnValue || $one instanceof MethodCall || $one instanceof Operation && \in_array($one->key, [OperationKey::ToWhole, OperationKey::ToNumber], true));
    }
}
