<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

/** What courses write most, by language, the most usual first: it decides between what fits a place equally well. */
final class Usual
{
    /** Words that rows begin with. */
    public const STATEMENTS = [
        'python' => ['print', 'for', 'if', 'while', 'def', 'return', 'else', 'elif', 'from', 'import', 'break', 'global', 'continue', 'pass', 'try'],
        'javascript' => ['console', 'let', 'const', 'if', 'for', 'while', 'function', 'return', 'else', 'break', 'import', 'continue', 'await', 'async', 'do', 'var'],
        'cpp' => ['cout', 'int', 'for', 'if', 'string', 'while', 'return', 'double', 'vector', 'auto', 'void', 'else', 'bool', 'using', 'break', 'const', 'long', 'char', 'cin', 'map', 'continue', 'do'],
    ];
    /** Whole constructs behind the word that begins them; `${…}` is a gap to be filled. */
    public const CONSTRUCTS = [
        'python' => [
            'print' => 'print(${})', 'for' => "for \${i} in range(\${4}):\n    \${}", 'if' => "if \${condition}:\n    \${}", 'while' => "while \${condition}:\n    \${}", 'def' => "def \${name}(\${}):\n    \${}",
            'else' => "else:\n    \${}", 'elif' => "elif \${condition}:\n    \${}",
        ],
        'javascript' => [
            'console' => 'console.log(${});', 'for' => "for (let \${i} = 0; \${i} < \${4}; \${i}++) {\n    \${}\n}", 'if' => "if (\${condition}) {\n    \${}\n}", 'while' => "while (\${condition}) {\n    \${}\n}",
            'function' => "function \${name}(\${}) {\n    \${}\n}", 'else' => "else {\n    \${}\n}",
        ],
        'cpp' => [
            'cout' => 'cout << ${} << endl;', 'for' => "for (int \${i} = 0; \${i} < \${4}; \${i}++) {\n    \${}\n}", 'if' => "if (\${condition}) {\n    \${}\n}", 'while' => "while (\${condition}) {\n    \${}\n}",
            'else' => "else {\n    \${}\n}",
        ],
    ];
    /** The row that says what a word does which begins one. */
    public const ROWS = [
        'print' => 'print', 'console' => 'print', 'cout' => 'print', 'for' => 'repeat', 'if' => 'if', 'while' => 'while', 'def' => 'define', 'function' => 'define', 'else' => 'otherwise', 'elif' => 'else_if',
        'return' => 'return', 'break' => 'break', 'continue' => 'continue', 'pass' => 'pass', 'global' => 'share',
    ];
    /** Which rows a word begins, of those that a stock may leave out. */
    public const STOCKED = [
        'print' => ['print'], 'console' => ['print'], 'cout' => ['print'], 'for' => ['repeat', 'count', 'for_each', 'for'], 'if' => ['if'], 'while' => ['while', 'forever', 'do_while'], 'do' => ['do_while'],
        'def' => ['define', 'return'], 'function' => ['define', 'return'], 'else' => ['otherwise', 'else_if'], 'elif' => ['else_if'], 'return' => ['return', 'leave'], 'break' => ['break'], 'continue' => ['continue'],
    ];
    /** Words within values. */
    public const IN_VALUES = [
        'python' => ['True', 'False', 'not', 'in', 'and', 'or', 'if', 'else', 'for', 'None', 'lambda', 'is', 'import'],
        'javascript' => ['true', 'false', 'of', 'in', 'await', 'new', 'null', 'function', 'async', 'from', 'return'],
        'cpp' => ['true', 'false', 'auto', 'int', 'string', 'double', 'endl', 'const', 'bool', 'char', 'long', 'nullptr'],
    ];
    /** What a loop's brackets begin with. */
    public const IN_FOR = ['python' => [], 'javascript' => ['let', 'const'], 'cpp' => ['int', 'const', 'char', 'string', 'auto', 'double']];
    /** Types of parameters. */
    public const TYPES = ['int', 'string', 'double', 'const', 'vector', 'char', 'bool', 'auto', 'long'];
    /** Names that programs make up. */
    public const NAMES = ['python' => ['i', 'number', 'item', 'row', 'turn'], 'javascript' => ['i', 'number', 'item', 'answer'], 'cpp' => ['i', 'n', 'j', 'number', 'name', 'total', 'count']];
    public const NUMBERS = ['1', '2', '3', '0', '10', '5', '4', '7', '9', '6', '8'];
    /** What lists, texts and maps are asked for. */
    public const METHODS = ['length', 'size', 'append', 'push', 'push_back', 'join', 'split', 'strip', 'trim', 'upper', 'toUpperCase', 'lower', 'toLowerCase', 'get', 'items', 'replace', 'includes', 'pop', 'keys', 'values', 'sort', 'begin', 'end', 'count', 'find', 'indexOf', 'isdigit', 'isalpha', 'zfill', 'padStart', 'slice', 'substr', 'toFixed', 'repeat', 'index', 'insert', 'remove', 'reverse', 'map', 'startswith', 'endswith'];
    /** What stands in the brackets of these. */
    public const ARGUMENTS = [
        'int' => ['input'], 'float' => ['input'], 'range' => ['len', '1', '10'], 'list' => ['range'], 'print' => ['len', 'str', 'end', 'sep', 'sum'], 'sorted' => ['key', 'reverse'], 'sort' => ['key', 'reverse'],
        'Number' => ['prompt'], 'parseInt' => ['prompt'], 'console.log' => ['Math', 'await'], 'Math.floor' => ['Math'], 'stoi' => ['ask'], 'for' => ['int', 'let', 'const', 'auto'],
    ];
    /** The kind of value that a call gives, or that stands there as it is. */
    public const KINDS = [
        '"' => 'text', 'String()' => 'text', 'str()' => 'text', 'string()' => 'text', 'input()' => 'text', 'prompt()' => 'text', 'to_string()' => 'text',
        '[literal]' => 'list', 'split()' => 'list', 'list()' => 'list', 'sorted()' => 'list', 'keys()' => 'list', 'values()' => 'list', 'map()' => 'list', 'filter()' => 'list',
    ];
}
