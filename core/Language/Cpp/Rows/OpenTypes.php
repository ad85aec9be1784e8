<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * What a function of any type is made for (C++17, 17.8.1), where that decides what it gives: `T grown(T x) { return x * 1.5; }`
 * drops what is behind the point where `T` is whole. All other templates are read once, for whatever they are called with.
 */
final readonly class OpenTypes
{
    private const POINTED = ['double', 'float', 'sqrt', 'pow', 'sin', 'cos', 'tan', 'exp', 'log', 'floor', 'ceil', 'round', 'hypot', 'cbrt'];

    /**
     * @param list<Token>         $tokens
     * @param \Closure(int): ?int $closing the place of the bracket that closes the one at a place
     */
    public function __construct(private array $tokens, private \Closure $closing)
    {
    }

    /**
     * @param int          $at    where the type of the result begins
     * @param list<string> $names of the types that are left open
     *
     * @return array<string, string|null> by the name of each type that decides what is given, what it is in all calls; null
     *                                    where that can't be told
     */
    public function decided(int $at, array $names): array
    {
        for ($open = $at; isset($this->tokens[$open]) && !\in_array($this->text($open), ['(', '{', ';'], true); ++$open) {
        }
        $closed = '(' === $this->text($open) ? ($this->closing)($open) : null;
        $end = null !== $closed && '{' === $this->text($closed + 1) ? ($this->closing)($closed + 1) : null;
        if (null === $closed || null === $end) {
            return [];
        }
        $result = array_values(array_diff($this->texts($at, $open - 1), ['const', '&', 'inline', 'static', 'constexpr']));
        $parameters = array_map($this->plain(...), $this->parted($open, $closed));
        $givenAs = array_intersect($parameters, $names);
        $types = [...$this->declared($closed, $end, [...$names, 'double', 'float']), ...$this->named($open, $parameters)];
        $deciding = [];
        foreach ($this->rows($closed + 1, $end) as $row) {
            $row = array_values(array_diff($row, ['const']));
            $target = match (true) {
                'return' === ($row[0] ?? '') => 1 === \count($result) ? $result[0] : '',
                \in_array($row[0] ?? '', $names, true) => $row[0],
                1 === preg_match('/^[-+*\/]?=$/D', $row[1] ?? '') => $types[$row[0]] ?? '',
                default => '',
            };
            if (\in_array($target, $names, true) && $this->isOther($row, $target, $types)) {
                $deciding[$target] = true;
            }
        }

        return array_map(fn (string $type): ?string => $this->inAllCalls($this->text($open - 1), $open - 1, array_keys($givenAs, $type, true), array_search($type, $names, true) ?: 0), array_combine(array_keys($deciding), array_keys($deciding)));
    }

    /**
     * Whether what a row reckons may be of another type than what it is put into.
     *
     * @param list<string>          $row
     * @param array<string, string> $types
     */
    private function isOther(array $row, string $target, array $types): bool
    {
        $isReckoned = [] !== array_intersect($row, ['+', '-', '*', '/', '+=', '-=', '*=', '/=']);
        foreach (\array_slice($row, 1) as $text) {
            $type = $types[$text] ?? $target;
            if (\in_array($text, self::POINTED, true) || self::isPointed($text) || $type !== $target && ($isReckoned || \in_array($type, ['double', 'float'], true))) {
                return true;
            }
        }

        return false;
    }

    /** @param list<int> $places of the values that are of the type */
    private function inAllCalls(string $function, int $definition, array $places, int $number): ?string
    {
        $found = [];
        foreach ($this->tokens as $at => $token) {
            if ($token->text !== $function || $at === $definition || !\in_array($this->text($at + 1), ['(', '<'], true)) {
                continue;
            }
            if ('<' === $this->text($at + 1)) {
                $found[] = $this->text($at + 2 + 2 * $number);
                continue;
            }
            $closed = ($this->closing)($at + 1);
            $values = null === $closed ? [] : $this->parted($at + 1, $closed);
            foreach ($places as $place) {
                $found[] = $this->typeOf($values[$place] ?? []);
            }
        }
        $found = array_values(array_unique($found));

        return 1 === \count($found) && \in_array($found[0], ['int', 'double'], true) ? $found[0] : null;
    }

    /** @param list<string> $value */
    private function typeOf(array $value): string
    {
        $value = '-' === ($value[0] ?? '') ? \array_slice($value, 1) : $value;
        if (1 !== \count($value)) {
            return '';
        }
        if (1 === preg_match('/^\d++$/D', $value[0])) {
            return 'int';
        }
        if (self::isPointed($value[0])) {
            return 'double';
        }
        $types = $open = [];
        foreach ($this->tokens as $at => $token) {
            if (\in_array($token->text, ['typename', 'class'], true) && \in_array($this->text($at - 1), ['<', ','], true)) {
                $open[$this->text($at + 1)] = true;
            }
            $type = $at - ('&' === $this->text($at - 1) ? 2 : 1);
            if ($token->text === $value[0] && TokenKind::Name === $token->kind && 1 === preg_match('/^(?!return$)\w+$|^>$/D', $this->text($type))) {
                $types[$this->text($type)] = true;
            }
        }
        $types = array_diff_key($types, $open);

        return 1 === \count($types) ? (string) array_key_first($types) : '';
    }

    private static function isPointed(string $text): bool
    {
        return 1 === preg_match('/^(?:\d++\.|\.\d|\d++(?:\.\d*+)?[eE])/', $text);
    }

    private function text(int $at): string
    {
        return $this->tokens[$at]->text ?? '';
    }

    /** @return list<string> */
    private function texts(int $from, int $until): array
    {
        return array_map(static fn (Token $token): string => $token->text, \array_slice($this->tokens, $from, $until - $from));
    }

    /** @return list<list<string>> what stands between commas in a pair of brackets */
    private function parted(int $open, int $closed): array
    {
        $parts = [[]];
        for ($at = $open + 1; $at < $closed; ++$at) {
            $end = \in_array($this->text($at), ['(', '[', '{'], true) ? ($this->closing)($at) ?? $at : $at;
            if (',' === $this->text($at)) {
                $parts[] = [];
                continue;
            }
            array_push($parts[\count($parts) - 1], ...$this->texts($at, $end + 1));
            $at = $end;
        }

        return $parts;
    }

    /** @param list<string> $parameter */
    private function plain(array $parameter): string
    {
        $words = array_values(array_diff($parameter, ['const', '&']));

        return 2 === \count($words) ? $words[0] : '';
    }

    /**
     * @param list<string> $parameters
     *
     * @return array<string, string> the types of parameters by their names
     */
    private function named(int $open, array $parameters): array
    {
        $types = [];
        foreach ($this->parted($open, ($this->closing)($open) ?? $open) as $index => $words) {
            $types[$words[\count($words) - 1] ?? ''] = $parameters[$index] ?? '';
        }

        return array_filter($types);
    }

    /**
     * @param list<string> $names
     *
     * @return array<string, string> the types of what is declared between two places
     */
    private function declared(int $from, int $until, array $names): array
    {
        $types = [];
        for ($at = $from; $at < $until; ++$at) {
            if (\in_array($this->text($at), $names, true) && TokenKind::Name === ($this->tokens[$at + 1]->kind ?? null)) {
                $types[$this->text($at + 1)] = $this->text($at);
            }
        }

        return $types;
    }

    /** @return iterable<list<string>> */
    private function rows(int $from, int $until): iterable
    {
        for ($begin = $at = $from; $at <= $until; ++$at) {
            if (\in_array($this->text($at), [';', '{', '}', ')'], true)) {
                yield $this->texts($begin, $at);
                $begin = ')' === $this->text($at) && !\in_array($this->text($at + 1), ['return', '{'], true) && TokenKind::Name !== ($this->tokens[$at + 1]->kind ?? null) ? $begin : $at + 1;
            }
        }
    }
}
