<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

/** A name in the text, and whose it is: `''` is the script's, else the name of a function. */
final readonly class NameUse
{
    /**
     * @param list<int> $loops the loops around it, by where they start
     * @param bool      $tried whether it stands where what fails is caught
     */
    public function __construct(public string $name, public int $offset, public string $scope, public bool $called, public array $loops, public bool $tried = false)
    {
    }
}
