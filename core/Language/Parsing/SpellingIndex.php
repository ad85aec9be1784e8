<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Tree\OperationKey;

/** Finds the operation that a call, a method or a property spells; made from the same table that printers write from. */
final class SpellingIndex
{
    /** @var array<string, self> */
    private static array $all = [];

    /** @var array<string, list<array{OperationKey, list<string>}>> operation and patterns of arguments, by the function's name */
    public array $functions = [];
    /** @var array<string, list<array{OperationKey, list<string>}>> operation and patterns, the receiver's first, by the method's name */
    public array $methods = [];
    /** @var array<string, OperationKey> operation by the property's name */
    public array $properties = [];

    private function __construct(Language $language)
    {
        foreach (ValueOperations::all() as $operation) {
            foreach (\in_array($operation->key, self::BY_PLACE, true) ? [] : $operation->spellings[$language->value] as $spelling) {
                $this->add($operation->key, $spelling);
            }
        }
        $this->functions = array_map(self::fixedFirst(...), $this->functions);
        $this->methods = array_map(self::fixedFirst(...), $this->methods);
    }

    /**
     * Those with a fixed argument come first: `insert(0, x)` before `insert(i, x)`.
     *
     * @param list<array{OperationKey, list<string>}> $candidates
     *
     * @return list<array{OperationKey, list<string>}>
     */
    private static function fixedFirst(array $candidates): array
    {
        if (1 < \count($candidates)) {
            usort($candidates, static fn (array $a, array $b): int => self::fixed($b[1]) <=> self::fixed($a[1]));
        }

        return $candidates;
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
    private const BY_PLACE = [OperationKey::NextStep, OperationKey::FailureShown, OperationKey::MakerOf];

    /** Properties whose names anything else may have as well: what they are asked of has to be known. */
    private const OF_SOME = ['size', 'name', 'message', '__name__'];

    /** Every request begins with some hundred spellings, so that one pattern finds what each is: method, function, property, name. */
    private const FORMS = '/^(?:\w+\?)?(?:\d+\|)?(?:await )?(?:(\{\d\})\.(\w+)(?:\(([^()]*)\))?|@?([\w.]+)\(([^()]*)\)|([A-Z]?[\w.]+))$/';

    private function add(OperationKey $key, string $spelling): void
    {
        if (1 !== preg_match(self::FORMS, $spelling, $match, \PREG_UNMATCHED_AS_NULL)) {
            return;
        }
        [, $receiver, $member, $given, $function, $takes, $name] = $match;
        if (null !== $member && null !== $given) {
            $this->methods[$member][] = [$key, [(string) $receiver, ...self::arguments($given)]];
        } elseif (null !== $function && null !== $takes) {
            $this->functions[$function][] = [$key, self::arguments($takes)];
        } elseif (null !== $name || !\in_array($member, self::OF_SOME, true)) {
            $this->properties[(string) ($name ?? $member)] ??= $key;
        }
    }

    /** @return list<string> */
    private static function arguments(string $list): array
    {
        return '' === $list ? [] : explode(', ', $list);
    }
}
