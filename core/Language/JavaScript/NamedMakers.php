<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * `var Bed = function (rows) { this.rows = rows; };` with `new Bed(3)` below: a function that makes objects, which is read as one
 * with a name, `function Bed(rows) { … }`.
 */
final class NamedMakers extends Rewriting
{
    /** @return list<Token> */
    public function asFunctions(): array
    {
        $depth = 0;
        foreach (array_keys($this->code) as $at) {
            $depth += ['{' => 1, '}' => -1][$this->text($at)] ?? 0;
            if (0 !== $depth || !\in_array($this->text($at), ['var', 'let', 'const'], true) || !$this->isName($at + 1) || '=' !== $this->text($at + 2) || 'function' !== $this->text($at + 3)) {
                continue;
            }
            $bracket = $this->isName($at + 4) ? $at + 5 : $at + 4;
            if ('(' === $this->text($bracket) && $this->makesObjects($this->text($at + 1), $bracket)) {
                $this->put[$at] = [$this->tokens[$this->code[$at]]->readAs('function', TokenKind::Keyword)];
                foreach (range($at + 2, $bracket - 1) as $gone) {
                    $this->put[$gone] = [];
                }
            }
        }

        return $this->rewritten();
    }

    private function makesObjects(string $name, int $bracket): bool
    {
        $brace = ($this->closing($bracket) ?? $bracket) + 1;
        $end = $this->closing($brace);
        if ('{' !== $this->text($brace) || null === $end) {
            return false;
        }
        $says = false;
        for ($at = $brace; $at < $end; ++$at) {
            $says = $says || 'this' === $this->text($at);
        }
        foreach (array_keys($this->code) as $at) {
            if ($name === $this->text($at) && ('new' === $this->text($at - 1) && $says || 'prototype' === $this->text($at + 2))) {
                return true;
            }
        }

        return false;
    }
}
