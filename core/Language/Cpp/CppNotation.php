<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Language\Notation;
use Scrivlet\Core\Tree\ClassDefinition;

/** How texts of C++ look. */
final class CppNotation
{
    /** Macros of C, which no scope hides. */
    private const MACROS = ['errno', 'NULL', 'EOF', 'WEOF', 'NAN', 'SNAN', 'INFINITY', 'BUFSIZ', 'M_PI', 'M_E', 'RAND_MAX', 'SIZE_MAX', 'EBUSY', 'EIO', 'ELOOP', 'ETIME', 'EPIPE', 'EFAULT', 'EROFS', 'EDOM', 'ERANGE'];

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
            remarks: ['//', '/*'],
            textOf: 'to_string(…)',
            realNames: CppRealNames::NAMES.CppRealNames::TYPES,
            methods: [ClassDefinition::MAKES => '{class}'],
            kept: self::MACROS,
            freeFunctions: CppRealNames::FREE,
            typed: true,
            space: 'std::',
        );
    }
}
