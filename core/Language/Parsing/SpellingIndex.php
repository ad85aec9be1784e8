<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Language;

/** Finds the operation that a call, a method or a property spells; made from the same table that printers write from. */
final class SpellingIndex
{
    /** @var array<string, self> */
    private static array $all = [];

    /** @var array<string, list<array{string, list<string>}>> operation and patterns of arguments, by the function's name */
    public array $functions = [];
    /** @var array<string, list<array{string, list<string>}>> operation and patterns, the receiver's first, by the method's name */
    public array $methods = [];
    /** @var array<string, string> operation by the property's name */
    public array $properties = [];

    private function __construct(Language $language)
    {
        foreach (array_diff_key(ValueOperations::all(), self::BY_PLACE) as $key => $operation) {
            foreach ($operation->spellings[$language->value] as $spelling) {
                $this->add($key, (string) preg_replace('/^(?:\w+\?)?(?:\d+\|)?(?:await )?/', '', $spelling));
            }
        }
        foreach ([&$this->functions, &$this->methods] as &$forms) {
            foreach ($forms as &$candidates) {
                // Those with a fixed argument come first: `insert(0, x)` before `insert(i, x)`.
                usort($candidates, static fn (array $a, array $b): int => self::fixed($b[1]) <=> self::fixed($a[1]));
            }
            unset($candidates);
        }
    }

    public static function of(Language $language): self
    {
        return self::$all[$language->value] ??= new self($language);
    }

    /** @param list<string> $patterns */
    private static function fixed(array $patterns): int
    {
        return \count(array_filter($patterns, static fn (string $pattern): bool => '{' !== $pattern[0]));
    }

    /** What is known by where it stands, not by its spelling, which may be that of something else. */
    private const BY_PLACE = ['next_step' => true, 'failure_shown' => true, 'maker_of' => true];

    /** Properties whose names anything else may have as well: what they are asked of has to be known. */
    private const OF_SOME = ['size', 'name', 'message', '__name__'];

    private function add(string $key, string $spelling): void
    {
        $arguments = static fn (string $list): array => '' === $list ? [] : explode(', ', $list);
        if (1 === preg_match('/^\{(\d)\}\.(\w+)\(([^()]*)\)$/', $spelling, $match)) {
            $this->methods[$match[2]][] = [$key, ['{'.$match[1].'}', ...$arguments($match[3])]];
        } elseif (1 === preg_match('/^@?([\w.]+)\(([^()]*)\)$/', $spelling, $match)) {
            $this->functions[$match[1]][] = [$key, $arguments($match[2])];
        } elseif (1 === preg_match('/^\{0\}\.(\w+)$/', $spelling, $match)) {
            if (!\in_array($match[1], self::OF_SOME, true)) {
                $this->properties[$match[1]] ??= $key;
            }
        } elseif (1 === preg_match('/^[A-Z]?[\w.]+$/', $spelling)) {
            $this->properties[$spelling] ??= $key;
        }
    }
}
