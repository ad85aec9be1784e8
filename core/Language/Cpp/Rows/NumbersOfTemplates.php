<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * `template <typename T, int N = 8> class Ring` (C++17, 17.1): a class that is made for a number. Where the whole text makes it
 * for one number, `N` is that number; neither the head nor what stands in angle brackets behind the name says it then.
 */
final class NumbersOfTemplates extends Rewriting
{
    private const NUMBERS = ['int', 'size_t', 'unsigned', 'bool'];

    /**
     * @param list<Token> $tokens of the whole text
     *
     * @return list<Token>
     */
    public static function asNumbers(array $tokens): array
    {
        $templates = new self($tokens);
        foreach (array_keys($templates->code) as $at) {
            if ('template' === $templates->text($at) && '<' === $templates->text($at + 1) && null !== $end = $templates->closingAngle($at + 1)) {
                $templates->template($at, $end);
            }
        }

        return $templates->rewritten();
    }

    private function template(int $at, int $end): void
    {
        $class = $this->text($end + 2);
        if (!\in_array($this->text($end + 1), ['class', 'struct'], true) || !$this->isName($end + 2)) {
            return;
        }
        $heads = $this->between($at + 1, $end);
        $numbers = [];
        foreach ($heads as $place => [$from, $until]) {
            $from += 'std' === $this->text($from) ? 2 : 0;
            $from += 'unsigned' === $this->text($from) && 'int' === $this->text($from + 1) ? 1 : 0;
            if (\in_array($this->text($from), self::NUMBERS, true) && $this->isName($from + 1)) {
                $numbers[$place] = [$this->text($from + 1), '=' === $this->text($from + 2) && $until === $from + 3 ? $this->code[$from + 3] : null];
            }
        }
        if ([] === $numbers) {
            return;
        }
        $uses = $this->uses($class);
        if (null === $uses) {
            return;
        }
        $found = [];
        foreach ($numbers as $place => [, $default]) {
            foreach ($uses as [, $parts]) {
                $given = !isset($parts[$place]) ? $default : ($parts[$place][0] === $parts[$place][1] ? $this->code[$parts[$place][0]] : null);
                if (null === $given || TokenKind::Number !== $this->tokens[$given]->kind) {
                    return;
                }
                $found[$place][$this->tokens[$given]->text] = $this->tokens[$given];
            }
            if (1 !== \count($found[$place] ?? [])) {
                return;
            }
        }
        $this->leaveOut($at, $heads, $numbers, $end);
        foreach ($uses as [$open, $parts, $close]) {
            $this->leaveOut($open, $parts, $numbers, $close);
        }
        $values = [];
        foreach ($numbers as $place => [$name]) {
            $values[$name] = reset($found[$place]);
        }
        $this->put($end, $values);
    }

    /**
     * The numbers in the braces of the class, where their names stand.
     *
     * @param array<string, Token|false> $values
     */
    private function put(int $from, array $values): void
    {
        for ($brace = $from; '{' !== $this->text($brace) && isset($this->code[$brace]); ++$brace) {
        }
        for ($at = $brace, $end = $this->closing($brace) ?? $brace; $at < $end; ++$at) {
            $value = $values[$this->text($at)] ?? false;
            if (false !== $value && !\in_array($this->text($at - 1), ['.', '->'], true)) {
                $this->put[$at] = [$this->tokens[$this->code[$at]]->readAs($value->text, TokenKind::Number)];
            }
        }
    }

    /**
     * @param array<int, array{int, int}>         $parts   what stands between the brackets
     * @param array<int, array{string, int|null}> $numbers
     */
    private function leaveOut(int $open, array $parts, array $numbers, int $close): void
    {
        $stay = array_diff_key($parts, $numbers);
        if ([] === $stay) {
            // Nothing is left to be said in the brackets, nor by their word.
            foreach (range($open, $close) as $at) {
                $this->put[$at] = [];
            }

            return;
        }
        $last = array_key_last($stay);
        foreach (array_intersect_key($parts, $numbers) as $place => [$from, $until]) {
            foreach (range($place > $last ? $from - 1 : $from, $place > $last ? $until : $until + 1) as $at) {
                $this->put[$at] = [];
            }
        }
    }

    /** @return list<array{int, array<int, array{int, int}>, int}>|null where a class is named with what it is made for: the brackets, and what stands between them; null where it can't be told */
    private function uses(string $class): ?array
    {
        $uses = [];
        foreach (array_keys($this->code) as $at) {
            if ($class !== $this->text($at) || '<' !== $this->text($at + 1)) {
                continue;
            }
            $end = $this->closingAngle($at + 1);
            if (null === $end) {
                return null;
            }
            $uses[] = [$at + 1, $this->between($at + 1, $end), $end];
        }

        return $uses;
    }

    private function closingAngle(int $open): ?int
    {
        for ($at = $open, $depth = 0; isset($this->code[$at]) && $at < $open + 30; ++$at) {
            $depth += ['<' => 1, '>' => -1][$this->text($at)] ?? 0;
            if (0 === $depth) {
                return $at;
            }
            if (\in_array($this->text($at), ['>>', ';', '{', '('], true)) {
                return null;
            }
        }

        return null;
    }

    /** @return array<int, array{int, int}> */
    private function between(int $open, int $close): array
    {
        [$parts, $from, $depth] = [[], $open + 1, 0];
        for ($at = $open + 1; $at <= $close; ++$at) {
            $depth += ['<' => 1, '>' => -1][$this->text($at)] ?? 0;
            if ($at === $close || 0 === $depth && ',' === $this->text($at)) {
                $parts[] = [$from, $at - 1];
                $from = $at + 1;
            }
        }

        return $parts;
    }
}
