<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Tree\ClassDefinition;

/** What Python calls the methods that it calls itself (The Python Language Reference, 3.3), and the kinds of values. */
final class PythonNames
{
    /** Libraries that come with Python and mean nothing here yet. */
    public const LIBRARIES = ['abc', 'array', 'bisect', 'calendar', 'collections', 'contextlib', 'copy', 'csv', 'datetime', 'decimal', 'enum', 'fractions', 'functools', 'heapq', 'io', 'itertools', 'json', 'logging', 'operator', 'os', 'pathlib', 'pprint', 're', 'sqlite3', 'statistics', 'string', 'struct', 'subprocess', 'sys', 'textwrap', 'threading', 'timeit', 'tkinter', 'types', 'typing', 'unittest', 'urllib', 'uuid'];

    /** What `@` asks of an object. */
    public const OF_MATRICES = '__matmul__';

    public const METHODS = [
        '__init__' => ClassDefinition::MAKES, '__str__' => ClassDefinition::SHOWS, '__repr__' => ClassDefinition::FORM, '__eq__' => '@equal', '__len__' => '@length',
        '__add__' => '@add', '__sub__' => '@subtract', '__mul__' => '@multiply', '__lt__' => '@less',
        '__truediv__' => '@divide', '__floordiv__' => '@floor_divide', '__mod__' => '@floor_remainder', '__pow__' => '@power', '__neg__' => '@negate', '__abs__' => '@absolute', '__radd__' => '@added_to', '__rmul__' => '@multiplied_by',
        '__le__' => '@less_or_equal', '__gt__' => '@greater', '__ge__' => '@greater_or_equal', '__iter__' => '@iter', '__next__' => '@next', '__contains__' => '@contains', '__getitem__' => '@item', '__setitem__' => '@put_item', '__bool__' => '@truth', '__call__' => '@called', '__hash__' => '@hash', '__enter__' => ClassDefinition::ENTERS, '__exit__' => ClassDefinition::EXITS, '__post_init__' => ClassDefinition::READIES,
    ];
    public const KINDS = ['int' => '@whole', 'float' => '@number', 'str' => '@text', 'bool' => '@truth', 'list' => '@list', 'tuple' => '@tuple', 'set' => '@set', 'dict' => '@map'];
}
