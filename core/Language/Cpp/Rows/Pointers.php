<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Cpp\CppParser;
use Scrivlet\Core\Language\Cpp\References;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Parser;
use Scrivlet\Core\Language\Typing\TypeKind;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Names that stand for what another name has: references, pointers, and what functions keep from call to call. */
final class Pointers
{
    /** @var list<SetVariable> what functions keep from one call to the next, which has its value before the first (C++17, 9.7) */
    public array $lasting = [];

    /** @var list<array{Import, Token, Item|Field}> names for places, in the blocks that are open */
    public array $named = [];

    public function __construct(private readonly CppParser $parser)
    {
    }

    /** Whether a declaration says that what it declares stays what it is. */
    public function isConstant(Token $token): bool
    {
        return 1 === preg_match('/\G(?:static\s+)?const(?:expr)?\b|\Gconst(?:expr)?\s+static\b/', $this->parser->text, $match, 0, $token->offset);
    }

    /** `static int calls = 0;` in a function: a variable of the whole program that is known nowhere else. */
    public function lastingValue(Token $token, string $type): Statement
    {
        $name = $this->parser->newName();
        $value = $this->parser->is('=') || $this->parser->is('{') ? $this->parser->initialValues->initializer($type, $name) : $this->parser->madeValues->empty("vector<$type>");
        $this->parser->semicolon();
        $end = $this->parser->tokens[$this->parser->at - 1]->offset;
        $elsewhere = 0;
        foreach ($this->parser->tokens as $index => $one) {
            $elsewhere += $one->text === $name->text && TokenKind::Name === $one->kind && !\in_array($this->parser->tokens[$index - 1]->text ?? '', ['.', '->', '::'], true) && ($one->offset < $this->parser->begun || $one->offset > $this->parser->ends) ? 1 : 0;
        }
        $isFixed = null !== $value && [] === array_filter(Walk::expressions($value), static fn (Expression $part): bool => $part instanceof VariableRead || $part instanceof OwnValue || $part instanceof MethodCall);
        if (0 < $elsewhere || !$isFixed || str_contains($this->parser->scope, '.') || $this->parser->inMain) {
            // Another name of that kind would be the same variable, and another value would be another one each time.
            $this->parser->fail('unsupported', $token, ['what' => "static $type"]);
        }
        $this->parser->declared[''][$name->text] = true;
        $this->parser->types[''][$name->text] = $type;
        [$scope, $this->parser->scope] = [$this->parser->scope, ''];
        $this->parser->write($name->text, $name->offset);
        $this->parser->scope = $scope;
        $this->lasting[] = $kept = new SetVariable($this->parser->newId(), $name->text, $value, false, $type);
        [$parent, $this->parser->parent] = [$this->parser->parent, 1];
        $this->parser->cut($kept->id, 'head', $this->parser->begun, $this->parser->begun);
        $this->parser->parent = $parent;

        return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $end + 1 - $token->offset), $this->parser->language()->value), $token->offset);
    }

    /** `int& all = beds;`: from here to the end of its block a name means another one (C++17, 11.3.2). */
    public function otherName(Token $token, Token $of): Statement
    {
        $name = $this->parser->newName();
        $this->parser->at += 2;
        $this->parser->read($of->text, $of->offset);
        $this->parser->semicolon();
        $depth = 0;
        for ($index = $this->parser->at; isset($this->parser->tokens[$index]) && 0 <= $depth; ++$index) {
            $one = $this->parser->tokens[$index];
            $depth += TokenKind::Sign !== $one->kind ? 0 : ['{' => 1, '}' => -1][$one->text] ?? 0;
            if ($one->text === $name->text && TokenKind::Name === $one->kind && !\in_array($this->parser->tokens[$index - 1]->text, ['.', '->', '::'], true)) {
                $this->parser->tokens[$index] = $one->readAs($of->text);
            }
        }

        return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset);
    }

    /** `int& most = beds[2];`: another name for a place, up to the end of the block; null where it is none that is said twice the same. */
    public function nameOfPlace(Token $token, string $type): ?Statement
    {
        $name = $this->parser->peek() ?? $token;
        [$start, $mistakes, $reads] = [$this->parser->at, \count($this->parser->mistakes), \count($this->parser->symbols->reads)];
        $this->parser->at += 2;
        $given = TokenKind::Name === $this->parser->peek()?->kind ? $this->parser->expression() : null;
        $place = $given instanceof MethodCall || $given instanceof Operation ? $this->parser->placeOf($given) : $given;
        $kept = null === $place ? '' : $this->parser->typeOf($place);
        $kept = '' === $kept && $given instanceof MethodCall ? $this->parser->givenPlaces->classGivenBy($given) : $kept;
        $known = TypeNames::read($kept);
        $isPlain = $known->isNumeric() || $known->isTextual() || TypeKind::Truth === $known->kind || TypeKind::Copied === $known->kind && $this->isGivenAnew($name->text);
        if (!$place instanceof Item && !$place instanceof Field || !$isPlain || !$this->parser->is(';') || !$this->isSteady($place)) {
            $this->parser->at = $start;
            Parser::cutTo($this->parser->mistakes, $mistakes);
            Parser::cutTo($this->parser->symbols->reads, $reads);

            return null;
        }
        $this->parser->semicolon();
        $this->parser->types[$this->parser->scope][$name->text] = trim(str_starts_with($type, 'auto') || str_contains($type, 'auto') ? $kept : $type, '& ');
        $this->parser->declared[$this->parser->scope][$name->text] = true;
        $this->parser->write($name->text, $name->offset);
        $row = new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value);
        $this->named[] = [$row, $name, $place];

        return $this->parser->ended($row, $token->offset);
    }

    /** Whether all of what a name stands for is replaced before its block ends. */
    private function isGivenAnew(string $name): bool
    {
        for ($at = $this->parser->at, $depth = 0; isset($this->parser->tokens[$at]) && 0 <= $depth; ++$at) {
            $token = $this->parser->tokens[$at];
            $depth += TokenKind::Sign !== $token->kind ? 0 : ['{' => 1, '}' => -1][$token->text] ?? 0;
            if ($name === $token->text && '=' === ($this->parser->tokens[$at + 1]->text ?? '') && !\in_array($this->parser->tokens[$at - 1]->text, ['.', '->', '*', '&'], true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a place stays the same as long as no variable in it changes: nothing in it points elsewhere, and its keys are plain. */
    private function isSteady(Expression $place): bool
    {
        for (; $place instanceof Item || $place instanceof Field; $place = $place instanceof Item ? $place->container : $place->object) {
            $key = $place instanceof Item ? $place->index : null;
            if (null !== $key && !$key instanceof VariableRead && !$key instanceof NumberLiteral && !$key instanceof TextLiteral || 1 === preg_match('/\*$|_ptr\b/', $this->parser->typeOf($place))) {
                return false;
            }
        }

        return $place instanceof VariableRead;
    }

    /**
     * Rows of a block, with the places in which its further names stand for one.
     *
     * @param list<Statement>                        $rows
     * @param list<array{Import, Token, Item|Field}> $named
     *
     * @return list<Statement>
     */
    public function withPlaces(array $rows, array $named): array
    {
        foreach ($named as [$declared, $name, $place]) {
            $from = array_search($declared, $rows, true);
            $behind = false === $from ? [] : \array_slice($rows, $from + 1);
            $parts = array_map(static fn (VariableRead $read): string => $read->name, array_filter(iterator_to_array(Walk::expressions($place), false), static fn (Expression $part): bool => $part instanceof VariableRead));
            foreach (Walk::statements($behind) as $row) {
                if ([] !== array_intersect($row->assigned(), $parts)) {
                    // It is the place as it was when it got the name.
                    $this->parser->fail('unsupported', $name, ['what' => "& $name->text = …"]);
                }
            }
            $rows = false === $from ? $rows : [...\array_slice($rows, 0, $from + 1), ...References::changed(new Block($behind), $name->text, $place)->statements];
        }

        return $rows;
    }

    /** `int* p = &beds;`: another name for what it points at, which never points elsewhere; `new int[3]` is a list. */
    public function pointer(Token $token, string $type): ?Statement
    {
        $rows = $this->pointerToRows($token, $type);
        if (null !== $rows) {
            return $rows;
        }
        $name = $this->parser->peek();
        $moved = null === $name || !$this->parser->is('=', 1) ? null : $this->parser->namesOfPlaces->movedPointer($token, $name);
        if (null !== $moved) {
            return $moved;
        }
        $isOfClass = isset($this->parser->classes->parents[substr($type, 0, -2)]);
        $named = $this->parser->peek(2)->text ?? '';
        if ($isOfClass && $this->parser->is('=', 1) && (isset($this->parser->arraySizes[$named]) || TypeNames::read($this->parser->typeOf(new VariableRead($named)))->isList()) && ($this->parser->is(';', 3) || $this->parser->is('+', 3))) {
            // What points at the first of many could be moved on to the others.
            $this->parser->fail('unsupported', $token, ['what' => $type]);
        }
        $isArray = null !== $name && $this->parser->is('=', 1) && $this->parser->is('new', 2) && $this->parser->is('[', 4) && !$this->isGivenBelow($name);
        if ($isOfClass && !$isArray) {
            return null;
        }
        $isGiven = null !== $name && $this->parser->is('=', 1) && $this->parser->givenArrays->isCall($this->parser->at + 2);
        if (null === $name || TokenKind::Name !== $name->kind || !$this->parser->is('=', 1) || ($isGiven ? $this->isGivenOtherwise($name) : $this->isGivenBelow($name))) {
            $this->parser->fail('unsupported', $token, ['what' => $type]);
        }
        $this->parser->at += 2;
        $this->parser->declared[$this->parser->scope][$name->text] = true;
        $this->parser->symbols->silenced[$name->text] = true;
        if ($isGiven) {
            return $this->madeArray($token, $name, substr($type, 0, -2), $this->parser->expression());
        }
        if ($this->parser->is('new')) {
            $this->parser->accept('new');
            $of = substr($type, 0, -2);

            return $this->madeArray($token, $name, $of, $this->newArray($token));
        }
        $this->pointedTo($token, $name, $type);
        while ($this->parser->is(',') && $this->parser->is('*', 1)) {
            ++$this->parser->at;
            $this->pointerBeside($token, $type);
        }
        $this->parser->semicolon();

        return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset);
    }

    /** `int[4]` behind `new`: so many values, as they are when nothing is said, or as the braces say (C++17, 8.3.4). */
    public function newArray(Token $token): Expression
    {
        $of = $this->parser->typeTexts->type();
        $opened = $this->parser->peek();
        if (null === $of || null === $opened || !$this->parser->accept('[')) {
            $this->parser->fail('unsupported', $token, ['what' => "new $of"]);
        }
        $size = $this->parser->is(']') ? null : $this->parser->value();
        $this->parser->close($opened);
        $braces = $this->parser->is('{') ? $this->parser->peek() : null;
        if (null === $braces && $this->parser->is('(') && $this->parser->is(')', 1)) {
            $this->parser->at += 2;
        }
        $first = $this->parser->madeValues->empty("vector<$of>");

        if (null === $braces) {
            return null === $size ? $this->parser->fail('unsupported', $token, ['what' => "new {$of}[]"]) : new Operation(OperationKey::Filled, [$size, $first]);
        }
        $items = $this->parser->braces->braced($braces, "vector<$of>");
        $known = null === $size ? null : $this->parser->typeTexts->known($size);
        if (null === $known || $known instanceof NumberLiteral || !$items instanceof ListLiteral || [] === $items->items) {
            return InitialValues::sized($items, [$known], $first);
        }

        // The rest of them are as nothing is said.
        return new Operation(OperationKey::Concatenated, [$items, new Operation(OperationKey::Filled, [new Binary(Operator::Subtract, $known, new NumberLiteral(\count($items->items))), $first])]);
    }

    /** `int** rows = new int*[3];`: lists that are made one by one. */
    private function pointerToRows(Token $token, string $type): ?Statement
    {
        $of = substr($type, 0, -2);
        $name = $this->parser->peek(1);
        if (!$this->parser->is('*') || TokenKind::Name !== $name?->kind || !$this->parser->is('=', 2) || !$this->parser->is('new', 3) || $of !== $this->parser->sign(4) || !$this->parser->is('*', 5) || !$this->parser->is('[', 6)) {
            return null;
        }
        $this->parser->at += 6;
        $opened = $this->parser->peek() ?? $token;
        ++$this->parser->at;
        $size = $this->parser->value();
        $this->parser->close($opened);
        $this->parser->semicolon();
        $this->parser->declared[$this->parser->scope][$name->text] = true;
        $this->parser->write($name->text, $name->offset);
        $this->parser->types[$this->parser->scope][$name->text] = $kept = "vector<vector<$of>>";

        return $this->parser->ended(new SetVariable($this->parser->newId(), $name->text, new Operation(OperationKey::Filled, [$size, new ListLiteral([])]), false, $kept), $token->offset);
    }

    /** Whether a pointer is given another place further down: then it is no other name for one thing. */
    private function isGivenBelow(Token $name): bool
    {
        return 1 === preg_match('/(?<![=!<>\w.*])'.Names::asPattern($name->text).'\s*(?:=(?!=)|\+\+|--|[+-]=)/', substr($this->parser->text, ($this->parser->peek(2)->offset ?? 0) + 1));
    }

    private function madeArray(Token $token, Token $name, string $of, Expression $made): Statement
    {
        $this->parser->semicolon();
        $this->parser->write($name->text, $name->offset);
        $this->parser->types[$this->parser->scope][$name->text] = "vector<$of>";
        $this->parser->places->noteNew($name->text);

        return $this->parser->ended(new SetVariable($this->parser->newId(), $name->text, $made, false, "vector<$of>"), $token->offset);
    }

    /** Whether an array is given anything later but another that a function has just made: `rows = grown(rows, 8);`. */
    private function isGivenOtherwise(Token $name): bool
    {
        foreach (\array_slice($this->parser->tokens, $this->parser->at + 2, null, true) as $at => $token) {
            $next = $this->parser->tokens[$at + 1]->text ?? '';
            if ($token->text === $name->text && (\in_array($next, ['++', '--', '+=', '-='], true) || '=' === $next && !$this->parser->givenArrays->isCall($at + 2))) {
                return true;
            }
        }

        return false;
    }

    /** `int x = 5, *p = &x;`: a pointer among other names of a row. */
    public function pointerBeside(Token $token, string $type): void
    {
        $this->parser->accept('*');
        $name = $this->parser->peek();
        if (null === $name || TokenKind::Name !== $name->kind || !$this->parser->is('=', 1) || !$this->parser->is('&', 2) || $this->isGivenBelow($name)) {
            $this->parser->fail('unsupported', $token, ['what' => rtrim($type, ' *').' … *'.($name->text ?? '')]);
        }
        $this->parser->at += 2;
        $this->parser->declared[$this->parser->scope][$name->text] = true;
        $this->parser->symbols->silenced[$name->text] = true;
        $this->pointedTo($token, $name, $type);
    }

    /** Behind the sign `=`: what a pointer points at from now on. */
    private function pointedTo(Token $token, Token $name, string $type): void
    {
        if (!$this->parser->accept('&')) {
            $this->parser->fail('unsupported', $token, ['what' => $type]);
        }
        $target = $this->parser->expression(9);
        if (!$target instanceof VariableRead && !($target instanceof Item && $target->container instanceof VariableRead && $target->index instanceof NumberLiteral)) {
            $this->parser->fail('unsupported', $token, ['what' => "$type = &…"]);
        }
        $this->parser->pointsAt[$this->parser->scope][$name->text] = $target;
    }

    /** A pointer stands for one value where it is followed, `*p`, and for a list elsewhere: both are the caller's own. */
    public function pointedAt(string $name, string $type): string
    {
        // Braces among the parameters are what one has if it is given nothing.
        for ($index = $this->parser->at; isset($this->parser->tokens[$index]) && ')' !== $this->parser->tokens[$index]->text; $index = 1 + ($this->parser->closingOf($index) ?? $index)) {
        }
        for (; isset($this->parser->tokens[$index]) && '{' !== $this->parser->tokens[$index]->text && ';' !== $this->parser->tokens[$index]->text; ++$index) {
        }
        $end = $this->parser->partners[$index] ?? $index;
        for (; $index < $end; ++$index) {
            $before = $this->parser->tokens[$index - 1];
            $isFollowed = '*' === $this->parser->tokens[$index]->text && $name === $this->parser->tokens[$index + 1]->text && (TokenKind::Name !== $before->kind && TokenKind::Number !== $before->kind && ')' !== $before->text && ']' !== $before->text);
            if ($isFollowed) {
                $this->parser->pointsAt[$this->parser->scope][$name] = new VariableRead($name);

                return "$type &";
            }
        }

        return 'char' === $type ? $this->parser->textsOfC->ofLetters($name, $type) : "vector<$type> &";
    }
}
