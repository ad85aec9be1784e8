<?php

declare(strict_types=1);

namespace Scrivlet\App\Program;

/** A save that started from an old revision. */
final class RevisionConflict extends \RuntimeException
{
}
