<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

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
    /**
     * @param array<string, list<string>> $spellings by language, the one that is printed first; a spelling behind a type
     *                                               (`text?…`, `list?…`, `lists?…`, `map?…`, `whole?…`, `objects?…`) is for a first operand of that type;
     *                                               none where a language has no words for it
     * @param string                      $result    a type, or `same`, `item`, `join`, `list` for those of the first operand
     */
    public function __construct(public string $key, public int $least, public int $most, public array $spellings, public string $result)
    {
    }

    public function words(string $locale): string
    {
        return Words::in($locale)->raw("operation.$this->key");
    }

    /** The phrase with its operands left open: `length of …`. */
    public function phrase(string $locale): string
    {
        return trim((string) preg_replace('/\{[\d*]\}/', '…', $this->words($locale)));
    }

    /** How a language that has words for it writes it, with its operands left open: `json.loads(…)`. */
    public function example(): string
    {
        $spellings = array_merge(...array_values($this->spellings));
        // One that names an operand twice tells less of what it is called.
        $spelling = array_values(array_filter($spellings, static fn (string $spelling): bool => 1 !== preg_match('/\{(\d).*\{\1/', $spelling)))[0] ?? $spellings[0] ?? $this->key;

        return (string) preg_replace(['/^(?:\d+\||\w+\?)+|@/', '/\{[^{}]*\}/'], ['', '…'], $spelling);
    }

    public function takes(int $operands): bool
    {
        return $operands >= $this->least && $operands <= $this->most;
    }

    public function hasEffect(): bool
    {
        return 'nothing' === $this->result || \in_array($this->key, ['pop', 'pop_at', 'shift', 'value_or_put', 'pop_or', 'next_item', 'next_or', 'heap_pop', 'next_order', 'put_for', 'put_new', 'took_away', 'spliced', 'frozen', 'given', 'given_after', 'later', 'again_and_again', 'printed'], true);
    }
}
