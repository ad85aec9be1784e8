<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Run\Values\MapValue;
use Scrivlet\Core\Tree\FailureKind;

/** A program went wrong while it ran. */
final class RunError extends \RuntimeException
{
    /** The row that was running, as the compiler numbers rows; set where it passes the row's function. */
    public ?int $row = null;
    /** What the program raised, where that is an object of its own. */
    public ?MapValue $object = null;

    /**
     * @param array<string, string|int> $parameters
     * @param string|int|null           $says       what the real machine says, where that is known; what is thrown as it is
     * @param FailureKind|null          $raised     what the program raised itself
     */
    public function __construct(public readonly string $kind, public readonly array $parameters = [], public readonly string|int|null $says = null, public readonly ?FailureKind $raised = null)
    {
        parent::__construct($kind);
    }
}
