<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * Maps and sets whose members stand from the greatest to the least: `set<int, greater<int>> beds;` (C++17, 26.4.4.1 and
 * 23.14.7). They are read as those that are told to at their beginning; whoever copies one has it so as well.
 */
final class DescendingOnes extends Rewriting
{
    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function told(array $tokens): array
    {
        $ones = new self($tokens);
        foreach (array_keys($ones->code) as $at) {
            $isOne = \in_array($ones->text($at), ['map', 'set'], true) && '<' === $ones->text($at + 1);
            $around = $ones->text($at - ('::' === $ones->text($at - 1) ? 3 : 1));
            if ($isOne && '<' !== $around) {
                $ones->one($at);
            }
        }

        return $ones->rewritten();
    }

    private function one(int $at): void
    {
        $comma = null;
        for ($end = $at + 1, $depth = 0; '' !== $this->text($end) && !\in_array($this->text($end), [';', '{', '(', ')'], true); ++$end) {
            $depth += ['<' => 1, '>' => -1, '>>' => -2][$this->text($end)] ?? 0;
            if (',' === $this->text($end) && 1 === $depth && 'greater' === $this->text($end + ('std' === $this->text($end + 1) ? 3 : 1))) {
                $comma = $end;
            }
            if ($depth <= 0) {
                break;
            }
        }
        // Types in types of types close with the next ones.
        if (null === $comma || 0 !== $depth) {
            return;
        }
        for ($gone = $comma; $gone < $end; ++$gone) {
            $this->put[$gone] = [];
        }
        if ('>>' === $this->text($end)) {
            $this->put[$end] = [$this->tokens[$this->code[$end]]->readAs('>')];
        }
        $name = $end + 1;
        if (!$this->isName($name) || !\in_array($this->text($name + 1), [';', '=', '{'], true)) {
            return;
        }
        $isGiven = '=' === $this->text($name + 1);
        $brace = $name + ($isGiven ? 2 : 1);
        if ($isGiven && '{' !== $this->text($brace)) {
            // A copy of another one.
            return;
        }
        $type = [];
        for ($part = $at; $part < $comma; ++$part) {
            $token = $this->tokens[$this->code[$part]];
            $type[] = $this->made($name, $token->kind, $token->text);
        }
        $made = fn (string $sign): Token => $this->made($name, TokenKind::Sign, $sign);
        $told = [$made('='), $this->made($name, TokenKind::Name, 'descending'), $made('('), ...$type, $made('>')];
        $variable = $this->tokens[$this->code[$name]];
        if ('{' !== $this->text($brace)) {
            $this->put[$name] = [$variable, ...$told, $made('('), $made(')'), $made(')')];

            return;
        }
        $close = $this->closing($brace);
        if (null !== $close) {
            $this->put[$name] = [$variable, ...$told];
            $isGiven && $this->put[$name + 1] = [];
            $this->put[$close] = [$this->tokens[$this->code[$close]], $this->made($close, TokenKind::Sign, ')')];
        }
    }
}
