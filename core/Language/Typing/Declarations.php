<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

use Scrivlet\Core\Tree\Declaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Where a language with block scope declares each variable of a part: at the row that first gives it a value when
 * that row stands before and around all others that use it, otherwise in a line before the first of them.
 */
final class Declarations
{
    /** @var array<int, true> rows that set a variable and declare it */
    private array $at = [];
    /** @var array<int, list<string>> variables to declare before a row */
    private array $before = [];
    /** @var array<string, true> variables that a count's header declares */
    private array $inHeader = [];
    /** @var array<int, array<string, true>> the names that the text of a row declares, by the row's id */
    private array $typed = [];
    /** @var array<string, true> variables of which the typed text of rows says where they are declared */
    private array $byText = [];
    /** @var array<string, array<string, array<int, Statement>>> the rows of each body in which a name stands, or below them, by name, body and the row's id */
    private array $mentions = [];
    /** @var array<string, int> how many rows give each variable a value */
    private array $assignments = [];

    /**
     * @param array<string, true>             $elsewhere variables that are declared outside of the part
     * @param list<Statement>                 $above     rows of the part that stand above its body
     * @param array<int, array<string, true>> $typed     the names that the text of a row declares, by the row's id
     */
    public function __construct(private readonly FunctionDefinition|Script $part, Scopes $scopes, array $elsewhere, array $above = [], array $typed = [])
    {
        foreach (Walk::live([...$above, ...$part->body->statements]) as $statement) {
            if (isset($typed[$statement->id])) {
                $this->byText += $this->typed[$statement->id] = $typed[$statement->id];
            }
            foreach ($statement->assigned() as $name) {
                $this->assignments[$name] = ($this->assignments[$name] ?? 0) + 1;
            }
        }
        foreach ($part instanceof FunctionDefinition ? self::inside($part) : [] as $function) {
            foreach (Walk::live($function->body->statements) as $statement) {
                foreach ($statement->assigned() as $name) {
                    if ($scopes->owner($function, $name) === $part->id) {
                        $this->assignments[$name] = ($this->assignments[$name] ?? 0) + 1;
                    }
                }
            }
        }
        $this->index([...$above, ...$part->body->statements], '', []);
        foreach ($scopes->ownVariables($part) as $name) {
            if (Scopes::isOfClass($name)) {
                continue;
            }
            if ($scopes->countsPrivately($part, $name)) {
                $this->inHeader[$name] = true;
            } elseif (!isset($this->byText[$name]) && isset($this->assignments[$name]) && !isset($elsewhere[$name])) {
                $this->declare($name, $part instanceof Script && isset($scopes->reachedInto[$name]));
            }
        }
    }

    /** @return list<FunctionDefinition> */
    private static function inside(FunctionDefinition $function): array
    {
        $all = [];
        foreach (Walk::live($function->body->statements) as $row) {
            if ($row instanceof FunctionDefinition) {
                array_push($all, $row, ...self::inside($row));
            }
        }

        return $all;
    }

    public function isAt(Statement $statement): bool
    {
        return isset($this->at[$statement->id]) || isset($this->typed[$statement->id]);
    }

    /** @return list<string> */
    public function before(Statement $statement): array
    {
        return $this->before[$statement->id] ?? [];
    }

    /** @param int|null $row of the header, where it may have been typed */
    public function isInHeader(string $variable, ?int $row = null): bool
    {
        return isset($this->inHeader[$variable]) || isset($this->typed[$row ?? 0][$variable]);
    }

    public function isAssignedOnce(string $variable): bool
    {
        return 1 === ($this->assignments[$variable] ?? 0);
    }

    /** @param bool $outermost functions reach for it, so that it has to stand in the part's own body */
    private function declare(string $name, bool $outermost): void
    {
        $place = $this->place('', $name, $outermost);
        if (null === $place) {
            return;
        }
        [$statement, $atStatement] = $place;
        if ($atStatement) {
            $this->at[$statement->id] = true;
        } else {
            $this->before[$statement->id][] = $name;
        }
    }

    /**
     * Notes each name at the row in which it stands, and at those around that one.
     *
     * @param array<int|string, Statement> $statements
     * @param array<string, Statement>     $around     the rows around, by the body in which each stands
     */
    private function index(array $statements, string $body, array $around): void
    {
        foreach ($statements as $statement) {
            if ($statement->off) {
                continue;
            }
            $path = [...$around, $body => $statement];
            $isInside = $statement instanceof FunctionDefinition && $this->part instanceof FunctionDefinition;
            foreach (Scopes::mentionedByItself($statement) + ($isInside ? Scopes::mentionedInside($statement) : []) as $name => $_) {
                foreach ($path as $at => $row) {
                    $this->mentions[$name][$at][$row->id] = $row;
                }
            }
            foreach ($statement instanceof FunctionDefinition ? [] : $statement->bodies() as $part => $inner) {
                $this->index($inner->statements, "$statement->id:$part", $path);
            }
        }
    }

    /** @return array{Statement, bool}|null the row, and whether it declares the variable itself */
    private function place(string $at, string $name, bool $outermost): ?array
    {
        $mentions = array_values($this->mentions[$name][$at] ?? []);
        if ([] === $mentions) {
            return null;
        }
        $first = $mentions[0];
        if ($first instanceof Declaration) {
            return [$first, true];
        }
        if ($first instanceof SetVariable && $first->variable === $name && !self::reads($first, $name)) {
            return [$first, true];
        }
        if ($outermost || 1 < \count($mentions) || isset(Scopes::mentionedByItself($first)[$name])) {
            return [$first, false];
        }
        $inner = [];
        foreach (array_keys($first->bodies()) as $part) {
            $place = $this->place("$first->id:$part", $name, false);
            if (null !== $place) {
                $inner[] = $place;
            }
        }
        // Declared inside a loop's body a variable is new in each turn, so only a row that sets it may declare it there.
        if (1 === \count($inner) && ($inner[0][1] || !$first->isLoop())) {
            return $inner[0];
        }

        return [$first, false];
    }

    private static function reads(SetVariable $statement, string $name): bool
    {
        foreach (Walk::expressionsOf($statement) as $expression) {
            if ($expression instanceof VariableRead && $expression->name === $name) {
                return true;
            }
        }

        return false;
    }
}
