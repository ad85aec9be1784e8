<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Lexing;

/** What a piece of text is. */
enum TokenKind: string
{
    case Keyword = 'keyword';
    case Name = 'name';
    case Number = 'number';
    /** A literal text, quotes and prefix included; one that is not closed goes to the end of its line. */
    case Text = 'text';
    /** A literal pattern of JavaScript. */
    case Pattern = 'pattern';
    case Comment = 'comment';
    case Sign = 'sign';
    /** A line for the preprocessor of C++. */
    case Directive = 'directive';
    /** Spaces, tabs, and a line end that is escaped. */
    case Space = 'space';
    case NewLine = 'newline';
    /** What begins nothing in this language. */
    case Unread = 'unread';
}
