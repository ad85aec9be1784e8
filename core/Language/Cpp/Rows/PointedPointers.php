<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;

/**
 * `void push(Node** head, int value)`, called with `push(&list, 3)`: what C has for the reference to a pointer (C++17,
 * 11.3.1 and 11.3.2). Where nothing is done with such a parameter but to follow it, the signs are read as if it were
 * `Node*& head`, called with `push(list, 3)`.
 */
final class PointedPointers extends Rewriting
{
    /** @var array<string, array<int, string>> by function, its parameters that point at pointers, by their places */
    private array $found = [];

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function asReferences(array $tokens): array
    {
        $pointers = new self($tokens);
        $bodies = $pointers->find();
        do {
            $lost = false;
            foreach ($pointers->found as $function => $parameters) {
                if (!$pointers->areOnlyFollowed($bodies[$function] ?? [], $parameters) || !$pointers->areGivenPlaces($function, $parameters)) {
                    unset($pointers->found[$function]);
                    $lost = true;
                }
            }
        } while ($lost);
        if ([] === $pointers->found) {
            return $tokens;
        }
        $pointers->rewrite($bodies);

        return $pointers->rewritten();
    }

    /** @return array<string, list<array{int, int}>> the braces of the functions that have such parameters */
    private function find(): array
    {
        $bodies = [];
        foreach (array_keys($this->code) as $at) {
            if (!$this->isName($at) || '(' !== $this->text($at + 1) || 'main' === $this->text($at) || \in_array($this->text($at - 1), ['.', '->', '::', 'return', '=', '('], true)) {
                continue;
            }
            $closing = $this->closing($at + 1);
            if (null === $closing || !\in_array($this->text($closing + 1), ['{', ';'], true)) {
                continue;
            }
            $found = [];
            foreach ($this->parts($at + 1, $closing) as $index => [$from, $until]) {
                if ($this->isName($until) && '*' === $this->text($until - 1) && '*' === $this->text($until - 2) && $until - 2 - $from <= 2 && 'char' !== $this->text($until - 3)) {
                    $found[$index] = $this->text($until);
                }
            }
            if ([] === $found) {
                continue;
            }
            if ('{' === $this->text($closing + 1)) {
                $this->found[$this->text($at)] = $found;
                $bodies[$this->text($at)][] = [$closing + 1, $this->closing($closing + 1) ?? $closing + 1];
            }
        }

        return array_filter($bodies, static fn (array $all): bool => 1 === \count($all));
    }

    /**
     * @param list<array{int, int}> $bodies
     * @param array<int, string>    $parameters
     */
    private function areOnlyFollowed(array $bodies, array $parameters): bool
    {
        foreach ($bodies as [$from, $until]) {
            for ($at = $from; $at < $until; ++$at) {
                if (\in_array($this->text($at), $parameters, true) && $this->isName($at) && !\in_array($this->text($at - 1), ['.', '->'], true) && !$this->isFollowed($at) && !$this->isHandedOn($at)) {
                    return false;
                }
            }
        }

        return [] !== $bodies;
    }

    private function isFollowed(int $at): bool
    {
        // What stands before tells the sign from the one that multiplies.
        return '*' === $this->text($at - 1) && !$this->isName($at - 2) && ']' !== $this->text($at - 2) && (')' !== $this->text($at - 2) || $this->endsHeader($at - 2)) && !\in_array($this->text($at + 1), ['[', '++', '--'], true);
    }

    /** Whether a bracket closes what stands behind `if`, `while` or `for`, so that a row begins behind it. */
    private function endsHeader(int $at): bool
    {
        for ($depth = 0; $at > 0; --$at) {
            $depth += [')' => 1, '(' => -1][$this->text($at)] ?? 0;
            if (0 === $depth) {
                return \in_array($this->text($at - 1), ['if', 'while', 'for'], true);
            }
        }

        return false;
    }

    /** Whether a parameter is given to a function that has one of that kind there. */
    private function isHandedOn(int $at): bool
    {
        if (!\in_array($this->text($at - 1), ['(', ','], true) || !\in_array($this->text($at + 1), [')', ','], true)) {
            return false;
        }
        for ($open = $at - 1, $index = 0; $open > 0 && '(' !== $this->text($open); --$open) {
            if (')' === $this->text($open)) {
                return false;
            }
            $index += ',' === $this->text($open) ? 1 : 0;
        }

        return isset($this->found[$this->text($open - 1)][$index]);
    }

    /** @param array<int, string> $parameters */
    private function areGivenPlaces(string $function, array $parameters): bool
    {
        foreach ($this->calls($function) as [$open, $close]) {
            $given = $this->parts($open, $close);
            foreach (array_keys($parameters) as $index) {
                [$from, $until] = $given[$index] ?? [0, 0];
                if ('&' !== $this->text($from) && !($from === $until && $this->isHandedOn($from))) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return list<array{int, int}> the brackets of all calls of a function */
    private function calls(string $function): array
    {
        $calls = [];
        foreach (array_keys($this->code) as $at) {
            if ($function === $this->text($at) && '(' === $this->text($at + 1) && null !== ($closing = $this->closing($at + 1)) && !$this->isName($at - 1) && !\in_array($this->text($at - 1), ['void', 'int', 'bool', 'double', '*', '&', '.', '->'], true)) {
                $calls[] = [$at + 1, $closing];
            }
        }

        return $calls;
    }

    /** @param array<string, list<array{int, int}>> $bodies */
    private function rewrite(array $bodies): void
    {
        foreach ($this->found as $function => $parameters) {
            foreach ($this->calls($function) as [$open, $close]) {
                $given = $this->parts($open, $close);
                foreach (array_keys($parameters) as $index) {
                    if ('&' === $this->text($given[$index][0])) {
                        $this->put[$given[$index][0]] = [];
                    }
                }
            }
            foreach (array_keys($this->code) as $at) {
                $isHead = $function === $this->text($at) && '(' === $this->text($at + 1) && ($this->isName($at - 1) || \in_array($this->text($at - 1), ['void', 'int', 'bool', 'double', '*', '&'], true));
                $closing = $isHead ? $this->closing($at + 1) : null;
                foreach (null === $closing ? [] : $this->parts($at + 1, $closing) as $index => [$from, $until]) {
                    $last = $this->isName($until) ? $until - 1 : $until;
                    if (isset($parameters[$index]) && '*' === $this->text($last) && '*' === $this->text($last - 1)) {
                        $this->put[$last] = [$this->tokens[$this->code[$last]]->readAs('&')];
                    }
                }
            }
            foreach ($bodies[$function] as [$from, $until]) {
                for ($at = $from; $at < $until; ++$at) {
                    if (\in_array($this->text($at), $parameters, true) && $this->isFollowed($at)) {
                        $this->put[$at - 1] = [];
                    }
                }
            }
        }
    }
}
