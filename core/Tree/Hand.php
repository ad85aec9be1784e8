<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** How a row shows on the blocks page when it is not in words. */
enum Hand: string
{
    /** The row turned over: its text in the language of the text page. */
    case Code = 'code';
    /** A person typed it. */
    case Handwritten = 'handwritten';
    /** A person typed it, and it was run to show that it does what the printed row did. */
    case Sealed = 'sealed';

    public function isTyped(): bool
    {
        return self::Code !== $this;
    }
}
