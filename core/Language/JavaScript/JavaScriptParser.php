<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\JavaScript\Rows\Announcements;
use Scrivlet\Core\Language\JavaScript\Rows\ClassRows;
use Scrivlet\Core\Language\JavaScript\Rows\DeclarationRows;
use Scrivlet\Core\Language\JavaScript\Rows\EachRows;
use Scrivlet\Core\Language\JavaScript\Rows\FailureRows;
use Scrivlet\Core\Language\JavaScript\Rows\FreshTurns;
use Scrivlet\Core\Language\JavaScript\Rows\FunctionRows;
use Scrivlet\Core\Language\JavaScript\Rows\FunctionValues;
use Scrivlet\Core\Language\JavaScript\Rows\ImportRows;
use Scrivlet\Core\Language\JavaScript\Rows\InnerFunctions;
use Scrivlet\Core\Language\JavaScript\Rows\LeftOut;
use Scrivlet\Core\Language\JavaScript\Rows\MadeByFunctions;
use Scrivlet\Core\Language\JavaScript\Rows\PromiseRows;
use Scrivlet\Core\Language\JavaScript\Rows\ReadRows;
use Scrivlet\Core\Language\Lexing\Partners;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Language\Parsing\Yielding;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionReference;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Pass;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\RaiseObject;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** JavaScript modules, as far as a school course goes (ECMAScript 2022, clause 14). */
final class JavaScriptParser extends JavaScriptExpressions
{
    use Yielding;

    /** The name here of what a function without parameters is given all the same: `arguments` (ECMAScript 2022, 10.4.4). */
    public const ALL_GIVEN = 'all_given';

    /** What JavaScript calls the methods that it calls itself. */
    public const METHODS = ['constructor' => ClassDefinition::MAKES, 'toString' => ClassDefinition::SHOWS, self::ITERATOR => '@iter'];
    /** The name of what goes over an object (ECMAScript 2022, 27.1.1.1). */
    public const ITERATOR = '[Symbol.iterator]';

    public readonly Announcements $announcements;
    public readonly ClassRows $classRows;
    public readonly ImportRows $importRows;
    public readonly FailureRows $failureRows;
    public readonly DeclarationRows $declarationRows;
    public readonly ReadRows $readRows;
    public readonly FunctionRows $functionRows;
    public readonly FunctionValues $functionValues;
    public readonly EachRows $eachRows;
    public readonly InnerFunctions $innerFunctions;
    public readonly LeftOut $leftOut;
    public readonly MadeByFunctions $madeByFunctions;
    public readonly PromiseRows $promiseRows;
    public readonly FreshTurns $freshTurns;

    /** @var array<string, array<string, true>> names that may not get another value, by scope */
    public array $constants = [];

    /** @var array<string, bool> names, and whether they only ever begin as a list */
    public array $lists = [];

    /** @var array<string, 'fs'|'readline'|'reader'> what names of the machine's own libraries stand for */
    public array $brought = [];

    /** Whether the function that comes next gives a promise. */
    public bool $isAsyncNext = false;

    public function __construct(string $text)
    {
        parent::__construct($text);
        $this->announcements = new Announcements($this);
        $this->classRows = new ClassRows($this);
        $this->importRows = new ImportRows($this);
        $this->failureRows = new FailureRows($this);
        $this->declarationRows = new DeclarationRows($this);
        $this->readRows = new ReadRows($this);
        $this->functionRows = new FunctionRows($this);
        $this->functionValues = new FunctionValues($this);
        $this->eachRows = new EachRows($this);
        $this->innerFunctions = new InnerFunctions($this);
        $this->leftOut = new LeftOut($this);
        $this->madeByFunctions = new MadeByFunctions($this);
        $this->promiseRows = new PromiseRows($this);
        $this->freshTurns = new FreshTurns($this);
    }

    protected function inTurns(array $rows): array
    {
        foreach ($this->unnamed as $index => [$definition, $from, $until]) {
            $made = $this->freshTurns->handed($definition, $from, $until);
            if (null !== $made) {
                $this->unnamed[$index][0] = $made[0];
                $rows = array_map(static fn (Statement $row): Statement => FreshTurns::within($row, $definition->name, $made[1]), $rows);
            }
        }

        return $rows;
    }

    public function rows(): Rows
    {
        $this->tokenize();
        $this->innerFunctions->tellInnerFunctionsApart();
        $this->announcements->announce();
        $start = $end = null;
        while ($this->is('import') && null === $this->importRows->machineImport() && null === $this->importRows->fileImport() && !isset($this->remarksBefore[$this->at])) {
            $at = $this->at;
            $mistakes = \count($this->mistakes);
            $offset = $this->offset();
            try {
                $this->importRows->import();
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

    public function isOfLibrary(Expression $receiver): bool
    {
        return $receiver instanceof ListLiteral || $receiver instanceof VariableRead && ($this->lists[$receiver->name] ?? false);
    }

    protected function members(): array
    {
        return [$this->classRows->classMember()];
    }

    protected function semicolonNeeded(): bool
    {
        return false;
    }

    public function equals(): string
    {
        return '===';
    }

    public function division(): Operator
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

    protected function endsReading(): bool
    {
        return $this->readRows->isClosedHere();
    }

    protected function ownRow(Token $token): ?array
    {
        $start = $token->offset;
        $promised = $this->withPromises ? null : $this->promiseRows->promisedRow($token);
        if (null !== $promised) {
            return $promised;
        }
        $chain = $this->withPromises ? null : $this->promiseRows->promiseChain($token);
        if (null !== $chain) {
            return $chain;
        }
        if ('yield' === $token->text && '' !== $this->scope) {
            $row = $this->yielded($token);
            $this->semicolon();

            return [$this->ended($row, $start)];
        }
        $each = 'this' === $token->text ? $this->eachRows->eachCall() : null;
        if (null !== $each) {
            return $this->eachRows->forEach($token, $each);
        }
        if (TokenKind::Keyword !== $token->kind) {
            $lower = strtolower($token->text);
            if (TokenKind::Name === $token->kind && $lower !== $token->text && \in_array($lower, ['let', 'const', 'var', 'function'], true) && TokenKind::Name === $this->peek(1)?->kind) {
                $this->fail('capitals', $token, ['name' => $token->text, 'near' => $lower], [new Replacement($start, \strlen($token->text), $lower)]);
            }
            if (TokenKind::Name === $token->kind && TokenKind::Name === $this->peek(1)?->kind && !isset($this->begins[$this->at + 1])) {
                $this->declarationRows->misspeltDeclaration($token);
            }
            if ('async' === $token->text && $this->is('function', 1)) {
                ++$this->at;
                $this->isAsyncNext = $this->withPromises;

                return [$this->functionRows->definition($token)];
            }
            $given = $this->madeByFunctions->givenToPrototype($token);
            if (null !== $given) {
                return [$given];
            }
            $lines = $this->readRows->readLines($token);
            if (null !== $lines) {
                return $lines;
            }
            $each = $this->eachRows->eachCall();
            if (null !== $each) {
                return $this->eachRows->forEach($token, $each);
            }
            if ('[' === $token->text && TokenKind::Sign === $token->kind) {
                return $this->declarationRows->several($token);
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
                return $this->declarationRows->declaration($token);
            case 'function':
                return [isset($this->madeByFunctions->makers[$this->peek(1)->text ?? '']) && '' === $this->scope && 1 === $this->parent ? $this->madeByFunctions->makerOfObjects($token) : $this->functionRows->definition($token)];
            case 'import':
                $name = $this->importRows->machineImport();
                $behind = $this->importRows->fileImport();
                if (null !== $behind) {
                    $this->at = $behind;
                    $this->semicolon();
                } elseif (null !== $name) {
                    $file = $this->is('*', 1) ? 5 : 3;
                    $this->brought[$name] = 'fs' === preg_replace('/^node:/', '', (string) $this->textAt($file)) ? 'fs' : 'readline';
                    $this->at += $file + 1;
                    $this->semicolon();
                } else {
                    $this->importRows->import();
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
                return [$this->classRows->classDefinition($token)];
            case 'export':
            case 'with':
            case 'async':
                $this->fail('unsupported', $token, ['what' => $token->text]);
        }

        return null;
    }

    public function caughtHere(): array
    {
        return $this->failureRows->caughtHere();
    }

    public function thrown(Token $token): Raise|RaiseObject
    {
        return $this->failureRows->thrown($token);
    }

    /** `if (error instanceof RangeError) { … } else { throw error; }` is all that the `catch` holds. */
    public function caughtByKind(int $id, int $from, string $name): ?array
    {
        return $this->failureRows->caughtByKind($id, $from, $name);
    }

    public function saysArguments(int $brace): bool
    {
        return [] !== $this->announcements->namesOfArguments($brace);
    }

    protected function prepared(array $tokens): array
    {
        if (str_contains($this->text, 'class') && 1 === preg_match('/^\s*#?[\w$]+\s*=\s*(?:(?:[\w$]+|\([^()]*(?:\([^()]*\)[^()]*)*\))\s*=>|this\.\w+\.bind\(this\))|[;{}]\s*[\w$]+\s*=\s*(?:[\w$]+|\([^()]*\))\s*=>/m', $this->text)) {
            $fields = new ArrowFields($tokens);
            $tokens = $fields->asMethods();
            $this->arrowFields = $fields->names;
        }
        $tokens = 1 === preg_match('/\b(?:var|let|const)\s+\w+\s*=\s*function\b/', $this->text) ? (new NamedMakers($tokens))->asFunctions() : $tokens;
        $tokens = 1 === preg_match('/\.\s*(?:apply|call|bind)\s*\(|\?\.\s*\(/', $this->text) ? GivenTogether::usual($tokens) : $tokens;
        $tokens = 1 === preg_match('/\bfor\s+await\b/', $this->text) ? AwaitedTurns::awaited($tokens) : $tokens;
        $tokens = 1 === preg_match(NestedCalls::SEEN, $this->text) ? NestedCalls::inBraces($tokens) : $tokens;
        $tokens = 1 === preg_match('/\bvar\b/', $this->text) ? HoistedNames::declared($tokens) : $tokens;
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
        return $this->smallFunctions->printedValue() ?? parent::valueGivenBack();
    }

    protected function saysOf(Token $name): Expression
    {
        return $this->failureRows->saysOf($name);
    }

    /** What a text says that stands ahead. */
    public function textAt(int $ahead): ?string
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
        if (isset($this->importRows->fileCalls[$token->text]) && $this->is('(', 1)) {
            $opened = $this->peek(1) ?? $token;
            $this->at += 2;

            return $this->postfix($this->fileCallOf($this->importRows->fileCalls[$token->text], $this->arguments($opened), $token));
        }
        $call = $this->sign(2) ?? '';
        if ('fs' !== ($this->brought[$token->text] ?? '') || !$this->is('.', 1) || !$this->is('(', 3)) {
            return null;
        }
        $opened = $this->peek(3) ?? $token;
        $this->at += 4;

        return $this->postfix($this->fileCallOf($call, $this->arguments($opened), $token));
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
    public function passWaiting(): void
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

    /** @return int|null where the parameters begin of a function with rows that stands where a value may stand */
    protected function unnamedAt(int $index, bool $isBraced = true): ?int
    {
        return $this->functionValues->unnamedAt($index, $isBraced);
    }

    public function named(Token $token): Expression
    {
        $done = $this->is('.', 1) ? $this->madeByFunctions->doneAs($token) ?? $this->madeByFunctions->told($token) : null;
        if (null === $done && isset($this->classes->parents[$token->text]) && $this->is('(', 1) && !$this->isVariable($token->text) && !$this->madeByFunctions->seesToNew($token->text)) {
            // Without the word an object is not made (ECMAScript 2022, 10.2.1).
            $this->mistake('new_missing', $token->offset, \strlen($token->text), ['name' => $token->text], [new Replacement($token->offset, 0, 'new ')]);
        }

        return null === $done ? parent::named($token) : $this->postfix($done);
    }

    /**
     * A function with rows that stands in a value: `(bed) => { … }`, `function (bed) { … }`.
     */
    public function unnamedValue(): FunctionReference
    {
        return $this->functionValues->unnamedValue();
    }

    public function laterValue(Token $name): FunctionReference
    {
        return $this->functionValues->laterValue($name);
    }

    public function methodValue(Token $name, string $sort): FunctionReference
    {
        return $this->functionValues->methodValue($name, $sort);
    }

    /** `garden.water = function () { … this … }`: what an object can do from here on. */
    public function valueFor(Expression $target): Expression
    {
        $name = $target instanceof Field ? $target->name : ($target instanceof Item && $target->index instanceof TextLiteral ? $target->index->value : '');
        if ('' === $name || '' !== $this->class || !$this->is('function') || !$this->is('(', 1) || !$this->saysThis($this->at)) {
            $value = parent::valueFor($target);
            $this->objectMethods += '' !== $name && ($value instanceof FunctionReference || $value instanceof Lambda || $value instanceof VariableRead && isset($this->symbols->functions[$value->name])) ? [$name => true] : [];

            return $value;
        }
        $this->at = $this->unnamedAt($this->at) ?? $this->at;
        $this->objectMethods[$name] = true;

        return $this->functionValues->functionValue($this->nameFor('inner'), ['this'], 'tied');
    }

    public function saysThis(int $index): bool
    {
        return $this->functionValues->saysThis($index);
    }

    protected function unnamedFunction(): bool
    {
        $this->accept('async');
        $isOld = $this->accept('function');

        return $this->accept('(') && $this->accept(')') && ($isOld || $this->accept('=>'));
    }

    public function withoutValue(Token $name): Statement
    {
        $this->declared[$this->scope][$name->text] = true;
        $this->write($name->text, $name->offset);

        return new Declaration($this->newId(), $name->text);
    }

    public function loopVariable(): bool
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

    public function undeclared(Token $name): void
    {
        $this->declarationRows->undeclared($name);
    }

    private function constantAssigned(string $name, int $offset): void
    {
        if ($this->mayFail($offset)) {
            $this->meantToStop[] = $offset;
        } else {
            $this->mistake('constant_assigned', $offset, \strlen($name), ['name' => $name]);
        }
    }

    public function given(string $name, int $offset): void
    {
        if (isset($this->constants[$this->scope][$name]) || !isset($this->declared[$this->scope][$name]) && isset($this->constants[''][$name])) {
            $this->constantAssigned($name, $offset);
        }
        parent::given($name, $offset);
    }

    public function changed(Expression $target, Operator $operator, Expression $amount, int $start): Statement
    {
        if ($target instanceof VariableRead && (isset($this->constants[$this->scope][$target->name]) || !isset($this->declared[$this->scope][$target->name]) && isset($this->constants[''][$target->name]))) {
            $this->constantAssigned($target->name, $start);
        }

        return parent::changed($target, $operator, $amount, $start);
    }

    public function foreignRow(Token $token, Token $next): void
    {
        if ('print' === $token->text || 'echo' === $token->text || 'cout' === $token->text) {
            $this->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'console.log(…)']);
        }
    }

    public function eachLoop(int $id, int $start, Token $opened): ?Statement
    {
        return $this->eachRows->eachLoop($id, $start, $opened);
    }

    public function performed(Expression $value, int $offset, int $end): Statement
    {
        if ($value instanceof NothingLiteral && str_starts_with(substr($this->text, $offset, 6), 'super')) {
            // The class above makes nothing of its objects.
            return new Pass($this->newId());
        }
        $where = $this->doneWhere->doneWhere($value, $offset, $end);
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

    /**
     * All that is typed in is the file 0 (POSIX.1-2017, 2.5.1).
     *
     * @param list<Argument> $arguments
     */
    public function fileCallOf(string $call, array $arguments, Token $token): Expression
    {
        return $this->importRows->fileCallOf($call, $arguments, $token);
    }

    public function mayBeLeftOut(string $function, int $index): bool
    {
        return $this->leftOut->mayBeLeftOut($function, $index);
    }
}
