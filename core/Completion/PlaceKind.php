<?php

declare(strict_types=1);

namespace Scrivlet\Core\Completion;

enum PlaceKind
{
    /** A row may begin here. */
    case Statement;
    case Expression;
    /** Behind a point. */
    case Member;
    /** Between quotes. */
    case InText;
    /** A name that the program makes up. */
    case NewName;
    /** A library, or a name of one. */
    case Import;
    /** In a number or a remark. */
    case Nowhere;
}
