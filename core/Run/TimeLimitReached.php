<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** A run's own time is used up. */
final class TimeLimitReached extends \RuntimeException
{
}
