<?php

declare(strict_types=1);

namespace Scrivlet\Core\Ladder;

/** What goes wrong in the thought of a program, and not in its spelling. */
enum FaultKind: string
{
    case TurnMore = 'turn_more';
    case TurnLess = 'turn_less';
    case OtherNumber = 'other_number';
    case Swapped = 'swapped';
    case OutOfLoop = 'out_of_loop';
    case IntoLoop = 'into_loop';
    case WrongBound = 'wrong_bound';
    case WrongVariable = 'wrong_variable';
    case LessOrEqual = 'less_or_equal';
    case OtherStart = 'other_start';
    case MissingChange = 'missing_change';
    case MissingRow = 'missing_row';
    case WrongBranch = 'wrong_branch';
    case ArgumentOrder = 'argument_order';
    case NoReturn = 'no_return';
    case OtherSign = 'other_sign';
}
