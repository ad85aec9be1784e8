<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

/** What may be written into a blank. */
enum SlotType: string
{
    case Number = 'number';
    case Truth = 'truth';
    /** Any value; words that are no expression are taken as a text. */
    case Any = 'any';
    case Colour = 'colour';
    /** One of a few words that the slot lists. */
    case Choice = 'choice';
    /** Lamps that shine, five rows with `/` between them. */
    case Pattern = 'pattern';
    /** One of the program's own functions, which is called later. */
    case Handler = 'handler';
    case VariableName = 'variable';
    case FunctionName = 'function';
    case NewName = 'new-name';
    case Parameters = 'parameters';
    case Remark = 'remark';

    /** Whether an expression stands in it, not only a name or plain words. */
    public function holdsExpression(): bool
    {
        return match ($this) {
            self::Number, self::Truth, self::Any, self::Colour, self::Choice, self::Pattern, self::Handler => true,
            default => false,
        };
    }
}
