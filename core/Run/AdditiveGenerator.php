<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** What `rand()` of the GNU C library gives from a seed on: each word is the sum of those 3 and 31 before it (glibc 2.36, random_r.c). */
final class AdditiveGenerator
{
    /** @var list<int> the last 31 words */
    private array $words = [];

    public function __construct(int $seed)
    {
        $seed &= 0xFFFFFFFF;
        $word = 0 === $seed ? 1 : ($seed > 0x7FFFFFFF ? $seed - 0x100000000 : $seed);
        $words = [$word & 0xFFFFFFFF];
        for ($index = 1; $index < 31; ++$index) {
            $word = $word * 16807 % 2147483647;
            $word += $word < 0 ? 2147483647 : 0;
            $words[] = $word;
        }
        // The word 3 before the first is the fourth last of those 31.
        $this->words = [...\array_slice($words, 3), ...\array_slice($words, 0, 3)];
        for ($turn = 0; $turn < 310; ++$turn) {
            $this->next();
        }
    }

    /** From 0 to 2147483647. */
    public function next(): int
    {
        $word = $this->words[0] + $this->words[28] & 0xFFFFFFFF;
        array_shift($this->words);
        $this->words[] = $word;

        return $word >> 1;
    }
}
