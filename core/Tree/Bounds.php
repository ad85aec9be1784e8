<?php

declare(strict_types=1);

namespace Scrivlet\Core\Tree;

/**
 * How large a program may be: wide enough for any that a person writes. Parsers, edits, the writer and the reader of
 * files all keep to these; what is beyond them in a text is kept as it is, unread, and told as a mistake.
 */
final class Bounds
{
    /** Letters of the name of a variable, a parameter or a function. */
    public const NAME = 200;
    /** Values joined by operators in one expression. */
    public const TERMS = 1_000;
    public const PARAMETERS = 64;
    /** Rows within rows, and brackets within brackets. */
    public const NESTING = 100;
    public const ROWS = 10_000;
    /** Bytes of a text in a language. */
    public const TEXT = 500_000;
    /** Bytes of a file. */
    public const FILE = 4_000_000;
    /** Levels of a file's JSON: rows take three each, values two. */
    public const JSON = 1_024;
    /** Letters of a project's name. */
    public const TITLE = 80;
}
