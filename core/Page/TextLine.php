<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

/** One line of a text page. */
final readonly class TextLine
{
    /**
     * @param int                         $number counted from 1, as the file counts
     * @param list<array{string, string}> $tokens class and text; see Highlighter
     */
    public function __construct(public string $anchor, public int $number, public string $text, public array $tokens)
    {
    }
}
