<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\BraceExpressions;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Methods that texts and containers have (C++17, 24 and 26). */
final class LibraryMethods
{
    /** What asks a stream for its state. */
    private const STATES_OF_STREAMS = ['is_open' => OperationKey::OpenStream, 'fail' => OperationKey::FailedStream, 'bad' => OperationKey::FailedStream, 'good' => OperationKey::GoodStream, 'eof' => OperationKey::EndedStream];

    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /**
     * @param list<Argument> $arguments
     */
    public function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        if (\in_array($name, ['insert', 'push_front', 'append', 'push', 'push_back'], true)) {
            // What is put in has the type of what is there; a map is given a pair.
            $kept = TypeNames::read($this->parser->typeOf($receiver));
            $item = $kept->isMap() ? StaticType::unknown() : $kept->item();
            $given = $arguments[0]->value ?? null;
            $arguments = array_map(fn (Argument $argument): Argument => $argument->value instanceof ListLiteral ? new Argument($this->parser->madeValues->inFieldsType($argument->value, $item), $argument->offset, $argument->end, $argument->name, $argument->all) : $argument, $arguments);
            $put = 'push_back' === $name && 1 === \count($arguments) && null !== $item->class ? $this->parser->asObjectOf($item->class, $arguments[0]->value) : null;
            if (null !== $put && $put !== $given) {
                return new Operation(OperationKey::Append, [$receiver, $put]);
            }
        }
        $count = \count($arguments);
        $first = $arguments[0]->value ?? null;
        $ofSeveral = 1 === $count && null !== $first && $this->parser->isOfType($receiver, 'multiset') ? $this->ofSeveral($receiver, $name, $first, $arguments[0]->all) : null;
        if (null !== $ofSeveral) {
            return $ofSeveral;
        }
        if ($receiver instanceof VariableRead && isset($this->parser->arraySizes[$receiver->name]) && \in_array($name, ['size', 'length', 'push_back', 'pop_back', 'empty', 'begin', 'end'], true) && $token->end() > $token->offset) {
            // An array of C has none (C++17, 11.3.4).
            $this->parser->fail('array_methods', $token, ['name' => $name, 'object' => $receiver->name]);
        }
        if (\in_array($name, ['sort', 'reverse', 'remove', 'remove_if', 'unique'], true) && $this->parser->isOfType($receiver, 'deque')) {
            $made = match (true) {
                'sort' === $name && 0 === $count => new Operation(OperationKey::Sort, [$receiver]),
                'reverse' === $name && 0 === $count => new Operation(OperationKey::TurnRound, [$receiver]),
                default => $this->parser->builtin($name, [new Argument($receiver, $token->offset, $token->end(), '', true), ...$arguments], $token),
            };

            return $made;
        }
        switch ($name) {
            case 'first':
            case 'second':
                return null;
            case 'str':
                if ($receiver instanceof VariableRead && $this->parser->readValues->isTextStream($receiver->name)) {
                    return null === $first ? new Operation(OperationKey::StreamedText, [$receiver]) : new Operation(OperationKey::StreamedSet, [$receiver, $first]);
                }
                break;
            case 'is_open':
            case 'fail':
            case 'bad':
            case 'good':
            case 'eof':
                if (0 === $count && $receiver instanceof VariableRead && $this->parser->readValues->isTextStream($receiver->name)) {
                    return new Operation(self::STATES_OF_STREAMS[$name], [$receiver]);
                }
                break;
            case 'rfind':
                return 1 === $count && null !== $first ? new Operation(OperationKey::LastPosition, [$receiver, $first]) : null;
            case 'fill':
                return 1 === $count && null !== $first ? $this->parser->transient(OperationKey::AllFill, [$receiver, $first]) : null;
            case 'lower_bound':
            case 'upper_bound':
                // A place among the keys, as where one of them is sought.
                return 1 === $count && null !== $first && $this->parser->isOfType($receiver, '(?:map|set)')
                    ? new Operation(OperationKey::Position, [$receiver, new Operation('lower_bound' === $name ? OperationKey::KeyFrom : OperationKey::KeyBehind, [$receiver, $first])])
                    : null;
            case 'compare':
                return 1 === $count && null !== $first && $this->parser->isText($receiver) ? $this->parser->libraryFunctions->orderOfTexts($receiver, $first, $token) : null;
            case 'find_first_of':
            case 'find_last_of':
            case 'find_first_not_of':
            case 'find_last_not_of':
                $key = ['find_first_of' => OperationKey::FirstAmong, 'find_last_of' => OperationKey::LastAmong, 'find_first_not_of' => OperationKey::FirstApart, 'find_last_not_of' => OperationKey::LastApart][$name];

                return 1 === $count && null !== $first ? new Operation($key, [$receiver, $first]) : null;
            case 'get':
                return 0 === $count ? $receiver : null;
            case 'contains':
                return 1 === $count && null !== $first ? new Operation(OperationKey::Contains, [$receiver, $first]) : null;
            case 'begin':
            case 'end':
            case 'rbegin':
            case 'rend':
                if (0 === $count && $this->parser->is('->') && str_ends_with($name, 'begin') && !$this->parser->isOfType($receiver, 'map')) {
                    return $this->outermost($receiver, 'rbegin' === $name);
                }

                return 0 === $count ? $this->parser->transient(OperationKey::from($name), [$receiver]) : null;
            case 'what':
                if (0 === $count && $receiver instanceof VariableRead && isset($this->parser->keptFailures[$receiver->name])) {
                    return new Operation(OperationKey::FailureText, [$receiver]);
                }
                break;
            case 'value':
            case 'c_str':
                return 0 === $count ? $receiver : null;
            case 'value_or':
                return 1 === $count && null !== $first ? $this->orElse($receiver, $first) : null;
            case 'has_value':
                return 0 === $count ? new Binary(Operator::NotEqual, $receiver, new NothingLiteral()) : null;
            case 'at':
                return 1 === $count && null !== $first ? new Item($receiver, BraceExpressions::place($first), true) : null;
            case 'substr':
                if (0 === $count) {
                    return new Slice($receiver, new NothingLiteral(), new NothingLiteral());
                }
                $length = $arguments[1]->value ?? null;
                if (null !== $first && $length instanceof NumberLiteral && $length->value < 0) {
                    // `npos` letters are all the rest (C++17, 24.3.2.7.6).
                    return new Operation(OperationKey::TextFrom, [$receiver, $first]);
                }
                $isPlain = $length instanceof NumberLiteral || $length instanceof Operation && OperationKey::Length === $length->key || $length instanceof Binary && Operator::Subtract === $length->operator && $length->left instanceof Operation && OperationKey::Length === $length->left->key;

                return $isPlain && $first instanceof NumberLiteral && 0 === $first->value ? new Slice($receiver, new NothingLiteral(), $length) : null;
            case 'erase':
                if (2 === $count && $first instanceof Operation && \in_array($first->key, [OperationKey::AllRemove, OperationKey::AllRemoveIf, OperationKey::AllUnique], true) && $first->arguments[0] == $receiver && $arguments[1]->value instanceof Operation && OperationKey::End === $arguments[1]->value->key) {
                    return $first;
                }
                if (1 === $count && $first instanceof Operation && OperationKey::Position === $first->key && $first->arguments[0] == $receiver && $this->parser->isOfType($receiver, '(?:unordered_)?(?:map|set)')) {
                    return new Operation(OperationKey::Forget, $first->arguments);
                }
                if (1 === $count && $first instanceof Operation && OperationKey::Begin === $first->key && $first->arguments[0] == $receiver && $this->parser->isOfType($receiver, '(?:map|set)')) {
                    // The least key comes first (C++17, 26.4.4 and 26.4.6).
                    return new Operation(OperationKey::Forget, [$receiver, $this->parser->isOfType($receiver, 'set') ? new Operation(OperationKey::Least, [$receiver]) : new Item(new Operation(OperationKey::Keys, [$receiver]), new NumberLiteral(0))]);
                }
                $from = null === $first ? null : MadeValues::behindFirst($first, $receiver);
                $to = 2 === $count ? MadeValues::behindFirst($arguments[1]->value, $receiver) : null;
                if (null !== $from && null !== $to) {
                    return new Operation(OperationKey::DropRange, [$receiver, $from, self::between($from, $to)]);
                }
                if (1 === $count && null !== $from && $this->parser->isText($receiver)) {
                    return $this->parser->transient(OperationKey::TextErased, [$receiver, $from, new NumberLiteral(1)]);
                }
                if (1 === $count && null !== $first && null === $from && !($first instanceof VariableRead && isset($this->parser->iterators[$first->name])) && $this->parser->isText($receiver)) {
                    // From there on nothing stays (C++17, 24.3.2.6.5).
                    return $this->parser->transient(OperationKey::TextErased, [$receiver, $first, new Operation(OperationKey::Length, [$receiver])]);
                }
                if (2 === $count && null !== $first && !$first instanceof Operation) {
                    return $this->parser->transient(OperationKey::TextErased, [$receiver, $first, $arguments[1]->value]);
                }
                if (1 === $count && $first instanceof Operation && OperationKey::Begin === $first->key) {
                    return new Operation(OperationKey::DropFirst, [$receiver]);
                }
                if (1 === $count && $first instanceof Binary && $first->left instanceof Operation && OperationKey::Begin === $first->left->key) {
                    return new Operation(OperationKey::DropAt, [$receiver, $first->right]);
                }

                if (1 === $count && $first instanceof VariableRead && \in_array($this->parser->iterators[$first->name][0] ?? '', ['place', 'spot'], true)) {
                    return new Operation(OperationKey::DropAt, [$receiver, $first]);
                }

                // It gives how many went, unless it is a row (C++17, 26.2.6).
                return 1 === $count && null !== $first ? new Operation($this->parser->isOfType($receiver, '(?:unordered_)?(?:set|map)') ? OperationKey::TookAway : OperationKey::Forget, [$receiver, $first]) : null;
            case 'replace':
                return 3 === $count && null !== $first ? $this->parser->transient(OperationKey::TextReplaced, [$receiver, $first, $arguments[1]->value, $arguments[2]->value]) : null;
            case 'insert_or_assign':
                return 2 === $count && null !== $first && Given::isPlace($receiver) && $this->parser->isOfType($receiver, '(?:unordered_)?map') ? new Operation(OperationKey::Given, [new Item($receiver, $first), $arguments[1]->value]) : null;
            case 'insert':
            case 'emplace':
                if (1 === $count && null !== $first && $this->parser->isOfType($receiver, '(?:unordered_)?set') && ($arguments[0]->all || $first instanceof ListLiteral && [] === TypeNames::read($this->parser->typeOf($receiver))->item()->parts && !TypeNames::read($this->parser->typeOf($receiver))->item()->isList())) {
                    return new Operation(OperationKey::Update, [$receiver, $first]);
                }
                if (1 === $count && null !== $first && $this->parser->isOfType($receiver, '(?:unordered_)?set')) {
                    return new Operation(OperationKey::PutIn, [$receiver, $first]);
                }
                if ('emplace' === $name && 2 === $count && null !== $first && $this->parser->isOfType($receiver, '(?:unordered_)?map')) {
                    return $this->parser->transient(OperationKey::MapInserted, [$receiver, $first, $arguments[1]->value]);
                }
                if ('emplace' === $name) {
                    [$first, $count] = $this->parser->madeValues->madeInPlace($receiver, $name, $arguments, $token);
                    $made = $this->ofOrder($receiver, $name, $first, $count);
                    if (null !== $made) {
                        return $made;
                    }
                    break;
                }
                $pair = $first instanceof Operation && OperationKey::Record === $first->key ? $first->arguments : ($first instanceof ListLiteral ? $first->items : []);
                if (1 === $count && 2 === \count($pair) && $this->parser->isOfType($receiver, '(?:unordered_)?map')) {
                    // What is there already stays (C++17, 26.4.4.4).
                    return $this->parser->transient(OperationKey::MapInserted, [$receiver, ...$pair]);
                }
                $spot = 2 !== $count || null === $first ? null : ($first instanceof Operation && OperationKey::Begin === $first->key && $this->parser->isText($receiver) ? new NumberLiteral(0) : $this->parser->pointedValues->spotOrName($first));
                if (null !== $spot && !$arguments[1]->all && $this->parser->isText($receiver)) {
                    return $this->parser->transient(OperationKey::TextInserted, [$receiver, $spot, new Operation(OperationKey::ToText, [new Operation(OperationKey::Letter, [$arguments[1]->value])])]);
                }
                if (null !== $spot && !$arguments[1]->all) {
                    return new Operation(OperationKey::Insert, [$receiver, $spot, $arguments[1]->value]);
                }
                if (2 === $count && $first instanceof VariableRead && !$arguments[1]->all && 'place' === ($this->parser->iterators[$first->name][0] ?? '') && $this->parser->isOfType($receiver, '(?:vector|deque)')) {
                    // What is not found is behind the last item (C++17, 28.5.5).
                    return new Operation(OperationKey::Insert, [$receiver, new Choice(new Binary(Operator::Less, $first, new NumberLiteral(0)), new Operation(OperationKey::Length, [$receiver]), $first), $arguments[1]->value]);
                }
                if (2 === $count && ($first instanceof NumberLiteral || $first instanceof VariableRead) && !TypeNames::read($this->parser->typeOf($receiver))->isList()) {
                    return $this->parser->transient(OperationKey::TextInserted, [$receiver, $first, $arguments[1]->value]);
                }
                if (2 === $count && $first instanceof Operation && OperationKey::Begin === $first->key && $arguments[1]->all) {
                    return new Operation(OperationKey::PutRange, [$receiver, new NumberLiteral(0), new NumberLiteral(0), $arguments[1]->value]);
                }
                if (2 === $count && $first instanceof Operation && OperationKey::Begin === $first->key) {
                    return new Operation(OperationKey::Prepend, [$receiver, $arguments[1]->value]);
                }
                if (2 === $count && $first instanceof Operation && OperationKey::End === $first->key && ($arguments[1]->all || $arguments[1]->value instanceof ListLiteral)) {
                    return new Operation(OperationKey::Extend, [$receiver, $arguments[1]->value]);
                }
                $part = 3 === $count && $first instanceof Operation && OperationKey::End === $first->key && $first->arguments[0] == $receiver ? $this->parser->partsOfLists->partOfList(\array_slice($arguments, 1)) : null;
                if (null !== $part) {
                    return new Operation(OperationKey::Extend, [$receiver, $part]);
                }
                if (2 === $count && $first instanceof Operation && OperationKey::End === $first->key && $first->arguments[0] == $receiver) {
                    return new Operation(OperationKey::Append, [$receiver, $arguments[1]->value]);
                }
                if (3 === $count && null !== $first && $this->parser->isText($receiver) && !$first instanceof Operation) {
                    return $this->parser->transient(OperationKey::TextInserted, [$receiver, $first, new Operation(OperationKey::Repeated, [new Operation(OperationKey::ToText, [new Operation(OperationKey::Letter, [$arguments[2]->value])]), $arguments[1]->value])]);
                }
                if (1 < $count && !($first instanceof Binary && $first->left instanceof Operation && OperationKey::Begin === $first->left->key)) {
                    $this->parser->fail('unsupported', $token, ['what' => 'insert(…)']);
                }

                return 2 === $count && $first instanceof Binary && $first->left instanceof Operation && OperationKey::Begin === $first->left->key
                    ? new Operation(OperationKey::Insert, [$receiver, $first->right, $arguments[1]->value])
                    : null;
            case 'count':
                return 1 === $count && null !== $first ? new Operation(OperationKey::Contains, [$receiver, $first]) : null;
            case 'find':
                if (2 === $count && null !== $first) {
                    return new Operation(OperationKey::PositionFrom, [$receiver, $first, $arguments[1]->value]);
                }

                return 1 === $count && null !== $first ? new Operation(OperationKey::Position, [$receiver, $first]) : null;
            case 'push':
            case 'pop':
            case 'top':
            case 'push_front':
            case 'pop_front':
            case 'emplace_back':
                [$first, $count] = $this->parser->madeValues->madeInPlace($receiver, $name, $arguments, $token);
                $made = $this->ofOrder($receiver, $name, $first, $count);
                if (null !== $made) {
                    return $made;
                }
                if ('push' !== $name) {
                    break;
                }
                // no break
            case 'append':
                $more = 'append' === $name ? $this->lettersGiven($arguments) : (1 === $count ? $first : null);
                if (null !== $more && $receiver instanceof Operation && OperationKey::Append === $receiver->key) {
                    return new Operation(OperationKey::Append, [$receiver->arguments[0], new Binary(Operator::Join, $receiver->arguments[1], $more)]);
                }
                if (null !== $more && $this->parser->isText($receiver)) {
                    return new Operation(OperationKey::Append, [$receiver, $more]);
                }
                if (!TypeNames::read($this->parser->typeOf($receiver))->isList()) {
                    $this->parser->fail('unsupported', $token, ['what' => ".$name(…)"]);
                }
                $this->parser->fail('foreign_word', $token, ['word' => $name, 'near' => 'push_back'], [new Replacement($token->offset, \strlen($name), 'push_back')]);
                // no break
            case 'swap':
                if (1 === $count && null !== $first && Given::isPlace($receiver) && Given::isPlace($first) && ($this->parser->isText($receiver) || $this->parser->isOfType($receiver, '(?:vector|deque|(?:unordered_)?(?:map|set))'))) {
                    return $this->parser->transient(OperationKey::Swap, [$receiver, $first]);
                }
                $this->parser->fail('unsupported', $token, ['what' => '.swap(…)']);
                // no break
            case 'assign':
                if ($this->parser->isOfType($receiver, '(?:vector|deque)') && Given::isPlace($receiver) && $first instanceof ListLiteral && 1 === $count) {
                    return new Operation(OperationKey::Given, [$receiver, $first]);
                }
                if ($this->parser->isOfType($receiver, '(?:vector|deque)') && Given::isPlace($receiver) && null !== $first && (2 === $count || 1 === $count && $arguments[0]->all)) {
                    return new Operation(OperationKey::Given, [$receiver, $this->parser->madeValues->vector($this->parser->typeOf($receiver), $arguments)]);
                }
                $letters = $this->parser->isText($receiver) && Given::isPlace($receiver) ? $this->lettersGiven($arguments) : null;
                if (null !== $letters) {
                    return new Operation(OperationKey::Given, [$receiver, $letters]);
                }
                $this->parser->fail('unsupported', $token, ['what' => '.assign(…)']);
                // no break
            case 'resize':
                if ($this->parser->isText($receiver) && Given::isPlace($receiver) && null !== $first && 3 > $count) {
                    // Cut off, or filled up behind (C++17, 24.3.2.4).
                    $with = $arguments[1]->value ?? new TextLiteral("\0");

                    return new Operation(OperationKey::Given, [$receiver, new Slice(new Operation(OperationKey::PaddedRight, [$receiver, $first, $with instanceof TextLiteral ? new TextLiteral($with->value) : new Operation(OperationKey::ToText, [$with])]), new NumberLiteral(0), $first)]);
                }
                $type = $this->parser->typeOf($receiver);
                if (0 < $count && $count < 3 && null !== $first && 1 === preg_match('/^(?:const )?(?:std::)?(?:vector|deque)\b/', $type)) {
                    return new Operation(OperationKey::Resize, [$receiver, $first, $arguments[1]->value ?? $this->parser->madeValues->empty($type)]);
                }
                $this->parser->fail('unsupported', $token, ['what' => '.resize(…)']);
                // no break
            case 'compare':
                $this->parser->fail('unsupported', $token, ['what' => '.compare(…)']);
                // no break
            case 'length':
            case 'size':
                return 0 === $count ? new Operation(OperationKey::Length, [$receiver]) : null;
        }

        return null;
    }

    /**
     * The text that `append(…)` and `assign(…)` are given: one of their own, or a letter a number of times (C++17, 24.3.2.6).
     *
     * @param list<Argument> $arguments
     */
    private function lettersGiven(array $arguments): ?Expression
    {
        if (1 === \count($arguments) && (!$arguments[0]->all || $this->parser->isText($arguments[0]->value))) {
            return $arguments[0]->value;
        }
        if (2 !== \count($arguments) || !$this->parser->isLetterValue($arguments[1]->value)) {
            return null;
        }
        $letter = $arguments[1]->value;

        return new Operation(OperationKey::Repeated, [$letter instanceof TextLiteral ? $letter : new Operation(OperationKey::ToText, [$letter]), $arguments[0]->value]);
    }

    /** What a `multiset` does, which is a list in the order of its items (C++17, 26.4.7). */
    private function ofSeveral(Expression $receiver, string $name, Expression $item, bool $isAll): ?Expression
    {
        if ('find' === $name) {
            return $this->parser->transient(OperationKey::Sought, [$receiver, $item]);
        }
        if ('count' === $name) {
            return new Operation(OperationKey::Occurrences, [$receiver, $item]);
        }
        if (('insert' === $name || 'emplace' === $name) && !$isAll) {
            return new Operation(OperationKey::Insert, [$receiver, new Operation(OperationKey::PlaceBehind, [$receiver, $item]), $item]);
        }
        if ('lower_bound' === $name || 'upper_bound' === $name) {
            return $this->parser->transient('lower_bound' === $name ? OperationKey::SpotBefore : OperationKey::SpotBehind, [$receiver, $item]);
        }
        $isPlace = $item instanceof VariableRead && isset($this->parser->iterators[$item->name]) || $item instanceof Operation && \in_array($item->key, [OperationKey::Begin, OperationKey::Sought], true) || null !== $this->parser->places->placeIn($item);
        if ('erase' === $name && $item instanceof Operation && OperationKey::Sought === $item->key) {
            return new Operation(OperationKey::DropAt, [$receiver, new Operation(OperationKey::Position, $item->arguments)]);
        }

        // All of them go (C++17, 26.2.6).
        return 'erase' === $name && !$isPlace ? $this->parser->transient(OperationKey::AllRemove, [$receiver, $item]) : null;
    }

    /** What may be nothing, found once, or another value. */
    private function orElse(Expression $receiver, Expression $other): Expression
    {
        $chosen = static fn (Expression $value): Choice => new Choice(new Binary(Operator::NotEqual, $value, new NothingLiteral()), $value, $other);
        if ($this->parser->isPlain($receiver)) {
            return $chosen($receiver);
        }
        $kept = $this->parser->nameFor('kept');

        return new MethodCall(new Lambda([$kept], $chosen(new VariableRead($kept))), MethodCall::CALL, [$receiver]);
    }

    /** What compares the members of a queue, where those that are alike can be told apart: a class with `operator()`, a small function, their own `<`. */
    public function comparing(string $type): ?Expression
    {
        if (1 !== preg_match('/^(?:const )?priority_queue ?<(.*)>$/D', $type, $match)) {
            return null;
        }
        [$one, $other] = [new VariableRead('one'), new VariableRead('other')];
        $class = trim((string) preg_replace('/^.*,/', '', $match[1]));
        if (isset($this->parser->classes->methods[$class]['@called'])) {
            return new Lambda(['one', 'other'], new MethodCall(new MakeObject($class, [], true), '@called', [$one, $other]));
        }
        if (1 === preg_match('/^\w+$/D', $class) && $class !== $match[1]) {
            $this->parser->read($class, $this->parser->offset());

            return isset($this->parser->symbols->functions[$class]) ? new FunctionReference($class) : new VariableRead($class);
        }
        $item = TypeNames::ofItem($type);
        [$sign, $operator] = str_contains($match[1], 'greater<') ? ['@greater', Operator::Greater] : ['@less', Operator::Less];

        return null === $this->parser->classes->ownerOf($item, $sign) ? null : new Lambda(['one', 'other'], new Binary($operator, $one, $other));
    }

    /** What is done to a stack or a queue, each of which is a list that grows and shrinks at its ends alone (C++17, 26.6). */
    private function ofOrder(Expression $list, string $name, ?Expression $value, int $count): ?Operation
    {
        $type = $this->parser->typeOf($list);
        if (1 !== preg_match('/^(?:const )?(stack|queue|deque|vector|priority_queue)\b/', $type, $match)) {
            return null;
        }
        [$of, $isGiven] = [$match[1], 1 === $count && null !== $value];
        // The greatest comes first, or with `greater` the least (C++17, 26.6.5).
        $by = $this->comparing($type);
        $next = null === $by ? new Operation(str_contains($type, 'greater<') ? OperationKey::Least : OperationKey::Greatest, [$list]) : new Operation(OperationKey::FirstOut, [$list, $by]);

        return match (true) {
            'priority_queue' === $of && ('push' === $name || 'emplace' === $name) && $isGiven => new Operation(OperationKey::Append, [$list, $value ?? $list]),
            'priority_queue' === $of && 'top' === $name && 0 === $count => $next,
            'priority_queue' === $of && 'pop' === $name && 0 === $count => null === $by ? new Operation(OperationKey::Remove, [$list, $next]) : new Operation(OperationKey::TakeFirst, [$list, $by]),
            ('push' === $name || 'emplace' === $name) && $isGiven && ('stack' === $of || 'queue' === $of), 'emplace_back' === $name && $isGiven && null !== $value => new Operation(OperationKey::Append, [$list, $value ?? $list]),
            'pop' === $name && 0 === $count && 'stack' === $of => new Operation(OperationKey::DropLast, [$list]),
            'pop' === $name && 0 === $count && 'queue' === $of, 'pop_front' === $name && 0 === $count && 'deque' === $of => new Operation(OperationKey::DropFirst, [$list]),
            'top' === $name && 0 === $count && 'stack' === $of => new Operation(OperationKey::Last, [$list]),
            'push_front' === $name && $isGiven && 'deque' === $of => new Operation(OperationKey::Prepend, [$list, $value ?? $list]),
            default => null,
        };
    }

    /** How many items lie from one place to another: what is added to the first, where the second is written so. */
    public static function between(Expression $from, Expression $to): Expression
    {
        return match (true) {
            $from instanceof NumberLiteral && 0.0 === (float) $from->value => $to,
            $from instanceof NumberLiteral && $to instanceof NumberLiteral => new NumberLiteral($to->value - $from->value),
            $to instanceof Binary && Operator::Add === $to->operator && $to->left == $from => $to->right,
            default => new Binary(Operator::Subtract, $to, $from),
        };
    }

    /** What stands first in something or last: of a set the least comes first, a map is gone through by its keys (C++17, 26.4). */
    private function outermost(Expression $of, bool $isLast): Operation
    {
        $isSet = $this->parser->isOfType($of, 'set');
        $of = $this->parser->isOfType($of, 'map') ? new Operation(OperationKey::Entries, [$of]) : $of;

        return new Operation($isSet ? ($isLast ? OperationKey::Greatest : OperationKey::Least) : ($isLast ? OperationKey::Last : OperationKey::First), [$of]);
    }
}
