<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/** A program's text as a person typed it, cut into pieces that each belong to a row; together they are the text. */
final readonly class Handwriting
{
    /** @param list<Piece> $pieces in the order of the text, without gaps */
    public function __construct(public string $text, public array $pieces)
    {
    }
}
