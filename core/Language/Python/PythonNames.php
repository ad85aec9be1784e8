<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Python;

use Scrivlet\Core\Tree\ClassDefinition;

/** What Python calls the methods that it calls itself (The Python Language Reference, 3.3), and the kinds of values. */
final class PythonNames
{
    /** Libraries that come with Python, most of which mean nothing here yet (The Python Standard Library, Python Module Index). */
    public const LIBRARIES = ['abc', 'aifc', 'argparse', 'array', 'ast', 'asynchat', 'asyncio', 'asyncore', 'atexit', 'audioop', 'base64', 'bdb', 'binascii', 'bisect', 'builtins', 'bz2', 'cProfile', 'calendar', 'cgi', 'cgitb', 'chunk', 'cmath', 'cmd', 'code', 'codecs', 'codeop', 'collections', 'colorsys', 'compileall', 'concurrent', 'configparser', 'contextlib', 'contextvars', 'copy', 'copyreg', 'crypt', 'csv', 'ctypes', 'curses', 'dataclasses', 'datetime', 'dbm', 'decimal', 'difflib', 'dis', 'distutils', 'doctest', 'email', 'encodings', 'ensurepip', 'enum', 'errno', 'faulthandler', 'fcntl', 'filecmp', 'fileinput', 'fnmatch', 'fractions', 'ftplib', 'functools', 'gc', 'genericpath', 'getopt', 'getpass', 'gettext', 'glob', 'graphlib', 'grp', 'gzip', 'hashlib', 'heapq', 'hmac', 'html', 'http', 'imaplib', 'imghdr', 'imp', 'importlib', 'inspect', 'io', 'ipaddress', 'itertools', 'json', 'keyword', 'linecache', 'locale', 'logging', 'lzma', 'mailbox', 'mailcap', 'marshal', 'math', 'mimetypes', 'mmap', 'modulefinder', 'multiprocessing', 'netrc', 'nis', 'nntplib', 'ntpath', 'nturl2path', 'numbers', 'opcode', 'operator', 'optparse', 'os', 'ossaudiodev', 'pathlib', 'pdb', 'pickle', 'pickletools', 'pipes', 'pkgutil', 'platform', 'plistlib', 'poplib', 'posix', 'posixpath', 'pprint', 'profile', 'pstats', 'pty', 'pwd', 'py_compile', 'pyclbr', 'pydoc', 'pydoc_data', 'pyexpat', 'queue', 'quopri', 'random', 're', 'readline', 'reprlib', 'resource', 'rlcompleter', 'runpy', 'sched', 'secrets', 'select', 'selectors', 'shelve', 'shlex', 'shutil', 'signal', 'site', 'smtpd', 'smtplib', 'sndhdr', 'socket', 'socketserver', 'spwd', 'sqlite3', 'sre_compile', 'sre_constants', 'sre_parse', 'ssl', 'stat', 'statistics', 'string', 'stringprep', 'struct', 'subprocess', 'sunau', 'symtable', 'sys', 'sysconfig', 'syslog', 'tabnanny', 'tarfile', 'telnetlib', 'tempfile', 'termios', 'textwrap', 'threading', 'time', 'timeit', 'tkinter', 'token', 'tokenize', 'tomllib', 'trace', 'traceback', 'tracemalloc', 'tty', 'turtle', 'types', 'typing', 'unicodedata', 'unittest', 'urllib', 'uu', 'uuid', 'venv', 'warnings', 'wave', 'weakref', 'webbrowser', 'wsgiref', 'xdrlib', 'xml', 'xmlrpc', 'zipapp', 'zipfile', 'zipimport', 'zlib', 'zoneinfo'];

    /** What `@` asks of an object. */
    public const OF_MATRICES = '__matmul__';

    public const METHODS = [
        '__init__' => ClassDefinition::MAKES, '__str__' => ClassDefinition::SHOWS, '__repr__' => ClassDefinition::FORM, '__eq__' => '@equal', '__len__' => '@length',
        '__add__' => '@add', '__sub__' => '@subtract', '__mul__' => '@multiply', '__lt__' => '@less',
        '__truediv__' => '@divide', '__floordiv__' => '@floor_divide', '__mod__' => '@floor_remainder', '__pow__' => '@power', '__neg__' => '@negate', '__abs__' => '@absolute', '__radd__' => '@added_to', '__rmul__' => '@multiplied_by', '__rsub__' => '@subtracted_from', '__rtruediv__' => '@divided_into', '__float__' => '@number', '__int__' => '@whole', '__delitem__' => '@forget',
        '__le__' => '@less_or_equal', '__gt__' => '@greater', '__ge__' => '@greater_or_equal', '__iter__' => '@iter', '__next__' => '@next', '__contains__' => '@contains', '__getitem__' => '@item', '__setitem__' => '@put_item', '__bool__' => '@truth', '__call__' => '@called', '__hash__' => '@hash', '__enter__' => ClassDefinition::ENTERS, '__exit__' => ClassDefinition::EXITS, '__post_init__' => ClassDefinition::READIES,
    ];
    public const KINDS = ['int' => '@whole', 'float' => '@number', 'str' => '@text', 'bool' => '@truth', 'list' => '@list', 'tuple' => '@tuple', 'set' => '@set', 'dict' => '@map'];
}
