<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run\Values;

/** Python's values for blocks and for texts of other languages: these are written with `int(…)` where they count. */
final class WrittenOverValues extends PythonValues
{
    protected static function integer(mixed $value): int
    {
        return \is_float($value) ? self::whole($value) : parent::integer($value);
    }
}
