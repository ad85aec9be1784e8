<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** The step limit was reached: not an error of the program, its run is only cut. */
final class StepLimitReached extends \RuntimeException
{
}
