<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Scrivlet\Core\Language\Language;
use Scrivlet\Tests\Support\Thousands;

/** Classes that are kinds of each other, of every make, whose objects are asked everything: they say what they say on the real machine. */
#[Group('long')]
final class ClassesThereTest extends TestCase
{
    private const PROGRAMS = 300;

    /** @return iterable<string, array{Language, int}> and how many of a hundred may be refused or stop where the real machine goes on */
    public static function languages(): iterable
    {
        yield 'python' => [Language::Python, 60];
        yield 'javascript' => [Language::JavaScript, 60];
    }

    #[DataProvider('languages')]
    public function testObjectsSayWhatTheySayThere(Language $language, int $most): void
    {
        /** @var array<string, array{head: list<string>, first: string, made: list<string>, members: array<string, array{int, list<string>}>, asked: list<string>, try: string, new: string}> $all */
        $all = require __DIR__.'/../classes.php';
        $programs = [];
        for ($seed = 0; $seed < self::PROGRAMS; ++$seed) {
            mt_srand($seed);
            $programs["seed $seed"] = self::program($all[$language->value], $language);
        }
        [$otherwise, $short] = Thousands::otherwise($language, $programs);
        self::assertSame([], array_map(static fn (string $name): string => $programs[$name], $otherwise));
        self::assertLessThan(self::PROGRAMS * $most / 100, $short);
    }

    /** @param array{head: list<string>, first: string, made: list<string>, members: array<string, array{int, list<string>}>, asked: list<string>, try: string, new: string} $parts */
    private static function program(array $parts, Language $language): string
    {
        $text = '';
        $above = $has = [];
        foreach (\array_slice(['A', 'B', 'C', 'D'], 0, mt_rand(2, 4)) as $class) {
            $parent = [] === $above ? '' : self::one(array_keys($above));
            $above[$class] = $parent;
            $has[$class] = $has[$parent] ?? [];
            $text .= strtr($parts['head']['' === $parent ? 0 : 1], ['@C' => $class, '@P' => $parent])."\n";
            $members = '' === $parent ? [$parts['first']] : (0 === mt_rand(0, 1) ? [self::one($parts['made'])] : []);
            foreach ($parts['members'] as $name => [$chance, $ways]) {
                $ways = array_values(array_filter($ways, static fn (string $way): bool => '^' !== $way[0] || isset($has[$parent][$name])));
                if (mt_rand(1, 100) <= $chance) {
                    $members[] = self::laidOut(strtr(ltrim(self::one($ways), '^'), ['@C' => $class, '@n' => (string) mt_rand(2, 5)]), $language);
                    $has[$class][$name] = true;
                }
            }
            $text .= implode("\n", array_filter($members))."\n".(Language::Python === $language ? "\n\n" : "}\n");
        }
        $classes = array_keys($above);
        $objects = ['pea', 'bean'];
        foreach ($objects as $object) {
            $text .= strtr($parts['new'], ['@v' => $object, '@C' => self::one($classes)]);
        }
        for ($asked = mt_rand(3, 6); $asked > 0; --$asked) {
            $row = strtr(self::one($parts['asked']), ['@v' => self::one($objects), '@w' => self::one($objects), '@c' => self::one($classes)]);
            $text .= strtr($parts['try'], ['@a' => Language::Python === $language ? str_replace('; ', "\n    ", $row) : $row]);
        }

        return $text;
    }

    /** Rows of Python behind each other are parted by `;`, each further one a step to the right behind two. */
    private static function laidOut(string $member, Language $language): string
    {
        if (Language::Python !== $language) {
            return "    $member";
        }
        $rows = '';
        $depth = 0;
        foreach (explode(';', $member) as $row) {
            if ('' === $row) {
                ++$depth;
                continue;
            }
            $rows .= ('' === $rows ? '' : "\n").str_repeat('    ', 1 + (str_starts_with($row, 'def ') || '@' === $row[0] ? 0 : 1 + max(0, $depth - (str_contains($member, '@') ? 1 : 0)))).$row;
        }

        return $rows;
    }

    /**
     * @param list<string> $of
     */
    private static function one(array $of): string
    {
        return $of[mt_rand(0, \count($of) - 1)];
    }
}
