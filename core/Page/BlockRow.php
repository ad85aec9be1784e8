<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Catalogue\Kind;
use Scrivlet\Core\Tree\Hand;

/** One row of the blocks page. */
final readonly class BlockRow
{
    /**
     * @param string                 $part     head, then<n> or otherwise, empty for a body without rows
     * @param list<Bracket>          $brackets from the outermost in
     * @param list<string|BlankView> $segments the phrase
     * @param string                 $goes     where the row may stand when it is moved; see Goes
     * @param int                    $height   rows of the statement and all it holds
     * @param Hand|null              $hand     how it shows, if not as a printed row in words
     */
    public function __construct(
        public string $anchor,
        public int $statement,
        public string $part,
        public string $entry,
        public Kind $kind,
        public string $icon,
        public array $brackets,
        public array $segments,
        public bool $off,
        public bool $holds,
        public string $goes,
        public int $height = 1,
        public ?Hand $hand = null,
    ) {
    }

    /** @param list<Bracket> $brackets */
    public function with(array $brackets, int $height): self
    {
        return new self($this->anchor, $this->statement, $this->part, $this->entry, $this->kind, $this->icon, $brackets, $this->segments, $this->off, $this->holds, $this->goes, $height, $this->hand);
    }
}
