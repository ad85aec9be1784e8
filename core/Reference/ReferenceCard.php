<?php

declare(strict_types=1);

namespace Scrivlet\Core\Reference;

/** All that is told of one command, row, value or operation. */
final readonly class ReferenceCard
{
    /**
     * @param string                                                 $key      entry of the catalogue, or `operation.` and an operation's
     * @param string                                                 $kind     for its ink
     * @param string                                                 $title    its words, blanks left open
     * @param string                                                 $does     in a sentence or two
     * @param list<array{name: string, about: string}>               $blanks   with unit, range and choices
     * @param array<string, list<array{text: string, lit: bool}>>    $texts    the example in each language; the lines that the entry made are lit
     * @param list<string>                                           $plain    the example's lit lines in plain words
     * @param array<string, list<array{line: string, says: string}>> $mistakes usual ones, by language
     */
    public function __construct(
        public string $key,
        public string $kind,
        public string $icon,
        public string $title,
        public string $does,
        public array $blanks,
        public Example $example,
        public array $texts,
        public array $plain,
        public array $mistakes,
    ) {
    }
}
