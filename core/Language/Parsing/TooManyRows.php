<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

/** A text has more rows than a program may have. */
final class TooManyRows extends \RuntimeException
{
    /** @param int $offset where the first row begins that is one too many */
    public function __construct(public readonly int $offset)
    {
        parent::__construct('Too many rows.');
    }
}
