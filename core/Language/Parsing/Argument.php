<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Tree\Expression;

/** A value handed over in a call, and where it stands; `all` if C++ names its first and last place instead. */
final readonly class Argument
{
    public function __construct(public Expression $value, public int $offset, public int $end, public ?string $name = null, public bool $all = false)
    {
    }
}
