<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

/**
 * A line of printed text and the place in the tree that it stands for.
 *
 * An anchor is `<row id>:<part>`: `12:head`, `12:close`. It is what lines of different pages are aligned by.
 */
final readonly class Line
{
    public function __construct(public string $anchor, public string $text)
    {
    }
}
