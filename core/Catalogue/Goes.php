<?php

declare(strict_types=1);

namespace Scrivlet\Core\Catalogue;

/** Where a row may stand; a place on the page says which of these it takes. */
enum Goes: string
{
    /** In every body. */
    case Row = 'row';
    /** Where a loop is around it. */
    case InLoop = 'in-loop';
    /** Where a function is around it. */
    case InFunction = 'in-function';
    case InLoopInFunction = 'in-loop-in-function';
    /** Among the functions, before the script. */
    case Top = 'top';
    /** Among the outermost rows of the script. */
    case InScript = 'in-script';
    /** In the class to which it belongs, and nowhere else. */
    case InClass = 'in-class';
    /** Between the rows of a branch, which it cuts in two. */
    case InBranch = 'in-branch';
    /** Between the rows of the last branch, when there is no otherwise yet. */
    case InLastBranch = 'in-last-branch';

    public static function within(bool $loop, bool $function): self
    {
        return match (true) {
            $loop && $function => self::InLoopInFunction,
            $loop => self::InLoop,
            $function => self::InFunction,
            default => self::Row,
        };
    }
}
