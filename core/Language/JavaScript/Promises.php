<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\Operator;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/**
 * Promises of the two kinds that everybody makes, both of which are awaited: one that is kept when some time is over,
 * `new Promise((done) => setTimeout(done, 500))`, and one that is kept by an answer, `new Promise((done) => reader.question("Name? ", done))`
 * (ECMAScript 2022, 27.2.3.1). Whoever awaits them sees rows that wait, or ask.
 */
trait Promises
{
    private function beginsPromise(int $ahead): bool
    {
        return $this->is('new', $ahead) && $this->is('Promise', $ahead + 1) && $this->is('(', $ahead + 2) && !isset($this->classes['Promise']);
    }

    /** Whether a function stands at a place that gives such a promise and nothing else. */
    private function givesPromise(int $index): bool
    {
        $parameters = $this->unnamedAt($index, false);
        $closing = null === $parameters ? null : ('(' === $this->tokens[$parameters]->text ? $this->closingOf($parameters) : $parameters);

        return null !== $closing && '=>' === ($this->tokens[$closing + 1]->text ?? '') && 'new' === ($this->tokens[$closing + 2]->text ?? '') && 'Promise' === ($this->tokens[$closing + 3]->text ?? '') && !isset($this->classes['Promise']);
    }

    /** @return list<Statement>|null `await new Promise(…);`, `return new Promise(…);` */
    private function promisedRow(Token $token): ?array
    {
        if ('await' !== $token->text && ('return' !== $token->text || '' === $this->scope) || !$this->beginsPromise(1)) {
            return null;
        }
        ++$this->at;
        $rows = $this->promised();
        if ('await' === $token->text) {
            // Nothing takes what it is kept with.
            $rows = array_values(array_filter($rows, static fn (Statement $row): bool => !$row instanceof GiveBack));
            [] !== $rows || $this->fail('unsupported', $token, ['what' => 'await new Promise']);
        }
        $this->semicolon();
        $this->cutTogether($rows, $token->offset);

        return $rows;
    }

    /** `const pause = (seconds) => new Promise((done) => setTimeout(done, 1000 * seconds));` */
    private function promisingArrow(Token $token, Token $name): Statement
    {
        $id = $this->newId();
        $this->at = $this->unnamedAt($this->at + 1, false) ?? $this->at;
        $opened = $this->peek() ?? $token;
        $isBare = TokenKind::Name === $opened->kind;
        $isBare || ++$this->at;
        [$outer, $parent] = [$this->scope, $this->parent];
        $this->enter($name->text, $outer);
        [$this->scope, $this->parent] = [$name->text, $id];
        $parameters = [];
        [$defaults, $rest, $apart] = $this->parametersOf($parameters, $opened, false);
        if ([] !== $apart) {
            $this->fail('unsupported', $opened, ['what' => '({ … }) => new Promise']);
        }
        $isBare || $this->close($opened);
        $this->accept('=>');
        $this->cut($id, 'head', $token->offset, $this->endOffset());
        $start = $this->offset();
        $rows = $this->promised();
        $this->cutTogether($rows, $start);
        [$this->scope, $this->parent] = [$outer, $parent];
        $end = $this->endOffset();
        $this->semicolon();
        $this->cut($id, 'close', $end, $this->endOffset());
        if ('' === $outer) {
            $this->known[$name->text] ??= $name->offset;
        }

        return new FunctionDefinition($id, $name->text, $parameters, $this->shared($name->text, new Block($rows)), false, $defaults, [], '', $rest);
    }

    /** @return list<Statement> what is done until the promise that is made here is kept */
    private function promised(): array
    {
        $token = $this->peek() ?? $this->fail('empty');
        $this->at += 2;
        $opened = $this->peek() ?? $token;
        ++$this->at;
        $parameters = $this->unnamedAt($this->at, false);
        $done = null === $parameters ? null : $this->tokens[$parameters + ('(' === $this->tokens[$parameters]->text ? 1 : 0)];
        if (null === $parameters || TokenKind::Name !== $done?->kind) {
            $this->fail('unsupported', $token, ['what' => 'new Promise']);
        }
        $this->at = ('(' === $this->tokens[$parameters]->text ? (int) $this->closingOf($parameters) : $parameters) + 1;
        $this->accept('=>');
        $isBraced = $this->accept('{');
        $rows = $this->timed($token, $done->text) ?? $this->answered($done->text) ?? $this->fail('unsupported', $token, ['what' => 'new Promise']);
        if ($isBraced) {
            $this->accept(';');
            $this->accept('}') || $this->fail('unsupported', $token, ['what' => 'new Promise']);
        }
        $this->close($opened);

        return $rows;
    }

    /** @return list<Statement>|null `setTimeout(done, 500)`, `setTimeout(() => done(3), 500)` */
    private function timed(Token $token, string $done): ?array
    {
        $opened = $this->is('setTimeout') ? $this->peek(1) : null;
        if ('(' !== $opened?->text) {
            return null;
        }
        $this->at += 2;
        $gives = null;
        if ($this->is($done)) {
            ++$this->at;
        } elseif ($this->is('(') && $this->is(')', 1) && $this->is('=>', 2) && $this->is($done, 3) && $this->is('(', 4)) {
            $inner = $this->peek(4) ?? $token;
            $this->at += 5;
            $gives = $this->is(')') ? null : $this->expression();
            $this->close($inner);
        } else {
            $this->fail('unsupported', $token, ['what' => 'new Promise']);
        }
        $milliseconds = $this->accept(',') ? $this->expression() : new NumberLiteral(0);
        $this->close($opened);
        $wait = new Command($this->newId(), 'wait', ['seconds' => self::asSeconds($milliseconds)]);

        return null === $gives ? [$wait] : [$wait, new GiveBack($this->newId(), $gives)];
    }

    private static function asSeconds(Expression $milliseconds): Expression
    {
        return $milliseconds instanceof NumberLiteral ? new NumberLiteral($milliseconds->value / 1000) : new Binary(Operator::TrueDivide, $milliseconds, new NumberLiteral(1000));
    }

    /** @return list<Statement>|null `reader.question("Name? ", done)`, `reader.question("Name? ", (name) => done(name))` */
    private function answered(string $done): ?array
    {
        $reader = $this->peek();
        $opened = $this->is('.', 1) && $this->is('question', 2) ? $this->peek(3) : null;
        if (null === $reader || 'reader' !== ($this->brought[$reader->text] ?? '') || '(' !== $opened?->text) {
            return null;
        }
        $this->at += 4;
        $question = $this->expression();
        $this->accept(',') || $this->fail('unsupported', $reader, ['what' => '.question(…)']);
        $brackets = $this->is('(') ? 1 : 0;
        $answer = $this->sign($brackets);
        $behind = 1 + 2 * $brackets;
        if ($this->is($done)) {
            ++$this->at;
        } elseif (null !== $answer && $this->is('=>', $behind) && $this->is($done, $behind + 1) && $this->is('(', $behind + 2) && $this->is($answer, $behind + 3) && $this->is(')', $behind + 4)) {
            $this->at += $behind + 5;
        } else {
            $this->fail('unsupported', $reader, ['what' => 'new Promise']);
        }
        $this->close($opened);

        return [new GiveBack($this->newId(), new Operation(OperationKey::Ask, [$question]))];
    }

    /**
     * `main().then((beds) => console.log(beds)).catch(console.error);`: what is done when a function is through that nothing
     * stands behind.
     *
     * @return list<Statement>|null
     */
    private function promiseChain(Token $token): ?array
    {
        $opened = $this->is('(', 1) ? $this->peek(1) : null;
        $member = null === $opened ? null : ($this->tokens[($this->closingOf($this->at + 1) ?? $this->at) + 2]->text ?? null);
        if (null === $opened || '' !== $this->scope || !\in_array($member, ['then', 'catch', 'finally'], true) || !$this->endsChain() || !$this->isAsync($token->text)) {
            return null;
        }
        $this->at += 2;
        $call = $this->called($token, $this->arguments($opened));
        $rows = [];
        while ($this->is('.')) {
            $word = $this->peek(1) ?? $token;
            $bracket = $this->peek(2) ?? $token;
            $this->at += 3;
            if ($this->isComplaining()) {
                // What is told of a failure goes beside the printout, as it does where nothing catches it.
                $this->at = (int) $this->closingOf((int) $this->indexOf($bracket)) + 1;
                continue;
            }
            if ('then' === $word->text && $this->is('console') && $this->is('.', 1) && $this->is('log', 2) && $this->is(')', 3)) {
                $this->at += 3;
                $does = new Lambda(['value'], new Operation(OperationKey::Printed, [new VariableRead('value')]));
            } else {
                $does = $this->expression();
            }
            $this->close($bracket);
            if ('catch' === $word->text || 'then' === $word->text && [] !== $rows) {
                $this->fail('unsupported', $word, ['what' => ".$word->text(…)"]);
            }
            if ('finally' === $word->text || $does instanceof Lambda && [] === $does->parameters) {
                // It takes nothing, and comes behind.
                $rows = [] === $rows ? [$this->performed($call, $token->offset, $this->endOffset())] : $rows;
                $rows[] = $this->handedTo($does, null, $word);
            } else {
                $rows[] = $this->handedTo($does, $call, $word);
            }
        }
        $this->semicolon();
        $rows = [] === $rows ? [$this->performed($call, $token->offset, $this->endOffset())] : $rows;
        $this->cutTogether($rows, $token->offset);

        return $rows;
    }

    private function isAsync(string $name): bool
    {
        foreach ($this->tokens as $at => $token) {
            if ('async' === $token->text && ('function' === ($this->tokens[$at + 1]->text ?? '') && $name === ($this->tokens[$at + 2]->text ?? '') || '=' === ($this->tokens[$at - 1]->text ?? '') && $name === ($this->tokens[$at - 2]->text ?? ''))) {
                return true;
            }
        }

        return false;
    }

    /** Whether nothing but functions stands behind the chain of calls that begins here. */
    private function endsChain(): bool
    {
        $at = ($this->closingOf($this->at + 1) ?? $this->at) + 1;
        while ('.' === ($this->tokens[$at]->text ?? '') && '(' === ($this->tokens[$at + 2]->text ?? '')) {
            $at = ($this->closingOf($at + 2) ?? $at + 2) + 1;
        }

        return !isset($this->tokens[$at]) || ';' === $this->tokens[$at]->text && !isset($this->tokens[$at + 1]);
    }

    /** `console.error`, `(failure) => console.error(failure)` */
    private function isComplaining(): bool
    {
        $at = $this->is('console') ? 0 : ($this->is('=>', 1) ? 2 : ($this->is('(') && $this->is(')', 2) && $this->is('=>', 3) ? 4 : null));

        return null !== $at && $this->is('console', $at) && $this->is('.', $at + 1) && $this->is('error', $at + 2);
    }
}
