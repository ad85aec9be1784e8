<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

/** Stands in a variable that has no value yet, which is not the same as one that holds nothing. */
enum Absent
{
    case Value;
}
