<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Language\Mistakes\Mistake;

/** A row cannot be read on; it stays as it is. */
final class ParseFailure extends \Exception
{
    public function __construct(public readonly Mistake $mistake)
    {
        parent::__construct($mistake->kind);
    }
}
