<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * `for (auto it = beds.begin(); it != beds.end(); ) { if (…) it = beds.erase(it); else ++it; }` over a set or a map (C++17,
 * 26.2.6), with `for` or `while`: read as a loop over all of them that takes out some.
 */
final class ErasingLoops extends Rewriting
{
    private const CONTAINERS = ['set', 'map', 'unordered_set', 'unordered_map', 'vector', 'deque', 'list'];

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function asPlainLoops(array $tokens): array
    {
        $loops = new self($tokens);
        foreach (array_keys($loops->code) as $at) {
            // `it = beds.begin();`
            if ('begin' === $loops->text($at) && '.' === $loops->text($at - 1) && '=' === $loops->text($at - 3) && '(' === $loops->text($at + 1) && ')' === $loops->text($at + 2) && ';' === $loops->text($at + 3)) {
                $loops->loop($at);
            }
        }

        return $loops->rewritten();
    }

    private function loop(int $at): void
    {
        [$list, $it] = [$this->text($at - 2), $this->text($at - 4)];
        $isMap = $this->kindOf($list, $at);
        $type = $at - 5;
        while ($type > 0 && !\in_array($this->text($type), [';', '{', '}', '('], true)) {
            --$type;
        }
        $isWhile = 'while' === $this->text($at + 4) && '(' === $this->text($at + 5);
        $condition = $at + ($isWhile ? 6 : 4);
        if (null === $isMap || !$this->isName($at - 2) || !$this->isName($at - 4) || [$it, '!=', $list, '.', 'end', '(', ')'] !== array_map($this->text(...), range($condition, $condition + 6))) {
            return;
        }
        $close = $condition + 7 + (int) (!$isWhile);
        if (')' !== $this->text($close) || !$isWhile && ('(' !== $this->text($type) || 'for' !== $this->text($type - 1)) || '{' !== $this->text($close + 1)) {
            return;
        }
        $end = $this->closing($close + 1) ?? $close + 1;
        [$erased, $stepped] = $this->steps($it, $list, $close + 1, $end);
        if (1 !== \count($erased) || 1 > \count($stepped) || 2 < \count($stepped)) {
            return;
        }
        if ($isWhile) {
            for ($behind = $end; $behind < \count($this->code) && '}' !== $this->text($behind + 1); ++$behind) {
                if ($it === $this->text($behind)) {
                    return;
                }
            }
            $first = $this->tokens[$this->code[$type + 1]];
            $this->put[$type + 1] = [new Token(TokenKind::Keyword, 'for', $first->offset, 0), new Token(TokenKind::Sign, '(', $first->offset, 0), ...$this->put[$type + 1] ?? [$first]];
            $this->put[$at + 4] = $this->put[$at + 5] = [];
        }
        $closing = $this->tokens[$this->code[$close]];
        $this->put[$close] = [...$isWhile ? [new Token(TokenKind::Sign, ';', $closing->offset, 0)] : [], new Token(TokenKind::Sign, '++', $closing->offset, 0), new Token(TokenKind::Name, $it, $closing->offset, 0), $closing];
        foreach ($erased as [$from, $item, $until]) {
            foreach (range($from, $item - 1) as $gone) {
                if (!\in_array($this->text($gone), [$list, '.', 'erase', '('], true)) {
                    $this->put[$gone] = [];
                }
            }
            $token = $this->tokens[$this->code[$item]];
            $this->put[$item] = $isMap
                ? [$token, new Token(TokenKind::Sign, '->', $token->end(), 0), new Token(TokenKind::Name, 'first', $token->end(), 0)]
                : [new Token(TokenKind::Sign, '*', $token->offset, 0), $token];
            foreach ($item + 1 < $until ? range($item + 1, $until - 1) : [] as $gone) {
                $this->put[$gone] = [];
            }
        }
        foreach ($stepped as $step) {
            $first = $this->tokens[$this->code[$step]];
            $isAlone = \in_array($this->text($step - 1), ['else', ')'], true);
            $this->put[$step] = $isAlone ? [new Token(TokenKind::Sign, '{', $first->offset, 0), new Token(TokenKind::Sign, '}', $first->offset, 0)] : [];
            $this->put[$step + 1] = [];
            if (';' === $this->text($step + 2)) {
                $this->put[$step + 2] = [];
            }
        }
    }

    /** Whether a name is that of a map, as it was declared last before the loop, or else behind it; null where it is neither one nor a set. */
    private function kindOf(string $name, int $loop): ?bool
    {
        $declared = array_filter(array_keys($this->code), fn (int $at): bool => $name === $this->text($at) && \in_array($this->text($at - 1), ['>', '>>', '&'], true));
        $before = array_filter($declared, static fn (int $at): bool => $at < $loop);
        $at = [] === $before ? reset($declared) : end($before);
        if (false === $at) {
            return null;
        }
        do {
            // The outermost one.
            for (--$at; $at > 0 && !\in_array($this->text($at), self::CONTAINERS, true) && !\in_array($this->text($at), [';', '{', '}', '('], true); --$at) {
            }
        } while ('<' === $this->text($at - 1) || ',' === $this->text($at - 1));

        return ['set' => false, 'unordered_set' => false, 'map' => true, 'unordered_map' => true][$this->text($at)] ?? null;
    }

    /** @return array{list<array{int, int, int}>, list<int>} where something is taken out: the beginning, what goes and the bracket behind it; and where the iterator moves on */
    private function steps(string $it, string $list, int $from, int $until): array
    {
        $erased = $stepped = [];
        for ($at = $from + 1; $at < $until; ++$at) {
            if ($list === $this->text($at) && '.' === $this->text($at + 1) && 'erase' === $this->text($at + 2) && '(' === $this->text($at + 3) && $it === $this->text($at + 4)) {
                $isGiven = '=' === $this->text($at - 1) && $it === $this->text($at - 2);
                $isBehind = '++' === $this->text($at + 5);
                if (')' !== $this->text($at + ($isBehind ? 6 : 5)) || $isGiven === $isBehind) {
                    return [[], []];
                }
                $erased[] = [$isGiven ? $at - 2 : $at, $at + 4, $at + ($isBehind ? 6 : 5)];
                $at += 5;
            } elseif ($it === $this->text($at) && '++' === $this->text($at - 1)) {
                $stepped[] = $at - 1;
            } elseif ($it === $this->text($at) && '++' === $this->text($at + 1)) {
                $stepped[] = $at;
            } elseif ($it === $this->text($at) && ('=' === $this->text($at + 1) && '.' !== $this->text($at + 3) || '--' === $this->text($at + 1))) {
                return [[], []];
            }
        }

        return [$erased, $stepped];
    }
}
