<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Values;

use Scrivlet\Core\Language\Cpp\CppExpressions;
use Scrivlet\Core\Language\Cpp\References;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Mistakes\Replacement;
use Scrivlet\Core\Language\Parsing\Argument;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\VariableRead;

/** Reading from a stream where a value stands. */
final class ReadValues
{
    public function __construct(private readonly CppExpressions $parser)
    {
    }

    /** `cin >> beds`, `getline(cin, line)` where a condition stands: whether something could be read. */
    public function reading(Token $token): ?Expression
    {
        if (!\in_array($token->text, ['cin', 'getline', 'std'], true) && !$this->parser->is('>>', 1)) {
            return null;
        }
        $at = 'std' === $token->text && $this->parser->is('::', 1) ? 2 : 0;
        if ($this->parser->is('cin', $at) && $this->parser->is('>>', $at + 1)) {
            $this->parser->at += $at + 1;
            $targets = [];
            while ($this->parser->accept('>>')) {
                $targets[] = $this->readInto($this->parser->expression(8), $token, 'cin >> …');
            }

            return new Operation(OperationKey::NextAnswer, $targets);
        }
        if ($this->parser->is('cin', $at) && $this->parser->is('.', $at + 1) && \in_array($this->parser->sign($at + 2), ['get', 'peek'], true) && $this->parser->is('(', $at + 3) && !$this->parser->isVariable('cin')) {
            return $this->sign($token, $at);
        }
        if ($this->parser->is('cin', $at) && $this->parser->is('<<', $at + 1) && !$this->parser->isVariable('cin')) {
            $sign = $this->parser->tokens[$this->parser->at + $at + 1];
            $this->parser->fail('stream_signs', $sign, ['name' => 'cin', 'near' => '>>'], [new Replacement($sign->offset, 2, '>>')]);
        }
        if ($this->parser->is('>>', 1) && $this->isTextStream($token->text)) {
            $this->parser->read($token->text, $token->offset);
            ++$this->parser->at;
            $targets = [];
            while ($this->parser->accept('>>')) {
                $targets[] = $this->readInto($this->parser->expression(8), $token, '>> …');
            }

            return new Operation(OperationKey::NextOf, [new VariableRead($token->text), ...$targets]);
        }
        $opened = $this->parser->peek($at + 1);
        if (!$this->parser->is('getline', $at) || null === $opened || !$this->parser->is('(', $at + 1)) {
            return null;
        }
        $cin = $this->parser->is('std', $at + 2) ? $at + 4 : $at + 2;
        $stream = $this->parser->peek($at + 2);
        if (null !== $stream && $this->isTextStream($stream->text) && $this->parser->is(',', $at + 3)) {
            $this->parser->at += $at + 2;
            $given = array_map(static fn (Argument $argument): Expression => $argument->value, $this->parser->arguments($opened));
            if (!\in_array(\count($given), [2, 3], true)) {
                $this->parser->fail('unsupported', $token, ['what' => 'getline(…)']);
            }
            $given[1] = $this->readInto($given[1], $token, 'getline(…)');

            return new Operation(OperationKey::LineOf, $given);
        }
        if (!$this->parser->is('cin', $cin) || !$this->parser->is(',', $cin + 1)) {
            return null;
        }
        $this->parser->at += $cin + 2;
        $target = $this->readInto($this->parser->expression(), $token, 'getline(…)');
        if (!$this->parser->accept(')')) {
            $this->parser->fail('unsupported', $token, ['what' => 'getline(…)']);
        }

        return new Operation(OperationKey::NextLine, [$target]);
    }

    /** `cin.get(sign)`, `cin.get()`, `cin.peek()` (C++17, 30.7.4.3) */
    private function sign(Token $token, int $at): Operation
    {
        $isAhead = $this->parser->is('peek', $at + 2);
        $this->parser->at += $at + 4;
        if ($this->parser->accept(')')) {
            return new Operation($isAhead ? OperationKey::SignAhead : OperationKey::SignTyped);
        }
        $target = $this->readInto($this->parser->expression(), $token, 'cin.get(…)');
        if ($isAhead || !$this->parser->accept(')')) {
            // As many signs at once as a text of C has room for.
            $this->parser->fail('unsupported', $token, ['what' => 'cin.get(…, …)']);
        }

        return new Operation(OperationKey::NextSign, [$target]);
    }

    /** What gets a value that is read: a variable, a field of an object or an item of a list. */
    private function readInto(Expression $target, Token $token, string $what): Expression
    {
        if ($target instanceof Operation && OperationKey::ValueOrPut === $target->key) {
            // What a map has for a key is there as soon as it is asked for (C++17, 26.4.4.3).
            $target = new Item($target->arguments[0], $target->arguments[1]);
        }
        if ($target instanceof VariableRead) {
            $this->parser->write($target->name, $token->offset);
        } elseif (!($target instanceof Field || $target instanceof Item) || !References::isPlace($target) || '' === $this->parser->typeOf($target)) {
            $this->parser->fail('unsupported', $token, ['what' => $what]);
        }

        return $target;
    }

    /** Whether a name is that of a stream: in memory, of a file, or one that is handed over. */
    public function isTextStream(string $name): bool
    {
        $type = $this->parser->types[$this->parser->scope][$name] ?? $this->parser->types[''][$name] ?? '';

        return str_contains($type, 'stream') && 1 === preg_match('/^(?:[io]?stringstream|[io]?fstream|[io]stream)(?: &)?$/D', $type);
    }
}
