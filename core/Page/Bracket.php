<?php

declare(strict_types=1);

namespace Scrivlet\Core\Page;

use Scrivlet\Core\Catalogue\Kind;

/** The pen stroke down the margin beside what a loop, a branch or a function holds; its last row has the hook. */
final readonly class Bracket
{
    public function __construct(public Kind $kind, public bool $last)
    {
    }
}
