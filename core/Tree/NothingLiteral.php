<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** No value: None, null; as a bound of a slice, the end of the list or text. */
final readonly class NothingLiteral extends Leaf
{
    /** @param bool $undefined whether it is what JavaScript calls `undefined` */
    public function __construct(public bool $undefined = false)
    {
    }
}
