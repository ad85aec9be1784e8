<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Language\Notation;

/** How texts of Python look. */
final class PythonNotation
{
    private static ?Notation $facts = null;

    public static function facts(): Notation
    {
        return self::$facts ??= new Notation(
            remark: '#',
            itself: 'self',
            truths: ['True', 'False'],
            failureBehind: ['except', 'raise'],
            classWords: ['class'],
            memberWords: [],
            value: "piece = {value}\n",
            remarks: ['#'],
            textOf: 'str(…)',
            realNames: PythonRealNames::NAMES,
            methods: array_flip(PythonNames::METHODS),
            realFunctions: PythonRealNames::FUNCTIONS,
            rowEnd: '',
            defines: 'def',
            indents: true,
        );
    }
}
