<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Values;

use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\JavaScript\JavaScriptExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Methods that texts, lists, maps and numbers have. */
final class LibraryMethods
{
    public function __construct(private readonly JavaScriptExpressions $parser)
    {
    }

    /**
     * @param list<Argument> $arguments
     */
    public function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        $first = $arguments[0]->value ?? null;
        $second = $arguments[1]->value ?? null;
        if (isset($this->parser->objectMethods[$name]) && ($receiver instanceof VariableRead && !$this->isListByText($receiver->name) || $receiver instanceof MethodCall)) {
            return new MethodCall(new Item($receiver, new TextLiteral($name)), MethodCall::CALL, $this->parser->namedArguments->handed($arguments));
        }
        switch ($name) {
            case 'toSorted':
            case 'toReversed':
                if (!isset($this->parser->classes->methodNames[$name]) && ('toSorted' === $name ? 1 : 0) >= $count) {
                    // What it is asked of stays as it is (ECMA-262, 15th edition, 23.1.3.33 and 23.1.3.34).
                    return $this->method(new Operation(OperationKey::Copied, [$receiver]), 'toSorted' === $name ? 'sort' : 'reverse', $arguments, $token);
                }
                break;
            case 'startsWith':
            case 'endsWith':
            case 'includes':
                $isPlace = $second instanceof NumberLiteral && 0 <= $second->value;
                if (2 === $count && null !== $first && null !== $second && null === $arguments[0]->name && null === $arguments[1]->name && ($isPlace || 'startsWith' === $name && $this->parser->isPlain($receiver))) {
                    // From a place on, or up to one (ECMA-262, 22.1.3.7, 22.1.3.8, 22.1.3.24 and 23.1.3.16).
                    $part = match (true) {
                        !$isPlace => new Operation(OperationKey::Substring, [$receiver, $second, new Operation(OperationKey::Length, [$receiver])]),
                        'endsWith' === $name => new Slice($receiver, new NumberLiteral(0), $second),
                        default => new Slice($receiver, $second, new NothingLiteral()),
                    };

                    return new Operation(['startsWith' => OperationKey::Starts, 'endsWith' => OperationKey::Ends, 'includes' => OperationKey::Contains][$name], [$part, $first]);
                }
                break;
            case 'write':
                if ($receiver instanceof Item && $receiver->index instanceof TextLiteral && 'stdout' === $receiver->index->value && null !== $first) {
                    return $this->parser->transient(OperationKey::Stdout, [$first]);
                }
                break;
            case 'at':
                if (1 === $count && null !== $first) {
                    if (!$first instanceof NumberLiteral && $this->parser->isPlain($first) && !$this->parser->isPlain($receiver)) {
                        // What it is asked of is found once.
                        $made = new VariableRead($this->parser->nameFor('made'));

                        return new MethodCall(new Lambda([$made->name], new Item($made, $this->fromEitherEnd($made, $first, $token))), MethodCall::CALL, [$receiver]);
                    }

                    return new Item($receiver, $this->fromEitherEnd($receiver, $first, $token));
                }
                break;
            case 'charAt':
                if (1 < $count) {
                    break;
                }
                $first ??= new NumberLiteral(0);

                // Beyond the ends it is an empty text (ECMA-262, 22.1.3.2).
                return $first instanceof NumberLiteral && \is_int($first->value) && $first->value >= 0 ? new Slice($receiver, 0 === $first->value ? new NothingLiteral() : $first, new NumberLiteral($first->value + 1)) : new Operation(OperationKey::LetterAt, [$receiver, $first]);
            case 'substring':
                if (null !== $first && null !== $second && !LibraryFunctions::areInOrder($first, $second)) {
                    return new Operation(OperationKey::Substring, [$receiver, $first, $second]);
                }
                if (null !== $first && null === $second && ($first instanceof Operation && OperationKey::Length !== $first->key || $first instanceof Binary && Operator::Subtract === $first->operator || $first instanceof Unary) && $this->parser->isPlain($receiver)) {
                    // From before the start it is all of it, while a slice counts from the end (ECMA-262, 22.1.3.25 and 22.1.3.22).
                    return new Operation(OperationKey::Substring, [$receiver, $first, new Operation(OperationKey::Length, [$receiver])]);
                }
                // no break
            case 'slice':
                if (null !== $first) {
                    return new Slice($receiver, $first instanceof NumberLiteral && 0 === $first->value && null === $second ? new NothingLiteral() : self::bare($first, null === $second), $second ?? new NothingLiteral());
                }

                return new Operation(OperationKey::Copied, [$receiver]);
            case 'sort':
                return $this->afterwards($this->sorted($receiver, $first, $token), $receiver);
            case 'toSorted':
                // The list itself stays as it is (ECMA-262, 23.1.3.34 and 23.1.3.33).
                return 1 >= $count ? $this->sorted(new Operation(OperationKey::Copied, [$receiver]), $first, $token) : null;
            case 'toReversed':
                return 0 === $count ? new Operation(OperationKey::Backwards, [$receiver]) : null;
            case 'reverse':
                $sorts = $receiver instanceof Operation && OperationKey::After === $receiver->key ? $receiver->arguments[0] : $receiver;
                if (0 === $count && $sorts instanceof Operation && \in_array($sorts->key, [OperationKey::SortAsTexts, OperationKey::SortedAsTexts], true)) {
                    // Texts, perhaps of numbers, the last first.
                    return $sorts === $receiver ? new Operation(OperationKey::Backwards, [$receiver]) : new Operation(OperationKey::After, [$sorts, new Operation(OperationKey::After, [new Operation(OperationKey::TurnRound, [$sorts->arguments[0]]), $sorts->arguments[0]])]);
                }
                $receiver = $receiver instanceof Operation && OperationKey::After === $receiver->key ? $receiver->arguments[0] : $receiver;
                if ($receiver instanceof Operation && OperationKey::Copied === $receiver->key) {
                    return new Operation(OperationKey::Backwards, $receiver->arguments);
                }
                $down = $receiver instanceof Operation ? [OperationKey::Sort->value => OperationKey::SortDown, OperationKey::Sorted->value => OperationKey::SortedDown][$receiver->key->value] ?? null : null;
                if (null !== $down && $receiver instanceof Operation) {
                    return $this->afterwards(new Operation($down, $receiver->arguments), $receiver->arguments[0]);
                }
                if (0 === $count) {
                    return $this->isFresh($receiver) ? new Operation(OperationKey::Backwards, [$receiver]) : $this->afterwards(new Operation(OperationKey::TurnRound, [$receiver]), $receiver);
                }
                break;
            case 'fill':
                if (0 < $count && $count < 4 && null !== $first) {
                    return $this->filledUp($receiver, $first, $arguments[1]->value ?? new NumberLiteral(0), $arguments[2]->value ?? null, $token);
                }
                break;
            case 'concat':
                if (0 < $count && [] === array_filter(array_column($arguments, 'name'))) {
                    // A list is put behind item by item, anything else as it is (ECMA-262, 23.1.3.2): where the text does not show which, its type tells.
                    return array_reduce($arguments, static fn (Expression $all, Argument $argument): Expression => new Operation($argument->value instanceof ListLiteral || $argument->value instanceof Collected ? OperationKey::Concatenated : OperationKey::WithItems, [$all, $argument->value]), $receiver);
                }
                break;
            case 'split':
                if (1 === $count && $first == new TextLiteral('')) {
                    return new Operation(OperationKey::Letters, [$receiver]);
                }
                if (2 === $count && null !== $first && $second instanceof NumberLiteral && $second->value >= 0) {
                    return new Slice(new Operation(OperationKey::Split, [$receiver, $first]), new NothingLiteral(), $second);
                }
                break;
            case 'join':
                if (0 === $count) {
                    return new Operation(OperationKey::Joined, [$receiver, new TextLiteral(',')]);
                }
                break;
            case 'toFixed':
                $first ??= new NumberLiteral(0);
                if ($first instanceof NumberLiteral && \is_int($first->value) && $first->value >= 0 && $first->value < 10) {
                    return new Operation(OperationKey::Formatted, [$receiver, new TextLiteral(".{$first->value}f")]);
                }
                break;
            case 'map':
            case 'filter':
            case 'some':
            case 'every':
                $lambda = $this->itemLambda($first);
                if (1 === $count && null !== $lambda) {
                    return match ($name) {
                        'some' => new Operation(OperationKey::AnyHolds, [$this->collected($receiver, $lambda, true)]),
                        'every' => new Operation(OperationKey::AllHold, [$this->collected($receiver, $lambda, true)]),
                        default => $this->collected($receiver, $lambda, 'map' === $name),
                    };
                }
                $both = $this->lambdaOf($first, 2);
                if ('map' === $name && null !== $both) {
                    return $this->numbered($receiver, $both);
                }
                if (1 !== $count || null === $first) {
                    $this->parser->fail('unsupported', $token, ['what' => ".$name(…)"]);
                }

                return match ($name) {
                    'map' => new Operation(OperationKey::Mapped, [$receiver, $first]),
                    'filter' => new Operation(OperationKey::Sifted, [$receiver, $first]),
                    'some' => new Operation(OperationKey::AnyHolds, [new Operation(OperationKey::Mapped, [$receiver, $first])]),
                    'every' => new Operation(OperationKey::AllHold, [new Operation(OperationKey::Mapped, [$receiver, $first])]),
                };
            case 'reduceRight':
                if (1 === $count && null !== $join = $this->lambdaOf($first, 2)) {
                    return new Operation(OperationKey::Folded, [new Operation(OperationKey::Backwards, [$receiver]), $join]);
                }
                break;
            case 'reduce':
                $first = $this->lambdaOf($first, 2);
                if (2 === $count && null !== $first && null !== $second) {
                    $isSum = $first->value == new Binary(Operator::Add, new VariableRead($first->parameters[0]), new VariableRead($first->parameters[1])) && $second == new NumberLiteral(0);

                    return $isSum ? new Operation(OperationKey::Total, [$receiver]) : new Operation(OperationKey::Reduced, [$receiver, $first, $second]);
                }
                if (1 === $count && null !== $first) {
                    return new Operation(OperationKey::Folded, [$receiver, $first]);
                }
                $given = $arguments[0]->value ?? null;
                $called = $given instanceof VariableRead ? $given->name : ($given instanceof FunctionReference && 2 >= \count($this->parser->symbols->functions[$given->function][2] ?? ['', '', '']) ? $given->function : null);
                if (1 === $count && null !== $called) {
                    return new Operation(OperationKey::Folded, [$receiver, new Lambda(['one', 'other'], new OwnValue($called, [new VariableRead('one'), new VariableRead('other')]))]);
                }
                if (2 === $count && null !== $second && null !== $given) {
                    return new Operation(OperationKey::ReducedNumbered, [$receiver, $given, $second]);
                }
                $this->parser->fail('unsupported', $token, ['what' => '.reduce(…)']);
                // no break
            case 'flatMap':
                if (1 === $count && null !== $lambda = $this->itemLambda($first)) {
                    return new Operation(OperationKey::Flattened, [$this->collected($receiver, $lambda, true)]);
                }
                $both = $this->lambdaOf($first, 2);
                if (1 === $count && null !== $first) {
                    return new Operation(OperationKey::Flattened, [null !== $both ? $this->numbered($receiver, $both) : new Operation(OperationKey::Mapped, [$receiver, $first])]);
                }
                $this->parser->fail('unsupported', $token, ['what' => '.flatMap(…)']);
                // no break
            case 'findIndex':
                if (1 === $count && null !== $lambda = $this->itemLambda($first)) {
                    return new Operation(OperationKey::FirstPlace, [$receiver, $lambda]);
                }
                $this->parser->fail('unsupported', $token, ['what' => '.findIndex(…)']);
                // no break
            case 'findLast':
                if (1 === $count && null !== $lambda = $this->itemLambda($first)) {
                    return new Operation(OperationKey::FirstOf, [new Operation(OperationKey::Backwards, [$receiver]), $lambda]);
                }
                $this->parser->fail('unsupported', $token, ['what' => '.findLast(…)']);
                // no break
            case 'find':
                if (1 === $count && null !== $lambda = $this->itemLambda($first)) {
                    return new Operation(OperationKey::FirstOf, [$receiver, $lambda]);
                }
                $this->parser->fail('unsupported', $token, ['what' => '.find(…)']);
                // no break
            case 'next':
                $walked = $receiver instanceof MethodCall ? $receiver->otherwise : $receiver;
                if (0 === $count && $walked instanceof Operation && \in_array($walked->key, [OperationKey::Keys, OperationKey::Values, OperationKey::Entries, OperationKey::Numbered, OperationKey::KeysOf, OperationKey::ValuesOf], true)) {
                    return new Operation(OperationKey::NextStep, [new Operation(OperationKey::Started, [$receiver])]);
                }
                if (0 === $count && $receiver instanceof VariableRead && isset($this->parser->begun[$receiver->name])) {
                    return new Operation(OperationKey::NextStep, [$receiver]);
                }
                if (0 === $count && 1 !== preg_match('/\bnext\s*(?::|\([^()]*\)\s*\{)/', $this->parser->text) && 1 === preg_match('/\bfunction\s*\*|(?:^|[{;,}])\s*(?:static\s+)?\*\s*[\w\[]|\[\s*Symbol\s*\.\s*iterator\s*\]\s*\(\s*\)/m', $this->parser->text)) {
                    return new Operation(OperationKey::NextStep, [$receiver]);
                }
                break;
            case 'forEach':
                return 1 === $count && null !== $first ? new Operation(OperationKey::DoneWithEach, [$receiver, $first]) : $this->parser->fail('unsupported', $token, ['what' => '.forEach(…)']);
            case 'padStart':
            case 'padEnd':
                if (1 === $count && null !== $first) {
                    return new Operation('padStart' === $name ? OperationKey::PaddedLeft : OperationKey::PaddedRight, [$receiver, $first, new TextLiteral(' ')]);
                }
                break;
            case 'push':
                if (1 === $count && '...' === $arguments[0]->name && null !== $first) {
                    return new Operation(OperationKey::Extend, [$receiver, $first]);
                }
                if (1 < $count && [] === array_filter(array_column($arguments, 'name'))) {
                    return new Operation(OperationKey::Extend, [$receiver, new ListLiteral(array_map(static fn (Argument $argument): Expression => $argument->value, $arguments))]);
                }
                break;
            case 'splice':
                if (2 === $count && null !== $first && null !== $second && [] === array_filter(array_column($arguments, 'name'))) {
                    // What was taken away is the value (ECMA-262, 23.1.3.31).
                    return new Operation(OperationKey::Spliced, [$receiver, $first, $second, new ListLiteral([])]);
                }
                if (2 < $count && (3 < $count || !($second instanceof NumberLiteral && 0 === $second->value)) && null !== $first && null !== $second && !\in_array('...', array_column(\array_slice($arguments, 0, 2), 'name'), true)) {
                    return new Operation(OperationKey::Spliced, [$receiver, $first, $second, $this->parser->inOneList(\array_slice($arguments, 2))]);
                }
                break;
            case 'substr':
                if (null !== $first && 3 > $count) {
                    return null === $second ? new Operation(OperationKey::TailOf, [$receiver, $first]) : new Operation(OperationKey::PartOf, [$receiver, $first, $second]);
                }
                break;
            case 'toLocaleString':
                if (0 === $count || 1 === $count && $first instanceof TextLiteral && \in_array($first->value, ['en-US', 'en-GB', 'en'], true)) {
                    return new Operation(OperationKey::Localized, [$receiver]);
                }
                $this->parser->fail('unsupported', $token, ['what' => '.toLocaleString(…)']);
                // no break
            case 'flat':
                if (1 === $count && $first instanceof VariableRead && 'Infinity' === $first->name || 1 === $count && $first instanceof NumberLiteral && ($first->value > 100 || \is_float($first->value) && is_infinite($first->value))) {
                    return new Operation(OperationKey::FlattenedDeep, [$receiver]);
                }
                if (1 === $count && $first instanceof NumberLiteral && \is_int($first->value) && 0 < $first->value) {
                    return array_reduce(range(1, $first->value), static fn (Expression $flat): Expression => new Operation(OperationKey::Flattened, [$flat]), $receiver);
                }
                break;
            case 'codePointAt':
            case 'charCodeAt':
                if (1 === $count && null !== $first) {
                    return new Operation(OperationKey::Code, [$first instanceof NumberLiteral && 0 === $first->value ? $receiver : new Item($receiver, $first)]);
                }
                break;
            case 'get':
                return 1 === $count && null !== $first ? new Operation(OperationKey::Got, [$receiver, $first]) : null;
            case 'set':
                return 2 === $count && null !== $first && null !== $second ? new Operation(OperationKey::PutFor, [$receiver, $first, $second]) : null;
            case 'has':
                return 1 === $count && null !== $first ? new Operation(OperationKey::Has, [$receiver, $first]) : null;
            case 'add':
                return 1 === $count && null !== $first ? new Operation(OperationKey::PutIn, [$receiver, $first]) : null;
            case 'delete':
                return 1 === $count && null !== $first ? new Operation(OperationKey::TakeOut, [$receiver, $first]) : null;
            case 'keys':
                return 0 === $count ? new Operation(OperationKey::KeysOf, [$receiver]) : null;
            case 'values':
                return 0 === $count ? new Operation(OperationKey::ValuesOf, [$receiver]) : null;
            case 'append':
            case 'push_back':
                $this->parser->fail('foreign_word', $token, ['word' => $name, 'near' => 'push'], [new Replacement($token->offset, \strlen($name), 'push')]);
                // no break
            case 'upper':
            case 'lower':
                $near = 'upper' === $name ? 'toUpperCase' : 'toLowerCase';
                $this->parser->fail('foreign_word', $token, ['word' => $name, 'near' => $near], [new Replacement($token->offset, \strlen($name), $near)]);
        }

        return null;
    }

    /** A function of one item: as it stands, or by its name. */
    private function itemLambda(?Expression $value): ?Lambda
    {
        if ($value instanceof Lambda) {
            return 1 === \count($value->parameters) ? $value : null;
        }
        $name = $value instanceof VariableRead ? $value->name : ($value instanceof FunctionReference && 1 === $this->most($value->function) ? $value->function : null);
        $item = new VariableRead('item');

        return match (true) {
            null === $name => null,
            !isset($this->parser->symbols->functions[$name]) && $this->parser->isVariable($name) => new Lambda(['item'], new OwnValue($name, [$item])),
            'Number' === $name => new Lambda(['item'], new Operation(OperationKey::ToNumber, [$item])),
            'String' === $name => new Lambda(['item'], new Operation(OperationKey::ToText, [$item])),
            'Boolean' === $name => new Lambda(['item'], new Operation(OperationKey::ToTruth, [$item])),
            null !== $this->most($name) => new Lambda(['item'], new OwnValue($name, [$item])),
            default => null,
        };
    }

    /** How many values a function takes, or a method of a class that has no object; null for what is neither. */
    private function most(string $name): ?int
    {
        [$class, $method] = explode('.', $name, 2) + [1 => ''];

        return $this->parser->symbols->functions[$name][1] ?? (isset($this->parser->sharedMethods[$name]) ? $this->parser->classes->methods[$class][$method][1] ?? null : null);
    }

    /** A function of several values, as it stands or by its name. */
    private function lambdaOf(?Expression $value, int $parameters): ?Lambda
    {
        if ($value instanceof Lambda) {
            return $parameters === \count($value->parameters) ? $value : null;
        }
        $name = $value instanceof FunctionReference ? $value->function : ($value instanceof VariableRead ? $value->name : '');
        if ($this->most($name) !== $parameters) {
            return null;
        }
        $names = \array_slice(['one', 'other', 'third'], 0, $parameters);

        return new Lambda($names, new OwnValue($name, array_map(static fn (string $each): Expression => new VariableRead($each), $names)));
    }

    /** `beds.map((bed, place) => …)`: over pairs of place and item. */
    private function numbered(Expression $over, Lambda $lambda): Expression
    {
        $pair = new VariableRead(ExpressionParser::pairIn($lambda->value));
        $put = static fn (Expression $part): Expression => $part instanceof VariableRead && \in_array($part->name, $lambda->parameters, true) ? new Item($pair, new NumberLiteral($part->name === $lambda->parameters[0] ? 1 : 0)) : $part;

        return new Collected(Walk::mapExpression($lambda->value, $put), $pair->name, new Operation(OperationKey::Numbered, [$over]));
    }

    /** As texts, or by a function that subtracts what is asked of two items. */
    private function sorted(Expression $receiver, ?Expression $compare, Token $token): Operation
    {
        $isCopy = $receiver instanceof Operation && OperationKey::Copied === $receiver->key;
        $list = $isCopy ? $receiver->arguments[0] : $receiver;
        $isCopy = $isCopy || $this->isFresh($receiver);
        if (null === $compare) {
            return new Operation($isCopy ? OperationKey::SortedAsTexts : OperationKey::SortAsTexts, [$list]);
        }
        $value = $compare instanceof Lambda && 2 === \count($compare->parameters) ? $compare->value : null;
        $with = $this->lambdaOf($compare, 2);
        if (null === $with && ($compare instanceof Field || $compare instanceof Item)) {
            $names = [$this->parser->nameFor('one'), $this->parser->nameFor('other')];
            $given = array_map(static fn (string $name): Expression => new VariableRead($name), $names);
            $with = new Lambda($names, new MethodCall($compare, MethodCall::CALL, $given));
        }
        if (!$compare instanceof Lambda || !$value instanceof Binary || Operator::Subtract !== $value->operator) {
            return null === $with ? $this->parser->fail('unsupported', $token, ['what' => '.sort(…)']) : new Operation($isCopy ? OperationKey::SortedWith : OperationKey::SortWith, [$list, $with]);
        }
        [$one, $other] = $compare->parameters;
        $ofOne = static fn (Expression $side): Expression => Walk::mapExpression($side, static fn (Expression $part): Expression => $part instanceof VariableRead && $part->name === $other ? new VariableRead($one) : $part);
        $isDown = $ofOne($value->left) != $value->left;
        if ($ofOne($value->left) != $ofOne($value->right) || $isDown === ($ofOne($value->right) != $value->right)) {
            return null === $with ? $this->parser->fail('unsupported', $token, ['what' => '.sort(…)']) : new Operation($isCopy ? OperationKey::SortedWith : OperationKey::SortWith, [$list, $with]);
        }
        $by = $value->left instanceof VariableRead ? null : new Lambda([$one], $ofOne($value->left));

        return new Operation(OperationKey::ofOrder($isCopy, $isDown, null !== $by), null === $by ? [$list] : [$list, $by]);
    }

    /** Whether a list was made where it stands, so that nobody else knows it. */
    private function isFresh(Expression $list): bool
    {
        return $list instanceof Collected || $list instanceof ListLiteral || $list instanceof Slice || $list instanceof Operation && !\in_array($list->key, [OperationKey::ValueOr, OperationKey::ValueOrPut, OperationKey::Got, OperationKey::OrElse, OperationKey::First, OperationKey::Last, OperationKey::Pop, OperationKey::Shift, OperationKey::PopAt, OperationKey::After, OperationKey::Spread], true) && !Given::is($list);
    }

    /** Whether the text shows that a variable holds a list, a set or a map, which have methods of such names, too. */
    private function isListByText(string $name): bool
    {
        return 1 === preg_match('/\b'.Names::asPattern($name).'\s*=\s*(?:\[|new\b|Array\b)/', $this->parser->text);
    }

    /** `beds.fill(0, 2)`: one value at each place from one to another (ECMAScript 2022, 23.1.3.7). */
    private function filledUp(Expression $list, Expression $value, Expression $from, ?Expression $until, Token $token): Expression
    {
        $start = $from instanceof NumberLiteral && \is_int($from->value) ? $from->value : null;
        if ($list instanceof ListLiteral && null !== $start && 0 <= $start && (null === $until || $until instanceof NumberLiteral && \is_int($until->value) && 0 <= $until->value) && ($value instanceof NumberLiteral || $value instanceof TextLiteral || $value instanceof TruthLiteral)) {
            // What was made just now has these items.
            $end = min(\count($list->items), $until instanceof NumberLiteral ? (int) $until->value : \count($list->items));

            return new ListLiteral(array_map(static fn (Expression $item, int $at): Expression => $at >= $start && $at < $end ? $value : $item, $list->items, array_keys($list->items)));
        }
        if (!$this->parser->isSteady($list) || !Given::isPlace($list)) {
            $this->parser->fail('unsupported', $token, ['what' => 'fill']);
        }

        return $this->afterwards(new Operation(OperationKey::FillUp, [$list, $value, $from, $until ?? new Operation(OperationKey::Length, [$list])]), $list);
    }

    /** `beds.at(-k)` counts from the end where the place is below nought, which only shows when it runs (ECMAScript 2022, 23.1.3.1). */
    private function fromEitherEnd(Expression $list, Expression $place, Token $token): Expression
    {
        if ($place instanceof NumberLiteral || $place instanceof Operation && OperationKey::Length === $place->key) {
            return $place;
        }
        if (!$this->parser->isPlain($place) || !$this->parser->isPlain($list)) {
            $this->parser->fail('unsupported', $token, ['what' => '.at(…)']);
        }

        return new Choice(new Binary(Operator::Less, $place, new NumberLiteral(0)), new Binary(Operator::Add, new Operation(OperationKey::Length, [$list]), $place), $place);
    }

    /** What changes a list in place gives the list itself. */
    private function afterwards(Operation $changes, Expression $list): Expression
    {
        if (Result::Nothing !== ValueOperations::get($changes->key)->result) {
            return $changes;
        }
        if ($this->parser->isSteady($list) || $changes->arguments[0] != $list) {
            return new Operation(OperationKey::After, [$changes, $list]);
        }
        // Which list it is is found once.
        $made = new VariableRead('made');
        $once = new Operation($changes->key, [$made, ...\array_slice($changes->arguments, 1)]);

        return new MethodCall(new Lambda(['made'], new Operation(OperationKey::After, [$once, $made])), MethodCall::CALL, [$list]);
    }

    /** A slice from the start needs no bound; with an end it has its zero. */
    private static function bare(Expression $from, bool $open): Expression
    {
        return !$open && $from instanceof NumberLiteral && 0 === $from->value ? new NothingLiteral() : $from;
    }

    private function collected(Expression $over, Lambda $lambda, bool $maps): Expression
    {
        $name = $lambda->parameters[0];
        $over = $over instanceof Operation && \in_array($over->key, [OperationKey::Copied, OperationKey::Letters], true) ? $over->arguments[0] : $over;
        if (!$maps) {
            return new Collected(new VariableRead($name), $name, $over, $lambda->value);
        }
        if ($over instanceof Collected && $over->value instanceof VariableRead && $over->value->name === $over->variable && $over->variable === $name) {
            return new Collected($lambda->value, $name, $over->over, $over->condition);
        }

        return new Collected($lambda->value, $name, $over);
    }
}
