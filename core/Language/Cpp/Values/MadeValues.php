<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Objects, records and containers that are made. */
final class MadeValues
{
    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /**
     * A new object.
     *
     * @param list<Argument> $arguments
     * @param bool           $copied    whether it is copied wherever it is handed on
     * @param bool           $braced    whether braces stood around what is given, which are read already
     */
    public function madeOf(Token $class, array $arguments, bool $copied, bool $braced = false): Expression
    {
        $only = 1 === \count($arguments) && $copied ? $arguments[0]->value : null;
        if ($only instanceof VariableRead && $class->text === ($only->name === $this->parser->itself ? $this->parser->class : TypeNames::read($this->parser->typeOf($only))->class)) {
            // Another one of the class is copied (C++17, 15.8.1).
            return $only;
        }
        if ([] !== $arguments && $this->isOneList($class->text, $arguments, $braced)) {
            // What stands in braces is one list there (C++17, 16.3.1.7).
            $arguments = [new Argument(new ListLiteral(array_map(static fn (Argument $argument): Expression => $argument->value, $arguments)), $arguments[0]->offset, $arguments[\count($arguments) - 1]->end)];
        }
        $like = !$copied && 1 === \count($arguments) && $class->text === TypeNames::read(TypeNames::bare($this->parser->typeOf($arguments[0]->value)))->class;
        $way = $like ? null : $this->parser->makerOf($class->text, $arguments);
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        $fields = isset($this->parser->classes->methods[$class->text][ClassDefinition::MAKES]) ? [] : array_keys($this->parser->fieldsOf[$class->text] ?? []);
        $taken = [] === $fields ? $this->parser->typesTaken($class->text, $way) : [];
        foreach ($taken as $index => $type) {
            // What is made of another one of its class is no list of such.
            if (isset($values[$index]) && $class->text !== TypeNames::read(TypeNames::bare($type))->class) {
                $values[$index] = $this->inFieldsType($values[$index], TypeNames::read($type));
            }
        }
        foreach ($values as $index => $value) {
            $values[$index] = $this->inFieldsType($value, TypeNames::read($this->parser->fieldTypes[$fields[$index] ?? ''] ?? ''));
        }
        if (null !== $way) {
            // What is made in several ways is made as a value, of which `new` has one like it.
            return $copied ? new OwnValue($way, $values) : new MakeObject($class->text, [new OwnValue($way, $values)]);
        }
        [$least, $most] = $this->parser->symbols->functions[$class->text];
        if (!$like && isset($this->parser->classes->methods[$class->text][ClassDefinition::MAKES]) && (\count($values) < $least || \count($values) > $most)) {
            $this->parser->mistake(\count($values) < $least ? 'few_arguments' : 'many_arguments', $class->offset, \strlen($class->text), ['name' => $class->text, 'wanted' => \count($values) < $least ? $least : $most, 'given' => \count($values)]);
        }

        return new MakeObject($class->text, $values, $copied);
    }

    /**
     * Whether what stands in braces is the one list that an object is made of (C++17, 16.3.1.7).
     *
     * @param non-empty-list<Argument> $arguments
     */
    private function isOneList(string $class, array $arguments, bool $braced): bool
    {
        $depth = $this->parser->takesList($class);
        $lists = array_filter($arguments, static fn (Argument $argument): bool => $argument->value instanceof ListLiteral);
        $isList = 1 === \count($arguments) && [] !== $lists;
        if (1 === $depth && $this->parser->takesBraced($class)) {
            $first = $arguments[0]->value instanceof ListLiteral ? $arguments[0]->value->items[0] ?? null : null;

            return !($isList && $first instanceof ListLiteral) && ($braced || '}' === ($this->parser->tokens[$this->parser->at - 1]->text ?? ''));
        }
        if (2 > $depth) {
            return 1 === $depth && !$isList && ($braced || '}' === ($this->parser->tokens[$this->parser->at - 1]->text ?? ''));
        }
        $inner = $arguments[0]->value instanceof ListLiteral ? $arguments[0]->value->items[0] ?? null : null;

        return \count($lists) === \count($arguments) && !($isList && $inner instanceof ListLiteral);
    }

    /** What stands in braces for something that an object keeps: an object, a pair, or a list. */
    public function inFieldsType(Expression $value, StaticType $type): Expression
    {
        if (!$value instanceof ListLiteral) {
            return $value;
        }
        if (TypeKind::Copied === $type->kind && isset($this->parser->classes->parents[(string) $type->class])) {
            return $this->madeOf(new Token(TokenKind::Name, (string) $type->class, 0), array_map(static fn (Expression $item): Argument => new Argument($item, 0, 0), $value->items), true, true);
        }
        if ([] !== $type->parts) {
            return new Operation(OperationKey::Record, $value->items);
        }

        if ($type->isSet()) {
            return new Operation(OperationKey::SetOf, [] === $value->items ? [] : [$value]);
        }
        if ($type->isMap()) {
            $pairs = array_map(static fn (Expression $item): array => $item instanceof ListLiteral && 2 === \count($item->items) ? $item->items : [], $value->items);

            return \in_array([], $pairs, true) ? $value : new MapLiteral(array_merge(...$pairs));
        }

        return $type->isList() ? new ListLiteral(array_map(fn (Expression $item): Expression => $this->inFieldsType($item, $type->item()), $value->items)) : $value;
    }

    /** `bitset<8>(beds)`, which is shown by its bits (C++17, 23.9). */
    public function bitset(int $width, int $bracket): Expression
    {
        $this->parser->at = $bracket + 1;
        $given = $this->parser->arguments($this->parser->tokens[$bracket])[0]->value ?? new NumberLiteral(0);
        $bits = new Operation(OperationKey::Formatted, [new Operation(OperationKey::BitAnd, [$given, new NumberLiteral((1 << min(max($width, 1), 62)) - 1)]), new TextLiteral("0{$width}b")]);
        if ($this->parser->is('.') && $this->parser->is('to_string', 1) && $this->parser->is('(', 2) && $this->parser->is(')', 3)) {
            $this->parser->at += 4;
        } elseif ($this->parser->is('.') && $this->parser->is('count', 1) && $this->parser->is('(', 2) && $this->parser->is(')', 3)) {
            $this->parser->at += 4;

            return new Operation(OperationKey::Occurrences, [$bits, new TextLiteral('1')]);
        } elseif ($this->parser->is('.')) {
            $this->parser->fail('unsupported', $this->parser->peek(), ['what' => 'bitset<…>.…']);
        }

        return $this->parser->postfix($bits);
    }

    /**
     * A pair or a set with what is given for it.
     *
     * @param list<Argument> $arguments
     */
    public function ofRecord(string $type, array $arguments): Expression
    {
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        if (1 === preg_match('/^(?:const )?(?:unordered_|multi)?set ?</', $type)) {
            return new Operation(OperationKey::SetOf, 1 === \count($values) ? $values : []);
        }
        $parts = TypeNames::read($type)->parts;
        if (1 === \count($values) && 1 < \count($parts)) {
            // One value for several parts is another of its kind, which is copied (C++17, 23.4.2).
            return $values[0];
        }

        return [] === $values ? new Operation(OperationKey::Record, array_map(fn (StaticType $part): Expression => $this->empty('vector<'.TypeNames::write($part).'>'), $parts)) : new Operation(OperationKey::Record, $values);
    }

    /** @param list<Argument> $arguments */
    public function vector(string $type, array $arguments): Expression
    {
        $first = $arguments[0]->value ?? null;
        if ([] !== TypeNames::read($type)->parts) {
            return $this->ofRecord($type, $arguments);
        }
        if (null === $first) {
            return new ListLiteral([]);
        }
        if ($arguments[0]->all) {
            // All items of another one: those of a map are pairs.
            return $this->parser->isOfType($first, '(?:unordered_)?map') ? new Operation(OperationKey::AsList, [new Operation(OperationKey::Entries, [$first])]) : new Operation(OperationKey::AsList, [$first]);
        }

        if (2 === \count($arguments) && $first instanceof Operation && OperationKey::Rbegin === $first->key && $arguments[1]->value == new Operation(OperationKey::Rend, $first->arguments)) {
            return new Operation(OperationKey::Backwards, $first->arguments);
        }

        $part = 2 === \count($arguments) ? $this->parser->partsOfLists->partOfList($arguments) : null;
        if (null !== $part) {
            return $part;
        }
        $isListOrNothing = $this->parser->isOfType($first, 'optional') && TypeNames::read((string) preg_replace('/^[^<]*<(.*)>[^>]*$/D', '$1', $this->parser->typeOf($first)))->isList();
        if (1 === \count($arguments) && (self::isMadeList($first) || $isListOrNothing || TypeNames::read($this->parser->typeOf($first))->isList())) {
            // Another list, which is copied.
            return $first;
        }

        $part = 2 === \count($arguments) ? self::itemsBetween($first, $arguments[1]->value) : null;
        if (null !== $part) {
            return $part;
        }

        return new Operation(OperationKey::Filled, [$first, $arguments[1]->value ?? $this->empty($type)]);
    }

    /** Whether a value is a list that is made where it stands. */
    public static function isMadeList(Expression $value): bool
    {
        return $value instanceof ListLiteral || $value instanceof Collected || $value instanceof Operation && \in_array($value->key, [OperationKey::Filled, OperationKey::Numbers, OperationKey::AsList, OperationKey::Copied, OperationKey::Concatenated, OperationKey::Backwards], true);
    }

    /**
     * A text of what is given for it (C++17, 24.3.2.2); null where that is a single value.
     *
     * @param list<Argument> $arguments
     */
    public function textOf(array $arguments): ?Expression
    {
        $first = $arguments[0]->value ?? null;
        if (null === $first || 1 === \count($arguments) && !$arguments[0]->all) {
            return null;
        }
        $isIterator = $first instanceof Operation && \in_array($first->key, [OperationKey::Begin, OperationKey::Rbegin], true);
        $source = $isIterator ? $first->arguments[0] : $first;
        $type = $this->parser->typeOf($source);
        if ($arguments[0]->all || $isIterator) {
            $letters = $this->vector('vector<char>', $arguments);
            if (1 === preg_match('/\b(?:set|vector|list|deque|array) ?</', $type)) {
                return new Operation(OperationKey::Joined, [$letters, new TextLiteral('')]);
            }

            return $letters instanceof Operation && OperationKey::AsList === $letters->key ? $source : $letters;
        }
        $part = 2 === \count($arguments) ? $this->parser->partsOfLists->partOfList($arguments) : null;
        if (null !== $part || 2 !== \count($arguments)) {
            return $part;
        }
        $second = $arguments[1]->value;
        if ($first instanceof TextLiteral ? !$first->letter : $this->parser->isText($first)) {
            $isArray = $first instanceof TextLiteral || $first instanceof VariableRead && 1 === preg_match('/\bchar\s*+(?:\*(?:\s*+const\b)?\s*+'.Names::asPattern($first->name).'\b|'.Names::asPattern($first->name).'\s*+\[)/', $this->parser->text);

            // So many letters of an array of them, or a text from there on.
            return $isArray ? new Slice($first, new NothingLiteral(), $second) : new Operation(OperationKey::TextFrom, [$first, $second]);
        }

        if ($second instanceof NumberLiteral || $second instanceof Binary && \in_array($second->operator, [Operator::Add, Operator::Subtract], true) || $second instanceof VariableRead && TypeNames::read($this->parser->typeOf($second))->isWhole()) {
            // A number becomes the letter that it stands for.
            $second = new Operation(OperationKey::Letter, [$second]);
        }

        return $first instanceof NumberLiteral && 1 === $first->value ? new Operation(OperationKey::ToText, [$second]) : new Operation(OperationKey::Repeated, [$second, $first]);
    }

    /** The items from one iterator of a list up to, but without, another: `list.begin() + 1`, `list.end()`. */
    private static function itemsBetween(Expression $from, Expression $until): ?Expression
    {
        $list = $from instanceof Binary ? $from->left : $from;
        $list = $list instanceof Operation && \in_array($list->key, [OperationKey::Begin, OperationKey::End], true) ? $list->arguments[0] : null;
        [$first, $last] = null === $list ? [null, null] : [self::behindFirst($from, $list), self::behindFirst($until, $list)];

        return null === $list || null === $first || null === $last ? null : new Slice($list, $first, $last == new Operation(OperationKey::Length, [$list]) ? new NothingLiteral() : $last);
    }

    /** How far behind its first item an iterator of a list stands: `list.begin() + 2`; null where it is no such one. */
    public static function behindFirst(Expression $iterator, Expression $list): ?Expression
    {
        if (null !== ($spot = PointedValues::spot($iterator)) && $spot->arguments[0] == $list) {
            return $spot;
        }
        if ($iterator instanceof Operation && $iterator->arguments == [$list]) {
            return match ($iterator->key) {
                OperationKey::Begin => new NumberLiteral(0),
                OperationKey::End => new Operation(OperationKey::Length, [$list]),
                default => null,
            };
        }
        if (!$iterator instanceof Binary || !\in_array($iterator->operator, [Operator::Add, Operator::Subtract], true)) {
            return null;
        }
        $before = self::behindFirst($iterator->left, $list);

        return match (true) {
            null === $before => null,
            $before instanceof NumberLiteral && 0.0 === (float) $before->value && Operator::Add === $iterator->operator => $iterator->right,
            default => new Binary($iterator->operator, $before, $iterator->right),
        };
    }

    /**
     * What an object of plain fields keeps where nothing is said (C++17, 11.6.1): nothing to be said where its class says it.
     *
     * @return list<Expression>
     */
    private function emptyFields(string $class): array
    {
        $isPlain = [] !== ($this->parser->classes->given[$class] ?? []) && '' === ($this->parser->classes->parents[$class] ?? '') && !isset($this->parser->classes->methods[$class][ClassDefinition::MAKES]) && !isset($this->parser->firstValues[$class]);

        return $isPlain ? array_map(fn (string $field): Expression => $this->empty('vector<'.($this->parser->fieldTypes[$field] ?? 'int').'>'), $this->parser->classes->given[$class]) : [];
    }

    /** What a value of a type is when nothing is said. */
    public function empty(string $type): Expression
    {
        if (1 === preg_match('/^vector<array<(.*), ([0-9]++)>>$/D', $type, $match)) {
            // Its items are there from the start (C++17, 26.3.7.1).
            return new Operation(OperationKey::Filled, [new NumberLiteral((int) $match[2]), $this->empty("vector<$match[1]>")]);
        }
        $element = TypeNames::read($type)->element;

        return match (true) {
            null === $element => new NumberLiteral(0),
            TypeKind::Copied === $element->kind && null !== $way = $this->parser->makerOf((string) $element->class, []) => new OwnValue($way, []),
            TypeKind::Copied === $element->kind => new MakeObject((string) $element->class, $this->emptyFields((string) $element->class), true),
            TypeKind::Object === $element->kind => new NothingLiteral(),
            $element->isTextual() => new TextLiteral(''),
            [] !== $element->parts => new Operation(OperationKey::Record, array_map(fn (StaticType $part): Expression => $this->empty('vector<'.TypeNames::write($part).'>'), $element->parts)),
            $element->isList() => new ListLiteral([]),
            $element->isMap() => new MapLiteral([]),
            $element->isSet() => new Operation(OperationKey::SetOf),
            'Truth' === $element->kind->name => new TruthLiteral(false),
            'Number' === $element->kind->name => new NumberLiteral(0.0),
            default => new NumberLiteral(0),
        };
    }

    /**
     * What is put into a container where the values that make it are given (C++17, 26.2.3).
     *
     * @param list<Argument> $arguments
     *
     * @return array{Expression|null, int} the value, and how many there are
     */
    public function madeInPlace(Expression $receiver, string $name, array $arguments, Token $token): array
    {
        [$first, $count] = [$arguments[0]->value ?? null, \count($arguments)];
        $item = TypeNames::read($this->parser->typeOf($receiver))->item();
        $isMade = 1 < $count || 0 === $count && 'emplace_back' === $name && null !== $item->class || 1 === $count && 'emplace_back' === $name && null !== $item->class && !$first instanceof MakeObject && !($first instanceof VariableRead && $item->class === TypeNames::read($this->parser->typeOf($first))->class) && !$first instanceof Item && !$first instanceof OwnValue;
        if (!$isMade || 1 === preg_match('/(?:\*|_ptr ?<.*>)$/D', $this->parser->typeOfItem($this->parser->typeOf($receiver))) || !\in_array($name, ['emplace_back', 'emplace', 'push'], true) || [] === $item->parts && (null === $item->class || !isset($this->parser->classes->parents[$item->class]))) {
            return [$first, $count];
        }
        $made = [] !== $item->parts ? new Operation(OperationKey::Record, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments)) : $this->madeOf(new Token(TokenKind::Name, (string) $item->class, $token->offset), $arguments, TypeKind::Copied === $item->kind);

        return [$made, 1];
    }
}
