<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * Arrays that an object makes with `new int[4]` and keeps behind a pointer (C++17, 8.3.4). They are read as lists of the
 * library, which are copied with their object: so the class has to copy them as well, each item of them and nothing else,
 * or no object of it may be copied anywhere. What does only that, or gives the memory back, is passed over.
 */
final class DynamicArrays extends Rewriting
{
    private const GAP = "\x01";
    /** @var array<string, true> fields that point at rows of such arrays */
    private array $ofRows = [];

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function asLists(array $tokens): array
    {
        $arrays = new self($tokens);
        for ($at = 0, $count = \count($arrays->code); $at < $count; ++$at) {
            if (\in_array($arrays->text($at), ['class', 'struct'], true) && 'enum' !== $arrays->text($at - 1) && null !== $brace = $arrays->braceOfClass($at)) {
                $put = $arrays->put;
                if (!$arrays->ofClass($arrays->text($at + 1), $brace, $arrays->closing($brace) ?? $brace)) {
                    $arrays->put = $put;
                }
            }
        }

        return $arrays->rewritten();
    }

    private function braceOfClass(int $at): ?int
    {
        for ($brace = $at + 2; \in_array($this->text($brace), ['final', ':', 'public', ','], true) || $this->isName($brace); ++$brace) {
        }

        return $this->isName($at + 1) && '{' === $this->text($brace) ? $brace : null;
    }

    /** Whether the arrays of a class became lists. */
    private function ofClass(string $class, int $from, int $until): bool
    {
        [$fields, $arrays] = $this->fieldsBetween($from, $until);
        if ([] === $arrays) {
            return false;
        }
        $copies = $this->copying($class);
        if (null === $copies) {
            return false;
        }
        // What copies objects is left out.
        $left = array_fill_keys(array_merge(...array_map(static fn (array $copy): array => range($copy[0], $copy[1]), $copies)), true);
        foreach ($this->ranges($class, $from, $until) as [$begin, $end]) {
            for ($at = $begin; $at <= $end; ++$at) {
                if (isset($left[$at])) {
                    continue;
                }
                $hasItems = ']' === $this->text($at) && '{' === $this->text($at + 1) && '}' !== $this->text($at + 2);
                if ($hasItems || isset($arrays[$this->text($at)]) && !$this->isUsedAsList($at, $arrays)) {
                    return false;
                }
            }
        }
        foreach ($copies as [$begin, $end, $other, $_isAssigned]) {
            if (!$this->copiesAll($begin, $end, $other, $fields, $arrays)) {
                return false;
            }
        }
        if ([] === $copies && $this->mayBeCopied($class) || 1 === \count($copies) && ($copies[0][3] || $this->isAssigned($class))) {
            return false;
        }
        foreach ($this->ranges($class, $from, $until) as [$begin, $end]) {
            $this->rewrite($begin, $end, $arrays);
        }
        foreach ($copies as [$begin, $end]) {
            for ($at = $begin; $at <= $end; ++$at) {
                $this->put[$at] = [];
            }
        }

        return true;
    }

    /**
     * Where the class stands, and its methods that are defined apart from it.
     *
     * @return list<array{int, int}>
     */
    private function ranges(string $class, int $from, int $until): array
    {
        $ranges = [[$from, $until]];
        for ($at = $until, $count = \count($this->code); $at < $count; ++$at) {
            if ($class !== $this->text($at) || '::' !== $this->behindTypes($at + 1, true)) {
                continue;
            }
            for ($brace = $at; $brace < $count && !\in_array($this->text($brace), ['{', ';'], true); ++$brace) {
            }
            $end = '{' === $this->text($brace) ? $this->closing($brace) : null;
            if (null !== $end) {
                $ranges[] = [$at, $end];
                $at = $end;
            }
        }

        return $ranges;
    }

    /** What stands behind a name and the types in its angle brackets. */
    private function behindTypes(int $at, bool $asText): int|string
    {
        if ('<' === $this->text($at)) {
            while ('>' !== $this->text($at) && '' !== $this->text($at)) {
                ++$at;
            }
            ++$at;
        }

        return $asText ? $this->text($at) : $at;
    }

    /** @return array{list<string>, array<string, list<int>>} the fields of a class, and those that point at arrays: the places of the types of their items */
    private function fieldsBetween(int $from, int $until): array
    {
        $fields = $arrays = [];
        for ($at = $from + 1; $at < $until; ++$at) {
            if (\in_array($this->text($at), ['public', 'private', 'protected'], true) && ':' === $this->text($at + 1)) {
                ++$at;
                continue;
            }
            for ($end = $at; $end < $until && !\in_array($this->text($end), [';', '{', '('], true); ++$end) {
            }
            if (';' !== $this->text($end)) {
                // A method, or something else: it goes to the end of its braces.
                while ($end < $until && !\in_array($this->text($end), [';', '{'], true)) {
                    $end = '(' === $this->text($end) ? ($this->closing($end) ?? $end) + 1 : $end + 1;
                }
                $at = '{' === $this->text($end) ? $this->closing($end) ?? $until : $end;
                continue;
            }
            for ($name = $at; $name <= $end; ++$name) {
                if ($this->isName($name) && \in_array($this->text($name + 1), [';', ',', '=', '['], true) && !\in_array($this->text($name - 1), ['=', '<'], true)) {
                    $fields[] = $this->text($name);
                    $isOfRows = '*' === $this->text($name - 1) && '*' === $this->text($name - 2);
                    // Several names in one row are different things.
                    $isAlone = [] === array_filter(range($at, $end), fn (int $one): bool => ',' === $this->text($one));
                    if ($isAlone && '*' === $this->text($name - 1) && $this->isMadeAsArray($this->text($name), $isOfRows)) {
                        $arrays[$this->text($name)] = range($at, $name - ($isOfRows ? 3 : 2));
                        $this->ofRows += $isOfRows ? [$this->text($name) => true] : [];
                    }
                }
            }
            $at = $end;
        }

        return [$fields, $arrays];
    }

    private function isMadeAsArray(string $name, bool $isOfRows): bool
    {
        foreach (array_keys($this->code) as $at) {
            if ($name === $this->text($at) && \in_array($this->text($at + 1), ['=', '(', '{'], true) && 'new' === $this->text($at + 2) && ($isOfRows ? '*' === $this->text($at + 4) && '[' === $this->text($at + 5) : '[' === $this->behindTypes($at + 4, true))) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, list<int>> $arrays */
    private function isUsedAsList(int $at, array $arrays): bool
    {
        [$before, $after] = [$this->text($at - 1), $this->text($at + 1)];
        if ('*' === $before && (';' === $after || '=' === $after) && !\in_array($this->text($at - 2), ['(', '=', ';', '{', '}'], true)) {
            // Where it is declared.
            return true;
        }

        return match ($after) {
            '[' => '*' !== $before && '&' !== $before,
            '=' => 'new' === $this->text($at + 2) || 'nullptr' === $this->text($at + 2) || 'NULL' === $this->text($at + 2) || $this->isName($at + 2) && ';' === $this->text($at + 3) && $this->isNewArray($this->text($at + 2)) || '.' === $this->text($at + 3),
            '(', '{' => \in_array($this->text($at + 2), ['new', 'nullptr', 'NULL', '0'], true) || '.' === $this->text($at + 3),
            ';' => ']' === $before && 'delete' === $this->text($at - 3),
            // In what copies it.
            '+', ',', ')' => 'copy' === $this->text($at - 2) || 'copy' === $this->text($at - 4) || '.' === $before || ',' === $before && ')' === $after && ('.' === $this->text($at - 3) && isset($arrays[$this->text($at - 6)]) || '+' === $this->text($at - 3) && isset($arrays[$this->text($at - 4)])),
            default => false,
        };
    }

    /** Whether a variable is made as an array that nothing else points at: `int* bigger = new int[8];`. */
    private function isNewArray(string $name): bool
    {
        foreach (array_keys($this->code) as $at) {
            if ($name === $this->text($at) && '*' === $this->text($at - 1) && '=' === $this->text($at + 1) && 'new' === $this->text($at + 2)) {
                return '[' === $this->behindTypes($at + 4, true);
            }
        }

        return false;
    }

    /**
     * What copies objects of a class.
     *
     * @return list<array{int, int, string, bool}>|null where each begins and ends, what it calls the other object, and whether it is the way
     *                                                  in which objects are assigned; null where that is not known
     */
    private function copying(string $class): ?array
    {
        $found = [];
        $announced = 0;
        foreach (array_keys($this->code) as $at) {
            $isAssigned = 'operator' === $this->text($at) && '=' === $this->text($at + 1) && '(' === $this->text($at + 2);
            $bracket = $isAssigned ? $at + 2 : ($class === $this->text($at) && '(' === $this->text($at + 1) ? $at + 1 : null);
            // `operator=(Bed other)` gets a copy that it may keep.
            $isCopied = $isAssigned && $class === $this->text($at + 3);
            if (null === $bracket || !$isCopied && ('const' !== $this->text($bracket + 1) || $class !== $this->text($bracket + 2))) {
                continue;
            }
            $and = $this->behindTypes($bracket + ($isCopied ? 2 : 3), false);
            \assert(\is_int($and));
            if ($isCopied ? !$this->isName($and) : '&' !== $this->text($and)) {
                continue;
            }
            $and -= $isCopied ? 1 : 0;
            $closing = $this->closing($bracket) ?? $bracket;
            for ($brace = $closing; isset($this->code[$brace]) && !\in_array($this->text($brace), ['{', ';'], true); ++$brace) {
            }
            if ('=' === $this->text($closing + 1)) {
                // What can't be copied is not.
                continue;
            }
            if (';' === $this->text($brace)) {
                ++$announced;
            }
            for ($begin = $at; $begin > 0 && !\in_array($this->text($begin - 1), [';', '}', '{', ':', '>'], true); --$begin) {
            }
            if (':' === $this->text($begin - 1) && ':' === $this->text($begin - 2)) {
                return null;
            }
            $found[] = [$begin, '{' === $this->text($brace) ? $this->closing($brace) ?? $brace : $brace, ')' === $this->text($and + 1) ? '' : $this->text($and + 1), $isAssigned];
        }

        return 0 === $announced && \count($found) < 3 ? $found : null;
    }

    /**
     * Whether rows give an object all that another one keeps, and nothing else.
     *
     * @param list<string>             $fields
     * @param array<string, list<int>> $arrays
     */
    private function copiesAll(int $begin, int $end, string $other, array $fields, array $arrays): bool
    {
        for ($open = $begin; '(' !== $this->text($open) && $open < $end; ++$open) {
        }
        $text = '';
        for ($at = ($this->closing($open) ?? $open) + 1; $at <= $end; ++$at) {
            $text .= $this->tokens[$this->code[$at]]->text.' ';
        }
        $field = '(?:this -> )?(\w+)';
        $of = preg_quote($other, '/').' \. ';
        $one = '(?:\{ )?';
        $shut = '(?:\} )?';
        if (1 === preg_match('/^\{ (?:if (?:\( ){1,2}this != & '.preg_quote($other, '/').' (?:\) ){1,2}\{ )?(?:\w+ (?:< \w+ > )?(\w+) (?:[({] '.preg_quote($other, '/').' [)}]|= '.preg_quote($other, '/').') ; )?((?:(?:std :: )?swap \( \w+ , \w+ \. \w+ \) ; )+)(?:\} )?return \* this ; \} $/D', $text, $match)) {
            // What a copy keeps is exchanged with what this one had, and goes with it.
            preg_match_all('/swap \( (\w+) , '.preg_quote('' === $match[1] ? $other : $match[1], '/').' \. \1 \)/', $match[2], $swapped);

            return [] === array_diff($fields, $swapped[1]);
        }
        $patterns = [
            "/$field = $of\\1 ; /", "/$field [({] $of\\1 [)}] (?:, )?/",
            "/for \\( (?:(?:std :: )?size_t|int|unsigned(?: int)?|auto) (\\w+) = 0 ; \\1 (?:<|!=) (?:$of)?[\\w.() ]+ ; (?:\\+\\+ \\1|\\1 \\+\\+) \\) {$one}(\\w+) \\[ \\1 \\] = $of\\2 \\[ \\1 \\] ; $shut/",
            "/(?:std :: )?copy \\( $of(\\w+) , $of\\1 \\+ (?:$of)?\\w+ , \\1 \\) ; /",
        ];
        $given = [];
        foreach ($patterns as $index => $pattern) {
            $text = (string) preg_replace_callback($pattern, static function (array $match) use (&$given, $index, $arrays): string {
                $name = 2 === $index ? $match[2] : $match[1];
                $given[$name] = true;

                // An array that only its place is copied of belongs to both.
                return $index < 2 && isset($arrays[$name]) ? '!' : self::GAP;
            }, $text);
        }
        $text = (string) preg_replace(["/$field = new \\w+ \\[ (?:$of)?\\w+ \\] ; /", "/$field [({] new \\w+ \\[ (?:$of)?\\w+ \\] [)}] (?:, )?/", '/delete \[ \] (?:this -> )?\w+ ; /', '/if (?:\( ){1,2}this == & \w+ (?:\) ){1,2}(?:\{ )?return \* this ; (?:\} )?/', '/if (?:\( ){1,2}this != & \w+ (?:\) ){1,2}/', '/return \* this ; /', '/[{}:\s'.self::GAP.']+/'], '', $text);

        return '' === $text && [] === array_diff($fields, array_keys($given));
    }

    /** Whether an object of a class may be copied somewhere while it stays, as far as its name shows. */
    private function mayBeCopied(string $class): bool
    {
        foreach (array_keys($this->code) as $at) {
            if ($class !== $this->text($at) || !$this->isName($at)) {
                continue;
            }
            $next = $this->behindTypes($at + 1, false);
            \assert(\is_int($next));
            if (\in_array($this->text($next), ['&', '*', '::', '{', ':', '(', 'final'], true)) {
                continue;
            }
            if (!$this->isName($next) && 'operator' !== $this->text($next) || \in_array($this->text($at - 1), ['(', ','], true)) {
                return true;
            }
            $opened = 'operator' === $this->text($next) ? $next + ('(' === $this->text($next + 2) ? 2 : 3) : $next + 1;
            $bracket = '(' === $this->text($opened) ? $this->closing($opened) : null;
            $brace = null === $bracket ? null : $bracket + ('const' === $this->text($bracket + 1) ? 2 : 1);
            if (null !== $brace && '{' === $this->text($brace)) {
                // A function that gives one.
                if (!$this->givesNewOnes($class, $brace, $this->closing($brace) ?? $brace)) {
                    return true;
                }
                continue;
            }
            $isGiven = null !== $bracket && \in_array($this->text($bracket + 1), [';', ','], true) && !($bracket === $next + 3 && $this->isName($next + 2));
            if (';' !== $this->text($next + 1) && ',' !== $this->text($next + 1) && !$isGiven && !('=' === $this->text($next + 1) && $this->isMadeAnew($next + 2))) {
                return true;
            }
        }

        return $this->isAssigned($class);
    }

    /** Whether all that a function gives back is made in it, and goes with it: nothing is left that keeps the same. */
    private function givesNewOnes(string $class, int $from, int $until): bool
    {
        $own = [$class => true];
        for ($at = $from; $at < $until; ++$at) {
            if ($class === $this->text($at) && $this->isName($next = (int) $this->behindTypes($at + 1, false)) && \in_array($this->text($at - 1), [';', '{', '}'], true)) {
                $own[$this->text($next)] = true;
            }
        }
        for ($at = $from; $at < $until; ++$at) {
            if ('return' === $this->text($at) && !isset($own[$this->text($at + 1)])) {
                return false;
            }
        }

        return true;
    }

    /** Whether what stands behind `=` is the result of a sign or a call, and no object that stays. */
    private function isMadeAnew(int $at): bool
    {
        $isMade = false;
        for ($first = $at; !\in_array($this->text($at), [';', ''], true); ++$at) {
            $isMade = $isMade || $at > $first && \in_array($this->text($at), ['(', '+', '-', '*'], true);
        }

        return $isMade && $this->isName($first);
    }

    /** Whether an object of a class is given to another one, as far as its name shows. */
    private function isAssigned(string $class): bool
    {
        $objects = [];
        foreach (array_keys($this->code) as $at) {
            $next = $class === $this->text($at) ? (int) $this->behindTypes($at + 1, false) : null;
            if (null === $next || !$this->isName($next)) {
                continue;
            }
            $objects[$this->text($next)] = $next;
            // Several names in one row.
            for ($end = $next; !\in_array($this->text($end), [';', '{', '}', ''], true); ++$end) {
                $end = '(' === $this->text($end) ? $this->closing($end) ?? $end : $end;
                if (',' === $this->text($end) && $this->isName($end + 1)) {
                    $objects[$this->text($end + 1)] = $end + 1;
                }
            }
        }
        foreach (array_keys($this->code) as $at) {
            if (isset($objects[$this->text($at)]) && '=' === $this->text($at + 1) && $at !== $objects[$this->text($at)]) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, list<int>> $arrays */
    private function rewrite(int $from, int $until, array $arrays): void
    {
        for ($at = $from; $at <= $until; ++$at) {
            $name = $this->text($at);
            $isLocal = '*' === $this->text($at - 1) && '=' === $this->text($at + 1) && 'new' === $this->text($at + 2) && '[' === $this->behindTypes($at + 4, true);
            if ('*' === $this->text($at - 1) && (isset($arrays[$name]) && \in_array($this->text($at + 1), [';', '='], true) || $isLocal)) {
                $type = isset($arrays[$name]) ? $arrays[$name] : [$at - 2];
                $first = $this->tokens[$this->code[$type[0]]];
                $star = $this->tokens[$this->code[$at - 1]];
                $opens = [new Token(TokenKind::Name, 'vector', $first->offset, 0), new Token(TokenKind::Sign, '<', $first->offset, 0)];
                $isOfRows = isset($this->ofRows[$name]) && '*' === $this->text($at - 2);
                $this->put[$type[0]] = [...$opens, ...$isOfRows ? $opens : [], $first];
                $this->put[$at - 1] = [$star->readAs('>')];
                if ($isOfRows) {
                    $this->put[$at - 2] = [$this->tokens[$this->code[$at - 2]]->readAs('>')];
                }
                if ('=' === $this->text($at + 1) && 'new' !== $this->text($at + 2)) {
                    $this->put[$at + 1] = $this->put[$at + 2] = [];
                }
            } elseif ('new' === $name && ('[' === $this->behindTypes($at + 2, true) || '*' === $this->text($at + 2) && '[' === $this->text($at + 3))) {
                $this->newArray($at);
            } elseif (isset($arrays[$name]) && '=' === $this->text($at + 1) && \in_array($this->text($at + 2), ['nullptr', 'NULL'], true)) {
                $nothing = $this->tokens[$this->code[$at + 2]];
                $this->put[$at + 2] = [$nothing->readAs('{', TokenKind::Sign), new Token(TokenKind::Sign, '}', $nothing->end(), 0)];
            } elseif (isset($arrays[$name]) && \in_array($this->text($at + 1), ['(', '{'], true) && \in_array($this->text($at + 2), ['nullptr', 'NULL', '0'], true)) {
                $nothing = $this->tokens[$this->code[$at + 2]];
                $type = array_map(fn (int $one): Token => new Token($this->tokens[$this->code[$one]]->kind, $this->tokens[$this->code[$one]]->text, $nothing->offset, 0), $arrays[$name]);
                $this->put[$at + 2] = [new Token(TokenKind::Name, 'vector', $nothing->offset, 0), $nothing->readAs('<', TokenKind::Sign), ...$type, new Token(TokenKind::Sign, '>', $nothing->end(), 0), new Token(TokenKind::Sign, '(', $nothing->end(), 0), new Token(TokenKind::Sign, ')', $nothing->end(), 0)];
            } elseif ('delete' === $name && '[' === $this->text($at + 1) && isset($this->ofRows[$this->text($at + 3)]) && '[' === $this->text($at + 4) && null !== ($end = $this->closing($at + 4)) && ';' === $this->text($end + 1)) {
                // A row that stands in a loop may be its only one.
                $this->put[$at] = [$this->tokens[$this->code[$at]]->readAs('{', TokenKind::Sign)];
                foreach (range($at + 1, $end) as $gone) {
                    $this->put[$gone] = [];
                }
                $this->put[$end + 1] = [$this->tokens[$this->code[$end + 1]]->readAs('}')];
                $at = $end + 1;
            } elseif ('delete' === $name && '[' === $this->text($at + 1) && ';' === $this->text($at + 4)) {
                foreach (range($at, $at + 4) as $gone) {
                    $this->put[$gone] = [];
                }
            }
        }
    }

    /** `new int[4]` is a list of so many. */
    private function newArray(int $at): void
    {
        $new = $this->tokens[$this->code[$at]];
        $isOfRows = '*' === $this->text($at + 2);
        $bracket = $isOfRows ? $at + 3 : $this->behindTypes($at + 2, false);
        \assert(\is_int($bracket));
        $closing = $this->closing($bracket) ?? $bracket;
        $vector = new Token(TokenKind::Name, 'vector', $new->offset, 0);
        $this->put[$at] = [...$isOfRows ? [$vector, new Token(TokenKind::Sign, '<', $new->offset, 0)] : [], $vector, $new->readAs('<', TokenKind::Sign)];
        if ($isOfRows) {
            $this->put[$at + 2] = [$this->tokens[$this->code[$at + 2]]->readAs('>')];
        }
        $open = $this->tokens[$this->code[$bracket]];
        $this->put[$bracket] = [new Token(TokenKind::Sign, '>', $open->offset, 0), $open->readAs('(')];
        $this->put[$closing] = [$this->tokens[$this->code[$closing]]->readAs(')')];
        if ('(' === $this->text($closing + 1) && ')' === $this->text($closing + 2) || '{' === $this->text($closing + 1) && '}' === $this->text($closing + 2)) {
            $this->put[$closing + 1] = $this->put[$closing + 2] = [];
        }
    }
}
