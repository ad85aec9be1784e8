<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** Variables that are declared, alone, side by side, or by taking a value apart. */
final class DeclarationRows
{
    /** @var array<string, true>|null names that are declared anywhere outside of functions, also below */
    private ?array $outside = null;

    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    /** `lte size = 4`, `fucntion f()`, and words with which other languages declare. */
    public function misspeltDeclaration(Token $token): void
    {
        $length = \strlen($token->text);
        if ($this->parser->is('=', 2) && \in_array($token->text, ['int', 'double', 'float', 'string', 'bool', 'auto', 'String', 'number', 'char'], true)) {
            $this->parser->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'let'], [new Replacement($token->offset, $length, 'let')]);
        }
        if ('def' === $token->text || 'func' === $token->text || 'fun' === $token->text) {
            $this->parser->fail('foreign_word', $token, ['word' => $token->text, 'near' => 'function'], [new Replacement($token->offset, $length, 'function')]);
        }
        foreach (['let', 'const', 'var', 'function'] as $word) {
            $isClose = levenshtein(strtolower($token->text), $word) <= (\strlen($word) <= 3 ? 1 : 2) || count_chars(strtolower($token->text), 1) === count_chars($word, 1);
            if ($isClose && ('function' === $word ? $this->parser->is('(', 2) : $this->parser->is('=', 2))) {
                $this->parser->fail('misspelt_keyword', $token, ['name' => $token->text, 'near' => $word], [new Replacement($token->offset, $length, $word)]);
            }
        }
    }

    /** @return list<Statement> */
    public function several(Token $token): ?array
    {
        $closing = $this->parser->closingOf($this->parser->at);
        if (null === $closing || '=' !== ($this->parser->tokens[$closing + 1]->text ?? '')) {
            return null;
        }
        $targets = $this->parser->expression();
        ++$this->parser->at;
        $value = $this->parser->value();
        $this->parser->semicolon();
        $list = $targets instanceof ListLiteral ? $targets->items : [$targets];
        foreach ($list as $target) {
            if ($target instanceof VariableRead) {
                $this->parser->assigned[$this->parser->scope][$target->name] = true;
            } elseif (!$target instanceof Item && !$target instanceof Field) {
                $this->parser->failAt('unsupported', $token->offset, max(1, $this->parser->endOffset() - $token->offset), ['what' => '[[…]] = …']);
            }
        }

        return [$this->parser->ended(new SetSeveral($this->parser->newId(), $list, $value instanceof ListLiteral && \count($value->items) === \count($list) ? $value->items : [$value]), $token->offset)];
    }

    /** Whether a function that stands behind a token in the same block says a name. */
    public function isSeenByFunction(string $name, int $from): bool
    {
        $isInside = false;
        for ($at = $from, $depth = 0; $at < $this->parser->until && $depth >= 0; ++$at) {
            $token = $this->parser->tokens[$at];
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
        $isGenerator = isset($this->parser->yields[$this->parser->tokens[$from]->text]) && '(' === ($this->parser->tokens[$from + 1]->text ?? '') && $this->parser->at - 1 === $this->parser->closingOf($from + 1);
        $last = [$this->parser->tokens[$this->parser->at - 4]->text ?? '', $this->parser->tokens[$this->parser->at - 3]->text ?? '', $this->parser->tokens[$this->parser->at - 2]->text ?? '', $this->parser->tokens[$this->parser->at - 1]->text ?? ''];
        $isPart = ['.', '(', ')'] === [$last[0], $last[2], $last[3]] && \in_array($last[1], ['keys', 'values', 'entries'], true) && !isset($this->parser->classes->methodNames[$last[1]]);
        $isOfObject = $value instanceof MethodCall && [] !== array_filter(array_keys($this->parser->yields), static fn (string $function): bool => str_ends_with($function, ".$value->method"));
        if (!$isGenerator && !$isPart && !$isOfObject) {
            return $value;
        }
        $isStepped = [] !== array_filter(array_keys($this->parser->tokens), fn (int $index): bool => $index > $from && $name === $this->parser->tokens[$index]->text && '.' === ($this->parser->tokens[$index + 1]->text ?? '') && 'next' === ($this->parser->tokens[$index + 2]->text ?? ''));
        $times = \count(array_filter($this->parser->tokens, fn (Token $token, int $index): bool => $name === $token->text && TokenKind::Name === $token->kind && $index > $from && '.' !== $this->parser->tokens[$index - 1]->text, \ARRAY_FILTER_USE_BOTH));

        if (2 > $times && !$isStepped) {
            return $value;
        }
        for ($at = $from; $isPart && isset($this->parser->tokens[$at + 1]); ++$at) {
            if ('of' === $this->parser->tokens[$at]->text && $name === $this->parser->tokens[$at + 1]->text && [] !== array_filter($this->parser->tokens, static fn (Token $token): bool => 'break' === $token->text)) {
                // A loop that is left ends what a generator gives, not what is gone over of a map (ECMAScript 2022, 24.1.5.2 and 27.5.1.3).
                $this->parser->fail('unsupported', $this->parser->tokens[$at + 1], ['what' => "for (… of $name) { … break; }"]);
            }
        }
        $this->parser->begun[$name] = true;

        return new Operation(OperationKey::Started, [$value]);
    }

    /** @return list<Statement> */
    public function declaration(Token $token): array
    {
        ++$this->parser->at;
        $broughtIn = $this->parser->importRows->broughtIn($token);
        if (null !== $broughtIn) {
            return [$broughtIn];
        }
        if ($this->parser->is('[') && $this->isPlainList() && !$this->parser->is(']', 2)) {
            return $this->declaredSeveral($token);
        }
        if ($this->parser->patternValues->isPattern()) {
            return $this->declaredApart($token);
        }
        $rows = [];
        do {
            $name = $this->parser->newName();
            if (!$this->parser->withPromises && [] === $rows && $this->parser->is('=') && $this->parser->promiseRows->givesPromise($this->parser->at + 1)) {
                return [$this->parser->promiseRows->promisingArrow($token, $name)];
            }
            if ([] === $rows && $this->isArrow() && !$this->isOneOfSeveral()) {
                return [$this->arrowDefinition($token, $name)];
            }
            if ('var' === $token->text && [] !== $this->parser->loops && $this->isSeenByFunction($name->text, $this->parser->at)) {
                // One variable for all turns (ECMA-262, 14.3.2), where each turn would have its own here.
                $this->parser->fail('unsupported', $name, ['what' => "for … { var $name->text … => $name->text }"]);
            }
            if ('var' !== $token->text && $this->parser->isDeclaredTwice($name->text)) {
                $this->parser->mistake('declared_twice', $name->offset, \strlen($name->text), ['name' => $name->text], [new Replacement($token->offset, $name->offset - $token->offset, '')]);
            }
            if ($this->parser->accept('=')) {
                // Functions in its value may call themselves by its name (ECMA-262, 14.3.1).
                $this->parser->write($name->text, $name->offset);
                if (null === $this->parser->peek() || $this->parser->is(';')) {
                    $this->parser->fail('value_missing', $this->parser->peek(), ['after' => '=']);
                }
                $from = $this->parser->at;
                $value = $this->onlyOnce($name->text, $this->parser->givenBehind($this->parser->value(), $this->parser->tokens[$from]->offset), $from);
                $rows[] = new SetVariable($this->parser->newId(), $name->text, $value);
            } elseif ('const' === $token->text) {
                $this->parser->fail($this->parser->is('==') || $this->parser->is('===') ? 'equals_for_assign' : 'const_value', $name, ['name' => $name->text, 'text' => $name->text]);
            } else {
                if ($this->parser->is('==') || $this->parser->is('===')) {
                    $this->parser->fail('equals_for_assign', $this->parser->peek(), ['text' => $name->text], [new Replacement($this->parser->offset(), \strlen($this->parser->sign() ?? ''), '=')]);
                }
                if ('var' !== $token->text || !isset($this->parser->declared[$this->parser->scope][$name->text])) {
                    // Once more it says nothing (ECMAScript 2022, 14.3.2).
                    $rows[] = new Declaration($this->parser->newId(), $name->text);
                }
            }
            $this->parser->declared[$this->parser->scope][$name->text] = true;
            if ('const' === $token->text) {
                $this->parser->constants[$this->parser->scope][$name->text] = true;
            }
            $this->parser->write($name->text, $name->offset);
        } while ($this->parser->accept(','));
        $this->parser->semicolon();
        if ([] === $rows) {
            return [$this->parser->ended(new Import($this->parser->newId(), rtrim(substr($this->parser->text, $token->offset, $this->parser->endOffset() - $token->offset)), $this->parser->language()->value), $token->offset)];
        }
        $this->parser->cutTogether($rows, $token->offset);

        return $rows;
    }

    /**
     * `const { name, age } = pupil;`
     *
     * @return list<Statement>
     */
    private function declaredApart(Token $token): array
    {
        $start = $this->parser->at;
        $closing = $this->parser->closingOf($start);
        if (null === $closing || '=' !== ($this->parser->tokens[$closing + 1]->text ?? '')) {
            $this->parser->fail('unsupported', $token, ['what' => $token->text.' { … }']);
        }
        $this->parser->at = $closing + 2;
        $value = $this->parser->value();
        $behind = $this->parser->at;
        $rows = [];
        if (!$value instanceof VariableRead) {
            $taken = $this->parser->nameFor('taken');
            $this->parser->write($taken, $token->offset);
            $this->parser->declared[$this->parser->scope][$taken] = true;
            $rows[] = new SetVariable($this->parser->newId(), $taken, $value);
            $this->parser->takenTexts[$taken] = $value instanceof TextLiteral;
            $value = new VariableRead($taken);
        }
        $this->parser->at = $start;
        array_push($rows, ...$this->parser->functionRows->parts($this->parser->patternValues->pattern($value), $token->offset));
        $this->parser->at = $behind;
        $this->parser->semicolon();
        $this->parser->cutTogether($rows, $token->offset);

        return $rows;
    }

    /** @return list<Statement> */
    private function declaredSeveral(Token $token): array
    {
        $opened = $this->parser->peek();
        ++$this->parser->at;
        $targets = [];
        while (null !== ($name = $this->parser->peek()) && TokenKind::Name === $name->kind) {
            ++$this->parser->at;
            $targets[] = new VariableRead($name->text);
            if ('var' !== $token->text && $this->parser->isDeclaredTwice($name->text)) {
                $this->parser->mistake('declared_twice', $name->offset, \strlen($name->text), ['name' => $name->text]);
            }
            $this->parser->declared[$this->parser->scope][$name->text] = true;
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->parser->close($opened ?? $token);
        if (!$this->parser->accept('=')) {
            $this->parser->fail('value_missing', null, ['after' => ']']);
        }
        $value = $this->parser->value();
        foreach ($targets as $target) {
            $this->parser->write($target->name, $token->offset);
        }
        $this->parser->semicolon();

        return [$this->parser->ended(new SetSeveral($this->parser->newId(), $targets, $value instanceof ListLiteral && \count($value->items) === \count($targets) ? $value->items : [$value]), $token->offset)];
    }

    /** Whether a list of names holds nothing else. */
    public function isPlainList(): bool
    {
        for ($at = $this->parser->at + 1; $at < ($this->parser->closingOf($this->parser->at) ?? $this->parser->at); ++$at) {
            if (TokenKind::Name !== $this->parser->tokens[$at]->kind && ',' !== $this->parser->tokens[$at]->text || ',' === $this->parser->tokens[$at]->text && TokenKind::Name !== $this->parser->tokens[$at - 1]->kind) {
                return false;
            }
        }

        return true;
    }

    /** `= (a, b) => {`: a function under another sign. */
    private function isArrow(): bool
    {
        return $this->parser->is('=') && null !== $this->parser->functionValues->unnamedAt($this->parser->at + 1);
    }

    /** Whether something else gets a value behind a function. */
    private function isOneOfSeveral(): bool
    {
        $brace = $this->parser->functionValues->unnamedAt($this->parser->at + 1);
        $brace = null === $brace ? null : $this->parser->closingOf($brace) ?? $brace;
        $brace = null === $brace ? null : $brace + ('=>' === ($this->parser->tokens[$brace + 1]->text ?? '') ? 2 : 1);

        return null !== $brace && ',' === ($this->parser->tokens[($this->parser->closingOf($brace) ?? $brace) + 1]->text ?? '');
    }

    private function arrowDefinition(Token $token, Token $name): Statement
    {
        $this->parser->isAsyncNext = $this->parser->withPromises && $this->parser->is('async', 1);
        $this->parser->at = $this->parser->functionValues->unnamedAt($this->parser->at + 1) ?? $this->parser->at;

        return $this->parser->functionRows->function($token, $name, true);
    }

    /** A name gets a value without being declared. */
    public function undeclared(Token $name): void
    {
        if (isset($this->parser->constants[$this->parser->scope][$name->text]) || isset($this->parser->constants[''][$name->text])) {
            return;
        }
        if (isset($this->announced()[$name->text])) {
            return;
        }
        $near = Names::nearest($name->text, array_map(strval(...), [...array_keys($this->parser->declared[$this->parser->scope] ?? []), ...array_keys($this->parser->declared[''])]));
        if (null !== $near) {
            $this->parser->mistake('misspelt_name', $name->offset, \strlen($name->text), ['name' => $name->text, 'near' => $near], [new Replacement($name->offset, \strlen($name->text), $near)]);
        } else {
            $mended = [new Replacement($name->offset, 0, 'let ')];
            if ($this->parser->isStrict()) {
                $this->parser->symbols->silenced[$name->text] = true;
                // The row is what the machine stops at (ECMA-262, 6.2.5.6).
                $this->parser->fail('let_missing', $name, ['name' => $name->text], $mended);
            }
            $this->parser->mistake('let_missing', $name->offset, \strlen($name->text), ['name' => $name->text], $mended);
        }
        $this->parser->declared[$this->parser->scope][$name->text] = true;
        $this->parser->symbols->silenced[$name->text] = true;
    }

    /** @return array<string, true> */
    private function announced(): array
    {
        if (null === $this->outside) {
            $this->outside = [];
            $depth = 0;
            foreach ($this->parser->tokens as $index => $token) {
                $depth += TokenKind::Sign !== $token->kind ? 0 : ('{' === $token->text ? 1 : ('}' === $token->text ? -1 : 0));
                if (0 === $depth && TokenKind::Keyword === $token->kind && \in_array($token->text, ['let', 'const', 'var'], true) && isset($this->parser->tokens[$index + 1])) {
                    $this->outside[$this->parser->tokens[$index + 1]->text] = true;
                }
            }
        }

        return '' === $this->parser->scope ? [] : $this->outside;
    }
}
