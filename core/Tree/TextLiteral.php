<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A text, a colour or a choice. */
final readonly class TextLiteral extends Leaf
{
    /** @param bool $letter a single letter, which C++ keeps apart from a text */
    public function __construct(public string $value, public bool $letter = false)
    {
    }
}
