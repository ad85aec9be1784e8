<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A text, a colour or a choice. */
final readonly class TextLiteral extends Expression
{
    public function __construct(public string $value)
    {
    }
}
