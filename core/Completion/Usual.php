<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

/** What courses write most, by language, the most usual first: it decides between what fits a place equally well. */
final class Usual
{
    /** Words that rows begin with. */
    public const STATEMENTS = [
        'python' => ['print', 'for', 'if', 'while', 'def', 'return', 'else', 'elif', 'from', 'import', 'break', 'class', 'global', 'continue', 'pass', 'try', 'except', 'raise', 'assert', 'nonlocal', 'with', 'del', 'yield', 'finally'],
        'javascript' => ['console', 'let', 'const', 'if', 'for', 'while', 'function', 'return', 'else', 'break', 'import', 'continue', 'await', 'class', 'async', 'do', 'var', 'switch', 'case', 'try', 'throw', 'this', 'catch', 'default'],
        'cpp' => ['cout', 'int', 'for', 'if', 'string', 'while', 'return', 'double', 'vector', 'auto', 'void', 'else', 'bool', 'using', 'break', 'const', 'long', 'char', 'cin', 'map', 'continue', 'do', 'switch', 'case', 'class', 'struct', 'public', 'private', 'printf', 'sort', 'try', 'throw', 'catch', 'getline', 'cerr', 'template', 'virtual', 'static', 'enum', 'typedef', 'default', 'delete', 'swap'],
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
        'python' => ['True', 'False', 'not', 'in', 'and', 'or', 'if', 'else', 'for', 'None', 'lambda', 'is', 'import', 'sum', 'sorted', 'list', 'float', 'round'],
        'javascript' => ['true', 'false', 'of', 'in', 'await', 'new', 'null', 'this', 'function', 'undefined', 'typeof', 'async', 'from', 'return', 'instanceof'],
        'cpp' => ['true', 'false', 'auto', 'int', 'string', 'double', 'endl', 'const', 'bool', 'char', 'long', 'nullptr', 'new', 'this', 'static_cast', 'sizeof', 'NULL'],
    ];
    /** What is put into a stream of C++ to form what comes behind it. */
    public const FORMS = ['setw', 'setprecision', 'fixed', 'setfill', 'left', 'right', 'boolalpha', 'hex'];
    /** Types of values as Python names them. */
    public const HINTS = ['int', 'str', 'float', 'list', 'bool', 'None', 'dict'];
    /** Names of C++ behind which types stand between `<` and `>`. */
    public const TEMPLATES = ['vector', 'map', 'pair', 'set', 'unordered_map', 'unordered_set', 'stack', 'queue', 'priority_queue', 'function', 'array', 'tuple', 'unique_ptr', 'shared_ptr', 'optional', 'deque', 'list', 'static_cast', 'numeric_limits', 'make_unique', 'make_shared', 'greater'];
    /** Methods that Python calls by itself. */
    public const SPECIAL = ['__init__', '__str__', '__repr__', '__eq__', '__len__', '__lt__', '__add__', '__contains__', '__iter__', '__getitem__'];
    /** Libraries of Python that programs bring in, and names in them that stand in no spelling. */
    public const LIBRARIES = ['random' => [], 'math' => [], 'time' => [], 'sys' => [], 'collections' => [], 'json' => [], 'dataclasses' => ['dataclass', 'field'], 'functools' => ['reduce', 'lru_cache', 'cache'], 'itertools' => [], 'statistics' => [], 'string' => [], 'typing' => ['List', 'Dict', 'Optional'], 'copy' => [], 're' => [], 'abc' => ['ABC', 'abstractmethod'],
    ];
    /** What a loop's brackets begin with. */
    public const IN_FOR = ['python' => [], 'javascript' => ['let', 'const', 'var'], 'cpp' => ['int', 'const', 'char', 'string', 'auto', 'double']];
    /** Types of parameters. */
    public const TYPES = ['int', 'string', 'double', 'const', 'vector', 'char', 'bool', 'auto', 'long'];
    /** Names that programs make up. */
    public const NAMES = ['python' => ['i', 'number', 'item', 'row', 'turn'], 'javascript' => ['i', 'number', 'item', 'answer'], 'cpp' => ['i', 'n', 'j', 'number', 'name', 'total', 'count']];
    /** What values are asked for, by language and kind; `any` where the kind is not known. */
    public const METHODS = [
        'python' => [
            'text' => ['upper', 'lower', 'strip', 'split', 'join', 'replace', 'isdigit', 'find', 'startswith', 'format', 'isalpha', 'count', 'endswith', 'title', 'rjust', 'ljust', 'index', 'center', 'zfill', 'capitalize', 'isspace', 'isupper', 'islower', 'isalnum', 'lstrip', 'rstrip', 'splitlines', 'swapcase', 'rfind', 'translate'],
            'list' => ['append', 'pop', 'sort', 'remove', 'insert', 'index', 'count', 'reverse', 'extend', 'clear', 'copy', 'appendleft', 'popleft'],
            'map' => ['items', 'get', 'keys', 'values', 'pop', 'setdefault', 'update', 'most_common', 'copy', 'clear'],
            'any' => ['append', 'items', 'get', 'upper', 'join', 'split', 'strip', 'pop', 'lower', 'values', 'sort', 'keys', 'add', 'format', 'index', 'find', 'isdigit', 'remove', 'count', 'replace', 'insert', 'isalpha', 'rjust', 'ljust', 'center', 'startswith', 'extend', 'discard', 'update', 'setdefault'],
        ],
        'javascript' => [
            'text' => ['length', 'toUpperCase', 'split', 'includes', 'toLowerCase', 'padStart', 'repeat', 'trim', 'slice', 'indexOf', 'charCodeAt', 'padEnd', 'replace', 'startsWith', 'charAt', 'substring', 'match', 'localeCompare', 'endsWith', 'at', 'replaceAll', 'lastIndexOf'],
            'list' => ['length', 'push', 'map', 'join', 'filter', 'sort', 'forEach', 'includes', 'reverse', 'slice', 'reduce', 'pop', 'indexOf', 'find', 'splice', 'some', 'shift', 'every', 'concat', 'unshift', 'findIndex', 'fill', 'flat', 'at', 'entries', 'keys', 'toString'],
            'map' => ['get', 'set', 'has', 'size', 'delete', 'keys', 'values', 'entries', 'forEach', 'clear', 'add', 'hasOwnProperty'],
            'any' => ['length', 'push', 'map', 'toFixed', 'join', 'filter', 'forEach', 'toUpperCase', 'includes', 'get', 'name', 'has', 'split', 'reduce', 'set', 'size', 'add', 'message', 'toString', 'pop', 'slice', 'sort', 'padStart', 'repeat', 'indexOf', 'find', 'toLowerCase', 'trim', 'padEnd', 'reverse', 'some', 'every', 'shift', 'splice', 'localeCompare', 'test', 'delete', 'concat', 'charCodeAt', 'replace', 'keys', 'values', 'entries'],
        ],
        'cpp' => [
            'text' => ['size', 'length', 'substr', 'find', 'empty', 'at', 'push_back', 'begin', 'end', 'back', 'append', 'insert', 'erase', 'c_str', 'clear', 'front', 'pop_back'],
            'list' => ['size', 'push_back', 'begin', 'end', 'empty', 'back', 'pop_back', 'front', 'at', 'insert', 'erase', 'clear', 'resize', 'rbegin', 'rend'],
            'map' => ['count', 'find', 'end', 'begin', 'size', 'at', 'erase', 'insert', 'empty', 'clear'],
            'any' => ['size', 'push_back', 'second', 'begin', 'end', 'first', 'empty', 'length', 'substr', 'find', 'count', 'top', 'push', 'pop', 'front', 'back', 'str', 'insert', 'at', 'what', 'pop_back', 'erase', 'clear', 'append', 'c_str', 'reset', 'get'],
        ],
    ];
    /** What stands in the brackets of these. */
    public const ARGUMENTS = [
        'int' => ['input'], 'float' => ['input'], 'range' => ['len'], 'list' => ['range'], 'print' => ['len', 'str', 'end', 'sep', 'sum', 'max', 'min', 'round', 'int', 'sorted'], 'sorted' => ['key', 'reverse'], 'sort' => ['key', 'reverse'], 'max' => ['key', 'len'], 'min' => ['key', 'len'], 'map' => ['int', 'str', 'float', 'lambda'], 'filter' => ['lambda'], 'defaultdict' => ['list', 'int'], 'round' => ['sum'],
        'Number' => ['prompt'], 'parseInt' => ['prompt'], 'console.log' => ['Math', 'await'], 'Math.floor' => ['Math'], 'stoi' => ['ask'], 'for' => ['int', 'let', 'const', 'auto'],
    ];
    /** What is printed first; how it is printed is said behind it. */
    public const PRINTED = ['len', 'str', 'sum', 'max', 'min', 'round', 'int', 'sorted', 'list', 'input'];
    /** Commands that courses write more than those which stand before them in the catalogue. */
    public const COMMANDS = ['nib.forward', 'nib.right', 'nib.left', 'nib.back', 'nib.ink', 'nib.lift', 'nib.lower', 'nib.width', 'nib.move_to', 'nib.open_shape', 'nib.close_shape', 'nib.dot', 'nib.write'];
    /** Commands that end what another began. */
    public const ENDS = ['nib.close_shape' => 'nib.open_shape', 'nib.lower' => 'nib.lift'];
    /** Methods that change a value and give nothing that is used further. */
    public const CHANGE = [
        'python' => ['append', 'sort', 'remove', 'insert', 'extend', 'reverse', 'clear', 'appendleft', 'add', 'discard', 'update', 'setdefault'],
        'javascript' => ['push', 'forEach', 'splice', 'unshift', 'set', 'delete', 'add', 'clear'],
        'cpp' => ['push_back', 'pop_back', 'insert', 'erase', 'clear', 'resize', 'push', 'pop', 'append', 'reset'],
    ];
    /** Methods that answer yes or no. */
    public const DECIDE = ['isalpha', 'isdigit', 'isupper', 'islower', 'isalnum', 'isspace', 'startswith', 'endswith', 'includes', 'startsWith', 'endsWith', 'has', 'some', 'every', 'test', 'empty'];
    /** The kind of value that a call gives, or that stands there as it is. */
    public const KINDS = [
        '"' => 'text', 'String()' => 'text', 'str()' => 'text', 'string()' => 'text', 'input()' => 'text', 'prompt()' => 'text', 'to_string()' => 'text',
        'toLowerCase()' => 'text', 'toUpperCase()' => 'text', 'trim()' => 'text', 'strip()' => 'text', 'lower()' => 'text', 'upper()' => 'text', 'filter()' => 'list', 'from()' => 'list', 'sort()' => 'list', 'reverse()' => 'list', 'substr()' => 'text', 'padStart()' => 'text', 'repeat()' => 'text', 'join()' => 'text', 'replace()' => 'text',
        '[literal]' => 'list', 'split()' => 'list', 'list()' => 'list', 'sorted()' => 'list', 'keys()' => 'list', 'values()' => 'list', 'map()' => 'list',
    ];
}
