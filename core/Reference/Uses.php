<?php

declare(strict_types=1);

namespace Scrivlet\Core\Reference;

use Scrivlet\Core\Catalogue\Catalogue;
use Scrivlet\Core\Tree\Attempt;
use Scrivlet\Core\Tree\Binary;
use Scrivlet\Core\Tree\Choice;
use Scrivlet\Core\Tree\Claim;
use Scrivlet\Core\Tree\ClassDefinition;
use Scrivlet\Core\Tree\CommandValue;
use Scrivlet\Core\Tree\Conditional;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\FieldDeclaration;
use Scrivlet\Core\Tree\FunctionDefinition;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\ListLiteral;
use Scrivlet\Core\Tree\MapLiteral;
use Scrivlet\Core\Tree\NothingLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\Program;
use Scrivlet\Core\Tree\RandomWhole;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\Slice;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TruthLiteral;
use Scrivlet\Core\Tree\Unary;
use Scrivlet\Core\Tree\Walk;

/** Which entries of the catalogue stand in a program; an operation on values is `operation.` and its key. */
final class Uses
{
    /** @return list<string> each once, in the order of the page */
    public static function in(Program $program): array
    {
        $found = [];
        foreach ($program->parts() as $part) {
            foreach (Walk::statements([$part]) as $row) {
                foreach (self::ofRow($row) as $key) {
                    $found[$key] = true;
                }
            }
        }

        return array_keys($found);
    }

    /** @return list<string> of a row and of what stands in its blanks, without the rows it holds */
    public static function ofRow(Statement $row): array
    {
        $keys = [$row instanceof FunctionDefinition || $row instanceof SetItem || $row instanceof Claim || $row instanceof ClassDefinition || $row instanceof FieldDeclaration ? $row->phrase() : $row->entry()];
        if ($row instanceof Conditional) {
            $keys = ['if', ...(\count($row->branches) > 1 ? ['else_if'] : []), ...(null !== $row->otherwise ? ['otherwise'] : [])];
        }
        if ($row instanceof Attempt) {
            foreach ($row->rescues as $rescue) {
                $keys[] = $rescue->entry();
            }
            array_push($keys, ...(null === $row->otherwise ? [] : ['unfailed']), ...(null === $row->finally ? [] : ['finally']));
        }
        foreach (Walk::expressionsOf($row) as $expression) {
            $key = self::ofValue($expression);
            if (null !== $key) {
                $keys[] = $key;
            }
        }

        return array_values(array_filter($keys, static fn (string $key): bool => str_starts_with($key, 'operation.') || null !== Catalogue::find($key)));
    }

    public static function ofValue(Expression $expression): ?string
    {
        return match (true) {
            $expression instanceof CommandValue => $expression->command,
            $expression instanceof Operation => "operation.{$expression->key->value}",
            $expression instanceof Binary, $expression instanceof Unary => $expression->operator->value,
            $expression instanceof TruthLiteral => $expression->value ? 'true' : 'false',
            $expression instanceof NothingLiteral => 'nothing',
            $expression instanceof ListLiteral => 'list',
            $expression instanceof MapLiteral => 'map',
            $expression instanceof Item => 'item',
            $expression instanceof Slice => 'slice',
            $expression instanceof Choice => 'choice',
            $expression instanceof RandomWhole => 'random',
            default => null,
        };
    }
}
