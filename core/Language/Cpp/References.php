<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

use Scrivlet\Core\Tree\Block;
use Scrivlet\Core\Tree\ChangeVariable;
use Scrivlet\Core\Tree\Expression;
use Scrivlet\Core\Tree\Field;
use Scrivlet\Core\Tree\Item;
use Scrivlet\Core\Tree\NumberLiteral;
use Scrivlet\Core\Tree\Operation;
use Scrivlet\Core\Tree\OperationKey;
use Scrivlet\Core\Tree\SetItem;
use Scrivlet\Core\Tree\SetVariable;
use Scrivlet\Core\Tree\Statement;
use Scrivlet\Core\Tree\TextLiteral;
use Scrivlet\Core\Tree\VariableRead;
use Scrivlet\Core\Tree\Walk;

/** `for (int &x : beds) x *= 2;` changes the items themselves, which the other languages reach by their places (C++17, 9.5.4). */
final class References
{
    public static function areChanged(Block $body, string $name): bool
    {
        foreach (Walk::live($body->statements) as $row) {
            if (\in_array($name, $row->assigned(), true) || [] !== array_filter(iterator_to_array(Walk::expressionsOf($row), false), static fn (Expression $part): bool => self::isReadInto($part, $name))) {
                return true;
            }
        }

        return false;
    }

    /** Whether a question for what comes next puts it into a variable. */
    private static function isReadInto(Expression $value, string $name): bool
    {
        $places = match ($value instanceof Operation ? $value->key : null) {
            OperationKey::NextAnswer, OperationKey::NextLine, OperationKey::NextSign => $value->operands(),
            OperationKey::NextOf, OperationKey::LineOf => \array_slice($value->operands(), 1),
            default => [],
        };

        return \in_array(new VariableRead($name), $places, false);
    }

    /** Whether a value says the same place each time that it is asked for. */
    public static function isPlace(Expression $value): bool
    {
        foreach (Walk::expressions($value) as $part) {
            if (!$part instanceof VariableRead && !$part instanceof Item && !$part instanceof Field && !$part instanceof NumberLiteral && !$part instanceof TextLiteral) {
                return false;
            }
        }

        return true;
    }

    /** The rows with the item in place of the name that stands for it. */
    public static function changed(Block $body, string $name, Item|Field $item): Block
    {
        return new Block(array_map(static fn (Statement $row): Statement => Walk::map($row, static fn (Statement $inner): Statement => self::row($inner, $name, $item)), $body->statements));
    }

    private static function row(Statement $row, string $name, Item|Field $item): Statement
    {
        $put = static fn (Expression $part): Expression => $part instanceof VariableRead && $part->name === $name ? $item : $part;
        foreach ($row->blanks() as $blank => $value) {
            $row = $row->withBlank($blank, Walk::mapExpression($value, $put));
        }
        if ($row instanceof SetVariable && $row->variable === $name) {
            return new SetItem($row->id, $item, $row->value, null, $row->off);
        }
        if ($row instanceof ChangeVariable && $row->variable === $name) {
            return new SetItem($row->id, $item, $row->amount, $row->operator, $row->off);
        }

        return $row;
    }
}
