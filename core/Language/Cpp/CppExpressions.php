<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\BraceExpressions;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Language\Typing\Types;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\ClassDefinition;
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
use Scrivlet\Core\Tree\MapLiteral;
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
use Scrivlet\Core\Tree\Walk;

/** Expressions: C++17 (ISO/IEC 14882:2017), clause 8. */
abstract class CppExpressions extends BraceExpressions
{
    use PartsOfLists;
    use Places;

    public const OPERATORS = [
        '||' => [2, Operator::Or], 'or' => [2, Operator::Or], '&&' => [3, Operator::And], 'and' => [3, Operator::And],
        '==' => [4, Operator::Equal], '!=' => [4, Operator::NotEqual],
        '<' => [5, Operator::Less], '<=' => [5, Operator::LessOrEqual], '>' => [5, Operator::Greater], '>=' => [5, Operator::GreaterOrEqual],
        '+' => [7, Operator::Add], '-' => [7, Operator::Subtract],
        '*' => [8, Operator::Multiply], '/' => [8, Operator::TruncDivide], '%' => [8, Operator::TruncRemainder],
    ];

    public function language(): Language
    {
        return Language::Cpp;
    }

    protected function operators(): array
    {
        return self::OPERATORS;
    }

    private const DEEPEST_TYPE = 12;
    /** The limits of `int` and `long long` as they are on the machines of courses (C++17, 21.3.5). */
    private const LIMITS = [
        'INT_MAX' => 2147483647, 'INT_MIN' => -2147483648,
        'LONG_MAX' => \PHP_INT_MAX, 'LONG_MIN' => \PHP_INT_MIN, 'LLONG_MAX' => \PHP_INT_MAX, 'LLONG_MIN' => \PHP_INT_MIN,
    ];
    private int $typesAround = 0;

    /** @var array<string, string> types by the names that the text gave them (C++17, 10.1.3), enumerations among them */
    public array $aliases = TypeNames::OF_BITS;

    /** The template whose types are being read. */
    private function typeAround(): string
    {
        for ($at = $this->at - 1, $depth = 0; $at > 0; --$at) {
            $depth += substr_count(($this->halved[$at] ?? $this->tokens[$at])->text, '>') - ('<' === $this->tokens[$at]->text ? 1 : 0);
            if ($depth < 0) {
                break;
            }
        }

        return $this->tokens[max(0, $at - 1)]->text;
    }

    /** Reads a type, if one stands here, and gives its name with one space at most between its words. */
    public function type(): ?string
    {
        if (0 === $this->typesAround && [] !== $this->halved) {
            $this->madeWhole();
        }
        $start = $this->at;
        $words = [];
        while (\in_array($this->sign(), ['const', 'static', 'constexpr', 'inline', 'unsigned', 'long', 'short', 'signed'], true)) {
            $words[] = (string) $this->sign();
            ++$this->at;
        }
        if ($this->is('std') && $this->is('::', 1)) {
            $this->at += 2;
        }
        $word = $this->sign();
        if ($this->functionType()) {
            // What it takes and gives shows where it is called.
            $this->accept('&');

            return 'auto';
        }
        if ('greater' === $word && 0 < $this->typesAround && 'priority_queue' !== $around = $this->typeAround()) {
            // Its members stand the other way round (C++17, 26.4.4.1).
            $this->fail('unsupported', $this->peek(), ['what' => "$around<…, greater<…>>"]);
        }
        if ('greater' === $word && 0 < $this->typesAround && $this->is('<', 1) && ($this->is('>', 2) || $this->is('>>', 2))) {
            // What is compared shows in the type around it (C++17, 23.14.7).
            $this->at += $this->is('>', 2) ? 3 : 2;
            if ($this->is('>>')) {
                $this->halve();
            }

            return 'greater<int>';
        }
        if (\in_array($word, ['int', 'double', 'float', 'bool', 'char', 'auto', 'void', 'string', 'size_t', 'stringstream', 'istringstream', 'ostringstream', 'ostream', 'istream', 'ifstream', 'ofstream', 'fstream'], true) && !$this->isVariable((string) $word)) {
            $words[] = 'string' === $word ? $this->memberType(1) ?? $word : $word;
            ++$this->at;
        } elseif (null !== FittingKind::ofClass((string) $word) && TokenKind::Name === $this->peek(1)?->kind) {
            $words[] = (string) $word;
            ++$this->at;
        } elseif (isset($this->classes[(string) $word]) && !$this->isVariable((string) $word)) {
            if ($this->is('::', 1) && isset($this->classes[(string) $this->sign(2)]) && $word !== $this->sign(2)) {
                // One that stands in another one.
                $this->at += 2;
                $word = $this->sign();
            }
            $words[] = (string) $word;
            ++$this->at;
        } elseif (isset($this->aliases[(string) $word]) && !$this->isVariable((string) $word)) {
            $words[] = $this->aliases[(string) $word];
            ++$this->at;
        } elseif (\in_array($word, ['vector', 'map', 'unordered_map', 'array', 'pair', 'tuple', 'optional', 'shared_ptr', 'unique_ptr', 'stack', 'queue', 'deque', 'priority_queue', 'set', 'unordered_set', 'multiset', 'initializer_list', ...0 < $this->typesAround ? ['greater'] : []], true) && $this->is('<', 1)) {
            $this->at += 2;
            $inner = [];
            do {
                // Types within types within types are tried from each place where one could begin.
                $type = ++$this->typesAround > self::DEEPEST_TYPE ? null : $this->type();
                --$this->typesAround;
                if (null === $type && TokenKind::Number === $this->peek()?->kind) {
                    $type = $this->sign();
                    ++$this->at;
                }
                $known = null === $type && 'array' === $word ? $this->known(new VariableRead($this->sign() ?? '')) : null;
                if ($known instanceof NumberLiteral) {
                    $type = (string) $known->value;
                    ++$this->at;
                }
                if (null === $type) {
                    $this->at = $start;

                    return null;
                }
                $inner[] = $type;
            } while ($this->accept(','));
            if ($this->is('>>')) {
                $this->halve();
            } elseif (!$this->accept('>')) {
                $this->at = $start;

                return null;
            }
            $words[] = $this->memberType(0) ?? $word.'<'.implode(', ', $inner).'>';
        } elseif ([] === array_diff($words, ['const', 'static', 'inline', 'constexpr'])) {
            $this->at = $start;

            return null;
        }
        $type = implode(' ', array_diff($words, ['const', 'static', 'constexpr', 'inline']));
        if ($this->is('&') && (TokenKind::Name === $this->peek(1)?->kind || $this->is('[', 1) || $this->is('operator', 1))) {
            ++$this->at;
            $type = (\in_array('const', $words, true) ? 'const ' : '').$type.' &';
        } elseif ($this->is('*') && 'char' === $type && \in_array('const', $words, true)) {
            // A text of C is a text.
            ++$this->at;
            $type = 'string';
        } elseif ($this->is('*') && isset($this->classes[$type])) {
            ++$this->at;
            // A pointer that the caller's own changes with: `Node*& head`.
            $type .= $this->mayPoint && $this->accept('&') ? ' * &' : ' *';
        } elseif ($this->is('*') && 'auto' === $type && (':' === $this->sign(2) || $this->is('=', 2) && ($this->is('&', 3) || $this->is('new', 3) || $this->is('dynamic_cast', 3) || $this->namesPointer($this->peek(3))))) {
            // That it points at something, its value says as well (C++17, 10.1.7.4).
            ++$this->at;
        } elseif ($this->is('*') && $this->mayPoint) {
            ++$this->at;
            $type .= ' *';
        } elseif ($this->is('*')) {
            $this->fail('unsupported', $this->peek(), ['what' => "$type *"]);
        }

        return $type;
    }

    /** Whether a word is the name of a pointer to an object. */
    private function namesPointer(?Token $name): bool
    {
        return TokenKind::Name === $name?->kind && str_ends_with($this->typeOf(new VariableRead($name->text)), '*');
    }

    protected function ownPrefix(Token $token): ?Expression
    {
        if ('::' === $token->text && TokenKind::Name === $this->peek(1)?->kind) {
            // A name of the outermost space.
            ++$this->at;
            $name = $this->peek() ?? $token;
            if (1 === preg_match('/\G\w+/', $this->text, $original, 0, $name->offset) && $original[0] !== $name->text) {
                // Here it is another variable, which hides that one (C++17, 6.4.3.2).
                ++$this->at;
                $this->read($original[0], $name->offset);

                return $this->postfix(new VariableRead($original[0]));
            }

            return $this->named($name);
        }
        switch ($token->text) {
            case '{':
                return $this->braced($token);
            case '[':
                return $this->lambda($token);
            case 'not':
                ++$this->at;

                return new Unary(UnaryOperator::Not, $this->expression(9));
            case 'string':
                return $this->named($token);
            case 'sizeof':
                return $this->countedItems($token);
            case 'nullptr':
            case 'nullopt':
                ++$this->at;

                return new NothingLiteral();
            case '*':
                return $this->pointed($token);
            case 'int':
            case 'double':
            case 'float':
            case 'bool':
            case 'char':
            case 'long':
            case 'unsigned':
                return $this->conversion($token);
            case 'dynamic_cast':
                return $this->named($token);
            case 'static_cast':
                ++$this->at;
                $this->accept('<');
                $type = $this->type() ?? $this->fail('type_missing', $token, ['name' => '']);
                $this->accept('>');
                $opened = $this->peek();
                if (!$this->accept('(') || null === $opened) {
                    $this->fail('call_brackets', $token, ['name' => 'static_cast']);
                }
                $value = $this->expression();
                $this->close($opened);

                return $this->postfix($this->converted($type, $value, $token));
            case 'new':
                $class = $this->peek(1);
                if (null !== $class && isset($this->classes[$class->text])) {
                    $this->at += 2;
                    $opened = $this->peek();

                    return $this->postfix($this->madeOf($class, null !== $opened && ($this->accept('(') || $this->accept('{')) ? $this->arguments($opened) : [], false));
                }
                if (TokenKind::Sign === $this->peek(2)?->kind && '[' === $this->sign(2) && '=' === ($this->tokens[$this->at - 1]->text ?? '') && ']' === ($this->tokens[$this->at - 2]->text ?? '')) {
                    // `rows[at] = new int[4]`: a row of what `new int*[3]` has made.
                    ++$this->at;

                    return $this->newArray($token);
                }
                $this->fail('unsupported', $token, ['what' => 'new']);
                // no break
            case 'this':
                if ('' !== $this->class && $this->is('->', 1)) {
                    ++$this->at;

                    return $this->postfix($this->thisObject($token));
                }
                $this->fail('unsupported', $token, ['what' => 'this']);
                // no break
            case '&':
                $before = $this->tokens[$this->at - 1]->text ?? '';
                if (TokenKind::Name === $this->peek(1)?->kind && \in_array($before, ['(', ',', '{', 'return', '=', '?', ':', '==', '!='], true)) {
                    // What is pointed at is handed over itself.
                    ++$this->at;
                    $thing = $this->expression(9);
                    $isObject = null !== TypeNames::read($this->typeOf($thing))->class || 'return' === $before && isset($this->classes[rtrim($this->gives, ' *')]) && str_ends_with($this->gives, '*');
                    if ($isObject) {
                        return new Operation(OperationKey::Itself, [$thing]);
                    }
                    if ('(' === $before || ',' === $before) {
                        return $thing;
                    }
                }
                $this->fail('unsupported', $token, ['what' => '&']);
                // no break
            case 'delete':
            case '~':
                $this->fail('unsupported', $token, ['what' => $token->text]);
        }

        return null;
    }

    /** What `int[4]` behind `new` makes. */
    abstract protected function newArray(Token $token): Expression;

    /** A literal with a suffix is a `long long`, or without a sign, whatever its size (C++17, 5.13.2). */
    protected function number(Token $token): Expression
    {
        $number = parent::number($token);
        if (!$number instanceof NumberLiteral || 1 !== preg_match('/^(?:0[xX][\da-fA-F\']+?|\d[\d\']*)(?:([uU])([lL]{0,2})|([lL]{1,2})([uU]?))$/D', $token->text, $match)) {
            return $number;
        }
        $isLong = '' !== $match[2].($match[3] ?? '');
        $isUnsigned = '' !== $match[1].($match[4] ?? '');
        if ($isUnsigned) {
            return new Operation($isLong || $number->value > 0xFFFFFFFF ? OperationKey::ToUnsignedLong : OperationKey::ToUnsigned, [$number]);
        }

        return $isLong && $number->value <= Types::LARGEST_WHOLE ? new Operation(OperationKey::ToLong, [$number]) : $number;
    }

    private function conversion(Token $token): Expression
    {
        if ($this->is('(', 1) && $this->is('*', 2) && TokenKind::Name === $this->peek(3)?->kind && $this->is('[', 4)) {
            // Many functions, each of which is pointed at.
            $this->fail('unsupported', $token, ['what' => "$token->text (*…[])(…)"]);
        }
        $type = $this->type() ?? $token->text;
        $opened = $this->peek();
        if (null !== $opened && \in_array([$opened->text, $this->sign(1)], [['(', ')'], ['{', '}']], true)) {
            // `T()` and `int{}` are what a value of the type is when nothing is said (C++17, 8.2.3).
            $this->at += 2;

            return $this->postfix($this->empty("vector<$type>"));
        }
        if (null === $opened || '(' !== $opened->text && ('{' !== $opened->text || TokenKind::Sign !== $opened->kind)) {
            $last = $this->tokens[$this->at - 2] ?? null;
            if ('>' === $opened?->text && '<' === $last?->text) {
                // The type stands in what is made by it, which is not known here.
                $this->fail('unsupported', $this->tokens[$this->at - 3] ?? $token, ['what' => ($this->tokens[$this->at - 3]->text ?? '').'<…>']);
            }
            $at = array_search($token, $this->tokens, true);
            if ('(' === ($this->tokens[(int) $at - 1]->text ?? '') && isset(TypeNames::PLAIN[$this->tokens[(int) $at - 3]->text ?? ''])) {
                // `int f(int), g();` announces several functions in one row.
                $this->fail('unsupported', $this->tokens[(int) $at - 2] ?? $token, ['what' => ($this->tokens[(int) $at - 2]->text ?? '')."($token->text), …"]);
            }
            $this->fail('type_as_value', $token, ['name' => $token->text]);
        }
        ++$this->at;
        $value = $this->expression();
        $this->close($opened);

        return $this->postfix($this->converted($type, $value, $token));
    }

    private function converted(string $type, Expression $value, Token $token): Expression
    {
        $operation = match ($type) {
            'int', 'short' => OperationKey::ToWhole,
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

    /** Bytes of a type on the machines of courses (C++17, 8.3.3). */
    private const SIZES = ['int' => 4, 'char' => 1, 'bool' => 1, 'double' => 8, 'float' => 4, 'long' => 8, 'short' => 2];

    /** Bytes of a variable; null where they can't be told. */
    private function sizeOf(VariableRead $variable): ?int
    {
        $type = $this->typeOf($variable);
        if (!isset($this->arraySizes[$variable->name])) {
            return self::SIZES[trim(str_replace(['const ', 'long long'], ['', 'long'], $type))] ?? null;
        }
        $count = $this->known($this->arraySizes[$variable->name]);
        $item = 'string' === $type ? 'char' : (1 === preg_match('/^vector<(\w+)>$/D', $type, $match) ? $match[1] : '');

        return $count instanceof NumberLiteral && isset(self::SIZES[$item]) ? (int) $count->value * self::SIZES[$item] : null;
    }

    /** `sizeof(beds) / sizeof(beds[0])` is how many items an array has. */
    private function countedItems(Token $token): Expression
    {
        if ($this->is('(', 1) && $this->is(')', 3) && !$this->is('/', 4) && null !== $size = self::SIZES[$this->peek(2)->text ?? ''] ?? null) {
            $this->at += 4;

            return new NumberLiteral($size);
        }
        $name = $this->peek(2);
        if (null !== $name && TokenKind::Name === $name->kind && $this->is('(', 1) && $this->is(')', 3) && !$this->is('/', 4) && null !== $size = $this->sizeOf(new VariableRead($name->text))) {
            $this->at += 4;

            return new NumberLiteral($size);
        }
        if (null !== $name && TokenKind::Name === $name->kind && $this->is('(', 1) && $this->is(')', 3) && $this->is('/', 4) && $this->is('sizeof', 5) && $this->is('(', 6) && isset(self::SIZES[$this->peek(7)->text ?? '']) && $this->is(')', 8) && isset($this->arraySizes[$name->text])) {
            $this->at += 9;
            $this->read($name->text, $name->offset);

            return new Operation(OperationKey::Length, [new VariableRead($name->text)]);
        }
        $isFollowed = $this->is('*', 7);
        foreach (['sizeof', '(', null, ')', '/', 'sizeof', '(', ...$isFollowed ? ['*', $name?->text] : [$name?->text, '[', '0', ']'], ')'] as $ahead => $wanted) {
            if (null !== $wanted && !$this->is($wanted, $ahead)) {
                $this->fail('unsupported', $token, ['what' => 'sizeof']);
            }
        }
        if (null === $name || TokenKind::Name !== $name->kind || !isset($this->arraySizes[$name->text])) {
            // What a function is handed is a pointer, which has a size of its own (C++17, 11.3.5).
            $this->fail('unsupported', $token, ['what' => 'sizeof']);
        }
        $this->at += $isFollowed ? 10 : 12;
        $this->read($name->text, $name->offset);

        return new Operation(OperationKey::Length, [new VariableRead($name->text)]);
    }

    /**
     * What iterators stand for, by their names: places in a list, where `spot` is one behind its last item at most, keys of a map,
     * or the items that a loop goes over.
     *
     * @var array<string, array{'place'|'spot'|'key'|'item', Expression}>
     */
    public array $iterators = [];

    protected function member(Expression $receiver): Expression
    {
        if ($receiver instanceof Operation && OperationKey::PutIn === $receiver->key && $this->is('second')) {
            // Whether a set did not have it yet (C++17, 26.2.6, table 90).
            ++$this->at;

            return new Operation(OperationKey::PutNew, $receiver->arguments);
        }
        if ($receiver instanceof Operation && \in_array($receiver->key, [OperationKey::Begin, OperationKey::Rbegin], true) && '->' === $this->tokens[$this->at - 1]->text && ($this->is('first') || $this->is('second')) && $this->isOfType($receiver->arguments[0], 'map')) {
            // The least key of a map comes first, the greatest last (C++17, 26.4.4).
            $key = new Operation(OperationKey::Begin === $receiver->key ? OperationKey::Least : OperationKey::Greatest, [new Operation(OperationKey::Keys, [$receiver->arguments[0]])]);
            $isKey = $this->is('first');
            ++$this->at;

            return $isKey ? $key : new Item($receiver->arguments[0], $key);
        }
        $iterator = $receiver instanceof VariableRead && '->' === $this->tokens[$this->at - 1]->text ? $this->iterators[$receiver->name] ?? null : null;
        $target = $receiver instanceof VariableRead && '->' === $this->tokens[$this->at - 1]->text ? $this->targetOf($receiver->name) : null;
        if (null !== $target) {
            return parent::member($target);
        }
        if (null !== $iterator && $receiver instanceof VariableRead && (\in_array($iterator[0], ['place', 'spot'], true) || !\in_array($this->sign(), ['first', 'second'], true))) {
            $receiver = $this->itemAt($receiver->name);
        }

        return parent::member($receiver);
    }

    /** What the function being read gives back. */
    public string $gives = '';

    /** Whether a type may be that of a pointer to a number, a text or a truth. */
    public bool $mayPoint = false;
    /** @var array<string, array<string, Expression>> what pointers point at, by scope and name: another name for it as long as they live */
    public array $pointsAt = [];

    protected function targetOf(string $name): ?Expression
    {
        return $this->pointsAt[$this->scope][$name] ?? null;
    }

    /** What an iterator points at: `*it`. */
    private function itemAt(string $iterator): Expression
    {
        [$sort, $of] = $this->iterators[$iterator];

        return 'item' === $sort || 'key' === $sort && $this->isOfType($of, '(?:unordered_)?set') ? new VariableRead($iterator) : new Item($of, new VariableRead($iterator));
    }

    protected function indexed(Expression $container, Token $opened): Expression
    {
        $item = parent::indexed($container, $opened);
        $place = !$item instanceof Item || [] === $this->iterators ? null : $this->atPlace(new Binary(Operator::Add, $item->container, $item->index));

        return $place ?? $item;
    }

    /** `(*this)(2, 3)` asks the object itself (C++17, 16.5.4). */
    protected function mayBeCalled(Expression $value): bool
    {
        return '' !== $this->class && $value == new VariableRead($this->itself) ? null !== $this->ownerOf($this->class, MethodCall::SIGN) : parent::mayBeCalled($value);
    }

    /** `*max_element(v.begin(), v.end())`; `*found` is what an optional holds. */
    private function pointed(Token $token): Expression
    {
        $name = $this->peek(1);
        if ('' !== $this->class && 'this' === $name?->text) {
            $this->at += 2;

            return $this->postfix($this->thisObject($name));
        }
        $target = null === $name || $this->is('(', 2) ? null : $this->targetOf($name->text);
        if (null !== $target && null !== $name) {
            $this->at += 2;
            $this->read($name->text, $name->offset);

            return $this->postfix($target);
        }
        if (null !== $name && (isset($this->iterators[$name->text]) && ($this->is('++', 2) || $this->is('--', 2)) || $this->is('(', 1))) {
            [$at, $mistakes] = [$this->at++, \count($this->mistakes)];
            $item = $this->atPlace($this->expression(9));
            if (null !== $item) {
                return $this->postfix($item);
            }
            $this->at = $at;
            self::cutTo($this->mistakes, $mistakes);
        }
        if (null !== $name && isset($this->iterators[$name->text]) && !$this->is('(', 2)) {
            $this->at += 2;
            $this->read($name->text, $name->offset);

            return $this->postfix($this->itemAt($name->text));
        }
        if (null !== $name && TokenKind::Name === $name->kind && $this->is('.', 2) && \in_array($this->peek(3)?->text, ['begin', 'rbegin'], true) && $this->is('(', 4) && $this->is(')', 5)) {
            $isLast = $this->is('rbegin', 3);
            $this->at += 6;
            $this->read($name->text, $name->offset);
            $type = $this->types[$this->scope][$name->text] ?? $this->types[''][$name->text] ?? '';

            return $this->postfix(new Operation(1 === preg_match('/\bset ?</', $type) ? ($isLast ? OperationKey::Greatest : OperationKey::Least) : ($isLast ? OperationKey::Last : OperationKey::First), [new VariableRead($name->text)]));
        }
        if ($this->is('std', 1) && $this->is('::', 2)) {
            $this->at += 2;
        }
        $of = $this->peek(1);
        if (TokenKind::Name === $of?->kind && !$this->is('(', 2)) {
            $before = $this->tokens[$this->at - 1]->text ?? '';
            $isTaken = \in_array($before, ['=', 'return', '{'], true) || '(' === $before && \in_array($this->tokens[$this->at - 2]->text ?? '', ['push_back', 'emplace_back', 'push', 'insert'], true);
            $isWhole = \in_array($this->sign(2), [';', ')', '}', ','], true);
            ++$this->at;
            $thing = $this->expression(9);

            if (TypeNames::read($this->typeOf($thing))->isList()) {
                // An array of C stands for its first item (C++17, 7.2).
                return $this->postfix(new Item($thing, new NumberLiteral(0)));
            }

            // What is pointed at is taken as a thing of its own (C++17, 8.3.1).
            return $isTaken && $isWhole && null !== TypeNames::read($this->typeOf($thing))->class ? new Operation(OperationKey::Followed, [$thing]) : $thing;
        }
        $name = $this->peek(1)->text ?? '';
        if (\in_array($name, ['find', 'find_if', 'lower_bound', 'upper_bound'], true) && null !== ($opened = $this->peek(2)) && '(' === $opened->text && !isset($this->functions[$name])) {
            // What is found; nothing is there where nothing is (C++17, 28.5.5).
            $this->at += 3;
            $found = $this->builtin($name, $this->arguments($opened), $token);
            if ($found instanceof Operation && null !== $spot = self::spot($found)) {
                return $this->postfix(new Item($spot->arguments[0], $spot));
            }
            if ($found instanceof Operation && \in_array($found->key, [OperationKey::Sought, OperationKey::SoughtIf], true)) {
                return $this->postfix(new Item($found->arguments[0], new Operation(OperationKey::Sought === $found->key ? OperationKey::Position : OperationKey::FirstPlace, $found->arguments)));
            }
            $this->fail('unsupported', $token, ['what' => '*'.$name]);
        }
        if (!\in_array($name, ['max_element', 'min_element'], true) || !$this->is('(', 2)) {
            $this->fail('unsupported', $token, ['what' => '*']);
        }
        $opened = $this->peek(2) ?? $token;
        $this->at += 3;
        $arguments = $this->arguments($opened);
        $part = 2 === \count($arguments) ? $this->partOfList($arguments) : null;
        $found = null === $part ? $this->builtin($name, $arguments, $token) : $this->outermostOf($name, $part);
        if (!$found instanceof Operation || !\in_array($found->key, [OperationKey::GreatestPlace, OperationKey::LeastPlace], true)) {
            $this->fail('unsupported', $token, ['what' => '*'.$name]);
        }

        return $this->postfix(self::foundBy($found));
    }

    /** The item that stands at the place of the greatest or the least. */
    public static function foundBy(Operation $place): Operation
    {
        $isByItself = 1 === \count($place->arguments);
        $key = match (true) {
            OperationKey::GreatestPlace === $place->key => $isByItself ? OperationKey::Greatest : OperationKey::GreatestBy,
            default => $isByItself ? OperationKey::Least : OperationKey::LeastBy,
        };

        return new Operation($key, $place->arguments);
    }

    /** `{1, 2, 3}`, or `{{"a", 1}, {"b", 2}}` for a map. */
    public function braced(Token $opened, ?string $type = null): Expression
    {
        ++$this->at;
        $items = [];
        $parts = null === $type ? [] : TypeNames::read($type)->parts;
        if ([] !== $parts) {
            return $this->bracedRecord($opened, $parts);
        }
        $isMap = null !== $type && TypeNames::read($type)->isMap();
        // What a template divides by its sort has to be of the sort that is said.
        $isReal = null !== $type && TypeKind::Number === TypeNames::read($type)->item()->kind && str_contains($this->text, 'template');
        while (!$this->is('}')) {
            $inner = $this->peek();
            if ($isMap && null !== $inner && '{' === $inner->text) {
                ++$this->at;
                $items[] = $this->expression();
                if (!$this->accept(',')) {
                    $this->fail('comma_missing');
                }
                $value = $this->peek();
                $items[] = null !== $value && '{' === $value->text ? $this->bracedItem($value, $type) : $this->expression();
                $this->close($inner);
            } elseif ($isMap) {
                // Each entry is a pair (C++17, 26.4.4.2).
                $this->fail('unexpected', $inner);
            } elseif (null !== $inner && '{' === $inner->text) {
                $items[] = $this->bracedItem($inner, $type);
            } else {
                $item = $this->expression();
                $items[] = $isReal && $item instanceof NumberLiteral ? new NumberLiteral((float) $item->value) : $item;
            }
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);

        return $isMap ? new MapLiteral($items) : new ListLiteral($items);
    }

    /**
     * `{"bean", 3}` for a pair.
     *
     * @param list<StaticType> $parts
     */
    private function bracedRecord(Token $opened, array $parts): Expression
    {
        $values = [];
        foreach ($parts as $part) {
            $inner = $this->peek();
            if ($this->is('}')) {
                $values[] = $this->empty('vector<'.TypeNames::write($part).'>');
                continue;
            }
            $values[] = null !== $inner && '{' === $inner->text ? $this->bracedItem($inner, 'vector<'.TypeNames::write($part).'>') : $this->expression();
            $this->accept(',');
        }
        $this->close($opened);

        return new Operation(OperationKey::Record, $values);
    }

    /** Braces within braces: an object, where the list holds some. */
    private function bracedItem(Token $opened, ?string $type): Expression
    {
        $item = null === $type ? StaticType::unknown() : TypeNames::read($type)->item();
        if (TypeKind::Copied !== $item->kind || !isset($this->classes[(string) $item->class])) {
            return $this->braced($opened, null !== $type && ($item->isList() || $item->isMap() || $item->isSet()) ? TypeNames::write($item) : null);
        }
        ++$this->at;

        return $this->madeOf(new Token(TokenKind::Name, (string) $item->class, $opened->offset), $this->arguments($opened), true);
    }

    /** `function<int(string)>` */
    abstract protected function functionType(): bool;

    /** Whether the text tells a stream how values are to show. */
    abstract public function tellsForms(): bool;

    /** The place of the round bracket behind types in pointed ones; null if nothing but types does not stand there. */
    abstract protected function behindTypes(int $from): ?int;

    /** A function with rows that stands in a value: `[](int n) { … }`. */
    abstract protected function rowsLambda(Token $token): FunctionReference;

    private function lambda(Token $token): Expression
    {
        $copied = $this->copied($token);
        $brace = $this->is('(') ? ($this->closingOf($this->at) ?? $this->at) + 1 : $this->at;
        if ('{' !== ($this->tokens[$brace]->text ?? '') || 'return' !== ($this->tokens[$brace + 1]->text ?? '')) {
            return [] === $copied ? $this->rowsLambda($token) : $this->fail('unsupported', $token, ['what' => '[…]']);
        }
        $names = [];
        $known = $this->types[$this->scope] ?? [];
        if ($this->accept('(')) {
            while (!$this->is(')')) {
                $type = $this->type() ?? $this->fail('type_missing', $this->peek(), ['name' => $this->peek()->text ?? '']);
                $name = $this->peek();
                if (null === $name || TokenKind::Name !== $name->kind) {
                    $this->fail('name_missing', $name);
                }
                ++$this->at;
                $names[] = $name->text;
                $this->types[$this->scope][$name->text] = 1 === preg_match('/\bauto\b/', $type) ? '' : $type;
                if (!$this->accept(',')) {
                    break;
                }
            }
            $this->accept(')');
        }
        if (!$this->is('{') || !$this->is('return', 1)) {
            $this->fail('unsupported', $token, ['what' => '[&](…) { … }']);
        }
        $this->at += 2;
        $value = $this->inLambda(fn (): Expression => $this->expression(), ...$names);
        $this->types[$this->scope] = $known;
        $this->accept(';');
        if (!$this->accept('}')) {
            $this->fail('unsupported', $token, ['what' => '[&](…) { … }']);
        }
        $made = new Lambda($names, $value);
        $copied = array_values(array_diff($copied, $names));
        foreach ($copied as $name) {
            $this->read($name, $token->offset);
        }

        return [] === $copied ? $made : new MethodCall(new Lambda($copied, $made), MethodCall::CALL, array_map(function (string $name): Expression {
            $read = new VariableRead($name);
            $type = TypeNames::read($this->typeOf($read));

            // What holds others is copied with them.
            return TypeKind::Copied === $type->kind || $type->isList() || $type->isMap() || $type->isSet() ? new Operation(OperationKey::DeepCopied, [$read]) : $read;
        }, $copied));
    }

    /**
     * Reads what a function without a name catches, in its square brackets.
     *
     * @return list<string> the variables that it has as they were when it was made, and that change elsewhere
     */
    public function copied(Token $token): array
    {
        ++$this->at;
        $byName = [];
        $takesAll = false;
        while (!$this->is(']')) {
            $caught = $this->is('&') && TokenKind::Name === $this->peek(1)?->kind ? 2 : 1;
            $name = $this->peek();
            $takesAll = $takesAll || $this->is('=') && '[' === $this->tokens[$this->at - 1]->text;
            if (1 === $caught && TokenKind::Name === $name?->kind) {
                $byName[$name->text] = true;
            } elseif (null === $name || 1 === $caught && !\in_array($this->sign(), ['&', '=', ',', 'this'], true)) {
                $this->fail('unsupported', $token, ['what' => '[…]']);
            }
            $this->at += $caught;
        }
        ++$this->at;
        $brace = $this->is('(') ? ($this->closingOf($this->at) ?? $this->at) + 1 : $this->at;
        while ($brace < $this->until && !\in_array($this->tokens[$brace]->text, ['{', ';'], true)) {
            ++$brace;
        }

        return $this->copiedIn($brace, $byName, $takesAll);
    }

    /**
     * The variables that a small function has as they were when it was made (C++17, 8.1.5.2), and that change elsewhere.
     *
     * @param int                 $brace  that opens its rows
     * @param array<string, true> $byName those that stand in its square brackets
     *
     * @return list<string>
     */
    private function copiedIn(int $brace, array $byName, bool $takesAll): array
    {
        if ([] === $byName && !$takesAll) {
            return [];
        }
        $copied = [];
        $end = $this->partners[$brace] ?? $brace;
        [$from, $to] = [$this->tokens[$brace]->offset ?? 0, $this->tokens[$end]->offset ?? 0];
        // In the braces around it: a variable that is caught is one of theirs.
        [$opens, $closes] = [0, \strlen($this->text)];
        for ($at = $brace - 1; $at >= 0; --$at) {
            if ('{' === $this->tokens[$at]->text && ($this->partners[$at] ?? 0) > $end) {
                [$opens, $closes] = [$this->tokens[$at]->offset, $this->tokens[$this->partners[$at]]->offset];
            }
        }
        $outside = str_repeat(' ', $opens).substr($this->text, $opens, $from - $opens).str_repeat(' ', $to - $from).substr($this->text, $to, $closes - $to);
        for ($at = $brace; $at < $end; ++$at) {
            $name = $this->tokens[$at]->text;
            if (TokenKind::Name !== $this->tokens[$at]->kind || '.' === $this->tokens[$at - 1]->text || !isset($byName[$name]) && (!$takesAll || !$this->isVariable($name)) || isset($copied[$name])) {
                continue;
            }
            // It may be read under another name than it has in the text.
            $written = 1 === preg_match('/\G[\w\x80-\xff]+/', $this->text, $match, 0, $this->tokens[$at]->offset) ? Names::asPattern($match[0]) : Names::asPattern($name);
            $changes = '/(?<![\w.>])'.$written.'\s*(?:(?:(?:\.|->)\s*\w+\s*|\[[^\]\n]*\]\s*)*(?:[-+*\/%]?=(?!=)|\+\+|--)|\.\s*(?:push_back|pop_back|erase|insert|clear|append)\b)|(?:\+\+|--)\s*'.$written.'\b|>>\s*'.$written.'\b/';
            // Besides its first value it changes elsewhere, or here, and is looked at again behind it.
            $isLookedAt = 1 === preg_match('/(?<![\w.>])'.$written.'\b/', $outside, $match, 0, $to);
            if (1 < preg_match_all($changes, $outside) || $isLookedAt && 1 === preg_match($changes, substr($this->text, $from, $to - $from))) {
                $copied[$name] = $name;
            }
        }

        return array_values($copied);
    }

    protected function literal(Token $token): Expression
    {
        if ("'" === $token->text[0]) {
            $letter = $this->quoted($token);
            if (1 < mb_strlen($letter)) {
                $this->fail('letter_quotes', $token, [], [new Replacement($token->offset, 1, '"'), new Replacement($token->offset + \strlen($token->text) - 1, 1, '"')]);
            }

            return new TextLiteral($letter, true);
        }
        $text = $this->quoted($token);
        while (null !== ($next = $this->peek()) && TokenKind::Text === $next->kind && '"' === $next->text[0]) {
            ++$this->at;
            $text .= $this->quoted($next);
        }

        return new TextLiteral($text);
    }

    protected function grouped(Token $opened): Expression
    {
        // `(int) x`, a conversion in the style of C.
        $at = $this->at++;
        $type = $this->type();
        if (null !== $type && $this->accept(')')) {
            return $this->converted($type, $this->expression(9), $opened);
        }
        $this->at = $at;

        return parent::grouped($opened);
    }

    /** @var array<string, array<string, string>> types by scope and name */
    public array $types = ['' => []];

    /** @var array<string, string> variables that hold how many items an array has, and never anything else */
    public array $lengths = [];
    /** @var array<string, Expression> how many items each array of C was declared with */
    public array $arraySizes = [];
    /** @var array<string, Expression|null> what constants were declared with */
    public array $fixed = [];

    /** From its beginning, and as many as it was declared with: `a, a + N` are all items of an array of C. */
    private function areAllItems(Expression $one, ?Expression $two): bool
    {
        if (!$one instanceof VariableRead || !isset($this->arraySizes[$one->name]) || !$two instanceof Binary || Operator::Add !== $two->operator || $two->left != $one) {
            return false;
        }

        return $this->known($two->right) == $this->known($this->arraySizes[$one->name]) || $two->right instanceof VariableRead && ($this->lengths[$two->right->name] ?? null) === $one->name;
    }

    public function known(Expression $size): Expression
    {
        return $size instanceof VariableRead ? $this->fixed[$size->name] ?? $size : $size;
    }

    protected function collapsed(array $arguments): array
    {
        $collapsed = [];
        for ($index = 0; $index < \count($arguments); ++$index) {
            $one = $arguments[$index]->value;
            $two = $arguments[$index + 1]->value ?? null;
            if ($one instanceof Operation && OperationKey::Begin === $one->key && $two instanceof Operation && OperationKey::End === $two->key && $one->arguments == $two->arguments) {
                $collapsed[] = new Argument($one->arguments[0], $arguments[$index]->offset, $arguments[++$index]->end, null, true);
                continue;
            }
            if ($this->areAllItems($one, $two)) {
                $collapsed[] = new Argument($one, $arguments[$index]->offset, $arguments[++$index]->end, null, true);
                continue;
            }
            $collapsed[] = $arguments[$index];
        }

        return $collapsed;
    }

    /** What was found is there if it is not the end; the remainder of a number by chance is one below the divisor. */
    protected function combine(Operator $operator, Expression $left, Expression $right, int $at): Expression
    {
        if (Operator::TruncRemainder === $operator && $left instanceof Operation && OperationKey::Rand === $left->key) {
            $last = $right instanceof NumberLiteral && \is_int($right->value) ? new NumberLiteral($right->value - 1) : new Binary(Operator::Subtract, $right, new NumberLiteral(1));

            return new RandomWhole(new NumberLiteral(0), $last);
        }
        $isEnd = $right instanceof TextLiteral && "\0" === $right->value || $right instanceof NumberLiteral && 0 === $right->value;
        if ($isEnd && \in_array($operator, [Operator::Equal, Operator::NotEqual], true) && $left instanceof Item && 1 === preg_match('/^(?:const )?(?:std::)?string\b/', $this->typeOf($left->container))) {
            // A text ends with a letter that is none (C++17, 24.3.2.5).
            return new Binary($operator, $left->index, new Operation(OperationKey::Length, [$left->container]));
        }
        // `rand() % 6 + 1` is a number from 1 to 6.
        if (Operator::Add === $operator && $left instanceof RandomWhole && $left->from == new NumberLiteral(0) && $left->to instanceof NumberLiteral && \is_int($left->to->value) && $right instanceof NumberLiteral && \is_int($right->value)) {
            return new RandomWhole($right, new NumberLiteral($left->to->value + $right->value));
        }
        if ($operator->isComparison() && $right instanceof NumberLiteral && \is_float($right->value) && 1 === preg_match('/\df$/Di', $this->tokens[$this->at - 1]->text ?? '') && unpack('f', pack('f', $right->value)) !== [1 => $right->value]) {
            // It is another number than the one without that letter (C++17, 5.13.4).
            $this->fail('unsupported', $this->tokens[$this->at - 1], ['what' => $this->tokens[$this->at - 1]->text]);
        }
        if ($right instanceof VariableRead && $left instanceof Operation && \in_array($left->key, [OperationKey::GreatestPlace, OperationKey::LeastPlace, OperationKey::Sought, OperationKey::SoughtIf, OperationKey::SpotBefore, OperationKey::SpotBehind], true) && $this->isArray($right->name) && ($left->arguments[0] == $right || $left->arguments[0] instanceof Slice && $left->arguments[0]->container == $right)) {
            // `max_element(beds, beds + 3) - beds`
            $right = new Operation(OperationKey::Begin, [$right]);
        }
        $between = [] === $this->iterators ? null : $this->betweenPlaces($operator, $left, $right);
        if (null !== $between) {
            return $between;
        }
        $ended = $right instanceof Operation && OperationKey::End === $right->key && $left instanceof VariableRead ? $this->iterators[$left->name] ?? null : null;
        $spot = $this->spotOrName($left);
        if (null !== $spot && $right instanceof Operation && \in_array($right->key, [OperationKey::Begin, OperationKey::End], true) && \in_array($operator, [Operator::Equal, Operator::NotEqual, Operator::Subtract], true)) {
            return Operator::Subtract === $operator && OperationKey::Begin === $right->key ? $spot : new Binary($operator, $spot, OperationKey::Begin === $right->key ? new NumberLiteral(0) : new Operation(OperationKey::Length, $right->arguments));
        }
        if (null !== $spot && Operator::Subtract === $operator && null !== $other = self::spot($right)) {
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
                $behind = new Operation(OperationKey::Position, [$left->arguments[0], self::foundBy($left)]);

                return $left->arguments[0] instanceof Slice ? self::behindAll($left->arguments[0], $behind) : $behind;
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
            if ($this->placeOrArray($right) != [$left->arguments[0]->to, $left->arguments[0]->container]) {
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

        $method = [Operator::Add->value => '@add', Operator::Subtract->value => '@subtract', Operator::Multiply->value => '@multiply', Operator::Equal->value => '@equal', Operator::Less->value => '@less', Operator::Greater->value => '@greater'][$operator->value] ?? '';
        $class = '' === $method || [] === $this->classes ? null : TypeNames::read($this->typeOf($left))->class;
        $wanted = null === $class ? '' : $this->takenBy($class, $method);

        return parent::combine($operator, $left, '' === $wanted ? $right : $this->asObjectOf($wanted, $right), $at);
    }

    /** The type of what stands behind a sign that a class gives a meaning; '' for none. */
    abstract protected function takenBy(string $class, string $operator): string;

    /** A number or a text where an object is wanted whose class makes one of it. */
    abstract protected function asObjectOf(string $type, Expression $value): Expression;

    protected function knows(string $object): bool
    {
        return 'std' === $object;
    }

    public function thisObject(Token $token): VariableRead
    {
        $this->read($this->itself, $token->offset);

        return new VariableRead($this->itself);
    }

    /**
     * A new object.
     *
     * @param list<Argument> $arguments
     * @param bool           $copied    whether it is copied wherever it is handed on
     */
    public function madeOf(Token $class, array $arguments, bool $copied): Expression
    {
        $way = [] === $arguments ? null : $this->makerOf($class->text, $arguments);
        if (null !== $way && !$copied) {
            $this->fail('unsupported', $class, ['what' => "new $class->text(…)"]);
        }
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        $fields = isset($this->methods[$class->text][ClassDefinition::MAKES]) ? [] : array_keys($this->fieldsOf[$class->text] ?? []);
        foreach ($values as $index => $value) {
            $values[$index] = $this->inFieldsType($value, TypeNames::read($this->fieldTypes[$fields[$index] ?? ''] ?? ''));
        }
        if (null !== $way) {
            return new OwnValue($way, $values);
        }
        [$least, $most] = $this->functions[$class->text];
        if (isset($this->methods[$class->text][ClassDefinition::MAKES]) && (\count($values) < $least || \count($values) > $most)) {
            $this->mistake(\count($values) < $least ? 'few_arguments' : 'many_arguments', $class->offset, \strlen($class->text), ['name' => $class->text, 'wanted' => \count($values) < $least ? $least : $most, 'given' => \count($values)]);
        }

        return new MakeObject($class->text, $values, $copied);
    }

    /**
     * The function that makes an object of what is given, of a class that makes them in several ways; null for any other.
     *
     * @param list<Argument> $arguments
     */
    abstract protected function makerOf(string $class, array $arguments): ?string;

    /** What stands in braces for something that an object keeps: an object, a pair, or a list. */
    public function inFieldsType(Expression $value, StaticType $type): Expression
    {
        if (!$value instanceof ListLiteral) {
            return $value;
        }
        if (TypeKind::Copied === $type->kind && isset($this->classes[(string) $type->class])) {
            return $this->madeOf(new Token(TokenKind::Name, (string) $type->class, 0), array_map(static fn (Expression $item): Argument => new Argument($item, 0, 0), $value->items), true);
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

    protected function isOfObject(string $name): bool
    {
        if ('' === $this->class || !str_contains($this->scope, '.') || isset($this->writes[$this->scope][$name])) {
            return false;
        }
        for ($class = $this->class; isset($this->classes[$class]); $class = $this->classes[$class]) {
            if (isset($this->fieldsOf[$class][$name]) || isset($this->statics[$class][$name])) {
                return true;
            }
        }

        return false;
    }

    /** A name in a method may be what its object keeps, or another method of it (C++17, 6.4.1). */
    private function ofObject(Token $token): ?Expression
    {
        $name = $token->text;
        if ('' === $this->class || !str_contains($this->scope, '.') || isset($this->writes[$this->scope][$name])) {
            return null;
        }
        $opened = $this->peek(1);
        if ($this->is('(', 1) && null !== $opened && null !== $owner = $this->ownerOf($this->class, $name)) {
            $this->at += 2;
            $arguments = $this->arguments($opened);
            $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);

            return $this->postfix(isset($this->sharedMethods["$owner.$name"]) ? new OwnValue("$owner.$name", $values) : $this->calledOf($this->thisObject($token), $name, $values, $this->class) ?? new MethodCall($this->thisObject($token), $name, $values));
        }
        $static = $this->staticOf($this->class, $name);
        if (null !== $static) {
            ++$this->at;
            $this->read($static, $token->offset);

            return $this->postfix(new VariableRead($static));
        }
        for ($class = $this->class; isset($this->classes[$class]); $class = $this->classes[$class]) {
            if (isset($this->fieldsOf[$class][$name])) {
                ++$this->at;

                return $this->postfix(new Field($this->thisObject($token), $name));
            }
        }

        return null;
    }

    /** @var array<string, string> names of an `enum class` behind its own, and the constants that they are */
    public array $enumerators = [];
    /** @var array<string, array<string, true>> by class, what its objects keep */
    public array $fieldsOf = [];
    /** @var array<string, true> methods that have no object */
    public array $sharedMethods = [];

    /** `Bed("rose")`, `Bed{"rose", 3}`, `Bed::made`, `make_shared<Bed>("rose")`. */
    private function ofClassNamed(Token $token): ?Expression
    {
        if ('make_shared' === $token->text && $this->is('<', 1) && isset($this->classes[$this->peek(2)->text ?? '']) && $this->is('>', 3) && null !== $opened = $this->peek(4)) {
            $class = $this->peek(2) ?? $token;
            $this->at += 5;

            return $this->postfix($this->madeOf($class, $this->arguments($opened), false));
        }
        if (!isset($this->classes[$token->text])) {
            return null;
        }
        $next = $this->peek(1);
        if (null !== $next && ('(' === $next->text || '{' === $next->text)) {
            $this->at += 2;

            return $this->postfix($this->madeOf($token, $this->arguments($next), true));
        }
        $member = $this->peek(2);
        if ($this->is('::', 1) && null !== $member) {
            $static = $this->staticOf($token->text, $member->text);
            $opened = $this->peek(3);
            if (null !== $static) {
                $this->at += 3;
                $this->read($static, $member->offset);

                return $this->postfix(new VariableRead($static));
            }
            $owner = $this->ownerOf($token->text, $member->text);
            if (null !== $owner && null !== $opened && '(' === $opened->text) {
                $this->at += 4;
                $values = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));

                return $this->postfix(new OwnValue("$owner.$member->text", isset($this->sharedMethods["$owner.$member->text"]) ? $values : [$this->thisObject($token), ...$values]));
            }
        }

        return null;
    }

    /** `cin >> beds`, `getline(cin, line)` where a condition stands: whether something could be read. */
    private function reading(Token $token): ?Expression
    {
        $at = 'std' === $token->text && $this->is('::', 1) ? 2 : 0;
        if ($this->is('cin', $at) && $this->is('>>', $at + 1)) {
            $this->at += $at + 1;
            $targets = [];
            while ($this->accept('>>')) {
                $targets[] = $this->readInto($this->expression(8), $token, 'cin >> …');
            }

            return new Operation(OperationKey::NextAnswer, $targets);
        }
        if ($this->is('cin', $at) && $this->is('<<', $at + 1) && !$this->isVariable('cin')) {
            $sign = $this->tokens[$this->at + $at + 1];
            $this->fail('stream_signs', $sign, ['name' => 'cin', 'near' => '>>'], [new Replacement($sign->offset, 2, '>>')]);
        }
        if ($this->is('>>', 1) && $this->isTextStream($token->text)) {
            $this->read($token->text, $token->offset);
            ++$this->at;
            $targets = [];
            while ($this->accept('>>')) {
                $targets[] = $this->readInto($this->expression(8), $token, '>> …');
            }

            return new Operation(OperationKey::NextOf, [new VariableRead($token->text), ...$targets]);
        }
        $opened = $this->peek($at + 1);
        if (!$this->is('getline', $at) || null === $opened || !$this->is('(', $at + 1)) {
            return null;
        }
        $cin = $this->is('std', $at + 2) ? $at + 4 : $at + 2;
        $stream = $this->peek($at + 2);
        if (null !== $stream && $this->isTextStream($stream->text) && $this->is(',', $at + 3)) {
            $this->at += $at + 2;
            $given = array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened));
            if (!\in_array(\count($given), [2, 3], true)) {
                $this->fail('unsupported', $token, ['what' => 'getline(…)']);
            }
            $this->readInto($given[1], $token, 'getline(…)');

            return new Operation(OperationKey::LineOf, $given);
        }
        if (!$this->is('cin', $cin) || !$this->is(',', $cin + 1)) {
            return null;
        }
        $this->at += $cin + 2;
        $target = $this->readInto($this->expression(), $token, 'getline(…)');
        if (!$this->accept(')')) {
            $this->fail('unsupported', $token, ['what' => 'getline(…)']);
        }

        return new Operation(OperationKey::NextLine, [$target]);
    }

    /** What gets a value that is read: a variable, a field of an object or an item of a list. */
    private function readInto(Expression $target, Token $token, string $what): Expression
    {
        if ($target instanceof VariableRead) {
            $this->write($target->name, $token->offset);
        } elseif (!($target instanceof Field || $target instanceof Item) || !References::isPlace($target) || '' === $this->typeOf($target)) {
            $this->fail('unsupported', $token, ['what' => $what]);
        }

        return $target;
    }

    /** What asks a stream for its state. */
    private const STATES_OF_STREAMS = ['is_open' => OperationKey::OpenStream, 'fail' => OperationKey::FailedStream, 'bad' => OperationKey::FailedStream, 'good' => OperationKey::GoodStream, 'eof' => OperationKey::EndedStream];

    /** Whether a name is that of a stream: in memory, of a file, or one that is handed over. */
    protected function isTextStream(string $name): bool
    {
        return 1 === preg_match('/^(?:[io]?stringstream|[io]?fstream|[io]stream)(?: &)?$/D', $this->types[$this->scope][$name] ?? $this->types[''][$name] ?? '');
    }

    /** @var array<string, true> names of spaces for names, which say nothing here */
    public array $spaces = [];

    protected function named(Token $token): Expression
    {
        if (($this->is('(', 1) || $this->is('{', 1)) && ('size_t' === $token->text || isset($this->aliases[$token->text])) && !$this->isVariable($token->text) && !isset($this->functions[$token->text])) {
            // `uint32_t(n)`: a name of a type makes one of what stands behind it (C++17, 8.2.3).
            return $this->conversion($token);
        }
        while (isset($this->spaces[$token->text]) && $this->is('::', 1) && TokenKind::Name === $this->peek(2)?->kind) {
            $this->at += 2;
            $token = $this->peek() ?? $token;
        }
        $reading = $this->reading($token);
        if (null !== $reading) {
            return $reading;
        }
        if (('EXIT_SUCCESS' === $token->text || 'EXIT_FAILURE' === $token->text) && !$this->isVariable($token->text)) {
            ++$this->at;

            return new NumberLiteral('EXIT_SUCCESS' === $token->text ? 0 : 1);
        }
        if (isset($this->functions[$token->text]) && $this->is('<', 1) && null !== $behind = $this->behindTypes($this->at + 2)) {
            // `biggest<int>(2, 3)`: the types show in what is given (C++17, 17.8.1).
            $this->at = $behind - 1;
            // @phpstan-ignore assign.propertyType (the token is there already)
            $this->tokens[$this->at] = new Token(TokenKind::Name, $token->text, $token->offset);

            return parent::named($this->tokens[$this->at]);
        }
        $called = $this->is('(', 1) ? (string) TypeNames::read($this->typeOf(new VariableRead($token->text)))->class : '';
        $opened = $this->peek(1);
        if (null !== $opened && isset($this->classes[$called]) && null !== $this->ownerOf($called, '@called')) {
            $this->at += 2;
            $this->read($token->text, $token->offset);

            return $this->postfix(new MethodCall(new VariableRead($token->text), MethodCall::SIGN, array_map(static fn (Argument $argument): Expression => $argument->value, $this->arguments($opened))));
        }
        if ('NULL' === $token->text && !$this->isVariable('NULL')) {
            ++$this->at;

            return new NothingLiteral();
        }
        if (isset(self::LIMITS[$token->text]) && !$this->isVariable($token->text)) {
            ++$this->at;

            return new NumberLiteral(self::LIMITS[$token->text]);
        }
        $at = $this->at + ($this->is('std') && $this->is('::', 1) ? 2 : 0);
        $word = $this->tokens[$at]->text ?? '';
        if (('make_unique' === $word || 'make_shared' === $word) && '<' === ($this->tokens[$at + 1]->text ?? '') && isset($this->classes[$this->tokens[$at + 2]->text ?? '']) && '>' === ($this->tokens[$at + 3]->text ?? '') && '(' === ($this->tokens[$at + 4]->text ?? '')) {
            $this->at = $at + 5;

            return $this->postfix($this->madeOf($this->tokens[$at + 2], $this->arguments($this->tokens[$at + 4]), false));
        }
        if ('get' === $word && '<' === ($this->tokens[$at + 1]->text ?? '') && TokenKind::Number === ($this->tokens[$at + 2]->kind ?? null) && '>' === ($this->tokens[$at + 3]->text ?? '') && '(' === ($this->tokens[$at + 4]->text ?? '')) {
            $this->at = $at + 5;
            $given = $this->arguments($this->tokens[$at + 4]);

            return $this->postfix(new Item($given[0]->value ?? new NothingLiteral(), new NumberLiteral((int) $this->tokens[$at + 2]->text)));
        }
        if ('bitset' === $word && '<' === ($this->tokens[$at + 1]->text ?? '') && TokenKind::Number === ($this->tokens[$at + 2]->kind ?? null) && '>' === ($this->tokens[$at + 3]->text ?? '') && '(' === ($this->tokens[$at + 4]->text ?? '')) {
            return $this->bitset((int) $this->tokens[$at + 2]->text, $at + 4);
        }
        if ('dynamic_cast' === $word && '<' === ($this->tokens[$at + 1]->text ?? '')) {
            $isConst = 'const' === ($this->tokens[$at + 2]->text ?? '') ? 1 : 0;
            $class = $this->tokens[$at + 2 + $isConst] ?? $token;
            $opened = $this->tokens[$at + 5 + $isConst] ?? $token;
            if (isset($this->classes[$class->text]) && '*' === ($this->tokens[$at + 3 + $isConst]->text ?? '') && '>' === ($this->tokens[$at + 4 + $isConst]->text ?? '') && '(' === $opened->text) {
                // What is of that class, or nothing (C++17, 8.2.7).
                $this->at = $at + 6 + $isConst;
                $object = $this->arguments($opened)[0]->value ?? $this->fail('value_missing', $token, ['after' => '(']);
                $object instanceof VariableRead || ($object instanceof Item || $object instanceof Field) && References::isPlace($object) || $this->fail('unsupported', $token, ['what' => 'dynamic_cast<…>(…)']);

                return new Choice(new KindTest($object, $class->text), $object, new NothingLiteral());
            }
        }
        if ('numeric_limits' === $word && '<' === ($this->tokens[$at + 1]->text ?? '') && '>' === ($this->tokens[$at + 3]->text ?? '') && '::' === ($this->tokens[$at + 4]->text ?? '')) {
            $limit = ['int' => ['max' => 2147483647, 'min' => -2147483648], 'double' => ['max' => \PHP_FLOAT_MAX, 'lowest' => -\PHP_FLOAT_MAX]][$this->tokens[$at + 2]->text][$this->tokens[$at + 5]->text ?? ''] ?? null;
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
        $made = [] === $this->classes ? null : $this->ofClassNamed($token) ?? $this->ofObject($token);
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
            if (1 === \count($arguments) && $arguments[0]->all) {
                return $this->postfix($first);
            }
            $part = 2 === \count($arguments) ? $this->partOfList($arguments) : null;
            if (null !== $part) {
                return $this->postfix($part);
            }
            if (2 === \count($arguments) && $first instanceof Operation && OperationKey::Rbegin === $first->key) {
                return $this->postfix(new Operation(OperationKey::Backwards, $first->arguments));
            }
            if (2 === \count($arguments)) {
                $times = $first;
                $letter = $arguments[1]->value;

                return $this->postfix($times instanceof NumberLiteral && 1 === $times->value ? new Operation(OperationKey::ToText, [$letter]) : new Operation(OperationKey::Repeated, [$letter, $times]));
            }

            return $this->postfix($first instanceof TextLiteral ? $first : $this->asSaid(new Operation(OperationKey::ToText, [$first])));
        }
        $at = $this->at;
        if ('vector' === $token->text && $this->is('<', 1)) {
            $type = $this->type();
            if (null !== $type && $this->is('{')) {
                return $this->postfix($this->braced($this->peek() ?? $token, $type));
            }
            if (null !== $type && $this->is('(')) {
                $opened = $this->peek() ?? $token;
                ++$this->at;

                return $this->postfix($this->vector($type, $this->arguments($opened)));
            }
            $this->at = $at;
        }
        if (\in_array($token->text, ['pair', 'tuple', 'set', 'unordered_set'], true) && $this->is('<', 1)) {
            $type = $this->type();
            $opened = $this->peek();
            if (null !== $type && null !== $opened && $this->is('{')) {
                return $this->postfix($this->braced($opened, $type));
            }
            if (null !== $type && null !== $opened && $this->accept('(')) {
                return $this->postfix($this->ofRecord($type, $this->arguments($opened)));
            }
            $this->at = $at;
        }
        if ('map' === $token->text && $this->is('<', 1)) {
            $type = $this->type();
            if (null !== $type && $this->is('{')) {
                return $this->postfix($this->braced($this->peek() ?? $token, $type));
            }
            $this->at = $at;
        }
        if (isset(self::SUMS[$token->text]) && $this->is('<', 1) && !$this->isVariable($token->text)) {
            $this->at += 2;
            if (!$this->is('>')) {
                $this->type();
            }
            if (!$this->accept('>') || !$this->accept('(') || !$this->accept(')')) {
                $this->fail('unsupported', $token, ['what' => $token->text.'<…>']);
            }

            return new Lambda(['a', 'b'], new Binary(self::SUMS[$token->text], new VariableRead('a'), new VariableRead('b')));
        }
        if (\in_array($token->text, ['string', 'int', 'double'], true) && $this->is('{', 1) && !$this->isVariable($token->text)) {
            // `string{}` and `int{3}`: a value of the type (C++17, 8.2.3).
            ++$this->at;
            $braced = $this->braced($this->peek() ?? $token, 'vector<'.$token->text.'>');
            $items = $braced instanceof ListLiteral ? $braced->items : [];

            return $this->postfix($items[0] ?? ('string' === $token->text ? new TextLiteral('') : new NumberLiteral('int' === $token->text ? 0 : 0.0)));
        }
        if ('greater' === $token->text && $this->is('<', 1)) {
            $this->at += 2;
            if (!$this->is('>')) {
                $this->type();
            }
            $this->accept('>');
            $this->accept('(');
            $this->accept(')');

            return $this->transient(OperationKey::GreaterFirst, []);
        }
        if (isset(self::UNREAD_TEMPLATES[$token->text]) && $this->is('<', 1) && !$this->isVariable($token->text)) {
            $this->fail('unsupported', $token, ['what' => $token->text.'<…>']);
        }

        return parent::named($token);
    }

    /** Templates of the library (C++20, 16.4.2.3) that are no types here, or only in places. */
    private const UNREAD_TEMPLATES = [
        'any' => true, 'atomic' => true, 'bitset' => true, 'complex' => true, 'duration' => true, 'forward_list' => true, 'future' => true, 'initializer_list' => true, 'lock_guard' => true,
        'multimap' => true, 'promise' => true, 'ratio' => true, 'reference_wrapper' => true, 'shared_future' => true, 'span' => true, 'unique_lock' => true,
        'unordered_multimap' => true, 'unordered_multiset' => true, 'valarray' => true, 'variant' => true, 'weak_ptr' => true, 'basic_string' => true, 'istream_iterator' => true, 'ostream_iterator' => true,
    ];

    /** `bitset<8>(beds)`, which is shown by its bits (C++17, 23.9). */
    private function bitset(int $width, int $bracket): Expression
    {
        $this->at = $bracket + 1;
        $given = $this->arguments($this->tokens[$bracket])[0]->value ?? new NumberLiteral(0);
        $bits = new Operation(OperationKey::Formatted, [new Operation(OperationKey::BitAnd, [$given, new NumberLiteral((1 << min(max($width, 1), 62)) - 1)]), new TextLiteral("0{$width}b")]);
        if ($this->is('.') && $this->is('to_string', 1) && $this->is('(', 2) && $this->is(')', 3)) {
            $this->at += 4;
        } elseif ($this->is('.') && $this->is('count', 1) && $this->is('(', 2) && $this->is(')', 3)) {
            $this->at += 4;

            return new Operation(OperationKey::Occurrences, [$bits, new TextLiteral('1')]);
        } elseif ($this->is('.')) {
            $this->fail('unsupported', $this->peek(), ['what' => 'bitset<…>.…']);
        }

        return $this->postfix($bits);
    }

    /**
     * A pair or a set with what is given for it.
     *
     * @param list<Argument> $arguments
     */
    public function ofRecord(string $type, array $arguments): Expression
    {
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        if (1 === preg_match('/\bset ?</', $type)) {
            return new Operation(OperationKey::SetOf, 1 === \count($values) ? $values : []);
        }

        return [] === $values ? new Operation(OperationKey::Record, array_map(fn (StaticType $part): Expression => $this->empty('vector<'.TypeNames::write($part).'>'), TypeNames::read($type)->parts)) : new Operation(OperationKey::Record, $values);
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
            return $this->isOfType($first, '(?:unordered_)?map') ? new Operation(OperationKey::AsList, [new Operation(OperationKey::Entries, [$first])]) : new Operation(OperationKey::AsList, [$first]);
        }

        $part = 2 === \count($arguments) ? $this->partOfList($arguments) : null;
        if (null !== $part) {
            return $part;
        }
        if (1 === \count($arguments) && TypeNames::read($this->typeOf($first))->isList()) {
            // Another list, which is copied.
            return $first;
        }

        $part = 2 === \count($arguments) ? self::itemsBetween($first, $arguments[1]->value) : null;
        if (null !== $part) {
            return $part;
        }

        return new Operation(OperationKey::Filled, [$first, $arguments[1]->value ?? $this->empty($type)]);
    }

    /** The items from one iterator of a list up to, but without, another: `list.begin() + 1`, `list.end()`. */
    private static function itemsBetween(Expression $from, Expression $until): ?Expression
    {
        $list = $from instanceof Binary ? $from->left : $from;
        $list = $list instanceof Operation && \in_array($list->key, [OperationKey::Begin, OperationKey::End], true) ? $list->arguments[0] : null;
        [$first, $last] = null === $list ? [null, null] : [self::behindFirst($from, $list), self::behindFirst($until, $list)];

        return null === $list || null === $first || null === $last ? null : new Slice($list, $first, $last == new Operation(OperationKey::Length, [$list]) ? new NothingLiteral() : $last);
    }

    /**
     * What an object of plain fields keeps where nothing is said (C++17, 11.6.1): nothing to be said where its class says it.
     *
     * @return list<Expression>
     */
    private function emptyFields(string $class): array
    {
        $isPlain = [] !== ($this->given[$class] ?? []) && '' === ($this->classes[$class] ?? '') && !isset($this->methods[$class][ClassDefinition::MAKES]) && !isset($this->firstValues[$class]);

        return $isPlain ? array_map(fn (string $field): Expression => $this->empty('vector<'.($this->fieldTypes[$field] ?? 'int').'>'), $this->given[$class]) : [];
    }

    /** @var array<string, true> classes of which a field says its first value */
    public array $firstValues = [];

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

    /** `strcmp(a, b) < 0`: how far two texts are apart is the machine's own affair, which one is first is not (C11, 7.24.4.2). */
    private function orderOfTexts(Expression $first, Expression $second, Token $token): Expression
    {
        $operator = ['==' => Operator::Equal, '!=' => Operator::NotEqual, '<' => Operator::Less, '>' => Operator::Greater, '<=' => Operator::LessOrEqual, '>=' => Operator::GreaterOrEqual][$this->sign() ?? ''] ?? null;
        if (null !== $operator && $this->is('0', 1)) {
            $this->at += 2;

            return new Binary($operator, $first, $second);
        }
        $before = '';
        for ($at = $this->at - 1; $at > 0 && '' === $before; --$at) {
            $before = $this->tokens[$at]->offset < $token->offset ? $this->tokens[$at]->text : '';
        }

        if (\in_array($before, ['!', '(', '&&', '||'], true) && \in_array($this->sign(), [')', '&&', '||'], true)) {
            return new Binary(Operator::NotEqual, $first, $second);
        }

        // What number `strcmp` gives is the machine's own choice (C11, 7.24.4.2).
        return 'compare' === $token->text ? new Operation(OperationKey::OrderOfTexts, [$first, $second]) : $this->fail('unsupported', $token, ['what' => $token->text]);
    }

    protected function builtin(string $name, array $arguments, Token $token): ?Expression
    {
        $count = \count($arguments);
        $values = array_map(static fn (Argument $argument): Expression => $argument->value, $arguments);
        $first = $values[0] ?? null;
        $second = $values[1] ?? null;
        if (str_starts_with($name, '__builtin_')) {
            $this->fail('unsupported', $token, ['what' => $name]);
        }
        // What counts alike stays in its order here by any name.
        $name = 'stable_sort' === $name ? 'sort' : $name;
        if ('copy' === $name && 2 === $count && $arguments[0]->all && null !== $first) {
            return $this->copiedPart(new Slice($first, new NumberLiteral(0), new Operation(OperationKey::Length, [$first])), $arguments[1]->value);
        }
        $part = $this->partOfList($arguments);
        $ofPart = null === $part ? null : match ($name) {
            'max_element', 'min_element' => 2 === $count && $this->is('-') ? $this->outermostOf($name, $part) : null,
            'find' => 3 === $count && ($this->is('==') || $this->is('!=')) ? $this->transient(OperationKey::Sought, [$part, $arguments[2]->value]) : null,
            default => $this->overPart($name, $part, \array_slice($arguments, 2), $token),
        };
        if (null !== $ofPart) {
            return $ofPart;
        }
        if (null !== $first && $arguments[0]->all && \in_array($name, ['max_element', 'min_element', 'find_if', 'count_if', 'any_of', 'all_of', 'none_of'], true) && $this->isOfType($first, '(?:unordered_)?map')) {
            // What a map goes over are its keys with their values.
            $first = new Operation(OperationKey::AsList, [new Operation(OperationKey::Entries, [$first])]);
            $values = [$first, ...\array_slice($values, 1)];
        }
        if ('pow' === $name && null !== $first && null !== $second && 2 === $count) {
            return new Binary(Operator::Power, $first, $second);
        }
        if ('distance' === $name && 2 === $count && null !== $first && null !== $second) {
            // So many steps lie between two places (C++17, 27.4.3).
            return $this->combine(Operator::Subtract, $second, $first, $this->at);
        }
        if ('size' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Length, [$first]);
        }
        if ('to_string' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Spelled, [$first]);
        }
        if ('random_between' === $name && null !== $first && null !== $second) {
            return new RandomWhole($first, $second);
        }
        if (('floor' === $name || 'ceil' === $name) && 1 === $count && null !== $first) {
            // They give a number with a point (C++17, 29.9), which shows where it is divided.
            return new Operation(OperationKey::ToNumber, [new Operation('floor' === $name ? OperationKey::Floor : OperationKey::Ceiling, [$first])]);
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
            $second = $values[1] = self::asLambda($second);
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
            return new Operation(OperationKey::SortBefore, [$first, $second]);
        }
        if ('transform' === $name && 3 === $count && $arguments[0]->all && isset($values[2])) {
            return $this->transient(OperationKey::Transformed, $values);
        }
        if ('sort' === $name && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            return $this->sortedBy($first, $second, $token);
        }
        if ('swap' === $name && 2 === $count) {
            if ($values !== array_filter($values, Given::isPlace(...))) {
                // What was only reckoned has no place to put the other in.
                $this->fail('unsupported', $token, ['what' => 'swap(…, …)']);
            }

            return $this->transient(OperationKey::Swap, $values);
        }
        if ('getline' === $name) {
            $this->fail('unsupported', $token, ['what' => 'getline']);
        }
        if ('accumulate' === $name && (2 === $count || 3 === $count) && $arguments[0]->all && null !== $second) {
            return $this->accumulated($arguments[0]->value, $second, $values[2] ?? null, $token);
        }
        if ('find' === $name && 2 === $count && $arguments[0]->all && null !== $first && null !== $second) {
            return $this->transient(OperationKey::Sought, [$first, $second]);
        }
        if (('lower_bound' === $name || 'upper_bound' === $name) && 2 === $count && $arguments[0]->all && null !== $first && null !== $second) {
            return $this->transient('lower_bound' === $name ? OperationKey::SpotBefore : OperationKey::SpotBehind, [$first, $second]);
        }
        if ('next_permutation' === $name && null !== $first && $this->isText($first)) {
            // A text is no list here, whose letters change their places.
            $this->fail('unsupported', $token, ['what' => $name]);
        }
        if ('find_if' === $name && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            return $this->transient(OperationKey::SoughtIf, [$first, $second]);
        }
        if (('min' === $name || 'max' === $name) && 1 === $count && $first instanceof ListLiteral) {
            return new Operation('min' === $name ? OperationKey::Smaller : OperationKey::Larger, $first->items);
        }
        if ('back_inserter' === $name && 1 === $count) {
            return $this->transient(OperationKey::Behind, $values);
        }
        if (\in_array($name, ['make_pair', 'make_tuple'], true) && 1 < $count) {
            return new Operation(OperationKey::Record, $values);
        }
        if ('move' === $name && 1 === $count && null !== $first) {
            // Nobody looks at what something was moved from.
            return $first;
        }
        if (('max_element' === $name || 'min_element' === $name) && 1 === $count && $arguments[0]->all && null !== $first) {
            return $this->transient('max_element' === $name ? OperationKey::GreatestPlace : OperationKey::LeastPlace, [$first]);
        }
        if ('count_if' === $name && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            return new Operation(OperationKey::Length, [new Collected(new VariableRead($second->parameters[0]), $second->parameters[0], $first, $second->value)]);
        }
        if (\in_array($name, ['any_of', 'all_of', 'none_of'], true) && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            $found = new Operation('all_of' === $name ? OperationKey::AllHold : OperationKey::AnyHolds, [new Collected($second->value, $second->parameters[0], $first)]);

            return 'none_of' === $name ? new Unary(UnaryOperator::Not, $found) : $found;
        }
        if (('next' === $name || 'prev' === $name) && 1 === $count && null !== $first && $this->isMovable($first)) {
            return new Binary('next' === $name ? Operator::Add : Operator::Subtract, $first, new NumberLiteral(1));
        }
        if ('distance' === $name && 2 === $count && null !== $first && null !== $second && null !== $far = $this->betweenPlaces(Operator::Subtract, $second, $first)) {
            return $far;
        }
        if ('next' === $name && 1 === $count && $first instanceof VariableRead && isset($this->iterators[$first->name])) {
            return $this->transient(OperationKey::NextOfAll, [$first]);
        }
        if ('ispunct' === $name && 1 === $count && null !== $first) {
            // What is seen and is neither a letter nor a digit (C11, 7.4.1.9).
            return new Operation(OperationKey::Contains, [new TextLiteral('!"#$%&\'()*+,-./:;<=>?@[\\]^_`{|}~'), $first]);
        }
        if ('strcmp' === $name && 2 === $count && null !== $first && null !== $second) {
            return $this->orderOfTexts($first, $second, $token);
        }
        if ('strlen' === $name && 1 === $count && null !== $first) {
            return new Operation(OperationKey::Length, [$first]);
        }
        $chosen = 'copy_if' === $name && 3 === $count && $arguments[0]->all && null !== $first && $second instanceof Operation && OperationKey::Behind === $second->key ? $values[2] : null;
        $chosen = $chosen instanceof FunctionReference || $chosen instanceof VariableRead ? self::asLambda($chosen) : $chosen;
        if ($chosen instanceof Lambda && $second instanceof Operation && null !== $first) {
            return new Operation(OperationKey::Extend, [$second->arguments[0], new Collected(new VariableRead($chosen->parameters[0]), $chosen->parameters[0], $first, $chosen->value)]);
        }
        if ('minmax_element' === $name && 1 === $count && $arguments[0]->all && null !== $first) {
            return $this->transient(OperationKey::OuterPlaces, [$first]);
        }
        if ('binary_search' === $name && 2 === $count && $arguments[0]->all && null !== $first && null !== $second) {
            return new Operation(OperationKey::Contains, [$first, $second]);
        }
        if ('is_sorted' === $name && 1 === $count && $arguments[0]->all && null !== $first) {
            return new Binary(Operator::Equal, $first, new Operation(OperationKey::Sorted, [$first]));
        }
        if (\in_array($name, ['iota', 'fill', 'remove', 'remove_if', 'unique', 'replace'], true) && (['unique' => 1, 'replace' => 3][$name] ?? 2) === $count && $arguments[0]->all) {
            return $this->transient(OperationKey::from("all_$name"), $values);
        }
        if (\in_array($name, ['max_element', 'min_element'], true) && 2 === $count && $arguments[0]->all && null !== $first && $second instanceof Lambda) {
            $sorted = $this->sortedBy($first, $second, $token);
            if (OperationKey::SortBy === $sorted->key) {
                return $this->transient('max_element' === $name ? OperationKey::GreatestPlace : OperationKey::LeastPlace, [$first, $sorted->arguments[1]]);
            }
        }
        if ('rand' === $name && 0 === $count && $this->is('%')) {
            return $this->transient(OperationKey::Rand, []);
        }
        if (\in_array($name, ['printf', 'scanf', 'malloc', 'system', 'rand', 'srand'], true)) {
            $this->fail('unsupported', $token, ['what' => $name.'()']);
        }
        if (\in_array($name, ['print', 'len', 'str', 'input', 'range'], true)) {
            $near = ['print' => 'cout << …', 'len' => '.size()', 'str' => 'to_string', 'input' => 'cin >>', 'range' => 'for (int i = 0; …)'][$name];
            $this->fail('foreign_word', $token, ['word' => $name, 'near' => $near], 'str' === $name ? [new Replacement($token->offset, 3, 'to_string')] : []);
        }

        return null;
    }

    /** `sort(…, [](int a, int b) { return a < b; })`: by what is asked of the first and then of the second. */
    private function sortedBy(Expression $list, Lambda $lambda, Token $token): Operation
    {
        [$one, $other] = [$lambda->parameters[0] ?? '', $lambda->parameters[1] ?? ''];
        $compared = $lambda->value;
        $isDown = $compared instanceof Binary && Operator::Greater === $compared->operator;
        if (!$compared instanceof Binary || !$isDown && Operator::Less !== $compared->operator || Walk::mapExpression($compared->right, static fn (Expression $part): Expression => $part instanceof VariableRead && $part->name === $other ? new VariableRead($one) : $part) != $compared->left) {
            return new Operation(OperationKey::SortBefore, [$list, $lambda]);
        }

        return $compared->left instanceof VariableRead ? new Operation($isDown ? OperationKey::SortDown : OperationKey::Sort, [$list]) : new Operation($isDown ? OperationKey::SortDownBy : OperationKey::SortBy, [$list, new Lambda([$one], $compared->left)]);
    }

    /** @var array<int, Token> signs of which the first half ended an inner type, as they were */
    private array $halved = [];

    /** Two types end here: the outer one takes the other half. */
    private function halve(): void
    {
        $this->halved[$this->at] = $this->tokens[$this->at];
        // @phpstan-ignore assign.propertyType (the token is there already)
        $this->tokens[$this->at] = new Token(TokenKind::Sign, '>', $this->tokens[$this->at]->offset + 1);
    }

    /** What is read once more is whole again. */
    private function madeWhole(): void
    {
        foreach ($this->halved as $at => $token) {
            if ($at >= $this->at) {
                // @phpstan-ignore assign.propertyType (the token is there already)
                $this->tokens[$at] = $token;
                unset($this->halved[$at]);
            }
        }
    }

    /** `string::size_type`, behind whose first word it stands then: `::` and what a container calls its places and its sizes (C++17, 26.2.1). */
    private function memberType(int $ahead): ?string
    {
        $name = $this->is('::', $ahead) ? $this->peek($ahead + 1)->text ?? '' : '';
        $type = match ($name) {
            'iterator', 'const_iterator' => 'auto',
            'size_type' => 'size_t',
            'difference_type' => 'long',
            default => null,
        };
        $this->at += null === $type ? 0 : 2;

        return $type;
    }

    /** `tolower`, handed over by its name. */
    public function plainName(Token $token): Expression
    {
        if (\in_array($token->text, ['tolower', 'toupper'], true) && !$this->isVariable($token->text) && !isset($this->functions[$token->text])) {
            return new Lambda(['letter'], new Operation('tolower' === $token->text ? OperationKey::LowerLetter : OperationKey::UpperLetter, [new VariableRead('letter')]));
        }

        return parent::plainName($token);
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

    /** What a `multiset` does, which is a list in the order of its items (C++17, 26.4.7). */
    private function ofSeveral(Expression $receiver, string $name, Expression $item, bool $isAll): ?Expression
    {
        if ('find' === $name) {
            return $this->transient(OperationKey::Sought, [$receiver, $item]);
        }
        if ('count' === $name) {
            return new Operation(OperationKey::Occurrences, [$receiver, $item]);
        }
        if (('insert' === $name || 'emplace' === $name) && !$isAll) {
            return new Operation(OperationKey::Insert, [$receiver, new Operation(OperationKey::PlaceBehind, [$receiver, $item]), $item]);
        }
        if ('lower_bound' === $name || 'upper_bound' === $name) {
            return $this->transient('lower_bound' === $name ? OperationKey::SpotBefore : OperationKey::SpotBehind, [$receiver, $item]);
        }
        $isPlace = $item instanceof VariableRead && isset($this->iterators[$item->name]) || $item instanceof Operation && \in_array($item->key, [OperationKey::Begin, OperationKey::Sought], true) || null !== $this->placeIn($item);
        if ('erase' === $name && $item instanceof Operation && OperationKey::Sought === $item->key) {
            return new Operation(OperationKey::DropAt, [$receiver, new Operation(OperationKey::Position, $item->arguments)]);
        }

        // All of them go (C++17, 26.2.6).
        return 'erase' === $name && !$isPlace ? $this->transient(OperationKey::AllRemove, [$receiver, $item]) : null;
    }

    protected function performed(Expression $value, int $offset, int $end): Statement
    {
        if ($value instanceof Operation && OperationKey::TookAway === $value->key) {
            $value = new Operation($this->isOfType($value->arguments[0], '(?:unordered_)?set') ? OperationKey::TakeOut : OperationKey::Forget, $value->arguments);
        }

        return parent::performed($value, $offset, $end);
    }

    protected function method(Expression $receiver, string $name, array $arguments, Token $token): ?Expression
    {
        if (\in_array($name, ['insert', 'push_front', 'append', 'push', 'push_back'], true)) {
            // What is put in has the type of what is there; a map is given a pair.
            $kept = TypeNames::read($this->typeOf($receiver));
            $item = $kept->isMap() ? StaticType::unknown() : $kept->item();
            $arguments = array_map(fn (Argument $argument): Argument => $argument->value instanceof ListLiteral ? new Argument($this->inFieldsType($argument->value, $item), $argument->offset, $argument->end, $argument->name, $argument->all) : $argument, $arguments);
        }
        $count = \count($arguments);
        $first = $arguments[0]->value ?? null;
        $ofSeveral = 1 === $count && null !== $first && $this->isOfType($receiver, 'multiset') ? $this->ofSeveral($receiver, $name, $first, $arguments[0]->all) : null;
        if (null !== $ofSeveral) {
            return $ofSeveral;
        }
        if ($receiver instanceof VariableRead && isset($this->arraySizes[$receiver->name]) && \in_array($name, ['size', 'length', 'push_back', 'pop_back', 'empty', 'begin', 'end'], true) && $token->end() > $token->offset) {
            // An array of C has none (C++17, 11.3.4).
            $this->fail('array_methods', $token, ['name' => $name, 'object' => $receiver->name]);
        }
        switch ($name) {
            case 'first':
            case 'second':
                return null;
            case 'str':
                if ($receiver instanceof VariableRead && $this->isTextStream($receiver->name)) {
                    return null === $first ? new Operation(OperationKey::StreamedText, [$receiver]) : new Operation(OperationKey::StreamedSet, [$receiver, $first]);
                }
                break;
            case 'is_open':
            case 'fail':
            case 'bad':
            case 'good':
            case 'eof':
                if (0 === $count && $receiver instanceof VariableRead && $this->isTextStream($receiver->name)) {
                    return new Operation(self::STATES_OF_STREAMS[$name], [$receiver]);
                }
                break;
            case 'rfind':
                return 1 === $count && null !== $first ? new Operation(OperationKey::LastPosition, [$receiver, $first]) : null;
            case 'fill':
                return 1 === $count && null !== $first ? $this->transient(OperationKey::AllFill, [$receiver, $first]) : null;
            case 'compare':
                return 1 === $count && null !== $first && $this->isText($receiver) ? $this->orderOfTexts($receiver, $first, $token) : null;
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
                return 0 === $count ? $this->transient(OperationKey::from($name), [$receiver]) : null;
            case 'what':
                if (0 === $count && $receiver instanceof VariableRead && isset($this->keptFailures[$receiver->name])) {
                    return new Operation(OperationKey::FailureText, [$receiver]);
                }
                break;
            case 'value':
            case 'c_str':
                return 0 === $count ? $receiver : null;
            case 'value_or':
                return 1 === $count && null !== $first ? new Choice(new Binary(Operator::NotEqual, $receiver, new NothingLiteral()), $receiver, $first) : null;
            case 'has_value':
                return 0 === $count ? new Binary(Operator::NotEqual, $receiver, new NothingLiteral()) : null;
            case 'at':
                return 1 === $count && null !== $first ? new Item($receiver, self::place($first), true) : null;
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
                $from = null === $first ? null : self::behindFirst($first, $receiver);
                $to = 2 === $count ? self::behindFirst($arguments[1]->value, $receiver) : null;
                if (null !== $from && null !== $to) {
                    return new Operation(OperationKey::DropRange, [$receiver, $from, self::between($from, $to)]);
                }
                if (1 === $count && null !== $from && $this->isText($receiver)) {
                    return $this->transient(OperationKey::TextErased, [$receiver, $from, new NumberLiteral(1)]);
                }
                if (1 === $count && null !== $first && null === $from && !($first instanceof VariableRead && isset($this->iterators[$first->name])) && $this->isText($receiver)) {
                    // From there on nothing stays (C++17, 24.3.2.6.5).
                    return $this->transient(OperationKey::TextErased, [$receiver, $first, new Operation(OperationKey::Length, [$receiver])]);
                }
                if (2 === $count && null !== $first && !$first instanceof Operation) {
                    return $this->transient(OperationKey::TextErased, [$receiver, $first, $arguments[1]->value]);
                }
                if (1 === $count && $first instanceof Operation && OperationKey::Begin === $first->key) {
                    return new Operation(OperationKey::DropFirst, [$receiver]);
                }
                if (1 === $count && $first instanceof Binary && $first->left instanceof Operation && OperationKey::Begin === $first->left->key) {
                    return new Operation(OperationKey::DropAt, [$receiver, $first->right]);
                }

                if (1 === $count && $first instanceof VariableRead && \in_array($this->iterators[$first->name][0] ?? '', ['place', 'spot'], true)) {
                    return new Operation(OperationKey::DropAt, [$receiver, $first]);
                }

                // It gives how many went, unless it is a row (C++17, 26.2.6).
                return 1 === $count && null !== $first ? new Operation($this->isOfType($receiver, '(?:unordered_)?(?:set|map)') ? OperationKey::TookAway : OperationKey::Forget, [$receiver, $first]) : null;
            case 'replace':
                return 3 === $count && null !== $first ? $this->transient(OperationKey::TextReplaced, [$receiver, $first, $arguments[1]->value, $arguments[2]->value]) : null;
            case 'insert':
            case 'emplace':
                if (1 === $count && null !== $first && $this->isOfType($receiver, '(?:unordered_)?set')) {
                    return new Operation(OperationKey::PutIn, [$receiver, $first]);
                }
                if ('emplace' === $name && 2 === $count && null !== $first && $this->isOfType($receiver, '(?:unordered_)?map')) {
                    return $this->transient(OperationKey::MapInserted, [$receiver, $first, $arguments[1]->value]);
                }
                if ('emplace' === $name) {
                    [$first, $count] = $this->madeInPlace($receiver, $name, $arguments, $token);
                    $made = $this->ofOrder($receiver, $name, $first, $count);
                    if (null !== $made) {
                        return $made;
                    }
                    break;
                }
                $pair = $first instanceof Operation && OperationKey::Record === $first->key ? $first->arguments : ($first instanceof ListLiteral ? $first->items : []);
                if (1 === $count && 2 === \count($pair) && $this->isOfType($receiver, '(?:unordered_)?map')) {
                    // What is there already stays (C++17, 26.4.4.4).
                    return $this->transient(OperationKey::MapInserted, [$receiver, ...$pair]);
                }
                $spot = 2 !== $count || null === $first ? null : ($first instanceof Operation && OperationKey::Begin === $first->key && $this->isText($receiver) ? new NumberLiteral(0) : $this->spotOrName($first));
                if (null !== $spot && !$arguments[1]->all && $this->isText($receiver)) {
                    return $this->transient(OperationKey::TextInserted, [$receiver, $spot, new Operation(OperationKey::ToText, [new Operation(OperationKey::Letter, [$arguments[1]->value])])]);
                }
                if (null !== $spot && !$arguments[1]->all) {
                    return new Operation(OperationKey::Insert, [$receiver, $spot, $arguments[1]->value]);
                }
                if (2 === $count && ($first instanceof NumberLiteral || $first instanceof VariableRead)) {
                    return $this->transient(OperationKey::TextInserted, [$receiver, $first, $arguments[1]->value]);
                }
                if (2 === $count && $first instanceof Operation && OperationKey::Begin === $first->key) {
                    return new Operation(OperationKey::Prepend, [$receiver, $arguments[1]->value]);
                }
                if (2 === $count && $first instanceof Operation && OperationKey::End === $first->key && ($arguments[1]->all || $arguments[1]->value instanceof ListLiteral)) {
                    return new Operation(OperationKey::Extend, [$receiver, $arguments[1]->value]);
                }
                $part = 3 === $count && $first instanceof Operation && OperationKey::End === $first->key && $first->arguments[0] == $receiver ? $this->partOfList(\array_slice($arguments, 1)) : null;
                if (null !== $part) {
                    return new Operation(OperationKey::Extend, [$receiver, $part]);
                }
                if (2 === $count && $first instanceof Operation && OperationKey::End === $first->key && $first->arguments[0] == $receiver) {
                    return new Operation(OperationKey::Append, [$receiver, $arguments[1]->value]);
                }
                if (3 === $count && null !== $first && $this->isText($receiver) && !$first instanceof Operation) {
                    return $this->transient(OperationKey::TextInserted, [$receiver, $first, new Operation(OperationKey::Repeated, [new Operation(OperationKey::ToText, [new Operation(OperationKey::Letter, [$arguments[2]->value])]), $arguments[1]->value])]);
                }
                if (1 < $count && !($first instanceof Binary && $first->left instanceof Operation && OperationKey::Begin === $first->left->key)) {
                    $this->fail('unsupported', $token, ['what' => 'insert(…)']);
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
                [$first, $count] = $this->madeInPlace($receiver, $name, $arguments, $token);
                $made = $this->ofOrder($receiver, $name, $first, $count);
                if (null !== $made) {
                    return $made;
                }
                if ('push' !== $name) {
                    break;
                }
                // no break
            case 'append':
                $isRepeated = 2 === $count && 'append' === $name && $arguments[1]->value instanceof TextLiteral && $arguments[1]->value->letter;
                $more = null !== $first && $isRepeated ? new Operation(OperationKey::Repeated, [$arguments[1]->value, $first]) : (1 === $count ? $first : null);
                if (null !== $more && $receiver instanceof Operation && OperationKey::Append === $receiver->key) {
                    return new Operation(OperationKey::Append, [$receiver->arguments[0], new Binary(Operator::Join, $receiver->arguments[1], $more)]);
                }
                if (null !== $more && $this->isText($receiver)) {
                    return new Operation(OperationKey::Append, [$receiver, $more]);
                }
                if (!TypeNames::read($this->typeOf($receiver))->isList()) {
                    $this->fail('unsupported', $token, ['what' => ".$name(…)"]);
                }
                $this->fail('foreign_word', $token, ['word' => $name, 'near' => 'push_back'], [new Replacement($token->offset, \strlen($name), 'push_back')]);
                // no break
            case 'swap':
                if (1 === $count && null !== $first && Given::isPlace($receiver) && Given::isPlace($first) && ($this->isText($receiver) || $this->isOfType($receiver, '(?:vector|deque|(?:unordered_)?(?:map|set))'))) {
                    return $this->transient(OperationKey::Swap, [$receiver, $first]);
                }
                $this->fail('unsupported', $token, ['what' => '.swap(…)']);
                // no break
            case 'assign':
                if (1 === preg_match('/^(?:const )?(?:std::)?vector\b/', $this->typeOf($receiver)) && Given::isPlace($receiver) && null !== $first && (2 === $count || 1 === $count && $arguments[0]->all)) {
                    return new Operation(OperationKey::Given, [$receiver, $this->vector($this->typeOf($receiver), $arguments)]);
                }
                $this->fail('unsupported', $token, ['what' => '.assign(…)']);
                // no break
            case 'resize':
                $type = $this->typeOf($receiver);
                if (0 < $count && $count < 3 && null !== $first && 1 === preg_match('/^(?:const )?(?:std::)?vector\b/', $type)) {
                    return new Operation(OperationKey::Resize, [$receiver, $first, $arguments[1]->value ?? $this->empty($type)]);
                }
                $this->fail('unsupported', $token, ['what' => '.resize(…)']);
                // no break
            case 'compare':
                $this->fail('unsupported', $token, ['what' => '.compare(…)']);
                // no break
            case 'length':
            case 'size':
                return 0 === $count ? new Operation(OperationKey::Length, [$receiver]) : null;
        }

        return null;
    }

    /**
     * What is put into a container where the values that make it are given (C++17, 26.2.3).
     *
     * @param list<Argument> $arguments
     *
     * @return array{Expression|null, int} the value, and how many there are
     */
    private function madeInPlace(Expression $receiver, string $name, array $arguments, Token $token): array
    {
        [$first, $count] = [$arguments[0]->value ?? null, \count($arguments)];
        $item = TypeNames::read($this->typeOf($receiver))->item();
        $isMade = 1 < $count || 1 === $count && 'emplace_back' === $name && null !== $item->class && !$first instanceof MakeObject && !($first instanceof VariableRead && $item->class === TypeNames::read($this->typeOf($first))->class) && !$first instanceof Item && !$first instanceof OwnValue;
        if (!$isMade || 1 === preg_match('/(?:\*|_ptr ?<.*>)$/D', $this->typeOfItem($this->typeOf($receiver))) || !\in_array($name, ['emplace_back', 'emplace', 'push'], true) || [] === $item->parts && (null === $item->class || !isset($this->classes[$item->class]))) {
            return [$first, $count];
        }
        $made = [] !== $item->parts ? new Operation(OperationKey::Record, array_map(static fn (Argument $argument): Expression => $argument->value, $arguments)) : $this->madeOf(new Token(TokenKind::Name, (string) $item->class, $token->offset), $arguments, TypeKind::Copied === $item->kind);

        return [$made, 1];
    }

    /** What is done to a stack or a queue, each of which is a list that grows and shrinks at its ends alone (C++17, 26.6). */
    private function ofOrder(Expression $list, string $name, ?Expression $value, int $count): ?Operation
    {
        $type = $this->typeOf($list);
        if (1 !== preg_match('/^(?:const )?(stack|queue|deque|vector|priority_queue)\b/', $type, $match)) {
            return null;
        }
        [$of, $isGiven] = [$match[1], 1 === $count && null !== $value];
        // The greatest comes first, or with `greater` the least (C++17, 26.6.5).
        $next = new Operation(str_contains($type, 'greater<') ? OperationKey::Least : OperationKey::Greatest, [$list]);

        return match (true) {
            'priority_queue' === $of && ('push' === $name || 'emplace' === $name) && $isGiven => new Operation(OperationKey::Append, [$list, $value ?? $list]),
            'priority_queue' === $of && 'top' === $name && 0 === $count => $next,
            'priority_queue' === $of && 'pop' === $name && 0 === $count => new Operation(OperationKey::Remove, [$list, $next]),
            ('push' === $name || 'emplace' === $name) && $isGiven && ('stack' === $of || 'queue' === $of), 'emplace_back' === $name && $isGiven && null !== $value => new Operation(OperationKey::Append, [$list, $value ?? $list]),
            'pop' === $name && 0 === $count && 'stack' === $of => new Operation(OperationKey::DropLast, [$list]),
            'pop' === $name && 0 === $count && 'queue' === $of, 'pop_front' === $name && 0 === $count && 'deque' === $of => new Operation(OperationKey::DropFirst, [$list]),
            'top' === $name && 0 === $count && 'stack' === $of => new Operation(OperationKey::Last, [$list]),
            'push_front' === $name && $isGiven && 'deque' === $of => new Operation(OperationKey::Prepend, [$list, $value ?? $list]),
            default => null,
        };
    }

    /** @var array<string, string> the types of what objects keep, by name */
    public array $fieldTypes = [];

    protected function isOfLibrary(Expression $receiver): bool
    {
        $type = TypeNames::read($this->typeOf($receiver));

        return $type->isTextual() || $type->isList() || $type->isMap() || $type->isSet();
    }

    /** The type that the text gives a variable or a field; empty where it says none. */
    public function typeOf(Expression $value): string
    {
        return match (true) {
            $value instanceof VariableRead => $this->types[$this->scope][$value->name] ?? $this->types[''][$value->name] ?? '',
            $value instanceof Field => $this->fieldTypes[$value->name] ?? '',
            $value instanceof Item => $this->typeOfItem($this->typeOf($value->container)),
            $value instanceof Slice => $this->typeOf($value->container),
            default => '',
        };
    }

    /** A map that is asked for a key has it from then on (C++17, 26.4.4.3). */
    protected function makesItself(Expression $value): bool
    {
        return $value instanceof Item && TypeNames::read($this->typeOf($value->container))->isMap();
    }

    /** The type of what a list or a map of a type holds. */
    private function typeOfItem(string $type): string
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

    /** A function that has a name, as one that is written at its place. */
    private static function asLambda(FunctionReference|VariableRead $function): Lambda
    {
        $name = $function instanceof VariableRead && 'item' === $function->name ? 'value' : 'item';
        $item = new VariableRead($name);

        return new Lambda([$name], $function instanceof FunctionReference ? new OwnValue($function->function, [$item]) : new MethodCall($function, MethodCall::CALL, [$item]));
    }

    /** Signs as functions (C++17, 23.14.7). */
    private const SUMS = ['plus' => Operator::Add, 'minus' => Operator::Subtract, 'multiplies' => Operator::Multiply];

    /** From a first value on, whose type all sums have (C++17, 29.8.2). */
    private function accumulated(Expression $list, Expression $start, ?Expression $by, Token $token): Expression
    {
        if (null !== $by && !$by instanceof Lambda && !$by instanceof FunctionReference) {
            $this->fail('unsupported', $token, ['what' => 'accumulate']);
        }
        $sum = new Binary(Operator::Add, new VariableRead('sum'), new VariableRead('item'));
        $isWhole = $start instanceof NumberLiteral && \is_int($start->value);
        $keepsWhole = $isWhole || $start instanceof VariableRead && TypeNames::read($this->typeOf($start))->isWhole();
        $item = TypeNames::read($this->typeOf($list))->item();

        return match (true) {
            null !== $by => new Operation(OperationKey::Reduced, [$list, $by, $start]),
            $keepsWhole && StaticType::number() === $item => new Operation(OperationKey::Reduced, [$list, new Lambda(['sum', 'item'], new Operation(OperationKey::ToWhole, [$sum])), $start]),
            $isWhole => 0 === $start->value ? new Operation(OperationKey::Total, [$list]) : new Binary(Operator::Add, $start, new Operation(OperationKey::Total, [$list])),
            $start == new NumberLiteral(0.0) => $item->isWhole() ? new Operation(OperationKey::ToNumber, [new Operation(OperationKey::Total, [$list])]) : new Operation(OperationKey::Total, [$list]),
            $start == new TextLiteral('') => new Operation(OperationKey::Joined, [$list, $start]),
            default => new Operation(OperationKey::Reduced, [$list, new Lambda(['sum', 'item'], $sum), $start]),
        };
    }

    /** How far behind its first item an iterator of a list stands: `list.begin() + 2`; null where it is no such one. */
    private static function behindFirst(Expression $iterator, Expression $list): ?Expression
    {
        if (null !== ($spot = self::spot($iterator)) && $spot->arguments[0] == $list) {
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

    /** The place that `lower_bound` or `upper_bound` finds (C++17, 28.7.3); null for anything else. */
    public static function spot(Expression $value): ?Operation
    {
        $key = $value instanceof Operation ? [OperationKey::SpotBefore->value => OperationKey::PlaceBefore, OperationKey::SpotBehind->value => OperationKey::PlaceBehind][$value->key->value] ?? null : null;

        return null === $key || !$value instanceof Operation ? null : new Operation($key, $value->arguments);
    }

    /** Such a place, or the name of one. */
    private function spotOrName(Expression $value): ?Expression
    {
        return $value instanceof VariableRead && 'spot' === ($this->iterators[$value->name][0] ?? '') ? $value : self::spot($value);
    }

    /** How many items lie from one place to another: what is added to the first, where the second is written so. */
    private static function between(Expression $from, Expression $to): Expression
    {
        return match (true) {
            $from instanceof NumberLiteral && 0.0 === (float) $from->value => $to,
            $from instanceof NumberLiteral && $to instanceof NumberLiteral => new NumberLiteral($to->value - $from->value),
            $to instanceof Binary && Operator::Add === $to->operator && $to->left == $from => $to->right,
            default => new Binary(Operator::Subtract, $to, $from),
        };
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
