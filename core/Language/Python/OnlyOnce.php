<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;

/**
 * What gives its items only once: `zip`, `map`, generators and their like (The Python Library Reference, Iterator Types). Where a
 * name for one stands once, nobody sees the difference to a list.
 */
trait OnlyOnce
{
    private const ONCE = ['zip' => true, 'map' => true, 'filter' => true, 'enumerate' => true, 'reversed' => true];
    /** @var array<string, true> names of what has been begun to go over */
    public array $begun = [];

    /** Whether a function of the program's own yields one thing after another. */
    abstract public function yieldsAll(string $function): bool;

    /** What a name gets, where it is asked more than once for items that it gives only once. */
    public function onlyOnce(string $name, Expression $value, int $from): Expression
    {
        unset($this->begun[$name]);
        $token = $this->tokens[$from] ?? null;
        if (null === $token || $value instanceof Operation && OperationKey::Started === $value->key) {
            $this->begun += $value instanceof Operation && OperationKey::Started === $value->key ? [$name => true] : [];

            return $value;
        }
        if ($value instanceof Operation && \in_array($value->key, [OperationKey::CountedOn, OperationKey::AgainInTurn], true)) {
            // It is begun where it is made, and has no end.
            $this->begun[$name] = true;

            return $value;
        }
        $closing = $this->partners['(' === $token->text ? $from : $from + 1] ?? null;
        if (null === $closing || $closing !== $this->at - 1) {
            return $value;
        }
        $isOnce = '(' === $token->text ? $this->isGenerator($from, $closing) : isset(self::ONCE[$token->text]) && !isset($this->symbols->functions[$token->text]) && !$this->isVariable($token->text) || $this->yieldsAll($token->text);
        if (!$isOnce || 2 > $this->timesNamed($name)) {
            return $value;
        }
        $this->begun[$name] = true;

        return new Operation(OperationKey::Started, [$value]);
    }

    /** Whether brackets hold `item for item in items`. */
    private function isGenerator(int $from, int $closing): bool
    {
        for ($at = $from + 1; $at < $closing; ++$at) {
            if ('for' === $this->tokens[$at]->text && TokenKind::Keyword === $this->tokens[$at]->kind) {
                return true;
            }
            $at = max($at, $this->partners[$at] ?? $at);
        }

        return false;
    }

    /** How often a name stands in the text, but for where it gets a value. */
    private function timesNamed(string $name): int
    {
        $times = 0;
        foreach ($this->tokens as $index => $token) {
            $times += $name === $token->text && TokenKind::Name === $token->kind && '.' !== ($this->tokens[$index - 1]->text ?? '') && '=' !== ($this->tokens[$index + 1]->text ?? '') ? 1 : 0;
        }

        return $times;
    }
}
