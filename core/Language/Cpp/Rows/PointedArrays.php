<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Typing\TypeNames;

/**
 * What a function is handed that points at the first of several values.
 *
 * `double total(const Bed* beds, int count)`, in which `beds[2]` stands or a pointer goes through them: a parameter that
 * points at the first of several objects is read as the array that it is the same as (C++17, 11.3.5, 5), `const Bed beds[]`. One that moves on itself
 * (`while (n--) sum += *beds++;`) is read as a pointer of the function's own, which begins where the array does.
 */
final class PointedArrays extends Rewriting
{
    /** @var array<string, true>|null all words of the text */
    private ?array $words = null;

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function asArrays(array $tokens): array
    {
        $arrays = new self($tokens);
        $heads = $arrays->heads();
        $found = [];
        foreach ($heads as [$name, $parameters, $begin, $end]) {
            foreach ($parameters as $place => $at) {
                if ($begin < $end && $arrays->isArrayIn($arrays->text($at), $begin, $end)) {
                    $found[$name][$place] = true;
                }
            }
        }
        foreach ($heads as [$name, $parameters]) {
            foreach (array_intersect_key($parameters, $found[$name] ?? []) as $at) {
                $arrays->asArray($at, $arrays->text($at));
            }
        }
        $arrays->movingOn();

        return $arrays->rewritten();
    }

    private function asArray(int $at, string $name): void
    {
        $token = $this->tokens[$this->code[$at]];
        $this->put[$at - 1] = [];
        $this->put[$at] = [$token->readAs($name), new Token(TokenKind::Sign, '[', $token->end(), 0), new Token(TokenKind::Sign, ']', $token->end(), 0)];
    }

    private function movingOn(): void
    {
        foreach (array_keys($this->code) as $at) {
            if (!$this->isName($at) || '(' !== $this->text($at + 1) || 'main' === $this->text($at) || null === $closing = $this->closing($at + 1)) {
                continue;
            }
            $end = '{' === $this->text($closing + 1) ? $this->closing($closing + 1) : null;
            if (null === $end) {
                continue;
            }
            foreach ($this->parts($at + 1, $closing) as [$from, $until]) {
                $isArray = ']' === $this->text($until) && '[' === $this->text($until - 1);
                $named = $isArray ? $until - 2 : $until;
                $name = $this->text($named);
                if (!$this->isName($named) || !$isArray && '*' !== $this->text($named - 1) || !$this->isMovedOn($name, $closing + 1, $end)) {
                    continue;
                }
                $type = $named - ($isArray ? 1 : 2);
                if ('char' === $this->text($type) || $type - $from > 1 || $type > $from && 'const' !== $this->text($from)) {
                    continue;
                }
                $brace = $this->tokens[$this->code[$closing + 1]];
                $first = $this->nameFor($name.'_first');
                $row = [...array_map(fn (int $one): Token => $this->tokens[$this->code[$one]], range($from, $type)), new Token(TokenKind::Sign, '*', 0), $this->tokens[$this->code[$named]], new Token(TokenKind::Sign, '=', 0), new Token(TokenKind::Name, $first, 0), new Token(TokenKind::Sign, ';', 0)];
                $this->put[$closing + 1] = [...$this->put[$closing + 1] ?? [$brace], ...array_map(static fn (Token $token): Token => new Token($token->kind, $token->text, $brace->end(), 0), $row)];
                if ($isArray) {
                    $this->put[$named] = [$this->tokens[$this->code[$named]]->readAs($first)];
                } else {
                    $this->asArray($named, $first);
                }
            }
        }
    }

    /** A name that the text does not have. */
    private function nameFor(string $wish): string
    {
        $this->words ??= array_fill_keys(array_map(static fn (Token $token): string => $token->text, $this->tokens), true);
        for ($name = $wish, $number = 1; isset($this->words[$name]); $name = $wish.++$number) {
        }

        return $name;
    }

    /** Whether a name moves on to what stands behind, and what it was before is not asked for as an array. */
    private function isMovedOn(string $name, int $begin, int $end): bool
    {
        $moves = false;
        for ($at = $begin; $at < $end; ++$at) {
            if ($name === $this->text($at) && !\in_array($this->text($at - 1), ['.', '->'], true)) {
                if ('[' === $this->text($at + 1) || '=' === $this->text($at + 1) && '*' !== $this->text($at - 1) || 'delete' === $this->text($at - 1)) {
                    return false;
                }
                $moves = $moves || \in_array($this->text($at + 1), ['++', '--'], true) || \in_array($this->text($at - 1), ['++', '--'], true) && !$this->isName($at - 2);
            }
        }

        return $moves;
    }

    /** @return list<array{string, array<int, int>, int, int}> functions, with the names of the parameters that point at objects, by their places, and the braces of their rows */
    private function heads(): array
    {
        $heads = [];
        foreach (array_keys($this->code) as $at) {
            // A head has a type before its name; a row that calls the function has none.
            if (!$this->isName($at) || '(' !== $this->text($at + 1) || !$this->isName($at - 1) && !isset(TypeNames::PLAIN[$this->text($at - 1)]) && !\in_array($this->text($at - 1), ['void', 'string', '*', '&', '>', '>>', '::'], true)) {
                continue;
            }
            $closing = $this->closing($at + 1);
            $brace = null === $closing ? null : $closing + (int) ('const' === $this->text($closing + 1)) + 1;
            if (null === $closing || null === $brace || !\in_array($this->text($brace), ['{', ';'], true)) {
                continue;
            }
            $parameters = [];
            foreach ($this->parts($at + 1, $closing) as $place => [$from, $until]) {
                $type = $until - 2;
                if ($this->isName($until) && '*' === $this->text($until - 1) && $this->isName($type) && ($type === $from || $type === $from + 1 && 'const' === $this->text($from))) {
                    $parameters[$place] = $until;
                }
            }
            if ([] !== $parameters) {
                $heads[] = [$this->text($at), $parameters, $brace, '{' === $this->text($brace) ? $this->closing($brace) ?? $brace : $brace];
            }
        }

        return $heads;
    }

    private function isArrayIn(string $name, int $begin, int $end): bool
    {
        $isArray = false;
        for ($at = $begin; $at < $end; ++$at) {
            if ($name !== $this->text($at) || \in_array($this->text($at - 1), ['.', '->'], true)) {
                continue;
            }
            $isOne = \in_array($this->text($at + 1), ['->', '=', '==', '!=', '++', '--', '+=', '&&', '||'], true) || \in_array($this->text($at - 1), ['!', '++', '--', 'delete'], true);
            if ($isOne || \in_array($this->text($at - 1), ['==', '!='], true) && '+' !== $this->text($at + 1)) {
                // One object, or a pointer that itself moves on.
                return false;
            }
            $isArray = $isArray || '[' === $this->text($at + 1) || '+' === $this->text($at + 1);
        }

        return $isArray;
    }
}
