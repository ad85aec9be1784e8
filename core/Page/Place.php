<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Catalogue\Goes;

/** A place where a row may be put: below the row with this anchor, this deep. */
final readonly class Place
{
    /**
     * @param int        $parent  id of the statement that holds the body; 0 for the functions of the program
     * @param list<Goes> $accepts
     * @param int|null   $before  the row of the same body that stands before the place
     * @param int|null   $after   the row that stands after it
     */
    public function __construct(public string $anchor, public int $depth, public int $parent, public string $body, public int $index, public array $accepts, public ?int $before, public ?int $after)
    {
    }
}
