<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\BraceParser;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ChangedPlace;
use Scrivlet\Core\Tree\ContinueLoop;
use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\DoWhile;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Forever;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;
use Scrivlet\Core\Tree\WhileLoop;

/** `while`, `do` and `for` with their three parts. */
final class BraceLoops
{
    public function __construct(private readonly BraceParser $parser)
    {
    }

    public function whileLoop(): Statement
    {
        $start = $this->parser->at++;
        $id = $this->parser->newId();
        $condition = $this->parser->braceConditions->condition('while');
        $braced = $this->parser->opensBrace();
        $body = $this->parser->body($id, $start, 'head', 'body', true);
        if ($braced) {
            $this->parser->closeBrace($id, $start);
        }

        return $condition instanceof TruthLiteral && $condition->value ? new Forever($id, $body) : new WhileLoop($id, $condition, $body);
    }

    public function doWhile(): Statement
    {
        $start = $this->parser->at++;
        $id = $this->parser->newId();
        $isBraced = $this->parser->is('{');
        $wanted = $this->parser->at;
        $body = $this->parser->body($id, $start, 'head', 'body', true);
        if (!$isBraced && !$this->parser->is('while')) {
            $this->parser->at = $wanted;
            $this->parser->fail('brace_wanted', null, ['word' => 'do']);
        }
        if ($isBraced && !$this->parser->is('}')) {
            $this->parser->missingBrace($start);
            $this->parser->fail('unexpected');
        }
        $offset = $this->parser->offset();
        $this->parser->at += $isBraced ? 1 : 0;
        if (!$this->parser->accept('while')) {
            $this->parser->fail('while_missing');
        }
        $condition = $this->parser->braceConditions->condition('while');
        $this->parser->semicolon();
        $this->parser->cut($id, 'close', $offset, $this->parser->endOffset());

        return new DoWhile($id, $condition, $body);
    }

    /** @return list<Statement> */
    public function forLoop(): array
    {
        $start = $this->parser->at++;
        $id = $this->parser->newId();
        $this->parser->passWaiting();
        $opened = $this->parser->peek();
        if (null === $opened || '(' !== $opened->text) {
            $this->parser->fail('condition_brackets', $this->parser->tokens[$start], ['word' => 'for']);
        }
        ++$this->parser->at;
        $each = $this->parser->eachLoop($id, $start, $opened);
        if (null !== $each) {
            return [$each];
        }
        if ($this->parser->is(';')) {
            return [$this->withoutVariable($id, $start, $opened)];
        }
        $isStep = $this->parser->is('++') || $this->parser->is('--');
        $begin = $this->parser->peek((int) $isStep);
        if (TokenKind::Name === $begin?->kind && ($isStep || \in_array($this->parser->sign(1), ['++', '--', '.', '->', '[', '(', ...array_keys(BraceParser::CHANGES)], true))) {
            // `for (n %= 7; …; …)`: what comes first changes something.
            $rows = $this->begunBy($start);

            return [...$rows, $this->withoutVariable($id, $start, $opened)];
        }
        $isOld = $this->parser->is('var');
        $this->parser->isOneForAll = false;
        $isNew = $this->parser->loopVariable();
        $isOneForAll = $this->parser->isOneForAll;
        $this->parser->outliving += $isNew && !$isOld ? [] : [$id => true];
        if ($isNew && $this->parser->is('*')) {
            $this->parser->fail('unsupported', $opened, ['what' => 'for (… **…; …; …)']);
        }
        $name = $this->parser->newName('for_three_parts');
        if ($isNew && $this->parser->is(';') && [] !== array_filter([$this->parser->at + 1, ...range($this->parser->at + 1, ($this->parser->closingOf($this->parser->indexOf($opened) ?? 0) ?? $this->parser->at) - 1)], fn (int $at): bool => ';' === ($this->parser->tokens[$at]->text ?? ''))) {
            // All three parts are there; the variable only has no value yet.
            $declared = $this->parser->withoutValue($name) ?? $this->parser->fail('unsupported', $name, ['what' => "for (… $name->text; …)"]);
            $this->parser->cut($declared->id, 'head', $this->parser->tokens[$start]->offset, $this->parser->tokens[$start]->offset);

            return [$declared, $this->withoutVariable($id, $start, $opened)];
        }
        if (!$this->parser->accept('=')) {
            $this->parser->is('in') ? $this->parser->fail('foreign_word', null, ['word' => 'for … in', 'near' => 'for … of']) : $this->parser->fail('for_three_parts');
        }
        $from = $this->parser->startOf($name, $this->parser->value());
        $others = [];
        $unset = [];
        while ($this->parser->is(',') && \in_array($this->parser->sign(2), $isNew ? ['=', ',', ';'] : ['='], true)) {
            ++$this->parser->at;
            $other = $this->parser->newName('for_three_parts');
            if (!$this->parser->is('=')) {
                $declared = $this->parser->withoutValue($other) ?? $this->parser->fail('unsupported', $other, ['what' => "for (… $other->text; …)"]);
                $this->parser->cut($declared->id, 'head', $this->parser->tokens[$start]->offset, $this->parser->tokens[$start]->offset);
                $unset[] = $declared;
                continue;
            }
            ++$this->parser->at;
            $others[] = [$other, $this->parser->value()];
            $isNew ? $this->alsoCounts($other) : $this->parser->given($other->text, $other->offset);
        }
        if ($isNew) {
            $this->parser->write($name->text, $name->offset);
            $this->parser->declared[$this->parser->scope][$name->text] = true;
            $this->parser->counted_($name->text);
        } elseif ($this->parser->isDeclared($name->text)) {
            $this->parser->given($name->text, $name->offset);
        } else {
            $this->parser->undeclared($name);
        }
        $this->part($opened);
        $asked = $this->parser->at;
        $condition = $this->parser->is(';') ? new TruthLiteral(true) : $this->parser->value();
        if ($condition instanceof Lambda) {
            $this->parser->braceConditions->arrowForSign($asked);
        }
        $this->afterPart();
        $this->part($opened);
        $first = $this->parser->peek($this->parser->is('++') || $this->parser->is('--') ? 1 : 0);
        // Its step may stand in the condition, or among the rows (C++17, 9.5.3; ECMA-262, 14.7.4).
        $isStill = $this->parser->is(')');
        $isOther = $isStill || null !== $first && ($first->text === $name->text ? \in_array($this->parser->sign(1), ['.', '->', '[', '('], true) : $this->isSteppedAhead($name->text));
        [$operator, $amount] = $isOther ? [null, new NumberLiteral(0)] : $this->parser->stepOf($id, $name->text, $condition, ...$this->step($name->text));
        $steps = [];
        while ($isOther && !$isStill && [] === $steps || $this->parser->accept(',')) {
            $other = $this->parser->peek() ?? $opened;
            foreach ($this->parser->rowsOfHead($other) as $row) {
                $steps[] = [$other, $row];
            }
        }
        $this->parser->close($opened);
        $before = [...$unset, ...array_map(fn (array $one): Statement => $this->begun($one[0], $one[1], $start), $others)];
        if ($isOneForAll) {
            $declared = new Declaration($this->parser->newId(), $name->text);
            $this->parser->cut($declared->id, 'head', $this->parser->tokens[$start]->offset, $this->parser->tokens[$start]->offset);
            array_unshift($before, $declared);
        }
        $first = null === $operator ? $this->begun($name, $from, $start) : null;
        $braced = $this->parser->opensBrace();
        $body = $this->parser->body($id, $start, 'head', 'body', true);
        $last = null === $operator && !$isOther ? $this->stepped($name, new SetVariable(0, $name->text, $amount), $body, $id, $braced) : null;
        foreach ($steps as [$other, $row]) {
            $body = new Block([...$body->statements, $this->stepped($other, $row, $body, $id, $braced)]);
        }
        if ($braced) {
            $this->parser->closeBrace($id, $start);
        }
        if (null !== $first && (null !== $last || $isOther)) {
            return [...$before, $first, new WhileLoop($id, $condition, null === $last ? $body : new Block([...$body->statements, $last]))];
        }

        return [...$before, $this->parser->counting(new ForLoop($id, $name->text, $from, $condition, $operator ?? Operator::Add, $amount, $body))];
    }

    /** Whether a variable stands in a step behind the first one. */
    private function isSteppedAhead(string $name): bool
    {
        for ($ahead = 1; !$this->parser->is(')', $ahead) && null !== $this->parser->peek($ahead); ++$ahead) {
            if ($this->parser->is($name, $ahead) && ($this->parser->is(',', $ahead - 1) || $this->parser->is(',', $ahead - 2))) {
                return true;
            }
        }

        return false;
    }

    /** A further variable that the header of a loop declares. */
    private function alsoCounts(Token $name): void
    {
        $this->parser->write($name->text, $name->offset);
        $this->parser->declared[$this->parser->scope][$name->text] = true;
        $this->parser->counted_($name->text);
    }

    /** What stands before the loop where its step is no count: `for (Bed* bed = first; bed; bed = bed->next)`. */
    private function begun(Token $name, Expression $from, int $start): Statement
    {
        $row = new SetVariable($this->parser->newId(), $name->text, $from);
        $offset = $this->parser->tokens[$start]->offset;
        $this->parser->cut($row->id, 'head', $offset, $offset);

        return $row;
    }

    /** The step of such a loop, behind all its rows. */
    private function stepped(Token $name, Statement $row, Block $body, int $id, bool $braced): Statement
    {
        foreach (Walk::statements($body->statements) as $inner) {
            if ($inner instanceof ContinueLoop) {
                $this->parser->failAt('unsupported', $name->offset, \strlen($name->text), ['what' => 'for (…; …; '.$name->text.' = …) { continue; }']);
            }
        }
        $row = $row->withId($this->parser->newId());
        // Behind remarks at the end of the rows.
        $end = $braced && $this->parser->is('}') ? $this->parser->offset() : $this->parser->endOffset();
        $before = $this->parser->parent;
        $this->parser->parent = $id;
        $this->parser->cut($row->id, 'head', $end, $end);
        $this->parser->parent = $before;

        return $row;
    }

    /** @return list<Statement> what a loop without a variable of its own begins with */
    private function begunBy(int $start): array
    {
        $offset = $this->parser->tokens[$start]->offset;
        $rows = [];
        do {
            $rows = [...$rows, ...$this->parser->rowsOfHead($this->parser->tokens[$this->parser->at])];
        } while ($this->parser->accept(','));
        foreach ($rows as $row) {
            $this->parser->cut($row->id, 'head', $offset, $offset);
        }

        return $rows;
    }

    private function withoutVariable(int $id, int $start, Token $opened): Statement
    {
        ++$this->parser->at;
        $condition = $this->parser->is(';') ? null : $this->parser->value();
        $this->part($opened);
        $steps = [];
        while (!$this->parser->is(')')) {
            $name = $this->parser->peek() ?? $opened;
            foreach ($this->parser->rowsOfHead($name) as $row) {
                $steps[] = [$name, $row];
            }
            if (!$this->parser->accept(',')) {
                break;
            }
        }
        $this->parser->close($opened);
        $braced = $this->parser->opensBrace();
        $body = $this->parser->body($id, $start, 'head', 'body', true);
        $last = array_map(fn (array $step): Statement => $this->stepped($step[0], $step[1], $body, $id, $braced), $steps);
        $body = new Block([...$body->statements, ...$last]);
        if ($braced) {
            $this->parser->closeBrace($id, $start);
        }

        return null === $condition ? new Forever($id, $body) : new WhileLoop($id, $condition, $body);
    }

    private function afterPart(): void
    {
        if ($this->parser->is(';')) {
            return;
        }
        $this->parser->braceConditions->afterCondition();
    }

    /** The semicolon between the parts of a `for`. */
    private function part(Token $opened): void
    {
        if ($this->parser->accept(';')) {
            return;
        }
        if ($this->parser->is(',')) {
            $this->parser->fail('for_semicolons', null, [], [new Replacement($this->parser->offset(), 1, ';')]);
        }
        $next = $this->parser->peek();
        if (null !== $next && ')' !== $next->text) {
            $this->parser->fail('for_semicolons', $next, [], [new Replacement($this->parser->endOffset(), 0, ';')]);
        }
        $this->parser->fail('for_three_parts', $opened);
    }

    /** @return array{Operator|null, Expression} how the variable of a `for` changes after each turn; null where it becomes another value */
    private function step(string $variable): array
    {
        $prefix = $this->parser->is('++') || $this->parser->is('--') ? $this->parser->sign() : null;
        if (null !== $prefix) {
            ++$this->parser->at;
        }
        $name = $this->parser->peek();
        if (null === $name || TokenKind::Name !== $name->kind) {
            $this->parser->fail('for_three_parts', $name);
        }
        if ($name->text !== $variable) {
            $this->parser->fail('for_other_variable', $name, ['name' => $name->text, 'near' => $variable], [new Replacement($name->offset, \strlen($name->text), $variable)]);
        }
        ++$this->parser->at;
        $sign = $prefix ?? $this->parser->sign();
        if (null === $prefix) {
            ++$this->parser->at;
        }
        if ('++' === $sign || '--' === $sign) {
            return ['++' === $sign ? Operator::Add : Operator::Subtract, $this->parser->valueAsRow->stepFor(new VariableRead($variable))];
        }
        if (null !== $sign && \array_key_exists($sign, BraceParser::CHANGES)) {
            return [BraceParser::CHANGES[$sign] ?? $this->parser->division(), $this->parser->value()];
        }
        if (null !== $sign && isset(ChangedPlace::BY[$sign])) {
            return [null, new Operation(ChangedPlace::BY[$sign], [new VariableRead($name->text), $this->parser->value()])];
        }
        if ('=' === $sign) {
            $value = $this->parser->value();
            if ($value instanceof Binary && $value->left instanceof VariableRead && $value->left->name === $variable) {
                return [$value->operator, $value->right];
            }

            return [null, $value];
        }
        --$this->parser->at;
        $this->parser->fail('for_three_parts');
    }
}
