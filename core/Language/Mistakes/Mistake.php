<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Mistakes;

/** What is wrong at a place of a text, and how it can be mended. */
final readonly class Mistake
{
    /**
     * @param string                    $kind       an entry of the catalogue of mistakes
     * @param int                       $offset     bytes before the place
     * @param int                       $length     bytes of the place
     * @param array<string, string|int> $parameters for the sentence
     * @param list<Replacement>         $fix        changes to the text that mend it, the last place first; none if a person has to choose
     */
    public function __construct(public string $kind, public int $offset, public int $length, public array $parameters = [], public array $fix = [])
    {
    }
}
