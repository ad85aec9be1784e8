<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Brick\Math\BigInteger;
use Scrivlet\Core\Catalogue\Result;
use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Cpp\Rows\GivenArrays;
use Scrivlet\Core\Language\Cpp\Values\Braces;
use Scrivlet\Core\Language\Cpp\Values\ComparedRanges;
use Scrivlet\Core\Language\Cpp\Values\GivenTypes;
use Scrivlet\Core\Language\Cpp\Values\KeyPlaces;
use Scrivlet\Core\Language\Cpp\Values\Lambdas;
use Scrivlet\Core\Language\Cpp\Values\LibraryFunctions;
use Scrivlet\Core\Language\Cpp\Values\LibraryMethods;
use Scrivlet\Core\Language\Cpp\Values\MadeValues;
use Scrivlet\Core\Language\Cpp\Values\MovedValues;
use Scrivlet\Core\Language\Cpp\Values\ObjectCalls;
use Scrivlet\Core\Language\Cpp\Values\PartsOfLists;
use Scrivlet\Core\Language\Cpp\Values\Places;
use Scrivlet\Core\Language\Cpp\Values\PointedValues;
use Scrivlet\Core\Language\Cpp\Values\PrefixValues;
use Scrivlet\Core\Language\Cpp\Values\ReadValues;
use Scrivlet\Core\Language\Cpp\Values\TypeTexts;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\BraceExpressions;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\KindTest;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\UnaryOperator;
use Scrivlet\Core\Tree\VariableRead;

/** Expressions: C++17 (ISO/IEC 14882:2017), clause 8. */
abstract class CppExpressions extends BraceExpressions
{
    /** The methods that classes have for signs. */
    private const METHODS_OF_SIGNS = [
        Operator::Add->value => '@add', Operator::Subtract->value => '@subtract', Operator::Multiply->value => '@multiply', Operator::TrueDivide->value => '@divide', Operator::TruncDivide->value => '@divide', Operator::TruncRemainder->value => '@floor_remainder',
        Operator::Equal->value => '@equal', Operator::NotEqual->value => '@equal', Operator::Less->value => '@less', Operator::Greater->value => '@greater', Operator::LessOrEqual->value => '@less_or_equal', Operator::GreaterOrEqual->value => '@greater_or_equal',
    ];
    /** Signs to which classes may give several meanings. */
    private const SIGNS_OF_CLASSES = [Operator::Add->value => 'operator+', Operator::Subtract->value => 'operator-', Operator::Multiply->value => 'operator*', Operator::TrueDivide->value => 'operator/', Operator::TruncDivide->value => 'operator/'];
    public const OPERATORS = [
        '||' => [2, Operator::Or], 'or' => [2, Operator::Or], '&&' => [3, Operator::And], 'and' => [3, Operator::And],
        '==' => [4, Operator::Equal], '!=' => [4, Operator::NotEqual],
        '<' => [5, Operator::Less], '<=' => [5, Operator::LessOrEqual], '>' => [5, Operator::Greater], '>=' => [5, Operator::GreaterOrEqual],
        '+' => [7, Operator::Add], '-' => [7, Operator::Subtract],
        '*' => [8, Operator::Multiply], '/' => [8, Operator::TruncDivide], '%' => [8, Operator::TruncRemainder],
    ];

    /** What is asked of a letter by a function that may be handed over (C11, 7.4). */
    private const OF_LETTER = ['tolower' => OperationKey::LowerLetter, 'toupper' => OperationKey::UpperLetter, 'isdigit' => OperationKey::IsDigits, 'isupper' => OperationKey::IsUpper, 'islower' => OperationKey::IsLower, 'isspace' => OperationKey::IsSpace, 'isalnum' => OperationKey::IsPlain, 'isalpha' => OperationKey::IsLetters];
    /** The limits of `int` and `long long` as they are on the machines of courses (C++17, 21.3.5). */
    private const LIMITS = [
        'INT_MAX' => 2147483647, 'INT_MIN' => -2147483648, 'RAND_MAX' => 2147483647,
        'LONG_MAX' => \PHP_INT_MAX, 'LONG_MIN' => \PHP_INT_MIN, 'LLONG_MAX' => \PHP_INT_MAX, 'LLONG_MIN' => \PHP_INT_MIN,
        'SHRT_MAX' => 32767, 'SHRT_MIN' => -32768, 'CHAR_MAX' => 127, 'CHAR_MIN' => -128, 'SCHAR_MAX' => 127, 'SCHAR_MIN' => -128, 'UCHAR_MAX' => 255, 'USHRT_MAX' => 65535, 'CHAR_BIT' => 8, 'EOF' => -1,
        'DBL_MAX' => \PHP_FLOAT_MAX, 'DBL_MIN' => \PHP_FLOAT_MIN, 'DBL_EPSILON' => \PHP_FLOAT_EPSILON,
    ];
    /** Those of whole numbers without a sign. */
    private const UNSIGNED_LIMITS = ['UINT_MAX' => OperationKey::ToUnsigned, 'ULONG_MAX' => OperationKey::ToUnsignedLong, 'ULLONG_MAX' => OperationKey::ToUnsignedLong, 'SIZE_MAX' => OperationKey::ToUnsignedLong];

    /** Templates of the library (C++20, 16.4.2.3) that are no types here, or only in places. */
    private const UNREAD_TEMPLATES = [
        'any' => true, 'atomic' => true, 'bitset' => true, 'complex' => true, 'duration' => true, 'forward_list' => true, 'future' => true, 'initializer_list' => true, 'lock_guard' => true,
        'multimap' => true, 'promise' => true, 'ratio' => true, 'reference_wrapper' => true, 'shared_future' => true, 'span' => true, 'unique_lock' => true,
        'unordered_multimap' => true, 'unordered_multiset' => true, 'valarray' => true, 'variant' => true, 'weak_ptr' => true, 'basic_string' => true, 'istream_iterator' => true, 'ostream_iterator' => true,
    ];

    /** Types that values are made of by their names. */
    private const CONTAINERS = ['vector' => true, 'deque' => true, 'array' => true, 'pair' => true, 'tuple' => true, 'set' => true, 'unordered_set' => true, 'multiset' => true, 'map' => true, 'unordered_map' => true, 'stack' => true, 'queue' => true];
    /** Signs as functions (C++17, 23.14.7). */
    private const SUMS = ['plus' => Operator::Add, 'minus' => Operator::Subtract, 'multiplies' => Operator::Multiply];
    /** What a name may be that is read in a way of its own, whatever stands behind it. */
    private const OWN_WORDS = self::LIMITS + self::UNSIGNED_LIMITS + self::SUMS + self::UNREAD_TEMPLATES + self::CONTAINERS + [
        'std' => true, 'size_t' => true, 'cin' => true, 'cout' => true, 'getline' => true, 'string' => true, 'EXIT_SUCCESS' => true, 'EXIT_FAILURE' => true, 'NULL' => true, 'make_unique' => true,
        'make_shared' => true, 'unique_ptr' => true, 'shared_ptr' => true, 'get' => true, 'bitset' => true, 'dynamic_cast' => true, 'numeric_limits' => true, 'greater' => true, 'dynamic_pointer_cast' => true, 'static_pointer_cast' => true,
        'int' => true, 'double' => true, 'nullopt' => true, 'optional' => true, 'min' => true, 'max' => true,
    ];

    public readonly TypeTexts $typeTexts;
    public readonly PrefixValues $prefixValues;
    public readonly Braces $braces;
    public readonly PointedValues $pointedValues;
    public readonly Lambdas $lambdas;
    public readonly MadeValues $madeValues;
    public readonly GivenArrays $givenArrays;
    public readonly MovedValues $movedValues;
    public readonly GivenTypes $givenTypes;
    public readonly KeyPlaces $keyPlaces;
    public readonly ObjectCalls $objectCalls;
    public readonly ReadValues $readValues;
    public readonly LibraryFunctions $libraryFunctions;
    public readonly LibraryMethods $libraryMethods;
    public readonly PartsOfLists $partsOfLists;
    public readonly ComparedRanges $comparedRanges;
    public readonly Places $places;

    /** @var array<string, list<string>> by the name that the text has, all by which methods of it are known that differ by what they take */
    public array $waysByType = [];
    /** @var array<string, string> types by the names that the text gave them (C++17, 10.1.3), enumerations among them */
    public array $aliases = TypeNames::OF_BITS;

    /**
     * What iterators stand for, by their names: places in a list, where `spot` is one behind its last item at most, keys of a map,
     * or the items that a loop goes over.
     *
     * @var array<string, array{'place'|'spot'|'key'|'item', Expression}>
     */
    public array $iterators = [];

    /** What the function being read gives back. */
    public string $gives = '';

    /** Whether a type may be that of a pointer to a number, a text or a truth. */
    public bool $mayPoint = false;
    /** @var array<string, array<string, Expression>> what pointers point at, by scope and name: another name for it as long as they live */
    public array $pointsAt = [];

    /** @var array<string, array<string, string>> types by scope and name */
    public array $types = ['' => []];

    /** @var array<string, string> variables that hold how many items an array has, and never anything else */
    public array $lengths = [];
    /** @var array<string, Expression> how many items each array of C was declared with */
    public array $arraySizes = [];
    /** @var array<string, Expression|null> what constants were declared with */
    public array $fixed = [];

    /** @var array<string, string> names of an `enum class` behind its own, and the constants that they are */
    public array $enumerators = [];
    /** @var array<string, array<string, true>> by class, what its objects keep */
    public array $fieldsOf = [];

    /** @var array<string, true> names of spaces for names, which say nothing here */
    public array $spaces = [];

    /** @var array<string, true> classes of which a field says its first value */
    public array $firstValues = [];

    /** @var array<string, string> the types of what objects keep, by name */
    public array $fieldTypes = [];
    /** @var array<string, array<string, string>> the same, by the class of the objects */
    public array $fieldTypesOf = [];

    public function __construct(string $text)
    {
        parent::__construct($text);
        $this->typeTexts = new TypeTexts($this);
        $this->prefixValues = new PrefixValues($this);
        $this->braces = new Braces($this);
        $this->pointedValues = new PointedValues($this);
        $this->lambdas = new Lambdas($this);
        $this->madeValues = new MadeValues($this);
        $this->givenArrays = new GivenArrays($this);
        $this->movedValues = new MovedValues($this);
        $this->givenTypes = new GivenTypes($this);
        $this->keyPlaces = new KeyPlaces($this);
        $this->objectCalls = new ObjectCalls($this);
        $this->readValues = new ReadValues($this);
        $this->libraryFunctions = new LibraryFunctions($this);
        $this->libraryMethods = new LibraryMethods($this);
        $this->partsOfLists = new PartsOfLists($this);
        $this->comparedRanges = new ComparedRanges($this);
        $this->places = new Places($this);
    }

    public function language(): Language
    {
        return Language::Cpp;
    }

    protected function operators(): array
    {
        return self::OPERATORS;
    }

    protected function ownPrefix(Token $token): ?Expression
    {
        return $this->prefixValues->ownPrefix($token);
    }

    /** @return array<string, string> what stands for one type in all class templates that name it */
    abstract public function typesOfTemplates(): array;

    /** Whether objects of a class say something when they go. */
    abstract public function saysItGoes(string $class): bool;

    /** Whether a value is a letter, as far as its row says. */
    abstract public function isLetterValue(Expression $value): bool;

    /** What `int[4]` behind `new` makes. */
    abstract public function newArray(Token $token): Expression;

    /** A literal with a suffix is a `long long`, or without a sign, whatever its size (C++17, 5.13.2). */
    protected function number(Token $token): Expression
    {
        $number = parent::number($token);
        if (ctype_digit($token->text[-1])) {
            return $number;
        }
        if (!$number instanceof NumberLiteral || 1 !== preg_match('/^(?:0[xX][\da-fA-F\']+?|\d[\d\']*)(?:([uU])([lL]{0,2})|([lL]{1,2})([uU]?))$/D', $token->text, $match)) {
            return $number;
        }
        $isLong = '' !== $match[2].($match[3] ?? '');
        $isUnsigned = '' !== $match[1].($match[4] ?? '');
        if ($isUnsigned && !\is_int($number->value)) {
            $value = BigInteger::fromBase(ltrim(substr($digits = str_replace("'", '', $match[0]), 0, 2), '0xX').rtrim(substr($digits, 2), 'uUlL'), 1 === preg_match('/^0x/i', $digits) ? 16 : 10);
            $wrapped = $value->minus(BigInteger::of(2)->power(64));

            // The numbers beyond the half of them are those below 0 (C++17, 6.9.1).
            return $wrapped->isNegative() && $wrapped->isGreaterThanOrEqualTo(\PHP_INT_MIN) ? new Operation(OperationKey::ToUnsignedLong, [new NumberLiteral($wrapped->toInt())]) : $number;
        }
        if ($isUnsigned) {
            return new Operation($isLong || $number->value > 0xFFFFFFFF ? OperationKey::ToUnsignedLong : OperationKey::ToUnsigned, [$number]);
        }

        return $isLong && $number->value <= Types::LARGEST_WHOLE ? new Operation(OperationKey::ToLong, [$number]) : $number;
    }

    /** A number as a type of fewer bits takes it: what goes beyond them is cut off (C++17, 7.8). */
    private function narrowed(string $type, Expression $value): ?Expression
    {
        $bits = TypeNames::narrow($type);
        $isNumber = $value instanceof NumberLiteral || 1 === preg_match('/^(?:const )?(?:unsigned|int|long|long long|size_t|unsigned int)(?: ?&)?$/D', $this->typeOf($value)) || $value instanceof Binary && !$value->operator->isLogic();
        if (!\in_array($bits, [16, -16, -8], true) || !$isNumber && -8 === $bits) {
            return null;
        }
        $width = abs($bits);
        $least = $bits < 0 ? 0 : -2 ** ($width - 1);
        if (-8 === $bits) {
            // It shows as a letter.
            return new Operation(OperationKey::Letter, [$value]);
        }
        if ($value instanceof NumberLiteral && $value->value >= $least && $value->value < $least + 2 ** $width) {
            return new NumberLiteral((int) $value->value);
        }
        $whole = new Operation(OperationKey::BitAnd, [new Operation(OperationKey::ToWhole, [$value]), new NumberLiteral(2 ** $width - 1)]);

        return $bits < 0 ? $whole : new Binary(Operator::Subtract, new Operation(OperationKey::BitXor, [$whole, new NumberLiteral(2 ** ($width - 1))]), new NumberLiteral(2 ** ($width - 1)));
    }

    public function converted(string $type, Expression $value, Token $token): Expression
    {
        $made = $this->madeByOwn($type, $value);
        if (null !== $made) {
            return $made;
        }
        $narrow = $this->narrowed($type, $value);
        if (null !== $narrow) {
            return $narrow;
        }
        $operation = match ($type) {
            'int', 'short', 'short int', 'unsigned short', 'unsigned short int' => OperationKey::ToWhole,
            'unsigned', 'unsigned int' => OperationKey::ToUnsigned,
            'long', 'long long', 'long int' => OperationKey::ToLong,
            'size_t', 'unsigned long', 'unsigned long long', 'unsigned long int' => OperationKey::ToUnsignedLong,
            'double', 'float' => OperationKey::ToNumber,
            'bool' => OperationKey::ToTruth,
            'char', 'unsigned char' => OperationKey::Letter,
            'string' => OperationKey::ToText,
            'auto' => null,
            default => $this->fail('unsupported', $token, ['what' => $type.'(…)']),
        };
        if (null === $operation) {
            return $value;
        }
        if (OperationKey::Letter === $operation && 'unsigned char' === $type) {
            return $value;
        }
        if (OperationKey::Letter === $operation && $value instanceof Operation && \in_array($value->key, [OperationKey::UpperLetter, OperationKey::LowerLetter], true)) {
            return $value;
        }
        if (OperationKey::ToWhole === $operation && $value instanceof Operation && \in_array($value->key, [OperationKey::Floor, OperationKey::Ceiling], true)) {
            return $value;
        }

        return new Operation($operation, [$value]);
    }

    public function isText(Expression $value): bool
    {
        return 1 === preg_match('/^(?:const )?(?:std::)?string\b/', $this->typeOf($value));
    }

    /** The key of an entry of a map that a place is at; null for another value. The least key comes first, the greatest last (C++17, 26.4.4). */
    private function keyAt(Expression $place): ?Expression
    {
        $map = $place instanceof Operation ? $place->arguments[0] ?? null : null;
        if (null === $map || !$place instanceof Operation) {
            return null;
        }
        if (OperationKey::Position === $place->key) {
            return $this->isOfType($map, '(?:unordered_)?map') ? $place->arguments[1] : null;
        }
        $outermost = [OperationKey::Begin->value => OperationKey::Least, OperationKey::Rbegin->value => OperationKey::Greatest][$place->key->value] ?? null;

        return null !== $outermost && $this->isOfType($map, 'map') ? new Operation($outermost, [new Operation(OperationKey::Keys, [$map])]) : null;
    }

    /** What the second part of a pair is, or of an entry of a map that a place is at; null for another value. */
    private function valueAt(Expression $receiver): ?Expression
    {
        $key = $this->keyAt($receiver);
        if (null !== $key && $receiver instanceof Operation) {
            return new Item($receiver->arguments[0], $key);
        }
        if ($receiver instanceof Operation && \in_array($receiver->key, [OperationKey::First, OperationKey::Last], true)) {
            // `beds.begin()->second(3)`: only pairs keep something of that name.
            $entries = $receiver->arguments[0];
            $map = $entries instanceof Operation && OperationKey::Entries === $entries->key ? $entries->arguments[0] : null;

            return null === $map ? new Item($receiver, new NumberLiteral(1)) : new Item($map, new Operation(OperationKey::First === $receiver->key ? OperationKey::Least : OperationKey::Greatest, [new Operation(OperationKey::Keys, [$map])]));
        }
        $token = $this->peek();

        return null !== $token && $this->isPair($receiver) ? $this->property($receiver, 'second', $token) : null;
    }

    protected function member(Expression $receiver): Expression
    {
        $named = $this->objectCalls->ofNamedClass($receiver);
        if (null !== $named) {
            return $named;
        }
        // What a class keeps is asked of an object by its type, whatever other classes keep under that name (C++17, 12.2.3.2).
        $kept = $this->is('(', 1) ? null : $this->classes->staticOf(trim($this->classOf($receiver), ' *&'), $this->sign() ?? '');
        if (null !== $kept) {
            ++$this->at;
            $this->read($kept, $this->tokens[$this->at - 1]->offset);

            return new VariableRead($kept);
        }
        // What a pointer that owns is asked for by a point is its own; what it points at is asked by an arrow (C++17, 23.11.1.2.4).
        if ($this->is('get') && $this->is('(', 1) && $this->is(')', 2) && '.' === $this->tokens[$this->at - 1]->text && ')' !== $this->tokens[$this->at - 2]->text && TypeKind::Object === TypeNames::read($this->typeOf($receiver))->kind) {
            $this->at += 3;

            return $receiver;
        }

        if ($receiver instanceof Operation && OperationKey::PutIn === $receiver->key && $this->is('second')) {
            // Whether a set did not have it yet (C++17, 26.2.6, table 90).
            ++$this->at;

            return new Operation(OperationKey::PutNew, $receiver->arguments);
        }
        $called = $this->is('second') && !isset($this->classes->methodNames['second']) ? $this->peek(1) : null;
        $kept = null !== $called && '(' === $called->text ? $this->valueAt($receiver) : null;
        if (null !== $kept && null !== $called) {
            // `found->second(3)` calls the function that is kept there.
            $this->at += 2;

            return new MethodCall($kept, MethodCall::CALL, array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($called)));
        }
        if ($receiver instanceof Binary && Operator::Add === $receiver->operator && '->' === $this->tokens[$this->at - 1]->text && TypeNames::read($this->typeOf($receiver->left))->isList()) {
            // `(beds + 1)->rows`: what an array stands for is the place of its first item (C++17, 7.2).
            return parent::member(new Item($receiver->left, $receiver->right));
        }
        $spot = '->' === $this->tokens[$this->at - 1]->text ? PointedValues::spot($receiver) : null;
        if (null !== $spot) {
            // `max_element(…)->name`
            return parent::member(new Item($spot->arguments[0], $spot));
        }
        $key = '->' === $this->tokens[$this->at - 1]->text && ($this->is('first') || $this->is('second')) ? $this->keyAt($receiver) : null;
        // What was sought is asked for further down.
        if (null !== $key && $receiver instanceof Operation && (OperationKey::Position !== $receiver->key || $key instanceof Operation && \in_array($key->key, KeyPlaces::BY_ORDER, true))) {
            $isKey = $this->is('first');
            ++$this->at;

            return $isKey ? $key : new Item($receiver->arguments[0], $key);
        }
        $part = $this->peek();
        if (null !== $part && ($this->is('first') || $this->is('second')) && !$this->is('(', 1) && isset($this->classes->fieldNames[$part->text]) && $this->isPair($receiver)) {
            // An object may keep something under the same name.
            ++$this->at;

            return $this->property($receiver, $part->text, $part) ?? $this->unknownMembers->unknownMethod($part, false);
        }
        $iterator = $receiver instanceof VariableRead && '->' === $this->tokens[$this->at - 1]->text ? $this->iterators[$receiver->name] ?? null : null;
        $target = $receiver instanceof VariableRead && '->' === $this->tokens[$this->at - 1]->text ? $this->pointedValues->targetOf($receiver->name) : null;
        if (null !== $target) {
            return parent::member($target);
        }
        if (null !== $iterator && $receiver instanceof VariableRead && (\in_array($iterator[0], ['place', 'spot'], true) || !\in_array($this->sign(), ['first', 'second'], true))) {
            $receiver = $this->pointedValues->itemAt($receiver->name);
        }

        return parent::member($receiver);
    }

    protected function indexed(Expression $container, Token $opened): Expression
    {
        $item = parent::indexed($container, $opened);
        $place = !$item instanceof Item || [] === $this->iterators ? null : $this->places->atPlace(new Binary(Operator::Add, $item->container, $item->index));

        return $place ?? $item;
    }

    /** `(*this)(2, 3)` asks the object itself (C++17, 16.5.4). */
    protected function mayBeCalled(Expression $value): bool
    {
        if ($value instanceof VariableRead) {
            $class = '' !== $this->class && $value->name === $this->itself ? $this->class : trim($this->classOf($value), ' *&');

            return isset($this->classes->parents[$class]) && null !== $this->classes->ownerOf($class, MethodCall::SIGN);
        }

        return parent::mayBeCalled($value);
    }

    /** @return list<string> */
    abstract public function typesTaken(string $class, ?string $way): array;

    abstract protected function classMadeBy(string $function): string;

    /** What a type is made of that stands in braces. */
    abstract protected function bracedAs(Token $opened, string $type): Expression;

    /**
     * What a type is made of that stands in round brackets.
     *
     * @param list<Argument> $arguments
     */
    abstract protected function ofArguments(string $type, array $arguments): Expression;

    /** Whether a value is a pair, or stands for one. */
    abstract protected function isPair(Expression $value): bool;

    /** `function<int(string)>` */
    abstract public function functionType(): bool;

    /** What stands on the left of a sign that takes objects of a class on both sides. */
    abstract protected function asLeftSide(string $class, string $operator, Expression $value): Expression;

    /** What the class of an object makes of it, where another type is asked for by its name. */
    abstract protected function madeByOwn(string $type, Expression $value): ?Expression;

    /** How deep the lists are that objects of a class are made of, as many values as there are; 0 for none. */
    abstract public function takesList(string $class): int;

    abstract public function takesBraced(string $class): bool;

    /** `in >> bed` where the program says how one is read. */
    abstract protected function readByOwn(Token $stream): ?Expression;

    /** Whether the text tells a stream how values are to show. */
    abstract public function tellsForms(): bool;

    /** The place of the round bracket behind types in pointed ones; null if nothing but types does not stand there. */
    abstract protected function behindTypes(int $from): ?int;

    /** A function with rows that stands in a value: `[](int n) { … }`. */
    abstract public function rowsLambda(Token $token): FunctionReference;

    protected function literal(Token $token): Expression
    {
        return $this->prefixValues->literal($token);
    }

    protected function grouped(Token $opened): Expression
    {
        $function = $this->is('*', 1) && $this->is(')', 3) ? $this->peek(2) : null;
        $called = null === $function || TokenKind::Name !== $function->kind || isset($this->iterators[$function->text]) || 1 !== preg_match('/^(?:function<|auto$)/', $this->typeOf(new VariableRead($function->text))) ? null : $this->peek(4);
        if (null !== $function && null !== $called && '(' === $called->text) {
            // A function that is pointed at is called as itself (C++17, 8.2.2).
            $this->at += 5;
            $this->read($function->text, $function->offset);

            return $this->postfix(new MethodCall(new VariableRead($function->text), MethodCall::CALL, array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($called))));
        }
        // `(int) x`, a conversion in the style of C.
        $at = $this->at++;
        $type = $this->typeTexts->type();
        if (null !== $type && $this->accept(')')) {
            return $this->converted($type, $this->expression(9), $opened);
        }
        $this->at = $at;

        return parent::grouped($opened);
    }

    protected function collapsed(array $arguments): array
    {
        return $this->prefixValues->collapsed($arguments);
    }

    /** The class of an object, also of what a sign makes of two; '' where the text does not show it. */
    public function classOf(Expression $value): string
    {
        return match (true) {
            $value instanceof Binary => '' === $this->classOf($value->left) ? '' : $this->givenTypes->of(self::SIGNS_OF_CLASSES[$value->operator->value] ?? ''),
            $value instanceof Unary => $this->classOf($value->operand),
            $value instanceof MakeObject => $value->class,
            $value instanceof OwnValue && '' !== $class = $this->classMadeBy($value->function) => $class,
            default => (string) TypeNames::read($this->typeOf($value))->class,
        };
    }

    /** What was found is there if it is not the end; the remainder of a number by chance is one below the divisor. */
    public function combine(Operator $operator, Expression $left, Expression $right, int $at): Expression
    {
        $sign = self::SIGNS_OF_CLASSES[$operator->value] ?? '';
        $class = isset($this->waysByType[$sign]) ? $this->classOf($left) : '';
        $meant = isset($this->classes->parents[$class]) ? $this->methodMeant($class, $sign, [new Argument($right, $at, $at)]) : $sign;
        if ($meant !== $sign && !str_starts_with($meant, '@')) {
            return new MethodCall($left, $meant, [$right]);
        }
        if (Operator::TruncRemainder === $operator && $left instanceof Operation && OperationKey::Rand === $left->key) {
            $last = $right instanceof NumberLiteral && \is_int($right->value) ? new NumberLiteral($right->value - 1) : new Binary(Operator::Subtract, $right, new NumberLiteral(1));

            return new RandomWhole(new NumberLiteral(0), $last);
        }
        $isEnd = $right instanceof TextLiteral && "\0" === $right->value || $right instanceof NumberLiteral && 0 === $right->value;
        if ($isEnd && \in_array($operator, [Operator::Equal, Operator::NotEqual], true) && $left instanceof Item && 1 === preg_match('/^(?:const )?(?:std::)?string\b/', $this->typeOf($left->container))) {
            // A text ends with a letter that is none (C++17, 24.3.2.5).
            return new Binary($operator, $left->index, new Operation(OperationKey::Length, [$left->container]));
        }
        if (Operator::Add === $operator && $left instanceof VariableRead && $this->places->isArray($left->name) && 'string' === TypeNames::bare($this->typeOf($left)) && 'string' !== TypeNames::bare($this->typeOf($right)) && !$right instanceof TextLiteral) {
            // A place among letters that stand in a row (C++17, 8.7).
            $this->failAt('unsupported', $at, 1, ['what' => "$left->name + …"]);
        }
        // `rand() % 6 + 1` is a number from 1 to 6.
        if (Operator::Add === $operator && $left instanceof RandomWhole && $left->from == new NumberLiteral(0) && $left->to instanceof NumberLiteral && \is_int($left->to->value) && $right instanceof NumberLiteral && \is_int($right->value)) {
            return new RandomWhole($right, new NumberLiteral($left->to->value + $right->value));
        }
        if ($operator->isComparison() && $right instanceof NumberLiteral && \is_float($right->value) && 1 === preg_match('/\df$/Di', $this->tokens[$this->at - 1]->text ?? '') && unpack('f', pack('f', $right->value)) !== [1 => $right->value]) {
            // It is another number than the one without that letter (C++17, 5.13.4).
            $this->fail('unsupported', $this->tokens[$this->at - 1], ['what' => $this->tokens[$this->at - 1]->text]);
        }
        if ($right instanceof VariableRead && $left instanceof Operation && \in_array($left->key, [OperationKey::GreatestPlace, OperationKey::LeastPlace, OperationKey::Sought, OperationKey::SoughtIf, OperationKey::SpotBefore, OperationKey::SpotBehind, OperationKey::SpotGreatest, OperationKey::SpotLeast], true) && $this->places->isArray($right->name) && ($left->arguments[0] == $right || $left->arguments[0] instanceof Slice && $left->arguments[0]->container == $right)) {
            // `max_element(beds, beds + 3) - beds`
            $right = new Operation(OperationKey::Begin, [$right]);
        }
        if (Operator::Subtract === $operator && $left instanceof Operation && OperationKey::End === $left->key && null !== $before = $right instanceof Operation && OperationKey::Begin === $right->key ? new NumberLiteral(0) : $this->pointedValues->spotOrName($right)) {
            // How many there are from there on.
            $length = new Operation(OperationKey::Length, $left->arguments);

            return $before == new NumberLiteral(0) ? $length : new Binary($operator, $length, $before);
        }
        $between = [] === $this->iterators ? null : $this->places->betweenPlaces($operator, $left, $right);
        if (null !== $between) {
            return $between;
        }
        $samePlace = [] === $this->iterators ? null : $this->keyPlaces->compared($operator, $left, $right);
        if (null !== $samePlace) {
            return $samePlace;
        }
        $ended = $right instanceof Operation && OperationKey::End === $right->key && $left instanceof VariableRead ? $this->iterators[$left->name] ?? null : null;
        $spot = $this->pointedValues->spotOrName($left);
        if (null !== $spot && $right instanceof Operation && \in_array($right->key, [OperationKey::Begin, OperationKey::End], true) && \in_array($operator, [Operator::Equal, Operator::NotEqual, Operator::Subtract], true)) {
            return Operator::Subtract === $operator && OperationKey::Begin === $right->key ? $spot : new Binary($operator, $spot, OperationKey::Begin === $right->key ? new NumberLiteral(0) : new Operation(OperationKey::Length, $right->arguments));
        }
        if (null !== $spot && Operator::Subtract === $operator && null !== $other = PointedValues::spot($right)) {
            return new Binary($operator, $spot, $other);
        }
        if (null !== $ended && (Operator::NotEqual === $operator || Operator::Equal === $operator)) {
            $isThere = 'key' === $ended[0] ? new Operation(OperationKey::Contains, [$ended[1], $left]) : new Binary(Operator::NotEqual, $left, new NumberLiteral(-1));

            return Operator::NotEqual === $operator ? $isThere : ($isThere instanceof Binary ? new Binary(Operator::Equal, $left, new NumberLiteral(-1)) : new Unary(UnaryOperator::Not, $isThere));
        }
        if (\in_array($operator, [Operator::Add, Operator::Subtract], true) && !$right instanceof Operation && $left instanceof Binary && Operator::Add === $left->operator && $left->left instanceof Operation && OperationKey::Begin === $left->left->key) {
            // `beds.begin() + middle + 1`: it is counted on from the same place.
            return new Binary(Operator::Add, $left->left, new Binary($operator, $left->right, $right));
        }
        if (Operator::Subtract === $operator && $right instanceof Operation && OperationKey::Begin === $right->key) {
            if ($left instanceof VariableRead && 'place' === ($this->iterators[$left->name][0] ?? '')) {
                return $left;
            }
            if ($left instanceof Operation && \in_array($left->key, [OperationKey::GreatestPlace, OperationKey::LeastPlace], true)) {
                $behind = new Operation(OperationKey::Position, [$left->arguments[0], PointedValues::foundBy($left)]);

                return $left->arguments[0] instanceof Slice ? PartsOfLists::behindAll($left->arguments[0], $behind) : $behind;
            }
            if ($left instanceof Operation && OperationKey::Sought === $left->key) {
                return new Operation(OperationKey::Position, $left->arguments);
            }
            if ($left instanceof Operation && OperationKey::SoughtIf === $left->key) {
                return new Operation(OperationKey::FirstPlace, $left->arguments);
            }
        }
        if ($left instanceof Operation && OperationKey::SoughtIf === $left->key && $left->arguments[1] instanceof Lambda && $right instanceof Operation && OperationKey::End === $right->key && $left->arguments[0] == $right->arguments[0] && \in_array($operator, [Operator::Equal, Operator::NotEqual], true)) {
            $any = new Operation(OperationKey::AnyHolds, [new Collected($left->arguments[1]->value, $left->arguments[1]->parameters[0], $left->arguments[0])]);

            return Operator::NotEqual === $operator ? $any : new Unary(UnaryOperator::Not, $any);
        }
        if ($left instanceof Operation && OperationKey::NextOfAll === $left->key && $right instanceof Operation && OperationKey::End === $right->key && $left->arguments[0] instanceof VariableRead && \in_array($operator, [Operator::Equal, Operator::NotEqual], true)) {
            $of = $right->arguments[0];
            if ('item' === ($this->iterators[$left->arguments[0]->name][0] ?? '') && $this->isOfType($of, '(?:unordered_)?set')) {
                return new Binary($operator, $left->arguments[0], new Operation(OperationKey::Greatest, [$of]));
            }
        }
        if ($left instanceof VariableRead && $right instanceof Operation && OperationKey::Begin === $right->key && \in_array($operator, [Operator::Equal, Operator::NotEqual], true) && 'item' === ($this->iterators[$left->name][0] ?? '') && $this->isOfType($right->arguments[0], '(?:unordered_)?set')) {
            return new Binary($operator, $left, new Operation(OperationKey::Least, $right->arguments));
        }
        if ($left instanceof Operation && OperationKey::Sought === $left->key && $left->arguments[0] instanceof Slice && \in_array($operator, [Operator::Equal, Operator::NotEqual], true)) {
            if ($this->places->placeOrArray($right) != [$left->arguments[0]->to, $left->arguments[0]->container]) {
                $this->fail('unsupported', $this->tokens[$this->at - 1], ['what' => 'find']);
            }
            $contains = new Operation(OperationKey::Contains, $left->arguments);

            return Operator::NotEqual === $operator ? $contains : new Unary(UnaryOperator::Not, $contains);
        }
        $isSought = $left instanceof Operation && \in_array($left->key, [OperationKey::Sought, OperationKey::Position], true) && $right instanceof Operation && OperationKey::End === $right->key && $left->arguments[0] == $right->arguments[0];
        if ($isSought && (Operator::NotEqual === $operator || Operator::Equal === $operator)) {
            $contains = new Operation(OperationKey::Contains, $left->arguments);

            return Operator::NotEqual === $operator ? $contains : new Unary(UnaryOperator::Not, $contains);
        }

        $method = self::METHODS_OF_SIGNS[$operator->value] ?? '';
        if ('@equal' === $method && $this->pointedValues->arePointers($left, $right, $at)) {
            // Whether both point at the same thing, whatever that says of itself (C++17, 8.10).
            $isSame = new Operation(OperationKey::Identical, [$left, $right]);

            return Operator::Equal === $operator ? $isSame : new Unary(UnaryOperator::Not, $isSame);
        }
        $class = '' === $method || [] === $this->classes->parents || $right instanceof NothingLiteral ? '' : trim($this->classOf($left), ' &');
        $class = isset($this->classes->parents[$class]) ? $class : null;
        $wanted = null === $class ? '' : $this->takenBy($class, $method);
        if ((Operator::And === $operator || Operator::Or === $operator) && [] !== $this->classes->parents) {
            // What both give is a truth, whatever stands beside the sign (C++17, 8.14).
            $asked = fn (Expression $side): Expression => $this->madeByOwn('bool', $side) ?? $side;

            return parent::combine($operator, $asked($left), $asked($right), $at);
        }
        $other = null === $class && '' !== $method && [] !== $this->classes->parents ? TypeNames::read($this->typeOf($right))->class : null;
        $left = null === $other ? $left : $this->asLeftSide($other, $method, $left);

        return parent::combine($operator, $left, '' === $wanted ? $right : $this->asObjectOf($wanted, $right), $at);
    }

    /** The type of what stands behind a sign that a class gives a meaning; '' for none. */
    abstract protected function takenBy(string $class, string $operator): string;

    /** A number or a text where an object is wanted whose class makes one of it. */
    abstract public function asObjectOf(string $type, Expression $value): Expression;

    protected function knows(string $object): bool
    {
        return 'std' === $object;
    }

    /**
     * The function that makes an object of what is given, of a class that makes them in several ways; null for any other.
     *
     * @param list<Argument> $arguments
     */
    abstract public function makerOf(string $class, array $arguments): ?string;

    /** Whether what is read stands in a method, or in a small function there, which has the object as well (C++17, 8.1.5.2). */
    public function isInMethod(): bool
    {
        for ($scope = $this->scope; isset($this->symbols->around[$scope]); $scope = $this->symbols->around[$scope]) {
        }

        return str_contains($scope, '.');
    }

    /** Whether a name is a variable of the function that is read, or of one around it. */
    public function isOfMethod(string $name): bool
    {
        for ($scope = $this->scope; '' !== $scope; $scope = $this->symbols->around[$scope] ?? '') {
            if (isset($this->symbols->writes[$scope][$name])) {
                return true;
            }
        }

        return false;
    }

    public function isOfObject(string $name): bool
    {
        if ('' === $this->class || !$this->isInMethod() || $this->isOfMethod($name)) {
            return false;
        }
        for ($class = $this->class; isset($this->classes->parents[$class]); $class = $this->classes->parents[$class]) {
            if (isset($this->fieldsOf[$class][$name]) || isset($this->classes->statics[$class][$name])) {
                return true;
            }
        }

        return false;
    }

    public function named(Token $token): Expression
    {
        return $this->isPlainlyNamed($token) ? parent::named($token) : $this->namedByOwn($token);
    }

    /** Whether neither a name nor the sign behind it means something that this language alone has. */
    private function isPlainlyNamed(Token $token): bool
    {
        return [] === $this->classes->parents && !isset(self::OWN_WORDS[$token->text]) && match ($this->sign(1)) {
            '::', '>>' => false,
            '(', '{' => !isset($this->aliases[$token->text]) && !isset($this->lambdas->whole[$token->text]),
            '<' => !isset($this->symbols->functions[$token->text]),
            default => true,
        };
    }

    private function namedByOwn(Token $token): Expression
    {
        if (($this->is('(', 1) || $this->is('{', 1)) && ('size_t' === $token->text || isset($this->aliases[$token->text])) && !$this->isVariable($token->text) && !isset($this->symbols->functions[$token->text])) {
            // `uint32_t(n)`: a name of a type makes one of what stands behind it (C++17, 8.2.3).
            return $this->prefixValues->conversion($token);
        }
        while (isset($this->spaces[$token->text]) && $this->is('::', 1) && TokenKind::Name === $this->peek(2)?->kind) {
            $this->at += 2;
            $token = $this->peek() ?? $token;
        }
        $reading = $this->readByOwn($token) ?? $this->readValues->reading($token);
        if (null !== $reading) {
            return $reading;
        }
        if (('EXIT_SUCCESS' === $token->text || 'EXIT_FAILURE' === $token->text) && !$this->isVariable($token->text)) {
            ++$this->at;

            return new NumberLiteral('EXIT_SUCCESS' === $token->text ? 0 : 1);
        }
        if (isset($this->symbols->functions[$token->text]) && $this->is('<', 1) && null !== $behind = $this->behindTypes($this->at + 2)) {
            // `biggest<int>(2, 3)`: the types show in what is given (C++17, 17.8.1).
            $type = '>' === $this->sign(3) ? $this->peek(2)->text ?? '' : '';
            $this->at = $behind - 1;
            // @phpstan-ignore assign.propertyType (the token is there already)
            $this->tokens[$this->at] = new Token(TokenKind::Name, $token->text, $token->offset);
            $value = parent::named($this->tokens[$this->at]);

            return $value instanceof OwnValue && \in_array($type, ['double', 'float', 'int'], true) ? $value->withOperands(array_map(fn (Expression $given): Expression => $this->asMadeFor($type, $given, $token), $value->arguments)) : $value;
        }
        $called = $this->is('(', 1) ? (string) TypeNames::read($this->typeOf(new VariableRead($token->text)))->class : '';
        $opened = $this->peek(1);
        if (null !== $opened && isset($this->classes->parents[$called]) && null !== $this->classes->ownerOf($called, '@called')) {
            $this->at += 2;
            $this->read($token->text, $token->offset);

            return $this->postfix(new MethodCall(new VariableRead($token->text), MethodCall::SIGN, array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened))));
        }
        if ('NULL' === $token->text && !$this->isVariable('NULL')) {
            ++$this->at;

            return new NothingLiteral();
        }
        if (isset(self::UNSIGNED_LIMITS[$token->text]) && !$this->isVariable($token->text)) {
            ++$this->at;

            // The largest of them is the one before 0 (C++17, 6.9.1).
            return new Operation(self::UNSIGNED_LIMITS[$token->text], [new NumberLiteral(-1)]);
        }
        if (isset(self::LIMITS[$token->text]) && !$this->isVariable($token->text)) {
            ++$this->at;

            return new NumberLiteral(self::LIMITS[$token->text]);
        }
        $at = $this->at + ($this->is('std') && $this->is('::', 1) ? 2 : 0);
        $word = $this->tokens[$at]->text ?? '';
        if (('make_unique' === $word || 'make_shared' === $word) && '<' === ($this->tokens[$at + 1]->text ?? '') && isset($this->classes->parents[$this->tokens[$at + 2]->text ?? '']) && '>' === ($this->tokens[$at + 3]->text ?? '') && '(' === ($this->tokens[$at + 4]->text ?? '')) {
            $this->at = $at + 5;

            return $this->postfix($this->madeValues->madeOf($this->tokens[$at + 2], $this->arguments($this->tokens[$at + 4]), false));
        }
        if (('unique_ptr' === $word || 'shared_ptr' === $word) && isset($this->classes->parents[$this->tokens[$at + 2]->text ?? '']) && '>' === ($this->tokens[$at + 3]->text ?? '') && '(' === ($this->tokens[$at + 4]->text ?? '')) {
            // An owner of what is pointed at already, or of nothing (C++17, 23.11.1.2.1).
            $this->at = $at + 5;

            return $this->postfix($this->arguments($this->tokens[$at + 4])[0]->value ?? new NothingLiteral());
        }
        if ('get' === $word && '<' === ($this->tokens[$at + 1]->text ?? '') && TokenKind::Number === ($this->tokens[$at + 2]->kind ?? null) && '>' === ($this->tokens[$at + 3]->text ?? '') && '(' === ($this->tokens[$at + 4]->text ?? '')) {
            $this->at = $at + 5;
            $given = $this->arguments($this->tokens[$at + 4]);

            return $this->postfix(new Item($given[0]->value ?? new NothingLiteral(), new NumberLiteral((int) $this->tokens[$at + 2]->text)));
        }
        if ('bitset' === $word && '<' === ($this->tokens[$at + 1]->text ?? '') && TokenKind::Number === ($this->tokens[$at + 2]->kind ?? null) && '>' === ($this->tokens[$at + 3]->text ?? '') && '(' === ($this->tokens[$at + 4]->text ?? '')) {
            return $this->madeValues->bitset((int) $this->tokens[$at + 2]->text, $at + 4);
        }
        if ('dynamic_cast' === $word && '<' === ($this->tokens[$at + 1]->text ?? '')) {
            $isConst = 'const' === ($this->tokens[$at + 2]->text ?? '') ? 1 : 0;
            $class = $this->tokens[$at + 2 + $isConst] ?? $token;
            $opened = $this->tokens[$at + 5 + $isConst] ?? $token;
            if (isset($this->classes->parents[$class->text]) && '*' === ($this->tokens[$at + 3 + $isConst]->text ?? '') && '>' === ($this->tokens[$at + 4 + $isConst]->text ?? '') && '(' === $opened->text) {
                // What is of that class, or nothing (C++17, 8.2.7).
                $this->at = $at + 6 + $isConst;
                $object = $this->arguments($opened)[0]->value ?? $this->fail('value_missing', $token, ['after' => '(']);
                $object instanceof VariableRead || ($object instanceof Item || $object instanceof Field) && References::isPlace($object) || $this->fail('unsupported', $token, ['what' => 'dynamic_cast<…>(…)']);

                return new Choice(new KindTest($object, $class->text), $object, new NothingLiteral());
            }
        }
        if ('numeric_limits' === $word && '<' === ($this->tokens[$at + 1]->text ?? '') && '>' === ($this->tokens[$at + 3]->text ?? '') && '::' === ($this->tokens[$at + 4]->text ?? '')) {
            $limit = ['int' => ['max' => 2147483647, 'min' => -2147483648, 'lowest' => -2147483648], 'short' => ['max' => 32767, 'min' => -32768], 'double' => ['max' => \PHP_FLOAT_MAX, 'lowest' => -\PHP_FLOAT_MAX, 'min' => \PHP_FLOAT_MIN, 'epsilon' => \PHP_FLOAT_EPSILON], 'long' => ['max' => \PHP_INT_MAX, 'min' => \PHP_INT_MIN]][$this->tokens[$at + 2]->text][$this->tokens[$at + 5]->text ?? ''] ?? null;
            if (null !== $limit && '(' === ($this->tokens[$at + 6]->text ?? '') && ')' === ($this->tokens[$at + 7]->text ?? '')) {
                $this->at = $at + 8;

                return new NumberLiteral($limit);
            }
        }
        if (('greater' === $word || isset(self::SUMS[$word])) && '<' === ($this->tokens[$at + 1]->text ?? '')) {
            $this->at = $at;
            $token = $this->tokens[$at];
        }
        $enumerator = $this->is('::', 1) ? $this->enumerators[$token->text.'::'.($this->peek(2)->text ?? '')] ?? null : null;
        if (null !== $enumerator) {
            $this->at += 3;
            $this->read($enumerator, $token->offset);

            return new VariableRead($enumerator);
        }
        $made = [] === $this->classes->parents ? null : $this->objectCalls->ofClassNamed($token) ?? $this->objectCalls->ofObject($token);
        if (null !== $made) {
            return $made;
        }
        if ('std' === $token->text && $this->is('::', 1) && \in_array($this->peek(2)?->kind, [TokenKind::Name, TokenKind::Keyword], true)) {
            $this->at += 2;
            $token = $this->peek() ?? $token;
            if ('nullopt' === $token->text) {
                ++$this->at;

                return new NothingLiteral();
            }
        }
        if ('cin' === $token->text && $this->is('.', 1) && $this->is('eof', 2) && $this->is('(', 3) && $this->is(')', 4) && !$this->isVariable('cin')) {
            $this->at += 5;

            return $this->postfix(new Operation(OperationKey::AnswersEnded));
        }
        $state = 'cin' === $token->text && $this->is('.', 1) && $this->is('(', 3) && $this->is(')', 4) && !$this->isVariable('cin') ? $this->sign(2) : null;
        if (\in_array($state, ['fail', 'good', 'bad'], true)) {
            $this->at += 5;
            $stream = new Operation(OperationKey::AnswerStream);

            // What is lost altogether is no file here (C++17, 30.5.5.4).
            return $this->postfix(match ($state) {
                'fail' => new Unary(UnaryOperator::Not, $stream),
                'good' => new Binary(Operator::And, $stream, new Unary(UnaryOperator::Not, new Operation(OperationKey::AnswersEnded))),
                'bad' => new TruthLiteral(false),
            });
        }
        if (\in_array($token->text, ['dynamic_pointer_cast', 'static_pointer_cast'], true) && $this->is('<', 1)) {
            $this->fail('unsupported', $token, ['what' => $token->text]);
        }
        if ('cin' === $token->text && !$this->is('.', 1) && !$this->is('>>', 1) && !$this->is('<<', 1) && !$this->isVariable('cin')) {
            ++$this->at;

            return new Operation(OperationKey::AnswerStream);
        }
        if ('cout' === $token->text && $this->is('<<', 1) && !$this->isVariable('cout')) {
            // What is written gives the stream again, where that is a value.
            $this->fail('unsupported', $token, ['what' => 'cout << …']);
        }
        if ('cout' === $token->text && !$this->is('.', 1) && !$this->is('<<', 1) && !$this->isVariable('cout')) {
            ++$this->at;

            return new Operation(OperationKey::ConsoleStream);
        }
        if ('string' === $token->text && $this->is('::', 1) && $this->is('npos', 2)) {
            // What is not found has no place; counted from 0 there is none before the first.
            $this->at += 3;

            return new NumberLiteral(-1);
        }
        if ('string' === $token->text && $this->is('(', 1) && !$this->isVariable('string')) {
            ++$this->at;
            $opened = $this->peek() ?? $token;
            ++$this->at;
            $arguments = $this->arguments($opened);
            $first = $arguments[0]->value ?? new TextLiteral('');
            $text = $this->madeValues->textOf($arguments);
            if (null !== $text) {
                return $this->postfix($text);
            }

            return $this->postfix($first instanceof TextLiteral ? $first : $this->asSaid(new Operation(OperationKey::ToText, [$first])));
        }
        $at = $this->at;
        if (isset(self::CONTAINERS[$token->text]) && $this->is('<', 1) && !$this->isVariable($token->text)) {
            $type = $this->typeTexts->type();
            $opened = $this->peek();
            if (null !== $type && null !== $opened && $this->is('{')) {
                return $this->postfix($this->bracedAs($opened, $type));
            }
            if (null !== $type && null !== $opened && $this->accept('(')) {
                $arguments = $this->arguments($opened);
                $isRecord = [] !== TypeNames::read($type)->parts;

                return $this->postfix($isRecord ? $this->madeValues->ofRecord($type, $arguments) : $this->ofArguments($type, $arguments));
            }
            $this->at = $at;
        }
        if (isset(self::SUMS[$token->text]) && $this->is('<', 1) && !$this->isVariable($token->text)) {
            $this->at += 2;
            if (!$this->is('>')) {
                $this->typeTexts->type();
            }
            if (!$this->accept('>') || !$this->accept('(') || !$this->accept(')')) {
                $this->fail('unsupported', $token, ['what' => $token->text.'<…>']);
            }

            return new Lambda(['a', 'b'], new Binary(self::SUMS[$token->text], new VariableRead('a'), new VariableRead('b')));
        }
        if (\in_array($token->text, ['string', 'int', 'double'], true) && $this->is('{', 1) && !$this->isVariable($token->text)) {
            // `string{}` and `int{3}`: a value of the type (C++17, 8.2.3).
            ++$this->at;
            $braced = $this->braces->braced($this->peek() ?? $token, 'vector<'.$token->text.'>');
            $items = $braced instanceof ListLiteral ? $braced->items : [];

            return $this->postfix($items[0] ?? ('string' === $token->text ? new TextLiteral('') : new NumberLiteral('int' === $token->text ? 0 : 0.0)));
        }
        if ('greater' === $token->text && $this->is('<', 1)) {
            $this->at += 2;
            if (!$this->is('>')) {
                $this->typeTexts->type();
            }
            $this->accept('>');
            $this->accept('(');
            $this->accept(')');

            return $this->transient(OperationKey::GreaterFirst, []);
        }
        if (\in_array($token->text, ['min', 'max'], true) && $this->is('<', 1) && !$this->isVariable($token->text)) {
            // Both become what stands between the signs (C++17, 17.8.1).
            $this->at += 2;
            $type = $this->typeTexts->type();
            $opened = $this->accept('>') ? $this->peek() : null;
            if (null === $type || null === $opened || !$this->accept('(')) {
                $this->fail('unsupported', $token, ['what' => $token->text.'<…>']);
            }
            $arguments = $this->arguments($opened);
            $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
            $value = 2 === \count($values) ? new Operation('min' === $token->text ? OperationKey::Smaller : OperationKey::Larger, $values) : $this->builtin($token->text, $arguments, $token) ?? $this->fail('unsupported', $token, ['what' => $token->text.'<…>']);

            return $this->postfix($this->converted($type, $value, $token));
        }
        if ('optional' === $token->text && $this->is('<', 1) && !$this->isVariable('optional')) {
            // What may be nothing is what it is made of, or nothing (C++17, 23.6.3.1).
            $type = $this->typeTexts->type();
            $opened = $this->peek();
            $arguments = null !== $type && null !== $opened && $this->accept('(') ? $this->arguments($opened) : null;
            if (null === $arguments || 1 < \count($arguments)) {
                $this->fail('unsupported', $token, ['what' => 'optional<…>']);
            }

            $given = $arguments[0]->value ?? null;
            $of = (string) preg_replace('/^optional<(.*)>$/D', '$1', $type);

            return $this->postfix(null === $given ? new NothingLiteral() : (isset(TypeNames::PLAIN[$of]) ? $this->converted($of, $given, $token) : $given));
        }
        if (isset(self::UNREAD_TEMPLATES[$token->text]) && $this->is('<', 1) && !$this->isVariable($token->text)) {
            $this->fail('unsupported', $token, ['what' => $token->text.'<…>']);
        }
        $whole = $this->is('(', 1) && $this->isVariable($token->text) ? $this->lambdas->whole[$token->text] ?? [] : [];
        $value = parent::named($token);

        // What is behind the point is dropped where it is handed over (C++17, 7.10).
        return [] !== $whole && $value instanceof OwnValue ? $value->withOperands(array_map(fn (Expression $given, int $index): Expression => $whole[$index] ?? false ? $this->asMadeFor('int', $given, $token) : $given, $value->arguments, array_keys($value->arguments))) : $value;
    }

    /** A number that is handed over, of the type that stands between the signs of a template: `middle<double>(3, 4)` (C++17, 17.8.1). */
    private function asMadeFor(string $type, Expression $given, Token $token): Expression
    {
        $isWhole = $this->isWholeValue($given);
        if (null === $isWhole || $isWhole === ('int' === $type)) {
            return $given;
        }

        return $given instanceof NumberLiteral ? new NumberLiteral('int' === $type ? (int) $given->value : (float) $given->value) : $this->converted('int' === $type ? 'int' : 'double', $given, $token);
    }

    /** Whether a number is whole; null where that does not show here. */
    private function isWholeValue(Expression $value): ?bool
    {
        if ($value instanceof NumberLiteral) {
            return \is_int($value->value);
        }
        if ($value instanceof Binary && \in_array($value->operator, [Operator::Add, Operator::Subtract, Operator::Multiply, Operator::TruncDivide], true)) {
            $sides = [$this->isWholeValue($value->left), $this->isWholeValue($value->right)];

            return \in_array(false, $sides, true) ? false : (\in_array(null, $sides, true) ? null : true);
        }
        if ($value instanceof Operation) {
            return Result::Number === ValueOperations::find($value->key)?->result ? false : null;
        }
        $type = TypeNames::read($value instanceof VariableRead ? TypeNames::bare($this->typeOf($value)) : '');

        return $type->isWhole() ? true : (TypeKind::Number === $type->kind ? false : null);
    }

    public function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        $asked = isset(self::OF_LETTER[$name]) && 1 === \count($arguments) ? $arguments[0]->value : null;
        // What a small function is given is a letter, whatever it calls it.
        $isNumber = $asked instanceof VariableRead && 1 === preg_match('/\bunsigned\s+char\s+'.Names::asPattern($asked->name).'\s*[=;{]/', $this->text);
        if (null !== $asked && ($asked instanceof NumberLiteral || $isNumber)) {
            // What is a number here is asked for its letter.
            return new Operation(self::OF_LETTER[$name], [new Operation(OperationKey::Letter, [$arguments[0]->value])]);
        }

        return $this->libraryFunctions->builtin($name, $arguments, $token);
    }

    /** `tolower` and `isdigit`, handed over by their names. */
    public function plainName(Token $token): Expression
    {
        $ofLetter = self::OF_LETTER[$token->text] ?? null;
        if (null !== $ofLetter && !$this->isVariable($token->text) && !isset($this->symbols->functions[$token->text])) {
            return new Lambda(['letter'], new Operation($ofLetter, [new VariableRead('letter')]));
        }

        return parent::plainName($token);
    }

    public function performed(Expression $value, int $offset, int $end): Statement
    {
        if ($value instanceof Operation && OperationKey::TookAway === $value->key) {
            $value = new Operation($this->isOfType($value->arguments[0], '(?:unordered_)?set') ? OperationKey::TakeOut : OperationKey::Forget, $value->arguments);
        }

        return parent::performed($value, $offset, $end);
    }

    public function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        return $this->libraryMethods->method($receiver, $name, $arguments, $token);
    }

    public function isOfLibrary(Expression $receiver): bool
    {
        $type = TypeNames::read($this->typeOf($receiver));

        return $type->isTextual() || $type->isList() || $type->isMap() || $type->isSet() || $receiver instanceof VariableRead && $this->readValues->isTextStream($receiver->name);
    }

    /** The type that the text gives a variable or a field; empty where it says none. */
    public function typeOf(Expression $value): string
    {
        return match (true) {
            $value instanceof VariableRead => $this->types[$this->scope][$value->name] ?? $this->types[''][$value->name] ?? '',
            $value instanceof Field => $this->typeOfField($value),
            $value instanceof Item => $this->typeOfPart($type = $this->typeOf($value->container), $value->index) ?? $this->typeOfItem($type),
            $value instanceof Slice => $this->typeOf($value->container),
            $value instanceof OwnValue => $this->givenTypes->of($value->function),
            $value instanceof MethodCall => $this->givenTypes->of($value->method),
            $value instanceof MakeObject && !$value->copied => "$value->class *",
            $value instanceof Choice => $this->typeOf($value->then),
            $value instanceof Operation && OperationKey::Followed === $value->key => rtrim($this->typeOf($value->arguments[0]), ' *&'),
            $value instanceof Operation && OperationKey::Entries === $value->key => (string) preg_replace('/^(?:const )?(?:std::)?(?:unordered_)?map ?<(.*)>(?: ?&)?$/D', 'vector<pair<$1>>', $this->typeOf($value->arguments[0])),
            $value instanceof Operation && \in_array($value->key, [OperationKey::First, OperationKey::Last], true) => $this->typeOfItem($this->typeOf($value->arguments[0])),
            default => '',
        };
    }

    /** What the class of an object says of a field, or else any class. */
    private function typeOfField(Field $field): string
    {
        $isOwn = '' !== $this->class && $field->object instanceof VariableRead && $field->object->name === $this->itself;
        $class = $isOwn ? $this->class : (string) TypeNames::read($this->typeOf($field->object))->class;
        for ($depth = 0; '' !== $class && $depth < 20; ++$depth) {
            if (isset($this->fieldTypesOf[$class][$field->name])) {
                return $this->fieldTypesOf[$class][$field->name];
            }
            $class = $this->classes->parents[$class] ?? '';
        }

        return $this->fieldTypes[$field->name] ?? '';
    }

    /** `entry.run(3)`: what an object keeps may be a function. */
    public function ofValue(Expression $receiver, Token $name, array $arguments): ?Expression
    {
        $field = new Field($receiver, $name->text);

        return 1 === preg_match('/^(?:function<|auto$)/', $this->typeOfField($field)) ? new MethodCall($field, MethodCall::CALL, $this->namedArguments->handed($arguments)) : null;
    }

    /** The type of one part of a pair or a tuple; null where a type has none. */
    private function typeOfPart(string $type, Expression $place): ?string
    {
        if (!$place instanceof NumberLiteral || 1 !== preg_match('/^(?:const )?(?:std::)?(?:pair|tuple) ?<(.*)>(?: ?&)?$/D', $type, $match)) {
            return null;
        }
        [$parts, $depth] = [[''], 0];
        foreach (str_split($match[1]) as $sign) {
            $depth += ['<' => 1, '>' => -1][$sign] ?? 0;
            if (',' === $sign && 0 === $depth) {
                $parts[] = '';
            } else {
                $parts[\count($parts) - 1] .= $sign;
            }
        }

        return isset($parts[(int) $place->value]) ? trim($parts[(int) $place->value]) : null;
    }

    /** A map that is asked for a key has it from then on (C++17, 26.4.4.3). */
    protected function makesItself(Expression $value): bool
    {
        return $value instanceof Item && TypeNames::read($this->typeOf($value->container))->isMap();
    }

    /** The type of what a list or a map of a type holds. */
    public function typeOfItem(string $type): string
    {
        $written = TypeNames::ofItem($type);
        if ('' !== $written) {
            return $written;
        }
        $item = '' === $type ? null : TypeNames::read($type)->element;

        return null === $item || TypeKind::Unknown === $item->kind ? '' : TypeNames::write($item);
    }

    public function isOfType(Expression $value, string $pattern): bool
    {
        return 1 === preg_match("/^(?:const )?(?:std::)?$pattern ?</", $this->typeOf($value));
    }

    protected function property(Expression $receiver, string $name, Token $token): ?Expression
    {
        $isMethod = isset(SpellingIndex::of(Language::Cpp)->methods[$name]) || \in_array($name, ['size', 'length', 'begin', 'end'], true);
        if ($isMethod) {
            $this->fail('call_brackets', $token, ['name' => $name], [new Replacement($token->offset + \strlen($name), 0, '()')]);
        }

        return null;
    }
}
