<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\JavaScript\Awaiting;
use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;

/** A class and its members (ECMA-262, 15.7). */
final class ClassRows
{
    /** @var array<string, array<string, true>> by class, the names that it alone knows */
    private array $private = [];

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    public function classDefinition(Token $token): Statement
    {
        $start = $this->parser->at++;
        $id = $this->parser->newId();
        $name = $this->parser->newName();
        if ('' !== $this->parser->scope || 1 !== $this->parser->parent) {
            $this->parser->fail('unsupported', $name, ['what' => 'class { … } in { … }']);
        }
        $parent = '';
        if ($this->parser->accept('extends')) {
            $of = $this->parser->newName();
            $parent = $of->text;
            if ($this->parser->isFailure($parent)) {
                $parent = '@'.(FailureNames::kindOf($this->parser->language(), $parent)->value ?? '');
            } elseif (!isset($this->parser->classes->parents[$parent])) {
                $this->parser->fail('unsupported', $of, ['what' => "extends $parent"]);
            }
        }
        $this->parser->braceAttempts->braceOf('class');
        $this->parser->accept('{');
        $this->parser->cut($id, 'head', $token->offset, $this->parser->endOffset());
        [$outer, $this->parser->parent, $this->parser->class] = [$this->parser->parent, $id, $name->text];
        $rows = [];
        try {
            while (null !== $this->parser->peek() && !$this->parser->is('}')) {
                array_push($rows, ...$this->parser->remarks());
                array_push($rows, ...$this->parser->membersOrUnread());
            }
            array_push($rows, ...$this->parser->remarks());
        } finally {
            [$this->parser->parent, $this->parser->class] = [$outer, ''];
        }
        $this->parser->closeBrace($id, $start);

        return new ClassDefinition($id, $name->text, $parent, new Block($rows));
    }

    public function classMember(): Statement
    {
        $token = $this->parser->peek() ?? $this->parser->fail('empty');
        $isStatic = $this->parser->is('static') && !$this->parser->is('(', 1);
        $yields = $this->parser->accept('*');
        if ($this->parser->announcements->isIterator($this->parser->at)) {
            $this->parser->at += 5;

            return $this->parser->functionRows->function($token, new Token(TokenKind::Name, JavaScriptParser::ITERATOR, $token->offset), false, '', $yields);
        }
        $name = $this->parser->peek($isStatic ? 1 : 0) ?? $token;
        if ($isStatic && \in_array($name->text, ['get', 'set'], true) && TokenKind::Name === $this->parser->peek(2)?->kind && $this->parser->is('(', 3)) {
            if ('set' === $name->text) {
                $this->parser->fail('unsupported', $token, ['what' => 'static set']);
            }
            $name = $this->parser->peek(2) ?? $name;
            $this->parser->at += 3;

            return $this->parser->functionRows->function($token, $name, false, 'shared_asked', false);
        }
        if (!$isStatic && 'async' === $name->text && TokenKind::Name === $this->parser->peek(1)?->kind && $this->parser->is('(', 2)) {
            // Whoever calls it waits for it (Awaiting).
            $this->parser->at += 2;
            $this->parser->isAsyncNext = $this->parser->withPromises;

            return $this->parser->functionRows->function($token, $this->parser->tokens[$this->parser->at - 1], false);
        }
        $isAsked = 'get' === $name->text && !$this->parser->is('(', 1);
        $isSet = 'set' === $name->text && TokenKind::Name === $this->parser->peek(1)?->kind && $this->parser->is('(', 2);
        $name = $isAsked || $isSet ? $this->parser->peek(1) ?? $name : $name;
        if (TokenKind::Name !== $name->kind && TokenKind::Keyword !== $name->kind || 'async' === $name->text && !$this->parser->is('(', 1)) {
            $this->parser->fail('unsupported', $token, ['what' => 'class { '.$token->text.' … }']);
        }
        $this->parser->at += $isStatic || $isAsked || $isSet ? 2 : 1;
        $this->keepApart($name);
        if ('valueOf' === $name->text) {
            // What an object is where a number is wanted is not asked yet.
            $this->parser->fail('unsupported', $name, ['what' => $name->text.'()']);
        }
        if ($this->parser->is('(')) {
            return $this->parser->functionRows->function($token, $name, false, $isSet ? 'set' : ($isAsked ? 'asked' : ($isStatic ? 'shared' : '')), $yields);
        }
        $closing = $this->parser->is('=') ? ($this->parser->is('(', 1) ? $this->parser->closingOf($this->parser->at + 1) : $this->parser->at + 1) : null;
        if (!$isStatic && null !== $closing && '=>' === ($this->parser->tokens[$closing + 1]->text ?? '')) {
            // Each object has a function of its own, which keeps what `this` is.
            $this->parser->fail('unsupported', $name, ['what' => "class { $name->text = … => … }"]);
        }
        $value = $this->parser->accept('=') ? $this->parser->value() : new NothingLiteral(true);
        $this->parser->semicolon();
        if (!$isStatic) {
            return $this->parser->ended(new FieldDeclaration($this->parser->newId(), $name->text, null, $value instanceof NothingLiteral && $value->undefined ? null : $value), $token->offset);
        }
        $this->parser->write("{$this->parser->class}.$name->text", $name->offset);

        return $this->parser->ended(new SetVariable($this->parser->newId(), "{$this->parser->class}.$name->text", $value), $token->offset);
    }

    /** `#water` is another thing in each class (ECMA-262, 15.7.14), and here one name for all that an object has of it. */
    private function keepApart(Token $name): void
    {
        $class = $this->parser->class;
        if ('#' !== $this->parser->text[$name->offset]) {
            return;
        }
        foreach ($this->parser->classes->above($class) as $parent) {
            if (isset($this->private[$parent][$name->text])) {
                $this->parser->fail('unsupported', $name, ['what' => '#'.substr($name->text, 1)]);
            }
        }
        $this->private[$class][$name->text] = true;
    }
}
