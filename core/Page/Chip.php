<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

/** An expression as it shows in a blank: bare words, and boxes for its parts. */
final readonly class Chip
{
    /** @param list<string|Chip> $segments */
    public function __construct(public array $segments, public bool $boxed)
    {
    }

    /** The same as plain words, with brackets where a box stands in another. */
    public function words(): string
    {
        $text = '';
        foreach ($this->segments as $segment) {
            $text .= \is_string($segment) ? $segment : ($segment->boxed && 1 < \count($segment->segments) ? '('.$segment->words().')' : $segment->words());
        }

        return $text;
    }
}
