<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** JavaScript's `null`, which it keeps apart from `undefined`; everywhere else nothing is PHP's null. */
enum Nothing
{
    case Null;
    /** What a method of Python's gives that is not made for such a value (The Python Language Reference, 3.2). */
    case NotTaken;
}
