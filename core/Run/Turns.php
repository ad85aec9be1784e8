<?php

declare(strict_types=1);

namespace Scrivlet\Core\Run;

use Scrivlet\Core\Language\Typing\Scopes;
use Scrivlet\Core\Tree\Collected;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Lambda;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * The variables that belong to one turn of a loop of JavaScript: each turn has its own, which the functions made in it
 * go on seeing (ECMA-262, 14.7.4.4). They are those that a function in the loop sees and that nothing else needs: what
 * stands outside of the loop does not mention them, or begins with giving them a value in a loop of its own.
 */
final readonly class Turns
{
    public function __construct(private Scopes $scopes)
    {
    }

    /**
     * @param list<Statement> $part the rows of the function or script that the loop stands in
     *
     * @return list<string>
     */
    public function variables(Statement $loop, array $part): array
    {
        $seen = $this->seenIn($loop);
        if ([] === $seen) {
            return [];
        }

        return array_map(strval(...), array_keys(array_diff_key($seen, $this->mentionedAround($loop, $part))));
    }

    /** @return array<string, true> */
    private function seenIn(Statement $loop): array
    {
        $seen = [];
        foreach (Walk::live([$loop]) as $row) {
            $seen += $row instanceof FunctionDefinition ? $this->mentionedBy($row) : [];
            foreach (Walk::expressionsOf($row) as $expression) {
                $seen += $expression instanceof Lambda ? self::seenBy($expression) : [];
            }
        }

        return $seen;
    }

    /** @return array<string, true> the variables in a value, the parameters of functions in it left out */
    private static function seenBy(Expression $value): array
    {
        if ($value instanceof VariableRead) {
            return [$value->name => true];
        }
        $names = [];
        foreach ($value->operands() as $operand) {
            $names += self::seenBy($operand);
        }

        return match (true) {
            $value instanceof Lambda => array_diff_key($names, array_fill_keys($value->parameters, true)),
            $value instanceof Collected => array_diff_key($names, [$value->variable => true]),
            default => $names,
        };
    }

    /**
     * @param list<Statement> $rows
     *
     * @return array<string, true>
     */
    private function mentionedAround(Statement $loop, array $rows): array
    {
        $names = [];
        foreach ($rows as $row) {
            if ($row->off || $row === $loop) {
                continue;
            }
            $within = $row instanceof FunctionDefinition ? $this->mentionedBy($row) : [];
            foreach ($row instanceof FunctionDefinition ? [] : $row->bodies() as $body) {
                $within += $this->mentionedAround($loop, $body->statements);
            }
            $within += array_fill_keys($row->assigned(), true) + self::askedBy($row);
            $isElsewhere = $row->isLoop() && !\in_array($loop, Walk::live([$row]), true);
            $names += $isElsewhere ? array_diff_key($within, self::ownOf($row)) : $within;
        }

        return $names;
    }

    /** @return array<string, true> what a function mentions and is not its own */
    private function mentionedBy(FunctionDefinition $function): array
    {
        $names = array_fill_keys($function->parameters, true);
        foreach (Walk::live($function->body->statements) as $row) {
            $names += array_fill_keys($row->assigned(), true) + self::askedBy($row) + ($row instanceof FunctionDefinition ? $this->mentionedBy($row) : []);
        }

        return array_filter($names, fn (int|string $name): bool => $this->scopes->owner($function, (string) $name) !== $function->id, \ARRAY_FILTER_USE_KEY);
    }

    /** @return array<string, true> names that a loop gives a value before it asks for it */
    private static function ownOf(Statement $loop): array
    {
        $own = array_fill_keys($loop->assigned(), true);
        $asked = self::askedBy($loop);
        foreach ($loop->bodies() as $body) {
            foreach ($body->statements as $row) {
                $given = array_fill_keys($row->assigned(), true);
                $own += array_diff_key($given, $asked, self::askedBy($row));
                $asked += array_fill_keys(Scopes::mentioned($row), true);
            }
        }

        return $own;
    }

    /** @return array<string, true> */
    private static function askedBy(Statement $row): array
    {
        $asked = [];
        foreach ($row->blanks() as $blank) {
            $asked += self::seenBy($blank);
        }

        return $asked;
    }
}
