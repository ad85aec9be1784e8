<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Lexing;

/**
 * Tokens that are read as something else, each where it stands in the text: what says something, by its place among all that
 * does, and what stands for it.
 */
abstract class Rewriting
{
    /** @var list<int> the places of the tokens that say something */
    protected readonly array $code;
    /** @var array<int, int> the places of brackets' partners, among what says something */
    protected readonly array $partners;
    /** @var array<int, list<Token>> what stands for a token, by its place among those that say something */
    protected array $put = [];

    /** @param list<Token> $tokens of the whole text, spaces and remarks too */
    public function __construct(protected readonly array $tokens)
    {
        $this->code = array_keys(array_filter($tokens, static fn (Token $token): bool => $token->isCode()));
        $this->partners = Partners::of(array_map(static fn (int $index): Token => $tokens[$index], $this->code));
    }

    /** @return list<Token> */
    final protected function rewritten(): array
    {
        if ([] === $this->put) {
            return $this->tokens;
        }
        $kept = [];
        $places = array_flip($this->code);
        foreach ($this->tokens as $index => $token) {
            array_push($kept, ...isset($places[$index]) ? $this->put[$places[$index]] ?? [$token] : [$token]);
        }

        return $kept;
    }

    final protected function text(int $at): string
    {
        return isset($this->code[$at]) && TokenKind::Text !== $this->tokens[$this->code[$at]]->kind ? $this->tokens[$this->code[$at]]->text : '';
    }

    /** A token that the text does not have, where another one stands. */
    final protected function made(int $at, TokenKind $kind, string $text): Token
    {
        return new Token($kind, $text, $this->tokens[$this->code[$at]]->offset, 0);
    }

    final protected function isName(int $at): bool
    {
        return isset($this->code[$at]) && TokenKind::Name === $this->tokens[$this->code[$at]]->kind;
    }

    /** @return int|null where the bracket is closed that opens there */
    final protected function closing(int $at): ?int
    {
        return $this->partners[$at] ?? null;
    }

    /** @return list<array{int, int}> where what stands between two brackets begins and ends, each part by itself */
    final protected function parts(int $open, int $close): array
    {
        $parts = [];
        $from = $open + 1;
        for ($at = $from; $at <= $close && $from < $close; ++$at) {
            if ($at === $close || ',' === $this->text($at)) {
                $parts[] = [$from, $at - 1];
                $from = $at + 1;
            } elseif (\in_array($this->text($at), ['(', '[', '{'], true)) {
                $at = $this->closing($at) ?? $at;
            }
        }

        return $parts;
    }
}
