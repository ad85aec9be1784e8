<?php

declare(strict_types=1);

namespace Scrivlet\Core\Phrasebook;

/** One line of a phrasebook: words, and the text that says them. */
final readonly class Phrase
{
    /**
     * @param string                                   $key    as in the reference
     * @param string                                   $words  with its blanks left open
     * @param list<array{name: string, about: string}> $blanks with unit, range and choices
     * @param array<string, string>                    $texts  by language; empty where a language needs none
     */
    public function __construct(public string $key, public string $words, public array $blanks, public array $texts)
    {
    }
}
