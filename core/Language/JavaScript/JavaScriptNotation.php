<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

use Scrivlet\Core\Language\Notation;
use Scrivlet\Core\Tree\ClassDefinition;

/** How texts of JavaScript look. */
final class JavaScriptNotation
{
    private static ?Notation $facts = null;

    public static function facts(): Notation
    {
        return self::$facts ??= new Notation(
            remark: '//',
            itself: 'this',
            truths: ['true', 'false'],
            failureBehind: ['throw new'],
            classWords: ['class'],
            memberWords: ['constructor', 'toString', 'static', 'get'],
            value: "let piece = {value};\n",
            remarks: ['//', '/*'],
            textOf: 'String(…)',
            realNames: JavaScriptRealNames::NAMES,
            methods: [ClassDefinition::MAKES => 'constructor', ClassDefinition::SHOWS => 'toString'],
            kept: ['arguments', 'eval'],
            valueWords: ['delete', 'void', 'import', 'class', 'yield'],
            realFunctions: JavaScriptRealNames::FUNCTIONS,
            endlessEnd: 'n',
            rowsMayEnd: true,
            defines: 'function',
            camel: true,
            awaits: true,
            plainObjects: true,
        );
    }
}
