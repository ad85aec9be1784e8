<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/**
 * Classes as they were written before there was a word for them: a function that says `this` and is called with `new` makes
 * an object, and what its objects can do is given to its prototype (ECMAScript 2022, 10.2.2 and 20.2.4.3).
 */
final class MadeByFunctions
{
    /** @var array<string, true> functions that make objects */
    public array $makers = [];

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    public function announceMakersOfObjects(): void
    {
        $depth = 0;
        foreach ($this->parser->tokens as $index => $token) {
            $depth += TokenKind::Sign !== $token->kind ? 0 : ('{' === $token->text ? 1 : ('}' === $token->text ? -1 : 0));
            $name = $this->parser->tokens[$index + 1] ?? null;
            if (0 === $depth && 'function' === $token->text && TokenKind::Name === $name?->kind && '(' === $this->spelledAt($index + 2) && $this->makesObjects($name->text, $index + 2)) {
                $this->makers[$name->text] = true;
                $this->parser->classes->parents[$name->text] = '';
                $this->parser->classes->methods[$name->text] = [ClassDefinition::MAKES => $this->parser->signatures->signature($index + 2)];
                $this->parser->leftOut->openedAt[$name->text] = $index + 2;
            }
        }
        foreach ([] === $this->makers ? [] : $this->parser->tokens as $index => $token) {
            $shared = isset($this->makers[$token->text]) ? $this->bracketOfShared($index) : null;
            if (null !== $shared) {
                $this->parser->classes->methods[$token->text][$this->spelledAt($index + 2)] = $this->parser->signatures->signature($shared);
            }
            if (!isset($this->makers[$token->text]) || '.' !== $this->spelledAt($index + 1) || 'prototype' !== $this->spelledAt($index + 2)) {
                continue;
            }
            if ('=' === $this->spelledAt($index + 3) && isset($this->parser->classes->parents[$parent = $this->spelledAt($index + 8)]) && $this->isCopied($index + 4)) {
                $this->parser->classes->parents[$token->text] = $parent;
            } elseif (null !== $bracket = $this->bracketOfMethod($index)) {
                $method = $this->spelledAt($index + 4);
                $this->parser->classes->methods[$token->text][JavaScriptParser::METHODS[$method] ?? $method] = $this->parser->signatures->signature($bracket);
            }
        }
    }

    /** Whether a function that makes objects makes them without `new`, too: `if (!(this instanceof Bed)) return new Bed(name);`. */
    public function seesToNew(string $name): bool
    {
        return isset($this->makers[$name]) && [] !== array_filter($this->parser->tokens, fn (Token $token, int $at): bool => 'this' === $token->text && 'instanceof' === $this->spelledAt($at + 1) && $name === $this->spelledAt($at + 2), \ARRAY_FILTER_USE_BOTH);
    }

    private function spelledAt(int $index): string
    {
        return $this->parser->tokens[$index]->text ?? '';
    }

    /** Whether something is given to the prototype of a function, or it is called with `new` and says `this`. */
    private function makesObjects(string $name, int $bracket): bool
    {
        $isCalled = false;
        foreach ($this->parser->tokens as $index => $token) {
            if ($name === $token->text && '.' === $this->spelledAt($index + 1) && 'prototype' === $this->spelledAt($index + 2)) {
                return true;
            }
            $isCalled = $isCalled || $name === $token->text && ('new' === $this->spelledAt($index - 1) || '.' === $this->spelledAt($index + 1) && 'call' === $this->spelledAt($index + 2) && 'this' === $this->spelledAt($index + 4));
        }
        $brace = ($this->parser->partners[$bracket] ?? $bracket) + 1;
        for ($index = $brace; $isCalled && $index < ($this->parser->partners[$brace] ?? $brace); ++$index) {
            if ('this' === $this->parser->tokens[$index]->text && TokenKind::Keyword === $this->parser->tokens[$index]->kind) {
                return true;
            }
        }

        return false;
    }

    /** Whether any function that makes objects has methods behind it. */
    public function givesToPrototypes(): bool
    {
        return [] !== array_filter($this->parser->tokens, fn (Token $token, int $at): bool => isset($this->makers[$token->text]) && null !== $this->bracketOfMethod($at), \ARRAY_FILTER_USE_BOTH);
    }

    /** Whether `Object.create(Bed.prototype)` stands at a place. */
    private function isCopied(int $at): bool
    {
        return ['Object', '.', 'create', '('] === [$this->spelledAt($at), $this->spelledAt($at + 1), $this->spelledAt($at + 2), $this->spelledAt($at + 3)]
            && ['.', 'prototype', ')'] === [$this->spelledAt($at + 5), $this->spelledAt($at + 6), $this->spelledAt($at + 7)];
    }

    /** The bracket of the parameters in `Bed.prototype.water = function (…) {`, whose name stands at a place; null where it is no such row. */
    private function bracketOfMethod(int $at): ?int
    {
        if ('.' !== $this->spelledAt($at + 3) || TokenKind::Name !== ($this->parser->tokens[$at + 4]->kind ?? null) || '=' !== $this->spelledAt($at + 5) || 'function' !== $this->spelledAt($at + 6)) {
            return null;
        }
        $bracket = $at + ('(' === $this->spelledAt($at + 7) ? 7 : 8);

        return '(' === $this->spelledAt($bracket) ? $bracket : null;
    }

    /** A function that makes objects, which is a class whose only row is its maker. */
    public function makerOfObjects(Token $token): Statement
    {
        ++$this->parser->at;
        $name = $this->parser->newName();
        $id = $this->parser->newId();
        $this->parser->cut($id, 'head', $token->offset, $token->offset);
        [$outer, $this->parser->parent, $this->parser->class] = [$this->parser->parent, $id, $name->text];
        try {
            $maker = $this->parser->functionRows->function($token, new Token(TokenKind::Name, 'constructor', $name->offset), false);
        } finally {
            [$this->parser->parent, $this->parser->class] = [$outer, ''];
        }
        $this->parser->cut($id, 'close', $this->parser->endOffset(), $this->parser->endOffset());

        return new ClassDefinition($id, $name->text, $this->parser->classes->parents[$name->text] ?? '', new Block([$maker]));
    }

    /** What a row gives to the prototype of a function that makes objects; null where it does not. */
    public function givenToPrototype(Token $token): ?Statement
    {
        if (!isset($this->makers[$token->text]) || '' !== $this->parser->scope || 1 !== $this->parser->parent || !$this->parser->is('.', 1)) {
            return null;
        }
        $at = $this->parser->at;
        $shared = $this->bracketOfShared($at);
        if (null !== $shared) {
            return $this->methodOf($token, $this->parser->tokens[$at + 2], $shared, 'shared');
        }
        if (!$this->parser->is('prototype', 2)) {
            return null;
        }
        $isRestored = false;
        foreach ($this->parser->tokens as $index => $other) {
            $isRestored = $isRestored || $other->text === $token->text && 'constructor' === $this->spelledAt($index + 4) && $token->text === $this->spelledAt($index + 6);
        }
        if ($this->parser->is('=', 3) && !$isRestored) {
            // Without it, objects show the name of the other class.
            $this->parser->fail('unsupported', $token, ['what' => "$token->text.prototype = …"]);
        }
        if ($this->parser->is('=', 3) && $this->isCopied($at + 4) || $this->parser->is('.', 3) && $this->parser->is('constructor', 4) && $this->parser->is('=', 5) && $this->parser->is($token->text, 6)) {
            $this->parser->at += $this->parser->is('=', 3) ? 12 : 7;
            $this->parser->semicolon();

            return $this->parser->ended(new Import($this->parser->newId(), substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset), $this->parser->language()->value), $token->offset);
        }
        $bracket = $this->bracketOfMethod($at);
        if (null === $bracket) {
            $this->parser->fail('unsupported', $token, ['what' => "$token->text.prototype"]);
        }

        return $this->methodOf($token, $this->parser->tokens[$at + 4], $bracket, '');
    }

    /** @param ''|'shared' $sort */
    private function methodOf(Token $class, Token $name, int $bracket, string $sort): Statement
    {
        $this->parser->at = $bracket;
        $this->parser->class = $class->text;
        try {
            return $this->parser->functionRows->function($class, $name, false, $sort, false, ';');
        } finally {
            $this->parser->class = '';
        }
    }

    /** The bracket of the parameters in `Bed.wide = function (…) {`, whose class stands at a place; null where it is no such row. */
    private function bracketOfShared(int $at): ?int
    {
        $isShared = '.' === $this->spelledAt($at + 1) && 'prototype' !== $this->spelledAt($at + 2) && '=' === $this->spelledAt($at + 3) && 'function' === $this->spelledAt($at + 4) && '.' !== $this->spelledAt($at - 1);
        $bracket = $at + ('(' === $this->spelledAt($at + 5) ? 5 : 6);

        return $isShared && '(' === $this->spelledAt($bracket) ? $bracket : null;
    }

    /** `describe.call(bed, 3)`: a function of the program that says `this` is told what that is (ECMA-262, 20.2.3.3). */
    public function told(Token $token): ?Expression
    {
        $word = $this->parser->sign(2);
        $opened = $this->parser->peek(3);
        if (!$this->parser->is('.', 1) || !\in_array($word, ['call', 'apply', 'bind'], true) || '(' !== $opened?->text || !isset($this->parser->symbols->functions[$token->text]) || isset($this->makers[$token->text]) || !$this->saysThis($token->text)) {
            return null;
        }
        $this->parser->at += 4;
        $arguments = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
        if ('bind' === $word) {
            return $this->bound($token, $arguments);
        }
        if ('apply' === $word) {
            $arguments = ($arguments[1] ?? null) instanceof ListLiteral ? [$arguments[0], ...$arguments[1]->items] : $this->parser->fail('unsupported', $token, ['what' => "$token->text.apply(…)"]);
        }

        return new OwnValue($token->text, $arguments);
    }

    /**
     * `describe.bind(bed, 3)`: a function of what is not given yet, which has the rest as it was (ECMA-262, 20.2.3.2).
     *
     * @param list<Expression> $given
     */
    private function bound(Token $token, array $given): MethodCall
    {
        $kept = array_map(fn (int $index): string => $this->parser->nameFor("bound_$index"), array_keys($given));
        $left = [];
        [$least, $most, $parameters] = $this->parser->symbols->functions[$token->text];
        if ([] === $given || $least !== $most || isset($this->parser->symbols->rests[$token->text])) {
            $this->parser->fail('unsupported', $token, ['what' => "$token->text.bind(…)"]);
        }
        foreach (\array_slice($parameters, \count($given) - 1) as $parameter) {
            $left[] = $this->parser->nameFor($parameter);
        }
        $reads = array_map(static fn (string $name): Expression => new VariableRead($name), [...$kept, ...$left]);

        return new MethodCall(new Lambda($kept, new Lambda($left, new OwnValue($token->text, $reads))), MethodCall::CALL, $given);
    }

    private function saysThis(string $name): bool
    {
        foreach ($this->parser->tokens as $at => $token) {
            if ('function' === $token->text && $name === ($this->parser->tokens[$at + 1]->text ?? '')) {
                return $this->parser->functionValues->saysThis($at);
            }
        }

        return false;
    }

    /** `Bed.call(this, 3)`, `Bed.prototype.water.call(this, 3)`: done with this object as another class does it. */
    public function doneAs(Token $token): ?Expression
    {
        $isMethod = $this->parser->is('prototype', 2) && $this->parser->is('.', 3) && $this->parser->is('.', 5);
        $call = $isMethod ? 6 : 2;
        if ('' === $this->parser->class || !isset($this->makers[$token->text]) || !$this->parser->is('.', 1) || !$this->parser->is('call', $call) || !$this->parser->is('(', $call + 1) || !$this->parser->is('this', $call + 2)) {
            return null;
        }
        $method = $isMethod ? $this->parser->peek(4)->text ?? '' : 'constructor';
        $name = JavaScriptParser::METHODS[$method] ?? $method;
        $owner = $this->parser->classes->ownerOf($token->text, $name);
        if (null === $owner) {
            $this->parser->fail('unsupported', $token, ['what' => "$token->text.prototype.$method"]);
        }
        $opened = $this->parser->peek($call + 1) ?? $token;
        $this->parser->at += $call + 3;
        $this->parser->accept(',');
        $arguments = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
        $this->parser->read($this->parser->itself, $token->offset);

        return new OwnValue("$owner.$name", [new VariableRead($this->parser->itself), ...$arguments]);
    }
}
