<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Run\RunError;

/** What patterns find in texts, and what is put in its place. */
trait PatternOperations
{
    public function pattern(mixed $source, mixed $flags = ''): PatternValue
    {
        return $source instanceof PatternValue ? $source : (PatternValue::javaScript(self::text_($source), self::text_($flags)) ?? throw new RunError('bad_pattern', ['pattern' => mb_substr(self::text_($source), 0, 30)]));
    }

    public function fits(mixed $text, mixed $pattern): bool
    {
        return $this->foundNext($text, $pattern) instanceof ListValue;
    }

    /** The next place where a text fits; a pattern for all places remembers it (ECMA-262, 22.2.7.2). */
    public function foundNext(mixed $text, mixed $pattern): mixed
    {
        $text = $this->text($text);
        $pattern = $this->pattern($pattern);
        $match = $pattern->first($text, $pattern->isForAll() ? $pattern->from($text) : 0);
        if ($pattern->isForAll()) {
            $pattern->next = null === $match ? 0 : mb_strlen(substr($text, 0, $match[0][1] + \strlen((string) $match[0][0])));
        }

        return $this->found_($text, $match, $pattern);
    }

    /** What fits, with its groups; all that fits where the pattern is one for all places (ECMA-262, 22.1.3.13). */
    public function found(mixed $text, mixed $pattern): mixed
    {
        $text = self::text_($text);
        $pattern = $this->pattern($pattern);
        if (!$pattern->isForAll()) {
            return $this->found_($text, $pattern->first($text), $pattern);
        }
        $all = array_map(static fn (array $match): string => (string) $match[0][0], $pattern->all($text));

        return [] === $all ? Nothing::Null : new ListValue($all);
    }

    public function foundAll(mixed $text, mixed $pattern): ListValue
    {
        $text = self::text_($text);

        $pattern = $this->pattern($pattern);

        return new ListValue(array_map(fn (array $match): mixed => $this->found_($text, $match, $pattern), $pattern->all($text)));
    }

    public function foundPlace(mixed $text, mixed $pattern): float
    {
        $text = self::text_($text);
        $match = $this->pattern($pattern)->first($text);

        return null === $match ? -1.0 : (float) mb_strlen(substr($text, 0, $match[0][1]));
    }

    /** @param list<array{string|null, int}>|null $match */
    private function found_(string $text, ?array $match, PatternValue $pattern): mixed
    {
        if (null === $match) {
            return $this->facts->nullBeside ? Nothing::Null : null;
        }
        $list = new ListValue(array_column($match, 0));
        $groups = null;
        foreach ($pattern->names() as $name => $place) {
            $groups ??= new MapValue();
            $groups->entries[MapValue::tag($name)] = [$name, $match[$place][0]];
        }
        $list->found = [mb_strlen(substr($text, 0, $match[0][1])), $text, $groups];

        return $list;
    }

    /** What fits is replaced by a text, in which `$1` is a group, or by what a function makes of it (ECMA-262, 22.1.3.19). */
    private function replacedFitting(string $text, PatternValue $pattern, mixed $new): string
    {
        $matches = $pattern->isForAll() ? $pattern->all($text) : array_filter([$pattern->first($text)]);
        $result = '';
        $from = 0;
        foreach ($matches as $match) {
            $result .= substr($text, $from, $match[0][1] - $from);
            $groups = array_column($match, 0);
            if ($new instanceof \Closure) {
                $result .= $this->text($new(...$groups));
            } else {
                $result .= preg_replace_callback('/\$(\$|&|\d\d?)/', static fn (array $sign): string => match (true) {
                    '$' === $sign[1] => '$',
                    '&' === $sign[1] => (string) $groups[0],
                    isset($groups[(int) $sign[1]]) && 0 < (int) $sign[1] => $groups[(int) $sign[1]],
                    \array_key_exists((int) $sign[1], $groups) => '',
                    default => $sign[0],
                }, $this->text($new));
            }
            $from = $match[0][1] + \strlen((string) $match[0][0]);
        }

        return $this->bounded($result.substr($text, $from));
    }

    private function splitFitting(string $text, PatternValue $pattern): ListValue
    {
        $parts = [];
        $from = 0;
        foreach ($pattern->all($text) as $match) {
            $length = \strlen((string) $match[0][0]);
            if (0 === $length && (0 === $match[0][1] || $match[0][1] === \strlen($text))) {
                continue;
            }
            array_push($parts, substr($text, $from, $match[0][1] - $from), ...\array_slice(array_column($match, 0), 1));
            $from = $match[0][1] + $length;
        }

        return new ListValue([...$parts, substr($text, $from)]);
    }

    private function sought(mixed $pattern, mixed $text, string $before, string $behind): mixed
    {
        $text = self::text_($text);
        $made = PatternValue::python($before.self::text_($pattern).$behind) ?? throw new RunError('bad_pattern', ['pattern' => mb_substr(self::text_($pattern), 0, 30)]);

        return $this->found_($text, $made->first($text), $made);
    }

    public function soughtAnywhere(mixed $pattern, mixed $text): mixed
    {
        return $this->sought($pattern, $text, '', '');
    }

    public function soughtAtStart(mixed $pattern, mixed $text): mixed
    {
        return $this->sought($pattern, $text, '\A(?:', ')');
    }

    public function soughtAsWhole(mixed $pattern, mixed $text): mixed
    {
        return $this->sought($pattern, $text, '\A(?:', ')\z');
    }

    private function pythonPattern(mixed $pattern): PatternValue
    {
        return PatternValue::python(self::text_($pattern)) ?? throw new RunError('bad_pattern', ['pattern' => mb_substr(self::text_($pattern), 0, 30)]);
    }

    /** All that fits: its only group, or all of its groups, where it has some (The Python Standard Library, re.findall). */
    public function soughtAll(mixed $pattern, mixed $text): ListValue
    {
        $found = [];
        foreach ($this->pythonPattern($pattern)->all(self::text_($text)) as $match) {
            $groups = array_map(strval(...), array_column($match, 0));
            $found[] = match (\count($groups)) {
                1 => $groups[0],
                2 => $groups[1],
                default => new ListValue(\array_slice($groups, 1), true),
            };
        }

        return new ListValue($found);
    }

    public function soughtEach(mixed $pattern, mixed $text): ListValue
    {
        $text = self::text_($text);
        $made = $this->pythonPattern($pattern);

        return new ListValue(array_map(fn (array $match): mixed => $this->found_($text, $match, $made), $made->all($text)));
    }

    public function soughtReplaced(mixed $pattern, mixed $new, mixed $text): string
    {
        return $this->soughtReplacedSome($pattern, $new, $text, 0);
    }

    /** At most so many of what is found; all of it for nought (The Python Standard Library 3.11, re). */
    public function soughtReplacedSome(mixed $pattern, mixed $new, mixed $text, mixed $most): string
    {
        $most = static::integer($most);
        if (\is_string($new)) {
            $new = strtr((string) preg_replace('/\\\\g<(\d+)>|\\\\(\d)/', '$$1$2', strtr($new, ['$' => '$$'])), ['\\n' => "\n", '\\t' => "\t", '\\\\' => '\\']);
        } elseif ($new instanceof \Closure) {
            $make = $new;
            $new = static fn (?string ...$groups): mixed => $make(new ListValue(array_values($groups)));
        }
        $made = $this->pythonPattern($pattern);
        $text = self::text_($text);
        $result = '';
        $from = 0;
        $all = 0 > $most ? [] : $made->all($text);
        foreach (0 < $most ? \array_slice($all, 0, $most) : $all as $match) {
            $groups = array_column($match, 0);
            $result .= substr($text, $from, $match[0][1] - $from);
            $result .= $new instanceof \Closure ? $this->text($new(...$groups)) : preg_replace_callback('/\$(\$|\d\d?)/', static fn (array $sign): string => '$' === $sign[1] ? '$' : (string) ($groups[(int) $sign[1]] ?? ''), self::text_($new));
            $from = $match[0][1] + \strlen((string) $match[0][0]);
        }

        return $this->bounded($result.substr($text, $from));
    }

    public function soughtSplit(mixed $pattern, mixed $text): ListValue
    {
        return $this->splitFitting(self::text_($text), $this->pythonPattern($pattern));
    }

    public function wholeMatch(mixed $found): mixed
    {
        return $this->group($found, 0);
    }

    /** A group of what was found, by its number or its name. */
    public function group(mixed $found, mixed $number): mixed
    {
        $groups = self::list_($found)->items;
        if (\is_string($number)) {
            $named = self::list_($found)->found[2] ?? null;

            return ($named->entries[MapValue::tag($number)] ?? throw new RunError('no_group', ['number' => mb_substr($number, 0, 30)], 'no such group'))[1];
        }
        $number = static::integer($number);

        return \array_key_exists($number, $groups) ? $groups[$number] : throw new RunError('no_group', ['number' => $number], 'no such group');
    }

    public function groups(mixed $found): ListValue
    {
        return new ListValue(\array_slice(self::list_($found)->items, 1), true);
    }

    public function beginsAt(mixed $found): int
    {
        return self::list_($found)->found[0] ?? 0;
    }

    public function endsAt(mixed $found): int
    {
        $list = self::list_($found);

        return ($list->found[0] ?? 0) + mb_strlen(self::text_($list->items[0] ?? ''));
    }
}
