<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Words\Words;

/**
 * What every language can do with values, and how each writes it.
 *
 * In a spelling `{0}` is the first operand; `{0:7}` one that gets brackets when it binds weaker than 7; `{0:all}` the
 * two iterators that C++ names for all items; `{*}` all operands from there on. A number and a bar before a spelling
 * say how strongly it binds itself. `@` stands before a name of our own library.
 */
final readonly class ValueOperation
{
    /** @var array<string, list<string>> by language, the one that is printed first; none where a language has no words for it */
    public array $spellings;
    public int $most;

    /**
     * A spelling behind a type (`text?…`, `list?…`, `lists?…`, `map?…`, `whole?…`, `objects?…`) is for a first operand of
     * that type.
     *
     * @param int                 $least      the fewest operands
     * @param int|null            $upTo       the most, where they are more
     * @param string|list<string> $python
     * @param string|list<string> $javaScript
     * @param string|list<string> $cpp
     * @param bool                $changes    whether something is another afterwards although it gives a value
     */
    public function __construct(public OperationKey $key, public int $least, public Result $result, string|array $python = [], string|array $javaScript = [], string|array $cpp = [], ?int $upTo = null, private bool $changes = false)
    {
        $this->spellings = ['python' => (array) $python, 'javascript' => (array) $javaScript, 'cpp' => (array) $cpp];
        $this->most = $upTo ?? $least;
    }

    public function words(string $locale): string
    {
        return Words::in($locale)->raw("operation.{$this->key->value}");
    }

    /** The phrase with its operands left open: `length of …`. */
    public function phrase(string $locale): string
    {
        return trim((string) preg_replace('/\{[\d*]\}/', '…', $this->words($locale)));
    }

    /** How a language that has words for it writes it, with its operands left open: `json.loads(…)`. */
    public function example(string $language = 'python'): string
    {
        $spellings = array_merge($this->spellings[$language] ?? [], ...array_values($this->spellings));
        // One that names an operand twice tells less of what it is called.
        $spelling = array_values(array_filter($spellings, static fn (string $spelling): bool => 1 !== preg_match('/\{(\d).*\{\1/', $spelling)))[0] ?? $spellings[0] ?? $this->key->value;

        return (string) preg_replace(['/^(?:\d+\||\w+\?)+|@/', '/\{[^{}]*\}/'], ['', '…'], $spelling);
    }

    public function takes(int $operands): bool
    {
        return $operands >= $this->least && $operands <= $this->most;
    }

    public function hasEffect(): bool
    {
        return Result::Nothing === $this->result || $this->changes;
    }
}
