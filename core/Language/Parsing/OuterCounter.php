<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Parsing;

use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Count;
use Scrivlet\Core\Tree\ForLoop;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * The variable of a `for` that is there before the loop and after it, which is then one step beyond what the last turn had
 * (ECMAScript 2022, 14.7.4; C++17, 9.5.3). A loop that counts to a last value leaves that value.
 */
final class OuterCounter
{
    /**
     * Whether anything sees the value that the variable has behind its loops. A loop that begins with it gives it another one.
     *
     * @param list<Statement> $rows
     */
    public static function isSeen(string $name, array $rows): bool
    {
        foreach ($rows as $row) {
            if ($row instanceof ChangeVariable && $row->variable === $name) {
                return true;
            }
            $isCounted = ($row instanceof ForLoop || $row instanceof Count) && $row->variable === $name;
            foreach ($row->blanks() as $blank => $value) {
                foreach ($isCounted && 'from' !== $blank ? [] : Walk::expressions($value) as $part) {
                    if ($part instanceof VariableRead && $part->name === $name) {
                        return true;
                    }
                }
            }
            foreach ($row->bodies() as $body) {
                if ($isCounted ? self::isKept($name, $body->statements) : self::isSeen($name, $body->statements)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Whether a small function takes the variable along.
     *
     * @param list<Statement> $rows
     */
    private static function isKept(string $name, array $rows): bool
    {
        foreach (Walk::statements($rows) as $row) {
            foreach (Walk::expressionsOf($row) as $part) {
                if ($part instanceof Lambda && array_filter(Walk::expressions($part), static fn ($inner): bool => $inner instanceof VariableRead && $inner->name === $name)) {
                    return true;
                }
            }
        }

        return false;
    }
}
