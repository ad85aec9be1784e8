<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript\Rows;

use Scrivlet\Core\Language\JavaScript\JavaScriptParser;
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
final class PromiseRows
{
    public function __construct(private readonly JavaScriptParser $parser)
    {
    }

    private function beginsPromise(int $ahead): bool
    {
        return $this->parser->is('new', $ahead) && $this->parser->is('Promise', $ahead + 1) && $this->parser->is('(', $ahead + 2) && !isset($this->parser->classes->parents['Promise']);
    }

    /** Whether a function stands at a place that gives such a promise and nothing else. */
    public function givesPromise(int $index): bool
    {
        $parameters = $this->parser->functionValues->unnamedAt($index, false);
        $closing = null === $parameters ? null : ('(' === $this->parser->tokens[$parameters]->text ? $this->parser->closingOf($parameters) : $parameters);

        return null !== $closing && '=>' === ($this->parser->tokens[$closing + 1]->text ?? '') && 'new' === ($this->parser->tokens[$closing + 2]->text ?? '') && 'Promise' === ($this->parser->tokens[$closing + 3]->text ?? '') && !isset($this->parser->classes->parents['Promise']);
    }

    /** @return list<Statement>|null `await new Promise(…);`, `return new Promise(…);` */
    public function promisedRow(Token $token): ?array
    {
        if ('await' !== $token->text && ('return' !== $token->text || '' === $this->parser->scope) || !$this->beginsPromise(1)) {
            return null;
        }
        ++$this->parser->at;
        $rows = $this->promised();
        if ('await' === $token->text) {
            // Nothing takes what it is kept with.
            $rows = array_values(array_filter($rows, static fn (Statement $row): bool => !$row instanceof GiveBack));
            [] !== $rows || $this->parser->fail('unsupported', $token, ['what' => 'await new Promise']);
        }
        $this->parser->semicolon();
        $this->parser->cutTogether($rows, $token->offset);

        return $rows;
    }

    /** `const pause = (seconds) => new Promise((done) => setTimeout(done, 1000 * seconds));` */
    public function promisingArrow(Token $token, Token $name): Statement
    {
        $id = $this->parser->newId();
        $this->parser->at = $this->parser->functionValues->unnamedAt($this->parser->at + 1, false) ?? $this->parser->at;
        $opened = $this->parser->peek() ?? $token;
        $isBare = TokenKind::Name === $opened->kind;
        $isBare || ++$this->parser->at;
        [$outer, $parent] = [$this->parser->scope, $this->parser->parent];
        $this->parser->functionRows->enter($name->text, $outer);
        [$this->parser->scope, $this->parser->parent] = [$name->text, $id];
        $parameters = [];
        [$defaults, $rest, $apart] = $this->parser->functionRows->parametersOf($parameters, $opened, false);
        if ([] !== $apart) {
            $this->parser->fail('unsupported', $opened, ['what' => '({ … }) => new Promise']);
        }
        $isBare || $this->parser->close($opened);
        $this->parser->accept('=>');
        $this->parser->cut($id, 'head', $token->offset, $this->parser->endOffset());
        $start = $this->parser->offset();
        $rows = $this->promised();
        $this->parser->cutTogether($rows, $start);
        [$this->parser->scope, $this->parser->parent] = [$outer, $parent];
        $end = $this->parser->endOffset();
        $this->parser->semicolon();
        $this->parser->cut($id, 'close', $end, $this->parser->endOffset());
        if ('' === $outer) {
            $this->parser->symbols->known[$name->text] ??= $name->offset;
        }

        return new FunctionDefinition($id, $name->text, $parameters, $this->parser->shared($name->text, new Block($rows)), false, $defaults, [], '', $rest);
    }

    /** @return list<Statement> what is done until the promise that is made here is kept */
    private function promised(): array
    {
        $token = $this->parser->peek() ?? $this->parser->fail('empty');
        $this->parser->at += 2;
        $opened = $this->parser->peek() ?? $token;
        ++$this->parser->at;
        $parameters = $this->parser->functionValues->unnamedAt($this->parser->at, false);
        $done = null === $parameters ? null : $this->parser->tokens[$parameters + ('(' === $this->parser->tokens[$parameters]->text ? 1 : 0)];
        if (null === $parameters || TokenKind::Name !== $done?->kind) {
            $this->parser->fail('unsupported', $token, ['what' => 'new Promise']);
        }
        $this->parser->at = ('(' === $this->parser->tokens[$parameters]->text ? (int) $this->parser->closingOf($parameters) : $parameters) + 1;
        $this->parser->accept('=>');
        $isBraced = $this->parser->accept('{');
        $rows = $this->timed($token, $done->text) ?? $this->answered($done->text) ?? $this->parser->fail('unsupported', $token, ['what' => 'new Promise']);
        if ($isBraced) {
            $this->parser->accept(';');
            $this->parser->accept('}') || $this->parser->fail('unsupported', $token, ['what' => 'new Promise']);
        }
        $this->parser->close($opened);

        return $rows;
    }

    /** @return list<Statement>|null `setTimeout(done, 500)`, `setTimeout(() => done(3), 500)` */
    private function timed(Token $token, string $done): ?array
    {
        $opened = $this->parser->is('setTimeout') ? $this->parser->peek(1) : null;
        if ('(' !== $opened?->text) {
            return null;
        }
        $this->parser->at += 2;
        $gives = null;
        if ($this->parser->is($done)) {
            ++$this->parser->at;
        } elseif ($this->parser->is('(') && $this->parser->is(')', 1) && $this->parser->is('=>', 2) && $this->parser->is($done, 3) && $this->parser->is('(', 4)) {
            $inner = $this->parser->peek(4) ?? $token;
            $this->parser->at += 5;
            $gives = $this->parser->is(')') ? null : $this->parser->expression();
            $this->parser->close($inner);
        } else {
            $this->parser->fail('unsupported', $token, ['what' => 'new Promise']);
        }
        $milliseconds = $this->parser->accept(',') ? $this->parser->expression() : new NumberLiteral(0);
        $this->parser->close($opened);
        $wait = new Command($this->parser->newId(), 'wait', ['seconds' => self::asSeconds($milliseconds)]);

        return null === $gives ? [$wait] : [$wait, new GiveBack($this->parser->newId(), $gives)];
    }

    private static function asSeconds(Expression $milliseconds): Expression
    {
        return $milliseconds instanceof NumberLiteral ? new NumberLiteral($milliseconds->value / 1000) : new Binary(Operator::TrueDivide, $milliseconds, new NumberLiteral(1000));
    }

    /** @return list<Statement>|null `reader.question("Name? ", done)`, `reader.question("Name? ", (name) => done(name))` */
    private function answered(string $done): ?array
    {
        $reader = $this->parser->peek();
        $opened = $this->parser->is('.', 1) && $this->parser->is('question', 2) ? $this->parser->peek(3) : null;
        if (null === $reader || 'reader' !== ($this->parser->brought[$reader->text] ?? '') || '(' !== $opened?->text) {
            return null;
        }
        $this->parser->at += 4;
        $question = $this->parser->expression();
        $this->parser->accept(',') || $this->parser->fail('unsupported', $reader, ['what' => '.question(…)']);
        $brackets = $this->parser->is('(') ? 1 : 0;
        $answer = $this->parser->sign($brackets);
        $behind = 1 + 2 * $brackets;
        if ($this->parser->is($done)) {
            ++$this->parser->at;
        } elseif (null !== $answer && $this->parser->is('=>', $behind) && $this->parser->is($done, $behind + 1) && $this->parser->is('(', $behind + 2) && $this->parser->is($answer, $behind + 3) && $this->parser->is(')', $behind + 4)) {
            $this->parser->at += $behind + 5;
        } else {
            $this->parser->fail('unsupported', $reader, ['what' => 'new Promise']);
        }
        $this->parser->close($opened);

        return [new GiveBack($this->parser->newId(), new Operation(OperationKey::Ask, [$question]))];
    }

    /**
     * `main().then((beds) => console.log(beds)).catch(console.error);`: what is done when a function is through that nothing
     * stands behind.
     *
     * @return list<Statement>|null
     */
    public function promiseChain(Token $token): ?array
    {
        $opened = $this->parser->is('(', 1) ? $this->parser->peek(1) : null;
        $member = null === $opened ? null : ($this->parser->tokens[($this->parser->closingOf($this->parser->at + 1) ?? $this->parser->at) + 2]->text ?? null);
        if (null === $opened || '' !== $this->parser->scope || !\in_array($member, ['then', 'catch', 'finally'], true) || !$this->endsChain() || !$this->isAsync($token->text)) {
            return null;
        }
        $this->parser->at += 2;
        $call = $this->parser->called($token, $this->parser->arguments($opened));
        $rows = [];
        while ($this->parser->is('.')) {
            $word = $this->parser->peek(1) ?? $token;
            $bracket = $this->parser->peek(2) ?? $token;
            $this->parser->at += 3;
            if ($this->isComplaining()) {
                // What is told of a failure goes beside the printout, as it does where nothing catches it.
                $this->parser->at = (int) $this->parser->closingOf((int) $this->parser->indexOf($bracket)) + 1;
                continue;
            }
            if ('then' === $word->text && $this->parser->is('console') && $this->parser->is('.', 1) && $this->parser->is('log', 2) && $this->parser->is(')', 3)) {
                $this->parser->at += 3;
                $does = new Lambda(['value'], new Operation(OperationKey::Printed, [new VariableRead('value')]));
            } else {
                $does = $this->parser->expression();
            }
            $this->parser->close($bracket);
            if ('catch' === $word->text || 'then' === $word->text && [] !== $rows) {
                $this->parser->fail('unsupported', $word, ['what' => ".$word->text(…)"]);
            }
            if ('finally' === $word->text || $does instanceof Lambda && [] === $does->parameters) {
                // It takes nothing, and comes behind.
                $rows = [] === $rows ? [$this->parser->performed($call, $token->offset, $this->parser->endOffset())] : $rows;
                $rows[] = $this->parser->readRows->handedTo($does, null, $word);
            } else {
                $rows[] = $this->parser->readRows->handedTo($does, $call, $word);
            }
        }
        $this->parser->semicolon();
        $rows = [] === $rows ? [$this->parser->performed($call, $token->offset, $this->parser->endOffset())] : $rows;
        $this->parser->cutTogether($rows, $token->offset);

        return $rows;
    }

    private function isAsync(string $name): bool
    {
        foreach ($this->parser->tokens as $at => $token) {
            if ('async' === $token->text && ('function' === ($this->parser->tokens[$at + 1]->text ?? '') && $name === ($this->parser->tokens[$at + 2]->text ?? '') || '=' === ($this->parser->tokens[$at - 1]->text ?? '') && $name === ($this->parser->tokens[$at - 2]->text ?? ''))) {
                return true;
            }
        }

        return false;
    }

    /** Whether nothing but functions stands behind the chain of calls that begins here. */
    private function endsChain(): bool
    {
        $at = ($this->parser->closingOf($this->parser->at + 1) ?? $this->parser->at) + 1;
        while ('.' === ($this->parser->tokens[$at]->text ?? '') && '(' === ($this->parser->tokens[$at + 2]->text ?? '')) {
            $at = ($this->parser->closingOf($at + 2) ?? $at + 2) + 1;
        }

        return !isset($this->parser->tokens[$at]) || ';' === $this->parser->tokens[$at]->text && !isset($this->parser->tokens[$at + 1]);
    }

    /** `console.error`, `(failure) => console.error(failure)` */
    private function isComplaining(): bool
    {
        $at = $this->parser->is('console') ? 0 : ($this->parser->is('=>', 1) ? 2 : ($this->parser->is('(') && $this->parser->is(')', 2) && $this->parser->is('=>', 3) ? 4 : null));

        return null !== $at && $this->parser->is('console', $at) && $this->parser->is('.', $at + 1) && $this->parser->is('error', $at + 2);
    }
}
