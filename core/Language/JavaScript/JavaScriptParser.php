<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Names;
use Scrivlet\Core\Language\Parsing\ParseFailure;
use Scrivlet\Core\Language\Parsing\Rows;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Import;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\PrintLine;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;

/** JavaScript modules, as far as a school course goes (ECMAScript 2022, clause 14). */
final class JavaScriptParser extends JavaScriptExpressions
{
    /** @var array<string, array<string, true>> names that may not get another value, by scope */
    private array $constants = [];

    public function rows(): Rows
    {
        $this->tokenize();
        $this->announce();
        $start = $end = null;
        while ($this->is('import') && !isset($this->remarksBefore[$this->at])) {
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
        foreach ($this->tokens as $index => $token) {
            $name = $this->tokens[$index + 1] ?? null;
            if (TokenKind::Keyword === $token->kind && 'function' === $token->text && null !== $name && TokenKind::Name === $name->kind) {
                $this->functions[$name->text] = $this->signature($index + 2);
            }
            $equals = $this->tokens[$index + 2] ?? null;
            if (\in_array($token->text, ['const', 'let', 'var'], true) && null !== $name && '=' === $equals?->text) {
                $from = $this->unnamedAt($index + 3);
                if (null !== $from) {
                    $this->functions[$name->text] = '(' === $this->tokens[$from]->text ? $this->signature($from) : [1, 1, [$this->tokens[$from]->text]];
                }
            }
        }
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

    protected function ownRow(Token $token): ?array
    {
        $start = $token->offset;
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

                return [$this->definition($token)];
            }
            if (TokenKind::Name === $token->kind && $this->is('.', 1) && $this->is('forEach', 2) && $this->is('(', 3)) {
                return $this->forEach($token);
            }
            if ('[' === $token->text && TokenKind::Sign === $token->kind) {
                return $this->several($token);
            }

            return null;
        }
        switch ($token->text) {
            case 'let':
            case 'const':
            case 'var':
                return $this->declaration($token);
            case 'function':
                return [$this->definition($token)];
            case 'import':
                $this->import();
                $row = new Import($this->newId(), rtrim(substr($this->text, $start, $this->endOffset() - $start)), $this->language()->value);

                return [$this->ended($row, $start)];
            case 'await':
                ++$this->at;
                $value = $this->expression();
                $this->semicolon();

                return [$this->ended($this->performed($value, $start, $this->endOffset()), $start)];
            case 'delete':
                ++$this->at;
                $target = $this->expression();
                $this->semicolon();

                return $target instanceof Item
                    ? [$this->ended(new Perform($this->newId(), new Operation('forget', [$target->container, $target->index])), $start)]
                    : $this->fail('unsupported', $token, ['what' => 'delete']);
            case 'class':
            case 'try':
            case 'throw':
            case 'export':
            case 'with':
            case 'async':
                $this->fail('unsupported', $token, ['what' => $token->text]);
        }

        return null;
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
            } elseif (!$target instanceof Item) {
                $this->failAt('unsupported', $token->offset, max(1, $this->endOffset() - $token->offset), ['what' => '[[…]] = …']);
            }
        }

        return [$this->ended(new SetSeveral($this->newId(), $list, $value instanceof ListLiteral && \count($value->items) === \count($list) ? $value->items : [$value]), $token->offset)];
    }

    /** @return list<Statement> */
    private function declaration(Token $token): array
    {
        ++$this->at;
        if ($this->is('[')) {
            return $this->declaredSeveral($token);
        }
        if ($this->is('{')) {
            $this->fail('unsupported', $token, ['what' => $token->text.' { … }']);
        }
        $rows = [];
        do {
            $name = $this->newName();
            if ([] === $rows && $this->isArrow()) {
                return [$this->arrowDefinition($token, $name)];
            }
            if (isset($this->declared[$this->scope][$name->text]) && 'var' !== $token->text && [] === $this->loops && 1 === $this->parent) {
                $this->mistake('declared_twice', $name->offset, \strlen($name->text), ['name' => $name->text], [new Replacement($token->offset, $name->offset - $token->offset, '')]);
            }
            if ($this->accept('=')) {
                if (null === $this->peek() || $this->is(';')) {
                    $this->fail('value_missing', $this->peek(), ['after' => '=']);
                }
                $value = $this->value();
                $rows[] = new SetVariable($this->newId(), $name->text, $value);
            } elseif ('const' === $token->text) {
                $this->fail($this->is('==') || $this->is('===') ? 'equals_for_assign' : 'const_value', $name, ['name' => $name->text, 'text' => $name->text]);
            } else {
                if ($this->is('==') || $this->is('===')) {
                    $this->fail('equals_for_assign', $this->peek(), ['text' => $name->text], [new Replacement($this->offset(), \strlen($this->sign() ?? ''), '=')]);
                }
                $rows[] = new Declaration($this->newId(), $name->text);
            }
            $this->declared[$this->scope][$name->text] = true;
            if ('const' === $token->text) {
                $this->constants[$this->scope][$name->text] = true;
            }
            $this->write($name->text, $name->offset);
        } while ($this->accept(','));
        $this->semicolon();
        $end = $this->endOffset();
        foreach ($rows as $index => $row) {
            $this->cut($row->id, 'head', 0 === $index ? $token->offset : $end, $end);
        }

        return $rows;
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
        return Awaiting::mistakes($this->tokens, (new Waiting($program))->functions);
    }

    /** A handler runs later, and so does what loops of the script hold as far as anybody can tell. */
    protected function runsInTurn(): bool
    {
        return parent::runsInTurn() && 1 === $this->parent;
    }

    /** `= (a, b) => {`: a function under another sign. */
    private function isArrow(): bool
    {
        return $this->is('=') && null !== $this->unnamedAt($this->at + 1);
    }

    /** @return int|null where the parameters begin of a function with rows that stands where a value may stand */
    private function unnamedAt(int $index): ?int
    {
        $text = fn (int $at): string => $this->tokens[$at]->text ?? '';
        $index += 'async' === $text($index) ? 1 : 0;
        if ('function' === $text($index)) {
            $index += '(' === $text($index + 1) ? 1 : 2;
            $closing = '(' === $text($index) ? $this->closingOf($index) : null;

            return null !== $closing && '{' === $text($closing + 1) ? $index : null;
        }
        $closing = '(' === $text($index) ? $this->closingOf($index) : (TokenKind::Name === ($this->tokens[$index]->kind ?? null) ? $index : null);

        return null !== $closing && '=>' === $text($closing + 1) && '{' === $text($closing + 2) ? $index : null;
    }

    private function arrowDefinition(Token $token, Token $name): Statement
    {
        $this->at = $this->unnamedAt($this->at + 1) ?? $this->at;

        return $this->function($token, $name, true);
    }

    private function definition(Token $token): Statement
    {
        ++$this->at;

        return $this->function($token, $this->newName(), false);
    }

    private function function(Token $token, Token $name, bool $arrow): Statement
    {
        $start = $this->indexOf($token);
        if ('' !== $this->scope || 1 !== $this->parent) {
            $this->fail('unsupported', $name, ['what' => 'function … { function … }']);
        }
        $id = $this->newId();
        $opened = $this->peek();
        $isBare = $arrow && null !== $opened && TokenKind::Name === $opened->kind;
        if (null === $opened || '(' !== $opened->text && !$isBare) {
            $this->fail('def_brackets', $name, ['name' => $name->text], [new Replacement($name->offset + \strlen($name->text), 0, '()')]);
        }
        $isBare || ++$this->at;
        $this->scope = $name->text;
        $this->declared[$this->scope] = [];
        $this->assigned[$this->scope] = [];
        $parameters = [];
        $defaults = [];
        while (!$this->is(')') && !$this->is('=>')) {
            if (null === $this->peek()) {
                $this->neverClosed($opened);
            }
            $parameter = $this->newName('parameter_no_name');
            $parameters[] = $parameter->text;
            $this->declared[$this->scope][$parameter->text] = true;
            $this->write($parameter->text, $parameter->offset);
            if ($this->accept('=')) {
                $defaults[$parameter->text] = $this->expression();
            }
            if (!$this->accept(',')) {
                break;
            }
        }
        $isBare || $this->close($opened);
        if ($arrow) {
            $this->accept('=>');
        }
        if (!$this->is('{')) {
            $this->is(':') ? $this->fail('foreign_word', null, ['word' => ':', 'near' => '{'], [new Replacement($this->offset(), 1, ' {')]) : $this->fail('brace_wanted', $this->tokens[$this->at - 1], ['word' => $name->text], [new Replacement($this->endOffset(), 0, ' {')]);
        }
        $loops = $this->loops;
        $this->loops = [];
        $body = $this->body($id, $start ?? $this->at, 'head', 'body', false);
        $this->loops = $loops;
        $this->scope = '';
        $this->closeBrace($id, $start ?? 0, 'close', $arrow ? ';' : '');
        if ($arrow) {
            $this->known[$name->text] ??= $name->offset;
        }

        return new FunctionDefinition($id, $name->text, $parameters, $this->shared($name->text, $body), false, $defaults);
    }

    /** Names that a function gives a value without declaring them are the program's. */
    private function shared(string $scope, Block $body): Block
    {
        $rows = [];
        foreach (array_keys(array_diff_key($this->assigned[$scope] ?? [], $this->declared[$scope] ?? [])) as $name) {
            $rows[] = new ShareVariable($this->newId(), (string) $name);
        }

        return [] === $rows ? $body : new Block([...$rows, ...$body->statements]);
    }

    /**
     * `beds.forEach((bed) => { … });`: the same rows as those of a loop over the items.
     *
     * @return list<Statement>|null
     */
    private function forEach(Token $token): ?array
    {
        $start = $this->at;
        $index = $start + 4;
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
        if (!\in_array(\count($names), [1, 2], true) || $body === $closing + 1 && '{' !== ($this->tokens[$body]->text ?? '')) {
            return null;
        }
        $opened = $this->tokens[$start + 3];
        $over = $this->plainName($token);
        $this->at = $body;
        foreach ($names as $name) {
            $this->write($name, $token->offset);
            $this->declared[$this->scope][$name] = true;
        }
        $id = $this->newId();
        if ($this->is('{')) {
            $rows = $this->body($id, $start, 'head', 'body', true);
            $this->closeUnnamed($id, $start, $opened);
        } else {
            $rows = $this->oneValue($id, $token->offset, $opened);
        }

        return [new EachLoop($id, array_reverse($names), 1 === \count($names) ? $over : new Operation('numbered', [$over]), $rows)];
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
        return $this->accept('let') || $this->accept('var') || $this->accept('const');
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

    protected function given(string $name, int $offset): void
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
        $ahead = $isNew ? 1 : 0;
        $names = [];
        if ($this->is('[', $ahead)) {
            for ($index = $ahead + 1; null !== ($token = $this->peek($index)) && ']' !== $token->text; ++$index) {
                if (TokenKind::Name === $token->kind) {
                    $names[] = $token->text;
                }
            }
            $after = $index + 1;
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
        $offset = $this->offset();
        if (!$isNew && !$this->isDeclared($names[0])) {
            $this->mistake('let_missing', $offset, \strlen($names[0]), ['name' => $names[0]], [new Replacement($offset, 0, 'let ')]);
        }
        $this->at += $after + 1;
        $overStart = $this->offset();
        $over = $this->value();
        foreach ($names as $name) {
            $this->write($name, $offset);
            $this->declared[$this->scope][$name] = true;
        }
        if ($over instanceof Operation && 'entries' === $over->key && 1 === \count($names)) {
            $this->failAt('unsupported', $overStart, $this->endOffset() - $overStart, ['what' => 'for (… of Object.entries(…))']);
        }
        $this->close($opened);
        $braced = $this->opensBrace();
        $body = $this->body($id, $start, 'head', 'body', true);
        if ($braced) {
            $this->closeBrace($id, $start);
        }
        if ($over instanceof Operation && 'keys' === $over->key) {
            $over = $over->arguments[0];
        } elseif ($isIn && !$over instanceof VariableRead) {
            $this->failAt('unsupported', $overStart, 1, ['what' => 'for … in']);
        }

        // @phpstan-ignore argument.type (there is one name at least)
        return new EachLoop($id, $names, $over, $body);
    }

    protected function performed(Expression $value, int $offset, int $end): Statement
    {
        if ($value instanceof Operation && 'console' === $value->key) {
            return new PrintLine($this->newId(), $value->arguments);
        }
        if ($value instanceof Operation && 'stdout' === $value->key) {
            $text = $value->arguments[0];
            $text = $text instanceof Operation && 'to_text' === $text->key ? $text->arguments[0] : $text;
            if ($text instanceof TextLiteral && str_ends_with($text->value, "\n")) {
                return new PrintLine($this->newId(), new TextLiteral(substr($text->value, 0, -1)));
            }

            return new PrintLine($this->newId(), $text, false, false);
        }

        return parent::performed($value, $offset, $end);
    }
}
