<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Cpp\Values\PointedValues;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Reading;
use Scrivlet\Core\Language\Typing\StaticType;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Given;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Variables that are declared. */
final class DeclarationRows
{
    /** @var array{bool, bool}|null whether the text brings in this project's library, and all names of the standard one */
    private ?array $brought = null;

    /** @var array<string, array<string, true>> by function, the variables that another name stands for, too */
    private array $alsoNamed = [];

    /** @var array<string, array<string, string>> by function and name, the type of what another name stands for */
    private array $stoodFor = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /**
     * What follows a type: variables, a function, or the prototype of one.
     *
     * @return list<Statement>
     */
    public function declared_(Token $token, string $type, int $start): array
    {
        if ($this->parser->is('[')) {
            return $this->declaredSeveral($token);
        }
        $operator = $this->parser->freeOperators->freeOperator($token, $type, $start);
        if (null !== $operator) {
            return [$operator];
        }
        if ($this->parser->is('(', 1) && $this->parser->functionRows->isFunction()) {
            $name = $this->parser->newName();
            --$this->parser->at;
            $function = $this->parser->functionRows->function($token, $type, $name, $start);
            $lasting = $this->parser->pointers->lasting;
            $this->parser->pointers->lasting = [];

            return [...$lasting, $function];
        }
        if ('static' === $token->text && '' !== $this->parser->scope && !$this->parser->pointers->isConstant($token)) {
            return [$this->parser->pointers->lastingValue($token, $type)];
        }
        if (str_ends_with($type, ' *')) {
            $pointer = $this->parser->pointers->pointer($token, $type);
            if (null !== $pointer) {
                return [$pointer];
            }
        }
        // A name that changes nothing sees what becomes of the other one all the same.
        $named = str_ends_with($type, '&') ? TypeNames::read(trim((string) preg_replace('/^const\s+/', '', $type), '& ')) : null;
        if (null !== $named && ($named->isNumeric() || $named->isTextual() || TypeKind::Truth === $named->kind || TypeKind::Unknown === $named->kind) && $this->parser->is('=', 1) && TokenKind::Name === ($of = $this->parser->peek(2))?->kind && $this->parser->is(';', 3)) {
            return [$this->parser->pointers->otherName($token, $of)];
        }
        if (null !== $named && $this->parser->is('=', 1) && ($named->isNumeric() || $named->isTextual() || \in_array($named->kind, [TypeKind::Truth, TypeKind::Unknown, TypeKind::Copied], true))) {
            $place = $this->parser->pointers->nameOfPlace($token, $type);
            if (null !== $place) {
                return [$place];
            }
        }
        if (null !== $named && !str_starts_with($type, 'const') && ($named->isNumeric() || $named->isTextual() || TypeKind::Truth === $named->kind)) {
            // Another name for a number, a text or a truth would have to change both.
            $this->parser->fail('unsupported', $token, ['what' => trim($type, '& ').'& … = …']);
        }
        $rows = [];
        do {
            if (str_ends_with($type, ' *')) {
                // The star belongs to each name (C++17, 11.3.1).
                $this->parser->accept('*');
            }
            if ([] !== $rows && $this->parser->is('&')) {
                $this->parser->fail('unsupported', $this->parser->peek(), ['what' => '&'.($this->parser->peek(1)->text ?? '').' = …']);
            }
            if ([] !== $rows && $this->parser->is('*')) {
                $this->parser->pointers->pointerBeside($token, $type);
                continue;
            }
            $name = $this->parser->newName();
            if (!$this->parser->inMain && '' === $this->parser->scope && Names::clashesInCpp($name->text, ...$this->brought ??= [str_contains($this->parser->text, '"scrivlet.hpp"'), str_contains($this->parser->text, 'using namespace std;')])) {
                $this->parser->mistake('name_of_library', $name->offset, \strlen($name->text), ['name' => $name->text]);
            }
            if ($this->parser->isDeclaredTwice($name->text) && !isset($this->parser->symbols->functions[$name->text])) {
                $this->parser->mistake('declared_twice', $name->offset, \strlen($name->text), ['name' => $name->text], [new Replacement($token->offset, $name->offset - $token->offset, '')]);
            }
            unset($this->parser->arraySizes[$name->text], $this->parser->pairs[$name->text], $this->parser->iterators[$name->text]);
            if ($this->parser->is('[')) {
                [$kept, $value, $size] = $this->parser->initialValues->array($type);
                $this->parser->arraySizes[$name->text] = $size;
            } else {
                [$kept, $value] = [$type, $this->parser->initialValues->filledUp($type, $this->parser->initialValues->initializer($type, $name))];
                // What may hold a value several times has them in their order (C++17, 26.4.7).
                $value = str_starts_with($type, 'multiset<') && null !== $value && $value != new ListLiteral([]) ? new Operation(OperationKey::Sorted, [$value]) : $value;
            }
            $this->parser->types[$this->parser->scope][$name->text] = 'auto' === $kept && null !== $value ? ($this->parser->letterRows->isOne($value) ? 'char' : ('' !== $this->parser->typeOf($value) ? $this->parser->typeOf($value) : ('' !== ($class = $this->parser->classOf($value)) ? $class : $kept))) : $kept;
            $this->parser->declared[$this->parser->scope][$name->text] = true;
            $head = substr($this->parser->text, $token->offset, $name->offset - $token->offset);
            $this->parser->goneObjects->noteGoing($kept, $name->text, $value);
            if (str_contains($head, '*') && 'string' === $kept) {
                $this->parser->ofLetters[$this->parser->scope][$name->text] = true;
            } elseif (1 === preg_match('/\bconst(?:expr)?\b[^*]*$/D', $head)) {
                // What a pointer points at may be constant while the pointer is not (C++17, 11.3.1).
                $this->parser->constants[$this->parser->scope][$name->text] = true;
                $this->parser->fixed[$name->text] = $value;
            }
            if ($value instanceof Operation && OperationKey::Length === $value->key && $value->arguments[0] instanceof VariableRead && 1 === preg_match_all('/(?<![\w.])'.Names::asPattern($name->text).'\s*(?:[-+*\/%]?=(?!=)|\+\+|--)|(?:\+\+|--|>>\s*|&)\s*'.Names::asPattern($name->text).'\b/', $this->parser->text)) {
                $this->parser->lengths[$name->text] = $value->arguments[0]->name;
            }
            $this->parser->write($name->text, $name->offset);
            $this->parser->references[$this->parser->scope][$name->text] = null !== $named;
            $this->stoodFor[$this->parser->scope][$name->text] = null === $named || null === $value ? '' : TypeNames::bare($this->parser->typeOf($value));
            if (null !== $named && $value instanceof VariableRead) {
                $this->alsoNamed[$this->parser->scope][$value->name] = true;
            }
            $value = $this->asIterator($name->text, $type, $value);
            if (null === $value && '' === $this->parser->scope && (!$this->parser->inMain || 'static' === $token->text) && (TypeNames::read($kept)->isNumeric() || 'bool' === $kept)) {
                // What lasts as long as the program is nought before anything else (C++17, 6.6.2).
                $value = $this->parser->madeValues->empty("vector<$kept>");
            }
            $told = 'auto' === $kept && null !== $value ? ($this->parser->letterRows->isOne($value) ? 'char' : $this->typeTold($value, 1 === preg_match('/\bauto\b/', $head))) : $kept;
            $rows[] = null === $value ? new Declaration($this->parser->newId(), $name->text, 'auto' === $kept ? null : $kept) : new SetVariable($this->parser->newId(), $name->text, $value, false, $told);
        } while ($this->parser->accept(','));
        $this->parser->semicolon();
        $this->parser->cutTogether($rows, $token->offset);

        return $rows;
    }

    /** `auto` where nothing else would tell what a variable holds: a text or a container that a function gives. */
    private function typeTold(Expression $value, bool $isAuto): string
    {
        if (!$isAuto && ($value instanceof NumberLiteral || $value instanceof TruthLiteral || $value instanceof Operation)) {
            // What a template is made for tells that.
            return 'auto';
        }
        if ($value instanceof NumberLiteral) {
            return \is_float($value->value) ? 'double' : (abs($value->value) < 2 ** 31 ? 'int' : 'long long');
        }
        if ($value instanceof TruthLiteral) {
            return 'bool';
        }
        $made = $value instanceof Operation ? ['to_whole' => 'int', 'to_long' => 'long long', 'to_number' => 'double'][$value->key->value] ?? null : null;
        if (null !== $made) {
            return $made;
        }
        $type = $value instanceof OwnValue || $value instanceof MethodCall || $value instanceof VariableRead ? $this->parser->typeOf($value) : '';
        $known = TypeNames::read($type);
        if ($value instanceof VariableRead) {
            return [] === $known->parts ? 'auto' : TypeNames::bare($type);
        }

        return $known->isTextual() || $known->isList() || $known->isMap() || $known->isSet() ? $type : 'auto';
    }

    /** A variable that a condition declares, with its value. */
    public function declaredInCondition(): ?Expression
    {
        $at = $this->parser->at;
        $type = $this->parser->typeTexts->type();
        $name = $this->parser->peek();
        if (null === $type || TokenKind::Name !== $name?->kind || !$this->parser->is('=', 1)) {
            $this->parser->at = $at;

            return null;
        }
        $this->parser->at += 2;
        $value = $this->parser->value();
        $this->parser->declared[$this->parser->scope][$name->text] = true;
        $this->parser->types[$this->parser->scope][$name->text] = 'auto' === $type ? '' : $type;
        $this->parser->write($name->text, $name->offset);
        if (!$this->parser->is(';')) {
            return $this->parser->givenInside(OperationKey::Given, new VariableRead($name->text), $value, $name->offset);
        }
        // `if (int n = count(); n > 0)` (C++17, 9.4)
        $given = $this->parser->givenInside(OperationKey::Given, new VariableRead($name->text), $this->asIterator($name->text, $type, $value) ?? $value, $name->offset);
        ++$this->parser->at;

        return new Operation(OperationKey::After, [$given, $this->parser->value()]);
    }

    /** `auto it = find(v.begin(), v.end(), 3)` is a place in a list, -1 for none; `m.find(key)` is a key, which may be missing. */
    private function asIterator(string $name, string $type, ?Expression $value): ?Expression
    {
        unset($this->parser->iterators[$name]);
        $place = 'auto' !== $type || null === $value ? null : $this->parser->places->placeIn($value);
        if (null !== $place && $this->parser->places->isListOfPlaces($place[1]) && $this->parser->namesOfPlaces->isOnlyPlace($name, $this->parser->at)) {
            return $this->parser->namesOfPlaces->startedAt($name, $place);
        }
        if ('auto' !== $type || !$value instanceof Operation) {
            return $value;
        }
        [$list, $what] = [$value->arguments[0] ?? null, $value->arguments[1] ?? null];
        $spot = PointedValues::spot($value);
        if (null !== $spot && null !== $list) {
            $this->parser->iterators[$name] = ['spot', $list];
            $this->parser->types[$this->parser->scope][$name] = '';

            return $spot;
        }
        if (\in_array($value->key, [OperationKey::GreatestPlace, OperationKey::LeastPlace], true) && null !== $list) {
            $value = new Operation(OperationKey::Sought, [$list, $what = PointedValues::foundBy($value)]);
            if (1 === preg_match('/\b'.Names::asPattern($name).'\s*[!=]=/', $this->parser->text)) {
                // Whether there was one at all is asked further down (C++17, 28.7.8).
                $this->parser->iterators[$name] = ['place', $list];
                $this->parser->types[$this->parser->scope][$name] = '';

                return new Choice(new Operation(OperationKey::IsEmpty, [$list]), new NumberLiteral(-1), new Operation(OperationKey::Position, [$list, $what]));
            }
        }
        if (OperationKey::Begin === $value->key && null !== $list && $this->parser->isOfType($list, '(?:map|set)')) {
            // What comes first by its order; nothing where nothing is (C++17, 26.2.6).
            $this->parser->iterators[$name] = ['key', $list];
            $this->parser->types[$this->parser->scope][$name] = '';
            if (!$this->staysAtFirst($name)) {
                return new Operation(OperationKey::KeyFrom, [$list, new NothingLiteral()]);
            }

            return new Choice(new Binary(Operator::Equal, new Operation(OperationKey::Length, [$list]), new NumberLiteral(0)), new NothingLiteral(), new Operation(OperationKey::Least, [$this->parser->isOfType($list, 'set') ? $list : new Operation(OperationKey::Keys, [$list])]));
        }
        if (OperationKey::End === $value->key && null !== $list && $this->parser->isOfType($list, '(?:map|set)')) {
            $this->parser->iterators[$name] = ['key', $list];
            $this->parser->types[$this->parser->scope][$name] = '';

            return new NothingLiteral();
        }
        if (OperationKey::SoughtIf === $value->key && null !== $list) {
            $this->parser->iterators[$name] = ['place', $list];
            $this->parser->types[$this->parser->scope][$name] = '';

            return new Operation(OperationKey::FirstPlace, $value->arguments);
        }
        if (null === $list || null === $what || OperationKey::Sought !== $value->key && (OperationKey::Position !== $value->key || !$this->parser->isOfType($list, '(?:unordered_)?(?:map|set)'))) {
            return $value;
        }
        $this->parser->iterators[$name] = [OperationKey::Sought === $value->key ? 'place' : 'key', $list];
        $this->parser->types[$this->parser->scope][$name] = '';

        return OperationKey::Sought === $value->key ? new Operation(OperationKey::Position, [$list, $what]) : $what;
    }

    /** Whether an iterator is never moved on, nor given another place. */
    private function staysAtFirst(string $name): bool
    {
        $named = Names::asPattern($name);

        return 1 !== preg_match("/(?:\\+\\+|--)\\s*$named\\b|\\b$named\\s*(?:\\+\\+|--|[-+]=)|\\b(?:advance|next|prev)\\s*\\(\\s*$named\\b/", $this->parser->text) && 1 === preg_match_all("/\\b$named\\s*=(?!=)/", $this->parser->text);
    }

    /** @return list<Statement> */
    private function declaredSeveral(Token $token): array
    {
        $opened = $this->parser->peek() ?? $token;
        ++$this->parser->at;
        $targets = [];
        while (null !== ($name = $this->parser->peek()) && TokenKind::Name === $name->kind) {
            ++$this->parser->at;
            $targets[] = new VariableRead($name->text);
            $this->parser->declared[$this->parser->scope][$name->text] = true;
            $this->parser->types[$this->parser->scope][$name->text] = '';
            $this->parser->write($name->text, $name->offset);
            $this->parser->accept(',');
        }
        $this->parser->close($opened);
        if (!$this->parser->accept('=') || [] === $targets) {
            $this->parser->fail('value_missing', null, ['after' => ']']);
        }
        $value = $this->parser->value();
        $this->parser->semicolon();
        if ($value instanceof Operation && OperationKey::OuterPlaces === $value->key && 2 === \count($targets)) {
            return [$this->parser->ended(new SetSeveral($this->parser->newId(), $targets, $this->outerPlaces($value->arguments[0], $value->arguments[1] ?? null, $targets)), $token->offset)];
        }
        $head = substr($this->parser->text, $token->offset, $opened->offset - $token->offset);
        if (str_contains($head, '&') && !str_contains($head, 'const')) {
            $this->parser->eachRows->unlessChanged(array_map(static fn (VariableRead $target): string => $target->name, $targets), $this->parser->at, $this->parser->until);
        }

        return [$this->parser->ended(new SetSeveral($this->parser->newId(), $targets, [$value]), $token->offset)];
    }

    /**
     * `auto [least, greatest] = minmax_element(…)`: the first of the least and the last of the greatest (C++17, 28.7.8).
     *
     * @param Expression|null    $less  what tells which of two is less, where they do not tell it themselves
     * @param list<VariableRead> $names
     *
     * @return list<Expression>
     */
    private function outerPlaces(Expression $list, ?Expression $less, array $names): array
    {
        if (null !== $less) {
            foreach ($names as $name) {
                $this->parser->iterators[$name->name] = ['spot', $list];
            }

            return [new Operation(OperationKey::PlaceLeast, [$list, $less]), new Operation(OperationKey::PlaceLastGreatest, [$list, $less])];
        }
        foreach ($names as $name) {
            $this->parser->iterators[$name->name] = ['place', $list];
        }
        $fromBehind = new Operation(OperationKey::Position, [new Operation(OperationKey::Backwards, [$list]), new Operation(OperationKey::Greatest, [$list])]);

        return [
            new Operation(OperationKey::Position, [$list, new Operation(OperationKey::Least, [$list])]),
            new Binary(Operator::Subtract, new Binary(Operator::Subtract, new Operation(OperationKey::Length, [$list]), new NumberLiteral(1)), $fromBehind),
        ];
    }

    /** `int Animal::count = 0;`: what a class shares gets its value. */
    public function sharedValue(Token $token): ?Statement
    {
        [$at, $tokens] = [$this->parser->at, $this->parser->tokens];
        $this->parser->mayPoint = true;
        $type = $this->parser->typeTexts->type();
        $this->parser->mayPoint = false;
        [$class, $name] = [$this->parser->peek(), $this->parser->peek(2)];
        if (null === $type || null === $class || null === $name || !isset($this->parser->classes->parents[$class->text]) || !$this->parser->is('::', 1) || !$this->parser->is('=', 3) && !$this->parser->is(';', 3) && !$this->parser->is('[', 3) && !$this->parser->is('{', 3) || '' !== $this->parser->scope || $this->parser->inMain) {
            // Reading a type may have taken two signs apart.
            [$this->parser->at, $this->parser->tokens] = [$at, $tokens];

            return null;
        }
        $this->parser->at += 3;
        $value = match (true) {
            $this->parser->is('[') => $this->parser->initialValues->array($type)[1],
            $this->parser->is('{'), $this->parser->is('=') && $this->parser->is('{', 1) => $this->parser->initialValues->initializer($type, $name) ?? $this->parser->madeValues->empty("vector<$type>"),
            $this->parser->accept('=') => $this->parser->value(),
            default => $this->parser->madeValues->empty("vector<$type>"),
        };
        $this->parser->semicolon();

        return $this->parser->ended(new SetVariable($this->parser->newId(), "$class->text.$name->text", $value), $token->offset);
    }

    /** `bed.reset();`, `bed.reset(new Bed());`: what a smart pointer points at from here on, perhaps nothing (C++17, 23.11.1.2). */
    public function pointedAnew(Token $token): ?SetVariable
    {
        $opened = $this->parser->is('.', 1) && $this->parser->is('reset', 2) ? $this->parser->peek(3) : null;
        if ('(' !== $opened?->text || 1 !== preg_match('/^(?:std::)?(?:unique|shared)_ptr</', $this->parser->types[$this->parser->scope][$token->text] ?? $this->parser->types[''][$token->text] ?? '')) {
            return null;
        }
        $this->parser->at += 4;
        $given = $this->parser->arguments($opened);
        $this->parser->semicolon();
        $this->parser->write($token->text, $token->offset);

        return new SetVariable($this->parser->newId(), $token->text, $given[0]->value ?? new NothingLiteral());
    }

    private function typeBehind(string $name): StaticType
    {
        $type = trim($this->parser->typeOf(new VariableRead($name)), '& ');

        return TypeNames::read('auto' === $type ? $this->stoodFor[$this->parser->scope][$name] ?? $type : $type);
    }

    private function isHolder(StaticType $type): bool
    {
        return $type->isList() || $type->isMap() || $type->isSet();
    }

    /** A list, a map or a set that has another name somewhere gets other items, and stays what it is (C++17, 11.3.2 and 26.2.1). */
    public function asItself(Statement $row): Statement
    {
        if ($row instanceof SetSeveral && 2 === \count($row->targets) && $row->targets == array_reverse($row->values) && [] !== array_filter($row->targets, $this->isHolderElsewhere(...))) {
            return new Perform($row->id, new Operation(OperationKey::Exchange, $row->values));
        }
        $letters = $row instanceof SetItem && $row->target instanceof Item ? $row->target->container : null;
        if ($row instanceof SetItem && $row->target instanceof Item && $letters instanceof VariableRead && 'string' === TypeNames::bare($this->parser->typeOf($letters)) && ($this->parser->places->isArray($letters->name) || isset($this->parser->textsOfC->handed[$letters->name]))) {
            // A text of C has room for more letters than it has.
            $value = match (true) {
                null !== $row->operator => new Operation(OperationKey::Letter, [new Binary($row->operator, new Operation(OperationKey::Code, [$row->target]), $row->value)]),
                $row->value instanceof NumberLiteral => new TextLiteral(\chr((int) $row->value->value & 127), true),
                $row->value instanceof Binary && $row->value->operator->isArithmetic() => new Operation(OperationKey::Letter, [$row->value]),
                default => $row->value,
            };

            return new SetVariable($row->id, $letters->name, new Operation(OperationKey::WithLetterOfC, [$letters, $row->target->index, $value]));
        }
        if (!$row instanceof SetVariable || null !== $row->declared || !$this->isHolderElsewhere($place = new VariableRead($row->variable))) {
            return $row;
        }

        return new Perform($row->id, $this->typeBehind($row->variable)->isList() ? new Operation(OperationKey::PutRange, [$place, new NothingLiteral(), new NothingLiteral(), $row->value]) : new Operation(OperationKey::Refill, [$place, $row->value]));
    }

    /** Whether a place is the name of a list, a map or a set that is known by another name, too. */
    private function isHolderElsewhere(Expression $place): bool
    {
        $type = $place instanceof VariableRead ? $this->parser->typeOf($place) : '';
        if (!$place instanceof VariableRead || str_starts_with($type, 'const ') || !str_ends_with($type, '&') && !isset($this->alsoNamed[$this->parser->scope][$place->name])) {
            return false;
        }

        return $this->isHolder($this->typeBehind($place->name));
    }

    /** What is given to a reference is given to what it stands for (C++17, 11.3.2). */
    public function mayChange(string $name, int $offset): void
    {
        if (isset($this->parser->constants[$this->parser->scope][$name]) || !isset($this->parser->declared[$this->parser->scope][$name]) && isset($this->parser->constants[''][$name])) {
            $this->parser->mistake('constant_assigned', $offset, \strlen($name), ['name' => $name]);
        } elseif (($this->parser->references[$this->parser->scope][$name] ?? false) && !$this->isHolder($this->typeBehind($name))) {
            $this->parser->mistake('unsupported', $offset, \strlen($name), ['what' => "& $name = …"]);
        }
    }
}
