<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;

/** `for_each(beds.begin(), beds.end(), [&](int& bed) { bed *= 2; });`: a loop over all items (C++17, 28.5.4). */
trait DoneForEach
{
    private function doneForEach(Token $token): ?Statement
    {
        $start = $this->at;
        $this->at += $this->is('std') ? 2 : 0;
        $opened = $this->peek(1);
        $closing = null === $opened || '(' !== $opened->text ? null : $this->closingOf($this->at + 1);
        if (null === $opened || null === $closing || isset($this->functions['for_each'])) {
            $this->at = $start;

            return null;
        }
        $this->at += 2;
        $over = $this->allBetween($token);
        $id = $this->newId();
        if ($this->is('[') && null !== ($bracket = $this->closingOf($this->at)) && '(' === ($this->tokens[$bracket + 1]->text ?? '')) {
            return $this->forEachByRows($id, $start, $bracket + 1, $opened, $over);
        }
        $name = $this->peek();
        if (null === $name || TokenKind::Name !== $name->kind || !isset($this->functions[$name->text]) || $this->at + 1 !== $closing) {
            $this->fail('unsupported', $token, ['what' => 'for_each']);
        }
        $item = $this->nameFor('item');
        $this->write($item, $token->offset);
        $row = new OwnCall($this->newId(), $name->text, [new VariableRead($item)]);
        $this->cut($id, 'head', $token->offset, $name->offset, true);
        [$outer, $this->parent] = [$this->parent, $id];
        $this->cut($row->id, 'head', $name->offset, $name->end(), true);
        $this->parent = $outer;
        $this->read($name->text, $name->offset, true);
        ++$this->at;
        $end = $this->offset();
        $this->close($opened);
        $this->semicolon();
        $this->cut($id, 'close', $end, $this->endOffset());

        return new EachLoop($id, [$item], $over, new Block([$row]));
    }

    /** What lies between the first two values in brackets: all items of a list or a map. */
    private function allBetween(Token $token): Expression
    {
        $from = $this->expression();
        $isTwo = $this->accept(',');
        $until = $isTwo ? $this->expression() : null;
        if (!$from instanceof Operation || OperationKey::Begin !== $from->key || !$until instanceof Operation || OperationKey::End !== $until->key || $from->arguments != $until->arguments || !$this->accept(',')) {
            $this->fail('unsupported', $token, ['what' => 'for_each']);
        }

        return $from->arguments[0];
    }

    private function forEachByRows(int $id, int $start, int $bracket, Token $opened, Expression $over): Statement
    {
        $closing = $this->closingOf($bracket);
        $body = null === $closing ? null : $this->closingOf($closing + 1);
        for ($at = $closing ?? 0; $at < $body; ++$at) {
            if ('return' === $this->tokens[$at]->text) {
                $this->fail('unsupported', $this->tokens[$at], ['what' => 'for_each(… { return; })']);
            }
        }
        $this->at = $bracket + 1;
        $offset = $this->offset();
        $type = $this->type();
        $name = $this->peek();
        if (null === $body || null === $type || null === $name || TokenKind::Name !== $name->kind || !$this->is(')', 1)) {
            $this->fail('unsupported', $this->tokens[$start], ['what' => 'for_each']);
        }
        ++$this->at;

        return $this->overAll($id, $start, $this->tokens[$bracket], $offset, $type, [$name->text], $over, $opened);
    }
}
