<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Notation;

/** How texts of C++ look. */
final class CppNotation
{
    private static ?Notation $facts = null;

    public static function facts(): Notation
    {
        return self::$facts ??= new Notation(
            remark: '//',
            itself: 'this',
            truths: ['true', 'false'],
            failureBehind: ['throw'],
            classWords: ['class', 'struct'],
            memberWords: [],
            value: "int main() {\n    auto piece = {value};\n}\n",
            typed: true,
            space: 'std::',
        );
    }
}
