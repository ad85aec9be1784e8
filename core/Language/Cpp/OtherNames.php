<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Names that stand for what another name has: references, pointers, and what functions keep from call to call. */
trait OtherNames
{
    /** @var list<SetVariable> what functions keep from one call to the next, which has its value before the first (C++17, 9.7) */
    private array $lasting = [];

    /** Whether a declaration says that what it declares stays what it is. */
    private function isConstant(Token $token): bool
    {
        return 1 === preg_match('/\G(?:static\s+)?const(?:expr)?\b|\Gconst(?:expr)?\s+static\b/', $this->text, $match, 0, $token->offset);
    }

    /** `static int calls = 0;` in a function: a variable of the whole program that is known nowhere else. */
    private function lastingValue(Token $token, string $type): Statement
    {
        $name = $this->newName();
        $value = $this->is('=') || $this->is('{') ? $this->initializer($type, $name) : $this->empty("vector<$type>");
        $this->semicolon();
        $end = $this->tokens[$this->at - 1]->offset;
        $elsewhere = 0;
        foreach ($this->tokens as $index => $one) {
            $elsewhere += $one->text === $name->text && TokenKind::Name === $one->kind && !\in_array($this->tokens[$index - 1]->text ?? '', ['.', '->', '::'], true) && ($one->offset < $this->begun || $one->offset > $this->ends) ? 1 : 0;
        }
        $isFixed = null !== $value && [] === array_filter(Walk::expressions($value), static fn (Expression $part): bool => $part instanceof VariableRead || $part instanceof OwnValue || $part instanceof MethodCall);
        if (0 < $elsewhere || !$isFixed || str_contains($this->scope, '.') || $this->inMain) {
            // Another name of that kind would be the same variable, and another value would be another one each time.
            $this->fail('unsupported', $token, ['what' => "static $type"]);
        }
        $this->declared[''][$name->text] = true;
        $this->types[''][$name->text] = $type;
        [$scope, $this->scope] = [$this->scope, ''];
        $this->write($name->text, $name->offset);
        $this->scope = $scope;
        $this->lasting[] = $kept = new SetVariable($this->newId(), $name->text, $value, false, $type);
        [$parent, $this->parent] = [$this->parent, 1];
        $this->cut($kept->id, 'head', $this->begun, $this->begun);
        $this->parent = $parent;

        return $this->ended(new Import($this->newId(), substr($this->text, $token->offset, $end + 1 - $token->offset), $this->language()->value), $token->offset);
    }

    /** `int& all = beds;`: from here to the end of its block a name means another one (C++17, 11.3.2). */
    private function otherName(Token $token, Token $of): Statement
    {
        $name = $this->newName();
        $this->at += 2;
        $this->read($of->text, $of->offset);
        $this->semicolon();
        $depth = 0;
        for ($index = $this->at; isset($this->tokens[$index]) && 0 <= $depth; ++$index) {
            $one = $this->tokens[$index];
            $depth += TokenKind::Sign !== $one->kind ? 0 : ['{' => 1, '}' => -1][$one->text] ?? 0;
            if ($one->text === $name->text && TokenKind::Name === $one->kind && !\in_array($this->tokens[$index - 1]->text, ['.', '->', '::'], true)) {
                $this->tokens[$index] = $one->readAs($of->text);
            }
        }

        return $this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset);
    }

    /** `int* p = &beds;`: another name for what it points at, which never points elsewhere; `new int[3]` is a list. */
    private function pointer(Token $token, string $type): ?Statement
    {
        $rows = $this->pointerToRows($token, $type);
        if (null !== $rows) {
            return $rows;
        }
        $name = $this->peek();
        $moved = null === $name || !$this->is('=', 1) ? null : $this->movedPointer($token, $name);
        if (null !== $moved) {
            return $moved;
        }
        $isOfClass = isset($this->classes[substr($type, 0, -2)]);
        if ($isOfClass && $this->is('=', 1) && isset($this->arraySizes[$this->peek(2)->text ?? '']) && $this->is(';', 3)) {
            // What points at the first of many could be moved on to the others.
            $this->fail('unsupported', $token, ['what' => $type]);
        }
        if ($isOfClass) {
            return null;
        }
        if (null === $name || TokenKind::Name !== $name->kind || !$this->is('=', 1) || $this->isGivenBelow($name)) {
            $this->fail('unsupported', $token, ['what' => $type]);
        }
        $this->at += 2;
        $this->declared[$this->scope][$name->text] = true;
        $this->silenced[$name->text] = true;
        if ($this->is('new')) {
            $this->accept('new');
            $of = substr($type, 0, -2);
            $made = $this->newArray($token);
            $this->semicolon();
            $this->write($name->text, $name->offset);
            $this->types[$this->scope][$name->text] = "vector<$of>";

            return $this->ended(new SetVariable($this->newId(), $name->text, $made, false, "vector<$of>"), $token->offset);
        }
        $this->pointedTo($token, $name, $type);
        while ($this->is(',') && $this->is('*', 1)) {
            ++$this->at;
            $this->pointerBeside($token, $type);
        }
        $this->semicolon();

        return $this->ended(new Import($this->newId(), substr($this->text, $token->offset, $this->endOffset() - $token->offset), $this->language()->value), $token->offset);
    }

    /** `int[4]` behind `new`: so many values, as they are when nothing is said, or as the braces say (C++17, 8.3.4). */
    protected function newArray(Token $token): Expression
    {
        $of = $this->type();
        $opened = $this->peek();
        if (null === $of || null === $opened || !$this->accept('[')) {
            $this->fail('unsupported', $token, ['what' => "new $of"]);
        }
        $size = $this->value();
        $this->close($opened);
        $braces = $this->is('{') ? $this->peek() : null;
        if (null === $braces && $this->is('(') && $this->is(')', 1)) {
            $this->at += 2;
        }
        $first = $this->empty("vector<$of>");

        return null === $braces ? new Operation(OperationKey::Filled, [$size, $first]) : self::sized($this->braced($braces, "vector<$of>"), [$size], $first);
    }

    /** `int** rows = new int*[3];`: lists that are made one by one. */
    private function pointerToRows(Token $token, string $type): ?Statement
    {
        $of = substr($type, 0, -2);
        $name = $this->peek(1);
        if (!$this->is('*') || TokenKind::Name !== $name?->kind || !$this->is('=', 2) || !$this->is('new', 3) || $of !== $this->sign(4) || !$this->is('*', 5) || !$this->is('[', 6)) {
            return null;
        }
        $this->at += 6;
        $opened = $this->peek() ?? $token;
        ++$this->at;
        $size = $this->value();
        $this->close($opened);
        $this->semicolon();
        $this->declared[$this->scope][$name->text] = true;
        $this->write($name->text, $name->offset);
        $this->types[$this->scope][$name->text] = $kept = "vector<vector<$of>>";

        return $this->ended(new SetVariable($this->newId(), $name->text, new Operation(OperationKey::Filled, [$size, new ListLiteral([])]), false, $kept), $token->offset);
    }

    /** Whether a pointer is given another place further down: then it is no other name for one thing. */
    private function isGivenBelow(Token $name): bool
    {
        return 1 === preg_match('/(?<![=!<>\w.*])'.Names::asPattern($name->text).'\s*(?:=(?!=)|\+\+|--|[+-]=)/', substr($this->text, ($this->peek(2)->offset ?? 0) + 1));
    }

    /** `int x = 5, *p = &x;`: a pointer among other names of a row. */
    private function pointerBeside(Token $token, string $type): void
    {
        $this->accept('*');
        $name = $this->peek();
        if (null === $name || TokenKind::Name !== $name->kind || !$this->is('=', 1) || !$this->is('&', 2) || $this->isGivenBelow($name)) {
            $this->fail('unsupported', $token, ['what' => rtrim($type, ' *').' … *'.($name->text ?? '')]);
        }
        $this->at += 2;
        $this->declared[$this->scope][$name->text] = true;
        $this->silenced[$name->text] = true;
        $this->pointedTo($token, $name, $type);
    }

    /** Behind the sign `=`: what a pointer points at from now on. */
    private function pointedTo(Token $token, Token $name, string $type): void
    {
        if (!$this->accept('&')) {
            $this->fail('unsupported', $token, ['what' => $type]);
        }
        $target = $this->expression(9);
        if (!$target instanceof VariableRead && !($target instanceof Item && $target->container instanceof VariableRead && $target->index instanceof NumberLiteral)) {
            $this->fail('unsupported', $token, ['what' => "$type = &…"]);
        }
        $this->pointsAt[$this->scope][$name->text] = $target;
    }

    /** A pointer stands for one value where it is followed, `*p`, and for a list elsewhere: both are the caller's own. */
    private function pointedAt(string $name, string $type): string
    {
        for ($index = $this->at; isset($this->tokens[$index]) && '{' !== $this->tokens[$index]->text && ';' !== $this->tokens[$index]->text; ++$index) {
        }
        $end = $this->partners[$index] ?? $index;
        for (; $index < $end; ++$index) {
            $before = $this->tokens[$index - 1];
            $isFollowed = '*' === $this->tokens[$index]->text && $name === $this->tokens[$index + 1]->text && (TokenKind::Name !== $before->kind && TokenKind::Number !== $before->kind && ')' !== $before->text && ']' !== $before->text);
            if ($isFollowed) {
                $this->pointsAt[$this->scope][$name] = new VariableRead($name);

                return "$type &";
            }
        }

        return 'char' === $type ? $this->ofLetters($name, $type) : "vector<$type> &";
    }
}
