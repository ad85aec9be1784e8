<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * Methods of one name in a class that differ by how many values they take (C++17, 16): all but one get a name of their
 * own here, where they are written and where they are called. The text stays as it is.
 */
final class OverloadedMethods
{
    /** Methods of the standard library's values: behind a point their names may mean those. */
    private const OF_LIBRARY = ['insert', 'find', 'erase', 'count', 'size', 'clear', 'empty', 'push', 'pop', 'at', 'begin', 'end', 'top', 'front', 'back', 'append', 'substr', 'length', 'str', 'get', 'reset', 'swap', 'assign', 'resize', 'replace'];

    /** @var array<string, array<int, array{int, int}>> by name, the place of each first way it is written, with the fewest and most values it takes */
    private array $ways = [];
    /** @var array<int, int> where bodies of classes and of their methods end, by where they begin */
    private array $inside = [];

    /**
     * @param list<Token>     $tokens   without spaces and remarks
     * @param array<int, int> $partners brackets by each other
     */
    private function __construct(private readonly array $tokens, private readonly array $partners)
    {
    }

    /**
     * @param list<Token>              $tokens   without spaces and remarks
     * @param array<int, int>          $partners brackets by each other
     * @param \Closure(string): string $nameFor  gives a name that the text does not have
     *
     * @return list<Token>
     */
    public static function renamed(array $tokens, array $partners, \Closure $nameFor): array
    {
        $methods = new self($tokens, $partners);
        $methods->find();

        return $methods->apart($nameFor);
    }

    private function text(int $at): string
    {
        return ($this->tokens[$at] ?? null)->text ?? '';
    }

    /** Where the methods of classes are written, and how many values each takes. */
    private function find(): void
    {
        foreach ($this->tokens as $at => $token) {
            if (TokenKind::Keyword === $token->kind && ('class' === $token->text || 'struct' === $token->text) && 'enum' !== $this->text($at - 1) && null !== $brace = $this->braceBehind($at + 2)) {
                $this->inside[$brace] = $this->partners[$brace] ?? $brace;
                $this->ofClass($this->text($at + 1), $brace);
            } elseif ('::' === $token->text && '(' === $this->text($at + 2) && null !== $brace = $this->braceBehind(($this->partners[$at + 2] ?? $at) + 1)) {
                $this->inside[$brace] = $this->partners[$brace] ?? $brace;
            }
        }
    }

    private function braceBehind(int $at): ?int
    {
        for ($last = $at + 200; $at < $last && !\in_array($this->text($at), ['{', ';', ')', ''], true); ++$at) {
        }

        return '{' === $this->text($at) ? $at : null;
    }

    private function ofClass(string $class, int $brace): void
    {
        $ways = [];
        for ($at = $brace + 1, $end = $this->inside[$brace]; $at < $end; ++$at) {
            $closing = '(' === $this->text($at + 1) ? $this->partners[$at + 1] ?? null : null;
            $name = $this->text($at);
            if (null !== $closing && TokenKind::Name === ($this->tokens[$at] ?? null)?->kind && $name !== $class && !\in_array($this->text($at - 1), ['operator', ':', ',', '=', 'new'], true)) {
                // Behind a colon, a comma or an equals sign stands what a field is made with.
                $ways[$name][$at] = $this->takes($at + 1);
                $at = $closing;
            } elseif ('{' === $name || '(' === $name) {
                $at = $this->partners[$at] ?? $at;
            }
        }
        foreach ($ways as $name => $of) {
            // Where two could be meant by as many values, their types would have to tell them apart.
            $taken = [];
            foreach ($of as [$least, $most]) {
                foreach (range($least, $most) as $many) {
                    $taken[$many] = ($taken[$many] ?? 0) + 1;
                }
            }
            if (1 < \count($of) && 1 === max($taken) && !isset($this->ways[$name])) {
                $this->ways[$name] = $of;
            }
        }
    }

    /** @return array{int, int} the fewest and most values between brackets that hold parameters */
    private function takes(int $opening): array
    {
        $most = $this->between($opening);
        $defaults = 0;
        for ($at = $opening + 1, $end = $this->partners[$opening] ?? $opening; $at < $end; ++$at) {
            $defaults += '=' === $this->text($at) ? 1 : 0;
            $at = \in_array($this->text($at), ['(', '{', '['], true) ? $this->partners[$at] ?? $at : $at;
        }

        return [$most - $defaults, $most];
    }

    /** How many values stand between brackets. */
    private function between(int $opening): int
    {
        $end = $this->partners[$opening] ?? $opening + 1;
        if ($end <= $opening + 1 || 'void' === $this->text($opening + 1) && $end === $opening + 2) {
            return 0;
        }
        $many = 1;
        for ($at = $opening + 1, $angles = 0; $at < $end; ++$at) {
            $text = $this->text($at);
            if (\in_array($text, ['(', '{', '['], true)) {
                $at = $this->partners[$at] ?? $at;
                continue;
            }
            // `map<string, int> m` has one name.
            $angles += '<' === $text && \in_array($this->text($at - 1), ['map', 'pair', 'unordered_map', 'vector', 'set', 'tuple', 'function', 'array'], true) ? 1 : ($angles > 0 && '>' === $text ? -1 : ($angles > 0 && '>>' === $text ? -2 : 0));
            $many += ',' === $text && $angles <= 0 ? 1 : 0;
        }

        return $many;
    }

    /**
     * @param \Closure(string): string $nameFor
     *
     * @return list<Token>
     */
    private function apart(\Closure $nameFor): array
    {
        if ([] === $this->ways) {
            return $this->tokens;
        }
        /** @var array<string, array<int, string>> $names by name and number of values, how each is known here */
        $names = [];
        foreach ($this->ways as $name => $of) {
            usort($of, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
            foreach ($of as $index => [$least, $most]) {
                $other = 0 === $index ? $name : $nameFor($name);
                foreach (range($least, $most) as $many) {
                    $names[$name][$many] = $other;
                }
            }
        }
        $tokens = $this->tokens;
        foreach ($this->tokens as $at => $token) {
            if (!isset($names[$token->text]) || TokenKind::Name !== $token->kind || '(' !== $this->text($at + 1)) {
                continue;
            }
            $before = $this->text($at - 1);
            $isAsked = '.' === $before || '->' === $before;
            if ($isAsked ? 'this' !== $this->text($at - 2) && \in_array($token->text, self::OF_LIBRARY, true) : '::' !== $before && !$this->isInside($at)) {
                continue;
            }
            $isWritten = !$isAsked && null !== ($closing = $this->partners[$at + 1] ?? null) && \in_array($this->text($closing + 1), ['{', 'const', 'override', 'noexcept'], true);
            $other = $names[$token->text][$isWritten ? $this->takes($at + 1)[1] : $this->between($at + 1)] ?? $token->text;
            $tokens[$at] = $token->readAs($other);
        }

        return array_values($tokens);
    }

    /** Whether a place is in the body of a class or of one of its methods. */
    private function isInside(int $at): bool
    {
        foreach ($this->inside as $from => $until) {
            if ($at > $from && $at < $until) {
                return true;
            }
        }

        return false;
    }
}
