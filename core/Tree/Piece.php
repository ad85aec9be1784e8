<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/**
 * Part of a typed text: from `start` to the next piece. Before its core stand blank lines and the indent, behind it
 * the comment at the line's end and the line end.
 */
final readonly class Piece
{
    /**
     * @param int    $id          of the row, 0 for what belongs to the whole program
     * @param string $part        of the row, as in the anchors of printed lines
     * @param int    $fingerprint of what the piece says
     * @param int    $parent      id of the row around it when it was typed
     * @param bool   $tight       what the row holds stands on the same line, or has no braces around it
     */
    public function __construct(public int $id, public string $part, public int $start, public int $coreStart, public int $coreEnd, public int $fingerprint, public int $parent = 0, public bool $tight = false)
    {
    }
}
