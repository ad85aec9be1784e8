<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;
use Scrivlet\Core\Language\Notation;
use Scrivlet\Core\Language\Typing\TypeNames;
use Scrivlet\Core\Tree\Bounds;

/**
 * Names that a block declares again for itself, where the one around it goes on meaning something else (ECMA-262, 14.2;
 * C++17, 6.3.10). A program has one variable of a name, so that the inner one gets a name of its own: within its block,
 * its name is read as another one. The text stays as it is.
 */
final class Shadows
{
    private const CPP_TYPES = TypeNames::PLAIN + ['string' => true, '>' => true, '>>' => true, '&' => true];
    /** What stands behind a name that a type declares. */
    private const BEHIND = ['=' => true, ';' => true, ',' => true, '{' => true, '[' => true, ':' => true, '(' => true];

    /** @var list<array{array<string, true>, bool, int}> names, whether a function begins here, the last token of the scope */
    private array $frames;
    /** @var array<string, list<array{int, int, string}>> by name: from and until which offset it means another one, and which */
    private array $found = [];

    /** @var array<string, true> names of classes and of other types of the program's own, which declare as types do */
    private array $classes = [];
    /** @var array<int, array<string, string>> by the end of a function, the types that it gave names in blocks of its own */
    private array $kinds = [];

    private readonly bool $hasOld;
    /** the first token that declares names in JavaScript: none before it can */
    private readonly int $firstDeclaring;
    /** @var array<int, string> the tokens' texts, but for what literals say */
    private array $texts = [];

    private readonly Notation $notation;

    /**
     * @param list<Token>      $tokens   without spaces and remarks
     * @param array<int, true> $begins   those that begin a line
     * @param array<int, int>  $partners as Partners::of gives them
     */
    private function __construct(private readonly array $tokens, private readonly array $begins, private readonly array $partners, private readonly Language $language)
    {
        $this->notation = $language->notation();
        foreach ($tokens as $index => $token) {
            $this->texts[] = TokenKind::Text === $token->kind ? '' : $token->text;
            if (TokenKind::Name === $token->kind && \in_array($this->texts[$index - 1] ?? '', ['class', 'struct', 'enum', 'using'], true)) {
                $this->classes[$token->text] = true;
            }
        }
        $declaring = array_filter(['let', 'const', 'var'], fn (string $word): bool => \in_array($word, $this->texts, true));
        $this->firstDeclaring = [] === $declaring ? \PHP_INT_MAX : min(array_map(fn (string $word): int => (int) array_search($word, $this->texts, true), $declaring));
        $this->frames = [[[], true, \count($tokens)]];
        $this->hasOld = \in_array('var', $this->texts, true);
    }

    /**
     * @param list<Token>      $tokens   without spaces and remarks
     * @param array<int, true> $begins   those that begin a line
     * @param array<int, int>  $partners as Partners::of gives them
     *
     * @return array<string, list<array{int, int, string}>> by name: from and until which offset it means another one, and which
     */
    public static function of(array $tokens, array $begins, array $partners, Language $language): array
    {
        $shadows = new self($tokens, $begins, $partners, $language);
        $shadows->find();

        return $shadows->found;
    }

    /** @param list<array{int, int, string}> $shadows from and until which offset its name means another one, and which */
    private static function renamed(Token $token, array $shadows): Token
    {
        // The innermost one was found last.
        for ($at = \count($shadows) - 1; $at >= 0; --$at) {
            [$from, $until, $other] = $shadows[$at];
            if ($token->offset >= $from && $token->offset <= $until) {
                return $token->readAs($other);
            }
        }

        return $token;
    }

    /**
     * @param list<Token>                                  $tokens  of which those behind a point and keys in braces name no variable
     * @param array<string, list<array{int, int, string}>> $shadows
     *
     * @return list<Token>
     */
    public static function renamedAll(array $tokens, array $shadows, Language $language): array
    {
        if ([] === $shadows) {
            return $tokens;
        }
        $hasKeys = $language->notation()->plainObjects;
        foreach ($tokens as $index => $token) {
            if (TokenKind::Name !== $token->kind || !isset($shadows[$token->text])) {
                continue;
            }
            $before = $tokens[$index - 1]->text ?? '';
            $isKey = $hasKeys && ('{' === $before || ',' === $before) && ':' === ($tokens[$index + 1]->text ?? '');
            if (!$isKey && !\in_array($before, ['.', '?.', '->', '::'], true)) {
                $tokens[$index] = self::renamed($token, $shadows[$token->text]);
            }
        }

        return $tokens;
    }

    /**
     * @param array<string, list<array{int, int, string}>> $shadows
     *
     * @return string the name as it is written, which is also that of a key where a variable stands for both
     */
    public static function written(Token $token, array $shadows): string
    {
        $name = substr($token->text, 0, (int) strrpos($token->text, '_'));
        foreach ($shadows[$name] ?? [] as [, , $other]) {
            if ($other === $token->text) {
                return $name;
            }
        }

        return $token->text;
    }

    private function find(): void
    {
        $isCpp = $this->notation->typed;
        // Round brackets that are open: whether what they declare is for a function alone (C++17, 6.3.4).
        $brackets = [];
        foreach ($this->tokens as $index => $token) {
            if ($isCpp && TokenKind::Sign === $token->kind && '(' === $token->text) {
                $brackets[] = !\in_array($this->text($index - 1), ['for', 'if', 'while', 'switch', 'catch'], true);
            } elseif ($isCpp && TokenKind::Sign === $token->kind && ')' === $token->text) {
                array_pop($brackets);
            }
            if (TokenKind::Name === $token->kind && [] !== $brackets && $brackets[\count($brackets) - 1]) {
                continue;
            }
            if (TokenKind::Name === $token->kind) {
                $before = $this->texts[$index - 1] ?? '';
                if (!$isCpp && 'forEach' === $token->text && '.' === $before && '(' === $this->text($index + 1)) {
                    $this->eachFunction($index + 1);
                }
                if (!$isCpp && ('var' === $before || ',' === $before && $this->hasOld && $this->isDeclaredBehind($index, true))) {
                    // It is the function's, wherever it stands (ECMA-262, 14.3.2).
                    $this->leave($index);
                    for ($at = \count($this->frames) - 1; $at > 0 && !$this->frames[$at][1] && !isset($this->each[$this->frames[$at][2]]); --$at) {
                    }
                    $isOuter = isset($this->each[$this->frames[$at][2]]) && !isset($this->frames[$at][0][$token->text]) && [] !== array_filter(\array_slice($this->frames, 0, $at), static fn (array $frame): bool => isset($frame[0][$token->text]));
                    if ($isOuter) {
                        $this->shadow($token, $this->frames[$at][2]);
                    } else {
                        $this->frames[$at][0][$token->text] = true;
                    }
                    continue;
                }
                if (isset($this->behind[$index])) {
                    $this->leave($index);
                    $this->declare($index, $token, $this->behind[$index]);
                } elseif (($isCpp ? isset(self::CPP_TYPES[$before]) || isset($this->classes[$before]) || '*' === $before : \in_array($before, ['let', 'const', '[', '{', ':', ','], true)) && $this->isDeclared($index)) {
                    $this->leave($index);
                    $this->declare($index, $token, $index);
                    if ($isCpp) {
                        $this->namesBehind($index);
                    }
                }
                continue;
            }
            if ('for' === $token->text && TokenKind::Keyword === $token->kind && '(' === $this->text($index + 1)) {
                $this->leave($index);
                $this->frames[] = [[], false, $this->endBehind($index + 1)];
            } elseif ($isCpp && \in_array($token->text, ['if', 'while', 'switch'], true) && TokenKind::Keyword === $token->kind && '(' === $this->text($index + 1) && $this->declaresInHead($index + 2)) {
                $this->leave($index);
                $this->frames[] = [[], false, $this->endOfRow($index)];
            } elseif ('{' === $token->text && TokenKind::Sign === $token->kind && !\in_array($this->text($index - 1), ['let', 'const'], true)) {
                $this->leave($index);
                $before = $this->text($index - 1);
                $isFunction = !isset($this->turns[$index]) && ('=>' === $before || ')' === $before && $this->opensFunction($index - 1));
                if ($isCpp && !$isFunction && $this->opensClass($index)) {
                    $this->bodies[$this->closing($index) ?? \count($this->tokens)] = true;
                }
                $this->frames[] = [$isFunction ? $this->parameters($index - 1) : [], $isFunction, $this->closing($index) ?? \count($this->tokens)];
            }
        }
    }

    /** @var array<int, int> names that a row declares behind others, each with the place of the first one */
    private array $behind = [];

    /** Finds the other names of a row that declares several: `int rows = 2, columns = 3;` (C++17, 11). */
    private function namesBehind(int $first): void
    {
        for ($at = $first + 1; isset($this->tokens[$at]) && !\in_array($this->texts[$at], [';', ')', ']', '}'], true); ++$at) {
            if ('(' === $this->texts[$at] || '[' === $this->texts[$at] || '{' === $this->texts[$at]) {
                $at = $this->closing($at) ?? \count($this->tokens);
            } elseif (',' === $this->texts[$at]) {
                $name = $at + 1;
                while ('*' === $this->text($name) || '&' === $this->text($name)) {
                    ++$name;
                }
                if (TokenKind::Name !== ($this->tokens[$name]->kind ?? null) || !\in_array($this->text($name + 1), ['=', ';', ',', '{', '[', '('], true)) {
                    return;
                }
                $this->behind[$name] = $first;
            }
        }
    }

    /** @var array<int, true> where the bodies of classes end */
    private array $bodies = [];

    private function opensClass(int $brace): bool
    {
        for ($index = $brace - 1; $index >= 0 && $brace - $index < self::FAR && !\in_array($this->text($index), [';', '{', '}', '(', ')', '='], true); --$index) {
            if (\in_array($this->text($index), ['class', 'struct'], true)) {
                return 'enum' !== $this->text($index - 1);
            }
        }

        return false;
    }

    /** @var array<int, true> where functions end that are read as loops, and have variables of their own all the same */
    private array $each = [];
    /** @var array<int, true> the braces around what is done with each item of a list, as in a loop */
    private array $turns = [];

    /** What a function does with each item is read as a loop, the parameters of which are its own nevertheless (ECMA-262, 23.1.3.15). */
    private function eachFunction(int $opened): void
    {
        $first = $opened + ('function' === $this->text($opened + 1) ? 2 : 1);
        $last = '(' === $this->text($first) ? $this->closing($first) : $first;
        $closed = $this->closing($opened);
        // A function that only its name stands for takes nothing here.
        $isMade = $first > $opened + 1 || '=>' === $this->text(($last ?? $first) + 1);
        if (null === $last || null === $closed || !$isMade || $last - $first > self::FAR) {
            return;
        }
        $this->leave($opened);
        $this->frames[] = [[], false, $closed];
        $this->each[$closed] = true;
        for ($index = $first; $index <= $last; ++$index) {
            if ('=' === $this->text($index)) {
                // What stands for what is left out is no name of its own.
                while ($index < $last && !\in_array($this->text($index + 1), [',', '}', ']', ')'], true)) {
                    $index = $this->closing($index + 1) ?? $index + 1;
                }
                continue;
            }
            if (TokenKind::Name === $this->tokens[$index]->kind && ':' !== $this->text($index + 1)) {
                $this->declare($index, $this->tokens[$index], $index);
            }
        }
        $this->turns[$last + ('=>' === $this->text($last + 1) ? 2 : 1)] = true;
    }

    /** Leaves the scopes that end before a token. */
    private function leave(int $index): void
    {
        while (\count($this->frames) > 1 && $index > $this->frames[\count($this->frames) - 1][2]) {
            array_pop($this->frames);
        }
    }

    private function text(int $index): string
    {
        return $this->texts[$index] ?? '';
    }

    private function isDeclared(int $index): bool
    {
        $before = $this->text($index - 1);
        if ($this->notation->rowsMayEnd) {
            return 'let' === $before || 'const' === $before || $this->isTakenApart($index) || ',' === $before && $this->isDeclaredBehind($index);
        }

        $isPointer = '*' === $before && (isset($this->classes[$this->text($index - 2)]) || isset(self::CPP_TYPES[$this->text($index - 2)]) && !\in_array($this->text($index - 2), ['>', '>>', '&'], true));

        return ($isPointer || isset($this->classes[$before]) || isset(self::CPP_TYPES[$before])) && isset(self::BEHIND[$this->text($index + 1)])
            && (!\in_array($before, ['>', '>>', '&'], true) || $this->endsType($index - 1));
    }

    /** Templates of C++ that types are made of. */
    private const OF_TYPES = [
        'vector' => true, 'map' => true, 'optional' => true, 'array' => true, 'unordered_map' => true, 'set' => true, 'unordered_set' => true, 'multiset' => true, 'deque' => true, 'list' => true, 'stack' => true, 'queue' => true,
        'priority_queue' => true, 'pair' => true, 'tuple' => true, 'function' => true, 'unique_ptr' => true, 'shared_ptr' => true,
    ];

    /** How many tokens behind `let` a name may stand that it declares. */
    private const FAR = 200;

    /** Whether a name stands in brackets or braces behind `let` or `const`, which take apart what they get (ECMA-262, 14.3.3). */
    private function isTakenApart(int $index): bool
    {
        if ($index < $this->firstDeclaring || !\in_array($this->text($index + 1), [',', ']', '}', '='], true)) {
            return false;
        }
        for ($steps = 0; !\in_array($this->text(--$index), ['[', '{'], true); ++$steps) {
            if (self::FAR < $steps || !\in_array($this->text($index), [',', ':', '='], true) && !\in_array($this->tokens[$index]->kind ?? null, [TokenKind::Name, TokenKind::Number, TokenKind::Text], true)) {
                return false;
            }
        }

        return 'let' === $this->text($index - 1) || 'const' === $this->text($index - 1);
    }

    /** Whether a row that begins with `let` or `const` declares this name behind others. */
    private function isDeclaredBehind(int $index, bool $isOld = false): bool
    {
        if ($index < $this->firstDeclaring || !\in_array($this->text($index + 1), [',', '=', ';'], true)) {
            return false;
        }
        for ($steps = 0; --$index >= 0 && $steps < self::FAR; ++$steps) {
            $text = $this->texts[$index];
            if ($isOld ? 'var' === $text : 'let' === $text || 'const' === $text) {
                return true;
            }
            if (\in_array($text, [';', '(', '[', '{', 'return', 'var', 'let', 'const', 'case'], true)) {
                return false;
            }
            $index = $this->opening($index) ?? $index;
        }

        return false;
    }

    /** Whether `>` or `&` belongs to a type: it stands behind one at the start of a row, or in a header. */
    private function endsType(int $index): bool
    {
        $depth = 0;
        for (; $index >= 0; --$index) {
            $text = $this->text($index);
            if (\in_array($text, [';', '{', '}', '[', ']', 'if', 'while', 'for', 'return', '&&', '||', '=', '<<'], true)) {
                // None of them stands in a type.
                return false;
            }
            $depth += ['>' => 1, '>>' => 2, '<' => -1][$text] ?? 0;
            if (0 === $depth && '&' !== $text && '<' !== $text) {
                return isset(self::CPP_TYPES[$text]) || isset($this->classes[$text]) || \in_array($text, ['vector', 'map', 'optional', 'array'], true);
            }
            if (0 === $depth && '<' === $text) {
                return isset(self::OF_TYPES[$this->text($index - 1)]);
            }
        }

        return false;
    }

    /** @param int $first the place of the first name that the row declares, which its type stands before */
    private function declare(int $index, Token $token, int $first): void
    {
        $last = \count($this->frames) - 1;
        if ('(' === $this->text($index + 1) && $this->notation->typed && '{' === $this->text(($this->closing($index + 1) ?? $index) + 1)) {
            return;
        }
        $name = $token->text;
        if (isset($this->bodies[$this->frames[$last][2]])) {
            // What objects keep hides nothing, and is asked for by its own name.
            return;
        }
        for ($at = $last - 1, $outer = max(0, $last - Bounds::NESTING); $at >= $outer && !$this->frames[$last][1]; --$at) {
            if (isset($this->frames[$at][0][$name])) {
                $this->shadow($token, $this->frames[$last][2], $index);

                return;
            }
            if ($this->frames[$at][1] && isset($this->frames[0][0][$name])) {
                $this->shadow($token, $this->frames[$last][2], $index);

                return;
            }
            if ($this->frames[$at][1]) {
                break;
            }
        }
        if ($this->frames[$last][1] && 1 === $last && isset($this->frames[0][0][$name]) && $this->isMain()) {
            $this->shadow($token, $this->frames[$last][2], $index);

            return;
        }
        if ($this->notation->typed && !isset($this->frames[$last][0][$name]) && $this->isOfOtherKind($first, $name)) {
            $this->shadow($token, $this->frames[$last][2], $index);

            return;
        }
        $isOthers = match (true) {
            $this->notation->typed => $this->isLasting($first) && [] !== array_filter($this->places()[$name] ?? [], fn (int $place): bool => $place < $index || $place > $this->frames[$last][2]),
            default => !$this->notation->indents && 0 < $last && !$this->frames[$last][1] && $this->isKeptByFunction($index, $last),
        };
        if ($isOthers) {
            $this->shadow($token, $this->frames[$last][2], $index);

            return;
        }
        $this->frames[$last][0][$name] = true;
    }

    /** Whether `static` stands before the type, in a function: what is declared so lasts as long as the program runs (C++17, 6.7.1). */
    private function isLasting(int $index): bool
    {
        $isInFunction = [] !== array_filter(\array_slice($this->frames, 1), static fn (array $frame): bool => $frame[1]);

        return $isInFunction && ('static' === $this->text($index - 2) || '>' !== $this->text($index - 1) && 'static' === $this->text($index - 3));
    }

    /**
     * Whether a function that may be called later goes on seeing the name of a block, and the name stands around the block too:
     * there it is another variable (ECMA-262, 14.7.4.4).
     */
    private function isKeptByFunction(int $declared, int $last): bool
    {
        $name = $this->texts[$declared];
        $until = $this->frames[$last][2];
        $function = $last - 1;
        while ($function > 0 && !$this->frames[$function][1]) {
            --$function;
        }
        $end = min($this->frames[$function][2], \count($this->tokens) - 1);
        $begin = 0 === $function ? 0 : $this->opening($end) ?? 0;
        $isElsewhere = false;
        $within = [];
        foreach ($this->places()[$name] ?? [] as $index) {
            if ($index >= $declared && $index <= $until) {
                $within[] = $index;
            } else {
                $isElsewhere = $isElsewhere || $index >= $begin && $index <= $end;
            }
        }
        $isKept = false;
        foreach ($isElsewhere ? $this->functions : [] as $index) {
            if ($index > $until || $isKept) {
                break;
            }
            if ($index > $declared && !$this->isDoneAtOnce($index)) {
                $closes = $this->endOfFunction($index) ?? $until;
                $isKept = [] !== array_filter($within, static fn (int $place): bool => $place > $index && $place <= $closes);
            }
        }

        return $isKept;
    }

    /** @var array<string, list<int>>|null */
    private ?array $places = null;
    /** @var list<int> the tokens that functions begin with */
    private array $functions = [];

    /** @return array<string, list<int>> by name, where it stands and is none behind a point */
    private function places(): array
    {
        if (null === $this->places) {
            $this->places = [];
            foreach ($this->tokens as $index => $token) {
                if (TokenKind::Name === $token->kind && '.' !== $this->text($index - 1)) {
                    $this->places[$token->text][] = $index;
                } elseif ('=>' === $this->texts[$index] || 'function' === $this->texts[$index]) {
                    $this->functions[] = $index;
                }
            }
        }

        return $this->places;
    }

    private const AT_ONCE = ['forEach', 'map', 'filter', 'some', 'every', 'find', 'findIndex', 'findLast', 'findLastIndex', 'reduce', 'reduceRight', 'sort', 'flatMap', 'toSorted'];

    /** Whether an arrow stands in a call that is done with it when it has ended. */
    private function isDoneAtOnce(int $arrow): bool
    {
        $first = ')' === $this->text($arrow - 1) ? $this->opening($arrow - 1) ?? $arrow : $arrow - 1;

        return '=>' === $this->text($arrow) && '(' === $this->text($first - 1) && \in_array($this->text($first - 2), self::AT_ONCE, true);
    }

    /** Where the body of a function with braces ends, or the brackets that an arrow stands in. */
    private function endOfFunction(int $index): ?int
    {
        for (; $index < \count($this->tokens); ++$index) {
            $text = $this->texts[$index];
            if ('{' === $text || '(' === $text || '[' === $text) {
                $index = $this->closing($index) ?? \count($this->tokens);
                if ('{' === $text) {
                    return $index;
                }
            } elseif (\in_array($text, [')', ']', '}', ';', ','], true)) {
                return $index;
            }
        }

        return null;
    }

    /** Whether a block of the same function that has ended gave a name another type: it is another variable. */
    private function isOfOtherKind(int $index, string $name): bool
    {
        $ends = null;
        foreach ($this->frames as $at => [, $isFunction, $end]) {
            $ends = $isFunction && 0 < $at ? $end : $ends;
        }
        if (null === $ends) {
            return false;
        }
        $before = $this->text($index - 1);
        $kind = match ($before) {
            '*' => $this->text($index - 2).'*',
            '&' => $this->text($index - 2),
            default => $before,
        };

        return $kind !== $this->kinds[$ends][$name] ??= $kind;
    }

    /** What `main` declares is the program's here, as are the variables outside of it. */
    private function isMain(): bool
    {
        if (null === $this->mainEnds) {
            $this->mainEnds = -1;
            foreach ($this->tokens as $index => $token) {
                if ('main' === $token->text && '(' === $this->text($index + 1)) {
                    $this->mainEnds = $this->closing(($this->closing($index + 1) ?? $index) + 1) ?? -1;
                    break;
                }
            }
        }

        return -1 !== $this->mainEnds && $this->mainEnds === $this->frames[1][2];
    }

    /** Where the braces of `main` close; -1 if there are none. */
    private ?int $mainEnds = null;

    /** @param int|null $index where it is declared, if that is told */
    private function shadow(Token $token, int $last, ?int $index = null): void
    {
        $this->taken ??= array_fill_keys(array_map(static fn (Token $token): string => $token->text, $this->tokens), 1);
        for ($number = $this->taken[$token->text] + 1; isset($this->taken["{$token->text}_$number"]); ++$number) {
        }
        $this->taken[$token->text] = $number;
        $other = "{$token->text}_$number";
        $this->taken[$other] = 1;
        $end = $this->tokens[min($last, \count($this->tokens) - 1)];
        $until = $end->offset + \strlen($end->text);
        // What a loop goes over is reckoned before its variable is there: `for (auto bed : bed)` (C++17, 9.5.4).
        $head = null !== $index && $this->notation->typed && ':' === $this->text($index + 1) ? $this->headEnd($index) : null;
        if (null === $head) {
            $this->found[$token->text][] = [$token->offset, $until, $other];

            return;
        }
        $this->found[$token->text][] = [$token->offset, $token->end(), $other];
        $this->found[$token->text][] = [$this->tokens[$head]->offset, $until, $other];
    }

    /** The bracket that closes the head in which a name stands. */
    private function headEnd(int $index): ?int
    {
        for ($at = $index; $at >= 0 && $index - $at < self::FAR && !\in_array($this->text($at), ['(', ';', '{'], true); --$at) {
        }

        return '(' === $this->text($at) ? $this->closing($at) : null;
    }

    /** @var array<string, int>|null the words of the text, and the last number that was put behind each */
    private ?array $taken = null;

    /** Whether the round brackets before a brace hold the parameters of a function. */
    private function opensFunction(int $closing): bool
    {
        $opening = $this->opening($closing);
        $before = null === $opening ? '' : $this->text($opening - 1);

        return null !== $opening && (']' === $before || !\in_array($before, ['if', 'while', 'for', 'switch', 'catch'], true));
    }

    /** @return array<string, true> */
    private function parameters(int $closing): array
    {
        $closing -= '=>' === $this->text($closing) ? 1 : 0;
        $names = [];
        for ($index = $this->opening($closing) ?? $closing; $index < $closing; ++$index) {
            if (TokenKind::Name === ($this->tokens[$index]->kind ?? null) && \in_array($this->text($index + 1), [',', ')', '=', '['], true)) {
                $names[$this->tokens[$index]->text] = true;
            }
        }

        return $names;
    }

    /** @var array<int, int> by the token that a row begins with, the one that it ends with, all that belongs to it */
    private array $ends = [];

    /** The last token of a row, with what hangs on its head (C++17, 9.4 and 9.5; ECMA-262, 14.6 and 14.7). */
    private function endOfRow(int $first, int $depth = 0): int
    {
        if (isset($this->ends[$first])) {
            return $this->ends[$first];
        }
        $text = $this->text($first);
        $end = match (true) {
            $depth > Bounds::NESTING => \count($this->tokens),
            '{' === $text => $this->closing($first) ?? \count($this->tokens),
            \in_array($text, ['if', 'for', 'while', 'switch'], true) && '(' === $this->text($first + 1) => $this->endBehind($first + 1, $depth),
            default => $this->endOfPlainRow($first),
        };
        if ('if' === $text && 'else' === $this->text($end + 1)) {
            $end = $this->endOfRow($end + 2, $depth + 1);
        }

        return $this->ends[$first] = $end;
    }

    /** The last token of what hangs on a head in round brackets. */
    private function endBehind(int $opening, int $depth = 0): int
    {
        $closing = $this->closing($opening);

        return null === $closing ? \count($this->tokens) : $this->endOfRow($closing + 1, $depth + 1);
    }

    private function endOfPlainRow(int $first): int
    {
        for ($index = $first; $index < \count($this->tokens); ++$index) {
            $text = $this->text($index);
            if ($index > $first && $this->notation->rowsMayEnd && $this->beginsRow($index)) {
                return $index - 1;
            }
            if (\in_array($text, ['(', '[', '{'], true)) {
                $index = $this->closing($index) ?? \count($this->tokens);
                if ('{' === $text) {
                    return $index;
                }
            } elseif (';' === $text) {
                return $index;
            }
        }

        return \count($this->tokens);
    }

    /** Whether the head of a condition begins with the type of a variable of its own (C++17, 9.4). */
    private function declaresInHead(int $first): bool
    {
        $index = $first + ('const' === $this->text($first) ? 1 : 0);

        return isset(self::CPP_TYPES[$this->text($index)]) || isset($this->classes[$this->text($index)]) || 'auto' === $this->text($index);
    }

    /** Whether a line of JavaScript begins a row, where no semicolon ends the one before (ECMA-262, 12.10). */
    private function beginsRow(int $index): bool
    {
        return isset($this->begins[$index]) && TokenKind::Sign !== $this->tokens[$index]->kind && (TokenKind::Sign !== $this->tokens[$index - 1]->kind || \in_array($this->text($index - 1), [')', ']', '}', '++', '--'], true));
    }

    private function closing(int $index): ?int
    {
        $partner = $this->partners[$index] ?? null;

        return null === $partner || $partner < $index ? null : $partner;
    }

    private function opening(int $index): ?int
    {
        $partner = $this->partners[$index] ?? null;

        return null === $partner || $partner > $index ? null : $partner;
    }
}
