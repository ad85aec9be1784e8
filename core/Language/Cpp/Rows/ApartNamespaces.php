<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;

/**
 * What a namespace calls like something outside of it, or in another one, is another thing (C++17, 10.3): it gets a name of its own,
 * as all else is known here by its name alone.
 */
final class ApartNamespaces extends Rewriting
{
    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function named(array $tokens): array
    {
        $spaces = new self($tokens);
        $ranges = $declared = [];
        foreach (array_keys($spaces->code) as $at) {
            $end = 'namespace' === $spaces->text($at) && $spaces->isName($at + 1) && '{' === $spaces->text($at + 2) ? $spaces->closing($at + 2) : null;
            if (null !== $end) {
                $ranges[$spaces->text($at + 1)][] = [$at + 2, $end];
            }
        }
        foreach ($ranges as $name => $places) {
            foreach ($places as [$open, $end]) {
                $declared[$name] = ($declared[$name] ?? []) + $spaces->declaredBetween($open + 1, $end);
            }
        }
        foreach ($declared as $name => $names) {
            $others = array_merge($spaces->namedOutside($ranges[$name]), ...array_values(array_diff_key($declared, [$name => 1])));
            $both = array_intersect_key($names, $others);
            if ([] !== $both && !$spaces->isOpened((string) $name)) {
                $spaces->rename((string) $name, $both, $ranges[$name]);
            }
        }

        return $spaces->rewritten();
    }

    /** @return array<string, true> functions, variables and classes that stand directly between two places */
    private function declaredBetween(int $from, int $until): array
    {
        $names = [];
        for ($at = $from; $at < $until; ++$at) {
            $sign = $this->text($at);
            if ('{' === $sign || '(' === $sign) {
                // What stands inside of braces is known there alone.
                $at = $this->closing($at) ?? $at;
                continue;
            }
            $before = $this->text($at - 1);
            $isType = $at > $from && ($this->isName($at - 1) || \in_array($before, ['int', 'double', 'float', 'bool', 'char', 'long', 'short', 'unsigned', 'void', 'auto', 'string', '>', '*', '&', 'class', 'struct', 'enum'], true));
            if ($this->isName($at) && $isType && \in_array($this->text($at + 1), ['(', '=', ';', '{', '[', ':', ','], true) && 'namespace' !== $before) {
                $names[$sign] = true;
            }
        }

        return $names;
    }

    /**
     * @param list<array{int, int}> $ranges
     *
     * @return array<string, true> all names that stand alone outside of some places
     */
    private function namedOutside(array $ranges): array
    {
        $names = [];
        foreach (array_keys($this->code) as $at) {
            $isInside = [] !== array_filter($ranges, static fn (array $range): bool => $range[0] < $at && $at < $range[1]);
            if (!$isInside && $this->isName($at) && !\in_array($this->text($at - 1), ['.', '->', '::'], true)) {
                $names[$this->text($at)] = true;
            }
        }

        return $names;
    }

    private function isOpened(string $space): bool
    {
        foreach (array_keys($this->code) as $at) {
            if ('using' === $this->text($at) && ($space === $this->text($at + 1) || 'namespace' === $this->text($at + 1) && $space === $this->text($at + 2))) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<string, true>   $names
     * @param list<array{int, int}> $ranges of the namespace
     */
    private function rename(string $space, array $names, array $ranges): void
    {
        foreach (array_keys($this->code) as $at) {
            if (!isset($names[$this->text($at)]) || !$this->isName($at)) {
                continue;
            }
            $isNamed = '::' === $this->text($at - 1) && $space === $this->text($at - 2);
            $isInside = [] !== array_filter($ranges, static fn (array $range): bool => $range[0] < $at && $at < $range[1]) && !\in_array($this->text($at - 1), ['.', '->', '::'], true);
            if ($isNamed || $isInside) {
                $this->put[$at] = [$this->tokens[$this->code[$at]]->readAs($space.'_'.$this->text($at))];
            }
        }
    }
}
