<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Text in a blank that could not be read, letter for letter. */
final readonly class UnreadExpression extends Leaf
{
    public function __construct(public string $text)
    {
    }
}
