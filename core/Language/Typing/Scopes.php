<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Typing;

use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Handler;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\Script;
use Scrivlet\Core\Tree\ShareVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/**
 * Whose variable a name is. As in Python: a name that a function gives a value is the function's own, unless it
 * shares the one around it; every other name is that of the function around, or the program's.
 */
final class Scopes
{
    /** The owner of the program's own variables. */
    public const PROGRAM = 0;

    /**
     * @param array<int, array<string, true>> $locals      parameters and own variables by function id
     * @param array<string, true>             $globals     names that the script or a sharing function assigns
     * @param array<string, true>             $reachedInto globals that some function reads or assigns
     * @param list<Statement>                 $around      rows of the script's scope that stand above or below it
     * @param array<int, int>                 $outer       the function around a function, by id
     * @param array<int, array<string, true>> $captured    variables of a function that functions inside of it reach, by its id
     */
    private function __construct(private readonly array $locals, public readonly array $globals, public readonly array $reachedInto, private readonly array $around, private readonly array $outer, private readonly array $captured)
    {
    }

    /** Whether a class has a variable for all its objects: it is declared there, and nowhere else. */
    public static function isOfClass(string $name): bool
    {
        return str_contains($name, '.');
    }

    public static function of(Program $program): self
    {
        $locals = $globals = $reached = [];
        $counted = null;
        foreach ($program->rowsOf($program->script) as $statement) {
            $globals += array_fill_keys($statement->assigned(), true);
            if ($statement instanceof Handler) {
                $reached += self::reachedBy($statement, $counted ??= Counted::in($program->script));
            }
        }
        $outer = $shared = [];
        foreach ($program->definitions() as $function) {
            $around = $program->around($function);
            if ($around instanceof FunctionDefinition) {
                $outer[$function->id] = $around->id;
            }
            $own = array_fill_keys($function->parameters, true);
            foreach ($program->rowsOf($function) as $statement) {
                if ($statement instanceof ShareVariable) {
                    $shared[$function->id][$statement->variable] = true;
                }
            }
            foreach ($program->rowsOf($function) as $statement) {
                foreach ($statement->assigned() as $name) {
                    if (!isset($shared[$function->id][$name]) && !self::isOfClass((string) $name)) {
                        $own[$name] = true;
                    }
                }
            }
            $locals[$function->id] = $own;
        }
        $captured = [];
        foreach ($program->definitions() as $function) {
            foreach ($program->rowsOf($function) as $statement) {
                foreach (self::mentionedByItself($statement) as $name => $_) {
                    $owner = self::ownerIn($locals, $outer, $function->id, (string) $name);
                    if (self::PROGRAM === $owner) {
                        $reached[$name] = true;
                    } elseif ($owner !== $function->id) {
                        $captured[$owner][$name] = true;
                    }
                }
                foreach ($statement->assigned() as $name) {
                    if (self::PROGRAM === self::ownerIn($locals, $outer, $function->id, $name)) {
                        $globals[$name] = true;
                    }
                }
            }
        }

        return new self($locals, $globals, array_intersect_key($globals, $reached), [...$program->functions, ...$program->below], $outer, $captured);
    }

    /**
     * The variables that a handler shares with the rest: it runs later, when what stands around it has ended.
     *
     * @return array<string, true>
     */
    private static function reachedBy(Handler $handler, Counted $counted): array
    {
        $names = [];
        foreach (Walk::live($handler->body->statements) as $row) {
            $names += self::mentionedByItself($row);
        }

        return array_filter($names, static fn (string|int $name): bool => !$counted->isPrivate((string) $name), \ARRAY_FILTER_USE_KEY);
    }

    /** @return int the function's id, or PROGRAM */
    public function owner(FunctionDefinition|Script $part, string $name): int
    {
        return self::ownerIn($this->locals, $this->outer, $part->id, $name);
    }

    /**
     * @param array<int, array<string, true>> $locals
     * @param array<int, int>                 $outer
     */
    private static function ownerIn(array $locals, array $outer, ?int $part, string $name): int
    {
        for (; null !== $part; $part = $outer[$part] ?? null) {
            if (isset($locals[$part][$name])) {
                return $part;
            }
        }

        return self::PROGRAM;
    }

    /** Whether functions reach for a variable that are not its own part: those of the program, or those inside of its function. */
    public function isReachedInto(FunctionDefinition|Script $part, string $name): bool
    {
        $owner = $this->owner($part, $name);

        return self::PROGRAM === $owner ? isset($this->reachedInto[$name]) : isset($this->captured[$owner][$name]);
    }

    /** Whether some variable of this name can be changed by a function that is called. */
    public function isReachedByAny(string $name): bool
    {
        return isset($this->reachedInto[$name]) || [] !== array_filter($this->captured, static fn (array $names): bool => isset($names[$name]));
    }

    /**
     * The names a part gives a value itself, parameters left out.
     *
     * @return list<string>
     */
    public function ownVariables(FunctionDefinition|Script $part): array
    {
        if ($part instanceof Script) {
            return array_map(strval(...), array_keys($this->globals));
        }

        return array_values(array_diff(array_map(strval(...), array_keys($this->locals[$part->id] ?? [])), $part->parameters));
    }

    /** @return list<string> the names that stand in a row or below it, where it is live */
    public static function mentioned(Statement $statement): array
    {
        $names = [];
        foreach (Walk::live([$statement]) as $inner) {
            $names += self::mentionedByItself($inner);
        }

        return array_map(strval(...), array_keys($names));
    }

    /** @return array<string, true> */
    public static function mentionedByItself(Statement $statement): array
    {
        $names = [];
        foreach ($statement->assigned() as $name) {
            $names[$name] = true;
        }
        foreach (Walk::expressionsOf($statement) as $expression) {
            if ($expression instanceof VariableRead) {
                $names[$expression->name] = true;
            }
        }

        return $names;
    }

    /** @return array<string, true> the names that stand in a function, those inside of it included */
    public static function mentionedInside(FunctionDefinition $function): array
    {
        $names = [];
        foreach (Walk::live($function->body->statements) as $row) {
            $names += self::mentionedByItself($row) + ($row instanceof FunctionDefinition ? self::mentionedInside($row) : []);
        }

        return $names;
    }

    /** Whether a row or one below it gives the name a value; a count counts as one. */
    public static function assignsWithin(Statement $statement, string $name): bool
    {
        foreach (Walk::live([$statement]) as $inner) {
            if (\in_array($name, $inner->assigned(), true)) {
                return true;
            }
            foreach ($inner instanceof FunctionDefinition && $inner !== $statement ? $inner->body->statements : [] as $row) {
                if (self::assignsWithin($row, $name)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether a count's variable lives in its loop alone, so that the loop's header can declare it. */
    public function countsPrivately(FunctionDefinition|Script $part, string $name): bool
    {
        return (self::PROGRAM !== $this->owner($part, $name) || $part instanceof Script)
            && !isset($this->reachedInto[$name])
            && !($part instanceof FunctionDefinition && \in_array($name, $part->parameters, true))
            && $this->onlyInCounts($part, $name);
    }

    private function onlyInCounts(FunctionDefinition|Script $part, string $name): bool
    {
        if ($part instanceof Script && null === $this->mentionedAround) {
            $this->mentionedAround = [];
            foreach ($this->around as $statement) {
                $this->mentionedAround += self::mentionedByItself($statement);
            }
        }
        if ($part instanceof Script && isset($this->mentionedAround[$name])) {
            return false;
        }

        return ($this->counted[$part->id] ??= Counted::in($part))->isPrivate($name);
    }

    /** @var array<string, true>|null */
    private ?array $mentionedAround = null;
    /** @var array<int, Counted> by the id of the part */
    private array $counted = [];
}
