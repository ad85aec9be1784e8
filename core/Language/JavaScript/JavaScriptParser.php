<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\FailureNames;
use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Language\Parsing\SpellingIndex;
use Scrivlet\Core\Language\Parsing\Yielding;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FailureKind;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\Rescue;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** JavaScript modules, as far as a school course goes (ECMAScript 2022, clause 14). */
final class JavaScriptParser extends JavaScriptExpressions
{
    use FilesOfNode;
    use InnerFunctionsToldApart;
    use LeftOut;
    use MadeByFunctions;
    use Promises;
    use Yielding;

    /** @var array<string, array<string, true>> names that may not get another value, by scope */
    public array $constants = [];

    public function rows(): Rows
    {
        $this->tokenize();
        $this->tellInnerFunctionsApart();
        $this->announce();
        $start = $end = null;
        while ($this->is('import') && null === $this->machineImport() && null === $this->fileImport() && !isset($this->remarksBefore[$this->at])) {
            $at = $this->at;
            $mistakes = \count($this->mistakes);
            $offset = $this->offset();
            try {
                $this->import();
                $start ??= $offset;
                $end = $this->endOffset();
            } catch (ParseFailure $failure) {
                self::cutTo($this->mistakes, $mistakes);
                $this->mistakes[] = $failure->mistake;
                $this->at = $at + 1;
                while (null !== $this->peek() && !isset($this->begins[$this->at])) {
                    ++$this->at;
                }
                $start ??= $offset;
                $end = $this->endOffset();
            }
        }

        return new Rows(null === $start || null === $end ? null : [$start, $end], $this->block(null));
    }

    private function announce(): void
    {
        $this->announceClasses();
        $this->announceKeptFunctions();
        foreach ($this->tokens as $index => $token) {
            $name = $this->tokens[$index + 1] ?? null;
            $star = 'function' === $token->text && '*' === $name?->text ? 1 : 0;
            $name = $this->tokens[$index + 1 + $star] ?? null;
            if (TokenKind::Keyword === $token->kind && 'function' === $token->text && null !== $name && TokenKind::Name === $name->kind && !isset($this->makers[$name->text])) {
                if (isset($this->functions[$name->text])) {
                    $this->doubled[$name->text] = true;
                }
                $this->announced_($name->text, $index + 2 + $star);
                $this->openedAt[$name->text] = $index + 2 + $star;
                if ($this->usesArguments($index + 2 + $star)) {
                    $this->functions[$name->text] = [0, self::UNLIMITED, [self::ALL_GIVEN]];
                    $this->rests[$name->text] = 0;
                }
            }
            $equals = $this->tokens[$index + 2] ?? null;
            if (\in_array($token->text, ['const', 'let', 'var'], true) && null !== $name && '=' === $equals?->text) {
                $from = $this->unnamedAt($index + 3);
                $from ??= !$this->withPromises && $this->givesPromise($index + 3) ? $this->unnamedAt($index + 3, false) : null;
                if (null !== $from) {
                    if (isset($this->functions[$name->text])) {
                        $this->doubled[$name->text] = true;
                    }
                    if ('(' === $this->tokens[$from]->text) {
                        $this->announced_($name->text, $from);
                        $this->openedAt[$name->text] = $from;
                    } else {
                        $this->functions[$name->text] = [1, 1, [$this->tokens[$from]->text]];
                    }
                }
            }
        }
    }

    /** @var array<string, bool> names, and whether they only ever begin as a list */
    private array $lists = [];

    /**
     * Objects may keep functions under names that lists and texts have, too: `{ push: (x) => items.push(x) }`. Which of both
     * is meant shows when it runs, but for what the text makes a list.
     */
    private function announceKeptFunctions(): void
    {
        $index = SpellingIndex::of($this->language());
        foreach ($this->tokens as $at => $token) {
            $before = $this->tokens[$at - 1]->text ?? '';
            $after = $this->tokens[$at + 1]->text ?? '';
            $closing = '(' === $token->text ? $this->partners[$at] ?? $at : $at;
            $opensBody = \in_array($this->tokens[$closing + 1]->text ?? '', ['=>', '{'], true) && !\in_array($before, ['if', 'for', 'while', 'switch'], true);
            for ($inner = $at; $inner <= $closing && $opensBody && ('(' === $token->text || '=>' === $after); ++$inner) {
                // The parameters of a function are names of their own.
                $this->lists[$this->tokens[$inner]->text] = false;
            }
            if (TokenKind::Name === $token->kind && '.' !== $before && '=' === $after) {
                $isList = '[' === ($this->tokens[$at + 2]->text ?? '') && ($this->lists[$token->text] ?? true);
                $this->lists[$token->text] = $isList;
            }
            if (TokenKind::Name !== $token->kind || '{' !== $before && ',' !== $before || !isset($index->methods[$token->text]) && !\in_array($token->text, ['push', 'map', 'filter', 'forEach', 'sort', 'find'], true)) {
                continue;
            }
            $closing = '(' === $after ? $this->partners[$at + 1] ?? $at : null;
            $isMethod = null !== $closing && '{' === ($this->tokens[$closing + 1]->text ?? '');
            $value = $at + 2 + (int) ('async' === ($this->tokens[$at + 2]->text ?? ''));
            $opens = '(' === ($this->tokens[$value]->text ?? '') ? $this->partners[$value] ?? $value : $value;
            // Kept under the name of a function of the text.
            $isShort = (',' === $after || '}' === $after) && (1 === preg_match('/\bfunction\s+'.Names::asPattern($token->text).'\s*\(/', $this->text) || $this->isGivenFunction($token->text));
            if ($isMethod || $isShort || ':' === $after && ('function' === ($this->tokens[$value]->text ?? '') || '=>' === ($this->tokens[$opens + 1]->text ?? ''))) {
                $this->methodNames[$token->text] = true;
            }
        }
    }

    protected function isOfLibrary(Expression $receiver): bool
    {
        return $receiver instanceof ListLiteral || $receiver instanceof VariableRead && ($this->lists[$receiver->name] ?? false);
    }

    /** The name here of what a function without parameters is given all the same: `arguments` (ECMAScript 2022, 10.4.4). */
    private const ALL_GIVEN = 'all_given';

    /** Whether a function whose bracket stands there has no parameters, and asks for what it was given. */
    private function usesArguments(int $bracket): bool
    {
        $brace = $bracket + 2;
        if (')' !== ($this->tokens[$bracket + 1]->text ?? '') || '{' !== ($this->tokens[$brace]->text ?? '')) {
            return false;
        }
        for ($index = $brace; $index < ($this->partners[$brace] ?? $brace); ++$index) {
            if (\in_array($this->tokens[$index]->text, ['arguments', self::ALL_GIVEN], true) && TokenKind::Name === $this->tokens[$index]->kind) {
                return true;
            }
        }

        return false;
    }

    /** What classes there are, and what their objects can do and keep. */
    private function announceClasses(): void
    {
        $ofClasses = [];
        foreach ($this->tokens as $index => $token) {
            $name = $this->tokens[$index + 1] ?? null;
            if ('class' !== $token->text || TokenKind::Keyword !== $token->kind || null === $name || TokenKind::Name !== $name->kind) {
                continue;
            }
            $isKind = 'extends' === ($this->tokens[$index + 2]->text ?? '');
            $parent = $isKind ? $this->tokens[$index + 3]->text ?? '' : '';
            $this->classes[$name->text] = isset($this->classes[$parent]) || $this->isFailure($parent) ? $parent : '';
            $this->methods[$name->text] = [];
            $opened = $index + ($isKind ? 4 : 2);
            $closing = '{' === ($this->tokens[$opened]->text ?? '') ? $this->partners[$opened] ?? \count($this->tokens) : $opened;
            for ($at = $opened + 1; $at < $closing; ++$at) {
                $member = $this->tokens[$at];
                $next = $this->tokens[$at + 1]->text ?? '';
                $isStatic = 'static' === $this->tokens[$at - 1]->text;
                if ('*' === $member->text) {
                    continue;
                }
                if ($this->isIterator($at)) {
                    $member = new Token(TokenKind::Name, self::ITERATOR, $member->offset);
                    $at += 4;
                    $next = '(';
                }
                if (\in_array($member->text, ['static', 'get', 'set', 'async'], true) && '(' !== $next && '=' !== $next && ';' !== $next) {
                    continue;
                }
                if ('set' === $this->tokens[$at - 1]->text && '(' === $next) {
                    $this->setters[$member->text] = $this->asked[$member->text] = true;
                    $this->methods[$name->text]["set_$member->text"] = $this->signature($at + 1);
                    $at = $this->bodyEnd($at + 1);
                    continue;
                }
                if ('get' === $this->tokens[$at - 1]->text && 'static' === $this->tokens[$at - 2]->text) {
                    $this->staticAsked["$name->text.$member->text"] = true;
                } elseif ('get' === $this->tokens[$at - 1]->text) {
                    $this->asked[$member->text] = true;
                }
                if ('(' === $next && \in_array($member->kind, [TokenKind::Name, TokenKind::Keyword], true)) {
                    if ('constructor' === $member->text) {
                        $this->openedAt[$name->text] = $at + 1;
                    }
                    $this->methods[$name->text][self::METHODS[$member->text] ?? $member->text] = $this->signature($at + 1);
                    if ($isStatic && null !== $this->rest) {
                        $this->rests["$name->text.$member->text"] = $this->rest;
                    }
                    if ($isStatic || isset($this->staticAsked["$name->text.$member->text"])) {
                        $ofClasses[$name->text][] = $at;
                    }
                } elseif (TokenKind::Name === $member->kind && ('=' === $next || ';' === $next)) {
                    if ($isStatic) {
                        $this->statics[$name->text][$member->text] = true;
                    } else {
                        $this->fieldNames[$member->text] = $this->setFields[$member->text] = true;
                    }
                }
                // On to the end of the member: its semicolon, its line, or the end of its braces.
                for (; $at < $closing && ';' !== $this->tokens[$at]->text; ++$at) {
                    $isBody = '{' === $this->tokens[$at]->text && '(' === $next;
                    $at = max($at, $this->partners[$at] ?? $at);
                    if ($isBody || isset($this->begins[$at + 1])) {
                        break;
                    }
                }
            }
        }
        $this->readItselfOfClasses($ofClasses);
        $this->announceMakersOfObjects();
        if ([] === $this->classes) {
            return;
        }
        $this->announceMakers();
        foreach ($this->tokens as $index => $token) {
            if ('this' === $token->text && '.' === ($this->tokens[$index + 1]->text ?? '') && '(' !== ($this->tokens[$index + 3]->text ?? '') && 'length' !== ($this->tokens[$index + 2]->text ?? '')) {
                $this->fieldNames[$this->tokens[$index + 2]->text ?? ''] = true;
            }
            if ('Object' === $token->text && 'assign' === ($this->tokens[$index + 2]->text ?? '') && 'this' === ($this->tokens[$index + 4]->text ?? '') && '{' === ($this->tokens[$index + 6]->text ?? '')) {
                for ($at = $index + 7; $at < ($this->partners[$index + 6] ?? $at); ++$at) {
                    if (TokenKind::Name === $this->tokens[$at]->kind && \in_array($this->tokens[$at - 1]->text, ['{', ','], true)) {
                        $this->fieldNames[$this->tokens[$at]->text] = $this->setFields[$this->tokens[$at]->text] = true;
                    }
                }
            }
            $sign = $this->tokens[$index + 2]->text ?? '';
            if ('.' === $token->text && (str_ends_with($sign, '=') && !\in_array($sign, ['==', '===', '!=', '!==', '<=', '>='], true) || '++' === $sign || '--' === $sign || ',' === $sign || ']' === $sign)) {
                $this->setFields[$this->tokens[$index + 1]->text] = true;
            }
        }
    }

    /** The end of what a member does, whose parameters begin at a bracket. */
    private function bodyEnd(int $bracket): int
    {
        $brace = ($this->partners[$bracket] ?? $bracket) + 1;

        return $this->partners[$brace] ?? $brace;
    }

    private function classDefinition(Token $token): Statement
    {
        $start = $this->at++;
        $id = $this->newId();
        $name = $this->newName();
        if ('' !== $this->scope || 1 !== $this->parent) {
            $this->fail('unsupported', $name, ['what' => 'class { … } in { … }']);
        }
        $parent = '';
        if ($this->accept('extends')) {
            $of = $this->newName();
            $parent = $of->text;
            if ($this->isFailure($parent)) {
                $parent = '@'.(FailureNames::kindOf($this->language(), $parent)->value ?? '');
            } elseif (!isset($this->classes[$parent])) {
                $this->fail('unsupported', $of, ['what' => "extends $parent"]);
            }
        }
        $this->braceOf('class');
        $this->accept('{');
        $this->cut($id, 'head', $token->offset, $this->endOffset());
        [$outer, $this->parent, $this->class] = [$this->parent, $id, $name->text];
        $rows = [];
        try {
            while (null !== $this->peek() && !$this->is('}')) {
                array_push($rows, ...$this->remarks());
                array_push($rows, ...$this->membersOrUnread());
            }
            array_push($rows, ...$this->remarks());
        } finally {
            [$this->parent, $this->class] = [$outer, ''];
        }
        $this->closeBrace($id, $start);

        return new ClassDefinition($id, $name->text, $parent, new Block($rows));
    }

    protected function members(): array
    {
        return [$this->classMember()];
    }

    private function classMember(): Statement
    {
        $token = $this->peek() ?? $this->fail('empty');
        $isStatic = $this->is('static') && !$this->is('(', 1);
        $yields = $this->accept('*');
        if ($this->isIterator($this->at)) {
            $yields || $this->handsOn($this->at + 7) || $this->fail('unsupported', $token, ['what' => 'class { '.self::ITERATOR.'() { … } }']);
            $this->at += 5;

            return $this->function($token, new Token(TokenKind::Name, self::ITERATOR, $token->offset), false, '', $yields);
        }
        $name = $this->peek($isStatic ? 1 : 0) ?? $token;
        if ($isStatic && \in_array($name->text, ['get', 'set'], true) && TokenKind::Name === $this->peek(2)?->kind && $this->is('(', 3)) {
            if ('set' === $name->text) {
                $this->fail('unsupported', $token, ['what' => 'static set']);
            }
            $name = $this->peek(2) ?? $name;
            $this->at += 3;

            return $this->function($token, $name, false, 'shared_asked', false);
        }
        if (!$isStatic && 'async' === $name->text && TokenKind::Name === $this->peek(1)?->kind && $this->is('(', 2)) {
            // Whoever calls it waits for it (Awaiting).
            $this->at += 2;
            $this->isAsyncNext = $this->withPromises;

            return $this->function($token, $this->tokens[$this->at - 1], false);
        }
        $isAsked = 'get' === $name->text && !$this->is('(', 1);
        $isSet = 'set' === $name->text && TokenKind::Name === $this->peek(1)?->kind && $this->is('(', 2);
        $name = $isAsked || $isSet ? $this->peek(1) ?? $name : $name;
        if (TokenKind::Name !== $name->kind && TokenKind::Keyword !== $name->kind || 'async' === $name->text && !$this->is('(', 1)) {
            $this->fail('unsupported', $token, ['what' => 'class { '.$token->text.' … }']);
        }
        $this->at += $isStatic || $isAsked || $isSet ? 2 : 1;
        if ('valueOf' === $name->text || 'toJSON' === $name->text) {
            // What an object is where a number is wanted is not asked yet.
            $this->fail('unsupported', $name, ['what' => $name->text.'()']);
        }
        if ($this->is('(')) {
            return $this->function($token, $name, false, $isSet ? 'set' : ($isAsked ? 'asked' : ($isStatic ? 'shared' : '')), $yields);
        }
        $value = $this->accept('=') ? $this->value() : new NothingLiteral(true);
        $this->semicolon();
        if (!$isStatic) {
            return $this->ended(new FieldDeclaration($this->newId(), $name->text, null, $value instanceof NothingLiteral && $value->undefined ? null : $value), $token->offset);
        }
        $this->write("$this->class.$name->text", $name->offset);

        return $this->ended(new SetVariable($this->newId(), "$this->class.$name->text", $value), $token->offset);
    }

    /**
     * `this` in a method of a class is the class (ECMAScript 2022, 13.3.6.2), where no other one could be asked for it.
     *
     * @param array<string, list<int>> $methods where they are named, by class
     */
    private function readItselfOfClasses(array $methods): void
    {
        foreach (array_diff_key($methods, array_flip($this->classes)) as $class => $starts) {
            foreach ($starts as $start) {
                for ($at = $start, $end = $this->bodyEnd($start + 1); $at < $end; ++$at) {
                    $token = $this->tokens[$at];
                    if (TokenKind::Keyword === $token->kind && \in_array($token->text, ['function', 'class'], true)) {
                        // They have their own.
                        for (; $at < $end && '{' !== $this->tokens[$at]->text; ++$at) {
                        }
                        $at = $this->partners[$at] ?? $at;
                    } elseif (TokenKind::Keyword === $token->kind && 'this' === $token->text) {
                        $this->readAs($at, $class);
                    }
                }
            }
        }
    }

    /** What JavaScript calls the methods that it calls itself. */
    private const METHODS = ['constructor' => ClassDefinition::MAKES, 'toString' => ClassDefinition::SHOWS, self::ITERATOR => '@iter'];
    /** The name of what goes over an object (ECMAScript 2022, 27.1.1.1). */
    private const ITERATOR = '[Symbol.iterator]';

    /** Whether all that is done from a brace on is to give what another method of the class goes over: `{ return this.inOrder(); }`. */
    private function handsOn(int $brace): bool
    {
        foreach (['{', 'return', 'this', '.', null, '('] as $ahead => $text) {
            if (null !== $text && $text !== ($this->tokens[$brace + $ahead]->text ?? '')) {
                return false;
            }
        }
        $method = $this->tokens[$brace + 4]->text;

        return [] !== array_filter($this->tokens, fn (Token $token, int $at): bool => '*' === $token->text && $method === ($this->tokens[$at + 1]->text ?? '') && '(' === ($this->tokens[$at + 2]->text ?? ''), \ARRAY_FILTER_USE_BOTH);
    }

    /** Whether `[Symbol.iterator](` stands at a place. */
    private function isIterator(int $at): bool
    {
        foreach (['[', 'Symbol', '.', 'iterator', ']', '('] as $ahead => $text) {
            if ($text !== ($this->tokens[$at + $ahead]->text ?? '')) {
                return false;
            }
        }

        return true;
    }

    /** Behind `import { readFileSync } from "fs"`; null where something else is brought in. */
    private function fileImport(): ?int
    {
        $closed = $this->is('{', 1) ? ($this->partners[$this->at + 1] ?? 0) : 0;
        $isOfFiles = 0 < $closed && 'from' === ($this->tokens[$closed + 1]->text ?? '') && \in_array($this->textIn($closed + 2), ['fs', 'node:fs'], true);

        return $isOfFiles && null !== $this->fileCallsFrom($this->at + 1) ? $closed + 3 : null;
    }

    private function textIn(int $index): ?string
    {
        $token = $this->tokens[$index] ?? null;

        return TokenKind::Text === $token?->kind && 1 === preg_match('/^(["\'])(.*)\1$/D', $token->text, $match) ? $match[2] : null;
    }

    /** The name for a library of the machine's own that is brought in here: `import fs from "fs";`, `import * as fs from "node:fs";`. */
    private function machineImport(): ?string
    {
        $isAll = $this->is('*', 1) && $this->is('as', 2);
        $name = $this->peek($isAll ? 3 : 1);
        $file = $this->is('from', $isAll ? 4 : 2) ? $this->textAt($isAll ? 5 : 3) : null;

        return TokenKind::Name === $name?->kind && \in_array($file, ['fs', 'node:fs', 'readline', 'node:readline'], true) ? $name->text : null;
    }

    private function import(): void
    {
        ++$this->at;
        $opened = $this->peek();
        if (null === $opened || '{' !== $opened->text) {
            $this->fail('import_braces', $opened);
        }
        ++$this->at;
        while (!$this->is('}')) {
            $name = $this->peek();
            if (null === $name || TokenKind::Name !== $name->kind) {
                $this->fail('name_missing', $name);
            }
            ++$this->at;
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened);
        if (!$this->accept('from')) {
            $this->fail('from_missing');
        }
        $file = $this->peek();
        if (null !== $file && TokenKind::Unread === $file->kind) {
            $this->strange($file);
        }
        if (null === $file || TokenKind::Text !== $file->kind) {
            $this->fail('quotes_missing', $file, ['name' => './scrivlet.js']);
        }
        ++$this->at;
        if (!\in_array($this->quoted($file), ['./scrivlet.js', 'scrivlet', './scrivlet.mjs'], true)) {
            $this->mistake('unknown_library', $file->offset, \strlen($file->text), ['name' => $this->quoted($file)], [new Replacement($file->offset, \strlen($file->text), '"./scrivlet.js"')]);
        }
        $this->semicolon();
    }

    protected function semicolonNeeded(): bool
    {
        return false;
    }

    protected function equals(): string
    {
        return '===';
    }

    protected function division(): Operator
    {
        return Operator::TrueDivide;
    }

    protected function ownNames(): array
    {
        return array_map(strval(...), array_keys(array_diff_key($this->declared[$this->scope] ?? [], [$this->itself => true])));
    }

    protected function gatheredSoFar(): ?string
    {
        return $this->yields[$this->scope] ?? null;
    }

    protected function ownRow(Token $token): ?array
    {
        $start = $token->offset;
        $promised = $this->withPromises ? null : $this->promisedRow($token);
        if (null !== $promised) {
            return $promised;
        }
        $chain = $this->withPromises ? null : $this->promiseChain($token);
        if (null !== $chain) {
            return $chain;
        }
        if ('yield' === $token->text && '' !== $this->scope) {
            $row = $this->yielded($token);
            $this->semicolon();

            return [$this->ended($row, $start)];
        }
        $each = 'this' === $token->text ? $this->eachCall() : null;
        if (null !== $each) {
            return $this->forEach($token, $each);
        }
        if (TokenKind::Keyword !== $token->kind) {
            $lower = strtolower($token->text);
            if (TokenKind::Name === $token->kind && $lower !== $token->text && \in_array($lower, ['let', 'const', 'var', 'function'], true) && TokenKind::Name === $this->peek(1)?->kind) {
                $this->fail('capitals', $token, ['name' => $token->text, 'near' => $lower], [new Replacement($start, \strlen($token->text), $lower)]);
            }
            if (TokenKind::Name === $token->kind && TokenKind::Name === $this->peek(1)?->kind && !isset($this->begins[$this->at + 1])) {
                $this->misspeltDeclaration($token);
            }
            if ('async' === $token->text && $this->is('function', 1)) {
                ++$this->at;
                $this->isAsyncNext = $this->withPromises;

                return [$this->definition($token)];
            }
            $given = $this->givenToPrototype($token);
            if (null !== $given) {
                return [$given];
            }
            $lines = $this->readLines($token);
            if (null !== $lines) {
                return $lines;
            }
            $each = $this->eachCall();
            if (null !== $each) {
                return $this->forEach($token, $each);
            }
            if ('[' === $token->text && TokenKind::Sign === $token->kind) {
                return $this->several($token);
            }
            if (TokenKind::Text === $token->kind && 'use strict' === substr($token->text, 1, -1) && ($this->is(';', 1) || isset($this->begins[$this->at + 1]))) {
                // The stricter rules are those that are kept here anyhow (ECMAScript 2022, 11.2.1).
                ++$this->at;
                $this->semicolon();

                return [$this->ended(new Import($this->newId(), $token->text, $this->language()->value), $token->offset)];
            }

            return null;
        }
        switch ($token->text) {
            case 'let':
            case 'const':
            case 'var':
                return $this->declaration($token);
            case 'function':
                return [isset($this->makers[$this->peek(1)->text ?? '']) && '' === $this->scope && 1 === $this->parent ? $this->makerOfObjects($token) : $this->definition($token)];
            case 'import':
                $name = $this->machineImport();
                $behind = $this->fileImport();
                if (null !== $behind) {
                    $this->at = $behind;
                    $this->semicolon();
                } elseif (null !== $name) {
                    $file = $this->is('*', 1) ? 5 : 3;
                    $this->brought[$name] = 'fs' === preg_replace('/^node:/', '', (string) $this->textAt($file)) ? 'fs' : 'readline';
                    $this->at += $file + 1;
                    $this->semicolon();
                } else {
                    $this->import();
                }
                $row = new Import($this->newId(), rtrim(substr($this->text, $start, $this->endOffset() - $start)), $this->language()->value);

                return [$this->ended($row, $start)];
            case 'await':
                $this->at += $this->withPromises ? 0 : 1;
                $value = $this->expression();
                $this->semicolon();

                return [$this->ended($this->performed($value, $start, $this->endOffset()), $start)];
            case 'delete':
                ++$this->at;
                $target = $this->expression();
                $this->semicolon();

                return $target instanceof Item
                    ? [$this->ended(new Perform($this->newId(), new Operation(OperationKey::Forget, [$target->container, $target->index])), $start)]
                    : $this->fail('unsupported', $token, ['what' => 'delete']);
            case 'class':
                return [$this->classDefinition($token)];
            case 'export':
            case 'with':
            case 'async':
                $this->fail('unsupported', $token, ['what' => $token->text]);
        }

        return null;
    }

    protected function caughtHere(): array
    {
        $opened = $this->peek();
        if (null === $opened || !$this->accept('(')) {
            return [[], ''];
        }
        if ($this->is('{') && $this->is('message', 1) && $this->is('}', 2)) {
            // What a failure says is all that is kept of it.
            $this->at += 3;
            $this->close($opened);
            $this->write('message', $opened->offset);
            $this->declared[$this->scope]['message'] = $this->plainCaught = true;

            return [[FailureKind::Any], 'message'];
        }
        if ($this->isPattern()) {
            return $this->caughtApart($opened);
        }
        $name = $this->newName();
        $this->write($name->text, $name->offset);
        $this->close($opened);

        return [[FailureKind::Any], $name->text];
    }

    /**
     * `catch ({ name, message: says })`: what a failure says and is called, in names of their own.
     *
     * @return array{list<FailureKind>, string}
     */
    private function caughtApart(Token $opened): array
    {
        $all = $this->nameFor('failure');
        $this->accept('{');
        do {
            $part = $this->peek();
            if (null === $part || !\in_array($part->text, ['name', 'message'], true)) {
                $this->fail('unsupported', $opened, ['what' => 'catch ({ … })']);
            }
            ++$this->at;
            $name = $this->accept(':') ? $this->newName() : $part;
            $this->declared[$this->scope][$name->text] = true;
            $this->write($name->text, $name->offset);
            $this->takenApart[] = new SetVariable($this->newId(), $name->text, 'name' === $part->text ? new Operation(OperationKey::FailureName, [new VariableRead($all)]) : new VariableRead($all));
        } while ($this->accept(','));
        if (!$this->accept('}')) {
            $this->fail('unsupported', $opened, ['what' => 'catch ({ … })']);
        }
        $this->close($opened);

        return [[FailureKind::Any], $all];
    }

    protected function thrown(Token $token): Raise|RaiseObject
    {
        $name = $this->peek($this->is('new') ? 1 : 0);
        if (null !== $name && $this->is('new') && $this->isRaised($name->text)) {
            return new RaiseObject($this->newId(), $this->value());
        }
        $kind = null === $name ? null : FailureNames::kindOf($this->language(), $name->text);
        if (!$this->is('new') && null === $kind && $this->throwsBare($this->at)) {
            return new Raise($this->newId(), FailureKind::Bare, $this->value());
        }
        if ($this->withPromises && null !== $name && null === $kind && !$this->is('new')) {
            // A failure that was made before.
            return new RaiseObject($this->newId(), $this->value());
        }
        if (null === $name || null === $kind) {
            $near = null === $name || !$this->is('new') ? null : Names::nearest($name->text, FailureNames::all($this->language()));
            if (null !== $near) {
                $this->fail('misspelt_keyword', $name, ['name' => $name->text, 'near' => $near], [new Replacement($name->offset, \strlen($name->text), $near)]);
            }
            $this->fail('unsupported', $token, ['what' => 'throw '.($this->peek()->text ?? '')]);
        }
        $this->at += $this->is('new') ? 2 : 1;
        $opened = $this->peek();
        $says = new TextLiteral('');
        if (null !== $opened && $this->accept('(')) {
            $says = $this->is(')') ? $says : $this->value();
            if ($this->is(',')) {
                $this->fail('unsupported', $token, ['what' => 'new '.$name->text.'(…, …)']);
            }
            $this->close($opened);
        }

        return new Raise($this->newId(), $kind, $says);
    }

    /** `if (error instanceof RangeError) { … } else { throw error; }` is all that the `catch` holds. */
    protected function caughtByKind(int $id, int $from, string $name): ?array
    {
        $opened = $this->at;
        $end = $this->closingOf($opened);
        if (null === $end) {
            return null;
        }
        $guarded = $this->guardedKind($id, $from, $name);
        if (null !== $guarded) {
            return $guarded;
        }
        /** @var list<array{list<FailureKind|string>, int}> $heads the kinds, and the token that the body begins with */
        $heads = [];
        $at = $opened + 1;
        while ('if' === $this->tokens[$at]->text && '(' === ($this->tokens[$at + 1]->text ?? '')) {
            $kinds = [];
            ++$at;
            do {
                [$of, $word, $kind] = [$this->tokens[$at + 1] ?? null, $this->tokens[$at + 2] ?? null, $this->tokens[$at + 3] ?? null];
                $found = $of?->text === $name && 'instanceof' === $word?->text && null !== $kind ? ($this->isRaised($kind->text) ? $kind->text : FailureNames::kindOf($this->language(), $kind->text)) : null;
                if (null === $found) {
                    return null;
                }
                $kinds[] = $found;
                $at += 4;
            } while ('||' === ($this->tokens[$at]->text ?? ''));
            $closing = ')' === ($this->tokens[$at]->text ?? '') ? $this->lastOfBody($at + 1, $end) : null;
            $heads[] = [$kinds, $at + 1];
            if ($closing === $end - 1) {
                // Whatever else was thrown is left alone.
                return $this->rescuesOf($id, $from, $name, $heads, $closing, $end);
            }
            if (null === $closing || 'else' !== ($this->tokens[$closing + 1]->text ?? '')) {
                return null;
            }
            $at = $closing + 2;
        }
        $last = $this->lastOfBody($at, $end);
        if ([] !== $heads && 'throw' === ($this->tokens[$at]->text ?? '') && $name === ($this->tokens[$at + 1]->text ?? '') && $end === $at + (';' === ($this->tokens[$at + 2]->text ?? '') ? 3 : 2)) {
            [$rescues, $from] = $this->rescuesOf($id, $from, $name, $heads, null, $end);
            $this->at = $end;

            return [$rescues, $from];
        }
        if ([] === $heads || $last !== $end - 1) {
            return null;
        }
        $isBraced = '{' === $this->tokens[$at]->text;
        $passesOn = $isBraced && 'throw' === $this->tokens[$at + 1]->text && $name === $this->tokens[$at + 2]->text && $last <= $at + 4;
        if (!$passesOn) {
            $heads[] = [[FailureKind::Any], $at];
        }
        [$rescues, $from] = $this->rescuesOf($id, $from, $name, $heads, null, $end);
        if ($passesOn) {
            $this->at = $end;
        } elseif ($isBraced) {
            ++$this->at;
        }

        return [$rescues, $from];
    }

    /**
     * `if (!(error instanceof RangeError)) throw error;` before all else: what stands below is for that kind alone.
     *
     * @return array{list<Rescue>, int}|null
     */
    private function guardedKind(int $id, int $from, string $name): ?array
    {
        foreach (['{', 'if', '(', '!', '(', $name, 'instanceof', null, ')', ')'] as $ahead => $text) {
            if (null !== $text && !$this->is($text, $ahead)) {
                return null;
            }
        }
        $kind = $this->peek(7)->text ?? '';
        $of = $this->isRaised($kind) ? $kind : FailureNames::kindOf($this->language(), $kind);
        $throws = $this->is('{', 10) ? 11 : 10;
        if (null === $of || FailureKind::Any === $of || !$this->is('throw', $throws) || !$this->is($name, $throws + 1)) {
            return null;
        }
        $ahead = $throws + ($this->is(';', $throws + 2) ? 3 : 2);
        if (11 === $throws && !$this->is('}', $ahead) || !isset($this->begins[$this->at + $ahead])) {
            return null;
        }
        $opened = $this->at;
        $this->at += $ahead + ($throws - 10);
        $caught = $this->caught;
        if (\is_string($of)) {
            unset($this->caught[$name]);
            $this->keptFailures[$name] = true;
        }
        $part = Attempt::bodyName(0);
        $this->cut($id, $part, $this->tokens[$from]->offset, $this->endOffset());
        $rows = $this->bodyRows($id, $opened, false, $part);
        $this->caught = $caught;
        unset($this->keptFailures[$name]);

        return [[new Rescue([$of], $name, $rows)], $this->at];
    }

    /** The last token of a body: its brace, or the end of the one simple row that it is. */
    private function lastOfBody(int $at, int $end): ?int
    {
        $first = $this->tokens[$at]->text ?? '';
        if ('{' === $first) {
            return $this->closingOf($at);
        }
        if ($at >= $end || \in_array($first, ['if', 'for', 'while', 'do', 'switch', 'try', 'function', ';'], true)) {
            return null;
        }
        for ($from = $at; $at < $end && ';' !== $this->tokens[$at]->text; $at = ($this->closingOf($at) ?? $at) + 1) {
            if ($at > $from && isset($this->begins[$at]) && \in_array($this->tokens[$at]->kind, [TokenKind::Name, TokenKind::Keyword], true) && !\in_array($this->tokens[$at]->text, ['instanceof', 'in'], true)) {
                // A row may end with its line (ECMAScript 2022, 12.10).
                return $at - 1;
            }
        }

        return $at < $end ? $at : $end - 1;
    }

    /**
     * @param list<array{list<FailureKind|string>, int}> $heads   the kinds, and the token that the body begins with
     * @param int|null                                   $closing the token behind which whatever else was thrown is left alone
     *
     * @return array{list<Rescue>, int}
     */
    private function rescuesOf(int $id, int $from, string $name, array $heads, ?int $closing, int $end): array
    {
        $rescues = [];
        foreach ($heads as $index => [$kinds, $brace]) {
            $part = "rescue$index";
            $this->at = $brace;
            $isOf = [] === array_filter($kinds, static fn (FailureKind|string $kind): bool => $kind instanceof FailureKind);
            $caught = $this->caught;
            if ($isOf) {
                // What is caught is an object, which can be asked for all it keeps.
                unset($this->caught[$name]);
                $this->keptFailures[$name] = true;
            }
            $rescues[] = new Rescue($kinds, $name, $this->body($id, $from, $part, $part, false));
            $this->caught = $caught;
            unset($this->keptFailures[$name]);
            $from = $this->at;
        }
        if (null !== $closing) {
            $this->at = $from = $end;
            $behind = $this->tokens[$closing]->offset + \strlen($this->tokens[$closing]->text);
            $this->cut($id, Attempt::bodyName(\count($rescues)), $behind - ('}' === $this->tokens[$closing]->text ? 1 : 0), $behind);
            $rescues[] = new Rescue([FailureKind::Any], $name, new Block([]));
        }

        return [$rescues, $from];
    }

    protected function prepared(array $tokens): array
    {
        if (1 !== preg_match('/\bif\s*\(\s*\(/', $this->text)) {
            return $tokens;
        }
        $code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $text = static fn (int $at): string => $tokens[$code[$at] ?? -1]->text ?? '';
        [$partners, $places, $gone] = [Partners::of($tokens), array_flip($code), []];
        foreach (array_keys($code) as $at) {
            if ('if' !== $text($at) || '(' !== $text($at + 1) || '(' !== $text($at + 2)) {
                continue;
            }
            $close = $partners[$code[$at + 2]] ?? -1;
            // Brackets around all of a condition say nothing more.
            $gone += ')' === $text(($places[$close] ?? -2) + 1) ? [$code[$at + 2] => true, $close => true] : [];
        }

        return [] === $gone ? $tokens : array_values(array_diff_key($tokens, $gone));
    }

    protected function valueGivenBack(): Expression
    {
        return $this->printedValue() ?? parent::valueGivenBack();
    }

    /** Whether the failure that was caught is known by what it says alone. */
    private bool $plainCaught = false;

    protected function saysOf(Token $name): Expression
    {
        if ('message' === $name->text && $this->plainCaught) {
            return $this->plainName($name);
        }
        $isOfMaker = $this->is('.') && $this->is('constructor', 1) && $this->is('.', 2) && $this->is('name', 3);
        if ($isOfMaker || $this->is('.') && $this->is('name', 1)) {
            $this->at += $isOfMaker ? 4 : 2;

            return new Operation(OperationKey::FailureName, [$this->plainName($name)]);
        }
        $kind = $this->is('instanceof') ? $this->peek(1) : null;
        if (null !== $kind && $this->isFailure($kind->text) && !isset($this->classes[$kind->text])) {
            $this->at += 2;

            return 'Error' === $kind->text ? new TruthLiteral(true) : new Binary(Operator::Equal, new Operation(OperationKey::FailureName, [$this->plainName($name)]), new TextLiteral($kind->text));
        }
        if ($this->isMadeText()) {
            $this->at += $this->is('.') ? 4 : 0;

            return new Operation(OperationKey::FailureShown, [$this->plainName($name)]);
        }
        if ($this->throwsAnyBare()) {
            if ($this->is('.') && $this->is('message', 1)) {
                $this->at += 2;

                return new Operation(OperationKey::FailureField, [$this->plainName($name), new TextLiteral('message')]);
            }
            if (!$this->is('.')) {
                return new Operation(OperationKey::FailureValue, [$this->plainName($name)]);
            }
        }
        $kept = $this->is('.') ? $this->peek(1) : null;
        if (null === $kept || 'message' !== $kept->text && (TokenKind::Name !== $kept->kind || !isset($this->fieldNames[$kept->text]) || $this->is('(', 2) || $this->is('=', 2))) {
            $this->noFailure($name);
        }
        $this->at += 2;

        return 'message' === $kept->text ? $this->plainName($name) : new Operation(OperationKey::FailureField, [$this->plainName($name), new TextLiteral($kept->text)]);
    }

    /** Whether a text stands where something is thrown: a literal, a template, or what begins with one. */
    private function throwsBare(int $at): bool
    {
        return TokenKind::Text === ($this->tokens[$at]->kind ?? null);
    }

    private ?bool $throwsBare = null;

    private function throwsAnyBare(): bool
    {
        if (null === $this->throwsBare) {
            $this->throwsBare = false;
            foreach ($this->tokens as $index => $token) {
                $this->throwsBare = $this->throwsBare || 'throw' === $token->text && TokenKind::Keyword === $token->kind && $this->throwsBare($index + 1);
            }
        }

        return $this->throwsBare;
    }

    /** Whether the name just read is made a text where it stands: in a template, beside a plus, by `String(…)` or `.toString()`. */
    private function isMadeText(): bool
    {
        if ($this->is('.')) {
            return $this->is('toString', 1) && $this->is('(', 2) && $this->is(')', 3);
        }
        $before = $this->tokens[$this->at - 2]->text ?? '';

        return 1 === \count($this->tokens) || '+' === $before || $this->is('+') || '(' === $before && 'String' === ($this->tokens[$this->at - 3]->text ?? '') && $this->is(')');
    }

    /** `lte size = 4`, `fucntion f()`, and words with which other languages declare. */
    private function misspeltDeclaration(Token $token): void
    {
        $length = \strlen($token->text);
        if ($this->is('=', 2) && \in_array($token->text, ['int', 'double', 'float', 'string', 'bool', 'auto', 'String', 'number', 'char'], true)) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'let'], [new Replacement($token->offset, $length, 'let')]);
        }
        if ('def' === $token->text || 'func' === $token->text || 'fun' === $token->text) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'function'], [new Replacement($token->offset, $length, 'function')]);
        }
        foreach (['let', 'const', 'var', 'function'] as $word) {
            $isClose = levenshtein(strtolower($token->text), $word) <= (\strlen($word) <= 3 ? 1 : 2) || count_chars(strtolower($token->text), 1) === count_chars($word, 1);
            if ($isClose && ('function' === $word ? $this->is('(', 2) : $this->is('=', 2))) {
                $this->fail('misspelt_keyword', $token, ['name' => $token->text, 'near' => $word], [new Replacement($token->offset, $length, $word)]);
            }
        }
    }

    /** @return list<Statement> */
    private function several(Token $token): ?array
    {
        $closing = $this->closingOf($this->at);
        if (null === $closing || '=' !== ($this->tokens[$closing + 1]->text ?? '')) {
            return null;
        }
        $targets = $this->expression();
        ++$this->at;
        $value = $this->value();
        $this->semicolon();
        $list = $targets instanceof ListLiteral ? $targets->items : [$targets];
        foreach ($list as $target) {
            if ($target instanceof VariableRead) {
                $this->assigned[$this->scope][$target->name] = true;
            } elseif (!$target instanceof Item && !$target instanceof Field) {
                $this->failAt('unsupported', $token->offset, max(1, $this->endOffset() - $token->offset), ['what' => '[[…]] = …']);
            }
        }

        return [$this->ended(new SetSeveral($this->newId(), $list, $value instanceof ListLiteral && \count($value->items) === \count($list) ? $value->items : [$value]), $token->offset)];
    }

    /** Whether a function that stands behind a token in the same block says a name. */
    private function isSeenByFunction(string $name, int $from): bool
    {
        $isInside = false;
        for ($at = $from, $depth = 0; $at < $this->until && $depth >= 0; ++$at) {
            $token = $this->tokens[$at];
            $depth += TokenKind::Sign !== $token->kind ? 0 : ['{' => 1, '}' => -1][$token->text] ?? 0;
            $isInside = $isInside || '=>' === $token->text || 'function' === $token->text;
            if ($isInside && $name === $token->text && TokenKind::Name === $token->kind) {
                return true;
            }
        }

        return false;
    }

    /** What a name gets, where it is asked more than once for items that it gives only once (ECMAScript 2022, 27.1). */
    private function onlyOnce(string $name, Expression $value, int $from): Expression
    {
        $isGenerator = isset($this->yields[$this->tokens[$from]->text]) && '(' === ($this->tokens[$from + 1]->text ?? '') && $this->at - 1 === $this->closingOf($from + 1);
        $last = [$this->tokens[$this->at - 4]->text ?? '', $this->tokens[$this->at - 3]->text ?? '', $this->tokens[$this->at - 2]->text ?? '', $this->tokens[$this->at - 1]->text ?? ''];
        $isPart = ['.', '(', ')'] === [$last[0], $last[2], $last[3]] && \in_array($last[1], ['keys', 'values', 'entries'], true) && !isset($this->methodNames[$last[1]]);
        if (!$isGenerator && !$isPart) {
            return $value;
        }
        $times = \count(array_filter($this->tokens, fn (Token $token, int $index): bool => $name === $token->text && TokenKind::Name === $token->kind && $index > $from && '.' !== $this->tokens[$index - 1]->text, \ARRAY_FILTER_USE_BOTH));

        if (2 > $times) {
            return $value;
        }
        for ($at = $from; $isPart && isset($this->tokens[$at + 1]); ++$at) {
            if ('of' === $this->tokens[$at]->text && $name === $this->tokens[$at + 1]->text && [] !== array_filter($this->tokens, static fn (Token $token): bool => 'break' === $token->text)) {
                // A loop that is left ends what a generator gives, not what is gone over of a map (ECMAScript 2022, 24.1.5.2 and 27.5.1.3).
                $this->fail('unsupported', $this->tokens[$at + 1], ['what' => "for (… of $name) { … break; }"]);
            }
        }
        $this->begun[$name] = true;

        return new Operation(OperationKey::Started, [$value]);
    }

    /** @return list<Statement> */
    private function declaration(Token $token): array
    {
        ++$this->at;
        $broughtIn = $this->broughtIn($token);
        if (null !== $broughtIn) {
            return [$broughtIn];
        }
        if ($this->is('[') && $this->isPlainList() && !$this->is(']', 2)) {
            return $this->declaredSeveral($token);
        }
        if ($this->isPattern()) {
            return $this->declaredApart($token);
        }
        $rows = [];
        do {
            $name = $this->newName();
            if (!$this->withPromises && [] === $rows && $this->is('=') && $this->givesPromise($this->at + 1)) {
                return [$this->promisingArrow($token, $name)];
            }
            if ([] === $rows && $this->isArrow() && !$this->isOneOfSeveral()) {
                return [$this->arrowDefinition($token, $name)];
            }
            if ('var' === $token->text && [] !== $this->loops && $this->isSeenByFunction($name->text, $this->at)) {
                // One variable for all turns (ECMA-262, 14.3.2), where each turn would have its own here.
                $this->fail('unsupported', $name, ['what' => "for … { var $name->text … => $name->text }"]);
            }
            if ('var' !== $token->text && $this->isDeclaredTwice($name->text)) {
                $this->mistake('declared_twice', $name->offset, \strlen($name->text), ['name' => $name->text], [new Replacement($token->offset, $name->offset - $token->offset, '')]);
            }
            if ($this->accept('=')) {
                if (null === $this->peek() || $this->is(';')) {
                    $this->fail('value_missing', $this->peek(), ['after' => '=']);
                }
                $from = $this->at;
                $value = $this->onlyOnce($name->text, $this->givenBehind($this->value(), $this->tokens[$from]->offset), $from);
                $rows[] = new SetVariable($this->newId(), $name->text, $value);
            } elseif ('const' === $token->text) {
                $this->fail($this->is('==') || $this->is('===') ? 'equals_for_assign' : 'const_value', $name, ['name' => $name->text, 'text' => $name->text]);
            } else {
                if ($this->is('==') || $this->is('===')) {
                    $this->fail('equals_for_assign', $this->peek(), ['text' => $name->text], [new Replacement($this->offset(), \strlen($this->sign() ?? ''), '=')]);
                }
                if ('var' !== $token->text || !isset($this->declared[$this->scope][$name->text])) {
                    // Once more it says nothing (ECMAScript 2022, 14.3.2).
                    $rows[] = new Declaration($this->newId(), $name->text);
                }
            }
            $this->declared[$this->scope][$name->text] = true;
            if ('const' === $token->text) {
                $this->constants[$this->scope][$name->text] = true;
            }
            $this->write($name->text, $name->offset);
        } while ($this->accept(','));
        $this->semicolon();
        if ([] === $rows) {
            return [$this->ended(new Import($this->newId(), rtrim(substr($this->text, $token->offset, $this->endOffset() - $token->offset)), $this->language()->value), $token->offset)];
        }
        $this->cutTogether($rows, $token->offset);

        return $rows;
    }

    /** @var array<string, 'fs'|'readline'|'reader'> what names of the machine's own libraries stand for */
    private array $brought = [];

    /** `const fs = require("fs");`, `const reader = readline.createInterface({ … });`: no other language needs such rows. */
    private function broughtIn(Token $token): ?Import
    {
        $name = $this->peek();
        $length = '{' === $name?->text && isset($this->partners[$this->at]) && 'require' === ($this->tokens[$this->partners[$this->at] + 2]->text ?? '')
            && \in_array($this->textIn($this->partners[$this->at] + 4), ['fs', 'node:fs'], true) ? $this->fileCallsFrom($this->at) : null;
        if (null !== $length) {
            $this->at += $length + 5;
            $this->semicolon();
            $row = new Import($this->newId(), rtrim(substr($this->text, $token->offset, $this->endOffset() - $token->offset)), $this->language()->value);
            $this->ended($row, $token->offset);

            return $row;
        }
        $call = $this->is('=', 1) ? $this->peek(2) : null;
        if (null === $name || TokenKind::Name !== $name->kind || null === $call) {
            return null;
        }
        $at = $this->at + 2;
        if ('require' === $call->text && $this->is('(', 3) && TokenKind::Text === $this->peek(4)?->kind && $this->is(')', 5)) {
            $library = preg_replace('/^node:/', '', $this->quoted($this->peek(4) ?? $call));
            if ('fs' !== $library && 'readline' !== $library) {
                $this->silenced[$name->text] = true;

                return null;
            }
            $at += 4;
            $isReader = 'readline' === $library && '.' === ($this->tokens[$at]->text ?? '') && 'createInterface' === ($this->tokens[$at + 1]->text ?? '');
            $this->brought[$name->text] = $isReader ? 'reader' : $library;
        } elseif ('readline' === ($this->brought[$call->text] ?? '') && $this->is('.', 3) && $this->is('createInterface', 4)) {
            $isReader = true;
            $this->brought[$name->text] = 'reader';
            ++$at;
        } else {
            return null;
        }
        if ($isReader) {
            $closing = $this->closingOf($at + 2);
            if (null === $closing) {
                return null;
            }
            $at = $closing + 1;
        }
        if (';' !== ($this->tokens[$at]->text ?? ';') && !isset($this->begins[$at])) {
            unset($this->brought[$name->text]);

            return null;
        }
        $this->at = $at;
        $this->semicolon();
        $row = new Import($this->newId(), rtrim(substr($this->text, $token->offset, $this->endOffset() - $token->offset)), $this->language()->value);
        $this->ended($row, $token->offset);

        return $row;
    }

    /** @return list<Statement>|null what is done with the lines that are typed in: asked for, gone over, or no longer read */
    private function readLines(Token $token): ?array
    {
        // What is typed in is there as a whole, too, where nobody takes it line by line.
        $isWhole = 'process' === $token->text && $this->is('.', 1) && $this->is('stdin', 2) && !$this->isVariable('process');
        $point = $isWhole ? 3 : 1;
        if (!$isWhole && 'reader' !== ($this->brought[$token->text] ?? '') || !$this->is('.', $point)) {
            return null;
        }
        $verb = $this->peek($point + 1);
        $opened = $this->peek($point + 2);
        if (null === $verb || null === $opened || '(' !== $opened->text) {
            return null;
        }
        $start = $this->at;
        if ('on' === $verb->text && null !== $later = $this->rowBelow($opened)) {
            // It runs before the first line is read.
            $this->fail('unsupported', $verb, ['what' => ".on(…) … $later"]);
        }
        $over = $isWhole ? new ListLiteral([new Operation(OperationKey::AllInput)]) : new Operation(OperationKey::Lines, [new Operation(OperationKey::AllInput)]);
        [$each, $atEnd] = $isWhole ? ['data', 'end'] : ['line', 'close'];
        $head = 'on' === $verb->text && $each === $this->textAt($point + 3) && $this->is(',', $point + 4) ? $this->unnamedHead($this->at + $point + 5) : null;
        if (null !== $head && 1 === \count($head[0])) {
            return [$this->forAll($token, $start, $opened, $head[0], $head[1], $over)];
        }
        $this->at += $point + 3;
        if (\in_array($verb->text, $isWhole ? ['setEncoding', 'resume', 'pause'] : ['close', 'prompt', 'setPrompt'], true)) {
            $arguments = $this->arguments($opened);
            if ([] !== $arguments && 'setEncoding' !== $verb->text) {
                $this->fail('unsupported', $verb, ['what' => ".$verb->text(…)"]);
            }
            $this->semicolon();
            $row = new Import($this->newId(), rtrim(substr($this->text, $token->offset, $this->endOffset() - $token->offset), "; \t"), $this->language()->value);

            return [$this->ended($row, $token->offset)];
        }
        $arguments = $this->arguments($opened);
        $this->semicolon();
        [$what, $does] = [$arguments[0]->value ?? null, $arguments[1]->value ?? null];
        if (!$isWhole && 'question' === $verb->text && null !== $what && null !== $does && 2 === \count($arguments)) {
            return [$this->ended($this->handedTo($does, new Operation(OperationKey::Ask, [$what]), $verb), $token->offset)];
        }
        if ('on' === $verb->text && $what == new TextLiteral($each) && null !== $does) {
            $id = $this->newId();
            $line = $this->nameFor('line');
            $this->write($line, $token->offset);
            $this->declared[$this->scope][$line] = true;
            $end = $this->endOffset();
            $this->cut($id, 'head', $token->offset, $end);
            $row = $this->handedTo($does, new VariableRead($line), $verb);
            $this->atHead([$row], $id, $end);
            $this->cut($id, 'close', $end, $end);

            return [new EachLoop($id, [$line], $over, new Block([$row]))];
        }
        if ('on' === $verb->text && $what == new TextLiteral($atEnd) && null !== $does) {
            return [$this->ended($this->handedTo($does, null, $verb), $token->offset)];
        }
        $this->fail('unsupported', $verb, ['what' => ".$verb->text(…)"]);
    }

    /** What the first row below begins with that does something by itself; null if there are but further handlers and functions. */
    private function rowBelow(Token $opened): ?string
    {
        $closing = $this->closingOf($this->indexOf($opened) ?? $this->at);
        if (null !== $closing && ')' !== $this->tokens[$closing]->text) {
            // Where it ends is not known: a bracket in it has no partner.
            return null;
        }
        $at = ($closing ?? $this->at) + 1;
        if (null !== $this->firstBelow && $at <= $this->firstBelow[0]) {
            return $this->firstBelow[1];
        }
        while (null !== $token = $this->tokens[$at] ?? null) {
            if (';' === $token->text) {
                ++$at;
            } elseif ('function' === $token->text || 'async' === $token->text) {
                while ('{' !== ($this->tokens[$at]->text ?? '{')) {
                    $at = ($this->partners[$at] ?? $at) + 1;
                }
                $at = ($this->partners[$at] ?? $at) + 1;
            } elseif ('reader' === ($this->brought[$token->text] ?? '') && \in_array($this->tokens[$at + 2]->text ?? '', ['on', 'prompt', 'setPrompt'], true)) {
                $at = ($this->partners[$at + 3] ?? $at + 3) + 1;
            } elseif ('process' === $token->text && 'stdin' === ($this->tokens[$at + 2]->text ?? '') && \in_array($this->tokens[$at + 4]->text ?? '', ['on', 'setEncoding', 'resume'], true)) {
                $at = ($this->partners[$at + 5] ?? $at + 5) + 1;
            } else {
                $this->firstBelow = [$at, mb_strcut($token->text, 0, 30)];

                return $this->firstBelow[1];
            }
        }
        $this->firstBelow = [\PHP_INT_MAX, null];

        return null;
    }

    /** @var array{int, string|null}|null where that row begins, which is the same for all handlers above it */
    private ?array $firstBelow = null;

    /** What a text says that stands ahead. */
    private function textAt(int $ahead): ?string
    {
        $token = $this->peek($ahead);

        return null !== $token && TokenKind::Text === $token->kind ? $this->quoted($token) : null;
    }

    protected function ofLibrary(Token $token): ?Expression
    {
        if ('reader' === ($this->brought[$token->text] ?? '') && 'of' === ($this->tokens[$this->at - 1]->text ?? '') && $this->is(')', 1)) {
            ++$this->at;

            return new Operation(OperationKey::Lines, [new Operation(OperationKey::AllInput)]);
        }
        if (isset($this->fileCalls[$token->text]) && $this->is('(', 1)) {
            $opened = $this->peek(1) ?? $token;
            $this->at += 2;

            return $this->postfix($this->fileCallOf($this->fileCalls[$token->text], $this->arguments($opened), $token));
        }
        $call = $this->sign(2) ?? '';
        if ('fs' !== ($this->brought[$token->text] ?? '') || !$this->is('.', 1) || !$this->is('(', 3)) {
            return null;
        }
        $opened = $this->peek(3) ?? $token;
        $this->at += 4;

        return $this->postfix($this->fileCallOf($call, $this->arguments($opened), $token));
    }

    private function handedTo(Expression $function, ?Expression $value, Token $token): Statement
    {
        $name = $function instanceof FunctionReference ? $function->function : ($function instanceof VariableRead && isset($this->functions[$function->name]) ? $function->name : null);
        $given = null === $value ? [] : [$value];
        if ($function instanceof Lambda && \count($function->parameters) <= \count($given)) {
            $uses = array_filter(Walk::expressions($function->value), static fn (Expression $part): bool => $part instanceof VariableRead && $part->name === ($function->parameters[0] ?? ''));
            if (1 < \count($uses) && !$value instanceof VariableRead) {
                // What is found once would be found, or asked for, several times.
                $this->fail('unsupported', $token, ['what' => ".$token->text(…)"]);
            }
            $put = static fn (Expression $part): Expression => $part instanceof VariableRead && $part->name === ($function->parameters[0] ?? '') ? $given[0] ?? $part : $part;
            $does = Walk::mapExpression($function->value, $put);

            return $this->performed($does, $token->offset, $this->endOffset());
        }

        return null === $name ? $this->fail('unsupported', $token, ['what' => ".$token->text(…)"]) : new OwnCall($this->newId(), $name, $given);
    }

    /** Whether a list of names holds nothing else. */
    private function isPlainList(): bool
    {
        for ($at = $this->at + 1; $at < ($this->closingOf($this->at) ?? $this->at); ++$at) {
            if (TokenKind::Name !== $this->tokens[$at]->kind && ',' !== $this->tokens[$at]->text || ',' === $this->tokens[$at]->text && TokenKind::Name !== $this->tokens[$at - 1]->kind) {
                return false;
            }
        }

        return true;
    }

    /**
     * `const { name, age } = pupil;`
     *
     * @return list<Statement>
     */
    private function declaredApart(Token $token): array
    {
        $start = $this->at;
        $closing = $this->closingOf($start);
        if (null === $closing || '=' !== ($this->tokens[$closing + 1]->text ?? '')) {
            $this->fail('unsupported', $token, ['what' => $token->text.' { … }']);
        }
        $this->at = $closing + 2;
        $value = $this->value();
        $behind = $this->at;
        $rows = [];
        if (!$value instanceof VariableRead) {
            $taken = $this->nameFor('taken');
            $this->write($taken, $token->offset);
            $this->declared[$this->scope][$taken] = true;
            $rows[] = new SetVariable($this->newId(), $taken, $value);
            $this->takenTexts[$taken] = $value instanceof TextLiteral;
            $value = new VariableRead($taken);
        }
        $this->at = $start;
        array_push($rows, ...$this->parts($this->pattern($value), $token->offset));
        $this->at = $behind;
        $this->semicolon();
        $this->cutTogether($rows, $token->offset);

        return $rows;
    }

    /**
     * The row that gives names parts of something.
     *
     * @param list<array{string, Expression, Token}> $parts
     *
     * @return list<Statement>
     */
    private function parts(array $parts, int $offset): array
    {
        foreach ($parts as [$name]) {
            $this->write($name, $offset);
            $this->declared[$this->scope][$name] = true;
        }
        if (1 >= \count($parts)) {
            return array_map(fn (array $part): Statement => new SetVariable($this->newId(), $part[0], $part[1]), $parts);
        }

        return [new SetSeveral($this->newId(), array_map(static fn (array $part): Expression => new VariableRead($part[0]), $parts), array_map(static fn (array $part): Expression => $part[1], $parts))];
    }

    /** @return list<Statement> */
    private function declaredSeveral(Token $token): array
    {
        $opened = $this->peek();
        ++$this->at;
        $targets = [];
        while (null !== ($name = $this->peek()) && TokenKind::Name === $name->kind) {
            ++$this->at;
            $targets[] = new VariableRead($name->text);
            if ('var' !== $token->text && $this->isDeclaredTwice($name->text)) {
                $this->mistake('declared_twice', $name->offset, \strlen($name->text), ['name' => $name->text]);
            }
            $this->declared[$this->scope][$name->text] = true;
            if (!$this->accept(',')) {
                break;
            }
        }
        $this->close($opened ?? $token);
        if (!$this->accept('=')) {
            $this->fail('value_missing', null, ['after' => ']']);
        }
        $value = $this->value();
        foreach ($targets as $target) {
            $this->write($target->name, $token->offset);
        }
        $this->semicolon();

        return [$this->ended(new SetSeveral($this->newId(), $targets, $value instanceof ListLiteral && \count($value->items) === \count($targets) ? $value->items : [$value]), $token->offset)];
    }

    public function mistakesOf(Program $program): array
    {
        return Awaiting::mistakes($this->tokens, (new Waiting($program))->functions, $this->withPromises);
    }

    /** A handler runs later, and so does what loops of the script hold as far as anybody can tell. */
    protected function runsInTurn(): bool
    {
        return parent::runsInTurn() && 1 === $this->parent;
    }

    /** `for await (const line of reader)`: the lines that are typed in, which are all there here (Node.js 20, Readline). */
    protected function passWaiting(): void
    {
        if (!$this->is('await') || !$this->is('(', 1)) {
            return;
        }
        for ($at = $this->at + 2, $closing = $this->closingOf($this->at + 1) ?? $at; $at < $closing && 'of' !== $this->tokens[$at]->text; ++$at) {
        }
        if ($at !== $closing - 2 || 'reader' !== ($this->brought[$this->tokens[$at + 1]->text] ?? '')) {
            $this->fail('unsupported', $this->peek(), ['what' => 'for await']);
        }
        ++$this->at;
    }

    /** `= (a, b) => {`: a function under another sign. */
    private function isArrow(): bool
    {
        return $this->is('=') && null !== $this->unnamedAt($this->at + 1);
    }

    /** @return int|null where the parameters begin of a function with rows that stands where a value may stand */
    protected function unnamedAt(int $index, bool $isBraced = true): ?int
    {
        $text = fn (int $at): string => $this->tokens[$at]->text ?? '';
        $index += 'async' === $text($index) ? 1 : 0;
        if ('function' === $text($index)) {
            $index += '(' === $text($index + 1) ? 1 : 2;
            $closing = '(' === $text($index) ? $this->closingOf($index) : null;

            return null !== $closing && '{' === $text($closing + 1) ? $index : null;
        }
        $closing = '(' === $text($index) ? $this->closingOf($index) : (TokenKind::Name === ($this->tokens[$index]->kind ?? null) ? $index : null);

        return null !== $closing && '=>' === $text($closing + 1) && (!$isBraced || '{' === $text($closing + 2)) ? $index : null;
    }

    /** Whether something else gets a value behind a function. */
    private function isOneOfSeveral(): bool
    {
        $brace = $this->unnamedAt($this->at + 1);
        $brace = null === $brace ? null : $this->closingOf($brace) ?? $brace;
        $brace = null === $brace ? null : $brace + ('=>' === ($this->tokens[$brace + 1]->text ?? '') ? 2 : 1);

        return null !== $brace && ',' === ($this->tokens[($this->closingOf($brace) ?? $brace) + 1]->text ?? '');
    }

    private function arrowDefinition(Token $token, Token $name): Statement
    {
        $this->isAsyncNext = $this->withPromises && $this->is('async', 1);
        $this->at = $this->unnamedAt($this->at + 1) ?? $this->at;

        return $this->function($token, $name, true);
    }

    protected function named(Token $token): Expression
    {
        $done = $this->doneAs($token);
        if (null === $done && isset($this->classes[$token->text]) && $this->is('(', 1) && !$this->isVariable($token->text) && !$this->seesToNew($token->text)) {
            // Without the word an object is not made (ECMAScript 2022, 10.2.1).
            $this->mistake('new_missing', $token->offset, \strlen($token->text), ['name' => $token->text], [new Replacement($token->offset, 0, 'new ')]);
        }

        return null === $done ? parent::named($token) : $this->postfix($done);
    }

    private function definition(Token $token): Statement
    {
        ++$this->at;
        $yields = $this->accept('*');

        return $this->function($token, $this->newName(), false, '', $yields);
    }

    /**
     * @param ''|'asked'|'shared'|'shared_asked'|'set'|'tied' $sort   of a method
     * @param ''|';'                                          $behind what may stand behind its brace
     */
    private function function(Token $token, Token $name, bool $arrow, string $sort = '', bool $yields = false, string $behind = ''): Statement
    {
        [$isAsync, $this->isAsyncNext] = [$this->isAsyncNext, false];
        if ($isAsync && ('' !== $sort || $yields)) {
            $this->fail('unsupported', $token, ['what' => 'async']);
        }
        $start = $this->indexOf($token);
        $outer = $this->scope;
        if ('' === $outer && 1 !== $this->parent && '' === $this->class || ('' !== $outer || 1 !== $this->parent) && isset($this->doubled[$name->text])) {
            $this->fail('unsupported', $name, ['what' => 'function … { function … }']);
        }
        $isMethod = '' !== $this->class && '' === $outer;
        $id = $this->newId();
        $opened = $this->peek();
        $isBare = $arrow && null !== $opened && TokenKind::Name === $opened->kind;
        if (null === $opened || '(' !== $opened->text && !$isBare) {
            $this->fail('def_brackets', $name, ['name' => $name->text], [new Replacement($name->offset + \strlen($name->text), 0, '()')]);
        }
        $isBare || ++$this->at;
        $this->scope = !$isMethod ? $name->text : $this->class.'.'.('set' === $sort ? "set_$name->text" : self::METHODS[$name->text] ?? $name->text);
        $full = $this->scope;
        $this->enter($full, $outer);
        $parameters = !$isMethod || \in_array($sort, ['shared', 'shared_asked'], true) ? [] : [$this->itself];
        if ([] !== $parameters) {
            $this->declared[$this->scope][$this->itself] = true;
            $this->write($this->itself, $name->offset);
        }
        if (!$arrow && '' === $outer && '' === $this->class && '' === $sort && !$yields && !$isAsync && $this->isCalledOfObjects($name, $this->at - 1)) {
            [$sort, $parameters] = ['tied', ['this']];
            $this->declared[$this->scope]['this'] = true;
            $this->write('this', $name->offset);
        }
        $usesAll = !$arrow && !$isMethod && $this->usesArguments($this->at - 1);
        [$defaults, $rest, $apart] = $this->parametersOf($parameters, $opened, $isMethod);
        $isBare || $this->close($opened);
        if ($usesAll) {
            $parameters[] = $rest = self::ALL_GIVEN;
            $this->declared[$this->scope][self::ALL_GIVEN] = true;
            $this->write(self::ALL_GIVEN, $name->offset);
            for ($index = $this->at; $index < ($this->partners[$this->at] ?? $this->at); ++$index) {
                if ('arguments' === $this->tokens[$index]->text && TokenKind::Name === $this->tokens[$index]->kind) {
                    $this->readAs($index, self::ALL_GIVEN);
                }
            }
        }
        if ($arrow) {
            $this->accept('=>');
        }
        if (!$this->is('{')) {
            $this->is(':') ? $this->fail('foreign_word', null, ['word' => ':', 'near' => '{'], [new Replacement($this->offset(), 1, ' {')]) : $this->fail('brace_wanted', $this->tokens[$this->at - 1], ['word' => $name->text], [new Replacement($this->endOffset(), 0, ' {')]);
        }
        $loops = $this->loops;
        $this->loops = [];
        $this->turns[] = null;
        $end = $this->offset() + 1;
        $rows = $this->parts($apart, $name->offset);
        $made = $yields ? $this->nameFor('yielded') : null;
        if (null !== $made) {
            $this->yields[$full] = $made;
            $this->declared[$full][$made] = true;
            $this->write($made, $name->offset);
        }
        $body = $this->body($id, $start ?? $this->at, 'head', 'body', false);
        if (null !== $made) {
            $body = $this->gathering_($body, $made, $id, $end, $name);
        }
        if ([] !== $rows) {
            $this->atHead($rows, $id, $end);
            $body = new Block([...$rows, ...$body->statements]);
        }
        array_pop($this->turns);
        $this->loops = $loops;
        $this->scope = $outer;
        $this->closeBrace($id, $start ?? 0, 'close', $arrow ? ';' : $behind);
        if ($arrow && '' === $outer) {
            $this->known[$name->text] ??= $name->offset;
        }

        return new FunctionDefinition($id, $full, $parameters, $this->shared($full, $body), false, $defaults, [], $isAsync ? 'async' : $sort, $rest);
    }

    /** Whether a function says `this`, makes no objects and is called by nobody under its own name, so that objects keep it. */
    private function isCalledOfObjects(Token $name, int $bracket): bool
    {
        if (isset($this->makers[$name->text]) || !$this->saysThis($bracket - 2)) {
            return false;
        }
        foreach ($this->tokens as $index => $token) {
            if ($name->text === $token->text && $bracket - 1 !== $index && \in_array($this->tokens[$index + 1]->text ?? '', ['(', '.'], true) && '.' !== ($this->tokens[$index - 1]->text ?? '')) {
                return false;
            }
        }

        return true;
    }

    /** Whether the function that comes next gives a promise. */
    private bool $isAsyncNext = false;

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
    private function parametersOf(array &$parameters, ?Token $opened, bool $isMethod): array
    {
        $defaults = $apart = [];
        $rest = '';
        while (!$this->is(')') && !$this->is('=>')) {
            if (null === $this->peek() && null !== $opened) {
                $this->neverClosed($opened);
            }
            if ($this->isPattern()) {
                array_push($apart, ...$this->takenParameter($parameters));
                $taken = $parameters[\count($parameters) - 1];
                if (isset($this->takenDefaults[$taken])) {
                    $defaults[$taken] = $this->takenDefaults[$taken];
                }
                if (!$this->accept(',')) {
                    break;
                }
                continue;
            }
            $isRest = $this->accept('...');
            $parameter = $this->newName('parameter_no_name');
            $parameters[] = $parameter->text;
            $rest = $isRest ? $parameter->text : $rest;
            $this->declared[$this->scope][$parameter->text] = true;
            $this->write($parameter->text, $parameter->offset);
            if ($this->accept('=')) {
                $defaults[$parameter->text] = $this->expression();
            }
            if (!$this->accept(',')) {
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
        $parameters[] = $taken = $this->nameFor('taken');
        $this->declared[$this->scope][$taken] = true;
        $this->write($taken, $this->offset());
        $parts = $this->pattern(new VariableRead($taken));
        if ($this->accept('=')) {
            $this->takenDefaults[$taken] = $this->expression();
        }

        return $parts;
    }

    /** @var array<string, Expression> what stands for a parameter that is taken apart, where it is left out */
    private array $takenDefaults = [];

    /** Begins to read the rows of a function. */
    private function enter(string $scope, string $outer): void
    {
        $this->writes[$scope] ??= [];
        $this->declared[$scope] = [];
        $this->assigned[$scope] = [];
        if ('' !== $outer) {
            $this->around[$scope] = $outer;
        }
    }

    /**
     * A function with rows that stands in a value: `(bed) => { … }`, `function (bed) { … }`.
     */
    protected function unnamedValue(): FunctionReference
    {
        $own = isset($this->selfNamed[$this->at]) ? $this->peek(1)->text ?? '' : '';
        if ('' !== $own && (isset($this->doubled[$own]) || $this->isVariable($own))) {
            $this->fail('unsupported', $this->peek(), ['what' => "… = function $own(…) { … }"]);
        }
        $isAsync = $this->withPromises && $this->is('async');
        $this->at = $this->unnamedAt($this->at, false) ?? $this->fail('unsupported', $this->peek(), ['what' => '=> { … }']);

        return $this->functionValue('' === $own ? $this->nameFor('inner') : $own, [], $isAsync ? 'async' : '');
    }

    protected function methodValue(Token $name, bool $isGetter): FunctionReference
    {
        if ($this->is('function')) {
            $this->at = $this->unnamedAt($this->at) ?? $this->fail('unsupported', $name, ['what' => 'function … { … }']);
        } else {
            ++$this->at;
            $closing = $this->closingOf($this->at);
            if (null === $closing || '{' !== ($this->tokens[$closing + 1]->text ?? '')) {
                $this->fail('unsupported', $name, ['what' => "{ $name->text(…) }"]);
            }
        }

        $this->objectMethods[$name->text] = true;

        return $this->functionValue($this->nameFor($name->text), ['this'], $isGetter ? 'asked' : 'tied');
    }

    /** `garden.water = function () { … this … }`: what an object can do from here on. */
    protected function valueFor(Expression $target): Expression
    {
        $name = $target instanceof Field ? $target->name : ($target instanceof Item && $target->index instanceof TextLiteral ? $target->index->value : '');
        if ('' === $name || '' !== $this->class || !$this->is('function') || !$this->is('(', 1) || !$this->saysThis($this->at)) {
            $value = parent::valueFor($target);
            $this->objectMethods += '' !== $name && ($value instanceof FunctionReference || $value instanceof Lambda || $value instanceof VariableRead && isset($this->functions[$value->name])) ? [$name => true] : [];

            return $value;
        }
        $this->at = $this->unnamedAt($this->at) ?? $this->at;
        $this->objectMethods[$name] = true;

        return $this->functionValue($this->nameFor('inner'), ['this'], 'tied');
    }

    protected function saysThis(int $index): bool
    {
        $brace = $this->unnamedAt($index) ?? $index;
        $brace = ($this->closingOf($brace) ?? $brace) + 1;
        $end = $this->tokens[$this->partners[$brace] ?? $brace]->offset ?? 0;

        return 1 === preg_match('/\bthis\b/', substr($this->text, $this->tokens[$index]->offset, max(0, $end - $this->tokens[$index]->offset)));
    }

    /**
     * @param list<string>              $parameters those that are not written
     * @param ''|'asked'|'tied'|'async' $sort
     */
    private function functionValue(string $name, array $parameters, string $sort): FunctionReference
    {
        $first = $this->peek();
        $id = $this->newId();
        $outer = $this->scope;
        $opened = $this->peek() ?? $first;
        $isBare = TokenKind::Name === $opened?->kind;
        $isBare || ++$this->at;
        $this->enter($name, $outer);
        $this->scope = $name;
        foreach ($parameters as $parameter) {
            $this->declared[$name][$parameter] = true;
            $this->write($parameter, $opened->offset ?? 0);
        }
        [$defaults, $rest, $apart] = $this->parametersOf($parameters, $opened, false);
        $isBare || null === $opened || $this->close($opened);
        $this->accept('=>');
        $brace = $this->at;
        $isOneValue = !$this->accept('{');
        $begins = $this->endOffset();
        [$loops, $this->loops] = [$this->loops, []];
        $state = [$this->steps, $this->isInRow, $this->isInValue, $this->parent];
        $this->turns[] = null;
        $this->parent = $id;
        $first = $this->parts($apart, $begins);
        $this->atHead($first, $id, $begins);
        $rows = new Block([...$first, ...$isOneValue ? $this->onlyValue() : $this->block($brace)]);
        array_pop($this->turns);
        [$this->steps, $this->isInRow, $this->isInValue, $this->parent] = $state;
        $this->loops = $loops;
        $this->scope = $outer;
        $closing = $isOneValue ? $this->endOffset() : $this->offset();
        if (!$isOneValue && !$this->accept('}')) {
            $this->missingBrace($brace);
        }
        $this->functions[$name] = [\count($parameters) - \count($defaults) - ('' === $rest ? 0 : 1), '' === $rest ? \count($parameters) : self::UNLIMITED, $parameters];
        if ('' !== $rest) {
            $this->rests[$name] = (int) array_search($rest, $parameters, true);
        }
        $this->unnamed[] = [new FunctionDefinition($id, $name, $parameters, $this->shared($name, $rows), false, $defaults, [], $sort, $rest), $begins, $closing, $this->endOffset()];

        return new FunctionReference($name);
    }

    /** @return list<Statement> what a function gives that has no braces: `(...all) => all.length` */
    private function onlyValue(): array
    {
        $start = $this->offset();
        [$outer, $this->unnamed] = [$this->unnamed, []];
        $row = new GiveBack($this->newId(), $this->printedValue() ?? $this->giving(1));
        $this->cut($row->id, 'head', $start, $this->endOffset());
        $rows = [] === $this->unnamed ? [$row] : $this->behindUnnamed([$row], $start);
        $this->unnamed = $outer;

        return $rows;
    }

    /**
     * `beds.forEach((bed) => { … });`: the same rows as those of a loop over the items.
     *
     * @return list<Statement>|null
     */
    private function forEach(Token $token, int $dot): ?array
    {
        $start = $this->at;
        $head = $this->unnamedHead($dot + 3);
        $apart = null;
        if (null === $head && '(' === $this->tokens[$dot + 3]->text && \in_array($this->tokens[$dot + 4]->text ?? '', ['[', '{'], true)) {
            $closing = $this->closingOf($dot + 3);
            $behind = ($this->closingOf($dot + 4) ?? $dot) + 1;
            $place = ',' === ($this->tokens[$behind]->text ?? '') && TokenKind::Name === ($this->tokens[$behind + 1]->kind ?? null) ? $this->tokens[$behind + 1]->text : null;
            if (null !== $closing && '=>' === ($this->tokens[$closing + 1]->text ?? '') && $closing === $behind + (null === $place ? 0 : 2)) {
                $apart = $dot + 4;
                $head = [null === $place ? [$this->nameFor('taken')] : [$this->nameFor('taken'), $place], $closing + 2];
            }
        }
        if (null === $head) {
            return null;
        }
        [$names, $body] = $head;
        $opened = $this->tokens[$dot + 2];
        [$until, $this->until] = [$this->until, $dot];
        $over = $this->expression();
        $isAll = $this->at === $dot;
        $this->until = $until;
        if (!$isAll) {
            $this->fail('unsupported', $opened, ['what' => '.forEach(…)']);
        }

        $parts = [];
        if (isset($names[2])) {
            // The third is the list itself (ECMA-262, 23.1.3.15).
            $over instanceof VariableRead || $this->fail('unsupported', $opened, ['what' => '.forEach((…, …, …) => …)']);
            $parts = [[$names[2], $over, $token]];
            $names = [$names[0], $names[1]];
        }
        if (null !== $apart) {
            $this->at = $apart;
            $parts = $this->pattern(new VariableRead($names[0]));
        }

        return [$this->forAll($token, $start, $opened, $names, $body, $over, $parts)];
    }

    /** @return array{non-empty-list<string>, int}|null the parameters of a function that stands in a call, and the token at which what it does begins */
    private function unnamedHead(int $index): ?array
    {
        $index += 'function' === ($this->tokens[$index]->text ?? '') ? 1 : 0;
        $closing = '(' === ($this->tokens[$index]->text ?? '') ? $this->closingOf($index) : $index;
        if (null === $closing) {
            return null;
        }
        $names = [];
        for ($at = $index; $at <= $closing; ++$at) {
            if (TokenKind::Name === ($this->tokens[$at]->kind ?? null)) {
                $names[] = $this->tokens[$at]->text;
            } elseif (!\in_array($this->tokens[$at]->text ?? '', ['(', ')', ','], true)) {
                return null;
            }
        }
        $body = $closing + ('=>' === ($this->tokens[$closing + 1]->text ?? '') ? 2 : 1);
        if (!\in_array(\count($names), [1, 2, 3], true) || $body === $closing + 1 && '{' !== ($this->tokens[$body]->text ?? '')) {
            return null;
        }

        return [$names, $body];
    }

    /**
     * What a function does with each item, as a loop.
     *
     * @param non-empty-list<string>                 $names of the item, and of its place
     * @param list<array{string, Expression, Token}> $apart names that get parts of the item
     */
    private function forAll(Token $token, int $start, Token $opened, array $names, int $body, Expression $over, array $apart = []): EachLoop
    {
        for ($at = $body, $end = '{' === $this->tokens[$body]->text ? $this->partners[$body] ?? $body : $body; 1 === \count($names) && $over instanceof VariableRead && $at < $end; ++$at) {
            if ($over->name === $this->tokens[$at]->text && '.' === ($this->tokens[$at + 1]->text ?? '') && \in_array($this->tokens[$at + 2]->text ?? '', ['push', 'unshift'], true)) {
                // What is put behind meanwhile is not gone over (ECMAScript 2022, 23.1.3.15).
                $this->fail('unsupported', $this->tokens[$at], ['what' => "$over->name.forEach(… $over->name.{$this->tokens[$at + 2]->text}(…))"]);
            }
        }
        $this->at = $body;
        foreach ($names as $name) {
            $this->write($name, $token->offset);
            $this->declared[$this->scope][$name] = true;
        }
        $id = $this->newId();
        $first = $this->parts($apart, $token->offset);
        $end = $this->is('{') ? $this->offset() + 1 : $this->endOffset();
        if ($this->is('{')) {
            $this->turns[] = \count($this->loops) + 1;
            $rows = $this->body($id, $start, 'head', 'body', true);
            array_pop($this->turns);
            $this->closeUnnamed($id, $start, $opened);
        } else {
            $rows = $this->oneValue($id, $token->offset, $opened);
        }

        $this->atHead($first, $id, $end);
        $rows = [] === $first ? $rows : new Block([...$first, ...$rows->statements]);

        // A map hands its values over (ECMAScript 2022, 24.1.3.5), lists and sets their items.
        $one = 1 === preg_match('/\bnew\s+Map\b/', $this->text) && !$over instanceof ListLiteral ? new Operation(OperationKey::ValuesOf, [$over]) : $over;

        return new EachLoop($id, array_reverse($names), 1 === \count($names) ? $one : new Operation(OperationKey::Numbered, [$over]), $rows);
    }

    /** @return int|null the point before a call for each item that is all of a row */
    private function eachCall(): ?int
    {
        for ($at = $this->at; $at < $this->until; ++$at) {
            $token = $this->tokens[$at];
            if ($at > $this->at && isset($this->begins[$at]) && '.' !== $token->text || TokenKind::Sign === $token->kind && \in_array($token->text, [';', '=', '=>', '}'], true) || '{' === $token->text && $at > $this->at) {
                return null;
            }
            if ('.' === $token->text && 'forEach' === ($this->tokens[$at + 1]->text ?? '') && '(' === ($this->tokens[$at + 2]->text ?? '')) {
                return $at === $this->at ? null : $at;
            }
            $at = TokenKind::Sign === $token->kind ? $this->closingOf($at) ?? $at : $at;
        }

        return null;
    }

    /** A body that is one call: `beds.forEach((bed) => console.log(bed));`. */
    private function oneValue(int $id, int $start, Token $opened): Block
    {
        $this->cut($id, 'head', $start, $this->endOffset(), true);
        $before = $this->parent;
        $this->parent = $id;
        $offset = $this->offset();
        $row = $this->performed($this->expression(1), $offset, $this->endOffset());
        $this->cut($row->id, 'head', $offset, $this->endOffset(), true);
        $this->parent = $before;
        $end = $this->offset();
        $this->close($opened);
        $this->semicolon();
        $this->cut($id, 'close', $end, $this->endOffset());

        return new Block([$row]);
    }

    protected function unnamedFunction(): bool
    {
        $this->accept('async');
        $isOld = $this->accept('function');

        return $this->accept('(') && $this->accept(')') && ($isOld || $this->accept('=>'));
    }

    protected function loopVariable(): bool
    {
        $isOld = $this->is('var');
        $isNew = $this->accept('let') || $this->accept('var') || $this->accept('const');
        $name = $this->sign() ?? '';
        $header = $isOld ? $this->closingOf($this->at - 2) : null;
        $body = null === $header ? null : ('{' === ($this->tokens[$header + 1]->text ?? '') ? $this->closingOf($header + 1) : null);
        for ($at = $header ?? $this->until, $isInside = false, $end = $body ?? (null === $header ? 0 : $header + 40); $at < $end; ++$at) {
            $text = $this->tokens[$at]->text ?? ';';
            if (null === $body && ';' === $text) {
                break;
            }
            $isInside = $isInside || '=>' === $text || 'function' === $text;
            if ($isInside && $name === $text) {
                // One variable for all turns, which functions made in them see as it is at the end (ECMA-262, 14.7.4).
                $this->isOneForAll = true;
            }
        }

        return $isNew;
    }

    protected function undeclared(Token $name): void
    {
        if (isset($this->constants[$this->scope][$name->text]) || isset($this->constants[''][$name->text])) {
            return;
        }
        if (isset($this->announced()[$name->text])) {
            return;
        }
        $near = Names::nearest($name->text, array_map(strval(...), [...array_keys($this->declared[$this->scope] ?? []), ...array_keys($this->declared[''])]));
        if (null !== $near) {
            $this->mistake('misspelt_name', $name->offset, \strlen($name->text), ['name' => $name->text, 'near' => $near], [new Replacement($name->offset, \strlen($name->text), $near)]);
        } else {
            $this->mistake('let_missing', $name->offset, \strlen($name->text), ['name' => $name->text], [new Replacement($name->offset, 0, 'let ')]);
        }
        $this->declared[$this->scope][$name->text] = true;
        $this->silenced[$name->text] = true;
    }

    /** @var array<string, true>|null names that are declared anywhere outside of functions, also below */
    private ?array $outside = null;

    /** @return array<string, true> */
    private function announced(): array
    {
        if (null === $this->outside) {
            $this->outside = [];
            $depth = 0;
            foreach ($this->tokens as $index => $token) {
                $depth += TokenKind::Sign !== $token->kind ? 0 : ('{' === $token->text ? 1 : ('}' === $token->text ? -1 : 0));
                if (0 === $depth && TokenKind::Keyword === $token->kind && \in_array($token->text, ['let', 'const', 'var'], true) && isset($this->tokens[$index + 1])) {
                    $this->outside[$this->tokens[$index + 1]->text] = true;
                }
            }
        }

        return '' === $this->scope ? [] : $this->outside;
    }

    public function given(string $name, int $offset): void
    {
        if (isset($this->constants[$this->scope][$name]) || !isset($this->declared[$this->scope][$name]) && isset($this->constants[''][$name])) {
            $this->mistake('constant_assigned', $offset, \strlen($name), ['name' => $name]);
        }
        parent::given($name, $offset);
    }

    protected function changed(Expression $target, Operator $operator, Expression $amount, int $start): Statement
    {
        if ($target instanceof VariableRead && (isset($this->constants[$this->scope][$target->name]) || !isset($this->declared[$this->scope][$target->name]) && isset($this->constants[''][$target->name]))) {
            $this->mistake('constant_assigned', $start, \strlen($target->name), ['name' => $target->name]);
        }

        return parent::changed($target, $operator, $amount, $start);
    }

    protected function foreignRow(Token $token, Token $next): void
    {
        if ('print' === $token->text || 'echo' === $token->text || 'cout' === $token->text) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'console.log(…)']);
        }
    }

    protected function eachLoop(int $id, int $start, Token $opened): ?Statement
    {
        $isNew = $this->is('let') || $this->is('const') || $this->is('var');
        if ($this->is('var') && ($this->is('of', 2) || $this->is('in', 2)) && $this->isSeenByFunction($this->sign(1) ?? '', $this->at + 2)) {
            $this->fail('unsupported', $this->peek(1), ['what' => 'for (var '.$this->sign(1).' …) … => '.$this->sign(1)]);
        }
        $ahead = $isNew ? 1 : 0;
        $names = [];
        $apart = null;
        if ($isNew && $this->isPattern(1) && null !== ($closing = $this->closingOf($this->at + 1)) && 'of' === ($this->tokens[$closing + 1]->text ?? '') && !$this->isPlainAhead()) {
            ++$this->at;
            // `[key, { … }]`: what stands for itself needs no name made up.
            $isPair = $this->is('[') && TokenKind::Name === $this->peek(1)?->kind && $this->is(',', 2) && ($this->is('{', 3) || $this->is('[', 3)) && $closing === 1 + ($this->closingOf($this->at + 3) ?? 0);
            if ($isPair) {
                $names[] = $this->tokens[$this->at + 1]->text;
                $this->at += 3;
            }
            $names[] = $taken = $this->nameFor('taken');
            $apart = $this->pattern(new VariableRead($taken));
            $this->at += $isPair ? 1 : 0;
            $ahead = $after = 0;
        } elseif ($this->is('[', $ahead)) {
            for ($index = $ahead + 1; null !== ($token = $this->peek($index)) && ']' !== $token->text; ++$index) {
                if (TokenKind::Name === $token->kind) {
                    $names[] = $token->text;
                }
            }
            $after = $index + 1;
            if ([] === $names) {
                // Nothing gets a name: a turn without one is no row here.
                $this->fail('unsupported', $this->peek($ahead), ['what' => 'for ([] of …)']);
            }
        } else {
            $token = $this->peek($ahead);
            if (null === $token || TokenKind::Name !== $token->kind) {
                return null;
            }
            $names[] = $token->text;
            $after = $ahead + 1;
        }
        if (!$this->is('of', $after) && !$this->is('in', $after)) {
            return null;
        }
        $isIn = $this->is('in', $after);
        $in = $this->peek($after);
        $offset = $this->offset();
        if (!$isNew && !$this->isDeclared($names[0])) {
            $this->mistake('let_missing', $offset, \strlen($names[0]), ['name' => $names[0]], [new Replacement($offset, 0, 'let ')]);
        }
        $this->at += $after + 1;
        $overStart = $this->offset();
        $over = $this->value();
        if ($isIn && !$over instanceof MapLiteral && !$over instanceof ListLiteral && $this->givesToPrototypes()) {
            // What is given to a prototype shows among the names of its objects (ECMAScript 2022, 14.7.5.9).
            $this->fail('unsupported', $in, ['what' => 'for (… in …)']);
        }
        foreach ($names as $name) {
            if (!$isNew && $this->isDeclared($name)) {
                $this->given($name, $offset);
                continue;
            }
            $this->write($name, $offset);
            isset($this->declared[$this->scope][$name]) || !$isNew || $this->counted_($name);
            $this->declared[$this->scope][$name] = true;
        }
        if ($over instanceof Operation && OperationKey::Entries === $over->key && 1 === \count($names)) {
            $this->failAt('unsupported', $overStart, $this->endOffset() - $overStart, ['what' => 'for (… of Object.entries(…))']);
        }
        $this->close($opened);
        $braced = $this->opensBrace();
        $end = $braced ? $this->offset() + 1 : $this->endOffset();
        $rows = null === $apart ? [] : $this->parts($apart, $offset);
        $body = $this->body($id, $start, 'head', 'body', true);
        if ([] !== $rows) {
            $this->atHead($rows, $id, $end);
            $body = new Block([...$rows, ...$body->statements]);
        }
        if ($braced) {
            $this->closeBrace($id, $start);
        }
        if ($isIn) {
            $over = new Operation(OperationKey::Keys, [$over]);
        }

        return new EachLoop($id, $names, $over, $body);
    }

    /** Whether a list of plain names stands behind the next token. */
    private function isPlainAhead(): bool
    {
        if (!$this->is('[', 1)) {
            return false;
        }
        ++$this->at;
        $isPlain = $this->isPlainList();
        --$this->at;

        return $isPlain;
    }

    protected function performed(Expression $value, int $offset, int $end): Statement
    {
        if ($value instanceof NothingLiteral && str_starts_with(substr($this->text, $offset, 6), 'super')) {
            // The class above makes nothing of its objects.
            return new Pass($this->newId());
        }
        $where = $this->doneWhere($value, $offset, $end);
        if (null !== $where) {
            return $where;
        }
        if ($value instanceof Operation && OperationKey::Console === $value->key) {
            return new PrintLine($this->newId(), $value->arguments);
        }
        if ($value instanceof Operation && OperationKey::Stdout === $value->key) {
            $text = $value->arguments[0];
            $text = $text instanceof Operation && OperationKey::ToText === $text->key ? $text->arguments[0] : $text;
            if ($text instanceof TextLiteral && str_ends_with($text->value, "\n")) {
                return new PrintLine($this->newId(), new TextLiteral(substr($text->value, 0, -1)));
            }

            return new PrintLine($this->newId(), $text, false, false);
        }

        return parent::performed($value, $offset, $end);
    }
}
