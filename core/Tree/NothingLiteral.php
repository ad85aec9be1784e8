<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** No value: None, null; as a bound of a slice, the end of the list or text. */
final readonly class NothingLiteral extends Expression
{
    public function __construct()
    {
    }
}
