<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** How a row came to be and shows on the blocks page, where that is not as a printed row in words. */
enum Hand: string
{
    /** The row turned over: its text in the language of the text page. */
    case Code = 'code';
    /** A person typed it on the text page; it shows in words. */
    case Typed = 'typed';
    /** A person typed it, and it shows as it was typed. */
    case Handwritten = 'handwritten';
    /** It shows as it was typed, and was run to show that it does what the printed row did. */
    case Sealed = 'sealed';

    /** Whether a person typed the row. */
    public function isInk(): bool
    {
        return self::Code !== $this;
    }

    public function showsAsTyped(): bool
    {
        return self::Handwritten === $this || self::Sealed === $this;
    }
}
