<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp\Rows;

use Scrivlet\Core\Language\Lexing\Rewriting;
use Scrivlet\Core\Language\Lexing\Token;
use Scrivlet\Core\Language\Lexing\TokenKind;

/**
 * Methods of one name in a class, and meanings of one sign, that differ by the types of what they take (C++17, 16): all but the first
 * get a name of their own where they are written. Which of them is meant shows where they are called, by what they are given.
 */
final class OverloadsByType extends Rewriting
{
    public const SEEN = '/\b(?:class|struct)\b/';
    /** What a sign is called where it means something else for another type. */
    private const SIGNS = ['+' => 'plus', '-' => 'minus', '*' => 'times', '/' => 'over'];
    /** @var array<string, list<string>> by the name that the text has, `operator*` too, all by which its methods are known here; a sign stands for itself */
    public array $ways = [];
    /** @var array<string, array<string, string>> by name and types, how a method is known here */
    private array $names = [];
    /** @var array<string, true>|null */
    private ?array $words = null;
    /** @var array<string, true> classes whose methods of a name are told apart, each as `Class.name` */
    private array $apart = [];

    /** @return list<Token> */
    public function told(): array
    {
        /** @var array<string, list<array{int, string, string, int}>> $methods */
        $methods = $above = [];
        foreach (array_keys($this->code) as $at) {
            if (\in_array($this->text($at), ['class', 'struct'], true) && !\in_array($this->text($at - 1), ['enum', '<', ','], true) && $this->isName($at + 1) && null !== $brace = $this->braceBehind($at + 2)) {
                $class = $this->text($at + 1);
                for ($part = $at + 2; $part < $brace; ++$part) {
                    $above[$class] = $this->isName($part) && 'final' !== $this->text($part) ? $this->text($part) : $above[$class] ?? '';
                }
                $methods[$class] = [...$methods[$class] ?? [], ...$this->membersBetween($class, $brace, $this->closing($brace) ?? $brace)];
            }
        }
        foreach ($methods as $class => $of) {
            $this->tellApart($class, $of, $above[$class] ?? '');
        }
        if ([] === $this->apart) {
            return $this->tokens;
        }
        foreach (array_keys($this->code) as $at) {
            $class = $this->isName($at) && '::' === $this->text($at + 1) ? $this->text($at) : '';
            $member = isset($methods[$class]) ? $this->memberAt($at + 2) : null;
            if (null !== $member && $class !== $member[1]) {
                $methods[$class][] = $member;
            }
        }
        foreach ($methods as $class => $of) {
            foreach ($of as [$at, $name, $types]) {
                $own = isset($this->apart["$class.$name"]) ? $this->names[$name][$types] ?? $name : $name;
                if ($own !== $name) {
                    $isSign = str_starts_with($name, 'operator');
                    $this->put[$at] = [$this->tokens[$this->code[$at]]->readAs($own, TokenKind::Name)];
                    $this->put += $isSign ? [$at + 1 => []] : [];
                }
            }
        }

        return $this->rewritten();
    }

    /**
     * @param list<array{int, string, string, int}> $methods
     */
    private function tellApart(string $class, array $methods, string $above): void
    {
        $by = $counts = [];
        foreach ($methods as [, $name, $types, $many]) {
            $by[$name][$types] = true;
            $counts[$name][$many][$types] = true;
        }
        foreach ($by as $name => $of) {
            $isApart = isset($this->apart["$above.$name"]) || [] !== array_filter($counts[$name], static fn (array $types): bool => 1 < \count($types));
            if (!$isApart) {
                continue;
            }
            $this->apart["$class.$name"] = true;
            $sign = str_starts_with($name, 'operator') ? substr($name, 8) : null;
            $all = array_keys($of);
            if (null !== $sign) {
                // What takes an object of the class is what the sign means; what takes nothing means something else.
                usort($all, static fn (string $one, string $other): int => ($class === $other ? 1 : 0) <=> ($class === $one ? 1 : 0));
            }
            foreach ($all as $types) {
                if (null !== $sign && '' === $types || isset($this->names[$name][$types])) {
                    continue;
                }
                $this->names[$name][$types] = [] === ($this->names[$name] ?? []) ? $name : $this->nameFor(null === $sign ? $name : self::SIGNS[$sign]);
            }
            $this->ways[$name] = array_values($this->names[$name] ?? []);
        }
    }

    /** A name that the text does not have. */
    private function nameFor(string $word): string
    {
        for ($number = 2; isset($this->words()["{$word}_$number"]); ++$number) {
        }
        $this->words["{$word}_$number"] = true;

        return "{$word}_$number";
    }

    /** @return array<string, true> */
    private function words(): array
    {
        return $this->words ??= array_fill_keys(array_map($this->text(...), array_keys($this->code)), true);
    }

    private function braceBehind(int $at): ?int
    {
        for ($last = $at + 40; $at < $last && !\in_array($this->text($at), ['{', ';', ')', '('], true) && isset($this->code[$at]); ++$at) {
        }

        return '{' === $this->text($at) ? $at : null;
    }

    /** @return list<array{int, string, string, int}> */
    private function membersBetween(string $class, int $from, int $until): array
    {
        $members = [];
        for ($at = $from + 1; $at < $until; ++$at) {
            $member = $this->memberAt($at);
            if (null !== $member) {
                $members = $class === $member[1] || '~' === $this->text($at - 1) ? $members : [...$members, $member];
                $at = $this->closing($at + (str_starts_with($member[1], 'operator') ? 2 : 1)) ?? $at;
                // What fields are made with names no methods.
                if (':' === $this->text($at + 1)) {
                    while ($at < $until && '{' !== $this->text($at)) {
                        ++$at;
                    }
                    --$at;
                }
            } elseif (\in_array($this->text($at), ['{', '(', '['], true)) {
                $at = $this->closing($at) ?? $at;
            } elseif ('=' === $this->text($at) || 'friend' === $this->text($at)) {
                while ($at < $until && !\in_array($this->text($at), [';', '{'], true)) {
                    ++$at;
                }
                $at = '{' === $this->text($at) ? $this->closing($at) ?? $at : $at;
            }
        }

        return $members;
    }

    /** @return array{int, string, string, int}|null the place of a method that is written there, its name, the types that it takes, and how many */
    private function memberAt(int $at): ?array
    {
        $isSign = 'operator' === $this->text($at) && isset(self::SIGNS[$this->text($at + 1)]);
        $open = $isSign ? $at + 2 : $at + 1;
        $close = '(' === $this->text($open) && ($isSign || $this->isName($at)) ? $this->closing($open) : null;
        if (null === $close || !\in_array($this->text($close + 1), ['{', ';', 'const', 'override', 'noexcept', '=', ':', '->'], true) || 'return' === $this->text($at - 1)) {
            return null;
        }
        $types = [];
        foreach ('void' === $this->text($open + 1) && $close === $open + 2 ? [] : $this->parts($open, $close) as [$from, $until]) {
            $words = [];
            for ($part = $from; $part <= $until && '=' !== $this->text($part); ++$part) {
                $words = \in_array($this->text($part), ['const', '&', 'std', '::', '[', ']'], true) ? $words : [...$words, $part];
            }
            $last = $words[\count($words) - 1] ?? $from;
            $words = 1 < \count($words) && $this->isName($last) ? \array_slice($words, 0, -1) : $words;
            $types[] = implode(' ', array_map($this->text(...), $words));
        }

        return [$at, $isSign ? 'operator'.$this->text($at + 1) : $this->text($at), implode(', ', $types), \count($types)];
    }
}
