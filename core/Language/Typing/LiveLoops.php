<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

use Scrivlet\Core\Catalogue\ValueOperations;
use Scrivlet\Core\Tree\BreakLoop;
use Scrivlet\Core\Tree\Command;
use Scrivlet\Core\Tree\EachLoop;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\GiveBack;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\MethodCall;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OwnCall;
use Scrivlet\Core\Tree\OwnValue;
use Scrivlet\Core\Tree\Perform;
use Scrivlet\Core\Tree\Raise;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetSeveral;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** Loops whose rows may change what they go over. */
final class LiveLoops
{
    /** What shows something as it is when its turn comes; keys may be a list of their own, `list(beds)`. */
    private const PARTS = ['numbered', 'values', 'entries'];

    /**
     * What is gone over, and what of it the loop gets.
     *
     * @return array{Expression, ''|'rows'|'numbered'|'values'|'entries'}|null null where nothing else can reach it, or nothing changes it
     */
    public static function of(EachLoop $loop): ?array
    {
        $over = $loop->over;
        $as = 1 === \count($loop->variables) ? '' : 'rows';
        if ($over instanceof Operation && 1 === \count($over->arguments)) {
            foreach (self::PARTS as $part) {
                if ($part === $over->key->value) {
                    [$as, $over] = [$part, $over->arguments[0]];
                    break;
                }
            }
        }
        $isPlace = $over instanceof VariableRead || $over instanceof Item || $over instanceof Field;

        return $isPlace && self::changesAny($loop) ? [$over, $as] : null;
    }

    /** Whether the rows of a loop change the list that it goes over, by its own name. */
    public static function changesItself(EachLoop $loop): bool
    {
        $over = self::of($loop)[0] ?? null;
        if (null === $over) {
            return false;
        }
        foreach (Walk::statements($loop->body->statements) as $row) {
            foreach (Walk::expressionsOf($row) as $part) {
                if ($part instanceof Operation && true === ValueOperations::find($part->key)?->hasEffect() && ($part->arguments[0] ?? null) == $over) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether a loop may be left before its end. */
    public static function isLeft(EachLoop $loop): bool
    {
        return [] !== array_filter(Walk::statements($loop->body->statements), static fn (Statement $row): bool => $row instanceof BreakLoop || $row instanceof GiveBack || $row instanceof Raise);
    }

    /** Whether anything in the rows of a loop changes a list, or may do so. */
    private static function changesAny(EachLoop $loop): bool
    {
        foreach (Walk::statements($loop->body->statements) as $row) {
            if ($row instanceof SetItem || $row instanceof SetSeveral || $row instanceof Perform || $row instanceof OwnCall || self::isInParts($row)) {
                return true;
            }
        }

        return false;
    }

    private static function isInParts(Statement $row): bool
    {
        foreach ($row instanceof Command ? [] : Walk::expressionsOf($row) as $part) {
            if ($part instanceof OwnValue || $part instanceof MethodCall || $part instanceof MakeObject || $part instanceof Operation && true === ValueOperations::find($part->key)?->hasEffect()) {
                return true;
            }
        }

        return false;
    }
}
