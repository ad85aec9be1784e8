<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Typing\TypeNames;

/**
 * What a container is of, found by what it begins with: `vector v{1, 2}` is a `vector<int>`, `pair{1, 2}` is
 * `make_pair(1, 2)` (C++17, 16.3.1.8); and texts that say themselves that they are `string`s: `"bean"s` (24.3.5).
 */
final class DeducedTypes extends Rewriting
{
    public const SEEN = '/\b(?:vector|array|pair|tuple|set|multiset|unordered_set|deque|list)\s*(?:[({]|\s\w+\s*[={(])|"sv?\b|\barray\s*<[^;]*\{\s*\{/';
    private const OF_ONE = ['vector' => true, 'array' => true, 'set' => true, 'multiset' => true, 'unordered_set' => true, 'deque' => true, 'list' => true];
    private const OF_SEVERAL = ['pair' => 'make_pair', 'tuple' => 'make_tuple'];
    /** @var array<string, true> classes of the program's own, and its functions */
    private array $classes = [];

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function told(array $tokens): array
    {
        $types = new self($tokens);
        foreach (array_keys($types->code) as $at) {
            $isFunction = '(' === $types->text($at + 1) && (isset(TypeNames::PLAIN[$types->text($at - 1)]) || \in_array($types->text($at - 1), ['void', 'string', 'auto'], true));
            if ($isFunction || \in_array($types->text($at - 1), ['class', 'struct'], true)) {
                $types->classes[$types->text($at)] = true;
            }
        }
        foreach (array_keys($types->code) as $at) {
            $name = $types->text($at);
            if (isset(self::OF_ONE[$name]) && !isset($types->classes[$name]) && $types->isName($at + 1)) {
                $types->container($at);
            } elseif ('array' === $name && '<' === $types->text($at + 1)) {
                $types->elided($at);
            } elseif (isset(self::OF_SEVERAL[$name]) && !isset($types->classes[$name])) {
                $types->several($at, self::OF_SEVERAL[$name]);
            } elseif ('' === $name && $types->isMarked($at)) {
                $text = $types->tokens[$types->code[$at]];
                $types->put[$at] = [$types->made($at, TokenKind::Keyword, 'string'), $types->made($at, TokenKind::Sign, '('), $text];
                $types->put[$at + 1] = [$types->tokens[$types->code[$at + 1]]->readAs(')', TokenKind::Sign)];
            }
        }

        return $types->rewritten();
    }

    /** Whether `s` stands behind a text, with nothing between them. */
    private function isMarked(int $at): bool
    {
        $text = $this->tokens[$this->code[$at]];

        return TokenKind::Text === $text->kind && str_starts_with($text->text, '"') && \in_array($this->text($at + 1), ['s', 'sv'], true) && $this->tokens[$this->code[$at + 1]]->offset === $text->end();
    }

    /** `vector v{1, 2}`, `array a = {1, 2}`, `set s = others`. */
    private function container(int $at): void
    {
        $open = $at + ('=' === $this->text($at + 2) ? 3 : 2);
        $isBrace = '{' === $this->text($open);
        if (!$isBrace) {
            // Another one of its kind is taken.
            3 === $open - $at && $this->sayAuto($at, $at);

            return;
        }
        $parts = $this->parts($open, $this->closing($open) ?? $open);
        $type = [] === $parts ? null : $this->typeBetween(...$parts[0]);
        if (null !== $type) {
            $signs = ['<', ...$type, ...'array' === $this->text($at) ? [',', (string) \count($parts)] : [], '>'];
            $this->put[$at] = [$this->tokens[$this->code[$at]], ...array_map(fn (string $sign): Token => $this->made($at + 1, 1 === preg_match('/^\w/', $sign) ? (ctype_digit($sign) ? TokenKind::Number : (isset($this->classes[$sign]) ? TokenKind::Name : TokenKind::Keyword)) : TokenKind::Sign, $sign), $signs)];
        }
    }

    /** `array<int, 3> a{{1, 2, 3}}`: the array within has braces of its own, which may be left out (C++17, 11.6.1). */
    private function elided(int $at): void
    {
        $arrays = 0;
        for ($end = $at + 1, $depth = 0; isset($this->code[$end]); ++$end) {
            $depth += ['<' => 1, '>' => -1, '>>' => -2][$this->text($end)] ?? 0;
            // How deep arrays are nested: `array<array<int, 2>, 2>`.
            $arrays += 'array' === $this->text($end - 1) && '<' === $this->text($end) && $depth === $arrays + 1 ? 1 : 0;
            if (0 >= $depth) {
                break;
            }
        }
        $open = $end + ($this->isName($end + 1) ? 2 : 1);
        $open += '=' === $this->text($open) ? 1 : 0;
        if ('{' === $this->text($open) && '1' !== $this->text($end - 1)) {
            $this->withoutInner($open, $arrays);
        }
    }

    private function withoutInner(int $open, int $arrays): void
    {
        $close = $this->closing($open) ?? $open;
        if ('{' === $this->text($open + 1) && $close - 1 === $this->closing($open + 1)) {
            $this->put[$open] = $this->put[$close] = [];
            [$open, $close] = [$open + 1, $close - 1];
        }
        foreach (1 < $arrays ? $this->parts($open, $close) : [] as [$from]) {
            '{' === $this->text($from) && $this->withoutInner($from, $arrays - 1);
        }
    }

    /** `pair p{1, 2}`, `pair{1, 2}`, `tuple(1, 2)`. */
    private function several(int $at, string $maker): void
    {
        $isDeclared = $this->isName($at + 1);
        $open = $at + ($isDeclared ? ('=' === $this->text($at + 2) ? 3 : 2) : 1);
        $close = \in_array($this->text($open), ['{', '('], true) ? $this->closing($open) : null;
        if (null === $close || $close === $open + 1 || \in_array($this->text($at - 1), ['.', '->'], true)) {
            return;
        }
        $name = $this->tokens[$this->code[$at]];
        if ($isDeclared) {
            $this->sayAuto($at, $at);
            $this->put[$open] = [...$open === $at + 2 ? [$this->made($open, TokenKind::Sign, '=')] : [], $this->made($open, TokenKind::Name, $maker), $this->tokens[$this->code[$open]]->readAs('(')];
        } else {
            $this->put[$at] = [$name->readAs($maker)];
            $this->put[$open] = [$this->tokens[$this->code[$open]]->readAs('(')];
        }
        $this->put[$close] = [$this->tokens[$this->code[$close]]->readAs(')')];
    }

    private function sayAuto(int $at, int $type): void
    {
        if ('::' === $this->text($at - 1) && 'std' === $this->text($at - 2)) {
            $this->put[$at - 2] = $this->put[$at - 1] = [];
        }
        $this->put[$type] = [$this->tokens[$this->code[$type]]->readAs('auto', TokenKind::Keyword)];
    }

    /** @return list<string>|null the signs of the type of a value that says it itself */
    private function typeBetween(int $from, int $until): ?array
    {
        $from += '-' === $this->text($from) ? 1 : 0;
        $from += 'std' === $this->text($from) && '::' === $this->text($from + 1) ? 2 : 0;
        $first = $this->tokens[$this->code[$from]];
        $isMade = \in_array($this->text($from + 1), ['{', '('], true) && $until === $this->closing($from + 1);

        return match (true) {
            TokenKind::Text === $first->kind && str_starts_with($first->text, "'") => $from === $until ? ['char'] : null,
            TokenKind::Text === $first->kind => $from === $until || $this->isMarked($from) ? ['string'] : null,
            TokenKind::Number === $first->kind => $from !== $until ? null : match (1) {
                preg_match('/^\d+$/D', $first->text) => ['int'],
                preg_match('/^\d*\.?\d*(?:e[+-]?\d+)?$/iD', $first->text) => ['double'],
                default => null,
            },
            \in_array($first->text, ['true', 'false'], true) => $from === $until ? ['bool'] : null,
            $isMade && ('string' === $first->text || isset($this->classes[$first->text])) => [$first->text],
            default => null,
        };
    }
}
