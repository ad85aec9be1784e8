<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * `int* kept = new int(8);`, `unique_ptr<int> kept = make_unique<int>(8);`: one value by itself, which pointers share
 * (C++17, 8.3.4). It is read as an object with one field, `struct IntCell { int value; };`, and `*kept` as
 * `kept->value`. Pointers that what has a name of its own is ever told to, or that are reckoned with, stay as they are.
 */
final class SingleCells extends Rewriting
{
    private const CELLS = ['int' => 'IntCell', 'long' => 'LongCell', 'double' => 'DoubleCell', 'float' => 'FloatCell', 'char' => 'CharCell', 'bool' => 'BoolCell', 'string' => 'StringCell'];
    private const NOWHERE = ['nullptr', 'NULL', '0'];
    private const FIELD = 'value';

    /** @var array<int, int> by place, the brace of the outermost function that it stands in */
    private array $scopes = [];
    /** @var array<int|string, array<string, string>> by scope, the names that are declared in it, with the type of their cells, or none */
    private array $names = [];
    /** @var array<string, string> functions that give such a pointer, with the type of its cell */
    private array $gives = [];
    /** @var array<string, list<string>> functions, with the keys of what they take */
    private array $takes = [];
    /** @var array<string, string> groups of what is given on, by one of them */
    private array $groups = [];
    /** @var array<string, true> groups whose pointers may point elsewhere */
    private array $spoilt = [];
    /** @var array<string, true> groups that have cells of their own */
    private array $made = [];
    /** @var list<array{string, \Closure(): void}> by group, what is to be written otherwise */
    private array $changes = [];
    /** @var array<string, true> the types whose cells are needed */
    private array $needed = [];

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function asObjects(array $tokens): array
    {
        $cells = new self($tokens);
        $cells->findScopes();
        $cells->declare();
        if ([] === $cells->gives && [] === array_filter(array_merge(...array_values($cells->names)))) {
            return $tokens;
        }
        foreach (array_keys($cells->code) as $at) {
            $cells->look($at);
        }

        return $cells->changed();
    }

    /** Braces behind brackets belong to functions, where they stand in none. */
    private function findScopes(): void
    {
        foreach (array_keys($this->code) as $at) {
            if ('{' !== $this->text($at) || isset($this->scopes[$at])) {
                continue;
            }
            $opened = $this->parametersBefore($at);
            foreach (null === $opened ? [] : range($opened, $this->partners[$at] ?? $at) as $inside) {
                $this->scopes[$inside] = $at;
            }
        }
    }

    /** @return int|null where the parameters of the function begin whose brace that is */
    private function parametersBefore(int $brace): ?int
    {
        $at = $brace - 1;
        while (\in_array($this->text($at), ['const', 'override', 'noexcept', 'final'], true)) {
            --$at;
        }
        if (')' !== $this->text($at) && '}' !== $this->text($at)) {
            return null;
        }
        // `Bed(int many) : seeds(new int(many)), name{"kale"} {`
        while (isset($this->partners[$at]) && $this->isName($this->partners[$at] - 1) && \in_array($this->text($this->partners[$at] - 2), [':', ','], true)) {
            $at = $this->partners[$at] - 3;
        }

        return ')' === $this->text($at) && $this->isName(($this->partners[$at] ?? 0) - 1) ? $this->partners[$at] : null;
    }

    private function declare(): void
    {
        $classes = [];
        foreach (array_keys($this->code) as $at) {
            if (\in_array($this->text($at), ['class', 'struct'], true)) {
                $classes[$this->text($at + 1)] = true;
            }
        }
        foreach (array_keys($this->code) as $at) {
            if (!$this->isName($at) || !$this->isDeclared($at)) {
                continue;
            }
            $type = $this->cellBefore($at);
            $name = $this->text($at);
            if (!isset($this->scopes[$at]) && '(' === $this->text($at + 1) && isset($this->partners[$at + 1])) {
                $until = $this->partners[$at + 1];
                if (\in_array($this->text($until + 1), ['{', ';', 'const', 'override', 'noexcept', ':'], true)) {
                    $this->gives += '' === $type ? [] : [$name => $type];
                    $keys = $this->keysOf($at + 1, $until);
                    if (isset($classes[$name]) || isset($this->takes[$name]) && $this->takes[$name] !== $keys && '{' === $this->text($until + 1) && [] !== array_filter($this->takes[$name])) {
                        // Which one is called is not looked for.
                        array_map($this->spoil(...), array_filter([...$keys, ...$this->takes[$name] ?? []]));
                    }
                    $this->takes[$name] = $keys;
                    continue;
                }
            }
            $scope = (string) ($this->scopes[$at] ?? '');
            if (isset($this->names[$scope][$name]) && $this->names[$scope][$name] !== $type) {
                $this->spoil("$scope $name");
            }
            $this->names[$scope][$name] = $type;
            if ('' === $type) {
                continue;
            }
            $this->changes[] = ["$scope $name", fn () => $this->retype($at)];
        }
        foreach ($this->gives as $function => $type) {
            foreach (array_keys($this->code) as $at) {
                if ($function === $this->text($at) && '(' === $this->text($at + 1) && $type === $this->cellBefore($at)) {
                    $this->changes[] = ["$function()", fn () => $this->retype($at)];
                }
            }
        }
    }

    /** @return list<string> for each parameter the key of its pointer; empty for others */
    private function keysOf(int $open, int $close): array
    {
        $keys = [];
        foreach ($this->parts($open, $close) as [$from, $until]) {
            // What is taken where nothing is given stands behind the name.
            for ($name = $until; $name > $from && '=' !== $this->text($name + 1); --$name) {
            }
            $name = $name > $from ? $name : $until;
            $keys[] = $this->isName($name) && '' !== $this->cellBefore($name) && isset($this->scopes[$name]) ? $this->scopes[$name].' '.$this->text($name) : '';
        }

        return $keys;
    }

    private function isDeclared(int $at): bool
    {
        $before = $this->text($at - 1);
        if (\in_array($before, ['*', '&'], true)) {
            return 1 === preg_match('/^\w+$/D', $this->text($at - 2)) && !\in_array($this->text($at - 2), ['return', 'delete', 'else'], true) && TokenKind::Number !== ($this->tokens[$this->code[$at - 2]] ?? null)?->kind
                && \in_array($this->text($at - 3), ['', ';', '{', '}', '(', ',', 'const', 'static', ':', '::', ')'], true) && !$this->isKnown($at - 2) || '>' === $this->text($at - 2);
        }

        return $this->isName($at - 1) || 'void' === $before || isset(self::CELLS[$before]) || '>' === $before && '' !== $this->cellBefore($at) || 'auto' === $before;
    }

    /** Whether a name is that of a value, so that a sign behind it multiplies. */
    private function isKnown(int $at): bool
    {
        return isset($this->names[(string) ($this->scopes[$at] ?? '')][$this->text($at)]);
    }

    /** @return string the type of the cell that the pointer points at which is declared there, or none */
    private function cellBefore(int $at): string
    {
        if ('*' === $this->text($at - 1)) {
            return isset(self::CELLS[$this->text($at - 2)]) && !\in_array($this->text($at - 3), ['long', 'unsigned', 'const', '*', '<'], true) ? $this->text($at - 2) : ('auto' === $this->text($at - 2) ? $this->newBehind($at) : '');
        }
        if ('>' === $this->text($at - 1) && '<' === $this->text($at - 3) && \in_array($this->text($at - 4), ['unique_ptr', 'shared_ptr'], true) && isset(self::CELLS[$this->text($at - 2)])) {
            return $this->text($at - 2);
        }
        if ('>' === $this->text($at - 1) && '::' === $this->text($at - 3) && '<' === $this->text($at - 5) && 'string' === $this->text($at - 2) && \in_array($this->text($at - 6), ['unique_ptr', 'shared_ptr'], true)) {
            return 'string';
        }

        return 'auto' === $this->text($at - 1) ? $this->newBehind($at) : '';
    }

    /** @return string the type of the cell that `auto` stands for */
    private function newBehind(int $at): string
    {
        $made = $at + ('::' === $this->text($at + 3) ? 4 : 2);
        $isMade = '=' === $this->text($at + 1) && \in_array($this->text($made), ['new', 'make_unique', 'make_shared'], true);
        $type = $this->text($made + ('new' === $this->text($made) ? 1 : 2));

        return $isMade && isset(self::CELLS[$type]) && '[' !== $this->text($made + 2) ? $type : '';
    }

    private function look(int $at): void
    {
        if (!$this->isName($at)) {
            return;
        }
        $name = $this->text($at);
        if (isset($this->takes[$name]) && '(' === $this->text($at + 1) && isset($this->scopes[$at], $this->partners[$at + 1])) {
            foreach ($this->parts($at + 1, $this->partners[$at + 1]) as $index => [$from, $until]) {
                if ('' !== ($this->takes[$name][$index] ?? '')) {
                    $this->flow($this->takes[$name][$index], $from, $until);
                }
            }
        }
        $key = $this->keyAt($at);
        if (null === $key) {
            return;
        }
        $begin = $this->chainFrom($at);
        $end = '(' === $this->text($at + 1) && str_ends_with($key, '()') ? $this->partners[$at + 1] ?? $at : $at;
        [$before, $behind] = [$this->text($begin - 1), $this->text($end + 1)];
        if ($begin === $at && $this->isDeclared($at)) {
            if (\in_array($behind, ['(', '{'], true) && isset($this->partners[$end + 1])) {
                $this->flow($key, $end + 2, $this->partners[$end + 1] - 1);
            } elseif ('=' === $behind) {
                $this->flow($key, $end + 2, $this->endOfValue($end + 2));
            } elseif (!\in_array($behind, [';', ',', ')'], true)) {
                $this->spoil($key);
            }

            return;
        }
        if ('*' === $before && $this->isPrefix($begin - 1)) {
            $this->changes[] = [$key, function () use ($begin, $end): void {
                $this->put[$begin - 1] = [];
                $this->putBehind($end, '->', self::FIELD);
            }];

            return;
        }
        $type = $this->typeOf($key);
        if ('->' === $behind && 'string' === $type) {
            $this->changes[] = [$key, fn () => $this->putBehind($end, '->', self::FIELD, '.')];
            $this->changes[] = [$key, function () use ($end): void {
                $this->put[$end + 1] = [];
            }];

            return;
        }
        match (true) {
            '=' === $behind => $this->flow($key, $end + 2, $this->endOfValue($end + 2)),
            \in_array($behind, ['(', '{'], true) && \in_array($before, [':', ','], true) && isset($this->partners[$end + 1]) => $this->flow($key, $end + 2, $this->partners[$end + 1] - 1),
            '.' === $behind && 'reset' === $this->text($end + 2) => $this->flow($key, $end + 4, ($this->partners[$end + 3] ?? $end + 4) - 1),
            '.' === $behind && 'use_count' === $this->text($end + 2),
            'delete' === $before, '!' === $before => null,
            \in_array($behind, ['==', '!='], true) && '&' !== $this->text($end + 2), \in_array($before, ['==', '!='], true) => null,
            'return' === $before && ';' === $behind => $this->givenBack($key, $at),
            $this->isTested($before, $behind, $begin), $this->isGivenOn($begin, $end) => null,
            default => $this->spoil($key),
        };
    }

    private function typeOf(string $key): string
    {
        if (str_ends_with($key, '()')) {
            return $this->gives[substr($key, 0, -2)] ?? '';
        }
        [$scope, $name] = explode(' ', $key);

        return $this->names[$scope][$name] ?? '';
    }

    /** What a name stands for there, if it is such a pointer or a function that gives one. */
    private function keyAt(int $at): ?string
    {
        $name = $this->text($at);
        if ('(' === $this->text($at + 1) && isset($this->gives[$name])) {
            return isset($this->scopes[$at]) ? "$name()" : null;
        }
        $scope = (string) ($this->scopes[$at] ?? '');
        $isField = \in_array($this->text($at - 1), ['.', '->'], true);
        if (!$isField && '' !== $scope && isset($this->names[$scope][$name])) {
            return '' === $this->names[$scope][$name] ? null : "$scope $name";
        }

        return '' === ($this->names[''][$name] ?? '') ? null : " $name";
    }

    /** Where `other.kept` or `this->kept` begins. */
    private function chainFrom(int $at): int
    {
        while (\in_array($this->text($at - 1), ['.', '->'], true) && ($this->isName($at - 2) || 'this' === $this->text($at - 2))) {
            $at -= 2;
        }

        return $at;
    }

    /** Whether a star points, and does not multiply. */
    private function isPrefix(int $at): bool
    {
        $before = $this->text($at - 1);
        if (')' === $before) {
            return \in_array($this->text(($this->partners[$at - 1] ?? 0) - 1), ['if', 'while', 'for'], true);
        }

        return !$this->isName($at - 1) && ']' !== $before && !\in_array(($this->tokens[$this->code[$at - 1] ?? -1] ?? null)?->kind, [TokenKind::Number, TokenKind::Text], true) && !isset(self::CELLS[$before]);
    }

    private function isTested(string $before, string $behind, int $begin): bool
    {
        return \in_array($behind, ['&&', '||', ')', '?'], true) && (\in_array($before, ['&&', '||'], true) || '(' === $before && \in_array($this->text($begin - 2), ['if', 'while'], true));
    }

    /** Whether it is told to another such pointer, which is looked at there. */
    private function isGivenOn(int $begin, int $end): bool
    {
        if (!\in_array($this->text($begin - 1), ['=', '(', ',', '{'], true) || !\in_array($this->text($end + 1), [';', ',', ')', '}'], true)) {
            return false;
        }
        if ('=' === $this->text($begin - 1)) {
            return null !== $this->keyAt($begin - 2);
        }
        for ($open = $begin - 1, $index = 0; $open > 0 && !\in_array($this->text($open), ['(', '{'], true); --$open) {
            if (\in_array($this->text($open), [')', ']', '}', ';'], true)) {
                return false;
            }
            $index += ',' === $this->text($open) ? 1 : 0;
        }
        $name = $this->text($open - 1);
        if ('move' === $name) {
            $name = $open - ('::' === $this->text($open - 2) ? 3 : 1);

            return 'return' !== $this->text($name - 1) && $this->isGivenOn($name, $this->partners[$open] ?? $open);
        }

        return null !== $this->keyAt($open - 1) && !str_ends_with((string) $this->keyAt($open - 1), '()') || '' !== ($this->takes[$name][$index] ?? '');
    }

    private function givenBack(string $key, int $at): void
    {
        $function = ($this->parametersBefore($this->scopes[$at] ?? 0) ?? 0) - 1;
        isset($this->gives[$this->text($function)]) ? $this->join($key, $this->text($function).'()') : $this->spoil($key);
    }

    /** What a pointer is told to point at. */
    private function flow(string $key, int $from, int $until): void
    {
        $from += 'std' === $this->text($from) && '::' === $this->text($from + 1) ? 2 : 0;
        $word = $this->text($from);
        $type = $this->typeOf($key);
        if ($from > $until || $from === $until && \in_array($word, self::NOWHERE, true)) {
            return;
        }
        if ('move' === $word && '(' === $this->text($from + 1)) {
            $this->flow($key, $from + 2, $until - 1);

            return;
        }
        if ('new' === $word && '[' !== $this->text($from + ('::' === $this->text($from + 2) ? 4 : 2))) {
            $typed = $from + ('::' === $this->text($from + 2) ? 3 : 1);
            $type === $this->text($typed) ? $this->make($key, $from, $typed, $typed + 1, $until) : $this->spoil($key);

            return;
        }
        if (\in_array($word, ['make_unique', 'make_shared'], true)) {
            $close = $from + ('::' === $this->text($from + 3) ? 5 : 3);
            $type === $this->text($close - 1) && '>' === $this->text($close) ? $this->make($key, $from, $close - 1, $close + 1, $until) : $this->spoil($key);

            return;
        }
        $last = ')' === $this->text($until) && isset($this->partners[$until]) ? $this->partners[$until] - 1 : $until;
        $given = $this->isName($last) && $this->chainFrom($last) === $from ? $this->keyAt($last) : null;
        null === $given || ($last !== $until) !== str_ends_with($given, '()') ? $this->spoil($key) : $this->join($key, $given);
    }

    /** A cell with what it holds at first, or with what its type has for nothing. */
    private function make(string $key, int $from, int $type, int $open, int $until): void
    {
        $word = $this->text($type);
        if ($open < $until && ($this->partners[$open] ?? null) !== $until) {
            $this->spoil($key);

            return;
        }
        $this->made[$this->group($key)] = true;
        $this->changes[] = [$key, function () use ($from, $type, $open, $until, $word): void {
            $this->needed[$word] = true;
            if ('::' === $this->text($type - 1)) {
                $this->put[$type - 1] = $this->put[$type - 2] = [];
            }
            $this->put[$type] = [$this->at($type)->readAs(self::CELLS[$word], TokenKind::Name)];
            $isNew = 'new' === $this->text($from);
            $nothing = match ($word) {
                'string' => $this->put($until, '""', TokenKind::Text),
                'bool' => $this->put($until, 'false', TokenKind::Keyword),
                'char' => $this->put($until, "'\\0'", TokenKind::Text),
                default => $this->put($until, 'double' === $word || 'float' === $word ? '0.0' : '0', TokenKind::Number),
            };
            if ($open > $until) {
                $this->put[$type] = [...$this->put[$type], $this->put($type, '{', TokenKind::Sign), $nothing, $this->put($type, '}', TokenKind::Sign)];

                return;
            }
            $this->put[$open] = [$isNew ? $this->at($open)->readAs('{') : $this->at($open), ...$open + 1 === $until ? [$nothing] : []];
            $this->put[$until] = [$isNew ? $this->at($until)->readAs('}') : $this->at($until)];
        }];
    }

    private function at(int $at): Token
    {
        return $this->tokens[$this->code[$at]];
    }

    /** What is read behind a token without standing there. */
    private function put(int $at, string $text, TokenKind $kind): Token
    {
        return new Token($kind, $text, $this->at($at)->end(), 0);
    }

    private function putBehind(int $at, string ...$words): void
    {
        $this->put[$at] = [...$this->put[$at] ?? [$this->at($at)], ...array_map(fn (string $word): Token => $this->put($at, $word, self::FIELD === $word ? TokenKind::Name : TokenKind::Sign), array_values($words))];
    }

    private function retype(int $at): void
    {
        $type = $at - 2;
        if (isset(self::CELLS[$this->text($type)])) {
            $this->needed[$this->text($type)] = true;
            $this->put[$type] = [$this->at($type)->readAs(self::CELLS[$this->text($type)], TokenKind::Name)];
            if ('::' === $this->text($type - 1)) {
                $this->put[$type - 1] = $this->put[$type - 2] = [];
            }
        }
    }

    private function endOfValue(int $at): int
    {
        while ('' !== $this->text($at) && !\in_array($this->text($at), [';', ',', ')', '}'], true) || TokenKind::Text === ($this->tokens[$this->code[$at] ?? -1] ?? null)?->kind) {
            $at = \in_array($this->text($at), ['(', '[', '{'], true) ? $this->partners[$at] ?? $at : $at;
            ++$at;
        }

        return $at - 1;
    }

    private function group(string $key): string
    {
        while (isset($this->groups[$key])) {
            $key = $this->groups[$key];
        }

        return $key;
    }

    private function spoil(string $key): void
    {
        $this->spoilt[$this->group($key)] = true;
    }

    private function join(string $key, string $other): void
    {
        [$first, $second] = [$this->group($key), $this->group($other)];
        if ($this->typeOf($key) !== $this->typeOf($other)) {
            $this->spoil($key);
            $this->spoil($other);
        } elseif ($first !== $second) {
            $this->groups[$second] = $first;
            $this->spoilt += isset($this->spoilt[$second]) ? [$first => true] : [];
            $this->made += isset($this->made[$second]) ? [$first => true] : [];
        }
    }

    /** @return list<Token> */
    private function changed(): array
    {
        $taken = array_intersect(self::CELLS, array_map(static fn (Token $token): string => $token->text, $this->tokens));
        foreach ($this->changes as [$key, $change]) {
            $group = $this->group($key);
            if (isset($this->made[$group]) && !isset($this->spoilt[$group]) && !isset($taken[$this->typeOf($key)])) {
                $change();
            }
        }
        if ([] === $this->needed) {
            return $this->tokens;
        }
        $first = 0;
        while (null !== ($token = $this->tokens[$this->code[$first] ?? -1] ?? null) && (TokenKind::Directive === $token->kind || 'using' === $token->text)) {
            while ('using' === $token->text && !\in_array($this->text($first), ['', ';'], true)) {
                ++$first;
            }
            ++$first;
        }
        $this->put[$first] = [...$this->classes($this->at($first)->offset), ...$this->put[$first] ?? [$this->at($first)]];

        return $this->rewritten();
    }

    /** @return list<Token> */
    private function classes(int $offset): array
    {
        $rows = [];
        foreach (array_keys($this->needed) as $type) {
            foreach ([['struct', TokenKind::Keyword], [self::CELLS[$type], TokenKind::Name], ['{', TokenKind::Sign], [$type, TokenKind::Keyword], [self::FIELD, TokenKind::Name], [';', TokenKind::Sign], ['}', TokenKind::Sign], [';', TokenKind::Sign]] as [$word, $kind]) {
                $rows[] = new Token($kind, $word, $offset, 0);
            }
        }

        return $rows;
    }
}
