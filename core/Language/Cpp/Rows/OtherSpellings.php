<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * Other spellings of the same: `string const&` (C++17, 10.1.7), `cout.width(2);` beside `cout << setw(2)` (30.5.3.2),
 * `(int*) malloc(n * sizeof(int))` beside `new int[n]` (23.10.11), `F&& step` where nothing is moved.
 */
final class OtherSpellings extends Rewriting
{
    public const SEEN = '/[\w>]\s+const\b|\bcin\s*\.\s*getline\s*\(|\.\s*(?:un)?setf\s*\(|\bcout\s*\.\s*width\s*\(|\b[mc]alloc\s*\(|\bscanf\s*\([^;{}]*\)\s*(?:[=!]=|<|>)|\btypedef\s+struct\s+\w+\s+\w+\s*;|\bdistance\s*\(|\bstring_view\b|\)\s*noexcept\s*[{;]|\bnamespace\s*\{|\bnamespace\s+\w+\s*::|\bsizeof\s*(?:[*\w]|\(\s*\*)|\bfprintf\s*\(\s*stdout\b|\bmem(?:cpy|move)\s*\(|\bauto\s+\w+\s*=\s*(?:std\s*::\s*)?minmax_element\b|\b(?:[A-Z]\w*|auto)\s*&&\s*\w|[;{}]\s*\*\s*\w+\s*=\s*\*\s*\w+\s*=[^=]/';
    private const BACK = ['fixed' => 'defaultfloat', 'scientific' => 'defaultfloat', 'floatfield' => 'defaultfloat', 'boolalpha' => 'noboolalpha', 'showpos' => 'noshowpos', 'showpoint' => 'noshowpoint', 'showbase' => 'noshowbase', 'hex' => 'dec', 'oct' => 'dec', 'uppercase' => 'nouppercase'];
    private const TYPES = ['auto', 'int', 'double', 'float', 'bool', 'char', 'long', 'short', 'unsigned', 'signed', 'string', 'size_t'];
    /** @var array<string, true> what points at several values */
    private array $arrays = [];
    private bool $allocates = false;

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function usual(array $tokens): array
    {
        $spellings = new self($tokens);
        $templates = $spellings->typesOfTemplates();
        foreach (array_keys($spellings->code) as $at) {
            match ($spellings->text($at)) {
                'const' => $spellings->constBehind($at),
                'cout' => $spellings->told($at),
                'typedef' => $spellings->calledAlso($at),
                'cin' => $spellings->lineOf($at),
                'scanf' => $spellings->asked($at),
                'malloc', 'calloc' => $spellings->allocated($at),
                '&&' => $spellings->forwarded($at, $templates),
                'distance' => $spellings->between($at),
                'string_view' => $spellings->looked($at),
                'noexcept' => $spellings->promised($at),
                'namespace' => $spellings->inSpace($at),
                'sizeof' => $spellings->sizeAsked($at),
                'fprintf' => $spellings->printed($at),
                'minmax_element' => $spellings->outermost($at),
                'memcpy', 'memmove' => $spellings->copied($at),
                '*' => $spellings->chained($at),
                default => null,
            };
        }
        // A program that takes nothing by these has a `free` of its own.
        foreach ($spellings->allocates ? array_keys($spellings->code) : [] as $at) {
            'free' === $spellings->text($at) && $spellings->freed($at);
        }

        return $spellings->rewritten();
    }

    /** `*least = *most = 0;`: the last gets it first, and each before it what the one behind it has (C++17, 8.18). */
    private function chained(int $at): void
    {
        if (!\in_array($this->text($at - 1), [';', '{', '}'], true)) {
            return;
        }
        $names = [];
        for ($last = $at; '*' === $this->text($last) && $this->isName($last + 1) && '=' === $this->text($last + 2); $last += 3) {
            $names[] = $last + 1;
        }
        if (2 > \count($names)) {
            return;
        }
        for ($end = $last; isset($this->code[$end]) && ';' !== $this->text($end); ++$end) {
            $end = max($end, $this->closing($end) ?? $end);
        }
        if (!isset($this->code[$end])) {
            return;
        }
        // What is added stands behind the row, and has no signs of its own.
        $added = fn (TokenKind $kind, string $text): Token => new Token($kind, $text, $this->tokens[$this->code[$end]]->end(), 0);
        $behind = [$this->tokens[$this->code[$end]]];
        // The row begins where it did.
        $this->put[$names[0]] = [$this->tokens[$this->code[$names[0]]]->readAs($this->text($last - 2))];
        foreach (range($names[1] - 1, $last - 1) as $gone) {
            $this->put[$gone] = [];
        }
        for ($index = \count($names) - 2; $index >= 0; --$index) {
            [$to, $from] = [$this->text($names[$index]), $this->text($names[$index + 1])];
            $row = [[TokenKind::Sign, '*'], [TokenKind::Name, $to], [TokenKind::Sign, '='], [TokenKind::Sign, '*'], [TokenKind::Name, $from], [TokenKind::Sign, ';']];
            $behind = [...$behind, ...array_map(static fn (array $one): Token => $added(...$one), $row)];
        }
        $this->put[$end] = $behind;
    }

    /** One namespace within another in one word, and one without a name, which is known in its own file alone (C++17, 10.3.1): both are read as one with a name. */
    private function inSpace(int $at): void
    {
        if ('{' === $this->text($at + 1)) {
            $name = 'unnamed';
            for ($number = 2; \in_array($name, array_map($this->text(...), array_keys($this->code)), true); ++$number) {
                $name = "unnamed_$number";
            }
            $this->put[$at] = [$this->tokens[$this->code[$at]], $this->made($at + 1, TokenKind::Name, $name)];

            return;
        }
        $path = [$this->text($at + 1)];
        while ($this->isName($at + 1) && '::' === $this->text($at + 2 * \count($path)) && $this->isName($at + 2 * \count($path) + 1)) {
            $path[] = $this->text($at + 2 * \count($path) + 1);
        }
        if (1 === \count($path) || '{' !== $this->text($at + 2 * \count($path))) {
            return;
        }
        foreach (array_keys($this->code) as $first) {
            for ($length = 1; $length < \count($path) && $path[0] === $this->text($first) && '::' === $this->text($first + 2 * $length - 1) && $path[$length] === $this->text($first + 2 * $length); ++$length) {
                [$this->put[$first + 2 * $length - 1], $this->put[$first + 2 * $length]] = [[], []];
            }
        }
    }

    /** `int rows() noexcept {`: a promise that changes nothing (C++17, 18.4). */
    private function promised(int $at): void
    {
        if (')' === $this->text($at - 1) && \in_array($this->text($at + 1), ['{', ';'], true)) {
            $this->put[$at] = [];
        }
    }

    /** Who only looks at a text sees no difference to one of its own, as long as that stays as it is (C++17, 24.4): what is handed over, or is spelled out. */
    private function looked(int $at): void
    {
        $name = $at + 1 + (int) ('&' === $this->text($at + 1));
        $isSpelledOut = '=' === $this->text($name + 1) && TokenKind::Text === ($this->tokens[$this->code[$name + 2] ?? -1] ?? null)?->kind;
        $isFunction = '(' === $this->text($name + 1) && null !== ($closing = $this->closing($name + 1)) && '{' === $this->text($closing + 1);
        if ($this->isName($name) && ($isSpelledOut || $isFunction || \in_array($this->text($name + 1), [',', ')', ':'], true))) {
            $this->put[$at] = [$this->tokens[$this->code[$at]]->readAs('string')];
        }
    }

    /** `int const n` is `const int n`. */
    private function constBehind(int $at): void
    {
        $type = $at - 1;
        if ('>' === $this->text($type) || '>>' === $this->text($type)) {
            for ($depth = 0; $type >= 0; --$type) {
                $depth += ['>' => 1, '>>' => 2, '<' => -1][$this->text($type)] ?? 0;
                if (0 >= $depth) {
                    break;
                }
            }
            --$type;
        }
        if (!$this->isName($type) && !\in_array($this->text($type), self::TYPES, true) || !$this->isName($at + 1) && !\in_array($this->text($at + 1), ['&', '*'], true)) {
            return;
        }
        while (\in_array($this->text($type - 1), self::TYPES, true)) {
            --$type;
        }
        $type -= '::' === $this->text($type - 1) ? 2 : 0;
        if ($type < 0 || 'const' === $this->text($type - 1)) {
            return;
        }
        $this->put[$type] = [$this->made($type, TokenKind::Keyword, 'const'), ...$this->put[$type] ?? [$this->tokens[$this->code[$type]]]];
        $this->put[$at] = [];
    }

    /** `typedef struct node Node;`: the class has its own name wherever the other one stands. */
    private function calledAlso(int $at): void
    {
        if ('struct' !== $this->text($at + 1) || !$this->isName($at + 2) || !$this->isName($at + 3) || ';' !== $this->text($at + 4)) {
            return;
        }
        $also = $this->text($at + 3);
        foreach (array_keys($this->code) as $other) {
            if ($also === $this->text($other) && $other !== $at + 3) {
                $this->put[$other] = [$this->tokens[$this->code[$other]]->readAs($this->text($at + 2))];
            }
        }
        foreach (range($at, $at + 4) as $gone) {
            $this->put[$gone] = [];
        }
    }

    /** `sizeof a / sizeof *a` is `sizeof(a) / sizeof(a[0])` (C++17, 8.3.3). */
    private function sizeAsked(int $at): void
    {
        $open = '(' === $this->text($at + 1) ? $at + 2 : $at + 1;
        $isFirst = '*' === $this->text($open);
        $name = $isFirst ? $open + 1 : $open;
        if (!$this->isName($name) || !$isFirst && $open > $at + 1) {
            return;
        }
        if ($open === $at + 1) {
            $behind = '[' === $this->text($name + 1) ? $this->closing($name + 1) ?? $name : $name;
            $this->put[$at] = [$this->tokens[$this->code[$at]], $this->made($name, TokenKind::Sign, '(')];
            $this->put[$behind] = [$this->tokens[$this->code[$behind]], ...$isFirst ? $this->first($name) : [], $this->made($behind, TokenKind::Sign, ')')];
        } elseif ($isFirst) {
            $this->put[$name] = [$this->tokens[$this->code[$name]], ...$this->first($name)];
        }
        if ($isFirst) {
            $this->put[$open] = [];
        }
    }

    /** @return list<Token> `[0]` behind a name */
    private function first(int $name): array
    {
        return [$this->made($name, TokenKind::Sign, '['), $this->made($name, TokenKind::Number, '0'), $this->made($name, TokenKind::Sign, ']')];
    }

    /** `fprintf(stdout, …)` is `printf(…)` (C11, 7.21.6.3). */
    private function printed(int $at): void
    {
        if ('(' === $this->text($at + 1) && 'stdout' === $this->text($at + 2) && ',' === $this->text($at + 3)) {
            $this->put[$at] = [$this->tokens[$this->code[$at]]->readAs('printf')];
            $this->put[$at + 2] = $this->put[$at + 3] = [];
        }
    }

    /** `memcpy(kept, beds, sizeof(beds))` copies a whole array, `memcpy(kept, beds, n * sizeof(int))` its first items (C11, 7.24.2.1). */
    private function copied(int $at): void
    {
        $close = '(' === $this->text($at + 1) ? $this->closing($at + 1) : null;
        $parts = null === $close ? [] : $this->parts($at + 1, $close);
        if (null === $close || 3 !== \count($parts) || $parts[0][0] !== $parts[0][1] || $parts[1][0] !== $parts[1][1] || !$this->isName($parts[0][0]) || !$this->isName($parts[1][0])) {
            return;
        }
        [$from, $until] = $parts[2];
        if ('sizeof' === $this->text($from) && ($this->closing($from + 1) ?? 0) === $until && $from + 3 === $until && \in_array($this->text($from + 2), [$this->text($parts[0][0]), $this->text($parts[1][0])], true)) {
            foreach (range($parts[1][1] + 1, $until) as $gone) {
                $this->put[$gone] = [];
            }

            return;
        }
        [$size, $count] = $this->sized($from, $until);
        if (null === $size || null === $count) {
            return;
        }
        $taken = array_map(fn (int $index): Token => $this->tokens[$index], \array_slice($this->code, $count[0], $count[1] - $count[0] + 1));
        [$to, $source] = [$this->tokens[$this->code[$parts[0][0]]], $this->tokens[$this->code[$parts[1][0]]]];
        foreach (range($at, $close) as $gone) {
            $this->put[$gone] = [];
        }
        $sign = fn (string $text): Token => $this->made($at, TokenKind::Sign, $text);
        $this->put[$at] = [$this->tokens[$this->code[$at]]->readAs('copy'), $sign('('), $source, $sign(','), $source, $sign('+'), $sign('('), ...$taken, ...[$sign(')'), $sign(','), $to, $sign(')')]];
    }

    /** `auto ends = minmax_element(…);` with `*ends.first` further down is `auto [least, greatest] = minmax_element(…);`. */
    private function outermost(int $at): void
    {
        $equals = 'std' === $this->text($at - 2) ? $at - 3 : $at - 1;
        $name = $equals - 1;
        if ('=' !== $this->text($equals) || 'auto' !== $this->text($name - 1) || !$this->isName($name)) {
            return;
        }
        $named = [];
        for ($place = $name + 1; '' !== $this->text($place); ++$place) {
            if ($this->text($place) !== $this->text($name)) {
                continue;
            }
            if ('.' !== $this->text($place + 1) || !\in_array($this->text($place + 2), ['first', 'second'], true)) {
                return;
            }
            $named[] = $place;
        }
        $word = fn (string $part): string => $this->text($name).'_'.$part;
        $this->put[$name] = [$this->made($name, TokenKind::Sign, '['), $this->made($name, TokenKind::Name, $word('first')), $this->made($name, TokenKind::Sign, ','), $this->made($name, TokenKind::Name, $word('second')), $this->made($name, TokenKind::Sign, ']')];
        foreach ($named as $place) {
            $this->put[$place] = [$this->tokens[$this->code[$place]]->readAs($word($this->text($place + 2)))];
            $this->put[$place + 1] = $this->put[$place + 2] = [];
        }
    }

    /** `distance(a, b)` is `b - a`, where places can be subtracted (C++17, 27.4.3). */
    private function between(int $at): void
    {
        $close = '(' === $this->text($at + 1) && !\in_array($this->text($at - 1), ['.', '->', '::', 'int', 'double', 'float', 'long', 'void', 'auto'], true) || 'std' === $this->text($at - 2) ? $this->closing($at + 1) : null;
        $parts = null === $close ? [] : $this->parts($at + 1, $close);
        if (null === $close || 2 !== \count($parts) || 1 !== preg_match('/(?:begin|end)$/D', $this->text($parts[0][1] - 2)) && 1 !== preg_match('/(?:begin|end)$/D', $this->text($parts[1][1] - 2))) {
            return;
        }
        $taken = fn (int $part): array => array_map(fn (int $place): Token => $this->made($close, $this->tokens[$this->code[$place]]->kind, $this->tokens[$this->code[$place]]->text), range($parts[$part][0], $parts[$part][1]));
        if ('std' === $this->text($at - 2)) {
            $this->put[$at - 2] = $this->put[$at - 1] = [];
        }
        $this->put[$at] = [];
        [$first, $second] = [$taken(0), $taken(1)];
        foreach (range($parts[0][0], $parts[1][1]) as $gone) {
            $this->put[$gone] = [];
        }
        $this->put[$close] = [...$second, $this->made($close, TokenKind::Sign, '-'), ...$first, $this->tokens[$this->code[$close]]];
    }

    /** `cin.getline(name, 20)` reads a line into a text of C, as `getline(cin, name)` does into another (C++17, 30.7.4.3). */
    private function lineOf(int $at): void
    {
        $close = '.' === $this->text($at + 1) && 'getline' === $this->text($at + 2) && '(' === $this->text($at + 3) ? $this->closing($at + 3) : null;
        $parts = null === $close ? [] : $this->parts($at + 3, $close);
        if (null === $close || 2 !== \count($parts)) {
            return;
        }
        $this->put[$at] = [];
        $this->put[$at + 1] = [];
        $this->put[$at + 3] = [$this->tokens[$this->code[$at + 3]], $this->tokens[$this->code[$at]]->readAs('cin'), $this->made($at + 3, TokenKind::Sign, ',')];
        foreach (range($parts[0][1] + 1, $parts[1][1]) as $gone) {
            $this->put[$gone] = [];
        }
    }

    /** `scanf("%d %d", &a, &b);` reads as `cin >> a >> b` does, and `== 2` behind it asks whether all were read (C11, 7.21.6.2). */
    private function asked(int $at): void
    {
        $close = '(' === $this->text($at + 1) ? $this->closing($at + 1) : null;
        $parts = null === $close ? [] : $this->parts($at + 1, $close);
        $format = [] === $parts ? null : $this->tokens[$this->code[$parts[0][0]]];
        if (null === $close || TokenKind::Text !== $format?->kind || 1 !== preg_match('/^"(?:\s*%(?:d|i|u|ld|lld|lu|f|lf|(?:[1-9]\d+)?s)|\s+%c)+\s*"$/D', $format->text)) {
            return;
        }
        preg_match_all('/[a-z]+/', (string) preg_replace('/\\\\[nt]/', ' ', $format->text), $kinds);
        $count = \count($parts) - 1;
        foreach (\array_slice($parts, 1) as $index => [$from, $until]) {
            $isPlace = '&' === $this->text($from) && $until > $from;
            if ('s' === ($kinds[0][$index] ?? '') ? '&' === $this->text($from) : !$isPlace) {
                // A text of C is a place by itself.
                return;
            }
        }
        $compares = $this->text($close + 1).' '.$this->text($close + 2);
        $isAll = \in_array($compares, ["== $count", '!= EOF', ">= $count", 1 === $count ? '> 0' : ''], true);
        $isNot = !$isAll && \in_array($compares, ["!= $count", "< $count", '== EOF'], true);
        $isRow = ';' === $this->text($close + 1) && \in_array($this->text($at - 1), [';', '{', '}', ')', 'else', ''], true);
        if ($count !== \count($kinds[0]) || !$isAll && !$isNot && !$isRow) {
            return;
        }
        $this->put[$at] = [...$isNot ? [$this->made($at, TokenKind::Sign, '!'), $this->made($at, TokenKind::Sign, '(')] : [], $this->made($at, TokenKind::Name, 'cin')];
        $this->put[$at + 1] = [];
        foreach (range($parts[0][0], $parts[0][1] + 1) as $gone) {
            $this->put[$gone] = [];
        }
        foreach (\array_slice($parts, 1) as [$from, $until]) {
            $first = $this->tokens[$this->code[$from]];
            $this->put[$from] = '&' === $first->text ? [$first->readAs('>>')] : [$this->made($from, TokenKind::Sign, '>>'), $first];
            $this->put[$until + 1] = [];
        }
        foreach (range($close, $isRow ? $close : $close + 2) as $gone) {
            $this->put[$gone] = [];
        }
        $this->put[$close] = $isNot ? [$this->made($close, TokenKind::Sign, ')')] : [];
    }

    /** `cout.width(8);`, `cout.setf(ios::fixed);` */
    private function told(int $at): void
    {
        $before = '::' === $this->text($at - 1) ? $at - 3 : $at - 1;
        $close = '.' === $this->text($at + 1) && '(' === $this->text($at + 3) ? $this->closing($at + 3) : null;
        if (null === $close || ';' !== $this->text($close + 1) || $before >= 0 && !\in_array($this->text($before), [';', '{', '}', ')', 'else'], true)) {
            return;
        }
        $word = $this->text($at + 2);
        if ('width' === $word) {
            // It is for what is written next alone (C++17, 30.5.3.2).
            $next = 'std' === $this->text($close + 2) ? $close + 4 : $close + 2;
            if ('cout' === $this->text($next) && '<<' === $this->text($next + 1)) {
                $this->put[$at + 1] = [$this->made($at + 1, TokenKind::Sign, '<<')];
                $this->put[$at + 2] = [$this->made($at + 2, TokenKind::Name, 'setw')];
                foreach (range($close + 1, $next) as $gone) {
                    $this->put[$gone] = [];
                }
            }

            return;
        }
        for ($flag = $at + 4; $flag < $close && !\in_array($this->text($flag + 1), [',', ')'], true); ++$flag) {
        }
        $name = 'setf' === $word ? $this->text($flag) : ('unsetf' === $word ? self::BACK[$this->text($flag)] ?? '' : '');
        if ('' === $name || !\in_array('::', array_map($this->text(...), range($at + 4, $flag)), true)) {
            return;
        }
        $this->put[$at + 1] = [$this->made($at + 1, TokenKind::Sign, '<<')];
        foreach (range($at + 2, $close) as $gone) {
            $this->put[$gone] = [];
        }
        $this->put[$at + 2] = [$this->made($at + 2, TokenKind::Name, $name)];
    }

    /** `(int*) malloc(n * sizeof(int))` and `calloc(n, sizeof(int))`, but for texts of C. */
    private function allocated(int $at): void
    {
        $close = '(' === $this->text($at + 1) ? $this->closing($at + 1) : null;
        $parts = null === $close ? [] : $this->parts($at + 1, $close);
        $isZeroed = 'calloc' === $this->text($at);
        if (null === $close || \count($parts) !== ($isZeroed ? 2 : 1)) {
            return;
        }
        [$from, $until] = $parts[\count($parts) - 1];
        [$size, $count] = $this->sized($from, $until);
        $count = $isZeroed ? $parts[0] : $count;
        if (null === $size || $isZeroed && $size[0] - 2 !== $from || 'char' === $this->text($size[1])) {
            return;
        }
        $start = $at;
        if (')' === $this->text($at - 1) && null !== $open = $this->closing($at - 1) ?? $this->opening($at - 1)) {
            $start = $open;
        }
        $type = \array_slice($this->code, $size[0], $size[1] - $size[0] + 1);
        $tokens = array_map(fn (int $index): Token => $this->tokens[$index]->readAs($this->tokens[$index]->text), $type);
        $made = [$this->made($start, TokenKind::Keyword, 'new'), ...array_values(array_filter($tokens, static fn (Token $token): bool => 'struct' !== $token->text))];
        if (null !== $count) {
            $counted = array_map(fn (int $index): Token => $this->tokens[$index], \array_slice($this->code, $count[0], $count[1] - $count[0] + 1));
            array_push($made, $this->made($start, TokenKind::Sign, '['), ...$counted, ...[$this->made($close, TokenKind::Sign, ']')]);
            if ($isZeroed) {
                array_push($made, $this->made($close, TokenKind::Sign, '('), $this->made($close, TokenKind::Sign, ')'));
            }
            if ('=' === $this->text($start - 1)) {
                $this->arrays[$this->text($start - 2)] = true;
            }
        }
        foreach (range($start, $close) as $gone) {
            $this->put[$gone] = [];
        }
        $this->put[$start] = $made;
        $this->allocates = true;
    }

    /** @return int|null where the bracket opens that closes there */
    private function opening(int $at): ?int
    {
        for ($open = $at - 1; $open >= 0 && $open > $at - 12; --$open) {
            if ('(' === $this->text($open) && $this->closing($open) === $at) {
                return $open;
            }
        }

        return null;
    }

    /** @return array{array{int, int}|null, array{int, int}|null} where the type of `sizeof` stands, and how many of it are wanted */
    private function sized(int $from, int $until): array
    {
        for ($at = $from; $at <= $until; ++$at) {
            $close = 'sizeof' === $this->text($at) && '(' === $this->text($at + 1) ? $this->closing($at + 1) : null;
            if (null === $close || !$this->isName($close - 1) && !\in_array($this->text($close - 1), self::TYPES, true)) {
                continue;
            }
            $count = match (true) {
                $at === $from && $close === $until => null,
                $at === $from && '*' === $this->text($close + 1) => [$close + 2, $until],
                $close === $until && '*' === $this->text($at - 1) => [$from, $at - 2],
                default => false,
            };

            return false === $count ? [null, null] : [[$at + 2, $close - 1], $count];
        }

        return [null, null];
    }

    /** `free(beds);` */
    private function freed(int $at): void
    {
        $close = '(' === $this->text($at + 1) ? $this->closing($at + 1) : null;
        if (null === $close || ';' !== $this->text($close + 1) || \in_array($this->text($at - 1), ['.', '->', '::', 'void'], true)) {
            return;
        }
        $isArray = isset($this->arrays[$this->text($close - 1)]);
        $this->put[$at] = [$this->tokens[$this->code[$at]]->readAs('delete', TokenKind::Keyword), ...$isArray ? [$this->made($at, TokenKind::Sign, '['), $this->made($at, TokenKind::Sign, ']')] : []];
        $this->put[$at + 1] = $this->put[$close] = [];
    }

    /** @return array<string, true> names of types that a template leaves open */
    private function typesOfTemplates(): array
    {
        $names = ['auto' => true];
        foreach (array_keys($this->code) as $at) {
            if (\in_array($this->text($at), ['typename', 'class'], true) && \in_array($this->text($at - 1), ['<', ','], true)) {
                $names[$this->text($at + 1)] = true;
            }
        }

        return $names;
    }

    /** @param array<string, true> $templates */
    private function forwarded(int $at, array $templates): void
    {
        if (isset($templates[$this->text($at - 1)]) && $this->isName($at + 1) && \in_array($this->text($at + 2), [',', ')', ':', '='], true)) {
            $this->put[$at] = [$this->tokens[$this->code[$at]]->readAs('&')];
        }
    }
}
