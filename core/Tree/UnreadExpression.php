<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** Text in a blank that could not be read, letter for letter. */
final readonly class UnreadExpression extends Leaf
{
    /** @param FailureKind|null $fails as what the language's own machine stops here; null where it would not begin, or it is not known what it does */
    public function __construct(public string $text, public ?FailureKind $fails = null)
    {
    }
}
