<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Language\Highlighter;

/** One line of a text page. */
final readonly class TextLine
{
    /** @param int $number counted from 1, as the file counts */
    public function __construct(public string $anchor, public int $number, public string $text, private Highlighter $highlighter)
    {
    }

    /**
     * Cut only when asked for: most lines of an edited program are on the page already.
     *
     * @return list<array{string, string}> class and text; see Highlighter
     */
    public function tokens(): array
    {
        return $this->highlighter->tokens($this->text);
    }
}
