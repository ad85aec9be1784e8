<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

/** Where a part of a row stands in the text, before it is known which row that is among the old ones. */
final readonly class Cut
{
    /**
     * @param int  $parent id of the row around it
     * @param bool $tight  what the row holds stands on the same line, or without braces around it
     */
    public function __construct(public int $id, public string $part, public int $start, public int $end, public int $parent, public bool $tight = false)
    {
    }
}
