<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

use Scrivlet\Core\Language\Patterns;
use Scrivlet\Core\Run\RunError;

/** A pattern that texts are searched for: a regular expression of JavaScript or Python, which PCRE reads nearly as they are. */
final class PatternValue
{
    /** The letter at which a search goes on that remembers its place (ECMA-262, 22.2.7.2). */
    public int $next = 0;

    /** @var array<string, int> the groups that have names, as far as a text fitted */
    private array $names = [];

    private function __construct(public readonly string $source, public readonly string $flags, private readonly string $compiled)
    {
    }

    /** @return self|null null where the pattern can't be read */
    public static function javaScript(string $source, string $flags = ''): ?self
    {
        $compiled = Patterns::javaScript($source, $flags);

        return null === $compiled ? null : new self($source, $flags, $compiled);
    }

    public static function python(string $source): ?self
    {
        $compiled = Patterns::python($source);

        return null === $compiled ? null : new self($source, '', $compiled);
    }

    /** The byte of a text at which a search goes on; behind the text where that has fewer letters. */
    public function from(string $text): int
    {
        return 0 === $this->next ? 0 : (mb_strlen($text) < $this->next ? \strlen($text) + 1 : \strlen(mb_substr($text, 0, $this->next)));
    }

    /** What a pattern keeps under a name (ECMA-262, 22.2.6 and 22.2.8). */
    public function kept(string $name): string|float|bool|null
    {
        return match ($name) {
            'lastIndex' => (float) $this->next,
            'source' => $this->source,
            'flags' => $this->flags,
            'global' => str_contains($this->flags, 'g'),
            'ignoreCase' => str_contains($this->flags, 'i'),
            'multiline' => str_contains($this->flags, 'm'),
            default => null,
        };
    }

    /**
     * The first place from an offset on where a text fits.
     *
     * @return list<array{string|null, int}>|null the whole and its groups, each with where it begins in bytes
     */
    public function first(string $text, int $from = 0): ?array
    {
        Room::spend(1 + (\strlen($text) >> 4));
        if ($from > \strlen($text)) {
            return null;
        }
        $found = preg_match($this->compiled, $text, $match, \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL, $from);
        if (false === $found) {
            throw new RunError('much_work');
        }

        foreach ([] === $this->names ? array_keys($match) : [] as $place => $name) {
            // A name stands before the number of its group.
            if (\is_string($name)) {
                $this->names[$name] = $place - \count($this->names);
            }
        }

        return 0 === $found ? null : array_values(array_filter($match, \is_int(...), \ARRAY_FILTER_USE_KEY));
    }

    /** @return array<string, int> the numbers of groups by their names, of what was found last */
    public function names(): array
    {
        return $this->names;
    }

    /** @return list<list<array{string|null, int}>> */
    public function all(string $text): array
    {
        $all = [];
        for ($from = 0; null !== $match = $this->first($text, $from);) {
            $all[] = $match;
            $length = \strlen((string) $match[0][0]);
            // Where nothing was found the search goes on one letter further.
            $from = $match[0][1] + ($length > 0 ? $length : max(1, \strlen(mb_substr(substr($text, $match[0][1], 4), 0, 1))));
        }

        return $all;
    }

    public function isForAll(): bool
    {
        return str_contains($this->flags, 'g');
    }
}
