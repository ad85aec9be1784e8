<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Catalogue\FittingKind;
use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Cpp\Values\MadeValues;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** What a variable is declared with. */
final class InitialValues
{
    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * An array of C is a list of a fixed size: `int beds[3] = {1, 2};` (C++17, 11.3.4 and 11.6.1).
     *
     * @return array{string, Expression, Expression} the type of the list, what it holds, and its size
     */
    public function array(string $type): array
    {
        $sizes = [];
        $name = $this->parser->tokens[$this->parser->at - 1]->text ?? '';
        while (null !== ($opened = $this->parser->peek()) && $this->parser->accept('[')) {
            $sizes[] = $this->parser->is(']') ? null : $this->parser->value();
            $this->parser->close($opened);
        }
        $list = str_repeat('vector<', \count($sizes)).$type.str_repeat('>', \count($sizes));
        $braces = $this->parser->accept('=') || $this->parser->is('{') ? $this->parser->peek() : null;
        if ('char' === $type && 1 === \count($sizes) && (null === $braces || TokenKind::Text === $braces->kind)) {
            // Letters in a row are a text (C++17, 11.6.2).
            $text = null === $braces ? new TextLiteral('') : $this->parser->value();

            return ['string', $text, $sizes[0] ?? new NumberLiteral($text instanceof TextLiteral ? \strlen($text->value) + 1 : 0)];
        }
        if ('char' === $type && 2 === \count($sizes) && $this->parser->textsOfC->areTextsOfC($name, $braces)) {
            // Rows of letters are texts.
            $given = null === $braces ? new ListLiteral([]) : $this->parser->braces->braced($braces, 'vector<string>');

            return ['vector<string>', self::sized($given, [null === $sizes[0] ? null : $this->parser->typeTexts->known($sizes[0])], new TextLiteral('')), $sizes[0] ?? new NumberLiteral($given instanceof ListLiteral ? \count($given->items) : 0)];
        }
        if (null !== $braces && '{' !== $braces->text) {
            $this->parser->fail('brace_wanted', $braces, ['word' => '[]']);
        }
        $given = null === $braces ? new ListLiteral([]) : $this->parser->braces->braced($braces, $list);
        if (null === $braces && \in_array(null, $sizes, true)) {
            $this->parser->fail('value_missing', null, ['after' => '[']);
        }

        $letters = 'char' === $type && 1 === \count($sizes) && $given instanceof ListLiteral ? $given->items : [];
        $texts = array_filter(array_map(static fn (Expression $letter): ?string => $letter instanceof TextLiteral ? $letter->value : null, $letters), is_string(...));
        $room = ($sizes[0] ?? null) instanceof Expression ? $this->parser->typeTexts->known($sizes[0]) : null;
        $isShort = $room instanceof NumberLiteral && \count($texts) === \count($letters) && \count($letters) < $room->value && 'char' === $type && 1 === \count($sizes) && null !== $braces;
        if ($isShort || 'char' === $type && 1 === \count($sizes) && $given == new ListLiteral([new NumberLiteral(0)])) {
            // What is not said is nought, which ends a text of C (C++17, 11.6.1).
            return ['string', new TextLiteral(implode('', array_map(static fn (string $text): string => "\0" === $text ? '' : $text, $texts))), $sizes[0] ?? new NumberLiteral(1)];
        }
        if ([] !== $texts && \count($texts) === \count($letters) && "\0" === end($texts)) {
            // Letters that end with a nought are a text of C.
            return ['string', new TextLiteral(implode('', \array_slice($texts, 0, -1))), $sizes[0] ?? new NumberLiteral(\count($texts))];
        }

        // How many more there are shows only where the size is known.
        $known = [] === ($given->items ?? []) ? $sizes : array_map(fn (?Expression $size): ?Expression => null === $size ? null : $this->parser->typeTexts->known($size), $sizes);

        return [$list, self::sized($given, $known, $this->parser->madeValues->empty("vector<$type>")), $sizes[0] ?? new NumberLiteral($given instanceof ListLiteral ? \count($given->items) : 0)];
    }

    /** An `array<int, 4>` has all its items, whatever it is given at first (C++17, 26.3.7.1). */
    public function filledUp(string $type, ?Expression $value): ?Expression
    {
        if (null === $value && str_starts_with($type, 'optional<')) {
            return new NothingLiteral();
        }
        if (1 !== preg_match('/^array<(.*), ([0-9]++)>$/D', $type, $match) || null !== $value && !$value instanceof ListLiteral) {
            return $value;
        }
        $inner = $this->parser->madeValues->empty("vector<$match[1]>");
        $items = array_map(fn (Expression $item): Expression => $this->filledUp($match[1], $item) ?? $item, $value->items ?? []);

        return self::sized(new ListLiteral($items), [new NumberLiteral((int) $match[2])], $inner);
    }

    /** @param list<Expression|null> $sizes from the outermost one on */
    public static function sized(Expression $given, array $sizes, Expression $empty): Expression
    {
        $size = array_shift($sizes);
        $item = [] === $sizes ? $empty : self::sized(new ListLiteral([]), $sizes, $empty);
        $items = $given instanceof ListLiteral ? $given->items : [];
        if ([] !== $sizes) {
            $items = array_map(static fn (Expression $inner): Expression => self::sized($inner, $sizes, $empty), $items);
        }
        if (null === $size) {
            return new ListLiteral($items);
        }
        $isEmpty = [] === array_filter($items, static fn (Expression $inner): bool => $inner != $item);
        if ($isEmpty && (!$size instanceof NumberLiteral || \count($items) < $size->value)) {
            return new Operation(OperationKey::Filled, [$size, $item]);
        }
        $missing = $size instanceof NumberLiteral ? (int) $size->value - \count($items) : 0;

        if ($missing >= 1000) {
            return new Operation(OperationKey::Concatenated, [new ListLiteral($items), new Operation(OperationKey::Filled, [new NumberLiteral($missing), $item])]);
        }

        return new ListLiteral([...$items, ...array_fill(0, max(0, $missing), $item)]);
    }

    /**
     * `Bed bed;`, `Bed bed("rose");`, `Bed bed = {"rose", 3};`.
     *
     * @param bool $isOther whether it is another name for an object that is there, which may be of a class below it
     */
    private function objectOf(string $class, Token $name, bool $isOther): Expression
    {
        $isGiven = $this->parser->accept('=');
        $opened = $this->parser->peek();
        if (null !== $opened && ($this->parser->is('{') || !$isGiven && $this->parser->is('('))) {
            ++$this->parser->at;
            $arguments = $this->parser->arguments($opened);
            $arguments = $this->parser->classTemplates->asGiven($name->text, $class, $this->parser->makers->typesOf($class, \count($arguments)), $arguments);
            $empty = [] === $arguments && '{' === $opened->text ? $this->parser->madeValues->empty("vector<$class>") : null;

            return $empty ?? $this->parser->madeValues->madeOf(new Token(TokenKind::Name, $class, $name->offset), $arguments, true);
        }

        $value = $isGiven ? $this->parser->value() : null;
        $kind = null === $value ? null : TypeNames::read($this->parser->typeOf($value))->class;
        if (!$isOther && null !== $kind && $kind !== $class && isset($this->parser->classes->parents[$kind])) {
            // Only the part that the class above has is kept (C++17, 15.8.1).
            $this->parser->fail('unsupported', $name, ['what' => "$class $name->text = …"]);
        }

        return null === $value ? $this->parser->madeValues->madeOf(new Token(TokenKind::Name, $class, $name->offset), [], true) : ($isOther ? $value : $this->parser->fittingOverload->asObjectOf($class, $value));
    }

    private static function setOf(ListLiteral $list): Operation
    {
        return new Operation(OperationKey::SetOf, [] === $list->items ? [] : [$list]);
    }

    public function bracedAs(Token $opened, string $type): Expression
    {
        $known = TypeNames::read($type);
        if (TypeKind::Copied === $known->kind && isset($this->parser->classes->parents[(string) $known->class])) {
            ++$this->parser->at;
            $arguments = $this->parser->arguments($opened);

            return [] === $arguments ? $this->parser->madeValues->empty("vector<$type>") : $this->parser->madeValues->madeOf(new Token(TokenKind::Name, (string) $known->class, $opened->offset), $arguments, true);
        }
        $value = $this->parser->braces->braced($opened, $type);

        return $value instanceof ListLiteral && $known->isSet() ? self::setOf($value) : $value;
    }

    public function initializer(string $type, Token $name): ?Expression
    {
        if (FileStreams::isFileStream($type)) {
            return $this->parser->fileStreams->fileDeclared($type, $name);
        }
        $token = $this->parser->peek();
        $class = TypeNames::read($type)->class;
        if (null !== $class && isset($this->parser->classes->parents[$class]) && TypeKind::Copied === TypeNames::read($type)->kind) {
            return $this->objectOf($class, $name, str_ends_with($type, '&'));
        }
        if ($this->parser->accept('=')) {
            $opened = $this->parser->peek();
            if (null === $opened || $this->parser->is(';')) {
                $this->parser->fail('value_missing', $opened, ['after' => '=']);
            }
            $offset = $this->parser->offset();
            $isBraced = '{' === $opened->text && TokenKind::Sign === $opened->kind;
            $value = $isBraced ? $this->parser->braces->braced($opened, $type) : $this->parser->givenBehind($this->parser->value(), $offset);
            if ($isBraced && $value instanceof ListLiteral && TypeNames::read($type)->isSet()) {
                return self::setOf($value);
            }
            $this->fits($type, $value, $offset);

            return $this->inType($type, $value);
        }
        if ($this->parser->is('==')) {
            $this->parser->fail('equals_for_assign', $this->parser->peek(), ['text' => $name->text], [new Replacement($this->parser->offset(), 2, '=')]);
        }
        $isPart = $this->parser->is('{') && $this->parser->is('.', 2) && \in_array($this->parser->sign(3), ['begin', 'cbegin', 'rbegin'], true) && $this->parser->is(',', 6);
        if ($this->parser->is('{') && null !== $token && !$isPart) {
            $list = $this->parser->braces->braced($token, $type);
            $only = $list instanceof ListLiteral && 1 === \count($list->items) ? $list->items[0] : null;
            $kept = $only instanceof Operation && OperationKey::Copied === $only->key ? $only->arguments[0] : $only;
            $element = TypeNames::read($type)->element;
            if (null !== $kept && null !== $element && (TypeNames::read(TypeNames::bare($this->parser->typeOf($kept))) == TypeNames::read($type) || !$element->isList() && [] === $element->parts && !$element->isMap() && MadeValues::isMadeList($kept) && !$kept instanceof ListLiteral)) {
                // A list of the same kind is copied (C++17, 11.6.4 and CWG 2137).
                return $only;
            }
            if (null !== $kept && TypeNames::read($type)->isSet() && str_starts_with($this->parser->typeOf($kept), 'initializer_list<')) {
                return new Operation(OperationKey::SetOf, [$kept]);
            }
            if ($list instanceof ListLiteral && TypeNames::read($type)->isSet()) {
                return self::setOf($list);
            }
            if ($list instanceof ListLiteral && null === TypeNames::read($type)->element) {
                return $this->inType($type, $list->items[0] ?? $this->parser->madeValues->empty("vector<$type>"));
            }

            return $list;
        }
        if (1 === preg_match('/^[io]?stringstream$/D', $type)) {
            $given = $this->parser->is('(') || $this->parser->is('{') ? $this->parser->peek() : null;
            $this->parser->at += null === $given ? 0 : 1;

            return new Operation(OperationKey::TextStream, [null === $given ? new TextLiteral('') : $this->parser->arguments($given)[0]->value ?? new TextLiteral('')]);
        }
        if (($isPart || $this->parser->is('(')) && null !== $token) {
            ++$this->parser->at;
            $arguments = $this->parser->arguments($token);

            return $this->ofArguments($type, $arguments);
        }

        // Lists, maps and texts are empty from the start (C++17, 11.6); a number has no value yet.
        $read = TypeNames::read($type);

        return match ($read->kind) {
            TypeKind::List => [] !== $read->parts ? $this->parser->madeValues->ofRecord($type, []) : new ListLiteral([]),
            TypeKind::Set => new Operation(OperationKey::SetOf),
            TypeKind::Map => new MapLiteral([]),
            TypeKind::Text => new TextLiteral(''),
            default => null,
        };
    }

    /**
     * A value of a type that is made of what stands in its brackets (C++17, 11.6).
     *
     * @param list<Argument> $arguments
     */
    public function ofArguments(string $type, array $arguments): Expression
    {
        if (str_starts_with($type, 'priority_queue')) {
            // What compares its members is said by the type, too.
            $arguments = array_values(array_filter($arguments, static fn (Argument $argument): bool => !$argument->value instanceof FunctionReference && !($argument->value instanceof VariableRead && str_ends_with($type, ", {$argument->value->name}>"))));
            if (isset($arguments[0]) && $arguments[0]->all && null !== $this->parser->libraryMethods->comparing($type)) {
                // All at once they make another heap than one after the other (C++17, 26.6.5.1).
                $this->parser->fail('unsupported', $this->parser->tokens[$this->parser->at - 1] ?? null, ['what' => 'priority_queue<…>(….begin(), ….end())']);
            }
        }
        if (TypeNames::read($type)->isList()) {
            return $this->parser->madeValues->vector($type, $arguments);
        }
        $given = $arguments[0]->value ?? null;
        if ($given instanceof ListLiteral && TypeNames::read($type)->isSet()) {
            return self::setOf($given);
        }
        if (TypeNames::read($type)->isSet() && ([] === $arguments || $arguments[0]->all || 2 === \count($arguments))) {
            // Each of what is given once (C++17, 26.4.6.2).
            return new Operation(OperationKey::SetOf, [] === $arguments ? [] : [$this->parser->madeValues->vector('vector<int>', $arguments)]);
        }
        if (TypeNames::read($type)->isMap() && (2 === \count($arguments) || ($arguments[0]->all ?? false))) {
            $pairs = $this->parser->madeValues->vector('vector<int>', $arguments);

            // Of several pairs with one key the first stays (C++17, 26.2.6).
            return $this->parser->isOfType($arguments[0]->value, '(?:unordered_)?map') ? $arguments[0]->value : new Operation(OperationKey::MapOf, [new Operation(OperationKey::Backwards, [$pairs])]);
        }
        $fitting = isset($this->parser->classes->parents[$type]) ? null : FittingKind::ofClass($type);
        if (null !== $fitting && \count($arguments) === $fitting->sockets()) {
            return new Operation(OperationKey::from($fitting->value), array_map(static fn (Argument $argument): Expression => $argument->value, $arguments));
        }
        $text = 'string' === $type ? $this->parser->madeValues->textOf($arguments) : null;
        if (null !== $text) {
            return $text;
        }

        return $this->inType($type, $arguments[0]->value ?? $this->parser->madeValues->empty("vector<$type>"));
    }

    /** A literal list for a map is a map; a text in a `char` is a letter. */
    private function inType(string $type, Expression $value): Expression
    {
        if ($value instanceof ListLiteral && [] === $value->items && TypeNames::read($type)->isMap()) {
            return new MapLiteral([]);
        }

        if ($value instanceof NumberLiteral && 1 === preg_match('/^optional<(?:double|float)>$/D', $type)) {
            return new NumberLiteral((float) $value->value);
        }
        if ('char' === $type) {
            return $value instanceof Binary && $value->operator->isArithmetic() ? new Operation(OperationKey::Letter, [$value]) : $value;
        }

        return $this->asNumber($type, $value);
    }

    /** A letter that a number is made of is its code (C++17, 7.8). */
    public function asNumber(string $type, Expression $value): Expression
    {
        return $this->parser->letterRows->isOne($value) && TypeNames::read($type)->isNumeric() ? new Operation(OperationKey::Code, [$value]) : $value;
    }

    private function fits(string $type, Expression $value, int $offset): void
    {
        $known = TypeNames::read($type);
        $length = max(1, $this->parser->endOffset() - $offset);
        if ($known->isNumeric() && $value instanceof TextLiteral && !$value->letter || StaticType::text() === $known && $value instanceof NumberLiteral) {
            $fix = $value instanceof TextLiteral && is_numeric($value->value) ? [new Replacement($offset, $length, $value->value)] : ($value instanceof NumberLiteral ? [new Replacement($offset, $length, '"'.substr($this->parser->text, $offset, $length).'"')] : []);
            $this->parser->mistake('wrong_type', $offset, $length, ['name' => $type], $fix);
        }
        if ('char' === $type && $value instanceof TextLiteral && !$value->letter) {
            $this->parser->mistake('char_quotes', $offset, $length, [], 1 === mb_strlen($value->value) ? [new Replacement($offset, $length, "'$value->value'")] : []);
        }
    }
}
