<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

enum SuggestionKind: string
{
    case Keyword = 'keyword';
    /** A construct with all that belongs to it: its colon or braces, and an indented place. */
    case Construct = 'construct';
    case Variable = 'variable';
    case OwnFunction = 'function';
    /** A scene's thing, such as the nib, or a library. */
    case Thing = 'thing';
    case Command = 'command';
    /** What the language brings along. */
    case Library = 'library';
    case Choice = 'choice';
    case Number = 'number';
    case Text = 'text';
}
