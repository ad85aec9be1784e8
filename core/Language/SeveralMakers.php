<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language;

use Scrivlet\Core\Language\Typing\Classes;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\Comment;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\MakeObject;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;

/**
 * Classes whose objects are made in several ways, of which one wants nothing: elsewhere than in C++ that one is run first for all
 * of them, so that nothing of it may be left to see.
 */
final class SeveralMakers
{
    /** The name of a class of which something would be left to see; null if there is none. */
    public static function leaveToSee(Program $program): ?string
    {
        $classes = new Classes($program);
        foreach ($program->definitions() as $function) {
            $class = $function->class();
            $first = $function->body->statements[0] ?? null;
            if ('' === $class || !$function->isShared() || !ClassDefinition::isMaker($class, $function->name) || !$first instanceof SetVariable || !$first->value instanceof MakeObject || [] !== $first->value->arguments) {
                continue;
            }
            $maker = $classes->method($class, ClassDefinition::MAKES);
            if (null !== $maker && (1 < \count($maker->parameters) || null === ($left = self::fieldsGiven($maker)) || [] !== array_diff($left, self::given($function->body->statements)))) {
                return $class;
            }
        }

        return null;
    }

    /** @return list<string>|null the fields that get a value in a maker; null if it does something else */
    private static function fieldsGiven(FunctionDefinition $maker): ?array
    {
        $rows = array_filter($maker->body->statements, static fn (Statement $row): bool => !$row instanceof Comment && !$row->off);
        $given = self::given($rows);

        return \count($given) === \count($rows) ? $given : null;
    }

    /**
     * @param array<Statement> $rows
     *
     * @return list<string>
     */
    private static function given(array $rows): array
    {
        $given = [];
        foreach ($rows as $row) {
            if ($row instanceof SetItem && $row->target instanceof Field && null === $row->operator && !$row->off) {
                $given[] = $row->target->name;
            }
        }

        return $given;
    }
}
