<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ExpressionParser;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
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
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Functions of the standard library (C++17, 23 to 29). */
final class LibraryFunctions
{
    /** The largest number by chance, as the usual machines have it (C++17, 29.6.9). */
    private const RAND_MAX = 2147483647;

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /** Whether what was found is only asked to be there at all (C11, 7.24.5), or not to be; null where more is asked. */
    private function askedIfThere(Token $name): ?bool
    {
        if ($this->parser->is('==') || $this->parser->is('!=')) {
            $isNothing = \in_array($this->parser->sign(1), ['NULL', 'nullptr', '0'], true);
            $isThere = $this->parser->is('!=');
            $this->parser->at += $isNothing ? 2 : 0;

            return $isNothing ? $isThere : null;
        }
        $at = (int) $this->parser->indexOf($name);
        $before = $this->parser->tokens[$at - 1]->text ?? '';
        $isCondition = '(' === $before && \in_array($this->parser->tokens[$at - 2]->text ?? '', ['if', 'while'], true) || \in_array($before, ['&&', '||', '!'], true);

        return $isCondition && \in_array($this->parser->sign(), [')', '&&', '||', '?', ';'], true) || $this->parser->is('?') ? true : null;
    }

    /** `strcmp(a, b) < 0`: which of two texts is first (C11, 7.24.4.2). */
    public function orderOfTexts(Expression $first, Expression $second, Token $token): Expression
    {
        $operator = ['==' => Operator::Equal, '!=' => Operator::NotEqual, '<' => Operator::Less, '>' => Operator::Greater, '<=' => Operator::LessOrEqual, '>=' => Operator::GreaterOrEqual][$this->parser->sign() ?? ''] ?? null;
        if (null !== $operator && $this->parser->is('0', 1)) {
            $this->parser->at += 2;

            return new Binary($operator, $first, $second);
        }
        $before = '';
        for ($at = $this->parser->at - 1; $at > 0 && '' === $before; --$at) {
            $before = $this->parser->tokens[$at]->offset < $token->offset ? $this->parser->tokens[$at]->text : '';
        }

        if (\in_array($before, ['!', '(', '&&', '||'], true) && \in_array($this->parser->sign(), [')', '&&', '||'], true)) {
            return new Binary(Operator::NotEqual, $first, $second);
        }

        if ('compare' === $token->text || str_ends_with($token->text, '_sign')) {
            return new Operation(OperationKey::OrderOfTexts, [$first, $second]);
        }
        if ($first instanceof TextLiteral && $second instanceof TextLiteral) {
            // What is known before it runs is found by the compiler.
            return new NumberLiteral(strcmp($first->value, $second->value) <=> 0);
        }

        // What number it gives is the machine's own choice (C11, 7.24.4.2): how far the first letters that differ are apart, as the usual ones have it.
        return new Operation(OperationKey::OrderOfRows, [$first, $second]);
    }

    /** `back_inserter(beds)`: what is put behind all that a list or a text has. */
    private function putBehind(Expression $into, Expression $items): Operation
    {
        if (!$this->parser->isText($into)) {
            return new Operation(OperationKey::Extend, [$into, $items]);
        }
        $text = $this->parser->isText($items) ? $items : new Operation(OperationKey::Joined, [$items, new TextLiteral('')]);

        return new Operation(OperationKey::Given, [$into, new Binary(Operator::Join, $into, $text)]);
    }

    /**
     * `partial_sum(rain.begin(), rain.end(), sums.begin())`: each with all before it, put where a place points (C++17, 29.8.6).
     *
     * @param list<Argument> $arguments
     */
    private function partialSums(array $arguments, ?Slice $part): ?Expression
    {
        $isWhole = true === ($arguments[0]->all ?? false);
        $items = $isWhole ? $arguments[0]->value : $part;
        [$target, $joins, $more] = [...\array_slice($arguments, $isWhole ? 1 : 2), null, null, null];
        if (null === $items || null === $target || null !== $more) {
            return null;
        }
        $sums = null === $joins ? new Operation(OperationKey::Totals, [$items]) : new Operation(OperationKey::TotalsBy, [$items, $joins->value]);
        if ($target->value instanceof Operation && OperationKey::Behind === $target->value->key) {
            return $this->putBehind($target->value->arguments[0], $sums);
        }
        $part ??= new Slice($items, new NumberLiteral(0), new Operation(OperationKey::Length, [$items]));

        return $this->parser->partsOfLists->copiedPart($part, $target->value, $sums);
    }

    /**
     * What a call of a function means that no table has.
     *
     * @param list<Argument> $arguments
     */
    public function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        $arguments = \in_array($name, ['accumulate', 'count', 'count_if', 'any_of', 'all_of', 'none_of'], true) ? ComparedRanges::turned($arguments) : $arguments;
        $arguments = (new CalledObjects($this->parser))->asFunctions($name, $arguments);
        $count = \count($arguments);
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        $first = $values[0] ?? null;
        $second = $values[1] ?? null;
        if (\in_array($name, ['__builtin_popcount', '__builtin_popcountl', '__builtin_popcountll'], true) && 1 === $count && null !== $first) {
            // How many bits are set, of a number of its own width (Using the GNU Compiler Collection, 6.63.1).
            return new Operation(OperationKey::BitCount, [new Operation(str_ends_with($name, 't') ? OperationKey::ToUnsigned : OperationKey::ToUnsignedLong, [$first])]);
        }
        if (str_starts_with($name, '__builtin_')) {
            $this->parser->fail('unsupported', $token, ['what' => $name]);
        }
        $keeps = 'stable_sort' === $name;
        if ($keeps && 1 === $count && null !== $first && null !== $this->parser->classes->ownerOf(TypeNames::ofItem($this->parser->typeOf($first)), '@less')) {
            return new Operation(OperationKey::SortBefore, [$first, new Lambda(['one', 'other'], new Binary(Operator::Less, new VariableRead('one'), new VariableRead('other'))), new TruthLiteral(true)]);
        }
        $name = $keeps ? 'sort' : $name;
        if ('copy' === $name && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Operation && OperationKey::Behind === $second->key) {
            return $this->putBehind($second->arguments[0], $first);
        }
        if ('copy' === $name && 2 === $count && $arguments[0]->all && null !== $first) {
            return $this->parser->partsOfLists->copiedPart(new Slice($first, new NumberLiteral(0), new Operation(OperationKey::Length, [$first])), $arguments[1]->value);
        }
        $compared = $this->parser->comparedRanges->compared($name, $arguments);
        if (null !== $compared) {
            return $compared;
        }
        $part = $this->parser->partsOfLists->partOfList($arguments);
        $sums = 'partial_sum' === $name ? $this->partialSums($arguments, $part) : null;
        if (null !== $sums) {
            return $sums;
        }
        $ofPart = null === $part ? null : match ($name) {
            'max_element', 'min_element' => 2 === $count && $this->parser->is('-') ? $this->parser->partsOfLists->outermostOf($name, $part) : null,
            'find' => 3 === $count && ($this->parser->is('==') || $this->parser->is('!=')) ? $this->parser->transient(OperationKey::Sought, [$part, $arguments[2]->value]) : null,
            default => $this->parser->partsOfLists->overPart($name, $part, \array_slice($arguments, 2), $token),
        };
        if (null !== $ofPart) {
            return $ofPart;
        }
        if (null !== $first && $arguments[0]->all && \in_array($name, ['max_element', 'min_element', 'find_if', 'count_if', 'any_of', 'all_of', 'none_of'], true) && $this->parser->isOfType($first, '(?:unordered_)?map')) {
            // What a map goes over are its keys with their values.
            $first = new Operation(OperationKey::AsList, [new Operation(OperationKey::Entries, [$first])]);
            $values = [$first, ...\array_slice($values, 1)];
        }
        if ('pow' === $name && null !== $first && null !== $second && 2 === $count) {
            return new Binary(Operator::Power, $first, $second);
        }
        if ('distance' === $name && 2 === $count && null !== $first && null !== $second) {
            // So many steps lie between two places (C++17, 27.4.3).
            return $this->parser->combine(Operator::Subtract, $second, $first, $this->parser->at);
        }
        if ('size' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Length, [$first]);
        }
        if ('to_string' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Spelled, [$this->parser->isLetterValue($first) ? new Operation(OperationKey::Code, [$first]) : $first]);
        }
        if ('sorted_down' === $name && 1 === $count && null !== $first && $this->parser->isOfType($first, '(?:unordered_)?map')) {
            return new Operation(OperationKey::SortedDown, [new Operation(OperationKey::Entries, [$first])]);
        }
        if ('random_between' === $name && null !== $first && null !== $second) {
            return new RandomWhole($first, $second);
        }
        if (('floor' === $name || 'ceil' === $name) && 1 === $count && null !== $first) {
            // They give a number with a point (C++17, 29.9), which shows where it is divided.
            return new Operation(OperationKey::ToNumber, [new Operation('floor' === $name ? OperationKey::Floor : OperationKey::Ceiling, [$first])]);
        }
        if ('trunc' === $name && 1 === $count && null !== $first) {
            // A number with a point stays one, and keeps the sign of nought (C++17, 29.9.1; C11, 7.12.9.8).
            $below = new Operation(OperationKey::ToNumber, [new Operation(OperationKey::Floor, [new Unary(UnaryOperator::Negate, $first)])]);

            return $this->parser->isSteady($first)
                ? new Choice(new Binary(Operator::Less, $first, new NumberLiteral(0)), new Unary(UnaryOperator::Negate, $below), new Operation(OperationKey::ToNumber, [new Operation(OperationKey::Floor, [$first])]))
                : $this->parser->fail('unsupported', $token, ['what' => 'trunc(…)']);
        }
        if ('fmod' === $name && null !== $first && null !== $second) {
            return new Binary(Operator::TruncRemainder, $first, $second);
        }
        if (('floor_div' === $name || 'floor_mod' === $name) && null !== $first && null !== $second) {
            return new Binary('floor_div' === $name ? Operator::FloorDivide : Operator::FloorRemainder, $first, $second);
        }
        if ('join' === $name && 2 <= $count) {
            $joined = $values[0];
            foreach (\array_slice($values, 1) as $value) {
                $joined = new Binary(Operator::Join, $joined, $value);
            }

            return $joined;
        }
        if ('item' === $name && null !== $first && null !== $second && 2 === $count) {
            return new Item($first, $second);
        }
        if ('slice' === $name && null !== $first && null !== $second) {
            return new Slice($first, $second instanceof NumberLiteral && 0 === $second->value ? new NothingLiteral() : $second, $values[2] ?? new NothingLiteral());
        }
        if (\in_array($name, ['count_if', 'any_of', 'all_of', 'none_of', 'find_if', 'remove_if'], true) && 2 <= $count && ($second instanceof FunctionReference || $second instanceof VariableRead)) {
            $second = $values[1] = Lambdas::asLambda($second);
        }
        if (('collected' === $name || 'filtered' === $name) && 2 === $count && null !== $first && $second instanceof Lambda) {
            return $this->gathered($first, $second, 'collected' === $name);
        }
        if ('sort' === $name && 2 === $count && $arguments[0]->all && $second instanceof Operation && OperationKey::GreaterFirst === $second->key && null !== $first) {
            return new Operation(OperationKey::SortDown, [$first]);
        }
        if ('sort' === $name && 2 === $count && $first instanceof Operation && OperationKey::Rbegin === $first->key) {
            return new Operation(OperationKey::SortDown, $first->arguments);
        }
        if ('count' === $name && 2 === $count && $arguments[0]->all && null !== $first && null !== $second) {
            return new Operation(OperationKey::Occurrences, [$first, $second]);
        }
        if ('sort' === $name && 2 === $count && $arguments[0]->all && null !== $first && ($second instanceof FunctionReference || $second instanceof VariableRead)) {
            return new Operation(OperationKey::SortBefore, [$first, $second, ...$keeps ? [new TruthLiteral(true)] : []]);
        }
        if ('transform' === $name && 3 === $count && $arguments[0]->all && isset($values[2])) {
            $values[2] = $values[2] instanceof FunctionReference || $values[2] instanceof VariableRead ? Lambdas::asLambda($values[2]) : $values[2];

            return $this->parser->transient(OperationKey::Transformed, $values);
        }
        if ('sort' === $name && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            $sorted = $this->sortedBy($first, $second, $token);
            $isBefore = OperationKey::SortBefore === $sorted->key;

            // What is alike keeps its order in one of them only (C++17, 28.7.1).
            return 2 === \count($sorted->arguments) && $isBefore === $keeps ? new Operation($sorted->key, [...$sorted->arguments, new TruthLiteral($keeps)]) : $sorted;
        }
        if ('swap' === $name && 2 === $count) {
            if ($values !== array_filter($values, Given::isPlace(...))) {
                // What was only reckoned has no place to put the other in.
                $this->parser->fail('unsupported', $token, ['what' => 'swap(…, …)']);
            }

            return $this->parser->transient(OperationKey::Swap, $values);
        }
        if ('getline' === $name) {
            $this->parser->fail('unsupported', $token, ['what' => 'getline']);
        }
        if ('accumulate' === $name && (2 === $count || 3 === $count) && $arguments[0]->all && null !== $second) {
            return $this->accumulated($arguments[0]->value, $second, $values[2] ?? null, $token);
        }
        if ('find' === $name && 2 === $count && $arguments[0]->all && null !== $first && null !== $second) {
            return $this->parser->transient(OperationKey::Sought, [$first, $second]);
        }
        if (('lower_bound' === $name || 'upper_bound' === $name) && 2 === $count && $arguments[0]->all && null !== $first && null !== $second) {
            return $this->parser->transient('lower_bound' === $name ? OperationKey::SpotBefore : OperationKey::SpotBehind, [$first, $second]);
        }
        if (('next_permutation' === $name || 'prev_permutation' === $name) && 1 === $count && null !== $first && $arguments[0]->all) {
            $isNext = 'next_permutation' === $name;
            if (!$this->parser->isText($first)) {
                return new Operation($isNext ? OperationKey::NextOrder : OperationKey::PreviousOrder, [$first]);
            }
            // A text is another one afterwards, which comes behind the one before unless all began anew.
            $given = $this->parser->givenInside(OperationKey::Given, $first, new Operation($isNext ? OperationKey::NextText : OperationKey::PreviousText, [$first]), $token->offset);

            return new Binary($isNext ? Operator::Less : Operator::Greater, $first, $given);
        }
        $range = ['set_intersection' => OperationKey::RangeShared, 'set_union' => OperationKey::RangeUnited, 'set_difference' => OperationKey::RangeLeft, 'set_symmetric_difference' => OperationKey::RangeApart, 'merge' => OperationKey::RangeMerged][$name] ?? null;
        if (null !== $range && 3 === $count && $arguments[0]->all && $arguments[1]->all && $values[2] instanceof Operation && OperationKey::Behind === $values[2]->key) {
            $into = $values[2]->arguments[0];

            return new Operation($this->parser->isOfType($into, 'set') ? OperationKey::Update : OperationKey::Extend, [$into, new Operation($range, [$values[0], $values[1]])]);
        }
        if ('generate' === $name && 2 === $count && $arguments[0]->all && null !== $first && !$this->parser->isText($first)) {
            $made = match (true) {
                $second instanceof Lambda && [] === $second->parameters => $second->value,
                $second instanceof FunctionReference => new OwnValue($second->function, []),
                $second instanceof VariableRead => new MethodCall($second, MethodCall::CALL, []),
                default => $this->parser->fail('unsupported', $token, ['what' => 'generate(…)']),
            };

            return new Operation(OperationKey::PutRange, [$first, new NothingLiteral(), new NothingLiteral(), new Collected($made, ExpressionParser::pairIn($made, $first), $first)]);
        }
        if ('includes' === $name && 2 === $count && $arguments[0]->all && $arguments[1]->all) {
            return new Operation(OperationKey::IsEmpty, [new Operation(OperationKey::RangeLeft, [$values[1], $values[0]])]);
        }
        if ('inserter' === $name && 2 === $count && null !== $first && ($this->parser->isOfType($first, 'set') || $second == new Operation(OperationKey::End, [$first]))) {
            return $this->parser->transient(OperationKey::Behind, [$first]);
        }
        if ('find_if' === $name && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            return $this->parser->transient(OperationKey::SoughtIf, [$first, $second]);
        }
        if (('min' === $name || 'max' === $name) && 1 === $count && $first instanceof ListLiteral) {
            return new Operation('min' === $name ? OperationKey::Smaller : OperationKey::Larger, $first->items);
        }
        if ('make_optional' === $name && 1 === $count && null !== $first) {
            return $first;
        }
        if ('clamp' === $name && 3 === $count && [] === array_filter(array_column($arguments, 'all'))) {
            // Not below the one and not above the other (C++17, 28.7.9).
            return new Operation(OperationKey::Smaller, [new Operation(OperationKey::Larger, [$values[0], $values[1]]), $values[2]]);
        }
        $beside = ('next' === $name || 'prev' === $name) && 1 === $count && null !== $first ? $this->parser->keyPlaces->beside('next' === $name, $first) : null;
        if (null !== $beside) {
            return $beside;
        }
        if (('next' === $name || 'prev' === $name) && (1 === $count || 2 === $count) && $first instanceof Operation && \in_array($first->key, [OperationKey::Begin, OperationKey::End], true)) {
            return new Binary('next' === $name ? Operator::Add : Operator::Subtract, $first, $second ?? new NumberLiteral(1));
        }
        if ('back_inserter' === $name && 1 === $count) {
            return $this->parser->transient(OperationKey::Behind, $values);
        }
        // What is tied together is compared like a tuple of the same (C++17, 23.5.3.8).
        if (\in_array($name, ['make_pair', 'make_tuple', 'tie'], true) && 1 < $count) {
            return new Operation(OperationKey::Record, $values);
        }
        if ('move' === $name && 1 === $count && null !== $first) {
            return $this->parser->movedValues->moved($first, $token);
        }
        if (('max_element' === $name || 'min_element' === $name) && 1 === $count && $arguments[0]->all && null !== $first) {
            return $this->parser->transient('max_element' === $name ? OperationKey::GreatestPlace : OperationKey::LeastPlace, [$first]);
        }
        if ('count_if' === $name && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            return new Operation(OperationKey::Length, [new Collected(new VariableRead($second->parameters[0]), $second->parameters[0], $first, $second->value)]);
        }
        if (\in_array($name, ['any_of', 'all_of', 'none_of'], true) && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            $found = new Operation('all_of' === $name ? OperationKey::AllHold : OperationKey::AnyHolds, [new Collected($second->value, $second->parameters[0], $first)]);

            return 'none_of' === $name ? new Unary(UnaryOperator::Not, $found) : $found;
        }
        if (('next' === $name || 'prev' === $name) && 1 === $count && null !== $first && $this->parser->places->isMovable($first)) {
            return new Binary('next' === $name ? Operator::Add : Operator::Subtract, $first, new NumberLiteral(1));
        }
        if ('distance' === $name && 2 === $count && null !== $first && null !== $second && null !== $far = $this->parser->places->betweenPlaces(Operator::Subtract, $second, $first)) {
            return $far;
        }
        if ('next' === $name && 1 === $count && $first instanceof VariableRead && isset($this->parser->iterators[$first->name])) {
            return $this->parser->transient(OperationKey::NextOfAll, [$first]);
        }
        if ('ispunct' === $name && 1 === $count && null !== $first) {
            // What is seen and is neither a letter nor a digit (C11, 7.4.1.9).
            return new Operation(OperationKey::Contains, [new TextLiteral('!"#$%&\'()*+,-./:;<=>?@[\\]^_`{|}~'), $first]);
        }
        if (('strcmp' === $name || 'strcmp_sign' === $name) && 2 === $count && null !== $first && null !== $second) {
            return $this->orderOfTexts($first, $second, $token);
        }
        if ('strncmp' === $name && 3 === $count && null !== $first && null !== $second) {
            return $this->orderOfTexts(...[...array_map(static fn (Expression $text): Slice => new Slice($text, new NumberLiteral(0), $arguments[2]->value), [$first, $second]), $token]);
        }
        if (\in_array($name, ['memcpy', 'memmove'], true) && 2 === $count && $first instanceof VariableRead && $second instanceof VariableRead && $this->parser->places->isArray($first->name) && $this->parser->places->isArray($second->name)) {
            return new Operation(OperationKey::PutRange, [$first, new NothingLiteral(), new NothingLiteral(), $second]);
        }
        if (\in_array($name, ['strchr', 'strstr'], true) && 2 === $count && null !== $first && null !== $second && null !== $isThere = $this->askedIfThere($token)) {
            $contains = new Operation(OperationKey::Contains, [$first, $second]);

            return $isThere ? $contains : new Unary(UnaryOperator::Not, $contains);
        }
        if (\in_array($name, ['atoi', 'atof'], true) && 1 === $count && null !== $first) {
            return new Operation('atoi' === $name ? OperationKey::WholeInFront : OperationKey::NumberInFront, [$first]);
        }
        if (('strncmp' === $name || 'strncmp_sign' === $name) && 3 === $count && null !== $first && null !== $second) {
            $part = static fn (Expression $text): Slice => new Slice($text, new NumberLiteral(0), $values[2]);

            return $this->orderOfTexts($part($first), $part($second), $token);
        }
        if ('strlen' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Length, [$first]);
        }
        $chosen = 'copy_if' === $name && 3 === $count && $arguments[0]->all && null !== $first && $second instanceof Operation && OperationKey::Behind === $second->key ? $values[2] : null;
        $chosen = $chosen instanceof FunctionReference || $chosen instanceof VariableRead ? Lambdas::asLambda($chosen) : $chosen;
        if ($chosen instanceof Lambda && $second instanceof Operation && null !== $first) {
            return $this->putBehind($second->arguments[0], new Collected(new VariableRead($chosen->parameters[0]), $chosen->parameters[0], $first, $chosen->value));
        }
        if ('minmax_element' === $name && 1 === $count && $arguments[0]->all && null !== $first) {
            return $this->parser->transient(OperationKey::OuterPlaces, [$first]);
        }
        if ('binary_search' === $name && 2 === $count && $arguments[0]->all && null !== $first && null !== $second) {
            return new Operation(OperationKey::Contains, [$first, $second]);
        }
        if ('is_sorted' === $name && 1 === $count && $arguments[0]->all && null !== $first) {
            return new Binary(Operator::Equal, $first, new Operation(OperationKey::Sorted, [$first]));
        }
        if (\in_array($name, ['iota', 'fill', 'remove', 'remove_if', 'unique', 'replace'], true) && (['unique' => 1, 'replace' => 3][$name] ?? 2) === $count && $arguments[0]->all) {
            return $this->parser->transient(OperationKey::from("all_$name"), $values);
        }
        if (\in_array($name, ['max_element', 'min_element'], true) && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            $sorted = $this->sortedBy($first, $second, $token);
            if (OperationKey::SortBy === $sorted->key) {
                return $this->parser->transient('max_element' === $name ? OperationKey::GreatestPlace : OperationKey::LeastPlace, [$first, $sorted->arguments[1]]);
            }
        }
        if (\in_array($name, ['max_element', 'min_element', 'minmax_element'], true) && 2 === $count && $arguments[0]->all && null !== $first && ($second instanceof Lambda && 2 === \count($second->parameters) || $second instanceof FunctionReference || $second instanceof VariableRead)) {
            return $this->parser->transient(['max_element' => OperationKey::SpotGreatest, 'min_element' => OperationKey::SpotLeast][$name] ?? OperationKey::OuterPlaces, [$first, $second]);
        }
        if ('rand' === $name && 0 === $count) {
            return $this->parser->is('%') ? $this->parser->transient(OperationKey::Rand, []) : new RandomWhole(new NumberLiteral(0), new NumberLiteral(self::RAND_MAX));
        }
        if (\in_array($name, ['printf', 'scanf', 'malloc', 'system', 'rand', 'srand'], true)) {
            $this->parser->fail('unsupported', $token, ['what' => $name.'()']);
        }
        if (\in_array($name, ['print', 'len', 'str', 'input', 'range'], true)) {
            $near = ['print' => 'cout << …', 'len' => '.size()', 'str' => 'to_string', 'input' => 'cin >>', 'range' => 'for (int i = 0; …)'][$name];
            $this->parser->fail('foreign_word', $token, ['word' => $name, 'near' => $near], 'str' === $name ? [new Replacement($token->offset, 3, 'to_string')] : []);
        }

        return null;
    }

    /** `sort(…, [](int a, int b) { return a < b; })`: by what is asked of the first and then of the second. */
    public function sortedBy(Expression $list, Lambda $lambda, Token $token): Operation
    {
        [$one, $other] = [$lambda->parameters[0] ?? '', $lambda->parameters[1] ?? ''];
        $compared = $lambda->value;
        $isDown = $compared instanceof Binary && Operator::Greater === $compared->operator;
        if (!$compared instanceof Binary || !$isDown && Operator::Less !== $compared->operator || Walk::mapExpression($compared->right, static fn (Expression $part): Expression => $part instanceof VariableRead && $part->name === $other ? new VariableRead($one) : $part) != $compared->left) {
            return new Operation(OperationKey::SortBefore, [$list, $lambda]);
        }

        return $compared->left instanceof VariableRead ? new Operation($isDown ? OperationKey::SortDown : OperationKey::Sort, [$list]) : new Operation($isDown ? OperationKey::SortDownBy : OperationKey::SortBy, [$list, new Lambda([$one], $compared->left)]);
    }

    private function gathered(Expression $over, Lambda $lambda, bool $maps): Expression
    {
        $name = $lambda->parameters[0] ?? '';
        if (!$maps) {
            return new Collected(new VariableRead($name), $name, $over, $lambda->value);
        }

        return $over instanceof Collected && $over->value instanceof VariableRead && $over->value->name === $over->variable && $over->variable === $name
            ? new Collected($lambda->value, $name, $over->over, $over->condition)
            : new Collected($lambda->value, $name, $over);
    }

    /** From a first value on, whose type all sums have (C++17, 29.8.2). */
    private function accumulated(Expression $list, Expression $start, ?Expression $by, Token $token): Expression
    {
        if (null !== $by && !$by instanceof Lambda && !$by instanceof FunctionReference) {
            $this->parser->fail('unsupported', $token, ['what' => 'accumulate']);
        }
        $sum = new Binary(Operator::Add, new VariableRead('sum'), new VariableRead('item'));
        $isWhole = $start instanceof NumberLiteral && \is_int($start->value);
        $keepsWhole = $isWhole || $start instanceof VariableRead && TypeNames::read($this->parser->typeOf($start))->isWhole();
        $item = TypeNames::read($this->parser->typeOf($list))->item();

        return match (true) {
            null !== $by => new Operation(OperationKey::Reduced, [$list, $by, $start]),
            $keepsWhole && StaticType::number() === $item => new Operation(OperationKey::Reduced, [$list, new Lambda(['sum', 'item'], new Operation(OperationKey::ToWhole, [$sum])), $start]),
            $isWhole => 0 === $start->value ? new Operation(OperationKey::Total, [$list]) : new Binary(Operator::Add, $start, new Operation(OperationKey::Total, [$list])),
            $start == new NumberLiteral(0.0) => StaticType::number() !== $item ? new Operation(OperationKey::ToNumber, [new Operation(OperationKey::Total, [$list])]) : new Operation(OperationKey::Total, [$list]),
            $start == new TextLiteral('') => new Operation(OperationKey::Joined, [$list, $start]),
            default => new Operation(OperationKey::Reduced, [$list, new Lambda(['sum', 'item'], $sum), $start]),
        };
    }
}
