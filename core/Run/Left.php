<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** The program ended itself. */
final class Left extends \Exception
{
    /** @param int $exit what it tells the machine */
    public function __construct(public readonly int $exit)
    {
        parent::__construct();
    }
}
