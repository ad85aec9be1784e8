<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** Functions, and what they take. */
final class FunctionRows
{
    /** @var array<string, Expression> what stands for a parameter that is taken apart, where it is left out */
    private array $takenDefaults = [];

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    public function definition(Token $token): Statement
    {
        ++$this->parser->at;
        $yields = $this->parser->accept('*');

        return $this->function($token, $this->parser->newName(), false, '', $yields);
    }

    /**
     * @param ''|'asked'|'shared'|'shared_asked'|'set'|'tied' $sort   of a method
     * @param ''|';'                                          $behind what may stand behind its brace
     */
    public function function(Token $token, Token $name, bool $arrow, string $sort = '', bool $yields = false, string $behind = ''): Statement
    {
        [$isAsync, $this->parser->isAsyncNext] = [$this->parser->isAsyncNext, false];
        if ($isAsync && ('' !== $sort || $yields)) {
            $this->parser->fail('unsupported', $token, ['what' => 'async']);
        }
        $start = $this->parser->indexOf($token);
        $outer = $this->parser->scope;
        if ('' === $outer && 1 !== $this->parser->parent && '' === $this->parser->class || ('' !== $outer || 1 !== $this->parser->parent) && isset($this->parser->symbols->doubled[$name->text])) {
            $this->parser->fail('unsupported', $name, ['what' => 'function … { function … }']);
        }
        $isMethod = '' !== $this->parser->class && '' === $outer;
        $id = $this->parser->newId();
        $opened = $this->parser->peek();
        $isBare = $arrow && null !== $opened && TokenKind::Name === $opened->kind;
        if (null === $opened || '(' !== $opened->text && !$isBare) {
            $this->parser->fail('def_brackets', $name, ['name' => $name->text], [new Replacement($name->offset + \strlen($name->text), 0, '()')]);
        }
        $isBare || ++$this->parser->at;
        $this->parser->scope = !$isMethod ? $name->text : $this->parser->class.'.'.('set' === $sort ? "set_$name->text" : JavaScriptParser::METHODS[$name->text] ?? $name->text);
        $full = $this->parser->scope;
        $this->enter($full, $outer);
        $parameters = !$isMethod || \in_array($sort, ['shared', 'shared_asked'], true) ? [] : [$this->parser->itself];
        if ([] !== $parameters) {
            $this->parser->declared[$this->parser->scope][$this->parser->itself] = true;
            $this->parser->write($this->parser->itself, $name->offset);
        }
        if (!$arrow && '' === $outer && '' === $this->parser->class && '' === $sort && !$yields && !$isAsync && $this->isCalledOfObjects($name, $this->parser->at - 1)) {
            [$sort, $parameters] = ['tied', ['this']];
            $this->parser->declared[$this->parser->scope]['this'] = true;
            $this->parser->write('this', $name->offset);
        }
        $usesAll = !$isMethod && $this->parser->announcements->usesArguments($this->parser->at - 1);
        [$defaults, $rest, $apart] = $this->parametersOf($parameters, $opened, $isMethod);
        $isBare || $this->parser->close($opened);
        if ($usesAll) {
            $parameters[] = $rest = JavaScriptParser::ALL_GIVEN;
            $this->parser->declared[$this->parser->scope][JavaScriptParser::ALL_GIVEN] = true;
            $this->parser->write(JavaScriptParser::ALL_GIVEN, $name->offset);
            foreach ($this->parser->announcements->namesOfArguments($this->parser->at) as $index) {
                $this->parser->readAs($index, JavaScriptParser::ALL_GIVEN);
            }
        }
        if ($arrow) {
            $this->parser->accept('=>');
        }
        if (!$this->parser->is('{')) {
            $this->parser->is(':') ? $this->parser->fail('foreign_word', null, ['word' => ':', 'near' => '{'], [new Replacement($this->parser->offset(), 1, ' {')]) : $this->parser->fail('brace_wanted', $this->parser->tokens[$this->parser->at - 1], ['word' => $name->text], [new Replacement($this->parser->endOffset(), 0, ' {')]);
        }
        $loops = $this->parser->loops;
        $this->parser->loops = [];
        $this->parser->turns[] = null;
        $end = $this->parser->offset() + 1;
        $rows = $this->parts($apart, $name->offset);
        $made = $yields ? $this->parser->nameFor('yielded') : null;
        if (null !== $made) {
            $this->parser->yields[$full] = $made;
            $this->parser->declared[$full][$made] = true;
            $this->parser->write($made, $name->offset);
        }
        $body = $this->parser->body($id, $start ?? $this->parser->at, 'head', 'body', false);
        if (null !== $made) {
            $body = $this->parser->gathering_($body, $made, $id, $end, isset($this->parser->endsWithValue[$this->parser->scope]));
        }
        if ([] !== $rows) {
            $this->parser->atHead($rows, $id, $end);
            $body = new Block([...$rows, ...$body->statements]);
        }
        array_pop($this->parser->turns);
        $this->parser->loops = $loops;
        $this->parser->scope = $outer;
        $this->parser->closeBrace($id, $start ?? 0, 'close', $arrow ? ';' : $behind);
        if ($arrow && '' === $outer) {
            $this->parser->symbols->known[$name->text] ??= $name->offset;
        }

        return new FunctionDefinition($id, $full, $parameters, $this->parser->shared($full, $body), false, $defaults, [], $isAsync ? 'async' : $sort, $rest);
    }

    /** Whether a function says `this`, makes no objects and is called by nobody under its own name, so that objects keep it. */
    private function isCalledOfObjects(Token $name, int $bracket): bool
    {
        if (isset($this->parser->madeByFunctions->makers[$name->text]) || !$this->parser->functionValues->saysThis($bracket - 2)) {
            return false;
        }
        foreach ($this->parser->tokens as $index => $token) {
            $isTold = '.' === ($this->parser->tokens[$index + 1]->text ?? '') && \in_array($this->parser->tokens[$index + 2]->text ?? '', ['call', 'apply', 'bind'], true);
            if ($name->text === $token->text && $bracket - 1 !== $index && !$isTold && \in_array($this->parser->tokens[$index + 1]->text ?? '', ['(', '.'], true) && '.' !== ($this->parser->tokens[$index - 1]->text ?? '')) {
                return false;
            }
        }

        return true;
    }

    /**
     * The parameters of the function whose scope has begun, up to what closes them.
     *
     * @param list<string> $parameters those that it has already
     *
     * @param-out list<string> $parameters
     *
     * @return array{array<string, Expression>, string, list<array{string, Expression, Token}>} what is left out, the one that
     *                                                                                          gets the rest, names for parts
     */
    public function parametersOf(array &$parameters, ?Token $opened, bool $isMethod): array
    {
        $defaults = $apart = [];
        $rest = '';
        while (!$this->parser->is(')') && !$this->parser->is('=>')) {
            if (null === $this->parser->peek() && null !== $opened) {
                $this->parser->neverClosed($opened);
            }
            if ($this->parser->patternValues->isPattern()) {
                array_push($apart, ...$this->takenParameter($parameters));
                $taken = $parameters[\count($parameters) - 1];
                if (isset($this->takenDefaults[$taken])) {
                    $defaults[$taken] = $this->takenDefaults[$taken];
                }
                if (!$this->parser->accept(',')) {
                    break;
                }
                continue;
            }
            $isRest = $this->parser->accept('...');
            $parameter = $this->parser->newName('parameter_no_name');
            $parameters[] = $parameter->text;
            $rest = $isRest ? $parameter->text : $rest;
            $this->parser->declared[$this->parser->scope][$parameter->text] = true;
            $this->parser->write($parameter->text, $parameter->offset);
            if ($this->parser->accept('=')) {
                $defaults[$parameter->text] = $this->parser->expression();
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }

        return [$defaults, $rest, $apart];
    }

    /**
     * A parameter that names take apart: it gets a name of its own. What is left out has a default, as its parts have.
     *
     * @param list<string> $parameters
     *
     * @param-out non-empty-list<string> $parameters
     *
     * @return list<array{string, Expression, Token}>
     */
    private function takenParameter(array &$parameters): array
    {
        $parameters[] = $taken = $this->parser->nameFor('taken');
        $this->parser->declared[$this->parser->scope][$taken] = true;
        $this->parser->write($taken, $this->parser->offset());
        $parts = $this->parser->patternValues->pattern(new VariableRead($taken));
        if ($this->parser->accept('=')) {
            $this->takenDefaults[$taken] = $this->parser->expression();
        }

        return $parts;
    }

    /** Begins to read the rows of a function. */
    public function enter(string $scope, string $outer): void
    {
        $this->parser->symbols->writes[$scope] ??= [];
        $this->parser->declared[$scope] = [];
        $this->parser->assigned[$scope] = [];
        if ('' !== $outer) {
            $this->parser->symbols->around[$scope] = $outer;
        }
    }

    /**
     * The row that gives names parts of something.
     *
     * @param list<array{string, Expression, Token}> $parts
     *
     * @return list<Statement>
     */
    public function parts(array $parts, int $offset): array
    {
        foreach ($parts as [$name]) {
            $this->parser->write($name, $offset);
            $this->parser->declared[$this->parser->scope][$name] = true;
        }
        if (1 >= \count($parts)) {
            return array_map(fn (array $part): Statement => new SetVariable($this->parser->newId(), $part[0], $part[1]), $parts);
        }

        return [new SetSeveral($this->parser->newId(), array_map(static fn (array $part): Expression => new VariableRead($part[0]), $parts), array_map(static fn (array $part): Expression => $part[1], $parts))];
    }
}
